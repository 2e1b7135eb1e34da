import { classRecordSchema, type ClassRecord } from '../../lead';
import type { DocumentKind } from '../document';

/** What really happened in a class. Version 0 did not tell whether something came between; the usual is that none did. */
export const CLASS_DOCUMENT: DocumentKind<ClassRecord> = {
  name: 'a class',
  upgrades: [(former) => former],
  schema: classRecordSchema,
};
