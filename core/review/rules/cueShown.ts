import { isShown } from '../reading/sides';
import { ownWordsOf, type Rule } from '../rule';

export const cueShown: Rule = {
  id: 'cue-shown',
  source: 'common-practice',
  find: ({ items }) =>
    items.flatMap((view) =>
      ownWordsOf(view)
        .filter(({ cue }) => isShown(cue))
        .map(({ key, said }) => ({
          weight: 'consider' as const,
          itemId: view.item.id,
          detail: key,
          said: { code: 'cue-needs-eyes' as const, cue: said },
        })),
    ),
};
