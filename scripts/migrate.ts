// npm run migrate: brings the database up to date without starting Navuren, as a start would; says what was done.
import { databasePlace, migrationsFolder, openDatabase, whyNotOpened } from '../server/database';
import { sql } from '../server/sql';

const place = databasePlace();
try {
  const open = await openDatabase({ ...place, migrations: migrationsFolder(), demo: false });
  const names = (await open.rows(sql`select name from migration order by name`)).map(({ name }) =>
    String(name),
  );
  await open.close();
  console.log(
    `The database is up to date: ${names.length} migrations, the last ${names[names.length - 1] ?? 'none'}.`,
  );
} catch (error) {
  console.error(whyNotOpened(place, error));
  process.exit(1);
}
