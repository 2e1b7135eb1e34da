import { isDenied } from './sentences';

/** What words can ask of people that needs care. */
export type RiskSaid = 'breath-held' | 'head-back' | 'eyes-closed' | 'head-low' | 'pounding';

// prettier-ignore
const WORDS: readonly (readonly [RiskSaid, RegExp])[] = [
  ['breath-held', /\bhold(?:ing)?(?: on to)? (?:the|your|that|this)(?: full)? breath|\bbreath (?:is )?(?:held|kept in)\b|\b(?:breathe|inhale|breathing)\b[^.;]*\bhold(?: it)?(?= *(?:$|[.,;!]|for\b|and\b|while\b|as long\b|there\b|a (?:moment|while)\b))|\bkeep (?:the breath|it) in\b|\bstop (?:the|your) breath/i],
  ['head-back', /\bhead (?:tips?|falls?|drops?|goes|tilts?|leans?|hangs?|right )?\s?back(?:wards?)?\b(?! (?:to|in|over))|\b(?:tip|tilt|drop|let|throw|take|lean) (?:the |your )?head(?: \w+)? back|\b(?:look|eyes|gaze|face)(?: \w+)? (?:up )?(?:to|at|towards) the (?:ceiling|sky|zenith)\b/i],
  ['eyes-closed', /\b(?:close|shut) (?:the |your )?eyes\b|\beyes (?:are |stay |gently |softly )?(?:closed|shut)\b/i],
  ['head-low', /\bhead (?:\w+ )*(?:below|under|lower than) the (?:heart|knees?|hips?|chest)\b|\bhang (?:the|your) head (?:down|low)\b/i],
  ['pounding', /\b(?:pound|stamp|thump|bang|hammer)(?:s|ing)?\b|\b(?:hit|slap|knock|strike|tap|beat) (?:it |them )?(?:really |quite |as )?hard\b/i],
];

/** Every risk a text asks for; what it forbids it does not ask for. */
export const readRisks = (text: string): readonly RiskSaid[] => {
  const clauses = text.split(/[.!?;:]+/u);
  return WORDS.filter(([, words]) =>
    clauses.some((clause) => {
      const at = words.exec(clause);
      // What is denied is denied before it is said: "never hold the breath".
      return at !== null && !isDenied(clause.slice(0, at.index + at[0].length));
    }),
  ).map(([risk]) => risk);
};
