import { z } from 'zod';
import { patternSchema } from '@/core/patterns';
import { soundSchema } from '@/core/sounds';
import { formSchema } from '@/core/forms';
import { itemSchema, practiceSchema, type Clip, type Practice } from '@/core/practice';
import type { Unsaved } from '@/core/desk';
import { practiceOfAnyAge } from '@/core/documents/practice';

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
  sent: z.object({ saveId: z.string(), document: practiceOfAnyAge }).optional(),
  latest: practiceOfAnyAge.optional(),
  keptAtMs: z.number(),
});
/** As it was kept before each window had a key of its own. */
const formerSchema = z.object({
  baseVersion: z.number(),
  saveId: z.string().optional(),
  practice: practiceOfAnyAge,
});

/** A practice kept in this browser with the version it was made from and when, if the text is one. */
export function readKept(
  text: string,
): { readonly unsaved: Unsaved<Practice>; readonly keptAtMs: number } | undefined {
  const data: unknown = JSON.parse(text);
  const read = keptSchema.safeParse(data).data;
  if (read)
    return {
      unsaved: { baseVersion: read.baseVersion, sent: read.sent, latest: read.latest },
      keptAtMs: read.keptAtMs,
    };
  const former = formerSchema.safeParse(data).data;
  if (!former) return undefined;
  const { baseVersion, saveId, practice } = former;
  const sent = saveId === undefined ? undefined : { saveId, document: practice };
  // What was sent then may have been an earlier state: this is saved once more on top, not taken for stored.
  return { unsaved: { baseVersion, sent, latest: { ...practice } }, keptAtMs: 0 };
}

/** A practice as the server answers one, if the answer holds it. */
export const readPractice = (answer: unknown) =>
  z.looseObject({ practice: practiceSchema }).safeParse(answer).data?.practice;

const clipSchema = z.object({
  items: z.array(itemSchema).max(200),
  forms: z.record(z.string(), formSchema),
  patterns: z.record(z.string(), patternSchema).optional(),
  sounds: z.record(z.string(), soundSchema).optional(),
});

/** Items kept in this browser, each with its form, if the text is that. */
export function readClip(text: string): Clip | undefined {
  const clip = clipSchema.safeParse(JSON.parse(text)).data;
  return clip?.items.every((item) => clip.forms[item.formId]) ? clip : undefined;
}
