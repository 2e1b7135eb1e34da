'use client';

import { lazy, Suspense, useSyncExternalStore } from 'react';
import { keptKeys } from '@/ui/kit/keep';

/** Comes only where a class is under way: most pages never load it. */
const Panel = lazy(async () => ({ default: (await import('./UnderWayPanel')).UnderWayPanel }));

const isUnderWay = (): boolean =>
  keptKeys('navuren-lead-').length > 0 || keptKeys('navuren-unfiled-').length > 0;
const subscribe = (onChange: () => void): (() => void) => {
  window.addEventListener('storage', onChange);
  return () => window.removeEventListener('storage', onChange);
};

/** A class that was left is shown in every room until it is gone on with or ended. */
export function UnderWay() {
  const there = useSyncExternalStore(subscribe, isUnderWay, () => false);
  return there ? (
    <Suspense>
      <Panel />
    </Suspense>
  ) : null;
}
