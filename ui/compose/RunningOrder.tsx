'use client';

import { keysOf } from '@/core/lists/lists';
import { Lock, LockOpen, Minus, Plus, X } from 'lucide-react';
import dynamic from 'next/dynamic';
import { memo, useMemo, type KeyboardEvent, type MouseEvent } from 'react';
import { breathOf, type Pace } from '@/core/breath';
import { nameOf, type Form } from '@/core/forms';
import { formOf, paceOf, type Edit, type Item, type Practice, type Timeline } from '@/core/practice';
import type { NoteInWords } from '@/ui/words/margin';
import { themePhase } from '@/core/brief';
import { Thumbnail } from '@/ui/figure/Thumbnail';
import { PHASE_VAR } from '@/ui/kit/PhaseMark';
import { clockText } from '@/ui/kit/time';
import { useStable } from '@/ui/kit/useStable';
import { doseInBreaths, isTimed } from '@/ui/words/doses';
import { LESSON_NAMES } from '@/ui/words/lessons';
import { ROLE_NAMES } from '@/ui/words/names';
import { NotesHere } from './NoteLine';
import type { NoteActions } from './noteActions';
import type { Selection } from './useSelection';

interface Props {
  readonly practice: Practice;
  readonly timeline: Timeline;
  readonly selection: Selection;
  readonly notes: readonly NoteInWords[];
  readonly noteActions: NoteActions;
  readonly onEdit: (edit: Edit, said: string) => void;
}

/** A number with a press to either side. */
function Stepper({
  what,
  value,
  onStep,
  canLess,
}: {
  what: string;
  value: string;
  onStep: (by: 1 | -1) => void;
  canLess: boolean;
}) {
  return (
    <span className="inline-flex items-center whitespace-nowrap">
      <button
        type="button"
        className="press-square"
        data-stop
        tabIndex={-1}
        aria-label={`Fewer: ${what}`}
        disabled={!canLess}
        onClick={() => onStep(-1)}
      >
        <Minus size={13} aria-hidden />
      </button>
      <span className="figures min-w-24 text-center">{value}</span>
      <button
        type="button"
        className="press-square"
        data-stop
        tabIndex={-1}
        aria-label={`More: ${what}`}
        onClick={() => onStep(1)}
      >
        <Plus size={13} aria-hidden />
      </button>
    </span>
  );
}

/** Seconds as they are read: whole where nobody would notice the rest. */
const secondsText = (sec: number): string =>
  `${sec >= 15 ? sec.toFixed(0) : sec.toFixed(1).replace(/\.0$/, '')} s`;

/** How long one round of each item is, s: its second one where there is one, as the first may be told at length. */
function roundsOf(timeline: Timeline): readonly number[] {
  const rounds: number[][] = timeline.items.map(() => []);
  for (const { itemIndex, part, second, isStay, repetition, pass, lengthMs } of timeline.events)
    if (part === 'cycle' && !second && !isStay && pass === 0) {
      const ofItem = rounds[itemIndex];
      if (ofItem) ofItem[repetition] = (ofItem[repetition] ?? 0) + lengthMs / 1000;
    }
  return rounds.map((of) => of[2] ?? of.find((sec) => sec !== undefined) ?? 0);
}

/** Left and right go along the presses of a row: a row is one stop of the tab key, not eight. */
function goAlong(event: KeyboardEvent<HTMLElement>): void {
  const way = event.key === 'ArrowRight' ? 1 : event.key === 'ArrowLeft' ? -1 : 0;
  if (way === 0 || event.altKey || event.ctrlKey || event.metaKey) return;
  const stops = [
    ...event.currentTarget.querySelectorAll<HTMLButtonElement>('[data-stop], [data-stop-in] button'),
  ].filter((stop) => !stop.disabled && stop.getClientRects().length > 0);
  const at = stops.findIndex((stop) => stop === document.activeElement);
  if (at < 0) return;
  event.preventDefault();
  stops[(at + way + stops.length) % stops.length]?.focus();
}

/** One press makes a form that goes by seconds so much longer or shorter, s. */
const SECONDS_STEP = 10;

interface RowProps {
  readonly item: Item;
  readonly form: Form;
  readonly index: number;
  readonly lengthMs: number;
  /** How long one round of it is, s. */
  readonly roundSec: number;
  readonly pace: Pace;
  readonly sash: string;
  readonly selected: boolean;
  readonly chosen: boolean;
  readonly notes: readonly NoteInWords[];
  readonly noteActions: NoteActions;
  readonly onEdit: Props['onEdit'];
  readonly onChoose: (itemId: string, event: MouseEvent) => void;
  readonly onKey: (event: KeyboardEvent, index: number) => void;
}

/** The same row, as far as anyone can see: notes are read anew with every edit and mostly say the same. */
function sameRow(before: RowProps, now: RowProps): boolean {
  const { notes: notesBefore, ...rest } = before;
  const { notes: notesNow, ...restNow } = now;
  return (
    keysOf(rest).every((key) => rest[key] === restNow[key]) &&
    notesBefore.length === notesNow.length &&
    notesBefore.every((note, place) => note === notesNow[place])
  );
}

