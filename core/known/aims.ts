import type { AimId } from '../brief/aims';
import type { KnownFor } from './organs';

/** What a practitioner names for an aim, and what has no place in a practice for it. */
export interface KnownForAim extends KnownFor {
  readonly never: readonly string[];
}

/** Common practice throughout. */
// prettier-ignore
export const KNOWN_FOR_AIMS: Readonly<Record<AimId, KnownForAim>> = {
  sleep: {
    source: 'common-practice',
    named: ['rolling-the-soles', 'sole-gate-breathing', 'sound-triple-burner', 'belly-breathing', 'arrive-walk-down', 'storing-still', 'three-sinks', 'deep-water-breathing'],
    accepted: ['neck-washing', 'combing-the-head', 'face-washing', 'resting-the-eyes', 'smoothing-the-chest', 'pressing-the-palm-centre', 'rocking-bamboo', 'rise-and-sink', 'hold-floating', 'sit-embrace', 'hold-embrace-belly', 'arrive-hands-to-heart', 'heart-lamp-breathing', 'three-centre-wash', 'belly-rubbing'],
    never: ['shaking', 'bouncing', 'shaking-limbs', 'swing-and-knock', 'swing-knock-ribs', 'swing-knock-shoulders', 'heel-drops', 'tap-kidneys', 'tap-head', 'tap-chest', 'wake-teeth', 'wake-ears', 'wake-round-rubbing', 'animal-tiger-pounce', 'animal-deer-run', 'brocade-clench-fists', 'hold-horse', 'heron-walks', 'heel-pushes'],
  },
  calm: {
    source: 'common-practice',
    named: ['rise-and-sink', 'open-and-close', 'three-centre-wash', 'arrive-hands-to-heart', 'hold-embrace-chest', 'heart-lamp-breathing'],
    accepted: ['cloud-hands', 'opening-the-chest', 'mist-over-the-lake', 'hold-embrace-belly', 'hold-floating', 'belly-breathing', 'sound-heart', 'sound-triple-burner', 'smoothing-the-chest', 'gentle-sway', 'trace-heart-small-intestine', 'growing-ball', 'rocking-bamboo', 'arrive-quiet-smile', 'lifting-the-lake'],
    never: ['tap-kidneys', 'bouncing', 'animal-tiger-pounce', 'brocade-clench-fists'],
  },
  energy: {
    source: 'common-practice',
    named: ['shaking', 'brocade-hold-up-the-sky', 'brocade-draw-the-bow', 'brocade-clench-fists', 'wake-round-rubbing', 'warming-the-kidneys', 'tap-kidneys', 'brocade-hands-to-feet', 'heel-drops'],
    accepted: ['heel-sink', 'bouncing', 'swing-and-knock', 'tap-arms', 'tap-legs', 'tap-chest', 'wake-ears', 'wake-teeth', 'pushing-waves', 'push-and-draw', 'spinal-wave', 'phase-wood-sapling', 'phase-water-well', 'phase-earth-turning-ground', 'brocade-part-heaven-and-earth', 'drawing-up-the-spring', 'belly-breathing'],
    never: [],
  },
  back: {
    source: 'common-practice',
    named: ['loosen-hips', 'spinal-wave', 'spine-bellows', 'warming-the-kidneys', 'deep-water-breathing', 'life-gate-breathing', 'brocade-look-back', 'gentle-look-back'],
    accepted: ['cloud-hands', 'loosen-side-bend', 'loosen-waist', 'hanging-fold', 'bow-from-the-hips', 'tap-kidneys', 'tap-sacrum', 'trace-kidney-bladder', 'sound-kidney', 'gentle-hands-to-feet', 'brocade-hands-to-feet', 'sweeping-across', 'phase-water-well', 'hold-embrace-belly', 'tap-legs-back', 'drawing-up-the-spring'],
    never: ['twist-to-the-heel', 'figure-eight-hang', 'heel-drops'],
  },
  breath: {
    source: 'common-practice',
    named: ['opening-the-chest', 'parting-clouds', 'loosen-shoulder-blades', 'crescent-moon', 'flank-breathing', 'belly-breathing', 'brocade-draw-the-bow', 'gentle-draw-the-bow', 'sound-lung'],
    accepted: ['mist-over-the-lake', 'hold-embrace-chest', 'open-and-close', 'loosen-side-bend', 'skin-breathing', 'nostril-to-belly', 'push-and-draw', 'trace-lung-large-intestine', 'tap-chest', 'tap-arms', 'phase-metal-autumn-air', 'deep-water-breathing', 'smoothing-the-chest', 'animal-bird'],
    never: [],
  },
  digestion: {
    source: 'common-practice',
    named: ['belly-rubbing', 'brocade-part-heaven-and-earth', 'gentle-part-heaven-and-earth', 'turning-the-millstone', 'rubbing-three-miles', 'loosen-waist'],
    accepted: ['phase-earth-turning-ground', 'wave-earth', 'middle-room-breathing', 'belly-harvest', 'tap-belly', 'sound-spleen', 'girdle-breathing', 'trace-spleen-stomach', 'tap-legs-front', 'wiping-the-ribs', 'sound-liver', 'animal-bear', 'wheel', 'sit-embrace', 'pushing-waves'],
    never: ['hanging-fold', 'figure-eight-hang'],
  },
  focus: {
    source: 'common-practice',
    named: ['hold-embrace-belly', 'hold-embrace-chest', 'hold-three-circles', 'brocade-part-heaven-and-earth', 'crane-stands', 'hold-one-hand-guards'],
    accepted: ['ball-of-qi', 'growing-ball', 'resting-the-eyes', 'heron-walks', 'gentle-part-heaven-and-earth', 'sit-embrace', 'heart-lamp-breathing', 'combing-the-head', 'tap-head', 'turning-the-millstone', 'gentle-heels', 'sound-spleen', 'sound-heart', 'belly-breathing'],
    never: [],
  },
  joints: {
    source: 'common-practice',
    named: ['loosen-ankles', 'loosen-knees', 'loosen-hips', 'loosen-waist', 'loosen-shoulders', 'loosen-elbows', 'loosen-wrists', 'loosen-fingers', 'loosen-neck', 'spinal-wave'],
    accepted: ['loosen-feet-rocking', 'loosen-leg-pendulum', 'loosen-arm-wheels', 'loosen-shoulder-blades', 'loosen-side-bend', 'loosen-neck-tilt', 'loosen-neck-turtle', 'spine-bellows', 'spiralling-arms', 'wheel', 'twining-vine', 'swing-and-knock', 'swing-arms-level', 'heel-drops', 'cloud-hands', 'rise-and-sink', 'shaking-limbs', 'crescent-moon'],
    never: [],
  },
  mood: {
    source: 'common-practice',
    named: ['shaking', 'swing-and-knock', 'swing-arms-level', 'opening-the-chest', 'sound-heart', 'arrive-quiet-smile'],
    accepted: ['sound-lung', 'parting-clouds', 'cloud-hands', 'phase-fire-blossom', 'wave-fire', 'new-growth', 'parting-branches', 'sound-liver', 'tap-chest', 'bouncing', 'spiralling-arms', 'animal-bird', 'animal-bird-fly', 'brocade-hold-up-the-sky', 'mist-over-the-lake', 'phase-wood-sapling', 'pushing-waves'],
    never: [],
  },
};
