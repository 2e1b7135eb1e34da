'use client';

import { useRouter } from 'next/navigation';
import { useEffect, useEffectEvent, useSyncExternalStore } from 'react';
import { VEIL_COOKIE, VEILED } from '@/core/people/veil';

const read = (): boolean => document.documentElement.dataset.veil === VEILED;

function subscribe(changed: () => void): () => void {
  const observer = new MutationObserver(changed);
  observer.observe(document.documentElement, { attributeFilter: ['data-veil'] });
  return () => observer.disconnect();
}

/** On which the other windows of this browser hear of it. */
const CHANNEL = 'navuren-veil';

/** Shows nothing private while somebody looks on: pages then bring nothing of it with them. */
export function VeilSwitch() {
  const isVeiled = useSyncExternalStore(subscribe, read, () => false);
  const router = useRouter();
  const put = useEffectEvent((next: string): void => {
    document.documentElement.dataset.veil = next;
    router.refresh();
  });
  // Who looks on sees every window: what is veiled in one is veiled in all.
  useEffect(() => {
    const channel = new BroadcastChannel(CHANNEL);
    channel.onmessage = ({ data }: MessageEvent<unknown>) => put(data === VEILED ? VEILED : 'off');
    return () => channel.close();
  }, []);
  return (
    <button
      type="button"
      className="press-plain small"
      aria-pressed={isVeiled}
      aria-label="Veil: show nothing private"
      onClick={() => {
        const next = isVeiled ? 'off' : VEILED;
        document.documentElement.dataset.veil = next;
        document.cookie = `${VEIL_COOKIE}=${next}; path=/; max-age=31536000; samesite=strict`;
        const channel = new BroadcastChannel(CHANNEL);
        channel.postMessage(next);
        channel.close();
        router.refresh();
      }}
    >
      Veil
    </button>
  );
}
