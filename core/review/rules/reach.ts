import { themeOrgans, themeParts, themePhases } from '../../brief';
import { phasesOfForm, reachOf } from '../../forms';
import { knownFor, type Rank } from '../../known';
import type { PointCode } from '../../channels';
import type { Finding, ItemView, Rule } from '../rule';
import type { NotReached } from '../said';

const isKnown = (rank: Rank | undefined): boolean => rank === 'named' || rank === 'accepted';

/** Five pieces have room from so many minutes on, and two from so many. */
const PIECES_MINUTES = { five: 5, several: 3 } as const;

/** Whether the hands, or the mind, come to a point in the way an item is done. */
const comesTo = ({ form, item }: ItemView, code: PointCode): boolean =>
  ['named', 'palm', 'route'].includes(reachOf(form, code, item.variant) ?? '');

export const reach: Rule = {
  id: 'reach',
  source: 'common-practice',
  find: ({ items, practice, customs }) => {
    const { theme } = practice.brief;
    const main = items.filter(
      ({ item }) => !['arrive', 'loosen', 'close'].includes(item.role) && !item.hinge,
    );
    const missing: Finding[] = [];
    // In a few minutes one piece is done properly, and no more are asked for.
    const pieces = theme.kind === 'all-phases' ? 'five' : 'several';
    const isOfSeveral = theme.kind === 'all-phases' || themeParts(theme).length > 1;
    const isShort = isOfSeveral && practice.brief.minutes < PIECES_MINUTES[pieces];
    const note = (detail: string, part: NotReached): void => {
      missing.push({
        weight: isShort ? 'consider' : 'should',
        detail,
        said: { code: 'theme-not-reached' as const, part },
      });
    };
    for (const part of themeParts(theme)) {
      if (part.kind === 'organ' || part.kind === 'hour') {
        // What a teacher names for an organ serves it, whatever else it is a form of.
        if (
          !main.some(
            ({ organs, form }) => organs.includes(part.organ) || isKnown(knownFor(form, [part], customs)),
          )
        )
          note(part.organ, { organ: part.organ });
      } else if (part.kind === 'channel') {
        if (!main.some(({ form }) => form.channels.some((one) => one.channel === part.channel)))
          note(part.channel, { channel: part.channel });
      } else if (part.kind === 'point') {
        if (!main.some((view) => comesTo(view, part.point))) note(part.point, { point: part.point });
      } else if (part.kind === 'lesson') {
        if (!items.some(({ item }) => item.formId === part.formId))
          note(part.formId, { lesson: part.formId });
      }
    }
    const served = new Set(main.flatMap(({ form }) => phasesOfForm(form, practice.customs)));
    if (themeOrgans(theme).length !== 1)
      for (const part of themeParts(theme)) {
        const phases = themePhases(part);
        // The phases of an aim are ways to it: one of them is a way, and so is what is known for the aim itself.
        const isOnTheWay =
          part.kind === 'aim' &&
          (phases.some((phase) => served.has(phase)) ||
            main.some(({ form }) => isKnown(knownFor(form, [part], customs))));
        for (const phase of isOnTheWay ? [] : phases) if (!served.has(phase)) note(phase, { phase });
      }
    return missing;
  },
};
