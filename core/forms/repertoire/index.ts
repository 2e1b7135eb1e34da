import { embody, type Measured } from '../writing/embody';
import type { Form } from '../model/model';
import { ANIMAL_FORMS } from './animals';
import { ARRIVING } from './arriving';
import { BROCADES } from './brocades';
import { CLEARING } from './clearing';
import { FLOWING } from './flowing';
import { FROLICS } from './frolics';
import { GENTLE_BROCADES } from './gentleBrocades';
import { INWARD } from './inward';
import { JOINTS } from './joints';
import { LOOSENING } from './loosening';
import { MEASURED } from '../measured/measured';
import { PERCUSSION } from './percussion';
import { RETURNING } from './returning';
import { ROUNDS } from './rounds';
import { SOUNDS } from './sounds';
import { STANDING } from './standing';
import { STILLNESS } from './stillness';
import { STREAMS } from './streams';
import { WAKING } from './waking';

const WRITTEN: readonly Form[] = [
  ...ARRIVING,
  ...LOOSENING,
  ...JOINTS,
  ...WAKING,
  ...PERCUSSION,
  ...CLEARING,
  ...SOUNDS,
  ...FLOWING,
  ...ROUNDS,
  ...STREAMS,
  ...BROCADES,
  ...GENTLE_BROCADES,
  ...ANIMAL_FORMS,
  ...FROLICS,
  ...STILLNESS,
  ...STANDING,
  ...INWARD,
  ...RETURNING,
];

/** The shipped forms, in the order in which a practice usually meets them, each whole. */
export const REPERTOIRE: readonly Form[] = WRITTEN.map((form) =>
  embody(form, (MEASURED as Readonly<Record<string, Measured>>)[form.id] ?? {}),
);
