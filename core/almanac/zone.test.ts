import fc from 'fast-check';
import { addDays, dayNumber, instantOf, isKnownZone, isoWeekday, wallTime, zoneOffsetMin } from './zone';

const ZONES = [
  'Europe/London',
  'America/New_York',
  'Asia/Kolkata',
  'Asia/Kathmandu',
  'Australia/Lord_Howe',
  'America/St_Johns',
  'Pacific/Chatham',
  'Pacific/Kiritimati',
  'Africa/Casablanca',
  'UTC',
] as const;

/** The wall clock by the platform's own formatter: a second, independent way. */
function byFormatter(atMs: number, zone: string): number[] {
  const parts = new Intl.DateTimeFormat('en-GB', {
    timeZone: zone,
    year: 'numeric',
    month: 'numeric',
    day: 'numeric',
    hour: 'numeric',
    minute: 'numeric',
    second: 'numeric',
    hourCycle: 'h23',
  }).formatToParts(atMs);
  const value = (type: string) => Number(parts.find((part) => part.type === type)?.value);
  return ['year', 'month', 'day', 'hour', 'minute', 'second'].map(value);
}

describe('the wall clock', () => {
  it('reads as the platform’s own formatter does, in zones with odd offsets and half-hour summers', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: Date.UTC(1975, 0, 1), max: Date.UTC(2099, 0, 1) }),
        fc.constantFrom(...ZONES),
        (rawMs, zone) => {
          const atMs = Math.floor(rawMs / 1000) * 1000;
          const wall = wallTime(atMs, zone);
          expect([wall.year, wall.month, wall.day, wall.hour, wall.minute, wall.second]).toEqual(
            byFormatter(atMs, zone),
          );
        },
      ),
      { numRuns: 400, seed: 41 },
    );
  });

  it.each([
    ['Europe/London', '2026-01-15T12:00:00Z', 0],
    ['Europe/London', '2026-07-15T12:00:00Z', 60],
    ['Asia/Kolkata', '2026-07-15T12:00:00Z', 330],
    ['Asia/Kathmandu', '2026-07-15T12:00:00Z', 345],
    ['Pacific/Kiritimati', '2026-07-15T12:00:00Z', 840],
    ['America/St_Johns', '2026-01-15T12:00:00Z', -210],
  ] as const)('of %s at %s is %i minutes from UTC', (zone, iso, minutes) => {
    expect(zoneOffsetMin(Date.parse(iso), zone)).toBe(minutes);
  });

  it('jumps from 00:59 to 02:00 in London on the last Sunday of March', () => {
    const change = Date.UTC(2026, 2, 29, 1);
    expect(wallTime(change - 60_000, 'Europe/London')).toMatchObject({ hour: 0, minute: 59 });
    expect(wallTime(change, 'Europe/London')).toMatchObject({ hour: 2, minute: 0 });
  });

  it('refuses a zone nobody knows, and says which', () => {
    expect(isKnownZone('Europe/London')).toBe(true);
    for (const zone of ['Mars/Olympus', '', '  ', 'Europe/../London']) expect(isKnownZone(zone)).toBe(false);
    expect(() => zoneOffsetMin(0, 'Mars/Olympus')).toThrow(/Mars\/Olympus/);
  });
});

describe('days of the calendar', () => {
  it('are numbered without gaps and turned back into dates, weekdays following', () => {
    fc.assert(
      fc.property(fc.integer({ min: -25_000, max: 47_000 }), (days) => {
        const date = addDays({ year: 1970, month: 1, day: 1 }, days);
        expect(dayNumber(date)).toBe(days);
        expect(isoWeekday(addDays(date, 1))).toBe((isoWeekday(date) % 7) + 1);
        expect(isoWeekday(date)).toBe(new Date(days * 86_400_000).getUTCDay() || 7);
      }),
      { seed: 42 },
    );
  });

  it('begin at local midnight, also where a day has 23 or 25 hours', () => {
    const length = (year: number, month: number, day: number) =>
      (instantOf(addDays({ year, month, day }, 1), 'Europe/London') -
        instantOf({ year, month, day }, 'Europe/London')) /
      3_600_000;
    expect([length(2026, 3, 29), length(2026, 10, 25), length(2026, 6, 1)]).toEqual([23, 25, 24]);
  });
});

describe('a zone', () => {
  it('is a place of the zone database or UTC, never an offset, an abbreviation or a word', () => {
    for (const zone of [
      'UTC',
      'Europe/London',
      'Asia/Kolkata',
      'America/Argentina/Buenos_Aires',
      'Etc/GMT-8',
    ])
      expect({ zone, known: isKnownZone(zone) }).toEqual({ zone, known: true });
    for (const zone of [
      'UTC+01:00',
      '+01:00',
      'BST',
      'EST',
      'constructor',
      '__proto__',
      '',
      ' ',
      'Europe/Nowhere',
      'Zulu',
    ])
      expect({ zone, known: isKnownZone(zone) }).toEqual({ zone, known: false });
  });
});
