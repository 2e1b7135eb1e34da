'use client';

import { useMemo, useState } from 'react';
import {
  practiceFromLines,
  readRunningOrder,
  type Asking,
  settleLines,
  type PastedLine,
} from '@/core/compose';
import { FORM_SETS, REPERTOIRE, withOwn } from '@/core/forms';
import type { Practice } from '@/core/practice';
import { plural } from '@/ui/kit/time';
import { ROLE_NAMES } from '@/ui/words/names';
import type { Asked } from '@/workers/compose.worker';
import { Sheet } from './Sheet';

interface Props {
  readonly asked: Asked;
  readonly onMake: (practice: Practice) => void;
  readonly onClose: () => void;
}

const EXAMPLE = [
  'Arrive',
  'Standing quiet 2 min',
  'Loosen',
  'Ankle circles x4',
  'Shaking 1 min',
  'Cloud hands 6×',
  'Face washing',
  'Hands to the belly',
].join('\n');

const setName = (set: string): string => FORM_SETS.find(({ id }) => id === set)?.name ?? set;

function Line({
  line,
  chosen,
  onChoose,
}: {
  line: PastedLine;
  chosen: string;
  onChoose: (id: string) => void;
}) {
  const said = [
    line.repetitions === undefined ? '' : `${line.repetitions}×`,
    line.minutes === undefined ? '' : `${Math.round(line.minutes * 10) / 10} min`,
  ]
    .filter((word) => word !== '')
    .join(', ');
  return (
    <li className="grid grid-cols-[1fr_1.3fr_5rem] items-center gap-x-3 border-b border-hairline py-1">
      <span className="truncate">{line.text}</span>
      {line.role ? (
        <span className="caption">section: {ROLE_NAMES[line.role]}</span>
      ) : line.sure ? (
        <span className="font-serif text-[1.06rem]">
          {line.set === undefined
            ? line.forms[0]?.name
            : `${setName(line.set)}, ${plural(line.forms.length, 'form')}`}
        </span>
      ) : (
        <select
          className="field"
          aria-label={`Which form is “${line.text}”?`}
          value={chosen}
          onChange={(event) => onChoose(event.target.value)}
        >
          <option value="">{line.forms.length > 0 ? 'left out' : 'no form like this; left out'}</option>
          {line.forms.map((form) => (
            <option key={form.id} value={form.id}>
              {form.id === line.forms[0]?.id ? `${form.name}, perhaps` : form.name}
            </option>
          ))}
        </select>
      )}
      <span className="quiet figures text-right">{said}</span>
    </li>
  );
}

/** A running order written down elsewhere becomes a score: what is sure is taken, what is not is asked. */
export function PasteOrder({ asked, onMake, onClose }: Props) {
  const [text, setText] = useState('');
  const [choices, setChoices] = useState<Readonly<Record<string, string>>>({});
  const forms = useMemo(() => withOwn(REPERTOIRE, asked.own), [asked.own]);
  const lines = useMemo(() => readRunningOrder(text, forms, asked.customs), [asked.customs, forms, text]);
  const keyOf = (line: PastedLine, index: number): string => `${index}/${line.text}`;
  // The likeliest is taken and told to be a guess, until another is chosen.
  const open = lines.filter(
    (line, index) => !line.sure && line.forms.length > 0 && choices[keyOf(line, index)] === undefined,
  );
  const settled = useMemo(
    () =>
      settleLines(lines, (line, index) => {
        const chosen = choices[`${index}/${line.text}`] ?? line.forms[0]?.id;
        return forms.find((form) => form.id === chosen);
      }),
    [choices, forms, lines],
  );
  return (
    <Sheet title="A running order from elsewhere" onClose={onClose}>
      <label htmlFor="pasted-order" className="quiet small">
        One form a line, with counts or minutes where you have them; a line with only the name of a section
        begins it.
      </label>
      <textarea
        id="pasted-order"
        data-first
        className="field mt-1 min-h-40"
        rows={8}
        placeholder={EXAMPLE}
        value={text}
        maxLength={20_000}
        onChange={(event) => setText(event.target.value)}
      />
      {lines.length > 0 && (
        <>
          <p className="quiet small mt-2" role="status">
            {plural(settled.length, 'form')} recognised
            {open.length > 0 && `, ${plural(open.length, 'line')} to settle`}.
          </p>
          <ul className="mt-1 border-t border-hairline" aria-label="Lines read">
            {lines.map((line, index) => (
              <Line
                key={`${index}/${line.text}`}
                line={line}
                chosen={choices[keyOf(line, index)] ?? line.forms[0]?.id ?? ''}
                onChoose={(id) => setChoices((before) => ({ ...before, [keyOf(line, index)]: id }))}
              />
            ))}
          </ul>
        </>
      )}
      <p className="mt-3">
        <button
          type="button"
          className="press press-main"
          disabled={settled.length === 0}
          onClick={() => {
            const { own, ...rest } = asked;
            void own;
            const asking: Asking = { ...rest, repertoire: forms };
            onMake(practiceFromLines(asking, settled));
          }}
        >
          Make it a score
        </button>
      </p>
    </Sheet>
  );
}
