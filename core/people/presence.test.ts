import fc from 'fast-check';
import { SolarDay } from 'tyme4ts';
import { isCivilDate } from './civil';
import { initialsOf } from './initials';
import { newPerson } from './newPerson';
import { personSchema, type Person } from './person';
import {
  belongsOn,
  comesOn,
  conditionsOn,
  dayOf,
  expectedAt,
  mindedFor,
  weekdayOf,
  whoseConditions,
} from './presence';

const ID = '0d8a3c5e-1b52-4c1f-9a53-6f0c1d7e2b10';
const person = (over: Partial<Person> = {}): Person => ({ ...newPerson(ID, 'Wenna Prisk'), ...over });

const dates = fc
  .date({ min: new Date('1901-01-01T00:00:00Z'), max: new Date('2199-12-31T00:00:00Z'), noInvalidDate: true })
  .map((date) => date.toISOString().slice(0, 10));

/** Whether a calendar package knows this day. */
function isADay(year: number, month: number, day: number): boolean {
  try {
    SolarDay.fromYmd(year, month, day);
    return true;
  } catch {
    return false;
  }
}

describe('a civil day', () => {
  it('is one where a package of the registry says so too', () => {
    const texts = fc.tuple(
      fc.integer({ min: 1900, max: 2200 }),
      fc.integer({ min: 0, max: 14 }),
      fc.integer({ min: 0, max: 33 }),
    );
    fc.assert(
      fc.property(texts, ([year, month, day]) => {
        const text = `${year}-${String(month).padStart(2, '0')}-${String(day).padStart(2, '0')}`;
        expect([text, isCivilDate(text)]).toEqual([text, isADay(year, month, day)]);
      }),
    );
    for (const odd of ['', '2026-2-3', '26-02-03', '2026-02-03T00:00', ' 2026-02-03'])
      expect(isCivilDate(odd)).toBe(false);
  });

  it('has the weekday that package gives it', () => {
    fc.assert(
      fc.property(dates, (day) => {
        const [year = 0, month = 0, of = 0] = day.split('-').map(Number);
        const sundayFirst = SolarDay.fromYmd(year, month, of).getWeek().getIndex();
        expect(weekdayOf(day)).toBe(sundayFirst === 0 ? 7 : sundayFirst);
      }),
    );
  });

  it.each([
    // Instants on both sides of local midnight, by each zone’s wall clock (zone database, worked by hand).
    ['2026-11-29T23:30:00Z', 'Europe/London', '2026-11-29'],
    ['2026-07-29T23:30:00Z', 'Europe/London', '2026-07-30'],
    ['2026-11-29T04:30:00Z', 'America/New_York', '2026-11-28'],
    ['2026-11-29T13:30:00Z', 'Australia/Sydney', '2026-11-30'],
    ['2026-11-29T18:40:00Z', 'Asia/Kolkata', '2026-11-30'],
  ])('%s in %s is %s', (at, zone, day) => {
    expect(dayOf(Date.parse(at), zone)).toBe(day);
  });
});

describe('who comes', () => {
  const thursdays = person({
    comesTo: [{ groupId: 'choir', weekdays: [4], from: '2026-09-10', until: '2026-12-17' }],
  });

  it('comes on their days only, from the first to the last of them', () => {
    // 10 September and 17 December 2026 are Thursdays.
    for (const [day, comes] of [
      ['2026-09-03', false],
      ['2026-09-10', true],
      ['2026-09-15', false],
      ['2026-12-17', true],
      ['2026-12-24', false],
    ] as const)
      expect([day, comesOn(thursdays, 'choir', day)]).toEqual([day, comes]);
    expect(comesOn(thursdays, 'carriers', '2026-09-10')).toBe(false);
    // Of the group they are on other days too.
    expect(belongsOn(thursdays, 'choir', '2026-09-15')).toBe(true);
  });

  it('is expected only where they belong, whatever is written', () => {
    const spells = fc.record(
      {
        groupId: fc.constantFrom('choir', 'carriers'),
        weekdays: fc.uniqueArray(fc.integer({ min: 1, max: 7 })),
        from: dates,
        until: dates,
      },
      { requiredKeys: ['groupId', 'weekdays'] },
    );
    fc.assert(
      fc.property(fc.array(spells, { maxLength: 4 }), dates, (comesTo, day) => {
        const expected = expectedAt([{ comesTo }], 'choir', day);
        if (expected.length > 0) expect(belongsOn({ comesTo }, 'choir', day)).toBe(true);
        // On one of the seven days of a week somebody who belongs all week is expected.
        if (comesTo.every(({ weekdays }) => weekdays.length === 0))
          expect(expected.length > 0).toBe(belongsOn({ comesTo }, 'choir', day));
      }),
    );
  });
});

