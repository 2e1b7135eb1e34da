import { quietly } from '@/ui/kit/quietly';

/**
 * Does something once, when an element comes into sight: a row is read before its figure is looked at. What is fetched
 * for it is drawn by `draw`, when the hand rests, and only where it is still wanted. Returns what stops it.
 */
export function whenSeen(
  element: Element,
  marginPx: number,
  work: (draw: (drawing: () => void) => void) => void,
): () => void {
  let isWanted = true;
  const draw = (drawing: () => void): void =>
    quietly(() => {
      if (isWanted) drawing();
    });
  const observer = new IntersectionObserver(
    (entries) => {
      if (!entries.some((entry) => entry.isIntersecting)) return;
      observer.disconnect();
      work(draw);
    },
    { rootMargin: `${marginPx}px` },
  );
  observer.observe(element);
  return () => {
    isWanted = false;
    observer.disconnect();
  };
}
