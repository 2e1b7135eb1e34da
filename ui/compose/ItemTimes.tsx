'use client';

import { Plus, X } from 'lucide-react';
import { cycleOf } from '@/core/forms';
import { FIRST_REPETITION, goesFree } from '@/core/time';
import { formOf, type Edit, type Item, type Practice } from '@/core/practice';
import { Seconds } from '@/ui/kit/Seconds';

interface Props {
  readonly practice: Practice;
  readonly item: Item;
  readonly onEdit: (edit: Edit, said: string) => void;
}

type Stays = NonNullable<Item['stays']>;

/** Postures of the form stayed in: which, how long, how often. */
function Stays({ practice, item, onEdit }: Props) {
  const form = formOf(practice, item);
  const cycle = cycleOf(form, item.variant);
  const stays: Stays = item.stays ?? [];
  const keep = (next: Stays): void =>
    onEdit({ kind: 'stays', itemId: item.id, stays: next }, 'Holds changed');
  const sided =
    form.sides === 'symmetric' ? '' : form.sides === 'both-ways' ? ', each way' : ', on each side';
  return (
    <fieldset className="space-y-1">
      <legend className="caption">held{sided}</legend>
      {stays.map((stay, at) => {
        const change = (next: Partial<Stays[number]>): void =>
          keep(stays.map((one, index) => (index === at ? { ...one, ...next } : one)));
        const byBreaths = stay.breaths !== undefined;
        return (
          <div key={at} className="flex flex-wrap items-center gap-1.5">
            <select
              className="field w-auto max-w-full"
              aria-label={`hold ${at + 1}: after which stroke`}
              value={stay.stroke ?? cycle.length - 1}
              onChange={(event) => change({ stroke: Number(event.target.value) })}
            >
              {cycle.map((_, index) => (
                <option key={index} value={index}>
                  after stroke {index + 1}
                </option>
              ))}
            </select>
            <input
              type="number"
              className="field w-18"
              aria-label={`hold ${at + 1}: how long`}
              min={1}
              max={byBreaths ? 36 : 600}
              value={byBreaths ? stay.breaths : (stay.sec ?? 1)}
              onChange={(event) => {
                const value = Math.max(1, Number(event.target.value) || 1);
                change(byBreaths ? { breaths: value } : { sec: value });
              }}
            />
            <select
              className="field w-auto"
              aria-label={`hold ${at + 1}: seconds or breaths`}
              value={byBreaths ? 'breaths' : 's'}
              onChange={(event) =>
                change(
                  event.target.value === 'breaths'
                    ? { breaths: 3, sec: undefined }
                    : { sec: 30, breaths: undefined },
                )
              }
            >
              <option value="s">s</option>
              <option value="breaths">breaths</option>
            </select>
            <select
              className="field w-auto"
              aria-label={`hold ${at + 1}: how often`}
              value={stay.on}
              onChange={(event) => change({ on: event.target.value === 'each' ? 'each' : 'last' })}
            >
              <option value="last">the last time</option>
              <option value="each">every time</option>
            </select>
            <button
              type="button"
              className="press-square"
              aria-label={`Take hold ${at + 1} out`}
              onClick={() => keep(stays.filter((_, index) => index !== at))}
            >
              <X size={13} aria-hidden />
            </button>
          </div>
        );
      })}
      {stays.length < 8 && (
        <button
          type="button"
          className="press-plain inline-flex items-center gap-1"
          onClick={() => keep([...stays, { stroke: cycle.length - 1, sec: 30, on: 'last' }])}
        >
          <Plus size={13} aria-hidden /> hold a posture
        </button>
      )}
    </fieldset>
  );
}

