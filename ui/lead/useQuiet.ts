import { useEffect, useState } from 'react';

/** So long after the last touch or key what is pressed fades, ms. */
const FADES_AFTER_MS = { class: 6000, alone: 2500 } as const;

/**
 * Whether nothing was touched for a while: then the controls fade, and return at the next touch or key; sooner for one who
 * leads only themselves.
 */
export function useQuiet(isOn: boolean, isAlone: boolean): boolean {
  const afterMs = isAlone ? FADES_AFTER_MS.alone : FADES_AFTER_MS.class;
  const [isQuiet, setIsQuiet] = useState(false);
  useEffect(() => {
    if (!isOn) return undefined;
    let timer = setTimeout(() => setIsQuiet(true), afterMs);
    const stir = (): void => {
      setIsQuiet(false);
      clearTimeout(timer);
      timer = setTimeout(() => setIsQuiet(true), afterMs);
    };
    const stirs = ['pointermove', 'pointerdown', 'keydown', 'focusin'] as const;
    for (const kind of stirs) window.addEventListener(kind, stir, { passive: true });
    return () => {
      clearTimeout(timer);
      for (const kind of stirs) window.removeEventListener(kind, stir);
      setIsQuiet(false);
    };
  }, [afterMs, isOn]);
  return isOn && isQuiet;
}
