import { z } from 'zod';
import { formSchema } from '@/core/forms';
import { itemSchema, type Clip } from '@/core/practice';

const KEY = 'navuren-clip';
const clipSchema = z.object({ items: z.array(itemSchema).max(200), forms: z.record(z.string(), formSchema) });

/** Keeps lifted items where another practice, in another tab, can find them. */
export function keepClip(clip: Clip): void {
  try {
    localStorage.setItem(KEY, JSON.stringify(clip));
  } catch {
    // A full or forbidden store loses the clip, not the practice.
  }
}

/** What was lifted last, if it can still be read. */
export function keptClip(): Clip | undefined {
  try {
    const text = localStorage.getItem(KEY);
    const read = text === null ? undefined : clipSchema.safeParse(JSON.parse(text));
    return read?.success && read.data.items.every((item) => read.data.forms[item.formId])
      ? read.data
      : undefined;
  } catch {
    return undefined;
  }
}
