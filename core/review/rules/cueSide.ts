import { writtenCue } from '../../forms';
import type { Edit } from '../../practice';
import { namesOneSide, readSides } from '../reading/sides';
import { cuesOf, ownWordsMend, ownWordsOf, type Finding, type ItemView, type Rule } from '../rule';

/** A side said outright, alone or beside one that follows the score. */
function oneSide(view: ItemView): readonly Finding[] {
  const { item, form } = view;
  return cuesOf(view)
    .filter(({ key, cue }) => key.startsWith('cycle') && namesOneSide(cue))
    .map(({ key, cue, said }) => {
      const edits: Edit[] = [{ kind: 'cue', itemId: item.id, key, cue: writtenCue(cue, form, undefined) }];
      return {
        weight: 'should',
        itemId: item.id,
        detail: key,
        said: { code: 'cue-names-one-side', cue: said, form: form.name },
        mend: { kind: 'edits', said: { code: 'side-follows' }, edits },
      };
    });
}

/** The other hand, foot or way than the form itself names there. */
const turnedRound = (view: ItemView): readonly Finding[] =>
  ownWordsOf(view).flatMap(({ key, cue, said, written }): readonly Finding[] => {
    const own = readSides(written);
    const other = readSides(cue).some(({ side, part }) => {
      const there = own.filter((one) => one.part === part).map((one) => one.side);
      return (side === 'side' || side === 'other') && there.length > 0 && !there.includes(side);
    });
    return other
      ? [
          {
            weight: 'should',
            itemId: view.item.id,
            detail: `${key}/round`,
            said: { code: 'cue-turns-sides-round', cue: said, form: view.form.name },
            mend: ownWordsMend(view.item.id, key),
          },
        ]
      : [];
  });

export const cueSide: Rule = {
  id: 'cue-side',
  source: 'common-practice',
  find: ({ items }) =>
    items.flatMap((view) => {
      const { sides } = view.form;
      return sides === 'symmetric' || sides === 'both-ways' ? [] : [...oneSide(view), ...turnedRound(view)];
    }),
};
