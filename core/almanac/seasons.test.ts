import fc from 'fast-check';
import { hourReading, organHours, DOUBLE_HOURS } from './hours';
import { readAlmanac } from './reading';
import { seasonAt, seasonBands, seasonsBySchool, type SeasonCustoms } from './seasons';
import { suggestThemes } from '../brief';
import { nextOccurrence, occurrences } from './classes';
import { nextSunLongitude } from './sun';
import { addDays, dayNumber, instantOf, isoWeekday, wallTime, type Place } from './zone';
import { ORGAN_IDS } from '../phases';

const quillhaven: Place = {
  name: 'Quillhaven',
  latitudeDeg: 53.35,
  longitudeDeg: 1.05,
  zone: 'Europe/London',
};
const southern: Place = { name: 'south', latitudeDeg: -41.3, longitudeDeg: 174.8, zone: 'Pacific/Auckland' };
const customs = (over: Partial<SeasonCustoms> = {}): SeasonCustoms => ({
  seasonSchool: 'solar-term',
  earthSchool: 'four-turns',
  mirrorSouth: true,
  ...over,
});
const noon = (year: number, month: number, day: number, zone = 'Europe/London') =>
  instantOf({ year, month, day, hour: 12 }, zone);

describe('seasons by school', () => {
  it('disagree about 25 November, as the schools do', () => {
    const atMs = noon(2026, 11, 25);
    expect(seasonAt(atMs, quillhaven, customs())).toMatchObject({ season: 'winter', phase: 'water' });
    expect(seasonAt(atMs, quillhaven, customs({ seasonSchool: 'equinox' }))).toMatchObject({
      season: 'autumn',
    });
    expect(seasonAt(atMs, quillhaven, customs({ seasonSchool: 'calendar' }))).toMatchObject({
      season: 'autumn',
    });
  });

  it('are told all at once, the own first, each by its name', () => {
    const all = seasonsBySchool(noon(2026, 11, 25), quillhaven, customs());
    expect(all.slice(0, 3)).toEqual([
      { label: 'solar terms', own: true, season: 'winter' },
      { label: 'equinoxes and solstices', own: false, season: 'autumn' },
      // The calendar's winter begins on 1 December, and its turn eighteen days before.
      { label: 'calendar months', own: false, season: 'earth-turn' },
    ]);
    expect(all.map(({ own }) => own)).toEqual([true, false, false, false, false, false]);
    expect(all.at(-1)?.label).toBe('calendar months with Earth in late summer');
    const late = seasonsBySchool(noon(2026, 7, 20), quillhaven, customs({ earthSchool: 'late-summer' }));
    expect(late[0]).toEqual({ label: 'solar terms', own: true, season: 'earth-turn' });
  });

  it('hold an earth turn for the 18° before each season begins', () => {
    for (const start of [315, 45, 135, 225]) {
      const begins = nextSunLongitude(start, noon(2026, 1, 1));
      const turn = seasonAt(begins - 10 * 86_400_000, quillhaven, customs());
      expect(turn).toMatchObject({ phase: 'earth', earth: true });
      expect(Math.abs(turn.seasonEndsAtMs - begins)).toBeLessThan(2000);
      const before = seasonAt(begins - 20 * 86_400_000, quillhaven, customs());
      expect(before.earth).toBe(false);
      expect(seasonAt(begins + 1000, quillhaven, customs()).season).toBe(turn.nextSeason);
    }
  });

  it('place late summer where each school does (common practice)', () => {
    const late = (seasonSchool: SeasonCustoms['seasonSchool'], month: number, day: number) =>
      seasonAt(noon(2026, month, day), quillhaven, customs({ seasonSchool, earthSchool: 'late-summer' }))
        .phase;
    expect(late('solar-term', 7, 20)).toBe('earth');
    expect(late('solar-term', 8, 20)).toBe('metal');
    expect(late('equinox', 9, 10)).toBe('earth');
    expect(late('equinox', 7, 20)).toBe('fire');
    expect(late('calendar', 8, 14)).toBe('fire');
    expect(late('calendar', 8, 15)).toBe('earth');
    expect(late('calendar', 9, 15)).toBe('earth');
    expect(late('calendar', 9, 16)).toBe('metal');
  });

  it('turn by half a year in the southern hemisphere, unless customs switch that off', () => {
    for (const seasonSchool of ['solar-term', 'equinox', 'calendar'] as const) {
      const atMs = noon(2026, 7, 1, southern.zone);
      expect(seasonAt(atMs, southern, customs({ seasonSchool })).season).toBe('winter');
      expect(seasonAt(atMs, southern, customs({ seasonSchool, mirrorSouth: false })).season).toBe('summer');
    }
  });

  it('change at local midnight of the place by the calendar school', () => {
    const school = customs({ seasonSchool: 'calendar' });
    const midnight = instantOf({ year: 2026, month: 12, day: 1 }, 'Europe/London');
    expect(seasonAt(midnight - 1000, quillhaven, school).season).toBe('autumn');
    expect(seasonAt(midnight, quillhaven, school).season).toBe('winter');
  });

  it('cover any year in bands without gaps or overlaps, whatever the school', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('solar-term', 'equinox', 'calendar') as fc.Arbitrary<SeasonCustoms['seasonSchool']>,
        fc.constantFrom('four-turns', 'late-summer') as fc.Arbitrary<SeasonCustoms['earthSchool']>,
        fc.integer({ min: 1900, max: 2099 }),
        fc.constantFrom(quillhaven, southern),
        (seasonSchool, earthSchool, year, place) => {
          const from = Date.UTC(year, 0, 1);
          const to = Date.UTC(year + 1, 0, 1);
          const bands = seasonBands(from, to, place, customs({ seasonSchool, earthSchool }));
          expect(bands[0]?.fromMs).toBe(from);
          expect(bands.at(-1)?.toMs).toBe(to);
          bands.slice(1).forEach((band, index) => {
            expect(band.fromMs - (bands[index]?.toMs ?? 0)).toBeLessThanOrEqual(1000);
            expect(band.phase).not.toBe(bands[index]?.phase);
          });
          const earth = bands
            .filter((band) => band.earth)
            .reduce((sum, band) => sum + band.toMs - band.fromMs, 0);
          const days = earth / 86_400_000;
          // Four turns of 18° take 69–75 days; a late summer of 30° about a month.
          expect(days).toBeGreaterThan(earthSchool === 'four-turns' ? 68 : 28);
          expect(days).toBeLessThan(earthSchool === 'four-turns' ? 76 : 34);
        },
      ),
      { numRuns: 40, seed: 3 },
    );
  });
});

