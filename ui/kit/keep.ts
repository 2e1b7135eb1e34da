/**
 * This browser's own store, which may be full, switched off or private: every access can fail, and none may stop the
 * page. What could not be kept is told by `false`, so that the page can say so.
 */
export function keep(key: string, text: string): boolean {
  try {
    localStorage.setItem(key, text);
    return true;
  } catch {
    return false;
  }
}

export function kept(key: string): string | undefined {
  try {
    return localStorage.getItem(key) ?? undefined;
  } catch {
    return undefined;
  }
}

export function drop(key: string): void {
  try {
    localStorage.removeItem(key);
  } catch {
    // What cannot be reached cannot be removed either.
  }
}

/** The keys kept under a beginning. */
export function keptKeys(beginning: string): readonly string[] {
  try {
    return Object.keys(localStorage).filter((key) => key.startsWith(beginning));
  } catch {
    return [];
  }
}
