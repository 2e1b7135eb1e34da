import type { Hand, Posture } from '../../body';
import {
  AT_KIDNEYS,
  BEFORE_BELLY,
  BEFORE_CHEST,
  both,
  bow,
  each,
  HANGING,
  ON_BELLY,
  ON_HIPS,
  ON_THIGHS,
  OUT_LEVEL,
  PRESSED_DOWN,
  STACKED,
  to,
  type FormBody,
} from './words';

const horse = { turnOut: 14 } as const;
const chairWide = { turnOut: 20 } as const;
const millstone = (out: number, away: number): Hand => ({
  near: 'navel',
  off: [out, 1, away],
  palm: 'down',
  fingers: 'forward',
  elbow: 'low',
});
const hook = { shape: 'gathered fingertips' } as const;
const paw = { shape: 'loose fist' } as const;

/** Forms that nourish: flowing pairs, inner breathing, brocades and animals. */
// prettier-ignore
export const NOURISH_BODIES: Readonly<Record<string, FormBody>> = {
  'parting-branches': {
    cycle: [
      to({ sink: 18, hands: both({ near: 'lower dantian', off: [1, -1, 7], palm: 'out', fingers: 'down' }) }, { sink: 8, hands: both({ near: 'middle dantian', off: [1, -1, 10], palm: 'out', fingers: 'down', elbow: 'high' }) }),
      to({ sink: 12, hands: both({ near: 'reach', toward: [1, 0.05, 0.5], palm: 'out', share: 0.9 }) }, { sink: 20, hands: both({ near: 'reach', toward: [1, -0.7, 0.4], palm: 'down' }) }),
    ],
    smaller: [
      to({ sink: 12, hands: both({ near: 'middle dantian', off: [1, -1, 9], palm: 'out', fingers: 'down', elbow: 'high' }) }),
      to({ sink: 14, hands: both({ near: 'navel', off: [8, 1, 8], palm: 'down' }) }),
    ],
  },
  'new-growth': {
    cycle: [
      to({ sink: 18, weight: 0.6, hands: each({ near: 'navel', off: [3, 0, 6], palm: 'body', fingers: 'up' }, { near: 'hip', off: [2, 0, 3] }) }, { sink: 10, weight: 0.76, trunk: { bend: -4 }, head: { nod: -8 }, hands: each({ near: 'reach', toward: [0.15, 1, 0.2], palm: 'in', share: 0.95 }, { near: 'hip', off: [2, -1, 3] }) }),
      to({ sink: 14, weight: 0.65, trunk: { bend: 6 }, head: { turn: 18 }, hands: each({ near: 'reach', toward: [1, 0.2, 0.25], palm: 'up' }, { near: 'hip', off: [2, -1, 3] }) }, { sink: 14 }),
    ],
    smaller: [
      to({ sink: 12, weight: 0.62, hands: each({ near: 'reach', toward: [0.2, -0.05, 1], palm: 'in', share: 0.85 }, HANGING) }),
      to({ sink: 12, hands: each({ near: 'reach', toward: [1, -0.3, 0.4], palm: 'up' }, HANGING) }, { sink: 10 }),
    ],
    seated: [
      to({ base: 'chair', weight: 0.7, hands: each({ near: 'reach', toward: [0.2, -0.05, 1], palm: 'in', share: 0.85 }, ON_THIGHS) }),
      to({ base: 'chair', weight: 0.6, hands: each({ near: 'reach', toward: [1, -0.3, 0.5], palm: 'up', share: 0.9 }, ON_THIGHS) }, { base: 'chair', hands: both(ON_THIGHS) }),
    ],
  },
  'opening-the-chest': {
    cycle: [
      to({ sink: 8, trunk: { round: -8 }, hands: both({ near: 'reach', toward: [1, -0.05, 0.3], palm: 'forward', share: 0.9 }) }),
      to({ sink: 16, trunk: { round: 5 }, hands: both({ near: 'middle dantian', off: [2, 0, 10], palm: 'in', fingers: 'forward', elbow: 'low' }) }),
    ],
    smaller: [to({ sink: 8, hands: both({ near: 'middle dantian', off: [8, 0, 8], palm: 'in', elbow: 'low' }) }), to({ sink: 12, hands: both({ near: 'middle dantian', off: [3, 0, 9], palm: 'in', elbow: 'low' }) })],
  },
  'palm-gate-breathing': {
    entry: [to({ sink: 12, hands: both({ near: 'middle dantian', off: [3, -2, 9], palm: 'in', fingers: 'forward' }) })],
    cycle: [
      to({ sink: 10, hands: both({ near: 'middle dantian', off: [4, -2, 9], palm: 'in', fingers: 'forward' }) }),
      to({ sink: 13, hands: both({ near: 'middle dantian', off: [2.5, -2, 9], palm: 'in', fingers: 'forward' }) }),
    ],
    smaller: [to({ hands: both({ near: 'hanging', palm: 'forward' }) }), to({ sink: 12, hands: both({ near: 'hanging', palm: 'forward' }) })],
  },
  'three-rooms': {
    cycle: [
      to({ sink: 16, hands: both({ near: 'lower dantian', off: [2.5, 0, 5], palm: 'up', fingers: 'in' }) }, { sink: 8, hands: both({ near: 'middle dantian', off: [2.5, 5, 6], palm: 'up', fingers: 'in', elbow: 'low' }) }),
      to({ sink: 10, hands: both({ near: 'middle dantian', off: [3, 4, 6], palm: 'down', fingers: 'in', elbow: 'out' }) }, { sink: 18, hands: both({ near: 'lower dantian', off: [3, 0, 5], palm: 'down', fingers: 'in', elbow: 'out' }) }),
    ],
  },
  'turning-the-millstone': {
    view: 'three-quarter',
    cycle: [
      to({ feet: bow(), weight: 0.4, sink: 24, trunk: { turn: 16 }, hands: both(millstone(3, 5)) }, { feet: bow(), weight: 0.68, sink: 36, trunk: { turn: 10, lean: 6 }, hands: both(millstone(5, 13)) }),
      to({ feet: bow(), weight: 0.55, sink: 30, trunk: { turn: -12 }, hands: both(millstone(4, 11)) }, { feet: bow(), weight: 0.36, sink: 26, trunk: { turn: -6 }, hands: both(millstone(4, 4)) }),
    ],
    smaller: [
      to({ sink: 16, trunk: { turn: 14 }, hands: both(millstone(3, 6)) }, { sink: 16, hands: both(millstone(4, 11)) }),
      to({ sink: 14, trunk: { turn: -12 }, hands: both(millstone(3, 8)) }, { sink: 14, hands: both(millstone(4, 4)) }),
    ],
    seated: [
      to({ base: 'chair', trunk: { turn: 14, lean: 6 }, hands: both({ ...millstone(3, 7), off: [3, 4, 7] }) }, { base: 'chair', trunk: { lean: 14 }, hands: both({ ...millstone(4, 12), off: [4, 4, 12] }) }),
      to({ base: 'chair', trunk: { turn: -12, lean: 4 }, hands: both({ ...millstone(3, 8), off: [3, 4, 8] }) }, { base: 'chair', hands: both({ ...millstone(4, 5), off: [4, 4, 5] }) }),
    ],
  },
  'belly-harvest': {
    cycle: [
      to({ sink: 34, trunk: { lean: 10 }, hands: both({ near: 'reach', toward: [1, -0.8, 0.5], palm: 'up' }) }, { sink: 30, trunk: { lean: 6 }, hands: both({ near: 'reach', toward: [0.35, -0.8, 0.9], palm: 'up', share: 0.9 }) }),
      to({ sink: 14, hands: both({ near: 'navel', off: [2.5, 1, 4], palm: 'up', fingers: 'in' }) }, { sink: 12, hands: both(ON_BELLY) }),
    ],
    smaller: [
      to({ sink: 16, hands: both({ near: 'reach', toward: [0.9, -0.8, 0.5], palm: 'up', share: 0.9 }) }),
      to({ sink: 12, hands: both(ON_BELLY) }),
    ],
    seated: [
      to({ base: 'chair', trunk: { lean: 6 }, hands: both({ near: 'reach', toward: [1, -0.7, 0.3], palm: 'up', share: 0.92 }) }, { base: 'chair', hands: both({ near: 'navel', off: [5, 4, 10], palm: 'body', fingers: 'in' }) }),
      to({ base: 'chair', hands: both(ON_BELLY) }),
    ],
  },
  'mist-over-the-lake': {
    cycle: [
      to({ sink: 8, hands: both({ near: 'reach', toward: [0.25, -0.1, 1], palm: 'down', share: 0.92 }) }, { sink: 6, trunk: { round: -6 }, hands: both({ near: 'reach', toward: [1, -0.02, 0.45], palm: 'down', share: 0.94 }) }),
      to({ sink: 12, hands: both({ near: 'middle dantian', off: [5, 2, 9], palm: 'down', elbow: 'out' }) }, { sink: 20, hands: both(PRESSED_DOWN) }),
    ],
    smaller: [to({ sink: 8, hands: both({ near: 'reach', toward: [0.5, -0.45, 0.9], palm: 'down', share: 0.88 }) }), to({ sink: 14, hands: both(PRESSED_DOWN) })],
  },
  'pushing-waves': {
    view: 'side',
    cycle: [
      to({ feet: { ...bow(), toes: { left: 14 } }, weight: 0.22, sink: 30, hands: both({ near: 'ribs', off: [0, 0, 4], palm: 'forward', fingers: 'up', elbow: 'low' }) }),
      to({ feet: { ...bow(), heels: { right: 8 } }, weight: 0.74, sink: 38, trunk: { lean: 5 }, hands: both({ near: 'reach', toward: [0.1, -0.1, 1], palm: 'forward', share: 0.92 }) }),
    ],
    smaller: [
      to({ sink: 16, along: 0.22, hands: both({ near: 'ribs', off: [0, 0, 4], palm: 'forward', fingers: 'up', elbow: 'low' }) }),
      to({ sink: 14, along: 0.66, hands: both({ near: 'reach', toward: [0.1, -0.2, 1], palm: 'forward', share: 0.85 }) }),
    ],
    seated: [
      to({ base: 'chair', trunk: { lean: -5 }, hands: both({ near: 'ribs', off: [0, 0, 4], palm: 'forward', fingers: 'up', elbow: 'low' }) }),
      to({ base: 'chair', trunk: { lean: 8 }, hands: each({ near: 'reach', toward: [0.1, -0.15, 1], palm: 'forward', share: 0.88 }, ON_THIGHS) }),
    ],
  },
  'drawing-up-the-spring': {
    view: 'three-quarter',
    cycle: [
      to({ sink: 50, trunk: { lean: 48, round: 24 }, head: { nod: -16 }, hands: both({ near: 'knee', off: [-2, -2, 0], palm: 'body' }) }, { sink: 30, trunk: { lean: 28, round: 10 }, hands: both({ near: 'inner thigh', off: [0, 2, 0] }) }, { sink: 8, hands: both({ near: 'belly side', fingers: 'down' }) }),
      to({ sink: 10, hands: both({ near: 'hip', off: [1, 1, 1] }) }, { sink: 22, hands: both(AT_KIDNEYS) }),
    ],
    smaller: [to({ sink: 14, hands: both({ near: 'hip' }) }), to({ sink: 16, hands: both(AT_KIDNEYS) })],
    seated: [to({ base: 'chair', trunk: { lean: 14 }, hands: both({ near: 'knee', off: [-2, 0, 0] }) }, { base: 'chair', trunk: { lean: 6 }, hands: both({ near: 'thigh', off: [-2, 2, 0] }) }), to({ base: 'chair', hands: both({ near: 'hip', off: [1, 2, 1] }) }, { base: 'chair', hands: both(AT_KIDNEYS) })],
  },
  'deep-water-breathing': {
    view: 'back',
    entry: [to({ sink: 12, hands: both({ ...AT_KIDNEYS, palm: 'back' }) })],
    cycle: [
      to({ sink: 10, pelvis: { tuck: 5 }, trunk: { round: 6 }, hands: both({ ...AT_KIDNEYS, palm: 'back' }) }),
      to({ sink: 18, hands: both({ ...AT_KIDNEYS, palm: 'back' }) }),
    ],
    smaller: [to({ sink: 8 }), to({ sink: 14 })],
    seated: [to({ base: 'chair', trunk: { round: 6 }, hands: both(AT_KIDNEYS) }), to({ base: 'chair', hands: both(AT_KIDNEYS) })],
  },
  'brocade-hold-up-the-sky': {
    cycle: [
      to({ sink: 12, hands: both({ near: 'lower dantian', off: [1.6, 0, 5], palm: 'up', fingers: 'in' }) }, { sink: 10, hands: both({ near: 'middle dantian', off: [1.6, 0, 6], palm: 'body', fingers: 'in', elbow: 'out' }) }, { sink: 5, head: { nod: -12 }, hands: both({ near: 'crown', off: [1.8, 12, 0], palm: 'up', fingers: 'in', elbow: 'out' }) }),
      to({ sink: 4, head: { nod: -4 }, hands: both({ near: 'crown', off: [1.8, 12.6, 0], palm: 'up', fingers: 'in', elbow: 'out' }) }),
      to({ sink: 10, hands: both(OUT_LEVEL) }, { sink: 16, hands: both({ near: 'lower dantian', off: [3, 0, 5], palm: 'up', fingers: 'in' }) }),
    ],
    smaller: [
      to({ sink: 10, hands: both({ near: 'middle dantian', off: [1.6, 0, 6], palm: 'body', fingers: 'in', elbow: 'out' }) }, { sink: 8, hands: both({ near: 'collarbone', off: [-2, -1, 10], palm: 'forward', fingers: 'in', elbow: 'out' }) }),
      to({ sink: 12, hands: both({ near: 'reach', toward: [1, -0.4, 0.4], palm: 'down' }) }, { sink: 12, hands: both({ near: 'lower dantian', off: [3, 0, 5], palm: 'up', fingers: 'in' }) }),
    ],
    seated: [
      to({ base: 'chair', hands: both({ near: 'middle dantian', off: [1.6, 0, 6], palm: 'body', fingers: 'in', elbow: 'out' }) }, { base: 'chair', hands: both({ near: 'middle dantian', off: [1.8, 3, 16], palm: 'forward', fingers: 'in', elbow: 'out' }) }),
      to({ base: 'chair', hands: both({ near: 'reach', toward: [1, -0.4, 0.4], palm: 'down' }) }, { base: 'chair', hands: both(ON_THIGHS) }),
    ],
  },
  'brocade-draw-the-bow': {
    cycle: [
      to({ feet: horse, sink: 26, hands: each({ near: 'middle dantian', off: [-1, 2, 8], palm: 'body', fingers: 'up', elbow: 'low' }, { near: 'middle dantian', off: [-1, 1, 5.5], palm: 'body', fingers: 'up', elbow: 'low' }) }),
      to({ feet: horse, sink: 46, head: { turn: 58 }, hands: each({ near: 'reach', toward: [1, 0.05, 0.12], palm: 'out', fingers: 'up', shape: 'bow hand' }, { near: 'collarbone', off: [4, -2, 4], palm: 'body', fingers: 'in', elbow: 'out', shape: 'claw' }) }),
    ],
    smaller: [
      to({ sink: 10, hands: each({ near: 'middle dantian', off: [-1, 2, 8], palm: 'body', fingers: 'up' }, { near: 'middle dantian', off: [-1, 1, 5.5], palm: 'body', fingers: 'up' }) }),
      to({ sink: 18, head: { turn: 45 }, hands: each({ near: 'reach', toward: [1, -0.05, 0.2], palm: 'out', fingers: 'up', shape: 'bow hand', share: 0.9 }, { near: 'collarbone', off: [3, -3, 4], palm: 'body', fingers: 'in', elbow: 'out', shape: 'claw' }) }),
    ],
  },
  'brocade-part-heaven-and-earth': {
    cycle: [
      to({ sink: 10, hands: each({ near: 'middle dantian', off: [0, 0, 6], palm: 'body', fingers: 'in' }, { near: 'navel', off: [0, 0, 6], palm: 'down', fingers: 'in' }) }, { sink: 5, trunk: { bend: -5 }, head: { nod: -8 }, hands: each({ near: 'crown', off: [5, 12, 0], palm: 'up', fingers: 'in', elbow: 'out' }, { near: 'hip', off: [3, -4, 0], palm: 'down', fingers: 'forward', elbow: 'out' }) }),
      to({ sink: 14, hands: each({ near: 'middle dantian', off: [0, 0, 7], palm: 'down', fingers: 'in', elbow: 'out' }, { near: 'lower dantian', off: [0, 0, 6], palm: 'up', fingers: 'in' }) }),
    ],
    smaller: [
      to({ sink: 8, hands: each({ near: 'middle dantian', off: [5, 3, 13], palm: 'up', fingers: 'forward' }, { near: 'hip', off: [3, -2, 1], palm: 'down', fingers: 'forward' }) }),
      to({ sink: 12, hands: each({ near: 'navel', off: [0, 3, 7], palm: 'down', fingers: 'in' }, { near: 'lower dantian', off: [0, 0, 6], palm: 'up', fingers: 'in' }) }),
    ],
    seated: [
      to({ base: 'chair', hands: each({ near: 'middle dantian', off: [5, 3, 13], palm: 'up', fingers: 'forward' }, { near: 'hip', off: [3, -3, 1], palm: 'down', fingers: 'forward' }) }),
      to({ base: 'chair', hands: each({ near: 'navel', off: [0, 4, 7], palm: 'down', fingers: 'in' }, { near: 'navel', off: [0, 0, 6], palm: 'up', fingers: 'in' }) }),
    ],
  },
  'brocade-look-back': {
    cycle: [
      to({ sink: 6, trunk: { round: -5 }, hands: both({ near: 'reach', toward: [0.45, -1, 0], palm: 'forward' }) }),
      to({ sink: 6, trunk: { turn: 22, round: -5 }, head: { turn: 56 }, hands: both({ near: 'reach', toward: [0.5, -1, -0.15], palm: 'forward' }) }, { sink: 12 }),
    ],
    smaller: [to({ sink: 6, hands: both({ near: 'reach', toward: [0.35, -1, 0], palm: 'forward' }) }), to({ sink: 6, trunk: { turn: 8 }, head: { turn: 22 }, hands: both({ near: 'reach', toward: [0.35, -1, 0], palm: 'forward' }) }, { sink: 8 })],
  },
  'brocade-sway': {
    cycle: [
      to({ feet: { turnOut: 18 }, sink: 64, weight: 0.62, trunk: { lean: 12 }, hands: both({ near: 'thigh', off: [0, 4.2, 0], elbow: 'out', fingers: 'in' }) }),
      to({ feet: { turnOut: 18 }, sink: 66, weight: 0.58, trunk: { lean: 34, bend: 16, turn: 8 }, hands: both({ near: 'thigh', off: [0, 4.2, 0], elbow: 'out', fingers: 'in' }) }, { feet: { turnOut: 18 }, sink: 66, weight: 0.42, trunk: { lean: 38, bend: -10, turn: -14 }, head: { turn: -10 }, hands: both({ near: 'thigh', off: [0, 4.2, 0], elbow: 'out', fingers: 'in' }) }, { feet: { turnOut: 18 }, sink: 60, weight: 0.5, trunk: { lean: 12 }, hands: both({ near: 'thigh', off: [0, 4.2, 0], elbow: 'out', fingers: 'in' }) }),
    ],
    smaller: [
      to({ sink: 16, weight: 0.65, hands: both(ON_HIPS) }),
      to({ sink: 16, weight: 0.6, trunk: { lean: 10, bend: 6 }, head: { turn: -24, nod: 8 }, hands: both(ON_HIPS) }, { sink: 12, hands: both(ON_HIPS) }),
    ],
    seated: [
      to({ base: 'chair', feet: chairWide, weight: 0.7, trunk: { bend: 4 }, hands: both(ON_THIGHS) }),
      to({ base: 'chair', feet: chairWide, trunk: { lean: 16, bend: 10 }, hands: both(ON_THIGHS) }, { base: 'chair', feet: chairWide, trunk: { lean: 16, bend: -8 }, hands: both(ON_THIGHS) }, { base: 'chair', feet: chairWide, hands: both(ON_THIGHS) }),
    ],
  },
  'brocade-hands-to-feet': {
    view: 'side',
    cycle: [
      to({ sink: 6, trunk: { lean: -4, round: -10 }, head: { nod: -6 }, hands: both(AT_KIDNEYS) }),
      to({ sink: 12, trunk: { lean: 36, round: 10 }, hands: both({ near: 'buttock', elbow: 'back' }) }, { sink: 18, trunk: { lean: 68, round: 32 }, hands: both({ near: 'calf', off: [0, 3, 0] }) }, { sink: 24, trunk: { lean: 86, round: 48 }, head: { nod: 14 }, hands: both({ near: 'ankle', off: [0, 0, 1] }) }),
      to({ sink: 34, trunk: { lean: 46, round: 42 }, head: { nod: 16 }, hands: both({ near: 'shin', off: [0, 4, 1] }) }, { sink: 22, trunk: { lean: 14, round: 24 }, head: { nod: 14 }, hands: both({ near: 'thigh', off: [0, 3, 2] }) }, { sink: 10, hands: both({ near: 'hip' }) }),
      to({ sink: 12 }),
    ],
    smaller: [
      to({ sink: 8, hands: both(AT_KIDNEYS) }),
      to({ sink: 24, trunk: { lean: 54, round: 12 }, head: { nod: -12 }, hands: both({ near: 'knee', off: [0, 2, 0] }) }),
      to({ sink: 20, trunk: { lean: 28, round: 8 }, hands: both({ near: 'thigh' }) }, { sink: 10, hands: both({ near: 'hip' }) }),
      to({ sink: 10 }),
    ],
    seated: [
      to({ base: 'chair', hands: both(AT_KIDNEYS) }),
      to({ base: 'chair', trunk: { lean: 30, round: 14 }, hands: both({ near: 'knee' }) }),
      to({ base: 'chair', trunk: { lean: 8, round: 6 }, hands: both(ON_THIGHS) }),
      to({ base: 'chair', hands: both(ON_THIGHS) }),
    ],
  },
  'brocade-clench-fists': {
    view: 'three-quarter',
    cycle: [
      to({ feet: horse, sink: 42, trunk: { turn: -10 }, hands: each({ near: 'reach', toward: [0, -0.05, 1], palm: 'in', ...paw }, { near: 'flank', off: [0, -1, 0], palm: 'up', fingers: 'forward', elbow: 'back', ...paw }) }),
      to({ feet: horse, sink: 40, trunk: { turn: -4 }, hands: each({ near: 'reach', toward: [0.05, -0.05, 1], palm: 'up', share: 0.9 }, { near: 'flank', off: [0, -1, 0], palm: 'up', fingers: 'forward', elbow: 'back', ...paw }) }, { feet: horse, sink: 38, hands: both({ near: 'flank', off: [0, -1, 0], palm: 'up', fingers: 'forward', elbow: 'back', ...paw }) }),
    ],
    smaller: [
      to({ sink: 16, hands: each({ near: 'reach', toward: [0, -0.1, 1], palm: 'in', share: 0.85, ...paw }, { near: 'flank', off: [0, -1, 0], palm: 'up', fingers: 'forward', elbow: 'back', ...paw }) }),
      to({ sink: 12, hands: both({ near: 'flank', off: [0, -1, 0], palm: 'up', fingers: 'forward', elbow: 'back', ...paw }) }),
    ],
  },
  'animal-tiger': {
    view: 'three-quarter',
    cycle: [
      to({ sink: 14, hands: both({ near: 'navel', off: [5, 0, 7], palm: 'down', shape: 'claw' }) }, { sink: 10, hands: both({ near: 'collarbone', off: [1, 0, 8], palm: 'in', fingers: 'up', ...paw }) }, { sink: 5, head: { nod: -11 }, hands: both({ near: 'reach', toward: [0.15, 1, 0.25], palm: 'forward', share: 0.92, ...paw }) }),
      to({ sink: 6, head: { nod: -11 }, hands: both({ near: 'reach', toward: [0.2, 1, 0.25], palm: 'forward', share: 0.92, shape: 'claw' }) }, { sink: 12, hands: both({ near: 'collarbone', off: [2, 0, 8], palm: 'in', fingers: 'up', ...paw }) }, { sink: 20, hands: both({ near: 'reach', toward: [0.4, -0.85, 0.5], palm: 'down', share: 0.78, shape: 'claw' }) }),
    ],
    smaller: [
      to({ sink: 12, hands: both({ near: 'middle dantian', off: [6, 0, 8], palm: 'in', fingers: 'up', ...paw }) }),
      to({ sink: 14, hands: both({ near: 'reach', toward: [0.4, -0.85, 0.5], palm: 'down', share: 0.78, shape: 'claw' }) }),
    ],
    seated: [
      to({ base: 'chair', hands: both({ near: 'middle dantian', off: [6, 0, 8], palm: 'in', fingers: 'up', ...paw }) }),
      to({ base: 'chair', hands: both({ near: 'reach', toward: [0.5, -0.75, 0.6], palm: 'down', share: 0.7, shape: 'claw' }) }),
    ],
  },
  'animal-deer': {
    view: 'front',
    cycle: [
      to({ feet: bow(1.4), weight: 0.4, sink: 22, trunk: { turn: -24 }, head: { turn: -14 }, hands: each({ near: 'collarbone', of: 'other', off: [1, 0, 8], palm: 'down', fingers: 'in', elbow: 'out', shape: 'antler' }, { near: 'reach', toward: [0.8, 0.15, 0.6], palm: 'down', share: 0.85, shape: 'antler' }) }),
      to({ feet: bow(1.4), weight: 0.66, sink: 30, trunk: { turn: 43, bend: 8 }, head: { turn: 40 }, hands: each({ near: 'hip', off: [1, 1, 1], elbow: 'back', shape: 'antler' }, { near: 'reach', toward: [-0.2, 0.75, 0.8], palm: 'out', share: 0.9, shape: 'antler' }) }, { feet: bow(1.4), weight: 0.5, sink: 18 }),
    ],
    smaller: [
      to({ sink: 12, trunk: { turn: -10 }, hands: both({ near: 'collarbone', off: [3, -2, 9], palm: 'down', fingers: 'forward', shape: 'antler' }) }),
      to({ sink: 14, weight: 0.58, trunk: { turn: 22 }, head: { turn: 24 }, hands: each({ near: 'flank', off: [2, 0, 2], palm: 'out', elbow: 'back', shape: 'antler' }, { near: 'reach', toward: [-0.1, -0.12, 1], palm: 'out', share: 0.8, shape: 'antler' }) }, { sink: 10 }),
    ],
    seated: [
      to({ base: 'chair', trunk: { turn: -10 }, hands: both({ near: 'collarbone', off: [3, -2, 9], palm: 'down', fingers: 'forward', shape: 'antler' }) }),
      to({ base: 'chair', trunk: { turn: 22 }, head: { turn: 24 }, hands: each({ near: 'flank', off: [3, 0, 2], palm: 'out', elbow: 'back', shape: 'antler' }, { near: 'reach', toward: [-0.1, 0, 1], palm: 'out', share: 0.8, shape: 'antler' }) }, { base: 'chair', hands: both(ON_THIGHS) }),
    ],
  },
  'animal-bear': {
    cycle: [
      to({ sink: 18, trunk: { bend: 8, lean: 6 }, hands: both({ near: 'belly side', off: [-1, 0, 0.5], fingers: 'in', ...paw }) }, { sink: 10, trunk: { bend: 8, turn: 8 }, hands: each({ near: 'ribs', off: [0, -1, 0.5], fingers: 'in', ...paw }, { near: 'solar plexus', off: [0, 0, 0.5], fingers: 'in', ...paw }) }),
      to({ sink: 10, trunk: { bend: -6 }, hands: each({ near: 'solar plexus', off: [0, 0, 0.5], fingers: 'in', ...paw }, { near: 'ribs', off: [0, -1, 0.5], fingers: 'in', ...paw }) }, { sink: 20, trunk: { bend: -6, lean: 10 }, hands: both({ near: 'belly side', off: [-1, -1, 0.5], fingers: 'in', ...paw }) }),
    ],
    smaller: [
      to({ sink: 12, hands: each({ near: 'ribs', off: [0, -2, 0.5], fingers: 'in', ...paw }, { near: 'solar plexus', off: [0, -1, 0.5], fingers: 'in', ...paw }) }),
      to({ sink: 14, hands: both({ near: 'belly side', off: [-1, -1, 0.5], fingers: 'in', ...paw }) }),
    ],
  },
  'animal-monkey': {
    cycle: [
      to({ sink: 12, hands: both({ near: 'lower dantian', off: [3, 0, 5], palm: 'down', ...hook }) }, { sink: 5, feet: { heels: 22 }, shoulders: { raise: 0.7 }, head: { turn: 48 }, hands: both({ near: 'middle dantian', off: [3, 1, 5], palm: 'down', elbow: 'out', ...hook }) }),
      to({ sink: 6, feet: { heels: 14 }, hands: both({ near: 'middle dantian', off: [3, 0, 5], palm: 'down', elbow: 'out' }) }, { sink: 14, hands: both({ near: 'lower dantian', off: [4, -1, 6], palm: 'down', fingers: 'in', elbow: 'out' }) }),
    ],
    smaller: [
      to({ sink: 8, shoulders: { raise: 0.4 }, head: { turn: 34 }, hands: both({ near: 'middle dantian', off: [3, 0, 5], palm: 'down', elbow: 'out', ...hook }) }),
      to({ sink: 12, hands: both({ near: 'lower dantian', off: [4, -1, 6], palm: 'down', fingers: 'in', elbow: 'out' }) }),
    ],
    seated: [
      to({ base: 'chair', shoulders: { raise: 0.4 }, head: { turn: 34 }, hands: both({ near: 'middle dantian', off: [3, 0, 5], palm: 'down', elbow: 'out', ...hook }) }),
      to({ base: 'chair', hands: both({ near: 'navel', off: [4, 1, 6], palm: 'down', fingers: 'in', elbow: 'out' }) }),
    ],
  },
  'animal-bird': {
    view: 'three-quarter',
    cycle: [
      to({ sink: 18, weight: 0.5, hands: each({ near: 'lower dantian', off: [0, 0, 6], palm: 'down', fingers: 'in' }, { near: 'lower dantian', off: [0, 1.2, 6], palm: 'down', fingers: 'in' }) }, { sink: 8, weight: 0.3, shoulders: { raise: 0.4 }, hands: each({ near: 'reach', toward: [-0.25, 0.55, 1], palm: 'down', share: 0.9 }, { near: 'reach', toward: [-0.25, 0.6, 1], palm: 'down', share: 0.9 }) }),
      to({ sink: 14, trunk: { lean: 14, round: -12 }, head: { nod: -14 }, feet: { lifted: { foot: 'left', thigh: -16, knee: 22, point: 34, out: 4 } }, hands: both({ near: 'reach', toward: [1, -0.1, -0.45], palm: 'up', share: 0.94, shape: 'feather' }) }, { sink: 12, trunk: { lean: 16, round: -13 }, head: { nod: -14 }, feet: { lifted: { foot: 'left', thigh: -18, knee: 22, point: 34, out: 4 } }, hands: both({ near: 'reach', toward: [1, -0.02, -0.5], palm: 'up', share: 0.95, shape: 'feather' }) }, { sink: 14 }),
    ],
    smaller: [
      to({ sink: 10, hands: each({ near: 'middle dantian', off: [0, 0, 7], palm: 'down', fingers: 'in', elbow: 'out' }, { near: 'middle dantian', off: [0, 1.2, 7], palm: 'down', fingers: 'in', elbow: 'out' }) }),
      to({ sink: 12, weight: 0.4, hands: both({ near: 'reach', toward: [1, -0.55, -0.25], palm: 'back', share: 0.92, shape: 'feather' }) }, { sink: 10 }),
    ],
    seated: [
      to({ base: 'chair', hands: each({ near: 'middle dantian', off: [0, 0, 7], palm: 'down', fingers: 'in', elbow: 'out' }, { near: 'middle dantian', off: [0, 1.2, 7], palm: 'down', fingers: 'in', elbow: 'out' }) }),
      to({ base: 'chair', hands: both({ near: 'reach', toward: [1, -0.5, -0.15], palm: 'back', share: 0.92, shape: 'feather' }) }, { base: 'chair', hands: both(ON_THIGHS) }),
    ],
  },
  'hold-embrace-chest': {
    view: 'three-quarter',
    entry: [to({ sink: 24, hands: both(BEFORE_CHEST) })],
    cycle: [to({ sink: 22, hands: both({ ...BEFORE_CHEST, off: [5.5, -1, 12.5] }) }), to({ sink: 26, hands: both(BEFORE_CHEST) })],
    exit: [to({ sink: 10 })],
    smaller: [to({ sink: 14, hands: both({ ...BEFORE_CHEST, near: 'navel', off: [5.5, 1, 10.5] }) }), to({ sink: 16, hands: both({ ...BEFORE_CHEST, near: 'navel', off: [5, 1, 10] }) })],
    seated: [to({ base: 'chair', hands: both({ ...BEFORE_CHEST, elbow: 'low', off: [5.5, -2, 10] }) }), to({ base: 'chair', hands: both({ ...BEFORE_CHEST, elbow: 'low', off: [5, -2, 9] }) })],
  },
  'hold-embrace-belly': {
    view: 'three-quarter',
    entry: [to({ sink: 22, hands: both(BEFORE_BELLY) })],
    cycle: [to({ sink: 20, hands: both({ ...BEFORE_BELLY, off: [4.5, 0, 9] }) }), to({ sink: 24, hands: both(BEFORE_BELLY) })],
    exit: [to({ sink: 10 })],
    smaller: [to({ sink: 12, hands: both(ON_BELLY) }), to({ sink: 14, hands: both(ON_BELLY) })],
    seated: [to({ base: 'chair', hands: both({ ...BEFORE_BELLY, off: [4, 3, 7] }) }), to({ base: 'chair', hands: both({ ...BEFORE_BELLY, off: [4, 3, 6] }) })],
  },
  'rise-and-sink': {
    view: 'three-quarter',
    cycle: [to({ sink: 8, hands: both({ near: 'reach', toward: [0, -0.05, 1], palm: 'down', share: 0.92 }) }), to({ sink: 36, hands: both(PRESSED_DOWN) })],
    smaller: [to({ sink: 8, hands: both({ near: 'reach', toward: [0, -0.3, 1], palm: 'down', share: 0.88 }) }), to({ sink: 8, hands: both(PRESSED_DOWN) })],
    seated: [to({ base: 'chair', hands: both({ near: 'reach', toward: [0, -0.1, 1], palm: 'down', share: 0.9 }) }), to({ base: 'chair', hands: both({ near: 'thigh', off: [0, 0, 2], palm: 'down' }) })],
  },
  'cloud-hands': {
    cycle: [
      to({ sink: 24, weight: 0.5, hands: each({ near: 'navel', off: [0, -1, 7], palm: 'up', fingers: 'in' }, { near: 'middle dantian', off: [0, 2, 10], palm: 'body', fingers: 'in', elbow: 'low' }) }),
      to({ sink: 26, weight: 0.7, trunk: { turn: 24 }, hands: each({ near: 'middle dantian', off: [3, 3, 11], palm: 'body', fingers: 'in', elbow: 'low' }, { near: 'navel', off: [0, -1, 7], palm: 'up', fingers: 'in' }) }),
    ],
  },
  'small-orbit': {
    view: 'side',
    cycle: [to({ sink: 8, head: { nod: -3 }, hands: STACKED }), to({ sink: 13, head: { nod: 3 }, hands: STACKED })],
    smaller: [to({ sink: 8, hands: both({ near: 'middle dantian', off: [3, 3, 4], palm: 'down', fingers: 'in', elbow: 'out' }) }), to({ sink: 12, hands: both({ near: 'lower dantian', off: [3, 0, 4], palm: 'down', fingers: 'in', elbow: 'out' }) })],
  },
  'sky-gathering': {
    cycle: [
      to({ sink: 12, hands: both({ near: 'reach', toward: [1, -0.4, 0.2], palm: 'up' }) }, { sink: 8, hands: both({ near: 'reach', toward: [1, 0.25, 0.15], palm: 'up' }) }, { sink: 5, hands: both({ near: 'crown', off: [4, 9, 0], palm: 'down', fingers: 'in', elbow: 'out' }) }),
      to({ sink: 8, hands: both({ near: 'face', off: [3, 0, 5], palm: 'down', fingers: 'in', elbow: 'out' }) }, { sink: 14, hands: both({ near: 'middle dantian', off: [3, 0, 5], palm: 'down', fingers: 'in', elbow: 'out' }) }, { sink: 18, hands: both({ near: 'lower dantian', off: [3, 0, 4], palm: 'down', fingers: 'in', elbow: 'out' }) }),
    ],
    smaller: [
      to({ sink: 10, hands: both({ near: 'reach', toward: [1, -0.3, 0.3], palm: 'up', share: 0.92 }) }, { sink: 8, hands: both({ near: 'collarbone', off: [1, 1, 8], palm: 'down', fingers: 'in', elbow: 'out' }) }),
      to({ sink: 14, hands: both({ near: 'lower dantian', off: [3, 0, 4], palm: 'down', fingers: 'in', elbow: 'out' }) }),
    ],
    seated: [
      to({ base: 'chair', hands: both({ near: 'reach', toward: [1, -0.3, 0.3], palm: 'up', share: 0.92 }) }, { base: 'chair', hands: both({ near: 'collarbone', off: [1, 1, 8], palm: 'down', fingers: 'in', elbow: 'out' }) }),
      to({ base: 'chair', hands: both({ near: 'middle dantian', off: [3, 0, 5], palm: 'down', fingers: 'in', elbow: 'out' }) }, { base: 'chair', hands: both({ near: 'lower dantian', off: [3, 2, 4], palm: 'down', fingers: 'in', elbow: 'out' }) }),
    ],
  },
  'face-washing': {
    entry: [to({ sink: 10, hands: each({ near: 'middle dantian', off: [0.4, 0, 9], palm: 'in', fingers: 'up' }, { near: 'middle dantian', off: [0.4, 0, 9], palm: 'in', fingers: 'up' }) })],
    cycle: [to({ sink: 10, hands: both({ near: 'mouth', off: [1.8, -1.5, 1.2], fingers: 'up', elbow: 'low' }) }, { sink: 10, hands: both({ near: 'upper dantian', off: [1.8, 1, 0.4], fingers: 'up', elbow: 'low' }) }, { sink: 10, hands: both({ near: 'upper dantian', off: [3.4, -0.5, 1.4], fingers: 'up' }) }, { sink: 10, hands: both({ near: 'mouth', off: [3, 0.5, 2.2], fingers: 'up' }) })],
    smaller: [to({ sink: 10, hands: both({ near: 'mouth', off: [2, 0, 2], fingers: 'up', elbow: 'low' }) }, { sink: 10, hands: both({ near: 'upper dantian', off: [2, 1, 2], fingers: 'up', elbow: 'low' }) }, { sink: 10, hands: both({ near: 'mouth', off: [3, 0.5, 2.6], fingers: 'up' }) })],
  },
  'storing-circles': {
    cycle: [to(...([[0, 2.4], [2.4, 0], [0, -2.4], [-2.4, 0], [0, 0]] as const).map(([out, up]): Posture => ({ sink: 12, hands: each({ near: 'lower dantian', off: [out, up, 0], fingers: 'in' }, { near: 'hand', off: [0, 0, 0.4], palm: 'back', fingers: 'in' }) })))],
    smaller: [to({ sink: 12, hands: STACKED })],
  },
  'close-hands-to-belly': {
    cycle: [to({ sink: 8, hands: STACKED }), to({ sink: 12, head: { nod: 4 }, hands: STACKED })],
    exit: [to({ feet: { apart: 0.34 }, sink: 5, head: { nod: 12 }, hands: both({ near: 'middle dantian', off: [0.4, 1, 6], palm: 'in', fingers: 'up', elbow: 'out' }) }, { feet: { apart: 0.34 }, sink: 5 })],
    smaller: [to({ sink: 8 }), to({ sink: 11 })],
  },
};
