'use client';

import { stillnessWanted } from '@/ui/kit/useMedia';
import { useEffect, useRef } from 'react';
import type { VariantId } from '@/core/forms';
import { detailFor } from '@/ui/figure/detail';
import { FRAMES } from '@/ui/figure/frames';
import { whenSeen } from '@/ui/figure/whenSeen';
import { loadForm } from './loadForms';

const LINE = 5;

interface Props {
  readonly id: string;
  readonly variant: VariantId;
  readonly height: number;
  readonly sash: string;
  /** While the row is looked at the figure moves. */
  readonly moving: boolean;
}

/** The figure of a row: fetched and drawn when it comes into sight, moving while the row has the focus. */
export function RowFigure({ id, variant, height, sash, moving }: Props) {
  const box = useRef<SVGSVGElement>(null);
  const group = useRef<SVGGElement>(null);
  const detail = detailFor(height);
  useEffect(() => {
    const element = box.current;
    if (!element) return undefined;
    return whenSeen(element, 120, (draw) => {
      void Promise.all([loadForm(id), import('@/ui/figure/preview')]).then(([form, { stillMarkup }]) => {
        if (form)
          draw(() => {
            if (group.current) group.current.innerHTML = stillMarkup(form, variant, LINE, detail);
          });
      });
    });
  }, [detail, id, variant]);
  useEffect(() => {
    if (!moving || stillnessWanted()) return undefined;
    let stop: (() => void) | undefined;
    let wanted = true;
    const drawn = group.current;
    void Promise.all([loadForm(id), import('@/ui/figure/preview')]).then(([form, { playPreview }]) => {
      if (wanted && form && drawn) stop = playPreview(drawn, form, variant, { line: LINE, detail });
    });
    return () => {
      wanted = false;
      stop?.();
      void Promise.all([loadForm(id), import('@/ui/figure/preview')]).then(([form, { stillMarkup }]) => {
        if (form && drawn?.isConnected) drawn.innerHTML = stillMarkup(form, variant, LINE, detail);
      });
    };
  }, [detail, id, moving, variant]);
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
      <g ref={group} color={sash} className="fig-themed" />
    </svg>
  );
}
