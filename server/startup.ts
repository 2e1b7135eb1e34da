import { readFileSync } from 'node:fs';
import { readDoor, setOpen, setPassphrase } from './access/accounts';
import { keepDoor } from './access/door';
import { passphraseSchema } from './access/passphrase';
import { copiesOfToday } from './archive/eachDay';
import { closeDatabase, database, databasePlace, dataFolder, whyNotOpened } from './database';
import { loggable } from './answers';

/** Marks the one line that the start scripts show when the server gives up. */
const GIVES_UP = 'Navuren did not start. ';

const HOUR_MS = 3_600_000;
/** The first copy of a day waits until the start is over, ms. */
const AFTER_START_MS = 20_000;

/** Looks each hour whose copy of today is still to be made; what fails is said and tried again. */
function keepCopies(): void {
  // Where the database's own tools make the copies, files of ours beside them would be a second lot of everything.
  if (process.env.NAVUREN_COPIES === 'none') return;
  let isAtIt = false;
  const keep = async (): Promise<void> => {
    // In a school of thousands one round may take longer than an hour.
    if (isAtIt) return;
    isAtIt = true;
    try {
      const notMade = await copiesOfToday(await database(), dataFolder(), Date.now());
      for (const { teacherId, error } of notMade)
        console.error(`The copy of today of ${teacherId} could not be made: ${loggable(error)}`);
    } catch (error) {
      console.error(`The copies of today could not be made: ${loggable(error)}`);
    } finally {
      isAtIt = false;
    }
  };
  setTimeout(() => void keep(), AFTER_START_MS).unref();
  setInterval(() => void keep(), HOUR_MS).unref();
}

/** Where nobody sits at the machine: the first passphrase is read from a file, and the door opened with it. */
async function openByFile(): Promise<void> {
  const file = process.env.NAVUREN_PASSPHRASE_FILE;
  const open = await database();
  if (!file || (await readDoor(open)).hasPassphrase) return;
  const read = passphraseSchema.safeParse(readFileSync(/* turbopackIgnore: true */ file, 'utf8').trim());
  if (!read.success)
    throw new Error(
      `the passphrase in NAVUREN_PASSPHRASE_FILE needs ${read.error.issues[0]?.message ?? 'to be another'}`,
    );
  await setPassphrase(open, read.data, Date.now());
  await setOpen(open, true, Date.now());
}

/** Opens the database, or ends the process with the reason in one line. */
export async function openAtStart(): Promise<void> {
  try {
    await database();
  } catch (error) {
    console.error(`${GIVES_UP}${whyNotOpened(databasePlace(), error)}`);
    process.exit(1);
  }
  try {
    await openByFile();
    await keepDoor();
  } catch (error) {
    console.error(
      `${GIVES_UP}The door cannot be kept: ${error instanceof Error ? error.message : 'no reason'}.`,
    );
    process.exit(1);
  }
  keepCopies();
  for (const signal of ['SIGINT', 'SIGTERM'] as const)
    process.once(signal, () => {
      void closeDatabase().finally(() => process.exit(0));
    });
}
