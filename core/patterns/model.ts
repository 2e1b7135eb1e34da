import type { PhaseId } from '../phases';
import type { SourceId } from '../sources';

/**
 * A breath pattern: how a breath is made, to be laid on the strokes of a form. It is no form of its own: the same arm lift
 * can be breathed plainly, with the out-breath longer, or with a stay when full.
 */

/** What a pattern asks of a person beyond an easy breath, for the cautions to speak of. */
export const BREATH_ASKS = ['drawn-belly', 'pelvic-floor', 'staged', 'throat'] as const;
export type BreathAsk = (typeof BREATH_ASKS)[number];

/** How the air leaves. */
export const OUT_MANNERS = ['plain', 'sigh', 'pursed', 'hum', 'buzz', 'throat'] as const;
export type OutManner = (typeof OUT_MANNERS)[number];

/** Where the attention takes the breath. */
export const ATTENTIONS = [
  'none',
  'lower belly',
  'low back',
  'flanks',
  'orbit',
  'skin',
  'gates',
  'pelvic floor',
  'count',
] as const;
export type Attention = (typeof ATTENTIONS)[number];

/** Where the attention goes inward, so that the imagination is led (common practice). */
const INWARD: ReadonlySet<Attention> = new Set(['orbit', 'skin', 'gates']);

/** A pattern, as data; what is not said here is explained where it is read, in `schema.ts`. */
export interface BreathPattern {
  readonly id: string;
  readonly name: string;
  readonly pinyin?: string | undefined;
  readonly hanzi?: string | undefined;
  readonly school?: string | undefined;
  readonly source: SourceId;
  readonly isNatural: boolean;
  readonly outToIn?: number | undefined;
  readonly stayFull: number;
  readonly stayEmpty: number;
  readonly sips: number;
  readonly inRoute: 'nose' | 'mouth';
  readonly outRoute: 'nose' | 'mouth';
  readonly out: OutManner;
  readonly attention: Attention;
  readonly asks: readonly BreathAsk[];
  readonly inwardImagery: boolean;
  readonly slower: number;
  readonly stillOnly: boolean;
  readonly leastSec: number;
  readonly usualBreaths?: number | undefined;
  readonly level: 1 | 2 | 3;
  readonly announce: string;
}

/** What a pattern asks of a person: what it says of itself, and what its own shape asks whether it says so or not. */
export function breathAsksOf(pattern: BreathPattern): {
  readonly asks: readonly BreathAsk[];
  readonly inwardImagery: boolean;
} {
  const { asks, sips, out, attention, inwardImagery } = pattern;
  const own: readonly (readonly [BreathAsk, boolean])[] = [
    ['staged', sips > 1],
    ['throat', out === 'throat'],
    ['pelvic-floor', attention === 'pelvic floor'],
  ];
  return {
    asks: [...new Set([...asks, ...own.flatMap(([ask, is]) => (is ? [ask] : []))])],
    inwardImagery: inwardImagery || INWARD.has(attention),
  };
}

/** What a pattern does, for whom, and how it is taught. */
export interface PatternTeaching {
  readonly does: string;
  readonly suits: {
    readonly actions: readonly ('clears' | 'nourishes' | 'moves' | 'calms')[];
    readonly phases: readonly PhaseId[];
    readonly dayParts: readonly ('morning' | 'midday' | 'afternoon' | 'evening')[];
  };
  readonly mind: string;
  readonly teach: readonly [string, string, string];
  readonly mistakes: readonly { readonly mistake: string; readonly mend: string }[];
}

export type WholePattern = BreathPattern & PatternTeaching;

/** Which repetitions of an item a layer is laid on: the first or last so many. */
export interface LayerSpan {
  readonly end: 'first' | 'last';
  readonly count: number;
}

/** Whether a repetition (from 1) of so many is one the layer is laid on. */
export const isLaidOn = (span: LayerSpan | undefined, repetition: number, of: number): boolean =>
  span === undefined || (span.end === 'first' ? repetition <= span.count : repetition > of - span.count);
