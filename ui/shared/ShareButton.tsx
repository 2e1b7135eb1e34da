'use client';

import { useReady } from '@/ui/kit/useReady';
import { useShared, type SharedKind } from './useShared';

interface Props {
  readonly kind: SharedKind;
  readonly id: string;
  readonly name: string;
  readonly isShared: boolean;
}

/** Lets the others who teach here look at something and take copies of it, or no more. */
export function ShareButton({ kind, id, name, isShared }: Props) {
  const ready = useReady();
  const { problem, ask } = useShared(kind);
  return (
    <>
      <button
        type="button"
        className="press-plain"
        aria-pressed={isShared}
        disabled={!ready}
        onClick={() =>
          void ask(
            id,
            { do: isShared ? 'stop' : 'share' },
            isShared
              ? `“${name}” is yours alone again.`
              : `“${name}” is shared with the others who teach here.`,
          )
        }
      >
        {isShared ? 'Shared' : 'Share'}
        <span className="sr-only"> {name}</span>
      </button>
      {problem !== undefined && (
        <span role="alert" className="must small">
          {problem}
        </span>
      )}
    </>
  );
}
