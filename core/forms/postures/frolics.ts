import { before, both, bow, each, ON_THIGHS, reaching, sit, stand, to, type FormBody } from './words';

const claw = { shape: 'claw' } as const;
const paw = { shape: 'loose fist' } as const;
const antler = { shape: 'antler' } as const;
const feather = { shape: 'feather' } as const;
const hook = { shape: 'gathered fingertips' } as const;

// prettier-ignore
export const FROLIC_BODIES: Readonly<Record<string, FormBody>> = {
  'animal-tiger-pounce': {
    view: 'side',
    cycle: [
      to(stand(14, both({ ...before('navel', 4, 2, 5, 'down', 'forward'), ...paw })), stand(6, both({ ...before('collarbone', 2, 0, 6, 'forward', 'up'), ...paw }), { trunk: { round: -9 }, head: { nod: -8 } })),
      to(stand(30, both({ ...reaching(0.15, -0.05, 1, 'down', 0.94), ...claw }), { trunk: { lean: 50 }, head: { nod: -14 } })),
      to(stand(44, both({ near: 'knee', off: [1, 3, 3], palm: 'down', ...claw }), { trunk: { lean: 44, round: 22 } }), stand(8, both({ ...before('ribs', 2, 1, 5, 'down', 'forward'), ...paw }), { trunk: { round: -4 } })),
      to(stand(46, both({ near: 'knee', off: [1, 2, 5], palm: 'down', ...claw }), { trunk: { lean: 40, round: 12 }, head: { nod: -12 } })),
    ],
    smaller: [to(stand(9, both({ ...before('ribs', 2, 1, 5, 'forward', 'up'), ...paw }))), to(stand(18, both({ ...reaching(0.2, -0.4, 1, 'down', 0.9), ...claw }), { trunk: { lean: 22 } }), stand(10))],
    seated: [to(sit(both({ ...before('ribs', 2, 2, 5, 'forward', 'up'), ...paw }))), to(sit(both({ ...reaching(0.2, -0.25, 1, 'down', 0.9), ...claw }), { trunk: { lean: 24 } }), sit())],
  },
  'animal-deer-run': {
    view: 'side',
    cycle: [
      to(stand(34, both({ ...reaching(0.15, -0.05, 1, 'down', 0.9), ...paw }), { feet: bow(1.5), weight: 0.72 })),
      to(stand(30, both({ ...reaching(0.05, -0.1, 1, 'out', 0.88), ...antler }), { feet: { ...bow(1.5), toes: { left: 12 } }, weight: 0.24, pelvis: { tuck: 8 }, trunk: { lean: 8, round: 30 }, shoulders: { forward: 0.8 }, head: { nod: 18 } })),
    ],
    smaller: [to(stand(10, both({ ...reaching(0.15, -0.2, 1, 'down', 0.86), ...paw }))), to(stand(16, both({ ...reaching(0.05, -0.2, 1, 'out', 0.84), ...antler }), { trunk: { round: 18, turn: -4 }, head: { nod: 14 } }))],
    seated: [to(sit(both({ ...reaching(0.15, -0.2, 1, 'down', 0.84), ...paw }))), to(sit(both({ ...reaching(0.05, -0.2, 1, 'out', 0.82), ...antler }), { trunk: { round: 20, turn: -4 }, head: { nod: 14 } }))],
  },
  'animal-bear-sway': {
    view: 'side',
    cycle: [
      to(stand(34, each({ ...reaching(0.35, -0.9, 0.5, 'back', 0.9), ...paw }, { ...reaching(0.5, -1, -0.15, 'back', 0.9), ...paw }), { feet: bow(1.4), weight: 0.72, trunk: { turn: -18, lean: 8 } })),
      to(stand(28, each({ ...reaching(0.5, -1, -0.15, 'back', 0.9), ...paw }, { ...reaching(0.35, -0.9, 0.5, 'back', 0.9), ...paw }), { feet: bow(1.4), weight: 0.34, trunk: { turn: 16 } })),
    ],
    smaller: [
      to(stand(18, each({ ...reaching(0.35, -0.9, 0.5, 'back', 0.9), ...paw }, { ...reaching(0.5, -1, -0.1, 'back', 0.9), ...paw }), { weight: 0.68, trunk: { turn: -12 } })),
      to(stand(14, both({ ...reaching(0.4, -0.95, 0.2, 'back', 0.84), ...paw }))),
    ],
    seated: [to(sit(each({ ...reaching(0.4, -0.6, 0.8, 'down', 0.7), ...paw }, { ...before('hip', 3, 1, 2, 'down', 'forward'), ...paw }), { weight: 0.66, trunk: { turn: -12 } })), to(sit(both({ near: 'thigh', off: [0, 0, 1.2], palm: 'down', ...paw })))],
  },
  'animal-monkey-pick': {
    cycle: [
      to(stand(16, each(before('hip', 2, 1, 2, 'down', 'forward'), { near: 'temple', off: [1.5, 0.5, 4], palm: 'down', fingers: 'in', elbow: 'out' }), { weight: 0.4, head: { turn: 34, nod: -9 }, trunk: { turn: 10 } })),
      to(stand(30, each({ near: 'hip', off: [1, 0, 2], ...hook }, before('middle dantian', 2, 0, 6, 'body', 'in')), { weight: 0.5 })),
      to(stand(7, each({ ...reaching(0.35, 0.95, 0.5, 'forward', 0.94), ...hook }, before('hip', 3, 1, 3, 'down', 'forward')), { weight: 0.78, feet: { heels: { right: 18 } }, head: { turn: 18, nod: -10 }, trunk: { bend: -3 } })),
      to(stand(16, each({ ...before('middle dantian', 3, 1, 9, 'up', 'in'), ...hook }, before('middle dantian', 1, -3, 8, 'up', 'in')), { weight: 0.5 })),
    ],
    smaller: [
      to(stand(9, each({ ...reaching(0.4, -0.08, 1, 'forward', 0.86), ...hook }, before('hip', 2, 0, 3, 'down', 'forward')), { weight: 0.62, head: { turn: 22 } })),
      to(stand(14, each({ ...before('middle dantian', 3, 0, 8, 'up', 'in'), ...hook }, before('middle dantian', 1, -4, 7, 'up', 'in')))),
    ],
    seated: [
      to(sit(each({ ...reaching(0.4, -0.1, 1, 'forward', 0.84), ...hook }, ON_THIGHS), { weight: 0.6, head: { turn: 22 } })),
      to(sit(each({ ...before('middle dantian', 3, 0, 8, 'up', 'in'), ...hook }, before('middle dantian', 1, -4, 7, 'up', 'in')))),
    ],
  },
  'animal-bird-fly': {
    cycle: [
      to(stand(7, both({ ...reaching(1, 0.05, 0.2, 'down', 0.94), ...feather }), { weight: 0, feet: { lifted: { foot: 'left', thigh: 62, knee: 74, point: 18 } } })),
      to(stand(16, both({ ...before('lower dantian', 3, 1, 6, 'up', 'in'), ...feather }))),
    ],
    smaller: [to(stand(8, both({ ...reaching(1, -0.45, 0.3, 'down', 0.9), ...feather }), { weight: 0.2, feet: { heels: { left: 10 } } })), to(stand(14, both({ ...before('lower dantian', 3, 1, 6, 'up', 'in'), ...feather })))],
    seated: [to(sit(both({ ...reaching(1, -0.4, 0.35, 'down', 0.88), ...feather }), { feet: { heels: { left: 20 } } })), to(sit(both({ ...before('navel', 3, 1, 6, 'up', 'in'), ...feather })))],
  },
};
