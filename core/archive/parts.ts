/** Parts of everything that is kept, in the order they are written and brought back: each after what it needs. */
export const PARTS = [
  { id: 'customs', label: 'Customs', needs: [] },
  { id: 'groups', label: 'Groups', needs: [] },
  { id: 'forms', label: 'Own forms and words', needs: [] },
  { id: 'layers', label: 'Own breath patterns and sounds', needs: [] },
  { id: 'practices', label: 'Practices with their versions', needs: [] },
  { id: 'log', label: 'Log', needs: ['practices', 'groups'] },
  { id: 'terms', label: 'Terms', needs: ['groups'] },
  { id: 'people', label: 'People, how they were, homework', needs: [] },
  { id: 'came', label: 'Who came', needs: ['log', 'people'] },
] as const satisfies readonly {
  readonly id: string;
  readonly label: string;
  readonly needs: readonly string[];
}[];
export type PartId = (typeof PARTS)[number]['id'];
export const PART_IDS = PARTS.map(({ id }) => id) as readonly PartId[];

/** The parts that are brought in where some are chosen: those, and what they need. */
export function withNeeded(chosen: readonly PartId[]): readonly PartId[] {
  const all = new Set<PartId>();
  const add = (id: PartId): void => {
    if (all.has(id)) return;
    all.add(id);
    PARTS.find((part) => part.id === id)?.needs.forEach(add);
  };
  chosen.forEach(add);
  return PART_IDS.filter((id) => all.has(id));
}

/** What bringing a file in would do to one part. */
export interface PartPlan {
  readonly part: PartId;
  /** Rows that are not here. */
  readonly added: number;
  /** Rows that are here and otherwise. */
  readonly changed: number;
  /** Rows that are here just so. */
  readonly kept: number;
  /** The first of what would be added or changed, by name. */
  readonly names: readonly string[];
}
