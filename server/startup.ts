import { closeDatabase, database, dataFolder } from './database';
import { openingProblem } from './folder';

/** Marks the one line that the start scripts show when the server gives up. */
const GIVES_UP = 'Navuren did not start. ';

/** Opens the database, or ends the process with the reason in one line. */
export async function openAtStart(): Promise<void> {
  try {
    await database();
  } catch (error) {
    console.error(`${GIVES_UP}${openingProblem(dataFolder(), error)}`);
    process.exit(1);
  }
  for (const signal of ['SIGINT', 'SIGTERM'] as const)
    process.once(signal, () => {
      void closeDatabase().finally(() => process.exit(0));
    });
}
