import { AT_KIDNEYS, both, each, HANGING, ON_HIPS, ON_THIGHS, pulse, to, type FormBody } from './words';

/** Arriving, loosening and waking. Postures are common practice, as the forms are. */
// prettier-ignore
export const EARLY_BODIES: Readonly<Record<string, FormBody>> = {
  'arrive-wuji': {
    entry: [to({ sink: 12 })],
    cycle: [to({ sink: 8 }), to({ sink: 15, head: { nod: 4 } })],
  },
  'arrive-cleansing-breaths': {
    cycle: [
      to({ sink: 10, hands: both({ near: 'reach', toward: [1, 0, 0.25], palm: 'up' }) }, { sink: 6, hands: both({ near: 'reach', toward: [0.35, 1, 0.2], palm: 'in', share: 0.95 }) }),
      to({ hands: both({ near: 'face', off: [3, 1, 5], palm: 'down', fingers: 'in', elbow: 'out' }) }, { sink: 16, hands: both({ near: 'lower dantian', off: [4, 0, 6], palm: 'down', fingers: 'in', elbow: 'out' }) }, { sink: 12 }),
    ],
    smaller: [
      to({ hands: both({ near: 'reach', toward: [1, -0.55, 0.4], palm: 'up' }) }, { hands: both({ near: 'middle dantian', off: [5, 0, 9], palm: 'body', fingers: 'in' }) }),
      to({ sink: 12, hands: both({ near: 'lower dantian', off: [4, 0, 6], palm: 'down', fingers: 'in', elbow: 'out' }) }, { sink: 8 }),
    ],
    seated: [
      to({ base: 'chair', hands: both({ near: 'reach', toward: [1, -0.15, 0.4], palm: 'up' }) }, { base: 'chair', hands: both({ near: 'middle dantian', off: [5, 2, 9], palm: 'body', fingers: 'in', elbow: 'out' }) }),
      to({ base: 'chair', hands: both({ near: 'lower dantian', off: [4, 2, 6], palm: 'down', fingers: 'in', elbow: 'out' }) }, { base: 'chair', hands: both(ON_THIGHS) }),
    ],
  },
  'loosen-ankles': {
    cycle: [
      to(...[[18, 40], [-14, 46], [-14, 34], [18, 30], [8, 38]].map(([turn, heel]) => ({ weight: 0.08, sink: 10, feet: { turnOut: { left: turn }, heels: { left: heel } }, hands: both(ON_HIPS) }))),
      to(...[[18, 30], [-14, 34], [-14, 46], [18, 40], [8, 38]].map(([turn, heel]) => ({ weight: 0.08, sink: 10, feet: { turnOut: { left: turn }, heels: { left: heel } }, hands: both(ON_HIPS) }))),
    ],
    smaller: [
      to(...[[18, 10], [-10, 10], [-10, 8], [18, 8], [8, 9]].map(([turn, heel]) => ({ weight: 0.2, sink: 9, feet: { turnOut: { left: turn }, heels: { left: heel } }, hands: both(ON_HIPS) }))),
      to(...[[18, 8], [-10, 8], [-10, 10], [18, 10], [8, 9]].map(([turn, heel]) => ({ weight: 0.2, sink: 9, feet: { turnOut: { left: turn }, heels: { left: heel } }, hands: both(ON_HIPS) }))),
    ],
    seated: [
      to(...[[40, 8], [10, 2], [-15, 6], [10, 10], [25, 8]].map(([point, out]) => ({ base: 'chair' as const, feet: { lifted: { foot: 'left' as const, thigh: 92, knee: 66, point: point ?? 0, out: out ?? 0 } }, hands: both({ near: 'hip', off: [1, -3, 1], elbow: 'back' }) }))),
      to(...[[25, 8], [10, 10], [-15, 6], [10, 2], [40, 8]].map(([point, out]) => ({ base: 'chair' as const, feet: { lifted: { foot: 'left' as const, thigh: 92, knee: 66, point: point ?? 0, out: out ?? 0 } }, hands: both({ near: 'hip', off: [1, -3, 1], elbow: 'back' }) }))),
    ],
  },
  'loosen-knees': {
    view: 'three-quarter',
    cycle: [to(...[[0.62, 0.45, 34], [0.5, 0.3, 40], [0.38, 0.45, 34], [0.5, 0.62, 26], [0.55, 0.5, 30]].map(([weight, along, sink]) => ({ weight: weight ?? 0.5, along: along ?? 0.5, sink: sink ?? 30, trunk: { lean: 54, round: 16 }, head: { nod: -20 }, hands: both({ near: 'knee', off: [0, 1.5, 0] }) })))],
    smaller: [to({ sink: 34, trunk: { lean: 40, round: 8 }, head: { nod: -14 }, hands: both({ near: 'thigh' }) }, { sink: 14, trunk: { lean: 38, round: 8 }, head: { nod: -14 }, hands: both({ near: 'thigh' }) })],
    seated: [to({ base: 'chair', feet: { lifted: { foot: 'left', thigh: 90, knee: 20 } }, hands: both(ON_THIGHS) }, { base: 'chair', hands: both(ON_THIGHS) })],
  },
  'loosen-hips': {
    cycle: [to(
      { sink: 14, weight: 0.62, trunk: { bend: -13 }, head: { tilt: 6 }, hands: both(ON_HIPS) },
      { sink: 20, trunk: { lean: 24 }, head: { nod: -12 }, hands: both(ON_HIPS) },
      { sink: 14, weight: 0.38, trunk: { bend: 13 }, head: { tilt: -6 }, hands: both(ON_HIPS) },
      { sink: 12, pelvis: { tuck: 8 }, trunk: { lean: -6, round: -10 }, head: { nod: 8 }, hands: both(ON_HIPS) },
      { sink: 12, weight: 0.56, trunk: { bend: -7 }, hands: both(ON_HIPS) },
    )],
    smaller: [to(
      { sink: 12, weight: 0.56, trunk: { bend: -7 }, hands: both(ON_HIPS) },
      { sink: 16, trunk: { lean: 12 }, hands: both(ON_HIPS) },
      { sink: 12, weight: 0.44, trunk: { bend: 7 }, hands: both(ON_HIPS) },
      { sink: 10, hands: both(ON_HIPS) },
    )],
    seated: [to(
      { base: 'chair', trunk: { bend: 9, lean: 2 }, hands: both(ON_THIGHS) },
      { base: 'chair', trunk: { lean: 16 }, hands: both(ON_THIGHS) },
      { base: 'chair', trunk: { bend: -9, lean: 2 }, hands: both(ON_THIGHS) },
      { base: 'chair', trunk: { lean: -6 }, hands: both(ON_THIGHS) },
      { base: 'chair', hands: both(ON_THIGHS) },
    )],
  },
  'loosen-side-bend': {
    cycle: [
      to({ sink: 10, hands: each(HANGING, { near: 'reach', toward: [0.2, 1, 0.05], palm: 'in', share: 0.95 }) }),
      to({ sink: 10, trunk: { bend: 28 }, head: { tilt: 8 }, hands: each({ near: 'outer thigh', off: [0, -3, 0], palm: 'body' }, { near: 'reach', toward: [0.05, 1, 0.05], palm: 'in', share: 0.95 }) }, { sink: 10 }),
    ],
    smaller: [
      to({ sink: 8, hands: each(ON_HIPS, HANGING) }),
      to({ sink: 8, trunk: { bend: 15 }, hands: each(ON_HIPS, { near: 'outer thigh', off: [1, 2, 0] }) }, { sink: 8, hands: each(ON_HIPS, HANGING) }),
    ],
    seated: [
      to({ base: 'chair', hands: each({ near: 'hip', off: [2, -4, 2] }, ON_THIGHS) }),
      to({ base: 'chair', trunk: { bend: 15 }, hands: each({ near: 'hip', off: [4, -4, 2] }, ON_THIGHS) }, { base: 'chair', hands: each({ near: 'hip', off: [2, -4, 2] }, ON_THIGHS) }),
    ],
  },
  'loosen-shoulders': {
    view: 'three-quarter',
    cycle: [to({ shoulders: { raise: 0.4, forward: 0.9 } }, { shoulders: { raise: 1 } }, { shoulders: { raise: 0.4, forward: -1 } }, {})],
    smaller: [to({ shoulders: { raise: 0.7 } }, {})],
  },
  'loosen-wrists': {
    cycle: [to(...([['down', 'in'], ['in', 'up'], ['up', 'out'], ['up', 'forward'], ['down', 'forward']] as const).map(([palm, fingers]) => ({ hands: both({ near: 'navel' as const, off: [6, 3, 9] as [number, number, number], palm, fingers }) })))],
    smaller: [to({ hands: both({ near: 'navel', off: [6, 3, 9], palm: 'up', fingers: 'forward' }) }, { hands: both({ near: 'navel', off: [6, 3, 9], palm: 'up', fingers: 'forward', shape: 'loose fist' }) })],
  },
  'loosen-neck': {
    cycle: [to({ head: { nod: -3 } }), to({ head: { turn: 52 } }, {})],
    smaller: [to({ head: { nod: -2 } }), to({ head: { turn: 20 } }, {})],
  },
  shaking: {
    cycle: [pulse(22, { sink: 22, hands: both({ near: 'hanging', off: [1, 1, 1] }) }, { sink: 9, feet: { heels: 7 }, shoulders: { raise: 0.25 }, hands: both({ near: 'hanging', off: [1.5, 1.5, 1] }) })],
    smaller: [pulse(22, { sink: 18, hands: both({ near: 'hanging', off: [1, 1, 1] }) }, { sink: 9, hands: both({ near: 'hanging', off: [1.5, 1.5, 1] }) })],
    seated: [pulse(22, { base: 'chair', hands: both({ near: 'navel', off: [8, 2, 8], palm: 'down' }) }, { base: 'chair', feet: { heels: 8 }, shoulders: { raise: 0.2 }, hands: both({ near: 'navel', off: [9, 4, 8], palm: 'down' }) })],
  },
  'swing-and-knock': {
    cycle: [to(
      { sink: 14, trunk: { turn: 12 }, hands: both({ near: 'reach', toward: [1, -0.75, 0.3], palm: 'back', share: 0.9 }) },
      { sink: 16, weight: 0.68, feet: { heels: { right: 14 } }, trunk: { turn: 36 }, head: { turn: 8 }, hands: each({ near: 'sacrum', palm: 'out', elbow: 'back', shape: 'loose fist' }, { near: 'lower dantian', off: [-2, 0, 0], shape: 'loose fist' }) },
    )],
    smaller: [to(
      { sink: 12, trunk: { turn: 8 }, hands: both({ near: 'reach', toward: [0.7, -1, 0.2], palm: 'back', share: 0.9 }) },
      { sink: 14, weight: 0.6, trunk: { turn: 28 }, hands: each({ near: 'reach', toward: [0.35, -1, -0.3], palm: 'back', share: 0.9 }, { near: 'reach', toward: [0.3, -0.9, 0.8], palm: 'body', share: 0.9 }) },
    )],
    seated: [to({ base: 'chair', hands: both({ near: 'reach', toward: [0.8, -0.7, 0.6], palm: 'down', share: 0.8 }) }, { base: 'chair', trunk: { turn: 22 }, hands: both({ near: 'thigh', shape: 'hollow palm' }) })],
  },
  'swing-arms-level': {
    view: 'side',
    cycle: [to({ sink: 9, hands: both({ near: 'reach', toward: [0.1, -0.1, 1], palm: 'down' }) }, { sink: 24, hands: both({ near: 'reach', toward: [0.15, -1, -0.5], palm: 'back' }) })],
    smaller: [to({ sink: 9, hands: both({ near: 'reach', toward: [0.1, -0.75, 0.8], palm: 'down' }) }, { sink: 18, hands: both({ near: 'reach', toward: [0.15, -1, -0.3], palm: 'back' }) })],
    seated: [to({ base: 'chair', hands: both({ near: 'reach', toward: [0.5, -0.7, 0.6], palm: 'in' }) }, { base: 'chair', hands: both({ near: 'reach', toward: [0.8, -0.9, -0.3], palm: 'in', share: 0.85 }) })],
  },
  'heel-drops': {
    view: 'three-quarter',
    cycle: [to({ sink: 5, feet: { heels: 28 }, head: { nod: -2 } }), to({ sink: 12 })],
    smaller: [to({ sink: 6, feet: { heels: 8 }, hands: both({ near: 'reach', toward: [0, -0.5, 1], palm: 'down', share: 0.7 }) }), to({ sink: 8, hands: both({ near: 'reach', toward: [0, -0.5, 1], palm: 'down', share: 0.7 }) })],
    seated: [to({ base: 'chair', feet: { heels: 24 }, hands: both(ON_THIGHS) }), to({ base: 'chair', hands: both(ON_THIGHS) })],
  },
  'warming-the-kidneys': {
    view: 'back',
    cycle: [pulse(3, { sink: 12, hands: both({ ...AT_KIDNEYS, off: [0, 1.5, 0] }) }, { sink: 14, hands: both({ ...AT_KIDNEYS, off: [0, -1.5, 0] }) })],
    smaller: [to({ sink: 10, hands: both(AT_KIDNEYS) })],
  },
};
