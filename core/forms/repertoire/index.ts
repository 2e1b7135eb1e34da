import { embody, type Measured } from '../embody';
import type { Form } from '../model';
import { CLEAR_BODIES } from '../postures/clear';
import { EARLY_BODIES } from '../postures/early';
import { FROLIC_BODIES } from '../postures/frolics';
import { GENTLE_BODIES } from '../postures/gentleBrocades';
import { INWARD_BODIES } from '../postures/inward';
import { JOINT_BODIES } from '../postures/joints';
import { NOURISH_BODIES } from '../postures/nourish';
import { PERCUSSION_BODIES } from '../postures/percussion';
import { ROUND_BODIES } from '../postures/rounds';
import { STANDING_BODIES } from '../postures/standing';
import { STREAM_BODIES } from '../postures/streams';
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
import { MEASURED } from './measured';
import { PERCUSSION } from './percussion';
import { RETURNING } from './returning';
import { ROUNDS } from './rounds';
import { SOUNDS } from './sounds';
import { STANDING } from './standing';
import { STILLNESS } from './stillness';
import { STREAMS } from './streams';
import { WAKING } from './waking';

const BODIES = {
  ...EARLY_BODIES,
  ...CLEAR_BODIES,
  ...NOURISH_BODIES,
  ...STANDING_BODIES,
  ...JOINT_BODIES,
  ...PERCUSSION_BODIES,
  ...ROUND_BODIES,
  ...STREAM_BODIES,
  ...GENTLE_BODIES,
  ...FROLIC_BODIES,
  ...INWARD_BODIES,
};

function withBody(form: Form): Form {
  const body = BODIES[form.id];
  if (!body) throw new RangeError(`expected postures for every shipped form, got none for ${form.id}`);
  const measured: Readonly<Record<string, Measured>> = MEASURED;
  return embody(form, body, measured[form.id] ?? {});
}

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

/** The shipped forms, in the order in which a practice usually meets them, each with its moving body. */
export const REPERTOIRE: readonly Form[] = WRITTEN.map(withBody);
