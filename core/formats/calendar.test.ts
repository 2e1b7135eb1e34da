import ICAL from 'ical.js';
import { instantOf } from '../almanac/zone';
import { writeCalendar, type Held } from './calendar';
import { readCalendar } from './calendarIn';
import { changesOfClock, zoneBlock } from './zoneBlock';

const LONDON = 'Europe/London';
const at = (month: number, day: number, zone = LONDON): number =>
  instantOf({ year: 2026, month, day, hour: 18, minute: 30 }, zone);
const held = (zone = LONDON): Held => ({
  uid: 'term-1-0@navuren',
  sequence: 3,
  summary: 'Lung; “loft”, 氣',
  description: 'a, b\nc',
  place: 'Quillhaven hall',
  startMs: at(10, 15, zone),
  minutes: 25,
  alarmMin: 30,
  weekly: {
    weekdays: [4],
    lastMs: at(11, 19, zone),
    outMs: [at(10, 29, zone)],
    own: [{ atMs: at(11, 5, zone), summary: 'Kidney', description: 'k' }],
  },
});
const asked = (zone = LONDON) =>
  ({ name: 'Autumn', zone, writtenMs: Date.UTC(2026, 8, 1, 9), audience: 'people' }) as const;

/** Every time it is held as another package reads it: its name and its instant in UTC. */
function expanded(text: string): readonly (readonly [string, string])[] {
  const root = new ICAL.Component(ICAL.parse(text) as unknown as string);
  ICAL.TimezoneService.reset();
  for (const zone of root.getAllSubcomponents('vtimezone')) ICAL.TimezoneService.register(zone);
  const [first, ...exceptions] = root.getAllSubcomponents('vevent');
  if (!first) throw new Error('no event');
  const event = new ICAL.Event(first, { exceptions });
  const steps = event.iterator();
  const found: (readonly [string, string])[] = [];
  for (let next = steps.next(); next; next = steps.next()) {
    const { item, startDate } = event.getOccurrenceDetails(next);
    found.push([item.summary, startDate.toJSDate().toISOString()]);
  }
  return found;
}

describe('a calendar file', () => {
  it('is held at the same hour on both sides of the change of clocks, without the day that falls out (worked by hand)', () => {
    // British clocks go back on 25 October 2026: 18:30 is 17:30 UTC before, 18:30 UTC after.
    expect(expanded(writeCalendar([held()], asked()))).toEqual([
      ['Lung; “loft”, 氣', '2026-10-15T17:30:00.000Z'],
      ['Lung; “loft”, 氣', '2026-10-22T17:30:00.000Z'],
      ['Kidney', '2026-11-05T18:30:00.000Z'],
      ['Lung; “loft”, 氣', '2026-11-12T18:30:00.000Z'],
      ['Lung; “loft”, 氣', '2026-11-19T18:30:00.000Z'],
    ]);
  });

  it('holds in the south, where clocks go the other way, and where they never change (worked by hand)', () => {
    // Sydney goes forward on 4 October, so all of it is in daylight time, +11; Kolkata is always +5:30.
    expect(expanded(writeCalendar([held('Australia/Sydney')], asked('Australia/Sydney')))[0]).toEqual([
      'Lung; “loft”, 氣',
      '2026-10-15T07:30:00.000Z',
    ]);
    expect(expanded(writeCalendar([held('Asia/Kolkata')], asked('Asia/Kolkata'))).at(-1)).toEqual([
      'Lung; “loft”, 氣',
      '2026-11-19T13:00:00.000Z',
    ]);
  });

  it('writes stamps in UTC, one identifier for all of a series, its number, its reminder, and whom it is for', () => {
    const text = writeCalendar([held()], asked());
    expect(text).toMatch(/DTSTAMP:20260901T090000Z/);
    expect(new Set(text.match(/UID:.*/g))).toEqual(new Set(['UID:term-1-0@navuren']));
    expect(text).toContain('SEQUENCE:3');
    expect(text).toContain('TRIGGER:-PT30M');
    expect(text.replaceAll('\r\n ', '')).toContain('To be handed on');
    // RFC 5545 §3.1: lines of 75 octets at most, ended by CR LF.
    for (const line of text.split('\r\n')) expect(Buffer.byteLength(line)).toBeLessThanOrEqual(75);
  });

  it('of nothing is a calendar still', () => {
    const text = writeCalendar([], asked());
    expect(() => new ICAL.Component(ICAL.parse(text) as unknown as string)).not.toThrow();
    expect(text).not.toContain('VEVENT');
  });

  it('is the same text wherever the server stands', () => {
    const before = process.env.TZ;
    const here = writeCalendar([held()], asked());
    process.env.TZ = 'America/New_York';
    const there = writeCalendar([held()], asked());
    if (before === undefined) delete process.env.TZ;
    else process.env.TZ = before;
    expect(there).toBe(here);
  });
});

