import { z } from 'zod';
import { practiceSchema, type Practice, type Reason } from '../practice';

export const PRACTICE_FORMAT = 'navuren.practice';
export const PRACTICE_VERSION = 1;

/** A file larger than this is refused unread; a 60-minute practice is about 150 kB. */
export const LARGEST_FILE_BYTES = 2_000_000;
/** Nesting deeper than any practice needs. */
const DEEPEST = 20;

export const practiceFileSchema = z.strictObject({
  format: z.literal(PRACTICE_FORMAT),
  version: z.literal(PRACTICE_VERSION),
  practice: practiceSchema,
});

/** Why a file is refused; `path` names the field from the top, `problem` is in plain words. */
export type FileProblem =
  | { readonly code: 'too-large'; readonly bytes: number }
  | { readonly code: 'not-json'; readonly problem: string }
  | { readonly code: 'too-deep' }
  | { readonly code: 'other-format'; readonly found: string }
  | { readonly code: 'newer'; readonly version: number }
  | { readonly code: 'field'; readonly path: string; readonly problem: string };

export type FileResult =
  { readonly ok: true; readonly practice: Practice } | { readonly ok: false; readonly problem: FileProblem };

/** Reasons that say what somebody in the group cannot do. */
const PRIVATE_REASONS: ReadonlySet<Reason['code']> = new Set([
  'gentler-for-group',
  'holds-left-out',
  'exhale-by-mouth',
]);

/** The practice as it may leave the house: not whose group it is for, nor what was softened for someone in it. */
export function withoutPrivate(practice: Practice): Practice {
  return {
    ...practice,
    brief: { ...practice.brief, groupId: null },
    items: practice.items.map((item) => ({
      ...item,
      reasons: item.reasons.filter((reason) => !PRIVATE_REASONS.has(reason.code)),
    })),
  };
}

/** Writes a practice for others, without what is private. */
export function writePracticeFile(practice: Practice): string {
  return (
    JSON.stringify(
      { format: PRACTICE_FORMAT, version: PRACTICE_VERSION, practice: withoutPrivate(practice) },
      null,
      2,
    ) + '\n'
  );
}

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

const refuse = (problem: FileProblem): FileResult => ({ ok: false, problem });

/** The path of a field as a reader would look for it: `practice.items[3].repetitions`. */
export function pathText(path: readonly PropertyKey[]): string {
  return path.reduce<string>(
    (text, key) =>
      typeof key === 'number' ? `${text}[${key}]` : text === '' ? String(key) : `${text}.${String(key)}`,
    '',
  );
}

/** Reads a practice file. Whatever is wrong comes back as data naming the field; nothing throws. */
export function readPracticeFile(text: string): FileResult {
  const bytes = new TextEncoder().encode(text).length;
  if (bytes > LARGEST_FILE_BYTES) return refuse({ code: 'too-large', bytes });
  let data: unknown;
  try {
    data = JSON.parse(text.replace(/^\uFEFF/, ''));
  } catch (error) {
    return refuse({ code: 'not-json', problem: error instanceof Error ? error.message : 'unreadable' });
  }
  if (depthOf(data, DEEPEST) > DEEPEST) return refuse({ code: 'too-deep' });
  const head = z
    .looseObject({ format: z.string().optional(), version: z.number().optional() })
    .safeParse(data);
  const format = head.success ? head.data.format : undefined;
  if (format !== PRACTICE_FORMAT)
    return refuse({ code: 'other-format', found: format?.slice(0, 60) ?? 'no format' });
  const version = head.success ? head.data.version : undefined;
  if (version !== undefined && version > PRACTICE_VERSION) return refuse({ code: 'newer', version });
  const parsed = practiceFileSchema.safeParse(data);
  if (parsed.success) return { ok: true, practice: parsed.data.practice };
  const issue = parsed.error.issues[0];
  return refuse({
    code: 'field',
    path: pathText(issue?.path ?? []),
    problem: issue?.message ?? 'not as expected',
  });
}

/** The published JSON Schema of the file, made from the one the reader uses. */
export function practiceJsonSchema(): unknown {
  return {
    ...z.toJSONSchema(practiceFileSchema, { io: 'input', unrepresentable: 'any' }),
    $id: 'navuren.practice.v1.schema.json',
    title: 'A Navuren practice, version 1',
  };
}
