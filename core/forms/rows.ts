import type { Pace } from '../breath';
import { point } from '../channels';
import { asksOf, entryOf, exitOf, hasVariant } from './variants';
import { type Asks, type Form } from './model';
import { plainText } from './plain';
import { searchText } from './search';
import { WITHOUT, type FormRow, type Way } from './seek';
import { organsOfForm, phasesOfForm, type FormSchools } from './theme';
import { repetitionSec } from './timing';

const bitsOf = (asks: Asks): number =>
  WITHOUT.reduce((bits, row, index) => (row.asks(asks) ? bits | (1 << index) : bits), 0);

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

/** The line of a form in the user's schools and at the user's pace. */
export function rowOf(form: Form, schools: FormSchools, pace: Pace, own = false): FormRow {
  const ways = (['full', 'smaller', 'seated'] as const)
    .filter((variant) => hasVariant(form, variant))
    .map((variant): Way => {
      const one = repetitionSec(form, variant, pace);
      const around =
        form.setupSec.known +
        form.settleSec +
        [...entryOf(form, variant), ...exitOf(form, variant)].reduce(
          (sum, stroke) => sum + (stroke.seconds ?? 4),
          0,
        );
      return {
        variant,
        asksBits: bitsOf(asksOf(form, variant)),
        leastSec: around + one * form.repetitions.least,
        usualSec: around + one * form.repetitions.usual,
      };
    });
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
    channels: form.channels.map((reach) => reach.channel),
    level: form.level,
    own,
    ways,
    text: `${searchText(form)} ${plainText(form.points.map((code) => `${point(code).pinyin} ${point(code).sense}`).join(' '))} ${askWords(form.asks)}`,
  };
}
