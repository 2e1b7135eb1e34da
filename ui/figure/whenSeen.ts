/**
 * Does something once, when an element comes into sight: a row is read before its figure is looked at. `wanted` tells
 * work that takes its time whether it is still wanted. Returns what stops it.
 */
export function whenSeen(
  element: Element,
  marginPx: number,
  work: (wanted: () => boolean) => void,
): () => void {
  let wanted = true;
  const observer = new IntersectionObserver(
    (entries) => {
      if (!entries.some((entry) => entry.isIntersecting)) return;
      observer.disconnect();
      work(() => wanted);
    },
    { rootMargin: `${marginPx}px` },
  );
  observer.observe(element);
  return () => {
    wanted = false;
    observer.disconnect();
  };
}
