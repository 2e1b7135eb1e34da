'use client';

import { useEffect, useRef } from 'react';
import type { Posture } from '@/core/body';
import { quietly } from '@/ui/kit/quietly';
import { detailFor } from './detail';
import { FRAMES } from './frames';
import { VIEWS, type View } from './view';

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

/**
 * A still figure on a page to be read and printed. Its strokes would be many times the words beside it, and twice over
 * in what the server sends: the words come first, and it is drawn here when there is time, at the latest for the printer.
 */
export function Figure({
  posture,
  view = VIEWS.front,
  height,
  sash,
  label,
  line = 3.2,
  frame = 'close',
}: Props) {
  const group = useRef<SVGGElement>(null);
  useEffect(() => {
    let isWanted = true;
    let draw = (): void => undefined;
    const now = (): void => draw();
    void import('./still').then(({ postureMarkup }) => {
      draw = () => {
        if (isWanted && group.current)
          group.current.innerHTML = postureMarkup(posture, view, line, detailFor(height));
        isWanted = false;
      };
      quietly(now);
    });
    window.addEventListener('beforeprint', now);
    return () => {
      isWanted = false;
      window.removeEventListener('beforeprint', now);
    };
  }, [height, line, posture, view]);
  const [, , width = 300, tall = 452] = FRAMES[frame].split(' ').map(Number);
  return (
    <svg
      className="fig"
      viewBox={FRAMES[frame]}
      height={height}
      width={Math.round((height * width) / tall)}
      {...(label === undefined ? { 'aria-hidden': true } : { role: 'img', 'aria-label': label })}
    >
      <g ref={group} color={sash} className={sash ? 'fig-themed' : undefined} />
    </svg>
  );
}
