'use client';

import { useId, useState } from 'react';
import type { Felt } from '@/core/felt/felt';
import { COUNT_SPANS_SEC, rateOfCount, type CountSpanSec } from '@/core/felt/taps';
import { plural } from '@/ui/kit/time';
import { evennessText, rateText } from '@/ui/words/felt';
import { useTaps } from './useTaps';

type KeptRate = NonNullable<Felt['pulse']>;

interface Props {
  readonly legend: string;
  /** What is tapped along with: "each beat". */
  readonly with: string;
  readonly rate: KeptRate | undefined;
  readonly onRate: (rate: KeptRate | undefined) => void;
}

/** A large place to tap with one hand, or with the space bar; it stops by itself when the span is over. */
function Tapping({
  spanSec,
  with: along,
  onRate,
}: Pick<Props, 'with' | 'onRate'> & { spanSec: CountSpanSec }) {
  const { taps, isOver, tap, again, found } = useTaps(spanSec);
  const take = (): void => {
    if (!found) return;
    const { perMin, giveOrTake, evenness } = found;
    onRate({ perMin, giveOrTake, by: 'tapped', overSec: spanSec, ...(evenness ? { evenness } : {}) });
  };
  return (
    <div>
      <button
        type="button"
        className="press min-h-28 w-full max-w-sm flex-col justify-center text-[1.2rem] select-none"
        style={{ touchAction: 'manipulation' }}
        disabled={isOver}
        onPointerDown={(event) => tap(event.timeStamp)}
        onKeyDown={(event) => {
          if (event.key !== ' ' || event.repeat) return;
          event.preventDefault();
          tap(event.timeStamp);
        }}
      >
        Tap with {along}
        <span className="quiet figures text-base">
          {taps.length === 0 ? `for ${spanSec} seconds` : plural(taps.length, 'tap')}
        </span>
      </button>
      <p className="small" role="status">
        {found
          ? `${rateText(found)}${found.evenness ? `, ${evennessText(found.evenness)}` : ''}${found.missed > 0 ? `; ${plural(found.missed, 'tap')} seems to be missing` : ''}`
          : isOver
            ? 'Too few to say.'
            : ''}
      </p>
      {taps.length > 0 && (
        <p className="flex gap-3">
          <button type="button" className="press" disabled={!found} onClick={take}>
            Take it
          </button>
          <button type="button" className="press-plain" onClick={again}>
            Again
          </button>
        </p>
      )}
    </div>
  );
}

/** A rate: tapped along, or counted and typed. */
export function RateField({ legend, with: along, rate, onRate }: Props) {
  const [spanSec, setSpanSec] = useState<CountSpanSec>(30);
  const [count, setCount] = useState('');
  const name = useId();
  return (
    <fieldset className="space-y-1">
      <legend className="caption">{legend}</legend>
      {rate && (
        <p>
          <span className="figures font-medium">{rateText(rate)}</span>{' '}
          <button type="button" className="press-plain small" onClick={() => onRate(undefined)}>
            take out<span className="sr-only"> {legend}</span>
          </button>
        </p>
      )}
      <div className="flex flex-wrap items-baseline gap-x-4">
        {COUNT_SPANS_SEC.map((span) => (
          <label key={span} className="inline-flex items-baseline gap-1">
            <input
              type="radio"
              name={name}
              className="accent-ink"
              checked={span === spanSec}
              onChange={() => setSpanSec(span)}
            />
            <span className="figures">{span}</span> <span className="unit">s</span>
          </label>
        ))}
        <label className="inline-flex items-baseline gap-2">
          or counted
          <input
            className="field figures w-20"
            inputMode="numeric"
            aria-label={`${legend}: counted in ${spanSec} seconds`}
            value={count}
            onChange={(event) => {
              setCount(event.target.value);
              const counted = Number(event.target.value);
              if (Number.isInteger(counted) && counted > 0)
                onRate({ ...rateOfCount(counted, spanSec), by: 'counted', overSec: spanSec });
            }}
          />
        </label>
      </div>
      <Tapping key={spanSec} spanSec={spanSec} with={along} onRate={onRate} />
    </fieldset>
  );
}
