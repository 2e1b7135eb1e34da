'use client';

import { formSchema, type Form } from '@/core/forms/model/model';
import { z } from 'zod';
import { quietly } from '@/ui/kit/quietly';

/** A form is read as a whole only when it is its turn: sixty at once would keep a key waiting. */
const answerSchema = z.object({ forms: z.array(z.looseObject({ id: z.string() })) });
const kept = new Map<string, Promise<Form | undefined>>();
let waiting: { readonly id: string; readonly give: (form: Form | undefined) => void }[] = [];

/** Long enough for a screenful of rows to come into sight together. */
const GATHER_MS = 25;
/** As many as the server gives in one answer. */
const MOST = 60;

async function fetchForms(batch: typeof waiting): Promise<void> {
  try {
    const response = await fetch(`/api/forms?ids=${batch.map(({ id }) => id).join(',')}`);
    const { forms } = answerSchema.parse(await response.json());
    const byId = new Map(forms.map((form) => [form.id, form]));
    for (const { id, give } of batch)
      quietly(() => {
        const { success, data } = formSchema.safeParse(byId.get(id));
        if (!success) kept.delete(id);
        give(success ? data : undefined);
      });
  } catch {
    // A figure that cannot be fetched now is asked for again when it is next looked at.
    for (const { id, give } of batch) {
      kept.delete(id);
      give(undefined);
    }
  }
}

function fetchWaiting(): void {
  const batch = waiting;
  waiting = [];
  for (let start = 0; start < batch.length; start += MOST) void fetchForms(batch.slice(start, start + MOST));
}

/** A whole form with its postures, asked for together with others that are wanted at the same moment. */
export function loadForm(id: string): Promise<Form | undefined> {
  const present = kept.get(id);
  if (present) return present;
  const asked = new Promise<Form | undefined>((give) => {
    if (waiting.length === 0) setTimeout(fetchWaiting, GATHER_MS);
    waiting.push({ id, give });
  });
  kept.set(id, asked);
  return asked;
}
