/** A compiled practice may miss the minutes by 1 %, or by 10 s where that is more. */
export const toleranceMs = (minutes: number): number => Math.max(10_000, minutes * 600);
