import { INTENTS, PLAIN_BRIEF, type Brief, type ThemePart } from '../brief';
import { ROLES, type Role } from '../forms';
import { planSections } from './plan';

describe('the plan of sections', () => {
  it('spends exactly the minutes there are, in the order of the roles, whatever the intent', () => {
    for (const intent of INTENTS)
      for (const minutes of [5, 8, 12, 20, 60]) {
        const plan = planSections({ ...PLAIN_BRIEF, intent, minutes });
        expect(plan.reduce((sum, section) => sum + section.targetMs, 0)).toBeCloseTo(minutes * 60_000, 3);
        const order = plan.map((section) => ROLES.indexOf(section.role));
        expect(order).toEqual(order.toSorted((a, b) => a - b));
        for (const section of plan) {
          expect(section.leastMs).toBeLessThan(section.mostMs);
          expect(section.targetMs).toBeGreaterThan(0);
        }
      }
  });

  it('always arrives, loosens, gathers and closes, and leaves stillness for longer practices', () => {
    const roles = (minutes: number) =>
      planSections({ ...PLAIN_BRIEF, minutes }).map((section) => section.role);
    for (const minutes of [6, 12, 60])
      expect(roles(minutes)).toEqual(expect.arrayContaining(['arrive', 'loosen', 'gather', 'close']));
    // In a few minutes the hands that close gather in too.
    expect(roles(5)).toEqual(['arrive', 'loosen', 'clear', 'nourish', 'close']);
    expect(roles(5)).not.toContain('still');
    expect(roles(20)).toContain('still');
  });

  it('leans as the intent does: clearing clears more, calm keeps still and does not shake', () => {
    const share = (intent: (typeof INTENTS)[number], role: Role) =>
      (planSections({ ...PLAIN_BRIEF, intent }).find((section) => section.role === role)?.targetMs ?? 0) /
      (20 * 60_000);
    expect(share('clear', 'clear')).toBeGreaterThan(share('nourish', 'clear') * 2);
    expect(share('nourish', 'nourish')).toBeGreaterThan(share('clear', 'nourish') * 2);
    expect(share('calm', 'wake')).toBe(0);
    expect(share('calm', 'still')).toBeGreaterThan(share('clear-then-nourish', 'still'));
    expect(share('move', 'wake')).toBeGreaterThan(share('clear-then-nourish', 'wake'));
  });

  it('gives two minutes for several things to them alone, and loosens nothing first', () => {
    const roles = (theme: Brief['theme'], minutes: number) =>
      planSections({ ...PLAIN_BRIEF, theme, minutes }).map(({ role }) => role);
    const two: Brief['theme'] = {
      kind: 'mix',
      parts: [
        { kind: 'organ', organ: 'liver' },
        { kind: 'organ', organ: 'spleen' },
      ],
    };
    const one: Brief['theme'] = { kind: 'organ', organ: 'liver' };
    expect(roles(two, 2)).toEqual(['arrive', 'nourish', 'close']);
    expect(roles({ kind: 'all-phases' }, 2)).toEqual(['arrive', 'nourish', 'close']);
    expect(roles(two, 3)).toContain('loosen');
    expect(roles(one, 2)).toContain('loosen');
  });

  it('has beside a set what there is room for, stillness first, and one’s own sections all the same', () => {
    const brief: Brief = { ...PLAIN_BRIEF, theme: { kind: 'set', set: 'silk-chart' }, minutes: 60 };
    const beside = (room: number, own = {}) =>
      planSections(brief, own, room)
        .map(({ role }) => role)
        .filter((role) => ['wake', 'clear', 'still', 'balance'].includes(role));
    expect(beside(0)).toEqual([]);
    expect(beside(1)).toEqual(['still']);
    expect(beside(2)).toEqual(['still', 'balance']);
    expect(beside(Infinity)).toHaveLength(4);
    expect(beside(0, { set: { wake: { percent: 5, fromMinutes: 2 } } })).toEqual(['wake']);
  });

  it('stands still beside a set, but not beside one that is sat through, up to an hour', () => {
    const isStill = (set: string, minutes: number, posture: Brief['posture'] = 'standing') =>
      planSections({ ...PLAIN_BRIEF, theme: { kind: 'set', set }, minutes, posture }).some(
        ({ role }) => role === 'still',
      );
    expect(isStill('eight-brocades', 40)).toBe(true);
    expect(isStill('seated-brocade', 40)).toBe(false);
    expect(isStill('seated-brocade', 40, 'seated')).toBe(true);
    expect(isStill('twenty-four-terms', 90)).toBe(true);
  });

  it('clears and feeds several organs in turn, but not beside a set: that is the heart', () => {
    const organs = [
      { kind: 'organ', organ: 'liver' },
      { kind: 'organ', organ: 'spleen' },
    ] as const;
    const hearts = (parts: readonly ThemePart[], minutes: number) =>
      planSections({
        ...PLAIN_BRIEF,
        intent: 'clear-then-nourish',
        theme: { kind: 'mix', parts: [...parts] },
        minutes,
      }).filter(({ role }) => role === 'nourish').length;
    for (const minutes of [30, 50, 60])
      expect([
        hearts(organs, minutes),
        hearts([{ kind: 'set', set: 'eight-brocades' }, ...organs], minutes),
        hearts([{ kind: 'lesson', formId: 'cloud-hands' }, ...organs], minutes),
      ]).toEqual([2, 1, 1]);
  });
});
