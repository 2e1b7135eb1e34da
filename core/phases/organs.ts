import type { SourceId } from '../sources';
import type { PhaseId } from './phases';

/** The twelve organs in the order of the organ hours, which is also the flow order of their channels. */
export const ORGAN_IDS = [
  'lung',
  'large-intestine',
  'stomach',
  'spleen',
  'heart',
  'small-intestine',
  'bladder',
  'kidney',
  'pericardium',
  'triple-burner',
  'gallbladder',
  'liver',
] as const;
export type OrganId = (typeof ORGAN_IDS)[number];

export interface OrganRow {
  readonly id: OrganId;
  readonly name: string;
  readonly pinyin: string;
  readonly hanzi: string;
  /** The organ's channel in the WHO code. */
  readonly channel: string;
  readonly phase: PhaseId;
  readonly polarity: 'yin' | 'yang';
  /** The other organ of the yin–yang pair. */
  readonly pair: OrganId;
  readonly source: SourceId;
}

// prettier-ignore
export const ORGANS = [
  { id: 'lung', name: 'Lung', pinyin: 'fèi', hanzi: '肺', channel: 'LU', phase: 'metal', polarity: 'yin', pair: 'large-intestine', source: 'ling-shu-2' },
  { id: 'large-intestine', name: 'Large Intestine', pinyin: 'dàcháng', hanzi: '大腸', channel: 'LI', phase: 'metal', polarity: 'yang', pair: 'lung', source: 'ling-shu-2' },
  { id: 'stomach', name: 'Stomach', pinyin: 'wèi', hanzi: '胃', channel: 'ST', phase: 'earth', polarity: 'yang', pair: 'spleen', source: 'ling-shu-2' },
  { id: 'spleen', name: 'Spleen', pinyin: 'pí', hanzi: '脾', channel: 'SP', phase: 'earth', polarity: 'yin', pair: 'stomach', source: 'ling-shu-2' },
  { id: 'heart', name: 'Heart', pinyin: 'xīn', hanzi: '心', channel: 'HT', phase: 'fire', polarity: 'yin', pair: 'small-intestine', source: 'ling-shu-2' },
  { id: 'small-intestine', name: 'Small Intestine', pinyin: 'xiǎocháng', hanzi: '小腸', channel: 'SI', phase: 'fire', polarity: 'yang', pair: 'heart', source: 'ling-shu-2' },
  { id: 'bladder', name: 'Bladder', pinyin: 'pángguāng', hanzi: '膀胱', channel: 'BL', phase: 'water', polarity: 'yang', pair: 'kidney', source: 'ling-shu-2' },
  { id: 'kidney', name: 'Kidney', pinyin: 'shèn', hanzi: '腎', channel: 'KI', phase: 'water', polarity: 'yin', pair: 'bladder', source: 'ling-shu-2' },
  { id: 'pericardium', name: 'Pericardium', pinyin: 'xīnbāo', hanzi: '心包', channel: 'PC', phase: 'fire', polarity: 'yin', pair: 'triple-burner', source: 'ling-shu-2' },
  { id: 'triple-burner', name: 'Triple Burner', pinyin: 'sānjiāo', hanzi: '三焦', channel: 'TE', phase: 'fire', polarity: 'yang', pair: 'pericardium', source: 'ling-shu-2' },
  { id: 'gallbladder', name: 'Gallbladder', pinyin: 'dǎn', hanzi: '膽', channel: 'GB', phase: 'wood', polarity: 'yang', pair: 'liver', source: 'ling-shu-2' },
  { id: 'liver', name: 'Liver', pinyin: 'gān', hanzi: '肝', channel: 'LR', phase: 'wood', polarity: 'yin', pair: 'gallbladder', source: 'ling-shu-2' },
] as const satisfies readonly OrganRow[];

const byId = new Map<OrganId, OrganRow>(ORGANS.map((row) => [row.id, row]));

/** The row of one organ. */
export function organ(id: OrganId): OrganRow {
  const row = byId.get(id);
  if (!row) throw new RangeError(`unknown organ: expected one of ${ORGAN_IDS.join(', ')}, got ${id}`);
  return row;
}

/** The organs of a phase, yin organ first. Fire has two pairs. */
export function organsOf(phase: PhaseId): readonly OrganRow[] {
  return ORGANS.filter((row) => row.phase === phase).toSorted(
    (a, b) => Number(a.polarity === 'yang') - Number(b.polarity === 'yang'),
  );
}