describe('the zone of a calendar file', () => {
  it('finds the changes of clocks as they were decreed', () => {
    const year = (zone: string) =>
      changesOfClock(zone, Date.UTC(2026, 0, 1), Date.UTC(2027, 0, 1)).map((ms) =>
        new Date(ms).toISOString(),
      );
    // Directive 2000/84/EC: last Sundays of March and October, 01:00 UTC. US Energy Policy Act of 2005: second Sunday of
    // March and first of November, 02:00 by the clock.
    expect(year(LONDON)).toEqual(['2026-03-29T01:00:00.000Z', '2026-10-25T01:00:00.000Z']);
    expect(year('America/New_York')).toEqual(['2026-03-08T07:00:00.000Z', '2026-11-01T06:00:00.000Z']);
    expect(year('Asia/Kolkata')).toEqual([]);
  });

  it('writes offsets of half hours and those west of Greenwich', () => {
    expect(zoneBlock('Asia/Kolkata', 0, 1)).toContain('TZOFFSETTO:+0530');
    expect(zoneBlock('America/St_Johns', Date.UTC(2026, 0, 1), Date.UTC(2026, 0, 2))).toContain(
      'TZOFFSETTO:-0330',
    );
  });
});

const FROM = Date.UTC(2026, 9, 1);
const TO = Date.UTC(2026, 11, 1);
const read = (body: readonly string[], zone = LONDON) =>
  readCalendar(['BEGIN:VCALENDAR', 'VERSION:2.0', ...body, 'END:VCALENDAR'].join('\r\n'), {
    zone,
    fromMs: FROM,
    toMs: TO,
  });
const event = (...lines: readonly string[]) => ['BEGIN:VEVENT', 'UID:x', ...lines, 'END:VEVENT'];

describe('reading a calendar', () => {
  it('takes whole days with both ends within, and times by their zone, by UTC, or by the wall clock of the place', () => {
    const days = read(event('DTSTART;VALUE=DATE:20261026', 'DTEND;VALUE=DATE:20261031', 'SUMMARY:Half term'));
    expect(days).toEqual({
      ok: true,
      busy: [{ kind: 'days', from: '2026-10-26', until: '2026-10-30', name: 'Half term' }],
    });
    // Calendars of holidays mark their days free; they are days off all the same.
    expect(read(event('DTSTART;VALUE=DATE:20261026', 'TRANSP:TRANSPARENT', 'SUMMARY:Fair'))).toMatchObject({
      busy: [{ from: '2026-10-26', until: '2026-10-26' }],
    });
    const time = (start: string) => {
      const found = read(event(`DTSTART${start}`, 'DURATION:PT2H', 'SUMMARY:Jumble sale'));
      const [one] = found.ok ? found.busy : [];
      return one?.kind === 'time' ? new Date(one.fromMs).toISOString() : found;
    };
    expect(time(':20261105T183000Z')).toBe('2026-11-05T18:30:00.000Z');
    expect(time(':20261015T183000')).toBe('2026-10-15T17:30:00.000Z');
    expect(time(';TZID=Europe/Paris:20261105T183000')).toBe('2026-11-05T17:30:00.000Z');
  });

  it('follows a series over the change of clocks, with what is left out, moved or cancelled', () => {
    const found = readCalendar(writeCalendar([held()], asked()), { zone: 'UTC', fromMs: FROM, toMs: TO });
    expect(
      found.ok && found.busy.map((one) => (one.kind === 'time' ? new Date(one.fromMs).toISOString() : '')),
    ).toEqual([
      '2026-10-15T17:30:00.000Z',
      '2026-10-22T17:30:00.000Z',
      '2026-11-05T18:30:00.000Z',
      '2026-11-12T18:30:00.000Z',
      '2026-11-19T18:30:00.000Z',
    ]);
    expect(read(event('DTSTART:20261105T183000Z', 'STATUS:CANCELLED'))).toEqual({ ok: true, busy: [] });
    expect(read(event('DTSTART:20261105T183000Z', 'TRANSP:TRANSPARENT'))).toEqual({ ok: true, busy: [] });
  });

  it('of a series that began long ago, or never ends, takes what lies in the term', () => {
    const found = read(
      event('DTSTART:20200102T100000Z', 'DTEND:20200102T110000Z', 'RRULE:FREQ=WEEKLY', 'SUMMARY:Yoga'),
    );
    expect(found.ok && found.busy.length).toBe(9);
  });

  it('refuses in words what is no calendar, is cut off, or is damaged', () => {
    for (const text of [
      '',
      'hello',
      '{}',
      'BEGIN:VCALENDAR\r\nBEGIN:VEVENT',
      'BEGIN:VCALENDAR\r\nBEGIN:VEVENT\r\nDTSTART:x\r\nEND:VEVENT\r\nEND:VCALENDAR',
    ])
      expect(readCalendar(text, { zone: LONDON, fromMs: FROM, toMs: TO })).toMatchObject({ ok: false });
  });
});
