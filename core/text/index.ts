export { isKept, shorten, unkeptPath } from './text';
export { inWords } from './inWords';
