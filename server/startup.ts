import { closeDatabase, database } from './database';
import { FolderInUse } from './lock';

/** Opens the database, or ends the process with the reason in one line. */
export async function openAtStart(): Promise<void> {
  try {
    await database();
  } catch (error) {
    console.error(error instanceof FolderInUse ? error.message : error);
    process.exit(1);
  }
  for (const signal of ['SIGINT', 'SIGTERM'] as const)
    process.once(signal, () => {
      void closeDatabase().finally(() => process.exit(0));
    });
}
