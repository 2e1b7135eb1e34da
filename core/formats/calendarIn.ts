import ICAL from 'ical.js';
import { DAY_MS, instantOf, isKnownZone } from '../almanac/zone';
import { unkeptPath } from '../text';
import { dayOf } from '../people/presence';

/** Something in somebody's calendar, within the stretch of time that was asked for. */
export type Busy =
  /** Whole days, both within: holidays, a festival. */
  | { readonly kind: 'days'; readonly from: string; readonly until: string; readonly name: string }
  /** A stretch of time, ms: a booking of the hall. */
  | { readonly kind: 'time'; readonly fromMs: number; readonly toMs: number; readonly name: string };

export type CalendarRead =
  { readonly ok: true; readonly busy: readonly Busy[] } | { readonly ok: false; readonly message: string };

/** A larger file is refused unread, bytes. */
export const LARGEST_CALENDAR_BYTES = 4_000_000;
/** No series is followed further than this: one that never ends would never be read. */
const MOST_OF_A_SERIES = 4000;
const MOST = 2000;

const civil = ({ year, month, day }: ICAL.Time) => ({ year, month, day });

/** An instant: by the zone the file carries, by one the platform knows, else by the wall clock of the place. */
function instant(time: ICAL.Time, zone: string): number {
  // The package keeps the zone's name here also where the file has no block for it; its types do not say so.
  const { timezone } = time as ICAL.Time & { readonly timezone?: string };
  const wallIn = (named: string): number =>
    instantOf({ ...civil(time), hour: time.hour, minute: time.minute, second: time.second }, named);
  if (time.zone === ICAL.Timezone.utcTimezone) return time.toJSDate().getTime();
  if (time.zone !== ICAL.Timezone.localTimezone) return time.toUnixTime() * 1000;
  return wallIn(timezone && isKnownZone(timezone) ? timezone : zone);
}

const dayText = ({ year, month, day }: ICAL.Time): string =>
  `${String(year).padStart(4, '0')}-${String(month).padStart(2, '0')}-${String(day).padStart(2, '0')}`;
const dayBefore = (day: string): string => new Date(Date.parse(day) - DAY_MS).toISOString().slice(0, 10);

interface Asked {
  readonly zone: string;
  readonly fromMs: number;
  readonly toMs: number;
}

function busyAt(event: ICAL.Event, start: ICAL.Time, end: ICAL.Time, asked: Asked): Busy | undefined {
  const name = (event.summary ?? '').trim().slice(0, 80);
  if (start.isDate) {
    const from = dayText(start);
    // The end of whole days is the day after them (RFC 5545 §3.6.1).
    const until = end.compare(start) > 0 ? dayBefore(dayText(end)) : from;
    const [first, last] = [dayOf(asked.fromMs, asked.zone), dayOf(asked.toMs, asked.zone)];
    return until < first || from > last ? undefined : { kind: 'days', from, until, name };
  }
  const [fromMs, toMs] = [instant(start, asked.zone), instant(end, asked.zone)];
  return toMs <= asked.fromMs || fromMs >= asked.toMs ? undefined : { kind: 'time', fromMs, toMs, name };
}

/** Every time an event is held within the stretch; those that were moved are where they were moved to. */
function held(event: ICAL.Event, asked: Asked): readonly Busy[] {
  if (!event.isRecurring()) {
    const once = busyAt(event, event.startDate, event.endDate, asked);
    return once ? [once] : [];
  }
  const found: Busy[] = [];
  const steps = event.iterator();
  for (let count = 0; count < MOST_OF_A_SERIES; count += 1) {
    const next: ICAL.Time | null = steps.next();
    if (!next) break;
    const { item, startDate, endDate } = event.getOccurrenceDetails(next);
    const busy = busyAt(item, startDate, endDate, asked);
    if (busy) found.push(busy);
    if (next.toUnixTime() * 1000 > asked.toMs + 2 * DAY_MS) break;
  }
  return found;
}

/** Cancelled, or marked free; whole days count either way: a calendar of holidays marks them free. */
function isFree(event: ICAL.Component): boolean {
  const told = (name: string): string => String(event.getFirstPropertyValue(name) ?? '').toUpperCase();
  const isDays = event.getFirstProperty('dtstart')?.type === 'date';
  return told('status') === 'CANCELLED' || (told('transp') === 'TRANSPARENT' && !isDays);
}

function readBusy(text: string, asked: Asked): readonly Busy[] {
  const root = new ICAL.Component(ICAL.parse(text) as unknown as string);
  // The zones of the file count within it: what another file called the same may be another zone.
  ICAL.TimezoneService.reset();
  for (const zone of root.getAllSubcomponents('vtimezone')) ICAL.TimezoneService.register(zone);
  const events = root.getAllSubcomponents('vevent').filter((event) => event.getFirstProperty('dtstart'));
  const busy: Busy[] = [];
  for (const component of events) {
    if (component.getFirstProperty('recurrence-id') || isFree(component)) continue;
    const uid = component.getFirstPropertyValue('uid');
    const exceptions = events.filter(
      (other) => other.getFirstProperty('recurrence-id') && other.getFirstPropertyValue('uid') === uid,
    );
    const event = new ICAL.Event(component, { strictExceptions: true, exceptions });
    busy.push(...held(event, asked));
    if (busy.length > MOST) throw new RangeError(`more than ${MOST} entries in this term`);
  }
  return busy;
}

/**
 * What a calendar file (RFC 5545) says is taken within a stretch of time, in order. Cancelled entries and hours marked
 * free are left out. Whatever is wrong with the file comes back as a sentence; nothing throws.
 */
export function readCalendar(text: string, asked: Asked): CalendarRead {
  const refuse = (message: string): CalendarRead => ({ ok: false, message });
  if (new TextEncoder().encode(text).length > LARGEST_CALENDAR_BYTES)
    return refuse('The file is larger than 4 MB; nothing was read.');
  if (!/^\uFEFF?\s*BEGIN:VCALENDAR/i.test(text))
    return refuse('This is not a calendar file: it does not begin with BEGIN:VCALENDAR.');
  try {
    const busy = readBusy(text.replace(/^\uFEFF/, '').trim(), asked);
    if (unkeptPath(busy)) return refuse('A name in the file holds half a character or a zero byte.');
    const start = (one: Busy): number => (one.kind === 'time' ? one.fromMs : Date.parse(one.from));
    return { ok: true, busy: busy.toSorted((a, b) => start(a) - start(b)) };
  } catch (error) {
    return refuse(
      `The calendar cannot be read: ${error instanceof Error ? error.message.slice(0, 160) : 'it is damaged'}.`,
    );
  }
}
