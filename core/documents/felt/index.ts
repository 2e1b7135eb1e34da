import { feltSchema, type Felt } from '../../felt/felt';
import type { DocumentKind } from '../document';

/** How somebody was at a moment; private like the person. */
export const FELT_DOCUMENT: DocumentKind<Felt> = {
  name: 'how somebody was',
  upgrades: [],
  schema: feltSchema,
};
