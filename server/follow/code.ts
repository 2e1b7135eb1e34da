import { randomInt } from 'node:crypto';

/** Letters and digits that nobody takes for one another, read aloud or off a wall. */
const SIGNS = 'abcdefghjkmnpqrstuvwxyz23456789';
const LENGTH = 6;

/** A code nobody guesses while a class lasts: 31⁶ are some 890 million. */
export const newCode = (): string =>
  Array.from({ length: LENGTH }, () => SIGNS[randomInt(SIGNS.length)]).join('');

/** A code as somebody typed it, in capitals, with gaps; nothing where it can be none. */
export function codeIn(typed: string): string | undefined {
  const code = typed.toLowerCase().replaceAll(/[\s-]/g, '');
  return code.length === LENGTH && [...code].every((sign) => SIGNS.includes(sign)) ? code : undefined;
}
