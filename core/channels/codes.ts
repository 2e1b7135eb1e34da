import { CHANNEL_IDS, type ChannelId } from './channels';
import type { PointCode } from './points';

/** Points of each channel (WHO 2008): 361 in all. */
// prettier-ignore
export const POINT_COUNTS = {
  LU: 11, LI: 20, ST: 45, SP: 21, HT: 9, SI: 19, BL: 67, KI: 27, PC: 9, TE: 23, GB: 44, LR: 14, GV: 28, CV: 24,
} as const satisfies Record<ChannelId, number>;

export const EXTRA_CODES = [
  'EX-HN3',
  'EX-HN5',
  'EX-B2',
  'EX-UE9',
  'EX-LE10',
] as const satisfies readonly PointCode[];

/**
 * The codes of all points, without the tables of their names and places: what a file is checked against
 * need not bring the whole atlas with it. A test holds the two together.
 */
export const POINT_CODES: readonly PointCode[] = [
  ...CHANNEL_IDS.flatMap((id) =>
    Array.from({ length: POINT_COUNTS[id] }, (_, index) => `${id}${index + 1}` as PointCode),
  ),
  ...EXTRA_CODES,
];

/** The channel a point lies on, by its code; none for the extra points. */
export const channelOf = (code: PointCode): ChannelId | undefined =>
  CHANNEL_IDS.find((id) => new RegExp(`^${id}\\d`).test(code));
