'use client';

import { useEffect, useId, useState } from 'react';
import { FRAMES } from '@/ui/figure/frames';
import { COVERED_KINDS } from '@/ui/words/term';
import { timesUntil, type CoverView } from './view';

interface CoverageProps {
  readonly cover: readonly CoverView[];
  /** The day of the first class of each week that has one. */
  readonly days: readonly string[];
}

/**
 * What the term comes by: the figure filling with ink from week to week, and the same in words with what is still missing.
 */
export function Coverage({ cover, days }: CoverageProps) {
  const id = useId();
  const last = Math.max(0, days.length - 1);
  // Nothing chosen is the whole term, however many weeks it has by then.
  const [chosen, setChosen] = useState<number | undefined>(undefined);
  const until = Math.min(chosen ?? last, last);
  const [pictures, setPictures] = useState<readonly string[]>([]);
  useEffect(() => {
    let isWanted = true;
    void import('./coverPicture').then(({ coverPicture }) => {
      if (isWanted) setPictures([coverPicture(cover, until, 'front'), coverPicture(cover, until, 'back')]);
    });
    return () => {
      isWanted = false;
    };
  }, [cover, until]);
  return (
    <section aria-labelledby="coverage" className="mt-8">
      <h2 id="coverage">What it comes by</h2>
      {last > 0 && (
        <p className="mt-1 mb-3 flex max-w-3xl flex-wrap items-center gap-x-4 gap-y-1">
          <label htmlFor={id} className="caption">
            up to
          </label>
          <input
            id={id}
            type="range"
            className="min-w-40 flex-1 accent-ink"
            min={0}
            max={last}
            value={until}
            aria-valuetext={`week ${until + 1} of ${last + 1}, ${days[until] ?? ''}`}
            onChange={(event) => setChosen(Number(event.target.value))}
          />
          <span className="figures w-72">
            week {until + 1} of {last + 1}, {days[until]}
          </span>
        </p>
      )}
      <div className="grid gap-x-10 gap-y-4 md:grid-cols-[22rem_minmax(0,1fr)]">
        <div className="grid grid-cols-2 gap-3" aria-hidden>
          {[0, 1].map((face) => (
            <svg key={face} className="fig min-h-60 w-full" viewBox={FRAMES.close}>
              {/* Numbers only, computed here. */}
              <g dangerouslySetInnerHTML={{ __html: pictures[face] ?? '' }} />
            </svg>
          ))}
        </div>
        <dl className="grid content-start gap-x-8 gap-y-2 sm:grid-cols-2">
          {(['organ', 'joint', 'capacity', 'channel'] as const).map((kind) => {
            const rows = cover
              .filter((one) => one.kind === kind)
              .map((one) => ({ ...one, times: timesUntil(one, until) }));
            const met = rows.filter(({ times }) => times > 0).toSorted((a, b) => b.times - a.times);
            const missing = rows.filter(({ times }) => times === 0);
            return (
              <div key={kind}>
                <dt className="caption">
                  {COVERED_KINDS[kind]}{' '}
                  <span className="figures">
                    {met.length} of {rows.length}
                  </span>
                </dt>
                <dd>
                  {met.map(({ id: one, name, times }) => (
                    <span key={one} className="mr-3 inline-block">
                      {name} <span className="quiet figures">{times}×</span>
                    </span>
                  ))}
                  {missing.length > 0 && (
                    <span className="quiet block">not yet: {missing.map(({ name }) => name).join(', ')}</span>
                  )}
                </dd>
              </div>
            );
          })}
        </dl>
      </div>
    </section>
  );
}
