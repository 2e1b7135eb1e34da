/** Lines of JSON, one after the other: how far something is, and at last what came of it. */
export const STEPS_TYPE = 'application/x-ndjson';

/** How far it is, 0 to 1; or its answer, with the status it would have had by itself. */
export type StepLine = { readonly share: number } | { readonly status: number; readonly body: unknown };
