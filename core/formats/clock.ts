/** 75_000 → "1:15", 3_675_000 → "61:15": minutes and seconds from a beginning, rounded to the second. */
export function clockOf(ms: number): string {
  const seconds = Math.round(ms / 1000);
  return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;
}
