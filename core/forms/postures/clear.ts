import type { Hand, Posture } from '../../body';
import {
  AT_KIDNEYS,
  both,
  each,
  HANGING,
  ON_RIBS,
  ON_THIGHS,
  to,
  type FormBody,
  type StrokeBody,
} from './words';

/** Percussion, tracing and sounds: the hands walk the routes. */

/** The left arm held out, palm up for its inside or down for its outside; the right hand travels on it. */
function armRoute(
  height: number,
  shape: Hand['shape'],
): { readonly down: StrokeBody; readonly up: StrokeBody } {
  const held = (palm: 'up' | 'down'): Hand => ({
    near: 'reach',
    toward: [-0.1, -0.35, 1],
    palm,
    share: 0.78,
  });
  const at = (near: Hand['near'], palm: 'up' | 'down'): Posture => {
    const off: Hand['off'] =
      near === 'collarbone' || near === 'armpit' || near === 'cheek' ? [0, 0, 0.5] : [0, height, 0.5];
    const travelling: Hand = {
      near,
      of: 'other',
      off,
      elbow: near === 'shoulder' || near === 'collarbone' ? 'front' : 'low',
      palm:
        near === 'collarbone' || near === 'armpit' || near === 'shoulder' || near === 'cheek'
          ? 'body'
          : 'down',
    };
    return {
      sink: 12,
      trunk: { turn: 4 },
      head: { turn: 14, nod: 8 },
      hands: each(held(palm), shape ? { ...travelling, shape } : travelling),
    };
  };
  return {
    down: to(
      at('collarbone', 'up'),
      at('upper arm', 'up'),
      at('elbow', 'up'),
      at('wrist', 'up'),
      at('hand', 'up'),
    ),
    up: to(
      at('hand', 'down'),
      at('wrist', 'down'),
      at('elbow', 'down'),
      at('upper arm', 'down'),
      at('shoulder', 'down'),
    ),
  };
}

function armTracing(height: number): FormBody {
  const { down, up } = armRoute(height, 'open');
  return { view: 'three-quarter', cycle: [up, down] };
}

interface LegLine {
  readonly start: Hand;
  readonly down: readonly Hand[];
  readonly up: readonly Hand[];
}

/** Leans of the trunk and sinks of the knees on the way down to the feet. */
const DOWN = [8, 34, 64, 84] as const;

/** Standing nearly upright the hands stay on the upper half of the thighs. */
const high = (hand: Hand): Hand =>
  hand.near === 'back thigh'
    ? { near: 'buttock' }
    : hand.near.includes('thigh')
      ? { ...hand, off: [0, 4, 0] }
      : hand;

function legTracing(line: LegLine): FormBody {
  const low = (hand: Hand, index: number, of: number): Posture => {
    const depth = DOWN[Math.min(DOWN.length - 1, Math.round(((index + 1) / of) * (DOWN.length - 1)))] ?? 8;
    return {
      sink: 14 + depth * 0.3,
      trunk: { lean: depth, round: depth * 0.5 },
      head: { nod: -depth * 0.2 },
      hands: both(hand),
    };
  };
  const chair = (hand: Hand, lean: number): Posture => ({
    base: 'chair',
    trunk: { lean },
    hands: both(hand),
  });
  const kneeDown = line.down.filter(
    (hand) => !['shin', 'calf', 'outer calf', 'inner calf', 'toes', 'ankle'].includes(hand.near),
  );
  const kneeUp = line.up.filter(
    (hand) => hand.near !== 'inner calf' && hand.near !== 'ankle' && hand.near !== 'toes',
  );
  const tall = (hand: Hand): Posture => ({
    sink: 24,
    trunk: { lean: 24, round: 8 },
    hands: both(high(hand)),
  });
  return {
    view: 'three-quarter',
    cycle: [
      to({ sink: 10, hands: both(line.start) }),
      to(...line.down.map((hand, index) => low(hand, index, line.down.length))),
      to(...[...line.up].map((hand, index) => low(hand, line.up.length - 1 - index, line.up.length)), {
        sink: 10,
        hands: both(line.up.at(-1) ?? HANGING),
      }),
      to({ sink: 10 }),
    ],
    smaller: [
      to({ sink: 10, hands: both(line.start) }),
      to(...kneeDown.map(tall)),
      to(...kneeUp.map(tall), { sink: 10, hands: both(kneeUp.at(-1) ?? HANGING) }),
      to({ sink: 10 }),
    ],
    seated: [
      to(chair(line.start, 0)),
      to(
        ...kneeDown.map((hand, index) =>
          chair(hand.near === 'back thigh' ? { near: 'outer thigh' } : hand, index * 6),
        ),
        chair({ near: 'knee' }, 18),
      ),
      to(chair({ near: 'inner thigh', palm: 'body' }, 14), ...kneeUp.slice(1).map((hand) => chair(hand, 4))),
      to(chair(ON_THIGHS, 0)),
    ],
  };
}

