'use client';

import { useSyncExternalStore } from 'react';

const read = (): boolean => document.documentElement.dataset.contrast === 'more';

function subscribe(changed: () => void): () => void {
  const observer = new MutationObserver(changed);
  observer.observe(document.documentElement, { attributeFilter: ['data-contrast'] });
  return () => observer.disconnect();
}

/** More contrast, or as it is; kept in a cookie so that the first paint is already right. */
export function ContrastSwitch() {
  const isMore = useSyncExternalStore(subscribe, read, () => false);
  return (
    <button
      type="button"
      className="press-plain"
      aria-pressed={isMore}
      onClick={() => {
        if (isMore) delete document.documentElement.dataset.contrast;
        else document.documentElement.dataset.contrast = 'more';
        document.cookie = `navuren-contrast=${isMore ? '' : 'more'}; path=/; max-age=31536000; samesite=strict`;
      }}
    >
      More contrast
    </button>
  );
}
