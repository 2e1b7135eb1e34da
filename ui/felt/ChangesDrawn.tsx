import { useMemo } from 'react';
import type { Change } from '@/core/felt/pairs';
import { ChartFigure } from '@/ui/charts/ChartFigure';
import type { BarsSpec } from '@/ui/charts/spec';
import { dateText } from '@/ui/kit/time';
import { QUANTITY_WORDS } from '@/ui/words/felt';

/** So many days stand beside each other at most, the latest. */
const MOST_DAYS = 16;

/** A quantity before and after, one day beside the other. */
export function changeChart({ id, pairs }: Change, zone: string): BarsSpec {
  const { name, unit } = QUANTITY_WORDS[id];
  const shown = pairs.slice(-MOST_DAYS);
  return {
    kind: 'bars',
    title: name,
    unit,
    labels: shown.map(({ atMs }) => dateText(atMs, zone, 'dayMonth')),
    series: [
      { name: 'before', values: shown.map(({ before }) => before) },
      { name: 'after', values: shown.map(({ after }) => after) },
    ],
  };
}

function One({ change, zone }: { readonly change: Change; readonly zone: string }) {
  const spec = useMemo(() => changeChart(change, zone), [change, zone]);
  return <ChartFigure spec={spec} />;
}

/** Every quantity that was taken before and after, day by day. */
export function ChangesDrawn({
  changes,
  zone,
}: {
  readonly changes: readonly Change[];
  readonly zone: string;
}) {
  return (
    <div className="mt-3 grid gap-6 sm:grid-cols-2">
      {changes.map((change) => (
        <One key={change.id} change={change} zone={zone} />
      ))}
    </div>
  );
}