/** Both sides: their order, and another number on the second where a teacher wants it. */
function Sides({ practice, item, onEdit }: Props) {
  const form = formOf(practice, item);
  if (form.sides === 'symmetric' || item.passage !== undefined) return null;
  const usual = form.sides === 'alternating' ? 'in-turn' : 'one-then-other';
  const ways = form.sides === 'both-ways';
  return (
    <div className="flex flex-wrap items-end gap-4">
      <label className="block">
        <span className="caption block">{ways ? 'ways' : 'sides'}</span>
        <select
          className="field w-auto"
          value={item.sideOrder ?? usual}
          onChange={(event) => {
            const order = event.target.value === 'in-turn' ? 'in-turn' : 'one-then-other';
            onEdit(
              { kind: 'side-order', itemId: item.id, order: order === usual ? undefined : order },
              'Order of sides changed',
            );
          }}
        >
          <option value="in-turn">in turn</option>
          <option value="one-then-other">one, then the other</option>
        </select>
      </label>
      <label className="block">
        <span className="caption block">
          {ways ? 'times the second way' : `times on the ${item.firstSide === 'left' ? 'right' : 'left'}`}
        </span>
        <input
          type="number"
          className="field w-20"
          min={1}
          max={99}
          value={item.otherRepetitions ?? item.repetitions}
          onChange={(event) =>
            onEdit(
              {
                kind: 'other-repetitions',
                itemId: item.id,
                repetitions: Math.round(Number(event.target.value)) || undefined,
              },
              'Repetitions changed',
            )
          }
        />
      </label>
    </div>
  );
}

/** Time of one item: talk before it, its first repetition, seconds in place of a count, its sides, what is held, quiet after. */
export function ItemTimes({ practice, item, onEdit }: Props) {
  const form = formOf(practice, item);
  const said = item.passage !== undefined;
  return (
    <details className="border-t border-hairline pt-2">
      <summary className="press-plain">Time, sides, holds</summary>
      <div className="mt-2 space-y-3">
        <div className="flex flex-wrap gap-4">
          <Seconds
            label="talk before it"
            value={item.talkSec ?? form.setupSec[item.familiarity]}
            most={300}
            onKeep={(talkSec) => onEdit({ kind: 'talk', itemId: item.id, talkSec }, 'Talk changed')}
          />
          {!said && (
            <label className="block">
              <span className="caption block">the first time</span>
              <span className="flex items-baseline gap-1">
                <input
                  type="number"
                  className="field w-20"
                  min={1}
                  max={3}
                  step={0.1}
                  value={item.firstFactor ?? FIRST_REPETITION[item.familiarity]}
                  onChange={(event) =>
                    onEdit(
                      { kind: 'first-factor', itemId: item.id, factor: Number(event.target.value) || 1 },
                      'First repetition changed',
                    )
                  }
                />
                <span className="unit">as long</span>
              </span>
            </label>
          )}
          <Seconds
            label="quiet after it"
            value={item.quietSec ?? 0}
            most={300}
            onKeep={(quietSec) => onEdit({ kind: 'quiet', itemId: item.id, quietSec }, 'Quiet changed')}
          />
        </div>
        {(said || goesFree(form, item.variant)) && (
          <div className="flex flex-wrap items-end gap-4">
            <Seconds
              label={said ? 'said in (0: as long as it takes)' : 'goes on for (0: by its count)'}
              value={item.forSec ?? 0}
              most={1800}
              onKeep={(sec) =>
                onEdit(
                  { kind: 'for-seconds', itemId: item.id, sec: sec === 0 ? undefined : sec },
                  'Length changed',
                )
              }
            />
            {!said && (
              <label className="inline-flex min-h-7 items-center gap-1.5">
                <input
                  type="checkbox"
                  className="accent-ink"
                  checked={item.station === true}
                  onChange={(event) =>
                    onEdit(
                      { kind: 'station', itemIds: [item.id], station: event.target.checked },
                      'Station changed',
                    )
                  }
                />
                a short station: named in a word, no pause after it
              </label>
            )}
          </div>
        )}
        <Sides practice={practice} item={item} onEdit={onEdit} />
        {!said && <Stays practice={practice} item={item} onEdit={onEdit} />}
      </div>
    </details>
  );
}
