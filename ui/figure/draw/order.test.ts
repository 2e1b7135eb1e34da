import { addScaled, goalsAt, goalsOf, mix, solveGoals, type Skeleton, type Vec } from '@/core/body';
import { movingForm, REPERTOIRE, tellingPosture } from '@/core/forms';
import { cameraOnBody, UNITS, VIEWS, type Camera, type Spot } from '../view';
import { drawingOrder, easelFor } from './figure';
import { farFirst, overBy, type Part } from './order';

/**
 * The second method: bare limbs as round bones of skin, looked at along rays from the viewer, one every few
 * picture units. It knows nothing of cloth, balls or the drawing.
 */
type Bones = readonly { readonly at: Spot; readonly r: number }[];

const STEP = 3;
/** Where two limbs are nearer to each other than this, either may lie over the other, metres. */
const TOUCHING_M = 0.03;

function bonesOf(skeleton: Skeleton, camera: Camera): Readonly<Record<string, Bones>> {
  const h = skeleton.build.statureM;
  const chain = (places: readonly Vec[], radii: readonly number[], from = 0): Bones =>
    places.slice(1).flatMap((to, bone) =>
      Array.from({ length: 13 }, (_, step) => {
        const t = step / 12;
        const [a, b] = [radii[bone] ?? 0, radii[bone + 1] ?? 0];
        return { at: camera.spot(mix(places[bone] ?? to, to, t)), r: (a + (b - a) * t) * h, along: bone + t };
      }).filter(({ along }) => along >= from),
    );
  const bones: Record<string, Bones> = {};
  for (const side of ['left', 'right'] as const) {
    const [arm, leg] = [skeleton.arms[side], skeleton.legs[side]];
    const cuff = mix(arm.elbow, arm.wrist, 0.85);
    bones[`${side} arm`] = chain([arm.shoulder, arm.elbow, cuff], [0.03, 0.025, 0.018], 0.5);
    bones[`${side} hand`] = chain([arm.wrist, arm.fingertip], [0.018, 0.012]);
    bones[`${side} leg`] = chain([leg.hip, leg.knee, leg.ankle, leg.ball], [0.05, 0.034, 0.022, 0.014], 0.4);
  }
  const { head, headFrame, skull } = skeleton.trunk;
  bones['head'] = chain([skull, head, addScaled(head, headFrame.up, 0.03 * h)], [0.045, 0.055, 0.045]);
  return bones;
}

const nearestAt = (bones: Bones, x: number, y: number): number =>
  bones.reduce((nearest, { at, r }) => {
    const away = ((at.x - x) / UNITS) ** 2 + ((at.y - y) / UNITS) ** 2;
    return away < r * r ? Math.max(nearest, at.depth + Math.sqrt(r * r - away)) : nearest;
  }, -Infinity);

/** The rays on which both are met, and those on which the one drawn later is the farther. */
function rays(a: Bones, b: Bones, aLater: boolean): { readonly met: number; readonly wrong: number } {
  const edges = (bones: Bones, axis: 'x' | 'y'): readonly [number, number] => [
    Math.min(...bones.map(({ at, r }) => at[axis] - r * UNITS)),
    Math.max(...bones.map(({ at, r }) => at[axis] + r * UNITS)),
  ];
  const [ax, bx, ay, by] = [edges(a, 'x'), edges(b, 'x'), edges(a, 'y'), edges(b, 'y')];
  let [met, wrong] = [0, 0];
  for (let x = Math.max(ax[0], bx[0]); x < Math.min(ax[1], bx[1]); x += STEP)
    for (let y = Math.max(ay[0], by[0]); y < Math.min(ay[1], by[1]); y += STEP) {
      const apart = nearestAt(a, x, y) - nearestAt(b, x, y);
      if (!Number.isFinite(apart) || Math.abs(apart) < TOUCHING_M) continue;
      met += 1;
      if (apart > 0 !== aLater) wrong += 1;
    }
  return { met, wrong };
}

describe('over and under', () => {
  it('no far limb is drawn over a near one, in any form from any side', () => {
    let [met, wrong] = [0, 0];
    const worst: string[] = [];
    for (const form of REPERTOIRE) {
      const strokes = movingForm(form, 'full').filter((stroke) => stroke.part === 'cycle');
      const bodies = [
        goalsOf(tellingPosture(form, 'full')),
        ...strokes.map((stroke) => goalsAt(stroke.movement, 0.5)),
      ].map((goals) => solveGoals(goals));
      for (const body of bodies)
        for (const named of ['front', 'three-quarter', 'side', 'back'] as const) {
          const camera = cameraOnBody(VIEWS[named], body);
          const order: readonly string[] = drawingOrder(easelFor(body, camera, { line: 3, ground: true }));
          const bones = Object.entries(bonesOf(body, camera));
          bones.forEach(([name, one], index) => {
            for (const [other, two] of bones.slice(index + 1)) {
              if (name.replace('arm', 'hand') === other) continue;
              const found = rays(one, two, order.indexOf(name) > order.indexOf(other));
              // Shins that cross under somebody sitting lie over once and under once: only how much is seen is asked of them.
              if (body.goals.base !== 'crossed' || `${name} ${other}` !== 'left leg right leg') {
                met += found.met;
                wrong += found.wrong;
              }
              // A whole hand's breadth drawn wrongly would be seen; a hand on the sole of a folded leg goes over
              // the thigh and under the shin.
              if (found.wrong > (body.goals.base === 'crossed' ? 32 : 26))
                worst.push(`${form.id} ${named}: ${name} and ${other}, ${found.wrong}`);
            }
          });
        }
    }
    expect(worst).toEqual([]);
    expect(met).toBeGreaterThan(200_000);
    // What is left are arms that cross twice, over once and under once.
    expect(wrong / met).toBeLessThan(0.005);
  });

  const part = (name: string, x: number, depth: number): Part => ({
    name,
    balls: [{ x, y: 0, r: 5, depth }],
  });

  it('lies by depth where parts overlap and not where they are beside each other', () => {
    expect(overBy(part('a', 0, 0.1), part('b', 4, 0))).toBeGreaterThan(0);
    expect(overBy(part('a', 0, 0.1), part('b', 4, 0))).toBe(-overBy(part('b', 4, 0), part('a', 0, 0.1)));
    expect(overBy(part('a', 0, 9), part('b', 11, 0))).toBe(0);
    const grown = { ...part('a', 0, 9), balls: [{ x: 0, y: 0, r: 5, depth: 9, from: 'b' }] };
    expect(overBy(grown, part('b', 4, 0))).toBe(0);
    expect(overBy(grown, part('c', 4, 0))).toBeGreaterThan(0);
  });

  it('draws far to near, and breaks a ring at its weakest link', () => {
    const row = [part('near', 0, 0.3), part('far', 2, 0), part('middle', 1, 0.1)];
    expect(farFirst(row)).toEqual(['far', 'middle', 'near']);
    // a over b, b over c, and c a little over a.
    const over: Record<string, number> = { ab: 5, bc: 5, ca: 1, ba: -5, cb: -5, ac: -1 };
    const ring = farFirst(
      [part('a', 0, 0), part('b', 0, 0), part('c', 0, 0)],
      (p, q) => over[p.name + q.name] ?? 0,
    );
    expect(ring).toEqual(['c', 'b', 'a']);
  });
});
