import {
  distance,
  goalsAt,
  goalsOf,
  solveGoals,
  stepsIn,
  sub,
  type Goals,
  type Skeleton,
  type Vec,
} from '../../body';
import type { Form } from '../model/model';
import type { VariantId } from '../model/terms';
import { movingForm } from './measure';
import { tellingPosture } from './telling';

/** A posture a form goes through, as one looks at it. */
export interface Moment {
  readonly goals: Goals;
  /** Where in one repetition it comes, both sides counted, 0–1. */
  readonly at: number;
  /** The posture the form is known by. */
  readonly isFullest: boolean;
}

/** A form as a few of its postures. */
export interface Told {
  /** In the order they come; never none. */
  readonly moments: readonly Moment[];
  /** Nothing moves: one posture is all there is. */
  readonly isStill: boolean;
  /** The feet go from place to place. */
  readonly isWalked: boolean;
}

/** Postures nearer to each other than this are one to the eye: the farthest of hands, head and feet, m. */
const ALIKE_M = 0.16;

const placesOf = ({ arms, legs, trunk }: Skeleton): readonly Vec[] =>
  [
    trunk.head,
    arms.left.fingertip,
    arms.right.fingertip,
    arms.left.elbow,
    arms.right.elbow,
    legs.left.knee,
    legs.right.knee,
    legs.left.toe,
    legs.right.toe,
  ].map((place) => sub(place, [trunk.midHip[0], 0, trunk.midHip[2]]));

/** How far apart two postures are to the eye, m. */
function apart(a: readonly Vec[], b: readonly Vec[]): number {
  return a.reduce((most, place, index) => Math.max(most, distance(place, b[index] ?? place)), 0);
}

/**
 * The postures that tell a form, `most` at the most: the one it is known by, then those farthest from all chosen before,
 * in the order they come. Fewer where the others look like one that is there already.
 */
export function tellForm(form: Form, variant: VariantId, most: number): Told {
  const strokes = movingForm(form, variant).filter(({ part }) => part === 'cycle');
  const wholeSec = strokes.reduce((sum, { seconds }) => sum + seconds, 0) || 1;
  const fullest = goalsOf(tellingPosture(form, variant));
  const seen = (goals: Goals): readonly Vec[] => placesOf(solveGoals(goals));
  const ways: { readonly goals: Goals; readonly at: number; readonly seen: readonly Vec[] }[] = [];
  let sec = 0;
  strokes.forEach(({ movement, seconds, rounds }, index) => {
    const put = (share: number): void => {
      const goals = goalsAt(movement, share);
      ways.push({ goals, at: (sec + seconds * share) / wholeSec, seen: seen(goals) });
    };
    if (index === 0) put(0);
    // Of a pulse that is done many times over, its first round tells all.
    put(rounds > 1 ? 0.5 / rounds : 0.5);
    put(1);
    sec += seconds;
  });
  const known = seen(fullest);
  const nearest = ways.reduce<(typeof ways)[number] | undefined>(
    (best, way) => (best && apart(best.seen, known) <= apart(way.seen, known) ? best : way),
    undefined,
  );
  const chosen = [{ goals: fullest, at: nearest?.at ?? 0.5, seen: known }];
  const far = (way: (typeof ways)[number]): number =>
    Math.min(...chosen.map((one) => apart(one.seen, way.seen)));
  while (chosen.length < most) {
    const next = ways.reduce<{ way: (typeof ways)[number]; by: number } | undefined>((best, way) => {
      const by = far(way);
      return best && best.by >= by ? best : { way, by };
    }, undefined);
    if (!next || next.by < ALIKE_M) break;
    chosen.push(next.way);
  }
  return {
    moments: [...chosen]
      .sort((a, b) => a.at - b.at)
      .map(({ goals, at }) => ({ goals, at, isFullest: goals === fullest })),
    isStill: ways.every((way) => apart(way.seen, known) < ALIKE_M / 2),
    isWalked: strokes.filter(({ movement }) => stepsIn(movement)).length > 1,
  };
}
