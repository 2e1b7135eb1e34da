/** The most words of a cue that is said again. */
const MOST_AGAIN = 6;

/** The fewest words that still say what is done. */
const LEAST_AGAIN = 2;

/**
 * The first words of a cue: up to its first stop, and no more than a breath has room for; nothing where that would say
 * only half of it ("Knees", "Hips and").
 */
export function firstWords(cue: string): string {
  const [clause = ''] = cue.split(/[,;:.—]/u);
  const words = clause.trim().split(/\s+/);
  // Cut where a new thing begins, so that no half sentence is left.
  const cut = words.findIndex(
    (word, index) => index > LEAST_AGAIN && index <= MOST_AGAIN && JOINTS.has(word),
  );
  const said = words.length <= MOST_AGAIN ? words : cut > 0 ? words.slice(0, cut) : [];
  return said.length < LEAST_AGAIN || PLACES.has(said[0]?.toLowerCase() ?? '') ? '' : said.join(' ');
}
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
