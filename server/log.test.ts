import { randomUUID } from 'node:crypto';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { PLAIN_BRIEF, type Brief } from '@/core/brief';
import { compose } from '@/core/compose';
import { DEFAULT_CUSTOMS } from '@/core/customs';
import { REPERTOIRE } from '@/core/forms';
import { recordOf } from '@/core/lead';
import {
  classesOnLine,
  findClasses,
  listClasses,
  monthsOfLog,
  recordClass,
  setClassBinned,
  writeOfClass,
  type LogAsked,
} from './classes';
import { addByHand, byHandSchema } from './byHand';
import { openHere } from './open.test.data';
import { saveGroup } from './groups';
import { readHistory } from './history';
import { formsNamed, readLogAsked } from './logAsked';
import { createPractice } from './practices';
import type { OwnDatabase } from './sql';

const base = mkdtempSync(path.join(tmpdir(), 'navuren-log-'));
const DAY_MS = 86_400_000;
/** The last of November, in the evening. */
const NOW = Date.UTC(2026, 10, 30, 20);
const CLASSES = 95;
let open: OwnDatabase;
const ids: string[] = [];

beforeAll(async () => {
  open = await openHere({
    folder: path.join(base, 'data'),
    migrations: path.resolve('db/migrations'),
    demo: false,
  });
  const made = compose({
    brief: { ...PLAIN_BRIEF, minutes: 6 },
    repertoire: REPERTOIRE,
    customs: DEFAULT_CUSTOMS,
    people: { conditions: [] },
    seed: 1,
    enough: 0.5,
  });
  if (!made.ok) throw new Error('expected a practice');
  await createPractice(open, 'six', { ...made.practice, name: 'Six minutes by the sea' }, NOW);
  await saveGroup(
    open,
    {
      id: 'menders',
      name: 'the kite menders',
      minutes: 10,
      posture: 'standing',
      familiarity: 'known',
      times: [],
      conditions: [],
    },
    0,
  );
  for (let index = 0; index < CLASSES; index += 1) {
    const startedAtMs = NOW - index * DAY_MS;
    const plain = recordOf(made.practice, [{ kind: 'start', atMs: startedAtMs }], startedAtMs + 7_200_000);
    const [first, ...rest] = plain.items;
    if (!first) throw new Error('expected a form');
    // Every tenth with a form of its own.
    const items =
      index % 10 === 0 ? [{ ...first, formId: 'cloud-hands', name: 'Cloud hands' }, ...rest] : plain.items;
    const id = randomUUID();
    ids.push(id);
    await recordClass(open, {
      id,
      practiceId: 'six',
      version: 1,
      groupId: index % 3 === 0 ? 'menders' : null,
      record: { ...plain, items: [...items] },
    });
  }
  await writeOfClass(open, ids[7] ?? '', { note: 'Fog; 100% humidity_', ledBy: 'A. B.' });
}, 120_000);
afterAll(async () => {
  await open.close();
  rmSync(base, { recursive: true, force: true });
});

/** Every page of the log as it is asked for. */
async function all(asked: LogAsked): Promise<readonly string[]> {
  const found: string[] = [];
  let after: LogAsked['after'];
  do {
    const page = await findClasses(open, { ...asked, after });
    found.push(...page.classes.map(({ id }) => id));
    after = page.older;
  } while (after !== undefined);
  return found;
}
const every = (step: number): readonly string[] => ids.filter((_, index) => index % step === 0);

