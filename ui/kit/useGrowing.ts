'use client';

import { startTransition, useEffect, useState } from 'react';
import { quietly } from './quietly';

/** As many as are put in at a time: about a screenful. */
const STEP = 16;
/** As many as come with the page: what is seen first on any screen. */
const FIRST = 3 * STEP;

/**
 * How many of a long answer's rows are drawn: of the first one what comes with the page, of each further one a screenful
 * at once; the rest a screenful at a time, whenever the hand rests. A letter typed then never waits for
 * rows that nobody sees yet. `answer` is compared by identity.
 */
export function useGrowing(answer: object, total: number): number {
  const [drawn, setDrawn] = useState({ answer, most: FIRST });
  if (drawn.answer !== answer) setDrawn({ answer, most: STEP });
  const { most } = drawn;
  useEffect(() => {
    if (most >= total) return;
    quietly(() =>
      startTransition(() =>
        setDrawn((now) => (now.answer === answer && now.most === most ? { answer, most: most + STEP } : now)),
      ),
    );
  }, [answer, most, total]);
  return most;
}
