import { proxy } from 'comlink';
import { useEffect, useRef, useState } from 'react';
import type { Character } from '@/core/compose/characters';
import type { Load } from '@/core/term/themes';
import { askedFor, type Ground } from '@/ui/compose/ground';
import { readAnswer } from '@/ui/kit/answer';
import { newHelper, type Helper } from '@/ui/kit/helper';
import type { ComposeWorker } from '@/workers/compose.worker';
import type { WeekView } from './view';

export interface Composing {
  readonly done: number;
  readonly of: number;
  readonly now: string;
}

/** A draft within a twentieth of a point a minute of the best is good enough for a week that may still change. */
const ENOUGH = 0.05;

/** An easy week rests: arms, legs and breath are spared. What is full clears first, as its brief says. */
const characterOf = (load: Load): Character => (load === 'easy' ? 'gentler' : 'as-asked');

const newWorker = (): Worker => new Worker(new URL('../../workers/compose.worker.ts', import.meta.url));

type Made =
  | { readonly ok: true; readonly id: string; readonly formIds: readonly string[] }
  | { readonly ok: false; readonly message: string };

/** Drafts the practice of a week and puts it on the shelf: most of what the week before it had comes again. */
async function draftOf(
  helper: Helper<ComposeWorker>,
  ground: Ground,
  week: WeekView,
  groupName: string,
  before: readonly string[] | undefined,
): Promise<Made> {
  const day = week.days[0] ?? week.monday;
  const usual = askedFor(ground, week.brief, ground.firstSeed, undefined);
  // Those who come on that day, not those of the next class.
  const recent = [...(before ? [before] : []), ...(usual.people.recent ?? [])];
  const asked = {
    ...usual,
    people: { ...usual.people, ...week.minded, recent },
    character: characterOf(week.load),
    enough: ENOUGH,
  };
  const result = await helper.ask(async (remote) =>
    remote.draft(
      asked,
      proxy(() => undefined),
    ),
  );
  if (!result?.ok)
    return {
      ok: false,
      message: `Nothing fits “${week.themeName}” on ${day}: open it in Compose, where what is in the way is told.`,
    };
  const practice = { ...result.practice, name: `${groupName}, ${day}`.slice(0, 80) };
  const kept = await readAnswer<{ id: string }>(() =>
    fetch('/api/practices', {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ practice }),
    }),
  );
  if (!kept.ok) return { ok: false, message: kept.message };
  return { ok: true, id: kept.value.id, formIds: practice.items.map(({ formId }) => formId) };
}

/** Composes the practices of weeks one after the other in a worker, and puts each on the shelf. */
export function useComposeWeeks(
  ground: Ground,
  groupName: string,
  onMade: (monday: string, practiceId: string) => Promise<boolean>,
) {
  const helper = useRef<Helper<ComposeWorker> | undefined>(undefined);
  const isWanted = useRef(false);
  const [composing, setComposing] = useState<Composing | undefined>(undefined);
  const [problem, setProblem] = useState<string | undefined>(undefined);
  const stop = (): void => {
    isWanted.current = false;
    helper.current?.stop();
    helper.current = undefined;
    setComposing(undefined);
  };
  useEffect(
    () => () => {
      isWanted.current = false;
      helper.current?.stop();
    },
    [],
  );
  const compose = async (weeks: readonly WeekView[], all: readonly WeekView[]): Promise<void> => {
    setProblem(undefined);
    const made = new Map<string, readonly string[]>();
    isWanted.current = true;
    for (const [done, week] of weeks.entries()) {
      if (!isWanted.current) return;
      setComposing({ done, of: weeks.length, now: week.days[0] ?? week.monday });
      try {
        helper.current ??= newHelper(newWorker(), () => (helper.current = undefined));
        const last = all[all.findIndex(({ monday }) => monday === week.monday) - 1];
        // What is over is in the log already.
        const before = last && !last.isOver ? (made.get(last.monday) ?? last.practice?.formIds) : undefined;
        const draft = await draftOf(helper.current, ground, week, groupName, before);
        if (!isWanted.current) break;
        if (!draft.ok) {
          setProblem(draft.message);
          break;
        }
        made.set(week.monday, draft.formIds);
        if (!(await onMade(week.monday, draft.id))) break;
      } catch {
        if (isWanted.current) setProblem('The composer stopped; what was made is kept. Try again.');
        break;
      }
    }
    stop();
  };
  return { composing, problem, compose, stop };
}
