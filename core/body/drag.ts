import { defined } from '../text/defined';
import { findMisses } from './misses';
import { otherSide, type Side } from './sides';
import { type Hand, type Posture } from './posture';
import { share } from './skeleton';
import { solvePosture, type Skeleton } from './solve';
import { clamp, distance, length, scale, sub, toFrame, type Vec } from './vector';

/** What of a posture can be taken hold of. */
export const GRIPS = ['left hand', 'right hand', 'left foot', 'right foot', 'pelvis', 'head'] as const;
export type Grip = (typeof GRIPS)[number];

const sideOf = (grip: Grip): Side => (grip.startsWith('left') ? 'left' : 'right');

/** Where a grip is on a solved body, metres. */
export function gripPlace(skeleton: Skeleton, grip: Grip): Vec {
  switch (grip) {
    case 'left hand':
    case 'right hand':
      return skeleton.arms[sideOf(grip)].palm;
    case 'left foot':
    case 'right foot':
      return skeleton.legs[sideOf(grip)].ankle;
    case 'pelvis':
      return skeleton.trunk.midHip;
    case 'head':
      return skeleton.trunk.head;
    default:
      return grip satisfies never;
  }
}

/** The numbers of a posture a grip moves, each with its range and the step its effect is felt with. */
interface Levers {
  readonly values: readonly number[];
  readonly ranges: readonly (readonly [least: number, most: number])[];
  readonly steps: readonly number[];
  readonly with: (values: readonly number[]) => Posture;
}

const round = (value: number, digits: number): number => {
  const rounded = Number(value.toFixed(digits));
  return rounded === 0 ? 0 : rounded;
};

/** From the shoulder to the middle of the palm, as a share of stature. */
const ARM = share('upperArm') + share('forearm') + share('hand') / 2;

/** A hanging hand is held by its place from the shoulder, so that it can be led anywhere. */
function led(skeleton: Skeleton, side: Side, hand: Hand): Hand {
  if (hand.near !== 'hanging') return hand;
  const arm = skeleton.arms[side];
  const way = toFrame(skeleton.trunk.thorax, sub(arm.palm, arm.shoulder));
  const far = length(way);
  const sign = side === 'left' ? 1 : -1;
  const unit = scale(way, 1 / Math.max(far, 1e-6));
  const { off: _off, ...rest } = hand;
  return {
    ...rest,
    near: 'reach',
    toward: [sign * unit[0], unit[1], unit[2]],
    share: clamp(far / (skeleton.build.statureM * ARM), 0.2, 1),
  };
}

function handLevers(posture: Posture, side: Side, alone: boolean, skeleton: Skeleton): Levers {
  const hands = posture.hands ?? {};
  const hand = led(skeleton, side, hands[side] ?? hands.both ?? { near: 'hanging' });
  const together = !alone && hands.left === undefined && hands.right === undefined;
  const put = (moved: Hand): Posture => {
    const whole = defined(moved);
    if (together) return { ...posture, hands: { both: whole } };
    const other = otherSide(side);
    const kept = hands[other] ?? hands.both;
    return { ...posture, hands: defined({ [side]: whole, [other]: kept }) };
  };
  if (hand.near === 'reach') {
    const [x, y, z] = hand.toward ?? [0, -1, 0];
    const far = hand.share ?? 0.95;
    const norm = Math.hypot(x, y, z) || 1;
    return {
      values: [(x / norm) * far, (y / norm) * far, (z / norm) * far],
      ranges: [
        [-1, 1],
        [-1, 1],
        [-1, 1],
      ],
      steps: [0.02, 0.02, 0.02],
      with: (values) => {
        const [a = 0, b = -1, c = 0] = values;
        return put({
          ...hand,
          toward: [round(a, 3), round(b, 3), round(c, 3)],
          share: round(clamp(Math.hypot(a, b, c), 0.2, 1), 3),
        });
      },
    };
  }
  const [out, up, away] = hand.off ?? [0, 0, 0];
  return {
    values: [out, up, away],
    ranges: [
      [-60, 60],
      [-60, 60],
      [-60, 60],
    ],
    steps: [0.3, 0.3, 0.3],
    with: (values) => {
      const [a = 0, b = 0, c = 0] = values;
      return put({ ...hand, off: [round(a, 2), round(b, 2), round(c, 2)] });
    },
  };
}

