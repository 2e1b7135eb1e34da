import { createHash } from 'node:crypto';
import { createReadStream, statSync } from 'node:fs';
import { Unzip, UnzipInflate } from 'fflate';
import type { z } from 'zod';
import { inWords, unkeptPath } from '@/core/text';
import { NO_STEP, type Step } from '../steps';
import { ARCHIVE_VERSION, MANIFEST, manifestSchema } from './write';
import { rowFile, rowSchema, TABLES, type SavedRow, type SavedTable } from './tables';

/** Why a file is refused: where in it, and what is wrong, as a sentence. */
export class ArchiveRefused extends Error {
  override readonly name = 'ArchiveRefused';
  constructor(
    readonly where: string,
    readonly what: string,
  ) {
    super(where === '' ? what : `${where}: ${what}`);
  }
}

export const LARGEST_ARCHIVE_BYTES = 300_000_000;
/** Nothing within is larger than this, nor all of it together: a small file can be packed to hold any amount. */
const LARGEST_ENTRY_BYTES = 8_000_000;
const LARGEST_WHOLE_BYTES = 1_500_000_000;
const MOST_ENTRIES = 400_000;

export interface Entry {
  readonly name: string;
  readonly bytes: Uint8Array;
}

/** The entries of a ZIP file in their order, each whole, one after the other; `step` is told how much of the file is read. */
export async function* entriesOf(file: string, step: Step = NO_STEP): AsyncGenerator<Entry> {
  const done: Entry[] = [];
  let problem: ArchiveRefused | undefined;
  let [open, whole, count] = [0, 0, 0];
  const unzip = new Unzip((entry) => {
    count += 1;
    open += 1;
    if (count > MOST_ENTRIES) throw new ArchiveRefused('', 'it holds more files than anything of ours');
    const parts: Uint8Array[] = [];
    let bytes = 0;
    entry.ondata = (error, part, final) => {
      if (error) {
        problem ??= new ArchiveRefused(entry.name, 'it is damaged and cannot be unpacked');
        return;
      }
      bytes += part.length;
      whole += part.length;
      // What is thrown in here would be told again as damage: it is kept, and nothing more is held.
      if (bytes > LARGEST_ENTRY_BYTES)
        problem ??= new ArchiveRefused(entry.name, 'it is larger than anything of ours');
      if (whole > LARGEST_WHOLE_BYTES)
        problem ??= new ArchiveRefused(entry.name, 'unpacked the file is larger than 1.5 GB');
      if (problem !== undefined) return;
      parts.push(part);
      if (!final) return;
      open -= 1;
      done.push({ name: entry.name, bytes: Buffer.concat(parts) });
    };
    entry.start();
  });
  unzip.register(UnzipInflate);
  const push = (chunk: Uint8Array, final: boolean): void => {
    try {
      unzip.push(chunk, final);
    } catch {
      problem ??= new ArchiveRefused(
        '',
        final && count > 0
          ? 'it ends in the middle: part of it is missing'
          : 'it is no ZIP file, or it is damaged',
      );
    }
    if (problem !== undefined) throw problem;
  };
  const size = statSync(file).size;
  let read = 0;
  for await (const chunk of createReadStream(file, { highWaterMark: 64 * 1024 })) {
    step(read / size);
    read += (chunk as Buffer).length;
    push(new Uint8Array(chunk as Buffer), false);
    yield* done.splice(0);
  }
  push(new Uint8Array(0), true);
  yield* done.splice(0);
  if (open > 0) throw new ArchiveRefused('', 'it ends in the middle: part of it is missing');
}

const byFolder = new Map(TABLES.map((table, index) => [table.folder, { table, index }]));

export function jsonOf(name: string, bytes: Uint8Array): unknown {
  try {
    return JSON.parse(new TextDecoder('utf-8', { fatal: true }).decode(bytes));
  } catch {
    throw new ArchiveRefused(name, 'it is not JSON');
  }
}

/** One thing of a file, checked. */
export interface ReadRow {
  readonly table: SavedTable;
  readonly row: SavedRow;
}

/** How what cannot be kept is written in JSON: a zero byte, or half of a pair. UTF-8 itself holds neither. */
const ESCAPED = /\\u(?:0000|d[89a-f])/i;

