import Papa from 'papaparse';
import { nameOf, type Form } from '../forms';
import type { Practice } from '../practice';
import { readPracticeFile } from './practiceFile';
import type { FileProblem } from './file';

/** What a file of a running order is: lines to be read as typed ones are, or a practice of ours as it is. */
export type OrderFile =
  | { readonly ok: true; readonly kind: 'lines'; readonly text: string }
  | { readonly ok: true; readonly kind: 'practice'; readonly practice: Practice }
  | { readonly ok: false; readonly problem: FileProblem };

/** Names of columns, as tables of running orders have them (common practice). */
const COLUMNS = {
  name: ['form', 'name', 'exercise', 'movement', 'what', 'title', 'practice'],
  section: ['section', 'part', 'role', 'phase'],
  count: ['repetitions', 'reps', 'times', 'count', 'dose', 'how often'],
  minutes: ['minutes', 'min', 'mins', 'duration', 'length', 'time'],
} as const;

const plain = (text: string): string => text.trim().toLowerCase().replace(/[.:]$/, '');

/** A row of a table as a line a teacher would type: "Cloud hands 6× 2 min". */
function lineOf(name: string, count: string | undefined, minutes: string | undefined): string {
  const times = /^\d+$/.test(count?.trim() ?? '') ? `${count?.trim()}×` : (count?.trim() ?? '');
  const long = minutes?.trim() ?? '';
  const clock = /^(\d+):(\d\d)$/.exec(long);
  const min = clock
    ? `${Math.round((Number(clock[1]) + Number(clock[2]) / 60) * 10) / 10} min`
    : /^\d+(?:[.,]\d+)?$/.test(long)
      ? `${long.replace(',', '.')} min`
      : long;
  return [name.trim(), times, min].filter(Boolean).join(' ');
}

/** Lines of a table: by the names of its columns, or by its first column where it names none. */
function linesOfTable(rows: readonly (readonly string[])[]): readonly string[] {
  const [head = [], ...rest] = rows;
  const columnOf = (names: readonly string[]): number =>
    head.findIndex((cell) => names.includes(plain(cell)));
  const name = columnOf(COLUMNS.name);
  const isHeaded = name >= 0;
  const [section, count, minutes] = [COLUMNS.section, COLUMNS.count, COLUMNS.minutes].map((names) =>
    columnOf(names),
  );
  let before = '';
  return (isHeaded ? rest : rows).flatMap((row): readonly string[] => {
    const said = row[isHeaded ? name : 0]?.trim() ?? '';
    if (said === '') return [];
    const part = isHeaded && section !== undefined && section >= 0 ? (row[section]?.trim() ?? '') : '';
    const begins = part !== '' && part !== before ? [part] : [];
    before = part === '' ? before : part;
    const cell = (at: number | undefined): string | undefined =>
      at !== undefined && at >= 0 ? row[at] : undefined;
    return [...begins, isHeaded ? lineOf(said, cell(count), cell(minutes)) : row.filter(Boolean).join(' ')];
  });
}

