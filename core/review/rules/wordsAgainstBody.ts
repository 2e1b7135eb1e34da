import { contradictions, cycleOf, entryOf, exitOf, type Form, type Measured } from '../../forms';
import type { Item } from '../../practice';
import type { Rule } from '../rule';

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

export const wordsAgainstBody: Rule = {
  id: 'words-against-body',
  source: 'common-practice',
  find: ({ items }) =>
    items.flatMap(({ item, form }) =>
      found(form, item).map(({ text, measured }) => ({
        weight: 'should' as const,
        itemId: item.id,
        detail: text,
        said: { code: 'words-against-body' as const, cue: text, form: form.name, measured },
      })),
    ),
};
