import type { Clip } from '@/core/practice';
import { keep, kept } from '@/ui/kit/keep';

const KEY = 'navuren-clip';

/** Keeps lifted items where another practice, in another tab, can find them; a full store loses the clip, not the practice. */
export const keepClip = (clip: Clip): void => void keep(KEY, JSON.stringify(clip));

/** What was lifted last, if it can still be read. */
export async function keptClip(): Promise<Clip | undefined> {
  const text = kept(KEY);
  try {
    return text === undefined ? undefined : (await import('./reading')).readClip(text);
  } catch {
    return undefined;
  }
}
