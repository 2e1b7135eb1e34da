import { z } from 'zod';
import type { KeptForm } from '@/core/desk/formEditing';
import { draftSchema } from '@/core/forms/own/drafting';
import { drop, keep, kept, keptKeys } from '@/ui/kit/keep';
import { liveWindows } from '@/ui/kit/windows';

/**
 * Drafts of forms in this browser. Each window keeps its own, so that two with one form never write over one another;
 * a draft of a window that is closed (or was loaded anew) is taken up by the next that opens the form.
 */

const KEPT = 'navuren-form-draft:';
/** Half-written is how drafts are: an empty cue must not cost what else was written. */
const keptSchema = z.object({
  form: draftSchema,
  baseVersion: z.number(),
  keptAtMs: z.number().default(0),
});

const keyOf = (place: string, windowKey: string): string => `${KEPT}${place}@${windowKey}`;
const windowOf = (key: string): string => key.slice(key.lastIndexOf('@') + 1);

/** Keeps a draft for this window; false where this browser keeps nothing. */
export function keepDraft(place: string, windowKey: string, draft: KeptForm, nowMs: number): boolean {
  const { form, version: baseVersion = 0 } = draft;
  return keep(keyOf(place, windowKey), JSON.stringify({ form, baseVersion, keptAtMs: nowMs }));
}

export const dropDraft = (place: string, windowKey: string): void => drop(keyOf(place, windowKey));

function readDraft(key: string): { readonly draft: KeptForm; readonly keptAtMs: number } | undefined {
  try {
    const { data } = keptSchema.safeParse(JSON.parse(kept(key) ?? 'null'));
    if (!data) return undefined;
    const { form, baseVersion, keptAtMs } = data;
    return { draft: { form, version: baseVersion === 0 ? undefined : baseVersion }, keptAtMs };
  } catch {
    return undefined;
  }
}

/**
 * The latest draft of a form that a closed window left, now this window's own: kept under its key before the old one
 * goes. A draft that another open window is writing stays with it.
 */
export async function takeDraft(place: string, windowKey: string): Promise<KeptForm | undefined> {
  const keys = keptKeys(`${KEPT}${place}`).filter(
    (key) => key === `${KEPT}${place}` || key.startsWith(`${KEPT}${place}@`),
  );
  if (keys.length === 0) return undefined;
  const live = await liveWindows();
  const [latest] = keys
    .filter((key) => !live.has(windowOf(key)))
    .flatMap((key) => {
      const read = readDraft(key);
      return read ? [{ key, ...read }] : [];
    })
    .toSorted((a, b) => b.keptAtMs - a.keptAtMs);
  if (!latest) return undefined;
  if (keepDraft(place, windowKey, latest.draft, latest.keptAtMs)) drop(latest.key);
  return latest.draft;
}
