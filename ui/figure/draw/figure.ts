import {
  addScaled,
  dot,
  isOnSoles,
  mix,
  pressureOf,
  ringAt,
  trunkAt,
  type Side,
  type Skeleton,
} from '@/core/body';
import { FIGURE_BUILDS, USUAL_LOOKS, type FigureLooks } from '@/core/customs/looks';
import { othersSeen } from '../company';
import type { Detail } from '../detail';
import { at, disc } from '../outline';
import { type Camera, type Spot } from '../view';
import type { Easel } from './easel';
import { drawShadow } from './ground';
import { drawHead, drawNeck } from './head';
import { drawJacket } from './jacket';
import { drawMat } from './mat';
import { farFirst, overBy, type Part } from './order';
import { drawHeld, drawWall, heldPart } from './props';
import { drawSeat } from './seat';
import { drawShoe } from './shoe';
import { drawForearm, drawSleeve, handOverSleeve, sleeveStations } from './sleeve';
import { drawTrouser, trouserStations } from './trouser';

/**
 * The ink figure: a solved skeleton in loose clothes, as SVG markup made of numbers only. Every part is
 * inked first and filled after, so that joined shapes have no line between them, and what is nearer lies over
 * what is farther.
 */
export interface Ink {
  /** Width of the line, picture units. */
  readonly line: number;
  /** Whether ground, shadows and stool are drawn. */
  readonly ground: boolean;
  /** How much is drawn; fingers and a face where nothing is said. */
  readonly detail?: Detail;
  /** How it is built, and what it sits on. */
  readonly looks?: FigureLooks;
}

/** The tenths of a path's numbers: nobody sees them where a figure is a finger high. */
const TENTHS = /\.\d(?!\d)/g;

const SIDES: readonly Side[] = ['left', 'right'];
type PartName = 'trunk' | 'head' | 'held' | `${Side} ${'arm' | 'hand' | 'leg'}`;

/** How far along arm and leg the part grows out of the trunk. */
const ROOTED = { arm: 0.5, leg: 0.5 } as const;

function armPart(easel: Easel, side: Side): Part<PartName> {
  const balls = sleeveStations(easel, easel.skeleton.arms[side]);
  return {
    name: `${side} arm`,
    balls: balls.map((ball) => ({ ...ball, from: ball.along < ROOTED.arm ? 'trunk' : undefined })),
  };
}

function handPart({ camera, skeleton, u }: Easel, side: Side): Part<PartName> {
  const { elbow, wrist, fingertip } = skeleton.arms[side];
  const places = [mix(elbow, wrist, 0.92), wrist, ...[0.3, 0.6, 0.9].map((t) => mix(wrist, fingertip, t))];
  return { name: `${side} hand`, balls: places.map((place) => ({ ...camera.spot(place), r: 0.018 * u })) };
}

function legPart(easel: Easel, side: Side): Part<PartName> {
  const { camera, skeleton, u } = easel;
  const leg = skeleton.legs[side];
  const balls = trouserStations(easel, leg).map((station) => ({
    ...station,
    from: station.along < ROOTED.leg ? 'trunk' : undefined,
  }));
  return {
    name: `${side} leg`,
    balls: [...balls, ...[leg.ball, leg.toe].map((place) => ({ ...camera.spot(place), r: 0.02 * u }))],
  };
}

/** The trunk as balls as thick as it is deep, three abreast. */
function trunkPart({ camera, skeleton, u, h }: Easel): Part<PartName> {
  const balls = [0.53, 0.57, 0.61, 0.66, 0.71, 0.76, 0.8].flatMap((level) => {
    const { centre, frame } = trunkAt(skeleton.trunk, level);
    const ring = ringAt(level);
    const aside = Math.max(0, ring.breadth - ring.depth) * h;
    return [-aside, 0, aside].map((by) => ({
      ...camera.spot(addScaled(addScaled(centre, frame.fwd, ring.ahead * h), frame.left, by)),
      r: ring.depth * u,
    }));
  });
  return { name: 'trunk', balls };
}

function headPart({ camera, skeleton, u }: Easel): Part<PartName> {
  const { trunk } = skeleton;
  const ball = (spot: Spot, r: number) => ({ ...spot, r: r * u });
  return {
    name: 'head',
    balls: [
      ball(camera.spot(trunk.head), 0.058),
      ball(camera.spot(addScaled(trunk.head, trunk.headFrame.up, 0.04 * skeleton.build.statureM)), 0.04),
    ],
  };
}

/** A thigh that comes towards the viewer lies over the jacket, whose skirt else hangs over the thigh. */
function overJacket({ camera, skeleton, h }: Easel, side: Side): boolean {
  const { hip, knee } = skeleton.legs[side];
  return (
    camera.spot(knee).depth > camera.spot(hip).depth + 0.16 * h &&
    knee[1] > hip[1] - 0.1 * h &&
    isOnSoles(skeleton.goals.base)
  );
}

/** How strongly a hand holds to its own sleeve, in the measure of `overBy`. */
const HOLDS = 60;

const some = <T>(one: T | undefined): readonly T[] => (one === undefined ? [] : [one]);

/** The parts of the figure in the order they are drawn. */
export function drawingOrder(easel: Easel): readonly PartName[] {
  const parts = [
    trunkPart(easel),
    ...SIDES.map((side) => legPart(easel, side)),
    headPart(easel),
    ...SIDES.flatMap((side) => [armPart(easel, side), handPart(easel, side)]),
    ...some(heldPart(easel)),
  ];
  const fixed = new Map<string, number>();
  for (const side of SIDES) {
    fixed.set(`${side} leg over trunk`, overJacket(easel, side) ? 1e6 : -1e6);
    fixed.set(
      `${side} hand over ${side} arm`,
      handOverSleeve(easel, easel.skeleton.arms[side]) ? HOLDS : -HOLDS,
    );
    // Fingers close round a staff.
    if (easel.skeleton.goals.with === 'staff') fixed.set(`${side} hand over held`, HOLDS);
  }
  return farFirst(parts, (a, b) => {
    const there = fixed.get(`${a.name} over ${b.name}`);
    if (there !== undefined) return there;
    const back = fixed.get(`${b.name} over ${a.name}`);
    return back === undefined ? overBy(a, b) : -back;
  });
}

