/**
 * Where a fact of the trade comes from. Every table row names one of these ids, so that a reader can
 * always ask "says who?" and get an answer.
 */
export type SourceKind = 'published' | 'common-practice' | 'from-memory';

interface SourceRow {
  readonly kind: SourceKind;
  readonly title: string;
}

const table = {
  'su-wen-2': { kind: 'from-memory', title: 'Huángdì Nèijīng, Sù Wèn, ch. 2 (from memory)' },
  'su-wen-5': { kind: 'from-memory', title: 'Huángdì Nèijīng, Sù Wèn, ch. 5 (from memory)' },
  'su-wen-9': { kind: 'from-memory', title: 'Huángdì Nèijīng, Sù Wèn, ch. 9 (from memory)' },
  'su-wen-17': { kind: 'from-memory', title: 'Huángdì Nèijīng, Sù Wèn, ch. 17 (from memory)' },
  'su-wen-23': { kind: 'from-memory', title: 'Huángdì Nèijīng, Sù Wèn, ch. 23 (from memory)' },
  'su-wen-25': { kind: 'from-memory', title: 'Huángdì Nèijīng, Sù Wèn, ch. 25 (from memory)' },
  'su-wen-29': { kind: 'from-memory', title: 'Huángdì Nèijīng, Sù Wèn, ch. 29 (from memory)' },
  'su-wen-39': { kind: 'from-memory', title: 'Huángdì Nèijīng, Sù Wèn, ch. 39 (from memory)' },
  'bai-hu-tong': { kind: 'from-memory', title: 'Bái Hǔ Tōng, on the five constants (from memory)' },
  'nan-jing-28': { kind: 'from-memory', title: 'Nàn Jīng, difficulty 28 (from memory)' },
  'nan-jing-64': { kind: 'from-memory', title: 'Nàn Jīng, difficulty 64 (from memory)' },
  'nan-jing-69': { kind: 'from-memory', title: 'Nàn Jīng, difficulty 69 (from memory)' },
  'ling-shu-2': { kind: 'from-memory', title: 'Huángdì Nèijīng, Líng Shū, ch. 2 (from memory)' },
  'ling-shu-8': { kind: 'from-memory', title: 'Huángdì Nèijīng, Líng Shū, ch. 8 (from memory)' },
  'ling-shu-17': { kind: 'from-memory', title: 'Huángdì Nèijīng, Líng Shū, ch. 17 (from memory)' },
  'ling-shu-38': { kind: 'from-memory', title: 'Huángdì Nèijīng, Líng Shū, ch. 38 (from memory)' },
  'solar-terms': {
    kind: 'published',
    title: 'Definition of the 24 solar terms: apparent solar longitude in steps of 15°',
  },
  'doyo-definition': {
    kind: 'published',
    title: 'National Astronomical Observatory of Japan, calendar notes: doyō at 27°, 117°, 207°, 297°',
  },
  'five-animals-standard': { kind: 'from-memory', title: 'Wǔ Qín Xì, modern standard edition (from memory)' },
  'brocades-standard': { kind: 'from-memory', title: 'Bā Duàn Jǐn, modern standard edition (from memory)' },
  'brocades-verse': { kind: 'from-memory', title: 'Older verse of the eight brocades (from memory)' },
  'six-sounds-standard': { kind: 'from-memory', title: 'Liù Zì Jué, modern standard edition (from memory)' },
  'tendon-changing-standard': {
    kind: 'from-memory',
    title: 'Yì Jīn Jīng, modern standard edition (from memory)',
  },
  'silk-chart-standard': {
    kind: 'from-memory',
    title: 'Mǎ Wáng Duī Dǎo Yǐn Shù, modern standard edition (from memory)',
  },
  'seated-brocade-verse': {
    kind: 'from-memory',
    title: 'Old verse of the seated brocade in twelve parts (from memory)',
  },
  'twenty-four-seated': {
    kind: 'from-memory',
    title: 'Seated exercises of the twenty-four terms, attributed to Chén Tuán (from memory)',
  },
  'heritage-from-memory': {
    kind: 'from-memory',
    title: 'Heritage teaching of several schools (from memory)',
  },
  'marrow-washing-heritage': {
    kind: 'from-memory',
    title: 'Xǐ Suǐ, marrow washing as handed down (from memory)',
  },
  'six-sounds-season-verse': {
    kind: 'from-memory',
    title: 'Verse on the six sounds attributed to Sūn Sīmiǎo (from memory)',
  },
  'nourishing-nature-record': {
    kind: 'from-memory',
    title: 'Yǎng Xìng Yán Mìng Lù, the older list of the six breaths (from memory, to be checked)',
  },
  'who-points-2008': {
    kind: 'from-memory',
    title: 'WHO Standard Acupuncture Point Locations in the Western Pacific Region, 2008 (from memory)',
  },
  'drillis-contini': {
    kind: 'published',
    title: 'Drillis & Contini, in Winter, Biomechanics and Motor Control of Human Movement, fig. 4.1',
  },
  'dempster-winter': {
    kind: 'from-memory',
    title: 'Dempster, in Winter, Biomechanics and Motor Control of Human Movement, table 4.1 (from memory)',
  },
  'body-from-memory': { kind: 'from-memory', title: 'Measures of ordinary bodies (from memory)' },
  'aaos-ranges': {
    kind: 'from-memory',
    title: 'American Academy of Orthopaedic Surgeons, Joint Motion (from memory)',
  },
  'weight-bearing-ankle': {
    kind: 'from-memory',
    title: 'Weight-bearing lunge measures of the ankle, about 40° (from memory)',
  },
  'ling-shu-10': { kind: 'from-memory', title: 'Huángdì Nèijīng, Líng Shū, ch. 10 (courses, from memory)' },
  'ling-shu-14': { kind: 'from-memory', title: 'Huángdì Nèijīng, Líng Shū, ch. 14 (from memory)' },
  'ling-shu-15': { kind: 'from-memory', title: 'Huángdì Nèijīng, Líng Shū, ch. 15 (from memory)' },
  'ling-shu-50': { kind: 'from-memory', title: 'Huángdì Nèijīng, Líng Shū, ch. 50 (from memory)' },
  'point-tables': { kind: 'from-memory', title: 'Point tables of standard textbooks (from memory)' },
  'sexagenary-cycle': {
    kind: 'published',
    title: 'The sixty-day cycle; checked against general-purpose calendar packages',
  },
  'six-gates': {
    kind: 'from-memory',
    title: 'Liù Miào Fǎ Mén, the first gate: counting the breath from one to ten (from memory)',
  },
  'peterson-barney': {
    kind: 'published',
    title: 'Peterson & Barney, J. Acoust. Soc. Am. 24 (1952) 175–184: formants of the vowels',
  },
  'common-practice': { kind: 'common-practice', title: 'Common practice, no single source' },
} as const satisfies Record<string, SourceRow>;

export type SourceId = keyof typeof table;

/** The words to show for a source, e.g. in a margin: its title, or "common practice". */
export function sourceTitle(id: SourceId): string {
  return table[id].title;
}

/** Whether the fact is published, common practice, or quoted from memory. */
export function sourceKind(id: SourceId): SourceKind {
  return table[id].kind;
}

export const sourceIds = Object.keys(table) as readonly SourceId[];
