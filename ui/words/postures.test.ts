import {
  mirror,
  movementAsks,
  movementThrough,
  postureSchema,
  rangeUse,
  solvePosture,
  type Posture,
} from '@/core/body';
import { measureForm, REPERTOIRE, strokePostures } from '@/core/forms';
import { measuredLines } from './measured';
import { describePosture } from './postures';

const told = (posture: unknown): string => describePosture(postureSchema.parse(posture));

describe('a posture in words', () => {
  it('says stance, weight, knees, trunk and hands', () => {
    expect(told({})).toBe('feet shoulder width, weight even, knees soft; both hands hang by the sides');
    expect(told({ feet: { apart: 1.9 }, weight: 0.7, sink: 50, trunk: { turn: 30 } })).toContain(
      'feet wide, 70 % of the weight on the left, knees well bent, turned 30° to the left',
    );
    expect(told({ hands: { left: { near: 'reach', toward: [0, 1, 0], palm: 'up' } } })).toContain(
      'left hand reaches up, palm up',
    );
    expect(told({ base: 'chair' })).toMatch(/^seated, feet flat;/);
    expect(told({ feet: { lifted: { foot: 'left', thigh: 60, knee: 70 } }, weight: 0 })).toContain(
      'standing on the right leg, the left foot lifted',
    );
    expect(told({ trunk: { lean: 80 } })).toContain('folded deep from the hips');
  });

  it('changes left and right over with the posture', () => {
    const posture: Posture = {
      weight: 0.8,
      trunk: { turn: 20 },
      hands: { left: { near: 'knee' }, right: { near: 'crown' } },
    };
    const there = describePosture(posture);
    const swapped = there
      .replaceAll('left', '\u0000')
      .replaceAll('right', 'left')
      .replaceAll('\u0000', 'right');
    const normal = (text: string): readonly string[] =>
      text
        .split(/[;,] /)
        .map((part) => part.trim())
        .sort();
    expect(normal(describePosture(mirror(posture)))).toEqual(normal(swapped));
  });

  it('is never empty or full of code, for any stroke of the repertoire', () => {
    for (const form of REPERTOIRE)
      for (const stroke of form.cycle)
        for (const posture of strokePostures(stroke, 'full')) {
          const text = describePosture(posture);
          expect(text).toMatch(/; (both|left) hand/);
          expect(text).not.toMatch(/undefined|NaN|\[|\{/);
        }
  });
});

describe('what a form asks, measured', () => {
  const lines = (id: string): string => {
    const form = REPERTOIRE.find((candidate) => candidate.id === id);
    if (!form) throw new RangeError(id);
    return measuredLines(measureForm(form, 'full')).join('\n');
  };

  it('is told with its units, and only where it asks anything', () => {
    expect(lines('animal-bird')).toMatch(/s on one leg/);
    expect(lines('brocade-hold-up-the-sky')).toMatch(/hands above the shoulders for \d+ s/);
    expect(lines('brocade-hands-to-feet')).toMatch(/trunk tilts forward \d+°/);
    expect(lines('brocade-sway')).toMatch(
      /knees bend to \d+°, which asks of them about what \d+ kg hung from the ankle would, sitting \(\d+ N·m, for a body of 65 kg\)/,
    );
    expect(lines('heel-drops')).toMatch(/heels come up \d+ cm/);
    const still = movementAsks([{ movement: movementThrough([{}, {}]), seconds: 5, rounds: 1 }]);
    expect(measuredLines(still)).toEqual([]);
  });
});

describe('range against limit', () => {
  it('puts the joint most used first, told the way it is bent', () => {
    const bow = rangeUse(solvePosture({ trunk: { lean: 90, round: 30 }, sink: 20 }))[0];
    expect(bow?.joint).toBe('hip');
    expect(bow?.limitDeg).toBe(120);
    const turned = rangeUse(solvePosture({ trunk: { turn: -40 }, pelvis: { turn: 0 } }))[0];
    expect(turned).toMatchObject({ range: 'spine-turn', limitDeg: 45 });
    expect(turned?.share).toBeCloseTo(40 / 45, 2);
    const back = rangeUse(solvePosture({ trunk: { round: -20 } })).find(
      (use) => use.range === 'spine-flexion',
    );
    expect(back).toMatchObject({ motion: 'arched', limitDeg: 25 });
  });

  it('tells the side where the two differ', () => {
    const bow = rangeUse(
      solvePosture({ feet: { ahead: { foot: 'left', by: 1.6 } }, weight: 0.75, sink: 45 }),
    );
    expect(bow.find((use) => use.range === 'knee-flexion')?.side).toBe('left');
    expect(rangeUse(solvePosture({})).find((use) => use.range === 'knee-flexion')?.side).toBeUndefined();
  });
});
