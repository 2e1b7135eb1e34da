import type { Customs } from '@/core/customs';
import type { Stroke } from '@/core/forms';
import { PARTS, repeated, withMirrored } from '@/core/forms/own/drafting';
import type { FormNote } from '@/core/forms/checks/formNotes';
import { soundOf } from '@/core/sounds';
import { StrokeList } from './StrokeList';
import type { AtFormEditing } from './useFormEditing';

const PART_NAMES = {
  entry: 'coming in',
  cycle: 'one repetition',
  exit: 'coming out',
  smaller: 'smaller',
  seated: 'seated',
} as const;
/** Repeating doubles the strokes, and a part has room for twice as many. */
const MOST_TO_REPEAT = 12;

interface Props {
  readonly at: AtFormEditing;
  readonly customs: Customs;
  readonly strokes: readonly Stroke[];
  readonly index: number;
  readonly place: number;
  readonly notes: readonly FormNote[];
  readonly onStrokes: (what: string, strokes: readonly Stroke[]) => void;
}

/** Which part is written, and what is different in a smaller or seated variant. */
function Parts({ at }: { at: AtFormEditing }) {
  const { state, form, change, happens } = at;
  const { part } = state;
  const way = part === 'smaller' || part === 'seated' ? part : undefined;
  return (
    <>
      <p className="flex flex-wrap items-baseline gap-x-4" role="group" aria-label="Part of the form">
        {PARTS.map((one) => (
          <button
            key={one}
            type="button"
            className="press-plain"
            aria-pressed={one === part}
            onClick={() => happens({ kind: 'chose-part', part: one })}
          >
            {(one === 'smaller' || one === 'seated') && !form[one] ? `add a ${one} variant` : PART_NAMES[one]}
          </button>
        ))}
        {way && (
          <button
            type="button"
            className="press-plain"
            onClick={() => happens({ kind: 'variant-removed', variant: way })}
          >
            remove the {way} way
          </button>
        )}
      </p>
      {way && (
        <label className="mt-2 block">
          <span className="quiet small">What is different, as you would say it</span>
          <input
            className="field"
            maxLength={240}
            value={form[way]?.change ?? ''}
            onChange={(event) => {
              const said = event.target.value;
              change('change', (now) => {
                const present = now[way];
                return present ? { ...now, [way]: { ...present, change: said } } : now;
              });
            }}
          />
        </label>
      )}
    </>
  );
}

/** The strokes of the part that is chosen, and what can be done with all of them. */
export function EditorStrokes({ at, customs, strokes, index, place, notes, onStrokes }: Props) {
  const { state, form, happens } = at;
  const cannotRepeat = strokes.length === 0 || strokes.length > MOST_TO_REPEAT;
  return (
    <>
      <Parts at={at} />
      <div className="mt-2">
        <StrokeList
          form={form}
          part={state.part}
          strokes={strokes}
          sound={form.soundOrgan ? soundOf(form.soundOrgan, customs.soundSchool) : undefined}
          notes={state.part === 'entry' || state.part === 'exit' ? [] : notes}
          selected={index}
          place={place}
          onSelect={(stroke, posture) =>
            happens({
              kind: 'chose-stroke',
              stroke,
              posture: posture ?? Math.max(0, (strokes[stroke]?.postures?.length ?? 1) - 1),
            })
          }
          onStrokes={onStrokes}
        />
        {form.sides !== 'symmetric' && (
          <p className="quiet small">
            Cues are written as said for the left; the other side follows by itself.
          </p>
        )}
        <p className="small flex flex-wrap gap-x-4">
          <button
            type="button"
            className="press-plain"
            disabled={cannotRepeat}
            onClick={() => onStrokes('mirrored', withMirrored(strokes))}
          >
            Repeat all on the other side
          </button>
          <button
            type="button"
            className="press-plain"
            disabled={cannotRepeat}
            onClick={() => onStrokes('repeated', repeated(strokes))}
          >
            Repeat all once more
          </button>
        </p>
      </div>
    </>
  );
}
