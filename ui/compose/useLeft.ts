'use client';

import { useCallback, useEffect, useState } from 'react';
import { dropLeft, leftNew, leftOf, type Left } from './unsaved';

/**
 * What closed windows left unsaved: of this practice, or, where a new one begins, of practices the server has never
 * had. The latest of this practice is taken up by itself where nobody has written on it yet; the rest is offered.
 */
export function useLeft(id: string | undefined, isUnwritten: () => boolean, bring: (left: Left) => void) {
  const [left, setLeft] = useState<readonly Left[]>([]);
  useEffect(() => {
    let isWanted = true;
    void (id === undefined ? leftNew() : leftOf(id)).then((found) => {
      if (!isWanted) return;
      const [latest, ...rest] = found;
      if (id === undefined || !latest || !isUnwritten()) return setLeft(found);
      bring(latest);
      setLeft(rest);
    });
    return () => {
      isWanted = false;
    };
  }, [bring, id, isUnwritten]);
  const without = useCallback((one: Left) => setLeft((all) => all.filter(({ key }) => key !== one.key)), []);
  const drop = useCallback(
    (one: Left): void => {
      dropLeft(one);
      without(one);
    },
    [without],
  );
  return { left, without, drop };
}
