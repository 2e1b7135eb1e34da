'use client';

import { ArrowDown, ArrowUp, Copy, FlipHorizontal2, Plus, X } from 'lucide-react';
import type { Form, Stroke } from '@/core/forms';
import { spokenCue, writtenCue } from '@/core/forms/words/cueText';
import { mirrorStroke, strokeAfter, variantOf, type Part } from '@/core/forms/own/drafting';
import type { FormNote } from '@/core/forms/checks/formNotes';
import { noteWeight } from '@/core/forms/checks/formNotes';
import { BREATH_STROKES } from '@/core/breath';
import { BREATH_WORDS } from '@/ui/words/asks';
import { formNoteText } from '@/ui/words/formNotes';

/** A row of the list: one stroke, and what can be done with it. */
interface RowProps {
  readonly form: Form;
  readonly part: Part;
  readonly strokes: readonly Stroke[];
  readonly stroke: Stroke;
  readonly index: number;
  /** The sound of the school, where the form has one. */
  readonly sound: string | undefined;
  readonly notes: readonly FormNote[];
  readonly selected: number;
  /** Which of the selected stroke's postures is on the figure. */
  readonly place: number;
  readonly isFull: boolean;
  readonly onSelect: (stroke: number, place?: number) => void;
  readonly onStrokes: (what: string, strokes: readonly Stroke[]) => void;
}

const put = ({ part, strokes, index, onStrokes }: RowProps, stroke: Stroke, what: string): void =>
  onStrokes(`${what} ${part} ${index}`, strokes.with(index, stroke));

function Breath(props: RowProps) {
  const { stroke, index } = props;
  return (
    <select
      className="field w-auto"
      aria-label={`Breath of stroke ${index + 1}`}
      value={stroke.breath}
      onChange={(event) => {
        const breath = BREATH_STROKES.find((one) => one === event.target.value) ?? 'in';
        const { seconds, ...rest } = stroke;
        put(
          props,
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
  );
}

function Seconds(props: RowProps) {
  const { stroke, index } = props;
  return (
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
          if (seconds > 0) put(props, { ...stroke, seconds }, 'seconds');
        }}
      />
      <span className="unit">s</span>
    </label>
  );
}

/** Up, down, mirrored, copied, away. */
function StrokeTools(props: RowProps) {
  const { part, strokes, stroke, index, isFull, onSelect, onStrokes } = props;
  const move = (by: 1 | -1): void => {
    const to = index + by;
    if (to < 0 || to >= strokes.length) return;
    onStrokes('order', strokes.toSpliced(index, 1).toSpliced(to, 0, stroke));
    onSelect(to);
  };
  return (
    <span className="flex">
      <button
        type="button"
        className="press-square"
        aria-label={`Stroke ${index + 1} up`}
        disabled={index === 0}
        onClick={() => move(-1)}
      >
        <ArrowUp size={14} aria-hidden />
      </button>
      <button
        type="button"
        className="press-square"
        aria-label={`Stroke ${index + 1} down`}
        disabled={index === strokes.length - 1}
        onClick={() => move(1)}
      >
        <ArrowDown size={14} aria-hidden />
      </button>
      <button
        type="button"
        className="press-square"
        aria-label={`Mirror stroke ${index + 1}`}
        onClick={() => put(props, mirrorStroke(stroke), 'mirror')}
      >
        <FlipHorizontal2 size={14} aria-hidden />
      </button>
      <button
        type="button"
        className="press-square"
        aria-label={`Copy stroke ${index + 1}`}
        disabled={isFull}
        onClick={() => {
          onStrokes('copy', strokes.toSpliced(index + 1, 0, stroke));
          onSelect(index + 1);
        }}
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
  );
}

/** The postures a stroke goes through. Always there, so that nothing moves under the pointer when one is chosen. */
function Postures(props: RowProps) {
  const { form, part, stroke, index, selected, place, onSelect } = props;
  const postures = stroke.postures ?? [];
  return (
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
          const base = postures.at(-1) ?? strokeAfter(form, variantOf(part), index - 1).postures?.[0] ?? {};
          put(props, { ...stroke, postures: [...postures, base] }, 'posture');
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
              props,
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
  );
}

function Row(props: RowProps) {
  const { form, stroke, index, sound, notes, selected, onSelect } = props;
  const isTimed = stroke.breath === 'free' || stroke.breath === 'hold';
  return (
    <li
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
        <Breath {...props} />
        {isTimed && <Seconds {...props} />}
        <input
          className="field min-w-40 flex-1 font-serif"
          aria-label={`Cue of stroke ${index + 1}`}
          value={spokenCue(stroke.cue, form, sound)}
          maxLength={240}
          onChange={(event) =>
            put(props, { ...stroke, cue: writtenCue(event.target.value, form, sound) }, 'cue')
          }
        />
        <StrokeTools {...props} />
      </div>
      <Postures {...props} />
      {notes
        .filter((note) => note.stroke === index)
        .map((note, at) => (
          <p key={at} className={`small mt-1 pl-9 ${noteWeight(note)}`}>
            {formNoteText(note)}
          </p>
        ))}
    </li>
  );
}

type Props = Omit<RowProps, 'stroke' | 'index' | 'isFull'>;

const MOST = 24;
const MOST_ASIDE = 8;
const FIRST_ASIDE: Stroke = {
  breath: 'free',
  cue: 'Come to the stance.',
  seconds: 5,
  postures: [{ sink: 10 }],
};

/** The strokes of a part in order: breath, seconds, cue, and the postures each goes through. */
export function StrokeList(props: Props) {
  const { form, part, strokes, onSelect, onStrokes } = props;
  const isAside = part === 'entry' || part === 'exit';
  const isFull = strokes.length >= (isAside ? MOST_ASIDE : MOST);
  const add = (): void => {
    const stroke = isAside ? FIRST_ASIDE : strokeAfter(form, variantOf(part), strokes.length - 1);
    onStrokes('add', [...strokes, stroke]);
    onSelect(strokes.length);
  };
  return (
    <ol className="border-t border-ink" aria-label="Strokes">
      {strokes.map((stroke, index) => (
        <Row key={index} {...props} stroke={stroke} index={index} isFull={isFull} />
      ))}
      <li className="py-2">
        <button type="button" className="press" disabled={isFull} onClick={add}>
          <Plus size={15} aria-hidden /> Add a stroke
        </button>
      </li>
    </ol>
  );
}
