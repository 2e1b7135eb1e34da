import ical, {
  ICalAlarmType,
  ICalEventRepeatingFreq,
  ICalEventTransparency,
  type ICalWeekday,
} from 'ical-generator';
import { DAY_MS, wallTime } from '../almanac/zone';
import { AUDIENCE_WORDS, type Audience } from '../handout/audience';
import { zoneBlock } from './zoneBlock';

/** Something that is held, once or weekly. */
export interface Held {
  /** The same whenever it is written again, so that a calendar changes what it has instead of having it twice. */
  readonly uid: string;
  /** Grows with every change: the later of two files counts. */
  readonly sequence: number;
  readonly summary: string;
  readonly description: string;
  readonly place: string | undefined;
  readonly startMs: number;
  readonly minutes: number;
  /** Minutes before it that one is reminded; nothing where one is not. */
  readonly alarmMin: number | undefined;
  /** Weekly by the wall clock, on these days (Monday = 1), until its last instant; without those that fall out. */
  readonly weekly?:
    | {
        readonly weekdays: readonly number[];
        readonly lastMs: number;
        readonly outMs: readonly number[];
        /** What is different on one of them: its own words. */
        readonly own: readonly {
          readonly atMs: number;
          readonly summary: string;
          readonly description: string;
        }[];
      }
    | undefined;
}

export interface CalendarAsked {
  readonly name: string;
  readonly zone: string;
  /** When the file is written, ms. */
  readonly writtenMs: number;
  readonly audience: Audience;
}

const WEEKDAYS = ['MO', 'TU', 'WE', 'TH', 'FR', 'SA', 'SU'] as const;
const two = (value: number): string => String(value).padStart(2, '0');

/** An instant as the zone’s wall clock shows it: the package takes such text as it is, wherever the server stands. */
function wall(atMs: number, zone: string): string {
  const { year, month, day, hour, minute, second } = wallTime(atMs, zone);
  return `${year}-${two(month)}-${two(day)}T${two(hour)}:${two(minute)}:${two(second)}`;
}

/**
 * A calendar file (RFC 5545): the zone's own block, stable identifiers, and days that fall out as exceptions. Its zone is
 * told with every event and never for the whole calendar, since the package would then write its stamps in local time.
 */
export function writeCalendar(held: readonly Held[], asked: CalendarAsked): string {
  const { name, zone, writtenMs, audience } = asked;
  const calendar = ical({ name, prodId: { company: 'Navuren', product: 'Navuren', language: 'EN' } });
  const add = (
    one: Held,
    over: { readonly startMs: number; readonly summary: string; readonly description: string },
  ) =>
    calendar.createEvent({
      id: one.uid,
      sequence: one.sequence,
      stamp: new Date(writtenMs),
      start: wall(over.startMs, zone),
      end: wall(over.startMs + one.minutes * 60_000, zone),
      timezone: zone,
      summary: over.summary,
      description: `${over.description}\n${AUDIENCE_WORDS[audience]}`.trim(),
      transparency: ICalEventTransparency.OPAQUE,
      ...(one.place === undefined ? {} : { location: one.place }),
      ...(one.alarmMin === undefined
        ? {}
        : {
            alarms: [{ type: ICalAlarmType.display, trigger: one.alarmMin * 60, description: over.summary }],
          }),
    });
  for (const one of held) {
    const event = add(one, one);
    const { weekly } = one;
    if (!weekly) continue;
    event.repeating({
      freq: ICalEventRepeatingFreq.WEEKLY,
      byDay: weekly.weekdays.map((day) => WEEKDAYS[day - 1] ?? 'MO') as ICalWeekday[],
      until: new Date(weekly.lastMs),
      ...(weekly.outMs.length === 0 ? {} : { exclude: weekly.outMs.map((atMs) => wall(atMs, zone)) }),
    });
    for (const own of weekly.own)
      add(one, { startMs: own.atMs, summary: own.summary, description: own.description }).recurrenceId(
        wall(own.atMs, zone),
      );
  }
  // Where every class falls out there is nothing to be held, and no time of a zone to tell.
  if (held.length === 0) return calendar.toString();
  const times = held.flatMap(({ startMs, weekly }) => [startMs, weekly?.lastMs ?? startMs]);
  const block = zoneBlock(zone, Math.min(...times) - 2 * DAY_MS, Math.max(...times) + 2 * DAY_MS);
  // The package writes no zone of its own: it stands before the first event, as the standard wants it.
  return calendar.toString().replace('BEGIN:VEVENT', `${block}\r\nBEGIN:VEVENT`);
}
