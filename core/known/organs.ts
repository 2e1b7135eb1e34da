import type { OrganId } from '../phases';
import type { SourceId } from '../sources';

/** What a practitioner names for something: first, or as well. What stands in neither merely touches it. */
export interface KnownFor {
  readonly named: readonly string[];
  readonly accepted: readonly string[];
  readonly source: SourceId;
}

/**
 * The forms a practitioner names for each organ; animals follow the school and stand in `rank.ts`. The brocades carry
 * their organ in the old names of the set; each sound and each tracing is its organ’s; the rest is common practice.
 */
// prettier-ignore
export const KNOWN_FOR_ORGANS: Readonly<Record<OrganId, KnownFor>> = {
  liver: {
    source: 'common-practice',
    named: ['sound-liver', 'brocade-clench-fists', 'loosen-side-bend', 'crescent-moon', 'twining-vine', 'phase-wood-sapling', 'wave-wood', 'trace-liver-gallbladder', 'wiping-the-ribs', 'tap-flanks', 'silk-folding', 'colour-of-wood', 'great-surge-kneaded'],
    accepted: ['wall-climb', 'staff-turned', 'staff-dips', 'gentle-clench-fists', 'parting-branches', 'new-growth', 'brocade-look-back', 'gentle-look-back', 'brocade-draw-the-bow', 'bow-stance-turn', 'twist-to-the-heel', 'dragon-spine', 'flank-breathing', 'swing-knock-ribs', 'resting-the-eyes', 'tap-legs-inside', 'tap-legs-outside', 'tap-legs', 'loosen-waist', 'held-turn', 'spine-sideways-wave', 'spine-turning-wave', 'armpit-to-hip', 'silk-sigh', 'tendon-dragon-reaches', 'eyes-rolled', 'spiral-bow-step', 'post-subduing-tiger', 'smile-five-organs'],
  },
  gallbladder: {
    source: 'common-practice',
    named: ['trace-liver-gallbladder', 'tap-legs-outside', 'loosen-side-bend', 'crescent-moon', 'tap-flanks', 'brocade-look-back', 'silk-sigh', 'armpit-to-hip'],
    accepted: ['wall-climb', 'staff-turned', 'staff-dips', 'ball-carried-round', 'sound-liver', 'brocade-clench-fists', 'gentle-clench-fists', 'phase-wood-sapling', 'wave-wood', 'new-growth', 'parting-branches', 'twist-to-the-heel', 'twining-vine', 'wiping-the-ribs', 'flank-breathing', 'gentle-look-back', 'swing-knock-ribs', 'combing-the-head', 'loosen-waist', 'tap-legs', 'held-turn', 'spine-sideways-wave', 'silk-folding', 'hip-ring', 'base-of-skull', 'temples-circled', 'belt-vessel'],
  },
  heart: {
    source: 'common-practice',
    named: ['sound-heart', 'brocade-sway', 'opening-the-chest', 'phase-fire-blossom', 'wave-fire', 'trace-heart-small-intestine', 'arrive-hands-to-heart', 'heart-lamp-breathing', 'silk-bird', 'colour-of-fire', 'fire-down-water-up'],
    accepted: ['pair-palms-breathe', 'ball-rolled-over', 'ring-palms', 'gentle-sway', 'smoothing-the-chest', 'pressing-the-palm-centre', 'growing-ball', 'cloud-hands', 'hold-embrace-chest', 'hold-one-hand-guards', 'tap-chest', 'tap-arms', 'palm-gate-breathing', 'spiralling-arms', 'arrive-quiet-smile', 'breastbone-sigh', 'inner-elbow', 'silk-goose', 'silk-belly', 'smile-five-organs', 'tendon-staff-first', 'inner-gate-kneaded'],
  },
  'small-intestine': {
    source: 'common-practice',
    named: ['trace-heart-small-intestine', 'phase-fire-blossom', 'silk-belly', 'opening-the-chest', 'spiralling-arms'],
    accepted: ['sound-heart', 'brocade-sway', 'gentle-sway', 'wave-fire', 'parting-clouds', 'sweeping-across', 'belly-breathing', 'belly-rubbing', 'tap-arms', 'smoothing-the-chest', 'inner-elbow', 'silk-bird', 'spiral-two-hands'],
  },
  pericardium: {
    source: 'common-practice',
    named: ['trace-pericardium-triple-burner', 'three-burners-breathing', 'pressing-the-palm-centre', 'palm-gate-breathing', 'tap-chest', 'silk-goose', 'breastbone-sigh', 'inner-gate-kneaded'],
    accepted: ['pair-palms-breathe', 'ball-rolled-over', 'ring-palms', 'sound-heart', 'sound-triple-burner', 'brocade-hold-up-the-sky', 'gentle-hold-up-the-sky', 'opening-the-chest', 'growing-ball', 'open-and-close', 'hold-embrace-chest', 'smoothing-the-chest', 'phase-fire-blossom', 'wave-fire', 'arrive-hands-to-heart', 'heart-lamp-breathing', 'tap-arms', 'inner-elbow', 'silk-crane', 'silk-bird', 'colour-of-fire', 'tendon-staff-first'],
  },
  'triple-burner': {
    source: 'common-practice',
    named: ['sound-triple-burner', 'brocade-hold-up-the-sky', 'trace-pericardium-triple-burner', 'three-rooms', 'three-burners-breathing', 'silk-crane', 'held-sky'],
    accepted: ['staff-lifted', 'gentle-hold-up-the-sky', 'open-and-close', 'hold-embrace-overhead', 'palm-gate-breathing', 'phase-fire-blossom', 'wave-fire', 'swing-knock-shoulders', 'growing-ball', 'tap-arms', 'spiralling-arms', 'silk-goose', 'tendon-staff-third', 'temples-circled'],
  },
  spleen: {
    source: 'common-practice',
    named: ['sound-spleen', 'brocade-part-heaven-and-earth', 'turning-the-millstone', 'belly-rubbing', 'phase-earth-turning-ground', 'wave-earth', 'trace-spleen-stomach', 'hold-embrace-belly', 'sit-embrace', 'silk-dragon', 'colour-of-earth', 'belly-circles-counted'],
    accepted: ['ball-lifted', 'ball-carried-round', 'pair-millstone', 'gentle-part-heaven-and-earth', 'middle-room-breathing', 'belly-harvest', 'rubbing-three-miles', 'tap-belly', 'girdle-breathing', 'gathering-from-the-earth', 'wheel', 'ball-of-qi', 'hold-three-circles', 'tap-legs-inside', 'tap-legs', 'loosen-waist', 'belly-breathing', 'silk-duck', 'held-basin', 'post-holding-from-below', 'post-pressing', 'armpit-to-hip', 'animal-bear-turning', 'trunk-circles', 'belt-vessel', 'kneecaps-warmed', 'foot-edge-stroked', 'smile-five-organs'],
  },
  stomach: {
    source: 'common-practice',
    named: ['brocade-part-heaven-and-earth', 'turning-the-millstone', 'belly-rubbing', 'rubbing-three-miles', 'trace-spleen-stomach', 'tap-legs-front', 'middle-room-breathing', 'silk-duck', 'belly-circles-counted', 'kneecaps-warmed'],
    accepted: ['ball-lifted', 'gentle-part-heaven-and-earth', 'sound-spleen', 'phase-earth-turning-ground', 'wave-earth', 'belly-harvest', 'tap-belly', 'wheel', 'push-and-draw', 'heel-pushes', 'hold-three-circles', 'sit-embrace', 'girdle-breathing', 'tap-legs', 'silk-dragon', 'post-holding-from-below', 'trunk-circles', 'animal-bear-turning'],
  },
  lung: {
    source: 'common-practice',
    named: ['sound-lung', 'brocade-draw-the-bow', 'phase-metal-autumn-air', 'wave-metal', 'trace-lung-large-intestine', 'tap-arms', 'tap-chest', 'hold-embrace-chest', 'mist-over-the-lake', 'silk-bow', 'held-bow', 'colour-of-metal', 'collarbone-hum', 'breastbone-sigh'],
    accepted: ['wall-palms', 'wall-chest-opened', 'staff-lifted', 'gentle-draw-the-bow', 'parting-clouds', 'push-and-draw', 'pushing-waves', 'open-and-close', 'skin-breathing', 'nostril-to-belly', 'opening-the-chest', 'loosen-shoulder-blades', 'swing-knock-shoulders', 'smoothing-the-chest', 'hold-three-circles', 'shaking-off', 'silk-back', 'push-draw-full-empty', 'post-propping', 'staged-breath-lift', 'tendon-showing-talons', 'inner-elbow', 'shoulder-stretch-behind', 'counting-the-breath', 'following-the-breath', 'smile-five-organs'],
  },
  'large-intestine': {
    source: 'common-practice',
    named: ['trace-lung-large-intestine', 'tap-arms', 'pushing-waves', 'brocade-draw-the-bow', 'silk-back', 'hand-valley'],
    accepted: ['wall-palms', 'sound-lung', 'gentle-draw-the-bow', 'phase-metal-autumn-air', 'wave-metal', 'push-and-draw', 'mist-over-the-lake', 'parting-clouds', 'belly-rubbing', 'tap-belly', 'swing-knock-shoulders', 'skin-breathing', 'silk-bow', 'held-bow', 'nose-sides', 'push-draw-full-empty', 'belly-circles-counted'],
  },
  kidney: {
    source: 'common-practice',
    named: ['sound-kidney', 'brocade-hands-to-feet', 'warming-the-kidneys', 'deep-water-breathing', 'rolling-the-soles', 'sole-gate-breathing', 'trace-kidney-bladder', 'phase-water-well', 'wave-water', 'hold-horse', 'silk-waist', 'colour-of-water', 'belt-rubbed', 'soles-rubbed'],
    accepted: ['wall-back', 'staff-rolled-down', 'pair-rise-and-sink', 'gentle-hands-to-feet', 'drawing-up-the-spring', 'lifting-the-lake', 'life-gate-breathing', 'tap-kidneys', 'tap-sacrum', 'heel-drops', 'heel-sink', 'gentle-heels', 'wake-teeth', 'wake-ears', 'hold-embrace-belly', 'hold-floating', 'spinal-wave', 'belly-breathing', 'tap-legs-inside', 'swing-and-knock', 'silk-owl', 'horse-rise-and-sink', 'heavenly-drum', 'tongue-stirred', 'bone-breathing', 'turtle-breath', 'fire-down-water-up', 'post-hands-behind', 'post-pressing', 'post-carrying', 'marrow-crown-to-soles', 'roll-down-roll-up', 'seated-rubbing-the-gate', 'seated-reaching-the-feet', 'smile-five-organs'],
  },
  bladder: {
    source: 'common-practice',
    named: ['trace-kidney-bladder', 'tap-legs-back', 'brocade-hands-to-feet', 'warming-the-kidneys', 'tap-kidneys', 'silk-owl', 'knee-hollow'],
    accepted: ['wall-back', 'staff-rolled-down', 'gentle-hands-to-feet', 'sound-kidney', 'spinal-wave', 'spine-bellows', 'hanging-fold', 'bow-from-the-hips', 'heel-drops', 'heel-sink', 'gentle-heels', 'tap-sacrum', 'tap-head', 'sweeping-across', 'phase-water-well', 'wave-water', 'deep-water-breathing', 'rolling-the-soles', 'drawing-up-the-spring', 'tap-legs', 'silk-waist', 'roll-down-roll-up', 'base-of-skull', 'belt-rubbed', 'hip-ring', 'post-hands-behind', 'all-fours-round-and-long'],
  },
};
