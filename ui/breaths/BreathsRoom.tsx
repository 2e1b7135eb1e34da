'use client';

import { useDeferredValue, useMemo, useState, type ReactNode } from 'react';
import type { Pace } from '@/core/breath';
import { askPatterns, PATTERNS, type WholePattern } from '@/core/patterns';
import { sourceTitle } from '@/core/sources';
import { phaseName } from '@/core/phases';
import { BinnedForms } from '@/ui/forms/FormsFoot';
import { Neighbours } from '@/ui/forms/Neighbours';
import { AskField } from '@/ui/layers/AskField';
import { Beside, held, type Column } from '@/ui/layers/Beside';
import { LayerActions, useLayerBin, type Binned } from '@/ui/layers/OwnActions';
import { breathFigures, LEVEL_NAMES, routeText } from '@/ui/words/patterns';
import { PatternLine, wholeBreathSec } from './PatternLine';

/** One pattern: its line, what it does, for whom not, and how it is taught. */
function PatternCard({ pattern, pace, actions }: { pattern: WholePattern; pace: Pace; actions: ReactNode }) {
  return (
    <article id={pattern.id} className="border-t border-ink pt-2 pb-5">
      <h2 className="flex flex-wrap items-baseline gap-x-2">
        {pattern.name}
        {pattern.hanzi && (
          <span lang="zh-Hant" className="hanzi">
            {pattern.hanzi}
          </span>
        )}
      </h2>
      {pattern.pinyin && (
        <p className="quiet italic" lang="zh-Latn-pinyin">
          {pattern.pinyin}
        </p>
      )}
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
        {pattern.school === undefined ? '' : `${pattern.school} · `}
        {sourceTitle(pattern.source)}
      </p>
      {actions}
    </article>
  );
}

const ROWS = ['the breath', 'the way', 'what it does', 'to mind', 'taught', 'for whom', 'suits'] as const;

/** A breath as it stands beside others. */
const columnOf = (pattern: WholePattern, pace: Pace, spanSec: number): Column => ({
  id: pattern.id,
  name: pattern.name,
  picture: (
    <PatternLine
      pattern={pattern}
      pace={pace}
      label={`The line of ${pattern.name}, ${Math.round(spanSec)} s`}
      spanSec={spanSec}
    />
  ),
  cells: [
    breathFigures(pattern, pace),
    routeText(pattern),
    pattern.does,
    pattern.mind,
    pattern.teach[0],
    `${LEVEL_NAMES[pattern.level]}; at least ${pattern.leastSec} s a breath`,
    [
      ...pattern.suits.actions,
      ...pattern.suits.phases.map((phase) => phaseName(phase).name),
      ...pattern.suits.dayParts,
    ].join(', ') || 'any time',
  ],
});

interface Props {
  readonly pace: Pace;
  readonly question: string;
  /** One's own, which come first. */
  readonly own: readonly WholePattern[];
  readonly binned: readonly Binned[];
}

const ROOM = '/forms/breaths';

/** The ways of breathing, asked in words, seen as lines beside one another. */
export function BreathsRoom({ pace, question: asked, own, binned }: Props) {
  const [question, setQuestion] = useState(asked);
  const [holding, setHolding] = useState<readonly string[]>([]);
  const { throwOut, bringBack } = useLayerBin('breath');
  const said = useDeferredValue(question);
  const all = useMemo(() => [...own, ...PATTERNS], [own]);
  const found = useMemo(() => askPatterns(all, said), [all, said]);
  const beside = holding.flatMap((id) => all.find((one) => one.id === id) ?? []);
  // One measure of time for all: two breaths of the longest.
  const spanSec = 2 * Math.max(1, ...beside.map((pattern) => wholeBreathSec(pattern, pace)));
  const columns = beside.map((pattern) => columnOf(pattern, pace, spanSec));
  return (
    <div>
      <Neighbours here={ROOM} />
      <AskField
        id="seek-breath"
        label="Ask for a breath"
        placeholder="a breath for sleep"
        value={question}
        onValue={setQuestion}
        write={{ href: `${ROOM}/own/new`, label: 'Write a breath' }}
      />
      <p className="quiet small mt-1" aria-live="polite">
        {found.length === 0
          ? 'No breath answers that; the natural breath always does.'
          : `${found.length} ways to breathe, at ${pace.breathsPerMin} a minute as your customs have it.`}
      </p>
      {columns.length > 0 && (
        <Beside
          title="Breaths beside one another"
          rows={ROWS}
          columns={columns}
          onLetGo={() => setHolding([])}
        />
      )}
      <div className="mt-3 grid gap-x-10 sm:grid-cols-2 lg:grid-cols-3">
        {found.map((pattern) => (
          <PatternCard
            key={pattern.id}
            pattern={pattern}
            pace={pace}
            actions={
              <LayerActions
                room={ROOM}
                id={pattern.id}
                name={pattern.name}
                isOwn={own.some(({ id }) => id === pattern.id)}
                isHeld={holding.includes(pattern.id)}
                onHold={() => setHolding((now) => held(now, pattern.id))}
                onThrowOut={() => throwOut(pattern.id, pattern.name)}
              />
            }
          />
        ))}
      </div>
      <BinnedForms binned={binned} bringBack={bringBack} />
    </div>
  );
}
