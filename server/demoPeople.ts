import type { Felt } from '@/core/felt/felt';
import { newPerson } from '@/core/people/newPerson';
import type { Person } from '@/core/people/person';
import { comesOn, dayOf } from '@/core/people/presence';
import type { Random } from '@/core/random';
import { writeFelt } from './felt';
import { savePerson } from './people';
import { tickAfterIn } from './registers';
import type { OwnQueries } from './sql';

const idOf = (number: number): string => `00000000-0000-4000-9000-${String(number).padStart(12, '0')}`;

const agreed = { given: true, on: '2026-09-14', words: 'said so at the door' } as const;
const comes = (groupId: string, weekdays: number[] = [], from = '2026-09-01') => [
  { groupId, weekdays, from },
];

/** How often somebody comes, of ten classes; nobody is always there. */
interface Invented extends Omit<Person, 'id' | 'likes' | 'mayNot' | 'can' | 'note' | 'measures' | 'knows'> {
  readonly likes?: string[];
  readonly mayNot?: string[];
  readonly can?: string;
  readonly note?: string;
  readonly measures?: Person['measures'];
  readonly knows?: Person['knows'];
  readonly ofTen: number;
}

/** The people of Quillhaven: every one of them is invented, and so is what they have. */
// prettier-ignore
const PEOPLE: readonly Invented[] = [
  { name: 'Maud Tarrow', birthYear: 1971, ofTen: 9, comesTo: comes('letter-carriers'), conditions: [{ id: 'shoulder', from: '2026-06-02', note: 'the bag side; better when it is warm' }], can: 'walks eleven kilometres a day', likes: ['loosen-shoulders'], consent: agreed },
  { name: 'Corin Fennimoor', birthYear: 1988, ofTen: 7, comesTo: comes('letter-carriers', [1, 3]), conditions: [], consent: agreed },
  { name: 'Tilda Oxbarrow', birthYear: 1966, ofTen: 8, comesTo: comes('letter-carriers'), conditions: [{ id: 'knee', note: 'stairs down' }], consent: agreed },
  { name: 'Hob Saltwray', birthYear: 1994, ofTen: 5, comesTo: comes('letter-carriers', [5], '2026-10-05'), conditions: [], note: 'Comes when his round allows.', consent: { given: false, words: '' } },
  { name: 'Isla Quent', birthYear: 1959, ofTen: 9, comesTo: comes('bell-loft-choir'), conditions: [], likes: ['sound-lung'], can: 'a breath of twelve seconds, singing', measures: { statureCm: 168, segmentsCm: { 'elbow-wrist': 24.5 } }, knows: [{ formId: 'sound-lung', how: 'could-lead' }], consent: agreed },
  { name: 'Barnaby Thrumble', birthYear: 1949, ofTen: 8, comesTo: comes('bell-loft-choir'), conditions: [], consent: agreed },
  { name: 'Wenna Priskloam', birthYear: 1963, ofTen: 6, comesTo: comes('bell-loft-choir'), conditions: [{ id: 'recent-surgery', from: '2026-07-20', until: '2026-09-30', note: 'healed; her doctor is content' }], consent: agreed },
  { name: 'Odo Merrywick', birthYear: 1977, ofTen: 7, comesTo: comes('bell-loft-choir'), conditions: [], consent: agreed },
  { name: 'Josiah Pettifer', birthYear: 1938, ofTen: 9, comesTo: comes('library-chairs'), conditions: [{ id: 'high-blood-pressure', from: '2019-01-01', note: '' }], can: 'lifts his hands to the brow', consent: agreed },
  { name: 'Agatha Plumrook', birthYear: 1944, ofTen: 8, comesTo: comes('library-chairs'), conditions: [{ id: 'new-hip', from: '2026-05-11', note: 'left; no crossing over' }, { id: 'high-blood-pressure', note: '' }], consent: agreed },
  { name: 'Ferdy Anselock', birthYear: 1951, ofTen: 6, comesTo: comes('library-chairs', [], '2026-10-12'), conditions: [], consent: agreed },
  { name: 'S. V.', ofTen: 0, comesTo: [], conditions: [{ id: 'panic', note: '' }], note: 'Asked for half an hour alone in the new year.', consent: agreed },
];

/** Writes the invented people down. */
export async function seedPeople(queries: OwnQueries, atMs: number): Promise<void> {
  for (const [index, { ofTen: _often, ...one }] of PEOPLE.entries())
    await savePerson(queries, { ...newPerson(idOf(index + 1), one.name), ...one }, 0, atMs);
}

/** Those who like to be asked how they are before and after: Maud, Isla and Josiah. */
const ASKED: ReadonlySet<string> = new Set([1, 5, 9].map(idOf));

/** How an invented person was at an invented moment. */
function momentOf(when: 'before' | 'after', random: Random, before?: Felt): Felt {
  const step = (from: number, to: number): number => from + Math.floor(random.next() * (to - from + 1));
  const pulse = before?.pulse ? before.pulse.perMin - step(-2, 9) : step(68, 86);
  const tension = before?.tension?.['left-shoulder'];
  const eased = Math.max(0, (tension ?? 0) - step(0, 1));
  return {
    when,
    pulse: { perMin: pulse, giveOrTake: 2, by: 'counted', overSec: 30 },
    ...(before
      ? eased > 0 && { tension: { 'left-shoulder': eased } }
      : { tension: { 'left-shoulder': step(1, 3) } }),
    scales: {
      hands: before?.scales?.hands ? Math.min(5, before.scales.hands + step(0, 1)) : step(1, 4),
      mood: before?.scales?.mood ? Math.min(5, before.scales.mood + step(0, 1)) : step(2, 4),
    },
    line: '',
  };
}

/** Says who came to a class of a group, as the seed has it; now and then somebody who is not written down. */
export async function seedPresence(
  queries: OwnQueries,
  given: {
    readonly id: string;
    readonly groupId: string;
    readonly startedAtMs: number;
    readonly endedAtMs: number;
  },
  zone: string,
  random: Random,
): Promise<void> {
  const day = dayOf(given.startedAtMs, zone);
  const present = PEOPLE.flatMap((person, index) =>
    comesOn(person, given.groupId, day) && random.next() * 10 < person.ofTen ? [idOf(index + 1)] : [],
  );
  const others = random.next() < 0.2 ? 1 : 0;
  await tickAfterIn(queries, given.id, { present, others });
  for (const person of present.filter((id) => ASKED.has(id))) {
    const before = momentOf('before', random);
    await writeFelt(queries, person, {
      id: `${given.id.slice(0, 24)}${person.slice(-6)}${given.id.slice(-5)}a`.slice(0, 36),
      atMs: given.startedAtMs - 6 * 60_000,
      felt: before,
    });
    // Not everybody stays to be asked again.
    if (random.next() < 0.85)
      await writeFelt(queries, person, {
        id: `${given.id.slice(0, 24)}${person.slice(-6)}${given.id.slice(-5)}b`.slice(0, 36),
        atMs: given.endedAtMs + 4 * 60_000,
        felt: momentOf('after', random, before),
      });
  }
}
