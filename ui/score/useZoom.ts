'use client';

import { useCallback, useEffect, useRef, useState, type RefObject } from 'react';

/** Widest look: one breath of this length across the whole score. */
const ONE_BREATH_MS = 9000;
/** One press zooms by this much. */
const STEP = 1.6;

export interface Zoom {
  readonly box: RefObject<HTMLDivElement | null>;
  readonly width: number;
  readonly pxPerMs: number;
  /** The stretch in sight, with a little to either side, ms. */
  readonly fromMs: number;
  readonly toMs: number;
  /** The left edge of what is in sight, px. */
  readonly left: number;
  readonly closest: boolean;
  readonly whole: boolean;
  by(factor: number, aboutMs?: number): void;
  reset(): void;
  /** Brings a stretch into sight. */
  show(startMs: number): void;
}

/** Where two fingers are; nothing where there are not two. */
function fingers(event: TouchEvent): { readonly apart: number; readonly middle: number } | undefined {
  const [a, b] = [event.touches[0], event.touches[1]];
  if (!a || !b) return undefined;
  return {
    apart: Math.hypot(a.clientX - b.clientX, a.clientY - b.clientY),
    middle: (a.clientX + b.clientX) / 2,
  };
}

/** Wheel with Ctrl (which is also what a pinch on a pad sends) and a pinch with two fingers. */
function useWheelAndPinch(box: Zoom['box'], pxPerMs: number, by: Zoom['by']): void {
  useEffect(() => {
    const element = box.current;
    if (!element) return undefined;
    const msAt = (clientX: number): number =>
      (clientX - element.getBoundingClientRect().left + element.scrollLeft) / pxPerMs;
    const wheel = (event: WheelEvent): void => {
      if (!event.ctrlKey && !event.metaKey) return;
      event.preventDefault();
      by(Math.exp(-event.deltaY * 0.004), msAt(event.clientX));
    };
    let apart = 0;
    const began = (event: TouchEvent): void => {
      apart = fingers(event)?.apart ?? 0;
    };
    const moved = (event: TouchEvent): void => {
      const now = fingers(event);
      if (!now || apart === 0) return;
      event.preventDefault();
      by(now.apart / apart, msAt(now.middle));
      apart = now.apart;
    };
    element.addEventListener('wheel', wheel, { passive: false });
    element.addEventListener('touchstart', began, { passive: true });
    element.addEventListener('touchmove', moved, { passive: false });
    return () => {
      element.removeEventListener('wheel', wheel);
      element.removeEventListener('touchstart', began);
      element.removeEventListener('touchmove', moved);
    };
  }, [box, by, pxPerMs]);
}

/** How wide the box is, and how far it is scrolled, px. */
function useSight(box: Zoom['box']): { readonly width: number; readonly left: number } {
  const [width, setWidth] = useState(1000);
  const [left, setLeft] = useState(0);
  useEffect(() => {
    const element = box.current;
    if (!element) return undefined;
    const observer = new ResizeObserver(() => setWidth(element.clientWidth));
    observer.observe(element);
    const scrolled = (): void => setLeft(element.scrollLeft);
    element.addEventListener('scroll', scrolled, { passive: true });
    return () => {
      observer.disconnect();
      element.removeEventListener('scroll', scrolled);
    };
  }, [box]);
  return { width, left };
}

/** Zoom of the score: from the whole to one breath, by press, key, wheel (with Ctrl) and pinch; scrolled like any page. */
export function useZoom(totalMs: number): Zoom {
  const box = useRef<HTMLDivElement>(null);
  const { width, left } = useSight(box);
  const [level, setLevel] = useState(1);
  const most = Math.max(1, totalMs / ONE_BREATH_MS);
  const zoom = Math.min(most, level);
  const room = Math.max(width - 8, 280);
  const pxPerMs = (room * zoom) / Math.max(totalMs, 1);
  /** Where the left edge must come to once the new width is laid out. */
  const wanted = useRef<number | undefined>(undefined);

  useEffect(() => {
    if (wanted.current === undefined || !box.current) return;
    box.current.scrollLeft = wanted.current;
    wanted.current = undefined;
  }, [pxPerMs]);

  const by = useCallback(
    (factor: number, aboutMs?: number): void => {
      const element = box.current;
      if (!element) return;
      const middle = aboutMs ?? (element.scrollLeft + element.clientWidth / 2) / pxPerMs;
      const next = Math.min(most, Math.max(1, zoom * factor));
      const nextPxPerMs = (room * next) / Math.max(totalMs, 1);
      const offset = middle * pxPerMs - element.scrollLeft;
      wanted.current = middle * nextPxPerMs - offset;
      setLevel(next);
    },
    [most, pxPerMs, room, totalMs, zoom],
  );

  useWheelAndPinch(box, pxPerMs, by);

  const show = useCallback(
    (startMs: number): void => {
      if (zoom > 1) box.current?.scrollTo({ left: startMs * pxPerMs - 60 });
    },
    [pxPerMs, zoom],
  );
  const margin = width / 2;
  return {
    box,
    width,
    pxPerMs,
    fromMs: Math.max(0, (left - margin) / pxPerMs),
    toMs: Math.min(totalMs, (left + width + margin) / pxPerMs),
    left: zoom <= 1 ? 0 : left,
    closest: zoom >= most - 1e-6,
    whole: zoom <= 1,
    by,
    reset: () => setLevel(1),
    show,
  };
}

export const ZOOM_STEP = STEP;
