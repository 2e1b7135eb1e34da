import { z } from 'zod';
import { FORM_DOCUMENT, WORDS_DOCUMENT, written } from '@/core/documents';
import { REPERTOIRE, withOwn, type Form, type OwnForms, type OwnWords } from '@/core/forms';
import { sql, type Database, type OwnQueries, type Queries } from './sql';
import { partRows, readOrThrow, type UnreadableRow } from './unreadable';
import type { Versioned } from './versioned';

export interface StoredForm {
  readonly form: Form;
  readonly version: number;
  readonly updatedAtMs: number;
}

const rowSchema = z.object({ id: z.string(), form: z.unknown(), version: z.number(), updated_at: z.date() });
const namedSchema = z.looseObject({ name: z.string() });

function stored(row: unknown): StoredForm {
  const { id, form, version, updated_at } = rowSchema.parse(row);
  const name = namedSchema.safeParse(form).data?.name ?? id;
  return {
    form: readOrThrow(FORM_DOCUMENT, form, { kind: 'form', id, name }),
    version,
    updatedAtMs: updated_at.getTime(),
  };
}

function storedWords(row: Readonly<Record<string, unknown>>): OwnWords {
  const id = z.string().parse(row.form_id);
  const name = REPERTOIRE.find((form) => form.id === id)?.name ?? id;
  return readOrThrow(WORDS_DOCUMENT, row.document, { kind: 'words', id, name: `your words on ${name}` });
}

/** The practitioner's own, as far as it can be read, and what cannot be. */
export async function readOwnWithUnreadable(
  queries: OwnQueries,
): Promise<{ readonly own: OwnForms; readonly unreadable: readonly UnreadableRow[] }> {
  const forms = partRows(
    await queries.rows(
      sql`select id, form, version, updated_at from own_form where binned_at is null order by created_at, id`,
    ),
    stored,
  );
  const words = partRows(
    await queries.rows(
      sql`select form_id, document from own_words where teacher_id = ${queries.teacherId} order by form_id`,
    ),
    storedWords,
  );
  return {
    own: {
      forms: forms.readable.map(({ form }) => form),
      words: words.readable.filter((one) => !isSilent(one)),
    },
    unreadable: [...forms.unreadable, ...words.unreadable],
  };
}

/** The practitioner's own forms that are not in the bin, and their words over shipped forms, as far as readable. */
export const readOwn = async (queries: OwnQueries): Promise<OwnForms> =>
  (await readOwnWithUnreadable(queries)).own;

/** The repertoire as this practitioner has it. */
export const readRepertoire = async (queries: OwnQueries): Promise<readonly Form[]> =>
  withOwn(REPERTOIRE, await readOwn(queries));

/** One own form with its version; undefined where there is none or it is in the bin. */
export async function readOwnForm(queries: Queries, id: string): Promise<StoredForm | undefined> {
  const [row] = await queries.rows(
    sql`select id, form, version, updated_at from own_form where id = ${id} and binned_at is null`,
  );
  return row ? stored(row) : undefined;
}

/** Where an id of an own form is taken: in the repertoire or in the bin. */
export async function whereIsForm(queries: Queries, id: string): Promise<'kept' | 'bin' | undefined> {
  const [row] = await queries.rows(sql`select binned_at from own_form where id = ${id}`);
  return row ? (row.binned_at === null ? 'kept' : 'bin') : undefined;
}

/** Puts new forms into the repertoire, all or none. */
export async function addOwnForms(database: Database, forms: readonly Form[], atMs: number): Promise<void> {
  await database.transaction(async (queries) => {
    for (const form of forms)
      await queries.rows(
        sql`insert into own_form (id, form, version, created_at, updated_at) values (${form.id}, ${JSON.stringify(written(FORM_DOCUMENT, form))}::jsonb, 1, ${new Date(atMs)}, ${new Date(atMs)})`,
      );
  });
}

export type SaveFormResult =
  | { readonly ok: true; readonly version: number }
  | { readonly ok: false; readonly code: 'missing' }
  | { readonly ok: false; readonly code: 'changed-elsewhere'; readonly version: number };

