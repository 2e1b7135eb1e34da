import { useEffect, useRef, useState } from 'react';
import { rateOfTaps, type CountSpanSec } from '@/core/felt/taps';

/** Taps as they come, for a span that begins with the first; what was tapped is kept when it is over. */
export function useTaps(spanSec: CountSpanSec) {
  const [taps, setTaps] = useState<readonly number[]>([]);
  const [isOver, setIsOver] = useState(false);
  const end = useRef<ReturnType<typeof setTimeout> | undefined>(undefined);
  useEffect(() => () => clearTimeout(end.current), []);
  const again = (): void => {
    clearTimeout(end.current);
    end.current = undefined;
    setTaps([]);
    setIsOver(false);
  };
  /** A tap at an instant of the browser's own clock, ms. */
  const tap = (atMs: number): void => {
    if (isOver) return;
    end.current ??= setTimeout(() => setIsOver(true), spanSec * 1000);
    setTaps((before) => [...before, atMs]);
  };
  return { taps, isOver, tap, again, found: rateOfTaps(taps) };
}
