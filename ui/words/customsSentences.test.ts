import { DEFAULT_CUSTOMS, type Customs } from '@/core/customs';
import { customsSentences } from './customsSentences';

const told = (over: Partial<Customs>, at: string): string =>
  customsSentences({ ...DEFAULT_CUSTOMS, ...over }, Date.parse(at))
    .map(({ holds, otherwise }) => `${holds} ${otherwise}`)
    .join('\n');

describe('the customs in sentences', () => {
  it('say what today is by one’s own school, and by which others it would be something else', () => {
    // On 10 March spring has begun by the solar terms and by the calendar, but not by the equinox.
    const text = told({ earthSchool: 'late-summer' }, '2026-03-10T12:00:00Z');
    expect(text).toContain('So today is spring.');
    expect(text).toMatch(/It would be .*winter by equinoxes and solstices/);
    // In the middle of a season by every calendar nothing differs.
    expect(told({ earthSchool: 'late-summer' }, '2026-05-01T12:00:00Z')).toContain('So today is spring.');
  });

  it('say how far the clock is from the sun of the place', () => {
    // Reykjavík keeps Greenwich time at 21.9° west: the sun is 88 minutes late there (4 minutes a degree).
    const place = { name: 'Reykjavík', latitudeDeg: 64.1, longitudeDeg: -21.9, zone: 'Atlantic/Reykjavik' };
    expect(told({ place }, '2026-01-10T12:00:00Z')).toContain('about 88 minutes sooner');
    expect(told({ place, hours: 'clock' }, '2026-01-10T12:00:00Z')).toContain('about 88 minutes later');
  });

  it('say the pace, and what a slower one costs', () => {
    // Nine breaths of 10 s are 90 s; of 12 s they are 108 s.
    expect(told({ breathsPerMin: 6 }, '2026-01-10T12:00:00Z')).toContain('takes 18 seconds longer');
    expect(told({}, '2026-01-10T12:00:00Z')).toContain('Drafts weigh all things as usual.');
    expect(
      told(
        { strengths: { ...DEFAULT_CUSTOMS.strengths, season: 'strong', talk: 'off' } },
        '2026-01-10T12:00:00Z',
      ),
    ).toMatch(/Drafts weigh most: season and hour\. They do not look at little talk\./);
  });

  it('are whole sentences without ids', () => {
    for (const { holds, otherwise, href } of customsSentences(
      DEFAULT_CUSTOMS,
      Date.parse('2026-06-01T12:00:00Z'),
    )) {
      expect(holds).toMatch(/^[A-Z].*\.$/);
      if (otherwise !== '') expect(otherwise).toMatch(/\.$/);
      expect(`${holds} ${otherwise}`).not.toMatch(/solar-term|four-turns|bottom-up|undefined|NaN/);
      expect(href).toMatch(/^#/);
    }
  });
});
