import { instantOf } from '@/core/almanac/zone';
import { nextOccurrence } from '@/core/almanac/classes';
import { clockOf } from '@/core/formats/clock';
import type { Held } from '@/core/formats/calendar';
import type { HandoutAsked } from '@/core/handout/asked';
import { stepIn, weekAt } from '@/core/homework/grow';
import { conditionsOn, dayOf } from '@/core/people/presence';
import { compile, withoutPrivate } from '@/core/practice';
import type { PracticeContent } from '@/handout/practiceMakers';
import { readCustoms } from '@/server/customs';
import { listGroups, type StoredGroup } from '@/server/groups';
import { readHomework } from '@/server/homework';
import { readForTeacher, readLed } from '@/server/led';
import { readPerson } from '@/server/people';
import { readPractice } from '@/server/practices';
import type { OwnQueries } from '@/server/sql';
import { homeworkSheetOf, type Prescribed } from '@/ui/homework/homeworkSheetOf';
import { chosenHere } from '@/ui/kit/chosenHere';
import { dateText } from '@/ui/kit/time';
import { sheetOf } from '@/ui/sheet/sheetOf';

/** The sequence of an entry: it grows with every writing, so that the later file counts. Minutes since 1970. */
const sequenceAt = (atMs: number): number => Math.floor(atMs / 60_000);

/** A wall-clock reading such as "2026-12-01T18:30" as an instant. */
export function instantOfWall(text: string, zone: string): number {
  const [year = 0, month = 1, day = 1, hour = 0, minute = 0] = text.split(/[-T:]/).map(Number);
  return instantOf({ year, month, day, hour, minute }, zone);
}

/** When a practice is next held: at the group's next hour, or at the next half past six in the evening. */
function nextHeld(group: StoredGroup | undefined, zone: string, nowMs: number): number {
  const times = group?.times.map((time) => nextOccurrence(time, nowMs, zone)) ?? [];
  if (times.length > 0) return Math.min(...times);
  const evening = Array.from({ length: 7 }, (_, index) => ({ weekday: index + 1, hour: 18, minute: 30 }));
  return Math.min(...evening.map((time) => nextOccurrence(time, nowMs, zone)));
}

interface Handed {
  readonly content: PracticeContent;
  /** Called so in the file's name and in the head of the page. */
  readonly name: string;
}

/** A practice for an audience: for others without anything private; for oneself with one's notes and whose it is. */
export async function practiceContent(
  queries: OwnQueries,
  id: string,
  asked: HandoutAsked,
  nowMs: number,
): Promise<Handed | undefined> {
  const [led, stored] = [await readLed(queries, id), await readPractice(queries, id)];
  if (!led || !stored) return undefined;
  const customs = await readCustoms(queries);
  chosenHere(customs);
  const { zone } = customs.place;
  const group = (await listGroups(queries)).find((one) => one.id === led.groupId);
  const isMine = asked.for === 'me';
  const atMs = asked.at ? instantOfWall(asked.at, zone) : nextHeld(group, zone, nowMs);
  const practice = isMine
    ? { ...stored.practice, story: led.story }
    : { ...withoutPrivate(led.practice), story: led.story };
  const timeline = compile(practice);
  const conditions = isMine ? led.conditions : led.conditionsOnPaper;
  const chosen = asked.names
    ? [group?.name, dateText(atMs, zone, 'day')].filter(Boolean).join(', ')
    : undefined;
  const notes = isMine ? (await readForTeacher(queries, led)).notes : {};
  const sheet = sheetOf(practice, { conditions, audience: asked.for, chosen, notes, timeline });
  return {
    name: practice.name,
    content: {
      practice,
      timeline,
      sheet,
      homework: homeworkSheetOf(practice, {
        audience: asked.for,
        conditions,
        isForOne: false,
        prescribed: undefined,
        chosen,
      }),
      held: [
        {
          uid: `practice-${id}@navuren`,
          sequence: sequenceAt(nowMs),
          summary: asked.names && group ? `${practice.name}, ${group.name}` : practice.name,
          description: sheet.sections
            .flatMap(({ rows }) =>
              rows.map(({ startMs, name, dose }) => [clockOf(startMs), name, dose].filter(Boolean).join(' ')),
            )
            .join('\n'),
          place: undefined,
          startMs: atMs,
          minutes: Math.ceil(timeline.totalMs / 60_000),
          alarmMin: asked.alarm,
        },
      ],
      zone,
      writtenMs: nowMs,
    },
  };
}

