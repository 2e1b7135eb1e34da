'use client';

import { useEffect, useState, type RefObject } from 'react';

/** How wide an element is, px; `before` until it is known. */
export function useWidth(box: RefObject<HTMLElement | null>, before: number): number {
  const [width, setWidth] = useState(before);
  useEffect(() => {
    const element = box.current;
    if (!element) return undefined;
    const observer = new ResizeObserver(() => setWidth(element.clientWidth));
    observer.observe(element);
    return () => observer.disconnect();
  }, [box]);
  return width;
}
