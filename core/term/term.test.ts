import fc from 'fast-check';
import { createEmptyCard, fsrs, generatorParameters, Rating } from 'ts-fsrs';
import { SolarTerm } from 'tyme4ts';
import { readAlmanac } from '../almanac';
import { DEFAULT_CUSTOMS, type Customs } from '../customs';
import { REPERTOIRE } from '../forms';
import { clashesOf, mondayOf, weeksOf, type TermDays } from './calendar';
import { COVERED, coversOf } from './coverage';
import { comesBack, dueMs, isKnown, recallOf, surelyThere, WEEKS_RUNNING } from './learning';
import { beginnings, threadsOf } from './lessons';
import { changesFrom, formsToLearn, planTerm, type TermAsked, type WeekWord } from './plan';
import { offersFor } from './themes';

const DAY = 86_400_000;
const AUTUMN: TermDays = {
  first: '2026-09-07',
  last: '2026-12-13',
  times: [{ weekday: 4, hour: 19, minute: 0 }],
  out: [{ from: '2026-10-26', until: '2026-10-30', name: 'half term' }],
};
const asked = (over: Partial<TermAsked> = {}): TermAsked => ({
  days: AUTUMN,
  aim: 'year',
  also: [],
  learn: [],
  learnSet: undefined,
  ledMs: {},
  nowMs: 0,
  fixed: {},
  former: {},
  ...over,
});
const plan = (over: Partial<TermAsked> = {}, customs: Customs = DEFAULT_CUSTOMS) =>
  planTerm(asked(over), REPERTOIRE, customs);
const wordsOf = (weeks: ReturnType<typeof plan>['weeks']): Readonly<Record<string, WeekWord>> =>
  Object.fromEntries(weeks.map(({ monday, theme, load }) => [monday, { theme, load }]));

describe('the weeks of a term', () => {
  it.each([
    // Seven in the evening by the wall clock on both sides of each zone’s change of clocks; instants worked by hand.
    ['Europe/London', '2026-10-22', '2026-10-22T18:00:00Z', '2026-10-29T19:00:00Z'],
    ['America/New_York', '2026-10-29', '2026-10-29T23:00:00Z', '2026-11-06T00:00:00Z'],
    ['Australia/Sydney', '2026-10-01', '2026-10-01T09:00:00Z', '2026-10-08T08:00:00Z'],
    ['Asia/Kolkata', '2026-10-22', '2026-10-22T13:30:00Z', '2026-10-29T13:30:00Z'],
  ])('keep the hour of the wall clock in %s', (zone, first, one, two) => {
    const weeks = weeksOf({ ...AUTUMN, first, last: '2026-12-01', out: [] }, zone);
    const classes = weeks.flatMap(({ classesMs }) => classesMs);
    expect(classes.slice(0, 2).map((atMs) => new Date(atMs).toISOString())).toEqual(
      [one, two].map((iso) => new Date(iso).toISOString()),
    );
  });

  it('leave out what is left out, and say why; no class is lost or held twice', () => {
    const weeks = weeksOf(AUTUMN, 'Europe/London');
    expect(weeks).toHaveLength(14);
    expect(weeks.filter(({ classesMs }) => classesMs.length === 0)).toEqual([
      { monday: '2026-10-26', classesMs: [], out: ['half term'] },
    ]);
    expect(new Set(weeks.flatMap(({ classesMs }) => classesMs)).size).toBe(13);
    for (const { monday, classesMs } of weeks)
      for (const atMs of classesMs) expect(mondayOf(new Date(atMs).toISOString().slice(0, 10))).toBe(monday);
  });

  it('tell where two groups of one teacher meet at once', () => {
    const at = (id: string, weekday: number, hour: number, minutes: number) => ({
      id,
      minutes,
      times: [{ weekday, hour, minute: 0 }],
    });
    const from = Date.UTC(2026, 10, 2);
    const clashes = (...groups: ReturnType<typeof at>[]) =>
      clashesOf(groups, from, from + 14 * DAY, 'Europe/London').map(({ groups: both }) => both);
    expect(clashes(at('a', 4, 19, 60), at('b', 4, 20, 30))).toEqual([]);
    expect(clashes(at('a', 4, 19, 61), at('b', 4, 20, 30))).toEqual([['a', 'b']]);
    expect(clashes(at('a', 4, 19, 90), at('b', 4, 20, 30), at('c', 5, 20, 30))).toEqual([['a', 'b']]);
  });
});

