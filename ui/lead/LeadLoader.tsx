'use client';

import dynamic from 'next/dynamic';
import type { ComponentProps } from 'react';
import type { LeadRoom } from './LeadRoom';

/** The session lives in this browser, so there is nothing to draw on the server. */
const Room = dynamic(async () => (await import('./LeadRoom')).LeadRoom, {
  ssr: false,
  loading: () => <main className="p-8">Opening …</main>,
});

export function LeadLoader(props: ComponentProps<typeof LeadRoom>) {
  return <Room {...props} />;
}
