import table from './simplified.json';

/**
 * Pairs of a traditional character and its simplified one: those that stand in the names of points and forms, and a
 * variant or two in use. One way only: what a simplified character goes back to can be more than one. Checked
 * against the tables of a conversion package in `hanzi.test.ts`. They are only compared, never shown, so they stand
 * apart from the sources whose characters the shipped font must have.
 */
const PAIRS = table.pairs;

const SIMPLIFIED: ReadonlyMap<string, string> = new Map(
  Array.from({ length: PAIRS.length / 2 }, (_, pair) => [PAIRS.charAt(pair * 2), PAIRS.charAt(pair * 2 + 1)]),
);

/** A text with its traditional characters simplified, for comparing what is typed in either script. */
export const simplified = (text: string): string =>
  [...text].map((character) => SIMPLIFIED.get(character) ?? character).join('');