describe('how a form is learnt and kept', () => {
  const WEEK = 7 * DAY;
  const start = Date.UTC(2026, 8, 10, 18);
  const weekly = (times: number): readonly number[] =>
    Array.from({ length: times }, (_, week) => start + week * WEEK);

  it('follows the scheduler’s own laws: half life grows with every good return, and it is 95 % there when it is due', () => {
    const own = fsrs(
      generatorParameters({ request_retention: 0.95, enable_short_term: false, enable_fuzz: false }),
    );
    let card = createEmptyCard(new Date(start));
    const gaps: number[] = [];
    for (const atMs of weekly(4)) {
      card = own.next(card, new Date(atMs), Rating.Good).card;
      gaps.push(card.scheduled_days);
    }
    expect(gaps).toEqual(gaps.toSorted((a, b) => a - b));
    const recall = recallOf(weekly(4));
    expect(dueMs(recall)).toBe(card.due.getTime());
    expect(surelyThere(recall, dueMs(recall) ?? 0)).toBeCloseTo(0.95, 2);
    // It fades, and never comes back by itself.
    const later = [1, 30, 90, 300].map((days) => surelyThere(recall, (weekly(4).at(-1) ?? 0) + days * DAY));
    expect(later).toEqual(later.toSorted((a, b) => b - a));
  });

  it('comes some weeks running, then at growing distances, and is known when often and lately enough', () => {
    const came: number[] = [0];
    for (let week = 1; week < 30; week += 1)
      if (comesBack(recallOf(came.map((one) => start + one * WEEK)), start + week * WEEK)) came.push(week);
    const gaps = came.slice(1).map((week, index) => week - (came[index] ?? 0));
    expect(gaps.slice(0, WEEKS_RUNNING - 1)).toEqual([1, 1]);
    const further = gaps.slice(WEEKS_RUNNING - 1);
    expect(further.length).toBeGreaterThan(1);
    expect(further).toEqual(further.toSorted((a, b) => a - b));
    expect(isKnown(recallOf(weekly(3)), start + 2 * WEEK)).toBe(false);
    expect(isKnown(recallOf(weekly(5)), start + 5 * WEEK)).toBe(true);
    // A year later it is not.
    expect(isKnown(recallOf(weekly(5)), start + 60 * WEEK)).toBe(false);
    expect(surelyThere(recallOf([]), start)).toBe(0);
  });

  it('is the same in whatever order the classes are told, and twice in a day is once', () => {
    expect(recallOf([...weekly(4)].reverse())).toEqual(recallOf(weekly(4)));
    expect(recallOf([...weekly(3), (weekly(3).at(-1) ?? 0) + 3_600_000])).toEqual(recallOf(weekly(3)));
  });
});

describe('the beginnings of new forms', () => {
  it('are in order, no more a week than allowed, and as even as any there are (all of them tried)', () => {
    const everyWay = (forms: number, weeks: number): readonly (readonly number[])[] =>
      forms === 0
        ? [[]]
        : everyWay(forms - 1, weeks).flatMap((before) =>
            Array.from({ length: weeks }, (_, week) => week)
              .filter((week) => week >= (before.at(-1) ?? 0))
              .map((week) => [...before, week]),
          );
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 4 }),
        fc.integer({ min: 1, max: 7 }),
        fc.integer({ min: 1, max: 2 }),
        (forms, weeks, most) => {
          const found = beginnings(forms, weeks, most);
          const begun = found.filter((week) => week !== undefined);
          expect(begun).toEqual(begun.toSorted((a, b) => a - b));
          for (const week of begun)
            expect(begun.filter((one) => one === week).length).toBeLessThanOrEqual(most);
          expect(begun).toHaveLength(Math.min(forms, weeks * most));
          // As even as any: the strain is told by hand here, a second time.
          const fit = begun.length;
          const last = Math.min(weeks - 1, Math.max(Math.ceil(fit / most) - 1, weeks - 4));
          const strain = (way: readonly number[]): number =>
            way.reduce(
              (sum, week, form) => sum + (week - (fit === 1 ? 0 : (form * last) / (fit - 1))) ** 2,
              0,
            );
          const allowed = everyWay(fit, weeks).filter((way) =>
            way.every((week) => way.filter((one) => one === week).length <= most),
          );
          expect(strain(begun)).toBeCloseTo(Math.min(...allowed.map(strain)), 9);
        },
      ),
    );
  });

  it('begin nothing that is known already: what was met before only comes back', () => {
    const firsts = Array.from({ length: 10 }, (_, week) => Date.UTC(2026, 8, 10, 18) + week * 7 * DAY);
    const before = [1, 2, 3].map((weeks) => (firsts[0] ?? 0) - weeks * 7 * DAY);
    const [met, fresh] = threadsOf({
      formIds: ['a', 'b'],
      classesMs: firsts,
      ledMs: { a: before },
      mostNewAWeek: 1,
      fromWeek: 0,
    });
    expect(met?.newIn).toBeUndefined();
    expect(met?.again.length).toBeGreaterThan(0);
    expect(fresh?.newIn).toBe(0);
  });
});

