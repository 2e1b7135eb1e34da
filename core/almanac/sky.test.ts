import fc from 'fast-check';
import { Solar } from 'lunar-typescript';
import { SolarDay, SolarTerm as TymeTerm, SolarTime } from 'tyme4ts';
import { fourPillars } from './sexagenary';
import {
  equationOfTimeMin,
  nextSunLongitude,
  previousSunLongitude,
  sunLongitudeDeg,
  TERM_WITHIN_SEC,
  trueSolarMs,
  turnDeg,
} from './sun';
import { nextTerms, SOLAR_TERMS, termAt, termsOfYear } from './terms';
import { instantOf, wallTime, type Place } from './zone';
import { MEEUS_SEASONS_TT, NAOJ_DOYO, NAOJ_TERMS_JST } from './published.test.data';
import { evenly } from '../evenly.test.data';

const JST = 'Asia/Tokyo';
const CST = 'Etc/GMT-8'; // the civil calendar of the two reference packages: UTC+8 throughout
/** Terrestrial Time minus Universal Time around the years of the examples, seconds (Meeus, table 10.A). */
const DELTA_T_S: Readonly<Record<number, number>> = {
  1962: 34,
  1992: 59,
  1996: 62,
  1997: 62,
  1998: 63,
  1999: 63,
  2000: 64,
};
const fromTerrestrial = (year: number, ms: number) => ms - (DELTA_T_S[year] ?? 0) * 1000;

describe('the Sun', () => {
  it('agrees with Meeus, Astronomical Algorithms, example 25.b (1992 October 13, 199.906016° apparent)', () => {
    const atMs = fromTerrestrial(1992, Date.UTC(1992, 9, 13));
    expect(sunLongitudeDeg(atMs)).toBeCloseTo(199 + 54 / 60 + 21.818 / 3600, 3);
  });

  it('agrees with Meeus, example 28.a (equation of time on 1992 October 13: 13 min 42.6 s)', () => {
    const atMs = fromTerrestrial(1992, Date.UTC(1992, 9, 13));
    expect(equationOfTimeMin(atMs) * 60).toBeCloseTo(13 * 60 + 42.6, 0);
  });

  it('agrees with Meeus, example 27.a (June solstice 1962: June 21, 21 h 24 min 42 s Terrestrial Time)', () => {
    const found = nextSunLongitude(90, Date.UTC(1962, 5, 1));
    const published = fromTerrestrial(1962, Date.UTC(1962, 5, 21, 21, 24, 42));
    expect(Math.abs(found - published)).toBeLessThan(30_000);
  });

  it('agrees with Meeus, table 27.E for the equinoxes and solstices of 1996–2000 within a minute', () => {
    for (const [year, month, day, hour, minute, second] of MEEUS_SEASONS_TT) {
      const published = fromTerrestrial(year, Date.UTC(year, month - 1, day, hour, minute, second));
      const longitude = ((Math.round(month / 3) - 1) * 90) % 360;
      const found = nextSunLongitude(longitude, published - 5 * 86_400_000);
      expect(Math.abs(found - published)).toBeLessThan(60_000);
    }
  });

  it('keeps the equation of time within its known yearly bounds (−14.3 … +16.5 min, common knowledge)', () => {
    for (let day = 0; day < 366; day += 3) {
      const minutes = equationOfTimeMin(Date.UTC(2024, 0, 1 + day));
      expect(minutes).toBeGreaterThan(-14.5);
      expect(minutes).toBeLessThan(16.6);
    }
  });

  it('finds the same crossing forwards and backwards', () => {
    fc.assert(
      fc.property(
        evenly(0, 359.99),
        fc.integer({ min: Date.UTC(1900, 0, 1), max: Date.UTC(2100, 0, 1) }),
        (longitude, fromMs) => {
          const next = nextSunLongitude(longitude, fromMs);
          const previous = previousSunLongitude(longitude, fromMs);
          expect(next).toBeGreaterThanOrEqual(fromMs);
          expect(previous).toBeLessThanOrEqual(fromMs);
          expect((next - previous) / 86_400_000).toBeGreaterThan(365);
          expect((next - previous) / 86_400_000).toBeLessThan(365.5);
          expect(Math.abs(turnDeg(sunLongitudeDeg(next), longitude))).toBeLessThan(0.0005);
        },
      ),
      { numRuns: 60, seed: 7 },
    );
  });

  it('moves solar time by four minutes for each degree of longitude', () => {
    const atMs = Date.UTC(2026, 10, 25, 6, 20);
    const greenwich = trueSolarMs(atMs, 0);
    expect(trueSolarMs(atMs, 1.05) - greenwich).toBeCloseTo(1.05 * 4 * 60_000, 3);
    expect(trueSolarMs(atMs, -179.9) - greenwich).toBeCloseTo(-179.9 * 4 * 60_000, 3);
  });
});

