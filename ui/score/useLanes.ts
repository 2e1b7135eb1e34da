'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import type { CalendarSeason } from '@/core/almanac';
import type { Customs } from '@/core/customs';
import type { LanePoint, Practice } from '@/core/practice';
import type { ReviewPeople } from '@/core/review';
import { newHelper, type Helper } from '@/ui/kit/helper';
import type { NoteInWords } from '@/ui/words/margin';
import type { LanesWorker } from '@/workers/lanes.worker';

export interface Beside {
  readonly lanes: readonly LanePoint[];
  readonly notes: readonly NoteInWords[];
  /** The practice the notes were written for: an older one while a newer is being read. */
  readonly readOver: Practice | undefined;
  /** The worker stopped: what stands is of an older practice until it is tried again. */
  readonly hasFailed: boolean;
  readonly again: () => void;
}

const newWorker = (): Worker => new Worker(new URL('../../workers/lanes.worker.ts', import.meta.url));

/** A short wait: of several quick edits only the last is solved. */
const LANES_WAIT_MS = 150;
const NOTES_WAIT_MS = 40;

/** The notes as they are now; one that says what it said before stays the one it was, so that nothing is drawn anew. */
function settled(before: readonly NoteInWords[], now: readonly NoteInWords[]): readonly NoteInWords[] {
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
  const [read, setRead] = useState<{ notes: readonly NoteInWords[]; readOver: Practice | undefined }>({
    notes: [],
    readOver: undefined,
  });
  const [failed, setFailed] = useState<Practice | undefined>(undefined);
  const [tries, setTries] = useState(0);
  const helper = useRef<Helper<LanesWorker> | undefined>(undefined);
  useEffect(() => {
    const { current } = helper;
    return () => {
      (helper.current ?? current)?.stop();
      helper.current = undefined;
    };
  }, []);
  useEffect(() => {
    if (!practice) return undefined;
    let isWanted = true;
    const worker = (): Helper<LanesWorker> =>
      (helper.current ??= newHelper(newWorker(), () => (helper.current = undefined)));
    const failing = (problem: unknown): void => {
      console.error('The practice could not be read over', problem);
      if (isWanted) setFailed(practice);
    };
    const soon = setTimeout(() => {
      worker()
        .ask((remote) => remote.review(practice, customs, people, today))
        .then((notes) => {
          if (isWanted) setRead((before) => ({ notes: settled(before.notes, notes), readOver: practice }));
        })
        .catch(failing);
    }, NOTES_WAIT_MS);
    const later = setTimeout(() => {
      worker()
        .ask((remote) => remote.lanes(practice))
        .then((points) => {
          if (isWanted) setLanes(points);
        })
        .catch(failing);
    }, LANES_WAIT_MS);
    return () => {
      isWanted = false;
      clearTimeout(soon);
      clearTimeout(later);
    };
  }, [practice, customs, people, today, tries]);
  const again = useCallback((): void => {
    setFailed(undefined);
    setTries((before) => before + 1);
  }, []);
  return { lanes, ...read, hasFailed: practice !== undefined && failed === practice, again };
}
