import type { Form, VariantId } from '../forms';
import { cycleOf, entryOf, exitOf } from '../forms/model/variants';
import type { Stay } from '../time/layout';

/** The most strokes a practice may lay out: ninety minutes of the quickest forms have about 3,000. */
export const MOST_STROKES = 6000;
/** And the longest it may last, by a rough reckoning: six hours. */
export const MOST_LENGTH_SEC = 6 * 3600;
/** The longest a breathed stroke is reckoned to take, seconds. */
const BREATHED_SEC = 10;

/** What of an item says how long it is. */
interface Laid {
  readonly formId: string;
  readonly variant: VariantId;
  readonly repetitions: number;
  readonly stretch: number;
  readonly otherRepetitions?: number | undefined;
  readonly forSec?: number | undefined;
  readonly passage?: string | undefined;
  readonly stays?: readonly Stay[] | undefined;
  readonly talkSec?: number | undefined;
  readonly quietSec?: number | undefined;
}

/** Characters of a spoken passage to a sentence, and to a second, at the least. */
const PASSAGE = { charactersASentence: 12, charactersASec: 8 } as const;

/** Strokes and seconds an item lays out, reckoned without laying it out; seconds are no more than a rough bound. */
export function extentOf(item: Laid, form: Form): { readonly strokes: number; readonly sec: number } {
  const sides = form.sides === 'symmetric' ? 1 : 2;
  const cycle = cycleOf(form, item.variant);
  const secOf = (strokes: typeof cycle): number =>
    strokes.reduce((sum, { seconds }) => sum + (seconds ?? BREATHED_SEC * item.stretch), 0);
  const cycleSec = secOf(cycle);
  const isTimed = item.forSec !== undefined && cycle.every(({ breath }) => breath === 'free');
  const times = isTimed
    ? Math.max(sides, Math.ceil((item.forSec ?? 0) / cycleSec) + 1)
    : item.repetitions + (sides === 2 ? (item.otherRepetitions ?? item.repetitions) : 0);
  const around = [...entryOf(form, item.variant), ...exitOf(form, item.variant)];
  const spoken = item.passage?.length ?? 0;
  const stays = (item.stays ?? []).map(({ sec = 0, breaths = 0, on }) => {
    const often = on === 'each' ? times : sides;
    return { strokes: often * Math.max(1, 2 * breaths), sec: often * (sec + 2 * BREATHED_SEC * breaths) };
  });
  const sumOf = (pick: (stay: { strokes: number; sec: number }) => number): number =>
    stays.reduce((sum, stay) => sum + pick(stay), 0);
  return {
    strokes:
      around.length +
      cycle.length * times +
      sumOf((stay) => stay.strokes) +
      Math.ceil(spoken / PASSAGE.charactersASentence),
    sec:
      secOf(around) +
      (isTimed ? (item.forSec ?? 0) : cycleSec * times) +
      sumOf((stay) => stay.sec) +
      spoken / PASSAGE.charactersASec +
      (item.talkSec ?? 0) +
      (item.quietSec ?? 0),
  };
}

/** Why a practice cannot be laid out as a whole, in words; undefined where it can. */
export function beyondBounds(practice: {
  readonly items: readonly Laid[];
  readonly forms: Readonly<Record<string, Form>>;
}): string | undefined {
  let strokes = 0;
  let sec = 0;
  for (const item of practice.items) {
    const form = practice.forms[item.formId];
    if (!form) continue;
    const extent = extentOf(item, form);
    strokes += extent.strokes;
    sec += extent.sec;
  }
  if (strokes > MOST_STROKES)
    return `would be ${strokes} strokes long; a practice has at most ${MOST_STROKES}`;
  if (sec > MOST_LENGTH_SEC)
    return `would last about ${Math.round(sec / 3600)} hours; a practice lasts at most ${MOST_LENGTH_SEC / 3600}`;
  return undefined;
}
