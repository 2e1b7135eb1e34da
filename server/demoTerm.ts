import type { Customs } from '@/core/customs';
import { REPERTOIRE } from '@/core/forms';
import type { Term } from '@/core/term/document';
import { listGroups } from './groups';
import { plannedAgain, withPlan } from './planned';
import type { OwnQueries } from './sql';
import { ledFor, saveTerm } from './terms';

/** The choir of Quillhaven’s autumn into winter: the sounds are learnt, one after the other. */
const TERM: Term = {
  id: '00000000-0000-4000-a000-000000000001',
  groupId: 'bell-loft-choir',
  name: 'Autumn into winter',
  first: '2026-09-14',
  last: '2026-12-31',
  aim: 'year',
  also: ['breath'],
  learnSet: 'six-sounds',
  learn: [],
  out: [{ from: '2026-12-24', until: '2026-12-31', name: 'between the years' }],
  weeks: {},
};

/** What the choir had in the weeks that are over, by the first Monday from which on it did. */
const HAD = [
  ['2026-11-02', 'six-sounds-for-the-loft'],
  ['2026-09-14', 'breath-for-the-loft'],
] as const;

/** Plans the term as it stood on the day of the sample, from the classes that were led. */
export async function seedTerm(queries: OwnQueries, customs: Customs, nowMs: number): Promise<void> {
  const group = (await listGroups(queries)).find(({ id }) => id === TERM.groupId);
  if (!group) return;
  const ledMs = await ledFor(queries, group.id);
  const { plan } = plannedAgain({ term: TERM, group, ledMs, repertoire: REPERTOIRE, customs, nowMs });
  const { weeks, ...planned } = withPlan(TERM, plan);
  const over = plan.weeks.filter(({ classesMs }) => (classesMs.at(-1) ?? 0) < nowMs);
  const term: Term = {
    ...planned,
    weeks: Object.fromEntries(
      Object.entries(weeks).map(([monday, word]) => {
        const had = over.some((week) => week.monday === monday)
          ? HAD.find(([from]) => from <= monday)?.[1]
          : undefined;
        return [monday, had === undefined ? word : { ...word, practiceId: had }];
      }),
    ),
  };
  await saveTerm(queries, term, 0, nowMs);
}
