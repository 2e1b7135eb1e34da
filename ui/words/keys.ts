/** The keys of a room, as they are listed on `?`. */
export interface KeyLine {
  readonly keys: readonly string[];
  readonly does: string;
}

export interface KeyList {
  readonly title: string;
  /** The beginning of the addresses it holds for. */
  readonly at: string;
  readonly lines: readonly KeyLine[];
}

const line = (keys: string, does: string): KeyLine => ({ keys: keys.split(' '), does });

export const EVERYWHERE: KeyList = {
  title: 'Everywhere',
  at: '/',
  lines: [
    line('/', 'find anything: a practice, a form, a point, a word, a group, a setting'),
    line('?', 'these keys'),
    line('Esc', 'close what lies over the page'),
  ],
};

/** What each room has of its own, the closest address first. */
export const KEY_LISTS: readonly KeyList[] = [
  {
    title: 'Running order',
    at: '/compose',
    lines: [
      line('↑ ↓', 'from form to form; with Shift choose several, with Alt move them'),
      line('← →', 'along the presses of a form: handle, fewer, more, lock, remove'),
      line('+ −', 'more, fewer repetitions'),
      line('k', 'lock: stays as it is when the rest is drafted anew'),
      line('r', 'once more, later on'),
      line('b', 'bookend: also near the other end'),
      line('Del', 'take it out'),
      line('Ctrl C', 'copy; X cut, V paste, between practices too'),
      line('Ctrl Z', 'undo; with Shift redo'),
    ],
  },
  {
    title: 'Scroll',
    at: '/compose',
    lines: [
      line('+ −', 'closer, farther'),
      line('0', 'the whole'),
      line('← →', 'move the thread'),
      line('Enter', 'choose the form under the thread'),
      line('Space', 'play and stop'),
    ],
  },
  { title: 'A figure', at: '/forms', lines: [line('← →', 'turn it')] },
  { title: 'The body', at: '/atlas', lines: [line('← →', 'turn it')] },
];
