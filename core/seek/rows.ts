import type { Pace } from '../breath';
import { plain, point, POINTS } from '../channels';
import {
  asksOf,
  hasVariant,
  organsOfForm,
  phasesOfForm,
  pointsReached,
  searchText,
  VARIANTS,
  type Asks,
  type Form,
  type FormSchools,
  type VariantId,
} from '../forms';
import { asksAnotherWay, cautionsOf } from '../people';
import { simplified } from '../text';
import { formSec } from '../time';
import { conditionBit } from './conditionWords';
import { plainWords, type Known } from './question';
import { WITHOUT, type FormRow, type VariantRow } from './seek';

const bitsOf = (asks: Asks): number =>
  WITHOUT.reduce((bits, row, index) => (row.asks(asks) ? bits | (1 << index) : bits), 0);

/** The conditions a way of a form is not for as it stands: what is forbidden, or asked to be done more gently. */
const notForBitsOf = (form: Form, variant: VariantId): number =>
  cautionsOf(form, variant)
    .filter(asksAnotherWay)
    .reduce((bits, { condition }) => bits | conditionBit(condition), 0);

/** What a form asks, in the words it is looked up by. */
function askWords(asks: Asks): string {
  const words: readonly (readonly [boolean, string])[] = [
    [asks.kneeBend === 'deep' || asks.kneeBend === 'moderate', 'knees deep low stance'],
    [asks.oneLegSec > 0, 'one leg balance'],
    [asks.armsAboveShoulders, 'arms raised overhead'],
    [asks.fold !== 'none', 'fold forward'],
    [asks.headBelowHeart, 'head low'],
    [asks.backBend !== 'none', 'back bend'],
    [asks.twist !== 'none', 'twist turn'],
    [asks.sideBend !== 'none', 'side bend'],
    [asks.neck !== 'none', 'neck'],
    [asks.breathHold || asks.staticHold, 'hold'],
    [asks.impact !== 'none', 'impact heels'],
    [asks.percussion.length > 0, `knocking tapping percussion ${asks.percussion.join(' ')}`],
    [asks.rounding !== 'none', 'rounds the back'],
    [asks.heelsUp !== 'none', 'heels up tiptoe'],
    [asks.shakes, 'shaking jolts'],
    [asks.rubs.length > 0, `rubbing ${asks.rubs.join(' ')}`],
    [asks.floor !== 'none', `on the floor, ${asks.floor}`],
    [asks.roundedJoints.length > 0, `circles ${asks.roundedJoints.join(' ')}`],
    [asks.abdominalPress, 'belly press'],
    [asks.stepping, 'step'],
    [asks.inwardImagery, 'imagery'],
    [asks.vigorous, 'vigorous'],
  ];
  return words
    .filter(([asked]) => asked)
    .map(([, said]) => said)
    .join(' ');
}

/** What of a form's line is the same in every school and at every pace. */
interface Fixed extends Pick<FormRow, 'reached' | 'text'> {
  readonly ways: readonly Pick<VariantRow, 'variant' | 'asksBits' | 'notForBits'>[];
}

/** Worked out once for each form: a repertoire has hundreds of lines, and is looked at again and again. */
const fixed = new WeakMap<Form, Fixed>();

function fixedOf(form: Form): Fixed {
  const known = fixed.get(form);
  if (known) return known;
  const found: Fixed = {
    ways: VARIANTS.filter((variant) => hasVariant(form, variant)).map((variant) => ({
      variant,
      asksBits: bitsOf(asksOf(form, variant)),
      notForBits: notForBitsOf(form, variant),
    })),
    reached: pointsReached(form).flatMap(({ code, way }) => (way === 'named' ? [] : [code])),
    text: plainWords(
      [
        searchText(form),
        ...form.points.map((code) => `${point(code).pinyin} ${point(code).sense}`),
        askWords(asksOf(form, 'full')),
      ].join(' '),
    ),
  };
  fixed.set(form, found);
  return found;
}

/** The line of a form in the user's schools and at the user's pace. */
export function rowOf(form: Form, schools: FormSchools, pace: Pace, own = false): FormRow {
  const { ways, reached, text } = fixedOf(form);
  return {
    id: form.id,
    name: form.name,
    pinyin: form.pinyin,
    hanzi: form.hanzi,
    family: form.family,
    roles: form.roles,
    actions: form.actions,
    phases: phasesOfForm(form, schools),
    organs: organsOfForm(form, schools),
    polarity: form.polarity,
    channels: form.channels,
    named: form.points,
    reached,
    loosens: form.loosens,
    level: form.level,
    own,
    variants: ways.map((way): VariantRow => ({
      ...way,
      leastSec: formSec(form, way.variant, form.repetitions.least, pace),
      usualSec: formSec(form, way.variant, form.repetitions.usual, pace),
    })),
    text,
  };
}

/** What questions are read against: the points the rows reach, and the names of the forms. */
export function knownOf(rows: readonly FormRow[]): Known {
  const codes = new Set(rows.flatMap((row) => [...row.named, ...row.reached]));
  return {
    points: POINTS.filter((row) => codes.has(row.code)).map(
      (row) => [row.code, plain(row.pinyin), simplified(row.hanzi)] as const,
    ),
    forms: rows.map((row) => plainWords(row.name)),
  };
}
