import { keysOf } from '@/core/lists/lists';
import { useState } from 'react';
import type { Practice } from '@/core/practice';

/** Whether two practices are the same but for their names. */
const sameButName = (a: Practice, b: Practice): boolean =>
  keysOf({ ...a, ...b }).every((key) => key === 'name' || a[key] === b[key]);

/**
 * The practice as it was before changes of its name alone, so that typing a name draws neither score nor
 * running order anew. Its own name may be an older one.
 */
export function useUnnamed(practice: Practice | undefined): Practice | undefined {
  const [kept, setKept] = useState(practice);
  if (practice === kept || (practice && kept && sameButName(practice, kept))) return kept;
  setKept(practice);
  return practice;
}
