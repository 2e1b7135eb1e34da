import type { Miss } from '../../body';
import type { ChannelId } from '../../channels';
import type { VariantId } from '../model/terms';
import type { Measured } from './claims';

/** How strongly a note speaks. None ever blocks. */
export type NoteWeight = 'must' | 'should' | 'consider';

interface At {
  readonly variant: VariantId;
  /** Which stroke of the cycle, from 0; undefined where the note is about the whole. */
  readonly stroke?: number;
}

/** A margin note on a form, as data; the words for it live in the interface. */
export type FormNote = At &
  (
    | { readonly code: 'no-posture' }
    | { readonly code: 'cannot-be-done'; readonly misses: readonly Miss[] }
    | { readonly code: 'step-with-weight'; readonly foot: 'left' | 'right'; readonly share: number }
    | { readonly code: 'in-while-sinking'; readonly cm: number }
    | { readonly code: 'out-while-rising'; readonly cm: number }
    | { readonly code: 'breaths-uneven'; readonly inhales: number; readonly exhales: number }
    | { readonly code: 'breath-twice'; readonly breath: 'in' | 'out' }
    | { readonly code: 'cue-too-long'; readonly spokenSec: number; readonly strokeSec: number }
    | { readonly code: 'no-time' }
    | { readonly code: 'side-not-said' }
    | { readonly code: 'side-without-sides' }
    | { readonly code: 'words-against-body'; readonly text: string; readonly measured: Measured }
    | { readonly code: 'out-of-time'; readonly sec: number; readonly least: number; readonly most: number }
    | { readonly code: 'route-against-flow'; readonly channels: readonly ChannelId[] }
    | { readonly code: 'no-still-moment' }
    | { readonly code: 'no-gentler-way' }
  );

const WEIGHTS: Readonly<Record<FormNote['code'], NoteWeight>> = {
  'no-posture': 'should',
  'cannot-be-done': 'must',
  'step-with-weight': 'must',
  'in-while-sinking': 'consider',
  'out-while-rising': 'consider',
  'breaths-uneven': 'should',
  'breath-twice': 'consider',
  'cue-too-long': 'should',
  'no-time': 'must',
  'side-not-said': 'should',
  'side-without-sides': 'should',
  'words-against-body': 'should',
  'out-of-time': 'consider',
  'route-against-flow': 'consider',
  'no-still-moment': 'should',
  'no-gentler-way': 'consider',
};
export const noteWeight = (note: FormNote): NoteWeight => WEIGHTS[note.code];
