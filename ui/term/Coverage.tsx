'use client';

import { useEffect, useState } from 'react';
import { FRAMES } from '@/ui/figure/frames';
import { COVERED_KINDS } from '@/ui/words/term';
import type { CoverView } from './view';

/** What the term comes by: the figure filling with ink, and the same in words with what is still missing. */
export function Coverage({ cover }: { readonly cover: readonly CoverView[] }) {
  const [pictures, setPictures] = useState<readonly string[]>([]);
  useEffect(() => {
    let isWanted = true;
    void import('./coverPicture').then(({ coverPicture }) => {
      if (isWanted) setPictures([coverPicture(cover, 'front'), coverPicture(cover, 'back')]);
    });
    return () => {
      isWanted = false;
    };
  }, [cover]);
  return (
    <section aria-labelledby="coverage" className="mt-8">
      <h2 id="coverage">What it comes by</h2>
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
            const rows = cover.filter((one) => one.kind === kind);
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
                  {met.map(({ id, name, times }) => (
                    <span key={id} className="mr-3 inline-block">
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
