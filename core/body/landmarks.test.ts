import {
  findMisses,
  mirror,
  solvePosture,
  USUAL_BUILD,
  type Hand,
  type Landmark,
  type Posture,
  type Skeleton,
  type Vec,
} from '.';
import { distance, dot } from './vector';

const SIDES = ['left', 'right'] as const;
const both = (hand: Hand, rest: Posture = {}): Posture => ({ ...rest, hands: { both: hand } });

/** Landmarks a standing person touches without bending, each as a form would write it. */
// prettier-ignore
const EASY: readonly Hand[] = [
  { near: 'lower dantian', off: [3, 0, 0], fingers: 'in' },
  { near: 'navel', off: [3, 0, 0], fingers: 'in' },
  { near: 'solar plexus', off: [3, 0, 0], fingers: 'in', elbow: 'out' },
  { near: 'middle dantian', off: [3, 0, 0], fingers: 'in', elbow: 'out' },
  { near: 'hip', off: [0, 1, 0], fingers: 'forward', elbow: 'out' },
  { near: 'ribs', fingers: 'in', elbow: 'out' },
  { near: 'kidneys', off: [0.6, 0, 0], fingers: 'in', elbow: 'back' },
  { near: 'cheek', elbow: 'low' },
  { near: 'thigh', off: [0, 6, 0] },
];

const palmGap = (body: Skeleton, side: 'left' | 'right'): number => body.arms[side].missM * 100;

describe('landmarks', () => {
  it('are reached by the palms of people of three statures, within a finger’s breadth', () => {
    for (const statureM of [1.5, 1.7, 1.92])
      for (const hand of EASY) {
        const body = solvePosture(both(hand), { ...USUAL_BUILD, statureM });
        for (const side of SIDES)
          expect({ near: hand.near, near15mm: palmGap(body, side) < 1.5 }).toEqual({
            near: hand.near,
            near15mm: true,
          });
      }
  });

  it('lie from top to bottom as on a body', () => {
    const height = (near: Landmark): number => {
      const body = solvePosture(both({ near, off: [3, 0, 0] }));
      return body.arms.left.palm[1];
    };
    const order: readonly Landmark[] = [
      'temple',
      'cheek',
      'middle dantian',
      'solar plexus',
      'navel',
      'lower dantian',
    ];
    const heights = order.map(height);
    expect(heights).toEqual([...heights].sort((a, b) => b - a));
  });

  it('are on the hand’s own side unless the other is said', () => {
    const own = solvePosture({ hands: { left: { near: 'ribs', elbow: 'out' } } });
    const other = solvePosture({ hands: { left: { near: 'ribs', of: 'other', elbow: 'out' } } });
    expect(own.arms.left.palm[0]).toBeGreaterThan(0.03);
    expect(other.arms.left.palm[0]).toBeLessThan(-0.02);
  });

  it('count offsets outwards, up and away from the body, in cùn of the person', () => {
    const cm = (statureM: number, off: readonly [number, number, number]): Vec => {
      const build = { ...USUAL_BUILD, statureM };
      const here = solvePosture(both({ near: 'navel', off: [4, 0, 5], fingers: 'in', elbow: 'out' }), build);
      const there = solvePosture(
        both({ near: 'navel', off: [4 + off[0], off[1], 5 + off[2]], fingers: 'in', elbow: 'out' }),
        build,
      );
      const [a, b] = [here.arms.left.palm, there.arms.left.palm];
      return [(b[0] - a[0]) * 100, (b[1] - a[1]) * 100, (b[2] - a[2]) * 100];
    };
    for (const statureM of [1.6, 1.8]) {
      const cun = (statureM * 100) / 75;
      expect(cm(statureM, [2, 0, 0])[0]).toBeCloseTo(2 * cun, 0);
      expect(cm(statureM, [0, 2, 0])[1]).toBeCloseTo(2 * cun, 0);
      expect(cm(statureM, [0, 0, 2])[2]).toBeCloseTo(2 * cun, 0);
    }
  });

  it('move with the trunk: a hand on the belly stays on the belly in a bow and a turn', () => {
    const hand: Hand = { near: 'lower dantian', off: [3, 0, 0], fingers: 'in' };
    for (const trunk of [{ lean: 40 }, { turn: 30 }, { lean: 20, round: 30, turn: -20 }]) {
      const body = solvePosture(both(hand, { trunk, sink: 20 }));
      for (const side of SIDES) expect(palmGap(body, side)).toBeLessThan(1.5);
      expect(distance(body.arms.left.palm, body.trunk.lumbar)).toBeLessThan(0.24);
    }
  });

  it('on the other arm move with that arm', () => {
    for (const toward of [
      [0.3, -0.5, 1],
      [0.3, 0.2, 1],
    ] as const) {
      const body = solvePosture({
        hands: {
          right: { near: 'reach', toward: [...toward], palm: 'in', share: 0.8 },
          left: { near: 'forearm', elbow: 'low' },
        },
      });
      const middle: Vec = [
        (body.arms.right.elbow[0] + body.arms.right.wrist[0]) / 2,
        (body.arms.right.elbow[1] + body.arms.right.wrist[1]) / 2,
        (body.arms.right.elbow[2] + body.arms.right.wrist[2]) / 2,
      ];
      expect(distance(body.arms.left.palm, middle)).toBeLessThan(0.09);
    }
  });
});

describe('palms', () => {
  it('look where they are told, as far as wrist and forearm allow', () => {
    const ways = [
      ['up', [0, 1, 0]],
      ['down', [0, -1, 0]],
      ['forward', [0, 0, 1]],
    ] as const;
    for (const [palm, way] of ways) {
      const body = solvePosture(
        both({ near: 'navel', off: [5, 0, 12], palm, fingers: palm === 'forward' ? 'up' : 'forward' }),
      );
      for (const side of SIDES) expect(dot(body.arms[side].hand.fwd, way)).toBeGreaterThan(0.7);
    }
  });

  it('on the body look at it', () => {
    const body = solvePosture(both({ near: 'lower dantian', off: [3, 0, 0], fingers: 'in' }));
    expect(dot(body.arms.left.hand.fwd, [0, 0, -1])).toBeGreaterThan(0.7);
    expect(findMisses(body)).toEqual([]);
  });

  it('are mirrored with the posture', () => {
    for (const hand of EASY) {
      const posture: Posture = { hands: { left: hand } };
      const [here, there] = [solvePosture(posture), solvePosture(mirror(posture))];
      const [a, b] = [here.arms.left.hand.fwd, there.arms.right.hand.fwd];
      expect(distance(a, [-b[0], b[1], b[2]])).toBeLessThan(0.01);
    }
  });
});

describe('a reaching arm', () => {
  it('is as straight as it is told, in the direction it is told', () => {
    const arm = (share: number) =>
      solvePosture({ hands: { left: { near: 'reach', toward: [1, 0, 0.3], palm: 'down', share } } }).arms
        .left;
    expect(arm(0.98).elbowBendDeg).toBeLessThan(arm(0.7).elbowBendDeg);
    expect(arm(0.98).elbowBendDeg).toBeLessThan(35);
    const way = arm(0.95);
    expect(way.palm[0]).toBeGreaterThan(0.5);
    expect(Math.abs(way.palm[1] - way.shoulder[1])).toBeLessThan(0.1);
  });

  it('takes its shoulder along when it goes up', () => {
    const shoulder = (up: number) =>
      solvePosture({ hands: { left: { near: 'reach', toward: [0.2, up, 0.2] } } }).arms.left.shoulder[1];
    expect(shoulder(1)).toBeGreaterThan(shoulder(-1) + 0.02);
  });
});
