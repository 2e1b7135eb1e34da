/** How the body stands or sits, as it is said. */
export type StanceSaid =
  'together' | 'side by side' | 'wide' | 'one in front' | 'on one leg' | 'sitting' | 'standing' | 'lying';

// prettier-ignore
const WORDS: readonly (readonly [StanceSaid, RegExp])[] = [
  ['together', /\b(?:feet|heels|legs) (?:are |stay |stand |come )?(?:together|closed|touching|close together)\b|\b(?:bring|close|put) (?:the |your )?feet(?: together)?\b/i],
  ['side by side', /\bfeet (?:stand |are )?(?:side by side|parallel)\b|\bfeet (?:at |a |about )?(?:shoulder|hip)s?[- ](?:wide|width)\b|\b(?:shoulder|hip)[- ]width apart\b/i],
  ['wide', /\b(?:a |in a )?wide(?:,? low)? stance\b|\b(?:feet|legs) (?:stand |are )?(?:very |well )?wide(?: apart)?\b(?! as)|\bhorse stance\b/i],
  ['one in front', /\b(?:one|\{side\}|\{other\}) foot (?:is |stands )?(?:in front|forward|ahead)\b|\bbow stance\b/i],
  ['on one leg', /\b(?<!weight )(?<!rests )on one (?:leg|foot)\b/i],
  ['sitting', /\b(?<!as if (?:about )?to )(?:be seated|sitting|seated|sits?(?= (?:on|down|tall|upright|straight|quiet\w*|still|comfortably|well|at the front)\b))\b(?! (?:back|low|deep|deeper|between|into|there))|\bhalf of the (?:chair|seat)\b/i],
  ['standing', /\bstand(?:ing|s)?\b(?! (?:out|for|foot|leg|knee))/i],
  ['lying', /\b(?:lie|lying|lay yourself) (?:down|flat|on (?:the|your) (?:back|side|floor))\b/i],
];

/** Every way to stand or sit that a text asks for. */
export const readStances = (text: string): readonly StanceSaid[] =>
  WORDS.filter(([, words]) => words.test(text)).map(([stance]) => stance);
