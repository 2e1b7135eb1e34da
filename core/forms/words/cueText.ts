import { otherSide, type Side } from '../../body/sides';
import { capital } from '../../text/text';
import type { Form } from '../model/model';

/** Puts side, way and sound into a cue. Left and right are the practitioner's own. */
export function fillCue(
  cue: string,
  pass: { side?: Side | undefined; way?: string | undefined },
  sound: string | undefined,
): string {
  if (!cue.includes('{')) return cue;
  const side = pass.side ?? 'left';
  return cue
    .replaceAll('{side}', side)
    .replaceAll('{other}', otherSide(side))
    .replaceAll('{Side}', capital(side))
    .replaceAll('{Other}', capital(otherSide(side)))
    .replaceAll('{way}', pass.way ?? '')
    .replaceAll('{sound}', sound ?? '');
}

/** A side said in a cue; "right away" and its like are none. */
export const SIDE_SAID = /\b(left|right)\b(?! (?:away|there|here|now)\b)/gi;

/** A form's own sides and ways, as far as the writing of cues must know them. */
export type CueSides = Pick<Form, 'sides' | 'ways'>;

/** A cue as it is read where it is written: for the left, the first way and the sound of the school. */
export const spokenCue = (cue: string, form: CueSides, sound: string | undefined): string =>
  fillCue(cue, { side: 'left', way: form.ways?.[0] ?? 'left' }, sound);

const sideToken = (word: string): string => {
  const token = word.toLowerCase() === 'left' ? 'side' : 'other';
  return `{${/^[LR]/.test(word) ? capital(token) : token}}`;
};
const quoted = (text: string): string => text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');
const whole = (phrase: string): RegExp =>
  new RegExp(`(?<![\\p{L}\\p{M}])${quoted(phrase)}(?![\\p{L}\\p{M}])`, 'gu');

/**
 * A cue as it is kept, from one written as it is said for the left: what changes with the side, the way or the
 * school of sounds follows by itself. `spokenCue` gives back exactly what was written.
 */
export function writtenCue(said: string, form: CueSides, sound: string | undefined): string {
  const sounded = sound === undefined ? said : said.replace(whole(sound), '{sound}');
  switch (form.sides) {
    case 'symmetric':
      return sounded;
    case 'both-ways':
      return form.ways
        ? sounded.replace(whole(form.ways[0]), '{way}')
        : sounded.replace(/(?<![\p{L}\p{M}])left(?! (?:away|there|here|now)\b)(?![\p{L}\p{M}])/gu, '{way}');
    case 'alternating':
    case 'one-then-other':
      return sounded.replace(SIDE_SAID, sideToken);
    default:
      return form.sides satisfies never;
  }
}

/** A cue quoted in a sentence to the one who writes it. */
export const quotedCue = (cue: string, form: CueSides): string => spokenCue(cue, form, 'the sound');
