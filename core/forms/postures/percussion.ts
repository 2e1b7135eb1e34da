import type { Hand, Posture } from '../../body';
import {
  AT_KIDNEYS,
  before,
  both,
  each,
  HANGING,
  ON_THIGHS,
  pulse,
  reaching,
  sit,
  stand,
  to,
  type FormBody,
  type StrokeBody,
} from './words';

const hollow = { shape: 'hollow palm' } as const;
const fist = { shape: 'loose fist' } as const;

/** Leaning to follow the hands down the legs, or up them again. */
function legRoute(hands: readonly Hand[], upward: boolean): StrokeBody {
  const steps = hands.map((hand, index): Posture => {
    const lean = 16 + (36 * index) / Math.max(1, hands.length - 1);
    return {
      sink: 14 + lean * 0.75,
      trunk: { lean, round: lean * 0.36 },
      head: { nod: -lean * 0.2 },
      hands: both({ ...hand, ...hollow }),
    };
  });
  return { postures: upward ? [...steps].reverse() : steps };
}
const tall = (...hands: readonly Hand[]): StrokeBody =>
  to(
    ...hands.map((hand): Posture => ({
      sink: 24,
      trunk: { lean: 22, round: 8 },
      hands: both({ ...hand, ...hollow }),
    })),
  );
const chair = (...hands: readonly Hand[]): StrokeBody =>
  to(
    ...hands.map((hand, index): Posture => sit(both({ ...hand, ...hollow }), { trunk: { lean: index * 8 } })),
  );
const knock = (near: Hand['near'], up: number, away: number): Hand => ({
  near,
  off: [0, up, away],
  palm: 'body',
  fingers: 'in',
  elbow: 'back',
  ...fist,
});

