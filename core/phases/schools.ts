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
  { id: 'classical', label: 'the five constants', wood: 'kindness (rén)', fire: 'propriety (lǐ)', earth: 'trust (xìn)', metal: 'rightness (yì)', water: 'wisdom (zhì)', source: 'bai-hu-tong' },
  { id: 'inner-smile', label: 'inner smile', wood: 'kindness', fire: 'joy and love', earth: 'fairness and centredness', metal: 'courage', water: 'gentleness and calm', source: 'common-practice' },
  { id: 'own', label: 'your own words', wood: '', fire: '', earth: '', metal: '', water: '', source: 'common-practice' },
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

/** A teacher’s own word for each phase; an empty one is not said yet. */
export type OwnVirtues = Readonly<Record<PhaseId, string>>;

/** The word of the school for a phase; where a teacher has not written their own yet, that of the five constants. */
export function virtueOf(phase: PhaseId, school: VirtueSchoolId, own?: OwnVirtues): string {
  const word = school === 'own' ? (own?.[phase].trim() ?? '') : pick(VIRTUE_SCHOOLS, school, 'virtue')[phase];
  return word === '' ? pick(VIRTUE_SCHOOLS, 'classical', 'virtue')[phase] : word;
}

/** Ids that schools had before, and what they are now: what was kept with them is still read. */
export const FORMER_VIRTUE_SCHOOLS: Readonly<Record<string, VirtueSchoolId>> = { plain: 'own' };
