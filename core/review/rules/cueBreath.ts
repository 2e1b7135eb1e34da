import type { Edit } from '../../practice';
import { cuesOf, type Rule } from '../rule';

const INWARD = /\b(inhal\w*|breath(?:e|ing)? in|in-breath|drink the breath)\b/i;
const OUTWARD = /\b(exhal\w*|breath(?:e|ing)? out|out-breath|let the breath go)\b/i;

export const cueBreath: Rule = {
  id: 'cue-breath',
  source: 'common-practice',
  find: ({ items }) =>
    items.flatMap((view) =>
      cuesOf(view).flatMap(({ key, cue, said, breath, own }) => {
        const wrong =
          (breath === 'in' && OUTWARD.test(cue) && !INWARD.test(cue)) ||
          (breath === 'out' && INWARD.test(cue) && !OUTWARD.test(cue));
        if (!wrong) return [];
        const edits: Edit[] = own ? [{ kind: 'cue', itemId: view.item.id, key, cue: '' }] : [];
        return [
          {
            weight: 'should' as const,
            itemId: view.item.id,
            detail: key,
            said: { code: 'cue-against-breath' as const, cue: said, breath },
            ...(edits.length > 0
              ? { mend: { kind: 'edits' as const, said: { code: 'own-words' as const }, edits } }
              : {}),
          },
        ];
      }),
    ),
};
