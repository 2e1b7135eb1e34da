'use client';

import { useEffect, useState } from 'react';

/** So many letters are shown; the file has all. */
const SHOWN = 40_000;

/** A file of words as it is, the beginning of it where it is long. */
export function TextPreview({ href, onReady }: { readonly href: string; readonly onReady: () => void }) {
  const [read, setRead] = useState<{
    readonly href: string;
    readonly text?: string;
    readonly problem?: string;
  }>();
  useEffect(() => {
    const stopping = new AbortController();
    const load = async (): Promise<void> => {
      try {
        const answer = await fetch(href, { signal: stopping.signal });
        if (!answer.ok) {
          const told = (await answer.json()) as { readonly problem?: { readonly message?: string } };
          setRead({ href, problem: told.problem?.message ?? 'It cannot be made.' });
        } else setRead({ href, text: await answer.text() });
      } catch {
        if (!stopping.signal.aborted) setRead({ href, problem: 'The server cannot be reached.' });
      }
      onReady();
    };
    void load();
    return () => stopping.abort();
  }, [href, onReady]);
  if (read?.href !== href) return null;
  if (read.problem !== undefined)
    return (
      <p role="alert" className="must">
        {read.problem}
      </p>
    );
  const { text = '' } = read;
  return (
    <pre
      tabIndex={0}
      aria-label="What the file says"
      className="small max-h-[72vh] overflow-auto border border-hairline bg-leaf p-4 whitespace-pre-wrap"
    >
      {text.slice(0, SHOWN)}
      {text.length > SHOWN && '\n…'}
    </pre>
  );
}
