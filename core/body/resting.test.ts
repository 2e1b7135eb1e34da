import {
  BASES,
  findMisses,
  goalsOf,
  isOnSoles,
  mirror,
  momentAsks,
  restFrame,
  restingOn,
  sayPosture,
  solvePosture,
} from '.';
import type { Base, Posture } from '.';
import { cross, dot, length, sub } from './vector';
import { asksOf, measureForm, namedAsks, REPERTOIRE, restIn } from '../forms';

const FLOOR = BASES.filter((base) => restingOn(base) !== undefined);
const at = (base: Base, more: Posture = {}) => solvePosture({ base, ...more });

describe('a body that rests on the floor', () => {
  it('has axes at right angles, left of up of forward', () => {
    for (const base of FLOOR) {
      const { left, up, fwd } = restFrame(base);
      expect(Math.abs(dot(left, up)) + Math.abs(dot(up, fwd))).toBeLessThan(0.01);
      expect(length(sub(cross(left, up), fwd))).toBeLessThan(0.01);
    }
  });

  it('lies above the floor and near it: head, hips, knees and feet', () => {
    for (const base of FLOOR) {
      const { trunk, legs } = at(base);
      for (const place of [
        trunk.head,
        trunk.midHip,
        legs.left.knee,
        legs.right.knee,
        legs.left.ankle,
        legs.right.ankle,
      ])
        expect({ base, over: place[1] > 0 }).toEqual({ base, over: true });
      // Somebody who lies is nowhere higher than a hip is broad, but where the legs are up (common sense).
      if (restingOn(base)?.isLying && base !== 'legs up')
        expect(Math.max(trunk.head[1], trunk.midHip[1])).toBeLessThan(0.35);
    }
  });

  it('keeps every bone its length', () => {
    const standing = solvePosture({});
    for (const base of FLOOR)
      for (const side of ['left', 'right'] as const) {
        const [one, other] = [at(base).legs[side], standing.legs[side]];
        const bones = ({ hip, knee, ankle }: typeof one) => [
          length(sub(hip, knee)),
          length(sub(knee, ankle)),
        ];
        bones(one).forEach((bone, index) => expect(bone).toBeCloseTo(bones(other)[index] ?? 0, 6));
      }
  });

  it('faces up on the back, and towards the same side on either side', () => {
    expect(at('back').trunk.thorax.fwd[1]).toBeGreaterThan(0.95);
    expect(at('fours').trunk.thorax.fwd[1]).toBeLessThan(-0.95);
    expect(at('left side').trunk.thorax.left[1]).toBeLessThan(-0.95);
    expect(at('right side').trunk.thorax.left[1]).toBeGreaterThan(0.95);
    expect(mirror({ base: 'left side' }).base).toBe('right side');
    expect(mirror({ base: 'back' }).base).toBe('back');
  });

  it('is asked for no knee, no balance and no fold by lying there', () => {
    for (const base of FLOOR) {
      const asked = momentAsks(at(base));
      expect({ base, knee: asked.kneeBendDeg, fold: asked.foldDeg < 5, margin: asked.marginCm }).toEqual({
        base,
        knee: 0,
        fold: true,
        margin: Infinity,
      });
    }
    expect(isOnSoles('feet')).toBe(true);
    expect(goalsOf({ base: 'back' }).base).toBe('back');
  });

  it('draws the knees up on the back, and stands the soles on the floor', () => {
    const drawn = at('back', { sink: 80 });
    const long = at('back');
    expect(drawn.legs.left.knee[1]).toBeGreaterThan(long.legs.left.knee[1] + 0.15);
    expect(drawn.legs.left.heel[1]).toBeLessThan(0.06);
    expect(long.legs.left.toe[1]).toBeGreaterThan(long.legs.left.heel[1]);
  });

  it('is reached in the stances of the repertoire', () => {
    for (const stance of ['cross-legged', 'kneeling', 'hands and knees', 'on the back'] as const)
      expect({ stance, misses: findMisses(solvePosture(restIn(stance))) }).toEqual({ stance, misses: [] });
  });

  it('is understood in words', () => {
    for (const [words, base] of [
      ['cross-legged', 'crossed'],
      ['kneeling', 'kneeling'],
      ['on all fours', 'fours'],
      ['lie on the back', 'back'],
      ['lying on the right side', 'right side'],
    ] as const)
      expect(sayPosture(words, { sink: 30 }).posture.base).toBe(base);
    expect(sayPosture('stand', { base: 'back' }).posture.base).toBeUndefined();
  });

  it('asks for the floor in every form that begins there, and only there', () => {
    for (const form of REPERTOIRE) {
      const isDown = ['cross-legged', 'kneeling', 'hands and knees', 'on the back', 'on the side'].includes(
        form.stance.start,
      );
      expect({ id: form.id, floor: asksOf(form, 'full').floor !== 'none' }).toEqual({
        id: form.id,
        floor: isDown,
      });
    }
    const [rest] = REPERTOIRE.filter(({ id }) => id === 'rest-on-the-back');
    if (!rest) throw new RangeError('rest-on-the-back');
    expect(namedAsks(measureForm(rest, 'full'))).toMatchObject({
      fold: 'none',
      backBend: 'none',
      headBelowHeart: false,
    });
  });
});

describe('the girdle of one side', () => {
  it('raises that shoulder and leaves the other', () => {
    const { arms } = solvePosture({ shoulders: { of: 'left', raise: 1 } });
    const even = solvePosture({}).arms;
    expect(arms.left.shoulder[1]).toBeGreaterThan(even.left.shoulder[1] + 0.02);
    expect(arms.right.shoulder[1]).toBeCloseTo(even.right.shoulder[1], 3);
    expect(mirror({ shoulders: { of: 'left', raise: 1 } }).shoulders).toEqual({ of: 'right', raise: 1 });
  });
});
