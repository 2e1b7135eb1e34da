import type { SourceId } from '../sources';

/** A syllable as it is written and read. Its mouth, and how the air leaves, stand in `mouths.ts`. */
export interface SyllableRow {
  readonly id: string;
  /** As it is written, with tone mark where there is one. */
  readonly written: string;
  readonly hanzi?: string;
  /** As a newcomer can read it off. */
  readonly plain: string;
  readonly source: SourceId;
}

// prettier-ignore
export const SYLLABLES = [
  { id: 'xu', written: 'xū', hanzi: '噓', plain: 'shü, as in French “tu” after a soft sh', source: 'six-sounds-standard' },
  { id: 'he', written: 'hē', hanzi: '呵', plain: 'huh, drawn out, as in “her” without its r', source: 'six-sounds-standard' },
  { id: 'hu', written: 'hū', hanzi: '呼', plain: 'hoo, as in “who”', source: 'six-sounds-standard' },
  { id: 'si', written: 'sī', hanzi: '呬', plain: 'sss, ending in a short “uh”; some read it xì', source: 'six-sounds-standard' },
  { id: 'chui', written: 'chuī', hanzi: '吹', plain: 'chway, as “chew” gliding to “way”', source: 'six-sounds-standard' },
  { id: 'xi', written: 'xī', hanzi: '嘻', plain: 'shee, thin and light', source: 'six-sounds-standard' },
  { id: 'shhh', written: 'shhh', plain: 'sh, as to hush a child', source: 'common-practice' },
  { id: 'haaa', written: 'haaa', plain: 'haah, as on a window pane', source: 'common-practice' },
  { id: 'whooo', written: 'whooo', plain: 'whoo, from the throat', source: 'common-practice' },
  { id: 'sss', written: 'sss', plain: 'ss, long and thin', source: 'common-practice' },
  { id: 'chwooo', written: 'chwooo', plain: 'choo, as blowing out a candle', source: 'common-practice' },
  { id: 'heee', written: 'heee', plain: 'hee, thin, with a smile', source: 'common-practice' },
  { id: 'sigh', written: 'ahh', plain: 'a sigh', source: 'common-practice' },
  { id: 'hum', written: 'mmm', plain: 'a low hum', source: 'common-practice' },
  { id: 'buzz', written: 'zzz', plain: 'a buzz, like a lazy bee', source: 'common-practice' },
  { id: 'huh', written: 'huh', plain: 'huh, short and low', source: 'common-practice' },
  { id: 'whoosh', written: 'whoosh', plain: 'whoosh, as wind in a door', source: 'common-practice' },
] as const satisfies readonly SyllableRow[];

export type SyllableId = (typeof SYLLABLES)[number]['id'];
