import { DAY_MS, instantOf, seasonBands, SOLAR_TERMS, wallTime } from '@/core/almanac';
import { nextTerms } from '@/core/almanac/terms';
import type { Customs } from '@/core/customs';
import { dateText } from '@/ui/kit/time';
import type { WeeksView } from './NextWeeks';

const WEEKS = 6;

interface Coming {
  readonly name: string;
  readonly atMs: number;
  readonly minutes: number;
}

/** How long the strip is, ms. */
const WEEKS_MS = WEEKS * 7 * DAY_MS;

/** The six weeks from a moment on, by one's own schools and the calendar of the place. */
export function weeksFrom(fromMs: number, customs: Customs, coming: readonly Coming[]): WeeksView {
  const { place } = customs;
  const toMs = fromMs + WEEKS_MS;
  const share = (ms: number): number => Math.min(1, Math.max(0, (ms - fromMs) / WEEKS_MS));
  const day = (ms: number): string => dateText(ms, place.zone, 'dayMonth');
  // One band a phase: a season that changes within its phase is no change here.
  const bands: { phase: WeeksView['bands'][number]['phase']; fromMs: number; toMs: number }[] = [];
  for (const band of seasonBands(fromMs, toMs, place, customs)) {
    const last = bands[bands.length - 1];
    if (last?.phase === band.phase) last.toMs = band.toMs;
    else bands.push({ phase: band.phase, fromMs: band.fromMs, toMs: band.toMs });
  }
  const wall = wallTime(fromMs, place.zone);
  const midnights = Array.from({ length: WEEKS * 7 + 1 }, (_, index) =>
    instantOf({ year: wall.year, month: wall.month, day: wall.day + index }, place.zone),
  );
  return {
    bands: bands.map((band) => ({
      phase: band.phase,
      from: share(band.fromMs),
      to: share(band.toMs),
      day: day(band.fromMs),
    })),
    terms: nextTerms(fromMs, SOLAR_TERMS.length)
      .filter(({ atMs }) => atMs < toMs)
      .map(({ term, atMs }) => ({
        at: share(atMs),
        pinyin: term.pinyin,
        hanzi: term.hanzi,
        name: term.name,
        day: day(atMs),
      })),
    classes: coming
      .filter(({ atMs }) => atMs >= fromMs && atMs < toMs)
      .map(({ name, atMs, minutes }) => ({
        at: share(atMs),
        minutes,
        label: `${name}, ${dateText(atMs, place.zone, 'dayTime')}, ${minutes} min`,
      })),
    mondays: midnights
      .filter((ms) => ms >= fromMs && ms < toMs && new Date(ms + DAY_MS / 2).getUTCDay() === 1)
      .map((ms) => ({ at: share(ms), day: day(ms) })),
  };
}
