import { useDraggable, useDroppable } from '@dnd-kit/core';
import Link from 'next/link';
import { LOADS, type Load } from '@/core/term/themes';
import type { Term } from '@/core/term/document';
import { PHASE_VAR, PhaseMark } from '@/ui/kit/PhaseMark';
import { KeptScroll } from '@/ui/scroll/KeptScroll';
import { LOAD_WORDS } from '@/ui/words/term';
import { ThemeSelect } from './ThemeSelect';
import type { WeekView } from './view';

/** How high people stand on the scroll of a week, and the scroll with its breath and its sections, px. */
const FIGURE_PX = 44;
const SCROLL_PX = 116;

interface Props {
  readonly week: WeekView;
  readonly number: number;
  readonly word: Term['weeks'][string];
  readonly isComposing: boolean;
  readonly onChange: (next: Partial<Term['weeks'][string]>, said?: string) => void;
  readonly onCompose: () => void;
}

/** A week: its days, what it is for, how hard it is, what is new and what comes back, and its practice. */
export function WeekRow({ week, number, word, isComposing, onChange, onCompose }: Props) {
  const { monday, days, out, news, again, why, first, practice, isOver, phase } = week;
  const name = days[0] ?? monday;
  const stays = isOver || word.isLocked;
  const { setNodeRef: setHandle, attributes, listeners } = useDraggable({ id: monday, disabled: stays });
  const { setNodeRef: setRow, isOver: isUnder } = useDroppable({ id: monday, disabled: stays });
  return (
    <li
      ref={setRow}
      className={`border-b border-hairline py-3 ${isUnder ? 'bg-leaf' : ''} ${week.isNow ? 'border-l-[3px] border-l-ink pl-3' : ''}`}
      aria-current={week.isNow ? 'date' : undefined}
    >
      <div className="flex flex-wrap items-baseline gap-x-4 gap-y-2">
        <button
          ref={setHandle}
          type="button"
          className="press-plain figures w-10 cursor-grab text-left"
          {...attributes}
          {...listeners}
          aria-label={`Week ${number}, ${name}: drag it to another week to change them over`}
          disabled={stays}
        >
          {number}
        </button>
        <span className="w-36">
          {days.map((day) => (
            <span key={day} className="figures block">
              {day}
            </span>
          ))}
          {out.length > 0 && <span className="quiet small block">falls out: {out.join(', ')}</span>}
        </span>
        <PhaseMark phase={phase} />
        <span className="w-52">
          <ThemeSelect
            label={`what week ${number} is for`}
            theme={word.theme}
            disabled={isOver}
            onTheme={(theme) => onChange({ theme, isLocked: true }, `Week ${number}: changed, and locked.`)}
          />
        </span>
        <select
          className="field w-28"
          aria-label={`how hard week ${number} is`}
          value={word.load}
          disabled={isOver}
          onChange={(event) => {
            const load = LOADS.find((one) => one === event.target.value);
            if (load) onChange({ load: load satisfies Load });
          }}
        >
          {LOADS.map((load) => (
            <option key={load} value={load}>
              {LOAD_WORDS[load]}
            </option>
          ))}
        </select>
        <button
          type="button"
          className="press-plain"
          aria-pressed={word.isLocked}
          disabled={isOver}
          onClick={() => onChange({ isLocked: !word.isLocked })}
        >
          Lock<span className="sr-only"> week {number}</span>
        </button>
        <span className="ml-auto flex gap-3">
          {practice ? (
            <>
              <Link className="press-plain" href={`/compose/${practice.id}`}>
                Compose<span className="sr-only"> {practice.name}</span>
              </Link>
              {isOver ? (
                <Link className="press-plain" href={week.logHref}>
                  Log<span className="sr-only"> of week {number}</span>
                </Link>
              ) : (
                <Link className="press-plain" href={`/lead/${practice.id}`}>
                  Lead<span className="sr-only"> {practice.name}</span>
                </Link>
              )}
            </>
          ) : (
            <button type="button" className="press-plain" disabled={isComposing} onClick={onCompose}>
              Draft it<span className="sr-only">, week {number}</span>
            </button>
          )}
        </span>
      </div>
      <div className="small mt-1 pl-14 max-sm:pl-0">
        {news.length > 0 && (
          <p>
            <span className="quiet">new</span> {news.join(', ')}
          </p>
        )}
        {again.length > 0 && (
          <p>
            <span className="quiet">again</span> {again.join(', ')}
          </p>
        )}
        <details>
          <summary className="quiet">why this week</summary>
          {why.map((reason) => (
            <p key={reason}>{reason}</p>
          ))}
          {first.length > 0 && <p>For the first time in this term: {first.join(', ')}.</p>}
          {why.length === 0 && first.length === 0 && <p>You chose it.</p>}
        </details>
      </div>
      {practice && (
        <div className="mt-2 pl-14 max-sm:pl-0">
          <KeptScroll
            address={`/api/practices/${practice.id}/scroll?version=${practice.version}&figure=${FIGURE_PX}`}
            ink={PHASE_VAR[phase]}
            height={SCROLL_PX}
          />
        </div>
      )}
    </li>
  );
}
