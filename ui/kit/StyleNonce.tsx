'use client';

import { setNonce } from 'get-nonce';

/** Lets the interface kit's own style elements (scroll locking) pass the page's content policy. */
export function StyleNonce({ nonce }: { nonce: string }) {
  if (nonce !== '') setNonce(nonce);
  return null;
}
