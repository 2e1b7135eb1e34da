import { closeSync, mkdirSync, openSync, readFileSync, rmSync, writeSync } from 'node:fs';
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
    if (!(error instanceof Error && 'code' in error && error.code === 'EPERM')) return false;
  }
  return holder.started === '' || startTimeOf(holder.pid) === holder.started;
}

function readHolder(file: string): Holder | undefined {
  try {
    const [pid, started] = readFileSync(file, 'utf8').trim().split(' ');
    const number = Number(pid);
    return Number.isInteger(number) && number > 0 ? { pid: number, started: started ?? '' } : undefined;
  } catch {
    return undefined;
  }
}

function tryCreate(file: string): boolean {
  try {
    const handle = openSync(file, 'wx');
    writeSync(handle, `${process.pid} ${startTimeOf(process.pid)}\n`);
    closeSync(handle);
    return true;
  } catch (error) {
    if (error instanceof Error && 'code' in error && error.code === 'EEXIST') return false;
    throw error;
  }
}

/**
 * Takes the data folder for this process and returns how to give it back. Two processes on one folder would
 * lose data silently, so a living holder is refused with its process number; a dead one's lock is replaced.
 */
export function takeFolder(folder: string): () => void {
  const file = `${folder}.lock`;
  mkdirSync(path.dirname(file), { recursive: true });
  for (let attempt = 0; attempt < 3; attempt += 1) {
    if (tryCreate(file)) return () => rmSync(file, { force: true });
    const holder = readHolder(file);
    if (holder && holder.pid === process.pid) return () => rmSync(file, { force: true });
    if (holder && isAlive(holder)) throw new FolderInUse(folder, holder.pid);
    rmSync(file, { force: true });
  }
  throw new FolderInUse(folder, readHolder(file)?.pid ?? 0);
}
