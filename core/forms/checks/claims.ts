import { otherSide } from '../../body/sides';
import { distance, goalsAt, share, solveGoals, type Side, type Skeleton } from '../../body';
import { quotedCue } from '../words/cueText';
import { movingForm, type MovingStroke } from '../measured/measure';
import type { Form } from '../model/model';
import type { VariantId } from '../model/terms';

/**
 * What the words of a form claim of its body, held against the solved body. A claim the body contradicts
 * is data: the words or the posture must give way.
 */
export interface Contradiction {
  readonly claim: ClaimId;
  /** The words that claim it. */
  readonly text: string;
  /** What the body does instead, for the one who mends it. */
  readonly measured: string;
}

/** What the words are held against: bodies along the strokes they speak of, first to last. */
interface Evidence {
  readonly bodies: readonly Skeleton[];
  readonly side: Side;
  readonly strokes: readonly MovingStroke[];
}

interface ClaimRow {
  readonly id: string;
  readonly words: RegExp;
  /** Undefined where the body does as claimed, else what it does. */
  readonly test: (evidence: Evidence, match: RegExpExecArray) => string | undefined;
}

const SIDES = ['left', 'right'] as const;
const WEIGHT_SLACK = 0.07;
const weights = ({ bodies }: Evidence): readonly number[] => bodies.map((body) => body.legs.left.weight);
const percent = (part: number): string => `${Math.round(part * 100)} %`;
const heelCm = (body: Skeleton, side: Side): number => body.legs[side].heel[1] * 100;
const anklesApart = (body: Skeleton): number =>
  distance(body.legs.left.ankle, body.legs.right.ankle) / (2 * share('shoulderCentre') * body.build.statureM);
const last = ({ bodies }: Evidence): Skeleton => {
  const body = bodies.at(-1);
  if (!body) throw new RangeError('a claim needs at least one body, got none');
  return body;
};
const first = ({ bodies }: Evidence): Skeleton => bodies[0] ?? last({ bodies } as Evidence);
const meanKneeDeg = (body: Skeleton): number =>
  (body.legs.left.kneeBendDeg + body.legs.right.kneeBendDeg) / 2;

const PARTS: Readonly<Record<string, number>> = {
  'a tenth': 0.1,
  'a third': 1 / 3,
  half: 0.5,
  'two thirds': 2 / 3,
  'seven tenths': 0.7,
  'eight tenths': 0.8,
  'nine tenths': 0.9,
};

/** The heaviest share either named foot comes to carry. */
function heaviest(evidence: Evidence, where: string): number {
  const carried = evidence.bodies.flatMap((body) => {
    const ahead = body.legs.left.ankle[2] - body.legs.right.ankle[2];
    const front: Side = ahead >= 0 ? 'left' : 'right';
    const named: readonly Side[] =
      where === 'front' ? [front] : where === 'back' ? [otherSide(front)] : SIDES;
    return named.map((side) => body.legs[side].weight);
  });
  return Math.max(...carried);
}

