import {
  before,
  both,
  each,
  HANGING,
  ON_HIPS,
  ON_THIGHS,
  reaching,
  sit,
  stand,
  to,
  type FormBody,
} from './words';

const lift = (foot: 'left', thigh: number, knee: number, point = 10) => ({
  weight: 0,
  feet: { lifted: { foot, thigh, knee, point } },
});

// prettier-ignore
export const STREAM_BODIES: Readonly<Record<string, FormBody>> = {
  'open-and-close': {
    cycle: [to(stand(8, both(before('middle dantian', 8, -1, 9, 'in', 'forward')))), to(stand(14, both(before('middle dantian', 1.6, -1, 9, 'in', 'forward'))))],
    smaller: [to(stand(8, both(before('middle dantian', 4.5, -2, 8, 'in', 'forward')))), to(stand(12, both(before('middle dantian', 1.6, -2, 8, 'in', 'forward'))))],
    seated: [to(sit(both(before('middle dantian', 8, -1, 9, 'in', 'forward')))), to(sit(both(before('middle dantian', 1.6, -1, 9, 'in', 'forward'))))],
  },
  'push-and-draw': {
    view: 'side',
    cycle: [to(stand(9, both(before('ribs', 1, 0, 4, 'forward', 'up')), { trunk: { round: -4 } })), to(stand(18, both(reaching(0.1, -0.12, 1, 'forward', 0.9)), { trunk: { round: 8 } }))],
    smaller: [to(stand(9, both(before('ribs', 1, 0, 4, 'forward', 'up')))), to(stand(13, both(reaching(0.1, -0.25, 1, 'forward', 0.72))))],
    seated: [to(sit(both(before('ribs', 1, 0, 4, 'forward', 'up')))), to(sit(both(reaching(0.1, -0.15, 1, 'forward', 0.88)), { trunk: { round: 6 } }))],
  },
  wheel: {
    cycle: [
      to(stand(24, each(reaching(0.7, -0.2, 0.7, 'in', 0.85), reaching(-0.2, -0.2, 1, 'in', 0.8)), { weight: 0.66, trunk: { turn: 14, bend: 6 } }), stand(6, both(reaching(0.12, 1, 0.25, 'forward', 0.94)), { weight: 0.5 })),
      to(stand(24, each(reaching(-0.2, -0.2, 1, 'in', 0.8), reaching(0.7, -0.2, 0.7, 'in', 0.85)), { weight: 0.34, trunk: { turn: -14, bend: -6 } }), stand(46, both({ near: 'knee', off: [0, 4, 3], palm: 'body' }), { weight: 0.5, trunk: { lean: 40, round: 10 }, head: { nod: -8 } })),
    ],
    smaller: [
      to(stand(12, each(reaching(0.6, -0.5, 0.7, 'in', 0.76), before('navel', -2, 3, 9, 'body')), { trunk: { turn: 8 } }), stand(8, both(before('middle dantian', 2, 2, 10, 'forward', 'up')))),
      to(stand(12, each(before('navel', -2, 3, 9, 'body'), reaching(0.6, -0.5, 0.7, 'in', 0.76)), { trunk: { turn: -8 } }), stand(16, both(before('lower dantian', 3, -1, 6, 'body', 'in')))),
    ],
    seated: [
      to(sit(each(reaching(0.6, -0.4, 0.7, 'in', 0.76), before('navel', -2, 4, 9, 'body')), { trunk: { turn: 8 } }), sit(both(before('middle dantian', 2, 2, 10, 'forward', 'up')))),
      to(sit(each(before('navel', -2, 4, 9, 'body'), reaching(0.6, -0.4, 0.7, 'in', 0.76)), { trunk: { turn: -8 } }), sit(both(before('navel', 3, 2, 7, 'body', 'in')))),
    ],
  },
  'parting-clouds': {
    cycle: [
      to(stand(14, each(before('lower dantian', -1, 0, 7, 'body', 'down'), before('lower dantian', -1, 0, 9, 'body', 'down'))), stand(6, each(before('face', -1, 4, 8, 'body', 'up'), before('face', -1, 4, 10, 'body', 'up')))),
      to(stand(8, both({ ...reaching(1, 0.05, 0.3, 'out', 0.93), fingers: 'up' })), stand(16, both(reaching(0.7, -0.8, 0.3, 'down', 0.94)))),
    ],
    smaller: [to(stand(10, each(before('middle dantian', -1, 0, 7, 'body', 'up'), before('middle dantian', -1, 0, 9, 'body', 'up')))), to(stand(14, both({ ...reaching(0.9, -0.5, 0.4, 'out', 0.86), fingers: 'up' })))],
    seated: [to(sit(each(before('middle dantian', -1, 0, 7, 'body', 'up'), before('middle dantian', -1, 0, 9, 'body', 'up')))), to(sit(both({ ...reaching(0.9, -0.45, 0.5, 'out', 0.84), fingers: 'up' })))],
  },
  'ball-of-qi': {
    cycle: [
      to(stand(16, each(before('middle dantian', 0, -1, 9, 'down'), before('lower dantian', 0, 1, 8, 'up')))),
      to(stand(22, each(before('lower dantian', 0, 1, 8, 'up'), before('middle dantian', 0, -1, 9, 'down')), { weight: 0.7, trunk: { turn: 16 } })),
    ],
    smaller: [to(stand(12, each(before('navel', 0, 4, 8, 'down'), before('lower dantian', 0, 1, 7, 'up')))), to(stand(13, each(before('lower dantian', 0, 1, 7, 'up'), before('navel', 0, 4, 8, 'down'))))],
    seated: [to(sit(each(before('middle dantian', 0, -1, 9, 'down'), before('navel', 0, 0, 8, 'up')))), to(sit(each(before('navel', 0, 0, 8, 'up'), before('middle dantian', 0, -1, 9, 'down')), { trunk: { turn: 10 } }))],
  },
  'growing-ball': {
    cycle: [to(stand(8, both(before('middle dantian', 6, -1, 11, 'body')))), to(stand(13, both(before('middle dantian', 2.4, -2, 9, 'in', 'forward'))))],
    smaller: [to(stand(9, both(before('navel', 4, 1, 8, 'in', 'forward')))), to(stand(12, both(before('navel', 2, 1, 8, 'in', 'forward'))))],
    seated: [to(sit(both(before('middle dantian', 6, -1, 11, 'body')))), to(sit(both(before('middle dantian', 2.4, -2, 9, 'in', 'forward'))))],
  },
  'spiralling-arms': {
    view: 'three-quarter',
    cycle: [
      to(stand(18, each(before('ribs', 2, 0, 5, 'up', 'in'), HANGING), { weight: 0.38, trunk: { turn: -14 } })),
      to(stand(24, each({ ...reaching(0.5, -0.15, 0.95, 'out', 0.88), fingers: 'up' }, HANGING), { weight: 0.6 }), stand(20, each({ ...reaching(0.95, -0.2, 0.35, 'out', 0.93), fingers: 'up' }, HANGING), { weight: 0.7, trunk: { turn: 18 }, head: { turn: 12 } })),
    ],
    smaller: [to(stand(12, each(before('ribs', 2, 0, 5, 'up', 'in'), HANGING), { trunk: { turn: -6 } })), to(stand(13, each({ ...reaching(0.8, -0.4, 0.6, 'out', 0.82), fingers: 'up' }, HANGING), { trunk: { turn: 8 } }))],
    seated: [to(sit(each(before('ribs', 2, 0, 5, 'up', 'in'), ON_THIGHS), { trunk: { turn: -8 } })), to(sit(each({ ...reaching(0.8, -0.3, 0.6, 'out', 0.84), fingers: 'up' }, ON_THIGHS), { trunk: { turn: 10 } }))],
  },
  'twining-vine': {
    cycle: [to(stand(9, each({ near: 'kidneys', off: [0, 0, 0.4], palm: 'back', elbow: 'back' }, { near: 'belly side', of: 'other', off: [-2, 1, 0.3], palm: 'body', fingers: 'in' }))), to(stand(12, each({ near: 'kidneys', off: [0, 0, 0.4], palm: 'back', elbow: 'back' }, { near: 'belly side', of: 'other', off: [-2, 1, 0.3], palm: 'body', fingers: 'in' }), { trunk: { turn: 30 }, head: { turn: 34 } }), stand(9))],
    seated: [to(sit(each({ near: 'hip', off: [2, 0, 2] }, { near: 'belly side', of: 'other', off: [-2, 2, 0.3], palm: 'body', fingers: 'in' }))), to(sit(each({ near: 'hip', off: [2, 0, 2] }, { near: 'belly side', of: 'other', off: [-2, 2, 0.3], palm: 'body', fingers: 'in' }), { trunk: { turn: 20 }, head: { turn: 30 } }), sit())],
  },
  'lifting-the-lake': {
    cycle: [to(stand(14, both(before('lower dantian', 3, -2, 6, 'up'))), stand(8, both(before('navel', 3, 1, 7, 'up')))), to(stand(12, both(before('navel', 4, 0, 7, 'down', 'forward'))), stand(26, both(before('lower dantian', 5, -3, 6, 'down', 'forward'))))],
    smaller: [to(stand(9, both(before('navel', 3, 1, 7, 'up')))), to(stand(11, both(before('lower dantian', 5, -1, 6, 'down', 'forward'))))],
    seated: [to(sit(both(before('navel', 3, 3, 8, 'up')))), to(sit(both({ near: 'thigh', off: [0, 0, 1.6], palm: 'down' })))],
  },
  'draw-up-press-down': {
    cycle: [to(stand(12, both(before('lower dantian', 2.5, 0, 4, 'up'))), stand(8, both(before('middle dantian', 2.5, -1, 7, 'up')))), to(stand(9, both(before('middle dantian', 3, 0, 5, 'down'))), stand(15, both(before('lower dantian', 3, 0, 4, 'down'))))],
    smaller: [to(stand(9, both(before('navel', 2.5, 3, 5, 'up')))), to(stand(12, both(before('lower dantian', 3, 0, 4, 'down'))))],
    seated: [to(sit(both(before('middle dantian', 2.5, 0, 6, 'up')))), to(sit(both(before('navel', 3, 1, 5, 'down'))))],
  },
  'sweeping-across': {
    cycle: [
      to(stand(14, each(before('middle dantian', 1, 0, 11, 'forward', 'up'), before('middle dantian', 5, 1, 9, 'forward', 'up')), { weight: 0.34, trunk: { turn: -20 } })),
      to(stand(22, each(before('navel', 5, 0, 9, 'down', 'forward'), before('navel', -1, 0, 10, 'down', 'forward')), { weight: 0.68, trunk: { turn: 20 } })),
    ],
    smaller: [to(stand(12, both(before('navel', 3, 2, 9, 'down', 'forward')), { weight: 0.42, trunk: { turn: -10 } })), to(stand(14, both(before('navel', 3, 0, 9, 'down', 'forward')), { weight: 0.58, trunk: { turn: 10 } }))],
    seated: [to(sit(both(before('middle dantian', 3, -1, 10, 'down', 'forward')), { trunk: { turn: -14 } })), to(sit(both(before('navel', 3, 4, 9, 'down', 'forward')), { trunk: { turn: 14 } }))],
  },
  'crane-stands': {
    cycle: [to(stand(7, both(reaching(0.9, -0.45, 0.35, 'down', 0.92)), lift('left', 70, 80))), to(stand(12, both(reaching(0.4, -1, 0.2, 'back', 0.95))))],
    smaller: [to(stand(8, both(reaching(0.8, -0.6, 0.3, 'down', 0.92)), { weight: 0.2, feet: { heels: { left: 10 } } })), to(stand(11, both(reaching(0.4, -1, 0.2, 'back', 0.95))))],
    seated: [to(sit(both(reaching(0.8, -0.5, 0.5, 'down', 0.82)), { feet: { heels: { left: 22 } } })), to(sit())],
  },
  'heron-walks': {
    view: 'three-quarter',
    cycle: [to(stand(8, undefined, { weight: 0.1, feet: { heels: { left: 30 } } }), stand(7, each(HANGING, reaching(0.15, -0.5, 0.9, 'in', 0.86)), lift('left', 44, 60, 22))), to(stand(9, undefined, { weight: 0.1, feet: { heels: { left: 20 } } }), stand(10))],
    smaller: [to(stand(8, each(HANGING, reaching(0.15, -0.6, 0.8, 'in', 0.84)), { weight: 0.2, feet: { heels: { left: 10 } } })), to(stand(10))],
    seated: [to(sit(each(ON_THIGHS, reaching(0.15, -0.35, 0.9, 'in', 0.8)), { feet: { heels: { left: 22 } } })), to(sit())],
  },
  'heel-pushes': {
    view: 'side',
    cycle: [to(stand(7, both(ON_HIPS), lift('left', 62, 84, -10))), to(stand(8, both(ON_HIPS), lift('left', 50, 24, -14)), stand(12, both(ON_HIPS)))],
    smaller: [to(stand(10, both(ON_HIPS), { weight: 0.2 })), to(stand(12, both(ON_HIPS), { weight: 0.2, feet: { ahead: { foot: 'left', by: 0.9 } } }), stand(10, both(ON_HIPS)))],
    seated: [to(sit(both(ON_THIGHS), { feet: { toes: { left: 20 } } })), to(sit(both(ON_THIGHS), { feet: { lifted: { foot: 'left', thigh: 88, knee: 30, point: -14 } } }), sit())],
  },
  'rocking-bamboo': {
    cycle: [to(stand(9, both(HANGING), { weight: 0.62 }), stand(9))],
    smaller: [to(stand(9, both(HANGING), { weight: 0.58 }), stand(9))],
    seated: [to(sit(both(ON_THIGHS), { weight: 0.66, trunk: { bend: 5 } }), sit())],
  },
};