describe('clocks and zones', () => {
  it('survive the hour that a spring change skips and the one an autumn change repeats', () => {
    const skipped = instantOf({ year: 2026, month: 3, day: 29, hour: 1, minute: 30 }, 'Europe/London');
    expect(wallTime(skipped, 'Europe/London')).toMatchObject({ hour: 2, minute: 30 });
    const repeated = instantOf({ year: 2026, month: 10, day: 25, hour: 1, minute: 30 }, 'Europe/London');
    expect(new Date(repeated).toISOString()).toBe('2026-10-25T00:30:00.000Z');
  });

  it('round-trip every wall reading that exists', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: Date.UTC(1950, 0, 1), max: Date.UTC(2099, 0, 1) }),
        fc.constantFrom(
          'Europe/London',
          'Asia/Kolkata',
          'America/St_Johns',
          'Pacific/Chatham',
          'Pacific/Kiritimati',
          'Pacific/Pago_Pago',
        ),
        (rawMs, zone) => {
          const atMs = Math.floor(rawMs / 1000) * 1000;
          const wall = wallTime(atMs, zone);
          const back = instantOf(wall, zone);
          // A repeated hour comes back as its first showing.
          expect([0, 1_800_000, 3_600_000, 7_200_000]).toContain(atMs - back);
          expect(wallTime(back, zone)).toEqual(wall);
        },
      ),
      { numRuns: 300, seed: 5 },
    );
  });

  it('count days and weekdays across leap years (2024-02-29 was a Thursday)', () => {
    expect(isoWeekday({ year: 2024, month: 2, day: 29 })).toBe(4);
    expect(addDays({ year: 2024, month: 2, day: 28 }, 1)).toEqual({ year: 2024, month: 2, day: 29 });
    expect(addDays({ year: 2100, month: 2, day: 28 }, 1)).toEqual({ year: 2100, month: 3, day: 1 });
    expect(dayNumber({ year: 1970, month: 1, day: 1 })).toBe(0);
  });

  it('keep a weekly class at its wall-clock time over a change of the clocks', () => {
    const friday = instantOf({ year: 2026, month: 10, day: 23, hour: 12 }, 'Europe/London');
    const monday = nextOccurrence({ weekday: 1, hour: 6, minute: 20 }, friday, 'Europe/London');
    expect(new Date(monday).toISOString()).toBe('2026-10-26T06:20:00.000Z');
    const list = occurrences(
      { weekday: 1, hour: 6, minute: 20 },
      friday - 7 * 86_400_000,
      friday + 7 * 86_400_000,
      'Europe/London',
    );
    expect(list.map((at) => new Date(at).getUTCHours())).toEqual([5, 6]);
    expect(nextOccurrence({ weekday: 1, hour: 6, minute: 20 }, monday, 'Europe/London')).toBe(monday);
  });
});

