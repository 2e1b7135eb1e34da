import { themeOrgans, themePhases } from '../../brief';
import { phasesOfForm } from '../../forms';
import { ORGANS, organ, PHASE_IDS, phaseName } from '../../phases';
import { cuesOf, type Finding, type Rule } from '../rule';
import type { Named } from '../said';

/**
 * Whether a text speaks of an organ or phase and not of a place of the body or a thing: with a capital that
 * does not come of beginning a sentence, or after a word of what is done for it ("feeds the liver", but
 * "hands over the heart").
 */
const says = (text: string, name: string): boolean =>
  new RegExp(`(?<=[^.!?\\s]\\s+)${name}\\b|\\b${name}(?= phase| qi| channel)`).test(text) ||
  new RegExp(
    `\\b(?:clean|clear|cool|feed|nourish|open|serve|strengthen|tonif|warm)\\w* (?:the |your )?${name}\\b`,
    'i',
  ).test(text);

export const slipWords: Rule = {
  id: 'slip-words',
  source: 'common-practice',
  find: ({ items, practice }) =>
    items.flatMap((view) => {
      const { item, form, organs } = view;
      const near = new Set(
        [...organs, ...themeOrgans(practice.brief.theme)].flatMap((id) => [id, organ(id).pair]),
      );
      const phases = new Set([...phasesOfForm(form, practice.customs), ...themePhases(practice.brief.theme)]);
      return cuesOf(view)
        .filter(({ own }) => own)
        .flatMap(({ key, cue, said }): readonly Finding[] => {
          const other = ORGANS.find(
            (row) => says(cue, row.name) && !near.has(row.id) && !phases.has(row.phase),
          );
          if (other) return [slip(item.id, key, said, { organ: other.id }, form.name)];
          const phase = PHASE_IDS.find((id) => says(cue, phaseName(id).name) && !phases.has(id));
          if (phase) return [slip(item.id, key, said, { phase }, form.name)];
          const named = items.find(
            (one) =>
              one.form.id !== form.id &&
              one.form.name.length > 5 &&
              !/next|then/i.test(cue) &&
              cue.toLowerCase().includes(one.form.name.toLowerCase()),
          );
          return named ? [slip(item.id, key, said, { form: named.form.name }, form.name)] : [];
        });
    }),
};

const slip = (itemId: string, key: string, said: string, what: Named, name: string): Finding => ({
  weight: 'should',
  itemId,
  detail: key,
  said: { code: 'slip-of-the-tongue' as const, cue: said, named: what, form: name },
});
