import type { Item, Practice } from './model';

/** The form an item was made from, as it was then. */
export function formOf(practice: Practice, item: Item) {
  const form = practice.forms[item.formId];
  if (!form) throw new RangeError(`practice holds no form "${item.formId}"`);
  return form;
}
