import { readFileSync } from 'node:fs';
import { listTeachers, readDoor, setOpen, setPassphrase } from './access/accounts';
import { keepDoor } from './access/door';
import { passphraseSchema } from './access/passphrase';
import { dayOf } from '@/core/people/presence';
import { copiesOf, copyOfDay } from './archive/copies';
import { readCustoms } from './customs';
import { closeDatabase, database, databasePlace, dataFolder, whyNotOpened } from './database';
import { loggable } from './answers';
import { OWNER, ownedBy } from './sql';

/** Marks the one line that the start scripts show when the server gives up. */
const GIVES_UP = 'Navuren did not start. ';

const HOUR_MS = 3_600_000;
/** The first copy of a day waits until the start is over, ms. */
const AFTER_START_MS = 20_000;

/** Makes a copy of everything each teacher has once a day, by the day of their place; what fails is said and tried again. */
function keepCopies(): void {
  const keep = async (): Promise<void> => {
    try {
      const open = await database();
      const nowMs = Date.now();
      for (const id of [OWNER, ...(await listTeachers(open)).map((one) => one.id)]) {
        const own = ownedBy(open, id);
        const { zone } = (await readCustoms(own)).place;
        await copyOfDay(own, copiesOf(dataFolder(), id), dayOf(nowMs, zone), nowMs);
      }
    } catch (error) {
      console.error(`The copy of today could not be made: ${loggable(error)}`);
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