/** How far a foot must be led up before it leaves the floor, metres; and down before it stands again. */
const LIFTS_AT_M = 0.05;

function footLevers(posture: Posture, side: Side, upM: number): Levers {
  const feet = posture.feet ?? {};
  const lifted = feet.lifted?.foot === side ? feet.lifted : undefined;
  const chair = posture.base === 'chair';
  if (lifted ? upM > -0.25 : upM > LIFTS_AT_M) {
    const start = lifted ?? { foot: side, thigh: chair ? 90 : 20, knee: chair ? 80 : 35 };
    return {
      values: [start.thigh, start.knee, start.out ?? 0],
      ranges: [
        [-30, 110],
        [5, 130],
        [-20, 45],
      ],
      steps: [3, 3, 3],
      with: (values) => {
        const [thigh = 20, knee = 35, out = 0] = values;
        return {
          ...posture,
          ...(chair ? {} : { weight: side === 'left' ? 0 : 1 }),
          feet: {
            ...feet,
            lifted: defined({
              ...start,
              thigh: round(thigh, 0),
              knee: round(knee, 0),
              out: round(out, 0),
            }),
          },
        };
      },
    };
  }
  const { lifted: _lifted, ...planted } = feet;
  const { ahead } = planted;
  const forward = ahead === undefined ? 0 : ahead.foot === side ? ahead.by : -ahead.by;
  return {
    values: [planted.apart ?? 1, forward],
    ranges: [
      [0.2, 3.2],
      [-4, 4],
    ],
    steps: [0.05, 0.1],
    with: (values) => {
      const [apart = 1, by = 0] = values;
      const { ahead: _ahead, ...rest } = planted;
      const step = round(Math.abs(by), 2);
      return {
        ...posture,
        ...(lifted ? { weight: 0.5 } : {}),
        feet: {
          ...rest,
          apart: round(apart, 2),
          ...(step > 0.02 ? { ahead: { foot: by > 0 ? side : otherSide(side), by: step } } : {}),
        },
      };
    },
  };
}

function pelvisLevers(posture: Posture): Levers {
  const oneLeg = posture.feet?.lifted !== undefined;
  return {
    values: oneLeg ? [posture.sink ?? 8] : [posture.sink ?? 8, posture.weight ?? 0.5],
    ranges: [
      [4, 110],
      [0.05, 0.95],
    ],
    steps: [2, 0.02],
    with: (values) => {
      const [sink = 8, weight] = values;
      return {
        ...posture,
        sink: round(sink, 0),
        ...(weight === undefined ? {} : { weight: round(weight, 2) }),
      };
    },
  };
}

function headLevers(posture: Posture): Levers {
  const { trunk = {} } = posture;
  return {
    values: [trunk.lean ?? 0, trunk.bend ?? 0],
    ranges: [
      [-20, 115],
      [-40, 40],
    ],
    steps: [2, 2],
    with: (values) => {
      const [lean = 0, bend = 0] = values;
      return { ...posture, trunk: { ...trunk, lean: round(lean, 0), bend: round(bend, 0) } };
    },
  };
}

function leversOf(posture: Posture, grip: Grip, alone: boolean, upM: number, skeleton: Skeleton): Levers {
  switch (grip) {
    case 'left hand':
    case 'right hand':
      return handLevers(posture, sideOf(grip), alone, skeleton);
    case 'left foot':
    case 'right foot':
      return footLevers(posture, sideOf(grip), upM);
    case 'pelvis':
      return pelvisLevers(posture);
    case 'head':
      return headLevers(posture);
    default:
      return grip satisfies never;
  }
}

