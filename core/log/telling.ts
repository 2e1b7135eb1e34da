import { median } from './median';

/**
 * What the log tells of how forms are told: how long a teacher really talks before each, and how much longer its first
 * repetition takes, for those who know it and for those it is new to. Few samples are trusted little (weight n/(n + 4),
 * common practice); a single long interruption teaches nothing.
 */

/** A form as it was told once, ms; nothing where it was jumped over. */
export interface ToldForm {
  readonly formId: string;
  readonly taught?: boolean | undefined;
  readonly talkMs?: number | undefined;
  readonly firstMs?: number | undefined;
  /** How long a later repetition is, of one side. */
  readonly laterMs?: number | undefined;
}

/** What was really taken, in the middle, and of how many times. */
export interface Told {
  readonly talkSec?: number;
  readonly talks: number;
  readonly firstFactor?: number;
  readonly firsts: number;
}

/** Longer than this before a form is no talk any more but something else, ms (common practice: none to 45 s, a minute for theory). */
const MOST_TALK_MS = 90_000;
/** A first repetition is slower than this only where something came between. */
const MOST_FACTOR = 3;
const TRUST = 4;

/** Which telling is meant: of a form, to those who know it or to those it is new to. */
export const toldKey = (formId: string, familiarity: 'known' | 'taught'): string =>
  `${formId}/${familiarity}`;

/** How forms were told, by {@link toldKey}; what was never told is not in it. */
export function toldOf(forms: readonly ToldForm[]): Readonly<Record<string, Told>> {
  const samples = new Map<string, { readonly talks: number[]; readonly firsts: number[] }>();
  for (const { formId, taught, talkMs, firstMs, laterMs } of forms) {
    if (taught === undefined) continue;
    const key = toldKey(formId, taught ? 'taught' : 'known');
    const here = samples.get(key) ?? { talks: [], firsts: [] };
    samples.set(key, here);
    if (talkMs !== undefined && talkMs <= MOST_TALK_MS) here.talks.push(talkMs / 1000);
    const factor =
      firstMs !== undefined && laterMs !== undefined && laterMs > 0 ? firstMs / laterMs : undefined;
    if (factor !== undefined && factor >= 0.5 && factor <= MOST_FACTOR) here.firsts.push(Math.max(1, factor));
  }
  return Object.fromEntries(
    [...samples].map(([key, { talks, firsts }]): [string, Told] => [
      key,
      {
        talks: talks.length,
        firsts: firsts.length,
        ...(talks.length > 0 ? { talkSec: median(talks) } : {}),
        ...(firsts.length > 0 ? { firstFactor: median(firsts) } : {}),
      },
    ]),
  );
}

/** The usual, moved towards what was really taken as far as so many samples are trusted. */
export const shrunk = (usual: number, seen: number | undefined, samples: number): number =>
  seen === undefined ? usual : usual + (samples / (samples + TRUST)) * (seen - usual);
