'use client';

import { useDeferredValue, useMemo, useState } from 'react';
import type { Pace } from '@/core/breath';
import { askPatterns, PATTERNS, type WholePattern } from '@/core/patterns';
import { sourceTitle } from '@/core/sources';
import { Neighbours } from '@/ui/forms/Neighbours';
import { breathFigures, LEVEL_NAMES, routeText } from '@/ui/words/patterns';
import { PatternLine } from './PatternLine';

/** One pattern: its line, what it does, for whom not, and how it is taught. */
function PatternCard({ pattern, pace }: { pattern: WholePattern; pace: Pace }) {
  return (
    <article id={pattern.id} className="border-t border-ink pt-2 pb-5">
      <h2 className="flex flex-wrap items-baseline gap-x-2">
        {pattern.name}
        {pattern.hanzi && (
          <span lang="zh" className="hanzi">
            {pattern.hanzi}
          </span>
        )}
      </h2>
      {pattern.pinyin && <p className="quiet italic">{pattern.pinyin}</p>}
      <PatternLine pattern={pattern} pace={pace} label={`The line of ${pattern.name}`} />
      <p className="quiet small figures">
        {breathFigures(pattern, pace)}; {routeText(pattern)}
      </p>
      <p className="mt-1">{pattern.does}</p>
      <p className="watch mt-1">{pattern.mind}</p>
      <details className="mt-1">
        <summary className="press-plain">How it is taught</summary>
        <ol className="mt-1 list-inside list-decimal">
          {pattern.teach.map((step) => (
            <li key={step}>{step}</li>
          ))}
        </ol>
        <ul className="mt-1">
          {pattern.mistakes.map(({ mistake, mend }) => (
            <li key={mistake}>
              {mistake}: <span className="quiet">{mend}</span>
            </li>
          ))}
        </ul>
        <p className="quiet mt-1">Said once: “{pattern.announce}”</p>
      </details>
      <p className="quiet small mt-1">
        {LEVEL_NAMES[pattern.level]}; at least {pattern.leastSec} s a breath to be at ease
        {pattern.usualBreaths === undefined ? '' : `; usually ${pattern.usualBreaths}`} ·{' '}
        {sourceTitle(pattern.source)}
      </p>
    </article>
  );
}

/** The ways of breathing, asked in words, seen as lines beside one another. */
export function BreathsRoom({ pace, question: asked }: { readonly pace: Pace; readonly question: string }) {
  const [question, setQuestion] = useState(asked);
  const said = useDeferredValue(question);
  const found = useMemo(() => askPatterns(PATTERNS, said), [said]);
  return (
    <div>
      <Neighbours here="/forms/breaths" />
      <label className="sr-only" htmlFor="seek-breath">
        Ask for a breath
      </label>
      <input
        id="seek-breath"
        className="field mt-2 font-serif text-[1.2rem]"
        placeholder="a breath for sleep"
        maxLength={200}
        value={question}
        onChange={(event) => setQuestion(event.target.value)}
      />
      <p className="quiet small mt-1" aria-live="polite">
        {found.length === 0
          ? 'No breath answers that; the natural breath always does.'
          : `${found.length} ways to breathe, at ${pace.breathsPerMin} a minute as your customs have it.`}
      </p>
      <div className="mt-3 grid gap-x-10 sm:grid-cols-2 lg:grid-cols-3">
        {found.map((pattern) => (
          <PatternCard key={pattern.id} pattern={pattern} pace={pace} />
        ))}
      </div>
    </div>
  );
}
