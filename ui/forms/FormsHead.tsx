import Link from 'next/link';
import { useRef } from 'react';
import { Neighbours } from './Neighbours';

interface Props {
  readonly hasOwn: boolean;
  readonly bring: (file: File) => Promise<void>;
}

/** The head of the room: a form written, brought in, taken along. */
export function FormsHead({ hasOwn, bring }: Props) {
  const file = useRef<HTMLInputElement>(null);
  return (
    <div className="flex flex-wrap items-baseline justify-between gap-x-8 gap-y-1">
      <Neighbours here="/forms" />
      <p className="small flex flex-wrap gap-x-4">
        <Link className="press-plain" href="/forms/known">
          What a teacher names first
        </Link>
        <Link className="press-plain" href="/forms/own/new">
          Write a form
        </Link>
        <button type="button" className="press-plain" onClick={() => file.current?.click()}>
          Bring in a file
        </button>
        {hasOwn && (
          <a className="press-plain" href="/api/forms/export" download>
            Take my forms along
          </a>
        )}
      </p>
      <input
        ref={file}
        type="file"
        accept="application/json,.json"
        className="sr-only"
        tabIndex={-1}
        aria-label="A file of forms"
        onChange={(event) => {
          const chosen = event.target.files?.[0];
          event.target.value = '';
          if (chosen) void bring(chosen);
        }}
      />
    </div>
  );
}
