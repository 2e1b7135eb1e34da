import { PHASE_IDS } from '../phases';
import { simplified } from '../text';
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
  /** Where it lies, without tone marks. */
  readonly where: string;
}

const ENTRIES: readonly Entry[] = POINTS.map((row) => ({
  row,
  code: plain(row.code),
  names: [plain(row.pinyin), simplified(row.hanzi)],
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
  where: unmarked(row.where),
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

/** How many cùn, as it is said: a hand's breadth (four fingers) is three, as in common practice. */
const SAID_CUN: readonly (readonly [string, number])[] = [
  ['half an?', 0.5],
  ['an?|one', 1],
  ['one and a half', 1.5],
  ['two', 2],
  ['three', 3],
  ['four', 4],
  ['five', 5],
  ['six', 6],
  ['seven', 7],
  ['eight', 8],
  ['nine', 9],
  ['ten', 10],
  ['twelve', 12],
];
/** Directions, as they are said and as the places of points say them. */
const DIRECTIONS: readonly (readonly [said: string, written: string])[] = [
  ['above|over|up from|proximal to|superior to', 'above'],
  ['below|under|down from|distal to|inferior to', 'below'],
  ['beside|to the side of|at the side of|lateral to|out from', 'to the side of'],
  ['behind|posterior to', 'behind'],
  ['in front of|before|anterior to', 'in front of'],
  ['from|of', ''],
];
/** Landmarks under the other names they go by. */
const LANDMARKS: Readonly<Record<string, string>> = {
  malleolus: 'ankle',
  medial: 'inner',
  lateral: 'outer',
  umbilicus: 'navel',
  patella: 'kneecap',
};
const PLACE = new RegExp(
  `^(?<count>\\d+(?:\\.\\d+)?|${SAID_CUN.map(([said]) => said)
    .toReversed()
    .join('|')}) ?cun (?<direction>${DIRECTIONS.map(([said]) => said).join('|')}) (?<mark>.+)$`,
);
const HAND = /^(?:four|4) fingers?(?:['’]? ?breadths?)?|^(?:a|one|1) hand(?:['’]?s)?[ -]?breadth/;
const SMALL_WORDS = new Set(
  'a all an are at for from i in is me my of on or point points show that the to under what where which with'.split(
    ' ',
  ),
);

const amount = (said: string): number =>
  SAID_CUN.find(([pattern]) => new RegExp(`^(?:${pattern})$`).test(said))?.[1] ?? Number(said);

/** Reads a measured place ("3 cun above the ankle"); undefined where the words are none. */
function readPlace(query: string): ((where: string) => boolean) | undefined {
  const match = PLACE.exec(query.replace(HAND, '3 cun').replace(/\s+/g, ' '));
  const { count, direction, mark } = match?.groups ?? {};
  if (count === undefined || direction === undefined || mark === undefined) return undefined;
  const written = DIRECTIONS.find(([said]) => said.split('|').includes(direction))?.[1] ?? '';
  const start = `${amount(count)} cun ${written}`;
  const marks = mark
    .split(/[^a-z0-9]+/)
    .filter((word) => word !== '' && !SMALL_WORDS.has(word))
    .map((word) => LANDMARKS[word] ?? word);
  return (where) =>
    where
      .split(',')
      .some((part) => part.trim().startsWith(start) && marks.every((word) => part.includes(word)));
}

/**
 * Points that answer a search: code ("SP6", "SP 6"), pinyin with or without tones, hanzi in either script, English
 * sense, what it is used for, channel, class ("source", "mother", "well"), phase ("water point"), or a measured place
 * ("3 cun above the ankle"). Every word that carries something must be met; best first, then in flow order.
 */
export function findPoints(text: string): readonly PointRow[] {
  const query = simplified(unmarked(text.trim())).replace(/\b([a-z]{2}) (\d{1,2})\b/g, '$1$2');
  if (query === '') return [];
  const liesAt = readPlace(query);
  if (liesAt) return ENTRIES.filter((entry) => liesAt(entry.where)).map(({ row }) => row);
  const joined = ENTRIES.filter((entry) => entry.names.includes(plain(query)));
  const all = query.split(/[\s,?!;]+/).filter((word) => word !== '');
  const carrying = all.filter((word) => !SMALL_WORDS.has(word));
  const words = carrying.length > 0 ? carrying : all;
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
