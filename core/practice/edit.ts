import { hasVariant, type Form, type Role, type VariantId } from '../forms';
import type { Side } from './compile';
import { formOf, type Item, type Practice, type Reason } from './model';

/** What is known of a form when it is put into a practice. */
export interface NewItem {
  readonly form: Form;
  readonly role: Role;
  readonly variant: VariantId;
  readonly omitHolds: boolean;
  readonly exhaleByMouth: boolean;
  readonly familiarity: Item['familiarity'];
  readonly firstSide: Side;
  readonly reasons: readonly Reason[];
}

/** Every change a practitioner can make to a practice by hand. */
export type Edit =
  | { readonly kind: 'move'; readonly itemId: string; readonly toIndex: number }
  | { readonly kind: 'repetitions'; readonly itemId: string; readonly steps: number }
  | { readonly kind: 'breath-length'; readonly itemId: string; readonly steps: number }
  | { readonly kind: 'remove'; readonly itemId: string }
  | { readonly kind: 'add'; readonly at: number; readonly item: NewItem }
  | { readonly kind: 'swap'; readonly itemId: string; readonly item: NewItem }
  | { readonly kind: 'variant'; readonly itemId: string; readonly variant: VariantId }
  | { readonly kind: 'first-side'; readonly itemId: string; readonly side: Side }
  | { readonly kind: 'familiarity'; readonly itemId: string; readonly familiarity: Item['familiarity'] }
  | { readonly kind: 'take-forms'; readonly forms: readonly Form[] }
  | { readonly kind: 'rename'; readonly name: string };

/** One press lengthens or shortens the breath by a twentieth of the pace. */
export const BREATH_STEP = 0.05;
const LEAST_STRETCH = 0.5;
const MOST_STRETCH = 2;
const MOST_REPETITIONS = 99;

const clamp = (value: number, least: number, most: number): number => Math.min(most, Math.max(least, value));

function freshId(practice: Practice, formId: string): string {
  const taken = new Set(practice.items.map((item) => item.id));
  let count = practice.items.length + 1;
  while (taken.has(`${formId}-${count}`)) count += 1;
  return `${formId}-${count}`;
}

/** Keeps only the forms still in use, with `form` (as it is now) added where it is not there yet. */
function withForms(practice: Practice, items: readonly Item[], form?: Form): Practice {
  const known: Practice['forms'] =
    form && !practice.forms[form.id] ? { ...practice.forms, [form.id]: form } : practice.forms;
  const used = new Set(items.map((item) => item.formId));
  return {
    ...practice,
    items: [...items],
    forms: Object.fromEntries(Object.entries(known).filter(([id]) => used.has(id))),
  };
}

function itemFrom(practice: Practice, added: NewItem): Item {
  const { form } = added;
  const present = practice.forms[form.id] ?? form;
  return {
    id: freshId(practice, form.id),
    formId: form.id,
    variant: hasVariant(present, added.variant) ? added.variant : 'full',
    role: added.role,
    repetitions: present.repetitions.usual,
    stretch: 1,
    firstSide: added.firstSide,
    familiarity: added.familiarity,
    omitHolds: added.omitHolds,
    exhaleByMouth: added.exhaleByMouth,
    hinge: false,
    reasons: [...added.reasons],
  };
}

function indexOf(practice: Practice, itemId: string): number {
  const index = practice.items.findIndex((item) => item.id === itemId);
  if (index < 0) throw new RangeError(`practice holds no item "${itemId}"`);
  return index;
}

function changeItem(practice: Practice, itemId: string, change: (item: Item) => Item): Practice {
  const index = indexOf(practice, itemId);
  return { ...practice, items: practice.items.with(index, change(practice.items[index] as Item)) };
}

/** A moved item joins the section it lands in: that of its new neighbour above, or below at the top. */
function move(practice: Practice, itemId: string, toIndex: number): Practice {
  const from = indexOf(practice, itemId);
  const to = clamp(toIndex, 0, practice.items.length - 1);
  if (from === to) return practice;
  const item = practice.items[from] as Item;
  const rest = practice.items.toSpliced(from, 1);
  const above = rest[to - 1];
  const below = rest[to];
  const joins = above?.role === item.role || below?.role === item.role ? item.role : (above ?? below)?.role;
  return { ...practice, items: rest.toSpliced(to, 0, { ...item, role: joins ?? item.role }) };
}

/** The practice with forms as they are now in place of how they were; an item whose variant is gone goes full. */
function takeForms(practice: Practice, forms: readonly Form[]): Practice {
  const now = new Map(forms.filter((form) => practice.forms[form.id]).map((form) => [form.id, form]));
  if (now.size === 0) return practice;
  return {
    ...practice,
    forms: { ...practice.forms, ...Object.fromEntries(now) },
    items: practice.items.map((item) => {
      const form = now.get(item.formId);
      return form && !hasVariant(form, item.variant) ? { ...item, variant: 'full' as const } : item;
    }),
  };
}

/**
 * The practice after an edit; the given one is left untouched. Repetitions move by the form's own step and
 * stay within 1…99, breath length within half to twice the pace. Throws RangeError for an unknown item.
 */
export function edit(practice: Practice, change: Edit): Practice {
  switch (change.kind) {
    case 'move':
      return move(practice, change.itemId, change.toIndex);
    case 'repetitions':
      return changeItem(practice, change.itemId, (item) => {
        const step = formOf(practice, item).repetitions.multipleOf;
        const repetitions = clamp(
          item.repetitions + step * change.steps,
          Math.min(step, item.repetitions),
          MOST_REPETITIONS,
        );
        return { ...item, repetitions };
      });
    case 'breath-length':
      return changeItem(practice, change.itemId, (item) => ({
        ...item,
        stretch: clamp(
          Math.round((item.stretch + BREATH_STEP * change.steps) * 1000) / 1000,
          LEAST_STRETCH,
          MOST_STRETCH,
        ),
      }));
    case 'remove': {
      const index = indexOf(practice, change.itemId);
      return withForms(practice, practice.items.toSpliced(index, 1));
    }
    case 'add':
      return withForms(
        practice,
        practice.items.toSpliced(
          clamp(change.at, 0, practice.items.length),
          0,
          itemFrom(practice, change.item),
        ),
        change.item.form,
      );
    case 'swap': {
      const index = indexOf(practice, change.itemId);
      return withForms(
        practice,
        practice.items.with(index, itemFrom(practice, change.item)),
        change.item.form,
      );
    }
    case 'variant':
      return changeItem(practice, change.itemId, (item) => {
        if (!hasVariant(formOf(practice, item), change.variant))
          throw new RangeError(`form "${item.formId}" has no ${change.variant} variant`);
        return { ...item, variant: change.variant };
      });
    case 'first-side':
      return changeItem(practice, change.itemId, (item) => ({ ...item, firstSide: change.side }));
    case 'familiarity':
      return changeItem(practice, change.itemId, (item) => ({ ...item, familiarity: change.familiarity }));
    case 'take-forms':
      return takeForms(practice, change.forms);
    case 'rename':
      return { ...practice, name: change.name };
    default:
      return change satisfies never;
  }
}
