import { patternSchema, type WholePattern } from '../../patterns';
import type { DocumentKind } from '../document';

/** A breath pattern of one's own. */
export const BREATH_DOCUMENT: DocumentKind<WholePattern> = {
  name: 'a breath of one’s own',
  upgrades: [],
  schema: patternSchema,
};
