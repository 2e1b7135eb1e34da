import type { Database } from '../sql';
import { readAllFollowed, readFollowed, type Followed } from './following';

/** What a screen that follows is sent: how the class stands, that it is over, how many follow it; that it must ask again. */
export type Sent =
  | { readonly kind: 'told'; readonly followed: Followed }
  | { readonly kind: 'over' }
  | { readonly kind: 'away' }
  | { readonly kind: 'here'; readonly followers: number };

/** Who listens: whether they lead, and from where in the network. */
export interface Who {
  readonly isLeading: boolean;
  readonly from: string;
}

interface Listener extends Who {
  readonly hears: (sent: Sent) => void;
}

interface Room {
  readonly listeners: Set<Listener>;
  /** What they have been told last. */
  revision: number;
}

/** Each bundle has this module once more; those who listen are known to all of them. */
const shared = globalThis as typeof globalThis & { navurenRooms?: Map<string, Room> };
const rooms = (shared.navurenRooms ??= new Map<string, Room>());

/** No more than so many listen to one server, whoever they are. */
const MOST_LISTENERS = 300;
/** Nor so many from one address: one guest cannot keep the others out. */
const MOST_FROM_ONE = 40;
/** What another server on the same database was told is heard so soon, ms. */
const LOOKS_EVERY_MS = 100;

const heard = (code: string, sent: Sent): void => {
  for (const { hears } of rooms.get(code)?.listeners ?? []) hears(sent);
};

/** How many follow a class here, those who lead it not counted. */
export const followers = (code: string): number =>
  [...(rooms.get(code)?.listeners ?? [])].filter(({ isLeading }) => !isLeading).length;

function counted(code: string): void {
  const sent: Sent = { kind: 'here', followers: followers(code) };
  for (const { isLeading, hears } of rooms.get(code)?.listeners ?? []) if (isLeading) hears(sent);
}

/** Tells everybody who listens here; what they know already is not told again. */
export function publish(followed: Followed): void {
  const room = rooms.get(followed.code);
  if (!room || followed.revision <= room.revision) return;
  room.revision = followed.revision;
  heard(followed.code, followed.isEnded ? { kind: 'over' } : { kind: 'told', followed });
}

let looking: NodeJS.Timeout | undefined;

/** Several servers may tell one database: while somebody listens here, it is asked what the others were told. */
function look(database: Database): void {
  if (database.kind !== 'server' || looking) return;
  let isAsking = false;
  looking = setInterval(() => {
    if (rooms.size === 0) {
      clearInterval(looking);
      looking = undefined;
    } else if (!isAsking) {
      isAsking = true;
      // What cannot be asked now is asked the next time.
      void readAllFollowed(database, [...rooms.keys()], Date.now())
        .then(
          (all) => all.forEach(publish),
          () => undefined,
        )
        .finally(() => (isAsking = false));
    }
  }, LOOKS_EVERY_MS);
  looking.unref();
}

/** Whether one more may listen from an address. */
export function hasRoom(from: string): boolean {
  const all = [...rooms.values()].flatMap(({ listeners }) => [...listeners]);
  return all.length < MOST_LISTENERS && all.filter((one) => one.from === from).length < MOST_FROM_ONE;
}

/** Listens to a class; how it stands is heard first. Returns how to stop. */
export function listen(database: Database, code: string, who: Who, hears: (sent: Sent) => void): () => void {
  const room = rooms.get(code) ?? { listeners: new Set<Listener>(), revision: 0 };
  rooms.set(code, room);
  const listener: Listener = { ...who, hears };
  room.listeners.add(listener);
  const stop = (): void => {
    if (!room.listeners.delete(listener)) return;
    if (room.listeners.size === 0) rooms.delete(code);
    else counted(code);
  };
  // Only now it is asked: what is told meanwhile is heard, and nothing falls between. What comes later is known by its revision.
  void readFollowed(database, code, Date.now()).then(
    (followed) => hears(followed?.isEnded === false ? { kind: 'told', followed } : { kind: 'over' }),
    () => hears({ kind: 'away' }),
  );
  counted(code);
  look(database);
  return stop;
}
