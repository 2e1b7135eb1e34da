import { embody, type Measured } from '../embody';
import type { Form } from '../model';
import { CLEAR_BODIES } from '../postures/clear';
import { EARLY_BODIES } from '../postures/early';
import { NOURISH_BODIES } from '../postures/nourish';
import { ANIMAL_FORMS } from './animals';
import { ARRIVING } from './arriving';
import { BROCADES } from './brocades';
import { CLEARING } from './clearing';
import { FLOWING } from './flowing';
import { LOOSENING } from './loosening';
import { MEASURED } from './measured';
import { RETURNING } from './returning';
import { SOUNDS } from './sounds';
import { STILLNESS } from './stillness';
import { WAKING } from './waking';

const BODIES = { ...EARLY_BODIES, ...CLEAR_BODIES, ...NOURISH_BODIES };

function withBody(form: Form): Form {
  const body = BODIES[form.id];
  if (!body) throw new RangeError(`expected postures for every shipped form, got none for ${form.id}`);
  const measured: Readonly<Record<string, Measured>> = MEASURED;
  return embody(form, body, measured[form.id] ?? {});
}

const WRITTEN: readonly Form[] = [
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

/** The shipped forms, in the order in which a practice usually meets them, each with its moving body. */
export const REPERTOIRE: readonly Form[] = WRITTEN.map(withBody);
