/** What is on the table with every state it had and every state undone: undo and redo have no end. */
export interface Steps<Sheet> {
  /** The oldest first. */
  readonly past: readonly Sheet[];
  readonly present: Sheet;
  /** The next to be done again first. */
  readonly future: readonly Sheet[];
}

export const begin = <Sheet>(present: Sheet): Steps<Sheet> => ({ past: [], present, future: [] });

/** A new state as a step of its own; what was undone before it is gone. */
export const stepTo = <Sheet>({ past, present }: Steps<Sheet>, next: Sheet): Steps<Sheet> => ({
  past: [...past, present],
  present: next,
  future: [],
});

/** A new state in the place of the present one: no step to undo. */
export const inPlace = <Sheet>(steps: Steps<Sheet>, next: Sheet): Steps<Sheet> => ({
  ...steps,
  present: next,
});

/** One step back; the same steps where there is none. */
export function undo<Sheet>(steps: Steps<Sheet>): Steps<Sheet> {
  const before = steps.past.at(-1);
  if (before === undefined) return steps;
  return { past: steps.past.slice(0, -1), present: before, future: [steps.present, ...steps.future] };
}

/** One step forth again; the same steps where none was undone. */
export function redo<Sheet>(steps: Steps<Sheet>): Steps<Sheet> {
  const [next, ...later] = steps.future;
  if (next === undefined) return steps;
  return { past: [...steps.past, steps.present], present: next, future: later };
}

/** Goes back to a state older than the first step; redo returns to the present one. */
export const beforeAll = <Sheet>(steps: Steps<Sheet>, older: Sheet): Steps<Sheet> => ({
  past: [],
  present: older,
  future: [...steps.past.slice(1), steps.present, ...steps.future],
});