const Row = memo(function Row({
  item,
  form,
  index,
  lengthMs,
  roundSec,
  pace,
  sash,
  selected,
  chosen,
  notes,
  noteActions,
  onEdit,
  onChoose,
  onKey,
}: RowProps) {
  const { inSec, outSec } = breathOf(form.pace, pace, item.stretch);
  const wholeSec = inSec + outSec;
  const timed = isTimed(form, item);
  const name = nameOf(form, item.variant);
  const breathed = form.cycle.some((stroke) => stroke.breath === 'in' || stroke.breath === 'out');
  return (
    <li
      id={`drag-row-${item.id}`}
      onKeyDown={goAlong}
      className={`quiet-controls grid grid-cols-[1.75rem_minmax(0,1fr)_auto] items-center gap-x-2 border-b border-hairline py-1 sm:grid-cols-[1.75rem_minmax(0,1fr)_11.5rem_10rem_3.2rem_1.75rem_1.75rem] ${selected || chosen ? 'is-chosen bg-leaf' : ''} ${chosen ? 'shadow-[inset_3px_0_0_var(--ink)]' : ''} data-dragging:relative data-dragging:z-10 data-dragging:bg-leaf data-dragging:outline-2 data-dragging:outline-ink`}
    >
      <span id={`drag-slot-${item.id}`} className="min-h-7 min-w-7" data-stop-in />
      <button
        type="button"
        className="min-w-0 py-1 text-left"
        id={`row-${item.id}`}
        data-stop
        aria-pressed={selected || chosen}
        onClick={(event) => onChoose(item.id, event)}
        onKeyDown={(event) => onKey(event, index)}
      >
        <span className="float-left -mt-1 mr-2.5 -mb-1">
          <Thumbnail form={form} variant={item.variant} height={76} sash={sash} />
        </span>
        <span className={`font-serif text-[1.1rem] ${selected ? 'font-bold' : ''}`}>{name}</span>{' '}
        {form.hanzi && (
          <span lang="zh-Hant" className="hanzi">
            {form.hanzi}
          </span>
        )}
        {item.variant !== 'full' && <span className="quiet small"> {item.variant}</span>}
        {item.hinge && <span className="quiet small"> hinge</span>}
        {item.lesson && <span className="quiet small"> {LESSON_NAMES[item.lesson]}</span>}
        {item.stays?.map((stay, at) => (
          <span key={at} className="quiet small figures">
            {' '}
            {at > 0 && '· '}held {stay.sec === undefined ? `${stay.breaths ?? 0} breaths` : `${stay.sec} s`}
          </span>
        ))}
        {item.station && <span className="quiet small"> station</span>}
        {item.layers && <span className="quiet small"> in layers</span>}
      </button>
      <span className="figures text-right sm:hidden">{clockText(lengthMs)}</span>
      <span className="col-start-2 sm:col-start-auto">
        <Stepper
          what={`${timed ? 'seconds' : 'repetitions'} of ${name}`}
          value={doseInBreaths(form, item)}
          canLess={timed ? (item.forSec ?? 0) > SECONDS_STEP : item.repetitions > 1}
          onStep={(steps) =>
            onEdit(
              timed
                ? { kind: 'for-seconds', itemId: item.id, sec: (item.forSec ?? 0) + SECONDS_STEP * steps }
                : { kind: 'repetitions', itemId: item.id, steps },
              `${name}: ${timed ? 'seconds' : 'repetitions'} changed`,
            )
          }
        />
      </span>
      <span className="col-start-2 sm:col-start-auto">
        <Stepper
          what={breathed ? `breath length of ${name}` : `length of each round of ${name}`}
          value={breathed ? `${secondsText(wholeSec)} a breath` : `${secondsText(roundSec)} a round`}
          canLess={item.stretch > 0.5}
          onStep={(steps) =>
            onEdit({ kind: 'breath-length', itemId: item.id, steps }, `${name}: breath length changed`)
          }
        />
      </span>
      <span className="figures hidden text-right sm:block">{clockText(lengthMs)}</span>
      <button
        type="button"
        className={`press-square max-sm:col-start-3 max-sm:row-start-2 max-sm:justify-self-end ${item.kept ? '' : 'text-faded'}`}
        data-stop
        tabIndex={-1}
        aria-label={`Lock ${name}`}
        aria-pressed={item.kept === true}
        title="Lock: it stays as it is when the rest is drafted anew"
        onClick={() =>
          onEdit(
            { kind: 'keep', itemIds: [item.id], kept: !item.kept },
            item.kept ? `${name} unlocked` : `${name} locked: it stays through redrafts`,
          )
        }
      >
        {item.kept ? <Lock size={14} aria-hidden /> : <LockOpen size={14} aria-hidden />}
      </button>
      <button
        type="button"
        className="press-square max-sm:col-start-3 max-sm:row-start-3 max-sm:justify-self-end"
        data-stop
        tabIndex={-1}
        aria-label={`Remove ${name}`}
        onClick={() => onEdit({ kind: 'remove', itemId: item.id }, `${name} removed`)}
      >
        <X size={14} aria-hidden />
      </button>
      <div className="col-span-full pl-9">
        <NotesHere notes={notes} {...noteActions} />
      </div>
    </li>
  );
}, sameRow);

