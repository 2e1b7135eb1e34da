'use client';

import { useEffect, useId, useRef, type MouseEvent } from 'react';
import { goalsOf, solveGoals, type Posture } from '@/core/body';
import type { PointCode } from '@/core/channels';
import { drawFigure } from '@/ui/figure/draw';
import { FRAMES } from '@/ui/figure/Figure';
import { overlayMarkup, type Overlay } from '@/ui/figure/overlay';
import { useTurn } from '@/ui/figure/useTurn';
import { cameraFor, middleOf, VIEWS, type NamedView } from '@/ui/figure/view';
import { ViewChoice } from '@/ui/figure/ViewChoice';

interface Props {
  readonly posture: Posture;
  readonly overlay: Overlay;
  readonly startView: NamedView;
  readonly words: string;
  readonly onPoint: (code: PointCode) => void;
}

const HEIGHT = 600;

/**
 * The body with channels and points on it, in any posture; turned by dragging or with the arrow keys. A
 * press on a point chooses it; by keyboard the points are chosen from the list beside the figure.
 */
export function AtlasFigure({ posture, overlay, startView, words, onPoint }: Props) {
  const id = useId().replaceAll(':', '');
  const group = useRef<SVGGElement>(null);
  const { view, setView, dragged, handlers } = useTurn(VIEWS[startView]);
  useEffect(() => {
    if (!group.current) return;
    const body = solveGoals(goalsOf(posture));
    const camera = cameraFor(view, middleOf(body));
    group.current.innerHTML = `<g class="fig-under">${drawFigure(body, camera, { line: 2, ground: true, id })}</g>${overlayMarkup(body, camera, overlay)}`;
  }, [id, overlay, posture, view]);
  const press = (event: MouseEvent<SVGSVGElement>): void => {
    const code = (event.target as Element).getAttribute('data-point');
    if (code !== null && !dragged()) onPoint(code as PointCode);
  };
  const [, , width = 300, tall = 452] = FRAMES.close.split(' ').map(Number);
  return (
    <div>
      <svg
        className="fig mx-auto h-auto max-h-[74vh] max-w-full cursor-grab touch-pan-y"
        viewBox={FRAMES.close}
        width={Math.round((HEIGHT * width) / tall)}
        height={HEIGHT}
        role="img"
        tabIndex={0}
        aria-label={`${words} Arrow keys turn the figure.`}
        onClick={press}
        {...handlers}
      >
        <g ref={group} />
      </svg>
      <ViewChoice view={view} onChoose={setView} />
    </div>
  );
}
