'use client';

import { useEffect, useRef } from 'react';
import type { ChartSpec, StepPoint } from './spec';

const numberText = (value: number | null | undefined): string =>
  value === null || value === undefined ? '—' : String(Number(value.toFixed(1)));

/** What a line that goes by steps is at a moment. */
function valueAt(points: readonly StepPoint[], x: number): number | null {
  return points.findLast((point) => point.x <= x)?.y ?? null;
}

/** The rows of the table behind a chart: a label, and a value of every series. */
export function rowsOf(
  spec: ChartSpec,
): readonly { readonly label: string; readonly values: readonly string[] }[] {
  if (spec.kind === 'bars')
    return spec.labels.map((label, index) => ({
      label,
      values: spec.series.map(({ values }) => numberText(values[index])),
    }));
  const last = Math.max(0, ...spec.series.map(({ values }) => values.at(-1)?.x ?? 0));
  // A dozen moments tell how a line goes; every step of four drafts would tell nobody.
  const by = Math.max(1, Math.ceil(last / 12));
  return Array.from({ length: Math.ceil(last / by) }, (_, index) => ({
    label: `${index * by} ${spec.xUnit}`,
    values: spec.series.map(({ values }) => {
      const { x: end = 0 } = values.at(-1) ?? {};
      return index * by > end ? '—' : numberText(valueAt(values, index * by));
    }),
  }));
}

/** A chart in the page's own ink, with the same numbers as a table for who does not see it, or would rather read. */
export function ChartFigure({ spec }: { spec: ChartSpec }) {
  const canvas = useRef<HTMLCanvasElement>(null);
  useEffect(() => {
    let stop: (() => void) | undefined;
    let isWanted = true;
    void import('./draw').then(({ drawChart }) => {
      if (isWanted && canvas.current) stop = drawChart(canvas.current, spec);
    });
    return () => {
      isWanted = false;
      stop?.();
    };
  }, [spec]);
  const title = `${spec.title}, ${spec.unit}`;
  return (
    <figure className="min-w-0">
      <figcaption className="caption">{spec.title}</figcaption>
      <div className="relative h-52">
        <canvas
          ref={canvas}
          role="img"
          aria-label={`${title}: ${spec.series.map(({ name }) => name).join(', ')}; the numbers are in the table below`}
        />
      </div>
      <details className="small">
        <summary>{spec.title} as a table</summary>
        <div className="overflow-x-auto" tabIndex={0} role="region" aria-label={`${spec.title} as a table`}>
          <table className="figures w-full text-right">
            <caption className="sr-only">{title}</caption>
            <thead>
              <tr className="border-b border-ink">
                <td />
                {spec.series.map(({ name }) => (
                  <th key={name} scope="col" className="pl-3 font-normal">
                    {name}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {rowsOf(spec).map(({ label, values }) => (
                <tr key={label} className="border-b border-hairline">
                  <th scope="row" className="text-left font-normal">
                    {label}
                  </th>
                  {values.map((value, index) => (
                    <td key={index} className="pl-3">
                      {value}
                    </td>
                  ))}
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      </details>
    </figure>
  );
}
