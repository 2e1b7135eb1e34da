'use client';

import { wrap, type Remote } from 'comlink';
import { useEffect, useRef, useState } from 'react';
import type { CalendarSeason } from '@/core/almanac';
import type { Customs } from '@/core/customs';
import type { LanePoint, Practice } from '@/core/practice';
import type { Note, ReviewPeople } from '@/core/review';
import type { LanesWorker } from '@/workers/lanes.worker';

export interface Beside {
  readonly lanes: readonly LanePoint[];
  readonly notes: readonly Note[];
  /** The practice the notes were written for: an older one while a newer is being read. */
  readonly readOver: Practice | undefined;
}

/** A short wait: of several quick edits only the last is solved. */
const LANES_WAIT_MS = 150;
const NOTES_WAIT_MS = 40;

/** The notes as they are now; one that says what it said before stays the one it was, so that nothing is drawn anew. */
function settled(before: readonly Note[], now: readonly Note[]): readonly Note[] {
  const known = new Map(before.map((note) => [JSON.stringify(note), note]));
  return now.map((note) => known.get(JSON.stringify(note)) ?? note);
}

/**
 * What is worked out beside the page: the body's lanes and the margin's notes. Those of the practice before
 * stand until the new ones come.
 */
export function useBeside(
  practice: Practice | undefined,
  customs: Customs,
  people: ReviewPeople,
  today: readonly CalendarSeason[],
): Beside {
  const [lanes, setLanes] = useState<readonly LanePoint[]>([]);
  const [read, setRead] = useState<{ notes: readonly Note[]; readOver: Practice | undefined }>({
    notes: [],
    readOver: undefined,
  });
  const remote = useRef<Remote<LanesWorker> | undefined>(undefined);
  useEffect(() => {
    const worker = new Worker(new URL('../../workers/lanes.worker.ts', import.meta.url));
    remote.current = wrap<LanesWorker>(worker);
    return () => {
      remote.current = undefined;
      worker.terminate();
    };
  }, []);
  useEffect(() => {
    if (!practice) return undefined;
    let wanted = true;
    const soon = setTimeout(() => {
      remote.current
        ?.review(practice, customs, people, today)
        .then((notes) => {
          if (wanted) setRead((before) => ({ notes: settled(before.notes, notes), readOver: practice }));
        })
        .catch((problem: unknown) => console.error('The practice could not be read over', problem));
    }, NOTES_WAIT_MS);
    const later = setTimeout(() => {
      remote.current
        ?.lanes(practice)
        .then((points) => {
          if (wanted) setLanes(points);
        })
        .catch((problem: unknown) => console.error('The body’s lanes could not be solved', problem));
    }, LANES_WAIT_MS);
    return () => {
      wanted = false;
      clearTimeout(soon);
      clearTimeout(later);
    };
  }, [practice, customs, people, today]);
  return { lanes, ...read };
}
