'use client';

import dynamic from 'next/dynamic';

/** What is led is asked for by the device itself: the page holds nothing of anyone’s. */
export const FollowLoader = dynamic(async () => (await import('./FollowRoom')).FollowRoom, {
  ssr: false,
  loading: () => <main className="p-8">Opening …</main>,
});
