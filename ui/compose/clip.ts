import type { Clip } from '@/core/practice';

const KEY = 'navuren-clip';

/** Keeps lifted items where another practice, in another tab, can find them. */
export function keepClip(clip: Clip): void {
  try {
    localStorage.setItem(KEY, JSON.stringify(clip));
  } catch {
    // A full or forbidden store loses the clip, not the practice.
  }
}

/** What was lifted last, if it can still be read. */
export async function keptClip(): Promise<Clip | undefined> {
  try {
    const text = localStorage.getItem(KEY);
    return text === null ? undefined : (await import('./reading')).readClip(text);
  } catch {
    return undefined;
  }
}
