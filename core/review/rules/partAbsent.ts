import { isStanding, ANIMALS, namesOf, plainText, REPERTOIRE, type Form } from '../../forms';
import { readAnnounced, type Announced, type ComingSaid } from '../reading/announced';
import { ownWordsOf, type Finding, type ItemView, type ReviewContext, type Rule } from '../rule';

/** What of each kind a practice can hold. */
const IS: Readonly<Record<Announced, (view: ItemView, text: string) => boolean>> = {
  animals: ({ form }, text) => {
    const named = ANIMALS.filter(
      (animal) => text.includes(animal === 'bird' ? 'crane' : animal) || text.includes(animal),
    );
    return form.animal !== undefined && (named.length === 0 || named.includes(form.animal));
  },
  brocades: ({ form }) => form.family === 'brocade',
  lying: () => false,
  massage: ({ form }) => form.family === 'self-massage',
  sitting: ({ stance, item }) => !isStanding(stance.start) || item.role === 'still',
  shaking: ({ form }) => form.family === 'shaking',
  sounds: ({ form, layers }) => form.family === 'healing sound' || layers.sound !== undefined,
  tapping: ({ form }) => form.family === 'percussion route',
  walking: ({ asks }) => asks.stepping,
};

/** Names of two words and more, with the forms they may mean: one word alone is as often a place of the body. */
const NAMED: ReadonlyMap<string, readonly string[]> = (() => {
  const named = new Map<string, string[]>();
  for (const form of REPERTOIRE)
    for (const name of namesOf(form)
      .map(plainText)
      .filter((one) => one.includes(' ')))
      named.set(name, [...(named.get(name) ?? []), form.id]);
  return named;
})();

/** The forms the longest name in a text may mean, and the name; forms of one's own by theirs. */
function formsNamed(
  text: string,
  own: readonly Form[],
): { readonly name: string; readonly ids: readonly string[] } | undefined {
  const plain = plainText(text);
  // Names are as people write them, brackets and all: no pattern is made of them.
  const isIn = (name: string): boolean => {
    const at = plain.indexOf(name);
    return (
      name !== '' &&
      at >= 0 &&
      !/[a-z]/.test(plain[at - 1] ?? ' ') &&
      !/[a-z]/.test(plain[at + name.length] ?? ' ')
    );
  };
  const all = [...NAMED, ...own.map(({ id, name }) => [plainText(name), [id]] as const)];
  const [name, ids] = all
    .filter(([one]) => isIn(one))
    .reduce<readonly [string, readonly string[]]>(
      (best, one) => (one[0].length > best[0].length ? one : best),
      ['', []],
    );
  return name === '' ? undefined : { name, ids };
}

/** What is announced as it may be quoted, where nothing of it comes. */
function absent(
  { text, kinds }: ComingSaid,
  later: readonly ItemView[],
  own: readonly Form[],
): string | undefined {
  const quoted = /“([^”]+)”/.exec(text)?.[1];
  const named = formsNamed(quoted ?? text, own);
  if (named) {
    const comes = later.some(
      ({ form, item }) =>
        named.ids.includes(form.id) || named.name === plainText(form.name) || named.ids.includes(item.formId),
    );
    if (comes) return undefined;
  }
  if (kinds.some((kind) => later.some((view) => IS[kind](view, text.toLowerCase())))) return undefined;
  return quoted ?? (named || kinds.length > 0 ? text : undefined);
}

/** “Then the swallow”, “we end with the sounds”, in a practice where nothing of it comes. */
function announcedAndAbsent({ items, practice }: ReviewContext): readonly Finding[] {
  const forms = items.map(({ form }) => form);
  const find = (said: string, later: readonly ItemView[], itemId?: string): readonly Finding[] =>
    readAnnounced(said).flatMap((coming): readonly Finding[] => {
      const name = absent(coming, later, forms);
      return name === undefined
        ? []
        : [
            {
              weight: 'should',
              ...(itemId === undefined ? {} : { itemId }),
              detail: name,
              said: { code: 'announced-and-absent', name },
            },
          ];
    });
  const { story } = practice;
  const told = story?.own?.includes('opening') ? story.opening : '';
  return [
    ...find(told, items),
    ...items.flatMap((view) =>
      // Within a repetition "then" tells of the movement.
      ownWordsOf(view)
        .filter(({ key }) => !key.startsWith('cycle'))
        .flatMap(({ cue }) => find(cue, items.slice(view.index), view.item.id)),
    ),
  ];
}

export const partAbsent: Rule = {
  id: 'part-absent',
  source: 'common-practice',
  find: (context) => [
    ...announcedAndAbsent(context),
    ...context.items.flatMap(({ item, form }): readonly Finding[] => {
      const layers = item.layers ?? [];
      const late = layers.slice(item.repetitions);
      if (late.length > 0)
        return [
          {
            weight: 'should' as const,
            itemId: item.id,
            detail: 'layers',
            said: {
              code: 'layers-left' as const,
              form: form.name,
              layers: layers.length,
              done: item.repetitions,
              late,
            },
            mend: {
              kind: 'edits' as const,
              said: { code: 'one-more-each' as const },
              edits: [
                {
                  kind: 'repetitions' as const,
                  itemId: item.id,
                  steps: Math.ceil((layers.length - item.repetitions) / form.repetitions.multipleOf),
                },
              ],
            },
          },
        ];
      if (item.lesson === 'parts' && form.parts.length === 0)
        return [
          {
            weight: 'should' as const,
            itemId: item.id,
            detail: 'parts',
            said: { code: 'no-parts-written' as const, form: form.name },
          },
        ];
      return [];
    }),
  ],
};