// The handles come when the page stands: keys move forms before, and they do not weigh on the first load.
const DragHandles = dynamic(async () => (await import('./DragHandles')).DragHandles, { ssr: false });

/** The running order beside the score: drag or keys to move, presses to change, everything undone by undo. */
export const RunningOrder = memo(function RunningOrder({
  practice,
  timeline,
  selection,
  notes,
  noteActions,
  onEdit,
}: Props) {
  const choose = useStable((itemId: string, event: MouseEvent): void =>
    selection.select(
      itemId,
      event.shiftKey ? 'extend' : event.ctrlKey || event.metaKey ? 'toggle' : undefined,
    ),
  );
  const key = useStable((event: KeyboardEvent, index: number): void => {
    const item = practice.items[index];
    if (!item) return;
    const { name } = formOf(practice, item);
    const act = (edit: Edit, said: string): void => {
      event.preventDefault();
      onEdit(edit, said);
    };
    const does = (action: () => void): void => {
      event.preventDefault();
      action();
    };
    const beside = practice.items[index + (event.key === 'ArrowUp' ? -1 : 1)];
    if (event.altKey && event.key === 'ArrowUp')
      act({ kind: 'move', itemId: item.id, toIndex: index - 1 }, `${name} moved up`);
    else if (event.altKey && event.key === 'ArrowDown')
      act({ kind: 'move', itemId: item.id, toIndex: index + 1 }, `${name} moved down`);
    else if (event.key === 'ArrowUp' || event.key === 'ArrowDown')
      does(() => {
        if (!beside) return;
        selection.select(beside.id, event.shiftKey ? 'extend' : undefined);
        document.getElementById(`row-${beside.id}`)?.focus();
      });
    else if (event.ctrlKey || event.metaKey) {
      if (event.key === 'c') does(() => selection.lift('copy'));
      else if (event.key === 'x') does(() => selection.lift('cut'));
      else if (event.key === 'v') does(() => selection.paste());
    } else if (event.key === 'Escape') does(() => selection.clear());
    else if (event.key === 'Delete') does(() => selection.remove());
    else if (event.key === 'k') does(() => selection.lock());
    else if (event.key === 'r') does(() => selection.repeat());
    else if (event.key === 'b') does(() => selection.bookend());
    else if (event.key === '+' || event.key === '=')
      act({ kind: 'repetitions', itemId: item.id, steps: 1 }, `${name}: one more`);
    else if (event.key === '-')
      act({ kind: 'repetitions', itemId: item.id, steps: -1 }, `${name}: one fewer`);
  });
  const { breathsPerMin, outToIn, longestExhaleSec } = paceOf(practice);
  // The same pace for as long as it is the same: a new one would draw every row anew.
  const pace = useMemo(
    () => ({ breathsPerMin, outToIn, longestExhaleSec }),
    [breathsPerMin, outToIn, longestExhaleSec],
  );
  const rounds = useMemo(() => roundsOf(timeline), [timeline]);
  const sash = PHASE_VAR[themePhase(practice.brief.theme)];
  return (
    <section aria-labelledby="running-order">
      <div className="flex items-baseline justify-between border-b border-ink pb-1">
        <h2 id="running-order">Running order</h2>
        <span className="quiet small hidden sm:grid sm:grid-cols-[11.5rem_10rem_3.2rem_1.75rem_1.75rem] sm:gap-x-2">
          <span className="text-center">how much</span>
          <span className="text-center">how slowly</span>
          <span className="text-right">min</span>
        </span>
      </div>
      {timeline.sections.map((section) => (
        <div key={`${section.role}-${section.itemIndexes[0]}`}>
          <h3 className="caption flex justify-between pt-2">
            <span>{ROLE_NAMES[section.role]}</span>
            <span className="figures">{clockText(section.lengthMs)}</span>
          </h3>
          <ul aria-label={ROLE_NAMES[section.role]}>
            {section.itemIndexes.map((index) => {
              const item = practice.items[index];
              if (!item) return null;
              const form = formOf(practice, item);
              return (
                <Row
                  key={item.id}
                  item={item}
                  form={form}
                  index={index}
                  lengthMs={timeline.items[index]?.lengthMs ?? 0}
                  roundSec={rounds[index] ?? 0}
                  pace={pace}
                  sash={sash}
                  selected={item.id === selection.current}
                  chosen={selection.ids.has(item.id)}
                  notes={notes.filter((note) => note.itemId === item.id)}
                  noteActions={noteActions}
                  onEdit={onEdit}
                  onChoose={choose}
                  onKey={key}
                />
              );
            })}
          </ul>
        </div>
      ))}
      <DragHandles practice={practice} timeline={timeline} onEdit={onEdit} />
    </section>
  );
});
