import { seasonBands } from '@/core/almanac';
import { nextTerms } from '@/core/almanac/terms';
import { DAY_MS, instantOf } from '@/core/almanac/zone';
import { themeName } from '@/core/brief/names';
import { themePhase } from '@/core/brief/theme';
import type { Form } from '@/core/forms';
import type { Person } from '@/core/people/person';
import { dayOf } from '@/core/people/presence';
import { civil, clashesOf, dayAfter, mondayOf } from '@/core/term/calendar';
import { COVERED, type Covered } from '@/core/term/coverage';
import type { Term } from '@/core/term/document';
import type { PlannedWeek } from '@/core/term/plan';
import { sameTheme } from '@/core/term/themes';
import type { StoredGroup } from '@/server/groups';
import { briefOfWeek, mindedInWeek, plannedAgain, toldPlan, type Planning } from '@/server/planned';
import { dateText } from '@/ui/kit/time';
import { coveredName, LOAD_WORDS, weekReasonText } from '@/ui/words/term';
import type { CoverView, PracticeOfWeek, TermView, WeekView } from '@/ui/term/view';

/** A solar term comes every fifteen days or so. */
const TERMS_A_YEAR = 24;

const idOf = (covered: Covered): string =>
  covered.kind === 'organ'
    ? covered.organ
    : covered.kind === 'channel'
      ? covered.channel
      : covered.kind === 'joint'
        ? covered.joint
        : covered.capacity;

/** The stretch of the year a term is: whose time it is, and the solar terms, each where it is in it. */
function stretchOf({ term, customs }: Planning): Pick<TermView, 'bands' | 'marks'> {
  const { place } = customs;
  const fromMs = instantOf(civil(mondayOf(term.first)), place.zone);
  const toMs = instantOf(civil(dayAfter(mondayOf(term.last), 7)), place.zone);
  const share = (atMs: number): number => Math.min(1, Math.max(0, (atMs - fromMs) / (toMs - fromMs)));
  return {
    bands: seasonBands(fromMs, toMs, place, customs).map((band) => ({
      phase: band.phase,
      from: share(band.fromMs),
      to: share(band.toMs),
    })),
    marks: nextTerms(fromMs, TERMS_A_YEAR)
      .filter(({ atMs }) => atMs < toMs)
      .map(({ term: of, atMs }) => ({ at: share(atMs), hanzi: of.hanzi, pinyin: of.pinyin, name: of.name })),
  };
}

/** What stands in the way of the hours: another group at the same time. */
function clashesWith(
  { term, group, customs }: Planning,
  groups: readonly StoredGroup[],
  terms: readonly Term[],
): readonly string[] {
  const { zone } = customs.place;
  const fromMs = instantOf(civil(term.first), zone);
  const toMs = instantOf(civil(dayAfter(term.last, 1)), zone);
  const nameOf = (id: string): string => groups.find((one) => one.id === id)?.name ?? id;
  // Two teachers may well teach at once.
  const teacherOf = (id: string): string =>
    terms.find((one) => one.groupId === id && one.first <= term.last && term.first <= one.last)?.teacher ??
    '';
  const own = groups.filter(({ id }) => id === group.id || teacherOf(id) === (term.teacher ?? ''));
  return clashesOf(own, fromMs, toMs, zone)
    .filter(({ groups: both }) => both.includes(group.id))
    .map(
      ({ groups: [one, other], atMs }) =>
        `${nameOf(one)} and ${nameOf(other)} meet at the same time: ${dateText(atMs, zone, 'dayTime')}.`,
    );
}

const nameIn =
  (repertoire: readonly Form[]) =>
  (id: string): string =>
    repertoire.find((form) => form.id === id)?.name ?? id;

const nameOf = (counter: number): string => {
  const covered = COVERED[counter];
  return covered ? coveredName(covered) : '';
};

/** A week as the page shows it. */
function weekOf(
  week: PlannedWeek,
  planning: Planning,
  practices: ReadonlyMap<string, PracticeOfWeek>,
  people: readonly Person[],
): WeekView {
  const { term, group, customs, repertoire, nowMs } = planning;
  const { zone } = customs.place;
  const formName = nameIn(repertoire);
  const thisWeek = mondayOf(dayOf(nowMs, zone));

  const told = term.weeks[week.monday];
  const practice = told?.practiceId === undefined ? undefined : practices.get(told.practiceId);
  return {
    monday: week.monday,
    days: week.classesMs.map((atMs) => dateText(atMs, zone, 'dayTime')),
    out: week.out,
    theme: week.theme,
    themeName: themeName(week.theme),
    phase: themePhase(week.theme),
    load: week.load,
    isLocked: told?.isLocked ?? false,
    isOver: (week.classesMs.at(-1) ?? 0) + group.minutes * 60_000 < nowMs,
    isNow: week.monday === thisWeek,
    news: week.news.map(formName),
    again: week.again.map(formName),
    why: week.reasons.map(weekReasonText),
    first: week.covers.map(nameOf),
    practice,
    logHref: `/log?group=${group.id}&month=${dayOf(week.classesMs[0] ?? 0, zone).slice(0, 7)}`,
    brief: briefOfWeek(week, planning),
    minded: mindedInWeek(week, group, people, zone),
  };
}

/** A term as its page shows it, from everything it is planned from. */
export function viewOf(
  planning: Planning,
  version: number,
  groups: readonly StoredGroup[],
  practices: ReadonlyMap<string, PracticeOfWeek>,
  people: readonly Person[],
  terms: readonly Term[],
): TermView {
  const { term, group, customs, repertoire } = planning;
  const { zone } = customs.place;
  const plan = toldPlan(planning);
  const formName = nameIn(repertoire);
  const weeks = plan.weeks.map((week) => weekOf(week, planning, practices, people));
  const dayText = (monday: string): string =>
    dateText(instantOf(civil(monday), zone) + DAY_MS / 2, zone, 'dayMonth');
  return {
    term,
    version,
    groupName: group.name,
    when: `${dateText(instantOf(civil(term.first), zone), zone, 'date')} to ${dateText(instantOf(civil(term.last), zone), zone, 'date')}`,
    weeks,
    empty: plan.empty.map(({ monday, out }) => ({ monday, out, day: dayText(monday) })),
    threads: plan.threads.map((thread) => ({ ...thread, name: formName(thread.formId) })),
    cover: COVERED.map((covered, counter): CoverView => ({
      kind: covered.kind,
      id: idOf(covered),
      name: coveredName(covered),
      weeks: plan.weeks.flatMap(({ comesBy }, week) => (comesBy.includes(counter) ? [week] : [])),
    })),
    ...stretchOf(planning),
    ...again(planning, dayText),
    clashes: clashesWith(planning, groups, terms),
  };
}

/** What planning it again would change, in words, and how far from the best that plan may be. */
function again(planning: Planning, dayText: (monday: string) => string): Pick<TermView, 'changes' | 'gap'> {
  const { plan, changes } = plannedAgain(planning);
  return {
    gap: plan.value === 0 ? 0 : (plan.bound - plan.value) / Math.abs(plan.value),
    changes: changes.map(({ monday, was, is }) =>
      sameTheme(was.theme, is.theme)
        ? `${dayText(monday)}: ${LOAD_WORDS[is.load]} instead of ${LOAD_WORDS[was.load]}`
        : `${dayText(monday)}: ${themeName(is.theme)} instead of ${themeName(was.theme)}`,
    ),
  };
}
