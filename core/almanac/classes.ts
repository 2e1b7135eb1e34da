import { addDays, instantOf, isoWeekday, wallTime } from './zone';

/** A weekly class time on the wall clock; weekday Monday = 1 … Sunday = 7. */
export interface ClassTime {
  readonly weekday: number;
  readonly hour: number;
  readonly minute: number;
}

/** The next instant at or after `fromMs` when the class begins, by the zone's wall clock (DST respected). */
export function nextOccurrence(time: ClassTime, fromMs: number, zone: string): number {
  const today = wallTime(fromMs, zone);
  const ahead = (time.weekday - isoWeekday(today) + 7) % 7;
  const candidate = instantOf({ ...addDays(today, ahead), hour: time.hour, minute: time.minute }, zone);
  if (candidate >= fromMs) return candidate;
  return instantOf({ ...addDays(today, ahead + 7), hour: time.hour, minute: time.minute }, zone);
}

/** Every occurrence in `fromMs`…`toMs`, in order. */
export function occurrences(time: ClassTime, fromMs: number, toMs: number, zone: string): readonly number[] {
  const found: number[] = [];
  for (
    let cursor = nextOccurrence(time, fromMs, zone);
    cursor < toMs;
    cursor = nextOccurrence(time, cursor + 60_000, zone)
  )
    found.push(cursor);
  return found;
}
