import { seal } from '../../forms';
import { patternIn, soundIn, type Edit, type Item, type Practice, type Unlaid } from '../../practice';
import type { PlainMend } from '../said';
import type { Rule } from '../rule';

/** What a layer that is not laid is called, and how it is taken away. */
function mendOf(
  practice: Practice,
  { id: itemId }: Item,
  one: Unlaid,
): { readonly name: string; readonly code: PlainMend; readonly edit: Edit } {
  switch (one.layer) {
    case 'breathing':
      return {
        name: patternIn(practice, one.id)?.name ?? one.id,
        code: 'plain-breath',
        edit: { kind: 'breathing', itemIds: [itemId], breathing: undefined },
      };
    case 'sound':
      return {
        name: soundIn(practice, one.id)?.written ?? one.id,
        code: 'no-sound-here',
        edit: { kind: 'sound', itemIds: [itemId], sound: undefined },
      };
    case 'seal':
      return {
        name: seal(one.id).name,
        code: 'no-seal-here',
        edit: { kind: 'seal', itemId, seal: undefined },
      };
    default:
      return one satisfies never;
  }
}

export const layerUnlaid: Rule = {
  id: 'layer-unlaid',
  source: 'common-practice',
  find: ({ items, practice }) =>
    items.flatMap(({ item, form, layers }) =>
      layers.unlaid.map((one) => {
        const { name, code, edit } = mendOf(practice, item, one);
        return {
          weight: 'should' as const,
          itemId: item.id,
          detail: one.layer,
          said: { code: 'layer-not-laid' as const, form: form.name, layer: name, why: one.why },
          mend: { kind: 'edits' as const, said: { code }, edits: [edit] },
        };
      }),
    ),
};
