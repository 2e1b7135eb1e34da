import type { Practice } from '../practice';
import { recordOf, type ClassRecord } from './record';

/**
 * The record of a class that was led without a screen: all of its practice, in as many minutes as it took. How that time
 * fell on its forms nobody knows, so that nothing is learnt of their pace.
 */
export function recordByHand(practice: Practice, startedAtMs: number, actualMs: number): ClassRecord {
  const planned = recordOf(practice, [{ kind: 'start', atMs: startedAtMs }], startedAtMs + 172_800_000);
  const share = planned.plannedMs === 0 ? 1 : actualMs / planned.plannedMs;
  return {
    startedAtMs,
    endedAtMs: startedAtMs + actualMs,
    plannedMs: planned.plannedMs,
    actualMs,
    finished: true,
    items: planned.items.map(
      ({ itemId, formId, name, role, plannedMs, plannedRepetitions, repetitions, taught }) => ({
        itemId,
        formId,
        name,
        role,
        plannedMs,
        actualMs: Math.round(plannedMs * share),
        plannedRepetitions,
        repetitions,
        undisturbed: false,
        ...(taught === undefined ? {} : { taught }),
      }),
    ),
  };
}
