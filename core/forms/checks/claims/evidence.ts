import { defined } from '../../../text/defined';
import { distance, isOnSoles, share, type Side, type Skeleton } from '../../../body';
import type { MovingStroke } from '../../measured/measure';

/** What the words are held against: bodies along the strokes they speak of, first to last. */
export interface Evidence {
  readonly bodies: readonly Skeleton[];
  readonly side: Side;
  readonly strokes: readonly MovingStroke[];
}

/** What a body does instead of what is said of it; their words stand in `ui/words/measured.ts`. */
export const DEEDS = [
  'head-against-breath',
  'hands-against-breath',
  'hands-rise',
  'hands-sink',
  'hands-go-down',
  'hands-go-up',
  'hands-spread',
  'hands-open',
  'hands-go-out',
  'hands-come-home',
  'hands-part',
  'elbows-draw-back',
  'hands-close',
  'hand-moves',
  'hand-goes-up-the-arm',
  'hand-goes-down-the-arm',
  'other-hand',
  'palms-stay-apart',
  'hands-stay-under',
  'hands-stay-over',
  'hands-stay-away',
  'other-foot-in-front',
  'other-foot',
  'other-hand-there',
  'held-arm-moves',
  'other-arm-long',
  'hands-on-other-side',
  'hand-on-other-side',
  'sways-other-way',
  'other-heel',
  'weight-on-one-foot',
  'weight-at-most',
  'weight-moves',
  'weight-on-that-foot',
  'heels-come-up',
  'heel-ends-up',
  'feet-front-to-back',
  'shoulder-widths',
  'knee-outside-foot',
  'feet-stay-down',
  'knees-bend',
  'hands-over-floor',
  'hands-over-knees',
  'weight-goes-forward',
  'weight-goes-back',
  'foot-comes-up',
  'foot-ends-up',
  'head-rises',
  'foot-leaves-floor',
  'turns-that-way',
  'bends-that-way',
  'looks-round',
  'leans',
  'back-rounds',
  'head-sinks',
  'stays-aside',
  'heel-stays',
] as const;
export type Deed = (typeof DEEDS)[number];

export interface Measured {
  readonly does: Deed;
  /** Centimetres, degrees, per cent of the weight or shoulder widths, as the deed is counted. */
  readonly amount?: number;
}
export const does = (deed: Deed, amount?: number): Measured => defined({ does: deed, amount });

export interface ClaimRow {
  readonly id: string;
  readonly words: RegExp;
  /** Undefined where the body does as claimed, else what it does. */
  readonly test: (evidence: Evidence, match: RegExpExecArray) => Measured | undefined;
}

export const SIDES = ['left', 'right'] as const;
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
/** Whether the body sits or lies: the knees then say nothing. */
export const sits = (body: Skeleton): boolean => !isOnSoles(body.goals.base);

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