/** Signs of Markdown taken off a line: emphasis, links, escapes. */
const unmarked = (text: string): string =>
  text
    .replace(/!?\[([^\]]*)\]\([^)]*\)/g, '$1')
    .replace(/(?<!\\)(\*\*|__|\*|_|`|~~)/g, '')
    .replace(/\\([\\`*_{}[\]<>#|~&.)+=-])/g, '$1')
    .trim();

/** "0:57 min" or "6× each side": how much, as our own sheets say it under a name. */
const DOSE = /^(?:\d+×|\d+ s\b|\d+:\d\d)/;
/** A clock before a name, as sheets have it: "12:30 Cloud hands". */
const CLOCK = /^\d+:\d\d\s+/;
/** Hanzi and a reading in brackets after a name: they name it again. */
const bare = (name: string): string =>
  name
    .replace(/\([^)]*\)/g, '')
    .replace(/\p{Script=Han}+/gu, '')
    .replace(CLOCK, '')
    .trim();

function linesOfMarkdown(text: string): readonly string[] {
  const rows = text.split(/\r?\n/);
  const table = rows.filter((row) => /^\s*\|.*\|\s*$/.test(row) && !/^\s*\|[\s:|-]+\|\s*$/.test(row));
  if (table.length > 1)
    return linesOfTable(
      table.map((row) =>
        row
          .trim()
          .slice(1, -1)
          .split('|')
          .map((cell) => unmarked(cell)),
      ),
    );
  const headings = rows.filter((row) => /^###\s/.test(row));
  const lines: string[] = [];
  for (const row of rows) {
    const heading = /^(#{1,6})\s+(.*?)\s*#*$/.exec(row);
    if (heading) {
      const [, level = '', said = ''] = heading;
      // The title names the whole; below it sections, below those their forms.
      if (level.length > 1) lines.push(bare(unmarked(said).replace(/ · .*$/, '')));
    } else if (headings.length > 0) {
      // Where forms have headings of their own, only how much is done is read under them.
      const said = unmarked(row);
      const last = lines.length - 1;
      if (DOSE.test(said) && last >= 0)
        lines[last] = `${lines[last] ?? ''} ${said.split(';')[0] ?? ''}`.replace(/each .*$/, '').trim();
    } else {
      const item = /^\s*(?:[-*+]|\d+[.)])\s+(?:\[[ xX]\]\s+)?(.*)$/.exec(row)?.[1] ?? row;
      const said = unmarked(item);
      if (said !== '' && !/^(?:---+|\*\*\*+|___+|>.*)$/.test(row.trim())) lines.push(said);
    }
  }
  return lines;
}

/** Lines of plain text: those of our own sheet by its clocks, any other as they stand. */
function linesOfText(text: string): readonly string[] {
  const rows = text.split(/\r?\n/);
  const clocked = rows.filter((row) => /^\s{0,4}\d+:\d\d {2}\S/.test(row));
  if (clocked.length < 2) return rows;
  const lines: string[] = [];
  rows.forEach((row, index) => {
    const section = /^(\S.*), \d+:\d\d min$/.exec(row)?.[1];
    if (section !== undefined) lines.push(section);
    else if (clocked.includes(row)) {
      const dose = rows[index + 1]?.trim() ?? '';
      const much = DOSE.test(dose) ? (dose.split(';')[0] ?? '').replace(/each .*$/, '') : '';
      lines.push(`${bare(row.trim())} ${much}`.trim());
    }
  });
  return lines;
}

/** So many letters of a running order are read. */
const LONGEST = 200_000;

/**
 * Reads a running order from a file: our own practice, CSV or another table of text, Markdown, or plain lines, by what it is
 * rather than what it is called. Whatever is wrong comes back as data; nothing throws.
 */
export function readOrderFile(fileName: string, content: string): OrderFile {
  const text = content.replace(/^\uFEFF/, '');
  if (text.length > LONGEST && !/^\s*\{/.test(text))
    return { ok: false, problem: { code: 'too-large', bytes: text.length } };
  if (/^\s*\{/.test(text)) {
    const read = readPracticeFile(text);
    return read.ok ? { ok: true, kind: 'practice', practice: read.practice } : read;
  }
  const lines = ((): readonly string[] => {
    if (/\.(csv|tsv)$/i.test(fileName))
      return linesOfTable(Papa.parse<string[]>(text, { skipEmptyLines: 'greedy' }).data);
    if (/\.(md|markdown)$/i.test(fileName) || /^#{1,3}\s/m.test(text)) return linesOfMarkdown(text);
    return linesOfText(text);
  })();
  return {
    ok: true,
    kind: 'lines',
    text: lines
      .map((line) => line.trim())
      .filter(Boolean)
      .join('\n'),
  };
}

/** What a running order of ours would be typed as, for those who take it elsewhere as a table. */
export const orderRows = (
  practice: Practice,
  formOf: (id: string) => Form | undefined,
): readonly (readonly (string | number)[])[] =>
  practice.items.flatMap((item) => {
    const form = formOf(item.formId);
    return form ? [[item.role, nameOf(form, item.variant), item.repetitions]] : [];
  });
