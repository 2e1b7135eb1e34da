import { homeworkSchema, type Homework } from '../../homework/homework';
import type { DocumentKind } from '../document';

/** What one person is asked to do at home; private like the person. */
export const HOMEWORK_DOCUMENT: DocumentKind<Homework> = {
  name: 'homework',
  upgrades: [],
  schema: homeworkSchema,
};
