import { themeOrgans, themeParts, themePhases } from '../../brief';
import { phasesOfForm, reachOf } from '../../forms';
import type { Finding, Rule } from '../rule';
import type { NotReached } from '../said';

export const reach: Rule = {
  id: 'reach',
  source: 'common-practice',
  find: ({ items, practice }) => {
    const { theme } = practice.brief;
    const main = items.filter(
      ({ item }) => !['arrive', 'loosen', 'close'].includes(item.role) && !item.hinge,
    );
    const missing: Finding[] = [];
    const note = (detail: string, part: NotReached): void => {
      missing.push({
        weight: 'should',
        detail,
        said: { code: 'theme-not-reached' as const, part },
      });
    };
    for (const part of themeParts(theme)) {
      if (part.kind === 'organ' || part.kind === 'hour') {
        if (!main.some(({ organs }) => organs.includes(part.organ))) note(part.organ, { organ: part.organ });
      } else if (part.kind === 'channel') {
        if (!main.some(({ form }) => form.channels.some((one) => one.channel === part.channel)))
          note(part.channel, { channel: part.channel });
      } else if (part.kind === 'point') {
        if (!main.some(({ form }) => ['named', 'palm', 'route'].includes(reachOf(form, part.point) ?? '')))
          note(part.point, { point: part.point });
      } else if (part.kind === 'lesson') {
        if (!items.some(({ item }) => item.formId === part.formId))
          note(part.formId, { lesson: part.formId });
      }
    }
    const served = new Set(main.flatMap(({ form }) => phasesOfForm(form, practice.customs)));
    if (themeOrgans(theme).length !== 1)
      for (const phase of themePhases(theme)) if (!served.has(phase)) note(phase, { phase });
    return missing;
  },
};
