import { FORMER_VIRTUE_SCHOOLS } from '@/core/phases';
import { customsSchema, DEFAULT_CUSTOMS, type Customs } from '@/core/customs';
import { z } from 'zod';
import { sql, type Queries } from './sql';
import type { Versioned } from './versioned';

const storedSchema = z.looseObject({ strengths: z.looseObject({}).optional() });

/** The customs as they stand, with what of the stored ones could not be read and fell back to the usual. */
export interface StoredCustoms {
  readonly customs: Customs;
  readonly version: number;
  /** Fields that were not readable any more, as paths. */
  readonly fallenBack: readonly (keyof Customs)[];
}

/** Reads what can be read: each custom stands or falls alone, so that one bad value never closes a room. */
function readable(document: unknown): Omit<StoredCustoms, 'version'> {
  const stored = storedSchema.safeParse(document);
  const told: Readonly<Record<string, unknown>> = stored.success ? stored.data : {};
  const strengths = { ...DEFAULT_CUSTOMS.strengths, ...(stored.success ? stored.data.strengths : {}) };
  const merged: Record<string, unknown> = {
    ...told,
    strengths,
    virtueSchool: FORMER_VIRTUE_SCHOOLS[String(told.virtueSchool)] ?? told.virtueSchool,
  };
  const fallenBack: (keyof Customs)[] = [];
  const customs = Object.fromEntries(
    Object.entries(customsSchema.shape).map(([name, schema]) => {
      const field = name as keyof Customs;
      // Customs stored before a choice existed take its usual value.
      if (merged[name] === undefined) return [name, DEFAULT_CUSTOMS[field]];
      const parsed = schema.safeParse(merged[name]);
      if (parsed.success) return [name, parsed.data];
      fallenBack.push(field);
      return [name, DEFAULT_CUSTOMS[field]];
    }),
  );
  return { customs: customsSchema.parse(customs), fallenBack };
}

export async function readStoredCustoms(queries: Queries): Promise<StoredCustoms> {
  const [row] = await queries.rows(sql`select document, version from customs where id = 1`);
  if (!row) return { customs: DEFAULT_CUSTOMS, version: 0, fallenBack: [] };
  return { ...readable(row.document), version: z.number().parse(row.version) };
}

/** The practitioner's customs, or the ones a new installation starts from. */
export const readCustoms = async (queries: Queries): Promise<Customs> =>
  (await readStoredCustoms(queries)).customs;

/** Saves the customs on top of `baseVersion` (0 where none were saved yet); never over what was not seen. */
export async function saveCustoms(
  queries: Queries,
  customs: Customs,
  baseVersion: number,
  atMs: number,
): Promise<Versioned> {
  const document = JSON.stringify(customs);
  const rows =
    baseVersion === 0
      ? await queries.rows(sql`
          insert into customs (id, document, updated_at, version) values (1, ${document}::jsonb, ${new Date(atMs)}, 1)
          on conflict (id) do nothing returning version`)
      : await queries.rows(sql`
          update customs set document = ${document}::jsonb, updated_at = ${new Date(atMs)}, version = version + 1
          where id = 1 and version = ${baseVersion} returning version`);
  const version = rows[0]?.version;
  if (version !== undefined) return { ok: true, version: z.number().parse(version) };
  return { ok: false, code: 'changed-elsewhere', version: (await readStoredCustoms(queries)).version };
}
