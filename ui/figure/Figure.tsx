import { goalsOf, solveGoals, type Goals, type Posture } from '@/core/body';
import { drawFigure, drawMass, drawWeights } from './draw';
import { overlayMarkup, type Overlay } from './overlay';
import { cameraFor, middleOfGoals, VIEWS, type View } from './view';

/** Crops, in picture units about the middle of the feet: the whole reach, or close for a thumbnail. */
export const FRAMES = {
  whole: '-190 -432 380 464',
  close: '-150 -425 300 452',
} as const;

/** What is drawn besides the figure itself. */
export interface FigureInk {
  readonly line: number;
  readonly ground?: boolean;
  readonly id: string;
  /** The centre of mass over the base. */
  readonly mass?: boolean;
  /** How much each foot carries, in per cent. */
  readonly weights?: boolean;
  readonly overlay?: Overlay | undefined;
}

/** One posture as markup for an `svg` group. */
export function figureMarkup(goals: Goals, view: View, ink: FigureInk): string {
  const skeleton = solveGoals(goals);
  const camera = cameraFor(view, middleOfGoals(goals, skeleton.build.statureM));
  return (
    drawFigure(skeleton, camera, { line: ink.line, ground: ink.ground ?? true, id: ink.id }) +
    (ink.mass ? drawMass(skeleton, camera) : '') +
    (ink.weights ? drawWeights(skeleton, camera) : '') +
    (ink.overlay ? overlayMarkup(skeleton, camera, ink.overlay) : '')
  );
}

interface Props {
  readonly posture: Posture;
  readonly view?: View;
  /** Names the picture's own parts: unique on the page. */
  readonly id: string;
  readonly height: number;
  readonly sash?: string;
  /** What it shows, for those who cannot see it; a picture without words is decoration. */
  readonly label?: string;
  readonly line?: number;
  readonly frame?: keyof typeof FRAMES;
}

/** A still figure. The markup holds numbers only, computed here: nothing a person typed goes into it. */
export function Figure({
  posture,
  view = VIEWS.front,
  id,
  height,
  sash,
  label,
  line = 3.2,
  frame = 'close',
}: Props) {
  const [, , width = 300, tall = 452] = FRAMES[frame].split(' ').map(Number);
  return (
    <svg
      className="fig"
      viewBox={FRAMES[frame]}
      height={height}
      width={Math.round((height * width) / tall)}
      {...(label === undefined ? { 'aria-hidden': true } : { role: 'img', 'aria-label': label })}
    >
      <g
        color={sash}
        className={sash ? 'fig-themed' : undefined}
        dangerouslySetInnerHTML={{ __html: figureMarkup(goalsOf(posture), view, { line, id }) }}
      />
    </svg>
  );
}
