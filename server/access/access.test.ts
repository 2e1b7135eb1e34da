import { scryptSync } from 'node:crypto';
import { mkdtempSync, readdirSync, rmSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { openHere } from '../open.test.data';
import { OWNER, sql, type OwnDatabase } from '../sql';
import {
  accountNamed,
  addTeacher,
  callThem,
  deviceOf,
  devices,
  giveAnew,
  isTheirs,
  letIn,
  listTeachers,
  readAccount,
  readDoor,
  sendAway,
  sendOthersAway,
  setOpen,
  setPassphrase,
  shutOut,
} from './accounts';
import { cameFrom, givenAddresses, isLocal, localAddresses, networkOf, openHosts } from './network';
import { hashOf, isRight, passphraseSchema } from './passphrase';
import { goesOn, whoMay } from './routes';
import { wasRight, deviceName, lastTries, waitAfter, waitFor, writeTry, type Outcome } from './tries';

const base = mkdtempSync(path.join(os.tmpdir(), 'navuren-access-'));
const NOW = Date.UTC(2026, 10, 30, 9);
const DAY_MS = 86_400_000;
const WORDS = 'wet slate under the bell';
let open: OwnDatabase;
beforeAll(async () => {
  open = await openHere({ folder: path.join(base, 'data'), migrations: 'db/migrations', demo: false });
}, 60_000);
afterAll(async () => {
  await open.close();
  rmSync(base, { recursive: true, force: true });
});

describe('a passphrase', () => {
  it('is kept as scrypt of RFC 7914 makes it, reckoned again by hand', async () => {
    const stored = await hashOf(WORDS);
    const [, log2N, r, p, salt, key] = stored.split('$');
    expect([log2N, r, p]).toEqual(['17', '8', '1']);
    const byHand = scryptSync(WORDS, Buffer.from(salt ?? '', 'base64'), 32, {
      N: 131_072,
      r: 8,
      p: 1,
      maxmem: 256_000_000,
    });
    expect(key).toBe(byHand.toString('base64'));
    expect(stored).not.toContain(WORDS);
    expect(await hashOf(WORDS)).not.toBe(stored);
    expect(await isRight(WORDS, stored)).toBe(true);
    expect(await isRight(`${WORDS} `, stored)).toBe(false);
  });

  it('that is stored is read by its own cost: the test vector of RFC 7914, §12', async () => {
    // scrypt("pleaseletmein", "SodiumChloride", N = 16384, r = 8, p = 1), the first 32 of its 64 bytes.
    const key = Buffer.from('7023bdcb3afd7348461c06cd81fd38ebfda8fbba904f8e3ea9b543f6545da1f2', 'hex');
    const stored = `scrypt$14$8$1$${Buffer.from('SodiumChloride').toString('base64')}$${key.toString('base64')}`;
    expect(await isRight('pleaseletmein', stored)).toBe(true);
    expect(await isRight('pleaseletmeout', stored)).toBe(false);
  });

  it('is the same however its letters are put together', async () => {
    const stored = await hashOf('caf\u00e9 by the slipway');
    expect(await isRight('cafe\u0301 by the slipway', stored)).toBe(true);
  });

  it('that is tried first, short or all alike is not taken; a long plain one is', () => {
    for (const bad of [
      'eleven sign',
      'password1234',
      'Passphrase1!',
      'aaaaaaaaaaaaaa',
      'abababababab',
      'navuren-2026',
      'x'.repeat(201),
    ])
      expect([bad, passphraseSchema.safeParse(bad).success]).toEqual([bad, false]);
    for (const good of [WORDS, 'correct the tide tables', '氣功在潮水邊的石頭上慢慢走'])
      expect([good, passphraseSchema.safeParse(good).success]).toEqual([good, true]);
  });
});

describe('the door', () => {
  it('is not open without a passphrase, whatever the table says', async () => {
    await setOpen(open, true, NOW);
    expect(await readDoor(open)).toEqual({ isOpen: false, hasPassphrase: false, isSchool: false });
    expect(await isTheirs(open, OWNER, WORDS)).toBe(false);
    await setPassphrase(open, WORDS, NOW);
    expect(await readDoor(open)).toEqual({ isOpen: true, hasPassphrase: true, isSchool: false });
    expect([await isTheirs(open, OWNER, WORDS), await isTheirs(open, OWNER, 'another')]).toEqual([
      true,
      false,
    ]);
    await setOpen(open, false, NOW);
    expect((await readDoor(open)).isOpen).toBe(false);
  });

  it('lets a device in by a token that stands nowhere, and sends it away', async () => {
    const token = await letIn(open, OWNER, 'Firefox on Linux', NOW);
    expect(token).toMatch(/^[\w-]{43}$/);
    const kept = JSON.stringify(await open.rows(sql`select * from private.device`));
    expect(kept).not.toContain(token);
    const device = await deviceOf(open, token, NOW);
    expect(device).toMatchObject({ name: 'Firefox on Linux', signedInAtMs: NOW });
    expect(await deviceOf(open, `${token.slice(1)}A`, NOW)).toBeUndefined();
    expect(await sendAway(open, 'everybody', device?.id ?? '')).toBe(true);
    expect(await deviceOf(open, token, NOW)).toBeUndefined();
    expect(await sendAway(open, 'everybody', device?.id ?? '')).toBe(false);
  });

  it('lets go of a device after thirty days unused, and after ninety in any case', async () => {
    const [used, unused] = [await letIn(open, OWNER, 'used', NOW), await letIn(open, OWNER, 'unused', NOW)];
    for (let day = 1; day < 90; day += 10)
      expect(await deviceOf(open, used, NOW + day * DAY_MS)).toBeDefined();
    expect(await deviceOf(open, unused, NOW + 31 * DAY_MS)).toBeUndefined();
    expect(await deviceOf(open, used, NOW + 90 * DAY_MS)).toBeUndefined();
    expect((await devices(open, 'everybody', NOW + 85 * DAY_MS)).map(({ name }) => name)).toEqual(['used']);
  });

  it('keeps one device and sends the others away; a new passphrase sends all away', async () => {
    const tokens = await Promise.all(['one', 'two', 'three'].map((name) => letIn(open, OWNER, name, NOW)));
    const [kept] = await Promise.all(tokens.map((token) => deviceOf(open, token, NOW)));
    await sendOthersAway(open, 'everybody', kept?.id);
    expect((await devices(open, 'everybody', NOW)).map(({ name }) => name)).toEqual(['one']);
    await setPassphrase(open, `${WORDS} again`, NOW);
    expect(await devices(open, 'everybody', NOW)).toEqual([]);
    expect([await isTheirs(open, OWNER, WORDS), await isTheirs(open, OWNER, `${WORDS} again`)]).toEqual([
      false,
      true,
    ]);
  });
});

describe('the accounts of a school', () => {
  const FIRST = 'a dory tied up at low water';
  const OWN = 'nine lamps along the north wall';
  let id = '?';

  it('are made with a first passphrase, one for each name however it is written', async () => {
    id = (await addTeacher(open, ' Osbert Lamb ', FIRST, NOW)) ?? '?';
    expect(await addTeacher(open, 'OSBERT LAMB', FIRST, NOW)).toBeUndefined();
    expect(await accountNamed(open, 'osbert lamb')).toEqual({
      id,
      name: 'Osbert Lamb',
      role: 'teacher',
      isGiven: true,
      isShut: false,
    });
    expect((await accountNamed(open, ''))?.role).toBe('owner');
    expect(await accountNamed(open, 'nobody')).toBeUndefined();
    expect(await readDoor(open)).toMatchObject({ isSchool: true });
    expect(JSON.stringify(await open.rows(sql`select * from private.account`))).not.toContain(FIRST);
  });

  it('are come into by their own passphrase alone, and by nobody’s where the name is not known', async () => {
    expect(await isTheirs(open, id, FIRST)).toBe(true);
    expect(await isTheirs(open, OWNER, FIRST)).toBe(false);
    expect([await isTheirs(open, undefined, FIRST), await isTheirs(open, 'nobody', FIRST)]).toEqual([
      false,
      false,
    ]);
    await setPassphrase(open, OWN, NOW, id);
    expect([await isTheirs(open, id, OWN), await isTheirs(open, id, FIRST)]).toEqual([true, false]);
    expect((await readAccount(open, id))?.isGiven).toBe(false);
  });

  it('are called by a name of their own that nobody else has, the owner by none or one', async () => {
    expect(await callThem(open, OWNER, 'osbert LAMB', NOW)).toBe('taken');
    expect(await callThem(open, 'nobody', 'Wren Sallow', NOW)).toBe('nobody');
    // Two who want the same name at once: one has it.
    const both = await Promise.all([OWNER, id].map((one) => callThem(open, one, 'Wren Sallow', NOW)));
    expect(both.toSorted()).toEqual(['called', 'taken']);
    expect(await callThem(open, OWNER, 'Edda Marsh', NOW)).toBe('called');
    // Written otherwise, a name is still one's own.
    expect(await callThem(open, id, 'osbert lamb', NOW)).toBe('called');
    expect(await callThem(open, id, 'Osbert Lamb', NOW)).toBe('called');
    for (const typed of ['', 'edda marsh', ' Edda Marsh '])
      expect([typed, (await accountNamed(open, typed))?.id]).toEqual([typed, OWNER]);
    expect(await callThem(open, OWNER, '', NOW)).toBe('called');
    expect(await accountNamed(open, 'edda marsh')).toBeUndefined();
    expect((await accountNamed(open, ''))?.id).toBe(OWNER);
  });

  it('have devices of their own: a teacher sees and sends away theirs, the owner all', async () => {
    const [theirs, owners] = [
      await letIn(open, id, 'Firefox on a phone', NOW),
      await letIn(open, OWNER, 'Safari on a Mac', NOW),
    ];
    const [device, ownersDevice] = [await deviceOf(open, theirs, NOW), await deviceOf(open, owners, NOW)];
    expect(device).toMatchObject({ accountId: id, accountName: 'Osbert Lamb', role: 'teacher' });
    expect((await devices(open, { accountId: id }, NOW)).map(({ name }) => name)).toEqual([
      'Firefox on a phone',
    ]);
    expect(await devices(open, 'everybody', NOW)).toHaveLength(2);
    expect(await sendAway(open, { accountId: id }, ownersDevice?.id ?? '')).toBe(false);
    expect(await sendOthersAway(open, { accountId: id }, device?.id)).toBe(0);
    expect(await deviceOf(open, owners, NOW)).toBeDefined();
    // Their new passphrase sends their devices away and nobody else’s.
    await setPassphrase(open, OWN, NOW, id);
    expect(await deviceOf(open, theirs, NOW)).toBeUndefined();
    expect(await deviceOf(open, owners, NOW)).toBeDefined();
  });

  it('are shut out at once, with everything kept, and let in again by another first passphrase', async () => {
    const token = await letIn(open, id, 'Firefox on a phone', NOW);
    expect(await shutOut(open, id, NOW)).toBe(true);
    expect([await shutOut(open, id, NOW), await shutOut(open, OWNER, NOW)]).toEqual([false, false]);
    expect(await deviceOf(open, token, NOW)).toBeUndefined();
    expect(await isTheirs(open, id, OWN)).toBe(false);
    expect((await listTeachers(open)).map(({ name, isShut }) => [name, isShut])).toEqual([
      ['Osbert Lamb', true],
    ]);
    expect(await readDoor(open)).toMatchObject({ isSchool: false });
    expect(await giveAnew(open, OWNER, FIRST, NOW)).toBe(false);
    expect(await giveAnew(open, id, FIRST, NOW)).toBe(true);
    expect(await isTheirs(open, id, FIRST)).toBe(true);
    expect(await readAccount(open, id)).toMatchObject({ isGiven: true, isShut: false });
    expect(await isTheirs(open, OWNER, `${WORDS} again`)).toBe(true);
  });
});

describe('tries to come in', () => {
  const tried = (address: string, atMs: number, outcome: Outcome) =>
    writeTry(open, { address, atMs, outcome, device: 'Safari on a phone' });

  it('wait longer and longer: worked by hand', () => {
    expect([0, 1, 2, 3, 4, 5, 8, 12, 13, 40].map(waitAfter)).toEqual([
      0, 0, 0, 1000, 2000, 4000, 32_000, 512_000, 900_000, 900_000,
    ]);
  });

  it('are counted for each address since it last came in', async () => {
    for (let second = 0; second < 5; second += 1) await tried('10.0.0.7', NOW + second * 1000, 'refused');
    // Five refusals: four seconds from the last of them.
    expect(await waitFor(open, '10.0.0.7', NOW + 5000)).toBe(3000);
    expect(await waitFor(open, '10.0.0.7', NOW + 8000)).toBe(0);
    expect(await waitFor(open, '10.0.0.8', NOW + 5000)).toBe(0);
    // Having had to wait is no further refusal.
    await tried('10.0.0.7', NOW + 6000, 'made to wait');
    expect(await waitFor(open, '10.0.0.7', NOW + 8000)).toBe(0);
    await wasRight(open, await tried('10.0.0.7', NOW + 9000, 'refused'), OWNER);
    expect(await waitFor(open, '10.0.0.7', NOW + 9001)).toBe(0);
    expect((await lastTries(open, 1))[0]).toEqual({
      atMs: NOW + 9000,
      address: '10.0.0.7',
      device: 'Safari on a phone',
      outcome: 'came in',
      accountName: '',
    });
    // Who knew their first passphrase is not in before they have chosen another; they have not to wait either.
    for (let second = 0; second < 5; second += 1) await tried('10.0.0.9', NOW + second * 1000, 'refused');
    await wasRight(open, await tried('10.0.0.9', NOW + 9000, 'refused'), OWNER, 'chooses a passphrase');
    expect(await waitFor(open, '10.0.0.9', NOW + 9001)).toBe(0);
    expect((await lastTries(open, 50)).find(({ address }) => address === '10.0.0.9')?.outcome).toBe(
      'chooses a passphrase',
    );
  });

  it('from many addresses at once have to wait together', async () => {
    const later = NOW + DAY_MS;
    for (let index = 0; index < 30; index += 1) await tried(`10.1.0.${index}`, later, 'refused');
    expect(await waitFor(open, '10.2.0.1', later + 1000)).toBe(60_000);
    expect(await waitFor(open, '10.2.0.1', later + 61_000)).toBe(0);
  });

  it('are let go after thirteen months', async () => {
    await tried('10.3.0.1', NOW, 'refused');
    await tried('10.3.0.1', NOW + 401 * DAY_MS, 'refused');
    expect((await lastTries(open, 500)).filter(({ address }) => address === '10.3.0.1')).toHaveLength(1);
  });

  it('say what browser it was, without its numbers', () => {
    // User agents as the browsers send them (from memory).
    expect(deviceName('Mozilla/5.0 (X11; Linux x86_64; rv:140.0) Gecko/20100101 Firefox/140.0')).toBe(
      'Firefox on Linux',
    );
    expect(
      deviceName(
        'Mozilla/5.0 (iPhone; CPU iPhone OS 18_5 like Mac OS X) AppleWebKit/605.1.15 (KHTML, like Gecko) Version/18.5 Mobile/15E148 Safari/604.1',
      ),
    ).toBe('Safari on a phone');
    expect(
      deviceName(
        'Mozilla/5.0 (Linux; Android 10; K) AppleWebKit/537.36 (KHTML, like Gecko) Chrome/141.0.0.0 Mobile Safari/537.36',
      ),
    ).toBe('Chrome on a phone');
    expect(deviceName('curl/8.5.0 <b>words</b>')).toBe('something else');
  });
});

describe('the network', () => {
  it('is local by RFC 1918, 3927 and 4193, and nothing else is', () => {
    for (const address of [
      '10.0.0.1',
      '172.16.0.1',
      '172.31.255.1',
      '192.168.1.9',
      '169.254.3.3',
      'fd00::2',
      'fc12:3::1',
    ])
      expect([address, isLocal(address)]).toEqual([address, true]);
    for (const address of [
      '172.15.0.1',
      '172.32.0.1',
      '192.169.0.1',
      '11.0.0.1',
      '8.8.8.8',
      '2001:db8::1',
      'fe80::1',
    ])
      expect([address, isLocal(address)]).toEqual([address, false]);
  });

  it('is listened to at its own addresses only', () => {
    const one = (address: string, internal: boolean) =>
      ({ address, internal, netmask: '', mac: '', family: 'IPv4', cidr: null }) as const;
    expect(
      localAddresses({
        lo: [one('127.0.0.1', true)],
        home: [one('192.168.1.20', false)],
        provider: [one('93.184.216.34', false)],
      }),
    ).toEqual(['192.168.1.20']);
  });

  it('tells whose network a try came from, and believes a proxy only where there is one', () => {
    expect(networkOf('::ffff:192.168.1.7')).toBe('192.168.1.7');
    // The same half for a household, whichever address of it.
    expect(networkOf('2001:db8:1:2:3:4:5:6')).toBe('2001:db8:1:2');
    expect(networkOf('2001:db8:1::6')).toBe('2001:db8:1:0');
    expect(networkOf('::1')).toBe('0:0:0:0');
    expect(cameFrom('127.0.0.1', '10.9.9.9')).toBe('127.0.0.1');
    process.env.NAVUREN_ADDRESS = 'https://qi.quillhaven.example';
    try {
      expect(cameFrom('127.0.0.1', '1.2.3.4, 10.9.9.9')).toBe('10.9.9.9');
      expect(cameFrom('192.168.1.5', '10.9.9.9')).toBe('192.168.1.5');
      // A proxy elsewhere is believed where it is named, and then no other.
      process.env.NAVUREN_PROXY = '172.28.0.2';
      expect(cameFrom('::ffff:172.28.0.2', '10.9.9.9')).toBe('10.9.9.9');
      expect(cameFrom('127.0.0.1', '10.9.9.9')).toBe('127.0.0.1');
      expect(openHosts().get('qi.quillhaven.example')).toBe('https');
      expect(givenAddresses(3210)[0]).toBe('https://qi.quillhaven.example');
    } finally {
      delete process.env.NAVUREN_ADDRESS;
      delete process.env.NAVUREN_PROXY;
    }
    expect(openHosts().get('127.0.0.1')).toBe('http');
    expect(openHosts().has('evil.example')).toBe(false);
  });
});

describe('who may', () => {
  /** Every page and route there is, as an address. */
  const addresses = (at: string, address: string): readonly string[] =>
    readdirSync(at, { withFileTypes: true }).flatMap((entry) => {
      if (entry.isDirectory())
        return addresses(
          path.join(at, entry.name),
          entry.name.startsWith('(') ? address : `${address}/${entry.name.replace(/^\[(\w+)\]$/, 'x')}`,
        );
      return /^(page\.tsx|route\.ts)$/.test(entry.name) ? [address === '' ? '/' : address] : [];
    });

  it('come anywhere is said of every page and route: all but a few are shut to those who are not in', () => {
    const all = addresses('app', '');
    expect(all.length).toBeGreaterThan(75);
    const methods = ['GET', 'HEAD', 'POST', 'PUT', 'DELETE', 'PATCH', 'OPTIONS'];
    const open = (to: string): readonly string[] =>
      all.flatMap((address) =>
        methods.filter((method) => whoMay(method, address) === to).map((method) => `${method} ${address}`),
      );
    const read = (...list: readonly string[]): readonly string[] =>
      list.flatMap((address) => [`GET ${address}`, `HEAD ${address}`]);
    expect(open('anyone').toSorted()).toEqual(
      [...read('/api/health', '/enter', '/follow', '/follow/x'), 'POST /api/enter'].toSorted(),
    );
    // Who has the code of a class looks at it, and does nothing.
    expect(open('guest').toSorted()).toEqual(
      [...read('/api/follow/x', '/api/follow/x/clock', '/api/follow/x/stream')].toSorted(),
    );
    // The door, and who comes in by it, is the owner’s.
    expect(new Set(open('owner').map((one) => one.split(' ')[1]))).toEqual(
      new Set(['/api/door', '/api/teachers', '/api/teachers/x']),
    );
    for (const twisted of [
      '/enter/',
      '/Enter',
      '//enter',
      '/enter/../shelf',
      '/_next/static',
      '/_next/data/x',
      '/api/enter/x',
      '/icon.svg/x',
      '/_next/static/../../api/practices',
      '/_next/static/%2e%2e/%2e%2e/api/practices',
      '/_next/static/..%2f..%2fapi/practices',
      '/_next/static/./x',
      '/_next/static//x',
      '/follow/x/y',
      '/follow/../shelf',
      '/api/follow',
      '/api/follow/',
      '/api/follow/x/../../practices',
      '/api/follow/x/stream/y',
    ])
      expect([twisted, whoMay('GET', twisted)]).toEqual([twisted, 'teacher']);
  });

  it('goes on to a page of ours and to nothing that leads away', () => {
    expect(goesOn('/compose/x?minutes=6')).toBe('/compose/x?minutes=6');
    for (const away of [
      '//evil.example',
      '/\\evil.example',
      'https://evil.example',
      'javascript:alert(1)',
      '/enter?then=/',
      '',
      null,
      '/a b',
    ])
      expect(goesOn(away)).toBe('/');
  });
});
