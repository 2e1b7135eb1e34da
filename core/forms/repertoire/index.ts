import { embody, type Measured } from '../writing/embody';
import type { Form } from '../model/model';
import { ANIMAL_FORMS } from './animals';
import { ARRIVING } from './arriving';
import { BEASTS } from './beasts';
import { BROCADES } from './brocades';
import { CLEARING } from './clearing';
import { COMPANY } from './company';
import { EDITIONS } from './editions';
import { FLOWING } from './flowing';
import { FROLICS } from './frolics';
import { FURTHER_IMAGES } from './furtherImages';
import { GENTLE_BROCADES } from './gentleBrocades';
import { HELD_FORMS } from './held';
import { INNER_WORK } from './innerWork';
import { INWARD } from './inward';
import { JOINTS } from './joints';
import { LOOSENING } from './loosening';
import { MEASURED } from '../measured/measured';
import { PERCUSSION } from './percussion';
import { POSTS } from './posts';
import { REST_FORMS } from './rest';
import { RETURNING } from './returning';
import { ROUNDS } from './rounds';
import { SEASONAL_SEATS } from './seasonalSeats';
import { SEATED_BROCADE } from './seatedBrocade';
import { SILK_CHART } from './silkChart';
import { SOUNDS } from './sounds';
import { SPIRALS } from './spirals';
import { STANDING } from './standing';
import { STATIONS } from './stations';
import { STILLNESS } from './stillness';
import { STREAMS } from './streams';
import { TENDONS } from './tendons';
import { WALKING } from './walking';
import { WAKING } from './waking';

const WRITTEN: readonly Form[] = [
  ...ARRIVING,
  ...LOOSENING,
  ...JOINTS,
  ...WAKING,
  ...PERCUSSION,
  ...STATIONS,
  ...CLEARING,
  ...SOUNDS,
  ...FLOWING,
  ...ROUNDS,
  ...STREAMS,
  ...HELD_FORMS,
  ...SPIRALS,
  ...BROCADES,
  ...GENTLE_BROCADES,
  ...ANIMAL_FORMS,
  ...FROLICS,
  ...BEASTS,
  ...TENDONS,
  ...SILK_CHART,
  ...SEATED_BROCADE,
  ...SEASONAL_SEATS,
  ...EDITIONS,
  ...STILLNESS,
  ...STANDING,
  ...POSTS,
  ...WALKING,
  ...INWARD,
  ...INNER_WORK,
  ...REST_FORMS,
  ...COMPANY,
  ...RETURNING,
];

/** The shipped forms, in the order in which a practice usually meets them, each whole. */
export const REPERTOIRE: readonly Form[] = WRITTEN.map((form) => ({
  ...form,
  images: [...form.images, ...(FURTHER_IMAGES[form.id] ?? [])],
})).map((form) => embody(form, (MEASURED as Readonly<Record<string, Measured>>)[form.id] ?? {}));
