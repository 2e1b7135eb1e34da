import fc from 'fast-check';
import { PLAIN_BRIEF } from '../brief';
import { compose } from '../compose';
import { DEFAULT_CUSTOMS } from '../customs';
import { REPERTOIRE } from '../forms';
import { compile } from '../practice';
import { signalsBetween, type SignalKind } from './signals';

const result = compose({
  brief: { ...PLAIN_BRIEF, minutes: 12 },
  repertoire: REPERTOIRE,
  customs: DEFAULT_CUSTOMS,
  people: { conditions: [] },
  seed: 2,
  enough: 0.5,
});
if (!result.ok) throw new Error('expected a practice');
const timeline = compile(result.practice);
const all = signalsBetween(timeline, -1, timeline.totalMs);
const of = (kind: SignalKind): readonly number[] =>
  all.filter((signal) => signal.kind === kind).map(({ atMs }) => atMs);

describe('what is heard of a class', () => {
  it('is a bell at the beginning, where a section begins, and at the end', () => {
    expect(of('bell')).toEqual([...timeline.sections.map(({ startMs }) => startMs), timeline.totalMs]);
    expect(of('bell')[0]).toBe(0);
  });

  it('is a rise for every breath in, a fall for every breath out, and nothing where it is left alone', () => {
    for (const breath of ['in', 'out'] as const)
      expect(of(breath)).toEqual(
        timeline.events
          .filter((event) => event.kind === 'stroke' && event.breath === breath && !event.isStay)
          .map(({ startMs }) => startMs),
      );
  });

  it('tells that something else comes once for every form after the first', () => {
    const changes = of('change');
    for (const { startMs } of timeline.items.slice(1)) expect(changes).toContain(startMs);
    expect(changes).not.toContain(0);
  });

  it('tells two more and the last one, where a count is long enough to be lost', () => {
    const lasts = timeline.events.filter(
      (event) =>
        event.repetition === event.repetitions &&
        event.repetitions >= 3 &&
        timeline.events[event.index - 1]?.repetition !== event.repetition,
    );
    expect(lasts.length).toBeGreaterThan(2);
    for (const { startMs } of lasts) expect(of('last-one')).toContain(startMs);
    for (const atMs of of('two-more')) {
      const here = timeline.events.find(({ startMs }) => startMs === atMs);
      expect((here?.repetitions ?? 0) - (here?.repetition ?? 0)).toBe(1);
    }
  });

  it('counts each repetition from one', () => {
    const counts = all.filter(({ kind }) => kind === 'count');
    const sum = timeline.items.reduce((total, { firstEvent, eventCount }) => {
      const own = timeline.events.slice(firstEvent, firstEvent + eventCount);
      return (
        total + new Set(own.flatMap((e) => (e.repetition > 0 ? [`${e.pass}/${e.repetition}`] : []))).size
      );
    }, 0);
    expect(counts.length).toBe(sum);
    expect(counts[0]?.number).toBe(1);
  });

  it('beats once a second', () => {
    expect(of('beat').length).toBe(Math.floor(timeline.totalMs / 1000) + 1);
    expect(of('beat')[1]).toBe(1000);
  });

  it('is the same however often one listens: nothing twice, nothing lost', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 0, max: timeline.totalMs }), { maxLength: 40 }), (looks) => {
        const moments = [-1, ...looks.toSorted((a, b) => a - b), timeline.totalMs];
        const heard = moments
          .slice(1)
          .flatMap((to, index) => signalsBetween(timeline, moments[index] ?? 0, to));
        expect(heard.length).toBe(all.length);
      }),
      { numRuns: 30 },
    );
  });
});
