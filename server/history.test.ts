import { randomUUID } from 'node:crypto';
import { mkdtempSync, rmSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { PLAIN_BRIEF } from '../core/brief';
import { compose } from '../core/compose';
import { DEFAULT_CUSTOMS } from '../core/customs';
import { REPERTOIRE } from '../core/forms';
import { recordOf, type ClassRecord } from '../core/lead';
import type { Practice } from '../core/practice';
import { recordClass } from './classes';
import { openHere } from './open.test.data';
import { saveGroup, type Group } from './groups';
import { forgetLearnt, readHistory, readTaught, readWhatNext } from './history';
import { createPractice } from './practices';
import type { OwnDatabase } from './sql';

const base = mkdtempSync(path.join(os.tmpdir(), 'navuren-history-'));
const NOW = Date.UTC(2026, 10, 25, 6, 20);
const DAY_MS = 86_400_000;
let open: OwnDatabase;
let led: Practice;

beforeAll(async () => {
  open = await openHere({
    folder: path.join(base, 'data'),
    migrations: path.resolve('db/migrations'),
    demo: false,
  });
  const made = compose({
    brief: { ...PLAIN_BRIEF, minutes: 8 },
    repertoire: REPERTOIRE,
    customs: DEFAULT_CUSTOMS,
    people: { conditions: [] },
    seed: 1,
    enough: 0.5,
  });
  if (!made.ok) throw new Error('expected a practice');
  led = made.practice;
  await createPractice(open, 'led', led, NOW);
}, 60_000);
afterAll(async () => {
  await open.close();
  rmSync(base, { recursive: true, force: true });
});

/** A class led from beginning to end, every form at a share of its planned time. */
function classOf(practice: Practice, daysAgo: number, share: number): ClassRecord {
  const atMs = NOW - daysAgo * DAY_MS;
  const record = recordOf(practice, [{ kind: 'start', atMs }], atMs + 7_200_000);
  return {
    ...record,
    items: record.items.map((item) => ({ ...item, actualMs: Math.round(item.plannedMs * share) })),
  };
}
const give = async (groupId: string | null, record: ClassRecord): Promise<unknown> =>
  recordClass(open, { id: randomUUID(), practiceId: 'led', version: 1, groupId, record });

describe('what the log tells the composer', () => {
  it('is nothing where no class was given', async () => {
    expect(await readHistory(open)).toEqual({
      groups: {},
      myself: { recent: [], known: [], times: {}, given: 0 },
      pace: {},
      told: {},
    });
  });

  it('is each group’s own: its last three classes newest first, and every form it has met', async () => {
    const group: Group = {
      id: 'loft',
      name: 'Bell loft',
      minutes: 30,
      posture: 'standing',
      familiarity: 'known',
      times: [],
      conditions: [],
    };
    await saveGroup(open, group, 0);
    const [first, ...others] = led.items;
    if (!first) throw new Error('expected items');
    await give('loft', classOf({ ...led, items: [first] }, 9, 1));
    for (const days of [4, 3, 2]) await give('loft', classOf({ ...led, items: others }, days, 1));
    await give(null, classOf(led, 1, 1));
    const { groups, myself } = await readHistory(open);
    expect(groups['loft']?.recent).toHaveLength(3);
    // All of them are counted, not the last three: with each the story is another.
    expect(groups['loft']?.given).toBeGreaterThan(3);
    expect(groups['loft']?.recent.flat()).not.toContain(first.formId);
    expect(groups['loft']?.known).toContain(first.formId);
    expect(groups['loft']?.times[first.formId]).toBe(1);
    expect(groups['loft']?.times[others[0]?.formId ?? '']).toBe(3);
    expect(myself.recent).toHaveLength(1);
    // A practice that is open is not held against the classes it gave itself.
    expect((await readHistory(open, 'led')).groups['loft']).toBeUndefined();
  });

  it('is a pace that stays when plans begin to go by it', async () => {
    const id = led.items[1]?.formId ?? '';
    for (let days = 40; days < 44; days += 1) await give(null, classOf(led, days, 1.3));
    const slow = (await readHistory(open)).pace[id] ?? 1;
    expect(slow).toBeGreaterThan(1.05);
    const paced: Practice = {
      ...led,
      items: led.items.map((item) => ({ ...item, stretch: item.stretch * slow, logPace: slow })),
    };
    // Planned at the learnt pace and led on time: nothing is unlearnt.
    for (let days = 10; days < 18; days += 1) await give(null, classOf(paced, days, 1));
    expect((await readHistory(open)).pace[id]).toBeGreaterThan(1.03);
  });

  it('tells after a class what the next draft does otherwise for it, against the log without it', async () => {
    const id = randomUUID();
    const atMs = NOW + DAY_MS;
    const plain = recordOf(led, [{ kind: 'start', atMs }], atMs + 7_200_000);
    const slow = plain.items.findIndex(({ role, taught }) => role === 'nourish' && taught !== undefined);
    await recordClass(open, {
      id,
      practiceId: 'led',
      version: 1,
      groupId: null,
      record: {
        ...plain,
        items: plain.items.map((item, index) =>
          index === slow
            ? // A form the log has not met yet.
              { ...item, formId: 'shaking-off', name: 'Shaking off', actualMs: item.plannedMs * 1.35 }
            : index === slow + 1
              ? { ...item, actualMs: 0, undisturbed: false }
              : item,
        ),
      },
    });
    const next = await readWhatNext(open, id);
    expect(next?.time).toEqual({
      kind: 'pace',
      name: 'Shaking off',
      // A third longer, of which a fifth is believed after one class.
      share: expect.closeTo(0.07, 2) as number,
    });
    expect(next?.choice.leftOut).toEqual([plain.items[slow + 1]?.name]);
    expect(await readWhatNext(open, 'nobody')).toBeUndefined();
  });

  it('can be read form by form, forgotten, and learnt again', async () => {
    const shaking = async () => (await readTaught(open)).rows.find(({ formId }) => formId === 'shaking-off');
    expect((await shaking())?.pace).toBeCloseTo(1.07, 2);
    await forgetLearnt(open, 'shaking-off', NOW + 2 * DAY_MS);
    expect(await shaking()).toBeUndefined();
    expect((await readHistory(open)).pace['shaking-off']).toBeUndefined();
    expect((await readTaught(open)).forgotten).toEqual([{ formId: 'shaking-off', name: 'Shaking off' }]);
    // Twice is once.
    await forgetLearnt(open, 'shaking-off', NOW + 3 * DAY_MS);
    await forgetLearnt(open, 'shaking-off', undefined);
    expect((await shaking())?.pace).toBeCloseTo(1.07, 2);
  });
});
