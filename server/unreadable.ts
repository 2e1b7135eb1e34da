import { z } from 'zod';
import { readDocument, type DocumentKind, type Unreadable } from '@/core/documents';
import { sql, type Queries } from './sql';

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

/** What is stored under an id, just as it is, for a file to be kept; undefined where there is nothing. */
export async function rawOf(queries: Queries, kind: RawKind, id: string): Promise<unknown> {
  switch (kind) {
    case 'practice': {
      const versions = await queries.rows(
        sql`select version, saved_at, document from practice_version where practice_id = ${id} order by version`,
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
    case 'form':
      return (await queries.rows(sql`select * from own_form where id = ${id}`))[0];
    case 'words':
      return (await queries.rows(sql`select * from own_words where form_id = ${id}`))[0];
    case 'breath':
    case 'sound':
      return (await queries.rows(sql`select * from own_layer where kind = ${kind} and id = ${id}`))[0];
    case 'group':
      return (await queries.rows(sql`select * from class_group where id = ${id}`))[0];
    case 'class':
      return (await queries.rows(sql`select * from class_given where id = ${id}`))[0];
    case 'person':
      return (await queries.rows(sql`select * from private.person where id = ${id}`))[0];
    case 'felt':
      return (await queries.rows(sql`select * from private.felt where id = ${id}`))[0];
    case 'term':
      return (await queries.rows(sql`select * from term where id = ${id}`))[0];
    case 'homework':
      return (await queries.rows(sql`select * from private.homework where id = ${id}`))[0];
    default:
      return kind satisfies never;
  }
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
