/**
 * Typed access where the types cannot know what the code does: entries within bounds, keys of what was written out in
 * full. Each says once what would else be a cast in many places.
 */

/** The entry at an index; throws RangeError where there is none. */
export function entryAt<Entry>(list: ArrayLike<Entry>, index: number): Entry {
  if (!(index >= 0 && index < list.length))
    throw new RangeError(`expected an entry at ${index} of ${list.length}, got none`);
  // Within by the check above.
  return list[index] as Entry;
}

/** The last entry; throws RangeError where there is none. */
export const lastOf = <Entry>(list: ArrayLike<Entry>): Entry => entryAt(list, list.length - 1);

/** The keys of a record written out in full, as its type knows them. */
export const keysOf = <Key extends string>(record: Readonly<Partial<Record<Key, unknown>>>): Key[] =>
  Object.keys(record) as Key[];

/** A record of every key, its value worked out of it. */
export const recordOf = <Key extends string, Value>(
  keys: readonly Key[],
  valueOf: (key: Key) => Value,
): Record<Key, Value> => Object.fromEntries(keys.map((key) => [key, valueOf(key)])) as Record<Key, Value>;

/** Values as an enumeration takes them: at least one. */
export function some<Value>(values: readonly Value[]): [Value, ...Value[]] {
  const [first, ...rest] = values;
  if (first === undefined) throw new RangeError('expected at least one value, got none');
  return [first, ...rest];
}

/** The ids of a table's rows, as an enumeration takes them. */
export const idsOf = <Id>(rows: readonly { readonly id: Id }[]): [Id, ...Id[]] =>
  some(rows.map(({ id }) => id));

/** Whether a list of known values holds this one. */
export const isOneOf = <Value>(values: readonly Value[], one: unknown): one is Value =>
  (values as readonly unknown[]).includes(one);