export function easelFor(skeleton: Skeleton, camera: Camera, ink: Ink): Easel {
  const looks = ink.looks ?? USUAL_LOOKS;
  const build = FIGURE_BUILDS.find(({ id }) => id === looks.build) ?? FIGURE_BUILDS[0];
  return {
    camera,
    skeleton,
    h: skeleton.build.statureM,
    u: skeleton.build.statureM * camera.units,
    line: ink.line,
    detail: ink.detail ?? 'fingers',
    girth: skeleton.build.girth * build.girth,
    hair: build.isGrey ? 'grey' : 'hair',
    seat: looks.seat,
  };
}

/** Somebody else who does the same, paler: it is one's own body that is followed. */
const other = (skeleton: Skeleton, camera: Camera, ink: Ink): string => {
  const share = skeleton.goals.withShare;
  return `<g class="fig-other"${share < 1 ? ` opacity="${(share * 0.5).toFixed(2)}"` : ''}>${drawOne(skeleton, camera, ink)}</g>`;
};

/**
 * The figure as SVG markup, with what and with whom it does what it does. Pure: the same skeleton, camera and ink give
 * the same text.
 */
export function drawFigure(skeleton: Skeleton, camera: Camera, ink: Ink): string {
  const others = othersSeen(skeleton, camera);
  const { depth } = camera.spot(skeleton.trunk.midHip);
  const drawn = (isNear: boolean): string =>
    others
      .filter((one) => one.depth > depth === isNear)
      .map((one) => other(skeleton, one.camera, ink))
      .join('');
  const wall = ink.ground ? drawWall(easelFor(skeleton, camera, ink)) : { markup: '', isNear: false };
  return (
    drawn(false) +
    (wall.isNear ? '' : wall.markup) +
    drawOne(skeleton, camera, ink) +
    (wall.isNear ? wall.markup : '') +
    drawn(true)
  );
}

/** One figure by itself, with what it holds. */
function drawOne(skeleton: Skeleton, camera: Camera, ink: Ink): string {
  const easel = easelFor(skeleton, camera, ink);
  const { trunk, legs, arms, goals } = skeleton;
  const frontSeen = dot(trunk.thorax.fwd, camera.viewer) > 0;
  const order = drawingOrder(easel);
  const jacketAt = order.indexOf('trunk');
  const headOver = order.indexOf('head') > jacketAt;
  const jacket = drawJacket(easel);
  const seat = goals.base === 'chair' && ink.ground ? drawSeat(easel) : { under: '', back: '', near: '' };
  const mat = ink.ground ? drawMat(easel) : '';
  let drawn =
    mat + (ink.ground && mat === '' ? SIDES.map((side) => drawShadow(easel, legs[side])).join('') : '');
  // What one leans against lies behind somebody seen from the front, and over them from behind.
  if (frontSeen) drawn += seat.back + seat.under;
  for (const [index, name] of order.entries()) {
    const over = index > jacketAt;
    if (name === 'trunk')
      drawn +=
        (frontSeen ? '' : seat.under) +
        (headOver && !frontSeen ? drawNeck(easel) : '') +
        jacket.drawn +
        (frontSeen ? '' : seat.back);
    else if (name === 'held') drawn += drawHeld(easel);
    else if (name === 'head')
      drawn +=
        (headOver && !frontSeen ? '' : drawNeck(easel, headOver ? jacket.chest : undefined)) +
        drawHead(easel);
    else {
      const side: Side = name.startsWith('left') ? 'left' : 'right';
      if (name === 'left arm' || name === 'right arm')
        drawn += drawSleeve(easel, arms[side], over ? jacket.chest : undefined);
      else if (name === 'left hand' || name === 'right hand') drawn += drawForearm(easel, arms[side], side);
      else
        drawn +=
          drawShoe(easel, legs[side]) + drawTrouser(easel, legs[side], over ? jacket.skirt : undefined);
    }
  }
  drawn += seat.near;
  return easel.detail === 'plain' ? drawn.replace(TENTHS, '') : drawn;
}

/** A small mark on the floor under the centre of mass, with the line that drops to it. */
export function drawMass(skeleton: Skeleton, camera: Camera): string {
  const over = camera.spot(skeleton.mass);
  const under = camera.spot([skeleton.mass[0], 0, skeleton.mass[2]]);
  return `<path class="fig-mass" d="M${at(over)}L${at(under)}"/><path class="fig-mass-dot" d="${disc(over, 5)}${disc(under, 3)}"/>`;
}

/** What each foot carries, in per cent, written under it; nothing for a person on a chair or the floor. */
export function drawWeights(skeleton: Skeleton, camera: Camera): string {
  if (!isOnSoles(skeleton.goals.base)) return '';
  return SIDES.map((side) => {
    const { pressure } = skeleton.legs[side];
    const spot = camera.spot([pressure[0], 0, pressure[2]]);
    const share = Math.round(pressureOf(skeleton.legs[side]) * 100);
    return `<text class="fig-weight" x="${spot.x.toFixed(1)}" y="${(spot.y + 22).toFixed(1)}" text-anchor="middle">${share} %</text>`;
  }).join('');
}
