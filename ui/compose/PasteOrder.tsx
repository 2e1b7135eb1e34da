'use client';

import { useMemo, useRef, useState } from 'react';
import {
  linesIn,
  MOST_LINES,
  practiceFromLines,
  readRunningOrder,
  type Asking,
  settleLines,
  type PastedLine,
} from '@/core/compose';
import { FORM_SETS, ownId, REPERTOIRE, withOwn, type Form } from '@/core/forms';
import { formToFillIn } from '@/core/forms/own/drafting';
import type { Practice } from '@/core/practice';
import { readAnswer } from '@/ui/kit/answer';
import { newId } from '@/ui/kit/newId';
import { plural } from '@/ui/kit/time';
import { ROLE_NAMES } from '@/ui/words/names';
import type { Asked } from '@/workers/compose.worker';
import { Sheet } from '@/ui/kit/Sheet';

interface Props {
  readonly asked: Asked;
  readonly onMake: (practice: Practice, said: string) => void;
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

/** Chosen where a line is to become a form of one’s own. */
const NEW = 'new';

/** What a line is taken for until another is chosen: the likeliest, or a form to be written. */
const likeliest = (line: PastedLine): string => line.forms[0]?.id ?? NEW;

/** Keeps the new forms on the server; what was wrong, if anything. */
async function keepForms(forms: readonly Form[], kept: Set<string>): Promise<string | undefined> {
  for (const form of forms.filter(({ id }) => !kept.has(id))) {
    const answer = await readAnswer<unknown>(() =>
      fetch('/api/forms', {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({ form }),
      }),
    );
    if (!answer.ok) return answer.message;
    kept.add(form.id);
  }
  return undefined;
}

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
    <li className="grid grid-cols-[1fr_1.3fr_5rem] items-center gap-x-3 border-b border-hairline py-1 max-sm:grid-cols-[1fr_4rem]">
      <span className="truncate max-sm:col-span-2">{line.text}</span>
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
          <option value="">left out</option>
          {line.forms.map((form) => (
            <option key={form.id} value={form.id}>
              {form.id === line.forms[0]?.id ? `${form.name}, perhaps` : form.name}
            </option>
          ))}
          <option value={NEW}>a new form of your own, to fill in</option>
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
  const beyond = linesIn(text).length - MOST_LINES;
  const [apart] = useState(() => newId().slice(0, 6));
  /** New forms the server has already, should it fail at a later one. */
  const kept = useRef(new Set<string>());
  const [busy, setBusy] = useState(false);
  const [wrong, setWrong] = useState<string | undefined>(undefined);
  const settled = useMemo(
    () =>
      settleLines(lines, (line, index) => {
        const chosen = choices[`${index}/${line.text}`] ?? likeliest(line);
        if (chosen === NEW) return formToFillIn(ownId(line.name, `${index}${apart}`), line.name);
        return forms.find((form) => form.id === chosen);
      }),
    [apart, choices, forms, lines],
  );
  const unwritten = settled.map(({ form }) => form).filter((form) => !forms.some(({ id }) => id === form.id));
  const make = async (): Promise<void> => {
    setBusy(true);
    const failed = await keepForms(unwritten, kept.current);
    setBusy(false);
    if (failed !== undefined) return setWrong(failed);
    const { own, ...rest } = asked;
    void own;
    const asking: Asking = { ...rest, repertoire: forms };
    onMake(
      practiceFromLines(asking, settled),
      unwritten.length === 0
        ? 'The running order is a score now.'
        : `The running order is a score now; ${plural(unwritten.length, 'form')} of your own to fill in, under Forms.`,
    );
  };
  const openFile = async (file: File): Promise<void> => {
    setWrong(undefined);
    // What reads files is large, and most running orders are pasted.
    const [{ readOrderFile }, { fileProblemText }] = await Promise.all([
      import('@/core/formats/orderFile'),
      import('@/core/formats/fileProblemText'),
    ]);
    const read = readOrderFile(file.name, await file.text());
    if (!read.ok) setWrong(fileProblemText(read.problem));
    else if (read.kind === 'practice') onMake(read.practice, `“${read.practice.name}” is opened.`);
    else setText(read.text);
  };
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
      <p className="mt-1">
        <label className="press-plain cursor-pointer">
          Open a file
          <input
            type="file"
            className="sr-only"
            accept=".txt,.csv,.tsv,.md,.markdown,.json,text/plain,text/csv,text/markdown,application/json"
            onChange={(event) => {
              const file = event.target.files?.[0];
              event.target.value = '';
              if (file) void openFile(file);
            }}
          />
        </label>{' '}
        <span className="quiet small">text, a table, Markdown, or a practice of ours</span>
      </p>
      {lines.length > 0 && (
        <>
          <p className="quiet small mt-2" role="status">
            {plural(settled.length - unwritten.length, 'form')} recognised
            {unwritten.length > 0 && `, ${unwritten.length} new to fill in`}
            {open.length > 0 && `, ${plural(open.length, 'line')} to settle`}.
            {beyond > 0 &&
              ` Only the first ${MOST_LINES} lines are read; ${plural(beyond, 'line')} below them would be left out.`}
          </p>
          <ul className="mt-1 border-t border-hairline" aria-label="Lines read">
            {lines.map((line, index) => (
              <Line
                key={`${index}/${line.text}`}
                line={line}
                chosen={choices[keyOf(line, index)] ?? likeliest(line)}
                onChoose={(id) => setChoices((before) => ({ ...before, [keyOf(line, index)]: id }))}
              />
            ))}
          </ul>
        </>
      )}
      {wrong !== undefined && (
        <p className="watch mt-2" role="alert">
          {wrong}
        </p>
      )}
      <p className="mt-3">
        <button
          type="button"
          className="press press-main"
          disabled={settled.length === 0 || busy}
          onClick={() => void make()}
        >
          Make it a score
        </button>
      </p>
    </Sheet>
  );
}
