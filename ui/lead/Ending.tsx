import Link from 'next/link';
import { useMemo } from 'react';
import { recordOf } from '@/core/lead';
import type { Leading } from '@/core/desk/leading';
import { clockText } from '@/ui/kit/time';
import { PlannedReal } from '@/ui/log/PlannedReal';
import { WordsOfClass } from '@/ui/log/WordsOfClass';
import { endedText } from '@/ui/words/happened';
import { whatNextText } from '@/ui/words/whatNext';

interface Props {
  readonly leading: Leading;
  readonly onFileAgain: () => void;
  readonly onLeadAgain: () => void;
}

/** What became of the class, and whether it is in the log. */
export function Ending({ leading, onFileAgain, onLeadAgain }: Props) {
  const { session, base, filing, isKept } = leading;
  const record = useMemo(
    () => recordOf(session.practice, session.actions, base.atMs + base.state.timeline.totalMs),
    [base, session],
  );
  return (
    <main className="mx-auto max-w-3xl p-6 sm:p-10">
      <h1>{record.finished ? 'It is done' : 'Ended'}</h1>
      <p className="reading my-3" role="status">
        {clockText(record.actualMs)} min taken, {clockText(record.plannedMs)} min planned
        {endedText(record) === '' ? '' : `; it ${endedText(record)}`}.{' '}
        {filing === 'filed' && 'The class is in the log.'}
        {filing === 'sending' && 'Writing it into the log …'}
      </p>
      <PlannedReal record={record} />
      {leading.next && (
        <p className="reading my-3" data-testid="what-next">
          <span className="quiet">The next draft: </span>
          {whatNextText(leading.next)}
        </p>
      )}
      {filing === 'filed' && <WordsOfClass classId={session.sessionId} isNew />}
      {filing === 'failed' && (
        <p role="alert" className="must my-3">
          {isKept
            ? 'It could not be written into the log; this browser keeps it, and sends it by itself when it can.'
            : 'It could not be written into the log, and this browser keeps nothing: leave this page open; it tries again by itself.'}{' '}
          <button type="button" className="press" onClick={onFileAgain}>
            Try again
          </button>
        </p>
      )}
      <p className="flex flex-wrap gap-2">
        <Link className="press press-main" href="/log">
          To the log
        </Link>
        <Link className="press" href={`/compose/${session.practiceId}`}>
          Back to the score
        </Link>
        <button type="button" className="press" onClick={onLeadAgain}>
          Lead it again
        </button>
      </p>
    </main>
  );
}