describe('the log as it is asked', () => {
  it('comes page by page, newest first, each class once', async () => {
    expect(await all({})).toEqual(ids);
    expect((await findClasses(open, {})).classes.length).toBeLessThan(CLASSES);
  });

  it('is of a group, or of oneself', async () => {
    expect(await all({ groupId: 'menders' })).toEqual(every(3));
    expect(await all({ groupId: null })).toEqual(ids.filter((_, index) => index % 3 !== 0));
    expect(await all({ groupId: 'nobody' })).toEqual([]);
  });

  it('is of a month of the place, not of another zone', async () => {
    const zone = 'Europe/London';
    expect(await all(readLogAsked({ month: '2026-11' }, zone).asked)).toEqual(ids.slice(0, 30));
    expect(await all(readLogAsked({ month: '2026-10' }, zone).asked)).toEqual(ids.slice(30, 61));
    // At eight in the evening of the last of the month it is the first of the next in Auckland.
    expect(await all(readLogAsked({ month: '2026-12' }, 'Pacific/Auckland').asked)).toEqual([ids[0]]);
    const months = await monthsOfLog(open, zone);
    expect(months.slice(0, 2)).toEqual([
      { month: '2026-11', classes: 30 },
      { month: '2026-10', classes: 31 },
    ]);
    expect(months.reduce((sum, { classes }) => sum + classes, 0)).toBe(CLASSES);
  });

  it('stands on the line of a year, oldest first, with what each class was for', async () => {
    const line = await classesOnLine(open, NOW - 29.5 * DAY_MS, NOW + 1);
    expect(line.map(({ id }) => id)).toEqual(ids.slice(0, 30).toReversed());
    expect(line.every(({ theme, lengthMs }) => theme !== undefined && lengthMs > 0)).toBe(true);
    expect(await classesOnLine(open, NOW + 1, NOW + DAY_MS)).toEqual([]);
  });

  it('is found by words of the practice, the group, the note, and who led; marks mean only themselves', async () => {
    expect(await all({ words: 'BY THE SEA' })).toEqual(ids);
    expect(await all({ words: 'kite' })).toEqual(every(3));
    for (const words of ['fog', '100%', 'humidity_', 'a. b.']) expect(await all({ words })).toEqual([ids[7]]);
    expect(await all({ words: '%' })).toEqual([ids[7]]);
    expect(await all({ words: "';--" })).toEqual([]);
  });

  it('is found by a form that was in it, by any of its names', async () => {
    const asked = (words: string) => ({ words, formIds: formsNamed(words, REPERTOIRE) });
    expect(formsNamed('cloud hands', REPERTOIRE)).toContain('cloud-hands');
    expect(await all(asked('cloud hands'))).toEqual(every(10));
    expect(await all({ ...asked('cloud hands'), groupId: 'menders' })).toEqual(every(30));
    expect(formsNamed('無極', REPERTOIRE)).toEqual(['arrive-wuji']);
    expect(formsNamed('wu ji', REPERTOIRE)).toContain('arrive-wuji');
    expect(formsNamed('a', REPERTOIRE)).toEqual([]);
    expect(formsNamed(undefined, REPERTOIRE)).toEqual([]);
  });

  it('reads any address, and passes over what it cannot read', () => {
    const { asked, shown } = readLogAsked(
      { group: ['myself', 'x'], month: '2026-13', words: '  fog ', after: 'x-y' },
      'UTC',
    );
    expect(asked).toEqual({ groupId: null, words: 'fog' });
    expect(shown).toEqual({ group: 'myself', month: '', person: '', phase: '', words: 'fog' });
    const person = '0d8a3c5e-1b52-4c1f-9a53-6f0c1d7e2b10';
    expect(readLogAsked({ person }, 'UTC').asked).toEqual({ personId: person });
    // A name is nobody’s address.
    expect(readLogAsked({ person: 'Maud' }, 'UTC').asked).toEqual({});
    expect(readLogAsked({ words: 'a\0b', after: '5-abc' }, 'UTC').asked).toEqual({
      after: { startedAtMs: 5, id: 'abc' },
    });
  });

  it('lets a class be taken out, learns nothing from it then, and puts it back', async () => {
    const id = ids[0] ?? '';
    const before = (await readHistory(open)).groups.menders?.given ?? 0;
    expect(await setClassBinned(open, id, true, NOW)).toBe(true);
    expect(await setClassBinned(open, id, true, NOW)).toBe(false);
    expect(await all({})).toEqual(ids.slice(1));
    expect((await listClasses(open)).map((one) => one.id)).not.toContain(id);
    expect((await readHistory(open)).groups.menders?.given).toBe(before - 1);
    expect(await setClassBinned(open, id, false, NOW)).toBe(true);
    expect(await all({})).toEqual(ids);
  });

  it('takes a class that was led without a screen, and learns no pace from it', async () => {
    const told = {
      practiceId: 'six',
      groupId: 'menders',
      startedAtMs: NOW - 400 * DAY_MS,
      minutes: 9,
      note: 'In the park',
      ledBy: '',
    };
    const before = (await readHistory(open)).pace;
    const id = await addByHand(open, byHandSchema.parse(told));
    expect(id).toBeDefined();
    const [found] = (await findClasses(open, { words: 'in the park' })).classes;
    expect(found).toMatchObject({ id, groupId: 'menders', record: { actualMs: 540_000, finished: true } });
    const spent = (found?.record.items ?? []).reduce((sum, { actualMs }) => sum + actualMs, 0);
    expect(Math.abs(spent - 540_000)).toBeLessThan(50);
    expect((await readHistory(open)).pace).toEqual(before);
    expect(await addByHand(open, { ...told, practiceId: 'nobody' })).toBeUndefined();
    expect(byHandSchema.safeParse({ ...told, minutes: 0 }).success).toBe(false);
    await setClassBinned(open, id ?? '', true, NOW);
  });

  it('is of a phase: of what a practice was about as it was led, by itself or by its organ', async () => {
    const [sea] = await findClasses(open, {}).then(({ classes }) => classes);
    if (!sea) throw new Error('expected a class');
    const about = async (id: string, theme: Brief['theme'], daysOn: number): Promise<string> => {
      const made = compose({
        brief: { ...PLAIN_BRIEF, minutes: 6, theme },
        repertoire: REPERTOIRE,
        customs: DEFAULT_CUSTOMS,
        people: { conditions: [] },
        seed: 1,
        enough: 0.5,
      });
      if (!made.ok) throw new Error('expected a practice');
      await createPractice(open, id, made.practice, NOW);
      const startedAtMs = NOW + daysOn * DAY_MS;
      const given = randomUUID();
      await recordClass(open, {
        id: given,
        practiceId: id,
        version: 1,
        groupId: 'menders',
        record: { ...sea.record, startedAtMs },
      });
      return given;
    };
    // The Liver is Wood, the Heart Fire (common practice); a phase by name is itself.
    const liver = await about('liver', { kind: 'organ', organ: 'liver' }, 1);
    const wood = await about('wood', { kind: 'phase', phase: 'wood' }, 2);
    const heart = await about('heart', { kind: 'organ', organ: 'heart' }, 3);
    // All the others are of the Lung, which is Metal.
    expect(PLAIN_BRIEF.theme).toEqual({ kind: 'organ', organ: 'lung' });
    expect(await all({ phase: 'wood' })).toEqual([wood, liver]);
    expect(await all({ phase: 'fire' })).toEqual([heart]);
    expect(await all({ phase: 'metal' })).toEqual(ids);
    expect(await all({ phase: 'earth' })).toEqual([]);
    expect(await all({ phase: 'wood', groupId: null })).toEqual([]);
    expect(await all(readLogAsked({ phase: 'wood' }, 'Europe/London').asked)).toEqual([wood, liver]);
    expect(readLogAsked({ phase: 'cheese' }, 'Europe/London').asked).toEqual({});
    // What it was about when it was led stays, whatever the practice is changed into.
    await setClassBinned(open, wood, true, NOW);
    expect(await all({ phase: 'wood' })).toEqual([liver]);
  });
});
