'use client';

import { useEffect, useId, useRef } from 'react';
import { goalsOf } from '@/core/body';
import { tellingPosture, type Form, type VariantId } from '@/core/forms';
import { figureMarkup, FRAMES } from './Figure';
import { VIEWS } from './view';

interface Props {
  readonly form: Form;
  readonly variant?: VariantId;
  readonly height: number;
  readonly sash?: string;
}

/** A small still of a form, drawn when it comes into sight; decoration beside the form's name. */
export function Thumbnail({ form, variant = 'full', height, sash }: Props) {
  const id = useId().replaceAll(':', '');
  const box = useRef<SVGSVGElement>(null);
  const group = useRef<SVGGElement>(null);
  useEffect(() => {
    const element = box.current;
    if (!element) return undefined;
    const draw = (): void => {
      if (group.current)
        group.current.innerHTML = figureMarkup(
          goalsOf(tellingPosture(form, variant)),
          VIEWS[form.view ?? 'front'],
          {
            line: 5,
            id,
          },
        );
    };
    const observer = new IntersectionObserver(
      (entries) => {
        if (!entries.some((entry) => entry.isIntersecting)) return;
        observer.disconnect();
        draw();
      },
      { rootMargin: '200px' },
    );
    observer.observe(element);
    return () => observer.disconnect();
  }, [form, id, variant]);
  const [, , width = 300, tall = 452] = FRAMES.close.split(' ').map(Number);
  return (
    <svg
      ref={box}
      className="fig shrink-0"
      viewBox={FRAMES.close}
      height={height}
      width={Math.round((height * width) / tall)}
      aria-hidden
    >
      <g ref={group} color={sash} className={sash ? 'fig-themed' : undefined} />
    </svg>
  );
}
