import { useCallback, useLayoutEffect, useRef } from 'react';

/**
 * The same function for as long as the component lives, doing what the latest one given does: for children
 * that need not be drawn anew when only what a press would do has changed. Not to be called while drawing.
 */
export function useStable<Args extends readonly unknown[], Result>(
  does: (...args: Args) => Result,
): (...args: Args) => Result {
  const latest = useRef(does);
  useLayoutEffect(() => {
    latest.current = does;
  });
  return useCallback((...args: Args) => latest.current(...args), []);
}
