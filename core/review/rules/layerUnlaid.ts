import { patternIn, soundIn } from '../../practice';
import type { Rule } from '../rule';

export const layerUnlaid: Rule = {
  id: 'layer-unlaid',
  source: 'common-practice',
  find: ({ items, practice }) =>
    items.flatMap(({ item, form, layers }) =>
      layers.unlaid.map((one) => {
        const name =
          one.layer === 'breathing' ? patternIn(practice, one.id)?.name : soundIn(practice, one.id)?.written;
        return {
          weight: 'should' as const,
          itemId: item.id,
          detail: one.layer,
          said: { code: 'layer-not-laid' as const, form: form.name, layer: name ?? one.id, why: one.why },
          mend: {
            kind: 'edits' as const,
            said: {
              code: one.layer === 'breathing' ? ('plain-breath' as const) : ('no-sound-here' as const),
            },
            edits: [
              one.layer === 'breathing'
                ? { kind: 'breathing' as const, itemIds: [item.id], breathing: undefined }
                : { kind: 'sound' as const, itemIds: [item.id], sound: undefined },
            ],
          },
        };
      }),
    ),
};
