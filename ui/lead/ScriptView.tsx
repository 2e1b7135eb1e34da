'use client';

import { useEffect, useRef } from 'react';
import type { ScriptLine } from '@/core/script';
import { useStillness } from '@/ui/kit/useMedia';

/** A quiet worth being told of, ms. */
const QUIET_MS = 4000;

/** The line that is being said at a moment, by its place; -1 before the first. */
export const lineAt = (lines: readonly ScriptLine[], atMs: number): number =>
  lines.findLastIndex(({ startMs, text }) => startMs <= atMs && text !== '');

/**
 * The words as they come, line under line, for those who speak or record them: what is said now stands in the middle, in
 * ink; what was said, and what comes, in faded ink.
 */
export function ScriptView({ lines, atMs }: { lines: readonly ScriptLine[]; atMs: number }) {
  const now = lineAt(lines, atMs);
  const here = useRef<HTMLLIElement>(null);
  const steps = useStillness();
  useEffect(() => {
    // A browser may answer with a promise, which is no way to tidy up.
    here.current?.scrollIntoView({ block: 'center', behavior: steps ? 'auto' : 'smooth' });
  }, [now, steps]);
  return (
    <section
      className="min-h-0 min-w-0 flex-1 overflow-y-auto py-[30vh]"
      aria-label="Script"
      tabIndex={0}
      data-testid="script"
    >
      <ol className="max-w-[26em] space-y-[0.6em] font-serif text-[clamp(1.3rem,min(4.6vh,6vw),3rem)] leading-[1.25]">
        {lines.map((line, index) =>
          line.text === '' ? (
            line.lengthMs >= QUIET_MS && (
              <li key={index} className="quiet figures font-sans text-[0.6em]">
                quiet, {Math.round(line.lengthMs / 1000)} s
              </li>
            )
          ) : (
            <li
              key={index}
              ref={index === now ? here : undefined}
              aria-current={index === now ? 'true' : undefined}
              className={index === now ? 'font-medium' : 'text-faded'}
            >
              {line.text}
            </li>
          ),
        )}
      </ol>
    </section>
  );
}
