import type { Hand, Posture } from '../../body';
import {
  before,
  both,
  each,
  HANGING,
  ON_BELLY,
  ON_RIBS,
  ON_THIGHS,
  pulse,
  reaching,
  sit,
  STACKED,
  stand,
  to,
  type FormBody,
  type StrokeBody,
  THIGHS_PALMS_UP,
  PALMS_TOGETHER,
} from './words';

const RUBBED: Hand = { near: 'middle dantian', off: [0.4, 0, 8], palm: 'in', fingers: 'up', elbow: 'out' };

/** Two breaths in which only knees and crown move a little while the hands stay. */
const quiet = (hands: NonNullable<Posture['hands']>): StrokeBody[] => [
  to(stand(8, hands, { head: { nod: -2 } })),
  to(stand(13, hands, { head: { nod: 3 } })),
];
const quietChair = (hands: NonNullable<Posture['hands']> = both(ON_THIGHS)): StrokeBody[] => [
  to(sit(hands, { head: { nod: -2 } })),
  to(sit(hands, { head: { nod: 3 } })),
];
const held = (hands: NonNullable<Posture['hands']>, view: FormBody['view'] = 'front'): FormBody => ({
  view,
  cycle: quiet(hands),
  smaller: quiet(both(HANGING)),
  seated: quietChair(hands),
});

const gate = each(
  { near: 'kidneys', off: [-2, 0, 0.4], palm: 'body', fingers: 'in', elbow: 'back' },
  { near: 'lower dantian', fingers: 'in' },
);
const onEyes: Hand = {
  near: 'upper dantian',
  off: [1.9, -1, 1.2],
  palm: 'body',
  fingers: 'up',
  elbow: 'low',
  shape: 'hollow palm',
};

