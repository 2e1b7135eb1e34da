import { z } from 'zod';
import { cycleOf } from '../model/variants';
import { type Form, type Stroke } from '../model/model';

/** Ids of a practitioner's own forms begin with this; no shipped form's does. */
export const OWN_PREFIX = 'own-';

export const isOwnId = (id: string): boolean => id.startsWith(OWN_PREFIX);

/** A place for an own cue: part, and which stroke of it from 0. */
const cuePlace = z
  .string()
  .regex(
    /^(?:entry|cycle|exit|(?:smaller|seated)(?:\.(?:entry|exit))?)\.\d{1,2}$/,
    'a part and a stroke, like cycle.0',
  );

/** Own wording, images and notes laid over a shipped form, which stays as it is underneath. */
export const ownWordsSchema = z.strictObject({
  formId: z.string().min(1).max(60),
  name: z
    .string()
    .trim()
    .min(1, 'a name, or none at all')
    .max(120, 'a name of at most 120 characters')
    .optional(),
  cues: z.record(
    cuePlace,
    z.string().trim().min(1, 'a cue, or none at all').max(240, 'a cue of at most 240 characters'),
  ),
  images: z.array(z.string().trim().min(1).max(240)).max(8, 'at most 8 images').optional(),
  note: z.string().max(2000, 'a note of at most 2000 characters').optional(),
});
export type OwnWords = Readonly<z.infer<typeof ownWordsSchema>>;

const reworded = (strokes: readonly Stroke[], part: string, cues: OwnWords['cues']): Stroke[] =>
  strokes.map((stroke, index) => {
    const cue = cues[`${part}.${index}`];
    return cue === undefined ? stroke : { ...stroke, cue };
  });

/** A form with the practitioner's own words laid over it. The note stays beside the form, not in it. */
export function layWords(form: Form, words: OwnWords): Form {
  const { cues } = words;
  const variant = (id: 'smaller' | 'seated'): Partial<Form> => {
    const own = form[id];
    const touched = Object.keys(cues).some((place) => place.startsWith(`${id}.`));
    if (!own || !touched) return {};
    return {
      [id]: {
        ...own,
        cycle: reworded(cycleOf(form, id), id, cues),
        ...(own.entry ? { entry: reworded(own.entry, `${id}.entry`, cues) } : {}),
        ...(own.exit ? { exit: reworded(own.exit, `${id}.exit`, cues) } : {}),
      },
    };
  };
  return {
    ...form,
    ...(words.name === undefined ? {} : { name: words.name }),
    ...(words.images === undefined ? {} : { images: words.images }),
    entry: reworded(form.entry, 'entry', cues),
    cycle: reworded(form.cycle, 'cycle', cues),
    exit: reworded(form.exit, 'exit', cues),
    ...variant('smaller'),
    ...variant('seated'),
  };
}

/** What a practitioner has made of their own. */
export interface OwnForms {
  readonly forms: readonly Form[];
  readonly words: readonly OwnWords[];
}

export const NOTHING_OWN: OwnForms = { forms: [], words: [] };

/** The repertoire as this practitioner has it: shipped forms in their own words, then their own forms. */
export function withOwn(shipped: readonly Form[], own: OwnForms): readonly Form[] {
  if (own.forms.length === 0 && own.words.length === 0) return shipped;
  const wordsOf = new Map(own.words.map((words) => [words.formId, words]));
  return [
    ...shipped.map((form) => {
      const words = wordsOf.get(form.id);
      return words ? layWords(form, words) : form;
    }),
    ...own.forms,
  ];
}

/** The same text for the same content, whatever the order of keys. */
function canonical(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(canonical);
  if (typeof value !== 'object' || value === null) return value;
  return Object.fromEntries(
    Object.entries(value)
      .filter(([, entry]) => entry !== undefined)
      .sort(([a], [b]) => (a < b ? -1 : 1))
      .map(([key, entry]) => [key, canonical(entry)]),
  );
}

/** Whether two forms are the same in everything. */
export const sameForm = (a: Form, b: Form): boolean =>
  JSON.stringify(canonical(a)) === JSON.stringify(canonical(b));

/** Of the forms a practice was written with, those that have changed since, as they are now. */
export function changedSince(written: Readonly<Record<string, Form>>, now: readonly Form[]): readonly Form[] {
  return now.filter((form) => {
    const then = written[form.id];
    return then !== undefined && !sameForm(then, form);
  });
}

/** The words a form has before anything is written of it, beside its name. */
export const BLANK_CUES = ['Breathe in.', 'Breathe out.'] as const;

/** A form of which nothing but the name is written yet: a place kept in a running order. */
export const isUnwritten = ({ id, cycle }: Form): boolean =>
  isOwnId(id) &&
  cycle.length === BLANK_CUES.length &&
  cycle.every(({ cue }, index) => cue === BLANK_CUES[index]);

/** An id for an own form: from its name, and the given letters and digits that keep it apart from others. */
export function ownId(name: string, apart: string): string {
  const plain = name
    .normalize('NFKD')
    .toLowerCase()
    .replace(/\p{Diacritic}/gu, '')
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '')
    .slice(0, 36)
    .replace(/-+$/, '');
  return `${OWN_PREFIX}${plain === '' ? 'form' : plain}-${apart}`;
}
