import { FORMER_VIRTUE_SCHOOLS } from '../phases';
import type { Plain } from './document';

/** Schools of virtue by the names they have now. */
export function withSchoolsNow(customs: Plain): Plain {
  const school = String(customs.virtueSchool);
  return Object.hasOwn(FORMER_VIRTUE_SCHOOLS, school)
    ? { ...customs, virtueSchool: FORMER_VIRTUE_SCHOOLS[school] }
    : customs;
}
