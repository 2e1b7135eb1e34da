import { distance, share, type Side, type Skeleton } from '../../../body';
import type { MovingStroke } from '../../measured/measure';

/** What the words are held against: bodies along the strokes they speak of, first to last. */
export interface Evidence {
  readonly bodies: readonly Skeleton[];
  readonly side: Side;
  readonly strokes: readonly MovingStroke[];
}

export interface ClaimRow {
  readonly id: string;
  readonly words: RegExp;
  /** Undefined where the body does as claimed, else what it does. */
  readonly test: (evidence: Evidence, match: RegExpExecArray) => string | undefined;
}

export const SIDES = ['left', 'right'] as const;
export const percent = (part: number): string => `${Math.round(part * 100)} %`;
export const cm = (metres: number): string => `${(metres * 100).toFixed(0)} cm`;
export const heelCm = (body: Skeleton, side: Side): number => body.legs[side].heel[1] * 100;
export const anklesApart = (body: Skeleton): number =>
  distance(body.legs.left.ankle, body.legs.right.ankle) / (2 * share('shoulderCentre') * body.build.statureM);
export const last = ({ bodies }: Pick<Evidence, 'bodies'>): Skeleton => {
  const body = bodies.at(-1);
  if (!body) throw new RangeError('a claim needs at least one body, got none');
  return body;
};
export const first = ({ bodies }: Pick<Evidence, 'bodies'>): Skeleton => bodies[0] ?? last({ bodies });
export const meanKneeDeg = (body: Skeleton): number =>
  (body.legs.left.kneeBendDeg + body.legs.right.kneeBendDeg) / 2;

/** Whether the words come back within the stroke, so that only the going counts. */
export const returns = ({ strokes }: Evidence): boolean =>
  strokes.some(({ stroke }) =>
    /\breturn|come back|over and down|and down\b|set it down|let go|bow of/i.test(stroke.cue),
  );
/** Whether the body sits: the knees then say nothing. */
export const sits = (body: Skeleton): boolean => body.goals.chair;

/** The same from where a route begins: the hands come to it in the first third of the stroke. */
export const alongRoute = ({ bodies, ...rest }: Evidence): Evidence => ({
  ...rest,
  bodies: bodies.slice(Math.ceil(bodies.length / 3)),
});

/** How far a palm is from the middle of the trunk, over the floor. */
export const outward = (body: Skeleton, side: Side): number => {
  const { palm } = body.arms[side];
  const { thoracic } = body.trunk;
  return Math.hypot(palm[0] - thoracic[0], palm[2] - thoracic[2]);
};
