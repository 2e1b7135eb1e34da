import { compose } from '@/core/compose';
import { DEFAULT_CUSTOMS, type Customs } from '@/core/customs';
import { suggestBreath, suggestVoice, type Brief } from '@/core/brief';
import { REPERTOIRE, type OwnWords } from '@/core/forms';
import { recordOf, type LeadAction } from '@/core/lead';
import { compile, type Practice } from '@/core/practice';
import { seededRandom, type Random } from '@/core/random';
import { recordClass, writeOfClass } from './classes';
import { saveCustoms } from './customs';
import { OWNER, ownedBy, type Database, type OwnQueries, type Queries } from './sql';
import { saveWords } from './forms';
import { saveGroup, type Group } from './groups';
import { seedPeople, seedPresence } from './demoPeople';
import { seedTerm } from './demoTerm';
import { createPracticeIn } from './practices';
import { sql } from './sql';

/** Quillhaven lies where no town is, out at sea; the town and everyone in it are invented. */
const QUILLHAVEN: Customs = {
  ...DEFAULT_CUSTOMS,
  place: { name: 'Quillhaven', latitudeDeg: 53.35, longitudeDeg: 1.05, zone: 'Europe/London' },
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
    id: 'six-sounds-for-the-loft', name: 'Six sounds for the loft', seed: 4,
    brief: { ...usual, minutes: 25, dayPart: 'evening', theme: { kind: 'set', set: 'six-sounds' }, season: 'winter', posture: 'standing', groupId: 'bell-loft-choir', intent: 'clear-then-nourish', familiarity: 'known', breathsPerMin: 5 },
  },
  {
    id: 'quiet-quarter-hour', name: 'A quiet quarter hour', seed: 2,
    brief: { ...usual, minutes: 15, dayPart: 'morning', theme: { kind: 'phase', phase: 'earth' }, season: 'winter', posture: 'seated', groupId: 'library-chairs', intent: 'calm', familiarity: 'taught' },
  },
  {
    id: 'fog-off-the-quay', name: 'Fog off the quay', seed: 6,
    brief: { ...usual, minutes: 12, dayPart: 'morning', theme: { kind: 'organ', organ: 'lung' }, season: 'autumn', posture: 'standing', groupId: 'letter-carriers', intent: 'clear-then-nourish', familiarity: 'known' },
  },
  {
    id: 'breath-for-the-loft', name: 'Breath for the loft', seed: 9,
    brief: { ...usual, minutes: 25, dayPart: 'evening', theme: { kind: 'organ', organ: 'lung' }, season: 'autumn', posture: 'standing', groupId: 'bell-loft-choir', intent: 'clear-then-nourish', familiarity: 'known', breathsPerMin: 5 },
  },
  {
    id: 'eight-pieces-at-home', name: 'Eight pieces at home', seed: 3,
    brief: { ...usual, minutes: 20, dayPart: 'morning', theme: { kind: 'set', set: 'eight-brocades' }, season: 'winter', posture: 'standing', groupId: null, intent: 'nourish', familiarity: 'known', breathsPerMin: 5 },
  },
];

/** What the teacher of Quillhaven has noted on forms, for herself alone; everyone named is invented. */
// prettier-ignore
const NOTES: readonly OwnWords[] = [
  { formId: 'loosen-shoulders', cues: {}, note: 'Maud Tarrow (letter carriers) rolls the bag side smaller since her shoulder; the others follow her pace gladly.' },
  { formId: 'brocade-hold-up-the-sky', cues: {}, note: 'Old Pettifer in the library chairs goes up only to the brow. He laughs when I say the ceiling is high enough.' },
  { formId: 'sound-lung', cues: {}, note: 'Isla Quent leads the second altos: when she breathes out long, the whole row does.' },
];

/** A fixed moment, so that the sample is the same wherever it is made. */
const DEMO_FROM_MS = Date.UTC(2026, 10, 24, 6, 20);
const DAY_MS = 86_400_000;

/** Fills an empty database with the Quillhaven sample, whole or not at all; leaves any other as it is. */
export async function seedDemo(database: Database): Promise<void> {
  const isEmpty = async (queries: Queries): Promise<boolean> => {
    const [count] = await queries.rows(
      sql`select (select count(*) from practice) + (select count(*) from customs) as n`,
    );
    return Number(count?.n) === 0;
  };
  if (!(await isEmpty(database))) return;
  const made = PRACTICES.map((demo) => ({ demo, practice: drafted(demo) }));
  await ownedBy(database, OWNER).transaction(async (queries) => {
    if (!(await isEmpty(queries))) return;
    await saveCustoms(queries, QUILLHAVEN, 0, DEMO_FROM_MS);
    for (const group of GROUPS) await saveGroup(queries, group, 0);
    await seedPeople(queries, DEMO_FROM_MS);
    for (const words of NOTES) await saveWords(queries, words, 0, DEMO_FROM_MS);
    for (const [index, { demo, practice }] of made.entries())
      await createPracticeIn(queries, demo.id, practice, DEMO_FROM_MS - index * 3_600_000);
    await seedSeason(queries, new Map(made.map(({ demo, practice }) => [demo.id, practice])));
    await seedTerm(queries, QUILLHAVEN, DEMO_FROM_MS);
  });
}

