// npm run open: opens the door to the local network and starts Navuren; asks for a passphrase where none is set yet.
// With --new-passphrase for another one, where it was forgotten. npm run shut: this machine only again.
import { spawn } from 'node:child_process';
import { once } from 'node:events';
import path from 'node:path';
import process from 'node:process';
import readline from 'node:readline';
import { Writable } from 'node:stream';
import { fileURLToPath } from 'node:url';
import { readDoor, setOpen, setPassphrase } from '../server/access/accounts';
import { passphraseSchema, SHORTEST } from '../server/access/passphrase';
import { databasePlace, migrationsFolder, openDatabase, whyNotOpened } from '../server/database';
import type { Database } from '../server/sql';

/** What ends it, in a sentence. */
class Stopped extends Error {}

/** Reads a line that is not shown; from a pipe, the next line of it. */
async function* hiddenLines(): AsyncGenerator<string> {
  const muted = new Writable({ write: (_chunk, _encoding, done) => done() });
  const lines = readline.createInterface({
    input: process.stdin,
    output: muted,
    terminal: process.stdin.isTTY === true,
  });
  lines.on('SIGINT', () => process.exit(130));
  yield* lines;
}

async function askedPassphrase(): Promise<string> {
  const lines = hiddenLines();
  const ask = async (label: string): Promise<string> => {
    process.stdout.write(`${label}: `);
    const { value, done } = await lines.next();
    process.stdout.write('\n');
    if (done) throw new Stopped('No passphrase was typed; nothing was changed.');
    return value;
  };
  try {
    for (;;) {
      const passphrase = await ask(
        `New passphrase (at least ${SHORTEST} signs; four or five words are good)`,
      );
      const read = passphraseSchema.safeParse(passphrase);
      if (!read.success) {
        console.log(`It needs ${read.error.issues[0]?.message ?? 'to be another'}.`);
        continue;
      }
      if ((await ask('The same again')) === passphrase) return passphrase;
      console.log('The two are not the same.');
    }
  } finally {
    await lines.return(undefined);
  }
}

async function openedDoor(open: Database, isAnew: boolean): Promise<void> {
  const { hasPassphrase } = await readDoor(open);
  if (!hasPassphrase || isAnew) await setPassphrase(open, await askedPassphrase(), Date.now());
  await setOpen(open, true, Date.now());
}

async function main(asked: ReadonlySet<string>): Promise<void> {
  const place = databasePlace();
  let open: Database;
  try {
    open = await openDatabase({ ...place, migrations: migrationsFolder(), demo: false });
  } catch (error) {
    throw new Stopped(whyNotOpened(place, error));
  }
  try {
    if (asked.has('--shut')) await setOpen(open, false, Date.now());
    else await openedDoor(open, asked.has('--new-passphrase'));
  } finally {
    await open.close();
  }
  if (asked.has('--shut')) return console.log('Navuren answers this machine only from its next start on.');
  const start = path.join(path.dirname(fileURLToPath(import.meta.url)), 'start.mjs');
  const child = spawn(process.execPath, [start], { stdio: 'inherit' });
  for (const signal of ['SIGINT', 'SIGTERM'] as const) process.on(signal, () => child.kill(signal));
  const [code] = (await once(child, 'exit')) as [number | null];
  process.exit(code ?? 0);
}

main(new Set(process.argv.slice(2))).catch((error: unknown) => {
  console.error(error instanceof Stopped ? error.message : error);
  process.exit(1);
});
