import { personSchema, type Person } from '../../people/person';
import type { DocumentKind } from '../document';

/** Somebody who is taught; private, and kept apart from everything else. */
export const PERSON_DOCUMENT: DocumentKind<Person> = {
  name: 'a person',
  upgrades: [],
  schema: personSchema,
};
