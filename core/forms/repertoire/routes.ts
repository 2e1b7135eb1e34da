import type { Hand, Posture } from '../../body';
import { AT_KIDNEYS, both, each, HANGING, hollow, ON_RIBS, ON_THIGHS } from '../writing/postures';
import { through, to, type Movement } from '../writing/strokes';

/** The routes the hands walk in tracing and tapping: along an arm, and down and up the legs. */

/** From the chest down the inside of the arm, and up its outside. */
export interface ArmRoute {
  readonly down: Movement;
  readonly up: Movement;
}

/** To the start of the line, down it, up again, and at rest. */
export type LegRoute = Readonly<Record<'start' | 'down' | 'up' | 'rest', Movement>>;
type LegRoutes = Readonly<Record<'full' | 'smaller' | 'seated', LegRoute>>;

/** The left arm held out, palm up for its inside or down for its outside; the right hand travels on it. */
export function armRoute(height: number, shape: Hand['shape']): ArmRoute {
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
    down: through(
      at('collarbone', 'up'),
      at('upper arm', 'up'),
      at('elbow', 'up'),
      at('wrist', 'up'),
      at('hand', 'up'),
    ),
    up: through(
      at('hand', 'down'),
      at('wrist', 'down'),
      at('elbow', 'down'),
      at('upper arm', 'down'),
      at('shoulder', 'down'),
    ),
  };
}

export const ARM_TAPPED = armRoute(0, 'hollow palm');

/** Where both hands start, and where they go down the legs and up again. */
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

function legLine(line: LegLine): LegRoutes {
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
    full: {
      start: to({ sink: 10, hands: both(line.start) }),
      down: through(...line.down.map((hand, index) => low(hand, index, line.down.length))),
      up: through(...line.up.map((hand, index) => low(hand, line.up.length - 1 - index, line.up.length)), {
        sink: 10,
        hands: both(line.up.at(-1) ?? HANGING),
      }),
      rest: to({ sink: 10 }),
    },
    smaller: {
      start: to({ sink: 10, hands: both(line.start) }),
      down: through(...kneeDown.map(tall)),
      up: through(...kneeUp.map(tall), { sink: 10, hands: both(kneeUp.at(-1) ?? HANGING) }),
      rest: to({ sink: 10 }),
    },
    seated: {
      start: to(chair(line.start, 0)),
      down: through(
        ...kneeDown.map((hand, index) =>
          chair(hand.near === 'back thigh' ? { near: 'outer thigh' } : hand, index * 6),
        ),
        chair({ near: 'knee' }, 18),
      ),
      up: through(
        chair({ near: 'inner thigh', palm: 'body' }, 14),
        ...kneeUp.slice(1).map((hand) => chair(hand, 4)),
      ),
      rest: to(chair(ON_THIGHS, 0)),
    },
  };
}

/** The legs tapped: down the outside and the back, up the inside. */
export const LEGS_TAPPED = legLine({
  start: { near: 'hip' },
  down: [
    { near: 'buttock' },
    { near: 'outer thigh' },
    { near: 'outer calf', off: [0, 3, 0] },
    { near: 'ankle', off: [0, 0, 1] },
  ],
  up: [
    { near: 'ankle', off: [0, 0, 1] },
    { near: 'inner calf', off: [0, 4, 0] },
    { near: 'inner thigh' },
    { near: 'belly side', fingers: 'in' },
  ],
});
/** The same with hollow palms, for tapping. */
export const hollowed = ({ postures }: Movement): Movement => ({
  postures: postures.map((posture) => ({
    ...posture,
    hands: posture.hands?.both ? both({ ...posture.hands.both, ...hollow }) : {},
  })),
});

/** Down the front, up the inside. */
export const STOMACH_SPLEEN = legLine({
  start: { near: 'mouth', off: [3, 0.5, 2.4], fingers: 'up' },
  down: [
    { near: 'ribs', fingers: 'in' },
    { near: 'belly side' },
    { near: 'thigh' },
    { near: 'shin', off: [0, 2, 0] },
    { near: 'ankle', off: [-1, -1, 3] },
  ],
  up: [
    { near: 'ankle', off: [-3, 0, 3] },
    { near: 'inner calf', off: [0, -2.6, 0] },
    { near: 'inner calf', off: [0, 4, 0] },
    { near: 'inner thigh' },
    { near: 'belly side', fingers: 'in' },
    { near: 'flank', off: [0, -2, 0], elbow: 'back', fingers: 'forward' },
  ],
});

/** Down the back, up the inside to the collarbones. */
export const BLADDER_KIDNEY = legLine({
  start: AT_KIDNEYS,
  down: [
    { near: 'buttock' },
    { near: 'back thigh' },
    { near: 'calf', off: [0, 3, 0] },
    { near: 'ankle', off: [0, 0, 1] },
  ],
  up: [
    { near: 'ankle', off: [0, 0, 1] },
    { near: 'inner calf', off: [0, 4, 0] },
    { near: 'inner thigh' },
    { near: 'belly side', fingers: 'in' },
    { near: 'collarbone', off: [-2, -2, 0], fingers: 'up', elbow: 'low' },
  ],
});

/** Down the sides, up the inside to the ribs. */
export const GALLBLADDER_LIVER = legLine({
  start: { near: 'upper dantian', off: [3.5, -0.5, 1.5], fingers: 'up' },
  down: [
    { near: 'flank', elbow: 'back' },
    { near: 'hip' },
    { near: 'outer thigh' },
    { near: 'outer calf', off: [0, 2, 0] },
    { near: 'ankle', off: [0, -1, 3] },
  ],
  up: [
    { near: 'ankle', off: [-2.4, -1, 2.6] },
    { near: 'inner calf', off: [0, 4, 0] },
    { near: 'inner thigh' },
    { near: 'belly side', fingers: 'in' },
    ON_RIBS,
  ],
});
