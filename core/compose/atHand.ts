import { isAtHand, propOf, type Role } from '../forms';
import { arrivesStill, askedForIn } from '../measures';
import type { Allowed, Asking } from './asking';
import type { SectionPlan } from './plan';

// What a class has at hand besides itself is fetched once, used for a while and laid down again: what is done with it stands
// in one section, one form after the other (common practice).

/** Every so many minutes of a class it is used for one form more, up to so many. */
const MINUTES_A_FORM = 8;
const MOST_FORMS = 4;

/** A class gathers in and closes with empty hands, each alone. */
const HOMEWARD: ReadonlySet<Role> = new Set(['gather', 'close']);

/** Whether a form is there only because of what is at hand. */
export const isByHand = ({ brief }: Pick<Asking, 'brief'>, { form, fitting }: Allowed): boolean => {
  const prop = propOf(form, fitting.variant);
  return prop !== undefined && isAtHand(prop, brief.atHand);
};

/**
 * The section in which what is at hand is used: where most of what is done with it may stand, the heart before others; −1
 * where there is none. A block belongs to its organ, and what a set fills alone has no room for it.
 */
export function sectionByHand(
  asking: Asking,
  plan: readonly SectionPlan[],
  allowed: readonly Allowed[],
  isSetAlone: boolean,
): number {
  // A class arrives in stillness, with something in the hands or without.
  const roles = allowed
    .filter((one) => isByHand(asking, one))
    .flatMap(({ form }) => form.roles.filter((role) => role !== 'arrive' || arrivesStill(form)));
  const counts = plan.map(({ role, organ }) =>
    organ !== undefined || HOMEWARD.has(role) || (isSetAlone && role === 'nourish')
      ? 0
      : roles.filter((one) => one === role).length + (role === 'nourish' ? 0.5 : 0),
  );
  const most = Math.max(...counts);
  return most < 1 ? -1 : counts.indexOf(most);
}

/**
 * What may be done without what nobody said was there, and of what is done with what is: as many forms as a class of its
 * length takes, those that serve the theme best, and those asked for by name. They are chosen here and not by the solver,
 * for whom a wish for so many of them would make a search of one second into one of ten.
 */
export function withinReach(
  asking: Asking,
  allowed: readonly Allowed[],
  worth: (one: Allowed) => number,
): readonly Allowed[] {
  const wanted = Math.min(MOST_FORMS, 1 + Math.floor(asking.brief.minutes / MINUTES_A_FORM));
  const asked = askedForIn(asking.brief, asking.customs);
  const isAsked = ({ form }: Allowed): boolean => asked.has(form.id) || form.id === asking.putIn?.formId;
  const byHand = allowed.filter((one) => isByHand(asking, one) && !isAsked(one));
  const taken = new Set(byHand.toSorted((a, b) => worth(b) - worth(a)).slice(0, wanted));
  return allowed.filter((one) => !byHand.includes(one) || taken.has(one));
}
