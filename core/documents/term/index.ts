import { termSchema, type Term } from '../../term/document';
import type { DocumentKind } from '../document';

/** A season planned for one group. */
export const TERM_DOCUMENT: DocumentKind<Term> = {
  name: 'a term',
  upgrades: [],
  schema: termSchema,
};
