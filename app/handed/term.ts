import { DAY_MS, instantOf } from '@/core/almanac/zone';
import type { Held } from '@/core/formats/calendar';
import type { Table } from '@/core/formats/table';
import type { HandoutAsked } from '@/core/handout/asked';
import type { TermSheet } from '@/core/handout/termSheet';
import { civil, dayAfter } from '@/core/term/calendar';
import type { TermContent } from '@/handout/termMakers';
import { listGroups } from '@/server/groups';
import { listPeople } from '@/server/people';
import { readPlanning } from '@/server/planning';
import type { Planning } from '@/server/planned';
import { listTerms } from '@/server/terms';
import type { OwnQueries } from '@/server/sql';
import { chosenHere } from '@/ui/kit/chosenHere';
import type { TermView } from '@/ui/term/view';
import { FOR_EVERYONE } from '@/ui/words/cautionSentences';
import { COVERED_KINDS, LOAD_WORDS } from '@/ui/words/term';
import { practicesOf } from '../(rooms)/term/[id]/practicesOf';
import { viewOf } from '../(rooms)/term/[id]/view';

/** The weeks of a term on paper, those without a class in their place. */
function sheetOfTerm(view: TermView, { customs: { place } }: Planning, asked: HandoutAsked): TermSheet {
  const isMine = asked.for === 'me';
  const none = view.empty.map(({ monday, day, out }) => ({
    monday,
    days: [day],
    phase: undefined,
    // Why it falls out may be somebody’s own affair.
    theme: isMine || asked.names ? `no class: ${out.join(', ') || 'days off'}` : 'no class',
    practice: '',
    news: [],
    load: '',
  }));
  const held = view.weeks.map((week) => ({
    monday: week.monday,
    days: week.days,
    phase: week.phase,
    theme: week.themeName,
    practice: week.practice?.name ?? '',
    news: week.news,
    load: LOAD_WORDS[week.load],
  }));
  return {
    title: view.term.name,
    audience: asked.for,
    chosen: asked.names ? [view.groupName, view.term.teacher].filter(Boolean).join(', ') : undefined,
    about: `${view.when}, ${place.zone.replaceAll('_', ' ')}`,
    weeks: [...held, ...none].toSorted((a, b) => (a.monday < b.monday ? -1 : 1)),
    foot: [FOR_EVERYONE],
  };
}

/** Each hour of the group as a series through the term, without the days that fall out; each week called by its theme. */
function heldIn(
  view: TermView,
  { term, group, customs }: Planning,
  asked: HandoutAsked,
  nowMs: number,
): readonly Held[] {
  const { zone } = customs.place;
  const { hasClass, all } = hoursOfTerm(term, group.times, zone);
  const name = asked.names ? `${view.term.name}, ${view.groupName}` : view.term.name;
  return group.times.flatMap((time, index): readonly Held[] => {
    const mine = all.filter((one) => one.time === index);
    const [first, last] = [mine.find(hasClass), mine.findLast(hasClass)];
    if (!first || !last) return [];
    const within = mine.filter(({ atMs }) => atMs >= first.atMs && atMs <= last.atMs);
    return [
      {
        uid: `term-${term.id}-${index}@navuren`,
        sequence: Math.floor(nowMs / 60_000),
        summary: name,
        description: '',
        place: undefined,
        startMs: first.atMs,
        minutes: group.minutes,
        alarmMin: asked.alarm,
        weekly: {
          weekdays: [time.weekday],
          lastMs: last.atMs,
          outMs: within.filter((one) => !hasClass(one)).map(({ atMs }) => atMs),
          own: within.filter(hasClass).flatMap(({ atMs, monday }) => {
            const week = view.weeks.find((one) => one.monday === monday);
            return week
              ? [{ atMs, summary: `${name}: ${week.themeName}`, description: week.practice?.name ?? '' }]
              : [];
          }),
        },
      },
    ];
  });
}

interface Hour {
  readonly time: number;
  readonly atMs: number;
  readonly monday: string;
  readonly day: string;
}

/** Every hour there would be in a term, and whether it is held. */
export function hoursOfTerm(
  { first, last, out }: Planning['term'],
  times: Planning['group']['times'],
  zone: string,
) {
  const all: Hour[] = [];
  for (let day = first; day <= last; day = dayAfter(day, 1)) {
    const weekday = ((new Date(`${day}T00:00:00Z`).getUTCDay() + 6) % 7) + 1;
    times.forEach((time, index) => {
      if (time.weekday === weekday)
        all.push({
          time: index,
          atMs: instantOf({ ...civil(day), hour: time.hour, minute: time.minute }, zone),
          monday: dayAfter(day, 1 - weekday),
          day,
        });
    });
  }
  const hasClass = ({ day }: Hour): boolean => !out.some(({ from, until }) => from <= day && day <= until);
  return { all, hasClass };
}

const coverageOf = ({ cover }: TermView): Table => ({
  columns: ['kind', 'name', 'weeks'],
  rows: cover.map(({ kind, name, weeks }) => [COVERED_KINDS[kind], name, weeks.length]),
});

const weeksTable = (sheet: TermSheet): Table => ({
  columns: ['week', 'classes', 'for', 'practice', 'new', 'load'],
  rows: sheet.weeks.map(({ monday, days, theme, practice, news, load }) => [
    monday,
    days.join('; '),
    theme,
    practice,
    news.join('; '),
    load,
  ]),
});

/** A term for an audience; its group is named only where that is wished. */
export async function termContent(
  queries: OwnQueries,
  id: string,
  asked: HandoutAsked,
  nowMs: number,
): Promise<{ readonly content: TermContent; readonly name: string } | undefined> {
  const read = await readPlanning(queries, id, nowMs);
  if (!read) return undefined;
  const { planning, version } = read;
  chosenHere(planning.customs);
  const view = viewOf(
    planning,
    version,
    await listGroups(queries),
    await practicesOf(queries, planning.term),
    await listPeople(queries),
    (await listTerms(queries)).terms.map((one) => one.term),
  );
  const sheet = sheetOfTerm(view, planning, asked);
  return {
    name: planning.term.name,
    content: {
      sheet,
      held: heldIn(view, planning, asked, nowMs),
      coverage: coverageOf(view),
      weeks: weeksTable(sheet),
      zone: planning.customs.place.zone,
      writtenMs: nowMs,
    },
  };
}

/** The stretch of time a term is, ms, for what may stand in its way. */
export function stretchOfTerm({ term, customs }: Planning): {
  readonly fromMs: number;
  readonly toMs: number;
} {
  const { zone } = customs.place;
  return { fromMs: instantOf(civil(term.first), zone), toMs: instantOf(civil(term.last), zone) + DAY_MS };
}
