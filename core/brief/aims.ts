import { idsOf } from '../lists/lists';
import type { OrganId, PhaseId } from '../phases';
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
}

// prettier-ignore
export const AIMS = [
  { id: 'sleep', label: 'sleep', phases: ['fire', 'water'], organs: ['heart', 'kidney'], actions: ['calms', 'nourishes'], polarity: 'yin', joints: ['neck'], intent: 'calm' },
  { id: 'calm', label: 'calm', phases: ['fire'], organs: ['heart', 'pericardium'], actions: ['calms'], polarity: 'yin', joints: ['shoulders', 'neck'], intent: 'calm' },
  { id: 'energy', label: 'energy', phases: ['water', 'earth'], organs: ['kidney', 'spleen', 'lung'], actions: ['nourishes', 'moves'], polarity: 'yang', joints: ['spine', 'hips'], intent: 'nourish' },
  { id: 'back', label: 'an easy back', phases: ['water'], organs: ['kidney', 'bladder'], actions: ['moves', 'nourishes'], polarity: 'even', joints: ['spine', 'hips'], intent: 'clear-then-nourish' },
  { id: 'breath', label: 'the breath', phases: ['metal', 'water'], organs: ['lung', 'kidney'], actions: ['nourishes', 'clears'], polarity: 'even', joints: ['shoulders', 'spine'], intent: 'clear-then-nourish' },
  { id: 'digestion', label: 'digestion', phases: ['earth', 'wood'], organs: ['spleen', 'stomach', 'liver'], actions: ['moves', 'nourishes'], polarity: 'even', joints: ['spine', 'hips'], intent: 'nourish' },
  { id: 'focus', label: 'focus', phases: ['earth', 'fire'], organs: ['spleen', 'heart'], actions: ['calms', 'nourishes'], polarity: 'even', joints: ['neck', 'shoulders'], intent: 'nourish' },
  { id: 'joints', label: 'supple joints', phases: ['wood'], organs: ['liver', 'gallbladder'], actions: ['moves'], polarity: 'even', joints: ['ankles', 'knees', 'hips', 'spine', 'shoulders', 'wrists', 'neck'], intent: 'move' },
  { id: 'mood', label: 'a lighter mood', phases: ['wood', 'fire'], organs: ['liver', 'heart', 'lung'], actions: ['moves', 'clears'], polarity: 'yang', joints: ['shoulders', 'spine'], intent: 'clear-then-nourish' },
] as const satisfies readonly AimRow[];

export type AimId = (typeof AIMS)[number]['id'];
export const AIM_IDS = idsOf(AIMS);

/** The row of an aim. */
export function aim(id: AimId): AimRow {
  const row = AIMS.find((candidate) => candidate.id === id);
  if (!row) throw new RangeError(`unknown aim: expected one of ${AIM_IDS.join(', ')}, got ${id}`);
  return row;
}
