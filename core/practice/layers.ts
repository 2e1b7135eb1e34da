import { cycleOf, sealRefusal, type Form, type SealId, type SealRefusal, type Stroke } from '../forms';
import { isLaidOn, patternRefusal, type BreathPattern, type PatternRefusal } from '../patterns';
import { soundById, soundIdOf, type Sound, type Voice } from '../sounds';
import { patternIn, soundIn } from './known';
import type { Item, Practice } from './model';

/** Why a sound cannot be laid on a form. */
export const SOUND_REFUSALS = ['no-exhale', 'another-sound', 'nose-said'] as const;
export type SoundRefusal = (typeof SOUND_REFUSALS)[number];

/** The strokes of a repetition as they are said: one's own words in the place of the form's. */
const cycleSaid = (form: Form, { variant, cues }: Item): readonly Stroke[] =>
  cycleOf(form, variant).map((stroke, index) => ({ ...stroke, cue: cues?.[`cycle-${index}`] ?? stroke.cue }));

/**
 * Why a sound does not fit a form as it is done; undefined where it does. `cycle` are the strokes of a repetition as they
 * are said.
 */
export function soundRefusal(
  form: Form,
  sound: Sound,
  cycle: readonly Stroke[] = form.cycle,
): SoundRefusal | undefined {
  if (!cycle.some(({ breath }) => breath === 'out')) return 'no-exhale';
  if (form.soundOrgan !== undefined && sound.organ !== form.soundOrgan) return 'another-sound';
  return cycle.some(({ breath, cue }) => breath === 'out' && /\bby the nose\b/i.test(cue))
    ? 'nose-said'
    : undefined;
}

/** A sound as an item carries it. */
export interface SoundLayer {
  readonly sound: Sound;
  readonly voice: Voice;
  readonly on: NonNullable<Exclude<Item['sound'], 'none'>>['on'];
}

/** The seal the hands of an item keep, where its form lets them. */
export const sealOf = ({ seal: id, variant }: Item, form: Form): SealId | undefined =>
  id !== undefined && sealRefusal(form, variant, id) === undefined ? id : undefined;

/** What lies on the breath of an item, and what was asked for and does not fit. */
export interface LayersOfItem {
  readonly breathing:
    { readonly pattern: BreathPattern; readonly on: NonNullable<Item['breathing']>['on'] } | undefined;
  readonly sound: SoundLayer | undefined;
  readonly seal: SealId | undefined;
  readonly unlaid: readonly Unlaid[];
}

/** A layer that was asked for and is not laid, with the reason. */
export type Unlaid =
  | { readonly layer: 'breathing'; readonly id: string; readonly why: PatternRefusal }
  | { readonly layer: 'sound'; readonly id: string; readonly why: SoundRefusal }
  | { readonly layer: 'seal'; readonly id: SealId; readonly why: SealRefusal };

/** The sound a form has of its own, by the school of the practice. */
function ownSound(practice: Practice, form: Form): SoundLayer | undefined {
  if (form.soundOrgan === undefined) return undefined;
  const sound = soundById(soundIdOf(form.soundOrgan, practice.customs.soundSchool));
  return sound && { sound, voice: 'aloud', on: undefined };
}

/** The layers of an item as they are laid: what does not fit is told, never silently dropped. */
export function layersOf(practice: Practice, item: Item, form: Form): LayersOfItem {
  const unlaid: Unlaid[] = [];
  const pattern = item.breathing && patternIn(practice, item.breathing.pattern);
  const cycle = cycleSaid(form, item);
  const why = pattern && patternRefusal(form, item.variant, pattern, cycle);
  if (pattern && why) unlaid.push({ layer: 'breathing', id: pattern.id, why });
  // Where stays are left out, a pattern made of one is not so much as announced: nothing forbidden is ever said.
  const isLeftOut = item.omitHolds && pattern !== undefined && pattern.stayFull + pattern.stayEmpty > 0;
  const breathing = pattern && !why && !isLeftOut ? { pattern, on: item.breathing?.on } : undefined;
  const asked = typeof item.sound === 'object' ? item.sound : undefined;
  const sound = asked && soundIn(practice, asked.sound);
  const whyNot = sound && soundRefusal(form, sound, cycle);
  if (sound && whyNot) unlaid.push({ layer: 'sound', id: sound.id, why: whyNot });
  const noSeal = item.seal && sealRefusal(form, item.variant, item.seal);
  if (item.seal && noSeal) unlaid.push({ layer: 'seal', id: item.seal, why: noSeal });
  const laid =
    asked && sound && !whyNot
      ? { sound, voice: asked.voice, on: asked.on }
      : item.sound === 'none'
        ? undefined
        : ownSound(practice, form);
  return { breathing, sound: laid, seal: sealOf(item, form), unlaid };
}

/** Whether a sound is made in a repetition (from 1) of so many. */
export const soundsIn = (
  layer: SoundLayer | undefined,
  repetition: number,
  of: number,
): layer is SoundLayer => layer !== undefined && isLaidOn(layer.on, repetition, of);
