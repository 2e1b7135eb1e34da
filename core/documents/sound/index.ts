import { soundSchema, type Sound } from '../../sounds';
import type { DocumentKind } from '../document';

/** A sound of one's own. */
export const SOUND_DOCUMENT: DocumentKind<Sound> = {
  name: 'a sound of one’s own',
  upgrades: [],
  schema: soundSchema,
};
