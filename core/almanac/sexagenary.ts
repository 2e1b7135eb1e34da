import { entryAt } from '../lists/lists';
import { sunLongitudeDeg, trueSolarMs, wrapDeg } from './sun';
import { dayNumber, wallTime, MINUTE_MS, zoneOffsetMin, type Place } from './zone';

/** The ten stems. */
// prettier-ignore
export const STEMS = [
  { pinyin: 'jiǎ', hanzi: '甲' }, { pinyin: 'yǐ', hanzi: '乙' }, { pinyin: 'bǐng', hanzi: '丙' },
  { pinyin: 'dīng', hanzi: '丁' }, { pinyin: 'wù', hanzi: '戊' }, { pinyin: 'jǐ', hanzi: '己' },
  { pinyin: 'gēng', hanzi: '庚' }, { pinyin: 'xīn', hanzi: '辛' }, { pinyin: 'rén', hanzi: '壬' },
  { pinyin: 'guǐ', hanzi: '癸' },
] as const;

/** The twelve branches. */
// prettier-ignore
export const BRANCHES = [
  { pinyin: 'zǐ', hanzi: '子' }, { pinyin: 'chǒu', hanzi: '丑' }, { pinyin: 'yín', hanzi: '寅' },
  { pinyin: 'mǎo', hanzi: '卯' }, { pinyin: 'chén', hanzi: '辰' }, { pinyin: 'sì', hanzi: '巳' },
  { pinyin: 'wǔ', hanzi: '午' }, { pinyin: 'wèi', hanzi: '未' }, { pinyin: 'shēn', hanzi: '申' },
  { pinyin: 'yǒu', hanzi: '酉' }, { pinyin: 'xū', hanzi: '戌' }, { pinyin: 'hài', hanzi: '亥' },
] as const;

/** When the day turns: at midnight, or with the zǐ hour at 23:00. Schools differ (common practice). */
export type DayTurns = 'midnight' | 'zi-hour';

/** A place in the cycle of sixty, 0 = jiǎ-zǐ. */
export interface Sexagenary {
  readonly index: number;
  readonly pinyin: string;
  readonly hanzi: string;
}

export interface FourPillars {
  readonly year: Sexagenary;
  readonly month: Sexagenary;
  readonly day: Sexagenary;
  readonly hour: Sexagenary;
}

const mod = (value: number, by: number): number => ((value % by) + by) % by;

function sexagenary(index: number): Sexagenary {
  const cycle = mod(index, 60);
  const stem = entryAt(STEMS, cycle % 10);
  const branch = entryAt(BRANCHES, cycle % 12);
  return { index: cycle, pinyin: `${stem.pinyin}-${branch.pinyin}`, hanzi: `${stem.hanzi}${branch.hanzi}` };
}

/** The pair of a stem and a branch that are both odd or both even, as an index of sixty. */
function fromStemBranch(stem: number, branch: number): Sexagenary {
  // The index i with i ≡ stem (mod 10) and i ≡ branch (mod 12): 6·stem − 5·branch.
  return sexagenary(6 * stem - 5 * branch);
}

/**
 * Stems and branches of year, month, day and hour at a place.
 * The year turns at Lì Chūn and the month at each odd solar term, at the Sun's own instant. The hour follows
 * `hours` (true solar time or the clock). The day turns, by the same reckoning, at midnight or already with the zǐ
 * hour at 23:00 (a custom). Where it turns at midnight, the late zǐ hour (23–24) still belongs to the old day but bears
 * the stem of the next day's first hour, as general-purpose calendars count it.
 * Source: the sexagenary cycle; 1900–2100 checked against two calendar packages.
 */
export function fourPillars(
  atMs: number,
  place: Place,
  hours: 'solar' | 'clock',
  dayTurns: DayTurns = 'midnight',
): FourPillars {
  const longitude = wrapDeg(sunLongitudeDeg(atMs) + 0.0002);
  const sinceSpring = wrapDeg(longitude - 315);
  const civilYear = wallTime(atMs, place.zone).year;
  // January and the days before Lì Chūn still belong to the former year: their longitude lies before 315°.
  const civilMonth = wallTime(atMs, place.zone).month;
  const yearNumber = civilMonth <= 2 && sinceSpring > 180 ? civilYear - 1 : civilYear;
  const yearIndex = mod(yearNumber - 1984, 60);

  const monthFromSpring = Math.floor(sinceSpring / 30);
  // Five tigers rule: the stem of the first month follows from the year's stem.
  const monthStem = mod((yearIndex % 10) * 2 + 2 + monthFromSpring, 10);
  const month = fromStemBranch(monthStem, mod(2 + monthFromSpring, 12));

  const local =
    hours === 'solar'
      ? new Date(trueSolarMs(atMs, place.longitudeDeg))
      : new Date(atMs + zoneOffsetMin(atMs, place.zone) * MINUTE_MS);
  const localDay = dayNumber({
    year: local.getUTCFullYear(),
    month: local.getUTCMonth() + 1,
    day: local.getUTCDate(),
  });
  const hourOfDay = local.getUTCHours() + local.getUTCMinutes() / 60;
  const lateZi = hourOfDay >= 23 ? 1 : 0;
  // 1970-01-01 was a xīn-sì day (index 17).
  const day = sexagenary(localDay + 17 + (dayTurns === 'zi-hour' ? lateZi : 0));

  const hourBranch = Math.floor(((hourOfDay + 1) % 24) / 2);
  const dayStemForHour = localDay + 17 + lateZi;
  // Five rats rule: the stem of the zǐ hour follows from the day's stem.
  const hourStem = mod(mod(dayStemForHour, 10) * 2 + hourBranch, 10);
  return { year: sexagenary(yearIndex), month, day, hour: fromStemBranch(hourStem, hourBranch) };
}
