import { themeParts, type Pin } from '../brief';
import type { Role } from '../forms';
import type { Refusal } from './candidates';
import type { Model } from './model';
import { jointsOf, type Joint } from './joints';

/** What stands in the way of a practice, and what was found to help. Worded in the interface. */
export type Obstacle =
  | { readonly code: 'too-few-forms'; readonly allowed: number; readonly capacityMin: number }
  | { readonly code: 'too-short'; readonly leastMin: number }
  | { readonly code: 'empty-section'; readonly role: Role; readonly because: Refusal | 'left-out' }
  | {
      readonly code: 'pinned-but-cannot';
      readonly formId: string;
      readonly because: Refusal | 'left-out' | 'unknown';
    }
  /** A pin in a section that a practice of these minutes does not have. */
  | { readonly code: 'no-section-for-pin'; readonly formId: string; readonly role: Role }
  | { readonly code: 'same-place'; readonly formIds: readonly string[]; readonly place: number | 'last' }
  /** Too few forms can stand before a pin for it to be the so-manieth, or they take too long. */
  | { readonly code: 'no-room-for-place'; readonly formId: string; readonly place: number }
  | {
      readonly code: 'nothing-loosens';
      readonly joints: readonly Joint[];
      readonly formIds: readonly string[];
    };

/** The time all candidates can fill at most, each used once in its longest way, within the sections' ranges. */
function capacityUnits({ problem }: Model): number {
  const used = new Set<number>();
  return problem.sections.reduce((sum, section) => {
    let filled = section.extraUnits;
    for (const candidate of section.candidates) {
      if (used.has(candidate.once)) continue;
      used.add(candidate.once);
      filled += Math.max(...candidate.options.map(({ units }) => units));
    }
    return sum + Math.min(filled, section.mostUnits);
  }, 0);
}

const sum = (numbers: readonly number[]): number => numbers.reduce((total, one) => total + one, 0);

/**
 * The least time a practice needs: each section what its pins take, or its shortest form; and, where pins fill more than
 * a section may take of it, so much that they do not.
 */
function leastUnits({ problem }: Model): number {
  const needs = problem.sections.map(({ candidates, extraUnits, mostUnits }) => {
    const shortest = candidates.map(({ options }) => Math.min(...options.map(({ units }) => units)));
    const pinned = sum(shortest.filter((_, index) => candidates[index]?.pinned));
    const units = extraUnits + (pinned > 0 ? pinned : shortest.length > 0 ? Math.min(...shortest) : 0);
    return { units, ofWhole: pinned > 0 ? (units / mostUnits) * problem.totalUnits : 0 };
  });
  return Math.max(sum(needs.map(({ units }) => units)), ...needs.map(({ ofWhole }) => ofWhole));
}

/** Forms asked for that the brief itself forbids; what is kept is there already. */
function forbiddenPins({ asking, plan, refused }: Model): readonly Obstacle[] {
  const { brief, repertoire, putIn } = asking;
  // A lesson in a form is nothing without the form.
  const taught = themeParts(brief.theme).flatMap((part) => (part.kind === 'lesson' ? [part] : []));
  const pins: readonly Pin[] = [...(brief.pins ?? []), ...(putIn ? [putIn] : []), ...taught];
  const kept = new Set(asking.kept?.items.map((item) => item.formId));
  return pins.flatMap(({ formId, role }): readonly Obstacle[] => {
    if (kept.has(formId)) return [];
    const form = repertoire.find((one) => one.id === formId);
    const because = refused.get(formId) ?? (form ? undefined : 'unknown');
    if (because) return [{ code: 'pinned-but-cannot', formId, because }];
    if (role && !plan.some((section) => section.role === role))
      return [{ code: 'no-section-for-pin', formId, role }];
    return [];
  });
}

/** Pins whose places cannot be had whatever else is chosen: two in one place, or too far back in a section. */
function placesInTheWay({ problem, meanings }: Model): readonly Obstacle[] {
  return problem.sections.flatMap(({ candidates, extraUnits, mostUnits }, at) => {
    const shortest = candidates.map(({ options }) => Math.min(...options.map(({ units }) => units)));
    const nameOf = (index: number): string => meanings[at]?.[index]?.form.id ?? '';
    return candidates.flatMap(({ place }, index): readonly Obstacle[] => {
      if (place === undefined) return [];
      const same = candidates.flatMap((other, where) => (other.place === place ? [nameOf(where)] : []));
      if (same.length > 1)
        return same[0] === nameOf(index) ? [{ code: 'same-place', formIds: same, place }] : [];
      if (place === 'last') return [];
      const pinned = shortest.filter((_, where) => candidates[where]?.pinned);
      const pinnedBefore = candidates.slice(0, index).filter((one) => one.pinned).length;
      const others = shortest
        .slice(0, index)
        .filter((_, where) => !candidates[where]?.pinned)
        .toSorted((a, b) => a - b);
      const wanted = place - 1 - pinnedBefore;
      const fits =
        wanted >= 0 &&
        wanted <= others.length &&
        extraUnits + sum(pinned) + sum(others.slice(0, wanted)) <= mostUnits;
      return fits ? [] : [{ code: 'no-room-for-place', formId: nameOf(index), place }];
    });
  });
}

/** What is asked of forms and cannot be, whatever else is chosen. */
export const pinsInTheWay = (model: Model): readonly Obstacle[] => [
  ...forbiddenPins(model),
  ...placesInTheWay(model),
];

/** Pinned forms whose joints nothing allowed loosens before them. */
function coldPins({ problem, meanings }: Model): readonly Obstacle[] {
  let loosened = 0;
  const cold: { joints: number; formIds: string[] } = { joints: 0, formIds: [] };
  problem.sections.forEach((section, at) => {
    section.candidates.forEach((candidate, index) => {
      const missing = candidate.needs & ~loosened;
      const formId = meanings[at]?.[index]?.form.id;
      if (candidate.pinned && missing !== 0 && formId) {
        cold.joints |= missing;
        cold.formIds.push(formId);
      }
      loosened |= candidate.loosens;
    });
  });
  return cold.joints === 0
    ? []
    : [{ code: 'nothing-loosens', joints: jointsOf(cold.joints), formIds: cold.formIds }];
}

/** What is in the way of a brief that leads to no practice. */
export function obstaclesOf(model: Model): readonly Obstacle[] {
  const { asking, plan, problem, refused, unitMs } = model;
  const pins = [...pinsInTheWay(model), ...coldPins(model)];
  if (pins.length > 0) return pins;
  const empty = plan.flatMap(({ role }, at): readonly Obstacle[] => {
    if ((problem.sections[at]?.candidates ?? []).length > 0) return [];
    const refusals = asking.repertoire
      .filter((form) => form.roles.includes(role))
      .map((form) => refused.get(form.id) ?? 'left-out');
    return [
      {
        code: 'empty-section',
        role,
        because: refusals.find((one) => one === 'caution') ?? refusals[0] ?? 'left-out',
      },
    ];
  });
  if (empty.length > 0) return empty;
  const minutesOf = (units: number): number => (units * unitMs) / 60_000;
  const least = minutesOf(leastUnits(model));
  if (least > asking.brief.minutes) return [{ code: 'too-short', leastMin: Math.ceil(least) }];
  return [
    {
      code: 'too-few-forms',
      allowed: asking.repertoire.length - refused.size,
      capacityMin: Math.min(asking.brief.minutes, Math.floor(minutesOf(capacityUnits(model)))),
    },
  ];
}
