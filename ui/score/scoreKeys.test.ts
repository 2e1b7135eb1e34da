import type { KeyboardEvent } from 'react';
import type { Timeline } from '@/core/practice';
import { scoreKeys } from './scoreKeys';
import { ZOOM_STEP } from './useZoom';

/** A minute with two items of half a minute each. */
const timeline = {
  totalMs: 60_000,
  items: [
    { itemId: 'first', startMs: 0, lengthMs: 30_000 },
    { itemId: 'second', startMs: 30_000, lengthMs: 30_000 },
  ],
} as unknown as Timeline;

const KEYS = ['+', '=', '-', '0', ' ', 'ArrowRight', 'ArrowLeft', 'Enter'];

function pressed(
  key: string,
  { markMs = 20_000, atMs = 20_000, isPointing = false, pxPerMs = 0.1 } = {},
): readonly string[] {
  const did: string[] = [];
  const zoom = {
    pxPerMs,
    by: (factor: number, about?: number) => did.push(`zoom ${factor} about ${about ?? 'the middle'}`),
    reset: () => did.push('whole'),
    show: (ms: number) => did.push(`show ${ms}`),
  };
  const mark = {
    atMs: markMs,
    go: (ms: number) => did.push(`go ${ms}`),
    toggle: () => did.push('play'),
  };
  let isPrevented = false;
  scoreKeys({
    timeline,
    zoom: zoom as unknown as Parameters<typeof scoreKeys>[0]['zoom'],
    mark: mark as unknown as Parameters<typeof scoreKeys>[0]['mark'],
    atMs,
    isPointing,
    onUnpoint: () => did.push('unpoint'),
    onSelect: (id) => did.push(`select ${id}`),
  })({
    key,
    preventDefault: () => {
      isPrevented = true;
    },
  } as KeyboardEvent);
  // A key of the score’s own does nothing else, even where there is nothing to do.
  expect(isPrevented).toBe(KEYS.includes(key));
  return did;
}

describe('keys of the score', () => {
  it('zoom about what is pointed at, or about the middle', () => {
    expect(pressed('+')).toEqual([`zoom ${ZOOM_STEP} about the middle`]);
    expect(pressed('=', { isPointing: true, atMs: 5000 })).toEqual([`zoom ${ZOOM_STEP} about 5000`]);
    expect(pressed('-')).toEqual([`zoom ${1 / ZOOM_STEP} about the middle`]);
    expect(pressed('0')).toEqual(['whole']);
    expect(pressed(' ')).toEqual(['play']);
  });

  it('move the mark by a second, or by what is seen to move where a second is too little', () => {
    expect(pressed('ArrowRight')).toEqual(['unpoint', 'go 21000', 'show 20000']);
    expect(pressed('ArrowLeft')).toEqual(['unpoint', 'go 19000', 'show 20000']);
    // At 0.01 px a millisecond 24 px are 2.4 s.
    expect(pressed('ArrowRight', { pxPerMs: 0.01 })).toEqual(['unpoint', 'go 22400', 'show 20000']);
  });

  it('never take the mark out of the practice', () => {
    expect(pressed('ArrowRight', { markMs: 59_900 })).toContain('go 60000');
    expect(pressed('ArrowLeft', { markMs: 300 })).toContain('go 0');
  });

  it('choose the form that is under way there; at a change the one that begins', () => {
    expect(pressed('Enter', { atMs: 29_999 })).toEqual(['select first']);
    expect(pressed('Enter', { atMs: 30_000 })).toEqual(['select second']);
    expect(pressed('Enter', { atMs: 60_000 })).toEqual([]);
  });

  it('leave every other key to the page', () => {
    for (const key of ['a', 'Tab', 'Escape', 'PageDown']) expect(pressed(key)).toEqual([]);
  });
});
