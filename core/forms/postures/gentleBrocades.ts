import {
  AT_KIDNEYS,
  before,
  both,
  each,
  ON_HIPS,
  ON_THIGHS,
  reaching,
  sit,
  stand,
  to,
  type FormBody,
  THIGHS_PALMS_UP,
} from './words';

const paw = { shape: 'loose fist' } as const;
const atRibs = {
  near: 'flank',
  off: [0, -1, 0] as [number, number, number],
  palm: 'up',
  fingers: 'forward',
  elbow: 'back',
  ...paw,
} as const;

// prettier-ignore
export const GENTLE_BODIES: Readonly<Record<string, FormBody>> = {
  'gentle-hold-up-the-sky': {
    cycle: [to(stand(14, both(before('lower dantian', 2.5, 0, 5, 'up'))), stand(8, both(before('middle dantian', 2.5, 0, 6, 'up')))), to(stand(10, both(before('middle dantian', 3, 0, 6, 'down'))), stand(15, both(before('lower dantian', 3, 0, 5, 'down'))))],
    seated: [to(sit(both(before('navel', 2.5, 1, 5, 'up'))), sit(both(before('middle dantian', 2.5, 0, 7, 'up')))), to(sit(both(before('middle dantian', 3, 0, 6, 'down'))), sit(both(before('navel', 3, 1, 6, 'down'))))],
  },
  'gentle-draw-the-bow': {
    cycle: [to(stand(9, both(before('middle dantian', 1.4, 0, 7)))), to(stand(14, each({ ...reaching(0.9, -0.2, 0.5, 'out', 0.86), fingers: 'up' }, before('middle dantian', 2, 0, 6)), { head: { turn: 28 } }), stand(10, both(before('middle dantian', 1.4, 0, 7))))],
    smaller: [to(stand(9, both(before('middle dantian', 1.4, 0, 7)))), to(stand(12, each({ ...reaching(0.6, -0.3, 0.7, 'out', 0.7), fingers: 'up' }, before('middle dantian', 2, 0, 6)), { head: { turn: 14 } }), stand(10, both(before('middle dantian', 1.4, 0, 7))))],
    seated: [to(sit(both(before('middle dantian', 1.4, 0, 7)))), to(sit(each({ ...reaching(0.9, -0.25, 0.5, 'out', 0.84), fingers: 'up' }, before('middle dantian', 2, 0, 6)), { head: { turn: 28 } }), sit(both(before('middle dantian', 1.4, 0, 7))))],
  },
  'gentle-part-heaven-and-earth': {
    cycle: [to(stand(8, each(before('middle dantian', 2, 1, 7, 'up'), before('hip', 2, -2, 3, 'down', 'forward')))), to(stand(13, each(before('navel', 1, 2, 7, 'down'), before('navel', 1, -2, 6, 'up'))))],
    seated: [to(sit(each(before('middle dantian', 2, 1, 8, 'up'), before('hip', 3, -1, 2, 'down', 'forward')))), to(sit(each(before('navel', 1, 4, 8, 'down'), before('navel', 1, 0.5, 6, 'up'))))],
  },
  'gentle-look-back': {
    cycle: [to(stand(7, both(reaching(0.35, -1, 0, 'forward', 0.95)))), to(stand(8, both(reaching(0.35, -1, 0, 'forward', 0.95)), { trunk: { turn: 8 }, head: { turn: 32 } }), stand(10))],
    seated: [to(sit(both(THIGHS_PALMS_UP))), to(sit(both(THIGHS_PALMS_UP), { head: { turn: 32 } }), sit())],
  },
  'gentle-sway': {
    cycle: [to(stand(12, both(ON_HIPS))), to(stand(16, both(ON_HIPS), { weight: 0.68, trunk: { bend: -7 } }), stand(12, both(ON_HIPS)))],
    smaller: [to(stand(10, both(ON_HIPS))), to(stand(12, both(ON_HIPS), { weight: 0.64 }), stand(10, both(ON_HIPS)))],
    seated: [to(sit()), to(sit(both(ON_THIGHS), { weight: 0.68, trunk: { bend: -8 } }), sit())],
  },
  'gentle-heels': {
    view: 'three-quarter', cycle: [to(stand(6, both({ near: 'hanging', palm: 'down' }), { along: 0.72 })), to(stand(12, both({ near: 'hanging', palm: 'down' }), { along: 0.4 }))],
    smaller: [to(stand(7)), to(stand(10))], seated: [to(sit(both(ON_THIGHS), { feet: { heels: 5 } })), to(sit())],
  },
  'gentle-clench-fists': {
    view: 'three-quarter',
    cycle: [to(stand(9, both(atRibs))), to(stand(14, each(reaching(0.1, -0.25, 1, 'up', 0.86), atRibs)), stand(10, both(atRibs)))],
    smaller: [to(stand(9, both(atRibs))), to(stand(11, each({ ...atRibs, shape: 'open' }, atRibs)))],
    seated: [to(sit(both(atRibs))), to(sit(each(reaching(0.1, -0.25, 1, 'up', 0.84), atRibs)), sit(both(atRibs)))],
  },
  'gentle-hands-to-feet': {
    view: 'side', cycle: [to(stand(8, both(AT_KIDNEYS))), to(stand(14, both({ near: 'buttock', elbow: 'back' }), { trunk: { lean: 8 } }), stand(22, both({ near: 'thigh', off: [0, 3, 0] }), { trunk: { lean: 18, round: 6 } }), stand(10, both({ near: 'hip' })))],
    smaller: [to(stand(8, both(AT_KIDNEYS))), to(stand(11, both(AT_KIDNEYS)))],
    seated: [to(sit(both(AT_KIDNEYS))), to(sit(both({ near: 'hip', off: [1, 0, 1] })), sit(both(ON_THIGHS), { trunk: { lean: 8 } }), sit(both({ near: 'hip', off: [1, 0, 1] })))],
  },
};
