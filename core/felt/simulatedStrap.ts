import { seededRandom, type Random } from '../random';
import { writeHeartBeat } from './heartRate';

/** What the heart of a simulated strap does: sits, moves, or comes down again after moving. */
export const STRAP_CURVES = ['resting', 'exercise', 'recovery'] as const;
export type StrapCurve = (typeof STRAP_CURVES)[number];

const RESTING_PER_MIN = 68;
const MOVING_PER_MIN = 112;
/** How fast the rate climbs and falls, s (time constants of ordinary hearts, from memory). */
const CLIMBS_SEC = 35;
const FALLS_SEC = 70;
/** The breath is heard in the heart: so much faster on the way in, a minute, at so many breaths a minute. */
const BREATH_SWING = 3;
const BREATHS_PER_MIN = 6;
/** Noise of the rate from beat to beat, a minute. */
const NOISE = 1.2;
/** How often contact is lost in a second, and for how many seconds. */
const LOST_A_SECOND = 0.012;
const LOST_FOR_SEC = 4;

/** The rate of a curve at a time, without breath and noise. */
export function curveAt(curve: StrapCurve, sec: number): number {
  const lift = MOVING_PER_MIN - RESTING_PER_MIN;
  if (curve === 'exercise') return RESTING_PER_MIN + lift * (1 - Math.exp(-sec / CLIMBS_SEC));
  if (curve === 'recovery') return RESTING_PER_MIN + lift * Math.exp(-sec / FALLS_SEC);
  return RESTING_PER_MIN;
}

/** The beats of the second before `sec`, each an interval, ms, and the rate now. */
function beatsOf(curve: StrapCurve, sec: number, carryMs: number, random: Random) {
  const intervalsMs: number[] = [];
  let left = carryMs + 1000;
  let perMin = curveAt(curve, sec);
  for (;;) {
    const breath = BREATH_SWING * Math.sin((2 * Math.PI * BREATHS_PER_MIN * sec) / 60);
    perMin = curveAt(curve, sec) + breath + NOISE * (random.next() + random.next() - 1) * 2;
    const interval = 60_000 / perMin;
    if (interval > left) return { intervalsMs, perMin, carryMs: left };
    intervalsMs.push(interval);
    left -= interval;
  }
}

/**
 * What a strap would send second by second, as bytes of the Bluetooth profile; `undefined` while contact is lost and
 * nothing comes. The same seed makes the same heart.
 */
export function* simulatedStrap(curve: StrapCurve, seed: number): Generator<DataView | undefined, never> {
  const random = seededRandom(seed);
  let [carryMs, lostUntil] = [0, 0];
  for (let sec = 1; ; sec += 1) {
    const beats = beatsOf(curve, sec, carryMs, random);
    carryMs = beats.carryMs;
    if (sec >= lostUntil && random.next() < LOST_A_SECOND) lostUntil = sec + LOST_FOR_SEC;
    yield sec < lostUntil
      ? undefined
      : writeHeartBeat({
          perMin: Math.round(beats.perMin),
          onSkin: true,
          energyKj: undefined,
          intervalsMs: beats.intervalsMs,
        });
  }
}
