import type { ReactNode } from 'react';
import type { Leading, LeadingPress } from '@/core/desk/leading';

interface Props {
  readonly leading: Leading;
  /** The form after this one, and in how many minutes. */
  readonly next: { readonly name: string; readonly inText: string | undefined };
  /** Whether a form is still talked of, and can be begun. */
  readonly isTalk: boolean;
  readonly press: (press: LeadingPress) => void;
  /** What is asked before the class begins. */
  readonly beginning: ReactNode;
  /** Nothing was touched for a while: what is pressed has faded. */
  readonly isQuiet: boolean;
  readonly isMore: boolean;
  readonly onMore: (more: boolean) => void;
  /** What is pressed seldom, where it is asked for. */
  readonly more: ReactNode;
}

function Presses({ leading, press, isTalk }: Pick<Props, 'leading' | 'press' | 'isTalk'>) {
  const { started, running, staying } = leading.base.state;
  if (leading.isAsking)
    return (
      <p className="flex flex-wrap items-center gap-2" role="alertdialog" aria-label="End the class?">
        End here and write it into the log?
        <button type="button" className="press press-main" autoFocus onClick={() => press('end')}>
          End it
        </button>
        <button type="button" className="press" onClick={() => press('ask-end')}>
          Go on
        </button>
      </p>
    );
  return (
    <>
      <button
        type="button"
        className="press press-main min-w-24 justify-center"
        onClick={() => press('toggle')}
      >
        {!started ? 'Start' : running ? 'Pause' : 'Go on'}
      </button>
      <button type="button" className="press" onClick={() => press('back')}>
        Back
      </button>
      <button type="button" className="press" onClick={() => press('forward')}>
        Forward
      </button>
      {isTalk && running ? (
        <button type="button" className="press" onClick={() => press('begin-now')}>
          Begin now
        </button>
      ) : (
        <button
          type="button"
          className="press"
          disabled={!running && !staying}
          aria-pressed={staying}
          onClick={() => press(staying ? 'toggle' : 'stay')}
        >
          Stay here
        </button>
      )}
      <button type="button" className="press" onClick={() => press('one-more')} disabled={!started}>
        One more
      </button>
      <button type="button" className="press" onClick={() => press('last-one')} disabled={!started}>
        Last one
      </button>
      <button type="button" className="press" onClick={() => press('ask-end')} disabled={!started}>
        End
      </button>
    </>
  );
}

/** What comes next, and what a leader presses often; what is pressed seldom opens above it. */
export function LeadFooter(props: Props) {
  const { leading, next, isTalk, press, beginning, isQuiet, isMore, onMore, more } = props;
  return (
    <footer className="relative flex flex-wrap items-center justify-between gap-x-6 gap-y-1 bg-paper px-4 py-2 sm:px-8">
      <p className="text-[clamp(1.1rem,min(3.6vh,3vw),2.4rem)]">
        <span className="quiet">Next</span> {next.name}
        {next.inText !== undefined && <span className="unit figures"> in {next.inText}</span>}
      </p>
      {beginning}
      <div
        className={`flex flex-wrap items-center gap-2 transition-opacity duration-700 ${isQuiet ? 'pointer-events-none opacity-0' : ''}`}
        data-testid="controls"
        data-quiet={isQuiet}
      >
        <Presses leading={leading} press={press} isTalk={isTalk} />
        <button type="button" className="press" aria-expanded={isMore} onClick={() => onMore(!isMore)}>
          {isMore ? 'Less' : 'More'}
        </button>
      </div>
      {isMore && more}
    </footer>
  );
}
