'use client';

import { PassphraseForm } from './PassphraseForm';

/** The passphrase, and in. */
export const EnterForm = ({ then }: { readonly then: string }) => (
  <div className="mt-6">
    <PassphraseForm
      label="Passphrase"
      doing="Come in"
      ask={(passphrase) =>
        fetch('/api/enter', {
          method: 'POST',
          headers: { 'content-type': 'application/json' },
          body: JSON.stringify({ passphrase }),
        })
      }
      // The whole page anew: what it shows from here on is somebody’s own.
      onDone={() => window.location.assign(then)}
    />
  </div>
);
