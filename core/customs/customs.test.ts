import { customsSchema, DEFAULT_CUSTOMS } from '.';

const problems = (change: object): readonly string[] => {
  const parsed = customsSchema.safeParse({ ...DEFAULT_CUSTOMS, ...change });
  return parsed.success
    ? []
    : parsed.error.issues.map((issue) => `${issue.path.join('.')}: ${issue.message}`);
};
const place = (change: object) => ({ place: { ...DEFAULT_CUSTOMS.place, ...change } });

describe('customs', () => {
  it('begin with ones that their own schema accepts', () => {
    expect(problems({})).toEqual([]);
  });

  it('accept the ends of the earth', () => {
    for (const [latitudeDeg, longitudeDeg] of [
      [90, 180],
      [-90, -180],
      [0, 0],
    ])
      expect(problems(place({ latitudeDeg, longitudeDeg }))).toEqual([]);
  });

  it('say in words what is wrong, and where', () => {
    expect(problems(place({ latitudeDeg: 91 }))).toEqual(['place.latitudeDeg: latitude runs to 90° (north)']);
    expect(problems(place({ longitudeDeg: Number.NaN }))).toEqual([
      'place.longitudeDeg: longitude is a number of degrees',
    ]);
    expect(problems(place({ name: '  ' }))).toEqual(['place.name: a place needs a name']);
    expect(problems(place({ zone: 'Nowhere/Town' }))).toEqual([
      'place.zone: an IANA time zone, for example Europe/London',
    ]);
    expect(problems({ breathsPerMin: 2 })).toEqual(['breathsPerMin: at least 3 breaths a minute']);
    expect(problems({ outToIn: 9 })).toEqual(['outToIn: at most three times the inhale']);
  });

  it('know no school that does not exist and no field that is not theirs', () => {
    expect(problems({ seasonSchool: 'moon' })).toHaveLength(1);
    expect(problems({ shoeSize: 43 })).toHaveLength(1);
  });
});
