import { linkSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
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

function readHolder(file: string): Holder | undefined {
  try {
    const [pid, started] = readFileSync(file, 'utf8').trim().split(' ');
    const number = Number(pid);
    return Number.isInteger(number) && number > 0 ? { pid: number, started: started ?? '' } : undefined;
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

/**
 * Takes the data folder for this process and returns how to give it back. Two processes on one folder would
 * lose data silently, so a living holder is refused with its process number; a dead one's lock is replaced.
 */
export function takeFolder(folder: string): () => void {
  const file = `${folder}.lock`;
  mkdirSync(path.dirname(file), { recursive: true });
  for (let attempt = 0; attempt < 3; attempt += 1) {
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
    rmSync(file, { force: true });
  }
  throw new FolderInUse(folder, readHolder(file)?.pid ?? 0);
}
