import { HOUR_MS, wallTime, zoneOffsetMin } from '../almanac/zone';

const two = (value: number): string => String(value).padStart(2, '0');

/** An instant as the wall clock of a zone shows it, as RFC 5545 writes it: "20261128T190000". */
export function wallText(atMs: number, zone: string): string {
  const { year, month, day, hour, minute, second } = wallTime(atMs, zone);
  return `${String(year).padStart(4, '0')}${two(month)}${two(day)}T${two(hour)}${two(minute)}${two(second)}`;
}

const offsetText = (minutes: number): string => {
  const size = Math.abs(Math.round(minutes));
  return `${minutes < 0 ? '-' : '+'}${two(Math.floor(size / 60))}${two(size % 60)}`;
};

/** The instants in a stretch of time from which a zone’s clocks show another offset, ms, found to the second. */
export function changesOfClock(zone: string, fromMs: number, toMs: number): readonly number[] {
  const changes: number[] = [];
  const step = 24 * HOUR_MS;
  for (let before = fromMs; before < toMs; before += step) {
    const was = zoneOffsetMin(before, zone);
    let [low, high] = [before, before + step];
    if (zoneOffsetMin(high, zone) === was) continue;
    while (high - low > 1000) {
      const middle = Math.floor((low + high) / 2000) * 1000;
      if (middle <= low) break;
      if (zoneOffsetMin(middle, zone) === was) low = middle;
      else high = middle;
    }
    changes.push(high);
  }
  return changes;
}

/**
 * A zone as a calendar file carries it (RFC 5545 §3.6.5): its offset at the beginning and every change of its clocks
 * within a stretch of time, from the platform’s own data. Whatever reads the file needs no table of zones.
 */
export function zoneBlock(zone: string, fromMs: number, toMs: number): string {
  const part = (atMs: number, before: number, after: number): readonly string[] => {
    // What a block begins with is the wall clock as it was until then.
    const begins = wallText(atMs + (before - zoneOffsetMin(atMs, zone)) * 60_000, zone);
    const kind = after > before ? 'DAYLIGHT' : 'STANDARD';
    return [
      `BEGIN:${kind}`,
      `DTSTART:${begins}`,
      `TZOFFSETFROM:${offsetText(before)}`,
      `TZOFFSETTO:${offsetText(after)}`,
      `END:${kind}`,
    ];
  };
  const first = zoneOffsetMin(fromMs, zone);
  return [
    'BEGIN:VTIMEZONE',
    `TZID:${zone}`,
    ...part(fromMs, first, first),
    ...changesOfClock(zone, fromMs, toMs).flatMap((atMs) =>
      part(atMs, zoneOffsetMin(atMs - 1000, zone), zoneOffsetMin(atMs, zone)),
    ),
    'END:VTIMEZONE',
  ].join('\r\n');
}
