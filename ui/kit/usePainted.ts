'use client';

import { startTransition, useEffect, useState } from 'react';

/** Does something once what stands now has been painted. Returns what calls it off. */
export function afterPaint(work: () => void): () => void {
  let timer: ReturnType<typeof setTimeout> | undefined;
  // A page that is not looked at paints nothing and calls no frame: there it is done without.
  const frame = document.hidden ? 0 : requestAnimationFrame(() => (timer = setTimeout(work)));
  if (document.hidden) timer = setTimeout(work);
  return () => {
    cancelAnimationFrame(frame);
    clearTimeout(timer);
  };
}

/**
 * A value as it was painted last: an older one until what else it changed stands on the screen. For what is large to
 * draw and is not what a press is answered by. (React's own deferred value may be drawn before the browser paints.)
 */
export function usePainted<Value>(value: Value): Value {
  const [painted, setPainted] = useState(value);
  useEffect(() => {
    if (painted === value) return undefined;
    return afterPaint(() => startTransition(() => setPainted(() => value)));
  }, [painted, value]);
  return painted;
}
