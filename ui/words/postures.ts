import { otherSide } from '@/core/body/sides';
import type { Hand, Landmark, Posture } from '@/core/body';
import { PROP_WORDS } from '@/core/body/propWords';
import { restingOn } from '@/core/body/resting';

/** A posture in plain words, made from its data: for screen readers and for paper. */

const PLACES: Record<Landmark, string> = {
  hanging: 'hangs by the side',
  reach: 'reaches',
  floor: 'on the floor under the shoulder',
  opposite: 'against what is opposite',
  neighbour: 'at the neighbour’s palm',
  'lower dantian': 'at the lower belly',
  navel: 'at the navel',
  'solar plexus': 'at the upper belly',
  'middle dantian': 'at the middle of the chest',
  throat: 'at the throat',
  groin: 'at the groin',
  hip: 'at the hip',
  'belly side': 'at the side of the belly',
  ribs: 'at the ribs',
  flank: 'at the flank',
  armpit: 'under the armpit',
  collarbone: 'below the collarbone',
  shoulder: 'on the shoulder',
  kidneys: 'over the kidneys',
  sacrum: 'on the sacrum',
  buttock: 'on the buttock',
  'upper dantian': 'before the brow',
  face: 'before the face',
  mouth: 'before the mouth',
  cheek: 'at the cheek',
  temple: 'at the temple',
  ear: 'at the ear',
  crown: 'over the head',
  occiput: 'at the back of the head',
  nape: 'at the nape',
  thigh: 'on the thigh',
  'outer thigh': 'at the outer thigh',
  'back thigh': 'at the back of the thigh',
  'inner thigh': 'at the inner thigh',
  knee: 'at the knee',
  shin: 'at the shin',
  calf: 'at the calf',
  'outer calf': 'at the outer calf',
  'inner calf': 'at the inner calf',
  ankle: 'at the ankle',
  toes: 'at the toes',
  'upper arm': 'on the other upper arm',
  elbow: 'on the other elbow',
  forearm: 'on the other forearm',
  wrist: 'on the other wrist',
  hand: 'on the other hand',
};

/** The direction of a reaching arm (outwards, up, forward) in two words at most. */
function direction(toward: readonly [number, number, number]): string {
  const [out, up, forward] = toward;
  const size = Math.hypot(out, up, forward) || 1;
  const words: string[] = [];
  if (up / size > 0.45) words.push('up');
  if (up / size < -0.45) words.push('down');
  if (forward / size > 0.45) words.push('forward');
  if (forward / size < -0.3) words.push('back');
  if (out / size > 0.45) words.push('out');
  if (out / size < -0.3) words.push('across');
  return words.slice(0, 2).join(' and ') || 'forward';
}

function handText(hand: Hand): string {
  const shape = hand.shape && hand.shape !== 'open' ? `, ${hand.shape}` : '';
  const palm = hand.palm && hand.palm !== 'body' ? `, palm ${hand.palm}` : '';
  if (hand.near === 'reach') return `reaches ${direction(hand.toward ?? [0, 0, 1])}${palm}${shape}`;
  const away = (hand.off?.[2] ?? 0) >= 4 && !['crown', 'hanging'].includes(hand.near);
  const place = PLACES[hand.near];
  return `${away ? place.replace(/^(at|on|over|below) /, 'before ') : place}${palm}${shape}`;
}

function weightText(weight: number): string {
  if (Math.abs(weight - 0.5) < 0.06) return 'weight even';
  const side = weight > 0.5 ? 'left' : 'right';
  return `${Math.round(Math.max(weight, 1 - weight) * 100)} % of the weight on the ${side}`;
}

function kneesText(sink: number): string {
  if (sink >= 62) return 'knees deeply bent';
  if (sink >= 42) return 'knees well bent';
  return sink >= 18 ? 'knees bent a little' : 'knees soft';
}

function feetText(posture: Posture): readonly string[] {
  const { feet = {} } = posture;
  if (feet.lifted)
    return [
      `standing on the ${otherSide(feet.lifted.foot)} leg, the ${feet.lifted.foot} foot ${feet.lifted.thigh < 0 ? 'behind' : 'lifted'}`,
    ];
  const apart = feet.apart ?? 1;
  const width =
    apart < 0.42 ? 'together' : apart < 0.8 ? 'hip width' : apart < 1.4 ? 'shoulder width' : 'wide';
  const ahead = feet.ahead && feet.ahead.by > 0.4 ? `, ${feet.ahead.foot} foot in front` : '';
  const heels = typeof feet.heels === 'number' && feet.heels > 8 ? ['heels lifted'] : [];
  return [`feet ${width}${ahead}`, weightText(posture.weight ?? 0.5), ...heels];
}

function trunkText(posture: Posture): readonly string[] {
  const { trunk = {}, head = {} } = posture;
  const said: string[] = [];
  const lean = trunk.lean ?? 0;
  if (lean >= 60) said.push('folded deep from the hips');
  else if (lean >= 25) said.push('folded forward from the hips');
  else if (lean >= 10) said.push('leaning a little forward');
  if ((trunk.round ?? 0) >= 15) said.push('back round');
  if ((trunk.round ?? 0) <= -8) said.push('chest open');
  const turn = trunk.turn ?? 0;
  if (Math.abs(turn) >= 8) said.push(`turned ${Math.abs(turn)}° to the ${turn > 0 ? 'left' : 'right'}`);
  const bend = trunk.bend ?? 0;
  if (Math.abs(bend) >= 6) said.push(`bent to the ${bend > 0 ? 'left' : 'right'}`);
  const look = head.turn ?? 0;
  if (Math.abs(look) >= 15) said.push(`looking to the ${look > 0 ? 'left' : 'right'}`);
  return said;
}

/** For example "feet shoulder width, weight even, knees soft; both hands at the lower belly". */
export function describePosture(posture: Posture): string {
  const { hands = {} } = posture;
  const resting = restingOn(posture.base ?? 'feet');
  const stand = resting
    ? [resting.label]
    : posture.base === 'chair'
      ? [posture.feet?.lifted ? `seated, ${posture.feet.lifted.foot} foot lifted` : 'seated, feet flat']
      : [...feetText(posture), kneesText(posture.sink ?? 8)];
  const left = hands.left ?? hands.both ?? { near: 'hanging' as const };
  const right = hands.right ?? hands.both ?? { near: 'hanging' as const };
  const [leftText, rightText] = [handText(left), handText(right)];
  const verb = (text: string): string =>
    text.replace(/^hangs by the side/, 'hang by the sides').replace(/^reaches/, 'reach');
  const handsText =
    leftText === rightText
      ? `both hands ${verb(leftText)}`
      : `left hand ${leftText}; right hand ${rightText}`;
  const besides = posture.with ? [PROP_WORDS[posture.with].label] : [];
  return [[...stand, ...besides, ...trunkText(posture)].join(', '), handsText].join('; ');
}
