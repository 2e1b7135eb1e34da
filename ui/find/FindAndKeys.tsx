'use client';

import dynamic from 'next/dynamic';
import { useEffect, useState } from 'react';

// Opened by a press or a key, so they come when they are wanted.
const Finder = dynamic(async () => (await import('./Finder')).Finder, { ssr: false });
const KeysSheet = dynamic(async () => (await import('./KeysSheet')).KeysSheet, { ssr: false });

type Open = 'find' | 'keys' | undefined;

/** Whether a key is being typed into something. */
const isTyped = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  target.closest('input, textarea, select, [contenteditable="true"]') !== null;

/** Find anything (`/`) and the keys of this room (`?`), from the head of every page. */
export function FindAndKeys() {
  const [open, setOpen] = useState<Open>(undefined);
  useEffect(() => {
    const down = (event: KeyboardEvent): void => {
      if (event.altKey || event.ctrlKey || event.metaKey || isTyped(event.target)) return;
      // What lies over the page has the keys to itself.
      if (document.querySelector('[role="dialog"], [role="alertdialog"]')) return;
      if (event.key === '/') setOpen('find');
      else if (event.key === '?') setOpen('keys');
      else return;
      event.preventDefault();
    };
    window.addEventListener('keydown', down);
    return () => window.removeEventListener('keydown', down);
  }, []);
  const close = (): void => setOpen(undefined);
  return (
    <>
      <button
        type="button"
        className="press-plain small"
        aria-keyshortcuts="/"
        onClick={() => setOpen('find')}
      >
        Find
      </button>
      <button
        type="button"
        className="press-plain small max-sm:hidden"
        aria-keyshortcuts="?"
        onClick={() => setOpen('keys')}
      >
        Keys
      </button>
      {open === 'find' && <Finder onClose={close} />}
      {open === 'keys' && <KeysSheet onClose={close} />}
    </>
  );
}
