import { z } from 'zod';
import { practiceSchema, type Practice } from '../../practice';
import { isPlain, upgraded, VERSION_FIELD, type DocumentKind, type Upgrade } from '../document';
import { withSchoolsNow } from '../schools';

/** Schools had other names before version 1. */
const schoolsRenamed: Upgrade = (former) =>
  isPlain(former.customs) ? { ...former, customs: withSchoolsNow(former.customs) } : former;

/** A practice, with every form as it was when it was written. */
export const PRACTICE_DOCUMENT: DocumentKind<Practice> = {
  name: 'a practice',
  upgrades: [schoolsRenamed],
  schema: practiceSchema,
};

/** A practice of any age within something larger: brought up to the present shape, then checked. */
export const practiceOfAnyAge = z.preprocess((data) => {
  if (!isPlain(data)) return data;
  const { [VERSION_FIELD]: version, ...practice } = data;
  return upgraded(PRACTICE_DOCUMENT, practice, typeof version === 'number' ? version : 0);
}, practiceSchema);
