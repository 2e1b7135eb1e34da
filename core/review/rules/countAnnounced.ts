import { cycleOf } from '../../forms';
import { agrees, readCounts, readMore, type CountSaid } from '../reading/counts';
import { cuesOf, type ItemView, type Rule } from '../rule';

/** How often an item is said to be done: with its name in every wording, within a stroke only where it is said outright. */
const saidOf = (view: ItemView): readonly CountSaid[] =>
  cuesOf(view).flatMap(({ key, cue, own }) =>
    key === 'setup' || key === 'image'
      ? readCounts(cue)
      : own
        ? [
            ...readCounts(cue).filter(({ isPlain }) => isPlain),
            ...(key.startsWith('cycle') ? readMore(cue) : []),
          ]
        : [],
  );

export const countAnnounced: Rule = {
  id: 'count-announced',
  source: 'common-practice',
  find: ({ items }) =>
    items.flatMap((view) => {
      const { item, form } = view;
      const done = {
        repetitions: item.repetitions,
        isTwoSided: form.sides !== 'symmetric',
        breathsEach: Math.max(1, cycleOf(form, item.variant).filter(({ breath }) => breath === 'in').length),
      };
      const said = saidOf(view);
      const other = said.find((count) => !agrees(count, done));
      if (other === undefined || said.some((count) => agrees(count, done))) return [];
      // What is said of both sides together is half of it on each.
      const each = other.per === 'all' && done.isTwoSided ? other.least / 2 : other.least;
      const steps = (each - item.repetitions) / form.repetitions.multipleOf;
      return [
        {
          weight: 'should' as const,
          itemId: item.id,
          said: {
            code: 'count-announced' as const,
            form: form.name,
            said: other.least,
            done: item.repetitions,
          },
          ...(Number.isInteger(steps)
            ? {
                mend: {
                  kind: 'edits' as const,
                  said: { code: 'do-count' as const, count: each },
                  edits: [{ kind: 'repetitions' as const, itemId: item.id, steps }],
                },
              }
            : {}),
        },
      ];
    }),
};
