'use client';

import { wrap, type Remote } from 'comlink';
import { useEffect, useRef, useState } from 'react';
import type { LanePoint, Practice } from '@/core/practice';
import type { LanesWorker } from '@/workers/lanes.worker';

/** The body's lanes of a practice, solved beside the page; those of the practice before until they come. */
export function useLanes(practice: Practice): readonly LanePoint[] {
  const [lanes, setLanes] = useState<readonly LanePoint[]>([]);
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
    let wanted = true;
    // A short wait: of several quick edits only the last is solved.
    const timer = setTimeout(() => {
      remote.current
        ?.lanes(practice)
        .then((points) => {
          if (wanted) setLanes(points);
        })
        .catch((problem: unknown) => console.error('The body’s lanes could not be solved', problem));
    }, 150);
    return () => {
      wanted = false;
      clearTimeout(timer);
    };
  }, [practice]);
  return lanes;
}
