import { PHASE_IDS } from '../phases';
import { CHANNELS } from './channels';
import { CLASS_KINDS, classesOf } from './classes';
import { POINTS, type PointRow } from './points';
import { REGIONS } from './points/extra';

/** Lower case without tone marks. */
const unmarked = (text: string): string =>
  text
    .normalize('NFD')
    .replace(/[\u0300-\u036f]/g, '')
    .toLowerCase();

/** Lower case without tone marks, apostrophes and spaces. */
export const plain = (text: string): string => unmarked(text).replace(/[’'\s-]/g, '');

interface Entry {
  readonly row: PointRow;
  readonly code: string;
  readonly names: readonly string[];
  readonly words: string;
}

const ENTRIES: readonly Entry[] = POINTS.map((row) => ({
  row,
  code: plain(row.code),
  names: [plain(row.pinyin), row.hanzi],
  words: [
    row.sense,
    row.use,
    row.region,
    CHANNELS.find((channel) => channel.id === row.channel)?.name ?? 'extra point',
    ...classesOf(row.code).flatMap((one) => [one.kind, one.what, one.phase ? `${one.phase} point` : 'point']),
    ...REGIONS.filter((region) => (region.points as readonly string[]).includes(row.code)).map(
      (region) => `${region.name} ${region.school}`,
    ),
  ].join(' '),
})).map((entry) => ({ ...entry, words: unmarked(entry.words) }));

/** How well an entry answers one word; 0 where it does not. */
function score(entry: Entry, word: string): number {
  const bare = plain(word);
  if (entry.code === bare) return 8;
  if (bare.length >= 2 && entry.code.startsWith(bare)) return 5;
  if (entry.names.some((name) => name === bare || name === word)) return 7;
  if (entry.names.some((name) => (bare.length >= 2 && name.startsWith(bare)) || name.includes(word)))
    return 4;
  if (bare.length >= 3 && entry.names.some((name) => name.includes(bare))) return 2;
  const whole = new RegExp(`(^|[^a-z])${unmarked(word).replace(/[.*+?^${}()|[\]\\]/g, '\\$&')}`);
  return bare.length >= 2 && whole.test(entry.words) ? 3 : 0;
}

/**
 * Points that answer a search: code, pinyin with or without tones, hanzi, English sense, what it is used
 * for, channel, class ("source", "mother", "well") or phase ("water point"). Every word must be met; best
 * first, then in flow order.
 */
export function findPoints(text: string): readonly PointRow[] {
  const query = text.trim().toLowerCase();
  if (query === '') return [];
  const joined = ENTRIES.filter((entry) => entry.names.includes(plain(query)));
  const words = query.split(/[\s,]+/).filter((word) => word !== '');
  const scored = ENTRIES.map((entry) => {
    const scores = words.map((word) => score(entry, word));
    return { entry, sum: scores.includes(0) ? 0 : scores.reduce((a, b) => a + b, 0) };
  }).filter(({ sum, entry }) => sum > 0 || joined.includes(entry));
  return scored
    .map((one) => ({ ...one, sum: one.sum + (joined.includes(one.entry) ? 9 : 0) }))
    .sort((a, b) => b.sum - a.sum)
    .map(({ entry }) => entry.row);
}

/** Words worth trying in the search. */
export const SEARCH_WORDS: readonly string[] = [
  ...CLASS_KINDS,
  ...PHASE_IDS.map((phase) => `${phase} point`),
];
