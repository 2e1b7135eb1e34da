import { keptDocument, type KeptAt, type Unsaved } from '@/core/desk';
import type { Practice } from '@/core/practice';
import { drop, keep, kept, keptKeys } from '@/ui/kit/keep';
import { liveWindows } from '@/ui/kit/windows';

/** The schemas come once the page stands. */
const reading = async () => import('./reading');
const KEPT = 'navuren-unsaved-';
/** A practice the server has never had is kept under its window alone. */
const NEW = `${KEPT}new-`;

/** Something unsaved that this browser keeps, of a window that is no more. */
export interface Left {
  readonly key: string;
  readonly unsaved: Unsaved<Practice>;
  readonly practice: Practice;
}

const keyOf = ({ id, windowKey }: KeptAt): string =>
  id === undefined ? `${NEW}${windowKey}` : `${KEPT}${id}.${windowKey}`;
const windowOf = (key: string): string =>
  key.startsWith(NEW) ? key.slice(NEW.length) : (key.split('.')[1] ?? '');

/** Keeps what is not on the server, or forgets it; false where this browser keeps nothing. */
export function keepUnsaved(at: KeptAt, unsaved: Unsaved<Practice> | undefined, nowMs: number): boolean {
  if (unsaved) return keep(keyOf(at), JSON.stringify({ ...unsaved, keptAtMs: nowMs }));
  drop(keyOf(at));
  return true;
}

async function readLeft(key: string): Promise<(Left & { readonly keptAtMs: number }) | undefined> {
  const text = kept(key);
  if (text === undefined) return undefined;
  try {
    const read = (await reading()).readKept(text);
    const practice = read && keptDocument(read.unsaved);
    return read && practice && { key, unsaved: read.unsaved, practice, keptAtMs: read.keptAtMs };
  } catch {
    return undefined;
  }
}

/** What windows that are closed left unsaved under these keys, the latest first. Open windows look after their own. */
async function leftUnder(keys: readonly string[]): Promise<readonly Left[]> {
  if (keys.length === 0) return [];
  const live = await liveWindows();
  const closed = keys.filter((key) => !live.has(windowOf(key)));
  const read = await Promise.all(closed.map(readLeft));
  return read
    .filter((one) => one !== undefined)
    .toSorted((a, b) => b.keptAtMs - a.keptAtMs || (a.key < b.key ? -1 : 1));
}

/** What was left unsaved of one practice. */
export const leftOf = (id: string): Promise<readonly Left[]> =>
  leftUnder(
    keptKeys(`${KEPT}${id}`).filter((key) => key === `${KEPT}${id}` || key.startsWith(`${KEPT}${id}.`)),
  );

/** New practices that never reached the server. */
export const leftNew = (): Promise<readonly Left[]> => leftUnder(keptKeys(NEW));

export const dropLeft = ({ key }: Left): void => drop(key);