// prettier-ignore
const CLAIMS = [
  { id: 'weight-even', words: /weight even/i, test: (evidence) => {
    const off = Math.max(...weights(evidence).map((weight) => Math.abs(weight - 0.5)));
    return off <= WEIGHT_SLACK ? undefined : `up to ${percent(0.5 + off)} on one foot`;
  } },
  { id: 'weight-share', words: /(a tenth|a third|half|two thirds|seven tenths|eight tenths|nine tenths)(?: of the weight)? (?:on|in|to) the (front|back|standing|other|one) (?:leg|foot)/i, test: (evidence, match) => {
    const wanted = PARTS[(match[1] ?? '').toLowerCase()] ?? 0.5;
    const got = heaviest(evidence, match[2] ?? '');
    return Math.abs(got - wanted) <= WEIGHT_SLACK ? undefined : `${percent(got)} at most`;
  } },
  { id: 'feet-planted', words: /feet (?:stay )?planted/i, test: ({ bodies }) => {
    const lifted = bodies.some((body) => SIDES.some((side) => body.legs[side].air > 0.05 || body.legs[side].toe[1] > 0.02));
    return lifted ? 'a foot leaves the floor' : undefined;
  } },
  { id: 'weight-moves', words: /weight (?:shifts|moves|flows|rolls)/i, test: (evidence) => {
    const all = evidence.bodies.map((body) => body.mass);
    const spread = Math.max(...all.map((a) => Math.max(...all.map((b) => Math.hypot(a[0] - b[0], a[2] - b[2])))));
    return spread > 0.05 ? undefined : `the centre of mass moves ${(spread * 100).toFixed(1)} cm`;
  } },
  { id: 'weight-to-side', words: /weight to the \{side\}/i, test: (evidence) => {
    const carried = last(evidence).legs[evidence.side].weight;
    return carried >= 0.6 ? undefined : `${percent(carried)} on that foot`;
  } },
  { id: 'weight-off-side', words: /weight off the \{side\} foot/i, test: (evidence) => {
    const carried = last(evidence).legs[evidence.side].weight;
    return carried <= 0.2 ? undefined : `${percent(carried)} on that foot`;
  } },
  { id: 'heels-rise', words: /heels rise|lift the heels/i, test: (evidence) => {
    const up = Math.max(...evidence.bodies.map((body) => Math.min(heelCm(body, 'left'), heelCm(body, 'right'))));
    return up > 1.5 ? undefined : `the heels come up ${up.toFixed(1)} cm`;
  } },
  { id: 'heels-down', words: /heels? (?:stays? )?(?:down|drop|fall)/i, test: (evidence) => {
    const up = Math.max(heelCm(last(evidence), 'left'), heelCm(last(evidence), 'right'));
    return up < 1 ? undefined : `a heel ends ${up.toFixed(1)} cm up`;
  } },
  { id: 'foot-forward', words: /(?:one foot|\{side\} foot) (?:steps )?(?:forward|in front)|short step forward/i, test: ({ bodies }) => {
    const ahead = Math.max(...bodies.map((body) => Math.abs(body.legs.left.ankle[2] - body.legs.right.ankle[2])));
    return ahead > 0.12 ? undefined : `the feet are ${(ahead * 100).toFixed(0)} cm apart front to back`;
  } },
  { id: 'wide-stance', words: /wide stance|horse stance/i, test: (evidence) => {
    const apart = Math.max(...evidence.bodies.map(anklesApart));
    return apart >= 1.4 ? undefined : `${apart.toFixed(1)} shoulder widths`;
  } },
  { id: 'knees-inside-feet', words: /knees inside the feet/i, test: ({ bodies }) => {
    const over = bodies.flatMap((body) => SIDES.map((side) => {
      const sign = side === 'left' ? 1 : -1;
      return sign * (body.legs[side].knee[0] - Math.max(sign * body.legs[side].ankle[0], sign * body.legs[side].toe[0]) * sign);
    }));
    const most = Math.max(...over);
    return most < 0.02 ? undefined : `a knee stands ${(most * 100).toFixed(0)} cm outside its foot`;
  } },
  { id: 'one-foot-free', words: /leg floats|foot (?:floats|lifts|rises)|other is freed/i, test: ({ bodies }) =>
    bodies.some((body) => SIDES.some((side) => body.legs[side].air > 0.5)) ? undefined : 'both feet stay on the floor' },
  { id: 'knees-sink', words: /knees sink|sit low|sit back/i, test: (evidence) => {
    const bent = Math.max(...evidence.bodies.map((body) => Math.max(body.legs.left.kneeBendDeg, body.legs.right.kneeBendDeg)));
    return bent >= 20 ? undefined : `knees bend ${bent.toFixed(0)}°`;
  } },
  { id: 'hands-at-feet', words: /(?:pat|smooth|slide|draw)[^.]*\b(?:to|from) (?:the|both) (?:\w+ )?(?:toes|ankles|soles)\b/i, test: ({ bodies }) => {
    const low = Math.min(...bodies.map((body) => Math.min(body.arms.left.palm[1], body.arms.right.palm[1]))) * 100;
    return low <= 15 ? undefined : `the hands stay ${low.toFixed(0)} cm over the floor`;
  } },
  { id: 'hands-at-shins', words: /(?:pat|smooth|slide|draw)[^.]*\b(?:to the shins|from below the knees)\b/i, test: ({ bodies }) => {
    const gap = Math.min(...bodies.map((body) => Math.min(...SIDES.map((side) => body.arms[side].palm[1] - body.legs[side].knee[1])))) * 100;
    return gap <= 0 ? undefined : `the hands stay ${gap.toFixed(0)} cm over the knees`;
  } },
  { id: 'rises', words: /roll up|stand tall|come up/i, test: (evidence) => {
    const rise = last(evidence).trunk.head[1] - first(evidence).trunk.head[1];
    return rise > 0.1 || meanKneeDeg(last(evidence)) < 12 ? undefined : `the head rises ${(rise * 100).toFixed(0)} cm`;
  } },
] as const satisfies readonly ClaimRow[];

export type ClaimId = (typeof CLAIMS)[number]['id'];

const SAMPLES = 6;

function bodiesOf(strokes: readonly MovingStroke[]): readonly Skeleton[] {
  return strokes.flatMap(({ movement }) =>
    Array.from({ length: SAMPLES + 1 }, (_, index) => solveGoals(goalsAt(movement, index / SAMPLES))),
  );
}

function hold(text: string, evidence: Evidence): readonly Contradiction[] {
  return CLAIMS.flatMap(({ id, words, test }) => {
    const match = words.exec(text);
    const measured = match ? test(evidence, match) : undefined;
    return measured === undefined ? [] : [{ claim: id, text, measured }];
  });
}

/**
 * The claims of a form's footwork, cues and mends that its own solved body contradicts, at the usual pace. A
 * variant's cues are held against the variant's body; the footwork is that of the full form.
 */
export function contradictions(form: Form, variant: VariantId): readonly Contradiction[] {
  const moving = movingForm(form, variant);
  const cycle = moving.filter((stroke) => stroke.part === 'cycle');
  const whole: Evidence = { bodies: bodiesOf(cycle), side: 'left', strokes: cycle };
  const ofFootwork = variant === 'full' && cycle.length > 0 ? hold(form.footwork, whole) : [];
  const ofCues = moving.flatMap((stroke) =>
    hold(stroke.stroke.cue, { bodies: bodiesOf([stroke]), side: stroke.side ?? 'left', strokes: [stroke] }),
  );
  // A mend may name a share of the weight; the rest of its words speak of the mistake.
  const ofMends =
    variant === 'full' && cycle.length > 0
      ? form.mistakes.flatMap(({ mend }) => hold(mend, whole).filter((one) => one.claim === 'weight-share'))
      : [];
  return [...ofFootwork, ...ofCues, ...ofMends].map((one) => ({ ...one, text: quotedCue(one.text, form) }));
}

/** How many of the words of a form claim something that is checked. */
export const claimsIn = (text: string): readonly ClaimId[] =>
  CLAIMS.filter(({ words }) => words.test(text)).map(({ id }) => id);
