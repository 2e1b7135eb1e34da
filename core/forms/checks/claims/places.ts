import { distance, type Landmark, type Side, type Skeleton } from '../../../body';
import { findLandmark } from '../../../body/landmarks';
import { standingOf } from '../../../body/solve';
import { does, last, type Measured, returns, SIDES, type ClaimRow, type Evidence } from './evidence';

/** Where the hands come to in a stroke, wherever the words say a place. */

/** A hand on a place lies within a hand's length of it or its own; before it, within half an arm's. Metres. */
const ON_M = 0.22;
/** Hands that rise or sink to a place come to its height, metres. */
const LEVEL_M = 0.13;
const BEFORE_M = 0.34;

interface PlaceWord {
  readonly words: string;
  readonly landmarks: readonly Landmark[];
}

// prettier-ignore
const PLACES: readonly PlaceWord[] = [
  { words: 'crown|sky|heaven|overhead', landmarks: ['crown'] },
  { words: 'brow|eyes', landmarks: ['upper dantian', 'face'] },
  { words: 'nape|back of the neck', landmarks: ['nape', 'occiput'] },
  { words: 'ears?', landmarks: ['ear'] },
  { words: 'throat|chin', landmarks: ['throat', 'mouth'] },
  { words: 'collarbones?', landmarks: ['collarbone'] },
  { words: 'shoulders', landmarks: ['shoulder', 'collarbone', 'armpit'] },
  { words: 'chest|heart|breastbone', landmarks: ['middle dantian', 'collarbone'] },
  { words: 'ribs|flanks', landmarks: ['ribs', 'flank'] },
  { words: 'low back|small of the back|kidneys', landmarks: ['kidneys', 'sacrum'] },
  { words: '(?:lower |upper )?belly|navel', landmarks: ['lower dantian', 'navel', 'solar plexus', 'belly side'] },
  { words: 'hips', landmarks: ['hip', 'belly side', 'buttock'] },
  { words: 'thighs', landmarks: ['thigh', 'outer thigh', 'back thigh', 'inner thigh'] },
  { words: 'knees', landmarks: ['knee', 'thigh'] },
  { words: 'toes|ankles|feet|soles', landmarks: ['ankle', 'toes', 'shin', 'calf'] },
];

const HANDS = String.raw`(?:hands?|palms?|arms?|wrists?|fists?|claws|hooks|paws|bowl|elbows|them|they|fruit|thumb)`;
const DOING = String.raw`^(?:smooth|slide|rub|knead|cup|lift|draw|bring|rise|wipe|pour|wash|palm)\b`;
const RISING = /\b(?:rises?|lifts?|floats?|glides? up|draws? up|rising|up to)\b/i;
const SINKING = /\b(?:sinks?|descend|draw down|press(?:es)? down|drops?|come down)\b/i;
const BEFORE = /\bbefore\b|\bat\b|\bround\b|\btoward\b/i;

interface Spot {
  /** Metres between the place and the nearest of palm, wrist and fingertips. */
  readonly gapM: number;
  /** Metres of the palm over the place. */
  readonly overM: number;
}

/** Where both hands are to every place of a word, on either side of the body. */
function spotsIn(body: Skeleton, landmarks: readonly Landmark[]): readonly Spot[] {
  const standing = standingOf(body.trunk, body.legs, body.trunk.pelvis, body.build.statureM, body.goals);
  const spot = (side: Side, near: Landmark, of: 'own' | 'other'): readonly Spot[] => {
    const place = findLandmark(standing, { near, of }, side, undefined)?.place;
    const { palm, fingertip, wrist } = body.arms[side];
    if (!place) return [];
    const gapM = Math.min(...[palm, fingertip, wrist].map((part) => distance(part, place)));
    return [{ gapM, overM: palm[1] - place[1] }];
  };
  return landmarks.flatMap((near) =>
    SIDES.flatMap((side) => [...spot(side, near, 'own'), ...spot(side, near, 'other')]),
  );
}

function test(evidence: Evidence, said: string, landmarks: readonly Landmark[]): Measured | undefined {
  const ends = returns(evidence) ? evidence.bodies.slice(2) : [last(evidence)];
  const spots = ends.flatMap((body) => spotsIn(body, landmarks));
  if (RISING.test(said)) {
    const under = -Math.max(...spots.map(({ overM }) => overM));
    return under <= LEVEL_M ? undefined : does('hands-stay-under', under * 100);
  }
  if (SINKING.test(said)) {
    const over = Math.min(...spots.map(({ overM }) => overM));
    return over <= LEVEL_M ? undefined : does('hands-stay-over', over * 100);
  }
  const gap = Math.min(...spots.map(({ gapM }) => gapM));
  return gap <= (BEFORE.test(said) ? BEFORE_M : ON_M) ? undefined : does('hands-stay-away', gap * 100);
}

const WHERE = String.raw`(?:to|at|on|over|into|toward|before|under|warm)`;

export const PLACE_CLAIMS = PLACES.map(({ words, landmarks }) => ({
  id: 'hands-at-place' as const,
  words: new RegExp(
    String.raw`(?:\b${HANDS}\b|${DOING})(?:(?!\bfrom\b|\bpast\b|\bbreathe?\b|\bon top\b|\brests? on\b)[^.;:])*?\b${WHERE} (?:the |both )?(?:\w+ )?(?:${words})\b(?! height)`,
    'i',
  ),
  test: (evidence: Evidence, match: RegExpExecArray) => test(evidence, match[0], landmarks),
})) satisfies readonly ClaimRow[];
