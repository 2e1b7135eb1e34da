import { Pinyin } from '@/ui/kit/Pinyin';
import type { PhaseId } from '@/core/phases';
import { PhaseMark } from '@/ui/kit/PhaseMark';

/** Where something stands in the weeks that come, 0–1. */
interface At {
  readonly at: number;
}

export interface WeeksView {
  /** Stretches of one phase; the first may have begun before. */
  readonly bands: readonly {
    readonly phase: PhaseId;
    readonly from: number;
    readonly to: number;
    readonly day: string;
  }[];
  readonly terms: readonly (At & {
    readonly pinyin: string;
    readonly hanzi: string;
    readonly name: string;
    readonly day: string;
  })[];
  readonly classes: readonly (At & { readonly label: string; readonly minutes: number })[];
  readonly mondays: readonly (At & { readonly day: string })[];
}

const BAND: Readonly<Record<PhaseId, string>> = {
  wood: 'bg-wood',
  fire: 'bg-fire',
  earth: 'bg-earth',
  metal: 'bg-metal',
  water: 'bg-water',
};
const left = (at: number) => ({ left: `${(at * 100).toFixed(2)}%` });
/** Words near the end stand before their place, so that none runs off the side. */
const words = (at: number) => (at > 0.84 ? { right: `${((1 - at) * 100).toFixed(2)}%` } : left(at));
/** An hour's class stands so high, px. */
const HOUR_PX = 44;

/** The weeks that come as one strip: whose time it is, the solar terms, where that changes, and the classes. */
export function NextWeeks({ view }: { view: WeeksView }) {
  const { bands, terms, classes, mondays } = view;
  return (
    <section aria-labelledby="weeks" className="mt-8 overflow-x-clip border-t border-ink pt-3">
      <h2 id="weeks">The next six weeks</h2>
      <ul className="relative m-0 mt-2 h-12 list-none p-0" aria-label="Solar terms">
        {terms.map(({ at, pinyin, hanzi, name, day }) => (
          <li
            key={pinyin}
            className="absolute bottom-0 border-l border-faded pl-1.5 leading-tight"
            style={words(at)}
          >
            <span lang="zh-Hant" className="hanzi">
              {hanzi}
            </span>{' '}
            <span className="max-sm:sr-only">
              <Pinyin>{pinyin}</Pinyin>
            </span>
            <span className="quiet small block max-sm:sr-only">
              {name}, {day}
            </span>
          </li>
        ))}
      </ul>
      <ul className="relative m-0 h-12 list-none p-0" aria-label="Classes">
        {classes.map(({ at, label, minutes }) => (
          <li
            key={`${at} ${label}`}
            className="absolute bottom-0 w-[3px] bg-ink"
            style={{ ...left(at), height: Math.max(8, Math.round((minutes / 60) * HOUR_PX)) }}
            title={label}
          >
            <span className="sr-only">{label}</span>
          </li>
        ))}
      </ul>
      <div className="relative h-2.5" aria-hidden>
        {bands.map(({ phase, from, to }) => (
          <div
            key={from}
            className={`absolute top-0.5 h-1.5 ${BAND[phase]}`}
            style={{ ...left(from), width: `calc(${((to - from) * 100).toFixed(2)}% - 2px)` }}
          />
        ))}
      </div>
      <ol className="small relative m-0 h-6 list-none p-0" aria-label="Whose time it is">
        {bands.map(({ phase, from, day }) => (
          <li key={from} className="absolute whitespace-nowrap" style={words(from)}>
            <PhaseMark phase={phase} withName />
            {from > 0 && <span className="quiet"> from {day}</span>}
          </li>
        ))}
      </ol>
      <ol className="small quiet figures relative m-0 h-6 list-none p-0" aria-label="Mondays">
        {mondays.map(({ at, day }) => (
          <li
            key={day}
            className="absolute border-l border-hairline pl-1 whitespace-nowrap"
            style={words(at)}
          >
            {day}
          </li>
        ))}
      </ol>
    </section>
  );
}
