import { z } from 'zod';
import { isPlain, PRACTICE_DOCUMENT, upgraded } from '../documents';
import type { Audience } from '../handout/audience';
import { practiceSchema, withoutPrivate, type Practice } from '../practice';
import { fileText, jsonSchemaOf, readFile, type FileProblem } from './file';

export const PRACTICE_FORMAT = 'navuren.practice';
export const PRACTICE_VERSION = 1;

export const practiceFileSchema = z.strictObject({
  format: z.literal(PRACTICE_FORMAT),
  version: z.literal(PRACTICE_VERSION),
  practice: practiceSchema,
});
const KIND = {
  format: PRACTICE_FORMAT,
  version: PRACTICE_VERSION,
  schema: practiceFileSchema,
  // Files of version 1 were written before documents told their own version.
  upgrade: (data: unknown): unknown =>
    isPlain(data) && isPlain(data.practice)
      ? { ...data, practice: upgraded(PRACTICE_DOCUMENT, data.practice, 0) }
      : data,
} as const;

export type FileResult =
  { readonly ok: true; readonly practice: Practice } | { readonly ok: false; readonly problem: FileProblem };

/** Writes a practice: for others without what is private; for oneself as it is. */
export const writePracticeFile = (practice: Practice, audience: Audience = 'people'): string =>
  fileText({
    format: PRACTICE_FORMAT,
    version: PRACTICE_VERSION,
    practice: audience === 'me' ? practice : withoutPrivate(practice),
  });

/** Reads a practice file. Whatever is wrong comes back as data naming the field; nothing throws. */
export function readPracticeFile(text: string): FileResult {
  const read = readFile(text, KIND);
  return read.ok ? { ok: true, practice: read.content.practice } : read;
}

/** The published JSON Schema of the file, made from the one the reader uses. */
export const practiceJsonSchema = (): unknown => jsonSchemaOf(KIND, 'A Navuren practice, version 1');
