/** How long after a key or a press nothing that can wait is begun, ms: the next letter usually comes by then. */
const STILL_MS = 250;
/** A piece is begun only where the browser has this long to spare, or has been asked for this long, ms. */
const SPARE_MS = 4;
const AT_LATEST_MS = 800;
/**
 * While somebody is at the keys no further piece is begun after this long, ms, however much the browser could spare: the
 * next key is heard within a frame. They are at them for so long after the last one, ms.
 */
const AT_A_TIME_MS = 16;
const AT_THE_KEYS_MS = 3000;

const waiting: (() => void)[] = [];
let isAsked = false;
let lastHandAt = -Infinity;
let isListening = false;

function listen(): void {
  if (isListening) return;
  isListening = true;
  const noted = (): void => {
    lastHandAt = performance.now();
  };
  for (const name of ['keydown', 'pointerdown'] as const)
    window.addEventListener(name, noted, { capture: true, passive: true });
}

/** Asks for a moment with nothing better to do; a browser that knows of none gives the next free one. */
function whenIdle(work: (spareMs: () => number) => void): void {
  if (typeof window.requestIdleCallback === 'function')
    window.requestIdleCallback((deadline) => work(() => deadline.timeRemaining()), { timeout: AT_LATEST_MS });
  else setTimeout(() => work(() => 0), 0);
}

function ask(): void {
  if (isAsked || waiting.length === 0) return;
  isAsked = true;
  whenIdle((spareMs) => {
    isAsked = false;
    const begunAt = performance.now();
    const stillMs = begunAt - lastHandAt;
    if (stillMs < STILL_MS) {
      setTimeout(ask, STILL_MS - stillMs);
      return;
    }
    try {
      const mostMs = stillMs < AT_THE_KEYS_MS ? AT_A_TIME_MS : Infinity;
      do waiting.shift()?.();
      while (waiting.length > 0 && spareMs() > SPARE_MS && performance.now() - begunAt < mostMs);
    } finally {
      // One that fails says so itself and does not keep the rest from being done.
      ask();
    }
  });
}

/**
 * Does work that can wait, in order, a piece at a time, when the browser has nothing better to do: never within a
 * quarter of a second of a key or a press, so that nothing done for later keeps a hand waiting now.
 */
export function quietly(work: () => void): void {
  listen();
  waiting.push(work);
  ask();
}
