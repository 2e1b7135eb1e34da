import { edit } from '../../practice';
import type { Finding, Rule } from '../rule';

const times = (count: number): string => (count === 1 ? 'once' : `${count} times`);

/** What the brief fixes, held against what hands have since made of it. */
export const asAsked: Rule = {
  id: 'as-asked',
  why: 'The brief says what must be in, where and how often; hands forget it sooner than sentences do.',
  source: 'common-practice',
  find: ({ practice, items }) => {
    const { brief } = practice;
    const pins = (brief.withForms ?? []).flatMap((pin): readonly Finding[] => {
      const view = items.find(({ item }) => item.formId === pin.formId && !item.hinge);
      if (!view)
        return [
          {
            weight: 'consider' as const,
            detail: pin.formId,
            say: `The brief asks for “${practice.forms[pin.formId]?.name ?? pin.formId.replaceAll('-', ' ')}”, and it is not here.`,
          },
        ];
      const { item, form } = view;
      const found: Finding[] = [];
      const say = (detail: string, text: string, mend?: Finding['mend']): void => {
        found.push({
          weight: 'consider',
          itemId: item.id,
          detail,
          say: text,
          ...(mend ? { mend } : {}),
        });
      };
      if (pin.repetitions !== undefined && item.repetitions !== pin.repetitions && !item.lesson) {
        const steps = (pin.repetitions - item.repetitions) / form.repetitions.multipleOf;
        const mend = { kind: 'repetitions' as const, itemId: item.id, steps };
        // Where its repetitions go in steps that miss what was asked, no press brings it there.
        const reached = Number.isInteger(steps)
          ? edit(practice, mend).items[view.index]?.repetitions === pin.repetitions
          : false;
        say(
          'repetitions',
          `The brief asks for it ${times(pin.repetitions)}; here it is done ${times(item.repetitions)}.`,
          reached ? { kind: 'edits', label: `Do it ${times(pin.repetitions)}`, edits: [mend] } : undefined,
        );
      }
      // A set and a lesson have a section and an order of their own.
      const ordered = item.lesson ?? item.reasons.some(({ code }) => code === 'of-the-set');
      if (ordered) return found;
      if (pin.role && item.role !== pin.role)
        say('section', `The brief asks for it in another section (${pin.role}).`);
      else if (pin.place !== undefined) {
        const section = items.filter((one) => one.item.role === item.role && !one.item.hinge);
        const place = section.indexOf(view) + 1;
        const wanted = pin.place === 'last' ? section.length : pin.place;
        const target = section[wanted - 1];
        if (place !== wanted)
          say(
            'place',
            `The brief asks for it as ${pin.place === 'last' ? 'the last' : `number ${pin.place}`} of its section; here it is number ${place} of ${section.length}.`,
            target && {
              kind: 'edits',
              label: 'Put it there',
              edits: [{ kind: 'move', itemId: item.id, toIndex: target.index }],
            },
          );
      }
      return found;
    });
    const left = items.filter(({ item }) => brief.without.includes(item.formId) && !item.hinge);
    return [
      ...pins,
      ...left.map(({ item }) => ({
        weight: 'consider' as const,
        itemId: item.id,
        detail: 'left-out',
        say: 'The brief leaves this form out, and here it is.',
        mend: {
          kind: 'edits' as const,
          label: 'Take it out',
          edits: [{ kind: 'remove' as const, itemId: item.id }],
        },
      })),
    ];
  },
};
