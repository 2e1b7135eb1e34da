import { defined } from '../text/defined';
import {
  HAND_SHAPES,
  LANDMARKS,
  PROP_IDS,
  type Base,
  type Hand,
  type Landmark,
  type Posture,
  type Way,
} from './posture';
import { otherSide, type Side } from './sides';

/**
 * Reads a posture said in the words of the trade ("hands to lower dāntián, palms up; knees soft; weight left") and
 * lays it over another posture. Whatever is not understood is told back.
 */
export interface SaidPosture {
  readonly posture: Posture;
  /** The pieces that were understood, as they were written. */
  readonly understood: readonly string[];
  readonly notUnderstood: readonly string[];
}

const plain = (text: string): string =>
  text
    .normalize('NFD')
    .replace(/\p{Diacritic}/gu, '')
    .toLowerCase()
    .trim();

/** Other names in use for the places of the model. */
const PLACE_NAMES: Readonly<Record<string, Landmark>> = {
  belly: 'lower dantian',
  'lower belly': 'lower dantian',
  chest: 'middle dantian',
  heart: 'middle dantian',
  breastbone: 'middle dantian',
  'low back': 'kidneys',
  'small of the back': 'kidneys',
  brow: 'upper dantian',
  forehead: 'upper dantian',
  thighs: 'thigh',
  hips: 'hip',
  knees: 'knee',
  shins: 'shin',
  ankles: 'ankle',
  shoulders: 'shoulder',
  ears: 'ear',
  temples: 'temple',
  sides: 'hanging',
  flanks: 'flank',
  buttocks: 'buttock',
};

/** Where hands go that have no place on the body. */
const REACHES: Readonly<Record<string, readonly [number, number, number]>> = {
  sky: [0.25, 1, 0.2],
  overhead: [0.25, 1, 0.2],
  'out to the side': [1, 0, 0.2],
  sideways: [1, 0, 0.2],
  forward: [0.15, -0.05, 1],
  'in front': [0.15, -0.05, 1],
  ground: [0.2, -1, 0.3],
  down: [0.2, -1, 0.2],
};

/** Down to the floor: what the feet did before is gone. */
const onFloor =
  (base: Base) =>
  ({ hands, trunk, head, shoulders }: Posture): Posture =>
    defined({ base, hands, trunk, head, shoulders });

const names = [...Object.keys(PLACE_NAMES), ...LANDMARKS].sort((a, b) => b.length - a.length).join('|');
const reaches = Object.keys(REACHES)
  .sort((a, b) => b.length - a.length)
  .join('|');
const HANDS = new RegExp(
  `^(?:(both|left|right) )?hands?(?: (?:rest|rests|go|goes|are|is|held|come|comes))?(?: (to|at|on|by|before|in front of|over|above|below|under|beside|behind))?(?: the| your)? ?(?:(${names})|(${reaches}))?$`,
);

/** From the place outwards, up and away, in cùn, by the word between. */
const OFFSETS: Readonly<Record<string, readonly [number, number, number]>> = {
  before: [3, 0, 7],
  'in front of': [3, 0, 7],
  over: [2, 4, 4],
  above: [2, 4, 4],
  below: [2, -3, 4],
  under: [2, -3, 4],
  beside: [4, 0, 1],
};
/** Places on the middle line: two hands lie side by side there. */
const MIDLINE: readonly Landmark[] = [
  'lower dantian',
  'navel',
  'solar plexus',
  'middle dantian',
  'throat',
  'upper dantian',
  'face',
  'mouth',
  'crown',
  'occiput',
  'nape',
  'sacrum',
];

const WAYS: Readonly<Record<string, Way>> = {
  up: 'up',
  down: 'down',
  forward: 'forward',
  back: 'back',
  in: 'in',
  inward: 'in',
  'facing each other': 'in',
  out: 'out',
  outward: 'out',
  'to the body': 'body',
  'facing the body': 'body',
};

type Change = (posture: Posture) => Posture;
type Phrase = readonly [words: RegExp, read: (match: RegExpExecArray) => Change | undefined];

