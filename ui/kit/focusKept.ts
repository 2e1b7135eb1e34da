'use client';

/** What can have the focus. */
const FOCUSABLE =
  'a[href], button:not(:disabled), input:not(:disabled), select:not(:disabled), textarea:not(:disabled), summary, [tabindex]:not([tabindex="-1"])';

/** Where the focus was: the element, what it stood in, and which of the focusable ones in there it was. */
interface Kept {
  readonly element: HTMLElement;
  readonly around: readonly { readonly box: HTMLElement; readonly index: number }[];
}

const MOST_KEPT = 12;
const kept: Kept[] = [];

const isSeen = (element: HTMLElement): boolean =>
  element.isConnected &&
  element.getClientRects().length > 0 &&
  element.closest('[inert], [aria-hidden="true"]') === null;

const focusablesIn = (box: HTMLElement): readonly HTMLElement[] => [
  ...box.querySelectorAll<HTMLElement>(FOCUSABLE),
];

/** Remembers where the focus comes to. Every press goes through here first, so the page is asked for its stops once. */
export function rememberFocus(element: HTMLElement): void {
  const boxes: HTMLElement[] = [];
  for (let box = element.parentElement; box && box !== document.body; box = box.parentElement)
    boxes.push(box);
  const outermost = boxes.at(-1);
  const all = outermost ? focusablesIn(outermost) : [];
  const own = all.indexOf(element);
  // What can have the focus inside a box stands together in the page's order: its first is found going back from here.
  let first = own;
  const around = boxes.map((box) => {
    for (let one = all[first - 1]; one && box.contains(one); one = all[first - 1]) first -= 1;
    return { box, index: own - first };
  });
  kept.push({ element, around });
  if (kept.length > MOST_KEPT) kept.shift();
}

/** What stands where an element stood that is gone: the next in what it stood in, or the one before. */
function inItsPlace({ around }: Kept): HTMLElement | undefined {
  for (const { box, index } of around) {
    if (!isSeen(box) || box.matches('main, [data-focus-end]')) continue;
    const there = focusablesIn(box).filter(isSeen);
    const next = there[Math.min(Math.max(0, index), there.length - 1)];
    if (next) return next;
  }
  return undefined;
}

/** The room's heading, which takes the focus where nothing nearer makes sense. */
function heading(): HTMLElement | undefined {
  const found = document.querySelector<HTMLElement>('main h1') ?? document.querySelector<HTMLElement>('h1');
  if (found && !found.hasAttribute('tabindex')) found.setAttribute('tabindex', '-1');
  return found ?? undefined;
}

/**
 * Puts the focus back where it makes sense: to what had it last and is still there and not inside `gone`, else to what
 * stands in its place, else to the room's heading.
 */
export function putFocusBack(gone?: Element | null): void {
  const before = [...kept].reverse().filter(({ element }) => !gone?.contains(element));
  for (const one of before) {
    // What cannot be pressed any more is as good as gone.
    const target = isSeen(one.element) && !one.element.matches(':disabled') ? one.element : inItsPlace(one);
    if (!target || gone?.contains(target)) continue;
    target.focus();
    return;
  }
  heading()?.focus();
}

/** Forgets what was before: a room that is left has no focus to give back. */
export const forgetFocus = (): void => {
  kept.length = 0;
};
export { heading as roomHeading };
