export { isKept, shorten, unkeptPath } from './text';
export { inWords } from './inWords';
export { simplified } from './hanzi';