describe('organ hours', () => {
  it('give every organ one double hour and the Gallbladder the one over midnight', () => {
    expect(new Set(DOUBLE_HOURS.map((row) => row.organ)).size).toBe(ORGAN_IDS.length);
    expect(hourReading(23).organ).toBe('gallbladder');
    expect(hourReading(0.99).organ).toBe('gallbladder');
    expect(hourReading(1).organ).toBe('liver');
    expect(hourReading(3).organ).toBe('lung');
    expect(hourReading(22.999).organ).toBe('triple-burner');
    expect(hourReading(0.5).minutesLeft).toBeCloseTo(30, 6);
  });

  it('differ from the clock by longitude, zone and the equation of time', () => {
    // Quillhaven on 25 November: 1.05° E is 4.2 min, the equation of time 13 min: the sundial runs 17 min ahead.
    const hours = organHours(noon(2026, 11, 25), quillhaven);
    expect(hours.solarMinusClockMin).toBeCloseTo(1.05 * 4 + hours.equationOfTimeMin, 6);
    expect(hours.solarMinusClockMin).toBeGreaterThan(17);
    expect(hours.solarMinusClockMin).toBeLessThan(19);
  });

  it('stay within half a day far east and far west and at high latitudes', () => {
    const far: readonly Place[] = [
      { name: 'far east', latitudeDeg: 1.9, longitudeDeg: -157.4, zone: 'Pacific/Kiritimati' },
      { name: 'far west', latitudeDeg: -14.3, longitudeDeg: -170.7, zone: 'Pacific/Pago_Pago' },
      { name: 'high north', latitudeDeg: 89.9, longitudeDeg: 179.9, zone: 'UTC' },
    ];
    for (const place of far) {
      const hours = organHours(noon(2026, 6, 21), place);
      expect(Math.abs(hours.solarMinusClockMin)).toBeLessThanOrEqual(720);
      const difference =
        ((((hours.solar.hourOfDay - hours.clock.hourOfDay) * 60 - hours.solarMinusClockMin) % 1440) + 1440) %
        1440;
      expect(Math.min(difference, 1440 - difference)).toBeLessThan(0.01);
    }
    expect(Math.abs(organHours(noon(2026, 6, 21), far[0] as Place).solarMinusClockMin)).toBeLessThan(60);
  });
});

