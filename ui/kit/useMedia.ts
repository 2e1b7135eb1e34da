import { useCallback, useSyncExternalStore } from 'react';

/** Whether a media query holds, and each time that changes. */
function useMedia(query: string): boolean {
  const subscribe = useCallback(
    (changed: () => void) => {
      const media = window.matchMedia(query);
      media.addEventListener('change', changed);
      return () => media.removeEventListener('change', changed);
    },
    [query],
  );
  return useSyncExternalStore(
    subscribe,
    () => window.matchMedia(query).matches,
    () => false,
  );
}

const REDUCED = '(prefers-reduced-motion: reduce)';

/** Whether those who look want little motion. */
export const stillnessWanted = (): boolean => window.matchMedia(REDUCED).matches;
export const useStillness = (): boolean => useMedia(REDUCED);
