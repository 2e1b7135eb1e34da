import {
  existsSync,
  lstatSync,
  mkdirSync,
  readdirSync,
  realpathSync,
  rmSync,
  statSync,
  writeFileSync,
} from 'node:fs';
import path from 'node:path';
import { DatabaseNewer } from './migrations';

/** Where the daily copies lie, within the data folder: who keeps the folder keeps them. */
export const COPIES = 'copies';

/** Why a data folder cannot be opened, in one sentence a user can act on. */
export class FolderProblem extends Error {
  constructor(message: string) {
    super(message);
    this.name = 'FolderProblem';
  }
}

/** What every whole database has, whatever is in it. */
const WHOLE = ['PG_VERSION', 'base', 'global/pg_control', 'pg_wal', 'pg_xact', 'postgresql.conf'] as const;

export type FolderState =
  | { readonly kind: 'new' }
  | { readonly kind: 'whole' }
  /** Something is there that is no whole database: what is missing, and what was found instead. */
  | { readonly kind: 'damaged'; readonly missing: readonly string[]; readonly found: readonly string[] };

/** Beside a folder while its database is being made for the first time. */
const makingMark = (folder: string): string => `${folder}.making`;

/** Looks a data folder over before anything opens it. Only an empty one is new. */
export function folderState(folder: string): FolderState {
  if (!existsSync(folder)) return { kind: 'new' };
  // Copies of what was kept are no part of the database: they may be all that is left of one.
  const found = readdirSync(folder).filter((name) => name !== COPIES);
  if (found.length === 0) return { kind: 'new' };
  const missing = WHOLE.filter((name) => {
    const at = path.join(folder, name);
    if (!existsSync(at)) return true;
    const stat = statSync(at);
    return stat.isFile() ? stat.size === 0 : readdirSync(at).length === 0;
  });
  return missing.length === 0 ? { kind: 'whole' } : { kind: 'damaged', missing, found };
}

/** The folder itself where a link was named, so that two names of one folder are one folder. */
export function realFolder(folder: string): string {
  if (existsSync(folder)) return realpathSync(folder);
  if (lstatSync(folder, { throwIfNoEntry: false })?.isSymbolicLink())
    throw new FolderProblem(
      `The data folder ${folder} is a link to it that leads nowhere; mend the link, or name another folder with NAVUREN_DATA.`,
    );
  mkdirSync(path.dirname(folder), { recursive: true });
  return path.join(realpathSync(path.dirname(folder)), path.basename(folder));
}

/**
 * Makes a folder ready to be opened: throws FolderProblem for anything but an empty folder or a whole database. A first
 * start that was cut off left its mark beside the folder; what it began holds nothing and is cleared away.
 */
export function prepareFolder(folder: string): FolderState['kind'] {
  if (existsSync(folder) && !statSync(folder).isDirectory())
    throw new FolderProblem(`${folder} is a file, not a folder; name another with NAVUREN_DATA.`);
  if (existsSync(makingMark(folder))) {
    rmSync(folder, { recursive: true, force: true });
    rmSync(makingMark(folder), { force: true });
  }
  const state = folderState(folder);
  if (state.kind === 'damaged') throw new FolderProblem(damageText(folder, state));
  if (state.kind === 'new') writeFileSync(makingMark(folder), 'The database in this folder is being made.\n');
  return state.kind;
}

/** The database is made: from here on the folder is somebody’s and is never cleared. */
export const folderIsMade = (folder: string): void => rmSync(makingMark(folder), { force: true });

function damageText(folder: string, state: Extract<FolderState, { kind: 'damaged' }>): string {
  const isDatabase = WHOLE.some((name) => !state.missing.includes(name));
  const found = `${state.found.slice(0, 4).join(', ')}${state.found.length > 4 ? ' …' : ''}`;
  return isDatabase
    ? `The data folder ${folder} is damaged: ${state.missing.join(', ')} ${state.missing.length === 1 ? 'is' : 'are'} missing. ` +
        'Nothing was changed. Put back your last copy of the whole folder (a copy of it, or practices saved as files), ' +
        'or name another folder with NAVUREN_DATA.'
    : `The folder ${folder} holds something else (${found}) and no Navuren data. ` +
        'Nothing was changed. Name an empty folder, or one that does not exist yet, with NAVUREN_DATA.';
}

const REASONS: Readonly<Record<string, string>> = {
  ENOSPC: 'the disk is full; make room and start again',
  EDQUOT: 'your quota on this disk is used up; make room and start again',
  EROFS: 'the disk can only be read; name a folder that can be written with NAVUREN_DATA',
  EACCES: 'you may not write there; give yourself the right to, or name another folder with NAVUREN_DATA',
  EPERM: 'you may not write there; give yourself the right to, or name another folder with NAVUREN_DATA',
  ENOENT:
    'the place it lies in is not there, or a link to it leads nowhere; name another folder with NAVUREN_DATA',
  EEXIST: 'a file stands where a folder should; name another folder with NAVUREN_DATA',
  ENOTDIR: 'a file stands where a folder should; name another folder with NAVUREN_DATA',
  ELOOP: 'a link to it leads round in a circle; name another folder with NAVUREN_DATA',
  EMFILE: 'too many files are open on this machine; close something and start again',
};

/** One sentence for whatever kept a folder from being opened. */
export function openingProblem(folder: string, error: unknown): string {
  if (error instanceof Error && error.name.startsWith('Folder')) return error.message;
  if (error instanceof DatabaseNewer) return `The data folder ${folder} cannot be opened: ${error.message}.`;
  const code =
    typeof error === 'object' && error !== null && 'code' in error && typeof error.code === 'string'
      ? error.code
      : undefined;
  const reason = code === undefined ? undefined : REASONS[code];
  return reason
    ? `The data folder ${folder} cannot be opened: ${reason}.`
    : `The data folder ${folder} cannot be opened: the database in it does not start${code ? ` (${code})` : ''}. ` +
        'It may be damaged, or made by a newer Navuren. Nothing was changed; put back your last copy of the folder, or ' +
        'name another with NAVUREN_DATA.';
}