describe('solar terms', () => {
  it.each(Object.keys(NAOJ_TERMS_JST).map(Number))(
    'of the published almanac of %i agree to the minute (NAOJ)',
    (year) => {
      const published = NAOJ_TERMS_JST[year] ?? [];
      const startMs = instantOf({ year, month: 1, day: 1 }, JST);
      const found = nextTerms(startMs, 24);
      expect(found).toHaveLength(published.length);
      published.forEach(([month, day, hour, minute], index) => {
        const publishedMs = instantOf({ year, month, day, hour, minute }, JST);
        // The observatory rounds to the minute: allow that half minute and half a minute of ΔT and theory.
        expect(Math.abs((found[index]?.atMs ?? 0) - publishedMs)).toBeLessThanOrEqual(60_000);
      });
    },
  );

  it.each(Object.keys(NAOJ_DOYO).map(Number))('give the doyō days of %i (NAOJ)', (year) => {
    const startMs = instantOf({ year, month: 1, day: 1 }, JST);
    const days = [297, 27, 117, 207].map((longitude) => wallTime(nextSunLongitude(longitude, startMs), JST));
    expect(days.map((wall) => [wall.month, wall.day])).toEqual(NAOJ_DOYO[year]);
  });

  it('fall on the same day as in two calendar packages, 1900–2100 (tyme4ts, lunar-typescript)', () => {
    let compared = 0;
    for (let year = 1900; year <= 2100; year += 1) {
      const ours = nextTerms(instantOf({ year, month: 1, day: 1 }, CST), 24);
      ours.forEach(({ atMs, term }) => {
        // Where the instant lies within a minute of midnight, theories may differ by a day.
        const edge = wallTime(atMs - 90_000, CST).day !== wallTime(atMs + 90_000, CST).day;
        if (edge) return;
        const wall = wallTime(atMs, CST);
        const tymeIndex = (SOLAR_TERMS.findIndex((row) => row.id === term.id) + 3) % 24;
        const theirs = TymeTerm.fromIndex(term.longitudeDeg === 270 ? wall.year + 1 : wall.year, tymeIndex)
          .getJulianDay()
          .getSolarDay();
        expect([theirs.getYear(), theirs.getMonth(), theirs.getDay()]).toEqual([
          wall.year,
          wall.month,
          wall.day,
        ]);
        // The second package is slow: every fifth year is enough of it.
        if (year % 5 === 0)
          expect(Solar.fromYmd(wall.year, wall.month, wall.day).getLunar().getJieQi()).not.toBe('');
        compared += 1;
      });
    }
    expect(compared).toBeGreaterThan(4750);
  });

  it('no term lies further from a calendar package of another theory than is claimed, 1900–2100 (tyme4ts)', () => {
    let worstSec = 0;
    for (let year = 1900; year <= 2100; year += 1)
      nextTerms(instantOf({ year, month: 1, day: 10 }, CST), 23).forEach(({ atMs, term }) => {
        const wall = wallTime(atMs, CST);
        const index = (SOLAR_TERMS.findIndex((row) => row.id === term.id) + 3) % 24;
        const theirs = TymeTerm.fromIndex(term.longitudeDeg === 270 ? wall.year + 1 : wall.year, index)
          .getJulianDay()
          .getSolarTime();
        const theirMs = Date.UTC(
          theirs.getYear(),
          theirs.getMonth() - 1,
          theirs.getDay(),
          theirs.getHour() - 8,
          theirs.getMinute(),
          theirs.getSecond(),
        );
        worstSec = Math.max(worstSec, Math.abs(atMs - theirMs) / 1000);
      });
    expect(worstSec).toBeLessThanOrEqual(TERM_WITHIN_SEC);
    // A claim far wider than what is seen would say nothing.
    expect(worstSec).toBeGreaterThan(TERM_WITHIN_SEC / 2);
  });

  it('fall on the right side of local midnight however close they come (2025-12-22 00:03 in Tokyo, the 21st in London)', () => {
    const solstice = nextSunLongitude(270, Date.UTC(2025, 11, 1));
    expect(wallTime(solstice, JST)).toMatchObject({ month: 12, day: 22, hour: 0 });
    expect(wallTime(solstice, 'Europe/London')).toMatchObject({ month: 12, day: 21, hour: 15 });
    expect(termAt(solstice - 60_000).term.id).toBe('da-xue');
    expect(termAt(solstice + 1000).term.id).toBe('dong-zhi');
  });

  it('come 24 to a year, in order, each beginning at its own instant', () => {
    for (const year of [1900, 1999, 2000, 2024, 2100]) {
      const terms = termsOfYear(year);
      expect(terms).toHaveLength(24);
      terms.forEach(({ term, atMs }, index) => {
        expect(termAt(atMs + 1000).term.id).toBe(term.id);
        expect(termAt(atMs - 60_000).term.id).not.toBe(term.id);
        if (index > 0) expect(atMs).toBeGreaterThan(terms[index - 1]?.atMs ?? 0);
      });
    }
  });
});