function rowOf(table: SavedTable, name: string, bytes: Uint8Array): SavedRow {
  const data = jsonOf(name, bytes);
  // Most files have no such sign at all, and going through all of them takes a fifth of the time.
  const unkept = ESCAPED.test(Buffer.from(bytes.buffer, bytes.byteOffset, bytes.length).toString('latin1'))
    ? unkeptPath(data)
    : undefined;
  if (unkept)
    throw new ArchiveRefused(name, `${unkept.map(String).join('.')} holds half a character or a zero byte`);
  const parsed = rowSchema(table).safeParse(data, { error: inWords });
  if (!parsed.success) throw new ArchiveRefused(name, issueText(parsed.error.issues[0]));
  if (rowFile(table, parsed.data) !== name)
    throw new ArchiveRefused(name, 'it stands under another name than its own');
  const problem = table.problem?.(parsed.data);
  if (problem !== undefined) throw new ArchiveRefused(name, problem);
  return parsed.data;
}

const issueText = (issue: z.core.$ZodIssue | undefined): string =>
  issue ? `${issue.path.map(String).join('.')}: ${issue.message}` : 'not as expected';

/**
 * The rows of a file of everything, in an order in which each comes after what it needs; `seen` is told every file. Throws
 * ArchiveRefused with the place of whatever is wrong. Which files there should have been is for `checkArchive`.
 */
async function* rowsIn(
  file: string,
  seen: (entry: Entry) => void,
  step: Step | undefined,
): AsyncGenerator<ReadRow> {
  let before = 0;
  for await (const entry of entriesOf(file, step)) {
    seen(entry);
    const [folder = '', ...rest] = entry.name.split('/');
    if (entry.name === MANIFEST || entry.name === 'README.txt' || folder === 'schemas') continue;
    const known = byFolder.get(folder);
    if (!known || rest.length !== 1)
      throw new ArchiveRefused(entry.name, 'there is no such file in anything of ours');
    if (known.index < before) throw new ArchiveRefused(entry.name, 'it comes after something that needs it');
    before = known.index;
    yield { table: known.table, row: rowOf(known.table, entry.name, entry.bytes) };
  }
}

/** Reads a file through and holds all of it against its manifest; `take` is given every row on the way, `step` how far it is. */
export async function checkArchive(
  file: string,
  take: (read: ReadRow) => Promise<void> | void,
  step?: Step,
): Promise<{ readonly writtenAt: string }> {
  const found = new Map<string, { readonly bytes: number; readonly sha256: string }>();
  let manifest: unknown;
  const seen = ({ name, bytes }: Entry): void => {
    if (found.has(name)) throw new ArchiveRefused(name, 'it is there twice');
    if (name === MANIFEST) manifest = jsonOf(name, bytes);
    found.set(name, { bytes: bytes.length, sha256: createHash('sha256').update(bytes).digest('hex') });
  };
  for await (const read of rowsIn(file, seen, step)) await take(read);
  if (manifest === undefined)
    throw new ArchiveRefused(
      '',
      found.size === 0
        ? 'it is no ZIP file of ours: nothing is in it'
        : 'it has no manifest.json: it was not saved by Navuren, or its end is missing',
    );
  const parsed = manifestSchema.safeParse(manifest, { error: inWords });
  if (!parsed.success) throw new ArchiveRefused(MANIFEST, issueText(parsed.error.issues[0]));
  if (parsed.data.version > ARCHIVE_VERSION)
    throw new ArchiveRefused(MANIFEST, 'it was saved by a later Navuren than this one');
  found.delete(MANIFEST);
  for (const [name, told] of Object.entries(parsed.data.files)) {
    const there = found.get(name);
    if (!there) throw new ArchiveRefused(name, 'it is missing');
    if (there.bytes !== told.bytes || there.sha256 !== told.sha256)
      throw new ArchiveRefused(name, 'it is not as it was saved: its hash is another');
    found.delete(name);
  }
  const [extra] = found.keys();
  if (extra !== undefined) throw new ArchiveRefused(extra, 'the manifest does not know it');
  return { writtenAt: parsed.data.writtenAt };
}
