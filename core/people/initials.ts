/** "Maud Tarrow" as "MT", "Ó Dálaigh" as "ÓD", "金明" as "金明"; three letters at most. */
export function initialsOf(name: string): string {
  const words = name
    .trim()
    .split(/[\s-]+/u)
    .filter(Boolean);
  const [only] = words;
  if (words.length === 1 && only !== undefined && /\p{Script=Han}/u.test(only))
    return [...only].slice(0, 3).join('');
  return words
    .map((word) => [...word.normalize('NFC')][0]?.toLocaleUpperCase() ?? '')
    .slice(0, 3)
    .join('');
}
