'use client';

import { usePathname } from 'next/navigation';
import { useEffect, useRef } from 'react';
import { forgetFocus, putFocusBack, rememberFocus, roomHeading } from './focusKept';

/** A press that cannot be pressed for so long is taken to be busy, and waited for, ms. */
const BUSY_MS = 2500;

/**
 * Keeps the focus from falling to the top of the page: where what had it goes (a row that is removed, a press that is
 * not needed any more) what stands in its place takes it, and a room that is gone to begins at its heading.
 */
export function FocusKeeper() {
  const path = usePathname();
  const before = useRef(path);
  useEffect(() => {
    let last: HTMLElement | undefined;
    let frame = 0;
    let waiting: ReturnType<typeof setTimeout> | undefined;
    const rest = (): void => {
      clearTimeout(waiting);
      waiting = undefined;
    };
    const came = (event: FocusEvent): void => {
      if (!(event.target instanceof HTMLElement)) return;
      rest();
      last = event.target;
      rememberFocus(last);
    };
    const isLost = (): boolean => !document.activeElement || document.activeElement === document.body;
    // Looked at after what changed has been drawn: a row that is moved is for a moment in neither place.
    const look = (): void => {
      if (!isLost() || !last) return;
      if (!last.isConnected) return putFocusBack();
      if (!last.matches(':disabled')) {
        // What was only busy has its focus again.
        if (waiting !== undefined) last.focus();
        return rest();
      }
      waiting ??= setTimeout(() => {
        waiting = undefined;
        if (isLost()) putFocusBack();
      }, BUSY_MS);
    };
    const observer = new MutationObserver(() => {
      cancelAnimationFrame(frame);
      frame = requestAnimationFrame(() => requestAnimationFrame(look));
    });
    document.addEventListener('focusin', came);
    observer.observe(document.body, { childList: true, subtree: true, attributeFilter: ['disabled'] });
    return () => {
      document.removeEventListener('focusin', came);
      observer.disconnect();
      cancelAnimationFrame(frame);
      rest();
    };
  }, []);
  useEffect(() => {
    if (before.current === path) return;
    before.current = path;
    const had = document.activeElement;
    forgetFocus();
    // A press in the head of the page stays there; one that went away with its room leaves the focus to the heading.
    if (had === document.body || had === null) roomHeading()?.focus({ preventScroll: true });
  }, [path]);
  return null;
}
