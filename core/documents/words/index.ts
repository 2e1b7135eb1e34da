import { ownWordsSchema, type OwnWords } from '../../forms';
import type { DocumentKind } from '../document';

/** Own words over a shipped form. */
export const WORDS_DOCUMENT: DocumentKind<OwnWords> = {
  name: 'own words over a form',
  upgrades: [(former) => former],
  schema: ownWordsSchema,
};