function handsOf(posture: Posture, which: 'both' | Side, change: (hand: Hand) => Hand): Posture {
  const hands = posture.hands ?? {};
  const resting: Hand = { near: 'hanging' };
  if (which === 'both') {
    if (hands.left === undefined && hands.right === undefined)
      return { ...posture, hands: { both: change(hands.both ?? resting) } };
    return {
      ...posture,
      hands: {
        left: change(hands.left ?? hands.both ?? resting),
        right: change(hands.right ?? hands.both ?? resting),
      },
    };
  }
  const other: Side = otherSide(which);
  return {
    ...posture,
    hands: {
      [which]: change(hands[which] ?? hands.both ?? resting),
      [other]: hands[other] ?? hands.both ?? resting,
    },
  };
}

const whichOf = (word: string | undefined): 'both' | Side =>
  word === 'left' || word === 'right' ? word : 'both';
const signOf = (side: string | undefined): number => (side === 'right' ? -1 : 1);
const trunk =
  (over: NonNullable<Posture['trunk']>): Change =>
  (posture) => ({ ...posture, trunk: { ...posture.trunk, ...over } });
const feet =
  (over: NonNullable<Posture['feet']>): Change =>
  (posture) => ({ ...posture, feet: { ...posture.feet, ...over } });
const head =
  (over: NonNullable<Posture['head']>): Change =>
  (posture) => ({ ...posture, head: { ...posture.head, ...over } });

function readHands(match: RegExpExecArray): Change | undefined {
  const [, who, between = 'to', place, reach] = match;
  const which = whichOf(who);
  if (reach !== undefined) {
    const toward = REACHES[reach] ?? [0, -1, 0];
    return (posture) =>
      handsOf(posture, which, ({ shape }) => ({
        near: 'reach',
        toward: [...toward],
        share: 0.92,
        ...(shape ? { shape } : {}),
      }));
  }
  if (place === undefined) return undefined;
  const near = PLACE_NAMES[place] ?? (place as Landmark);
  if (near === 'hanging') return (posture) => handsOf(posture, which, () => ({ near }));
  const off = OFFSETS[between] ?? (MIDLINE.includes(near) && which === 'both' ? [3, 0, 0] : undefined);
  const front = MIDLINE.includes(near);
  return (posture) =>
    handsOf(posture, which, ({ shape }) => ({
      near,
      ...(off ? { off: [off[0] ?? 0, off[1] ?? 0, off[2] ?? 0] as [number, number, number] } : {}),
      ...(front ? { palm: 'body' as const, fingers: 'in' as const, elbow: 'out' as const } : {}),
      ...(shape ? { shape } : {}),
    }));
}

