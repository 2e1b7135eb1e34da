import { z } from 'zod';
import type { PartId } from '@/core/archive/parts';
import {
  BREATH_DOCUMENT,
  CLASS_DOCUMENT,
  FELT_DOCUMENT,
  FORM_DOCUMENT,
  HOMEWORK_DOCUMENT,
  PERSON_DOCUMENT,
  readDocument,
  SOUND_DOCUMENT,
  TERM_DOCUMENT,
  WORDS_DOCUMENT,
  readCustomsDocument,
  type DocumentKind,
} from '@/core/documents';

/** What a column holds. */
type Column = 'text' | 'text?' | 'integer' | 'json' | 'time' | 'time?';

/** A row as it stands in a file: instants as ISO 8601, documents as they are. */
export type SavedRow = Readonly<Record<string, unknown>>;

/** A table as it is saved: a folder, a file a row. */
export interface SavedTable {
  readonly part: PartId;
  readonly table: string;
  readonly folder: string;
  readonly columns: Readonly<Record<string, Column>>;
  readonly key: readonly string[];
  /** The school’s, not one teacher’s: it has no `teacher_id`. */
  readonly isShared?: true;
  /** Which rows go into a teacher’s file; those of that teacher where nothing is said, and all of what is the school’s. */
  readonly whose?: string;
  /** Columns that name a row of another folder, which must be here or in the file. */
  readonly refs?: Readonly<Record<string, string>>;
  /** Why a row cannot be read here; nothing where it can. */
  readonly problem?: (row: SavedRow) => string | undefined;
  /** What it is called where it is shown. */
  readonly name?: (row: SavedRow) => string;
}

/** Why a document cannot be read, in a few words. */
function unreadable<Document>(kind: DocumentKind<Document>, document: unknown): string | undefined {
  const read = readDocument(kind, document);
  if (read.ok) return undefined;
  if (read.problem.code === 'newer') return 'it was written by a later Navuren than this one';
  if (read.problem.code === 'no-document') return 'there is no document in it';
  return `${read.problem.path.map(String).join('.')}: ${read.problem.message}`;
}

const nameIn =
  (field: string) =>
  (row: SavedRow): string => {
    const { data } = z.looseObject({ name: z.string() }).safeParse(row[field]);
    return data?.name ?? '';
  };
const told =
  (column: string) =>
  (row: SavedRow): string =>
    String(row[column] ?? '');

