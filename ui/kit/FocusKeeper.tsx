'use client';

import { usePathname } from 'next/navigation';
import { useEffect, useRef } from 'react';
import { forgetFocus, putFocusBack, rememberFocus, roomHeading } from './focusKept';

/**
 * Keeps the focus from falling to the top of the page: where what had it goes (a row that is removed, a press that is
 * not needed any more) what stands in its place takes it, and a room that is gone to begins at its heading.
 */
export function FocusKeeper() {
  const path = usePathname();
  const before = useRef(path);
  useEffect(() => {
    let last: HTMLElement | undefined;
    const came = (event: FocusEvent): void => {
      if (!(event.target instanceof HTMLElement)) return;
      last = event.target;
      rememberFocus(last);
    };
    let frame = 0;
    // Looked at after what changed has been drawn: a row that is moved is for a moment in neither place.
    const look = (): void => {
      const { activeElement } = document;
      const isLost = !activeElement || activeElement === document.body;
      if (isLost && last && (!last.isConnected || last.matches(':disabled'))) putFocusBack();
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
