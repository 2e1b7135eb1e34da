'use client';

import { startTransition, useEffect, useState } from 'react';
import { quietly } from './quietly';

/** As many as are put in at a time: about a screenful. */
const STEP = 12;
/** As many as come with the page: what is seen first on any screen. */
const FIRST = 4 * STEP;

/**
 * How many of a long answer's rows are drawn: of one that comes with the page more than a screen shows, of each further
 * one a screenful at once; the rest a screenful at a time, whenever the hand rests. A letter typed then never waits for
 * rows that nobody sees yet. `answer` is compared by identity.
 */
export function useGrowing(answer: object, total: number, comesWithPage: boolean): number {
  const [drawn, setDrawn] = useState({ answer, most: comesWithPage ? FIRST : STEP });
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
