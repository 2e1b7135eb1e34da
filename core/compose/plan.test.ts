import { INTENTS, PLAIN_BRIEF } from '../brief';
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
});
