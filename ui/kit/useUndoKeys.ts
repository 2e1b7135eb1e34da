'use client';

import { useEffect } from 'react';

/**
 * Ctrl Z undoes, Ctrl Y and Ctrl Shift Z do again. While something is typed the keys are left to the field, unless
 * `everywhere` says that the fields belong to what is undone.
 */
export function useUndoKeys(step: (way: 'undo' | 'redo') => void, everywhere = false): void {
  useEffect(() => {
    const keys = (event: KeyboardEvent): void => {
      const typing =
        event.target instanceof HTMLElement && event.target.closest('input, textarea, select') !== null;
      if ((typing && !everywhere) || !(event.ctrlKey || event.metaKey)) return;
      const key = event.key.toLowerCase();
      if (key !== 'z' && key !== 'y') return;
      event.preventDefault();
      step(key === 'y' || event.shiftKey ? 'redo' : 'undo');
    };
    window.addEventListener('keydown', keys);
    return () => window.removeEventListener('keydown', keys);
  }, [everywhere, step]);
}
