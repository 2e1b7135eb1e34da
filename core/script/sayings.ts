import type { Form } from '../forms';
import type { Item } from '../practice';

/** Words of a text: what stands between spaces and has a letter or a digit in it. */
export const wordsIn = (text: string): number =>
  text.split(/\s+/).filter((word) => /[\p{L}\p{N}]/u.test(word)).length;

const NUMBERS = [
  '',
  'once',
  'twice',
  'three times',
  'four times',
  'five times',
  'six times',
  'seven times',
  'eight times',
  'nine times',
  'ten times',
  'eleven times',
  'twelve times',
] as const;
const COUNTS = [
  '',
  'one',
  'two',
  'three',
  'four',
  'five',
  'six',
  'seven',
  'eight',
  'nine',
  'ten',
  'eleven',
  'twelve',
] as const;
const times = (count: number): string => NUMBERS[count] ?? `${count} times`;
/** A small number in words. */
export const numberSaid = (count: number): string => COUNTS[count] ?? String(count);

/** How often, as it is said with the name: "six times", "three on each side", "four each way"; nothing for what is done but once, or by the clock. */
export function countSaid(form: Form, item: Item): string {
  const { repetitions, otherRepetitions, lesson, passage, forSec } = item;
  if (lesson !== undefined || passage !== undefined || forSec !== undefined || repetitions < 2) return '';
  if (isByTheClock(form)) return '';
  if (otherRepetitions !== undefined && otherRepetitions !== repetitions)
    return `${numberSaid(repetitions)} on the ${item.firstSide}, ${numberSaid(otherRepetitions)} on the other side`;
  if (form.sides === 'both-ways') return `${numberSaid(repetitions)} each way`;
  if (form.sides !== 'symmetric') return `${numberSaid(repetitions)} on each side`;
  const count = isStillness(form) ? `${numberSaid(repetitions)} breaths` : times(repetitions);
  // “Sinking three times: three times.”
  return form.name.toLowerCase().includes(count) ? '' : count;
}

/** Nobody counts how often they shake. */
export const isByTheClock = ({ family, cycle }: Form): boolean =>
  family === 'shaking' && cycle.every(({ breath }) => breath === 'free');

/** What is not so much done as breathed: its repetitions are breaths. */
const isStillness = ({ family, pace, cycle }: Form): boolean =>
  (pace === 'inner' || STILL.has(family)) &&
  cycle.filter(({ breath }) => breath === 'in').length === 1 &&
  cycle.every(({ breath }) => breath === 'in' || breath === 'out');
const STILL: ReadonlySet<Form['family']> = new Set(['standing posture', 'inner breathing', 'closing']);

/** A cue within a sentence: its first letter small, unless it is a name in capitals. */
export const within = (cue: string): string =>
  /^\p{Lu}\p{Lu}/u.test(cue) ? cue : cue.charAt(0).toLowerCase() + cue.slice(1);
