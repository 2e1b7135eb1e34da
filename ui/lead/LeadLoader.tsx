'use client';

import dynamic from 'next/dynamic';
import { useState, type ComponentProps } from 'react';
import { BeforeLeading } from './BeforeLeading';
import type { LeadRoom } from './LeadRoom';

/** The session lives in this browser, so there is nothing to draw on the server. */
const Room = dynamic(async () => (await import('./LeadRoom')).LeadRoom, {
  ssr: false,
  loading: () => <main className="p-8">Opening …</main>,
});

interface Props extends ComponentProps<typeof LeadRoom> {
  readonly musts: ComponentProps<typeof BeforeLeading>['musts'];
}

/** Opens the room once the open *must* notes have been read; there are none in most practices. */
export function LeadLoader({ musts, ...room }: Props) {
  const [read, setRead] = useState(musts.length === 0);
  return read ? (
    <Room {...room} />
  ) : (
    <BeforeLeading id={room.id} here={room.here} musts={musts} onRead={() => setRead(true)} />
  );
}
