'use client';

import { useEffect, useRef } from 'react';
import type { Form, VariantId } from '@/core/forms';
import { detailFor } from './detail';
import { FRAMES } from './frames';
import { whenSeen } from './whenSeen';

const LINE = 5;

interface Props {
  readonly form: Form;
  readonly variant?: VariantId;
  readonly height: number;
  readonly sash?: string;
}

/** A small still of a form, drawn when it comes into sight; decoration beside the form's name. */
export function Thumbnail({ form, variant = 'full', height, sash }: Props) {
  const box = useRef<SVGSVGElement>(null);
  const group = useRef<SVGGElement>(null);
  useEffect(() => {
    const element = box.current;
    if (!element) return undefined;
    return whenSeen(element, 200, (draw) => {
      void import('./still').then(({ stillMarkup }) =>
        draw(() => {
          if (group.current) group.current.innerHTML = stillMarkup(form, variant, LINE, detailFor(height));
        }),
      );
    });
  }, [form, height, variant]);
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
