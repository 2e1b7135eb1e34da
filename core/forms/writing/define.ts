import { NO_ASKS } from '../model/variants';
import type { Form, WrittenAsks } from '../model/model';

type Optional =
  | 'source'
  | 'hinge'
  | 'polarity'
  | 'phases'
  | 'organs'
  | 'channels'
  | 'points'
  | 'stance'
  | 'footwork'
  | 'sides'
  | 'manner'
  | 'exhale'
  | 'entry'
  | 'exit'
  | 'setupSec'
  | 'settleSec'
  | 'loosens'
  | 'level'
  | 'mistakes'
  | 'cautions'
  | 'parts';

export type FormText = Omit<Form, Optional | 'asks'> &
  Partial<Pick<Form, Optional>> & { readonly asks?: Partial<WrittenAsks> };

/** A form of a kind, written without what its kind says already. */
export type FormOfKind = Partial<FormText> & Pick<FormText, 'id' | 'name' | 'images' | 'cycle'>;

/** Said with every form that leads the imagination inward. */
export const EYES_OPEN = 'With unsettled mind or mood keep the eyes open and the breath natural.';

/** What is written where nothing is said; the floor follows from the stance. */
const { floor: _floor, ...written } = NO_ASKS;

/** Writes out a shipped form in full from what is particular to it. The usual values are common practice. */
export function defineForm(text: FormText): Form {
  return Object.freeze({
    source: 'common-practice' as const,
    hinge: false,
    polarity: 'even' as const,
    phases: [],
    organs: [],
    channels: [],
    points: [],
    stance: { start: 'shoulder width' as const, end: 'shoulder width' as const },
    footwork: 'Both feet stay planted, weight even.',
    sides: 'symmetric' as const,
    manner: 'abdominal' as const,
    exhale: 'nose' as const,
    entry: [],
    exit: [],
    // Known forms need about 5 s of talk, taught ones 12–30 s (common practice).
    setupSec: { known: 5, taught: 16 },
    settleSec: 2,
    loosens: [],
    level: 1 as const,
    mistakes: [],
    parts: [],
    ...text,
    cautions: [...(text.cautions ?? []), ...(text.asks?.inwardImagery ? [EYES_OPEN] : [])],
    asks: { ...written, ...text.asks },
  });
}

/** What a form does along channels, one way for all of them: `along('stretch', 'LU', 'LI')`. */
export const along = (
  how: Form['channels'][number]['how'],
  ...channels: readonly Form['channels'][number]['channel'][]
): Form['channels'] => channels.map((channel) => ({ channel, how }));

/** Usual repetitions by kind of form; three is the favourite, then six and nine (common practice). */
export const FEW = { least: 1, usual: 3, most: 9, multipleOf: 1 } as const;
export const FLOWING_COUNT = { least: 2, usual: 6, most: 18, multipleOf: 1 } as const;
export const INNER_COUNT = { least: 2, usual: 5, most: 18, multipleOf: 1 } as const;
export const CIRCLES = { least: 3, usual: 4, most: 12, multipleOf: 1 } as const;
