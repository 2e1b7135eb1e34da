'use client';

import { setNonce } from 'get-nonce';
import { useState } from 'react';

/**
 * Lets the interface kit's own style elements (scroll locking) pass the page's content policy. The first nonce holds
 * as long as the document does: a page that is fetched again in place brings a new one, which the policy of this
 * document does not know.
 */
export function StyleNonce({ nonce }: { nonce: string }) {
  useState(() => {
    if (nonce !== '') setNonce(nonce);
    return nonce;
  });
  return null;
}
