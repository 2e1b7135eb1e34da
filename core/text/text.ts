/**
 * The beginning of a text, at most `most` UTF-16 units long, never cutting a character in two: half an emoji is no
 * text and no database takes it.
 */
export function shorten(text: string, most: number): string {
  if (text.length <= most) return text;
  const cut = text.slice(0, most);
  const last = cut.charCodeAt(most - 1);
  return last >= 0xd800 && last <= 0xdbff ? cut.slice(0, -1) : cut;
}

/** Characters no database keeps: NUL, and halves of a pair standing alone. */
const UNKEPT = /\0|[\ud800-\udbff](?![\udc00-\udfff])|(?<![\ud800-\udbff])[\udc00-\udfff]/;

/** Whether a text can be kept as it is. */
export const isKept = (text: string): boolean => !UNKEPT.test(text);

/** The path of the first text (or key) in plain data that cannot be kept; undefined where all can. */
export function unkeptPath(data: unknown): readonly PropertyKey[] | undefined {
  const stack: { readonly value: unknown; readonly path: readonly PropertyKey[] }[] = [
    { value: data, path: [] },
  ];
  for (let entry = stack.pop(); entry; entry = stack.pop()) {
    const { value, path } = entry;
    if (typeof value === 'string' && !isKept(value)) return path;
    if (Array.isArray(value))
      value.forEach((one, index) => stack.push({ value: one, path: [...path, index] }));
    else if (typeof value === 'object' && value !== null)
      for (const [key, one] of Object.entries(value)) {
        if (!isKept(key)) return path;
        stack.push({ value: one, path: [...path, key] });
      }
  }
  return undefined;
}

/** With a capital first letter. */
export const capital = (word: string): string => word.charAt(0).toUpperCase() + word.slice(1);

const DISJUNCTION = new Intl.ListFormat('en-GB', { type: 'disjunction' });
/** "a, b or c". */
export const anyOf = (names: readonly string[]): string => DISJUNCTION.format(names);
