import { readAlmanac } from '../almanac';
import { DEFAULT_CUSTOMS } from '../customs';
import { motherOf, organ, organsOf } from '../phases';
import { suggestThemes, type GroupCalendar } from '.';

const reading = (iso: string) => readAlmanac(Date.parse(iso), DEFAULT_CUSTOMS.place, DEFAULT_CUSTOMS);
const suggest = (iso: string, groups: readonly GroupCalendar[] = []) =>
  suggestThemes(reading(iso), groups, 'Europe/London');
const group = (id: string, weekday: number, hour: number): GroupCalendar => ({
  id,
  name: id,
  times: [{ weekday, hour, minute: 0 }],
  minutes: 25,
  posture: 'seated',
  familiarity: 'known',
});

describe('what the almanac suggests', () => {
  it('is first the yin organ of the season’s phase, cleared and then nourished', () => {
    for (const iso of [
      '2026-03-01T08:00:00Z',
      '2026-06-01T08:00:00Z',
      '2026-09-01T08:00:00Z',
      '2026-12-01T08:00:00Z',
    ]) {
      const [first] = suggest(iso);
      expect(first?.theme).toEqual({ kind: 'organ', organ: organsOf(reading(iso).season.phase)[0]?.id });
      expect(first?.intent).toBe('clear-then-nourish');
      expect(first?.reasons[0]).toMatchObject({ code: 'season', phase: reading(iso).season.phase });
    }
  });

  it('is then the organ of the double hour, nourished in the morning and calmed in the evening', () => {
    const morning = suggest('2026-09-10T08:00:00Z')[1];
    expect(morning?.theme).toEqual({ kind: 'organ', organ: reading('2026-09-10T08:00:00Z').hour.organ });
    expect(morning?.intent).toBe('nourish');
    expect(suggest('2026-09-10T19:30:00Z')[1]?.intent).toBe('calm');
  });

  it('is last the mother of the season, or the coming phase within fifteen days of the change', () => {
    const far = suggest('2026-12-01T08:00:00Z').at(-1);
    expect(far?.theme).toEqual({ kind: 'phase', phase: motherOf('water') });
    expect(far?.reasons[0]?.code).toBe('mother');
    // Winter gives way to the earth turn on 17 January 2027.
    const near = suggest('2027-01-08T08:00:00Z').at(-1);
    expect(near?.theme).toEqual({ kind: 'phase', phase: 'earth' });
    expect(near?.reasons[0]).toMatchObject({
      code: 'season-turning',
      daysLeft: 9,
      from: 'water',
      to: 'earth',
    });
  });

  it('prepares the nearest class within a day and a half, with its own minutes and posture', () => {
    // Wednesday morning: the evening group today comes before the one tomorrow.
    const [first] = suggest('2026-11-25T08:00:00Z', [
      group('tomorrow', 4, 9),
      group('tonight', 3, 19),
      group('next week', 2, 9),
    ]);
    expect(first).toMatchObject({ groupId: 'tonight', minutes: 25, posture: 'seated', dayPart: 'evening' });
    expect(first?.reasons.map((reason) => reason.code)).toEqual(['season', 'coming-class']);
    expect(suggest('2026-11-25T08:00:00Z', [group('friday', 5, 19)])[0]?.groupId).toBeUndefined();
  });

  it('never says the same theme twice, even when the hour is the season’s own organ', () => {
    // The Kidney’s hour in winter.
    const suggestions = suggest('2026-12-01T17:30:00Z');
    expect(organ(reading('2026-12-01T17:30:00Z').hour.organ).id).toBe('kidney');
    expect(suggestions.filter((s) => s.theme.kind === 'organ' && s.theme.organ === 'kidney')).toHaveLength(1);
    expect(suggestions.length).toBeGreaterThanOrEqual(2);
  });
});
