import Link from 'next/link';
import { useState, type ReactNode } from 'react';
import type { Leading, LeadingPress } from '@/core/desk/leading';
import { LightSwitch } from '@/ui/kit/LightSwitch';
import type { SideSeen } from '@/ui/words/lead';

interface Props {
  readonly leading: Leading;
  /** The form after this one, and in how many minutes. */
  readonly next: { readonly name: string; readonly inText: string | undefined };
  readonly sideSeen: SideSeen;
  readonly onSideSeen: (side: SideSeen) => void;
  readonly tones: boolean;
  readonly onTones: (on: boolean) => void;
  /** Whether the words are said by the browser's voice, where it has one. */
  readonly voice: 'on' | 'off' | 'none';
  readonly onVoice: (on: boolean) => void;
  readonly press: (press: LeadingPress) => void;
  /** What is asked before the class begins. */
  readonly beginning: ReactNode;
}

function Presses({ leading, press }: Pick<Props, 'leading' | 'press'>) {
  const { started, running } = leading.base.state;
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
    <p className="flex flex-wrap items-center gap-2">
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
      <button type="button" className="press" onClick={() => press('one-more')} disabled={!started}>
        One more
      </button>
      <button type="button" className="press" onClick={() => press('last-one')} disabled={!started}>
        Last one
      </button>
      <button type="button" className="press" onClick={() => press('ask-end')} disabled={!started}>
        End
      </button>
    </p>
  );
}

/** What comes next, and the leader's presses. */
/** What happens less often: to stay, to let the end wait, to change the pace, to take back. */
function Seldom({ leading, press }: Pick<Props, 'leading' | 'press'>) {
  const { started, running, staying, undoable } = leading.base.state;
  if (!started) return null;
  return (
    <>
      {staying ? (
        <button type="button" className="press-plain" aria-pressed onClick={() => press('toggle')}>
          Staying
        </button>
      ) : (
        <button type="button" className="press-plain" disabled={!running} onClick={() => press('stay')}>
          Stay here
        </button>
      )}
      <button type="button" className="press-plain" disabled={!running} onClick={() => press('pause-end')}>
        Let the end wait
      </button>
      <button type="button" className="press-plain" onClick={() => press('slower')}>
        Slower
      </button>
      <button type="button" className="press-plain" onClick={() => press('quicker')}>
        Quicker
      </button>
      <button type="button" className="press-plain" disabled={undoable === 0} onClick={() => press('undo')}>
        Take it back
      </button>
    </>
  );
}

export function LeadFooter(props: Props) {
  const { leading, next, sideSeen, onSideSeen, tones, onTones, voice, onVoice, press, beginning } = props;
  const [isMore, setIsMore] = useState(false);
  return (
    <footer className="sticky bottom-0 flex flex-wrap items-center justify-between gap-x-6 gap-y-2 bg-paper px-4 py-3 sm:px-8">
      <p className="text-[clamp(1.1rem,min(3.6vh,3vw),2.4rem)]">
        <span className="quiet">Next</span> {next.name}
        {next.inText !== undefined && <span className="unit figures"> in {next.inText}</span>}
      </p>
      <Presses leading={leading} press={press} />
      {beginning}
      <p className="small flex flex-wrap gap-x-4">
        <span className={isMore ? 'contents' : 'contents max-sm:hidden'}>
          <Seldom leading={leading} press={press} />
        </span>
        {leading.base.state.started && (
          <button
            type="button"
            className="press-plain sm:hidden"
            aria-expanded={isMore}
            onClick={() => setIsMore(!isMore)}
          >
            {isMore ? 'Less' : 'More'}
          </button>
        )}
        <button
          type="button"
          className="press-plain"
          aria-pressed={sideSeen === 'facing'}
          onClick={() => onSideSeen(sideSeen === 'own' ? 'facing' : 'own')}
        >
          {sideSeen === 'own' ? 'Their own side' : 'As they see you'}
        </button>
        <button type="button" className="press-plain" aria-pressed={tones} onClick={() => onTones(!tones)}>
          Tones {tones ? 'on' : 'off'}
        </button>
        <button
          type="button"
          className="press-plain"
          aria-pressed={voice !== 'off'}
          onClick={() => onVoice(voice === 'off')}
        >
          Voice {voice === 'off' ? 'off' : 'on'}
        </button>
        {voice === 'none' && <span role="status">This browser has no English voice installed.</span>}
        <LightSwitch />
        <a
          className="press-plain"
          href={`/lead/${leading.session.practiceId}/hall`}
          target="navuren-hall"
          rel="noopener"
        >
          Screen for the hall
        </a>
        <Link
          className="press-plain"
          href={`/compose/${leading.session.practiceId}`}
          onClick={() => press('leave')}
        >
          Leave
        </Link>
      </p>
    </footer>
  );
}
