import type { IncomingMessage } from 'node:http';
import { loggable } from '../answers';
import { database } from '../database';
import { OWNER } from '../sql';
import { deviceOf, readDoor, type Device } from './accounts';
import { cameFrom, localAddresses, openHosts } from './network';
import { goesOn, whoMay } from './routes';

/** What becomes of a request: it goes on, is sent to the page to come in by, or is refused with a status and a sentence. */
export type Verdict =
  | { readonly kind: 'comes'; readonly teacherId: string | undefined }
  | { readonly kind: 'to-enter'; readonly location: string }
  | { readonly kind: 'refused'; readonly status: number; readonly message: string };

interface Known {
  readonly isOpen: boolean;
  /** Others teach here besides the owner. */
  readonly isSchool: boolean;
  readonly addresses: string;
  readonly atMs: number;
}

/** What the start script (scripts/server.mjs) and this server say to each other; both are in one process. */
interface Shared {
  /** Judges a request before the framework sees it; the start script waits for it before it lets anything but health through. */
  navurenDoor?: (request: IncomingMessage) => Promise<Verdict>;
  /** What is known of the door: here, for each bundle has this module once more. */
  navurenKnown?: Known;
  /** Listens in the local network, or stops to. */
  navurenListen?: (isOpen: boolean, addresses: readonly string[]) => Promise<void>;
}
const shared = globalThis as typeof globalThis & Shared;

/** What another server on the same database has changed is known after so long, ms. */
const STALE_MS = 5_000;
/** Also while nobody asks for anything, ms. */
const LOOKS_EVERY_MS = 10_000;

/** Who is asked for every request of a page knows it for a moment; what is changed here is known at once. */
async function knownNow(): Promise<Known> {
  const nowMs = Date.now();
  const known = shared.navurenKnown;
  if (known && Math.abs(nowMs - known.atMs) < STALE_MS) return known;
  return lookedUp();
}

/** Whether it answers the local network. */
export const isOpenNow = async (): Promise<boolean> => (await knownNow()).isOpen;

/** Whether who comes is asked who they are: while it is open, and where several teach, at this machine as well. */
export const isAskedNow = async (): Promise<boolean> => {
  const { isOpen, isSchool } = await knownNow();
  return isOpen || isSchool;
};

async function lookedUp(): Promise<Known> {
  const { isOpen, isSchool } = await readDoor(await database());
  // A machine that is carried into another network is reached there under another address.
  const addresses = isOpen ? localAddresses() : [];
  const former = shared.navurenKnown;
  const known = { isOpen, isSchool, addresses: addresses.join(' '), atMs: Date.now() };
  shared.navurenKnown = known;
  if (former?.isOpen !== isOpen || former.addresses !== known.addresses) {
    // The guard of hosts and origins (proxy.ts) reads it there: it is made into a bundle of its own.
    process.env.NAVUREN_HOSTS = isOpen ? JSON.stringify([...openHosts()]) : '';
    await shared.navurenListen?.(isOpen, addresses);
  }
  return known;
}

/** The door was opened or shut here, or who teaches was changed. */
export const doorChanged = async (): Promise<void> => void (await lookedUp());

/** Its own for each port, for a browser keeps cookies by machine. */
export const cookieName = (): string => `navuren-${process.env.NAVUREN_PORT ?? '3210'}`;

/** What the cookie of a device holds; nothing where there is none that could be one. */
export function tokenIn(cookies: string | null | undefined): string | undefined {
  const name = cookieName();
  const found = (cookies ?? '').split(/; */).find((one) => one.startsWith(`${name}=`));
  const token = found?.slice(name.length + 1);
  return token && /^[\w-]{43}$/.test(token) ? token : undefined;
}

/** The device a request comes from, if it has come in. */
export async function deviceIn(cookies: string | null | undefined): Promise<Device | undefined> {
  const token = tokenIn(cookies);
  return token === undefined ? undefined : deviceOf(await database(), token, Date.now());
}

async function judge(request: IncomingMessage): Promise<Verdict> {
  const [path = '/', query = ''] = (request.url ?? '/').split('?');
  const method = request.method ?? 'GET';
  const who = whoMay(method, path);
  // What is for anyone is nobody’s own, and comes while the database does not answer too.
  if (who === 'anyone') return { kind: 'comes', teacherId: undefined };
  if (!(await isAskedNow())) return { kind: 'comes', teacherId: OWNER };
  const device = await deviceIn(request.headers.cookie);
  if (device && who === 'owner' && device.role !== 'owner')
    return { kind: 'refused', status: 403, message: 'That is for the owner of this Navuren.' };
  if (device) return { kind: 'comes', teacherId: device.accountId };
  // A guest has the code of a class: whether there is one is looked at where it is asked for (app/api/follow/).
  if (who === 'guest') return { kind: 'comes', teacherId: undefined };
  const isPage = method === 'GET' && (request.headers.accept ?? '').includes('text/html');
  const then = goesOn(query === '' ? path : `${path}?${query}`);
  return isPage
    ? { kind: 'to-enter', location: `/enter?then=${encodeURIComponent(then)}` }
    : { kind: 'refused', status: 401, message: 'Come in first: this is for who has the passphrase.' };
}

/** Where a request came from, and which teacher asks, is passed on in headers that nobody else can set. */
export const FROM_HEADER = 'x-navuren-from';
export const TEACHER_HEADER = 'x-navuren-teacher';

/** From now on every request is judged. */
export async function keepDoor(): Promise<void> {
  await isOpenNow();
  setInterval(() => void isOpenNow().catch(() => undefined), LOOKS_EVERY_MS).unref();
  shared.navurenDoor = async (request) => {
    const { headers, socket } = request;
    const forwarded = headers['x-forwarded-for'];
    headers[FROM_HEADER] = cameFrom(
      socket.remoteAddress ?? '',
      Array.isArray(forwarded) ? forwarded.at(-1) : forwarded,
    );
    headers[TEACHER_HEADER] = '';
    try {
      const verdict = await judge(request);
      if (verdict.kind === 'comes') headers[TEACHER_HEADER] = verdict.teacherId ?? '';
      return verdict;
    } catch (error) {
      console.error(loggable(error));
      // Who cannot be looked up does not come in.
      return {
        kind: 'refused',
        status: 503,
        message: 'The database does not answer just now; try again in a moment.',
      };
    }
  };
}
