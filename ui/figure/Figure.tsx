import { goalsOf, solveGoals, type Goals, type Posture, type Skeleton } from '@/core/body';
import { FRAMES } from './frames';
import type { FigureLooks } from '@/core/customs/looks';
import { detailFor, type Detail } from './detail';
import { looksNow } from './looks';
import { drawFigure, drawMass, drawWeights } from './draw/figure';
import type { Camera, View } from './view';
import { cameraFor, middleOfGoals, VIEWS } from './view';

/** What is drawn besides the figure itself. */
export interface FigureInk {
  readonly line: number;
  readonly ground?: boolean;
  /** How much is drawn; fingers and a face where nothing is said. */
  readonly detail?: Detail;
  /** How the figure is built and what it sits on; as the practitioner has it where nothing is said. */
  readonly looks?: FigureLooks;
  /** The centre of mass over the base. */
  readonly mass?: boolean;
  /** How much each foot carries, in per cent. */
  readonly weights?: boolean;
  /** What lies over it: channels and points, say. */
  readonly over?: ((skeleton: Skeleton, camera: Camera) => string) | undefined;
}

/** One posture as markup for an `svg` group. */
export function figureMarkup(goals: Goals, view: View, ink: FigureInk): string {
  const skeleton = solveGoals(goals);
  const camera = cameraFor(view, middleOfGoals(goals, skeleton.build.statureM));
  return (
    drawFigure(skeleton, camera, {
      line: ink.line,
      ground: ink.ground ?? true,
      detail: ink.detail ?? 'fingers',
      looks: ink.looks ?? looksNow(),
    }) +
    (ink.mass ? drawMass(skeleton, camera) : '') +
    (ink.weights ? drawWeights(skeleton, camera) : '') +
    (ink.over ? ink.over(skeleton, camera) : '')
  );
}

interface Props {
  readonly posture: Posture;
  readonly view?: View;
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
        dangerouslySetInnerHTML={{
          __html: figureMarkup(goalsOf(posture), view, { line, detail: detailFor(height) }),
        }}
      />
    </svg>
  );
}
