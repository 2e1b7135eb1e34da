'use client';

import { useId, useState } from 'react';

interface PassphraseProps {
  readonly label: string;
  readonly value: string;
  readonly onChange: (value: string) => void;
  /** What a keeper of passphrases in the browser is told it is. */
  readonly kind: 'current-password' | 'new-password';
  readonly hint?: string;
  readonly problem?: string | undefined;
}

/** A field for a passphrase; it can be looked at while it is typed, for nobody types five words blind. */
export function Passphrase({ label, value, onChange, kind, hint, problem }: PassphraseProps) {
  const [isShown, setShown] = useState(false);
  const id = useId();
  return (
    <div className="max-w-md">
      <label htmlFor={id}>{label}</label>
      <div className="flex items-baseline gap-3">
        <input
          id={id}
          className="field"
          type={isShown ? 'text' : 'password'}
          autoComplete={kind}
          spellCheck={false}
          autoCapitalize="none"
          value={value}
          onChange={(event) => onChange(event.target.value)}
          aria-invalid={problem !== undefined}
          aria-describedby={`${id}-says`}
        />
        <button
          type="button"
          className="press-plain"
          aria-pressed={isShown}
          onClick={() => setShown(!isShown)}
        >
          {isShown ? 'Hide' : 'Show'}
          <span className="sr-only">, {label}</span>
        </button>
      </div>
      <p id={`${id}-says`} className={`small mt-1 ${problem === undefined ? 'quiet' : 'must'}`}>
        {problem ?? hint}
      </p>
    </div>
  );
}