describe('the threads of forms', () => {
  const firsts = Array.from({ length: 8 }, (_, week) => Date.UTC(2026, 8, 10, 18) + week * 7 * DAY);

  it('are what was really led as far as the term is over, and go on from there', () => {
    // Planned for weeks 0, 1, 2; led in weeks 0 and 2 only, on the Friday.
    const ledMs = { a: [0, 2].map((week) => (firsts[week] ?? 0) + DAY) };
    const [a, b] = threadsOf({ formIds: ['a', 'b'], classesMs: firsts, ledMs, mostNewAWeek: 1, fromWeek: 3 });
    expect(a).toMatchObject({ newIn: 0 });
    expect(a?.again.filter((week) => week < 3)).toEqual([2]);
    // It has come twice only: once more running.
    expect(a?.again).toContain(3);
    expect(b?.newIn).toBeGreaterThanOrEqual(3);
    // What was led four weeks running is known from the fourth on.
    const led = { c: [0, 1, 2, 3, 4].map((week) => firsts[week] ?? 0) };
    const [c] = threadsOf({ formIds: ['c'], classesMs: firsts, ledMs: led, mostNewAWeek: 1, fromWeek: 5 });
    expect(c).toMatchObject({ newIn: 0, knownFrom: 3 });
  });
});

describe('what is offered for a week', () => {
  it('is led by the organ of the season, by the almanac that other calendar packages bear out', () => {
    for (const [index, organ] of [
      [3, 'liver'], // 立春 begins spring
      [9, 'heart'], // 立夏
      [15, 'lung'], // 立秋
      [21, 'kidney'], // 立冬
    ] as const) {
      const term = SolarTerm.fromIndex(2026, index).getJulianDay().getSolarDay();
      // Ten days into the season, at noon.
      const atMs = Date.UTC(term.getYear(), term.getMonth() - 1, term.getDay(), 12) + 10 * DAY;
      const offers = offersFor(atMs, DEFAULT_CUSTOMS, { aim: 'year', also: [], wholeSet: undefined });
      const best = offers.toSorted((a, b) => b.points - a.points)[0];
      expect(best?.theme).toEqual({ kind: 'organ', organ });
      expect(readAlmanac(atMs, DEFAULT_CUSTOMS.place, DEFAULT_CUSTOMS).season.earth).toBe(false);
    }
  });

  it('never puts what checks the season before the season', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 364 }), (day) => {
        const offers = offersFor(Date.UTC(2026, 0, 1, 12) + day * DAY, DEFAULT_CUSTOMS, {
          aim: 'year',
          also: [],
          wholeSet: undefined,
        });
        const against = offers.filter(({ reasons }) => reasons.some(({ code }) => code === 'against'));
        const season = offers.filter(({ reasons }) => reasons.some(({ code }) => code.startsWith('season')));
        expect(Math.max(...against.map(({ points }) => points))).toBeLessThan(
          Math.min(...season.map(({ points }) => points)),
        );
      }),
      { numRuns: 60 },
    );
  });
});

describe('what a theme comes by', () => {
  const has = (theme: Parameters<typeof coversOf>[0], words: string): boolean =>
    coversOf(theme, REPERTOIRE, DEFAULT_CUSTOMS).some((at) =>
      JSON.stringify(COVERED[at]).includes(`"${words}"`),
    );

  it('is its organs and channels, and what its forms do (facts of the trade, common practice)', () => {
    expect(has({ kind: 'organ', organ: 'lung' }, 'LU')).toBe(true);
    expect(has({ kind: 'organ', organ: 'lung' }, 'liver')).toBe(false);
    expect(has({ kind: 'phase', phase: 'water' }, 'bladder')).toBe(true);
    for (const joint of ['ankles', 'knees', 'hips', 'spine', 'shoulders', 'wrists', 'neck'])
      expect(has({ kind: 'aim', aim: 'joints' }, joint)).toBe(true);
    expect(has({ kind: 'set', set: 'eight-brocades' }, 'reach')).toBe(true);
    expect(has({ kind: 'set', set: 'six-sounds' }, 'breath')).toBe(true);
  });
});

