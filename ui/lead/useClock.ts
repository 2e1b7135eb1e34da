'use client';

import { useEffect, useState } from 'react';

/**
 * The wall clock, read once for every frame while `running` (and once a second otherwise). Frames only say
 * when to look; the time itself always comes from the clock.
 */
export function useClock(running: boolean): number {
  const [nowMs, setNowMs] = useState(() => Date.now());
  useEffect(() => {
    const read = (): void => setNowMs(Date.now());
    if (!running) {
      const timer = setInterval(read, 1000);
      return () => clearInterval(timer);
    }
    let frame = requestAnimationFrame(function next() {
      read();
      frame = requestAnimationFrame(next);
    });
    // A hidden tab gets no frames; a slow timer keeps the end from being missed.
    const timer = setInterval(read, 500);
    return () => {
      cancelAnimationFrame(frame);
      clearInterval(timer);
    };
  }, [running]);
  return nowMs;
}
