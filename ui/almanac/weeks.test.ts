import { DEFAULT_CUSTOMS } from '@/core/customs';
import { weeksFrom } from './weeks';

const from = Date.parse('2026-01-20T12:00:00Z');

describe('the next six weeks', () => {
  const view = weeksFrom(from, DEFAULT_CUSTOMS, [
    { name: 'the letter carriers', atMs: Date.parse('2026-02-10T06:20:00Z'), minutes: 12 },
    { name: 'too late', atMs: Date.parse('2026-04-10T06:20:00Z'), minutes: 12 },
  ]);

  // As almanacs give them for Beijing (from memory): Lì Chūn on 4 February 2026 at 04:02, which is the evening of the 3rd
  // at Greenwich, Yǔ Shuǐ on the 18th late in the evening, which is the afternoon of the 18th there.
  it('has the solar terms on their days', () => {
    const days = new Map(view.terms.map(({ hanzi, day }) => [hanzi, day]));
    expect(days.get('立春')).toBe('3 Feb');
    expect(days.get('雨水')).toBe('18 Feb');
    expect(view.terms.every(({ at }) => at >= 0 && at < 1)).toBe(true);
  });

  it('changes from Earth between the seasons to Wood where spring begins', () => {
    expect(view.bands.map(({ phase }) => phase).slice(0, 2)).toEqual(['earth', 'wood']);
    expect(view.bands[0]?.from).toBe(0);
    expect(view.bands.at(-1)?.to).toBe(1);
    const spring = view.terms.find(({ hanzi }) => hanzi === '立春');
    expect(view.bands[1]?.from).toBeCloseTo(spring?.at ?? 9, 1);
    for (const [index, band] of view.bands.entries())
      if (index > 0) expect(band.from).toBeCloseTo(view.bands[index - 1]?.to ?? 9, 5);
  });

  it('shows the classes that come in them and no others, and the Mondays', () => {
    expect(view.classes).toHaveLength(1);
    expect(view.classes[0]?.label).toContain('the letter carriers');
    expect(view.classes[0]?.at).toBeCloseTo(20.76 / 42, 2);
    expect(view.mondays.map(({ day }) => day)).toEqual([
      '26 Jan',
      '2 Feb',
      '9 Feb',
      '16 Feb',
      '23 Feb',
      '2 Mar',
    ]);
  });
});
