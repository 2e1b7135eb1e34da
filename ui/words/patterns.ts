import { breathOf, type Pace } from '@/core/breath';
import type { SealRefusal } from '@/core/forms';
import type { BreathPattern, LayerSpan, PatternRefusal } from '@/core/patterns';
import { patternIn, soundIn, type Item, type Practice, type SoundRefusal } from '@/core/practice';
import type { Voice } from '@/core/sounds';

/** A breath in figures: "in 5 s · stay 2 s · out 7 s". */
export function breathFigures(pattern: BreathPattern, pace: Pace): string {
  if (pattern.isNatural) return 'as it comes';
  const { inSec, outSec } = breathOf(
    'flowing',
    { ...pace, outToIn: pattern.outToIn ?? pace.outToIn },
    pattern.slower,
  );
  const s = (sec: number): string => `${sec.toFixed(1).replace(/\.0$/, '')} s`;
  const sips = pattern.sips > 1 ? ` in ${pattern.sips} sips` : '';
  return [
    `in ${s(inSec)}${sips}`,
    pattern.stayFull > 0 ? `stay ${s(inSec * pattern.stayFull)}` : '',
    `out ${s(outSec)}`,
    pattern.stayEmpty > 0 ? `rest ${s(inSec * pattern.stayEmpty)}` : '',
  ]
    .filter((part) => part !== '')
    .join(' · ');
}

/** The way of the air. */
export const routeText = ({ inRoute, outRoute, isNatural }: BreathPattern): string =>
  isNatural ? 'by the nose, as it comes' : `in by the ${inRoute}, out by the ${outRoute}`;

export const LEVEL_NAMES = {
  1: 'for everyone',
  2: 'for those at home in it',
  3: 'for the experienced',
} as const;

export const WHY_NO_PATTERN = {
  'no-breath': 'this form has no breath to lay it on',
  'own-stay': 'the form has a stay of its own',
  'not-still': 'it is for standing or sitting still',
  'own-attention': 'the form leads the breath to a place of its own',
  'own-sound': 'the sound of the form has its own way out',
  'fold-full': 'nobody stays full while folded',
  'cue-fixes-breath': 'the words of the form say another way for the breath',
} as const satisfies Record<PatternRefusal, string>;

export const WHY_NO_SOUND = {
  'no-exhale': 'this form has no exhale to make it on',
  'another-sound': 'the form is another organ’s sound',
  'nose-said': 'the words of the form breathe out by the nose',
} as const satisfies Record<SoundRefusal, string>;

export const WHY_NO_SEAL = {
  moves: 'it is for what is done standing or sitting still',
  'hands-busy': 'the hands have something to do here',
  'hands-said': 'the words of the form speak of open hands',
} as const satisfies Record<SealRefusal, string>;

export const VOICE_NAMES = {
  aloud: 'aloud',
  whispered: 'whispered',
  silent: 'silent',
} as const satisfies Record<Voice, string>;

/** What lies on the breath of an item: "breathed: Out longer than in, with sī, whispered". */
export function layersText(practice: Practice, { breathing, sound }: Item): string {
  const pattern = breathing && patternIn(practice, breathing.pattern);
  const laid = typeof sound === 'object' ? soundIn(practice, sound.sound) : undefined;
  return [
    pattern ? `breathed: ${pattern.name}` : 'its own breath',
    ...(laid && typeof sound === 'object' ? [`with ${laid.written}, ${VOICE_NAMES[sound.voice]}`] : []),
    ...(sound === 'none' ? ['without its sound'] : []),
  ].join(', ');
}

/** Which repetitions: "the last 3". */
export const spanText = (on: LayerSpan | undefined): string =>
  on === undefined ? '' : on.count === 1 ? ` (the ${on.end} one)` : ` (the ${on.end} ${on.count})`;
