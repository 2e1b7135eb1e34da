import Papa from 'papaparse';

/** A table to be taken along: each row has a cell for each column; nothing is written for what is not known. */
export interface Table {
  readonly columns: readonly string[];
  readonly rows: readonly (readonly (string | number | undefined)[])[];
}

/**
 * A table as CSV (RFC 4180) for any spreadsheet: UTF-8 with its mark, lines ended by CR LF, and no cell that a
 * spreadsheet would take for a formula.
 */
export const writeCsv = ({ columns, rows }: Table): string =>
  `\uFEFF${Papa.unparse(
    { fields: [...columns], data: rows.map((row) => row.map((cell) => cell ?? '')) },
    { newline: '\r\n', escapeFormulae: true },
  )}\r\n`;

/** A table as JSON: a list of its rows by the names of the columns. */
export const writeTableJson = ({ columns, rows }: Table): string =>
  `${JSON.stringify(
    rows.map((row) => Object.fromEntries(columns.map((column, index) => [column, row[index] ?? null]))),
    null,
    2,
  )}\n`;
