import { breathOf, type Pace } from '../breath';
import type { BreathPattern, OutManner } from './model';

/** Slow in, slow out. */
export const ease = (t: number): number => (1 - Math.cos(Math.PI * t)) / 2;

/** A sip fills most of its share of the inhale; the rest of it is a small landing. */
const SIP_SHARE = 0.7;

/** How full an inhale is at `t` in 0…1: one slope, or a stair of sips. */
export function filled(t: number, sips: number): number {
  if (sips === 1) return ease(t);
  const step = Math.min(sips - 1, Math.floor(t * sips));
  return (step + ease(Math.min(1, (t * sips - step) / SIP_SHARE))) / sips;
}

/** How much of an exhale is gone at `t` in 0…1: a sigh drops at first, what the lips or the voice slow runs evenly. */
export function emptied(t: number, out: OutManner): number {
  switch (out) {
    case 'sigh':
      return 1 - (1 - t) ** 2.5;
    case 'pursed':
    case 'hum':
    case 'buzz':
      return t;
    case 'throat':
    case 'plain':
      return ease(t);
    default:
      return out satisfies never;
  }
}

/** A point of a drawn breath: s from its beginning, level 0 (empty) … 1 (full). */
export interface ShapePoint {
  readonly sec: number;
  readonly level: number;
}

const STEPS = 24;

/** One breath of a pattern at a pace, as it is drawn; a natural breath is drawn as a low swell. */
export function breathShape(pattern: BreathPattern, pace: Pace): readonly ShapePoint[] {
  const outToIn = pattern.outToIn ?? pace.outToIn;
  const { inSec, outSec } = breathOf('flowing', { ...pace, outToIn }, pattern.slower);
  const most = pattern.isNatural ? 0.45 : 1;
  const fullSec = inSec * pattern.stayFull;
  const emptySec = inSec * pattern.stayEmpty;
  const run = (from: number, sec: number, level: (t: number) => number): readonly ShapePoint[] =>
    Array.from({ length: STEPS + 1 }, (_, step) => ({
      sec: from + (sec * step) / STEPS,
      level: most * level(step / STEPS),
    }));
  return [
    ...run(0, inSec, (t) => filled(t, pattern.sips)),
    ...(fullSec > 0 ? [{ sec: inSec + fullSec, level: most }] : []),
    ...run(inSec + fullSec, outSec, (t) => 1 - emptied(t, pattern.out)),
    ...(emptySec > 0 ? [{ sec: inSec + fullSec + outSec + emptySec, level: 0 }] : []),
  ];
}
