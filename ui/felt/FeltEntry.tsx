'use client';

import { useRouter } from 'next/navigation';
import { useId, useState } from 'react';
import type { Felt } from '@/core/felt/felt';
import { FELT_WHEN, type FeltWhen } from '@/core/felt/terms';
import { readAnswer } from '@/ui/kit/answer';
import { newId } from '@/ui/kit/newId';
import { useSay } from '@/ui/kit/Said';
import { RateField } from './RateField';
import { Scales } from './Scales';
import { Strap } from './Strap';
import { TensionMap } from './TensionMap';

const WHEN_WORDS = {
  before: 'before a class',
  after: 'after it',
  apart: 'apart from any',
} as const satisfies Record<FeltWhen, string>;

const EMPTY: Felt = { when: 'before', line: '' };

/** What is to be kept: what was left empty is not there. */
const tidy = ({ tension = {}, scales = {}, ...felt }: Felt): Felt => ({
  ...felt,
  ...(Object.keys(tension).length > 0 ? { tension } : {}),
  ...(Object.keys(scales).length > 0 ? { scales } : {}),
});

/** How somebody is now: all of it optional, with one hand, and no word on what it means. */
export function FeltEntry({ personId, when }: { readonly personId: string; readonly when: FeltWhen }) {
  const [felt, setFelt] = useState<Felt>({ ...EMPTY, when });
  const [problem, setProblem] = useState<string | undefined>(undefined);
  const [round, setRound] = useState(0);
  const name = useId();
  const router = useRouter();
  const say = useSay();
  const change = (next: Partial<Felt>): void => setFelt((before) => ({ ...before, ...next }));
  const keep = async (): Promise<void> => {
    setProblem(undefined);
    const kept = await readAnswer(() =>
      fetch(`/api/people/${personId}/felt`, {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({ id: newId(), atMs: Date.now(), felt: tidy(felt) }),
      }),
    );
    if (!kept.ok)
      return setProblem(
        kept.message.includes('nothing is written')
          ? 'Nothing is written yet: any one of these is enough.'
          : kept.message,
      );
    say('Kept.');
    setFelt({ ...EMPTY, when: felt.when });
    setRound((before) => before + 1);
    router.refresh();
  };
  return (
    <form
      key={round}
      className="space-y-4 border-l border-hairline py-2 pl-4"
      onSubmit={(event) => {
        event.preventDefault();
        void keep();
      }}
    >
      <fieldset className="flex flex-wrap gap-x-4">
        <legend className="sr-only">When</legend>
        {FELT_WHEN.map((one) => (
          <label key={one} className="inline-flex items-baseline gap-1 py-1">
            <input
              type="radio"
              name={name}
              className="accent-ink"
              checked={felt.when === one}
              onChange={() => change({ when: one })}
            />
            {WHEN_WORDS[one]}
          </label>
        ))}
      </fieldset>
      <div className="grid gap-x-10 gap-y-4 md:grid-cols-2">
        <div className="space-y-4">
          <RateField
            legend="Pulse"
            with="each beat"
            rate={felt.pulse}
            onRate={(pulse) => change({ pulse })}
          />
          <Strap onRate={(pulse) => change({ pulse })} />
          <RateField
            legend="Breath"
            with="each breath in"
            rate={felt.breaths}
            onRate={(breaths) => change({ breaths })}
          />
        </div>
        <TensionMap tension={felt.tension ?? {}} onTension={(tension) => change({ tension })} />
      </div>
      <Scales scales={felt.scales ?? {}} onScales={(scales) => change({ scales })} />
      <label className="block">
        <span className="caption block">In a line</span>
        <input
          className="field"
          maxLength={200}
          value={felt.line}
          onChange={(event) => change({ line: event.target.value })}
        />
      </label>
      {problem && (
        <p role="alert" className="must">
          {problem}
        </p>
      )}
      <p>
        <button type="submit" className="press press-main">
          Keep it
        </button>
      </p>
    </form>
  );
}
