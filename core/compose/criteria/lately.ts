import { againOf, ANCHORS } from '../again';
import { weight } from '../weights';
import { HEART, only, type Criterion } from './criterion';

/** Newest first. */
const CLASSES = ['lastClass', 'classBefore', 'classBeforeThat'] as const;

/** What earlier classes did counts for less, the longer ago the less so. */
const leftOff = (formId: string, recent: readonly (readonly string[])[]) =>
  CLASSES.flatMap((id, back) => only(recent[back]?.includes(formId) ? weight(id) : 0));

/** So many classes running bring a form home. */
const WEEKS = 3;

/**
 * What the last classes of the same people did: begun lately, it comes again; in three classes running, it makes room
 * first. Where all is to be new it counts for less. How they arrive, gather and close stays.
 */
export const lately: Criterion = {
  id: 'lately',
  strength: 'variety',
  weights: [...CLASSES, 'anchor', 'beingLearnt', 'hadItsWeeks'],
  isCapped: false,
  points: ({ form, role }, { brief, targets, whole }) => {
    if (!whole) return [];
    const { recent = [] } = whole.people;
    if (ANCHORS.has(role)) return only(recent[0]?.includes(form.id) ? weight('anchor') : 0);
    switch (againOf(brief, whole.people)) {
      case undefined:
      case 'as-last-time':
        return [];
      case 'a-little-new': {
        const first = recent.findIndex((forms) => !forms.includes(form.id));
        const running = first < 0 ? recent.length : first;
        // What was just left out is not fetched back the week after.
        if (running === 0) return leftOff(form.id, recent);
        if (running >= WEEKS) return only(weight('hadItsWeeks'));
        const serves = targets.some((target) => target.strength === 'theme' && target.counts(form));
        // For a new theme the heart is new.
        return only(serves || !HEART.has(role) ? weight('beingLearnt') : 0);
      }
      case 'all-new':
        return leftOff(form.id, recent);
    }
  },
};
