'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import { z } from 'zod';
import type { Form } from '@/core/forms';
import { draftSchema } from '@/core/forms/drafting';

interface History {
  readonly past: readonly Form[];
  readonly form: Form;
  readonly future: readonly Form[];
}

/** Half-written is how drafts are: an empty cue must not cost what else was written. */
const keptSchema = z.object({ form: draftSchema, baseVersion: z.number() });
const keyOf = (place: string): string => `navuren-form-draft:${place}`;
/** Two changes of the same field within this time are one step to undo. */
const SAME_STEP_MS = 900;

/** What this browser kept of a draft that was never saved. */
function keptDraft(place: string): z.infer<typeof keptSchema> | undefined {
  try {
    const parsed = keptSchema.safeParse(JSON.parse(localStorage.getItem(keyOf(place)) ?? 'null'));
    return parsed.success ? parsed.data : undefined;
  } catch {
    return undefined;
  }
}

/**
 * A form being written: every change can be undone, and the draft survives a reload until it is saved or thrown
 * away. `place` tells drafts apart: the id of a stored form, or what a new one is made from.
 */
export function useDraft(place: string, start: Form, baseVersion: number) {
  const [history, setHistory] = useState<History>({ past: [], form: start, future: [] });
  const [restored, setRestored] = useState(false);
  const last = useRef<{ readonly what: string; readonly at: number }>({ what: '', at: 0 });
  const looked = useRef(false);
  useEffect(() => {
    if (looked.current) return;
    looked.current = true;
    const kept = keptDraft(place);
    if (!kept || JSON.stringify(kept.form) === JSON.stringify(start)) return;
    // Read after the first paint, since only the browser knows it.
    queueMicrotask(() => {
      setHistory({ past: [start], form: kept.form, future: [] });
      setRestored(true);
    });
  }, [place, start]);

  const keep = useCallback(
    (form: Form): void => {
      try {
        localStorage.setItem(keyOf(place), JSON.stringify({ form, baseVersion }));
      } catch {
        // A full or forbidden store loses only the safety net; the form itself is still here.
      }
    },
    [baseVersion, place],
  );

  const change = useCallback(
    (what: string, make: (form: Form) => Form): void => {
      const now = Date.now();
      const sameStep = last.current.what === what && now - last.current.at < SAME_STEP_MS;
      last.current = { what, at: now };
      setHistory(({ past, form }) => {
        const next = make(form);
        if (next === form) return { past, form, future: [] };
        keep(next);
        return { past: sameStep && past.length > 0 ? past : [...past, form], form: next, future: [] };
      });
    },
    [keep],
  );

  const step = useCallback(
    (way: 'undo' | 'redo'): void => {
      last.current = { what: '', at: 0 };
      setHistory((now) => {
        const { past, form, future } = now;
        const next = way === 'undo' ? past.at(-1) : future[0];
        if (!next) return now;
        keep(next);
        return way === 'undo'
          ? { past: past.slice(0, -1), form: next, future: [form, ...future] }
          : { past: [...past, form], form: next, future: future.slice(1) };
      });
    },
    [keep],
  );

  const forget = useCallback((): void => {
    try {
      localStorage.removeItem(keyOf(place));
    } catch {
      // Nothing kept, nothing to forget.
    }
  }, [place]);

  return {
    form: history.form,
    canUndo: history.past.length > 0,
    canRedo: history.future.length > 0,
    restored,
    change,
    step,
    forget,
  };
}
