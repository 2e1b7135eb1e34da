import fc from 'fast-check';
import { mat3, quat, vec3 } from 'gl-matrix';
import {
  across,
  add,
  addScaled,
  angleDeg,
  clamp,
  cross,
  distance,
  dot,
  ease,
  inFrame,
  length,
  mix,
  mixFrame,
  rotate,
  scale,
  sub,
  toFrame,
  turned,
  unit,
  WORLD,
  type Frame,
  type Vec,
} from './vector';
import { evenly } from '../evenly.test.data';

/** Held against gl-matrix, a general-purpose vector package of the registry. */

const number = evenly(-5, 5);
const vector: fc.Arbitrary<Vec> = fc.tuple(number, number, number);
const direction = vector.filter((v) => length(v) > 0.1).map((v) => unit(v));
const angle = fc.integer({ min: -180, max: 180 });
const RAD = Math.PI / 180;

const near = (a: Vec, b: ArrayLike<number>): void => {
  for (const index of [0, 1, 2] as const) expect(a[index]).toBeCloseTo(b[index] ?? NaN, 5);
};

const squareTo = (frame: Frame): void => {
  for (const axis of [frame.left, frame.up, frame.fwd]) expect(length(axis)).toBeCloseTo(1, 6);
  expect(dot(frame.left, frame.up)).toBeCloseTo(0, 6);
  expect(dot(frame.up, frame.fwd)).toBeCloseTo(0, 6);
  near(cross(frame.left, frame.up), frame.fwd);
};

describe('vectors', () => {
  it('add, scale, multiply and measure as gl-matrix does', () => {
    fc.assert(
      fc.property(vector, vector, number, (a, b, k) => {
        near(add(a, b), vec3.add(vec3.create(), [...a], [...b]));
        near(sub(a, b), vec3.sub(vec3.create(), [...a], [...b]));
        near(scale(a, k), vec3.scale(vec3.create(), [...a], k));
        near(addScaled(a, b, k), vec3.scaleAndAdd(vec3.create(), [...a], [...b], k));
        near(cross(a, b), vec3.cross(vec3.create(), [...a], [...b]));
        near(mix(a, b, 0.3), vec3.lerp(vec3.create(), [...a], [...b], 0.3));
        expect(dot(a, b)).toBeCloseTo(vec3.dot([...a], [...b]), 4);
        expect(length(a)).toBeCloseTo(vec3.length([...a]), 5);
        expect(distance(a, b)).toBeCloseTo(vec3.distance([...a], [...b]), 5);
      }),
    );
  });

  it('turn about an axis as a quaternion of gl-matrix does, keeping their length', () => {
    fc.assert(
      fc.property(vector, direction, angle, (v, axis, deg) => {
        const spin = quat.setAxisAngle(quat.create(), [...axis], deg * RAD);
        near(rotate(v, axis, deg), vec3.transformQuat(vec3.create(), [...v], spin));
        expect(length(rotate(v, axis, deg))).toBeCloseTo(length(v), 6);
      }),
    );
  });

  it('measure the angle between them as gl-matrix does', () => {
    fc.assert(
      fc.property(direction, direction, (a, b) => {
        expect(angleDeg(a, b)).toBeCloseTo(vec3.angle([...a], [...b]) / RAD, 2);
      }),
    );
  });

  it('have a way even where they have no length', () => {
    expect(unit([0, 0, 0])).toEqual([0, 1, 0]);
    expect(unit([0, 0, 0], [1, 0, 0])).toEqual([1, 0, 0]);
    expect(length(unit([3, 4, 0]))).toBeCloseTo(1, 12);
  });

  it('split into a part along an axis and a part across it', () => {
    fc.assert(
      fc.property(vector, direction, (v, axis) => {
        const part = across(v, axis);
        expect(dot(part, axis)).toBeCloseTo(0, 5);
        near(add(part, scale(axis, dot(v, axis))), v);
      }),
    );
  });
});

describe('frames', () => {
  it('stay square however they are turned', () => {
    fc.assert(
      fc.property(angle, angle, angle, (turn, pitch, roll) => squareTo(turned(WORLD, turn, pitch, roll))),
    );
  });

  it('turn as yaw, pitch and roll matrices of gl-matrix multiplied', () => {
    const about = (axis: Vec, deg: number) =>
      mat3.fromQuat(mat3.create(), quat.setAxisAngle(quat.create(), [...axis], deg * RAD));
    fc.assert(
      fc.property(angle, angle, angle, vector, (turn, pitch, roll, v) => {
        const frame = turned(WORLD, turn, pitch, roll);
        // Left about the upward axis, forward about the leftward one, to the left about the forward one.
        const matrix = mat3.create();
        for (const part of [about([0, 1, 0], turn), about([1, 0, 0], pitch), about([0, 0, 1], -roll)])
          mat3.multiply(matrix, matrix, part);
        near(inFrame(frame, v), vec3.transformMat3(vec3.create(), [...v], matrix));
      }),
    );
  });

  it('take a direction in and give it back', () => {
    fc.assert(
      fc.property(vector, angle, angle, angle, (v, turn, pitch, roll) => {
        const frame = turned(WORLD, turn, pitch, roll);
        near(toFrame(frame, inFrame(frame, v)), v);
      }),
    );
  });

  it('mix into square ones between, the ends themselves at the ends', () => {
    const small = fc.integer({ min: -60, max: 60 });
    fc.assert(
      fc.property(small, small, small, evenly(0, 1), (turn, pitch, roll, t) => {
        const other = turned(WORLD, turn, pitch, roll);
        squareTo(mixFrame(WORLD, other, t));
        expect(mixFrame(WORLD, other, 0)).toBe(WORLD);
        expect(mixFrame(WORLD, other, 1)).toBe(other);
      }),
    );
  });
});

describe('easing', () => {
  it('runs from nothing to all, never back, slow at both ends', () => {
    expect(ease(-1)).toBe(0);
    expect(ease(0)).toBe(0);
    expect(ease(0.5)).toBeCloseTo(0.5, 12);
    expect(ease(1)).toBe(1);
    expect(ease(2)).toBe(1);
    let before = 0;
    for (let t = 0; t <= 1; t += 0.01) {
      expect(ease(t)).toBeGreaterThanOrEqual(before);
      expect(ease(t) + ease(1 - t)).toBeCloseTo(1, 9);
      before = ease(t);
    }
    expect(ease(0.01) / 0.01).toBeLessThan(0.05);
  });

  it('keeps a value within its bounds', () => {
    expect([-3, 0.2, 9].map((value) => clamp(value, 0, 1))).toEqual([0, 0.2, 1]);
  });
});
