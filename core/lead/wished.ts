import { edit, type Item, type Practice } from '../practice';
import { driftMs, WORTH_SAYING_MS } from './against';
import { takesTurns, withChanges } from './changes';
import type { Walk } from './walk';

/** What a leader wishes of the plan, as a plan: pure, of a class as it stands. */

export const oneMore = ({ practice }: Walk, itemId: string): Practice =>
  practice.items.some(({ id }) => id === itemId)
    ? edit(practice, { kind: 'repetitions', itemId, steps: 1 })
    : practice;

/** The repetition that is being done is the last; on a second side as many are done as on the first. */
export function lastOne(walk: Walk, itemId: string): Practice {
  const event = walk.timeline.events.findLast(({ startMs }) => startMs <= walk.positionMs);
  const item = walk.practice.items.find(({ id }) => id === itemId);
  const isBehind = event?.itemId !== itemId || event.pass > 0 || event.repetition === 0;
  if (!event || !item || isBehind || event.repetition >= item.repetitions) return walk.practice;
  return withChanges(walk.practice, [{ itemId, repetitions: event.repetition }]);
}

/** Its first side is the last there is; where sides take turns, or on the second, the repetition being done is the last. */
export function moveOn(walk: Walk, itemId: string): Practice {
  const event = walk.timeline.events.findLast(({ startMs }) => startMs <= walk.positionMs);
  if (event?.itemId !== itemId) return walk.practice;
  const passes = new Set(
    walk.timeline.events.flatMap((one) => (one.itemId === itemId && one.repetition > 0 ? [one.pass] : [])),
  );
  const isOnFirst = event.pass === 0 && passes.size > 1 && !takesTurns(walk.timeline, itemId);
  if (!isOnFirst) return lastOne(walk, itemId);
  return {
    ...walk.practice,
    items: walk.practice.items.map((item) => (item.id === itemId ? { ...item, otherRepetitions: 0 } : item)),
  };
}

/** What was not planned comes after the form one is in, and stays whatever must make room for it. */
export function inserted(
  { practice, timeline, positionMs }: Walk,
  item: Item,
  form: Practice['forms'][string],
): Practice {
  const span = timeline.items.findLast(({ startMs }) => startMs <= positionMs);
  const at = span === undefined ? 0 : span.itemIndex + 1;
  const next = edit(practice, { kind: 'insert', at, clip: { items: [item], forms: { [form.id]: form } } });
  return { ...next, items: next.items.map((one, index) => (index === at ? { ...one, kept: true } : one)) };
}

/** What is still to come, slower or quicker; what is begun goes on as it is, and gathering and closing have their own pace. */
export function atTempo(walk: Walk, factor: number): Practice {
  const { practice, timeline, positionMs, tempos } = walk;
  // What is hurried, or drawn out, for the clock is nobody's own pace.
  const drift = driftMs(walk, positionMs, walk.lastMs) ?? 0;
  const isForClock = factor < 1 ? drift >= WORTH_SAYING_MS : -drift >= WORTH_SAYING_MS;
  const toCome = new Set(
    timeline.items.filter(({ startMs }) => startMs > positionMs).map(({ itemId }) => itemId),
  );
  const changes = practice.items.flatMap(({ id, role, repetitions, stretch: before }) => {
    const stretch = Math.min(2, Math.max(0.5, Math.round(before * factor * 1000) / 1000));
    const isFree = toCome.has(id) && role !== 'gather' && role !== 'close' && stretch !== before;
    if (isFree && !isForClock) tempos.set(id, (tempos.get(id) ?? 1) * (stretch / before));
    return isFree ? [{ itemId: id, repetitions, stretch }] : [];
  });
  return changes.length === 0 ? practice : withChanges(practice, changes);
}
