export { scriptOf, storyLineAt, wordsByMinute } from './script';
export type { ScriptLine } from './script';
export { wordsIn } from './sayings';
export { AFTERWARDS } from './words';
