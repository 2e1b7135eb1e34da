export {
  PHASE_IDS,
  CORRESPONDENCES,
  phaseName,
  childOf,
  motherOf,
  controlledBy,
  controllerOf,
  correspondence,
} from './phases';
export type { PhaseId } from './phases';
export { ORGAN_IDS, ORGANS, organ, organsOf } from './organs';
export type { OrganId } from './organs';
export { ANIMAL_SCHOOLS, FORMER_VIRTUE_SCHOOLS, VIRTUE_SCHOOLS, animalOf, virtueOf } from './schools';
export type { AnimalSchoolId, VirtueSchoolId } from './schools';
