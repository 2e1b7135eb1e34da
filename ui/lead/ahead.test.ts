import fc from 'fast-check';
import { PLAIN_BRIEF } from '@/core/brief';
import { compose } from '@/core/compose';
import { DEFAULT_CUSTOMS } from '@/core/customs';
import { REPERTOIRE } from '@/core/forms';
import { bodiesOf } from '@/core/practice';
import { aheadOf, eased, turnedTowards } from './ahead';

const made = compose({
  brief: { ...PLAIN_BRIEF, minutes: 10 },
  repertoire: REPERTOIRE,
  customs: DEFAULT_CUSTOMS,
  people: { conditions: [] },
  seed: 1,
  enough: 0.5,
});
if (!made.ok) throw new Error('expected a practice');
const { practice, timeline } = made;
const movements = bodiesOf(practice, timeline);

describe('what is shown before it comes', () => {
  it('is where the stroke goes that is being done, with its way; then where the next one goes', () => {
    const stroke = timeline.events.find(
      (event) => event.repetition === 1 && timeline.events[event.index + 1]?.kind === 'stroke',
    );
    if (!stroke) throw new Error('expected a stroke that another follows');
    const early = aheadOf(timeline, movements, stroke, 0.2);
    expect(early?.index).toBe(stroke.index);
    expect(early?.goals).toBe(movements[stroke.index]?.keys.at(-1));
    expect(early?.way).toBe(movements[stroke.index]);
    const late = aheadOf(timeline, movements, stroke, 0.8);
    expect(late?.index).toBe(stroke.index + 1);
    expect(late?.way).toBeUndefined();
  });

  it('is the first stroke of a form while it is talked of, and nothing after the last', () => {
    const setup = timeline.events.find(({ kind, itemIndex }) => kind === 'setup' && itemIndex === 2);
    if (!setup) throw new Error('expected talk');
    const shown = aheadOf(timeline, movements, setup, 0);
    expect(timeline.events[shown?.index ?? -1]).toMatchObject({ kind: 'stroke', itemIndex: 2 });
    const last = timeline.events.at(-1);
    if (!last) throw new Error('expected an end');
    expect(aheadOf(timeline, movements, last, 1)).toBeUndefined();
  });

  it('is no hold and nothing stayed in: there is nothing to be shown of it', () => {
    for (const event of timeline.events) {
      const shown = aheadOf(timeline, movements, event, 0.9);
      const there = shown && timeline.events[shown.index];
      if (there)
        expect([there.kind, there.breath === 'hold', there.isStay]).toEqual(['stroke', false, false]);
    }
  });
});

describe('turning to another view', () => {
  it('goes the shorter way round, and comes there', () => {
    expect(turnedTowards(0, 90, 0)).toBe(0);
    expect(turnedTowards(0, 90, 10_000)).toBeCloseTo(90, 3);
    // From behind to the right: over the right shoulder, not all the way round the front.
    expect(turnedTowards(180, -90, 450)).toBeGreaterThan(180);
    expect(turnedTowards(38, -38, 450)).toBeLessThan(38);
  });

  it('never goes past it, nor back', () => {
    const deg = fc.integer({ min: -90, max: 90 });
    fc.assert(
      fc.property(deg, deg, fc.nat(3000), fc.nat(3000), (from, to, a, b) => {
        const [early, late] = [Math.min(a, b), Math.max(a, b)].map((ms) => turnedTowards(from, to, ms));
        const left = (at = 0): number => Math.abs(to - at);
        expect(left(late)).toBeLessThanOrEqual(left(early) + 1e-9);
        expect(left(early)).toBeLessThanOrEqual(Math.abs(to - from) + 1e-9);
      }),
    );
  });

  it('is two thirds done after its time constant (1 − 1/e)', () => {
    expect(eased(450)).toBeCloseTo(0.632, 3);
    expect(eased(-5)).toBe(0);
  });
});
