/** The most words of a cue that is said again. */
const MOST_AGAIN = 6;

/** The fewest words that still say what is done. */
const LEAST_AGAIN = 2;

/**
 * The first words of a cue that say what is done: up to their stop, and no more than a breath has room for; nothing where
 * that would say only half of it ("Knees", "Hips and"). How one stands or holds the hands meanwhile ("Hands on hips:")
 * has been said the first time. Where the side has just changed, the words that name it.
 */
export function firstWords(cue: string, isOtherSide = false): string {
  const clauses = cue.split(/[,;:.—]/u).map((clause) => clause.trim());
  const [first = ''] = clauses;
  const sided = isOtherSide
    ? shortly(clauses.find((clause) => /\b(?:left|right)\b/i.test(clause)) ?? '')
    : '';
  if (sided !== '') return sided;
  const done = isHowOneStands(first) ? clauses.find((clause) => MOVES.test(clause)) : undefined;
  return (done === undefined ? '' : shortly(done)) || shortly(first);
}

function shortly(clause: string): string {
  const words = clause.split(/\s+/);
  // Cut where a new thing begins, so that no half sentence is left.
  const cut = words.findIndex(
    (word, index) => index > LEAST_AGAIN && index <= MOST_AGAIN && JOINTS.has(word),
  );
  const said = words.length <= MOST_AGAIN ? words : cut > 0 ? words.slice(0, cut) : [];
  return said.length < LEAST_AGAIN || PLACES.has(said[0]?.toLowerCase() ?? '') ? '' : said.join(' ');
}
/** How the body is meanwhile: a part of it, and no word for a movement. */
const isHowOneStands = (clause: string): boolean =>
  clause.includes(' ') && BODY.test(clause) && !MOVES.test(clause);
const BODY =
  /^(?:(?:hands?|palms|elbows|arms|knees|feet|lips|weight|half folded|sitting|front of the seat)\b|(?:\{\w+\}|left|right) (?:foot|hand)\b)/i;
const MOVES =
  /\b(?:bends?|bows?|brings?|circles?|closes?|comes?|cross|descends?|draws?|drifts?|drops?|ease|falls?|fills?|flicks?|floats?|folds?|gathers?|gives?|glides?|goes|grows?|hangs?|holds?|knocks?|leans?|lets?|lies?|lifts?|looks?|meets?|moves?|opens?|parts?|pass|press(?:es)?|push(?:es)?|reach(?:es)?|rests?|rises?|rocks?|rolls?|rubs?|shifts?|sinks?|sits?|slides?|smooth|spreads?|stacks?|swells?|swings?|taps?|turns?|widens?|wipes?|wraps?|breathes?|hands to)\b/i;
/** A clause that begins so says where, and not yet what is done. */
const PLACES: ReadonlySet<string> = new Set([
  'before',
  'behind',
  'beside',
  'at',
  'on',
  'in',
  'from',
  'with',
  'under',
  'over',
]);
/** Words that begin something new. */
const JOINTS: ReadonlySet<string> = new Set([
  'and',
  'as',
  'with',
  'while',
  'until',
  'so',
  'to',
  'from',
  'past',
  'over',
  'in',
  'down',
  'up',
]);
