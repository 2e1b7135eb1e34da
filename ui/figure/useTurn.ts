'use client';

import { useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import type { View } from './view';

const TURN_STEP_DEG = 15;
const DEG_PER_PX = 0.6;
/** A press that moved less than this is a press, not a drag, px. */
const STILL_PX = 4;

const within = (deg: number): number => ((deg % 360) + 360) % 360;

/** Turning a figure by dragging it or with the arrow keys. */
export function useTurn(start: View): {
  readonly view: View;
  readonly setView: (view: View) => void;
  /** Whether the last press dragged the figure. */
  readonly dragged: () => boolean;
  readonly handlers: {
    readonly onPointerDown: (event: PointerEvent<SVGSVGElement>) => void;
    readonly onPointerMove: (event: PointerEvent<SVGSVGElement>) => void;
    readonly onPointerUp: () => void;
    readonly onPointerCancel: () => void;
    readonly onKeyDown: (event: KeyboardEvent<SVGSVGElement>) => void;
  };
} {
  const [view, setView] = useState<View>(start);
  const drag = useRef<{ x: number; yaw: number } | undefined>(undefined);
  const far = useRef(false);
  const turn = (byDeg: number): void => setView((was) => ({ ...was, yawDeg: within(was.yawDeg + byDeg) }));
  const letGo = (): void => {
    drag.current = undefined;
  };
  return {
    view,
    setView,
    dragged: () => far.current,
    handlers: {
      onPointerDown: (event) => {
        drag.current = { x: event.clientX, yaw: view.yawDeg };
        far.current = false;
      },
      onPointerMove: (event) => {
        if (!drag.current) return;
        const moved = event.clientX - drag.current.x;
        if (Math.abs(moved) > STILL_PX && !far.current) {
          far.current = true;
          event.currentTarget.setPointerCapture(event.pointerId);
        }
        if (!far.current) return;
        const yaw = drag.current.yaw - moved * DEG_PER_PX * (view.mirrored ? -1 : 1);
        setView((was) => ({ ...was, yawDeg: within(yaw) }));
      },
      onPointerUp: letGo,
      onPointerCancel: letGo,
      onKeyDown: (event) => {
        if (event.key === 'ArrowLeft') turn(TURN_STEP_DEG);
        else if (event.key === 'ArrowRight') turn(-TURN_STEP_DEG);
        else return;
        event.preventDefault();
      },
    },
  };
}
