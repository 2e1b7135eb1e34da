'use client';

import { useRouter } from 'next/navigation';
import { useCallback, useEffect, useState } from 'react';
import { z } from 'zod';
import {
  formEditing,
  startFormEditing,
  type FormEditingEffect,
  type FormEditingEvent,
  type FormHeard,
} from '@/core/desk/formEditing';
import { formSchema, type Form } from '@/core/forms';
import { newId } from '@/ui/kit/newId';
import { useSay } from '@/ui/kit/Said';
import { useDesk } from '@/ui/kit/useDesk';
import { useUndoKeys } from '@/ui/kit/useUndoKeys';
import { openWindow } from '@/ui/kit/windows';
import { readAnswer } from '@/ui/kit/answer';
import { dropDraft, keepDraft, takeDraft } from './drafts';

const storedSchema = z.object({ form: formSchema, version: z.number() });
const answerSchema = z.looseObject({
  version: z.number().optional(),
  problem: z.looseObject({ message: z.string() }).optional(),
});
async function send(form: Form, version: number | undefined): Promise<FormHeard> {
  try {
    const isNew = version === undefined;
    const response = await fetch(isNew ? '/api/forms' : `/api/forms/${form.id}`, {
      method: isNew ? 'POST' : 'PUT',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(isNew ? { form } : { form, baseVersion: version }),
    });
    const answer = answerSchema.parse(await response.json());
    if (response.ok && answer.version !== undefined) return { code: 'saved', version: answer.version };
    if (response.status === 409 && !isNew) return { code: 'changed-elsewhere' };
    return { code: 'refused', message: answer.problem?.message ?? 'The server did not answer as expected.' };
  } catch {
    return { code: 'unheard' };
  }
}

/**
 * A form being written: every change can be undone, and the draft survives a reload until it is saved or thrown
 * away. `place` tells drafts apart: the id of a stored form, or what a new one is made from.
 */
export function useFormEditing(place: string, start: Form, version: number | undefined) {
  const router = useRouter();
  const say = useSay();
  const [windowKey] = useState(newId);
  useEffect(() => openWindow(windowKey), [windowKey]);
  const run = (effect: FormEditingEffect, happens: (event: FormEditingEvent) => void): void => {
    switch (effect.kind) {
      case 'keep': {
        const isKept = keepDraft(place, windowKey, effect.kept, Date.now());
        return happens({ kind: 'kept', isKept });
      }
      case 'forget':
        return dropDraft(place, windowKey);
      case 'send':
        return void send(effect.form, effect.version).then((heard) =>
          happens({ kind: 'heard', form: effect.form, isNew: effect.version === undefined, heard }),
        );
      case 'bin':
        return void readAnswer(() => fetch(`/api/forms/${effect.id}/bin`, { method: 'POST' })).then(
          (answer) =>
            happens(answer.ok ? { kind: 'binned' } : { kind: 'bin-failed', message: answer.message }),
        );
      case 'saved':
        say(`${effect.form.name} is kept.`);
        return effect.isNew ? router.push(`/forms/own/${effect.form.id}`) : router.refresh();
      case 'binned':
        say(`${effect.form.name} is in the bin; practices keep it as it was.`);
        return router.push('/forms');
      default:
        return effect satisfies never;
    }
  };
  const { state, happens } = useDesk(formEditing, () => startFormEditing(start, version), run);

  // Read after the first paint, since only the browser knows it.
  useEffect(() => {
    let isWanted = true;
    void takeDraft(place, windowKey).then((draft) => {
      if (draft && isWanted) happens({ kind: 'restored', kept: draft });
    });
    return () => {
      isWanted = false;
    };
  }, [happens, place, windowKey]);

  const change = useCallback(
    (what: string, make: (form: Form) => Form) => happens({ kind: 'changed', what, make, atMs: Date.now() }),
    [happens],
  );
  const step = useCallback((way: 'undo' | 'redo') => happens({ kind: 'stepped', way }), [happens]);
  useUndoKeys(step, true);
  const save = useCallback(() => happens({ kind: 'save-asked', freshId: newId() }), [happens]);
  const copy = useCallback(() => happens({ kind: 'copied', freshId: newId() }), [happens]);
  const takeTheirs = useCallback(async (): Promise<void> => {
    const answer = await readAnswer<unknown>(() => fetch(`/api/forms/${start.id}`));
    const read = answer.ok ? storedSchema.safeParse(answer.value).data : undefined;
    if (read) happens({ kind: 'theirs-read', ...read });
    else say(answer.ok ? 'What is kept could not be read; try again.' : answer.message);
  }, [happens, say, start.id]);
  return { state, form: state.steps.present, happens, change, step, save, copy, takeTheirs };
}

export type AtFormEditing = ReturnType<typeof useFormEditing>;
