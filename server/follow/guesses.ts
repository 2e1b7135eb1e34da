/** Codes that lead nowhere: so many may be typed in a minute from one address. */
const MOST_A_MINUTE = 10;
const MINUTE_MS = 60_000;
/** No more than so many are remembered: kept in memory alone, for nobody may fill a table by guessing. */
const MOST_KEPT = 5000;

interface Guess {
  readonly address: string;
  readonly atMs: number;
}
let guesses: readonly Guess[] = [];

/** How long an address has to wait before another code of it is looked at, s; 0 where it need not. */
export function waitForCode(address: string, atMs: number): number {
  guesses = guesses.filter((guess) => atMs - guess.atMs < MINUTE_MS);
  const own = guesses.filter((guess) => guess.address === address);
  const [first] = own;
  return first && own.length >= MOST_A_MINUTE ? Math.ceil((first.atMs + MINUTE_MS - atMs) / 1000) : 0;
}

/** Somebody tried a code that leads nowhere. */
export const guessed = (address: string, atMs: number): void => {
  guesses = [...guesses.slice(-MOST_KEPT), { address, atMs }];
};
