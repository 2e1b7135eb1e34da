import type { z } from 'zod';

type Issue = z.core.$ZodRawIssue;

const KINDS: Readonly<Record<string, string>> = {
  string: 'text',
  number: 'a number',
  int: 'a whole number',
  boolean: 'yes or no (true or false)',
  array: 'a list',
  object: 'a set of named fields',
  record: 'a set of named fields',
  null: 'nothing (null)',
};
const kind = (name: string): string => KINDS[name] ?? `something of the kind “${name}”`;

function found(input: unknown): string {
  if (input === undefined) return 'nothing is there';
  if (input === null) return 'nothing (null) is there';
  if (Array.isArray(input)) return 'a list is there';
  if (typeof input === 'number') return Number.isNaN(input) ? 'no number is there' : 'a number is there';
  return typeof input === 'string'
    ? 'text is there'
    : typeof input === 'boolean'
      ? 'yes or no is there'
      : 'named fields are there';
}

const some = (values: readonly unknown[]): string => {
  const shown = values.slice(0, 8).map((value) => `“${String(value)}”`);
  return values.length > shown.length
    ? `${shown.join(', ')} and ${values.length - shown.length} more`
    : shown.join(', ');
};

const OF: Readonly<Record<string, string>> = {
  string: ' characters',
  array: ' entries',
  set: ' entries',
  map: ' entries',
};
const many = (origin: string, count: unknown): string => `${String(count)}${OF[origin] ?? ''}`;

/**
 * What is wrong with a field in the user's words, for every issue whose schema does not say it itself. Handed to each
 * parse at an edge, so that no refusal shows a library's own wording.
 */
export function inWords(issue: Issue): string {
  switch (issue.code) {
    case 'invalid_type':
      return `${kind(issue.expected)} is expected, ${found(issue.input)}`;
    case 'invalid_value':
      return issue.values.length === 1
        ? `has to be ${some(issue.values)}`
        : `has to be one of ${some(issue.values)}`;
    case 'too_small':
      return `has to be ${issue.inclusive === false ? 'more than' : 'at least'} ${many(issue.origin, issue.minimum)}`;
    case 'too_big':
      return `may be ${issue.inclusive === false ? 'less than' : 'at most'} ${many(issue.origin, issue.maximum)}`;
    case 'not_multiple_of':
      return `has to be a multiple of ${issue.divisor}`;
    case 'invalid_format':
      return issue.format === 'uuid'
        ? 'is no id of the usual form (32 hexadecimal digits in five groups)'
        : 'is not written as it has to be';
    case 'unrecognized_keys':
      return `does not know the ${issue.keys.length === 1 ? 'field' : 'fields'} ${some(issue.keys)}`;
    case 'invalid_union':
      return 'is none of the kinds that can stand here';
    case 'invalid_key':
      return 'has a name that cannot stand here';
    case 'invalid_element':
      return 'holds something that cannot stand here';
    default:
      return 'is not as expected';
  }
}
