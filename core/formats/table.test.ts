import { spawnSync } from 'node:child_process';
import Papa from 'papaparse';
import { writeCsv, writeTableJson } from './table';

const table = {
  columns: ['form', 'hanzi', 'minutes', 'note'],
  rows: [
    ['Cloud hands', '雲手', 4.5, 'a "soft" wrist,\nthen on'],
    ['=1+1', '@x', -5, '+44 or -5'],
    ['empty', undefined, undefined, ''],
  ],
} as const;

describe('a table as CSV', () => {
  const csv = writeCsv(table);

  it('has the mark of UTF-8 and ends its lines with CR LF', () => {
    expect(csv.startsWith('\uFEFF')).toBe(true);
    expect(csv.replaceAll('\r\n', '').includes('\r')).toBe(false);
    expect(csv.split('\r\n').length).toBeGreaterThan(4);
  });

  it('lets no spreadsheet take a cell for a formula, and leaves numbers numbers', () => {
    const { data } = Papa.parse<string[]>(csv.slice(1).trimEnd());
    expect(data[2]).toEqual(["'=1+1", "'@x", '-5', "'+44 or -5"]);
  });

  it('is read by another language’s reader as it was: quotes, hanzi and line ends', () => {
    const python = spawnSync(
      'python3',
      [
        '-c',
        'import csv,io,json,sys;print(json.dumps(list(csv.reader(io.StringIO(sys.stdin.buffer.read().decode("utf-8-sig"),newline="")))))',
      ],
      { input: csv, encoding: 'utf8' },
    );
    // Where there is no Python the packages’ own reader has to do.
    const rows: unknown =
      python.status === 0
        ? JSON.parse(python.stdout)
        : Papa.parse<string[]>(csv.slice(1), { skipEmptyLines: true }).data;
    expect(rows).toEqual([
      ['form', 'hanzi', 'minutes', 'note'],
      ['Cloud hands', '雲手', '4.5', 'a "soft" wrist,\nthen on'],
      ["'=1+1", "'@x", '-5', "'+44 or -5"],
      ['empty', '', '', ''],
    ]);
  });
});

describe('a table as JSON', () => {
  it('is its rows by the names of the columns, null where nothing is known', () => {
    expect(JSON.parse(writeTableJson(table))[2]).toEqual({
      form: 'empty',
      hanzi: null,
      minutes: null,
      note: '',
    });
  });
});