/** Solves the small square system (A + λ·diag A) d = b by elimination with pivoting. */
function solveDamped(matrix: readonly (readonly number[])[], right: readonly number[]): readonly number[] {
  const rows = matrix.map((row, index) => [
    ...row.map((value, column) => (column === index ? value * 1.02 + 1e-9 : value)),
    right[index] ?? 0,
  ]);
  const size = rows.length;
  for (let column = 0; column < size; column += 1) {
    let pivot = column;
    for (let row = column + 1; row < size; row += 1)
      if (Math.abs(rows[row]?.[column] ?? 0) > Math.abs(rows[pivot]?.[column] ?? 0)) pivot = row;
    const [chosen, moved] = [rows[pivot], rows[column]];
    if (!chosen || !moved) continue;
    rows[pivot] = moved;
    rows[column] = chosen;
    for (const row of rows) {
      if (row === chosen) continue;
      const factor = (row[column] ?? 0) / (chosen[column] || 1e-9);
      for (let place = column; place <= size; place += 1)
        row[place] = (row[place] ?? 0) - factor * (chosen[place] ?? 0);
    }
  }
  return rows.map((row, index) => (row[size] ?? 0) / (row[index] || 1e-9));
}

/** How much a posture asks beyond what the body does; 0 where it can be done. */
const strain = (posture: Posture): number =>
  findMisses(solvePosture(posture)).reduce((sum, miss) => {
    switch (miss.code) {
      case 'range':
        return sum + miss.overDeg;
      case 'hand-reach':
      case 'foot-reach':
        return sum + miss.overCm;
      case 'palm':
        return sum + miss.offDeg * 0.2;
      case 'balance':
        return sum + miss.offCm * 2;
      case 'weight-in-air':
        return sum + miss.share * 20;
      default:
        return sum + (miss satisfies never);
    }
  }, 0);

export interface Dragged {
  readonly posture: Posture;
  /** How far the grip stays short of where it was led, cm: what the body would not do. */
  readonly shortCm: number;
}

/**
 * The posture with a grip led towards a place (metres, in the body's own space): the numbers that grip moves are
 * found by damped least squares, and taken back as far as needed for the body to be able to do it. Never strains
 * more than the posture did before.
 */
export function dragTo(posture: Posture, grip: Grip, target: Vec, alone = false): Dragged {
  const before = solvePosture(posture);
  const upM = target[1] - gripPlace(before, grip)[1];
  const levers = leversOf(posture, grip, alone, upM, before);
  const kept = (values: readonly number[]): readonly number[] =>
    values.map((value, index) => {
      const [least, most] = levers.ranges[index] ?? [-Infinity, Infinity];
      return clamp(value, least, most);
    });
  const placeAt = (values: readonly number[]): Vec => gripPlace(solvePosture(levers.with(values)), grip);
  let values = kept(levers.values);
  for (let turn = 0; turn < 4; turn += 1) {
    const here = placeAt(values);
    const missing = sub(target, here);
    if (length(missing) < 0.002) break;
    const columns = values.map((value, index) => {
      const step = levers.steps[index] ?? 1;
      const moved = values.map((other, place) => (place === index ? value + step : other));
      return scale(sub(placeAt(moved), here), 1 / step);
    });
    const matrix = columns.map((a) => columns.map((b) => a[0] * b[0] + a[1] * b[1] + a[2] * b[2]));
    const right = columns.map((a) => a[0] * missing[0] + a[1] * missing[1] + a[2] * missing[2]);
    const change = solveDamped(matrix, right);
    const next = kept(values.map((value, index) => value + (change[index] ?? 0)));
    if (distance(placeAt(next), target) >= distance(here, target)) break;
    values = next;
  }
  // What cannot be done is taken back, half by half, to the last that can.
  const allowed = Math.max(strain(posture), 0) + 0.01;
  const start = kept(levers.values);
  let good = strain(levers.with(start)) <= allowed ? 0 : -1;
  let part = 1;
  if (strain(levers.with(values)) > allowed) {
    let [low, high] = [0, 1];
    for (let turn = 0; turn < 7; turn += 1) {
      const middle = (low + high) / 2;
      const tried = levers.with(
        start.map((value, index) => value + ((values[index] ?? value) - value) * middle),
      );
      if (strain(tried) <= allowed) {
        low = middle;
        good = middle;
      } else high = middle;
    }
    part = low;
  } else good = 1;
  if (good < 0) return { posture, shortCm: distance(gripPlace(before, grip), target) * 100 };
  const settled = levers.with(start.map((value, index) => value + ((values[index] ?? value) - value) * part));
  return { posture: settled, shortCm: distance(gripPlace(solvePosture(settled), grip), target) * 100 };
}
