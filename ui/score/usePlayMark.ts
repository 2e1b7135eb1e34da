'use client';

import { useCallback, useEffect, useRef, useState } from 'react';

/** A mark that runs along the score as the practice would, so that the figure can be seen doing it. */
export function usePlayMark(totalMs: number) {
  const [playing, setPlaying] = useState(false);
  const [atMs, setAtMs] = useState(0);
  const from = useRef({ atMs: 0, since: 0 });
  useEffect(() => {
    if (!playing) return undefined;
    let frame = 0;
    from.current.since = performance.now();
    const tick = (now: number): void => {
      const at = from.current.atMs + now - from.current.since;
      if (at >= totalMs) {
        setAtMs(totalMs);
        setPlaying(false);
        return;
      }
      setAtMs(Math.max(0, at));
      frame = requestAnimationFrame(tick);
    };
    frame = requestAnimationFrame(tick);
    return () => cancelAnimationFrame(frame);
  }, [playing, totalMs]);
  const go = useCallback((to: number): void => {
    from.current = { atMs: to, since: performance.now() };
    setAtMs(to);
  }, []);
  const toggle = useCallback((): void => {
    setPlaying((was) => {
      if (!was) from.current = { atMs: atMs >= totalMs ? 0 : atMs, since: performance.now() };
      return !was;
    });
  }, [atMs, totalMs]);
  return { playing, atMs: Math.min(atMs, totalMs), go, toggle };
}
