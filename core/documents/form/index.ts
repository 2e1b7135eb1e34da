import { formSchema, type Form } from '../../forms';
import type { DocumentKind } from '../document';

/**
 * A form of one's own. Version 0 was stored without a version: what was added to forms until then has its usual value in
 * the schema; so has what version 2 tells of the breath a form asks.
 */
export const FORM_DOCUMENT: DocumentKind<Form> = {
  name: 'a form',
  upgrades: [(former) => former, (former) => former],
  schema: formSchema,
};
