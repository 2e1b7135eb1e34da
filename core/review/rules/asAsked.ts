import { edit } from '../../practice';
import type { Pin } from '../../brief';
import type { Finding, ItemView, Rule, ReviewContext } from '../rule';

const times = (count: number): string => (count === 1 ? 'once' : `${count} times`);

const consider = (itemId: string, detail: string, say: string, mend?: Finding['mend']): Finding => ({
  weight: 'consider',
  itemId,
  detail,
  say,
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
      `The brief asks for it ${times(pin.repetitions)}; here it is done ${times(item.repetitions)}.`,
      reached ? { kind: 'edits', label: `Do it ${times(pin.repetitions)}`, edits: [mend] } : undefined,
    ),
  ];
}

/** In another section, or at another place of it, than the brief asks. */
function otherPlace({ items }: ReviewContext, view: ItemView, pin: Pin): readonly Finding[] {
  const { item } = view;
  // A set and a lesson have a section and an order of their own.
  if (item.lesson ?? item.reasons.some(({ code }) => code === 'of-the-set')) return [];
  if (pin.role && item.role !== pin.role)
    return [consider(item.id, 'section', `The brief asks for it in another section (${pin.role}).`)];
  if (pin.place === undefined) return [];
  const section = items.filter((one) => one.item.role === item.role && !one.item.hinge);
  const place = section.indexOf(view) + 1;
  const wanted = pin.place === 'last' ? section.length : pin.place;
  if (place === wanted) return [];
  const target = section[wanted - 1];
  const asked = pin.place === 'last' ? 'the last' : `number ${pin.place}`;
  return [
    consider(
      item.id,
      'place',
      `The brief asks for it as ${asked} of its section; here it is number ${place} of ${section.length}.`,
      target && {
        kind: 'edits',
        label: 'Put it there',
        edits: [{ kind: 'move', itemId: item.id, toIndex: target.index }],
      },
    ),
  ];
}

/** What the brief fixes, held against what hands have since made of it. */
export const asAsked: Rule = {
  id: 'as-asked',
  why: 'The brief says what must be in, where and how often; hands forget it sooner than sentences do.',
  source: 'common-practice',
  find: (subject) => {
    const { practice, items } = subject;
    const { brief } = practice;
    const pins = (brief.withForms ?? []).flatMap((pin): readonly Finding[] => {
      const view = items.find(({ item }) => item.formId === pin.formId && !item.hinge);
      if (view) return [...otherRepetitions(subject, view, pin), ...otherPlace(subject, view, pin)];
      const name = practice.forms[pin.formId]?.name ?? pin.formId.replaceAll('-', ' ');
      return [
        {
          weight: 'consider',
          detail: pin.formId,
          say: `The brief asks for “${name}”, and it is not here.`,
        },
      ];
    });
    const left = items.filter(({ item }) => brief.without.includes(item.formId) && !item.hinge);
    return [
      ...pins,
      ...left.map(({ item }) =>
        consider(item.id, 'left-out', 'The brief leaves this form out, and here it is.', {
          kind: 'edits',
          label: 'Take it out',
          edits: [{ kind: 'remove', itemId: item.id }],
        }),
      ),
    ];
  },
};
