'use client';

import dynamic from 'next/dynamic';
import Link from 'next/link';
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

/** What stands under the running order: what keys do in it, one more form, and the practice in quantities. */
export function UnderOrder({
  practice,
  drafted,
  isDraft,
  onAdd,
}: {
  practice: Practice;
  drafted: Practice | undefined;
  /** It is kept nowhere yet. */
  isDraft: boolean;
  onAdd: () => void;
}) {
  return (
    <>
      <p className="quiet small mt-2">
        Keys on a form: <kbd>↑</kbd> <kbd>↓</kbd> go, with <kbd>Shift</kbd> choose more, with <kbd>Alt</kbd>{' '}
        move; <kbd>←</kbd> <kbd>→</kbd> go along its presses; <kbd>+</kbd> <kbd>−</kbd> repetitions,{' '}
        <kbd>k</kbd> lock, <kbd>r</kbd> repeat, <kbd>b</kbd> bookend, <kbd>Ctrl C</kbd> <kbd>X</kbd>{' '}
        <kbd>V</kbd> copy, cut, paste (between practices too), <kbd>Delete</kbd> remove; <kbd>Ctrl Z</kbd>{' '}
        undoes.
      </p>
      <p className="mt-3 flex flex-wrap gap-2">
        <button type="button" className="press" onClick={onAdd}>
          Add a form
        </button>
        {practice.items.length === 0 && (
          <span className="quiet">Nothing is left; add a form, undo, or take another draft.</span>
        )}
      </p>
      <InQuantities practice={practice} drafted={drafted} />
      {isDraft && (
        <p className="quiet small mt-6">
          A draft is kept as soon as you change, lead or print it. Kept practices stand on the{' '}
          <Link className="press-plain" href="/shelf">
            shelf
          </Link>
          .
        </p>
      )}
    </>
  );
}
