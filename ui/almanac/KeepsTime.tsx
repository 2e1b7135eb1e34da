'use client';

import { useRouter } from 'next/navigation';
import { useEffect } from 'react';

/** How often an open almanac looks at the clock; minutes are what it shows. */
const EVERY_MS = 60_000;

/** Keeps an almanac of now at now: it moves on with the clock, and at once when it comes back into sight. */
export function KeepsTime() {
  const router = useRouter();
  useEffect(() => {
    const look = (): void => {
      if (document.visibilityState === 'visible') router.refresh();
    };
    // On the minute, so that the shown minute is the right one.
    let every: ReturnType<typeof setInterval> | undefined;
    const first = setTimeout(
      () => {
        look();
        every = setInterval(look, EVERY_MS);
      },
      EVERY_MS - (Date.now() % EVERY_MS),
    );
    document.addEventListener('visibilitychange', look);
    return () => {
      clearTimeout(first);
      clearInterval(every);
      document.removeEventListener('visibilitychange', look);
    };
  }, [router]);
  return null;
}
