import type { Practice, Reason } from './model';

/**
 * What is private, one rule for every file, sheet, screen and page that others may see: whose group it is, that
 * something was softened because somebody here needs it, what they have met in classes before, and the notes waved aside with the teacher's reasons.
 * How a form is done (smaller, without holds, out by the mouth) is the practice itself and stays; why is private.
 */
const SPEAKS_OF_SOMEBODY = {
  'gentler-for-group': true,
  'holds-left-out': true,
  'exhale-by-mouth': true,
  grows: true,
  returns: true,
} as const satisfies Partial<Record<Reason['code'], true>>;

const isPrivate = (reason: Reason): boolean => Object.hasOwn(SPEAKS_OF_SOMEBODY, reason.code);

/** The practice as others may see it; see the rule above. What is left says nothing of anyone. */
export function withoutPrivate(practice: Practice): Practice {
  const { waved, ...shared } = practice;
  void waved;
  return {
    ...shared,
    brief: { ...practice.brief, groupId: null },
    items: practice.items.map((item) => ({
      ...item,
      reasons: item.reasons.filter((reason) => !isPrivate(reason)),
    })),
  };
}

/** Where something private still shows, for tests and for whoever writes a new export; empty where nothing does. */
export function privateIn(practice: Practice): readonly string[] {
  return [
    ...(practice.brief.groupId === null ? [] : ['group']),
    ...((practice.waved ?? []).length > 0 ? ['waved'] : []),
    ...practice.items.flatMap((item) => item.reasons.filter(isPrivate).map((reason) => reason.code)),
  ];
}
