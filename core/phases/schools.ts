import type { SourceId } from '../sources';
import type { PhaseId } from './phases';

/** A school: one way of assigning something to the five phases, with the source it rests on. */
interface PhaseSchool extends Readonly<Record<PhaseId, string>> {
  readonly id: string;
  readonly label: string;
  readonly source: SourceId;
}

/** The animals of the five frolics by phase. */
// prettier-ignore
export const ANIMAL_SCHOOLS = [
  { id: 'standard', label: 'standard set: deer for Kidney, bird for Lung', wood: 'tiger', fire: 'monkey', earth: 'bear', metal: 'bird', water: 'deer', source: 'five-animals-standard' },
  { id: 'crane', label: 'crane set: deer for Liver, tiger for Lung', wood: 'deer', fire: 'crane', earth: 'monkey', metal: 'tiger', water: 'bear', source: 'common-practice' },
] as const satisfies readonly PhaseSchool[];
export type AnimalSchoolId = (typeof ANIMAL_SCHOOLS)[number]['id'];

/** The quality a phase grows into: teachers differ, so the list is the user's to choose. */
// prettier-ignore
export const VIRTUE_SCHOOLS = [
  { id: 'classical', label: 'the five constants', wood: 'kindness (rén)', fire: 'propriety (lǐ)', earth: 'trust (xìn)', metal: 'rightness (yì)', water: 'wisdom (zhì)', source: 'su-wen-5' },
  { id: 'inner-smile', label: 'inner smile', wood: 'kindness', fire: 'joy and love', earth: 'fairness and centredness', metal: 'courage', water: 'gentleness and calm', source: 'common-practice' },
  { id: 'plain', label: 'plain words', wood: 'ease', fire: 'joy', earth: 'peace', metal: 'contentment', water: 'gratitude', source: 'common-practice' },
] as const satisfies readonly PhaseSchool[];
export type VirtueSchoolId = (typeof VIRTUE_SCHOOLS)[number]['id'];

const pick = <Row extends { readonly id: string }>(rows: readonly Row[], id: string, what: string): Row => {
  const row = rows.find((candidate) => candidate.id === id);
  if (!row)
    throw new RangeError(
      `unknown ${what} school: expected one of ${rows.map((r) => r.id).join(', ')}, got ${id}`,
    );
  return row;
};

export const animalOf = (phase: PhaseId, school: AnimalSchoolId): string =>
  pick(ANIMAL_SCHOOLS, school, 'animal')[phase];

export const virtueOf = (phase: PhaseId, school: VirtueSchoolId): string =>
  pick(VIRTUE_SCHOOLS, school, 'virtue')[phase];