describe('a term', () => {
  it('follows the year: Lung in autumn, then Earth’s turn, then Kidney; and comes by the whole body', () => {
    const { weeks, counts, value, bound } = plan();
    expect(weeks).toHaveLength(13);
    const organs = weeks.map(({ theme }) => JSON.stringify(theme));
    expect(organs.slice(0, 5).some((one) => one.includes('lung'))).toBe(true);
    expect(organs.slice(-5).some((one) => one.includes('kidney'))).toBe(true);
    expect(bound - value).toBeLessThanOrEqual(0.01 * value);
    const balanced = plan({ aim: 'balance' });
    const covered = (of: readonly number[]): number => of.filter((count) => count > 0).length;
    expect(covered(balanced.counts)).toBeGreaterThan(covered(counts));
    expect(covered(balanced.counts) / COVERED.length).toBeGreaterThan(0.75);
  });

  it('tells of each week all it comes by, and what no week before it did', () => {
    const { weeks, counts } = plan();
    const seen = new Set<number>();
    for (const { covers, comesBy } of weeks) {
      expect(covers).toEqual(comesBy.filter((counter) => !seen.has(counter)));
      for (const counter of comesBy) seen.add(counter);
    }
    // Counted week by week it is what the whole plan says.
    expect(counts).toEqual(
      COVERED.map((_, counter) => weeks.filter(({ comesBy }) => comesBy.includes(counter)).length),
    );
  });

  it('builds up and rests: never full twice running, easy where classes fall out', () => {
    const { weeks } = plan({
      days: {
        ...AUTUMN,
        times: [2, 4].map((weekday) => ({ weekday, hour: 19, minute: 0 })),
        out: [{ from: '2026-10-27', until: '2026-10-27', name: 'the fair' }],
      },
    });
    weeks
      .slice(1)
      .forEach(({ load }, index) => expect([load, weeks[index]?.load]).not.toEqual(['full', 'full']));
    expect(weeks.find(({ out }) => out.length > 0)).toMatchObject({ out: ['the fair'], load: 'easy' });
    expect(new Set(weeks.map(({ load }) => load)).size).toBe(3);
  });

  it('teaches a set: every form begins in order, returns, and the whole set comes after', () => {
    const { weeks, threads } = plan({
      days: { ...AUTUMN, last: '2027-02-28' },
      learn: formsToLearn('eight-brocades', [], DEFAULT_CUSTOMS),
      learnSet: 'eight-brocades',
    });
    expect(threads.map(({ formId }) => formId)).toEqual(formsToLearn('eight-brocades', [], DEFAULT_CUSTOMS));
    for (const { newIn, again } of threads) {
      expect(newIn).toBeDefined();
      expect(again.slice(0, 2)).toEqual([(newIn ?? 0) + 1, (newIn ?? 0) + 2]);
    }
    const last = Math.max(...threads.map(({ newIn = 0 }) => newIn));
    weeks.forEach(({ theme }, week) => {
      if (theme.kind === 'set') expect(week).toBeGreaterThan(last);
    });
    expect(weeks.some(({ theme }) => theme.kind === 'set')).toBe(true);
  });

  it('keeps what is fixed, and is never worth less for being asked again', () => {
    const fixed: Readonly<Record<string, WeekWord>> = {
      '2026-10-05': { theme: { kind: 'organ', organ: 'liver' }, load: 'full' },
      '2026-11-16': { theme: { kind: 'channel', channel: 'GV' }, load: 'easy' },
    };
    const found = plan({ fixed });
    for (const [monday, word] of Object.entries(fixed))
      expect(found.weeks.find((week) => week.monday === monday)).toMatchObject({ ...word, isFixed: true });
  });

  it('is planned again with little change: the past stays, and one missed week moves few others', () => {
    const before = plan();
    const former = wordsOf(before.weeks);
    // Nothing happened: nothing changes.
    expect(changesFrom(former, plan({ former }).weeks)).toEqual([]);
    // Four weeks are over; the fifth falls out.
    const past = Object.fromEntries(Object.entries(former).slice(0, 4));
    const out = [...AUTUMN.out, { from: '2026-10-05', until: '2026-10-11', name: 'ill' }];
    const again = plan({ former, fixed: past, days: { ...AUTUMN, out } });
    for (const [monday, word] of Object.entries(past))
      expect(again.weeks.find((week) => week.monday === monday)).toMatchObject(word);
    expect(again.weeks.some(({ monday }) => monday === '2026-10-05')).toBe(false);
    const moved = changesFrom(former, again.weeks).filter(
      ({ was, is }) => JSON.stringify(was.theme) !== JSON.stringify(is.theme),
    );
    expect(moved.length).toBeLessThanOrEqual(3);
  });

  it('is the same for the same asking, by whichever school of seasons, north or south', () => {
    const south: Customs = {
      ...DEFAULT_CUSTOMS,
      place: { name: 'South', latitudeDeg: -33.9, longitudeDeg: 151.2, zone: 'Australia/Sydney' },
    };
    for (const customs of [DEFAULT_CUSTOMS, south]) expect(plan({}, customs)).toEqual(plan({}, customs));
    // In September spring begins there.
    const first = JSON.stringify(
      plan({}, south)
        .weeks.slice(0, 5)
        .map(({ theme }) => theme),
    );
    expect(first).toMatch(/liver|wood/);
  });

  it('of no classes is no plan', () => {
    expect(plan({ days: { ...AUTUMN, times: [] } })).toMatchObject({ weeks: [], value: 0 });
  });
});
