import type { PhaseId } from '@/core/phases';
import { Pinyin } from '@/ui/kit/Pinyin';
import type { TermView } from './view';

const BAND: Readonly<Record<PhaseId, string>> = {
  wood: 'bg-wood',
  fire: 'bg-fire',
  earth: 'bg-earth',
  metal: 'bg-metal',
  water: 'bg-water',
};

const pct = (share: number): string => `${(share * 100).toFixed(2)}%`;

/** The term as a stretch of the year: whose time it is, the solar terms, and the weeks as reeds as high as they are hard. */
export function TermLine({ view }: { readonly view: TermView }) {
  const { bands, marks, weeks } = view;
  const height = { easy: 14, middling: 24, full: 36 } as const;
  return (
    <div className="mt-4 overflow-x-clip" aria-hidden>
      <div className="relative h-6">
        {marks.map(({ at, hanzi, pinyin }) => (
          <span
            key={hanzi}
            className="absolute bottom-0 border-l border-faded pl-1 leading-none"
            style={{ left: pct(at) }}
          >
            <span lang="zh-Hant" className="hanzi">
              {hanzi}
            </span>{' '}
            <span className="small quiet max-lg:hidden">
              <Pinyin>{pinyin}</Pinyin>
            </span>
          </span>
        ))}
      </div>
      <div className="relative h-10 border-b border-ink">
        {weeks.map(({ monday, load, phase, isOver, isNow }, index) => (
          <span
            key={monday}
            className={`absolute bottom-0 ${BAND[phase]} ${isOver ? 'opacity-40' : ''}`}
            style={{
              left: pct((index + 0.5) / Math.max(1, weeks.length)),
              height: height[load],
              width: isNow ? 7 : 4,
            }}
          />
        ))}
      </div>
      <div className="relative h-2.5">
        {bands.map(({ phase, from, to }) => (
          <div
            key={from}
            className={`absolute top-0.5 h-1.5 ${BAND[phase]}`}
            style={{ left: pct(from), width: `calc(${pct(to - from)} - 2px)` }}
          />
        ))}
      </div>
    </div>
  );
}
