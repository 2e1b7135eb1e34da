import { cuesOf, type Rule } from '../rule';

export const missingSide: Rule = {
  id: 'missing-side',
  source: 'common-practice',
  find: ({ items }) =>
    items.flatMap((view) => {
      if (view.form.sides !== 'symmetric') return [];
      // Where an organ lies is no side that is done.
      const words = cuesOf(view)
        .map(({ cue }) => cue.toLowerCase().replaceAll(/\bunder the (?:left|right) ribs\b/g, ''))
        .join(' ');
      const left = /\bleft\b/.test(words);
      const right = /\bright\b(?! (?:away|there|here|now))/.test(words);
      // “The right side first” means the left comes too.
      if (left === right || /\bfirst\b/.test(words)) return [];
      return [
        {
          weight: 'should' as const,
          itemId: view.item.id,
          said: { code: 'one-side-said' as const, form: view.form.name, side: left ? 'left' : 'right' },
        },
      ];
    }),
};
