'use client';

import { useEffect, useState } from 'react';
import type { ItemAccount } from '@/core/compose';
import { STRENGTHS } from '@/core/customs';
import type { Item } from '@/core/practice';
import { reasonText } from '@/ui/words/reasons';
import { pointsText, worthText } from '@/ui/words/worth';

const labelOf = (id: string): string => STRENGTHS.find((row) => row.id === id)?.label ?? id;
/** The bars share one scale: as many points as anything usually brings. */
const FULL_POINTS = 4;

/** What an item brings the practice, heading by heading, in words and as a small balance. */
export function Contributions({ contributions }: { readonly contributions: ItemAccount['contributions'] }) {
  return (
    <ul className="mt-1 space-y-1">
      {contributions.map(({ strength, points, reasons }) => (
        <li key={strength} className="grid grid-cols-[1fr_5rem_2.6rem] items-baseline gap-x-2">
          <span>{reasons.length > 0 ? reasons.map(reasonText).join(' ') : labelOf(strength)}</span>
          <svg viewBox="-40 0 80 10" className="h-2.5 w-20" aria-hidden>
            <line x1={0} x2={0} y1={0} y2={10} stroke="var(--faded)" />
            <rect
              x={points < 0 ? Math.max(-40, (points / FULL_POINTS) * 40) : 0}
              width={Math.min(40, (Math.abs(points) / FULL_POINTS) * 40)}
              y={2}
              height={6}
              fill={points < 0 ? 'none' : 'var(--ink)'}
              stroke="var(--ink)"
              strokeWidth={points < 0 ? 1 : 0}
            />
          </svg>
          <span className="figures text-right">
            {points > 0 ? '+' : points < 0 ? '−' : ''}
            {Math.abs(points).toFixed(1)}
          </span>
        </li>
      ))}
    </ul>
  );
}

interface Props {
  readonly item: Item;
  readonly account: () => Promise<readonly ItemAccount[] | undefined>;
}

/** Why this: the reasons in words at once, and what it is worth in the model as soon as that is reckoned. */
export function WhyThis({ item, account }: Props) {
  const [rows, setRows] = useState<readonly ItemAccount[]>([]);
  useEffect(() => {
    let wanted = true;
    const timer = setTimeout(() => {
      void account().then((found) => {
        if (wanted && found) setRows(found);
      });
    }, 120);
    return () => {
      wanted = false;
      clearTimeout(timer);
    };
  }, [account]);
  const own = rows.find((row) => row.itemId === item.id);
  return (
    <section>
      <h3 className="caption">Why it is here</h3>
      <ul className="mt-1">
        {item.reasons.map((reason) => (
          <li key={JSON.stringify(reason)}>{reasonText(reason)}</li>
        ))}
      </ul>
      {own && own.contributions.length > 0 && (
        <details className="mt-1.5">
          <summary className="press-plain">What it is worth here: {worthText(own.points)}</summary>
          <Contributions contributions={own.contributions} />
          <p className="quiet mt-1">
            {own.points < 0
              ? `Less than its minutes by itself (${pointsText(own.points)}): it is here because the practice needs something in its place. `
              : `${pointsText(own.points)} in all. `}
            Points are the composer’s own weights, which your customs make lighter or stronger.
          </p>
        </details>
      )}
    </section>
  );
}
