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
    named: ['rolling-the-soles', 'sole-gate-breathing', 'sound-triple-burner', 'belly-breathing', 'arrive-walk-down', 'storing-still', 'three-sinks', 'deep-water-breathing', 'soles-rubbed', 'rest-on-the-back', 'rest-on-the-side'],
    accepted: ['neck-washing', 'combing-the-head', 'face-washing', 'resting-the-eyes', 'smoothing-the-chest', 'pressing-the-palm-centre', 'rocking-bamboo', 'rise-and-sink', 'hold-floating', 'sit-embrace', 'hold-embrace-belly', 'arrive-hands-to-heart', 'heart-lamp-breathing', 'three-centre-wash', 'belly-rubbing', 'base-of-skull', 'turtle-breath', 'counting-the-breath', 'following-the-breath', 'closing-rest', 'rest-legs-up', 'listening', 'temples-circled', 'held-basin', 'post-hands-behind', 'belly-circles-counted', 'loosen-neck', 'loosen-shoulders', 'loosen-ankles', 'kneecaps-warmed'],
    never: ['shaking', 'bouncing', 'shaking-limbs', 'swing-and-knock', 'swing-knock-ribs', 'swing-knock-shoulders', 'heel-drops', 'tap-kidneys', 'tap-head', 'tap-chest', 'wake-teeth', 'wake-ears', 'wake-round-rubbing', 'animal-tiger-pounce', 'animal-deer-run', 'brocade-clench-fists', 'hold-horse', 'heron-walks', 'heel-pushes', 'tap-whole-body-pass', 'tap-whole-body-slow', 'breastbone-sigh', 'collarbone-hum', 'hip-ring', 'staged-breath-lift', 'horse-rise-and-sink', 'walk-two-sips', 'animal-tiger-empty-step', 'animal-tiger-aslant', 'held-bow', 'held-sky', 'inner-elbow', 'knee-hollow', 'armpit-to-hip', 'heavenly-drum'],
  },
  calm: {
    source: 'common-practice',
    named: ['rise-and-sink', 'open-and-close', 'three-centre-wash', 'arrive-hands-to-heart', 'hold-embrace-chest', 'heart-lamp-breathing', 'counting-the-breath', 'following-the-breath'],
    accepted: ['ring-palms', 'pair-palms-breathe', 'wall-back', 'cloud-hands', 'opening-the-chest', 'mist-over-the-lake', 'hold-embrace-belly', 'hold-floating', 'belly-breathing', 'sound-heart', 'sound-triple-burner', 'smoothing-the-chest', 'gentle-sway', 'trace-heart-small-intestine', 'growing-ball', 'rocking-bamboo', 'arrive-quiet-smile', 'lifting-the-lake', 'listening', 'base-of-skull', 'temples-circled', 'walk-heel-to-toe', 'cat-step', 'resting-in-the-breath', 'weight-tested', 'held-basin', 'post-hands-behind', 'fire-down-water-up', 'smile-five-organs', 'inner-gate-kneaded'],
    never: ['tap-kidneys', 'bouncing', 'animal-tiger-pounce', 'brocade-clench-fists', 'tap-whole-body-pass', 'tap-whole-body-slow'],
  },
  energy: {
    source: 'common-practice',
    named: ['shaking', 'brocade-hold-up-the-sky', 'brocade-draw-the-bow', 'brocade-clench-fists', 'wake-round-rubbing', 'warming-the-kidneys', 'tap-kidneys', 'brocade-hands-to-feet', 'heel-drops', 'tap-whole-body-pass', 'belt-rubbed'],
    accepted: ['heel-sink', 'bouncing', 'swing-and-knock', 'tap-arms', 'tap-legs', 'tap-chest', 'wake-ears', 'wake-teeth', 'pushing-waves', 'push-and-draw', 'spinal-wave', 'phase-wood-sapling', 'phase-water-well', 'phase-earth-turning-ground', 'brocade-part-heaven-and-earth', 'drawing-up-the-spring', 'belly-breathing', 'held-sky', 'held-bow', 'staged-breath-lift', 'horse-rise-and-sink', 'collarbone-hum', 'hip-ring', 'tap-whole-body-slow', 'walk-two-sips', 'dry-washing', 'tendon-nine-oxen', 'heavenly-drum'],
    never: [],
  },
  back: {
    source: 'common-practice',
    named: ['loosen-hips', 'spinal-wave', 'spine-bellows', 'warming-the-kidneys', 'deep-water-breathing', 'life-gate-breathing', 'brocade-look-back', 'gentle-look-back', 'trunk-circles', 'roll-down-roll-up', 'belt-rubbed'],
    accepted: ['wall-back', 'staff-rolled-down', 'cloud-hands', 'loosen-side-bend', 'loosen-waist', 'hanging-fold', 'bow-from-the-hips', 'tap-kidneys', 'tap-sacrum', 'trace-kidney-bladder', 'sound-kidney', 'gentle-hands-to-feet', 'brocade-hands-to-feet', 'sweeping-across', 'phase-water-well', 'hold-embrace-belly', 'tap-legs-back', 'drawing-up-the-spring', 'spine-sideways-wave', 'spine-turning-wave', 'spiral-hip', 'silk-waist', 'hip-ring', 'knee-hollow', 'post-hands-behind', 'all-fours-round-and-long', 'tail-wag', 'stacking-up', 'held-turn', 'walk-backward'],
    never: ['twist-to-the-heel', 'figure-eight-hang', 'heel-drops'],
  },
  breath: {
    source: 'common-practice',
    named: ['opening-the-chest', 'parting-clouds', 'loosen-shoulder-blades', 'crescent-moon', 'flank-breathing', 'belly-breathing', 'brocade-draw-the-bow', 'gentle-draw-the-bow', 'sound-lung', 'push-draw-full-empty', 'silk-bow', 'following-the-breath'],
    accepted: ['wall-palms', 'wall-chest-opened', 'staff-lifted', 'mist-over-the-lake', 'hold-embrace-chest', 'open-and-close', 'loosen-side-bend', 'skin-breathing', 'nostril-to-belly', 'push-and-draw', 'trace-lung-large-intestine', 'tap-chest', 'tap-arms', 'phase-metal-autumn-air', 'deep-water-breathing', 'smoothing-the-chest', 'animal-bird', 'held-bow', 'staged-breath-lift', 'collarbone-hum', 'breastbone-sigh', 'counting-the-breath', 'walk-heel-to-toe', 'shoulder-stretch-behind', 'post-propping', 'silk-sigh', 'nose-sides'],
    never: [],
  },
  digestion: {
    source: 'common-practice',
    named: ['belly-rubbing', 'brocade-part-heaven-and-earth', 'gentle-part-heaven-and-earth', 'turning-the-millstone', 'rubbing-three-miles', 'loosen-waist', 'belly-circles-counted', 'kneecaps-warmed'],
    accepted: ['phase-earth-turning-ground', 'wave-earth', 'middle-room-breathing', 'belly-harvest', 'tap-belly', 'sound-spleen', 'girdle-breathing', 'trace-spleen-stomach', 'tap-legs-front', 'wiping-the-ribs', 'sound-liver', 'animal-bear', 'wheel', 'sit-embrace', 'pushing-waves', 'silk-duck', 'silk-dragon', 'trunk-circles', 'belt-rubbed', 'easy-walking-off', 'held-basin', 'post-holding-from-below'],
    never: ['hanging-fold', 'figure-eight-hang', 'roll-down-roll-up'],
  },
  focus: {
    source: 'common-practice',
    named: ['hold-embrace-belly', 'hold-embrace-chest', 'hold-three-circles', 'brocade-part-heaven-and-earth', 'crane-stands', 'hold-one-hand-guards', 'counting-the-breath', 'post-one-leg', 'weight-tested'],
    accepted: ['ball-rolled-over', 'ball-of-qi', 'growing-ball', 'resting-the-eyes', 'heron-walks', 'gentle-part-heaven-and-earth', 'sit-embrace', 'heart-lamp-breathing', 'combing-the-head', 'tap-head', 'turning-the-millstone', 'gentle-heels', 'sound-spleen', 'sound-heart', 'belly-breathing', 'cat-step', 'post-three-bodies', 'post-empty-step', 'eyes-near-and-far', 'listening', 'post-propping', 'guarding-the-one', 'walk-backward', 'resting-in-the-breath'],
    never: [],
  },
  joints: {
    source: 'common-practice',
    named: ['loosen-ankles', 'loosen-knees', 'loosen-hips', 'loosen-waist', 'loosen-shoulders', 'loosen-elbows', 'loosen-wrists', 'loosen-fingers', 'loosen-neck', 'spinal-wave'],
    accepted: ['wall-climb', 'staff-lifted', 'staff-turned', 'staff-dips', 'loosen-feet-rocking', 'loosen-leg-pendulum', 'loosen-arm-wheels', 'loosen-shoulder-blades', 'loosen-side-bend', 'loosen-neck-tilt', 'loosen-neck-turtle', 'spine-bellows', 'spiralling-arms', 'wheel', 'twining-vine', 'swing-and-knock', 'swing-arms-level', 'heel-drops', 'cloud-hands', 'rise-and-sink', 'shaking-limbs', 'crescent-moon', 'spiral-ankle', 'spiral-knee', 'spiral-hip', 'spiral-shoulder', 'spiral-elbow', 'spiral-one-hand', 'spiral-two-hands', 'coils-three-centres', 'neck-half-circles', 'wrists-pressed-out', 'spine-sideways-wave', 'spine-turning-wave', 'shoulder-stretch-behind', 'roll-down-roll-up', 'kneecaps-warmed', 'trunk-circles'],
    never: [],
  },
  mood: {
    source: 'common-practice',
    named: ['shaking', 'swing-and-knock', 'swing-arms-level', 'opening-the-chest', 'sound-heart', 'arrive-quiet-smile'],
    accepted: ['ring-sways', 'staff-lifted', 'sound-lung', 'parting-clouds', 'cloud-hands', 'phase-fire-blossom', 'wave-fire', 'new-growth', 'parting-branches', 'sound-liver', 'tap-chest', 'bouncing', 'spiralling-arms', 'animal-bird', 'animal-bird-fly', 'brocade-hold-up-the-sky', 'mist-over-the-lake', 'phase-wood-sapling', 'pushing-waves'],
    never: [],
  },
};
