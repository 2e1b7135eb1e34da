import { edit } from '../../practice';
import type { Pin } from '../../brief';
import type { Finding, ItemView, Rule, ReviewContext } from '../rule';
import type { NoteSaid } from '../said';

const consider = (itemId: string, detail: string, said: NoteSaid, mend?: Finding['mend']): Finding => ({
  weight: 'consider',
  itemId,
  detail,
  said,
  ...(mend ? { mend } : {}),
});

/** Done another number of times than the brief asks. */
function otherRepetitions({ practice }: ReviewContext, view: ItemView, pin: Pin): readonly Finding[] {
  const { item, form } = view;
  if (pin.repetitions === undefined || item.repetitions === pin.repetitions || item.lesson) return [];
  const steps = (pin.repetitions - item.repetitions) / form.repetitions.multipleOf;
  const mend = { kind: 'repetitions' as const, itemId: item.id, steps };
  // Where its repetitions go in steps that miss what was asked, no press brings it there.
  const reached =
    Number.isInteger(steps) && edit(practice, mend).items[view.index]?.repetitions === pin.repetitions;
  return [
    consider(
      item.id,
      'repetitions',
      { code: 'asked-times', asked: pin.repetitions, done: item.repetitions },
      reached
        ? { kind: 'edits', said: { code: 'do-times', times: pin.repetitions }, edits: [mend] }
        : undefined,
    ),
  ];
}

/** In another section, or at another place of it, than the brief asks. */
function otherPlace({ items }: ReviewContext, view: ItemView, pin: Pin): readonly Finding[] {
  const { item } = view;
  // A set and a lesson have a section and an order of their own.
  if (item.lesson ?? item.reasons.some(({ code }) => code === 'of-the-set')) return [];
  if (pin.role && item.role !== pin.role)
    return [consider(item.id, 'section', { code: 'asked-section', role: pin.role })];
  if (pin.place === undefined) return [];
  const section = items.filter((one) => one.item.role === item.role && !one.item.hinge);
  const place = section.indexOf(view) + 1;
  const wanted = pin.place === 'last' ? section.length : pin.place;
  if (place === wanted) return [];
  const target = section[wanted - 1];
  return [
    consider(
      item.id,
      'place',
      { code: 'asked-place', asked: pin.place, place, of: section.length },
      target && {
        kind: 'edits',
        said: { code: 'put-there' as const },
        edits: [{ kind: 'move', itemId: item.id, toIndex: target.index }],
      },
    ),
  ];
}

/** What the brief fixes, held against what hands have since made of it. */
export const asAsked: Rule = {
  id: 'as-asked',
  source: 'common-practice',
  find: (subject) => {
    const { practice, items } = subject;
    const { brief } = practice;
    const pins = (brief.pins ?? []).flatMap((pin): readonly Finding[] => {
      const view = items.find(({ item }) => item.formId === pin.formId && !item.hinge);
      if (view) return [...otherRepetitions(subject, view, pin), ...otherPlace(subject, view, pin)];
      const name = practice.forms[pin.formId]?.name ?? pin.formId.replaceAll('-', ' ');
      return [
        {
          weight: 'consider',
          detail: pin.formId,
          said: { code: 'asked-and-absent' as const, form: name },
        },
      ];
    });
    const left = items.filter(({ item }) => brief.without.includes(item.formId) && !item.hinge);
    return [
      ...pins,
      ...left.map(({ item }) =>
        consider(
          item.id,
          'left-out',
          { code: 'asked-out' },
          {
            kind: 'edits',
            said: { code: 'take-out' as const },
            edits: [{ kind: 'remove', itemId: item.id }],
          },
        ),
      ),
    ];
  },
};
