import { wordsIn } from './sayings';
import type { ScriptLine } from './script';

/** What a voice is given to say now, and up to which line of the script everything has been said or passed over. */
export interface Speaking {
  readonly text: string;
  /** How quickly, as a share of the voice's own pace. */
  readonly rate: number;
  readonly saidTo: number;
}

/** A voice's own pace, words a minute (common practice of the browsers' voices; they differ). */
const VOICE_WORDS_PER_MIN = 170;
const RATES = { slowest: 0.75, usual: 0.85, quickest: 1.3 } as const;
/** What began longer ago than this is not said any more: one has come here by a jump, ms. */
const STALE_MS = 1500;

/** So quickly that it ends before its time does: at an easy pace where there is room. */
export function rateFor(text: string, lengthMs: number): number {
  if (lengthMs <= 0) return RATES.usual;
  const needed = (wordsIn(text) / VOICE_WORDS_PER_MIN) * 60_000;
  return Math.min(RATES.quickest, Math.max(RATES.slowest, RATES.usual, needed / lengthMs));
}

/**
 * What is to be said at a moment: the lines that have begun since the last, together; nothing where none has, or where the
 * class has gone back. `saidTo` is the line said last, -1 before the first.
 */
export function toSay(lines: readonly ScriptLine[], saidTo: number, atMs: number): Speaking | undefined {
  const last = lines.findLastIndex(({ startMs }) => startMs <= atMs);
  if (last === saidTo) return undefined;
  const fresh = lines
    .slice(last < saidTo ? 0 : saidTo + 1, last + 1)
    .filter(({ startMs, text }) => text !== '' && atMs - startMs <= STALE_MS);
  const text = fresh.map((line) => line.text).join(' ');
  const until = Math.max(...fresh.map(({ startMs, lengthMs }) => startMs + lengthMs), 0);
  return { text, rate: rateFor(text.replaceAll('…', ''), until - atMs), saidTo: last };
}
