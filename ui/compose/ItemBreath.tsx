import type { Form } from '@/core/forms';
import { PATTERN_ROWS, patternRefusal, wholePattern, type LayerSpan } from '@/core/patterns';
import { paceOf, type Item, type LayersOfItem, type OwnLayers, type Practice } from '@/core/practice';
import { PatternLine } from '@/ui/breaths/PatternLine';
import { breathFigures, WHY_NO_PATTERN } from '@/ui/words/patterns';

/** All repetitions, or the first or last so many. */
export function Span({
  on,
  label,
  onSpan,
}: {
  on: LayerSpan | undefined;
  label: string;
  onSpan: (on: LayerSpan | undefined) => void;
}) {
  return (
    <span className="flex items-center gap-1.5">
      <select
        className="field w-auto"
        aria-label={`${label}: which repetitions`}
        value={on?.end ?? 'all'}
        onChange={({ target: { value } }) =>
          onSpan(value === 'first' || value === 'last' ? { end: value, count: on?.count ?? 3 } : undefined)
        }
      >
        <option value="all">every time</option>
        <option value="first">the first</option>
        <option value="last">the last</option>
      </select>
      {on && (
        <input
          type="number"
          className="field w-16"
          aria-label={`${label}: how many`}
          min={1}
          max={99}
          value={on.count}
          onChange={({ target: { value } }) => onSpan({ ...on, count: Math.max(1, Number(value) || 1) })}
        />
      )}
    </span>
  );
}

export interface LayerProps {
  readonly practice: Practice;
  readonly item: Item;
  readonly form: Form;
  readonly laid: LayersOfItem;
  /** Own breaths and sounds: those the practitioner keeps, and those the practice holds. */
  readonly own: OwnLayers;
  /** It is laid on this item alone: what does not fit it cannot be chosen. */
  readonly onlyHere: boolean;
}

/** The pattern of the breath: which, on which repetitions, how it runs and who minds it. */
export function BreathLayer({
  practice,
  item,
  form,
  laid,
  own,
  onlyHere,
  onBreathe,
}: LayerProps & { readonly onBreathe: (breathing: Item['breathing']) => void }) {
  const pattern = laid.breathing?.pattern;
  return (
    <div>
      <label className="block">
        <span className="caption block">breath</span>
        <select
          className="field"
          value={item.breathing?.pattern ?? ''}
          onChange={({ target: { value } }) =>
            onBreathe(
              value === ''
                ? undefined
                : { pattern: value, ...(item.breathing?.on ? { on: item.breathing.on } : {}) },
            )
          }
        >
          <option value="">as the form has it</option>
          {[...Object.values(own.patterns ?? {}), ...PATTERN_ROWS].map((row) => {
            const why = patternRefusal(form, item.variant, row);
            return (
              <option key={row.id} value={row.id} disabled={why !== undefined && onlyHere}>
                {row.name}
                {why ? ` (${WHY_NO_PATTERN[why]})` : ''}
              </option>
            );
          })}
        </select>
      </label>
      {item.breathing && (
        <Span
          label="breath"
          on={item.breathing.on}
          onSpan={(on) => onBreathe({ pattern: item.breathing?.pattern ?? 'natural', ...(on ? { on } : {}) })}
        />
      )}
      {pattern && (
        <>
          <PatternLine pattern={pattern} pace={paceOf(practice)} label={`The line of ${pattern.name}`} />
          <p className="quiet small figures">{breathFigures(pattern, paceOf(practice))}</p>
          <p className="watch">{wholePattern(pattern).mind}</p>
        </>
      )}
    </div>
  );
}
