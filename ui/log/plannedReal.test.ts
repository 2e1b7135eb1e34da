import { createElement } from 'react';
import { renderToStaticMarkup } from 'react-dom/server';
import type { ClassRecord } from '@/core/lead';
import { barsOf, differenceOf, PlannedReal } from './PlannedReal';

type Item = ClassRecord['items'][number];
const item = (itemId: string, plannedMs: number, actualMs: number): Item => ({
  itemId,
  formId: itemId,
  name: itemId.toUpperCase(),
  role: 'nourish',
  plannedMs,
  actualMs,
  plannedRepetitions: plannedMs === 0 ? 0 : 4,
  repetitions: actualMs === 0 ? 0 : 4,
  undisturbed: true,
});
const record = (...items: readonly Item[]): ClassRecord => ({
  startedAtMs: 1_800_000_000_000,
  endedAtMs: 1_800_000_600_000,
  plannedMs: items.reduce((sum, { plannedMs }) => sum + plannedMs, 0),
  actualMs: items.reduce((sum, { actualMs }) => sum + actualMs, 0),
  finished: true,
  items: [...items],
});

describe('planned against real, as a drawing', () => {
  it('has both rows to one scale: twice as long is twice as wide, the longer row fills it', () => {
    const [a, b] = barsOf(record(item('a', 100_000, 200_000), item('b', 100_000, 100_000)));
    expect(a?.real.width).toBeCloseTo(2 * (a?.planned.width ?? 0), 6);
    expect(b?.real.x).toBeCloseTo(a?.real.width ?? Number.NaN, 6);
    expect((b?.real.x ?? 0) + (b?.real.width ?? 0)).toBeCloseTo(860, 6);
    expect(barsOf(record(item('a', 100_000, 100_000)), 320)[0]?.real.width).toBeCloseTo(320, 6);
  });

  it('is not narrowed by time the class stood still, which is in no form', () => {
    const stood = { ...record(item('a', 100_000, 100_000)), actualMs: 160_000, stoodMs: 60_000 };
    expect(barsOf(stood)[0]?.real.width).toBeCloseTo(860, 6);
  });

  it.each([
    [100_000, 100_000, ''],
    [100_000, 110_000, ''],
    [100_000, 130_000, '0:30 longer'],
    [100_000, 40_000, '1:00 shorter'],
    [100_000, 0, 'left out'],
    [0, 40_000, 'put in'],
  ])('planned %s, real %s: %s', (plannedMs, actualMs, text) => {
    expect(differenceOf(item('a', plannedMs, actualMs))).toBe(text);
  });

  it('says in words what it draws', () => {
    const markup = renderToStaticMarkup(
      createElement(PlannedReal, { record: record(item('a', 60_000, 60_000), item('b', 60_000, 0)) }),
    );
    expect(markup).toContain('aria-label="Planned 2:00 min, real 1:00 min. B left out"');
    expect(markup).toContain('stroke-dasharray');
  });
});