/** Saves an own form on top of `baseVersion`; a form in the bin comes back. Nothing is overwritten unseen. */
export async function saveOwnForm(
  database: Database,
  form: Form,
  baseVersion: number,
  atMs: number,
): Promise<SaveFormResult> {
  return database.transaction(async (queries) => {
    const [row] = await queries.rows(sql`select version from own_form where id = ${form.id} for update`);
    if (!row) return { ok: false, code: 'missing' };
    const current = z.number().parse(row.version);
    if (current !== baseVersion) return { ok: false, code: 'changed-elsewhere', version: current };
    await queries.rows(
      sql`update own_form set form = ${JSON.stringify(written(FORM_DOCUMENT, form))}::jsonb, version = ${current + 1}, updated_at = ${new Date(atMs)}, binned_at = null where id = ${form.id}`,
    );
    return { ok: true, version: current + 1 };
  });
}

/** Into the bin, or back out of it; practices keep the form as it was. */
export async function setFormBinned(
  queries: Queries,
  id: string,
  binned: boolean,
  atMs: number,
): Promise<boolean> {
  const rows = await queries.rows(
    sql`update own_form set binned_at = ${binned ? new Date(atMs) : null} where id = ${id} returning id`,
  );
  return rows.length > 0;
}

/** Own forms in the bin, the last binned first. */
export async function listBinnedForms(
  queries: Queries,
): Promise<readonly { readonly id: string; readonly name: string }[]> {
  const rows = await queries.rows(
    sql`select id, form ->> 'name' as name from own_form where binned_at is not null order by binned_at desc, id`,
  );
  return rows.map((row) => z.object({ id: z.string(), name: z.string() }).parse(row));
}

/** Own words over a shipped form with the version they were read at; version 0 where there are none. */
export async function readWords(
  queries: OwnQueries,
  formId: string,
): Promise<{ readonly words: OwnWords | undefined; readonly version: number }> {
  const [row] = await queries.rows(
    sql`select document, version from own_words where teacher_id = ${queries.teacherId} and form_id = ${formId}`,
  );
  if (!row) return { words: undefined, version: 0 };
  const words = storedWords({ ...row, form_id: formId });
  // Words taken away leave their version behind, so that a window that still shows them cannot bring them back.
  return { words: isSilent(words) ? undefined : words, version: z.number().parse(row.version) };
}

const isSilent = (words: OwnWords): boolean =>
  words.name === undefined &&
  words.images === undefined &&
  (words.note ?? '').trim() === '' &&
  Object.keys(words.cues).length === 0;

/** Lays own words over a shipped form on top of `baseVersion`; saying nothing at all takes them away. */
export async function saveWords(
  queries: OwnQueries,
  words: OwnWords,
  baseVersion: number,
  atMs: number,
): Promise<Versioned> {
  const document = JSON.stringify(written(WORDS_DOCUMENT, words));
  const rows =
    baseVersion === 0
      ? await queries.rows(sql`
          insert into own_words (teacher_id, form_id, document, updated_at, version)
          values (${queries.teacherId}, ${words.formId}, ${document}::jsonb, ${new Date(atMs)}, 1)
          on conflict (teacher_id, form_id) do nothing returning version`)
      : await queries.rows(sql`
          update own_words set document = ${document}::jsonb, updated_at = ${new Date(atMs)}, version = version + 1
          where teacher_id = ${queries.teacherId} and form_id = ${words.formId} and version = ${baseVersion} returning version`);
  if (rows[0]) return { ok: true, version: z.number().parse(rows[0].version) };
  return { ok: false, code: 'changed-elsewhere', version: (await readWords(queries, words.formId)).version };
}

export interface PracticeUsing {
  readonly id: string;
  readonly name: string;
}

/** Practices on the shelf whose present version uses a form. */
export async function practicesUsing(queries: OwnQueries, formId: string): Promise<readonly PracticeUsing[]> {
  const rows = await queries.rows(sql`
    select practice.id, practice.name from practice
    join practice_version on practice_version.practice_id = practice.id and practice_version.version = practice.version
    where practice.teacher_id = ${queries.teacherId} and practice.binned_at is null
      and exists (
        select 1 from jsonb_array_elements(practice_version.document -> 'items') as item
        where item ->> 'formId' = ${formId})
    order by practice.updated_at desc`);
  return rows.map((row) => z.object({ id: z.string(), name: z.string() }).parse(row));
}
