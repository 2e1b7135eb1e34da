import { useEffect, useState } from 'react';

/** So long after the last touch or key what is pressed fades, ms. */
const FADES_AFTER_MS = 6000;

/** Whether nothing was touched for a while: then the controls fade, and return at the next touch or key. */
export function useQuiet(isOn: boolean): boolean {
  const [isQuiet, setIsQuiet] = useState(false);
  useEffect(() => {
    if (!isOn) return undefined;
    let timer = setTimeout(() => setIsQuiet(true), FADES_AFTER_MS);
    const stir = (): void => {
      setIsQuiet(false);
      clearTimeout(timer);
      timer = setTimeout(() => setIsQuiet(true), FADES_AFTER_MS);
    };
    const stirs = ['pointermove', 'pointerdown', 'keydown', 'focusin'] as const;
    for (const kind of stirs) window.addEventListener(kind, stir, { passive: true });
    return () => {
      clearTimeout(timer);
      for (const kind of stirs) window.removeEventListener(kind, stir);
      setIsQuiet(false);
    };
  }, [isOn]);
  return isOn && isQuiet;
}