// prettier-ignore
const PHRASES: readonly Phrase[] = [
  [HANDS, readHands],
  [/^(?:(left|right|both) )?palms? (?:look(?:s|ing)? |turn(?:ed|s)? |fac(?:e|es|ing) )?(up|down|forward|back|inward|in|outward|out|facing each other|to the body|facing the body)$/, (match) => (posture) => handsOf(posture, whichOf(match[1]), (hand) => ({ ...hand, palm: WAYS[match[2] ?? ''] ?? 'down' }))],
  [/^fingers? (?:point(?:s|ing)? )?(up|down|forward|back|in|out)$/, (match) => (posture) => handsOf(posture, 'both', (hand) => ({ ...hand, fingers: WAYS[match[1] ?? ''] ?? 'in' }))],
  [/^(loose fists?|fists?|claws?|open hands?|hollow palms?)$/, (match) => (posture) => handsOf(posture, 'both', (hand) => ({ ...hand, shape: /fist/.test(match[1] ?? '') ? 'loose fist' : /claw/.test(match[1] ?? '') ? 'claw' : /hollow/.test(match[1] ?? '') ? 'hollow palm' : 'open' }))],
  [/^knees? (soft|straight|bent|deep|low)$|^(sink|sink low|stand tall)$/, (match) => (posture) => ({ ...posture, sink: { straight: 4, 'stand tall': 5, soft: 12, bent: 28, sink: 28, deep: 50, low: 50, 'sink low': 50 }[match[1] ?? match[2] ?? 'soft'] ?? 12 })],
  [/^weight (?:on |to )?(?:the )?(left|right|even|middle|both)(?: (?:foot|leg|feet))?$/, (match) => (posture) => ({ ...posture, weight: match[1] === 'left' ? 0.7 : match[1] === 'right' ? 0.3 : 0.5 })],
  [/^feet (together|hip width|shoulder width|wide)$/, (match) => feet({ apart: { together: 0.34, 'hip width': 0.5, 'shoulder width': 1, wide: 1.9 }[match[1] ?? ''] ?? 1 })],
  [/^(left|right) foot (?:forward|ahead|in front)$/, (match) => feet({ ahead: { foot: match[1] === 'right' ? 'right' : 'left', by: 1.4 }, apart: 0.9 })],
  [/^(?:(left|right|both) )?heels? (?:up|lifted|raised)$/, (match) => feet({ heels: match[1] === 'left' || match[1] === 'right' ? { [match[1]]: 24 } : 24 })],
  [/^heels? down$/, () => feet({ heels: 0 })],
  [/^(left|right) (?:knee|foot|leg) (?:up|lifted|raised)$/, (match) => (posture) => ({ ...posture, weight: match[1] === 'left' ? 0 : 1, feet: { ...posture.feet, lifted: { foot: match[1] === 'right' ? 'right' : 'left', thigh: 50, knee: 70 } } })],
  [/^turn(?:ed)? (?:to the )?(left|right)$/, (match) => trunk({ turn: 28 * signOf(match[1]) })],
  [/^bend (?:to the )?(left|right)$/, (match) => trunk({ bend: 18 * signOf(match[1]) })],
  [/^lean (?:a little )?forward$/, () => trunk({ lean: 18 })],
  [/^fold(?: forward)?$/, () => (posture) => ({ ...posture, sink: Math.max(posture.sink ?? 8, 30), trunk: { ...posture.trunk, lean: 60, round: 24 } })],
  [/^(?:back )?upright$|^tall$/, () => trunk({ lean: 0, bend: 0, turn: 0, round: 0 })],
  [/^round(?: the)? back$/, () => trunk({ round: 18 })],
  [/^look (?:to the )?(left|right)$/, (match) => head({ turn: 40 * signOf(match[1]) })],
  [/^look up$/, () => head({ nod: -8 })],
  [/^look down$|^nod$/, () => head({ nod: 14 })],
  [/^look (?:ahead|forward)$/, () => head({ turn: 0, nod: 0, tilt: 0 })],
  [/^(?:sit|seated|on (?:a|the) chair)$/, () => ({ hands, trunk: bent, head: turned }) => ({ base: 'chair', ...(hands ? { hands } : {}), ...(bent ? { trunk: bent } : {}), ...(turned ? { head: turned } : {}) })],
  [/^(?:sit(?:ting)? )?cross-?legged$/, () => onFloor('crossed')],
  [/^kneel(?:ing)?$/, () => onFloor('kneeling')],
  [/^(?:on )?(?:hands and knees|all fours)$/, () => onFloor('fours')],
  [/^(?:lie|lying)(?: down)?(?: on (?:the|your) back)?$/, () => onFloor('back')],
  [/^(?:lie|lying) on (?:the|your) (left|right) side$/, (match) => onFloor(match[1] === 'right' ? 'right side' : 'left side')],
  [/^(?:with|at|in) (?:a |an |the )?(ball|staff|wall|partner|ring)$/, (match) => (posture) => ({ ...posture, with: PROP_IDS.find((id) => id === match[1]) })],
  [/^(?:with )?(?:the |your )?back to (?:a|the) wall$/, () => (posture) => ({ ...posture, with: 'wall behind' })],
  [/^(?:with )?nothing besides$/, () => ({ with: _with, ...posture }) => posture],
  [/^(thumbs held|sword fingers|ring fingers|gathered fingertips)$/, (match) => (posture) => handsOf(posture, 'both', (hand) => ({ ...hand, shape: match[1] === 'thumbs held' ? 'thumb held' : HAND_SHAPES.find((shape) => shape === match[1]) ?? 'open' }))],
  [/^stand$/, () => ({ base: _base, ...posture }) => posture],
];

export function sayPosture(words: string, over: Posture): SaidPosture {
  const understood: string[] = [];
  const notUnderstood: string[] = [];
  let posture = over;
  for (const piece of words.split(/[,;.\n]| and (?=\w+ )/)) {
    const said = plain(piece).replace(/\s+/g, ' ');
    if (said === '') continue;
    const change = PHRASES.reduce<Change | undefined>((found, [pattern, read]) => {
      if (found) return found;
      const match = pattern.exec(said);
      return match ? read(match) : undefined;
    }, undefined);
    if (change) {
      posture = change(posture);
      understood.push(piece.trim());
    } else notUnderstood.push(piece.trim());
  }
  return { posture, understood, notUnderstood };
}
