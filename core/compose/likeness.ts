import type { Practice } from '../practice';
import { HEART } from './criteria';

/** What the forms that carry a theme are: those of the heart, without hinges. */
export const carriers = (practice: Practice): readonly string[] => [
  ...new Set(practice.items.filter((item) => HEART.has(item.role) && !item.hinge).map((item) => item.formId)),
];

/**
 * How much of all the forms that carry either of two practices they have in common, 0–1; without those that are asked
 * for by name, which no draft can do without.
 */
export function likeness(a: Practice, b: Practice, askedFor: ReadonlySet<string> = new Set()): number {
  const free = (practice: Practice): readonly string[] =>
    carriers(practice).filter((id) => !askedFor.has(id));
  const [one, other] = [free(a), new Set(free(b))];
  const shared = one.filter((id) => other.has(id)).length;
  const all = one.length + other.size - shared;
  return all === 0 ? 0 : shared / all;
}

/** How many forms of the last class come again in a practice, of how many; undefined where no class is known. */
export function comingAgain(
  practice: Practice,
  recent: readonly (readonly string[])[] | undefined,
): { readonly again: number; readonly of: number } | undefined {
  const last = new Set(recent?.[0]);
  if (last.size === 0) return undefined;
  const here = new Set(practice.items.map((item) => item.formId));
  return { again: [...last].filter((id) => here.has(id)).length, of: last.size };
}
