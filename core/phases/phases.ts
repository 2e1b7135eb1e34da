import { entryAt } from '../lists/lists';
import type { SourceId } from '../sources';

/** The five phases in the order of the generating cycle. */
export const PHASE_IDS = ['wood', 'fire', 'earth', 'metal', 'water'] as const;
export type PhaseId = (typeof PHASE_IDS)[number];

export interface PhaseName {
  readonly name: string;
  readonly pinyin: string;
  readonly hanzi: string;
}

const NAMES = {
  wood: { name: 'Wood', pinyin: 'mù', hanzi: '木' },
  fire: { name: 'Fire', pinyin: 'huǒ', hanzi: '火' },
  earth: { name: 'Earth', pinyin: 'tǔ', hanzi: '土' },
  metal: { name: 'Metal', pinyin: 'jīn', hanzi: '金' },
  water: { name: 'Water', pinyin: 'shuǐ', hanzi: '水' },
} as const satisfies Record<PhaseId, PhaseName>;

export function phaseName(phase: PhaseId): PhaseName {
  return NAMES[phase];
}

const step = (phase: PhaseId, by: number): PhaseId =>
  entryAt(PHASE_IDS, (PHASE_IDS.indexOf(phase) + by + PHASE_IDS.length) % PHASE_IDS.length);

/** The phase this one generates (its child): wood→fire→earth→metal→water→wood. Source: Sù Wèn 5 (from memory). */
export const childOf = (phase: PhaseId): PhaseId => step(phase, 1);

/** The phase that generates this one (its mother). A nourishing theme may draw on it (Nàn Jīng 69). */
export const motherOf = (phase: PhaseId): PhaseId => step(phase, -1);

/** The phase this one controls: wood⊣earth⊣water⊣fire⊣metal⊣wood. Source: Sù Wèn 25 (from memory). */
export const controlledBy = (phase: PhaseId): PhaseId => step(phase, 2);

/** The phase that controls this one. */
export const controllerOf = (phase: PhaseId): PhaseId => step(phase, -2);

interface CorrespondenceRow extends Readonly<Record<PhaseId, string>> {
  readonly id: string;
  readonly label: string;
  readonly source: SourceId;
}

/** The table of correspondences, one attribute a row, as a practitioner would recite it. */
// prettier-ignore
export const CORRESPONDENCES = [
  { id: 'season', label: 'season', wood: 'spring', fire: 'summer', earth: 'late summer, or the turn of each season', metal: 'autumn', water: 'winter', source: 'su-wen-9' },
  { id: 'direction', label: 'direction', wood: 'east', fire: 'south', earth: 'centre', metal: 'west', water: 'north', source: 'su-wen-5' },
  { id: 'climate', label: 'climate', wood: 'wind', fire: 'heat', earth: 'damp', metal: 'dryness', water: 'cold', source: 'su-wen-5' },
  { id: 'colour', label: 'colour', wood: 'green-blue', fire: 'red', earth: 'yellow', metal: 'white', water: 'black or deep blue', source: 'su-wen-5' },
  { id: 'taste', label: 'taste', wood: 'sour', fire: 'bitter', earth: 'sweet', metal: 'pungent', water: 'salty', source: 'su-wen-5' },
  { id: 'sense', label: 'sense', wood: 'eyes', fire: 'tongue', earth: 'mouth', metal: 'nose', water: 'ears', source: 'su-wen-5' },
  { id: 'tissue', label: 'tissue', wood: 'sinews', fire: 'vessels', earth: 'flesh', metal: 'skin', water: 'bones', source: 'su-wen-5' },
  { id: 'disturbing-emotion', label: 'disturbing emotion', wood: 'anger, frustration', fire: 'over-joy, agitation', earth: 'pensiveness, worry', metal: 'grief, sorrow', water: 'fear', source: 'su-wen-5' },
  { id: 'spirit', label: 'spirit', wood: 'hún', fire: 'shén', earth: 'yì', metal: 'pò', water: 'zhì (will)', source: 'su-wen-23' },
  { id: 'motion', label: 'motion of qi', wood: 'spreads up and out', fire: 'expands', earth: 'centres, holds', metal: 'gathers, descends', water: 'sinks, stores', source: 'common-practice' },
  { id: 'region', label: 'body region', wood: 'sides, sinews', fire: 'chest, face', earth: 'belly, four limbs, flesh', metal: 'chest, skin', water: 'low back, bones', source: 'common-practice' },
] as const satisfies readonly CorrespondenceRow[];

export type CorrespondenceId = (typeof CORRESPONDENCES)[number]['id'];

/** One cell of the table, e.g. `correspondence('metal', 'tissue')` → "skin". */
export function correspondence(phase: PhaseId, id: CorrespondenceId): string {
  const row = CORRESPONDENCES.find((candidate) => candidate.id === id);
  if (!row) throw new RangeError(`unknown correspondence: expected one of the table's ids, got ${id}`);
  return row[phase];
}
