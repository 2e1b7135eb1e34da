'use client';

import {
  DndContext,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
  type DragEndEvent,
} from '@dnd-kit/core';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import type { Term } from '@/core/term/document';
import type { Ground } from '@/ui/compose/ground';
import { readAnswer } from '@/ui/kit/answer';
import { useSay } from '@/ui/kit/Said';
import { useReady } from '@/ui/kit/useReady';
import { Coverage } from './Coverage';
import { TermFields } from './TermFields';
import { TermLine } from './TermLine';
import { Threads } from './Threads';
import { useComposeWeeks } from './useComposeWeeks';
import { useTerm } from './useTerm';
import { swapped, withWeek, type TermView } from './view';
import { WeekRow } from './WeekRow';

interface Props {
  readonly view: TermView;
  readonly ground: Ground;
  readonly groups: readonly { readonly id: string; readonly name: string }[];
  readonly forms: readonly { readonly id: string; readonly name: string }[];
}

/** What planning it again would change, and what stands in the way of the hours. */
function Notes({ view, onPlan }: { readonly view: TermView; readonly onPlan: () => void }) {
  const { changes, clashes, gap } = view;
  const unplanned = view.weeks.filter(({ monday }) => view.term.weeks[monday] === undefined).length;
  return (
    <div className="my-4 space-y-2">
      {clashes.map((clash) => (
        <p key={clash} className="must">
          {clash}
        </p>
      ))}
      {unplanned > 0 && (
        <p className="border-l-[3px] border-ink pl-3">
          {unplanned === 1 ? 'One week has' : `${unplanned} weeks have`} no word yet: plan again.
        </p>
      )}
      {changes.length > 0 && (
        <div className="border-l-[3px] border-ink pl-3">
          <p>Since it was planned something has changed. Planned again, with as little change as can be:</p>
          <ul className="small">
            {changes.map((change) => (
              <li key={change}>{change}</li>
            ))}
          </ul>
        </div>
      )}
      <p className="flex flex-wrap items-baseline gap-3">
        <button type="button" className="press" onClick={onPlan}>
          Plan again
        </button>
        <span className="quiet small">
          Locked weeks and those that are over stay.{' '}
          {gap < 0.0005
            ? 'By its own weights no plan is better.'
            : `By its own weights no plan is better by more than ${(gap * 100).toFixed(1)} %.`}
        </span>
      </p>
    </div>
  );
}

/** A season planned for a group, week by week. */
export function TermRoom({ view, ground, groups, forms }: Props) {
  const { term, problem, change, takeBack, canTakeBack, planAgain } = useTerm(view.term, view.version);
  const making = useComposeWeeks(ground, view.groupName, (monday, practiceId) =>
    change((present) => withWeek(present, monday, { practiceId })),
  );
  const ready = useReady();
  const router = useRouter();
  const say = useSay();
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 6 } }),
    useSensor(KeyboardSensor),
  );
  const dropped = ({ active, over }: DragEndEvent): void => {
    if (!over || over.id === active.id) return;
    void change(
      (present) => swapped(present, String(active.id), String(over.id)),
      'The two weeks have changed over.',
    );
  };
  const without = view.weeks.filter(({ practice, isOver }) => !practice && !isOver);
  const bin = async (): Promise<void> => {
    if (!window.confirm(`Put “${term.name}” into the bin? Its practices stay on the shelf.`)) return;
    const gone = await readAnswer(() => fetch(`/api/terms/${term.id}`, { method: 'DELETE' }));
    if (!gone.ok) return say(gone.message);
    say(`“${term.name}” is in the bin.`);
    router.push('/term');
  };
  return (
    <div className="max-w-[78rem]">
      <p>
        <Link className="press-plain" href="/term">
          Terms
        </Link>
      </p>
      <h1>{term.name}</h1>
      <p className="quiet">
        {view.groupName}, {view.when}{' '}
        <Link className="press-plain" href={`/handout/term/${term.id}`}>
          Hand it out
        </Link>
      </p>
      <TermLine view={view} />
      <Notes view={view} onPlan={() => void planAgain()} />
      <p className="flex flex-wrap items-baseline gap-3">
        {making.composing ? (
          <>
            <span role="status" className="figures">
              Drafting {making.composing.now}: {making.composing.done + 1} of {making.composing.of}
            </span>
            <button type="button" className="press" onClick={making.stop}>
              Stop
            </button>
          </>
        ) : (
          <button
            type="button"
            className="press"
            disabled={!ready || without.length === 0}
            onClick={() => void making.compose(without, view.weeks)}
          >
            Draft all that are to come ({without.length})
          </button>
        )}
        <button type="button" className="press" disabled={!canTakeBack} onClick={() => void takeBack()}>
          Undo
        </button>
        <button type="button" className="press" onClick={() => void bin()}>
          Bin
        </button>
      </p>
      {[problem, making.problem].map(
        (text) =>
          text !== undefined && (
            <p key={text} role="alert" className="must my-2">
              {text}
            </p>
          ),
      )}
      <TermFields
        isKept
        key={JSON.stringify([
          term.first,
          term.last,
          term.aim,
          term.out,
          term.learn,
          term.learnSet,
          term.also,
          term.teacher,
          term.calendar,
          term.ways,
        ])}
        term={term}
        groups={groups}
        forms={forms}
        onKeep={(next: Term) =>
          // What the weeks are for may have changed while this was open.
          void change(
            (present) => ({ ...next, weeks: present.weeks }),
            'Kept. Plan again for the weeks to follow it.',
          )
        }
      />
      <DndContext sensors={sensors} onDragEnd={dropped}>
        <ol className="mt-4 border-t border-ink">
          {view.weeks.map((week, index) => {
            const word = term.weeks[week.monday];
            return (
              word && (
                <WeekRow
                  key={week.monday}
                  week={week}
                  number={index + 1}
                  word={word}
                  isComposing={making.composing !== undefined || !ready}
                  onChange={(next, said) =>
                    void change((present) => withWeek(present, week.monday, next), said)
                  }
                  onCompose={() => void making.compose([week], view.weeks)}
                />
              )
            );
          })}
        </ol>
      </DndContext>
      {view.empty.length > 0 && (
        <p className="quiet small mt-2">
          Without a class:{' '}
          {view.empty.map(({ day, out }) => (out.length > 0 ? `${day} (${out.join(', ')})` : day)).join('; ')}
        </p>
      )}
      {view.threads.length > 0 && <Threads threads={view.threads} weeks={view.weeks} />}
      <Coverage cover={view.cover} days={view.weeks.map(({ days }) => days[0] ?? '')} />
    </div>
  );
}
