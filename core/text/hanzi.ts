import { PAIRS } from './simplified.compared';

const SIMPLIFIED: ReadonlyMap<string, string> = new Map(
  Array.from({ length: PAIRS.length / 2 }, (_, pair) => [PAIRS.charAt(pair * 2), PAIRS.charAt(pair * 2 + 1)]),
);

/** A text with its traditional characters simplified, for comparing what is typed in either script. */
export const simplified = (text: string): string =>
  [...text].map((character) => SIMPLIFIED.get(character) ?? character).join('');
