'use client';

import dynamic from 'next/dynamic';
import { useDeferredValue, useMemo, useState } from 'react';
import type { Practice } from '@/core/practice';

const QuantityCharts = dynamic(async () => (await import('@/ui/charts/QuantityCharts')).QuantityCharts, {
  ssr: false,
});

/** Shares, effort and breath as they are now, over the draft it began from, or else over what it was when the room opened. */
function InQuantities({ practice, drafted }: { practice: Practice; drafted: Practice | undefined }) {
  const [isOpen, setOpen] = useState(false);
  const [found] = useState(practice);
  // Drawn after the press that changed it has been answered.
  const now = useDeferredValue(practice);
  const before = drafted ?? found;
  const practices = useMemo(
    () => [
      { name: 'now', practice: now },
      ...(before === now ? [] : [{ name: drafted ? 'as drafted' : 'as it was', practice: before }]),
    ],
    [before, drafted, now],
  );
  return (
    <details className="mt-4" onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary className="press-plain">Shares, effort and breath, drawn</summary>
      {isOpen && <QuantityCharts practices={practices} />}
    </details>
  );
}

/** What stands under the running order: one more form, and the practice in quantities. */
export function UnderOrder({
  practice,
  drafted,
  onAdd,
}: {
  practice: Practice;
  drafted: Practice | undefined;
  onAdd: () => void;
}) {
  return (
    <>
      <p className="mt-3 flex flex-wrap gap-2">
        <button type="button" className="press" onClick={onAdd}>
          Add a form
        </button>
        {practice.items.length === 0 && (
          <span className="quiet">Nothing is left; add a form, undo, or take another draft.</span>
        )}
      </p>
      <InQuantities practice={practice} drafted={drafted} />
    </>
  );
}
