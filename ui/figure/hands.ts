import { addScaled, inFrame, scale, type Arm, type HandShape, type Side, type Vec } from '@/core/body';
import { at, hull, ringSpots, rounded, tube, type Ring } from './outline';
import { UNITS, type Camera } from './view';

/** Hands are drawn a little large, so that they read small. */
const LARGE = 1.12;

interface HandPen {
  readonly camera: Camera;
  readonly statureM: number;
  /** A place counted from the wrist: along the fingers, towards the thumb, out of the palm. */
  readonly place: (along: number, thumb: number, palm: number) => Vec;
  readonly ring: (along: number, palm: number, width: number, thick: number) => Ring;
}

function penFor(camera: Camera, arm: Arm, side: Side, statureM: number): HandPen {
  const sign = side === 'left' ? 1 : -1;
  const size = statureM * LARGE;
  const place = (along: number, thumb: number, palm: number): Vec => {
    const offset = inFrame(arm.hand, [sign * thumb * size, -along * size, palm * size]);
    return addScaled(arm.wrist, offset, 1);
  };
  return {
    camera,
    statureM: size,
    place,
    ring: (along, palm, width, thick) => ({
      centre: place(along, 0, palm),
      a: scale(arm.hand.left, width * size),
      b: scale(arm.hand.fwd, thick * size),
    }),
  };
}

const FINGERS = [0.017, 0.006, -0.006, -0.016] as const;

function finger(pen: HandPen, from: readonly number[], to: readonly number[], thick = 0.0075): string {
  const spot = (v: readonly number[]) => pen.camera.spot(pen.place(v[0] ?? 0, v[1] ?? 0, v[2] ?? 0));
  const r = thick * pen.statureM * UNITS;
  return tube(spot(from), r, spot(to), r * 0.85);
}

const swept = (pen: HandPen, rings: readonly Ring[]): string =>
  rounded(hull(rings.flatMap((ring) => ringSpots(pen.camera, ring))));

const PALM_TO_KNUCKLES = (pen: HandPen): string =>
  swept(pen, [
    pen.ring(0, 0, 0.014, 0.012),
    pen.ring(0.035, 0.002, 0.022, 0.011),
    pen.ring(0.06, 0, 0.023, 0.009),
  ]);

const thumbOut = (pen: HandPen): string => finger(pen, [0.022, 0.014, 0.004], [0.06, 0.034, 0.01], 0.0085);

/** The parts of a hand of each shape, as outlines to be joined. */
const SHAPES: Record<HandShape, (pen: HandPen) => readonly string[]> = {
  open: (pen) => [
    PALM_TO_KNUCKLES(pen),
    swept(pen, [pen.ring(0.058, 0, 0.022, 0.009), pen.ring(0.108, 0.004, 0.012, 0.006)]),
    thumbOut(pen),
  ],
  'hollow palm': (pen) => [
    PALM_TO_KNUCKLES(pen),
    swept(pen, [pen.ring(0.058, 0, 0.022, 0.009), pen.ring(0.098, 0.022, 0.014, 0.006)]),
    finger(pen, [0.022, 0.014, 0.004], [0.062, 0.02, 0.02], 0.0085),
  ],
  'loose fist': (pen) => [
    swept(pen, [
      pen.ring(0, 0, 0.014, 0.012),
      pen.ring(0.035, 0.006, 0.022, 0.017),
      pen.ring(0.055, 0.01, 0.022, 0.018),
    ]),
    finger(pen, [0.025, 0.016, 0.012], [0.052, 0.004, 0.03], 0.0085),
  ],
  'gathered fingertips': (pen) => [
    PALM_TO_KNUCKLES(pen),
    swept(pen, [pen.ring(0.056, 0, 0.021, 0.01), pen.ring(0.098, 0.026, 0.004, 0.004)]),
    finger(pen, [0.022, 0.014, 0.006], [0.092, 0.004, 0.028], 0.008),
  ],
  'bow hand': (pen) => [
    swept(pen, [
      pen.ring(0, 0, 0.014, 0.012),
      pen.ring(0.04, 0.006, 0.022, 0.016),
      pen.ring(0.056, 0.01, 0.019, 0.016),
    ]),
    finger(pen, [0.056, 0.014, 0], [0.108, 0.018, 0]),
    finger(pen, [0.056, 0.003, 0], [0.106, 0.003, 0]),
    finger(pen, [0.022, 0.016, 0.006], [0.056, 0.036, 0.008], 0.0085),
  ],
  claw: (pen) => [
    PALM_TO_KNUCKLES(pen),
    ...FINGERS.flatMap((across) => [
      finger(pen, [0.056, across, 0.002], [0.084, across * 1.5, 0.002], 0.0085),
      finger(pen, [0.084, across * 1.5, 0.002], [0.086, across * 1.6, 0.024], 0.0075),
    ]),
    finger(pen, [0.022, 0.014, 0.004], [0.052, 0.036, 0.012], 0.0085),
    finger(pen, [0.052, 0.036, 0.012], [0.062, 0.034, 0.026], 0.0075),
  ],
  feather: (pen) => [
    PALM_TO_KNUCKLES(pen),
    ...FINGERS.map((across) =>
      finger(pen, [0.056, across, 0], [0.108 - Math.abs(across) * 0.5, across * 2.1, -0.006]),
    ),
    finger(pen, [0.022, 0.014, 0.004], [0.058, 0.03, 0.016], 0.008),
  ],
  hoof: (pen) => [
    PALM_TO_KNUCKLES(pen),
    swept(pen, [
      pen.ring(0.056, 0, 0.021, 0.01),
      pen.ring(0.082, 0.012, 0.017, 0.009),
      pen.ring(0.066, 0.028, 0.015, 0.008),
    ]),
    finger(pen, [0.022, 0.014, 0.006], [0.06, 0.016, 0.026], 0.0085),
  ],
  antler: (pen) => [
    swept(pen, [
      pen.ring(0, 0, 0.014, 0.012),
      pen.ring(0.04, 0.005, 0.022, 0.014),
      pen.ring(0.058, 0.01, 0.018, 0.014),
    ]),
    finger(pen, [0.056, 0.016, 0], [0.106, 0.03, 0]),
    finger(pen, [0.056, -0.016, 0], [0.094, -0.032, 0]),
    thumbOut(pen),
  ],
};

/** One hand as SVG markup: outline under, fill over, knuckle strokes where its back is seen. */
export function drawHand(
  camera: Camera,
  arm: Arm,
  side: Side,
  shape: HandShape,
  statureM: number,
  ink: number,
): string {
  const pen = penFor(camera, arm, side, statureM);
  const parts = SHAPES[shape](pen).join('');
  const backSeen =
    arm.hand.fwd[0] * camera.viewer[0] +
      arm.hand.fwd[1] * camera.viewer[1] +
      arm.hand.fwd[2] * camera.viewer[2] <
    -0.35;
  const knuckles =
    backSeen && shape !== 'loose fist'
      ? [0.008, -0.006]
          .map((across) => {
            const [a, b] = [pen.place(0.052, across, 0), pen.place(0.068, across, 0)];
            return `M${at(camera.spot(a))}L${at(camera.spot(b))}`;
          })
          .join('')
      : '';
  return (
    `<path class="fig-edged fig-skin" stroke-width="${ink * 2}" d="${parts}"/>` +
    (knuckles === '' ? '' : `<path class="fig-stroke" stroke-width="${ink * 0.8}" d="${knuckles}"/>`)
  );
}
