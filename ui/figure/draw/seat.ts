import { share, type Vec } from '@/core/body';
import { n, tube, type Ring } from '../outline';
import { fill, inked, shape, swept, type Easel } from './easel';

/** What somebody sits on: what is under them, what they lean against, and what stands before them as one looks. */
export interface Seat {
  readonly under: string;
  readonly back: string;
  readonly near: string;
}

/** Half width and depth of a seat, and where its legs stand, as shares of stature. */
const SEAT = { wide: 0.148, deep: 0.098, legAcross: 0.128, legDeep: 0.07, splay: 0.018 } as const;
/** How high a back reaches over the seat, and how far behind the middle it stands. */
const BACK = { high: 0.27, behind: 0.115, wide: 0.13, lean: 0.03 } as const;
/** The large wheel of a wheelchair: its radius, how far aside it stands, and how far behind the middle. */
const WHEEL = { r: 0.175, aside: 0.17, behind: 0.03, spokes: 6 } as const;
const CASTER = { r: 0.045, aside: 0.125, ahead: 0.21 } as const;

/** Rods of wood or metal between places, joined. */
function rods({ camera, line }: Easel, pairs: readonly (readonly [Vec, Vec])[], thick: number): string {
  const all = (more: number): string =>
    pairs.map(([a, b]) => tube(camera.spot(a), thick + more, camera.spot(b), thick + more)).join('');
  return inked(all(line * 0.6)) + fill('wood', all(0));
}

function board(easel: Easel): string {
  const { camera, h, line } = easel;
  const seat = share('seat') * h;
  const ring = (y: number): Ring => ({
    centre: [0, y, -0.01 * h],
    a: [SEAT.wide * h, 0, 0],
    b: [0, 0, SEAT.deep * h],
  });
  return shape(easel, 'wood', swept(camera, [ring(seat - 0.004 * h), ring(seat - 0.024 * h)]), line * 0.8);
}

function legs(easel: Easel): string {
  const { h } = easel;
  const seat = share('seat') * h;
  const corners = [
    [1, 1],
    [1, -1],
    [-1, 1],
    [-1, -1],
  ] as const;
  return rods(
    easel,
    corners.map(([across, deep]) => {
      const z = (deep * SEAT.legDeep - 0.01) * h;
      return [
        [across * SEAT.legAcross * h, seat - 0.02 * h, z],
        [across * (SEAT.legAcross + SEAT.splay) * h, 0, z],
      ];
    }),
    2,
  );
}

/** Two posts and what lies between them. */
function backrest(easel: Easel, filled: boolean): string {
  const { camera, h, line } = easel;
  const seat = share('seat') * h;
  const at = (across: number, up: number): Vec => [
    across * BACK.wide * h,
    seat + up * BACK.high * h,
    -(BACK.behind + up * BACK.lean) * h,
  ];
  const posts = rods(
    easel,
    [
      [at(1, -0.1), at(1, 1)],
      [at(-1, -0.1), at(-1, 1)],
    ],
    2,
  );
  const slat = (low: number, high: number): string =>
    shape(
      easel,
      filled ? 'shoe' : 'wood',
      [at(-1, low), at(1, low), at(1, high), at(-1, high)].map((place) => camera.spot(place)),
      line * 0.6,
    );
  return filled ? slat(0.15, 0.95) + posts : posts + slat(0.78, 0.98) + slat(0.4, 0.54);
}

/** One wheel: its rim, hub and spokes, as lines; seen edge-on it is one. */
function wheel({ camera, h, line }: Easel, middle: Vec, radius: number, spokes: number): string {
  const spot = (turn: number, r: number) =>
    camera.spot([middle[0], middle[1] + Math.sin(turn) * r * h, middle[2] + Math.cos(turn) * r * h]);
  const rim = Array.from({ length: 20 }, (_, index) => spot((index / 20) * 2 * Math.PI, radius));
  const path = `M${rim.map(({ x, y }) => `${n(x)} ${n(y)}`).join('L')}Z`;
  const rays = Array.from({ length: spokes }, (_, index) => {
    const [from, to] = [spot(0, 0), spot(((index + 0.5) / spokes) * 2 * Math.PI, radius)];
    return `M${n(from.x)} ${n(from.y)}L${n(to.x)} ${n(to.y)}`;
  }).join('');
  return (
    `<path class="fig-wheel" stroke-width="${n(line * 1.5)}" d="${path}"/>` +
    (rays === '' ? '' : `<path class="fig-wheel" stroke-width="${n(line * 0.45)}" d="${rays}"/>`)
  );
}

function wheelchair(easel: Easel): Seat {
  const { camera, h } = easel;
  const seat = share('seat') * h;
  const side = (sign: 1 | -1): { readonly drawn: string; readonly depth: number } => {
    const middle: Vec = [sign * WHEEL.aside * h, WHEEL.r * h, -WHEEL.behind * h];
    const caster: Vec = [sign * CASTER.aside * h, CASTER.r * h, CASTER.ahead * h];
    const frame = rods(
      easel,
      [
        [[sign * CASTER.aside * h, seat - 0.02 * h, 0.1 * h], caster],
        [
          [sign * CASTER.aside * h, seat - 0.02 * h, 0.1 * h],
          [sign * 0.09 * h, 0.03 * h, 0.27 * h],
        ],
        [
          [sign * WHEEL.aside * h * 0.86, seat + 0.1 * h, -0.1 * h],
          [sign * WHEEL.aside * h * 0.86, seat + 0.1 * h, 0.07 * h],
        ],
      ],
      1.7,
    );
    return {
      depth: camera.spot(middle).depth,
      drawn: frame + wheel(easel, caster, CASTER.r, 0) + wheel(easel, middle, WHEEL.r, WHEEL.spokes),
    };
  };
  const [far, near] = [side(1), side(-1)].sort((a, b) => a.depth - b.depth);
  // Seen from the front or from behind both wheels stand beside the person; from the side one is before them.
  const isAside = near && far && near.depth - far.depth > 0.12 * h;
  return {
    under: (far?.drawn ?? '') + board(easel) + (isAside ? '' : (near?.drawn ?? '')),
    back: backrest(easel, true),
    near: isAside ? near.drawn : '',
  };
}

/** The seat somebody sits on. */
export function drawSeat(easel: Easel): Seat {
  if (easel.seat === 'wheelchair') return wheelchair(easel);
  return {
    under: legs(easel) + board(easel),
    back: easel.seat === 'chair' ? backrest(easel, false) : '',
    near: '',
  };
}
