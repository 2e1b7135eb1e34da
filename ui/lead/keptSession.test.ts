import { readFileSync } from 'node:fs';
import type { Session } from '@/core/desk/leading';
import { practiceSchema } from '@/core/practice';
import { freshBrowser, type Browser } from '@/ui/kit/browser.test.data';
import { endAndFile, fileClass, fileWaiting, readSession, sessionKey, sessionsUnderWay } from './keptSession';

const { documentVersion: _version, ...data } = JSON.parse(
  readFileSync('core/documents/practice/golden/v3-stays.json', 'utf8'),
) as Readonly<Record<string, unknown>>;
const BEGUN_MS = Date.UTC(2026, 10, 27, 6);
const HOUR_MS = 3_600_000;
const session: Session = {
  sessionId: '2f0c1f2e-6d36-4b35-9a0f-0d6c7f1b7f11',
  practiceId: 'morning',
  version: 3,
  groupId: null,
  practice: practiceSchema.parse(data),
  actions: [{ kind: 'start', atMs: BEGUN_MS }],
};

/** What the server is asked, and what it answers; undefined where it cannot be reached. */
let answer: number | undefined;
let asked: string[];
let browser: Browser;
const keepHere = (one: Session): void =>
  browser.store.setItem(sessionKey(one.practiceId), JSON.stringify(one));
const unfiled = (): readonly string[] =>
  Object.keys(browser.store).filter((key) => key.startsWith('navuren-unfiled-'));

beforeEach(() => {
  browser = freshBrowser();
  answer = 201;
  asked = [];
  globalThis.fetch = async (_where, init) => {
    asked.push(typeof init?.body === 'string' ? init.body : '');
    if (answer === undefined) throw new TypeError('no network');
    return new Response('{}', { status: answer });
  };
});

describe('a class this browser keeps', () => {
  it('is there again within two days of its last press, and forgotten after', () => {
    keepHere(session);
    const key = sessionKey('morning');
    expect(readSession(key, BEGUN_MS + 47 * HOUR_MS)).toEqual(session);
    expect(readSession(key, BEGUN_MS + 48 * HOUR_MS)).toBeUndefined();
  });

  it('is none where nothing has begun, or what is kept is no class', () => {
    keepHere({ ...session, actions: [] });
    expect(readSession(sessionKey('morning'), BEGUN_MS)).toBeUndefined();
    for (const text of ['', '{', '{"sessionId":1}', 'null']) {
      browser.store.setItem(sessionKey('morning'), text);
      expect(readSession(sessionKey('morning'), BEGUN_MS)).toBeUndefined();
    }
  });

  it('is found among all that are under way', () => {
    keepHere({ ...session, actions: [{ kind: 'start', atMs: Date.now() }] });
    browser.store.setItem('navuren-something-else', '{}');
    expect(sessionsUnderWay().map(({ practiceId }) => practiceId)).toEqual(['morning']);
  });
});

describe('a class that is over', () => {
  const over: Session = {
    ...session,
    actions: [...session.actions, { kind: 'end', atMs: BEGUN_MS + HOUR_MS }],
  };

  it('is sent with its record, and then kept here no longer', async () => {
    keepHere({ ...over, actions: over.actions.map((one) => ({ ...one, atMs: Date.now() })) });
    expect((await fileClass(over, BEGUN_MS + HOUR_MS)).isDone).toBe(true);
    expect(JSON.parse(asked[0] ?? '')).toMatchObject({
      id: session.sessionId,
      practiceId: 'morning',
      version: 3,
    });
    expect(Object.keys(browser.store).filter((key) => key.startsWith('navuren-'))).toEqual([]);
  });

  it('waits under a key of its own while the server cannot be reached, and is sent when it can', async () => {
    answer = undefined;
    expect((await fileClass(over, BEGUN_MS + HOUR_MS)).isDone).toBe(false);
    expect(unfiled()).toHaveLength(1);
    // Leading the practice again does not wipe it.
    keepHere({ ...session, sessionId: '6b1a9c9a-0d5c-4a59-8d3e-2f2a5f6a7b22' });
    expect(await fileWaiting()).toBe(1);
    answer = 200;
    expect(await fileWaiting()).toBe(0);
    expect(unfiled()).toEqual([]);
    expect(JSON.parse(asked.at(-1) ?? '')).toMatchObject({ id: session.sessionId });
  });

  it.each([404, 422])(
    'of a practice that is gone (%i) can never be filed, and does not wait for ever',
    async (status) => {
      answer = status;
      expect((await fileClass(over, BEGUN_MS + HOUR_MS)).isDone).toBe(true);
      expect(unfiled()).toEqual([]);
    },
  );

  it.each([500, 503, 401])('that the server refuses for now (%i) waits', async (status) => {
    answer = status;
    expect((await fileClass(over, BEGUN_MS + HOUR_MS)).isDone).toBe(false);
    expect(unfiled()).toHaveLength(1);
  });

  it('leaves a class of the same practice that began since alone', async () => {
    const since = { ...session, sessionId: '6b1a9c9a-0d5c-4a59-8d3e-2f2a5f6a7b22' };
    keepHere({ ...since, actions: [{ kind: 'start', atMs: Date.now() }] });
    await fileClass(over, BEGUN_MS + HOUR_MS);
    expect(readSession(sessionKey('morning'))?.sessionId).toBe(since.sessionId);
  });

  it('is ended first where it was only left', async () => {
    await endAndFile({ ...session, actions: [{ kind: 'start', atMs: Date.now() - 60_000 }] });
    const { record } = JSON.parse(asked[0] ?? '') as { readonly record: { readonly endedAtMs?: number } };
    expect(record).toBeDefined();
    expect(unfiled()).toEqual([]);
  });

  it('is let go where what waits can no longer be read', async () => {
    browser.store.setItem('navuren-unfiled-x', '{"id":');
    expect(await fileWaiting()).toBe(0);
    expect(unfiled()).toEqual([]);
  });
});
