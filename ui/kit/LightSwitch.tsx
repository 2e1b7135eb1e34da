'use client';

import { Lamp, Sun } from 'lucide-react';
import { useSyncExternalStore } from 'react';

const read = (): 'day' | 'lamp' => (document.documentElement.dataset.light === 'lamp' ? 'lamp' : 'day');

function subscribe(changed: () => void): () => void {
  const observer = new MutationObserver(changed);
  observer.observe(document.documentElement, { attributeFilter: ['data-light'] });
  return () => observer.disconnect();
}

/** Daylight or lamplight; kept in a cookie so that the first paint is already right. */
export function LightSwitch() {
  const light = useSyncExternalStore(subscribe, read, () => 'day' as const);
  const next = light === 'day' ? 'lamp' : 'day';
  return (
    <button
      type="button"
      className="press-plain small"
      onClick={() => {
        document.documentElement.dataset.light = next;
        document.cookie = `navuren-light=${next}; path=/; max-age=31536000; samesite=strict`;
      }}
    >
      {next === 'lamp' ? <Lamp size={15} aria-hidden /> : <Sun size={15} aria-hidden />}
      {next === 'lamp' ? 'Lamplight' : 'Daylight'}
    </button>
  );
}