/** Days of a week on which something is done so often, as even as can be, from Monday. */
export const evenDays = (often: number): readonly number[] =>
  Array.from({ length: often }, (_, index) => 1 + Math.floor((index * 7) / often));

const USUAL_HOUR = '07:30';

/** A step of somebody's homework: without their name unless that is wished, and with what they mind. */
export async function homeworkContent(
  queries: OwnQueries,
  id: string,
  asked: HandoutAsked,
  nowMs: number,
): Promise<(Handed & { readonly personId: string }) | undefined> {
  const kept = await readHomework(queries, id);
  const person = kept && (await readPerson(queries, kept.personId))?.person;
  if (!kept || !person) return undefined;
  const customs = await readCustoms(queries);
  chosenHere(customs);
  const { zone } = customs.place;
  const { homework } = kept;
  const today = dayOf(nowMs, zone);
  const step =
    asked.step === undefined
      ? stepIn(homework.steps, Math.max(0, weekAt(homework, today) ?? 0))
      : homework.steps[asked.step];
  const stored = step && (await readPractice(queries, step.practiceId));
  if (!step || !stored) return undefined;
  const practice = withoutPrivate(stored.practice);
  const timeline = compile(practice);
  const conditions = conditionsOn(person, homework.first);
  const chosen = asked.names ? person.name : undefined;
  const prescribed: Prescribed = {
    daysAWeek: homework.daysAWeek,
    first: homework.first,
    weeks: homework.weeks,
  };
  return {
    name: practice.name,
    personId: kept.personId,
    content: {
      practice,
      timeline,
      sheet: sheetOf(practice, { conditions, audience: asked.for, chosen, timeline }),
      homework: homeworkSheetOf(practice, {
        audience: asked.for,
        conditions,
        isForOne: true,
        prescribed,
        chosen,
      }),
      held: await prescription(queries, homework, asked, { zone, nowMs }),
      zone,
      writtenMs: nowMs,
    },
  };
}

/** Homework as a series a step: on as many days as it was asked for, at an hour, until the next step begins. */
async function prescription(
  queries: OwnQueries,
  { id, first, weeks, steps, daysAWeek }: NonNullable<Awaited<ReturnType<typeof readHomework>>>['homework'],
  { at, alarm }: HandoutAsked,
  { zone, nowMs }: { readonly zone: string; readonly nowMs: number },
): Promise<readonly Held[]> {
  const hour = at?.slice(11) ?? USUAL_HOUR;
  const on = (days: number): string => {
    const date = new Date(Date.parse(`${first}T00:00:00Z`) + days * 86_400_000);
    return date.toISOString().slice(0, 10);
  };
  const weekdays = evenDays(daysAWeek);
  const held: Held[] = [];
  for (const [index, step] of steps.entries()) {
    const stored = await readPractice(queries, step.practiceId);
    const until = steps[index + 1]?.fromWeek ?? weeks;
    const days = Array.from({ length: (until - step.fromWeek) * 7 }, (_, day) =>
      on(step.fromWeek * 7 + day),
    ).filter((day) => weekdays.includes(((new Date(`${day}T00:00:00Z`).getUTCDay() + 6) % 7) + 1));
    const [begins, ends] = [days[0], days[days.length - 1]];
    if (!stored || !begins || !ends) continue;
    held.push({
      uid: `homework-${id}-${index}@navuren`,
      sequence: sequenceAt(nowMs),
      summary: stored.practice.name,
      description: '',
      place: undefined,
      startMs: instantOfWall(`${begins}T${hour}`, zone),
      minutes: step.minutes,
      alarmMin: alarm,
      weekly: { weekdays, lastMs: instantOfWall(`${ends}T${hour}`, zone), outMs: [], own: [] },
    });
  }
  return held;
}
