import { asksOf, cycleOf } from '../forms/model/variants';
import type { Form, Stroke } from '../forms/model/model';
import type { VariantId } from '../forms/model/terms';
import type { BreathPattern } from './model';

/** Why a pattern cannot be laid on a form. */
export const PATTERN_REFUSALS = [
  'no-breath',
  'own-stay',
  'not-still',
  'own-sound',
  'own-attention',
  'fold-full',
  'cue-fixes-breath',
] as const;
export type PatternRefusal = (typeof PATTERN_REFUSALS)[number];

const STILL_FAMILIES: ReadonlySet<Form['family']> = new Set([
  'standing posture',
  'settling breath',
  'inner breathing',
  'closing',
]);

/** What cues say of the breath, and which patterns agree with it. */
const SAID: readonly { readonly words: RegExp; readonly agrees: (pattern: BreathPattern) => boolean }[] = [
  { words: /\bby the mouth\b|\bsigh|\bblow|\blips\b/i, agrees: ({ outRoute }) => outRoute === 'mouth' },
  { words: /\bby the nose\b|\bnostril/i, agrees: ({ outRoute }) => outRoute === 'nose' },
  {
    words: /\bhumming\b|\b(with|on|in) a hum\b|\bhum (as|it|out|the)\b/i,
    agrees: ({ out }) => out === 'hum',
  },
  { words: /\bbuzz/i, agrees: ({ out }) => out === 'buzz' },
  { words: /\bpursed\b/i, agrees: ({ out }) => out === 'pursed' },
  { words: /\bsip(s|ped)?\b/i, agrees: ({ sips }) => sips > 1 },
  {
    words: /\b(stay|pause|wait|rest) (a moment )?(when )?full\b/i,
    agrees: ({ stayFull }) => stayFull > 0,
  },
  {
    words: /\b(stay|pause|wait|rest) (a moment )?(when )?empty\b/i,
    agrees: ({ stayEmpty }) => stayEmpty > 0,
  },
];

/** Whether the words of a repetition say another way for the breath than the pattern has. */
const contradicts = (cycle: readonly Stroke[], pattern: BreathPattern): boolean =>
  !pattern.isNatural &&
  SAID.some(({ words, agrees }) => !agrees(pattern) && cycle.some(({ cue }) => words.test(cue)));

/**
 * Why a pattern does not fit a form as it is done; undefined where it does. `cycle` are the strokes of a repetition as
 * they are said, where one's own words stand in the place of the form's.
 */
export function patternRefusal(
  form: Form,
  variant: VariantId,
  pattern: BreathPattern,
  cycle: readonly Stroke[] = cycleOf(form, variant),
): PatternRefusal | undefined {
  if (!cycle.some(({ breath }) => breath === 'in') || !cycle.some(({ breath }) => breath === 'out'))
    return 'no-breath';
  const stays = pattern.stayFull > 0 || pattern.stayEmpty > 0;
  if (stays && cycle.some(({ breath }) => breath === 'hold')) return 'own-stay';
  if (pattern.stillOnly && !STILL_FAMILIES.has(form.family)) return 'not-still';
  if (form.soundOrgan !== undefined && (pattern.out !== 'plain' || pattern.isNatural)) return 'own-sound';
  // Inner breathing leads the attention somewhere already.
  if (form.family === 'inner breathing' && pattern.attention !== 'none' && pattern.attention !== 'count')
    return 'own-attention';
  if (pattern.stayFull > 0 && asksOf(form, variant).fold !== 'none') return 'fold-full';
  return contradicts(cycle, pattern) ? 'cue-fixes-breath' : undefined;
}
