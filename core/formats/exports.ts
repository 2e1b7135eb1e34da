/**
 * What a practice or forms can be taken along as. Names only, for those who offer them; what writes each stands in
 * `exporters.ts`, where a missing one does not compile.
 */
interface ExportRow {
  readonly id: string;
  /** Short, where there is little room, and long. */
  readonly short: string;
  readonly label: string;
}

export const PRACTICE_EXPORTS = [
  { id: 'file', short: 'File', label: 'Save as a file' },
] as const satisfies readonly ExportRow[];
export type PracticeExportId = (typeof PRACTICE_EXPORTS)[number]['id'];

export const FORM_EXPORTS = [
  { id: 'file', short: 'File', label: 'As a file' },
] as const satisfies readonly ExportRow[];
export type FormExportId = (typeof FORM_EXPORTS)[number]['id'];
