import type { FileProblem } from './file';

/** What is wrong with a file, where, and what would be right. */
export function fileProblemText(problem: FileProblem): string {
  const after = ' Nothing was changed.';
  switch (problem.code) {
    case 'too-large':
      return `The file is ${(problem.bytes / 1_000_000).toFixed(1)} MB; a file of ours is never larger than 2 MB.${after}`;
    case 'not-json':
      return `The file cannot be read as JSON: it is cut off, or was changed by hand.${after}`;
    case 'too-deep':
      return `The file is nested more deeply than any file of ours.${after}`;
    case 'other-format':
      return `format: says “${problem.found}”, but “${problem.wanted}” is expected here.${after}`;
    case 'newer':
      return `version: is ${problem.version}, made by a newer Navuren; this one reads up to ${problem.reads}.${after}`;
    case 'field':
      return `${problem.path === '' ? 'The file' : problem.path}: ${problem.problem}.${after}`;
    default:
      return problem satisfies never;
  }
}
