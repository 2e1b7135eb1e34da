import { idsOf } from '../lists/lists';
import type { OrganId, PhaseId } from '../phases';
import type { SourceId } from '../sources';
import type { Intent } from './intents';

/** What a plain aim means in the terms of the trade, so that the composer can work for it. */
interface AimRow {
  readonly id: string;
  /** As it stands in a sentence: "a practice for …". */
  readonly label: string;
  readonly phases: readonly PhaseId[];
  readonly organs: readonly OrganId[];
  /** What its forms should do first. */
  readonly actions: readonly ('clears' | 'nourishes' | 'moves' | 'calms')[];
  readonly polarity: 'yin' | 'yang' | 'even';
  /** Joints its forms should reach. */
  readonly joints: readonly string[];
  /** Intent where nothing else is said. */
  readonly intent: Intent;
  readonly why: string;
  readonly source: SourceId;
}

// prettier-ignore
export const AIMS = [
  { id: 'sleep', label: 'sleep', phases: ['fire', 'water'], organs: ['heart', 'kidney'], actions: ['calms', 'nourishes'], polarity: 'yin', joints: ['neck'], intent: 'calm', why: 'In the tradition sleep comes when the Heart’s fire goes down to meet the Kidney’s water: settle, sink, nothing that stirs.', source: 'common-practice' },
  { id: 'calm', label: 'calm', phases: ['fire'], organs: ['heart', 'pericardium'], actions: ['calms'], polarity: 'yin', joints: ['shoulders', 'neck'], intent: 'calm', why: 'The Heart is said to house the shén: slow exhales, hands that close and sink, stillness.', source: 'su-wen-23' },
  { id: 'energy', label: 'energy', phases: ['water', 'earth'], organs: ['kidney', 'spleen', 'lung'], actions: ['nourishes', 'moves'], polarity: 'yang', joints: ['spine', 'hips'], intent: 'nourish', why: 'Kidney, Spleen and Lung are said to make qi together: root, food and breath.', source: 'common-practice' },
  { id: 'back', label: 'an easy back', phases: ['water'], organs: ['kidney', 'bladder'], actions: ['moves', 'nourishes'], polarity: 'even', joints: ['spine', 'hips'], intent: 'clear-then-nourish', why: 'The low back is called the dwelling of the Kidney, and the Bladder channel runs down beside the spine.', source: 'su-wen-17' },
  { id: 'breath', label: 'the breath', phases: ['metal', 'water'], organs: ['lung', 'kidney'], actions: ['nourishes', 'clears'], polarity: 'even', joints: ['shoulders', 'spine'], intent: 'clear-then-nourish', why: 'The Lung is said to govern the breath and the Kidney to receive it.', source: 'common-practice' },
  { id: 'digestion', label: 'digestion', phases: ['earth', 'wood'], organs: ['spleen', 'stomach', 'liver'], actions: ['moves', 'nourishes'], polarity: 'even', joints: ['spine', 'hips'], intent: 'nourish', why: 'Spleen and Stomach in the middle; a free Liver, so that, as it is said, wood does not press upon earth.', source: 'common-practice' },
  { id: 'focus', label: 'focus', phases: ['earth', 'fire'], organs: ['spleen', 'heart'], actions: ['calms', 'nourishes'], polarity: 'even', joints: ['neck', 'shoulders'], intent: 'nourish', why: 'The Spleen is said to house thought and the Heart the clear mind: steady slow forms, weight that is felt.', source: 'ling-shu-8' },
  { id: 'joints', label: 'supple joints', phases: ['wood'], organs: ['liver', 'gallbladder'], actions: ['moves'], polarity: 'even', joints: ['ankles', 'knees', 'hips', 'spine', 'shoulders', 'wrists', 'neck'], intent: 'move', why: 'Wood is said to govern the sinews; each joint is moved through its easy range.', source: 'su-wen-5' },
  { id: 'mood', label: 'a lighter mood', phases: ['wood', 'fire'], organs: ['liver', 'heart', 'lung'], actions: ['moves', 'clears'], polarity: 'yang', joints: ['shoulders', 'spine'], intent: 'clear-then-nourish', why: 'Qi is said to slacken with sorrow and to rise with anger: let the sides spread, the chest open and the breath go; then warm the Heart.', source: 'su-wen-39' },
] as const satisfies readonly AimRow[];

export type AimId = (typeof AIMS)[number]['id'];
export const AIM_IDS = idsOf(AIMS);

/** The row of an aim. */
export function aim(id: AimId): AimRow {
  const row = AIMS.find((candidate) => candidate.id === id);
  if (!row) throw new RangeError(`unknown aim: expected one of ${AIM_IDS.join(', ')}, got ${id}`);
  return row;
}