describe('stems and branches', () => {
  const beijing: Place = { name: 'reference', latitudeDeg: 39.9, longitudeDeg: 120, zone: CST };

  it('agree with two calendar packages on random days and hours, 1900–2100 (tyme4ts, lunar-typescript)', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1900, max: 2100 }),
        fc.integer({ min: 1, max: 12 }),
        fc.integer({ min: 1, max: 28 }),
        fc.integer({ min: 0, max: 22 }),
        (year, month, day, hour) => {
          const atMs = instantOf({ year, month, day, hour, minute: 30 }, CST);
          // Keep clear of the term instant itself: the packages turn the month by the minute, or by the day.
          const near = [...nextTerms(atMs - 3 * 86_400_000, 1)].some(
            (t) => Math.abs(t.atMs - atMs) < 86_400_000,
          );
          fc.pre(!near);
          const ours = fourPillars(atMs, beijing, 'clock');
          const tyme = SolarTime.fromYmdHms(year, month, day, hour, 30, 0).getSixtyCycleHour();
          expect([ours.year.hanzi, ours.month.hanzi, ours.day.hanzi, ours.hour.hanzi]).toEqual([
            tyme.getYear().getName(),
            tyme.getMonth().getName(),
            tyme.getDay().getName(),
            tyme.getSixtyCycle().getName(),
          ]);
          const lunar = Solar.fromYmdHms(year, month, day, hour, 30, 0).getLunar();
          expect(ours.year.hanzi).toBe(lunar.getYearInGanZhiExact());
          expect(ours.month.hanzi).toBe(lunar.getMonthInGanZhiExact());
          expect(ours.day.hanzi).toBe(lunar.getDayInGanZhi());
          expect(ours.hour.hanzi).toBe(lunar.getTimeInGanZhi());
        },
      ),
      { numRuns: 300, seed: 11 },
    );
  });

  it('turn the day with the zǐ hour where that is the custom (tyme4ts counts so)', () => {
    for (let day = 1; day <= 60; day += 1) {
      const atMs = instantOf({ year: 2026, month: 3, day, hour: 23, minute: 30 }, CST);
      const wall = wallTime(atMs, CST);
      const tyme = SolarTime.fromYmdHms(wall.year, wall.month, wall.day, 23, 30, 0).getSixtyCycleHour();
      const ours = fourPillars(atMs, beijing, 'clock', 'zi-hour');
      expect([ours.day.hanzi, ours.hour.hanzi]).toEqual([
        tyme.getDay().getName(),
        tyme.getSixtyCycle().getName(),
      ]);
      // By the other custom the day is still the old one; the hour bears the same stem.
      const late = fourPillars(atMs, beijing, 'clock', 'midnight');
      expect(late.hour.hanzi).toBe(ours.hour.hanzi);
      expect((ours.day.index - late.day.index + 60) % 60).toBe(1);
    }
  });

  it('turn the day within the second of local midnight', () => {
    const midnight = instantOf({ year: 2026, month: 11, day: 26 }, CST);
    const before = fourPillars(midnight - 1000, beijing, 'clock').day.index;
    expect(fourPillars(midnight, beijing, 'clock').day.index).toBe((before + 1) % 60);
  });

  it('turn the year at the instant of Lì Chūn, not at New Year (2024-02-04 16:27 UTC+8: guǐ-mǎo → jiǎ-chén)', () => {
    const before = fourPillars(
      instantOf({ year: 2024, month: 2, day: 4, hour: 16, minute: 20 }, CST),
      beijing,
      'clock',
    );
    const after = fourPillars(
      instantOf({ year: 2024, month: 2, day: 4, hour: 16, minute: 35 }, CST),
      beijing,
      'clock',
    );
    expect(before.year.hanzi).toBe('癸卯');
    expect(after.year.hanzi).toBe('甲辰');
    expect(after.month.hanzi).toBe('丙寅');
  });

  it('give the late zǐ hour the next day’s stem while the day itself turns at midnight', () => {
    const late = fourPillars(
      instantOf({ year: 2024, month: 5, day: 10, hour: 23, minute: 30 }, CST),
      beijing,
      'clock',
    );
    const early = fourPillars(
      instantOf({ year: 2024, month: 5, day: 11, hour: 0, minute: 30 }, CST),
      beijing,
      'clock',
    );
    expect(late.hour.hanzi).toBe(early.hour.hanzi);
    expect((late.day.index + 1) % 60).toBe(early.day.index);
    expect(SolarDay.fromYmd(2024, 5, 10).getSixtyCycleDay().getSixtyCycle().getName()).toBe(late.day.hanzi);
  });
});
