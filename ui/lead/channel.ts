import type { Session } from '@/core/desk/leading';
import { teachingSchema, type Teaching } from '@/core/desk/teaching';
import { sessionSchema } from './keptSession';

/**
 * What windows of this browser that lead or show the same class tell each other: each press, at once. The store is what a
 * window opened later begins from; it may be full or refused, and the class is followed all the same.
 */
const NAME = 'navuren-lead';

type Said =
  | { readonly kind: 'teaching'; readonly practiceId: string; readonly teaching: unknown }
  | { readonly kind: 'led'; readonly session: unknown }
  | { readonly kind: 'who-leads'; readonly practiceId: string };

const isSaid = (data: unknown): data is Said =>
  typeof data === 'object' &&
  data !== null &&
  'kind' in data &&
  (data.kind === 'led' || data.kind === 'who-leads' || data.kind === 'teaching');

const open = (): BroadcastChannel | undefined =>
  typeof BroadcastChannel === 'undefined' ? undefined : new BroadcastChannel(NAME);

/** Tells the other windows how a class stands. */
export function tellSession(session: Session): void {
  const channel = open();
  channel?.postMessage({ kind: 'led', session } satisfies Said);
  channel?.close();
}

/**
 * Hears of a class that is led in another window, and asks for it at once. `lead` is how it stands here, for a window that
 * asks; nothing where it is only followed. Returns how to stop.
 */
export function hearSessions(
  practiceId: string,
  hears: (session: Session) => void,
  lead?: () => Session,
): () => void {
  const channel = open();
  if (!channel) return () => undefined;
  channel.onmessage = ({ data }: MessageEvent<unknown>): void => {
    if (!isSaid(data)) return;
    if (data.kind === 'teaching') return;
    if (data.kind === 'who-leads') {
      const session = lead?.();
      if (session && data.practiceId === practiceId && session.actions.length > 0)
        channel.postMessage({ kind: 'led', session } satisfies Said);
      return;
    }
    const read = sessionSchema.safeParse(data.session);
    if (read.success && read.data.practiceId === practiceId) hears(read.data);
  };
  channel.postMessage({ kind: 'who-leads', practiceId } satisfies Said);
  return () => channel.close();
}

/** Tells the other windows which part of a form is taught, and how. */
export function tellTeaching(practiceId: string, teaching: Teaching): void {
  const channel = open();
  channel?.postMessage({ kind: 'teaching', practiceId, teaching } satisfies Said);
  channel?.close();
}

/** Hears what is taught of a class in another window. Returns how to stop. */
export function hearTeaching(practiceId: string, hears: (teaching: Teaching) => void): () => void {
  const channel = open();
  if (!channel) return () => undefined;
  channel.onmessage = ({ data }: MessageEvent<unknown>): void => {
    if (!isSaid(data) || data.kind !== 'teaching' || data.practiceId !== practiceId) return;
    const read = teachingSchema.safeParse(data.teaching);
    if (read.success) hears(read.data);
  };
  return () => channel.close();
}
