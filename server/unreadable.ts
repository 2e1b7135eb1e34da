import { z } from 'zod';
import { readDocument, type DocumentKind, type Unreadable } from '@/core/documents';
import { sql, type OwnQueries } from './sql';

/** What can be stored and not be read any more. */
export const RAW_KINDS = [
  'practice',
  'form',
  'words',
  'breath',
  'sound',
  'group',
  'class',
  'person',
  'felt',
  'term',
  'homework',
] as const;
export type RawKind = (typeof RAW_KINDS)[number];

/** A row that this version cannot read: shown by name with its raw file to save; nothing of it is touched. */
export interface UnreadableRow {
  readonly kind: RawKind;
  readonly id: string;
  readonly name: string;
  readonly problem: Unreadable;
}

/** Thrown where one document is asked for and cannot be read. */
export class UnreadableDocument extends Error {
  override readonly name = 'UnreadableDocument';
  constructor(readonly row: UnreadableRow) {
    super(`${row.kind} ${row.id} cannot be read: ${row.problem.code}`);
  }
}

/** Reads a document or throws UnreadableDocument with the row it stands in. */
export function readOrThrow<Document>(
  kind: DocumentKind<Document>,
  stored: unknown,
  row: Omit<UnreadableRow, 'problem'>,
): Document {
  const read = readDocument(kind, stored);
  if (read.ok) return read.document;
  throw new UnreadableDocument({ ...row, problem: read.problem });
}

/** Rows parted into what can be read and what cannot; any other error goes on. */
export function partRows<Row, Value>(
  rows: readonly Row[],
  read: (row: Row) => Value,
): { readonly readable: readonly Value[]; readonly unreadable: readonly UnreadableRow[] } {
  const readable: Value[] = [];
  const unreadable: UnreadableRow[] = [];
  for (const row of rows) {
    try {
      readable.push(read(row));
    } catch (problem) {
      if (!(problem instanceof UnreadableDocument)) throw problem;
      unreadable.push(problem.row);
    }
  }
  return { readable, unreadable };
}

/** Every version of a practice, and the forms they are made of. */
async function rawPractice(queries: OwnQueries, id: string): Promise<unknown> {
  const versions = await queries.rows(
    sql`select version, saved_at, document from practice_version
        where practice_id = ${id} and teacher_id = ${queries.teacherId} order by version`,
  );
  const hashes = versions.flatMap(({ document }) => {
    const { data } = z.looseObject({ forms: z.record(z.string(), z.unknown()) }).safeParse(document);
    return data ? Object.values(data.forms).filter((hash) => typeof hash === 'string') : [];
  });
  const forms = await queries.rows(
    sql`select hash, form from form_snapshot where hash = any(${[...new Set(hashes)]})`,
  );
  return versions.length === 0 ? undefined : { versions, forms };
}

/** Where each kind stands: `$1` is the id, `$2` whose it is where it is anybody’s own. */
const STANDS: Readonly<Record<Exclude<RawKind, 'practice'>, string>> = {
  form: 'own_form where id = $1',
  breath: `own_layer where kind = 'breath' and id = $1`,
  sound: `own_layer where kind = 'sound' and id = $1`,
  words: 'own_words where form_id = $1 and teacher_id = $2',
  group: 'class_group where id = $1 and teacher_id = $2',
  class: 'class_given where id = $1 and teacher_id = $2',
  person: 'private.person where id = $1 and teacher_id = $2',
  felt: 'private.felt where id = $1 and teacher_id = $2',
  term: 'term where id = $1 and teacher_id = $2',
  homework: 'private.homework where id = $1 and teacher_id = $2',
};

/** What is stored under an id, just as it is, for a file to be kept; undefined where there is nothing. */
export async function rawOf(queries: OwnQueries, kind: RawKind, id: string): Promise<unknown> {
  if (kind === 'practice') return rawPractice(queries, id);
  const stands = STANDS[kind];
  const values = stands.includes('$2') ? [id, queries.teacherId] : [id];
  return (await queries.rows({ text: `select * from ${stands}`, values }))[0];
}

/** A row as a room shows it. */
export const unreadableRow = ({ kind, id, name, problem }: UnreadableRow) => ({ kind, id, name, problem });

/** What was asked for, or the row that cannot be read in its place; any other error goes on. */
export async function orUnreadable<Value>(
  asked: Promise<Value>,
): Promise<{ readonly value: Value } | { readonly unreadable: UnreadableRow }> {
  try {
    return { value: await asked };
  } catch (problem) {
    if (!(problem instanceof UnreadableDocument)) throw problem;
    return { unreadable: problem.row };
  }
}
