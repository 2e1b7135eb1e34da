import { instantOf, wallTime } from '@/core/almanac';
import { themePhase, type Brief } from '@/core/brief';
import { PHASE_VAR } from '@/ui/kit/PhaseMark';
import { dateText } from '@/ui/kit/time';
import type { OnLine } from './reeds';
import type { MonthOnLine } from './YearLine';

const MONTHS = 12;

interface Given {
  readonly id: string;
  readonly practiceName: string;
  readonly startedAtMs: number;
  readonly lengthMs: number;
  readonly theme: Brief['theme'] | undefined;
}

/** The last twelve months at a moment, by the calendar of a zone: when they begin, and when the last one ends, ms. */
export function yearBefore(nowMs: number, zone: string): { readonly fromMs: number; readonly toMs: number } {
  const { year, month } = wallTime(nowMs, zone);
  const start = (months: number): number => {
    const index = year * 12 + (month - 1) + months;
    return instantOf({ year: Math.floor(index / 12), month: (index % 12) + 1, day: 1 }, zone);
  };
  return { fromMs: start(1 - MONTHS), toMs: start(1) };
}

/** Classes and months as shares of the twelve months. */
export function yearOf(
  given: readonly Given[],
  nowMs: number,
  zone: string,
): { readonly classes: readonly OnLine[]; readonly months: readonly MonthOnLine[] } {
  const { fromMs, toMs } = yearBefore(nowMs, zone);
  const share = (ms: number): number => (ms - fromMs) / (toMs - fromMs);
  const { year, month } = wallTime(fromMs, zone);
  const starts = Array.from({ length: MONTHS + 1 }, (_, index) => {
    const at = year * 12 + (month - 1) + index;
    const of = { year: Math.floor(at / 12), month: (at % 12) + 1 };
    return { ...of, ms: instantOf({ ...of, day: 1 }, zone) };
  });
  return {
    classes: given.map(({ id, practiceName, startedAtMs, lengthMs, theme }) => ({
      id,
      at: share(startedAtMs),
      minutes: lengthMs / 60_000,
      ink: theme ? PHASE_VAR[themePhase(theme)] : 'var(--faded)',
      says: `${practiceName}, ${dateText(startedAtMs, zone, 'date')}, ${Math.round(lengthMs / 60_000)} min`,
    })),
    months: starts.slice(0, MONTHS).map(({ year: of, month: one, ms }, index) => {
      const endMs = starts[index + 1]?.ms ?? toMs;
      return {
        month: `${of}-${String(one).padStart(2, '0')}`,
        name: dateText(Date.UTC(of, one - 1, 1), 'UTC', 'shortMonth'),
        from: share(ms),
        to: share(endMs),
        classes: given.filter(({ startedAtMs }) => startedAtMs >= ms && startedAtMs < endMs).length,
      };
    }),
  };
}
