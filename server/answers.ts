import type { z } from 'zod';
import { LARGEST_FILE_BYTES, pathText } from '@/core/formats';
import { inWords, unkeptPath } from '@/core/text';
import { UnreadableDocument } from './unreadable';

/** What every refused request answers: one sentence, and the field it speaks of where there is one. */
export interface Problem {
  readonly message: string;
  readonly field?: string;
}

/** What is answered here is somebody’s own and of this moment: nothing between keeps it. */
export const NOT_KEPT = { 'cache-control': 'no-store' } as const;

export const refuse = (status: number, problem: Problem & Record<string, unknown>): Response =>
  Response.json({ problem }, { status, headers: NOT_KEPT });

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
  const unkept = unkeptPath(data);
  if (unkept)
    return {
      ok: false,
      answer: refuse(422, {
        message: `${pathText(unkept) || 'The request'}: holds half a character or a zero byte, which cannot be kept. Nothing was changed.`,
        field: pathText(unkept),
      }),
    };
  const parsed = schema.safeParse(data, { error: inWords });
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

/** What the server’s own output may say of an error: what it is and where, never the text that was being kept. */
export function loggable(error: unknown): string {
  if (!(error instanceof Error)) return `something that is no error was thrown (${typeof error})`;
  const code = 'code' in error && typeof error.code === 'string' ? ` ${error.code}` : '';
  const places = (error.stack ?? '')
    .split('\n')
    .filter((line) => /^\s+at /.test(line))
    .slice(0, 12);
  return [`${error.name}${code}`, ...places].join('\n');
}

/** No room left, as the system says it and as PostgreSQL does. */
const DISK_FULL: ReadonlySet<string> = new Set(['ENOSPC', 'EDQUOT', '53100']);

/** Runs a handler so that nothing unforeseen shows a stack trace, and no answer is kept by anyone. */
export async function answering(work: () => Promise<Response>): Promise<Response> {
  try {
    const answer = await work();
    if (!answer.headers.get('cache-control')?.startsWith(NOT_KEPT['cache-control']))
      answer.headers.set('cache-control', NOT_KEPT['cache-control']);
    return answer;
  } catch (error) {
    if (error instanceof UnreadableDocument)
      return refuse(422, {
        message: `“${error.row.name}” cannot be read by this version of Navuren; nothing of it was touched.`,
      });
    if (error instanceof Error && error.name === 'NobodyAsks')
      return refuse(401, { message: 'Come in first: this is for who has the passphrase.' });
    console.error(loggable(error));
    if (error instanceof Error && error.name === 'DatabaseAway')
      return refuse(503, {
        message:
          'The database does not answer just now. What you wrote is still here; try again in a moment.',
      });
    if (error instanceof Error && 'code' in error && DISK_FULL.has(String(error.code)))
      return refuse(507, {
        message:
          'The disk is full: nothing was kept of this, and what you wrote is still here. Make room, then try again.',
      });
    return refuse(500, {
      message: 'Something went wrong inside Navuren; nothing was changed. The server’s own output says more.',
    });
  }
}
