'use client';

import { ArrowDown, ArrowUp, Copy, FlipHorizontal2, Plus, X } from 'lucide-react';
import type { Form, Stroke } from '@/core/forms';
import { spokenCue, writtenCue } from '@/core/forms/cueText';
import { mirrorStroke, strokeAfter, variantOf, type Part } from '@/core/forms/drafting';
import type { FormNote } from '@/core/forms/review';
import { noteWeight } from '@/core/forms/review';
import { BREATH_STROKES } from '@/core/breath';
import { BREATH_WORDS } from '@/ui/words/asks';
import { formNoteText } from '@/ui/words/formNotes';

interface Props {
  readonly form: Form;
  readonly part: Part;
  readonly strokes: readonly Stroke[];
  /** The sound of the school, where the form has one. */
  readonly sound: string | undefined;
  readonly notes: readonly FormNote[];
  readonly selected: number;
  /** Which of the selected stroke's postures is on the figure. */
  readonly place: number;
  readonly onSelect: (stroke: number, place?: number) => void;
  readonly onStrokes: (what: string, strokes: readonly Stroke[]) => void;
}

const MOST = 24;

/** The strokes of a part in order: breath, seconds, cue, and the postures each goes through. */
export function StrokeList({
  form,
  part,
  strokes,
  sound,
  notes,
  selected,
  place,
  onSelect,
  onStrokes,
}: Props) {
  const put = (index: number, stroke: Stroke, what: string): void =>
    onStrokes(`${what} ${part} ${index}`, strokes.with(index, stroke));
  const move = (index: number, by: 1 | -1): void => {
    const stroke = strokes[index];
    const to = index + by;
    if (!stroke || to < 0 || to >= strokes.length) return;
    onStrokes('order', strokes.toSpliced(index, 1).toSpliced(to, 0, stroke));
    onSelect(to);
  };
  const insert = (index: number, stroke: Stroke, what: string): void => {
    onStrokes(what, strokes.toSpliced(index, 0, stroke));
    onSelect(index);
  };
  const full = strokes.length >= (part === 'entry' || part === 'exit' ? 8 : MOST);
  return (
    <ol className="border-t border-ink" aria-label="Strokes">
      {strokes.map((stroke, index) => {
        const here = notes.filter((note) => note.stroke === index);
        const own = stroke.breath === 'free' || stroke.breath === 'hold';
        const postures = stroke.postures ?? [];
        return (
          <li
            key={index}
            className={`border-b border-hairline py-2 ${index === selected ? 'bg-leaf' : ''}`}
            onFocus={() => {
              if (index !== selected) onSelect(index);
            }}
          >
            <div className="flex flex-wrap items-center gap-2">
              <button
                type="button"
                className="press-square figures"
                aria-pressed={index === selected}
                aria-label={`Stroke ${index + 1}`}
                onClick={() => onSelect(index)}
              >
                {index + 1}
              </button>
              <select
                className="field w-auto"
                aria-label={`Breath of stroke ${index + 1}`}
                value={stroke.breath}
                onChange={(event) => {
                  const breath = BREATH_STROKES.find((one) => one === event.target.value) ?? 'in';
                  const { seconds, ...rest } = stroke;
                  put(
                    index,
                    breath === 'free' || breath === 'hold'
                      ? { ...rest, breath, seconds: seconds ?? 4 }
                      : { ...rest, breath },
                    'breath',
                  );
                }}
              >
                {BREATH_STROKES.map((breath) => (
                  <option key={breath} value={breath}>
                    {BREATH_WORDS[breath]}
                  </option>
                ))}
              </select>
              {own && (
                <label className="small inline-flex items-baseline gap-1">
                  <input
                    type="number"
                    className="field figures w-20"
                    aria-label={`Seconds of stroke ${index + 1}`}
                    min={0.5}
                    max={300}
                    step={0.5}
                    value={stroke.seconds ?? ''}
                    onChange={(event) => {
                      const seconds = Number(event.target.value);
                      if (seconds > 0) put(index, { ...stroke, seconds }, 'seconds');
                    }}
                  />
                  <span className="unit">s</span>
                </label>
              )}
              <input
                className="field min-w-40 flex-1 font-serif"
                aria-label={`Cue of stroke ${index + 1}`}
                value={spokenCue(stroke.cue, form, sound)}
                maxLength={240}
                onChange={(event) =>
                  put(index, { ...stroke, cue: writtenCue(event.target.value, form, sound) }, 'cue')
                }
              />
              <span className="flex">
                <button
                  type="button"
                  className="press-square"
                  aria-label={`Stroke ${index + 1} up`}
                  disabled={index === 0}
                  onClick={() => move(index, -1)}
                >
                  <ArrowUp size={14} aria-hidden />
                </button>
                <button
                  type="button"
                  className="press-square"
                  aria-label={`Stroke ${index + 1} down`}
                  disabled={index === strokes.length - 1}
                  onClick={() => move(index, 1)}
                >
                  <ArrowDown size={14} aria-hidden />
                </button>
                <button
                  type="button"
                  className="press-square"
                  aria-label={`Mirror stroke ${index + 1}`}
                  onClick={() => put(index, mirrorStroke(stroke), 'mirror')}
                >
                  <FlipHorizontal2 size={14} aria-hidden />
                </button>
                <button
                  type="button"
                  className="press-square"
                  aria-label={`Copy stroke ${index + 1}`}
                  disabled={full}
                  onClick={() => insert(index + 1, stroke, 'copy')}
                >
                  <Copy size={14} aria-hidden />
                </button>
                <button
                  type="button"
                  className="press-square"
                  aria-label={`Remove stroke ${index + 1}`}
                  disabled={strokes.length === 1 && part !== 'entry' && part !== 'exit'}
                  onClick={() => {
                    onStrokes('remove', strokes.toSpliced(index, 1));
                    onSelect(Math.max(0, index - 1));
                  }}
                >
                  <X size={14} aria-hidden />
                </button>
              </span>
            </div>
            {/* Always there, so that nothing moves under the pointer when a stroke is chosen. */}
            <p
              className="small mt-1 flex flex-wrap items-baseline gap-x-3 pl-9"
              role="group"
              aria-label={`Postures of stroke ${index + 1}`}
            >
              <span className="quiet">goes through</span>
              {postures.map((_posture, at) => (
                <button
                  key={at}
                  type="button"
                  className="press-plain figures"
                  aria-pressed={index === selected && at === place}
                  aria-label={`Stroke ${index + 1}, posture ${at + 1}`}
                  onClick={() => onSelect(index, at)}
                >
                  {at + 1}
                </button>
              ))}
              <button
                type="button"
                className="press-plain"
                disabled={postures.length >= 12}
                onClick={() => {
                  const base =
                    postures.at(-1) ?? strokeAfter(form, variantOf(part), index - 1).postures?.[0] ?? {};
                  put(index, { ...stroke, postures: [...postures, base] }, 'posture');
                  onSelect(index, postures.length);
                }}
              >
                <Plus size={13} aria-hidden /> posture
              </button>
              {postures.length > 1 && (
                <button
                  type="button"
                  className="press-plain"
                  onClick={() => {
                    put(
                      index,
                      {
                        ...stroke,
                        postures: postures.toSpliced(index === selected ? place : postures.length - 1, 1),
                      },
                      'fewer',
                    );
                    onSelect(index, Math.max(0, place - 1));
                  }}
                >
                  remove
                </button>
              )}
            </p>
            {here.map((note, at) => (
              <p key={at} className={`small mt-1 pl-9 ${noteWeight(note)}`}>
                {formNoteText(note)}
              </p>
            ))}
          </li>
        );
      })}
      <li className="py-2">
        <button
          type="button"
          className="press"
          disabled={full}
          onClick={() => {
            const base =
              part === 'entry' || part === 'exit'
                ? {
                    breath: 'free' as const,
                    cue: 'Come to the stance.',
                    seconds: 5,
                    postures: [{ sink: 10 }],
                  }
                : strokeAfter(form, variantOf(part), strokes.length - 1);
            insert(strokes.length, base, 'add');
          }}
        >
          <Plus size={15} aria-hidden /> Add a stroke
        </button>
      </li>
    </ol>
  );
}
