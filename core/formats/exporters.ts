import type { Form } from '../forms';
import type { Practice } from '../practice';
import type { FormExportId, PracticeExportId } from './exports';
import { writeFormFile } from './formFile';
import { writePracticeFile } from './practiceFile';

/** One way of taking something along. To add one: a file that writes it, its name in `exports.ts`, and a row here. */
export interface Exporter<Content> {
  readonly mediaType: string;
  /** The end of the file's name, after a full stop. */
  readonly suffix: string;
  /** Pure; what is private must be left out by whoever writes for others. */
  readonly write: (content: Content) => string;
}

const JSON_TYPE = 'application/json; charset=utf-8';

export const PRACTICE_EXPORTERS = {
  file: { mediaType: JSON_TYPE, suffix: 'practice.json', write: writePracticeFile },
} as const satisfies Readonly<Record<PracticeExportId, Exporter<Practice>>>;

export const FORM_EXPORTERS = {
  file: { mediaType: JSON_TYPE, suffix: 'forms.json', write: writeFormFile },
} as const satisfies Readonly<Record<FormExportId, Exporter<readonly Form[]>>>;
