import { themeOrgans, themeParts, themePhases } from '../../brief';
import { channel } from '../../channels';
import { phasesOfForm, reachOf } from '../../forms';
import { organ, phaseName } from '../../phases';
import type { Finding, Rule } from '../rule';

export const reach: Rule = {
  id: 'reach',
  why: 'What the theme names should be touched by something in the practice.',
  source: 'common-practice',
  find: ({ items, practice }) => {
    const { theme } = practice.brief;
    const main = items.filter(
      ({ item }) => !['arrive', 'loosen', 'close'].includes(item.role) && !item.hinge,
    );
    const missing: Finding[] = [];
    const note = (detail: string, what: string): void => {
      missing.push({
        weight: 'should',
        detail,
        say: `The theme asks for ${what}, and nothing here reaches it.`,
      });
    };
    for (const part of themeParts(theme)) {
      if (part.kind === 'organ' || part.kind === 'hour') {
        if (!main.some(({ organs }) => organs.includes(part.organ)))
          note(part.organ, `the ${organ(part.organ).name}`);
      } else if (part.kind === 'channel') {
        if (!main.some(({ form }) => form.channels.some((one) => one.channel === part.channel)))
          note(part.channel, `the ${channel(part.channel).name}`);
      } else if (part.kind === 'point') {
        if (!main.some(({ form }) => ['named', 'palm', 'route'].includes(reachOf(form, part.point) ?? '')))
          note(part.point, part.point);
      } else if (part.kind === 'lesson') {
        if (!items.some(({ item }) => item.formId === part.formId)) note(part.formId, 'a form to learn');
      }
    }
    const served = new Set(main.flatMap(({ form }) => phasesOfForm(form, practice.customs)));
    if (themeOrgans(theme).length !== 1)
      for (const phase of themePhases(theme)) if (!served.has(phase)) note(phase, phaseName(phase).name);
    return missing;
  },
};
