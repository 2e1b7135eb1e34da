import { CUSTOMS_DOCUMENT, readCustomsDocument, written, type ReadCustoms } from '@/core/documents';
import { DEFAULT_CUSTOMS, type Customs } from '@/core/customs';
import { z } from 'zod';
import { sql, type OwnQueries } from './sql';
import type { Versioned } from './versioned';

/** The customs as they stand, with what of the stored ones could not be read and fell back to the usual. */
export interface StoredCustoms extends ReadCustoms {
  readonly version: number;
}

export async function readStoredCustoms(queries: OwnQueries): Promise<StoredCustoms> {
  const [row] = await queries.rows(
    sql`select document, version from customs where teacher_id = ${queries.teacherId}`,
  );
  if (!row) return { customs: DEFAULT_CUSTOMS, version: 0, fallenBack: [] };
  return { ...readCustomsDocument(row.document), version: z.number().parse(row.version) };
}

/** The practitioner's customs, or the ones a new installation starts from. */
export const readCustoms = async (queries: OwnQueries): Promise<Customs> =>
  (await readStoredCustoms(queries)).customs;

/** Saves the customs on top of `baseVersion` (0 where none were saved yet); never over what was not seen. */
export async function saveCustoms(
  queries: OwnQueries,
  customs: Customs,
  baseVersion: number,
  atMs: number,
): Promise<Versioned> {
  const document = JSON.stringify(written(CUSTOMS_DOCUMENT, customs));
  const rows =
    baseVersion === 0
      ? await queries.rows(sql`
          insert into customs (id, teacher_id, document, updated_at, version) values (1, ${queries.teacherId}, ${document}::jsonb, ${new Date(atMs)}, 1)
          on conflict (teacher_id, id) do nothing returning version`)
      : await queries.rows(sql`
          update customs set document = ${document}::jsonb, updated_at = ${new Date(atMs)}, version = version + 1
          where teacher_id = ${queries.teacherId} and version = ${baseVersion} returning version`);
  const version = rows[0]?.version;
  if (version !== undefined) return { ok: true, version: z.number().parse(version) };
  return { ok: false, code: 'changed-elsewhere', version: (await readStoredCustoms(queries)).version };
}
