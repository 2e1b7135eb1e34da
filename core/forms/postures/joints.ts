import {
  before,
  both,
  bow,
  each,
  HANGING,
  ON_HIPS,
  ON_RIBS,
  ON_THIGHS,
  reaching,
  sit,
  stand,
  to,
  type FormBody,
  PALMS_TOGETHER,
} from './words';

const atShoulders = {
  near: 'collarbone',
  off: [4, 0, 5] as [number, number, number],
  palm: 'body',
  fingers: 'up',
} as const;
const forearm = (out: number, up: number) => both(before('navel', out, up, 9, 'in', 'forward'));
const drawn = {
  near: 'hand',
  of: 'other',
  off: [0, -1.5, 1.2] as [number, number, number],
  palm: 'down',
  elbow: 'low',
} as const;

// prettier-ignore
export const JOINT_BODIES: Readonly<Record<string, FormBody>> = {
  'loosen-feet-rocking': {
    view: 'side',
    cycle: [to(stand(8, undefined, { along: 0.78 })), to(stand(8, undefined, { along: 0.2 }))],
    smaller: [to(stand(8, undefined, { along: 0.62 })), to(stand(8, undefined, { along: 0.3 }))],
    seated: [to(sit(both(ON_THIGHS), { feet: { heels: 20 } })), to(sit(both(ON_THIGHS), { feet: { toes: 16 } }))],
  },
  'loosen-leg-pendulum': {
    view: 'side',
    cycle: [to(
      stand(8, both(ON_HIPS), { weight: 0, feet: { lifted: { foot: 'left', thigh: 24, knee: 18 } } }),
      stand(8, both(ON_HIPS), { weight: 0, feet: { lifted: { foot: 'left', thigh: -12, knee: 30, point: 10 } } }),
    )],
    smaller: [to(stand(10, both(ON_HIPS), { weight: 0.2, feet: { ahead: { foot: 'left', by: 0.7 } } }), stand(10, both(ON_HIPS), { weight: 0.2, feet: { ahead: { foot: 'right', by: 0.4 }, heels: { left: 10 } } }))],
    seated: [to(sit(both(ON_THIGHS), { feet: { lifted: { foot: 'left', thigh: 90, knee: 40 } } }), sit(both(ON_THIGHS), { feet: { lifted: { foot: 'left', thigh: 90, knee: 95 } } }))],
  },
  'loosen-waist': { cycle: [to(stand(10, both(ON_HIPS))), to(stand(12, both(ON_HIPS), { trunk: { turn: 34 }, head: { turn: 10 } }), stand(10, both(ON_HIPS)))], seated: [to(sit(both(ON_THIGHS))), to(sit(both(ON_THIGHS), { trunk: { turn: 20 } }), sit())] },
  'loosen-elbows': {
    cycle: [to(stand(9, forearm(4, 3)), stand(9, forearm(7, 6)), stand(9, forearm(10, 3)), stand(9, forearm(7, 0)), stand(9, forearm(5, 2)))],
    smaller: [to(stand(9, both(before('middle dantian', 6, 0, 7, 'up', 'forward'))), stand(9, both({ near: 'hanging', palm: 'in' })))],
  },
  'loosen-fingers': {
    view: 'three-quarter',
    cycle: [to(stand(9, each(before('navel', 3, 4, 8, 'up', 'forward'), drawn)), stand(9, each(before('navel', 3, 4, 8, 'up', 'forward'), { ...drawn, off: [0, -3, 1.2] })), stand(9, each(before('navel', 3, 4, 8, 'up', 'forward'), drawn)))],
  },
  'loosen-arm-wheels': {
    view: 'side',
    cycle: [to(stand(10, both(reaching(0.2, -0.1, 1))), stand(6, both(reaching(0.3, 1, 0.15, 'in', 0.95)))), to(stand(10, both(reaching(1, 0.05, -0.1))), stand(14, both(reaching(0.5, -1, -0.1, 'back'))))],
    smaller: [to(stand(8, both({ ...atShoulders, elbow: 'high' }), { shoulders: { raise: 0.6 } })), to(stand(9, both({ ...atShoulders, elbow: 'out' }), { shoulders: { forward: -0.6 } }), stand(10, both({ ...atShoulders, elbow: 'low' })))],
    seated: [to(sit(both({ ...atShoulders, elbow: 'high' }), { shoulders: { raise: 0.6 } })), to(sit(both({ ...atShoulders, elbow: 'out' }), { shoulders: { forward: -0.6 } }), sit(both({ ...atShoulders, elbow: 'low' })))],
  },
  'loosen-shoulder-blades': {
    view: 'three-quarter',
    cycle: [
      to(stand(8, both(before('ribs', 3, 2, 3, 'in', 'forward')), { trunk: { round: -10 }, shoulders: { forward: -0.9 } })),
      to(stand(14, both(before('middle dantian', 0.5, 1, 11, 'body', 'in')), { trunk: { round: 14 }, shoulders: { forward: 1 }, head: { nod: 8 } })),
    ],
  },
  'loosen-neck-tilt': { cycle: [to(stand(8, undefined, { head: { nod: -3 } })), to(stand(8, undefined, { head: { tilt: 30 } }), stand(8))] },
  'loosen-neck-turtle': { view: 'side', cycle: [to(stand(8, undefined, { trunk: { round: 5 }, head: { nod: -9 } })), to(stand(8, undefined, { trunk: { round: -3 }, head: { nod: 14 } }))] },
  'spinal-wave': {
    view: 'side',
    cycle: [
      to(stand(34, undefined, { trunk: { lean: 8, round: 14 }, head: { nod: 12 } }), stand(26, both(reaching(0.4, -0.9, 0.3)), { pelvis: { tuck: 6 }, trunk: { lean: -4, round: -6 }, along: 0.5 }), stand(6, both(reaching(0.5, -0.6, 0.7)), { trunk: { round: -8 }, head: { nod: -6 } })),
      to(stand(22, undefined, { pelvis: { tuck: 8 }, trunk: { round: 20 }, head: { nod: 14 } }), stand(34, undefined, { trunk: { lean: 10, round: 22 }, head: { nod: 16 } })),
    ],
    smaller: [to(stand(16, both(ON_HIPS), { pelvis: { tuck: -6 }, trunk: { round: -4 } })), to(stand(18, both(ON_HIPS), { pelvis: { tuck: 8 }, trunk: { round: 8 } }))],
    seated: [to(sit(both(ON_THIGHS), { trunk: { lean: 8, round: 6 } }), sit(both(ON_THIGHS), { trunk: { round: -8 }, head: { nod: -5 } })), to(sit(both(ON_THIGHS), { trunk: { lean: -2, round: 18 }, head: { nod: 14 } }))],
  },
  'spine-bellows': {
    view: 'side',
    cycle: [to(stand(26, both({ near: 'thigh', off: [0, 1, 0] }), { trunk: { lean: 32, round: -8 }, head: { nod: -16 } })), to(stand(28, both({ near: 'thigh', off: [0, 1, 0] }), { trunk: { lean: 26, round: 28 }, head: { nod: 16 } }))],
    smaller: [to(stand(12, both(ON_HIPS), { trunk: { round: -7 } })), to(stand(14, both(ON_HIPS), { trunk: { round: 16 }, head: { nod: 12 } }))],
    seated: [to(sit(both(ON_THIGHS), { trunk: { lean: 8, round: -8 }, head: { nod: -4 } })), to(sit(both(ON_THIGHS), { trunk: { lean: 4, round: 22 }, head: { nod: 14 } }))],
  },
  'dragon-spine': {
    cycle: [
      to(stand(24, both({ ...PALMS_TOGETHER, off: [0.4, -4, 8] }), { weight: 0.36, trunk: { bend: 10 } }), stand(12, both({ ...PALMS_TOGETHER, off: [0.4, 6, 8] }), { weight: 0.34, trunk: { bend: 14 }, head: { tilt: 6 } })),
      to(stand(20, both(PALMS_TOGETHER), { weight: 0.6, trunk: { bend: -8 } }), stand(30, both({ ...PALMS_TOGETHER, off: [0.4, -6, 9], fingers: 'forward' }), { weight: 0.5 })),
    ],
    smaller: [to(stand(12, both({ ...PALMS_TOGETHER, off: [0.4, -1, 8] }), { weight: 0.44, trunk: { bend: 5 } })), to(stand(16, both({ ...PALMS_TOGETHER, off: [0.4, -4, 9], fingers: 'forward' }), { weight: 0.53, trunk: { bend: -3 } }))],
    seated: [to(sit(both({ ...PALMS_TOGETHER, off: [0.4, 2, 8] }), { weight: 0.6, trunk: { bend: 10 } })), to(sit(both({ ...PALMS_TOGETHER, off: [0.4, -2, 9], fingers: 'forward' }), { trunk: { bend: -4 } }))],
  },
  'hanging-fold': {
    view: 'side',
    cycle: [
      to(stand(5, undefined, { head: { nod: -3 } })),
      to(stand(22, both({ near: 'hanging', off: [0, 0, 2] }), { trunk: { lean: 40, round: 40 }, head: { nod: 20 } }), stand(34, both({ near: 'shin', off: [0, 0, 3], palm: 'body' }), { trunk: { lean: 82, round: 50 }, head: { nod: 18 } })),
      to(stand(34, both({ near: 'shin', off: [0, -1, 3], palm: 'body' }), { trunk: { lean: 82, round: 54 }, head: { nod: 18 } })),
      to(stand(36, both({ near: 'shin', off: [0, -2, 3], palm: 'body' }), { trunk: { lean: 84, round: 56 }, head: { nod: 20 } })),
      to(stand(30, both({ near: 'knee', off: [0, 1, 2], palm: 'body' }), { trunk: { lean: 48, round: 44 }, head: { nod: 18 } }), stand(18, both({ near: 'thigh', off: [0, 2, 2] }), { trunk: { lean: 14, round: 24 }, head: { nod: 14 } }), stand(8)),
      to(stand(11)),
    ],
    smaller: [
      to(stand(8)),
      to(stand(24, both({ near: 'thigh', off: [0, -2, 0] }), { trunk: { lean: 46, round: 10 }, head: { nod: -8 } })),
      to(stand(24, both({ near: 'thigh', off: [0, -2, 0] }), { trunk: { lean: 47, round: 11 }, head: { nod: -8 } })),
      to(stand(25, both({ near: 'thigh', off: [0, -2, 0] }), { trunk: { lean: 48, round: 12 }, head: { nod: -6 } })),
      to(stand(16, both({ near: 'thigh', off: [0, 2, 0] }), { trunk: { lean: 18, round: 6 } }), stand(8)),
      to(stand(11)),
    ],
    seated: [
      to(sit()),
      to(sit(both({ near: 'knee' }), { trunk: { lean: 30, round: 14 }, head: { nod: -4 } })),
      to(sit(both({ near: 'knee' }), { trunk: { lean: 31, round: 16 }, head: { nod: -4 } })),
      to(sit(both({ near: 'knee' }), { trunk: { lean: 31, round: 18 }, head: { nod: -2 } })),
      to(sit(both(ON_THIGHS), { trunk: { lean: 10, round: 8 } }), sit()),
      to(sit()),
    ],
  },
  'figure-eight-hang': {
    cycle: [
      to(stand(40, each({ near: 'knee', off: [5, 4, 4], palm: 'body' }, { near: 'knee', of: 'other', off: [1, 4, 5], palm: 'body' }), { weight: 0.66, trunk: { lean: 50, round: 16, turn: 22 }, head: { nod: -6 } })),
      to(stand(44, both({ near: 'shin', off: [-2, 5, 4], palm: 'body' }), { trunk: { lean: 58, round: 22 }, head: { nod: 6 } })),
    ],
    smaller: [to(stand(14, each(reaching(0.7, -0.75, 0.5, 'up', 0.85), reaching(-0.2, -0.75, 0.7, 'in', 0.8)), { weight: 0.6, trunk: { turn: 12 } })), to(stand(16, both(before('lower dantian', 3, 0, 8, 'body', 'down'))))],
    seated: [to(sit(each(reaching(0.7, -0.5, 0.7, 'up', 0.8), reaching(-0.1, -0.45, 0.9, 'in', 0.78)), { trunk: { turn: 12, lean: 6 } })), to(sit(both(before('navel', 3, 1, 10, 'down', 'forward')), { trunk: { lean: 10 } }))],
  },
  'bow-from-the-hips': {
    view: 'side',
    cycle: [to(stand(8, both(PALMS_TOGETHER), { head: { nod: -3 } })), to(stand(16, both(PALMS_TOGETHER), { trunk: { lean: 48 }, head: { nod: -6 } }), stand(8, both(PALMS_TOGETHER)))],
    seated: [to(sit(both(PALMS_TOGETHER), { head: { nod: -3 } })), to(sit(both(PALMS_TOGETHER), { trunk: { lean: 26 }, head: { nod: -3 } }), sit(both(PALMS_TOGETHER)))],
  },
  'twist-to-the-heel': {
    cycle: [
      to(stand(10, both(before('middle dantian', 3, 0, 8, 'body', 'in')))),
      to(stand(20, each(before('hip', 3, 0, 4, 'down', 'forward'), before('middle dantian', 0, 0, 9, 'out', 'in')), { weight: 0.64, trunk: { turn: 38 }, head: { turn: 44, nod: 14 } }), stand(10)),
    ],
    seated: [to(sit(both(before('middle dantian', 3, 0, 8, 'body', 'in')))), to(sit(each({ near: 'hip', off: [2, 0, 2] }, before('middle dantian', 2, 0, 10, 'out', 'in')), { trunk: { turn: 22 }, head: { turn: 26, nod: 8 } }), sit())],
  },
  'crescent-moon': {
    cycle: [
      to(stand(6, both(before('crown', 1, 9, 2, 'in', 'up')))),
      to(stand(8, both(reaching(-0.25, 1, 0.1, 'in', 0.9)), { trunk: { bend: 22 }, head: { tilt: 4 } }), stand(6, both(reaching(0.9, -0.1, 0.3)))),
    ],
    smaller: [to(stand(6, both(ON_RIBS))), to(stand(8, both(ON_RIBS), { trunk: { bend: 12 } }), stand(6, both(ON_RIBS)))],
    seated: [to(sit(both(ON_RIBS))), to(sit(both(ON_RIBS), { trunk: { bend: 12 } }), sit(both(ON_RIBS)))],
  },
  'bow-stance-turn': {
    view: 'side',
    cycle: [
      to(stand(26, both(reaching(0.8, -0.2, 0.6, 'up', 0.86)), { feet: bow(), weight: 0.3 })),
      to(stand(36, each(reaching(0.9, -0.3, 0.3, 'down', 0.85), before('middle dantian', 1, -1, 10, 'body', 'in')), { feet: bow(), weight: 0.7, trunk: { turn: 34 }, head: { turn: 16 } })),
    ],
    smaller: [to(stand(12, both(reaching(0.8, -0.3, 0.6, 'up', 0.84)))), to(stand(14, each(reaching(0.9, -0.4, 0.3, 'down', 0.82), before('middle dantian', 2, -2, 9, 'body', 'in')), { trunk: { turn: 24 }, head: { turn: 10 } }), stand(10, both(HANGING)))],
    seated: [to(sit(both(reaching(0.8, -0.3, 0.6, 'up', 0.84)))), to(sit(each(reaching(0.9, -0.4, 0.4, 'down', 0.8), before('middle dantian', 2, -1, 9, 'body', 'in')), { trunk: { turn: 22 } }), sit())],
  },
};