/** Everything there is, in an order in which each row comes after what it needs. */
export const TABLES: readonly SavedTable[] = [
  {
    part: 'customs',
    table: 'customs',
    folder: 'customs',
    columns: { id: 'integer', document: 'json', version: 'integer', updated_at: 'time' },
    key: ['id'],
    problem: ({ document }) =>
      typeof document === 'object' && document !== null && readCustomsDocument(document)
        ? undefined
        : 'there is no document in it',
    name: () => 'customs',
  },
  {
    part: 'groups',
    table: 'class_group',
    folder: 'groups',
    columns: {
      id: 'text',
      name: 'text',
      minutes: 'integer',
      posture: 'text',
      familiarity: 'text',
      times: 'json',
      conditions: 'json',
      initials: 'json',
      binned_at: 'time?',
      version: 'integer',
      document_version: 'integer',
    },
    key: ['id'],
    name: told('name'),
  },
  {
    part: 'forms',
    table: 'own_form',
    isShared: true,
    folder: 'forms',
    columns: {
      id: 'text',
      form: 'json',
      version: 'integer',
      created_at: 'time',
      updated_at: 'time',
      binned_at: 'time?',
    },
    key: ['id'],
    problem: ({ form }) => unreadable(FORM_DOCUMENT, form),
    name: nameIn('form'),
  },
  {
    part: 'forms',
    table: 'own_words',
    folder: 'words',
    columns: { form_id: 'text', document: 'json', updated_at: 'time', version: 'integer' },
    key: ['form_id'],
    problem: ({ document }) => unreadable(WORDS_DOCUMENT, document),
    name: ({ form_id: id }) => `words on ${String(id)}`,
  },
  {
    part: 'layers',
    table: 'own_layer',
    isShared: true,
    folder: 'layers',
    columns: {
      kind: 'text',
      id: 'text',
      document: 'json',
      version: 'integer',
      created_at: 'time',
      updated_at: 'time',
      binned_at: 'time?',
    },
    key: ['kind', 'id'],
    problem: ({ kind, document }) =>
      kind === 'breath' ? unreadable(BREATH_DOCUMENT, document) : unreadable(SOUND_DOCUMENT, document),
    name: nameIn('document'),
  },
  {
    part: 'practices',
    table: 'form_snapshot',
    isShared: true,
    // Those the teacher’s own practices are made of.
    whose: `hash in (
      select form.value from practice_version v, jsonb_each_text(
        case jsonb_typeof(v.document -> 'forms') when 'object' then v.document -> 'forms' end) form
      where v.teacher_id = $1)`,
    folder: 'forms-as-they-were',
    columns: { hash: 'text', form: 'json' },
    key: ['hash'],
    name: nameIn('form'),
  },
  {
    part: 'practices',
    table: 'practice',
    folder: 'practices',
    columns: {
      id: 'text',
      name: 'text',
      version: 'integer',
      created_at: 'time',
      updated_at: 'time',
      binned_at: 'time?',
    },
    key: ['id'],
    name: told('name'),
  },
  {
    part: 'practices',
    table: 'practice_version',
    folder: 'practice-versions',
    columns: { practice_id: 'text', version: 'integer', saved_at: 'time', document: 'json' },
    refs: { practice_id: 'practices' },
    key: ['practice_id', 'version'],
  },
  {
    part: 'log',
    table: 'class_given',
    folder: 'log',
    columns: {
      id: 'text',
      practice_id: 'text',
      practice_name: 'text',
      version: 'integer',
      group_id: 'text?',
      started_at: 'time',
      record: 'json',
      note: 'text',
      led_by: 'text',
      binned_at: 'time?',
    },
    refs: { practice_id: 'practices', group_id: 'groups' },
    key: ['id'],
    problem: ({ record }) => unreadable(CLASS_DOCUMENT, record),
    name: told('practice_name'),
  },
  {
    part: 'log',
    table: 'learnt_forgotten',
    folder: 'forgotten',
    columns: { form_id: 'text', before: 'time' },
    key: ['form_id'],
  },
  {
    part: 'terms',
    table: 'term',
    folder: 'terms',
    columns: {
      id: 'text',
      group_id: 'text',
      document: 'json',
      version: 'integer',
      created_at: 'time',
      updated_at: 'time',
      binned_at: 'time?',
    },
    refs: { group_id: 'groups' },
    key: ['id'],
    problem: ({ document }) => unreadable(TERM_DOCUMENT, document),
    name: nameIn('document'),
  },
  {
    part: 'people',
    table: 'private.person',
    folder: 'people',
    columns: { id: 'text', document: 'json', version: 'integer', created_at: 'time', updated_at: 'time' },
    key: ['id'],
    problem: ({ document }) => unreadable(PERSON_DOCUMENT, document),
    name: nameIn('document'),
  },
  {
    part: 'people',
    table: 'private.felt',
    folder: 'felt',
    columns: { id: 'text', person_id: 'text', at: 'time', document: 'json' },
    refs: { person_id: 'people' },
    key: ['id'],
    problem: ({ document }) => unreadable(FELT_DOCUMENT, document),
  },
  {
    part: 'people',
    table: 'private.homework',
    folder: 'homework',
    columns: { id: 'text', person_id: 'text', document: 'json', version: 'integer', created_at: 'time' },
    refs: { person_id: 'people' },
    key: ['id'],
    problem: ({ document }) => unreadable(HOMEWORK_DOCUMENT, document),
  },
  {
    part: 'came',
    table: 'private.register',
    folder: 'registers',
    columns: { id: 'text', practice_id: 'text', opened_at: 'time', class_id: 'text?', others: 'integer' },
    refs: { class_id: 'log' },
    key: ['id'],
  },
  {
    part: 'came',
    table: 'private.present',
    folder: 'came',
    columns: { register_id: 'text', person_id: 'text' },
    refs: { register_id: 'registers', person_id: 'people' },
    key: ['register_id', 'person_id'],
  },
];

/** Of this installation and not of the practice: who may come in. Saved nowhere, brought in from nowhere. */
export const OF_THE_INSTALLATION: readonly string[] = [
  'private.account',
  'private.device',
  'private.door',
  'private.following',
  'private.sign_in',
];

/** Columns that say whose a row is here and who else may see it: of the installation as well. */
export const OF_WHOM: ReadonlySet<string> = new Set(['teacher_id', 'is_shared']);

/** Columns that say when and how often something was written, and nothing of what it is. */
export const BOOKKEEPING: ReadonlySet<string> = new Set(['version', 'created_at', 'updated_at', 'saved_at']);

const COLUMNS = {
  text: z.string().max(100_000),
  'text?': z.string().max(100_000).nullable(),
  integer: z.int().min(-1).max(2_147_483_647),
  // What a file holds in JSON is not nothing: every document is an object or a list.
  json: z.union([z.record(z.string(), z.unknown()), z.array(z.unknown())]),
  time: z.iso.datetime(),
  'time?': z.iso.datetime().nullable(),
} as const satisfies Record<Column, z.ZodType>;

const schemas = new Map<string, z.ZodType<SavedRow>>();

/** What a row of a table must be. */
export function rowSchema({ table, columns }: SavedTable): z.ZodType<SavedRow> {
  const there = schemas.get(table);
  if (there) return there;
  const made: z.ZodType<SavedRow> = z.strictObject(
    Object.fromEntries(Object.entries(columns).map(([name, column]) => [name, COLUMNS[column]])),
  );
  schemas.set(table, made);
  return made;
}

/** The published JSON Schema of the rows of a table. */
export const jsonSchemaOfTable = (table: SavedTable): unknown => ({
  ...z.toJSONSchema(rowSchema(table)),
  $id: `navuren.archive.${table.folder}.v1.schema.json`,
  title: `A row of ${table.folder}`,
});

/** Where a row stands in the file. */
export const rowFile = (table: SavedTable, row: SavedRow): string =>
  `${table.folder}/${table.key.map((column) => encodeURIComponent(String(row[column]))).join('~')}.json`;
