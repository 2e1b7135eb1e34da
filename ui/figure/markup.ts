import { solveGoals, type Goals, type Skeleton } from '@/core/body';
import type { FigureLooks } from '@/core/customs/looks';
import type { Detail } from './detail';
import { drawFigure, drawMass, drawWeights } from './draw/figure';
import { looksNow } from './looks';
import { cameraOnBody, type Camera, type View } from './view';

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
  const camera = cameraOnBody(view, skeleton);
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
