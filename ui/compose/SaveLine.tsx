'use client';

import type { SaveState } from './saver';

/** Whether what is on the screen is safe. */
export function SaveLine({
  state,
  onRetry,
  onCopy,
  onTakeTheirs,
}: {
  state: SaveState;
  onRetry: () => void;
  onCopy: () => void;
  onTakeTheirs: () => void;
}) {
  return (
    <p className="small quiet" role="status" aria-label="Saving">
      {state.code === 'draft' && 'Not kept yet'}
      {state.code === 'waiting' && 'Saving …'}
      {state.code === 'saved' && `Saved, version ${state.version}`}
      {state.code === 'failed' && (
        <span className="must text-ink">
          Not saved. {state.message}{' '}
          <button type="button" className="press-plain" onClick={onRetry}>
            Try again
          </button>
        </span>
      )}
      {state.code === 'changed-elsewhere' && (
        <span className="must text-ink">
          Changed in another window (version {state.version}); nothing was overwritten.{' '}
          <button type="button" className="press-plain" onClick={onTakeTheirs}>
            Load that version
          </button>{' '}
          <button type="button" className="press-plain" onClick={onCopy}>
            Keep mine as a copy
          </button>
        </span>
      )}
    </p>
  );
}
