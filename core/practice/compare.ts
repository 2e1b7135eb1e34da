import { keysOf } from '../lists/lists';
import type { Brief } from '../brief';
import type { Item, Practice } from './model';

/** What of an item can be told apart by someone who reads it; its reasons and id are not told. */
const TOLD_OF_ITEMS = [
  'formId',
  'variant',
  'role',
  'repetitions',
  'stretch',
  'firstSide',
  'familiarity',
  'omitHolds',
  'exhaleByMouth',
  'kept',
  'quietSec',
  'stays',
  'talkSec',
  'firstFactor',
  'sideOrder',
  'otherRepetitions',
  'forSec',
  'station',
  'breathing',
  'sound',
  'seal',
  'passage',
  'layers',
  'lesson',
  'image',
  'cues',
] as const satisfies readonly (keyof Item)[];
export type ToldOfItem = (typeof TOLD_OF_ITEMS)[number];

/** What is not told; a field that is in neither list does not compile. */
type UntoldOfItem = 'id' | 'reasons' | 'hinge' | 'logPace';
const EVERY_FIELD_IS_DECIDED: Exclude<keyof Item, ToldOfItem | UntoldOfItem> extends never ? true : never =
  true;
void EVERY_FIELD_IS_DECIDED;

/** One line of two running orders laid side by side: the same item in both, or an item only one of them has. */
export interface ComparedLine {
  readonly mine: Item | undefined;
  readonly theirs: Item | undefined;
  /** What is not the same of an item both have. */
  readonly differs: readonly ToldOfItem[];
  /** It stands elsewhere among those both have. */
  readonly isMoved: boolean;
}

export interface Comparison {
  readonly name: boolean;
  readonly brief: readonly (keyof Brief)[];
  readonly lines: readonly ComparedLine[];
  readonly isSame: boolean;
}

const same = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b);

/** The longest run of ids that stand in the same order in both: what is not in it has been moved. */
function inOrder(mine: readonly string[], theirs: readonly string[]): ReadonlySet<string> {
  const place = new Map(theirs.map((id, index) => [id, index]));
  const places = mine.flatMap((id) => place.get(id) ?? []);
  // The longest rising run that ends at each place, told by the one before it.
  const best: { readonly length: number; readonly before: number }[] = [];
  for (const [index, at] of places.entries()) {
    let found = { length: 1, before: -1 };
    for (let earlier = 0; earlier < index; earlier += 1) {
      const length = (best[earlier]?.length ?? 0) + 1;
      if ((places[earlier] ?? 0) < at && length > found.length) found = { length, before: earlier };
    }
    best.push(found);
  }
  const run = new Set<string>();
  const last = best.reduce((top, { length }, index) => (length > (best[top]?.length ?? 0) ? index : top), 0);
  for (let index = best.length > 0 ? last : -1; index >= 0; index = best[index]?.before ?? -1)
    run.add(theirs[places[index] ?? -1] ?? '');
  return run;
}

/**
 * Two states of one practice side by side, in the order of the first; what only the second has follows what it follows
 * there. Items are known by their ids, which stay with an item through every edit.
 */
export function comparePractices(mine: Practice, theirs: Practice): Comparison {
  const theirById = new Map(theirs.items.map((item) => [item.id, item]));
  const mineIds = new Set(mine.items.map((item) => item.id));
  const stays = inOrder(
    mine.items.map((item) => item.id).filter((id) => theirById.has(id)),
    theirs.items.map((item) => item.id),
  );
  const lines: ComparedLine[] = mine.items.map((item) => {
    const other = theirById.get(item.id);
    return {
      mine: item,
      theirs: other,
      differs: other ? TOLD_OF_ITEMS.filter((field) => !same(item[field], other[field])) : [],
      isMoved: other !== undefined && !stays.has(item.id),
    };
  });
  for (const [index, item] of theirs.items.entries()) {
    if (mineIds.has(item.id)) continue;
    const before = theirs.items[index - 1]?.id;
    const at = before === undefined ? 0 : lines.findIndex((line) => line.theirs?.id === before) + 1;
    lines.splice(at, 0, { mine: undefined, theirs: item, differs: [], isMoved: false });
  }
  const words = keysOf({ ...mine.brief, ...theirs.brief });
  const brief = words.filter((word) => !same(mine.brief[word], theirs.brief[word]));
  const name = mine.name !== theirs.name;
  const isSame =
    !name &&
    brief.length === 0 &&
    lines.every((line) => line.mine && line.theirs && line.differs.length === 0 && !line.isMoved);
  return { name, brief, lines, isSame };
}
