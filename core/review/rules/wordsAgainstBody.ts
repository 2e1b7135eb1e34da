import {
  FLOOR_OF,
  isStanding,
  contradictions,
  cycleOf,
  entryOf,
  exitOf,
  type Form,
  type Measured,
} from '../../forms';
import type { Item } from '../../practice';
import { readStances, type StanceSaid } from '../reading/stances';
import { withoutAnnounced } from '../reading/announced';
import { ownWordsMend, ownWordsOf, type Finding, type ItemView, type Rule } from '../rule';

type Found = readonly { readonly text: string; readonly measured: Measured }[];
/** Bodies are solved once for a form and its words; typing elsewhere does not ask again. */
const known = new WeakMap<Form, Map<string, Found>>();

/** The form as the item says it, and what the body does against those words. */
function found(form: Form, item: Item): Found {
  const key = `${item.variant}/${JSON.stringify(item.cues ?? {})}`;
  const byWords = known.get(form) ?? new Map<string, Found>();
  known.set(form, byWords);
  const before = byWords.get(key);
  if (before) return before;
  const worded = (part: 'entry' | 'cycle' | 'exit', strokes: Form['cycle']): Form['cycle'] =>
    strokes.map((stroke, index) => ({ ...stroke, cue: item.cues?.[`${part}-${index}`] ?? stroke.cue }));
  const strokes = {
    entry: worded('entry', [...entryOf(form, item.variant)]),
    cycle: worded('cycle', [...cycleOf(form, item.variant)]),
    exit: worded('exit', [...exitOf(form, item.variant)]),
  };
  const said: Form =
    item.variant === 'full'
      ? { ...form, ...strokes }
      : { ...form, [item.variant]: { ...form[item.variant], ...strokes } };
  const result = contradictions(said, item.variant);
  byWords.set(key, result);
  return result;
}

/** Whether a form can be said to stand so, where it is said: as it begins, or as it ends on the way out. */
function standsSo({ form, asks, stance }: ItemView, said: StanceSaid, at: 'start' | 'end'): boolean {
  const own = stance[at];
  switch (said) {
    case 'together':
      return own === 'feet together' || !isStanding(own);
    case 'side by side':
      return own === 'hip width' || own === 'shoulder width' || !isStanding(own);
    case 'wide':
      return own === 'wide' || !isStanding(own);
    case 'one in front':
      return own === 'bow' || asks.stepping;
    case 'on one leg':
      return asks.oneLegSec > 0 || form.family === 'balance';
    case 'sitting':
      return FLOOR_OF[own] !== 'on the back' && FLOOR_OF[own] !== 'on the side' && !isStanding(own);
    case 'standing':
      return isStanding(own);
    case 'lying':
      return FLOOR_OF[own] === 'on the back' || FLOOR_OF[own] === 'on the side';
    default:
      return said satisfies never;
  }
}

/** Another way to stand or sit than the form's own; what only comes later is no part of it. */
const otherStance = (view: ItemView): readonly Finding[] =>
  ownWordsOf(view).flatMap(({ key, cue, said }) =>
    readStances(withoutAnnounced(cue))
      .filter((stance) => !standsSo(view, stance, key.startsWith('exit') ? 'end' : 'start'))
      .map((stance): Finding => ({
        weight: 'should',
        itemId: view.item.id,
        detail: `${key}/${stance}`,
        said: { code: 'another-stance', cue: said, form: view.form.name, said: stance },
        mend: ownWordsMend(view.item.id, key),
      })),
  );

/** What the solved body does against the words; and the stance, where the body has said nothing of it. */
function against(view: ItemView): readonly Finding[] {
  const { item, form } = view;
  const bodily = found(form, item);
  const texts = new Set(bodily.map(({ text }) => text));
  return [
    ...bodily.map(({ text, measured }): Finding => ({
      weight: 'should',
      itemId: item.id,
      detail: text,
      said: { code: 'words-against-body', cue: text, form: form.name, measured },
    })),
    ...otherStance(view).filter(({ said }) => !('cue' in said) || !texts.has(said.cue)),
  ];
}

export const wordsAgainstBody: Rule = {
  id: 'words-against-body',
  source: 'common-practice',
  find: ({ items }) => items.flatMap(against),
};
