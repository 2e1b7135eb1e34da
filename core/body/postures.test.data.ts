import fc from 'fast-check';
import { LANDMARKS, type Hand, type Posture } from '.';

/** Random postures such as a form could ask for; made for the laws, nobody's movement. */

const angle = (least: number, most: number) => fc.integer({ min: least, max: most });
const OTHER_ARM = ['upper arm', 'elbow', 'forearm', 'wrist', 'hand'];

const hand: fc.Arbitrary<Hand> = fc
  .record({
    near: fc.constantFrom(...LANDMARKS.filter((landmark) => !OTHER_ARM.includes(landmark))),
    off: fc.tuple(angle(0, 6), angle(-4, 4), angle(0, 10)),
    toward: fc.tuple(angle(2, 10), angle(-8, 8), angle(1, 10)),
    palm: fc.constantFrom('up', 'down', 'forward', 'in', 'body' as const),
    elbow: fc.constantFrom('low', 'out' as const),
  })
  .map(({ near, off, toward, palm, elbow }) => ({
    near,
    off,
    elbow,
    ...(near === 'reach' ? { toward } : {}),
    ...(near === 'hanging' ? {} : { palm }),
  }));

/** Standing on both feet, or with one in the air and the weight on the other. */
export const anyPosture: fc.Arbitrary<Posture> = fc
  .record({
    apart: angle(5, 20),
    turnOut: angle(0, 40),
    ahead: fc.option(fc.record({ foot: fc.constantFrom('left', 'right' as const), by: angle(2, 12) }), {
      nil: undefined,
    }),
    lifted: fc.option(
      fc.record({
        foot: fc.constantFrom('left', 'right' as const),
        thigh: angle(10, 85),
        knee: angle(20, 100),
      }),
      { nil: undefined, freq: 5 },
    ),
    sink: angle(6, 60),
    weight: angle(0, 10),
    turn: angle(-35, 35),
    lean: angle(-5, 35),
    bend: angle(-20, 20),
    round: angle(-12, 40),
    headTurn: angle(-50, 50),
    nod: angle(-30, 30),
    left: hand,
    right: hand,
  })
  .map((of): Posture => {
    const weight = of.lifted ? (of.lifted.foot === 'left' ? 0 : 1) : of.weight / 10;
    return {
      feet: {
        apart: of.apart / 10,
        turnOut: of.turnOut,
        ...(of.ahead && !of.lifted ? { ahead: { foot: of.ahead.foot, by: of.ahead.by / 10 } } : {}),
        ...(of.lifted ? { lifted: of.lifted } : {}),
      },
      sink: of.sink,
      weight,
      trunk: { turn: of.turn, lean: of.lean, bend: of.bend, round: of.round },
      head: { turn: of.headTurn, nod: of.nod },
      hands: { left: of.left, right: of.right },
    };
  });
