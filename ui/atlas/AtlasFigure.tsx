'use client';

import { useEffect, useMemo, useRef, useState, type MouseEvent, type ReactNode } from 'react';
import { dot, goalsOf, solveGoals, type Posture, type Side, type Skeleton, type Vec } from '@/core/body';
import { placePoint, type PointCode } from '@/core/channels';
import { keysOf } from '@/core/lists/lists';
import type { drawFigure } from '@/ui/figure/draw/figure';
import { closeBox, fitBox } from '@/ui/figure/fit';
import { overlayMarkup, pointAt, type Overlay } from '@/ui/figure/overlay';
import { patchMarkup } from '@/ui/figure/patch';
import { useTurn } from '@/ui/figure/useTurn';
import { cameraOnBody, VIEWS, type Camera, type NamedView } from '@/ui/figure/view';
import { ViewChoice } from '@/ui/figure/ViewChoice';

interface Props {
  readonly posture: Posture;
  readonly overlay: Overlay;
  readonly startView: NamedView;
  readonly words: string;
  readonly onPoint: (code: PointCode) => void;
  readonly children?: ReactNode;
}

/** Two crossed arms carry each channel twice: one side alone can be looked at. */
const SIDES_SHOWN = {
  'both sides': ['left', 'right'],
  'left side': ['left'],
  'right side': ['right'],
} as const satisfies Record<string, readonly Side[]>;
type SidesShown = keyof typeof SIDES_SHOWN;

const HEIGHT = 640;
/** Lines and dots in a close look, against the usual. */
const CLOSE_FINE = 0.42;

/** Of a point's places the one that looks most towards the viewer. */
function nearestPlace(body: Skeleton, camera: Camera, code: PointCode): Vec | undefined {
  const places = (['left', 'right'] as const).flatMap((side) => placePoint(body, code, side));
  const facing = places.map((place) => ({ place: place.place, toViewer: dot(place.away, camera.viewer) }));
  facing.sort((a, b) => b.toViewer - a.toViewer);
  return facing[0]?.place;
}

/**
 * The body with channels and points on it, in any posture; turned by dragging or with the arrow keys. A
 * press on a point chooses it; by keyboard the points are chosen from the list beside the figure.
 */
export function AtlasFigure({ posture, overlay, startView, words, onPoint, children }: Props) {
  const group = useRef<SVGGElement>(null);
  const { view, setView, dragged, handlers } = useTurn(VIEWS[startView]);
  const [close, setClose] = useState(false);
  const [sides, setSides] = useState<SidesShown>('both sides');
  const body = useMemo(() => solveGoals(goalsOf(posture)), [posture]);
  const camera = useMemo(() => cameraOnBody(view, body), [body, view]);
  const { chosen } = overlay;
  const box = useMemo(() => {
    const place = close && chosen !== undefined ? nearestPlace(body, camera, chosen) : undefined;
    return place ? closeBox(place, camera) : fitBox(body, camera);
  }, [body, camera, chosen, close]);
  const fine = close && chosen !== undefined ? CLOSE_FINE : 1;
  // The brush comes when the page stands: it does not weigh on the first load.
  const [draw, setDraw] = useState<typeof drawFigure | undefined>(undefined);
  useEffect(() => {
    let isWanted = true;
    void import('@/ui/figure/draw/figure').then((pen) => {
      if (isWanted) setDraw(() => pen.drawFigure);
    });
    return () => {
      isWanted = false;
    };
  }, []);
  useEffect(() => {
    if (!group.current || !draw) return;
    patchMarkup(
      group.current,
      draw(body, camera, { line: 2 * fine, ground: true }) +
        overlayMarkup(body, camera, { ...overlay, fine, sides: SIDES_SHOWN[sides] }),
    );
  }, [body, camera, draw, fine, overlay, sides]);
  const press = (event: MouseEvent<SVGSVGElement>): void => {
    const code = dragged() ? undefined : pointAt(event.currentTarget, event, fine);
    if (code !== undefined) onPoint(code);
  };
  return (
    <div>
      <svg
        className="fig mx-auto h-auto max-h-[80vh] w-full cursor-grab overflow-hidden touch-pan-y"
        viewBox={box}
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
      <p className="small flex justify-center gap-x-4">
        <button
          type="button"
          className="press-plain"
          aria-pressed={close}
          disabled={chosen === undefined}
          onClick={() => setClose(!close)}
        >
          closer to the point
        </button>
        {children}
      </p>
      <p role="group" aria-label="Sides shown" className="small flex justify-center gap-x-4">
        {keysOf(SIDES_SHOWN).map((one) => (
          <button
            key={one}
            type="button"
            className="press-plain"
            aria-pressed={one === sides}
            onClick={() => setSides(one)}
          >
            {one}
          </button>
        ))}
      </p>
    </div>
  );
}