describe('what a class minds', () => {
  const before = person({
    conditions: [
      { id: 'recent-surgery', from: '2026-07-20', until: '2026-09-30', note: 'healed' },
      { id: 'high-blood-pressure', note: '' },
    ],
    mayNot: ['shaking'],
  });
  const other = person({
    name: 'Odo M',
    conditions: [{ id: 'knee', from: '2026-10-01', note: '' }],
    mayNot: ['shaking', 'tap-arms'],
  });

  it('is what those present have on that day, and no longer', () => {
    expect(conditionsOn(before, '2026-09-30')).toEqual(['high-blood-pressure', 'recent-surgery']);
    expect(conditionsOn(before, '2026-10-01')).toEqual(['high-blood-pressure']);
    expect(mindedFor([before, other], '2026-10-01', ['glaucoma'])).toEqual({
      conditions: ['high-blood-pressure', 'glaucoma', 'knee'],
      mayNot: ['shaking', 'tap-arms'],
      likes: [],
    });
  });

  it('is led by what one alone likes, and in a class by what a third of it likes', () => {
    const likesOf = (...likes: readonly (readonly string[])[]) =>
      mindedFor(
        likes.map((ids) => person({ likes: [...ids] })),
        '2026-10-01',
      ).likes;
    expect(likesOf(['silk-bird', 'cloud-hands'])).toEqual(['cloud-hands', 'silk-bird']);
    expect(likesOf(['silk-bird'], [], [])).toEqual(['silk-bird']);
    // One of four is less than a third; who writes a form twice is still one.
    expect(likesOf(['silk-bird', 'silk-bird'], [], [], [])).toEqual([]);
    expect(likesOf(['silk-bird'], ['silk-bird', 'shaking'], [], [])).toEqual(['silk-bird']);
    expect(likesOf()).toEqual([]);
  });

  it('never forgets what is minded always, and is more the more are there', () => {
    const few = mindedFor([before], '2026-10-01', ['neck']).conditions;
    const more = mindedFor([before, other], '2026-10-01', ['neck']).conditions;
    expect(few).toContain('neck');
    for (const id of few) expect(more).toContain(id);
  });

  it('tells whose it is by initials only', () => {
    const whose = whoseConditions([before, other, { ...other, name: 'Isla Quent' }], '2026-10-01');
    expect(whose).toEqual({ 'high-blood-pressure': 'WP', knee: 'OM, IQ' });
  });
});

describe('initials', () => {
  it.each([
    ['Maud Tarrow', 'MT'],
    ['Wenna Prisk-Loam', 'WPL'],
    ['ó dálaigh', 'ÓD'],
    ['S. V.', 'SV'],
    ['金明', '金明'],
    ['Cher', 'C'],
    ['A B C D', 'ABC'],
  ])('of %s are %s', (name, initials) => {
    expect(initialsOf(name)).toBe(initials);
  });
});

describe('a person', () => {
  it('is refused with what is wrong, and nothing else', () => {
    const wrong: readonly (readonly [Partial<Person>, string])[] = [
      [{ name: ' ' }, 'name'],
      [{ birthYear: 1850 }, 'birthYear'],
      [
        {
          comesTo: [
            { groupId: 'a', weekdays: [] },
            { groupId: 'a', weekdays: [] },
          ],
        },
        'comesTo',
      ],
      [{ comesTo: [{ groupId: 'a', weekdays: [], from: '2026-10-02', until: '2026-10-01' }] }, 'comesTo.0'],
      [{ conditions: [{ id: 'knee', from: '2026-02-30', note: '' }] }, 'conditions.0.from'],
      [{ measures: { statureCm: 900, segmentsCm: {} } }, 'measures.statureCm'],
    ];
    for (const [over, path] of wrong) {
      const parsed = personSchema.safeParse(person(over));
      expect([path, parsed.error?.issues.map((issue) => issue.path.join('.'))]).toEqual([path, [path]]);
    }
    expect(personSchema.safeParse(person()).success).toBe(true);
  });
});
