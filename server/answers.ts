import type { z } from 'zod';
import { LARGEST_FILE_BYTES, pathText } from '@/core/formats';

/** What every refused request answers: one sentence, and the field it speaks of where there is one. */
export interface Problem {
  readonly message: string;
  readonly field?: string;
}

export const refuse = (status: number, problem: Problem & Record<string, unknown>): Response =>
  Response.json({ problem }, { status });

export type Body<Value> =
  { readonly ok: true; readonly value: Value } | { readonly ok: false; readonly answer: Response };

/** Reads a request's text, refusing what is larger than any honest request. */
export async function readText(request: Request): Promise<Body<string>> {
  const tooLarge = (): Body<string> => ({
    ok: false,
    answer: refuse(413, {
      message: `That is more than ${LARGEST_FILE_BYTES / 1_000_000} MB; nothing was changed.`,
    }),
  });
  if (Number(request.headers.get('content-length') ?? 0) > LARGEST_FILE_BYTES) return tooLarge();
  const reader = request.body?.getReader();
  if (!reader) return { ok: true, value: '' };
  const chunks: Uint8Array[] = [];
  let bytes = 0;
  for (;;) {
    const { done, value } = await reader.read();
    if (done) break;
    bytes += value.length;
    if (bytes > LARGEST_FILE_BYTES) {
      await reader.cancel();
      return tooLarge();
    }
    chunks.push(value);
  }
  return { ok: true, value: Buffer.concat(chunks).toString('utf8') };
}

/** Reads and checks a JSON body; whatever is wrong is answered with the field named and nothing changed. */
export async function readBody<Value>(request: Request, schema: z.ZodType<Value>): Promise<Body<Value>> {
  const text = await readText(request);
  if (!text.ok) return text;
  let data: unknown;
  try {
    data = JSON.parse(text.value);
  } catch {
    return {
      ok: false,
      answer: refuse(400, { message: 'That is not readable as JSON; nothing was changed.' }),
    };
  }
  const parsed = schema.safeParse(data);
  if (parsed.success) return { ok: true, value: parsed.data };
  const issue = parsed.error.issues[0];
  const field = pathText(issue?.path ?? []);
  return {
    ok: false,
    answer: refuse(422, {
      message: `${field === '' ? 'The request' : field}: ${issue?.message ?? 'not as expected'}. Nothing was changed.`,
      field,
    }),
  };
}

/** Runs a handler so that nothing unforeseen shows a stack trace. */
export async function answering(work: () => Promise<Response>): Promise<Response> {
  try {
    return await work();
  } catch (error) {
    console.error(error);
    return refuse(500, {
      message: 'Something went wrong inside Navuren; nothing was changed. The server’s own output says more.',
    });
  }
}
