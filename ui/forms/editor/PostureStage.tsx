'use client';

import { useMemo, useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import {
  add,
  dragTo,
  findMisses,
  goalsOf,
  gripPlace,
  GRIPS,
  solvePosture,
  type Grip,
  type Posture,
  type Vec,
} from '@/core/body';
import { figureMarkup } from '@/ui/figure/markup';
import { FRAMES } from '@/ui/figure/frames';
import { cameraOnBody, UNITS, type View } from '@/ui/figure/view';
import { missText } from '@/ui/words/formNotes';

const LINE = 2.6;
/** An arrow key leads a grip by this much, metres; with Shift five times as far. */
const KEY_STEP_M = 0.015;

interface Props {
  readonly posture: Posture;
  readonly view: View;
  readonly sash: string;
  /** Whether a hand moves without the other. */
  readonly alone: boolean;
  readonly onPosture: (posture: Posture, what: string) => void;
}

interface Held {
  readonly grip: Grip;
  readonly start: Posture;
  readonly place: Vec;
  readonly x: number;
  readonly y: number;
}

/** From the picture to the body: a move to the right and down, in picture units, as metres. */
function moved(view: View, right: number, down: number): Vec {
  const yaw = (view.yawDeg * Math.PI) / 180;
  const flip = view.mirrored ? -1 : 1;
  const across = (flip * right) / UNITS;
  return [
    across * Math.cos(yaw),
    -down / (UNITS * Math.cos((view.downDeg * Math.PI) / 180)),
    -across * Math.sin(yaw),
  ];
}

/**
 * The figure as it is posed: hands, feet, pelvis and head are led by pointer or arrow keys within what the body can
 * do. A grip that is held back says how far it stays short.
 */
export function PostureStage({ posture, view, sash, alone, onPosture }: Props) {
  const svg = useRef<SVGSVGElement>(null);
  const [held, setHeld] = useState<Held | undefined>(undefined);
  const [led, setLed] = useState<Posture | undefined>(undefined);
  const [short, setShort] = useState(0);
  const shown = led ?? posture;
  const goals = useMemo(() => goalsOf(shown), [shown]);
  const skeleton = useMemo(() => solvePosture(shown), [shown]);
  const camera = cameraOnBody(view, skeleton);
  const misses = findMisses(skeleton);
  const place = (event: PointerEvent): { x: number; y: number } => {
    const matrix = svg.current?.getScreenCTM()?.inverse();
    const at = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix);
    return { x: at.x, y: at.y };
  };
  const take = (grip: Grip, event: PointerEvent<SVGCircleElement>): void => {
    event.preventDefault();
    event.currentTarget.setPointerCapture(event.pointerId);
    setHeld({ grip, start: posture, place: gripPlace(skeleton, grip), ...place(event) });
  };
  const lead = (event: PointerEvent): void => {
    if (!held) return;
    const now = place(event);
    const target = add(held.place, moved(view, now.x - held.x, now.y - held.y));
    const dragged = dragTo(held.start, held.grip, target, alone);
    setLed(dragged.posture);
    setShort(dragged.shortCm);
  };
  const letGo = (): void => {
    if (held && led) onPosture(led, `lead ${held.grip}`);
    setHeld(undefined);
    setLed(undefined);
    setShort(0);
  };
  const keys = (grip: Grip, event: KeyboardEvent): void => {
    const far = KEY_STEP_M * UNITS * (event.shiftKey ? 5 : 1);
    const [right, down] =
      { ArrowLeft: [-far, 0], ArrowRight: [far, 0], ArrowUp: [0, -far], ArrowDown: [0, far] }[event.key] ??
      [];
    if (right === undefined || down === undefined) return;
    event.preventDefault();
    const target = add(gripPlace(skeleton, grip), moved(view, right, down));
    const dragged = dragTo(posture, grip, target, alone);
    setShort(dragged.shortCm);
    onPosture(dragged.posture, `lead ${grip}`);
  };
  return (
    <div>
      <svg
        ref={svg}
        className="fig mx-auto max-w-full select-none"
        viewBox={FRAMES.whole}
        height={440}
        role="group"
        aria-label="The posture; its grips are led with the pointer or with arrow keys"
        onPointerMove={lead}
        onPointerUp={letGo}
        onPointerCancel={letGo}
      >
        <g
          color={sash}
          className="fig-themed"
          dangerouslySetInnerHTML={{
            __html: figureMarkup(goals, view, { line: LINE, mass: true, weights: true }),
          }}
        />
        {GRIPS.map((grip) => {
          const { x, y } = camera.spot(gripPlace(skeleton, grip));
          return (
            <circle
              key={grip}
              cx={x}
              cy={y}
              r={held?.grip === grip ? 12 : 9}
              className="fig-grip"
              tabIndex={0}
              role="button"
              aria-label={`Lead the ${grip}`}
              onPointerDown={(event) => take(grip, event)}
              onKeyDown={(event) => keys(grip, event)}
            />
          );
        })}
      </svg>
      <p className="small min-h-[2.6em] text-center" role="status">
        {misses.length > 0 ? (
          <span className="must">{[...new Set(misses.map(missText))].slice(0, 2).join('; ')}.</span>
        ) : short > 2.5 ? (
          <span className="quiet">The body stops here, {Math.round(short)} cm short.</span>
        ) : (
          <span className="quiet">Lead a hand, a foot, the pelvis or the head.</span>
        )}
      </p>
    </div>
  );
}
