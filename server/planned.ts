import { readAlmanac } from '@/core/almanac';
import { fillBrief, type Brief } from '@/core/brief';
import type { Customs } from '@/core/customs';
import type { Form } from '@/core/forms';
import { mondayOf } from '@/core/term/calendar';
import type { Term } from '@/core/term/document';
import {
  changesFrom,
  formsToLearn,
  planTerm,
  type PlannedWeek,
  type TermAsked,
  type TermPlan,
  type WeekWord,
} from '@/core/term/plan';
import { CONDITION_IDS } from '@/core/people';
import type { Person } from '@/core/people/person';
import { dayOf, expectedAt, mindedFor, type Minded } from '@/core/people/presence';
import { calendarOf, type StoredGroup } from './groups';

/** Everything a plan is made from. */
export interface Planning {
  readonly term: Term;
  readonly group: StoredGroup;
  readonly ledMs: TermAsked['ledMs'];
  readonly repertoire: readonly Form[];
  readonly customs: Customs;
  readonly nowMs: number;
}

const plain = ({ theme, load }: WeekWord): WeekWord => ({ theme, load });

function askedOf(
  { term, group, ledMs, customs, nowMs }: Planning,
  fixed: TermAsked['fixed'],
  former: TermAsked['former'],
): TermAsked {
  return {
    days: { first: term.first, last: term.last, times: group.times, out: term.out },
    aim: term.aim,
    also: term.also,
    learn: formsToLearn(term.learnSet, term.learn, customs),
    learnSet: term.learnSet,
    ledMs,
    nowMs,
    fixed,
    former,
  };
}

const wordsOf = (term: Term, keep: (monday: string, isLocked: boolean) => boolean): TermAsked['fixed'] =>
  Object.fromEntries(
    Object.entries(term.weeks).flatMap(([monday, word]) =>
      keep(monday, word.isLocked) ? [[monday, plain(word)]] : [],
    ),
  );

/** The term as it was told: every week keeps its word, and what was never told is planned. */
export const toldPlan = (planning: Planning): TermPlan =>
  planTerm(
    askedOf(
      planning,
      wordsOf(planning.term, () => true),
      {},
    ),
    planning.repertoire,
    planning.customs,
  );

/** The term planned again with the least change: what is over and what is locked stays. */
export function plannedAgain(planning: Planning): {
  readonly plan: TermPlan;
  readonly changes: ReturnType<typeof changesFrom>;
} {
  const thisWeek = mondayOf(dayOf(planning.nowMs, planning.customs.place.zone));
  const former = wordsOf(planning.term, () => true);
  const fixed = wordsOf(planning.term, (monday, isLocked) => isLocked || monday < thisWeek);
  const plan = planTerm(askedOf(planning, fixed, former), planning.repertoire, planning.customs);
  return { plan, changes: changesFrom(former, plan.weeks) };
}

/** The term with the words of a plan; what a week has beside its word stays with it. */
export const withPlan = (term: Term, plan: TermPlan): Term => ({
  ...term,
  weeks: Object.fromEntries(
    plan.weeks.map(({ monday, theme, load }) => {
      const before = term.weeks[monday];
      const isSame = before && JSON.stringify(before.theme) === JSON.stringify(theme);
      return [
        monday,
        {
          theme,
          load,
          isLocked: before?.isLocked ?? false,
          // A practice for another theme is no longer this week’s; it stays on the shelf.
          ...(isSame && before.practiceId !== undefined ? { practiceId: before.practiceId } : {}),
        },
      ];
    }),
  ),
});

/** How long a week’s practice is against the usual, by its load: an easy week is not shorter, a full one not longer. */
const INTENT_BY_LOAD = { easy: 'nourish', middling: undefined, full: 'clear-then-nourish' } as const;
/** So many forms at most are asked for by name in one practice. */
const MOST_PINS = 6;

/** The brief of a week: its theme on the day of its first class, for its group, with the forms it should bring. */
export function briefOfWeek(
  { theme, load, classesMs, news, again }: PlannedWeek,
  { group, customs, repertoire }: Planning,
): Brief {
  const reading = readAlmanac(classesMs[0] ?? 0, customs.place, customs);
  const isThere = (id: string): boolean => repertoire.some((form) => form.id === id);
  // A set brings its own forms.
  const pins = theme.kind === 'set' ? [] : [...news, ...again].filter(isThere).slice(0, MOST_PINS);
  const intent = theme.kind === 'organ' ? INTENT_BY_LOAD[load] : undefined;
  return fillBrief(
    {
      theme,
      groupId: group.id,
      pins: pins.map((formId) => ({ formId })),
      ...(intent === undefined ? {} : { intent }),
    },
    reading,
    customs,
    calendarOf([group]),
  ).brief;
}

/** What is to be minded in a week: of those expected at any of its classes, and of the group whoever comes. */
export function mindedInWeek(
  { classesMs }: Pick<PlannedWeek, 'classesMs'>,
  group: StoredGroup,
  people: readonly Person[],
  zone: string,
): Minded {
  const days = [...new Set(classesMs.map((atMs) => dayOf(atMs, zone)))];
  const each = days.map((day) => mindedFor(expectedAt(people, group.id, day), day, group.conditions));
  const had = new Set([...group.conditions, ...each.flatMap(({ conditions }) => conditions)]);
  return {
    conditions: CONDITION_IDS.filter((id) => had.has(id)),
    mayNot: [...new Set(each.flatMap(({ mayNot }) => mayNot))].toSorted(),
    likes: [...new Set(each.flatMap(({ likes }) => likes))].toSorted(),
  };
}
