'use client';

import { useEffect } from 'react';

/** Keeps the screen awake while `wanted`, asking again whenever the page comes back into view. */
export function useWakeLock(wanted: boolean): void {
  useEffect(() => {
    if (!wanted || !('wakeLock' in navigator)) return undefined;
    let lock: WakeLockSentinel | undefined;
    let over = false;
    const ask = async (): Promise<void> => {
      try {
        const granted = await navigator.wakeLock.request('screen');
        if (over) await granted.release();
        else lock = granted;
      } catch {
        // Refused (battery saver, hidden page): leading goes on without it.
      }
    };
    const seen = (): void => {
      if (document.visibilityState === 'visible') void ask();
    };
    void ask();
    document.addEventListener('visibilitychange', seen);
    return () => {
      over = true;
      document.removeEventListener('visibilitychange', seen);
      void lock?.release();
    };
  }, [wanted]);
}
