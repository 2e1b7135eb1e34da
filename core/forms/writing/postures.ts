import type { Hand, Posture } from '../../body';

type Hands = NonNullable<Posture['hands']>;

export const both = (hand: Hand): Hands => ({ both: hand });
export const each = (left: Hand, right: Hand): Hands => ({ left, right });

/** Shapes of the hand that come back in many forms. */
export const fist = { shape: 'loose fist' } as const;
export const hollow = { shape: 'hollow palm' } as const;
export const hook = { shape: 'gathered fingertips' } as const;
export const claw = { shape: 'claw' } as const;

/** Moved from a landmark, in cùn: outwards, up, and away from the body. */
export const off = (out: number, up: number, away: number): [number, number, number] => [out, up, away];

/** Hands in places that come back in many forms. */
export const HANGING: Hand = { near: 'hanging' };
export const ON_BELLY: Hand = { near: 'lower dantian', off: [3, 0, 0], fingers: 'in' };
export const ON_HIPS: Hand = { near: 'hip', off: [0, 1, 0], fingers: 'forward', elbow: 'out' };
export const ON_THIGHS: Hand = { near: 'thigh' };
export const ON_KNEES: Hand = { near: 'knee', off: [0, 0.4, 0], palm: 'body' };
/** Where the hands lie when kneeling. */
export const ON_UPPER_THIGHS: Hand = { near: 'thigh', off: [0, 2, 0] };
/** Flat on the floor: on hands and knees the front of the body looks down. */
export const ON_FLOOR: Hand = { near: 'floor', palm: 'forward', fingers: 'up', elbow: 'low' };
/** Open on the thighs, elbows away from the sides. */
export const THIGHS_PALMS_UP: Hand = {
  near: 'thigh',
  off: [1, 0, 0.6],
  palm: 'up',
  fingers: 'forward',
  elbow: 'out',
};
export const AT_KIDNEYS: Hand = { near: 'kidneys', off: [0.6, 0, 0], fingers: 'in', elbow: 'back' };
export const ON_RIBS: Hand = { near: 'ribs', fingers: 'in', elbow: 'out' };
/** One hand over the other on the lower belly. */
export const STACKED: Hands = {
  left: { near: 'lower dantian', fingers: 'in' },
  right: { near: 'hand', off: [0, 0, 0.4], palm: 'back', fingers: 'in' },
};
/** Palm to palm before the breastbone, not quite touching. */
export const PALMS_TOGETHER: Hand = {
  near: 'middle dantian',
  off: [0.4, 1, 6],
  palm: 'in',
  fingers: 'up',
  elbow: 'out',
};
export const PRESSED_DOWN: Hand = { near: 'navel', off: [5, -1, 9], palm: 'down', fingers: 'forward' };
export const BEFORE_BELLY: Hand = {
  near: 'lower dantian',
  off: [4, 0, 8],
  palm: 'body',
  fingers: 'in',
  elbow: 'out',
};
export const BEFORE_CHEST: Hand = {
  near: 'middle dantian',
  off: [5, -1, 12],
  palm: 'body',
  fingers: 'in',
  elbow: 'out',
};
export const OUT_LEVEL: Hand = { near: 'reach', toward: [1, 0, 0.25], palm: 'down', share: 0.95 };

/** A hand held before a place on the front of the body: so far out, up and away from it, in cùn. */
export const before = (
  near: Hand['near'],
  out: number,
  up: number,
  away: number,
  palm: NonNullable<Hand['palm']> = 'body',
  fingers: NonNullable<Hand['fingers']> = 'in',
): Hand => ({
  near,
  off: [out, up, away],
  palm,
  fingers,
  elbow: fingers === 'up' || palm === 'up' ? 'low' : 'out',
});

/** A hand reached out from its shoulder: outwards, up and forward. */
export const reaching = (
  outward: number,
  up: number,
  forward: number,
  palm: NonNullable<Hand['palm']> = 'down',
  share = 0.92,
): Hand => ({ near: 'reach', toward: [outward, up, forward], palm, share });

/** Standing with soft knees, the hands somewhere, and whatever else is particular. */
export const stand = (sink: number, hands?: Hands, more: Posture = {}): Posture => ({
  sink,
  ...(hands ? { hands } : {}),
  ...more,
});

/** Sitting, the hands on the thighs unless said. */
export const sit = (hands: Hands = both(ON_THIGHS), more: Posture = {}): Posture => ({
  base: 'chair',
  hands,
  ...more,
});

/** One foot ahead, as wide as ease: weight forward or back comes with the posture. */
export const bow = (by = 1.9): NonNullable<Posture['feet']> => ({
  apart: 0.9,
  ahead: { foot: 'left', by },
  turnOut: { left: 0, right: 35 },
});
