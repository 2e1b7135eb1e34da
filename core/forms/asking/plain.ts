/** Text for comparing: lower case, tones and accents off. */
export const plainText = (text: string): string =>
  text
    .normalize('NFD')
    .replace(/\p{Diacritic}/gu, '')
    .toLowerCase();
