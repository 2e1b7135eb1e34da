import { mkdtempSync, readdirSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { expect, type Browser, type BrowserContext, type Page } from '@playwright/test';
import { expectAccessibleInBothLights } from './helpers';
import { killAll, startServer, untilUp } from './servers';
import { test } from './test';

const PORT = 3228;
const HERE = `http://127.0.0.1:${PORT}`;
const WORDS = 'wet slate under the bell';
const FIRST = 'a dory tied up at low water';
const OWN = 'nine lamps along the north wall';
const NAME = 'Osbert Lamb';
const OWNERS_NAME = 'Edda Marsh';
const base = mkdtempSync(path.join(tmpdir(), 'navuren-school-e2e-'));
test.afterEach(killAll);
test.afterAll(() => rmSync(base, { recursive: true, force: true }));

/** A Navuren with the sample, its owner’s passphrase set, and an account for somebody else: made as the owner makes them. */
async function startSchool(page: Page, name: string): Promise<void> {
  await untilUp(startServer(path.join(base, name), PORT, true), PORT);
  await page.goto(`${HERE}/door`);
  await expect(page.getByText('Set a passphrase of your own first.')).toBeVisible();
  await page.getByLabel('New passphrase', { exact: true }).fill(WORDS);
  await page.getByLabel('The same again', { exact: true }).fill(WORDS);
  await page.getByRole('button', { name: 'Set the passphrase' }).click();
  await page.getByText('Another teacher', { exact: true }).click();
  await page.getByLabel('Name they come in by').fill(NAME);
  await page.getByLabel('First passphrase for them', { exact: true }).fill(FIRST);
  await page.getByRole('button', { name: 'Make an account' }).click();
  await expect(
    page.getByRole('listitem').filter({ hasText: NAME }).getByText('has not chosen a passphrase yet'),
  ).toBeVisible();
}

/** The other comes in with what they were given, and chooses their own. */
async function comesIn(browser: Browser): Promise<{ readonly page: Page; readonly context: BrowserContext }> {
  const context = await browser.newContext();
  const page = await context.newPage();
  await page.goto(`${HERE}/shelf`);
  await expect(page).toHaveURL(/\/enter\?then=%2Fshelf$/);
  await page.getByLabel('Your name here').fill(NAME.toUpperCase());
  await page.getByLabel('Passphrase', { exact: true }).fill('another than it');
  await page.getByRole('button', { name: 'Come in' }).click();
  await expect(
    page.getByText('That is not the name and the passphrase of anybody here.').first(),
  ).toBeVisible();
  await page.getByLabel('Passphrase', { exact: true }).fill(FIRST);
  await page.getByRole('button', { name: 'Come in' }).click();
  // The first one again is none of their own.
  for (const [own, isTaken] of [
    [FIRST, false],
    [OWN, true],
  ] as const) {
    await page.getByLabel('One of your own', { exact: true }).fill(own);
    await page.getByLabel('The same again', { exact: true }).fill(own);
    await page.getByRole('button', { name: 'Keep it and come in' }).click();
    if (!isTaken) await expect(page.getByText('Another than the one you were given.').first()).toBeVisible();
  }
  await expect(page).toHaveURL(`${HERE}/shelf`);
  return { page, context };
}

const cookieOf = async (context: BrowserContext): Promise<string> =>
  (await context.cookies()).map(({ name, value }) => `${name}=${value}`).join('; ');

/** Pages asked for in the same moment are each written as whoever asked chose it, through all the server waits for. */
async function expectEachAsChosen(owner: BrowserContext, other: BrowserContext): Promise<void> {
  const page = await other.newPage();
  await page.goto(`${HERE}/customs`);
  await page.getByLabel('month first: November 29, 2026').check();
  await expect(page.getByText('All is saved')).toBeVisible();
  await page.close();
  const cookies = [await cookieOf(owner), await cookieOf(other)];
  const writtenAs = async (address: string, cookie: string) => {
    const text = await (await fetch(`${HERE}${address}`, { headers: { cookie } })).text();
    return {
      address,
      dayFirst: /\b\d{1,2} [A-Z][a-z]{2,8} 20\d\d\b/.test(text),
      monthFirst: /\b[A-Z][a-z]{2,8} \d{1,2}, 20\d\d\b/.test(text),
    };
  };
  const addresses = ['/shelf', '/?at=2026-02-04T12:00', '/term', '/shelf'];
  for (let round = 0; round < 4; round += 1) {
    const written = await Promise.all(
      addresses.flatMap((address) => cookies.map((cookie) => writtenAs(address, cookie))),
    );
    expect(written).toEqual(
      addresses.flatMap((address) => [
        { address, dayFirst: true, monthFirst: false },
        { address, dayFirst: false, monthFirst: true },
      ]),
    );
  }
}

test('a second teacher comes in, has a house of their own, takes what is shared, and is shut out again', async ({
  page,
  browser,
}) => {
  test.setTimeout(360_000);
  await startSchool(page, 'two');
  const other = await comesIn(browser);
  // Nothing of the owner’s stands on their shelf; a group of theirs is theirs.
  await expect(other.page.getByText('Practices you compose stand here.')).toBeVisible();
  await expect(other.page.getByText('Shared by others')).toHaveCount(0);
  await page.goto(`${HERE}/shelf`);
  await page.getByRole('button', { name: 'Share Before the rounds' }).click();
  await expect(page.getByRole('button', { name: 'Shared Before the rounds' })).toBeVisible();
  await other.page.goto(`${HERE}/shelf`);
  const shared = other.page.getByRole('region', { name: 'Shared by others who teach here' });
  await expect(shared.getByText('by the owner')).toBeVisible();
  // Looked at as a whole before it is taken: with its cues, and with nothing of whom it was for.
  await shared.getByRole('link', { name: 'Before the rounds', exact: true }).click();
  await expect(other.page.getByText('Shared by the owner, with every caution')).toBeVisible();
  await expect(other.page.getByRole('heading', { level: 1 })).toHaveText('Before the rounds');
  await expect(other.page.getByText('letter carriers')).toHaveCount(0);
  await expectAccessibleInBothLights(other.page);
  await other.page.getByRole('link', { name: 'Back to the shelf' }).click();
  await shared.getByRole('button', { name: 'Take a copy of Before the rounds' }).click();
  // The copy is one's own, and leads to Compose; what is shared leads to its sheet.
  await other.page
    .getByRole('link', { name: 'Before the rounds', exact: true })
    .and(other.page.locator('[href^="/compose/"]'))
    .click();
  await expect(other.page).toHaveURL(/\/compose\/[\da-f-]{36}$/);
  await expect(other.page.getByText('letter carriers')).toHaveCount(0);
  // A term, for a group of their own.
  const group = await other.page.request.put(`${HERE}/api/groups/oars`, {
    headers: { origin: HERE },
    data: {
      group: {
        id: 'oars',
        name: 'the oar menders',
        minutes: 20,
        posture: 'standing',
        familiarity: 'taught',
        times: [{ weekday: 2, hour: 18, minute: 0 }],
        conditions: [],
      },
      baseVersion: 0,
    },
  });
  expect(group.status()).toBe(200);
  await page.goto(`${HERE}/term`);
  await page
    .getByRole('button', { name: /^Share / })
    .first()
    .click();
  await expect(page.getByRole('button', { name: /^Shared / })).toBeVisible();
  await other.page.goto(`${HERE}/term`);
  await other.page.getByRole('button', { name: /^Take it over/ }).click();
  await expect(other.page).toHaveURL(/\/term\/[\da-f-]{36}$/);
  await expect(other.page.getByText('the oar menders').first()).toBeVisible();
  await expectEachAsChosen(page.context(), other.context);
  // Somebody else's name cannot be had; the owner's stands by what they share from then on.
  await page.goto(`${HERE}/door`);
  const ownName = page.getByLabel('You come in by it, and it stands by what you share');
  await ownName.fill(NAME.toLowerCase());
  await page.getByRole('button', { name: 'Keep', exact: true }).click();
  await expect(page.getByText('Somebody here has that name already.')).toBeVisible();
  await ownName.fill(OWNERS_NAME);
  await page.getByRole('button', { name: 'Keep', exact: true }).click();
  await expect(page.getByText(`You are called ${OWNERS_NAME} here.`).first()).toBeVisible();
  await other.page.goto(`${HERE}/shelf`);
  await expect(shared.getByText(`by ${OWNERS_NAME}`)).toBeVisible();
  // How they come in is theirs; who else does is not.
  await other.page.goto(`${HERE}/door`);
  await expect(other.page.getByRole('heading', { name: 'How you come in' })).toBeVisible();
  await expect(
    other.page.getByRole('region', { name: 'Devices that are in' }).getByRole('listitem'),
  ).toHaveCount(1);
  await expect(other.page.getByText('Others who teach here')).toHaveCount(0);
  // Shut out: from the next page on, and with either passphrase.
  await page.goto(`${HERE}/door`);
  await expectAccessibleInBothLights(page);
  await expect(page.getByRole('row', { name: new RegExp(`came in, ${NAME}`) })).toHaveCount(1);
  await expect(page.getByRole('row', { name: new RegExp(`chooses a passphrase, ${NAME}`) })).toHaveCount(2);
  await page.getByRole('button', { name: new RegExp(`^Shut out.*${NAME}`) }).click();
  await expect(page.getByText('shut out; what is theirs is kept', { exact: true })).toBeVisible();
  // With nobody else left, this machine is asked nothing: they would find the owner’s house, as anybody at it would.
  await expect(page.getByText('and nobody is asked for anything')).toBeVisible();
  await page.getByRole('button', { name: new RegExp(`^Let in again.*${NAME}`) }).click();
  await page.getByLabel('First passphrase for them', { exact: true }).first().fill(`${FIRST} again`);
  await page.getByRole('button', { name: `Give it to ${NAME}` }).click();
  await expect(page.getByText('has not chosen a passphrase yet')).toBeVisible();
  await other.page.goto(`${HERE}/shelf`);
  await expect(other.page).toHaveURL(/\/enter\?then=%2Fshelf$/);
  await other.context.close();
  // Gone for good, once the owner means it.
  await page.getByRole('button', { name: new RegExp(`^Shut out.*${NAME}`) }).click();
  const remove = page.getByRole('button', { name: new RegExp(`^Delete for good.*${NAME}`) });
  page.once('dialog', (dialog) => void dialog.dismiss());
  await remove.click();
  await expect(remove).toBeVisible();
  page.once('dialog', (dialog) => void dialog.accept());
  await remove.click();
  await expect(page.getByText(`${NAME} and everything that was theirs is deleted.`).first()).toBeVisible();
  await expect(page.getByRole('listitem').filter({ hasText: NAME })).toHaveCount(0);
});

/** What of the sample is the owner’s alone, wherever it shows: people, groups, practices, notes. */
const MARKS = [
  'Maud Tarrow',
  'Isla Quent',
  'Pettifer',
  'letter carriers',
  'bell loft choir',
  'library chairs',
  'Before the rounds',
];
/** What a part of an address may be, where it is no id. */
const NAMED: Readonly<Record<string, readonly string[]>> = {
  kind: ['practice', 'words', 'group', 'class', 'person', 'felt', 'term', 'homework', 'breath', 'sound'],
  of: ['practice', 'homework', 'term', 'group', 'person', 'customs'],
  version: ['1'],
};

test('nothing of one teacher’s is shown to another, on any page or route there is', async ({
  page,
  browser,
}) => {
  test.setTimeout(800_000);
  await startSchool(page, 'walked');
  const other = await comesIn(browser);
  const [owners, others] = [await cookieOf(page.context()), await cookieOf(other.context)];
  const asked = async (address: string, cookie: string, method = 'GET') => {
    // Whose a request is can be told by nobody but the server itself.
    const headers = { cookie, origin: HERE, 'x-navuren-teacher': 'owner' };
    const answer = await fetch(`${HERE}${address}`, { method, redirect: 'manual', headers });
    return { status: answer.status, text: address.endsWith('/stream') ? '' : await answer.text() };
  };
  // The ids of what the owner has, as their own pages tell them.
  const told = (
    await Promise.all(['/people', '/log', '/term', '/shelf'].map((one) => asked(one, owners)))
  ).map(({ text }) => text);
  const uuids = told.map((text) =>
    [...new Set(text.match(/[\da-f]{8}-(?:[\da-f]{4}-){3}[\da-f]{12}/g) ?? [])].slice(0, 2),
  );
  expect(uuids.slice(0, 3).every((list) => list.length > 0)).toBe(true);
  const ids = [...uuids.flat(), 'before-the-rounds', 'letter-carriers', 'brocade-hold-up-the-sky'];
  const walked = (at: string, address: string): readonly string[] =>
    readdirSync(at, { withFileTypes: true }).flatMap((entry) => {
      if (!entry.isDirectory())
        return /^(page\.tsx|route\.ts)$/.test(entry.name) ? [address === '' ? '/' : address] : [];
      const into = path.join(at, entry.name);
      if (entry.name.startsWith('(')) return walked(into, address);
      const [, part] = /^\[(\w+)\]$/.exec(entry.name) ?? [];
      return part === undefined
        ? walked(into, `${address}/${entry.name}`)
        : (NAMED[part] ?? ids).flatMap((one) => walked(into, `${address}/${one}`));
    });
  const addresses = [
    ...walked('app', ''),
    '/handout/practice/before-the-rounds?for=me',
    '/log?words=the',
    '/api/find?q=rounds',
  ];
  expect(addresses.length).toBeGreaterThan(300);
  const shown = (text: string): readonly string[] => MARKS.filter((mark) => text.includes(mark));
  const toOwner = new Set<string>();
  for (const address of addresses) {
    const { status, text } = await asked(address, others);
    expect(status, address).toBeLessThan(500);
    expect([address, shown(text)]).toEqual([address, []]);
    if (/^\/(people|log|shelf|compose|customs|api\/(raw|people|practices|handout-data))/.test(address))
      for (const mark of shown((await asked(address, owners)).text)) toOwner.add(mark);
  }
  // The same walk by the owner meets all of it: it would have been seen.
  expect([...toOwner].toSorted()).toEqual([...MARKS].toSorted());
  // The door and who comes in by it are refused to a teacher, and asked of whoever has not come in; pretending helps nobody.
  for (const [address, method] of [
    ['/api/door', 'PUT'],
    ['/api/teachers', 'POST'],
    ['/api/teachers/x', 'PUT'],
    ['/api/%64oor', 'PUT'],
    ['/api/%74eachers', 'POST'],
  ] as const) {
    expect([address, (await asked(address, others, method)).status]).toEqual([
      address,
      address.includes('%') ? expect.any(Number) : 403,
    ]);
    expect((await asked(address, others, method)).status, address).toBeGreaterThanOrEqual(400);
    expect((await asked(address, '', method)).status, address).toBe(401);
  }
  expect((await asked('/shelf', '')).status).toBe(401);
  await other.context.close();
});
