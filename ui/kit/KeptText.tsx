'use client';

import { useState } from 'react';

interface Props {
  readonly label: string;
  readonly value: string;
  readonly most: number;
  readonly className?: string;
  /** Whether nothing at all may be kept. */
  readonly mayBeEmpty?: boolean;
  readonly onKeep: (text: string) => void;
}

/** Several lines of text, kept when they are left, so that typing is one change. */
export function KeptText({ label, value, most, className = '', mayBeEmpty = false, onKeep }: Props) {
  const [text, setText] = useState(value);
  const [was, setWas] = useState(value);
  if (was !== value) {
    setWas(value);
    setText(value);
  }
  const keep = (): void => {
    const kept = text.trim();
    if (kept !== value && (mayBeEmpty || kept !== '')) onKeep(kept);
  };
  return (
    <label className="block">
      <span className="caption">{label}</span>
      <textarea
        className={`field ${className}`}
        maxLength={most}
        value={text}
        onChange={(event) => setText(event.target.value)}
        onBlur={keep}
      />
    </label>
  );
}
