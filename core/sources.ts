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
  'su-wen-5': { kind: 'published', title: 'Huángdì Nèijīng, Sù Wèn, ch. 5' },
  'nan-jing-64': { kind: 'published', title: 'Nàn Jīng, difficulty 64' },
  'nan-jing-69': { kind: 'published', title: 'Nàn Jīng, difficulty 69' },
  'ling-shu-38': { kind: 'published', title: 'Huángdì Nèijīng, Líng Shū, ch. 38' },
  'ling-shu-17': { kind: 'published', title: 'Huángdì Nèijīng, Líng Shū, ch. 17' },
  'solar-terms': {
    kind: 'published',
    title: 'Definition of the 24 solar terms: apparent solar longitude in steps of 15°',
  },
  'doyo-definition': {
    kind: 'published',
    title: 'National Astronomical Observatory of Japan, calendar notes: doyō at 27°, 117°, 207°, 297°',
  },
  'five-animals-standard': { kind: 'published', title: 'Wǔ Qín Xì, modern standard edition' },
  'brocades-standard': { kind: 'published', title: 'Bā Duàn Jǐn, modern standard edition' },
  'brocades-verse': { kind: 'from-memory', title: 'Older verse of the eight brocades (from memory)' },
  'six-sounds-standard': { kind: 'published', title: 'Liù Zì Jué, modern standard edition' },
  'six-sounds-season-verse': { kind: 'published', title: 'Verse on the six sounds attributed to Sūn Sīmiǎo' },
  'nourishing-nature-record': {
    kind: 'from-memory',
    title: 'Yǎng Xìng Yán Mìng Lù, the older list of the six breaths (from memory, to be checked)',
  },
  'who-points-2008': {
    kind: 'published',
    title: 'WHO Standard Acupuncture Point Locations in the Western Pacific Region, 2008',
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
  'ling-shu-14': { kind: 'published', title: 'Huángdì Nèijīng, Líng Shū, ch. 14' },
  'ling-shu-15': { kind: 'published', title: 'Huángdì Nèijīng, Líng Shū, ch. 15' },
  'ling-shu-50': { kind: 'published', title: 'Huángdì Nèijīng, Líng Shū, ch. 50' },
  'point-tables': { kind: 'from-memory', title: 'Point tables of standard textbooks (from memory)' },
  'sexagenary-cycle': {
    kind: 'published',
    title: 'The sixty-day cycle; checked against general-purpose calendar packages',
  },
  'common-practice': { kind: 'common-practice', title: 'Common practice, no single source' },
  'measured-practice': {
    kind: 'common-practice',
    title: 'Common practice, measured on led practices of 4–29 minutes',
  },
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
