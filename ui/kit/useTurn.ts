import { useRef } from 'react';

/** One thing after another: what is asked for while something is on its way begins when that has ended, well or not. */
export function useTurn(): <Result>(work: () => Promise<Result>) => Promise<Result> {
  const turn = useRef<Promise<void>>(Promise.resolve());
  return (work) => {
    const done = turn.current.then(work);
    turn.current = done.then(
      () => undefined,
      () => undefined,
    );
    return done;
  };
}
