import { useEffect } from 'react';

/** So long each control has the focus, ms. */
const EACH_MS = 1600;

/**
 * For those who have one switch: the focus goes from control to control by itself, and the switch (as Space, Enter or a
 * click) presses what has it. It waits where it is for a while after each press.
 */
export function useOneSwitch(isOn: boolean): void {
  useEffect(() => {
    if (!isOn) return undefined;
    let waits = 0;
    const next = (): void => {
      if (waits > 0) {
        waits -= 1;
        return;
      }
      const controls = [...document.querySelectorAll<HTMLElement>('main button, main a[href]')].filter(
        (one) => !one.matches(':disabled') && one.getClientRects().length > 0,
      );
      const at = controls.findIndex((one) => one === document.activeElement);
      controls[(at + 1) % controls.length]?.focus();
    };
    const pressed = (): void => {
      waits = 1;
    };
    const timer = setInterval(next, EACH_MS);
    window.addEventListener('keydown', pressed);
    window.addEventListener('click', pressed);
    return () => {
      clearInterval(timer);
      window.removeEventListener('keydown', pressed);
      window.removeEventListener('click', pressed);
    };
  }, [isOn]);
}
