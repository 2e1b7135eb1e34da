import { PLAIN_BRIEF, type Brief } from '../brief';
import { DEFAULT_CUSTOMS } from '../customs';
import { REPERTOIRE } from '../forms';
import type { Practice } from '../practice';
import { compose } from '.';

/** A draft within half a point a minute of the best is good enough where it is only led, sent or kept. */
const ENOUGH = 0.5;

/** A practice of a plain brief, the same each time, for tests that need one and do not ask how good it is. */
export function drafted(brief: Partial<Brief>, seed = 1): Practice {
  const result = compose({
    brief: { ...PLAIN_BRIEF, ...brief },
    repertoire: REPERTOIRE,
    customs: DEFAULT_CUSTOMS,
    people: { conditions: [] },
    seed,
    enough: ENOUGH,
  });
  if (!result.ok) throw new Error('the practice of these tests could not be composed');
  return result.practice;
}
