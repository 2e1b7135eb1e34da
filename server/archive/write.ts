import { createHash } from 'node:crypto';
import { Zip, ZipDeflate } from 'fflate';
import { z } from 'zod';
import type { OwnQueries } from '../sql';
import { jsonSchemaOfTable, rowFile, TABLES, type SavedRow, type SavedTable } from './tables';

export const ARCHIVE_FORMAT = 'navuren.archive';
export const ARCHIVE_VERSION = 1;
export const MANIFEST = 'manifest.json';

/** What a file of everything says of itself: every file within, how large it is and what it hashes to. */
export const manifestSchema = z.strictObject({
  format: z.literal(ARCHIVE_FORMAT),
  version: z.int().min(1),
  writtenAt: z.iso.datetime(),
  for: z.literal('me'),
  files: z.record(
    z.string().max(400),
    z.strictObject({ bytes: z.int().min(0), sha256: z.string().regex(/^[0-9a-f]{64}$/) }),
  ),
});
export type Manifest = z.infer<typeof manifestSchema>;

const READ_ME = `Everything that Navuren keeps, in open files: a folder for each kind, a JSON file for each thing.
manifest.json lists every file with its size and its SHA-256. schemas/ has a JSON Schema for each folder.
A version of a practice names its forms by the hash they have in forms-as-they-were/.
This is for the teacher alone: it holds what is private. It can be brought in again, all of it or a part.
`;

/** So many rows are held at a time. */
const BATCH = 200;

/** A row as the database answers it, as it stands in a file. */
export const asSaved = ({ columns }: SavedTable, row: SavedRow): SavedRow =>
  Object.fromEntries(
    Object.keys(columns).map((name) => {
      const value = row[name];
      return [name, value instanceof Date ? value.toISOString() : value];
    }),
  );

/** The rows of a table that are a teacher’s, in the order of its key, a few at a time. */
async function* rowsOf(queries: OwnQueries, table: SavedTable): AsyncGenerator<SavedRow> {
  const columns = Object.keys(table.columns)
    .map((name) => `"${name}"`)
    .join(', ');
  const key = table.key.map((name) => `"${name}"`).join(', ');
  const whose = table.whose ?? (table.isShared ? undefined : 'teacher_id = $1');
  const asks = whose === undefined ? [] : [queries.teacherId];
  let last: readonly unknown[] | undefined;
  for (;;) {
    const after =
      last && `(${key}) > (${table.key.map((_, index) => `$${asks.length + index + 1}`).join(', ')})`;
    const where = [whose, after].filter((one) => one !== undefined).join(' and ');
    const rows = await queries.rows({
      text: `select ${columns} from ${table.table} ${where === '' ? '' : `where ${where}`} order by ${key} limit ${BATCH}`,
      values: [...asks, ...(last ?? [])],
    });
    for (const row of rows) yield asSaved(table, row);
    const end = rows[rows.length - 1];
    if (rows.length < BATCH || !end) return;
    last = table.key.map((name) => end[name]);
  }
}

/** Light and quick: what is written is words, which pack well at once. */
const LEVEL = 4;

/** Packs files into one, piece by piece; the manifest of all of them comes last. */
export class Packer {
  private pieces: Uint8Array[] = [];
  private problem: unknown;
  private readonly files: Record<string, { bytes: number; sha256: string }> = {};
  private readonly zip = new Zip((error, piece) => {
    if (error) this.problem = error;
    else this.pieces.push(piece);
  });

  constructor(private readonly writtenMs: number) {}

  put(name: string, bytes: Uint8Array): void {
    const entry = new ZipDeflate(name, { level: LEVEL });
    entry.mtime = new Date(this.writtenMs);
    this.zip.add(entry);
    entry.push(bytes, true);
    this.files[name] = { bytes: bytes.length, sha256: createHash('sha256').update(bytes).digest('hex') };
  }

  /** What is packed by now. */
  taken(): readonly Uint8Array[] {
    if (this.problem !== undefined) throw new Error('the file could not be packed', { cause: this.problem });
    const taken = this.pieces;
    this.pieces = [];
    return taken;
  }

  /** Closes the file with its manifest. */
  end(): readonly Uint8Array[] {
    const manifest: Manifest = {
      format: ARCHIVE_FORMAT,
      version: ARCHIVE_VERSION,
      writtenAt: new Date(this.writtenMs).toISOString(),
      for: 'me',
      files: { ...this.files },
    };
    this.put(MANIFEST, asBytes(manifest));
    this.zip.end();
    return this.taken();
  }
}

/** Something as it is written: JSON that a person can read. */
export const asBytes = (value: unknown): Uint8Array =>
  new TextEncoder().encode(`${JSON.stringify(value, null, 1)}\n`);

/** Everything a teacher has as one ZIP file, piece by piece; few rows are held at a time. */
export async function* writeArchive(queries: OwnQueries, writtenMs: number): AsyncGenerator<Uint8Array> {
  const packer = new Packer(writtenMs);
  packer.put('README.txt', new TextEncoder().encode(READ_ME));
  for (const table of TABLES)
    packer.put(`schemas/${table.folder}.schema.json`, asBytes(jsonSchemaOfTable(table)));
  for (const table of TABLES)
    for await (const row of rowsOf(queries, table)) {
      packer.put(rowFile(table, row), asBytes(row));
      yield* packer.taken();
    }
  yield* packer.end();
}
