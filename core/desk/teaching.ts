import { z } from 'zod';

/** A form taught part by part, at the pace of those who learn it: one part at a time, again, slower, or only half of the body. */
export const teachingSchema = z.strictObject({
  /** Which part, from 0. */
  part: z.number().int().min(0).max(99),
  /** How many times as long as usual it takes. */
  slow: z.number().min(1).max(3),
  limbs: z.enum(['whole', 'feet', 'hands']),
  /** Since when it plays, by the wall clock, ms. */
  sinceMs: z.number(),
});
export type Teaching = Readonly<z.infer<typeof teachingSchema>>;

export type TeachingPress = 'again' | 'on' | 'back' | 'slower' | 'quicker' | 'feet' | 'hands' | 'whole';

/** Slower and slower; never quicker than it is led. */
const SLOWNESS = [1, 1.5, 2, 3] as const;

export const startTeaching = (sinceMs: number): Teaching => ({ part: 0, slow: 1, limbs: 'whole', sinceMs });

const slowness = (slow: number, steps: 1 | -1): number => {
  const index = SLOWNESS.findIndex((one) => one >= slow);
  return SLOWNESS[Math.min(SLOWNESS.length - 1, Math.max(0, index + steps))] ?? slow;
};

/** What a press does, of a form of so many parts; each begins the part anew. */
export function teaching(state: Teaching, press: TeachingPress, parts: number, nowMs: number): Teaching {
  const anew = { ...state, sinceMs: nowMs };
  switch (press) {
    case 'again':
      return anew;
    case 'on':
      return state.part < parts - 1 ? { ...anew, part: state.part + 1 } : state;
    case 'back':
      return { ...anew, part: Math.max(0, state.part - 1) };
    case 'slower':
      return { ...anew, slow: slowness(state.slow, 1) };
    case 'quicker':
      return { ...anew, slow: slowness(state.slow, -1) };
    case 'feet':
    case 'hands':
      // Pressed again, the whole body goes with it.
      return { ...anew, limbs: state.limbs === press ? 'whole' : press };
    case 'whole':
      return { ...anew, limbs: 'whole' };
    default:
      return press satisfies never;
  }
}

/** How much of the part is done, 0–1: it is gone through once and then stood in, till it is wanted again. */
export const shareOf = ({ sinceMs, slow }: Teaching, partMs: number, nowMs: number): number =>
  partMs <= 0 ? 1 : Math.min(1, Math.max(0, (nowMs - sinceMs) / (partMs * slow)));
