import { asksOf, cycleOf } from '../forms/model/variants';
import type { Form } from '../forms/model/model';
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

/** The breath a form’s own cues speak of, where they fix it. */
const SAYS_MOUTH = /\bby the mouth\b|\bsigh\b|\bblow\b|\blips\b/i;
const SAYS_NOSE = /\bby the nose\b|\bnostril/i;

/** Whether the words of a repetition say another way for the breath than the pattern has. */
function contradicts(form: Form, variant: VariantId, pattern: BreathPattern): boolean {
  const words = cycleOf(form, variant)
    .map(({ cue }) => cue)
    .join(' ');
  if (pattern.isNatural) return false;
  return (
    (SAYS_MOUTH.test(words) && pattern.outRoute === 'nose') ||
    (SAYS_NOSE.test(words) && pattern.outRoute === 'mouth')
  );
}

/** Why a pattern does not fit a form as it is done; undefined where it does. */
export function patternRefusal(
  form: Form,
  variant: VariantId,
  pattern: BreathPattern,
): PatternRefusal | undefined {
  const cycle = cycleOf(form, variant);
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
  return contradicts(form, variant, pattern) ? 'cue-fixes-breath' : undefined;
}
