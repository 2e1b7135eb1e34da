import { themeParts, type Brief } from '../brief';
import { endsOfSet, formsOfSet, type Form, type Role, type SetSchools } from '../forms';

/** Whether a form is something to learn: how one arrives, loosens a joint, gathers and closes is shown as one goes. */
export const isLearnt = (form: Form, role: Role): boolean =>
  role !== 'arrive' && role !== 'close' && role !== 'gather' && form.family !== 'joint loosening';

/** Whether a form is one of the joints gone through one after another, which are counted as one round. */
export const isOfJoints = (form: Form, role: Role): boolean =>
  role === 'loosen' || form.family === 'joint loosening';

/**
 * The forms a brief asks for by name: those of its sets, its lesson, and what is pinned. They are new because they are
 * wanted, so they are not held against how many new forms people can take in.
 */
export function askedForIn({ theme, pins }: Brief, schools: SetSchools): ReadonlySet<string> {
  const ofTheme = themeParts(theme).flatMap((part): readonly string[] => {
    if (part.kind === 'set') return [...formsOfSet(part.set, schools), ...endsOfSet(part.set)];
    return part.kind === 'lesson' ? [part.formId] : [];
  });
  return new Set([...ofTheme, ...(pins ?? []).map(({ formId }) => formId)]);
}
