'use client';

import { useEffect, useRef, useState } from 'react';
import type { Felt } from '@/core/felt/felt';
import type { HeartBeat } from '@/core/felt/heartRate';
import { STRAP_CURVES, type StrapCurve } from '@/core/felt/simulatedStrap';
import { rateOfTaps } from '@/core/felt/taps';
import { rateText, STRAP_WORDS } from '@/ui/words/felt';
import { bluetoothStrap, hearsStraps, strapOf, type HeartStrap } from './straps';

/** The last so many beats are the pulse now. */
const BEATS_KEPT = 40;

/** What beats have come to: the instants of the last of them, as intervals add up. */
const grown = (beats: readonly number[], { intervalsMs }: HeartBeat): readonly number[] =>
  intervalsMs
    .reduce<readonly number[]>((all, ms) => [...all, (all.at(-1) ?? 0) + ms], beats)
    .slice(-BEATS_KEPT);

type Heard =
  | { readonly is: 'no' }
  | { readonly is: 'connecting' }
  | { readonly is: 'hearing'; readonly now: HeartBeat | undefined; readonly beats: readonly number[] }
  | { readonly is: 'failed'; readonly message: string };

function useStrap() {
  const [heard, setHeard] = useState<Heard>({ is: 'no' });
  const stop = useRef<(() => void) | undefined>(undefined);
  useEffect(() => () => stop.current?.(), []);
  const letGo = (): void => {
    stop.current?.();
    stop.current = undefined;
    setHeard({ is: 'no' });
  };
  const hear = async (strap: HeartStrap): Promise<void> => {
    letGo();
    setHeard({ is: 'connecting' });
    try {
      stop.current = await strap.listen((now) =>
        setHeard((before) => {
          const beats = before.is === 'hearing' ? before.beats : [];
          // Where contact was lost, what was heard before says nothing of now.
          return { is: 'hearing', now, beats: now ? grown(beats, now) : [] };
        }),
      );
    } catch (problem) {
      setHeard({
        is: 'failed',
        message: problem instanceof Error ? problem.message : 'The strap could not be heard.',
      });
    }
  };
  return { heard, hear, letGo };
}

/** The pulse as a strap tells it: a real one where the browser hears it, or the one that ships. */
export function Strap({ onRate }: { readonly onRate: (rate: NonNullable<Felt['pulse']>) => void }) {
  const { heard, hear, letGo } = useStrap();
  const [curve, setCurve] = useState<StrapCurve>('resting');
  const found = heard.is === 'hearing' ? rateOfTaps(heard.beats) : undefined;
  const overSec =
    heard.is === 'hearing' ? Math.round(((heard.beats.at(-1) ?? 0) - (heard.beats[0] ?? 0)) / 1000) : 0;
  return (
    <details>
      <summary className="small">by a heart-rate strap</summary>
      <div className="my-2 flex flex-wrap items-baseline gap-3">
        <button
          type="button"
          className="press"
          disabled={!hearsStraps()}
          onClick={() => void hear(bluetoothStrap)}
        >
          Connect a strap
        </button>
        {!hearsStraps() && <span className="quiet small">This browser cannot hear one.</span>}
        <label className="inline-flex items-baseline gap-2">
          or one made by calculation:
          <select
            className="field"
            aria-label="what the calculated heart does"
            value={curve}
            onChange={(event) =>
              setCurve(STRAP_CURVES.find((one) => one === event.target.value) ?? 'resting')
            }
          >
            {STRAP_CURVES.map((id) => (
              <option key={id} value={id}>
                {STRAP_WORDS[id]}
              </option>
            ))}
          </select>
        </label>
        <button type="button" className="press" onClick={() => void hear(strapOf(curve, Date.now() % 1000))}>
          Put it on
        </button>
      </div>
      <p role="status" className="figures">
        {heard.is === 'connecting' && 'Listening …'}
        {heard.is === 'failed' && heard.message}
        {heard.is === 'hearing' && heard.now === undefined && 'No contact; it comes back by itself.'}
        {heard.is === 'hearing' &&
          heard.now &&
          `${heard.now.perMin} now${found ? `; ${rateText(found)} over the last ${overSec} s` : ''}`}
      </p>
      {heard.is === 'hearing' && (
        <p className="flex gap-3">
          <button
            type="button"
            className="press"
            disabled={!found || overSec < 5}
            onClick={() =>
              found && onRate({ perMin: found.perMin, giveOrTake: found.giveOrTake, by: 'strap', overSec })
            }
          >
            Take it
          </button>
          <button type="button" className="press-plain" onClick={letGo}>
            Take it off
          </button>
        </p>
      )}
    </details>
  );
}
