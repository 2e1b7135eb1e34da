import { TABLES } from '../archive/tables';
import { sql, type Database } from '../sql';

/** What a teacher has, in an order in which nothing is deleted before what refers to it. */
const OWN_TABLES = TABLES.filter(({ isShared }) => !isShared)
  .map(({ table }) => table)
  .toReversed();

/**
 * Deletes a teacher who is shut out and everything that is theirs, for good: people, groups, log, shelf, words. Forms, breaths
 * and sounds they wrote are the school’s and stay, and so do copies others took of what they shared. The space is given up and
 * written over. False where there is no such teacher, or they still come in.
 */
export async function deleteTeacher(database: Database, id: string): Promise<boolean> {
  const isGone = await database.transaction(async (queries) => {
    const gone = await queries.rows(
      sql`delete from private.account where id = ${id} and role = 'teacher' and is_shut returning id`,
    );
    if (gone.length === 0) return false;
    await queries.rows(sql`delete from private.following where teacher_id = ${id}`);
    for (const table of OWN_TABLES)
      await queries.rows({ text: `delete from ${table} where teacher_id = $1`, values: [id] });
    return true;
  });
  if (isGone) await database.giveUpSpace(OWN_TABLES);
  return isGone;
}