// prettier-ignore
export const PERCUSSION_BODIES: Readonly<Record<string, FormBody>> = {
  'tap-legs-outside': {
    view: 'three-quarter', cycle: [legRoute([{ near: 'hip' }, { near: 'outer thigh' }, { near: 'outer calf', off: [0, 3, 0] }], false)],
    smaller: [tall({ near: 'hip' }, { near: 'outer thigh', off: [0, 3, 0] })], seated: [chair({ near: 'hip', off: [1, 0, 1] }, { near: 'outer thigh' })],
  },
  'tap-legs-front': {
    view: 'three-quarter', cycle: [legRoute([{ near: 'thigh', off: [0, 4, 0] }, { near: 'thigh', off: [0, -2, 0] }, { near: 'shin', off: [0, 3, 0] }], false)],
    smaller: [tall({ near: 'thigh', off: [0, 4, 0] }, { near: 'thigh', off: [0, 2, 0] })], seated: [chair({ near: 'thigh' }, { near: 'knee' })],
  },
  'tap-legs-back': {
    view: 'side', cycle: [legRoute([{ near: 'buttock' }, { near: 'back thigh', off: [0, 5, 0] }, { near: 'calf', off: [0, 4, 0] }], false)],
    smaller: [tall({ near: 'buttock' }, { near: 'buttock', off: [0, -1.5, 0] })], seated: [chair({ near: 'outer thigh' }, { near: 'outer thigh', off: [0, -2, 0] })],
  },
  'tap-legs-inside': {
    view: 'front', cycle: [legRoute([{ near: 'belly side', fingers: 'in' }, { near: 'inner thigh' }, { near: 'inner calf', off: [0, 4.5, 0] }], true)],
    smaller: [to(stand(24, both({ near: 'thigh', off: [-1, 4, 0], ...hollow }), { trunk: { lean: 22, round: 8 } }), stand(12, both({ near: 'belly side', fingers: 'in', ...hollow })))],
    seated: [to(sit(both({ near: 'knee', off: [-1, 0, 0], ...hollow }), { trunk: { lean: 10 } }), sit(both({ near: 'inner thigh', palm: 'body', ...hollow }), { trunk: { lean: 12 } }), sit(both({ near: 'belly side', fingers: 'in', ...hollow })))],
  },
  'tap-chest': {
    cycle: [pulse(4, stand(9, each(HANGING, { near: 'middle dantian', off: [0, 1, 0], fingers: 'in', elbow: 'out', shape: 'gathered fingertips' })), stand(9, each(HANGING, { near: 'collarbone', of: 'other', off: [0, -1, 0.2], palm: 'body', fingers: 'in', elbow: 'out', shape: 'gathered fingertips' })))],
    seated: [pulse(4, sit(each(ON_THIGHS, { near: 'middle dantian', off: [0, 1, 0], fingers: 'in', elbow: 'out', shape: 'gathered fingertips' })), sit(each(ON_THIGHS, { near: 'collarbone', of: 'other', off: [0, -1, 0.2], palm: 'body', fingers: 'in', elbow: 'out', shape: 'gathered fingertips' })))],
  },
  'tap-flanks': { cycle: [to(stand(10, both({ near: 'ribs', off: [0, 1, 0.3], palm: 'body', elbow: 'out', ...fist })), stand(10, both({ near: 'flank', palm: 'body', fingers: 'in', elbow: 'out', ...fist })), stand(12, both({ near: 'hip', palm: 'body', elbow: 'out', ...fist })))] },
  'tap-kidneys': {
    view: 'back', cycle: [pulse(6, stand(12, both(knock('kidneys', 0, 0.2))), stand(13, both(knock('kidneys', 0, 2))))],
    smaller: [pulse(3, stand(11, both({ ...AT_KIDNEYS, off: [0, 1, 0.2] })), stand(11, both({ ...AT_KIDNEYS, off: [0, -1, 0.2] })))],
  },
  'tap-sacrum': {
    view: 'back', cycle: [pulse(6, stand(18, both({ near: 'sacrum', off: [1, 0, 0.2], palm: 'body', elbow: 'back', ...fist }), { trunk: { lean: 10 } }), stand(18, both({ near: 'sacrum', off: [1, 0, 2], palm: 'body', elbow: 'back', ...fist }), { trunk: { lean: 10 } }))],
    smaller: [pulse(3, stand(14, both({ near: 'sacrum', off: [1, 1, 0.2], palm: 'body', elbow: 'back' })), stand(14, both({ near: 'sacrum', off: [1, -1, 0.2], palm: 'body', elbow: 'back' })))],
    seated: [pulse(6, sit(both({ near: 'sacrum', off: [1, 1, 0.4], palm: 'body', elbow: 'back', ...fist }), { trunk: { lean: 12 } }), sit(both({ near: 'sacrum', off: [1, 1, 2], palm: 'body', elbow: 'back', ...fist }), { trunk: { lean: 12 } }))],
  },
  'tap-head': {
    view: 'three-quarter', cycle: [to(stand(9, both({ near: 'upper dantian', off: [1.5, 2.5, 0.6], fingers: 'up', elbow: 'out' })), stand(9, both({ near: 'crown', off: [1.5, 0.5, 0], fingers: 'in', elbow: 'out' })), stand(9, both({ near: 'occiput', off: [1.5, 0, 0.4], fingers: 'in', elbow: 'out' })), stand(9, both({ near: 'nape', off: [1.4, 0, 0.4], fingers: 'down', elbow: 'out' })))],
  },
  'tap-belly': {
    cycle: [to(...([[-2.5, -1.5], [-2.5, 2], [0, 3.4], [2.5, 2], [2.5, -1.5], [0, -2.5]] as const).map(([out, up]): Posture => stand(12, each({ near: 'navel', off: [out + 1.4, up, 0.2], fingers: 'in', ...hollow }, { near: 'navel', off: [-out + 1.4, up, 0.4], fingers: 'in', ...hollow }))))],
    seated: [to(...([[-2, 0], [-2, 2], [0, 3], [2, 2], [2, 0]] as const).map(([out, up]): Posture => sit(each({ near: 'navel', off: [out + 1.4, up, 0.2], fingers: 'in', ...hollow }, { near: 'navel', off: [-out + 1.4, up, 0.4], fingers: 'in', ...hollow }))))],
  },
  bouncing: {
    cycle: [pulse(18, stand(30, both({ near: 'hanging', off: [1, 0.5, 1] })), stand(10, both({ near: 'hanging', off: [1.4, 1, 1] }), { shoulders: { raise: 0.2 } }))],
    smaller: [pulse(18, stand(16), stand(9))],
    seated: [pulse(16, sit(both({ near: 'navel', off: [7, 1, 8], palm: 'down' })), sit(both({ near: 'navel', off: [7.5, 2.4, 8], palm: 'down' }), { shoulders: { raise: 0.15 } }))],
  },
  'shaking-limbs': {
    cycle: [
      pulse(6, stand(9, each(before('navel', 6, 2, 9, 'down', 'forward'), HANGING)), stand(9, each(before('navel', 7, 0, 9, 'in', 'down'), HANGING))),
      pulse(5, stand(8, undefined, { weight: 0, feet: { lifted: { foot: 'left', thigh: 18, knee: 30, point: 15 } } }), stand(8, undefined, { weight: 0, feet: { lifted: { foot: 'left', thigh: 20, knee: 22, point: -5 } } })),
    ],
    smaller: [
      pulse(6, stand(9, each(before('navel', 6, 2, 9, 'down', 'forward'), HANGING)), stand(9, each(before('navel', 7, 0, 9, 'in', 'down'), HANGING))),
      pulse(5, stand(9, undefined, { weight: 0.2, feet: { heels: { left: 10 } } }), stand(9, undefined, { weight: 0.2, feet: { heels: { left: 6 }, turnOut: { left: 10 } } })),
    ],
    seated: [
      pulse(6, sit(each(before('navel', 6, 4, 9, 'down', 'forward'), ON_THIGHS)), sit(each(before('navel', 7, 2, 9, 'in', 'down'), ON_THIGHS))),
      pulse(5, sit(both(ON_THIGHS), { feet: { lifted: { foot: 'left', thigh: 90, knee: 60, point: 20 } } }), sit(both(ON_THIGHS), { feet: { lifted: { foot: 'left', thigh: 90, knee: 50, point: -5 } } })),
    ],
  },
  'shaking-off': {
    cycle: [to(stand(14, both(before('lower dantian', 4, 0, 4, 'body', 'down'))), stand(8, both(before('middle dantian', 4, 1, 5, 'body', 'in')))), to(stand(20, both(reaching(0.35, -0.7, 0.85, 'down', 0.92))), stand(14, both(reaching(0.4, -1, 0.35, 'back', 0.95))))],
    smaller: [to(stand(10, both(before('navel', 4, 0, 5, 'body', 'in')))), to(stand(14, both(reaching(0.4, -0.9, 0.5, 'down', 0.9))))],
    seated: [to(sit(both(before('middle dantian', 4, 0, 5, 'body', 'in')))), to(sit(both(reaching(0.6, -0.55, 0.8, 'down', 0.85))))],
  },
  'swing-knock-ribs': {
    cycle: [to(
      stand(14, both(reaching(1, -0.6, 0.3, 'back', 0.9)), { trunk: { turn: 12 } }),
      stand(16, each({ near: 'sacrum', off: [1, 3, 0.3], palm: 'out', elbow: 'back', ...fist }, { near: 'ribs', of: 'other', off: [0, -1, 0.3], palm: 'body', fingers: 'in', elbow: 'out', ...fist }), { weight: 0.68, feet: { heels: { right: 14 } }, trunk: { turn: 34 }, head: { turn: 8 } }),
    )],
    smaller: [to(stand(12, both(reaching(0.7, -0.8, 0.3, 'back', 0.9)), { trunk: { turn: 8 } }), stand(14, each(reaching(0.35, -1, -0.2, 'back', 0.9), before('solar plexus', -1, 0, 5, 'body', 'in')), { weight: 0.6, trunk: { turn: 26 } }))],
    seated: [to(sit(both(reaching(0.8, -0.6, 0.6, 'down', 0.8))), sit(each({ near: 'hip', off: [2, 0, 2] }, before('solar plexus', -1, 0, 5, 'body', 'in')), { trunk: { turn: 22 } }))],
  },
  'swing-knock-shoulders': {
    cycle: [to(
      stand(14, both(reaching(1, -0.4, 0.35, 'down', 0.9)), { trunk: { turn: 10 } }),
      stand(16, each({ near: 'kidneys', off: [0, 0, 0.4], palm: 'out', elbow: 'back' }, { near: 'shoulder', of: 'other', off: [0, 0.5, 0.6], palm: 'body', elbow: 'front' }), { weight: 0.68, feet: { heels: { right: 14 } }, trunk: { turn: 34 }, head: { turn: 8 } }),
    )],
    smaller: [to(stand(12, both(reaching(0.7, -0.7, 0.4, 'down', 0.88)), { trunk: { turn: 8 } }), stand(14, each(HANGING, { near: 'upper arm', of: 'other', off: [0, 0, 0.6], palm: 'body', elbow: 'out' }), { weight: 0.6, trunk: { turn: 24 } }))],
    seated: [to(sit(both(reaching(0.8, -0.6, 0.6, 'down', 0.8))), sit(each(ON_THIGHS, { near: 'upper arm', of: 'other', off: [0, 0, 0.6], palm: 'body', elbow: 'out' }), { trunk: { turn: 20 } }))],
  },
  'wake-round-rubbing': {
    view: 'three-quarter',
    cycle: [
      pulse(4, stand(9, both({ near: 'middle dantian', off: [0.4, 0, 8], palm: 'in', fingers: 'up', elbow: 'out' })), stand(9, each({ near: 'middle dantian', off: [0.4, 1.5, 8], palm: 'in', fingers: 'up', elbow: 'out' }, { near: 'middle dantian', off: [0.4, -1.5, 8], palm: 'in', fingers: 'up', elbow: 'out' }))),
      pulse(2, stand(10, each(reaching(-0.1, -0.35, 1, 'up', 0.78), { near: 'elbow', of: 'other', off: [0, 0, 0.6], palm: 'down' })), stand(10, each({ near: 'hanging' }, { near: 'collarbone', of: 'other', off: [0, -2, 0.3], palm: 'body', fingers: 'in' }))),
      pulse(2, stand(12, both({ near: 'belly side', fingers: 'in' })), stand(12, both(AT_KIDNEYS))),
      pulse(2, stand(16, both({ near: 'thigh', off: [0, 4, 0] }), { trunk: { lean: 14 } }), stand(30, both({ near: 'thigh', off: [0, -2, 0] }), { trunk: { lean: 36, round: 8 }, head: { nod: -8 } })),
    ],
    smaller: [
      pulse(4, stand(9, both({ near: 'middle dantian', off: [0.4, 0, 8], palm: 'in', fingers: 'up', elbow: 'out' })), stand(9, each({ near: 'middle dantian', off: [0.4, 1.5, 8], palm: 'in', fingers: 'up', elbow: 'out' }, { near: 'middle dantian', off: [0.4, -1.5, 8], palm: 'in', fingers: 'up', elbow: 'out' }))),
      pulse(2, stand(10, each(reaching(-0.1, -0.35, 1, 'up', 0.78), { near: 'elbow', of: 'other', off: [0, 0, 0.6], palm: 'down' })), stand(10, each(reaching(-0.1, -0.35, 1, 'up', 0.78), { near: 'wrist', of: 'other', off: [0, 0, 0.6], palm: 'down' }))),
      pulse(2, stand(12, both({ near: 'thigh', off: [0, 5, 0] }), { trunk: { lean: 8 } }), stand(20, both({ near: 'thigh', off: [0, 3, 0] }), { trunk: { lean: 18 } })),
    ],
    seated: [
      pulse(4, sit(both({ near: 'middle dantian', off: [0.4, 0, 8], palm: 'in', fingers: 'up', elbow: 'out' })), sit(each({ near: 'middle dantian', off: [0.4, 1.5, 8], palm: 'in', fingers: 'up', elbow: 'out' }, { near: 'middle dantian', off: [0.4, -1.5, 8], palm: 'in', fingers: 'up', elbow: 'out' }))),
      pulse(2, sit(each(reaching(-0.1, -0.35, 1, 'up', 0.75), { near: 'elbow', of: 'other', off: [0, 0, 0.6], palm: 'down' })), sit(each(ON_THIGHS, { near: 'collarbone', of: 'other', off: [0, -2, 0.3], palm: 'body', fingers: 'in' }))),
      pulse(2, sit(both(ON_THIGHS)), sit(both({ near: 'knee' }), { trunk: { lean: 14 } })),
    ],
  },
  'wake-ears': { cycle: [pulse(3, stand(9, both({ near: 'ear', off: [0.4, 0.6, 0], palm: 'body', fingers: 'back', elbow: 'out' })), stand(9, both({ near: 'ear', off: [0.4, -0.6, 0], palm: 'body', fingers: 'back', elbow: 'out' }))), to(stand(9, both({ near: 'ear', off: [0.6, 0, 0], palm: 'body', fingers: 'back', elbow: 'out', shape: 'hollow palm' })))] },
  'wake-teeth': { view: 'three-quarter', cycle: [to(stand(9, both({ near: 'lower dantian', off: [2.5, 0, 0], fingers: 'in' }))), to(stand(12, both({ near: 'lower dantian', off: [2.5, 0, 0], fingers: 'in' }), { head: { nod: 6 } }))] },
  'heel-sink': {
    view: 'three-quarter', cycle: [to(stand(5, both(reaching(0, -0.25, 1, 'down', 0.85)), { feet: { heels: 24 } })), to(stand(14, both({ near: 'navel', off: [5, -1, 8], palm: 'down', fingers: 'forward' })))],
    smaller: [to(stand(6, both(reaching(0, -0.5, 1, 'down', 0.7)), { feet: { heels: 8 } })), to(stand(9, both(reaching(0, -0.5, 1, 'down', 0.7))))],
    seated: [to(sit(both(reaching(0, -0.4, 1, 'down', 0.7)), { feet: { heels: 20 } })), to(sit(both({ near: 'thigh', off: [0, 0, 1.5], palm: 'down' })))],
  },
};
