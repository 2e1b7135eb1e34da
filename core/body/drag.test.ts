import fc from 'fast-check';
import {
  add,
  distance,
  dragTo,
  findMisses,
  gripPlace,
  GRIPS,
  postureSchema,
  solvePosture,
  type Posture,
  type Vec,
} from '.';
import { evenly } from '../evenly.test.data';

const standing: Posture = {
  sink: 12,
  hands: { both: { near: 'lower dantian', off: [3, 0, 6], palm: 'body', fingers: 'in' } },
};
const place = (posture: Posture, grip: (typeof GRIPS)[number]): Vec => gripPlace(solvePosture(posture), grip);

describe('leading a posture by a grip', () => {
  it('brings a hand where it is led, within a centimetre, and the other with it', () => {
    const target = add(place(standing, 'left hand'), [0.06, 0.18, 0.05]);
    const { posture, shortCm } = dragTo(standing, 'left hand', target);
    expect(shortCm).toBeLessThan(1);
    expect(distance(place(posture, 'left hand'), target)).toBeLessThan(0.01);
    const [left, right] = [place(posture, 'left hand'), place(posture, 'right hand')];
    expect(left[0]).toBeCloseTo(-right[0], 2);
    expect(left[1]).toBeCloseTo(right[1], 2);
  });

  it('leads one hand alone when asked to', () => {
    const target = add(place(standing, 'left hand'), [0.05, 0.15, 0.02]);
    const { posture } = dragTo(standing, 'left hand', target, true);
    expect(distance(place(posture, 'right hand'), place(standing, 'right hand'))).toBeLessThan(0.005);
    expect(posture.hands?.both).toBeUndefined();
  });

  it('takes a hanging hand along', () => {
    const target = add(place({ sink: 8 }, 'right hand'), [-0.2, 0.3, 0.15]);
    const { posture, shortCm } = dragTo({ sink: 8 }, 'right hand', target, true);
    expect(shortCm).toBeLessThan(2);
    expect(posture.hands?.right?.near).toBe('reach');
  });

  it('stops where the body stops', () => {
    const { posture, shortCm } = dragTo(standing, 'left hand', [0.5, 4, 0]);
    expect(shortCm).toBeGreaterThan(50);
    expect(findMisses(solvePosture(posture))).toEqual([]);
  });

  it('sinks by the pelvis, shifts the weight, and leans by the head', () => {
    const hips = place(standing, 'pelvis');
    const lower = dragTo(standing, 'pelvis', add(hips, [0, -0.05, 0])).posture;
    expect(lower.sink).toBeGreaterThan(standing.sink ?? 0);
    const left = dragTo(standing, 'pelvis', add(hips, [0.08, 0, 0])).posture;
    expect(left.weight).toBeGreaterThan(0.6);
    const forward = dragTo(standing, 'head', add(place(standing, 'head'), [0, -0.03, 0.2])).posture;
    expect(forward.trunk?.lean).toBeGreaterThan(10);
  });

  it('widens and steps by a foot, lifts it when led up, and sets it down again', () => {
    const foot = place(standing, 'left foot');
    const wide = dragTo(standing, 'left foot', add(foot, [0.1, 0, 0])).posture;
    expect(wide.feet?.apart).toBeGreaterThan(1);
    const ahead = dragTo(standing, 'left foot', add(foot, [0, 0, 0.15])).posture;
    expect(ahead.feet?.ahead?.foot).toBe('left');
    const up = dragTo({ sink: 8 }, 'left foot', add(foot, [0, 0.2, 0.1])).posture;
    expect(up.feet?.lifted?.foot).toBe('left');
    expect(up.weight).toBe(0);
    const down = dragTo(up, 'left foot', add(place(up, 'left foot'), [0, -0.4, 0])).posture;
    expect(down.feet?.lifted).toBeUndefined();
  });

  it('never strains more than before, and always gives a posture its own schema accepts', () => {
    const far = evenly(-0.7, 0.7);
    fc.assert(
      fc.property(fc.constantFrom(...GRIPS), fc.tuple(far, far, far), fc.boolean(), (grip, way, alone) => {
        const { posture } = dragTo(standing, grip, add(place(standing, grip), way), alone);
        expect(postureSchema.safeParse(posture).success).toBe(true);
        expect({ grip, way, misses: findMisses(solvePosture(posture)) }).toEqual({ grip, way, misses: [] });
      }),
      { numRuns: 60, seed: 8 },
    );
  });
});
