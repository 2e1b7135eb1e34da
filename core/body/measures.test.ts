import { LENGTHS, LEVELS, MASSES, massOf, SEGMENTS, share, TRUNK_RINGS, USUAL_BUILD } from './skeleton';
import { overDeg, rangeOf, RANGES, shareOfRange } from './ranges';
import { solvePosture } from './solve';
import { sourceIds } from '../sources';
import { distance } from './vector';

/** Drillis & Contini, as in Winter, Biomechanics and Motor Control of Human Movement, fig. 4.1. */
const PUBLISHED_LENGTHS = {
  upperArm: 0.186,
  forearm: 0.146,
  hand: 0.108,
  foot: 0.152,
  footBreadth: 0.055,
  ankleHeight: 0.039,
  shoulderBreadth: 0.259,
  hipBreadth: 0.191,
  chestBreadth: 0.174,
  hipHeight: 0.53,
  shoulderHeight: 0.818,
  chinHeight: 0.87,
} as const;

/** Dempster, via Winter, table 4.1: mass and centre of mass from the near end (from memory). */
// prettier-ignore
const PUBLISHED_MASSES = {
  hand: [0.006, 0.506], forearm: [0.016, 0.43], 'upper arm': [0.028, 0.436], foot: [0.0145, 0.5],
  shank: [0.0465, 0.433], thigh: [0.1, 0.433],
} as const;

describe('the measures of a body', () => {
  it('are those of the published tables', () => {
    for (const [name, published] of Object.entries(PUBLISHED_LENGTHS))
      expect({ name, share: share(name as 'hand') }).toEqual({ name, share: published });
    for (const [segment, [mass, centre]] of Object.entries(PUBLISHED_MASSES)) {
      const row = massOf(segment as 'hand');
      expect({ segment, mass: row.mass, centre: row.centre }).toEqual({ segment, mass, centre });
    }
    expect(share('thigh')).toBeCloseTo(0.53 - 0.285, 9);
    expect(share('shank')).toBeCloseTo(0.285 - 0.039, 9);
  });

  it('carry their source, row by row', () => {
    for (const row of [...Object.values(LENGTHS), ...MASSES, ...RANGES])
      expect(sourceIds).toContain(row.source);
    expect(MASSES.map((row) => row.segment).sort()).toEqual([...SEGMENTS].sort());
  });

  it('stand a body up with its joints at the published heights', () => {
    for (const statureM of [1.5, 1.7, 1.95]) {
      const body = solvePosture({ sink: 4 }, { ...USUAL_BUILD, statureM });
      const at = (height: number): number => height / statureM;
      expect(at(body.legs.left.ankle[1])).toBeCloseTo(0.039, 2);
      expect(at(body.legs.left.knee[1])).toBeCloseTo(0.285, 1);
      expect(Math.abs(at(body.legs.left.hip[1]) - 0.53)).toBeLessThan(0.008);
      expect(Math.abs(at(body.arms.left.shoulder[1]) - 0.818)).toBeLessThan(0.012);
      // The crown of the head is the top of the stature.
      expect(Math.abs(at(body.trunk.head[1]) + 0.066 - 1)).toBeLessThan(0.02);
      expect(distance(body.arms.left.shoulder, body.arms.right.shoulder) / statureM).toBeCloseTo(0.218, 2);
    }
  });

  it('go up the trunk in order', () => {
    const levels = TRUNK_RINGS.map((ring) => ring.level);
    expect(levels).toEqual([...levels].sort((a, b) => a - b));
    const order = [
      LEVELS.coccyx,
      LEVELS.pubis,
      LEVELS.navel,
      LEVELS.t12,
      LEVELS.sternumEnd,
      LEVELS.sternalNotch,
      LEVELS.c7,
    ];
    expect(order).toEqual([...order].sort((a, b) => a - b));
  });
});

describe('ranges of motion', () => {
  it('are those of the published table, from memory', () => {
    // prettier-ignore
    const published = {
      'hip-flexion': [-30, 120], 'hip-abduction': [-30, 45], 'hip-rotation': [-45, 45], 'knee-flexion': [0, 135],
      'spine-flexion': [-25, 80], 'spine-side': [-35, 35], 'spine-turn': [-45, 45], 'neck-flexion': [-45, 45],
      'neck-side': [-45, 45], 'neck-turn': [-60, 60], 'elbow-flexion': [0, 150], 'forearm-turn': [-80, 80],
    } as const;
    for (const [id, [least, most]] of Object.entries(published)) {
      const row = rangeOf(id as 'hip-flexion');
      expect({ id, least: row.least, most: row.most }).toEqual({ id, least, most });
    }
  });

  it('are left by so many degrees, on either side, and not at the edge', () => {
    expect(overDeg('knee-flexion', 140)).toBe(5);
    expect(overDeg('knee-flexion', 135)).toBe(0);
    expect(overDeg('knee-flexion', -3)).toBe(3);
    expect(overDeg('spine-turn', -50)).toBe(5);
    expect(shareOfRange('spine-turn', -22.5)).toBeCloseTo(0.5, 9);
    expect(shareOfRange('hip-flexion', -15)).toBeCloseTo(0.5, 9);
    expect(shareOfRange('knee-flexion', -1)).toBe(0);
  });
});
