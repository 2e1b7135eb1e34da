'use client';

import { useLayoutEffect, useRef, useState } from 'react';
import { createStore, useStore } from 'zustand';
import type { Desk } from '@/core/desk';

export interface AtDesk<State, Event> {
  readonly state: State;
  /** The state this very moment, for what runs outside drawing. */
  readonly now: () => State;
  readonly happens: (event: Event) => void;
}

/**
 * A desk at work in a room. `run` does what the desk asks for and gives back what came of it as events; it is the
 * latest one given, so that it may use what the room knows now. The desk goes on when the room is left: an answer on its
 * way still finds it.
 */
export function useDesk<State, Event, Effect>(
  desk: Desk<State, Event, Effect>,
  start: () => State,
  run: (effect: Effect, happens: (event: Event) => void) => void,
): AtDesk<State, Event> {
  const latest = useRef(run);
  useLayoutEffect(() => {
    latest.current = run;
  });
  const [{ store, happens }] = useState(() => {
    const made = createStore<{ readonly state: State }>(() => ({ state: start() }));
    const dispatch = (event: Event): void => {
      const { state, effects } = desk(made.getState().state, event);
      made.setState({ state });
      for (const effect of effects) latest.current(effect, dispatch);
    };
    return { store: made, happens: dispatch };
  });
  const { state } = useStore(store);
  const [now] = useState(() => () => store.getState().state);
  return { state, now, happens };
}
