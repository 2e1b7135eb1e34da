import { goalsAt, solveGoals, type Skeleton } from '../../../body';
import { quotedCue } from '../../words/cueText';
import { movingForm, type MovingStroke } from '../../measured/measure';
import type { Form } from '../../model/model';
import type { VariantId } from '../../model/terms';
import { BREATH_CLAIMS } from './breath';
import type { ClaimRow, Evidence, Measured } from './evidence';
import { HAND_CLAIMS } from './hands';
import { NAMED_CLAIMS } from './named';
import { PLACE_CLAIMS } from './places';
import { SIDE_CLAIMS } from './sides';
import { STANDING_CLAIMS } from './standing';
import { TRUNK_CLAIMS } from './trunk';

/**
 * What the words of a form claim of its body, held against the solved body. A claim the body contradicts
 * is data: the words or the posture must give way.
 */
export interface Contradiction {
  readonly claim: ClaimId;
  /** The words that claim it. */
  readonly text: string;
  /** What the body does instead, for the one who mends it. */
  readonly measured: Measured;
}

/** What words claim, and what the breath alone does. */
const WORD_CLAIMS = [
  ...STANDING_CLAIMS,
  ...HAND_CLAIMS,
  ...PLACE_CLAIMS,
  ...TRUNK_CLAIMS,
  ...SIDE_CLAIMS,
  ...NAMED_CLAIMS,
] as const;
const CLAIMS = [...WORD_CLAIMS, ...BREATH_CLAIMS] as const satisfies readonly ClaimRow[];

export type ClaimId = (typeof CLAIMS)[number]['id'];

const SAMPLES = 6;
const REPETITIONS = 2;

function bodiesOf(strokes: readonly MovingStroke[]): readonly Skeleton[] {
  return strokes.flatMap(({ movement }) =>
    Array.from({ length: SAMPLES + 1 }, (_, index) => solveGoals(goalsAt(movement, index / SAMPLES))),
  );
}

function hold(text: string, evidence: Evidence, claims: readonly ClaimRow[]): readonly Contradiction[] {
  return claims.flatMap(({ id, words, test }) => {
    const match = words.exec(text);
    const measured = match ? test(evidence, match) : undefined;
    return measured === undefined ? [] : [{ claim: id as ClaimId, text, measured }];
  });
}

/**
 * The claims of a form's footwork, cues and mends that its own solved body contradicts, at the usual pace. A
 * variant's cues are held against the variant's body; the footwork is that of the full form.
 */
export function contradictions(form: Form, variant: VariantId): readonly Contradiction[] {
  // From the second repetition on a stroke begins where the one before it ends, not at rest.
  const twice = movingForm(form, variant, REPETITIONS);
  const moving = twice.filter((stroke) => stroke.part !== 'cycle' || stroke.repetition === REPETITIONS);
  const cycle = moving.filter((stroke) => stroke.part === 'cycle');
  const whole: Evidence = { bodies: bodiesOf(cycle), side: 'left', strokes: cycle };
  const ofFootwork =
    variant === 'full' && cycle.length > 0 ? hold(form.footwork, whole, STANDING_CLAIMS) : [];
  // An exception to the way of the breath is stated with its reason: then hands and trunk may go against it too.
  const claims = form.exceptions?.breath === undefined ? CLAIMS : WORD_CLAIMS;
  const ofCues = moving.flatMap((stroke) =>
    hold(
      stroke.stroke.cue,
      { bodies: bodiesOf([stroke]), side: stroke.side ?? 'left', strokes: [stroke] },
      claims,
    ),
  );
  // A mend may name a share of the weight; the rest of its words speak of the mistake.
  const ofMends =
    variant === 'full' && cycle.length > 0
      ? form.mistakes.flatMap(({ mend }) =>
          hold(mend, whole, STANDING_CLAIMS).filter((one) => one.claim === 'weight-share'),
        )
      : [];
  return [...ofFootwork, ...ofCues, ...ofMends].map((one) => ({ ...one, text: quotedCue(one.text, form) }));
}

/** How many of the words of a form claim something that is checked. */
export const claimsIn = (text: string): readonly ClaimId[] =>
  WORD_CLAIMS.filter(({ words }) => words.test(text)).map(({ id }) => id);
export type { Deed, Measured } from './evidence';
