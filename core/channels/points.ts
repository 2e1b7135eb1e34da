import type { SourceId } from '../sources';
import { CHANNEL_IDS, type ChannelId } from './channels';
import { regionOf, siteWords } from './measures';
import { anchorOf, placeAnchor, type Anchor, type SkinPlace } from './place';
import { ARM_YANG_POINTS } from './points/armYang';
import { ARM_YIN_POINTS } from './points/armYin';
import { EXTRA_POINTS, type ExtraRecord } from './points/extra';
import { LEG_YANG_POINTS } from './points/legYang';
import { LEG_YIN_POINTS } from './points/legYin';
import { VESSEL_POINTS } from './points/vessels';
import type { Site } from './site';
import type { Side, Skeleton } from '../body';

const RECORDS = [
  ...ARM_YIN_POINTS,
  ...ARM_YANG_POINTS,
  ...LEG_YANG_POINTS,
  ...LEG_YIN_POINTS,
  ...VESSEL_POINTS,
  ...EXTRA_POINTS,
] as const;

export type PointCode = (typeof RECORDS)[number]['code'];

/** One point: its names, its place and what practice uses it for. */
export interface PointRow {
  readonly code: PointCode;
  readonly pinyin: string;
  readonly hanzi: string;
  readonly sense: string;
  /** The channel it lies on; none for the extra points. */
  readonly channel: ChannelId | undefined;
  /** Its number along the channel, from 1 in the direction of flow. */
  readonly number: number;
  readonly midline: boolean;
  /** One place for most; several for the extra points that are a row of places. */
  readonly sites: readonly Site[];
  readonly region: string;
  /** Where it lies, in words with its cùn. */
  readonly where: string;
  readonly use: string;
  readonly source: SourceId;
}

function rowOf(record: ExtraRecord & { code: PointCode }): PointRow {
  const [, id, number] = /^([A-Z]{2})(\d+)$/.exec(record.code) ?? [];
  const channel = CHANNEL_IDS.find((candidate) => candidate === id);
  return {
    code: record.code,
    pinyin: record.pinyin,
    hanzi: record.hanzi,
    sense: record.sense,
    channel,
    number: Number(number ?? 0),
    midline: record.midline ?? (channel === 'GV' || channel === 'CV'),
    sites: [record.site, ...(record.more ?? [])],
    region: regionOf(record.site),
    where: siteWords(record.site, record.by),
    use: record.use,
    // The standard has the points of the fourteen channels; the extra ones are in the textbooks.
    source: channel ? 'who-points-2008' : 'point-tables',
  };
}

const order = (row: PointRow): number =>
  (row.channel ? CHANNEL_IDS.indexOf(row.channel) : CHANNEL_IDS.length) * 100 + row.number;

/** All 361 points of the fourteen channels in flow order, then the extra points practice uses. */
export const POINTS: readonly PointRow[] = RECORDS.map(rowOf).sort((a, b) => order(a) - order(b));

const byCode = new Map<string, PointRow>(POINTS.map((row) => [row.code, row]));

/** The row of one point. */
export function point(code: PointCode): PointRow {
  const row = byCode.get(code);
  if (!row) throw new RangeError(`unknown point: got ${code}`);
  return row;
}

/** Whether a text is the code of a point. */
export const isPointCode = (code: string): code is PointCode => byCode.has(code);

/** The points of one channel, in the order of its flow. */
export const pointsOn = (id: ChannelId): readonly PointRow[] => POINTS.filter((row) => row.channel === id);

const anchors = new Map<PointCode, readonly Anchor[]>(
  POINTS.map((row) => [row.code, row.sites.map(anchorOf)]),
);

/** The point's first place on the body's own segments. */
export function anchorOfPoint(code: PointCode): Anchor {
  const anchor = anchors.get(code)?.[0];
  if (!anchor) throw new RangeError(`unknown point: got ${code}`);
  return anchor;
}

/** Where a point lies on one side of a solved body, world metres; several places for a few extra points. */
export function placePoint(skeleton: Skeleton, code: PointCode, side: Side): readonly SkinPlace[] {
  return (anchors.get(code) ?? []).map((anchor) => placeAnchor(skeleton, anchor, side));
}

/**
 * Where a point stands in its channel's flow. The number, but for the Bladder's outer line on the back (41
 * to 54), which runs down beside the inner one and joins it at BL40: its points count beside their level.
 */
export function flowOrder(code: PointCode): number {
  const row = point(code);
  const site = row.sites[0];
  if (row.channel !== 'BL' || row.number < 41 || row.number > 54 || site?.on !== 'back') return row.number;
  const level = site.below;
  const inner = pointsOn('BL').filter(
    (other) => other.number <= 30 && other.sites[0]?.on === 'back' && other.sites[0].below === level,
  );
  return (inner.at(-1)?.number ?? row.number) + 0.5;
}
