const DAY = /^(\d{4})-(\d{2})-(\d{2})$/;

/** Whether a text is a day there is, written as ISO 8601 writes it: "2028-02-29" is, "2026-02-29" is not. */
export function isCivilDate(text: string): boolean {
  const [, year, month, day] = (DAY.exec(text) ?? []).map(Number);
  if (year === undefined || month === undefined || day === undefined || year < 1900 || year > 2200)
    return false;
  const date = new Date(Date.UTC(year, month - 1, day));
  return date.getUTCMonth() === month - 1 && date.getUTCDate() === day;
}
