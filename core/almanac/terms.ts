import { entryAt } from '../lists/lists';
import { nextSunLongitude, sunLongitudeDeg } from './sun';
import type { SourceId } from '../sources';

interface SolarTermRow {
  readonly id: string;
  readonly pinyin: string;
  readonly hanzi: string;
  readonly name: string;
  /** Apparent solar longitude at which the term begins, degrees. */
  readonly longitudeDeg: number;
  readonly source: SourceId;
}

/** The 24 solar terms from Lì Chūn, the beginning of the agricultural year. English senses are our own. */
// prettier-ignore
export const SOLAR_TERMS = [
  { id: 'li-chun', pinyin: 'Lì Chūn', hanzi: '立春', name: 'Spring begins', longitudeDeg: 315, source: 'solar-terms' },
  { id: 'yu-shui', pinyin: 'Yǔ Shuǐ', hanzi: '雨水', name: 'Rain water', longitudeDeg: 330, source: 'solar-terms' },
  { id: 'jing-zhe', pinyin: 'Jīng Zhé', hanzi: '驚蟄', name: 'Creatures stir', longitudeDeg: 345, source: 'solar-terms' },
  { id: 'chun-fen', pinyin: 'Chūn Fēn', hanzi: '春分', name: 'Spring equinox', longitudeDeg: 0, source: 'solar-terms' },
  { id: 'qing-ming', pinyin: 'Qīng Míng', hanzi: '清明', name: 'Clear and bright', longitudeDeg: 15, source: 'solar-terms' },
  { id: 'gu-yu', pinyin: 'Gǔ Yǔ', hanzi: '穀雨', name: 'Grain rain', longitudeDeg: 30, source: 'solar-terms' },
  { id: 'li-xia', pinyin: 'Lì Xià', hanzi: '立夏', name: 'Summer begins', longitudeDeg: 45, source: 'solar-terms' },
  { id: 'xiao-man', pinyin: 'Xiǎo Mǎn', hanzi: '小滿', name: 'Grain fills', longitudeDeg: 60, source: 'solar-terms' },
  { id: 'mang-zhong', pinyin: 'Máng Zhòng', hanzi: '芒種', name: 'Bearded grain', longitudeDeg: 75, source: 'solar-terms' },
  { id: 'xia-zhi', pinyin: 'Xià Zhì', hanzi: '夏至', name: 'Summer solstice', longitudeDeg: 90, source: 'solar-terms' },
  { id: 'xiao-shu', pinyin: 'Xiǎo Shǔ', hanzi: '小暑', name: 'Lesser heat', longitudeDeg: 105, source: 'solar-terms' },
  { id: 'da-shu', pinyin: 'Dà Shǔ', hanzi: '大暑', name: 'Great heat', longitudeDeg: 120, source: 'solar-terms' },
  { id: 'li-qiu', pinyin: 'Lì Qiū', hanzi: '立秋', name: 'Autumn begins', longitudeDeg: 135, source: 'solar-terms' },
  { id: 'chu-shu', pinyin: 'Chǔ Shǔ', hanzi: '處暑', name: 'Heat withdraws', longitudeDeg: 150, source: 'solar-terms' },
  { id: 'bai-lu', pinyin: 'Bái Lù', hanzi: '白露', name: 'White dew', longitudeDeg: 165, source: 'solar-terms' },
  { id: 'qiu-fen', pinyin: 'Qiū Fēn', hanzi: '秋分', name: 'Autumn equinox', longitudeDeg: 180, source: 'solar-terms' },
  { id: 'han-lu', pinyin: 'Hán Lù', hanzi: '寒露', name: 'Cold dew', longitudeDeg: 195, source: 'solar-terms' },
  { id: 'shuang-jiang', pinyin: 'Shuāng Jiàng', hanzi: '霜降', name: 'Frost descends', longitudeDeg: 210, source: 'solar-terms' },
  { id: 'li-dong', pinyin: 'Lì Dōng', hanzi: '立冬', name: 'Winter begins', longitudeDeg: 225, source: 'solar-terms' },
  { id: 'xiao-xue', pinyin: 'Xiǎo Xuě', hanzi: '小雪', name: 'Lesser snow', longitudeDeg: 240, source: 'solar-terms' },
  { id: 'da-xue', pinyin: 'Dà Xuě', hanzi: '大雪', name: 'Great snow', longitudeDeg: 255, source: 'solar-terms' },
  { id: 'dong-zhi', pinyin: 'Dōng Zhì', hanzi: '冬至', name: 'Winter solstice', longitudeDeg: 270, source: 'solar-terms' },
  { id: 'xiao-han', pinyin: 'Xiǎo Hán', hanzi: '小寒', name: 'Lesser cold', longitudeDeg: 285, source: 'solar-terms' },
  { id: 'da-han', pinyin: 'Dà Hán', hanzi: '大寒', name: 'Great cold', longitudeDeg: 300, source: 'solar-terms' },
] as const satisfies readonly SolarTermRow[];
export type SolarTerm = (typeof SOLAR_TERMS)[number];

/** A solar term together with the instant (ms since 1970 UTC) it begins. */
export interface TermInstant {
  readonly term: SolarTerm;
  readonly atMs: number;
}

/** Half an arc second of sunlight: the search's own tolerance, so that a term's instant counts as begun. */
const TOLERANCE_DEG = 0.0002;

/** The solar term in force at an instant (its index counts from Lì Chūn). */
export function termAt(atMs: number): { readonly term: SolarTerm; readonly index: number } {
  const sinceSpring = (sunLongitudeDeg(atMs) - 315 + 360 + TOLERANCE_DEG) % 360;
  const index = Math.floor(sinceSpring / 15) % 24;
  return { term: entryAt(SOLAR_TERMS, index), index };
}

/** The next `count` solar terms strictly after an instant, in order. */
export function nextTerms(fromMs: number, count: number): readonly TermInstant[] {
  const { index } = termAt(fromMs);
  const found: TermInstant[] = [];
  let cursorMs = fromMs;
  for (let ahead = 1; ahead <= count; ahead += 1) {
    const term = entryAt(SOLAR_TERMS, (index + ahead) % 24);
    const atMs = nextSunLongitude(term.longitudeDeg, cursorMs);
    found.push({ term, atMs });
    cursorMs = atMs + 1000;
  }
  return found;
}

/** All 24 terms that begin within the UTC calendar year, in order of time. Year 1900–2100. */
export function termsOfYear(year: number): readonly TermInstant[] {
  const startMs = Date.UTC(year, 0, 1);
  const endMs = Date.UTC(year + 1, 0, 1);
  return nextTerms(startMs, 24).filter((instant) => instant.atMs < endMs);
}