// prettier-ignore
export const INWARD_BODIES: Readonly<Record<string, FormBody>> = {
  'belly-breathing': held(both(ON_BELLY), 'three-quarter'),
  'life-gate-breathing': { view: 'side', cycle: [to(stand(9, gate, { pelvis: { tuck: 5 } })), to(stand(14, gate))], smaller: quiet(both(ON_BELLY)), seated: quietChair(gate) },
  'sole-gate-breathing': { cycle: [to(stand(7, both({ near: 'hanging', palm: 'down' }))), to(stand(16, both({ near: 'hanging', palm: 'down' })))], seated: quietChair() },
  pearl: { view: 'side', cycle: [to(stand(8, STACKED, { head: { nod: -3 } })), to(stand(13, STACKED, { head: { nod: 4 } }))], smaller: quiet(STACKED), seated: quietChair(STACKED) },
  'flank-breathing': held(both(ON_RIBS)),
  'heart-lamp-breathing': { ...held(both(before('middle dantian', 2.5, 0, 5, 'body', 'in'))), smaller: quiet(both(HANGING)), seated: quietChair(both(before('middle dantian', 2.5, 0, 5, 'body', 'in'))) },
  'three-burners-breathing': held(each({ near: 'middle dantian', fingers: 'in', elbow: 'out' }, { near: 'lower dantian', fingers: 'in' })),
  'girdle-breathing': held(both({ near: 'belly side', off: [1, 1, 0], palm: 'body', fingers: 'in', elbow: 'out' })),
  'middle-room-breathing': { ...held(each({ near: 'solar plexus', off: [0, -1, 0], fingers: 'in', elbow: 'out' }, { near: 'hand', off: [0, 0, 0.4], palm: 'back', fingers: 'in' })), smaller: quiet(each({ near: 'solar plexus', off: [0, -1, 0], fingers: 'in', elbow: 'out' }, HANGING)) },
  'skin-breathing': { cycle: [to(stand(8, both(reaching(0.7, -0.8, 0.25, 'forward', 0.95)), { head: { nod: -2 } })), to(stand(13, both(reaching(0.5, -0.95, 0.2, 'forward', 0.95)), { head: { nod: 3 } }))], smaller: quiet(both({ near: 'hanging', palm: 'forward' })), seated: quietChair(both(THIGHS_PALMS_UP)) },
  'nostril-to-belly': held(each({ near: 'middle dantian', off: [0, 1.5, 0], palm: 'body', fingers: 'in', elbow: 'out' }, { near: 'lower dantian', fingers: 'in' })),
  'resting-the-eyes': {
    entry: [to(stand(9, both(RUBBED)))], cycle: [to(stand(9, both(onEyes))), to(stand(12, both(onEyes), { head: { nod: 5 } }))],
    smaller: [to(stand(9, both({ ...onEyes, off: [1.9, -1, 4] }))), to(stand(12, both({ ...onEyes, off: [1.9, -1, 4] })))],
    seated: [to(sit(both(onEyes), { head: { nod: 4 } })), to(sit(both(onEyes), { head: { nod: 8 } }))],
  },
  'wiping-the-ribs': { cycle: [to(stand(9, both({ near: 'middle dantian', off: [2, -2, 0.3], palm: 'body', fingers: 'in', elbow: 'out' }))), to(stand(12, both(ON_RIBS)), stand(12, both({ near: 'flank', palm: 'body', fingers: 'in', elbow: 'out' })))], smaller: quiet(both(ON_RIBS)) },
  'smoothing-the-chest': {
    cycle: [to(stand(9, each({ near: 'middle dantian', off: [0, 2, 0.3], palm: 'body', fingers: 'in', elbow: 'out' }, { near: 'hand', off: [0, 0, 0.5], palm: 'back', fingers: 'in' }))), to(stand(14, each({ near: 'solar plexus', off: [0, -1, 0.3], palm: 'body', fingers: 'in', elbow: 'out' }, { near: 'hand', off: [0, 0, 0.5], palm: 'back', fingers: 'in' })))],
    smaller: [to(stand(9, each({ near: 'middle dantian', off: [0, 2, 0.3], palm: 'body', fingers: 'in', elbow: 'out' }, HANGING))), to(stand(14, each({ near: 'solar plexus', off: [0, -1, 0.3], palm: 'body', fingers: 'in', elbow: 'out' }, HANGING)))],
  },
  'pressing-the-palm-centre': {
    view: 'three-quarter',
    cycle: [to(stand(9, each(before('navel', 1, 3, 7, 'up'), { near: 'hand', of: 'other', off: [0, 0, 0.6], palm: 'down' }))), pulse(2, stand(11, each(before('navel', 1, 3, 7, 'up'), { near: 'hand', of: 'other', off: [0, 0.6, 0.6], palm: 'down' })), stand(11, each(before('navel', 1, 3, 7, 'up'), { near: 'hand', of: 'other', off: [0, -0.6, 0.6], palm: 'down' })))],
  },
  'belly-rubbing': {
    cycle: [to(...([[0, -2.4], [2.4, 0], [0, 2.6], [-2.4, 0], [0, -1]] as const).map(([out, up]): Posture => stand(11, each({ near: 'navel', off: [out, up, 0], fingers: 'in' }, { near: 'hand', off: [0, 0, 0.4], palm: 'back', fingers: 'in' }))))],
    smaller: [to(stand(11, STACKED))],
    seated: [to(...([[0, -1], [2, 0.5], [0, 2.4], [-2, 0.5], [0, 0]] as const).map(([out, up]): Posture => sit(each({ near: 'navel', off: [out, up, 0], fingers: 'in' }, { near: 'hand', off: [0, 0, 0.4], palm: 'back', fingers: 'in' }))))],
  },
  'rubbing-three-miles': {
    view: 'three-quarter', cycle: [pulse(3, sit(both({ near: 'shin', off: [1, 5, 0] }), { trunk: { lean: 30, round: 10 }, head: { nod: -8 } }), sit(both({ near: 'shin', off: [1, 3, 0] }), { trunk: { lean: 31, round: 12 }, head: { nod: -8 } }))],
    smaller: [to(sit(both({ near: 'knee' }), { trunk: { lean: 20 } }))], seated: [pulse(3, sit(both({ near: 'knee', off: [0, 0, 0] }), { trunk: { lean: 16 } }), sit(both({ near: 'knee', off: [0.5, -1, 0] }), { trunk: { lean: 22, round: 4 } }))],
  },
  'rolling-the-soles': {
    view: 'three-quarter',
    cycle: [to(sit(both(ON_THIGHS), { feet: { heels: { left: 26 } } }), sit(both(ON_THIGHS), { feet: { toes: { left: 18 } } }), sit())],
    smaller: [to(sit(both(ON_THIGHS), { feet: { heels: { left: 12 } } }), sit())],
  },
  'combing-the-head': {
    view: 'three-quarter', cycle: [to(stand(9, both({ near: 'upper dantian', off: [1.6, 2.5, 0.6], fingers: 'up', elbow: 'out' })), stand(9, both({ near: 'crown', off: [1.6, 0.4, 0], fingers: 'in', elbow: 'out' })), stand(9, both({ near: 'occiput', off: [1.6, 0, 0.4], fingers: 'in', elbow: 'out' })))],
    smaller: [to(stand(9, both({ near: 'temple', off: [0.4, 0.5, 0], palm: 'body', fingers: 'back', elbow: 'out' })), stand(9, both({ near: 'ear', off: [0.6, 1, 0], palm: 'body', fingers: 'back', elbow: 'low' })))],
  },
  'neck-washing': {
    cycle: [to(stand(9, each({ near: 'nape', off: [1.4, 0, 0.4], fingers: 'down', elbow: 'out' }, HANGING))), to(stand(12, each({ near: 'nape', off: [3.4, -1.6, 0.6], fingers: 'down', elbow: 'out' }, HANGING)), stand(12))],
    smaller: [to(stand(9, each({ near: 'nape', off: [1.4, 0, 0.4], fingers: 'down', elbow: 'out' }, HANGING))), to(stand(12, each({ near: 'nape', off: [1.4, -0.2, 0.4], fingers: 'down', elbow: 'out' }, HANGING)))],
  },
  'face-tapping': { cycle: [pulse(2, stand(9, both({ near: 'upper dantian', off: [2.4, 0.5, 0.8], palm: 'body', fingers: 'up', elbow: 'low', shape: 'gathered fingertips' })), stand(9, both({ near: 'mouth', off: [3, 0.5, 2.2], palm: 'body', fingers: 'up', shape: 'gathered fingertips' })))], smaller: [to(stand(9, both({ near: 'mouth', off: [3, 0.5, 2.2], palm: 'body', fingers: 'up' })))] },
  'three-centre-wash': {
    cycle: [
      to(stand(12, both(reaching(0.7, -0.5, 0.5, 'up', 0.9))), stand(7, both(before('face', 3, 3.5, 6, 'body', 'up')))),
      to(stand(8, both(before('face', 3, 3, 4.5, 'body', 'up'))), stand(11, both(before('middle dantian', 2.5, 0, 4, 'body', 'in'))), stand(15, both(before('lower dantian', 2.5, 0, 4, 'body', 'in')))),
    ],
    smaller: [to(stand(9, both(before('middle dantian', 2.5, 1, 6, 'body', 'in')))), to(stand(10, both(before('middle dantian', 2.5, 0, 4, 'body', 'in'))), stand(13, both(before('lower dantian', 2.5, 0, 4, 'body', 'in'))))],
    seated: [to(sit(both(reaching(0.6, -0.3, 0.7, 'up', 0.82))), sit(both(before('collarbone', -1, 1, 7, 'body', 'in')))), to(sit(both(before('middle dantian', 2.5, 0, 4, 'body', 'in'))), sit(both(before('lower dantian', 2.5, 1.5, 3.4, 'body', 'in'))))],
  },
  'gathering-from-the-earth': {
    cycle: [
      to(stand(46, both(reaching(0.5, -0.95, 0.45, 'forward', 0.95)), { trunk: { lean: 22 } }), stand(42, both(reaching(0.2, -0.9, 0.6, 'forward', 0.9)), { trunk: { lean: 18 } }), stand(10, both(before('navel', 2.5, 0, 5, 'up')))),
      to(stand(12, both(ON_BELLY))),
    ],
    smaller: [to(stand(14, both(reaching(0.6, -0.9, 0.4, 'up', 0.92))), stand(9, both(before('navel', 2.5, 0, 5, 'up')))), to(stand(12, both(ON_BELLY)))],
    seated: [to(sit(both(reaching(0.7, -0.75, 0.5, 'up', 0.9)), { trunk: { lean: 8 } }), sit(both(before('navel', 2.5, 1, 5, 'up')))), to(sit(both(ON_BELLY)))],
  },
  'centring-spirals': {
    cycle: [to(...([[3, 0], [0, 3], [-2.4, 0], [0, -1.6], [1, 0], [0, 0.4], [0, 0]] as const).map(([out, up]): Posture => stand(11, each({ near: 'lower dantian', off: [out, up, 0], fingers: 'in' }, { near: 'hand', off: [0, 0, 0.4], palm: 'back', fingers: 'in' }))))],
    smaller: [to(stand(11, STACKED))],
    seated: [to(...([[2.4, 1], [0, 3], [-2, 1], [0, 0.4], [0.6, 0.6], [0, 0.4]] as const).map(([out, up]): Posture => sit(each({ near: 'lower dantian', off: [out, up, 0], fingers: 'in' }, { near: 'hand', off: [0, 0, 0.4], palm: 'back', fingers: 'in' }))))],
  },
  'three-sinks': {
    cycle: [to(stand(6, both(before('middle dantian', 4, 2, 6, 'down')), { head: { nod: -3 } })), to(stand(12, both(before('lower dantian', 4, 0, 6, 'down'))), stand(20, both(reaching(0.3, -1, 0.2, 'back', 0.97))))],
    smaller: [to(stand(7)), to(stand(16))],
    seated: [to(sit(both(before('middle dantian', 4, 2, 6, 'down')))), to(sit(both({ near: 'thigh', off: [0, 0, 1.2], palm: 'down' })))],
  },
  'storing-still': { cycle: quiet(STACKED), smaller: quiet(both(HANGING)), seated: quietChair(STACKED) },
  'close-thanks': { view: 'three-quarter', cycle: [to(stand(5, both(PALMS_TOGETHER))), to(stand(8, both(PALMS_TOGETHER), { trunk: { lean: 16 }, head: { nod: 8 } }), stand(5, both(PALMS_TOGETHER)))], smaller: [to(stand(5)), to(stand(6, undefined, { head: { nod: 14 } }), stand(5))], seated: [to(sit(both(PALMS_TOGETHER))), to(sit(both(PALMS_TOGETHER), { trunk: { lean: 10 }, head: { nod: 8 } }), sit(both(PALMS_TOGETHER)))] },
  'close-open-eyes': { cycle: [to(stand(9)), to(stand(7, undefined, { head: { turn: 24 } }), stand(7, undefined, { head: { turn: -24 } }), stand(7))], smaller: [to(stand(8)), to(stand(7, undefined, { head: { turn: 14 } }), stand(7))], seated: [to(sit()), to(sit(both(ON_THIGHS), { head: { turn: 24 } }), sit(both(ON_THIGHS), { head: { turn: -24 } }), sit())] },
};
