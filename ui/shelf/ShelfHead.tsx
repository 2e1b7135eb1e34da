import Link from 'next/link';
import { useRef } from 'react';

interface Props {
  readonly where: 'shelf' | 'bin';
  readonly bringIn: (file: File) => Promise<void>;
}

/** The head of the shelf: a new practice, one from a file, the bin. */
export function ShelfHead({ where, bringIn }: Props) {
  const file = useRef<HTMLInputElement>(null);
  return (
    <div className="flex flex-wrap items-baseline justify-between gap-3">
      <h1>{where === 'shelf' ? 'Shelf' : 'Bin'}</h1>
      <span className="flex flex-wrap gap-2">
        {where === 'shelf' ? (
          <>
            <Link className="press press-main" href="/compose">
              New practice
            </Link>
            <button type="button" className="press" onClick={() => file.current?.click()}>
              Bring in a file
            </button>
            <input
              ref={file}
              type="file"
              accept=".json,application/json"
              className="sr-only"
              aria-label="Practice file"
              tabIndex={-1}
              onChange={(event) => {
                const chosen = event.target.files?.[0];
                event.target.value = '';
                if (chosen) void bringIn(chosen);
              }}
            />
            <Link className="press" href="/shelf?bin">
              The bin
            </Link>
          </>
        ) : (
          <Link className="press" href="/shelf">
            Back to the shelf
          </Link>
        )}
      </span>
    </div>
  );
}
