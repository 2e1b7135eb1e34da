/**
 * This browser's own store, which may be full, switched off or private: every access can fail, and none may stop the
 * page. What could not be kept is told by `false`, so that the page can say so. Where several teach, each has a store of
 * their own in it: who comes in next on this device finds nothing of who was here before, and it waits for them.
 */

/** What the keys of this page begin with: the layout says whose the page is; nothing for the owner. */
function beginningHere(): string {
  const teacher = typeof document === 'undefined' ? undefined : document.documentElement.dataset.teacher;
  return teacher === undefined ? '' : `of-${teacher}:`;
}

export function keep(key: string, text: string): boolean {
  try {
    localStorage.setItem(`${beginningHere()}${key}`, text);
    return true;
  } catch {
    return false;
  }
}

export function kept(key: string): string | undefined {
  try {
    return localStorage.getItem(`${beginningHere()}${key}`) ?? undefined;
  } catch {
    return undefined;
  }
}

export function drop(key: string): void {
  try {
    localStorage.removeItem(`${beginningHere()}${key}`);
  } catch {
    // What cannot be reached cannot be removed either.
  }
}

/** The keys kept under a beginning. */
export function keptKeys(beginning: string): readonly string[] {
  const here = beginningHere();
  try {
    return Object.keys(localStorage)
      .filter((key) => key.startsWith(`${here}${beginning}`))
      .map((key) => key.slice(here.length));
  } catch {
    return [];
  }
}
