'use client';

import dynamic from 'next/dynamic';
import type { SavingLine } from '@/core/desk';
import type { Practice } from '@/core/practice';
import { SaveLine, type SaveActions } from './SaveLine';

const Versions = dynamic(async () => (await import('./seldom')).Versions, { ssr: false });

interface Props extends SaveActions {
  readonly practice: Practice | undefined;
  readonly savedId: string | undefined;
  readonly line: SavingLine;
  readonly onRename: (name: string) => void;
  readonly onRestore: (practice: Practice) => void;
}

/** The name of the practice, how it is kept, and its earlier versions. */
export function Heading({ practice, savedId, line, onRename, onRestore, ...actions }: Props) {
  return (
    <div className="mb-2 flex flex-wrap items-baseline justify-between gap-x-6 gap-y-1">
      <h1 className="sr-only">Compose</h1>
      {practice && (
        <label className="flex min-w-0 flex-1 items-baseline gap-2">
          <span className="sr-only">Name of the practice</span>
          <input
            className="min-w-40 flex-1 border-b border-transparent bg-transparent font-serif text-[1.2rem] italic hover:border-hairline focus:border-ink"
            value={practice.name}
            maxLength={120}
            onChange={(event) => {
              if (event.target.value.trim() !== '') onRename(event.target.value);
            }}
          />
        </label>
      )}
      <SaveLine line={line} savedId={savedId} practice={practice} {...actions} />
      {savedId && practice && <Versions id={savedId} now={practice} onRestore={onRestore} />}
    </div>
  );
}
