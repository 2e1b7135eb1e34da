import { z } from 'zod';
import { formSchema } from '@/core/forms';
import { itemSchema, practiceSchema, type Clip } from '@/core/practice';
import type { Unsaved } from './saver';

/**
 * What comes from outside the page (the server’s answers, this browser’s store), read with care. Apart from
 * those who use it, so that the schemas come when there is something to read and do not weigh on the first load.
 */

const answerSchema = z.looseObject({
  id: z.string().optional(),
  version: z.number().optional(),
  problem: z.looseObject({ message: z.string(), version: z.number().optional() }).optional(),
});

/** The server’s answer to a practice saved; throws ZodError where it is none. */
export const readAnswer = (answer: unknown) => answerSchema.parse(answer);

const keptSchema = z.object({
  baseVersion: z.number(),
  saveId: z.string().optional(),
  practice: practiceSchema,
});

/** A practice kept in this browser with the version it was made from, if the text is one. */
export function readKept(text: string): Unsaved | undefined {
  const read = keptSchema.safeParse(JSON.parse(text)).data;
  return read && { ...read, saveId: read.saveId };
}

/** A practice as the server answers one, if the answer holds it. */
export const readPractice = (answer: unknown) =>
  z.looseObject({ practice: practiceSchema }).safeParse(answer).data?.practice;

const clipSchema = z.object({ items: z.array(itemSchema).max(200), forms: z.record(z.string(), formSchema) });

/** Items kept in this browser, each with its form, if the text is that. */
export function readClip(text: string): Clip | undefined {
  const clip = clipSchema.safeParse(JSON.parse(text)).data;
  return clip?.items.every((item) => clip.forms[item.formId]) ? clip : undefined;
}
