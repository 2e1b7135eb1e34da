import { useEffect, useLayoutEffect, useRef } from 'react';
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
  n: 'begin-now',
  m: 'move-on',
  b: 'tap',
  e: 'teach',
};

/** While a form is taught its own keys go from part to part; these go on meaning what they do. */
const WHILE_TEACHING: ReadonlySet<LeadingPress> = new Set(['teach', 'undo']);

interface Now {
  readonly isAsking: boolean;
  readonly isTeaching: boolean;
}

/**
 * The keys of a leader and of a presenter's clicker. Space pauses wherever the last press left the focus; Enter presses
 * what has it; x opens what is pressed seldom.
 */
export function useLeadKeys(
  isOn: boolean,
  { isAsking, isTeaching }: Now,
  press: (press: LeadingPress) => void,
  onMore: () => void,
): void {
  // Listened to throughout: a listener put anew in the middle of a key press would miss it.
  const latest = useRef({ isAsking, isTeaching, press, onMore });
  useLayoutEffect(() => {
    latest.current = { isAsking, isTeaching, press, onMore };
  });
  useEffect(() => {
    if (!isOn) return undefined;
    const down = (event: KeyboardEvent): void => {
      const now = latest.current;
      if (event.ctrlKey || event.metaKey || event.altKey) return;
      const isTyping = event.target instanceof HTMLElement && event.target.closest('input, select') !== null;
      if (isTyping) return;
      const onButton = event.target instanceof HTMLElement && event.target.closest('button, a') !== null;
      const toggles = (event.key === ' ' && !now.isAsking) || (event.key === 'Enter' && !onButton);
      const meant = KEYS[event.key] ?? (toggles ? 'toggle' : undefined);
      if (now.isTeaching && meant && !WHILE_TEACHING.has(meant)) return;
      if (meant) {
        event.preventDefault();
        now.press(meant);
      } else if (event.key === 'x') now.onMore();
      else if (event.key === 'Escape') now.press('ask-end');
    };
    // A button with the focus would take the space when the key comes up.
    const up = (event: KeyboardEvent): void => {
      const { isAsking: asks, isTeaching: teaches } = latest.current;
      if (event.key === ' ' && !asks && !teaches) event.preventDefault();
    };
    window.addEventListener('keydown', down);
    window.addEventListener('keyup', up);
    return () => {
      window.removeEventListener('keydown', down);
      window.removeEventListener('keyup', up);
    };
  }, [isOn]);
}
