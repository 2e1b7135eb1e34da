import { z } from 'zod';
import { formSchema, type Form } from '../forms';
import { fileText, jsonSchemaOf, readFile, type FileProblem } from './file';

export const FORM_FORMAT = 'navuren.forms';
export const FORM_VERSION = 1;

/** One form or several, each whole. */
export const formFileSchema = z
  .strictObject({
    format: z.literal(FORM_FORMAT),
    version: z.literal(FORM_VERSION),
    forms: z.array(formSchema).min(1, 'at least one form').max(200, 'at most 200 forms'),
  })
  .superRefine(({ forms }, context) => {
    const seen = new Set<string>();
    forms.forEach((form, index) => {
      if (seen.has(form.id))
        context.addIssue({
          code: 'custom',
          path: ['forms', index, 'id'],
          message: `"${form.id}" is used twice`,
        });
      seen.add(form.id);
    });
  });
const KIND = { format: FORM_FORMAT, version: FORM_VERSION, schema: formFileSchema } as const;

export type FormFileResult =
  | { readonly ok: true; readonly forms: readonly Form[] }
  | { readonly ok: false; readonly problem: FileProblem };

/** Writes forms for others. */
export const writeFormFile = (forms: readonly Form[]): string =>
  fileText({ format: FORM_FORMAT, version: FORM_VERSION, forms });

/** Reads a file of forms. Whatever is wrong comes back as data naming the field; nothing throws. */
export function readFormFile(text: string): FormFileResult {
  const read = readFile(text, KIND);
  return read.ok ? { ok: true, forms: read.content.forms } : read;
}

/** The published JSON Schema of the file, made from the one the reader uses. */
export const formJsonSchema = (): unknown => jsonSchemaOf(KIND, 'Navuren forms, version 1');
