import { DEFAULT_CUSTOMS } from '../customs';
import { readAlmanac } from '../almanac';
import { briefSchema, fillBrief, intentFor, themeOrgans, themePhase } from '.';

const readingAt = (iso: string) => readAlmanac(Date.parse(iso), DEFAULT_CUSTOMS.place, DEFAULT_CUSTOMS);
const groups = [
  {
    id: 'g',
    name: 'chairs',
    times: [],
    minutes: 15,
    posture: 'seated' as const,
    familiarity: 'taught' as const,
  },
];

describe('filling the brief', () => {
  it('takes season and organ from the almanac, pace from the customs, and says so', () => {
    const { brief, why } = fillBrief({}, readingAt('2026-11-25T06:20:00Z'), DEFAULT_CUSTOMS, []);
    expect(brief).toMatchObject({
      season: 'winter',
      theme: { kind: 'organ', organ: 'kidney' },
      dayPart: 'morning',
      breathsPerMin: 6,
    });
    expect(why).toMatchObject({ theme: 'season', dayPart: 'hour', breathsPerMin: 'customs' });
    expect(briefSchema.safeParse(brief).success).toBe(true);
  });

  it('calls the turn of a season by its name and gives it to earth', () => {
    const { brief } = fillBrief({}, readingAt('2026-01-25T12:00:00Z'), DEFAULT_CUSTOMS, []);
    expect(brief.season).toBe('earth-turn');
    expect(themePhase(brief.theme)).toBe('earth');
  });

  it('lets chosen words stand and takes the rest from the group', () => {
    const { brief, why } = fillBrief(
      { groupId: 'g', minutes: 8 },
      readingAt('2026-11-25T06:20:00Z'),
      DEFAULT_CUSTOMS,
      groups,
    );
    expect(brief).toMatchObject({ minutes: 8, posture: 'seated', groupId: 'g', familiarity: 'taught' });
    expect(why).toMatchObject({ minutes: 'chosen', posture: 'group', familiarity: 'group' });
  });

  it('leans to calm in the evening', () => {
    expect(intentFor('evening')).toBe('calm');
    expect(fillBrief({}, readingAt('2026-11-25T20:30:00Z'), DEFAULT_CUSTOMS, []).brief.intent).toBe('calm');
  });

  it('knows the organs of a theme', () => {
    expect(themeOrgans({ kind: 'phase', phase: 'fire' })).toHaveLength(4);
    expect(themeOrgans({ kind: 'organ', organ: 'spleen' })).toEqual(['spleen']);
  });
});
