import { customsSchema, DEFAULT_CUSTOMS, type Customs } from '@/core/customs';
import { z } from 'zod';
import { sql, type Queries } from './sql';

const storedSchema = z.looseObject({ strengths: z.looseObject({}).optional() });

/** The practitioner's customs, or the ones a new installation starts from. */
export async function readCustoms(queries: Queries): Promise<Customs> {
  const [row] = await queries.rows(sql`select document from customs where id = 1`);
  if (!row) return DEFAULT_CUSTOMS;
  // Customs stored before a choice existed take its usual value.
  const stored = storedSchema.parse(row.document);
  const strengths = { ...DEFAULT_CUSTOMS.strengths, ...stored.strengths };
  return customsSchema.parse({ ...DEFAULT_CUSTOMS, ...stored, strengths });
}

export async function saveCustoms(queries: Queries, customs: Customs, atMs: number): Promise<void> {
  await queries.rows(sql`
    insert into customs (id, document, updated_at) values (1, ${JSON.stringify(customs)}::jsonb, ${new Date(atMs)})
    on conflict (id) do update set document = excluded.document, updated_at = excluded.updated_at`);
}
