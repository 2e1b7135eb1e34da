'use client';

import { useMemo } from 'react';
import { quantitiesOf } from '@/core/compose';
import { compile, type Practice } from '@/core/practice';
import { ChartFigure } from './ChartFigure';
import { chartsOf } from './quantities';

/** What practices come to, laid over each other: shares of the time, effort, breath. */
export function QuantityCharts({
  practices,
}: {
  practices: readonly { readonly name: string; readonly practice: Practice }[];
}) {
  const charts = useMemo(
    () =>
      chartsOf(
        practices.map(({ name, practice }) => ({
          name,
          quantities: quantitiesOf(practice, compile(practice)),
        })),
      ),
    [practices],
  );
  return (
    <div className="mt-4 grid gap-x-8 gap-y-5 lg:grid-cols-3">
      {charts.map((spec) => (
        <ChartFigure key={spec.title} spec={spec} />
      ))}
    </div>
  );
}
