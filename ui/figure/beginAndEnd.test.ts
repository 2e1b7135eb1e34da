import { solveGoals } from '@/core/body';
import { REPERTOIRE } from '@/core/forms';
import { beginAndEnd } from './beginAndEnd';

const of = (id: string) => {
  const form = REPERTOIRE.find((one) => one.id === id);
  if (!form) throw new Error(`there is no form ${id}`);
  return beginAndEnd(form, 'full');
};

describe('the two postures a form is told by on paper', () => {
  it('differ where only the head turns', () => {
    const neck = of('loosen-neck');
    expect(neck?.isStill).toBe(false);
    expect(Math.abs((neck?.end.headTurnDeg ?? 0) - (neck?.begin.headTurnDeg ?? 0))).toBeGreaterThan(30);
  });

  it('differ where the head is only tilted or rolled', () => {
    for (const id of ['loosen-neck-tilt', 'neck-half-circles'])
      expect([id, of(id)?.isStill]).toEqual([id, false]);
  });

  it('are one where it is stood', () => {
    for (const id of ['arrive-wuji']) expect([id, of(id)?.isStill]).toEqual([id, true]);
  });

  it('end at what the form is known by: the bow is drawn', () => {
    const bow = of('brocade-draw-the-bow');
    if (!bow) throw new Error('expected the bow');
    const { left, right } = solveGoals(bow.end).arms;
    const apart = Math.hypot(...left.palm.map((value, axis) => value - (right.palm[axis] ?? 0)));
    // One arm long to the side, the other at the shoulder: most of a stretched arm lies between the hands.
    expect(apart).toBeGreaterThan(0.6);
    expect(bow.isStill).toBe(false);
  });
});
