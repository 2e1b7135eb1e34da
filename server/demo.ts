import { compose } from '@/core/compose';
import { DEFAULT_CUSTOMS, type Customs } from '@/core/customs';
import type { Brief } from '@/core/brief';
import { REPERTOIRE } from '@/core/forms';
import { recordOf, type LeadAction } from '@/core/lead';
import { compile } from '@/core/practice';
import { recordClass } from './classes';
import { saveCustoms } from './customs';
import type { Database } from './sql';
import { saveGroup, type Group } from './groups';
import { createPractice } from './practices';
import { sql } from './sql';

/** Quillhaven and everyone in it is invented. */
const QUILLHAVEN: Customs = {
  ...DEFAULT_CUSTOMS,
  place: { name: 'Quillhaven', latitudeDeg: 52.09, longitudeDeg: 1.32, zone: 'Europe/London' },
};

// prettier-ignore
const GROUPS: readonly Group[] = [
  {
    id: 'letter-carriers', name: 'the letter carriers', minutes: 12, posture: 'standing', familiarity: 'known',
    times: [1, 2, 3, 4, 5].map((weekday) => ({ weekday, hour: 6, minute: 20 })), conditions: ['knee', 'shoulder'],
  },
  {
    id: 'bell-loft-choir', name: 'the bell loft choir', minutes: 25, posture: 'standing', familiarity: 'known',
    times: [{ weekday: 4, hour: 19, minute: 0 }], conditions: [],
  },
  {
    id: 'library-chairs', name: 'the library chairs', minutes: 15, posture: 'seated', familiarity: 'taught',
    times: [{ weekday: 2, hour: 10, minute: 30 }], conditions: ['high-blood-pressure', 'new-hip'],
  },
];

interface DemoPractice {
  readonly id: string;
  readonly name: string;
  readonly seed: number;
  readonly brief: Brief;
}

const usual = { breathsPerMin: 6, without: [] as string[] };
// prettier-ignore
const PRACTICES: readonly DemoPractice[] = [
  {
    id: 'before-the-rounds', name: 'Before the rounds', seed: 11,
    brief: { ...usual, minutes: 12, dayPart: 'morning', theme: { kind: 'organ', organ: 'kidney' }, season: 'winter', posture: 'standing', groupId: 'letter-carriers', intent: 'clear-then-nourish', familiarity: 'known' },
  },
  {
    id: 'six-sounds-for-the-loft', name: 'Breath for the loft', seed: 4,
    brief: { ...usual, minutes: 25, dayPart: 'evening', theme: { kind: 'organ', organ: 'lung' }, season: 'winter', posture: 'standing', groupId: 'bell-loft-choir', intent: 'clear-then-nourish', familiarity: 'known', breathsPerMin: 5 },
  },
  {
    id: 'quiet-quarter-hour', name: 'A quiet quarter hour', seed: 2,
    brief: { ...usual, minutes: 15, dayPart: 'morning', theme: { kind: 'phase', phase: 'earth' }, season: 'winter', posture: 'seated', groupId: 'library-chairs', intent: 'calm', familiarity: 'taught' },
  },
];

/** A fixed moment, so that the sample is the same wherever it is made. */
const DEMO_FROM_MS = Date.UTC(2026, 10, 24, 6, 20);

/** Fills an empty database with the Quillhaven sample; leaves any other as it is. */
export async function seedDemo(database: Database): Promise<void> {
  const [count] = await database.rows(
    sql`select (select count(*) from practice) + (select count(*) from customs) as n`,
  );
  if (Number(count?.n) > 0) return;
  await saveCustoms(database, QUILLHAVEN, DEMO_FROM_MS);
  for (const group of GROUPS) await saveGroup(database, group);
  for (const [index, demo] of PRACTICES.entries()) {
    const conditions = GROUPS.find((group) => group.id === demo.brief.groupId)?.conditions ?? [];
    const result = compose(demo.brief, REPERTOIRE, QUILLHAVEN, { conditions }, demo.seed);
    if (!result.ok) throw new Error(`the sample practice "${demo.name}" could not be composed`);
    await createPractice(
      database,
      demo.id,
      { ...result.practice, name: demo.name },
      DEMO_FROM_MS - index * 3_600_000,
    );
  }
  await seedClass(database);
}

/** One class already given: the leader added a repetition and ran a little over. */
async function seedClass(database: Database): Promise<void> {
  const demo = PRACTICES[0];
  if (!demo) return;
  const conditions = GROUPS[0]?.conditions ?? [];
  const result = compose(demo.brief, REPERTOIRE, QUILLHAVEN, { conditions }, demo.seed);
  if (!result.ok) return;
  const middle = compile(result.practice).items[4];
  const item = result.practice.items[4];
  if (!middle || !item) return;
  const actions: LeadAction[] = [
    { kind: 'start', atMs: DEMO_FROM_MS },
    { kind: 'one-more', atMs: DEMO_FROM_MS + middle.startMs + 5000, itemId: item.id },
  ];
  await recordClass(database, {
    id: '00000000-0000-4000-8000-000000000001',
    practiceId: demo.id,
    version: 1,
    groupId: demo.brief.groupId,
    record: recordOf(result.practice, actions, DEMO_FROM_MS + 20 * 60_000),
  });
}
