import { type Form, type Role } from '../forms';
import { isLearnt, mostFormsFor } from '../measures';
import { againOf, ANCHORS } from './again';
import type { Asking } from './asking';
import { HEART } from './criteria';
import { weight } from './weights';

/**
 * Same again, a little new: what the last class of these people did comes again for the most part, and some of it
 * changes; or all of it, or nothing, as the brief has it (common practice).
 */

/** Of the forms of the last class so many come again where a little is to be new: between 60 and 75 in a hundred. */
const SHARE_AGAIN = 0.7;
/** Joints are gone through beside the forms that are counted. */
const JOINTS = 4;

/** What each form more that comes again is worth, the first first; undefined where no class is known. */
export function returnGains({ brief, people, repertoire }: Asking): readonly number[] | undefined {
  const again = againOf(brief, people);
  if (again === undefined) return undefined;
  const ids = new Set(people.recent?.[0]);
  // How it arrives, gathers and closes stays, and is not wished for again beside that.
  const staying = repertoire.filter(({ id, roles: [first] }) => ids.has(id) && first && ANCHORS.has(first));
  const last = ids.size - staying.length;
  const all = Math.min(ids.size, mostFormsFor(brief.minutes) + JOINTS);
  const wanted = Math.max(0, Math.round(SHARE_AGAIN * all) - staying.length);
  const of = (count: number, points: number): readonly number[] =>
    Array.from({ length: count }, () => points);
  switch (again) {
    case 'as-last-time':
      return of(last, weight('returns'));
    case 'a-little-new':
      return [...of(wanted, weight('returns')), weight('returnsTooMany')];
    case 'all-new':
      return [weight('returnsUnwanted')];
    default:
      return again satisfies never;
  }
}

/**
 * Whether a form at its place is one that comes again. In the heart only what serves the theme is looked at: a new
 * theme, or a new season, brings a new heart. How one arrives, gathers and closes stays even where all is to be new.
 */
export function comesAgain({ brief, people }: Asking, form: Form, role: Role, serves: boolean): boolean {
  if (people.recent?.[0]?.includes(form.id) !== true || ANCHORS.has(role)) return false;
  if (againOf(brief, people) === 'all-new') return isLearnt(form, role);
  return serves || !HEART.has(role);
}
