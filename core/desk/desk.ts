/**
 * A desk is what a room does, apart from how it looks: a pure function from what is the case and what happens to what
 * is the case then, and what is to be done outside (ask the server, keep in the browser, start a timer). What is done
 * outside reports back as an event; it never changes a state by itself. So every failure is an event with a state to
 * follow it, and all of it can be tried without a browser.
 */
export interface Step<State, Effect> {
  readonly state: State;
  /** To be done in this order, after the state is the case. */
  readonly effects: readonly Effect[];
}

export type Desk<State, Event, Effect> = (state: State, event: Event) => Step<State, Effect>;

/** Nothing is to be done. */
export const stay = <State>(state: State): Step<State, never> => ({ state, effects: [] });
