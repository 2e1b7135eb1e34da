import { useEffect } from 'react';
import type { LeadingPress } from '@/core/desk/leading';

const KEYS: Readonly<Record<string, LeadingPress>> = {
  PageDown: 'forward',
  ArrowRight: 'forward',
  PageUp: 'back',
  ArrowLeft: 'back',
  ArrowUp: 'one-more',
  '+': 'one-more',
  ArrowDown: 'last-one',
  l: 'last-one',
  s: 'stay',
  w: 'pause-end',
  ',': 'slower',
  '.': 'quicker',
  u: 'undo',
  t: 'take',
  o: 'let-over',
};

/**
 * The keys of a leader and of a presenter's clicker. Space pauses wherever the last press left the focus; Enter presses
 * what has it.
 */
export function useLeadKeys(isOn: boolean, isAsking: boolean, press: (press: LeadingPress) => void): void {
  useEffect(() => {
    if (!isOn) return undefined;
    const down = (event: KeyboardEvent): void => {
      if (event.ctrlKey || event.metaKey || event.altKey) return;
      const isTyping = event.target instanceof HTMLElement && event.target.closest('input, select') !== null;
      if (isTyping) return;
      const onButton = event.target instanceof HTMLElement && event.target.closest('button, a') !== null;
      const toggles = (event.key === ' ' && !isAsking) || (event.key === 'Enter' && !onButton);
      const meant = KEYS[event.key] ?? (toggles ? 'toggle' : undefined);
      if (meant) {
        event.preventDefault();
        press(meant);
      } else if (event.key === 'Escape') press('ask-end');
    };
    // A button with the focus would take the space when the key comes up.
    const up = (event: KeyboardEvent): void => {
      if (event.key === ' ' && !isAsking) event.preventDefault();
    };
    window.addEventListener('keydown', down);
    window.addEventListener('keyup', up);
    return () => {
      window.removeEventListener('keydown', down);
      window.removeEventListener('keyup', up);
    };
  }, [isAsking, isOn, press]);
}
