import { spawn, spawnSync } from 'node:child_process';
import {
  cpSync,
  existsSync,
  mkdirSync,
  mkdtempSync,
  readFileSync,
  readdirSync,
  rmSync,
  symlinkSync,
  writeFileSync,
} from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { PGlite } from '@electric-sql/pglite';
import { z } from 'zod';
import { openDatabase } from './database';
import { OWNER, ownedBy } from './sql';
import { openingProblem } from './folder';
import { listGroups } from './groups';
import { FolderInUse, takeFolder } from './lock';

const base = mkdtempSync(path.join(os.tmpdir(), 'navuren-folder-'));
const migrations = path.resolve('db/migrations');
afterAll(() => rmSync(base, { recursive: true, force: true }));

describe('the lock of a data folder', () => {
  it('refuses a folder that a living process holds, naming it', () => {
    const folder = path.join(base, 'held');
    // The parent of this process is alive and is not this process.
    const stat = readFileSync(`/proc/${process.ppid}/stat`, 'utf8');
    const started = stat.slice(stat.lastIndexOf(')') + 2).split(' ')[19];
    writeFileSync(`${folder}.lock`, `${process.ppid} ${started}\n`);
    expect(() => takeFolder(folder)).toThrow(FolderInUse);
    expect(() => takeFolder(folder)).toThrow(new RegExp(`process ${process.ppid}`));
  });

  it('replaces the lock of a process that is gone, of a reused number, and of garbage', () => {
    const gone = spawnSync('true').pid;
    for (const text of [`${gone} 1\n`, `${process.ppid} 1\n`, 'nonsense', '']) {
      const folder = path.join(base, 'stale');
      writeFileSync(`${folder}.lock`, text);
      const release = takeFolder(folder);
      expect(readFileSync(`${folder}.lock`, 'utf8')).toMatch(new RegExp(`^${process.pid} `));
      release();
      expect(existsSync(`${folder}.lock`)).toBe(false);
    }
  });
});

describe('two starters on one dead lock', () => {
  it('are one owner, however they meet (six processes, sixty dead locks)', async () => {
    const [starters, locks] = [6, 60];
    const gone = spawnSync('true').pid;
    const folders = Array.from({ length: locks }, (_, index) => path.join(base, `race-${index}`));
    for (const folder of folders) writeFileSync(`${folder}.lock`, `${gone} 1\n`);
    // Each tries the same lock at the same moment and keeps what it got until the end.
    const program = `
      import { takeFolder } from ${JSON.stringify(path.resolve('server/lock.ts'))};
      const [from, ...folders] = process.argv.slice(2);
      const got = [];
      const next = (index) => {
        if (index === folders.length) { console.log(JSON.stringify(got)); setTimeout(() => {}, 1500); return; }
        setTimeout(() => {
          try { takeFolder(folders[index]); got.push(index); } catch { /* another has it */ }
          next(index + 1);
        }, Math.max(0, Number(from) + index * 20 - Date.now()));
      };
      next(0);`;
    const script = path.join(base, 'starter.mts');
    writeFileSync(script, program);
    const from = String(Date.now() + 3000);
    const owned = await Promise.all(
      Array.from({ length: starters }, async () => {
        const child = spawn(process.execPath, ['--import', 'tsx', script, from, ...folders], {
          stdio: ['ignore', 'pipe', 'inherit'],
        });
        let text = '';
        for await (const chunk of child.stdout) text += String(chunk);
        return z.array(z.number()).parse(JSON.parse(text));
      }),
    );
    const owners = folders.map((_, index) => owned.filter((got) => got.includes(index)).length);
    expect(owners).toEqual(folders.map(() => 1));
  }, 30_000);
});

describe('a data folder', () => {
  const made = path.join(base, 'made');
  const openIn = (folder: string) => openDatabase({ folder, migrations, demo: false });
  const refusal = async (folder: string): Promise<string> => {
    try {
      await (await openIn(folder)).close();
      return 'it opened';
    } catch (error) {
      return openingProblem(folder, error);
    }
  };
  beforeAll(async () => (await openIn(made)).close(), 60_000);

  it('with one small file missing is refused and left as it is, never opened as a new one', async () => {
    for (const name of ['PG_VERSION', 'global/pg_control']) {
      const folder = path.join(base, `without-${path.basename(name)}`);
      cpSync(made, folder, { recursive: true });
      rmSync(path.join(folder, name));
      const before = readdirSync(folder).toSorted();
      expect(await refusal(folder)).toMatch(new RegExp(`damaged: ${name} is missing\\. Nothing was changed`));
      expect(readdirSync(folder).toSorted()).toEqual(before);
      expect(existsSync(`${folder}.lock`)).toBe(false);
    }
  });

  it('that holds something else, or is a file, or a link to nowhere, is refused in one sentence', async () => {
    const other = path.join(base, 'letters');
    mkdirSync(other);
    writeFileSync(path.join(other, 'to-aunt.txt'), 'Dear aunt');
    expect(await refusal(other)).toMatch(/holds something else \(to-aunt\.txt\) and no Navuren data/);
    const file = path.join(base, 'a-file');
    writeFileSync(file, 'x');
    expect(await refusal(file)).toMatch(/is a file, not a folder/);
    expect(await refusal(path.join(file, 'data'))).toMatch(/a file stands where a folder should/);
    const nowhere = path.join(base, 'nowhere');
    symlinkSync(path.join(base, 'gone', 'far'), nowhere);
    expect(await refusal(nowhere)).toMatch(/link to it that leads nowhere/);
  });

  it('says in words what the system says in codes', () => {
    const coded = (code: string) => openingProblem('/d', Object.assign(new Error(code), { code }));
    expect(coded('ENOSPC')).toBe(
      'The data folder /d cannot be opened: the disk is full; make room and start again.',
    );
    expect(coded('EROFS')).toMatch(/can only be read/);
    expect(coded('EACCES')).toMatch(/may not write there/);
    expect(openingProblem('/d', new Error('unreachable'))).toMatch(/does not start.*last copy of the folder/);
  });

  it('may be a link, and has one owner by either name', async () => {
    const link = path.join(base, 'linked');
    symlinkSync(made, link);
    const opened = await openIn(link);
    expect(existsSync(`${made}.lock`)).toBe(true);
    await opened.close();
  }, 30_000);

  it('whose first start was cut off is begun again', async () => {
    const folder = path.join(base, 'cut-off');
    mkdirSync(folder);
    writeFileSync(path.join(folder, 'PG_VERSION'), '1');
    writeFileSync(`${folder}.making`, '');
    const opened = await openIn(folder);
    expect(await listGroups(ownedBy(opened, OWNER))).toEqual([]);
    await opened.close();
    expect(existsSync(`${folder}.making`)).toBe(false);
  }, 60_000);

  it('with a whole database that is not ours is refused', async () => {
    const folder = path.join(base, 'not-ours');
    cpSync(made, folder, { recursive: true });
    const engine = await PGlite.create(folder);
    await engine.exec('drop schema public cascade; create schema public');
    await engine.close();
    expect(await refusal(folder)).toMatch(/without Navuren’s tables/);
  }, 60_000);
});
