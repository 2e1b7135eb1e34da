import type { Quantities } from '@/core/compose';
import { rowsOf } from './ChartFigure';
import { barsConfig, stepsConfig } from './config';
import { chartsOf } from './quantities';
import type { StepsSpec } from './spec';

const INKS = { ink: '#201c18', faded: '#5c5348', hairline: '#d0c8b8', font: 'serif' };
const quantities = (nourishMin: number): Quantities => ({
  totalMs: (2 + nourishMin) * 60_000,
  sections: [
    { role: 'arrive', ms: 120_000 },
    { role: 'loosen', ms: 0 },
    { role: 'nourish', ms: nourishMin * 60_000 },
  ],
  effort: [
    { itemId: 'a', startMs: 0, lengthMs: 120_000, effort: 0.1 },
    { itemId: 'b', startMs: 120_000, lengthMs: nourishMin * 60_000, effort: 0.5 },
  ],
  breaths: [
    { startMs: 0, lengthMs: 120_000, perMin: undefined },
    { startMs: 120_000, lengthMs: nourishMin * 60_000, perMin: 5 },
  ],
});
const [sections, effort, breath] = chartsOf([
  { name: 'now', quantities: quantities(10) },
  { name: 'as drafted', quantities: quantities(8) },
]);

describe('charts', () => {
  it('show minutes of the sections that are there in any of them', () => {
    expect(sections.labels).toEqual(['Arrive', 'Nourish']);
    expect(sections.series.map(({ values }) => values)).toEqual([
      [2, 10],
      [2, 8],
    ]);
  });

  it('draw lines to their end, with a gap where there is nothing to tell', () => {
    expect(effort.series[1]?.values).toEqual([
      { x: 0, y: 10 },
      { x: 2, y: 50 },
      { x: 10, y: 50 },
    ]);
    expect(breath.series[0]?.values).toEqual([
      { x: 0, y: null },
      { x: 2, y: 5 },
      { x: 12, y: 5 },
    ]);
  });

  it('have a table that says the same', () => {
    expect(rowsOf(sections)).toEqual([
      { label: 'Arrive', values: ['2', '2'] },
      { label: 'Nourish', values: ['10', '8'] },
    ]);
    const rows = rowsOf(breath);
    expect(rows[0]).toEqual({ label: '0 min', values: ['—', '—'] });
    expect(rows[3]).toEqual({ label: '3 min', values: ['5', '5'] });
    // The shorter one has ended by then.
    expect(rows[11]).toEqual({ label: '11 min', values: ['5', '—'] });
  });

  it('tell lines apart by how they are drawn, and do not move', () => {
    const four: StepsSpec = { ...effort, series: [...effort.series, ...effort.series] };
    const { data, options } = stepsConfig(four, INKS);
    const strokes = data.datasets.map((line) => JSON.stringify([line.borderDash, line.borderWidth]));
    expect(new Set(strokes).size).toBe(4);
    expect(options?.animation).toBe(false);
    expect(options?.scales?.x?.max).toBe(12);
    const bars = barsConfig(sections, INKS);
    expect(new Set(bars.data.datasets.map((one) => one.backgroundColor)).size).toBe(2);
    // On a screen with colours of its own nothing is mixed.
    expect(barsConfig(sections, { ...INKS, ink: 'CanvasText' }).data.datasets[0]?.backgroundColor).toBe(
      'CanvasText',
    );
  });
});
