'use client';

import { useState } from 'react';

interface Props {
  readonly label: string;
  readonly hint?: string;
  /** One a line instead of parted by commas. */
  readonly lines?: boolean;
  readonly value: readonly string[];
  /** Where only these will do: anything else is said to be unknown and not taken. */
  readonly known?: readonly string[];
  readonly what?: string;
  /** Fewer than this are not taken yet (none at all is). */
  readonly least?: number;
  readonly onValue: (value: readonly string[]) => void;
}

/** A list written as text; what is typed stays as it is typed, what is understood is taken. */
export function ListField({ label, hint, lines = false, value, known, what, least = 0, onValue }: Props) {
  const joined = value.join(lines ? '\n' : ', ');
  const [typed, setTyped] = useState<string | undefined>(undefined);
  const [strange, setStrange] = useState<readonly string[]>([]);
  const read = (text: string): void => {
    setTyped(text);
    const pieces = text
      .split(lines ? '\n' : /[,;]/)
      .map((piece) => piece.trim())
      .filter((piece) => piece !== '');
    const taken = pieces.map((piece) =>
      known ? known.find((one) => one.toLowerCase() === piece.toLowerCase()) : piece.slice(0, 240),
    );
    setStrange(pieces.filter((_, index) => taken[index] === undefined));
    const understood = [...new Set(taken.filter((one): one is string => one !== undefined))];
    if (understood.length === 0 || understood.length >= least) onValue(understood);
  };
  const props = {
    className: 'field',
    placeholder: hint,
    value: typed ?? joined,
    'aria-invalid': strange.length > 0,
    onBlur: () => {
      if (strange.length === 0) setTyped(undefined);
    },
  };
  return (
    <label className="block">
      <span className="quiet small">{label}</span>
      {lines ? (
        <textarea
          {...props}
          rows={Math.max(2, value.length)}
          onChange={(event) => read(event.target.value)}
        />
      ) : (
        <input {...props} onChange={(event) => read(event.target.value)} />
      )}
      {strange.length > 0 && (
        <span className="must small block">
          No {what ?? 'such thing'} is called {strange.map((one) => `“${one}”`).join(', ')}.
        </span>
      )}
    </label>
  );
}
