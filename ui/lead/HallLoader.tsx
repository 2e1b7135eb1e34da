'use client';

import dynamic from 'next/dynamic';

/** The class lives in this browser, so there is nothing to draw on the server. */
export const HallLoader = dynamic(async () => (await import('./HallRoom')).HallRoom, {
  ssr: false,
  loading: () => <main className="p-8">Opening …</main>,
});