const tapDown: readonly Hand[] = [
  { near: 'buttock' },
  { near: 'outer thigh' },
  { near: 'outer calf', off: [0, 3, 0] },
  { near: 'ankle', off: [0, 0, 1] },
];
const tapUp: readonly Hand[] = [
  { near: 'ankle', off: [0, 0, 1] },
  { near: 'inner calf', off: [0, 4, 0] },
  { near: 'inner thigh' },
  { near: 'belly side', fingers: 'in' },
];
const tapping = legTracing({ start: { near: 'hip' }, down: tapDown, up: tapUp });
const hollow = (stroke: StrokeBody | undefined): StrokeBody => ({
  postures: (stroke?.postures ?? []).map((posture) => ({
    ...posture,
    hands: posture.hands?.both ? both({ ...posture.hands.both, shape: 'hollow palm' }) : {},
  })),
});

const tapArm = armRoute(0, 'hollow palm');

// prettier-ignore
export const CLEAR_BODIES: Readonly<Record<string, FormBody>> = {
  'tap-arms': { view: 'three-quarter', cycle: [tapArm.down, tapArm.up] },
  'tap-legs': {
    view: 'three-quarter',
    cycle: [hollow(tapping.cycle[1]), hollow(tapping.cycle[2])],
    smaller: [hollow(tapping.smaller?.[1]), hollow(tapping.smaller?.[2])],
    seated: [hollow(tapping.seated?.[1]), hollow(tapping.seated?.[2])],
  },
  'trace-lung-large-intestine': armTracing(0.8),
  'trace-pericardium-triple-burner': armTracing(0),
  'trace-heart-small-intestine': armTracing(-0.8),
  'trace-spleen-stomach': legTracing({
    start: { near: 'mouth', off: [3, 0.5, 2.4], fingers: 'up' },
    down: [{ near: 'ribs', fingers: 'in' }, { near: 'belly side' }, { near: 'thigh' }, { near: 'shin', off: [0, 2, 0] }, { near: 'ankle', off: [0, 0, 1] }],
    up: [{ near: 'ankle', off: [0, 0, 1] }, { near: 'inner calf', off: [0, 4, 0] }, { near: 'inner thigh' }, { near: 'belly side', fingers: 'in' }, { near: 'flank', off: [0, -2, 0], elbow: 'back', fingers: 'forward' }],
  }),
  'trace-kidney-bladder': legTracing({
    start: AT_KIDNEYS,
    down: [{ near: 'buttock' }, { near: 'back thigh' }, { near: 'calf', off: [0, 3, 0] }, { near: 'ankle', off: [0, 0, 1] }],
    up: [{ near: 'ankle', off: [0, 0, 1] }, { near: 'inner calf', off: [0, 4, 0] }, { near: 'inner thigh' }, { near: 'belly side', fingers: 'in' }, { near: 'collarbone', off: [-2, -2, 0], fingers: 'up', elbow: 'low' }],
  }),
  'trace-liver-gallbladder': legTracing({
    start: { near: 'upper dantian', off: [3.5, -0.5, 1.5], fingers: 'up' },
    down: [{ near: 'flank', elbow: 'back' }, { near: 'hip' }, { near: 'outer thigh' }, { near: 'outer calf', off: [0, 2, 0] }, { near: 'ankle', off: [0, 0, 1] }],
    up: [{ near: 'ankle', off: [0, 0, 1] }, { near: 'inner calf', off: [0, 4, 0] }, { near: 'inner thigh' }, { near: 'belly side', fingers: 'in' }, ON_RIBS],
  }),
  'sound-liver': {
    cycle: [
      to({ sink: 8, hands: both(ON_RIBS) }),
      to({ sink: 12, hands: both({ near: 'reach', toward: [1, -0.2, 0.55], palm: 'up', share: 0.7 }) }, { sink: 14, hands: both({ near: 'reach', toward: [1, -0.2, 0.5], palm: 'up', share: 0.9 }) }),
    ],
    smaller: [to({ hands: both(ON_RIBS) }), to({ sink: 12, hands: both(ON_RIBS) })],
  },
  'sound-heart': {
    cycle: [
      to({ sink: 14, hands: both({ near: 'lower dantian', off: [2.5, 0, 5], palm: 'up', fingers: 'in' }) }, { sink: 8, hands: both({ near: 'middle dantian', off: [2.5, 0, 6], palm: 'body', fingers: 'in', elbow: 'out', shape: 'hollow palm' }) }),
      to({ sink: 10, hands: both({ near: 'middle dantian', off: [4, 0, 7], palm: 'down', fingers: 'in', elbow: 'out' }) }, { sink: 16, hands: both({ near: 'lower dantian', off: [4, 0, 6], palm: 'down', fingers: 'in', elbow: 'out' }) }),
    ],
    smaller: [to({ hands: each({ near: 'middle dantian', fingers: 'in' }, { near: 'hand', palm: 'back', fingers: 'in' }) }), to({ sink: 12, hands: each({ near: 'middle dantian', fingers: 'in' }, { near: 'hand', palm: 'back', fingers: 'in' }) })],
  },
  'sound-spleen': {
    cycle: [
      to({ sink: 10, hands: both({ near: 'navel', off: [3, 0, 2], palm: 'body', fingers: 'in', elbow: 'out' }) }),
      to({ sink: 18, hands: both({ near: 'reach', toward: [0.7, -0.5, 0.8], palm: 'in', share: 0.85 }) }),
    ],
    smaller: [to({ hands: both({ near: 'navel', off: [3, 1, 0], fingers: 'in' }) }), to({ sink: 12, hands: both({ near: 'navel', off: [3, 1, 0], fingers: 'in' }) })],
  },
  'sound-lung': {
    view: 'three-quarter',
    cycle: [
      to({ sink: 12, hands: both({ near: 'lower dantian', off: [3, 0, 5], palm: 'up', fingers: 'in' }) }, { sink: 8, trunk: { round: -8 }, hands: both({ near: 'collarbone', off: [3, -2, 4], palm: 'forward', fingers: 'up', elbow: 'low' }) }),
      to({ sink: 16, trunk: { round: 8 }, hands: both({ near: 'reach', toward: [0.2, -0.05, 1], palm: 'forward', share: 0.88 }) }),
    ],
    smaller: [to({ trunk: { round: -4 }, hands: both({ near: 'collarbone', off: [-2, -2, 0], fingers: 'up', elbow: 'low' }) }), to({ sink: 12, hands: both({ near: 'collarbone', off: [-2, -2, 0], fingers: 'up', elbow: 'low' }) })],
  },
  'sound-kidney': {
    view: 'three-quarter',
    cycle: [
      to({ sink: 8, hands: both(AT_KIDNEYS) }),
      to({ sink: 26, trunk: { lean: 16, round: 14 }, hands: both({ near: 'buttock', elbow: 'back' }) }, { sink: 26, trunk: { lean: 32, round: 22 }, hands: both({ near: 'back thigh', off: [0, 6, 0], elbow: 'back' }) }),
    ],
    smaller: [to({ hands: both(AT_KIDNEYS) }), to({ sink: 14, hands: both(AT_KIDNEYS) })],
    seated: [to({ base: 'chair', hands: both(AT_KIDNEYS) }), to({ base: 'chair', trunk: { lean: 8, round: 14 }, hands: both(ON_THIGHS) })],
  },
  'sound-triple-burner': {
    cycle: [
      to({ sink: 12, hands: both({ near: 'lower dantian', off: [2.5, 0, 5], palm: 'up', fingers: 'in' }) }, { sink: 10, hands: both({ near: 'middle dantian', off: [2.5, 0, 6], palm: 'body', fingers: 'in', elbow: 'out' }) }, { sink: 6, hands: both({ near: 'reach', toward: [0.2, 1, 0.35], palm: 'forward', share: 0.88 }) }),
      to({ sink: 8, hands: both({ near: 'face', off: [3, 0, 5], palm: 'down', fingers: 'in', elbow: 'out' }) }, { sink: 12, hands: both({ near: 'middle dantian', off: [3, 0, 5], palm: 'down', fingers: 'in', elbow: 'out' }) }, { sink: 16, hands: both({ near: 'lower dantian', off: [3, 0, 5], palm: 'down', fingers: 'in', elbow: 'out' }) }),
    ],
    smaller: [to({ hands: both({ near: 'middle dantian', off: [3, 0, 0], fingers: 'in' }) }), to({ sink: 12, hands: both({ near: 'lower dantian', off: [3, 0, 0], fingers: 'in' }) })],
    seated: [
      to({ base: 'chair', hands: both({ near: 'lower dantian', off: [2.5, 3, 5], palm: 'up', fingers: 'in' }) }, { base: 'chair', hands: both({ near: 'middle dantian', off: [2.5, 2, 7], palm: 'body', fingers: 'in', elbow: 'out' }) }),
      to({ base: 'chair', hands: both({ near: 'middle dantian', off: [3, 0, 5], palm: 'down', fingers: 'in', elbow: 'out' }) }, { base: 'chair', hands: both({ near: 'lower dantian', off: [3, 2, 5], palm: 'down', fingers: 'in', elbow: 'out' }) }),
    ],
  },
};
