import { recordOf } from '../lists/lists';
import { organ } from '../phases';
import type { SourceId } from '../sources';
import type { Side, Skeleton } from '../body';
import { distance, mix, unit } from '../body';
import { CHANNEL_IDS, channel, type ChannelId } from './channels';
import { anchorOf, anchorsBetween, placeAnchor, type Anchor, type SkinPlace } from './place';
import { anchorOfPoint, isPointCode, pointsOn, type PointCode } from './points';
import { flank, hand, shoulder, thigh, upperArm, type Site } from './site';

/** A stop of a course: a point of the channel, or a place the line passes between points. */
type Stop = PointCode | Site;

const run = (id: ChannelId, from: number, to: number): readonly PointCode[] => {
  const codes: PointCode[] = [];
  for (let number = from; number <= to; number += 1) {
    const code = `${id}${number}`;
    if (!isPointCode(code)) throw new RangeError(`unknown point: got ${code}`);
    codes.push(code);
  }
  return codes;
};

/**
 * The outer courses, as lines over the skin in the direction of flow; a channel with a branch has more
 * than one line. After WHO 2008 and Líng Shū 10 (from memory for the parts between points).
 */
const LINES: Record<ChannelId, readonly (readonly Stop[])[]> = {
  LU: [['LU1', 'LU2', shoulder(0.92, 15), ...run('LU', 3, 10), hand(0.4, 1.3, 'palm'), 'LU11']],
  LI: [run('LI', 1, 20)],
  ST: [run('ST', 1, 8), ['ST5', ...run('ST', 9, 45)]],
  SP: [run('SP', 1, 21)],
  HT: [run('HT', 1, 9)],
  SI: [run('SI', 1, 19)],
  BL: [
    [...run('BL', 1, 7), ...run('BL', 8, 30), ...run('BL', 31, 40)],
    ['BL10', ...run('BL', 41, 54), thigh('gluteal fold', 1, 160), thigh('gluteal fold', 8, 165), 'BL40'],
    ['BL40', ...run('BL', 55, 67)],
  ],
  KI: [run('KI', 1, 27)],
  PC: [['PC1', upperArm(9.2, -40), ...run('PC', 2, 9)]],
  TE: [run('TE', 1, 23)],
  GB: [[...run('GB', 1, 24), flank(3, 95), ...run('GB', 25, 44)]],
  LR: [run('LR', 1, 14)],
  GV: [run('GV', 1, 28)],
  CV: [run('CV', 1, 24)],
};

/** Which face of the limb a channel runs over: yin inside, yang outside (Líng Shū 38). */
export function faceOf(id: ChannelId): 'inner' | 'outer' | 'back midline' | 'front midline' {
  if (id === 'GV') return 'back midline';
  if (id === 'CV') return 'front midline';
  const owner = channel(id).organ;
  return owner && organ(owner).polarity === 'yin' ? 'inner' : 'outer';
}

/** The other channel of the yin–yang pair; the two vessels pair with each other. */
export function pairOf(id: ChannelId): ChannelId {
  if (id === 'GV') return 'CV';
  if (id === 'CV') return 'GV';
  const owner = channel(id).organ;
  const pair = owner && organ(organ(owner).pair).channel;
  const found = CHANNEL_IDS.find((candidate) => candidate === pair);
  if (!found) throw new RangeError(`expected a channel with a pair, got ${id}`);
  return found;
}

interface Join {
  readonly from: PointCode;
  readonly to: PointCode;
  readonly where: string;
  readonly source: SourceId;
}

/** Where the qi of one channel passes to the next (Líng Shū 10, from memory). */
// prettier-ignore
export const JOINS = [
  { from: 'LU7', to: 'LI1', where: 'over the index finger', source: 'ling-shu-10' },
  { from: 'LI20', to: 'ST1', where: 'beside the nose', source: 'ling-shu-10' },
  { from: 'ST42', to: 'SP1', where: 'at the big toe', source: 'ling-shu-10' },
  { from: 'SP21', to: 'HT1', where: 'within the chest', source: 'ling-shu-10' },
  { from: 'HT9', to: 'SI1', where: 'at the little finger', source: 'ling-shu-10' },
  { from: 'SI18', to: 'BL1', where: 'at the inner corner of the eye', source: 'ling-shu-10' },
  { from: 'BL67', to: 'KI1', where: 'under the little toe', source: 'ling-shu-10' },
  { from: 'KI27', to: 'PC1', where: 'within the chest', source: 'ling-shu-10' },
  { from: 'PC8', to: 'TE1', where: 'over the ring finger', source: 'ling-shu-10' },
  { from: 'TE23', to: 'GB1', where: 'at the outer corner of the eye', source: 'ling-shu-10' },
  { from: 'GB41', to: 'LR1', where: 'at the big toe', source: 'ling-shu-10' },
  { from: 'LR14', to: 'LU1', where: 'within the chest', source: 'ling-shu-10' },
] as const satisfies readonly Join[];

const anchorOfStop = (stop: Stop): Anchor =>
  typeof stop === 'string' ? anchorOfPoint(stop) : anchorOf(stop);

/** A piece of a course: an anchor on the skin, or a straight crossing between two parts of the body. */
interface Knot {
  readonly anchor: Anchor;
  readonly crossing: boolean;
}

const STEPS = 5;

function knotsOf(stops: readonly Stop[]): readonly Knot[] {
  const knots: Knot[] = [];
  stops.forEach((stop, index) => {
    const anchor = anchorOfStop(stop);
    const before = stops[index - 1];
    if (before !== undefined) {
      const from = anchorOfStop(before);
      const between = anchorsBetween(from, anchor, STEPS);
      knots.push(...between.map((knot) => ({ anchor: knot, crossing: false })));
      knots.push({ anchor, crossing: between.length === 0 && from.part !== anchor.part });
    } else knots.push({ anchor, crossing: false });
  });
  return knots;
}

const KNOTS = recordOf(CHANNEL_IDS, (id) => LINES[id].map(knotsOf));

/** The lines of a channel over a solved body, on one side, in the direction of flow; world metres. */
export function placeCourse(
  skeleton: Skeleton,
  id: ChannelId,
  side: Side,
): readonly (readonly SkinPlace[])[] {
  return KNOTS[id].map((knots) => {
    const places: SkinPlace[] = [];
    for (const knot of knots) {
      const next = placeAnchor(skeleton, knot.anchor, side);
      const last = places[places.length - 1];
      if (knot.crossing && last)
        for (let step = 1; step < STEPS; step += 1)
          places.push({
            place: mix(last.place, next.place, step / STEPS),
            away: unit(mix(last.away, next.away, step / STEPS), next.away),
          });
      places.push(next);
    }
    return places;
  });
}

/** Length of a channel’s course over the skin of one side, centimetres. */
export function courseCm(skeleton: Skeleton, id: ChannelId): number {
  const lines = placeCourse(skeleton, id, 'left');
  let sum = 0;
  for (const line of lines)
    line.forEach((at, index) => {
      const before = line[index - 1];
      if (before) sum += distance(before.place, at.place);
    });
  return sum * 100;
}

/** The points of a channel as its lines meet them, for checks. */
export const stopsOf = (id: ChannelId): readonly PointCode[] => [
  ...new Set(LINES[id].flat().filter((stop): stop is PointCode => typeof stop === 'string')),
];

/** Whether every point of the channel is on its course. */
export const courseIsWhole = (id: ChannelId): boolean =>
  pointsOn(id).every((row) => stopsOf(id).includes(row.code));
