import type { Timeline } from '@/core/practice';
import { clockText } from '@/ui/kit/time';
import { ROLE_NAMES } from '@/ui/words/names';

/** How the minutes are spent against the minutes there are. */
export function MinutesBar({ timeline, wishedMs }: { timeline: Timeline; wishedMs: number }) {
  const scaleMs = Math.max(timeline.totalMs, wishedMs, 1);
  const share = (ms: number): string => `${((100 * ms) / scaleMs).toFixed(2)}%`;
  const differenceMs = timeline.totalMs - wishedMs;
  const close = Math.abs(differenceMs) <= Math.max(10_000, wishedMs * 0.01);
  return (
    <div className="flex flex-wrap items-center gap-x-5 gap-y-1">
      <p className="figures whitespace-nowrap" role="status" aria-label="Length">
        <strong className="font-serif text-[1.44rem] font-medium">{clockText(timeline.totalMs)}</strong>{' '}
        <span className="unit">of {clockText(wishedMs)} min</span>
        <span className={close ? 'quiet' : 'ml-1 font-bold'}>
          {close
            ? ' · on time'
            : ` ${clockText(Math.abs(differenceMs))} ${differenceMs > 0 ? 'over' : 'short'}`}
        </span>
      </p>
      <div className="relative h-3.5 min-w-60 flex-1 border border-ink bg-leaf" aria-hidden>
        <div className="flex h-full">
          {timeline.sections.map((section, index) => (
            <div
              key={section.startMs}
              title={`${ROLE_NAMES[section.role]}: ${clockText(section.lengthMs)}`}
              style={{ width: share(section.lengthMs) }}
              className={`h-full border-r border-paper ${index % 2 === 0 ? 'bg-faded' : 'bg-hairline'}`}
            />
          ))}
        </div>
        <div
          className="absolute -top-1.5 -bottom-1.5 w-0.5 bg-ink"
          style={{ left: `calc(${share(wishedMs)} - 1px)` }}
        />
      </div>
    </div>
  );
}
