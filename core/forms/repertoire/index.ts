import type { Form } from '../model';
import { ANIMAL_FORMS } from './animals';
import { ARRIVING } from './arriving';
import { BROCADES } from './brocades';
import { CLEARING } from './clearing';
import { FLOWING } from './flowing';
import { LOOSENING } from './loosening';
import { RETURNING } from './returning';
import { SOUNDS } from './sounds';
import { STILLNESS } from './stillness';
import { WAKING } from './waking';

/** The shipped forms, in the order in which a practice usually meets them. */
export const REPERTOIRE: readonly Form[] = [
  ...ARRIVING,
  ...LOOSENING,
  ...WAKING,
  ...CLEARING,
  ...SOUNDS,
  ...FLOWING,
  ...BROCADES,
  ...ANIMAL_FORMS,
  ...STILLNESS,
  ...RETURNING,
];
