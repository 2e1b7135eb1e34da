import { ROLES, type Form, type Role } from '../forms';
import { compile, layersCarried, type Item, type Practice } from '../practice';
import { fitForm } from './candidates';
import { itemDraft, practiceCustoms } from './items';
import type { Asking } from './asking';
import type { PastedLine } from './readOrder';

/** A line whose form has been settled. */
export interface SettledLine {
  readonly form: Form;
  readonly repetitions: number | undefined;
  readonly minutes: number | undefined;
  /** The section its list put it under, if one was named. */
  readonly role: Role | undefined;
}

/** The section a form joins: its own that keeps the order of sections, else the first it plays. */
function roleFor(form: Form, said: Role | undefined, after: Role | undefined): Role {
  if (said) return said;
  const from = after ? ROLES.indexOf(after) : 0;
  return form.roles.find((role) => ROLES.indexOf(role) >= from) ?? form.roles[0] ?? 'nourish';
}

/** The lines of a list with their forms: the sure ones, and those chosen (by place in the list) for the others. */
export function settleLines(
  lines: readonly PastedLine[],
  choose: (line: PastedLine, index: number) => Form | undefined,
): readonly SettledLine[] {
  const settled: SettledLine[] = [];
  let role: Role | undefined;
  lines.forEach((line, index) => {
    if (line.role) role = line.role;
    const chosen = line.sure ? line.forms[0] : choose(line, index);
    // A line that names a set stands for all its forms; its minutes are theirs together.
    const forms = line.set === undefined ? [chosen ?? []].flat() : line.forms;
    const minutes = line.minutes === undefined ? undefined : line.minutes / Math.max(1, forms.length);
    if (!line.role)
      settled.push(...forms.map((form) => ({ form, repetitions: line.repetitions, minutes, role })));
  });
  return settled;
}

/** A practice of settled lines, each as the group would do it; minutes are turned into repetitions. */
export function practiceFromLines(asking: Asking, lines: readonly SettledLine[]): Practice {
  let practice: Practice = {
    name: 'Untitled practice',
    brief: asking.brief,
    customs: practiceCustoms(asking),
    seed: asking.seed,
    items: [],
    forms: {},
  };
  let role: Role | undefined;
  for (const { form, repetitions, minutes, role: said } of lines) {
    role = roleFor(form, said, role);
    const fitted = fitForm(form, asking.brief.posture, asking.people, asking.customs, asking.brief.place);
    const fitting =
      typeof fitted === 'string'
        ? { variant: 'full' as const, omitHolds: false, exhaleByMouth: false, reasons: [] }
        : fitted;
    const item: Item = {
      ...itemDraft(asking, { form, fitting }, role, [{ code: 'chosen-by-hand' }]),
      id: `${form.id}-${practice.items.length + 1}`,
      repetitions: repetitions ?? form.repetitions.usual,
    };
    const alone = (count: number): number =>
      compile({
        ...practice,
        ...layersCarried([item], asking.layers),
        items: [{ ...item, repetitions: count }],
        forms: { [form.id]: form },
      }).totalMs;
    const more = alone(2) - alone(1);
    const byTime =
      minutes === undefined || repetitions !== undefined || more <= 0
        ? item.repetitions
        : Math.min(99, Math.max(1, Math.round((minutes * 60_000 - alone(1)) / more) + 1));
    practice = {
      ...practice,
      items: [...practice.items, { ...item, repetitions: byTime }],
      forms: { ...practice.forms, [form.id]: form },
    };
  }
  return { ...practice, ...layersCarried(practice.items, asking.layers) };
}
