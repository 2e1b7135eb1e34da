import { z } from 'zod';
import { BREATH_DOCUMENT, SOUND_DOCUMENT, written } from '@/core/documents';
import type { WholePattern } from '@/core/patterns';
import type { OwnLayers } from '@/core/practice';
import type { Sound } from '@/core/sounds';
import { sql, type Database, type Queries, type Row } from './sql';
import { partRows, readOrThrow, type UnreadableRow } from './unreadable';
import type { Versioned } from './versioned';

/** What lies on a breath and can be one's own. */
export const LAYER_KINDS = ['breath', 'sound'] as const;
export type LayerKind = (typeof LAYER_KINDS)[number];

/** A breath or a sound of one's own, as it is kept. */
export type OwnLayer =
  | { readonly kind: 'breath'; readonly layer: WholePattern }
  | { readonly kind: 'sound'; readonly layer: Sound };
export type StoredLayer = OwnLayer & { readonly version: number };

const rowSchema = z.object({ id: z.string(), document: z.unknown(), version: z.number() });

function nameOf(kind: LayerKind, document: unknown, id: string): string {
  const { data } = z
    .looseObject({ name: z.string().optional(), written: z.string().optional() })
    .safeParse(document);
  return (kind === 'breath' ? data?.name : data?.written) ?? id;
}

function stored(kind: LayerKind, row: Row): StoredLayer {
  const { id, document, version } = rowSchema.parse(row);
  const told = { kind, id, name: nameOf(kind, document, id) };
  return kind === 'breath'
    ? { kind, layer: readOrThrow(BREATH_DOCUMENT, document, told), version }
    : { kind, layer: readOrThrow(SOUND_DOCUMENT, document, told), version };
}

/** Own breaths or sounds that are not in the bin, the oldest first, as far as they can be read, and what cannot be. */
export async function listLayers(
  queries: Queries,
  kind: LayerKind,
): Promise<{ readonly readable: readonly StoredLayer[]; readonly unreadable: readonly UnreadableRow[] }> {
  const rows = await queries.rows(
    sql`select id, document, version from own_layer where kind = ${kind} and binned_at is null order by created_at, id`,
  );
  return partRows(rows, (row) => stored(kind, row));
}

/** Own breaths and sounds as the composer, the rooms and practices use them. */
export async function readOwnLayers(queries: Queries): Promise<Required<OwnLayers>> {
  const [breaths, sounds] = [await listLayers(queries, 'breath'), await listLayers(queries, 'sound')];
  return {
    patterns: Object.fromEntries(
      breaths.readable.flatMap((one) => (one.kind === 'breath' ? [[one.layer.id, one.layer]] : [])),
    ),
    sounds: Object.fromEntries(
      sounds.readable.flatMap((one) => (one.kind === 'sound' ? [[one.layer.id, one.layer]] : [])),
    ),
  };
}

/** One own breath or sound with its version; undefined where there is none or it is in the bin. */
export async function readLayer(
  queries: Queries,
  kind: LayerKind,
  id: string,
): Promise<StoredLayer | undefined> {
  const [row] = await queries.rows(
    sql`select id, document, version from own_layer where kind = ${kind} and id = ${id} and binned_at is null`,
  );
  return row ? stored(kind, row) : undefined;
}

/** Own breaths or sounds in the bin, the last binned first. */
export async function listBinnedLayers(
  queries: Queries,
  kind: LayerKind,
): Promise<readonly { readonly id: string; readonly name: string }[]> {
  const rows = await queries.rows(
    sql`select id, document from own_layer where kind = ${kind} and binned_at is not null order by binned_at desc, id`,
  );
  return rows.map((row) => {
    const { id, document } = z.object({ id: z.string(), document: z.unknown() }).parse(row);
    return { id, name: nameOf(kind, document, id) };
  });
}

const documentOf = (own: OwnLayer): string =>
  JSON.stringify(
    own.kind === 'breath' ? written(BREATH_DOCUMENT, own.layer) : written(SOUND_DOCUMENT, own.layer),
  );

/** Keeps a breath or sound on top of `baseVersion` (0 where it is new); one in the bin comes back. */
export async function saveLayer(
  database: Database,
  own: OwnLayer,
  baseVersion: number,
  atMs: number,
): Promise<Versioned> {
  const { kind, layer } = own;
  const at = new Date(atMs);
  return database.transaction(async (queries) => {
    const rows =
      baseVersion === 0
        ? await queries.rows(sql`
            insert into own_layer (kind, id, document, version, created_at, updated_at)
            values (${kind}, ${layer.id}, ${documentOf(own)}::jsonb, 1, ${at}, ${at})
            on conflict (kind, id) do nothing returning version`)
        : await queries.rows(sql`
            update own_layer set document = ${documentOf(own)}::jsonb, version = version + 1, updated_at = ${at}, binned_at = null
            where kind = ${kind} and id = ${layer.id} and version = ${baseVersion} returning version`);
    if (rows[0]) return { ok: true, version: z.number().parse(rows[0].version) };
    const [present] = await queries.rows(
      sql`select version from own_layer where kind = ${kind} and id = ${layer.id}`,
    );
    return { ok: false, code: 'changed-elsewhere', version: present ? z.number().parse(present.version) : 0 };
  });
}

/** Into the bin, or back out of it; practices keep what they carry. False where there is none. */
export async function setLayerBinned(
  queries: Queries,
  kind: LayerKind,
  id: string,
  binned: boolean,
  atMs: number,
): Promise<boolean> {
  const rows = await queries.rows(
    sql`update own_layer set binned_at = ${binned ? new Date(atMs) : null} where kind = ${kind} and id = ${id} returning id`,
  );
  return rows.length > 0;
}
