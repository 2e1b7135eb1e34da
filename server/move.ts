import { z } from 'zod';
import { sql, type Database, type Queries } from './sql';

/** Raised when a database is not moved; what it says can be acted on, and nothing was changed anywhere. */
export class NotMoved extends Error {
  constructor(message: string) {
    super(message);
    this.name = 'NotMoved';
  }
}

/** A table as it was moved: how many rows, and what all of them hash to. */
export interface MovedTable {
  readonly table: string;
  readonly rows: number;
  /** MD5 over the MD5 of each row’s text, in their order, reckoned by the database it lies in. */
  readonly hash: string;
}

interface TableShape {
  readonly table: string;
  readonly key: readonly string[];
  /** Without those that are reckoned from others. */
  readonly columns: readonly string[];
  readonly needs: readonly string[];
}

const shapeSchema = z.array(
  z.object({
    table: z.string(),
    key: z.array(z.string()),
    columns: z.array(z.string()),
    needs: z.array(z.string()),
  }),
);

/** What a text of a moment or a number depends on is the same on both sides. */
const ALIKE = [
  "set local timezone = 'UTC'",
  "set local datestyle = 'ISO, YMD'",
  'set local extra_float_digits = 1',
];
const alike = async (queries: Queries): Promise<void> => {
  for (const text of ALIKE) await queries.rows({ text, values: [] });
};

/** Every table but the list of migrations, as the database itself tells of them: a new one is never forgotten. */
async function shapesOf(queries: Queries): Promise<readonly TableShape[]> {
  const rows = await queries.rows(sql`
    select format('%I.%I', n.nspname, c.relname) as table,
      (select json_agg(format('%I', a.attname) order by k.at)
         from pg_index i, unnest(i.indkey) with ordinality k(attnum, at)
         join pg_attribute a on a.attrelid = c.oid and a.attnum = k.attnum
        where i.indrelid = c.oid and i.indisprimary) as key,
      (select json_agg(format('%I', a.attname) order by a.attnum) from pg_attribute a
        where a.attrelid = c.oid and a.attnum > 0 and not a.attisdropped and a.attgenerated = '') as columns,
      coalesce((select json_agg(distinct format('%I.%I', m.nspname, r.relname))
         from pg_constraint f join pg_class r on r.oid = f.confrelid join pg_namespace m on m.oid = r.relnamespace
        where f.conrelid = c.oid and f.contype = 'f'), '[]'::json) as needs
    from pg_class c join pg_namespace n on n.oid = c.relnamespace
    where c.relkind = 'r' and n.nspname in ('public', 'private')
      and not (n.nspname = 'public' and c.relname = 'migration')
    order by 1`);
  const shapes = shapeSchema.parse(rows);
  const ordered: TableShape[] = [];
  const names = new Set<string>();
  while (ordered.length < shapes.length) {
    const next = shapes.filter(
      ({ table, needs }) => !names.has(table) && needs.every((need) => need === table || names.has(need)),
    );
    if (next.length === 0) throw new Error('the tables need each other in a circle');
    for (const shape of next) {
      ordered.push(shape);
      names.add(shape.table);
    }
  }
  return ordered;
}

async function measured(queries: Queries, { table }: TableShape): Promise<MovedTable> {
  const [row] = await queries.rows({
    text: `select count(*) as rows, md5(coalesce(string_agg(one.hash, '' order by one.hash collate "C"), '')) as hash
      from (select md5(t::text) as hash from ${table} t) one`,
    values: [],
  });
  return { table, ...z.object({ rows: z.number(), hash: z.string() }).parse(row) };
}

/** So many rows are carried at a time. */
const BATCH = 200;

/** Carries a table over as text: no number or moment in it passes through another kind of number. */
async function carry(source: Queries, target: Queries, { table, key, columns }: TableShape): Promise<void> {
  const [order, names] = [key.join(', '), columns.join(', ')];
  let after: string | undefined;
  for (;;) {
    // Where the next rows begin is told as a row of the same table, so that each part of its key is what it is there.
    const where =
      after === undefined
        ? ''
        : `where (${order}) > (select ${order} from jsonb_populate_record(null::${table}, $1::jsonb))`;
    const rows = z.array(z.object({ row: z.string() })).parse(
      await source.rows({
        text: `select to_jsonb(t)::text as row from ${table} t ${where} order by ${order} limit ${BATCH}`,
        values: after === undefined ? [] : [after],
      }),
    );
    const last = rows[rows.length - 1];
    if (!last) return;
    await target.rows({
      text: `insert into ${table} (${names}) select ${names} from jsonb_populate_recordset(null::${table}, $1::jsonb)`,
      values: [`[${rows.map(({ row }) => row).join(',')}]`],
    });
    after = last.row;
  }
}

const migrationsOf = async (queries: Queries): Promise<string> =>
  (await queries.rows(sql`select name from migration order by name`))
    .map(({ name }) => String(name))
    .join('\n');

async function checkAlone(queries: Queries): Promise<void> {
  const [others] = await queries.rows(sql`
    select count(*) as n from pg_stat_activity
    where datname = current_database() and application_name = 'navuren' and pid <> pg_backend_pid()`);
  if (Number(others?.n) > 0)
    throw new NotMoved(
      `A Navuren is still at work on it (${Number(others?.n)} connections). Stop it first: what it saves meanwhile would be left behind.`,
    );
}

/**
 * Carries everything from one database into another that is empty, whole or not at all, and holds both against each other
 * by the count and the hash of every table before it is kept. The first is left as it is. Throws NotMoved.
 */
export function moveDatabase(from: Database, to: Database): Promise<readonly MovedTable[]> {
  const move = (source: Queries): Promise<readonly MovedTable[]> =>
    to.transaction(async (target) => {
      if (from.kind === 'server') await checkAlone(source);
      if ((await migrationsOf(source)) !== (await migrationsOf(target)))
        throw new NotMoved(
          'The two have not the same tables: bring both up to date with this Navuren first.',
        );
      await alike(source);
      await alike(target);
      const shapes = await shapesOf(source);
      for (const shape of shapes)
        if ((await measured(target, shape)).rows > 0)
          throw new NotMoved(`Where it is to go, ${shape.table} already holds something. Name an empty one.`);
      for (const shape of shapes) await carry(source, target, shape);
      const moved: MovedTable[] = [];
      for (const shape of shapes) {
        const [there, here] = [await measured(source, shape), await measured(target, shape)];
        if (there.rows !== here.rows || there.hash !== here.hash)
          throw new NotMoved(`${shape.table} did not arrive as it was; nothing was kept of what was moved.`);
        moved.push(here);
      }
      return moved;
    });
  // Nobody else has a folder that is open; on a server everything is read as it stood at one moment.
  return from.kind === 'embedded' ? from.transaction(move) : from.reading(move);
}
