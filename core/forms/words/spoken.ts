import { asksOf, entryOf, exitOf, cycleOf, nameOf, stanceOf } from '../model/variants';
import type { Asks, Form } from '../model/model';
import { isStanding, type Stance, type VariantId } from '../model/terms';

/** Words that ask the body for something: who hears them does it, whatever the table of asks says. */
interface SpokenRow {
  readonly id: string;
  readonly words: RegExp;
  /** Whether a way of doing a form asks what the words ask for. */
  readonly asked: (asks: Asks, stance: Stance) => boolean;
}

/**
 * What is said is what is asked: words on the left are only said where the ask on the right is true, so that a
 * gentler way never speaks what it takes away, and a caution sees what is said. Common practice.
 */
// prettier-ignore
const SPOKEN = [
  { id: 'knocks', words: /\b(?:pats?|patting|patters?|drums?|drumming|knocks?|knocking|taps?|tapping|slaps?|beats?)\b(?! the teeth)/i, asked: (asks) => asks.percussion.length > 0 },
  { id: 'rubs', words: /\b(?:rubs?|rubbing|kneads?)\b(?! the palms)/i, asked: (asks) => asks.rubs.length > 0 },
  { id: 'arms-up', words: /\boverhead\b|\babove the (?:brow|head|crown)\b|\bpass the crown\b|\bto heaven\b|\bhold up the sky\.|\brises by the ear\b/i, asked: (asks) => asks.armsAboveShoulders },
  { id: 'stands', words: /\bstand(?:s|ing)?\b|\bknees (?:soften|sink)\b|\bfeet under the hips\b/i, asked: (_, stance) => isStanding(stance) },
  { id: 'hangs', words: /\broll (?:down|up)\b|\bhang a little heavier\b|\bstay hung\b|\bto the (?:toes|second toes|fourth toes|ankles)\b/i, asked: (asks) => asks.fold !== 'none' },
  { id: 'jolts', words: /\bheels (?:drop|fall)\b|\bjolt\b|\bthud\b|\bstamp\b/i, asked: (asks) => asks.impact !== 'none' },
  { id: 'shakes', words: /\ball shake loose\b|\bbounce from\b/i, asked: (asks) => asks.shakes },
  { id: 'one-leg', words: /\b(?:knee|foot) (?:rises|peels up)\b/i, asked: (asks, stance) => asks.oneLegSec > 0 || !isStanding(stance) },
  { id: 'neck-turns', words: /\bover the (?:\{side\} )?shoulder\b|\blook back past\b|\bto the back heel\b/i, asked: (asks) => asks.neck !== 'none' || asks.twist !== 'none' },
  { id: 'low', words: /\bsit low\b|\bweight low\b|\bhorse stance\b/i, asked: (asks) => asks.kneeBend === 'moderate' || asks.kneeBend === 'deep' },
] as const satisfies readonly SpokenRow[];

/** One thing said that the way done does not ask. */
export interface SpokenFault {
  readonly id: (typeof SPOKEN)[number]['id'];
  readonly text: string;
}

/** Everything a variant says aloud, its announcement first. */
export const saidIn = (form: Form, variant: VariantId): readonly string[] => [
  nameOf(form, variant),
  ...[...entryOf(form, variant), ...cycleOf(form, variant), ...exitOf(form, variant)].map(({ cue }) => cue),
];

/** What a way of doing a form says and does not ask. */
export function spokenFaults(form: Form, variant: VariantId): readonly SpokenFault[] {
  const asks = asksOf(form, variant);
  const stance = stanceOf(form, variant).start;
  return saidIn(form, variant).flatMap((text) =>
    SPOKEN.filter(({ words, asked }) => words.test(text) && !asked(asks, stance)).map(({ id }) => ({
      id,
      text,
    })),
  );
}
