import type { ChartConfiguration, ChartDataset } from 'chart.js';
import type { BarsSpec, ChartSpec, Inks, StepPoint, StepsSpec } from './spec';

/** Series are told apart by how they are drawn, not by colour: how dark, how broken, how full. */
const LINES = [
  { dash: [], width: 2.2, of: 'ink' },
  { dash: [], width: 1.2, of: 'faded' },
  { dash: [5, 3], width: 1.4, of: 'ink' },
  { dash: [2, 3], width: 1.6, of: 'faded' },
] as const;
const FILLS = ['e6', '80', '38', '00'] as const;

const lineOf = (index: number) => LINES[index % LINES.length] ?? LINES[0];

/** A colour with its opacity as two hexadecimal digits; a named one (a screen with colours of its own) stays whole. */
const faint = (colour: string, alpha: string): string =>
  /^#[0-9a-f]{6}$/i.test(colour) ? `${colour}${alpha}` : alpha === '00' ? 'transparent' : colour;

const barsOf = ({ series }: BarsSpec, { ink }: Inks): ChartDataset<'bar', number[]>[] =>
  series.map(({ name, values }, index) => ({
    label: name,
    data: [...values],
    backgroundColor: faint(ink, FILLS[index % FILLS.length] ?? 'e6'),
    borderColor: ink,
    borderWidth: 1,
    maxBarThickness: 18,
  }));

const stepsOf = ({ series }: StepsSpec, inks: Inks): ChartDataset<'line', StepPoint[]>[] =>
  series.map(({ name, values }, index) => {
    const { dash, width, of } = lineOf(index);
    return {
      label: name,
      data: [...values],
      stepped: true,
      borderColor: inks[of],
      backgroundColor: inks[of],
      borderWidth: width,
      borderDash: [...dash],
      pointRadius: 0,
      pointHitRadius: 8,
      spanGaps: false,
    };
  });

/** What both kinds share: quiet, without motion, in the page's own ink and letters. */
function commonOf(spec: ChartSpec, inks: Inks) {
  const font = { family: inks.font, size: 13 };
  const ticks = { color: inks.faded, font, maxTicksLimit: 7 };
  const named = (text: string) => ({ display: true, text, color: inks.faded, font });
  return {
    font,
    ticks,
    named,
    quiet: { animation: false, responsive: true, maintainAspectRatio: false },
    legend: {
      display: spec.series.length > 1,
      position: 'bottom',
      labels: { color: inks.ink, font, boxWidth: 34, boxHeight: spec.kind === 'bars' ? 9 : 0 },
      // A press on a name must not take a line away unseen by who cannot see it go.
      onClick: () => undefined,
    },
    valueScale: {
      min: 0,
      suggestedMax: spec.most,
      ticks,
      grid: { color: inks.hairline },
      border: { display: false },
      title: named(spec.unit),
    },
    alongScale: { ticks, grid: { display: false }, border: { color: inks.ink } },
    said: (name: string | undefined, value: number | null): string =>
      `${name ?? ''}: ${value === null ? '—' : Number(value.toFixed(1))} ${spec.unit}`,
  } as const;
}

/** What Chart.js is told of bars. */
export function barsConfig(spec: BarsSpec, inks: Inks): ChartConfiguration<'bar', number[]> {
  const { font, quiet, legend, valueScale, alongScale, said } = commonOf(spec, inks);
  return {
    type: 'bar',
    data: { labels: [...spec.labels], datasets: barsOf(spec, inks) },
    options: {
      ...quiet,
      interaction: { mode: 'index', intersect: false },
      plugins: {
        legend,
        tooltip: {
          animation: false,
          titleFont: font,
          bodyFont: font,
          callbacks: { label: ({ dataset, parsed }) => said(dataset.label, parsed.y) },
        },
      },
      scales: { x: { ...alongScale, ticks: { ...alongScale.ticks, maxTicksLimit: 99 } }, y: valueScale },
    },
  };
}

/** Where the longest line ends. */
const lastOf = ({ series }: StepsSpec): number =>
  Math.max(0, ...series.map(({ values }) => values.at(-1)?.x ?? 0));

/** What Chart.js is told of lines that go by steps. */
export function stepsConfig(spec: StepsSpec, inks: Inks): ChartConfiguration<'line', StepPoint[]> {
  const { font, quiet, legend, valueScale, alongScale, named, said } = commonOf(spec, inks);
  return {
    type: 'line',
    data: { datasets: stepsOf(spec, inks) },
    options: {
      ...quiet,
      interaction: { mode: 'nearest', axis: 'x', intersect: false },
      plugins: {
        legend,
        tooltip: {
          animation: false,
          titleFont: font,
          bodyFont: font,
          callbacks: {
            title: ([first]) =>
              first?.parsed.x === null || !first ? '' : `from ${first.parsed.x.toFixed(1)} ${spec.xUnit}`,
            label: ({ dataset, parsed }) => said(dataset.label, parsed.y),
          },
        },
      },
      scales: {
        x: { ...alongScale, type: 'linear', min: 0, max: Math.ceil(lastOf(spec)), title: named(spec.xUnit) },
        y: valueScale,
      },
    },
  };
}
