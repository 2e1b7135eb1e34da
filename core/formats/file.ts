import { z } from 'zod';
import { inWords, unkeptPath } from '../text';

/** A file larger than this is refused unread; a 60-minute practice is about 150 kB. */
export const LARGEST_FILE_BYTES = 2_000_000;
/** Nesting deeper than anything of ours needs. */
const DEEPEST = 20;

/** Why a file is refused; `path` names the field from the top, `problem` is in plain words. */
export type FileProblem =
  | { readonly code: 'too-large'; readonly bytes: number }
  | { readonly code: 'not-json' }
  | { readonly code: 'too-deep' }
  | { readonly code: 'other-format'; readonly found: string; readonly wanted: string }
  | { readonly code: 'newer'; readonly version: number; readonly reads: number }
  | { readonly code: 'field'; readonly path: string; readonly problem: string };

/** What is expected of a file: its name and version, and the schema of the whole. */
export interface FileKind<Content> {
  readonly format: string;
  readonly version: number;
  readonly schema: z.ZodType<Content>;
  /** Brings what a file of an earlier time holds up to what is written now. */
  readonly upgrade?: (data: unknown) => unknown;
}

export type Read<Content> =
  { readonly ok: true; readonly content: Content } | { readonly ok: false; readonly problem: FileProblem };

function depthOf(value: unknown, deepest: number): number {
  let depth = 0;
  let layer: unknown[] = [value];
  while (layer.length > 0 && depth <= deepest) {
    depth += 1;
    layer = layer.flatMap((entry) =>
      typeof entry === 'object' && entry !== null ? Object.values(entry) : [],
    );
  }
  return depth;
}

/** The path of a field as a reader would look for it: `practice.items[3].repetitions`. */
export function pathText(path: readonly PropertyKey[]): string {
  return path.reduce<string>(
    (text, key) =>
      typeof key === 'number' ? `${text}[${key}]` : text === '' ? String(key) : `${text}.${String(key)}`,
    '',
  );
}

/** Reads one of our files. Whatever is wrong comes back as data naming the field; nothing throws. */
export function readFile<Content>(text: string, kind: FileKind<Content>): Read<Content> {
  const refuse = (problem: FileProblem): Read<Content> => ({ ok: false, problem });
  const bytes = new TextEncoder().encode(text).length;
  if (bytes > LARGEST_FILE_BYTES) return refuse({ code: 'too-large', bytes });
  let data: unknown;
  try {
    data = JSON.parse(text.replace(/^\uFEFF/, ''));
  } catch {
    return refuse({ code: 'not-json' });
  }
  if (depthOf(data, DEEPEST) > DEEPEST) return refuse({ code: 'too-deep' });
  const unkept = unkeptPath(data);
  if (unkept)
    return refuse({
      code: 'field',
      path: pathText(unkept),
      problem: 'holds half a character or a zero byte, which cannot be kept',
    });
  const head = z
    .looseObject({ format: z.string().optional(), version: z.number().optional() })
    .safeParse(data);
  const format = head.success ? head.data.format : undefined;
  if (format !== kind.format)
    return refuse({
      code: 'other-format',
      found: format?.slice(0, 60) ?? 'no format',
      wanted: kind.format,
    });
  const version = head.success ? head.data.version : undefined;
  if (version !== undefined && version > kind.version)
    return refuse({ code: 'newer', version, reads: kind.version });
  const parsed = kind.schema.safeParse(kind.upgrade?.(data) ?? data, { error: inWords });
  if (parsed.success) return { ok: true, content: parsed.data };
  const issue = parsed.error.issues[0];
  return refuse({
    code: 'field',
    path: pathText(issue?.path ?? []),
    problem: issue?.message ?? 'not as expected',
  });
}

/** The published JSON Schema of a kind of file, made from the one the reader uses. */
export function jsonSchemaOf<Content>(kind: FileKind<Content>, title: string): unknown {
  return {
    ...z.toJSONSchema(kind.schema, { io: 'input', unrepresentable: 'any' }),
    $id: `${kind.format}.v${kind.version}.schema.json`,
    title,
  };
}

/** Writes a file as a person can read it. */
export const fileText = (content: unknown): string => `${JSON.stringify(content, null, 2)}\n`;
