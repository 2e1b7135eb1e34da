import type { KeyboardEvent } from 'react';
import type { Timeline } from '@/core/practice';
import type { usePlayMark } from './usePlayMark';
import type { useZoom } from './useZoom';
import { ZOOM_STEP } from './useZoom';

interface At {
  readonly timeline: Timeline;
  readonly zoom: ReturnType<typeof useZoom>;
  readonly mark: ReturnType<typeof usePlayMark>;
  /** The moment that is pointed at or played, ms. */
  readonly atMs: number;
  readonly isPointing: boolean;
  readonly onUnpoint: () => void;
  readonly onSelect: (itemId: string) => void;
}

/** A step of the mark by an arrow: a second, or so many px where that is more. */
const STEP_MS = 1000;
const STEP_PX = 24;

/** Plus and minus zoom, 0 shows the whole, arrows move the mark, Enter chooses the form at it, space plays. */
export function scoreKeys({ timeline, zoom, mark, atMs, isPointing, onUnpoint, onSelect }: At) {
  const { totalMs } = timeline;
  const about = isPointing ? atMs : undefined;
  const go = (way: 1 | -1): void => {
    onUnpoint();
    const step = Math.max(STEP_MS, STEP_PX / zoom.pxPerMs);
    mark.go(Math.min(totalMs, Math.max(0, mark.atMs + way * step)));
    zoom.show(mark.atMs);
  };
  const choose = (): void => {
    const span = timeline.items.find((one) => one.startMs <= atMs && one.startMs + one.lengthMs > atMs);
    if (span) onSelect(span.itemId);
  };
  const does: Readonly<Record<string, () => void>> = {
    '+': () => zoom.by(ZOOM_STEP, about),
    '=': () => zoom.by(ZOOM_STEP, about),
    '-': () => zoom.by(1 / ZOOM_STEP, about),
    '0': zoom.reset,
    ' ': mark.toggle,
    ArrowRight: () => go(1),
    ArrowLeft: () => go(-1),
    Enter: choose,
  };
  return (event: KeyboardEvent): void => {
    const action = does[event.key];
    if (!action) return;
    event.preventDefault();
    action();
  };
}
