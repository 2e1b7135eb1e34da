import { linkSync, mkdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import path from 'node:path';

/** Raised when another process has the data folder open. */
export class FolderInUse extends Error {
  constructor(
    readonly folder: string,
    readonly pid: number,
  ) {
    super(
      `The data folder ${folder} is in use by another Navuren (process ${pid}). ` +
        'Stop that one first, or choose another folder with NAVUREN_DATA.',
    );
    this.name = 'FolderInUse';
  }
}

/** The system's own code of an error, for example EEXIST. */
const codeOf = (error: unknown): unknown =>
  typeof error === 'object' && error !== null && 'code' in error ? error.code : undefined;

interface Holder {
  readonly pid: number;
  /** Kernel start time of the process, so that a reused pid is not mistaken for the holder. */
  readonly started: string;
}

/** Start time of a process in clock ticks since boot, or '' where the system does not tell. */
function startTimeOf(pid: number): string {
  try {
    const stat = readFileSync(`/proc/${pid}/stat`, 'utf8');
    // Fields after the command name, which is in brackets and may hold spaces; start time is field 22.
    return stat.slice(stat.lastIndexOf(')') + 2).split(' ')[19] ?? '';
  } catch {
    return '';
  }
}

function isAlive(holder: Holder): boolean {
  try {
    process.kill(holder.pid, 0);
  } catch (error) {
    // EPERM: it exists but belongs to someone else.
    if (codeOf(error) !== 'EPERM') return false;
  }
  return holder.started === '' || startTimeOf(holder.pid) === holder.started;
}

function holderIn(text: string): Holder | undefined {
  const [pid, started] = text.trim().split(' ');
  const number = Number(pid);
  return Number.isInteger(number) && number > 0 ? { pid: number, started: started ?? '' } : undefined;
}

function readHolder(file: string): Holder | undefined {
  try {
    return holderIn(readFileSync(file, 'utf8'));
  } catch {
    return undefined;
  }
}

/** Takes the lock in one step, content and all, so that no other process ever sees it half written. */
function tryCreate(file: string): boolean {
  const draft = `${file}.${process.pid}`;
  writeFileSync(draft, `${process.pid} ${startTimeOf(process.pid)}\n`);
  try {
    linkSync(draft, file);
    return true;
  } catch (error) {
    if (codeOf(error) === 'EEXIST') return false;
    throw error;
  } finally {
    rmSync(draft, { force: true });
  }
}

/** A lock as it lies there: its text and which file it is, so that one put in its place is told from it. */
const identityOf = (file: string): { readonly id: string; readonly text: string } | undefined => {
  try {
    const { ino, mtimeMs } = statSync(file);
    const text = readFileSync(file, 'utf8').trim();
    return { id: `${ino}-${mtimeMs}-${text}`, text };
  } catch {
    return undefined;
  }
};

/**
 * Removes a lock whose holder is gone. Of several processes that see the same dead lock only one may: the one that gets
 * the right to its removal, a lock of its own, and that then still finds the very same dead lock there. Without it a
 * slow starter would remove the lock a quick one has just taken.
 */
function removeDead(file: string, depth: number): void {
  const dead = identityOf(file);
  // Judged on the very lock that will be removed: what lay there a moment ago may be another’s living one by now.
  const holder = dead === undefined ? undefined : holderIn(dead.text);
  if (dead === undefined || (holder && isAlive(holder))) return;
  const right = `${file}.removing`;
  // A process that died while it had the right leaves a dead lock of the same kind.
  if (!tryCreate(right)) {
    const remover = readHolder(right);
    if (depth < 2 && !(remover && isAlive(remover))) removeDead(right, depth + 1);
    return;
  }
  try {
    if (identityOf(file)?.id === dead.id) rmSync(file, { force: true });
  } finally {
    rmSync(right, { force: true });
  }
}

const ATTEMPTS = 40;
const wait = (ms: number): unknown => Atomics.wait(new Int32Array(new SharedArrayBuffer(4)), 0, 0, ms);

/**
 * Takes the data folder for this process and returns how to give it back. Two processes on one folder would
 * lose data silently, so a living holder is refused with its process number; a dead one's lock is replaced.
 */
export function takeFolder(folder: string): () => void {
  const file = `${folder}.lock`;
  mkdirSync(path.dirname(file), { recursive: true });
  for (let attempt = 0; attempt < ATTEMPTS; attempt += 1) {
    if (tryCreate(file)) {
      const release = (): void => rmSync(file, { force: true });
      // However the process ends short of being killed, the folder is free again.
      process.once('exit', release);
      return () => {
        process.off('exit', release);
        release();
      };
    }
    const holder = readHolder(file);
    if (holder && holder.pid === process.pid) return () => rmSync(file, { force: true });
    if (holder && isAlive(holder)) throw new FolderInUse(folder, holder.pid);
    removeDead(file, 0);
    // Another may be about to take it: look again in a moment.
    if (attempt > 0) wait(5);
  }
  throw new FolderInUse(folder, readHolder(file)?.pid ?? 0);
}