function drafted(demo: DemoPractice): Practice {
  const conditions = GROUPS.find((group) => group.id === demo.brief.groupId)?.conditions ?? [];
  const asked = { ...demo.brief, place: demo.brief.place ?? [] };
  const result = compose({
    // Breath and sound as they are suggested for hour, theme and people.
    brief: {
      ...demo.brief,
      voice: suggestVoice(asked, QUILLHAVEN).value,
      breath: suggestBreath(asked, QUILLHAVEN).value,
    },
    repertoire: REPERTOIRE,
    customs: QUILLHAVEN,
    people: { conditions },
    seed: demo.seed,
  });
  if (!result.ok) throw new Error(`the sample practice "${demo.name}" could not be composed`);
  return { ...result.practice, name: demo.name };
}

/** What the season’s log holds: who had which practice, from and until how many weeks ago, by the wall clock UTC. */
// prettier-ignore
const SEASON = [
  { practice: 'fog-off-the-quay', group: 'letter-carriers', weekdays: [1, 3, 5], hour: 5, minute: 20, from: 10, until: 4 },
  { practice: 'before-the-rounds', group: 'letter-carriers', weekdays: [1, 3, 5], hour: 6, minute: 20, from: 3, until: 0 },
  { practice: 'breath-for-the-loft', group: 'bell-loft-choir', weekdays: [4], hour: 18, minute: 0, from: 10, until: 4 },
  { practice: 'six-sounds-for-the-loft', group: 'bell-loft-choir', weekdays: [4], hour: 19, minute: 0, from: 3, until: 1 },
  { practice: 'quiet-quarter-hour', group: 'library-chairs', weekdays: [2], hour: 10, minute: 30, from: 10, until: 1 },
  { practice: 'eight-pieces-at-home', group: null, weekdays: [7], hour: 8, minute: 0, from: 8, until: 0 },
] as const;

/** Classes of the last ten weeks: most as planned, some with one more, a pause, or an early end. */
async function seedSeason(queries: OwnQueries, practices: ReadonlyMap<string, Practice>): Promise<void> {
  const random = seededRandom(20261124);
  const presence = seededRandom(20261125);
  const monday = DEMO_FROM_MS - 1 * DAY_MS - (DEMO_FROM_MS % DAY_MS);
  let number = 0;
  for (const row of SEASON) {
    const practice = practices.get(row.practice);
    if (!practice) continue;
    for (let week = row.from; week >= row.until; week -= 1)
      for (const weekday of row.weekdays) {
        const atMs =
          monday - week * 7 * DAY_MS + (weekday - 1) * DAY_MS + (row.hour * 60 + row.minute) * 60_000;
        if (atMs > DEMO_FROM_MS) continue;
        number += 1;
        const id = `00000000-0000-4000-8000-${String(number).padStart(12, '0')}`;
        await recordClass(queries, {
          id,
          practiceId: row.practice,
          version: 1,
          groupId: row.group,
          record: recordOf(practice, actionsOf(practice, atMs, random), atMs + 3_600_000),
        });
        if (number % EVERY === 0)
          await writeOfClass(queries, id, {
            note: WRITTEN[(number / EVERY) % WRITTEN.length] ?? '',
            ledBy: '',
          });
        if (row.group !== null)
          await seedPresence(
            queries,
            { id, groupId: row.group, startedAtMs: atMs, endedAtMs: atMs + practice.brief.minutes * 60_000 },
            QUILLHAVEN.place.zone,
            presence,
          );
      }
  }
}

/** What the teacher of Quillhaven wrote of some classes. */
const WRITTEN = [
  'Rain; three came late and the rounds begin at seven.',
  'Quieter than usual. Once more, and slower, next time.',
  'The long exhale went well; leave more time after it.',
  'Ran over at the joints again: one circle fewer.',
  'Asked for the swings back.',
] as const;
/** One class in so many has a line. */
const EVERY = 7;

/** What a leader did in one class, decided by the seed. */
function actionsOf(practice: Practice, atMs: number, random: Random): readonly LeadAction[] {
  const timeline = compile(practice);
  const at = 1 + Math.floor(random.next() * (practice.items.length - 2));
  const [item, span] = [practice.items[at], timeline.items[at]];
  const what = random.next();
  const start: LeadAction = { kind: 'start', atMs: atMs + Math.round(random.next() * 90_000) };
  if (!item || !span) return [start];
  const when = start.atMs + span.startMs + Math.round(span.lengthMs * 0.4);
  if (what < 0.3) return [start, { kind: 'one-more', atMs: when, itemId: item.id }];
  if (what < 0.45)
    return [
      start,
      { kind: 'pause', atMs: when },
      { kind: 'resume', atMs: when + 20_000 + Math.round(random.next() * 40_000) },
    ];
  if (what < 0.5) return [start, { kind: 'end', atMs: start.atMs + Math.round(timeline.totalMs * 0.9) }];
  return [start];
}