describe('the calendar school south of the equator', () => {
  const south = { latitudeDeg: -33.9, zone: 'Australia/Sydney' };
  const school = { seasonSchool: 'calendar', earthSchool: 'four-turns', mirrorSouth: true } as const;
  const noonIn = (year: number, month: number, day: number) =>
    instantOf({ year, month, day, hour: 12 }, south.zone);

  it('has turns of 18 days before 1 March, June, September and December, each day counted by hand', () => {
    // 18 days before: 1 March 2026 → 11 February; 1 June → 14 May; 1 September → 14 August; 1 December → 13 November.
    // In a leap year 1 March stands a day later: 12 February.
    // prettier-ignore
    const turns = [
      [2026, [2, 11], [3, 1]], [2026, [5, 14], [6, 1]], [2026, [8, 14], [9, 1]], [2026, [11, 13], [12, 1]], [2028, [2, 12], [3, 1]],
    ] as const;
    for (const [year, [fromMonth, fromDay], [month, day]] of turns) {
      const earth = (m: number, d: number) => seasonAt(noonIn(year, m, d), south, school).earth;
      expect([year, month, earth(fromMonth, fromDay)]).toEqual([year, month, true]);
      expect(earth(fromMonth, fromDay - 1)).toBe(false);
      expect(earth(month, day)).toBe(false);
      const turn = seasonAt(noonIn(year, fromMonth, fromDay), south, school);
      expect(wallTime(turn.phaseEndsAtMs, south.zone)).toMatchObject({ month, day, hour: 0 });
    }
    expect(seasonAt(noonIn(2026, 3, 10), south, school).season).toBe('autumn');
  });
});

describe('parts of the day', () => {
  it('follow the sundial where the hours do, and the clock where they do', () => {
    // At 80° E on Greenwich's clock the Sun is more than five hours ahead: 09:00 by the clock is past 14:00.
    const east: Place = { name: 'far', latitudeDeg: 20, longitudeDeg: 80, zone: 'UTC' };
    const atMs = Date.UTC(2026, 3, 15, 9);
    const by = (hours: 'solar' | 'clock') =>
      readAlmanac(atMs, east, { ...customs(), hours, dayTurns: 'midnight' }).dayPart;
    expect([by('clock'), by('solar')]).toEqual(['morning', 'afternoon']);
  });
});

describe('the reading', () => {
  const reading = (atMs: number, place = quillhaven) =>
    readAlmanac(atMs, place, { ...customs(), hours: 'solar', dayTurns: 'midnight' });

  it('counts civil days to the change, not spans of 24 hours', () => {
    // Winter begins 2026-11-07; late on the 6th it is one day away, whatever the hour.
    const evening = reading(
      instantOf({ year: 2026, month: 11, day: 6, hour: 23, minute: 30 }, 'Europe/London'),
    );
    expect(evening.season.season).toBe('autumn');
    expect(evening.daysToSeasonChange).toBe(1);
  });

  it('lets yang grow from the winter solstice, in each hemisphere its own', () => {
    expect(reading(noon(2026, 1, 5)).yearHalf).toBe('yang');
    expect(reading(noon(2026, 7, 5)).yearHalf).toBe('yin');
    expect(reading(noon(2026, 7, 5, southern.zone), southern).yearHalf).toBe('yang');
  });

  it('places the present term before and the next term after the instant', () => {
    const now = reading(noon(2026, 11, 25));
    expect(now.term.term.id).toBe('xiao-xue');
    expect(now.nextTerm.term.id).toBe('da-xue');
    expect(now.term.atMs).toBeLessThanOrEqual(now.atMs);
    expect(now.nextTerm.atMs).toBeGreaterThan(now.atMs);
  });

  it('suggests two or three different themes, each with a reason, on every day of a year', () => {
    for (let day = 0; day < 365; day += 7) {
      const suggestions = suggestThemes(reading(noon(2026, 1, 1) + day * 86_400_000), [], 'Europe/London');
      expect(suggestions.length).toBeGreaterThanOrEqual(2);
      expect(suggestions.length).toBeLessThanOrEqual(3);
      expect(new Set(suggestions.map((s) => JSON.stringify(s.theme))).size).toBe(suggestions.length);
      for (const suggestion of suggestions) expect(suggestion.reasons.length).toBeGreaterThan(0);
    }
  });

  it('prepares the next class when one is near', () => {
    const group = {
      id: 'g',
      name: 'the early ones',
      times: [{ weekday: 4, hour: 6, minute: 20 }],
      minutes: 12,
      posture: 'standing' as const,
      familiarity: 'known' as const,
    };
    const [first] = suggestThemes(reading(noon(2026, 11, 25)), [group], 'Europe/London');
    expect(first).toMatchObject({ groupId: 'g', minutes: 12, dayPart: 'morning' });
    const [later] = suggestThemes(reading(noon(2026, 11, 20)), [group], 'Europe/London');
    expect(later?.groupId).toBeUndefined();
  });
});
