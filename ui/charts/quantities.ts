import type { Quantities } from '@/core/compose';
import { ROLE_NAMES } from '@/ui/words/names';
import type { BarsSpec, Series, StepPoint, StepsSpec } from './spec';

const MINUTE_MS = 60_000;

/** One practice, named, with what it comes to. */
export interface NamedQuantities {
  readonly name: string;
  readonly quantities: Quantities;
}

interface Span {
  readonly startMs: number;
  readonly lengthMs: number;
}

/** A span as the beginning of a step; the last one is drawn to its end. */
function steps<One extends Span>(
  spans: readonly One[],
  y: (span: One) => number | null,
): readonly StepPoint[] {
  const last = spans.at(-1);
  return [
    ...spans.map((span) => ({ x: span.startMs / MINUTE_MS, y: y(span) })),
    ...(last ? [{ x: (last.startMs + last.lengthMs) / MINUTE_MS, y: y(last) }] : []),
  ];
}

const lines = (
  title: string,
  unit: string,
  most: number,
  series: readonly Series<StepPoint>[],
): StepsSpec => ({ kind: 'steps', title, unit, most, xUnit: 'min', series });

/** Effort, breath and the minutes of the sections, of several practices laid over each other. */
export function chartsOf(
  all: readonly NamedQuantities[],
): readonly [sections: BarsSpec, effort: StepsSpec, breath: StepsSpec] {
  const present = (all[0]?.quantities.sections ?? []).filter((_, index) =>
    all.some(({ quantities }) => (quantities.sections[index]?.ms ?? 0) > 0),
  );
  return [
    {
      kind: 'bars',
      title: 'Shares of the time',
      unit: 'min',
      labels: present.map(({ role }) => ROLE_NAMES[role]),
      series: all.map(({ name, quantities }) => ({
        name,
        values: present.map(
          ({ role }) => (quantities.sections.find((one) => one.role === role)?.ms ?? 0) / MINUTE_MS,
        ),
      })),
    },
    lines(
      'Effort',
      '% of the most',
      100,
      all.map(({ name, quantities }) => ({
        name,
        values: steps(quantities.effort, ({ effort }) => 100 * effort),
      })),
    ),
    lines(
      'Breath',
      'breaths a minute',
      8,
      all.map(({ name, quantities }) => ({
        name,
        values: steps(quantities.breaths, ({ perMin }) => perMin ?? null),
      })),
    ),
  ];
}
