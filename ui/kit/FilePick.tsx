'use client';

import { useRef } from 'react';

interface Props {
  /** What is pressed, and how it looks. */
  readonly label: string;
  readonly className: string;
  /** What is picked, for those who hear the page. */
  readonly picks: string;
  readonly accept: string;
  readonly disabled?: boolean;
  readonly onPick: (file: File) => void;
}

/** A press that lets a file be picked; the same one may be picked again. */
export function FilePick({ label, className, picks, accept, disabled = false, onPick }: Props) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <button type="button" className={className} disabled={disabled} onClick={() => input.current?.click()}>
        {label}
      </button>
      <input
        ref={input}
        type="file"
        accept={accept}
        className="sr-only"
        tabIndex={-1}
        aria-label={picks}
        onChange={(event) => {
          const picked = event.target.files?.[0];
          event.target.value = '';
          if (picked) onPick(picked);
        }}
      />
    </>
  );
}
