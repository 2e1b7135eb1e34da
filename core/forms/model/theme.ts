import { animalOf, organsOf, PHASE_IDS, type AnimalSchoolId, type OrganId, type PhaseId } from '../../phases';
import { soundOf, type SoundSchoolId } from '../../sounds';
import type { Form } from './model';

/** The school choices that decide what a form belongs to. */
export interface FormSchools {
  readonly animalSchool: AnimalSchoolId;
  readonly soundSchool: SoundSchoolId;
}

/** A bird is a crane to the schools that say so. */
const SCHOOL_ANIMAL: Readonly<Record<string, string>> = { crane: 'bird' };

/** The phases a form serves; an animal form's phase follows the animal school. */
export function phasesOfForm(form: Form, schools: FormSchools): readonly PhaseId[] {
  if (form.animal === undefined) return form.phases;
  return PHASE_IDS.filter((phase) => {
    const animal = animalOf(phase, schools.animalSchool);
    return (SCHOOL_ANIMAL[animal] ?? animal) === form.animal;
  });
}

/** The organs a form serves; an animal form serves the pair of its phase. */
export function organsOfForm(form: Form, schools: FormSchools): readonly OrganId[] {
  if (form.animal === undefined) return form.organs;
  return phasesOfForm(form, schools).flatMap((phase) => organsOf(phase).map((row) => row.id));
}

/** Whether the form exists at all in the chosen schools: a sound needs a syllable. */
export function existsInSchools(form: Form, schools: FormSchools): boolean {
  return form.soundOrgan === undefined || soundOf(form.soundOrgan, schools.soundSchool) !== undefined;
}
