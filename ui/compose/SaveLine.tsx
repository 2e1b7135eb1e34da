'use client';

import dynamic from 'next/dynamic';
import type { SavingLine } from '@/core/desk';
import type { Practice } from '@/core/practice';
import { keepBlob } from '@/ui/kit/keepBlob';

const Elsewhere = dynamic(async () => (await import('./seldom')).Elsewhere, { ssr: false });

/** What can be done about what is not saved. */
export interface SaveActions {
  readonly onRetry: (practice: Practice) => void;
  readonly onCopy: (practice: Practice) => void;
  readonly onMineOnTop: () => void;
  readonly onTakeTheirs: (theirs: Practice) => void;
}

interface Props extends SaveActions {
  readonly line: SavingLine;
  readonly savedId: string | undefined;
  readonly practice: Practice | undefined;
}

const NOT_KEPT = 'This browser cannot keep it either: leave the page open, or take it along as a file.';

/** What is not on the server, why, and whether this browser keeps it. */
function unsavedText(line: Extract<SavingLine, { isKept: boolean }>): string {
  const here = line.isKept ? 'This browser keeps it' : NOT_KEPT;
  if (line.code === 'refused') return `${line.message}${line.isKept ? ` ${here}.` : ` ${here}`}`;
  return line.isKept
    ? `The server cannot be reached. ${here}, and tries again by itself.`
    : `The server cannot be reached. ${here}`;
}

/** Whether what is on the screen is safe. */
export function SaveLine({ line, savedId, practice, onRetry, onCopy, onMineOnTop, onTakeTheirs }: Props) {
  return (
    <div className="small quiet" role="status" aria-label="Saving">
      {line.code === 'draft' && 'Not kept yet'}
      {line.code === 'waiting' && 'Saving …'}
      {line.code === 'saved' && `Saved, version ${line.version}`}
      {(line.code === 'unheard' || line.code === 'refused') && (
        <span className="must text-ink">
          Not saved. {unsavedText(line)}{' '}
          <button type="button" className="press-plain" onClick={() => practice && onRetry(practice)}>
            Try again
          </button>{' '}
          {line.code === 'refused' && savedId !== undefined && (
            <button type="button" className="press-plain" onClick={() => practice && onCopy(practice)}>
              Keep it as a copy
            </button>
          )}
          {!line.isKept && practice && <AsFile practice={practice} />}
        </span>
      )}
      {line.code === 'changed-elsewhere' && savedId !== undefined && practice && (
        <Elsewhere
          id={savedId}
          version={line.version}
          mine={practice}
          onCopy={onCopy}
          onMineOnTop={onMineOnTop}
          onTakeTheirs={onTakeTheirs}
        />
      )}
    </div>
  );
}

/** The practice as the file the shelf takes in again, made here: it needs no server. */
function AsFile({ practice }: { practice: Practice }) {
  const save = async (): Promise<void> => {
    const { writePracticeFile } = await import('@/core/formats');
    keepBlob(new Blob([writePracticeFile(practice)], { type: 'application/json' }), 'practice.json');
  };
  return (
    <button type="button" className="press-plain" onClick={() => void save()}>
      As a file
    </button>
  );
}
