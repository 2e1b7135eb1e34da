'use client';

import dynamic from 'next/dynamic';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { Felt } from '@/core/felt/felt';
import type { Change } from '@/core/felt/pairs';
import type { FeltWhen } from '@/core/felt/terms';
import { readAnswer } from '@/ui/kit/answer';
import { dateText, plural } from '@/ui/kit/time';
import { changeText, feltText } from '@/ui/words/felt';

const Entry = dynamic(async () => (await import('./FeltEntry')).FeltEntry, {
  ssr: false,
  loading: () => <p className="quiet">Opening …</p>,
});
const Drawn = dynamic(async () => (await import('./ChangesDrawn')).ChangesDrawn, {
  ssr: false,
  loading: () => <p className="quiet">Drawing …</p>,
});

interface Props {
  readonly personId: string;
  readonly zone: string;
  /** Newest first. */
  readonly moments: readonly { readonly id: string; readonly atMs: number; readonly felt: Felt }[];
  readonly practices: readonly {
    readonly practiceName: string;
    readonly times: number;
    readonly changes: readonly Change[];
  }[];
  /** Over all classes. */
  readonly changes: readonly Change[];
  /** The entry that is open from the beginning, where one is asked for. */
  readonly entry: FeltWhen | undefined;
}

/** So many moments stand on the page at once. */
const MOST_SHOWN = 8;

function Moments({ personId, zone, moments }: Pick<Props, 'personId' | 'zone' | 'moments'>) {
  const [most, setMost] = useState(MOST_SHOWN);
  const [problem, setProblem] = useState<string | undefined>(undefined);
  const router = useRouter();
  const takeBack = async (id: string): Promise<void> => {
    const taken = await readAnswer(() => fetch(`/api/people/${personId}/felt/${id}`, { method: 'DELETE' }));
    setProblem(taken.ok ? undefined : taken.message);
    router.refresh();
  };
  return (
    <>
      <ol className="mt-2">
        {moments.slice(0, most).map(({ id, atMs, felt }) => (
          <li key={id} className="flex flex-wrap items-baseline gap-x-3 border-t border-hairline py-1">
            <span className="figures">{dateText(atMs, zone, 'dayTime')}</span>
            {felt.when !== 'apart' && <span className="quiet">{felt.when}</span>}
            <span className="min-w-40 flex-1">{feltText(felt)}</span>
            <button type="button" className="press-plain small" onClick={() => void takeBack(id)}>
              take back<span className="sr-only"> {dateText(atMs, zone, 'dateTime')}</span>
            </button>
          </li>
        ))}
      </ol>
      {problem && (
        <p role="alert" className="must">
          {problem}
        </p>
      )}
      {moments.length > most && (
        <button type="button" className="press-plain" onClick={() => setMost(moments.length)}>
          All {moments.length}
        </button>
      )}
    </>
  );
}

/** How somebody was before and after, and what was between; never why. */
export function FeltOf({ personId, zone, moments, practices, changes, entry }: Props) {
  const [isOpen, setIsOpen] = useState(entry !== undefined);
  const [isDrawn, setIsDrawn] = useState(false);
  return (
    <section aria-labelledby="felt" className="mt-10">
      <div className="flex flex-wrap items-baseline gap-x-4">
        <h2 id="felt">Before and after</h2>
        <button
          type="button"
          className="press"
          aria-expanded={isOpen}
          onClick={() => setIsOpen((before) => !before)}
        >
          How are they now?
        </button>
      </div>
      {isOpen && <Entry personId={personId} when={entry ?? 'before'} />}
      {moments.length === 0 && !isOpen && (
        <p className="quiet my-2">
          Nothing yet. Pulse, breath, tension, warmth and mood can be noted before and after a class, as
          little of it as you like.
        </p>
      )}
      {moments.length > 0 && <Moments personId={personId} zone={zone} moments={moments} />}
      {changes.length > 0 && (
        <div className="mt-4">
          <h3 className="caption">from before to after</h3>
          <ul>
            {changes.map((change) => (
              <li key={change.id}>{changeText(change)}</li>
            ))}
          </ul>
          {practices.length > 1 &&
            practices.map(({ practiceName, times, changes: of }) => (
              <details key={practiceName}>
                <summary>
                  with “{practiceName}” <span className="quiet">({plural(times, 'time')})</span>
                </summary>
                <ul className="pl-4">
                  {of.map((change) => (
                    <li key={change.id}>{changeText(change)}</li>
                  ))}
                </ul>
              </details>
            ))}
          <p className="quiet small">
            What came after is not what came of it: days, sleep and weather are in these numbers too.
          </p>
          <button
            type="button"
            className="press-plain"
            aria-expanded={isDrawn}
            onClick={() => setIsDrawn((before) => !before)}
          >
            {isDrawn ? 'Fold the drawing away' : 'Draw it, day by day'}
          </button>
          {isDrawn && <Drawn changes={changes} zone={zone} />}
        </div>
      )}
    </section>
  );
}
