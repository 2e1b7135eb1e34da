'use client';

import dynamic from 'next/dynamic';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { themeName } from '@/core/brief/names';
import { stepIn, weekAt, weeksDone } from '@/core/homework/grow';
import type { Homework } from '@/core/homework/homework';
import { dayAfter } from '@/core/term/calendar';
import { readAnswer } from '@/ui/kit/answer';
import { dateText, plural } from '@/ui/kit/time';

const Give = dynamic(async () => (await import('./GiveHomework')).GiveHomework, {
  ssr: false,
  loading: () => <p className="quiet">Opening …</p>,
});

interface Kept {
  readonly homework: Homework;
  readonly version: number;
}

/** The last fortnight up to today, as far as the homework goes back. */
function daysToTick({ first, weeks }: Homework, today: string): readonly string[] {
  const last = dayAfter(first, 7 * weeks - 1);
  const until = today < last ? today : last;
  return Array.from({ length: 14 }, (_, back) => dayAfter(until, back - 13)).filter((day) => day >= first);
}

const dayMs = (day: string): number => Date.parse(`${day}T12:00:00Z`);

/** One piece of homework: its steps, what was done week by week, and the last days to tick. */
function One({
  personId,
  today,
  kept,
}: {
  readonly personId: string;
  readonly today: string;
  readonly kept: Kept;
}) {
  const [homework, setHomework] = useState(kept.homework);
  const [version, setVersion] = useState(kept.version);
  const [problem, setProblem] = useState<string | undefined>(undefined);
  const router = useRouter();
  const { theme, daysAWeek, weeks, first, steps, done } = homework;
  const week = weekAt(homework, today);
  const now = week === undefined ? undefined : stepIn(steps, week);
  const put = async (next: Homework): Promise<void> => {
    setProblem(undefined);
    const before = homework;
    setHomework(next);
    const sent = await readAnswer<{ version: number }>(() =>
      fetch(`/api/people/${personId}/homework/${homework.id}`, {
        method: 'PUT',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({ homework: next, baseVersion: version }),
      }),
    );
    if (sent.ok) return setVersion(sent.value.version);
    setHomework(before);
    setProblem(sent.message);
  };
  const take = async (): Promise<void> => {
    if (!window.confirm('Take this homework away? Its practices stay on the shelf.')) return;
    const gone = await readAnswer(() =>
      fetch(`/api/people/${personId}/homework/${homework.id}`, { method: 'DELETE' }),
    );
    if (!gone.ok) return setProblem(gone.message);
    router.refresh();
  };
  return (
    <li className="border-t border-hairline py-3">
      <p>
        <span className="font-serif text-[1.1rem]">{themeName(theme)}</span>{' '}
        <span className="quiet">
          {plural(daysAWeek, 'day')} a week for {plural(weeks, 'week')}, from{' '}
          {dateText(dayMs(first), 'UTC', 'date')}
        </span>
      </p>
      <ol className="small">
        {steps.map((step, index) => (
          <li key={step.practiceId} aria-current={step === now ? 'step' : undefined}>
            <span className={step === now ? 'font-medium' : ''}>
              from week {step.fromWeek + 1}: <span className="figures">{step.minutes}</span> minutes
            </span>{' '}
            <Link className="press-plain" href={`/compose/${step.practiceId}`}>
              the practice<span className="sr-only"> of {step.minutes} minutes</span>
            </Link>{' '}
            <Link className="press-plain" href={`/sheet/${step.practiceId}`}>
              its sheet<span className="sr-only">, {step.minutes} minutes</span>
            </Link>{' '}
            <Link className="press-plain" href={`/handout/homework/${homework.id}?step=${index}`}>
              hand out<span className="sr-only">, {step.minutes} minutes</span>
            </Link>
          </li>
        ))}
      </ol>
      <p className="small figures">
        <span className="quiet">done, of {daysAWeek} a week:</span> {weeksDone(homework).join(' · ')}
      </p>
      <fieldset className="small flex flex-wrap gap-x-4">
        <legend className="sr-only">Days on which it was done</legend>
        {daysToTick(homework, today).map((day) => (
          <label key={day} className="inline-flex items-baseline gap-1 py-0.5">
            <input
              type="checkbox"
              className="accent-ink"
              checked={done.includes(day)}
              onChange={(event) =>
                void put({
                  ...homework,
                  done: event.target.checked ? [...done, day].toSorted() : done.filter((one) => one !== day),
                })
              }
            />
            {dateText(dayMs(day), 'UTC', 'dayMonth')}
          </label>
        ))}
      </fieldset>
      {problem && (
        <p role="alert" className="must">
          {problem}
        </p>
      )}
      <button type="button" className="press-plain small" onClick={() => void take()}>
        Take it away
      </button>
    </li>
  );
}

/** What one person is asked to do at home, growing step by step, and how often it was done. */
export function HomeworkOf({
  personId,
  today,
  homework,
}: {
  readonly personId: string;
  readonly today: string;
  readonly homework: readonly Kept[];
}) {
  const [isOpen, setIsOpen] = useState(false);
  return (
    <section aria-labelledby="homework" className="mt-10">
      <div className="flex flex-wrap items-baseline gap-x-4">
        <h2 id="homework">At home</h2>
        <button
          type="button"
          className="press"
          aria-expanded={isOpen}
          onClick={() => setIsOpen((before) => !before)}
        >
          Something to do at home
        </button>
      </div>
      {isOpen && <Give personId={personId} today={today} onGiven={() => setIsOpen(false)} />}
      {homework.length === 0 && !isOpen && (
        <p className="quiet my-2">
          Nothing yet: a small practice for them alone, which grows with the weeks.
        </p>
      )}
      <ul className="mt-2">
        {homework.map((kept) => (
          <One key={kept.homework.id} personId={personId} today={today} kept={kept} />
        ))}
      </ul>
    </section>
  );
}
