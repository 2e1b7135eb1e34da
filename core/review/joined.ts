import type { Mend } from './rule';
import type { RuleId } from './ruleIds';
import type { Note } from './note';

/** Notes that say one thing of several places: to be told once, mended at once, and waved aside at once. */
export interface JoinedNotes<One extends Note = Note> {
  /** The first, in the order of the practice, and those that say the same of other places. */
  readonly first: One;
  readonly more: readonly One[];
  /** What mends them all; nothing where one of them has no mend of its own. */
  readonly mend: Mend | undefined;
}

/** Rules whose detail tells where within an item something is, not what it is. */
const DETAIL_IS_PLACE: ReadonlySet<RuleId> = new Set([
  'breath-custom',
  'cue-breath',
  'cue-shown',
  'cue-side',
  'cue-too-long',
  'exhale-route',
  'footing',
  'route-flow',
  'slip-words',
  'words-against-body',
]);

/** Notes with the same of these say the same. */
const reasonOf = ({ rule, weight, detail, said, wavedBecause, itemId, id }: Note): string =>
  itemId === undefined
    ? id
    : JSON.stringify([
        rule,
        weight,
        said.code,
        DETAIL_IS_PLACE.has(rule) ? '' : (detail ?? ''),
        wavedBecause ?? null,
      ]);

/** One mend of several: their edits one after another, each edit once. What makes the whole fit is one mend already. */
function mendOfAll(notes: readonly Note[]): Mend | undefined {
  const mends = notes.flatMap(({ mend }) => mend ?? []);
  const [first] = mends;
  if (!first || mends.length < notes.length || mends.some(({ said }) => said.code !== first.said.code))
    return undefined;
  if (first.kind === 'make-it-fit') return first;
  const edits = mends.flatMap((mend) => (mend.kind === 'edits' ? mend.edits : []));
  const once = new Map(edits.map((edit) => [JSON.stringify(edit), edit]));
  return { kind: 'edits', said: first.said, edits: [...once.values()] };
}

/**
 * Notes of one rule for one reason joined, in the order of the first of each; notes on the whole, and those waved aside
 * for another reason, stay apart.
 */
export function joinNotes<One extends Note>(notes: readonly One[]): readonly JoinedNotes<One>[] {
  const groups = new Map<string, [One, ...One[]]>();
  for (const note of notes) {
    const key = reasonOf(note);
    const group = groups.get(key);
    if (group) group.push(note);
    else groups.set(key, [note]);
  }
  return [...groups.values()].map(([first, ...more]) => ({
    first,
    more,
    mend: mendOfAll([first, ...more]),
  }));
}
