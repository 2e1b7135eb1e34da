import { SIDE_SAID, writtenCue } from '../../forms';
import type { Edit } from '../../practice';
import { cuesOf, type Rule } from '../rule';

export const cueSide: Rule = {
  id: 'cue-side',
  source: 'common-practice',
  find: ({ items }) =>
    items.flatMap((view) => {
      const { item, form } = view;
      if (form.sides === 'symmetric' || form.sides === 'both-ways') return [];
      return cuesOf(view)
        .filter(
          ({ key, cue }) =>
            key.startsWith('cycle') && !/\{(side|other)\}/i.test(cue) && cue.search(SIDE_SAID) >= 0,
        )
        .map(({ key, cue, said }) => {
          const edits: Edit[] = [
            { kind: 'cue', itemId: item.id, key, cue: writtenCue(cue, form, undefined) },
          ];
          return {
            weight: 'should' as const,
            itemId: item.id,
            detail: key,
            said: { code: 'cue-names-one-side' as const, cue: said, form: form.name },
            mend: { kind: 'edits' as const, said: { code: 'side-follows' as const }, edits },
          };
        });
    }),
};
