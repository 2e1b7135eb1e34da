import { askedForIn, isLearnt } from '../../measures';
import type { Rule } from '../rule';

/** Announcing and explaining more than this share leaves little practice. */
const MOST_TALK = 0.35;

export const beginnerLoad: Rule = {
  id: 'beginner-load',
  source: 'common-practice',
  find: ({ practice, items, people, customs, timeline }) => {
    const askedFor = askedForIn(practice.brief, customs);
    const fresh = items.filter(
      ({ item, form }) =>
        isLearnt(form, item.role) &&
        item.familiarity === 'taught' &&
        !item.hinge &&
        !askedFor.has(item.formId) &&
        !(people.known ?? []).includes(item.formId),
    );
    const names = [...new Set(fresh.map(({ item }) => item.formId))];
    const knows = (people.known?.length ?? 0) > 0;
    const load =
      knows && names.length > customs.newFormsAtMost
        ? [
            {
              weight: 'consider' as const,
              detail: 'new',
              said: { code: 'many-new-forms' as const, forms: names.length, allowed: customs.newFormsAtMost },
            },
          ]
        : [];
    const talk = timeline.events
      .filter((event) => event.kind === 'setup')
      .reduce((sum, event) => sum + event.lengthMs, 0);
    return timeline.totalMs > 0 && talk / timeline.totalMs > MOST_TALK
      ? [
          ...load,
          {
            weight: 'consider' as const,
            detail: 'talk',
            said: { code: 'much-talk' as const, share: talk / timeline.totalMs },
          },
        ]
      : load;
  },
};
