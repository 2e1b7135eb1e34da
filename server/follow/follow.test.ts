import { mkdtempSync, rmSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import type { ToldClass } from '@/core/desk/following';
import { privateIn } from '@/core/practice';
import { openHere } from '../open.test.data';
import { readPractice } from '../practices';
import { sql, type OwnDatabase } from '../sql';
import { followedUnder } from './asked';
import { codeIn, newCode } from './code';
import {
  endFollowing,
  followedOf,
  practiceFollowed,
  readFollowed,
  showClass,
  tellClass,
  type Followed,
  type Whole,
} from './following';
import { waitForCode } from './guesses';
import { followers, hasRoom, listen, publish, type Sent } from './live';

const base = mkdtempSync(path.join(os.tmpdir(), 'navuren-follow-'));
const NOW = Date.UTC(2026, 10, 30, 18);
const HOUR_MS = 3_600_000;
const ID = 'before-the-rounds';
let open: OwnDatabase;
let whole: Whole;
beforeAll(async () => {
  open = await openHere({ folder: path.join(base, 'data'), migrations: 'db/migrations', demo: true });
  const stored = await readPractice(open, ID);
  if (!stored) throw new Error('the sample has no such practice');
  const told: ToldClass = {
    sessionId: '00000000-0000-4000-8000-00000000000a',
    actions: [{ kind: 'start', atMs: NOW }],
    teaching: null,
    isOver: false,
  };
  whole = { practiceId: ID, version: stored.version, practice: stored.practice, told, by: 'window' };
}, 120_000);
afterAll(async () => {
  await open.close();
  rmSync(base, { recursive: true, force: true });
});

async function shown(atMs = NOW, of: Partial<Whole> = {}): Promise<Followed> {
  const followed = await showClass(open, { ...whole, ...of }, atMs);
  if (!followed) throw new Error('it is not shown');
  return followed;
}
const later = (followed: Followed, kind: 'pause' | 'resume'): ToldClass => ({
  ...followed.told,
  actions: [...followed.told.actions, { kind, atMs: NOW + 5000 }],
});

describe('a code', () => {
  it('is read however it is typed, and holds no signs that look alike', () => {
    expect(codeIn('K7q 2hD')).toBe('k7q2hd');
    expect(codeIn('k7q-2hd ')).toBe('k7q2hd');
    for (const no of ['', 'k7q2h', 'k7q2hdd', 'k7q2h0', 'k7q2hl', 'k7q2hä', "k7'2hd"])
      expect(codeIn(no)).toBeUndefined();
    const codes = Array.from({ length: 500 }, newCode);
    expect(codes.every((code) => codeIn(code) === code)).toBe(true);
    expect(new Set(codes).size).toBe(500);
  });
});

describe('a class that is shown', () => {
  it('stays under its code while it is shown, without what is private', async () => {
    const waved = [{ note: 'n', reason: 'she said so' }];
    const practice = {
      ...whole.practice,
      waved,
      brief: { ...whole.practice.brief, groupId: 'letter-carriers' },
    };
    const first = await shown(NOW, { practice });
    const again = await shown(NOW + 1000, { practice });
    expect(again.code).toBe(first.code);
    expect(again.revision).toBe(first.revision + 1);
    const seen = await practiceFollowed(open, first.code);
    expect(seen && privateIn(seen)).toEqual([]);
    expect(JSON.stringify(seen)).not.toContain('she said so');
    expect(await showClass(open, { ...whole, practiceId: 'no-such' }, NOW)).toBeUndefined();
  });

  it('is told only by who has heard everything; who has not is told how it stands', async () => {
    const before = await shown();
    const one = { told: later(before, 'pause'), base: before.revision, by: 'one' };
    const other = { told: later(before, 'resume'), base: before.revision, by: 'other' };
    const answers = await Promise.all([one, other].map((told) => tellClass(open, before.code, told, NOW)));
    expect(answers.map((answer) => answer?.isTaken).toSorted()).toEqual([false, true]);
    const [stands, refused] = [true, false].map((is) => answers.find((answer) => answer?.isTaken === is));
    expect(refused?.followed.told).toEqual(stands?.followed.told);
    expect(await readFollowed(open, before.code, NOW)).toEqual(stands?.followed);
    // Another class of the practice is not slipped in under it.
    const another = { ...one.told, sessionId: '00000000-0000-4000-8000-00000000000b' };
    const slipped = await tellClass(
      open,
      before.code,
      { told: another, base: stands?.followed.revision ?? 0, by: 'one' },
      NOW,
    );
    expect(slipped?.isTaken).toBe(false);
  });

  it('is over when it is ended, and a day after it was shown, and has another code then', async () => {
    const first = await shown();
    expect(await endFollowing(open, first.code, NOW)).toBe(true);
    expect(await endFollowing(open, first.code, NOW)).toBe(false);
    expect((await readFollowed(open, first.code, NOW))?.isEnded).toBe(true);
    expect(await tellClass(open, first.code, { told: first.told, base: 1, by: 'x' }, NOW)).toBeUndefined();
    const second = await shown();
    expect(second.code).not.toBe(first.code);
    expect(await followedOf(open, ID, NOW + 23 * HOUR_MS)).toBeDefined();
    expect(await followedOf(open, ID, NOW + 25 * HOUR_MS)).toBeUndefined();
    expect((await readFollowed(open, second.code, NOW + 25 * HOUR_MS))?.isEnded).toBe(true);
    // After a month nothing is known of it.
    await shown(NOW + 32 * 24 * HOUR_MS);
    expect(await readFollowed(open, first.code, NOW)).toBeUndefined();
  });

  it('is in no file of everything', async () => {
    const { OF_THE_INSTALLATION } = await import('../archive/tables');
    expect(OF_THE_INSTALLATION).toContain('private.following');
  });
});

describe('who listens', () => {
  const sent = (): { readonly all: Sent[]; readonly hears: (one: Sent) => void } => {
    const all: Sent[] = [];
    return { all, hears: (one) => all.push(one) };
  };
  const settled = () => new Promise((resolve) => setTimeout(resolve, 60));

  it('hears how it stands, then each thing once, in the order it was told', async () => {
    const before = await shown(Date.now());
    const [phone, teacher] = [sent(), sent()];
    const stops = [
      listen(open, before.code, { isLeading: false, from: '10.0.0.7' }, phone.hears),
      listen(open, before.code, { isLeading: true, from: '10.0.0.2' }, teacher.hears),
    ];
    expect(followers(before.code)).toBe(1);
    await settled();
    expect(phone.all.map(({ kind }) => kind)).toEqual(['told']);
    expect(teacher.all).toContainEqual({ kind: 'here', followers: 1 });
    const taken = await tellClass(
      open,
      before.code,
      { told: later(before, 'pause'), base: before.revision, by: 'one' },
      Date.now(),
    );
    if (!taken) throw new Error('not told');
    publish(taken.followed);
    publish(taken.followed);
    const revisions = phone.all.flatMap((one) => (one.kind === 'told' ? [one.followed.revision] : []));
    expect(revisions).toEqual([before.revision, before.revision + 1]);
    for (const stop of stops) stop();
    stops[0]?.();
    expect(followers(before.code)).toBe(0);
  });

  it('hears what another server was told, on a database they share', async () => {
    const before = await shown(Date.now());
    const phone = sent();
    const stop = listen(open, before.code, { isLeading: false, from: '10.0.0.7' }, phone.hears);
    await settled();
    // Nobody publishes it here.
    await tellClass(
      open,
      before.code,
      { told: later(before, 'pause'), base: before.revision, by: 'one' },
      Date.now(),
    );
    await new Promise((resolve) => setTimeout(resolve, 400));
    const revisions = phone.all.flatMap((one) => (one.kind === 'told' ? [one.followed.revision] : []));
    expect(revisions.includes(before.revision + 1)).toBe(open.kind === 'server');
    stop();
  });
});

describe('how many listen', () => {
  it('is bounded from one address, so that one guest keeps nobody out, and in all', async () => {
    const followed = await shown(Date.now());
    const stops: (() => void)[] = [];
    const fill = (from: string): number => {
      let many = 0;
      for (; hasRoom(from); many += 1)
        stops.push(listen(open, followed.code, { isLeading: false, from }, () => undefined));
      return many;
    };
    expect(fill('10.0.0.7')).toBe(40);
    expect(hasRoom('10.0.0.8')).toBe(true);
    const others = Array.from({ length: 8 }, (_, index) => fill(`10.0.1.${index}`));
    expect(others).toEqual([40, 40, 40, 40, 40, 40, 20, 0]);
    for (const stop of stops) stop();
    expect(hasRoom('10.0.0.7')).toBe(true);
  });
});

describe('codes that lead nowhere', () => {
  it('may be tried a few times a minute from one address, and then the right one is not told apart', async () => {
    const followed = await shown(Date.now());
    const from = (address: string) =>
      new Request('http://127.0.0.1/api/follow/x', { headers: { 'x-navuren-from': address } });
    const status = async (address: string, code: string): Promise<number> => {
      const found = await followedUnder(open, from(address), code);
      return found instanceof Response ? found.status : 200;
    };
    expect(await status('10.0.0.7', followed.code)).toBe(200);
    const tries: number[] = [];
    for (let tried = 0; tried < 12; tried += 1) tries.push(await status('10.0.0.7', 'zzzzzz'));
    expect(tries).toEqual([...Array.from({ length: 10 }, () => 404), 429, 429]);
    expect(await status('10.0.0.7', followed.code)).toBe(429);
    // Nobody else waits for it, and it is over in a minute.
    expect(await status('10.0.0.8', followed.code)).toBe(200);
    expect(waitForCode('10.0.0.7', Date.now() + 61_000)).toBe(0);
    await open.rows(sql`update private.following set ended_at = now() where code = ${followed.code}`);
    expect(await status('10.0.0.8', followed.code)).toBe(410);
  });
});
