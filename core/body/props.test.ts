import { REPERTOIRE, hasVariant, propOf, strokePostures, strokesOf, VARIANTS } from '../forms';
import { THREE_BUILDS } from '../forms/measured/handClaims';
import {
  distance,
  goalsAt,
  goalsOf,
  PROP_IDS,
  PROP_WORDS,
  sayPosture,
  solvePosture,
  trunkSurface,
  type Build,
  type Posture,
  type Vec,
} from '.';
import { middleOfFeet } from './motion';

/** Every posture that is done with something, with its form. */
const POSTURES = REPERTOIRE.flatMap((form) =>
  VARIANTS.filter((variant) => hasVariant(form, variant)).flatMap((variant) =>
    strokesOf(form, variant)
      .flatMap((stroke) => strokePostures(stroke, variant))
      .filter((posture) => posture.with !== undefined)
      .map((posture) => ({ name: `${form.id}, ${variant}`, posture })),
  ),
);
const doneWith = (prop: string) => POSTURES.filter(({ posture }) => posture.with === prop);
const handsNear = ({ hands = {} }: Posture, near: string): boolean =>
  [hands.both, hands.left, hands.right].some((hand) => hand?.near === near);

/** A place turned about an upright line, by the rule of the plane: worked apart from `placeOfOther`. */
function turnedAbout([x, y, z]: Vec, [ax, az]: readonly [number, number], degrees: number): Vec {
  const [r, from] = [Math.hypot(x - ax, z - az), Math.atan2(z - az, x - ax)];
  const to = from + (degrees * Math.PI) / 180;
  return [ax + r * Math.cos(to), y, az + r * Math.sin(to)];
}
const middleM = (posture: Posture, { statureM }: Build): readonly [number, number] => {
  const { x, z } = middleOfFeet(goalsOf(posture));
  return [x * statureM, z * statureM];
};

describe('what postures are done with', () => {
  it('has forms for each of them, and each form says in all its ways whether it needs it', () => {
    for (const prop of PROP_IDS) expect(REPERTOIRE.some((form) => propOf(form, 'full') === prop)).toBe(true);
    const standing = REPERTOIRE.find(({ id }) => id === 'wall-back');
    expect(standing && propOf(standing, 'full')).toBe('wall behind');
    // From a chair its back is wall enough.
    expect(standing && propOf(standing, 'seated')).toBeUndefined();
  });

  it('a partner’s palms meet one’s own where hands are said to go there, on three bodies', () => {
    const meeting = doneWith('partner').filter(({ posture }) => handsNear(posture, 'opposite'));
    expect(meeting.length).toBeGreaterThanOrEqual(14);
    for (const { name, posture } of meeting)
      for (const build of THREE_BUILDS) {
        const { arms } = solvePosture(posture, build);
        const [mx, mz] = middleM(posture, build);
        // Somebody opposite who does the same is this body turned half round where the palms meet.
        const ahead = posture.base === 'chair' ? 0.27 : 0.33;
        const theirs = turnedAbout(arms.right.palm, [mx, mz + ahead * build.statureM], 180);
        const gap = distance(theirs, arms.left.palm) * 100;
        expect({ name, meets: gap < 26 }).toEqual({ name, meets: true });
        // Neither reaches through the other: one's palm stays on one's own side of theirs by no less than their skin.
        expect({ name, through: arms.left.palm[2] - theirs[2] > 3 / 100 }).toEqual({ name, through: false });
      }
  });

  it('neighbours’ palms meet in a ring of nine', () => {
    const joined = doneWith('ring').filter(({ posture }) => handsNear(posture, 'neighbour'));
    expect(joined.length).toBeGreaterThanOrEqual(4);
    for (const { name, posture } of joined) {
      const build = THREE_BUILDS[1];
      if (!build) continue;
      const { arms } = solvePosture(posture, build);
      const [mx, mz] = middleM(posture, build);
      // Nine stand round: the middle lies where two neighbours’ palms are 20° to either side.
      const radius = (0.31 / Math.tan(Math.PI / 9)) * build.statureM;
      const gaps = [40, -40].map((turn) =>
        distance(turnedAbout(arms.right.palm, [mx, mz + radius], turn), arms.left.palm),
      );
      expect({ name, cm: Math.min(...gaps) * 100 < 12 }).toEqual({ name, cm: true });
    }
  });

  it('hands on a wall lie on one plane, and a back leans on the other', () => {
    for (const { name, posture } of doneWith('wall'))
      for (const build of THREE_BUILDS) {
        if (!handsNear(posture, 'opposite')) continue;
        const { arms } = solvePosture(posture, build);
        const [, mz] = middleM(posture, build);
        const wall = mz + (posture.base === 'chair' ? 0.27 : 0.33) * build.statureM;
        const hands = (['left', 'right'] as const).filter(
          (side) => (posture.hands?.[side] ?? posture.hands?.both)?.near === 'opposite',
        );
        for (const side of hands)
          expect({ name, on: Math.abs(arms[side].palm[2] - wall) * 100 < 4 }).toEqual({ name, on: true });
      }
    for (const { name, posture } of doneWith('wall behind'))
      for (const build of THREE_BUILDS) {
        const { trunk } = solvePosture(posture, build);
        const backs = [0.55, 0.75].map((level) => trunkSurface(trunk, build.statureM, level, 180).place[2]);
        const wall = -0.082 * build.statureM;
        expect({ name, leans: backs.every((back) => Math.abs(back - wall) * 100 < 4) }).toEqual({
          name,
          leans: true,
        });
      }
  });

  it('comes and goes with the movement, never at once', () => {
    const before = goalsOf({});
    const movement = { keys: [before, goalsOf({ with: 'partner' })], at: [0, 1] };
    expect(goalsAt(movement, 0).withShare).toBe(0);
    expect(goalsAt(movement, 1).withShare).toBe(1);
    const shares = [0.2, 0.4, 0.6, 0.8].map((t) => goalsAt(movement, t));
    expect(shares.every((goals) => goals.with === 'partner')).toBe(true);
    expect(shares.map((goals) => goals.withShare)).toEqual(
      shares.map((goals) => goals.withShare).toSorted((a, b) => a - b),
    );
  });

  it('is said in words, and taken away again', () => {
    const said = (words: string) => sayPosture(words, {}).posture.with;
    expect(said('with a ball')).toBe('ball');
    expect(said('at the wall, knees soft')).toBe('wall');
    expect(said('back to the wall')).toBe('wall behind');
    expect(said('in a ring')).toBe('ring');
    expect(sayPosture('nothing besides', { with: 'staff' }).posture.with).toBeUndefined();
    expect(PROP_WORDS.staff.needs).toMatch(/staff/);
  });
});
