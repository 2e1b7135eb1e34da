import type { z } from 'zod';
import { inWords } from '../text';

/**
 * Documents grow: what is stored carries the version of its shape, and every former shape is brought up to the present
 * one, step by step, before it is read. What cannot be read is told as data and never closes a room.
 */
export interface DocumentKind<Document> {
  /** What it is called where it cannot be read. */
  readonly name: string;
  /** How what is stored becomes the next version: the first takes version 0 (stored without one) to 1, and so on. */
  readonly upgrades: readonly Upgrade[];
  readonly schema: z.ZodType<Document>;
}

/** Brings plain data one version further; it leaves alone what it does not know. */
export type Upgrade = (former: Plain) => Plain;

/** Data as it comes out of JSON. */
export type Plain = Readonly<Record<string, unknown>>;

export type Unreadable =
  | { readonly code: 'no-document' }
  /** Written by a later Navuren than this. */
  | { readonly code: 'newer'; readonly version: number; readonly reads: number }
  | { readonly code: 'field'; readonly path: readonly PropertyKey[]; readonly message: string };

export type ReadDocument<Document> =
  { readonly ok: true; readonly document: Document } | { readonly ok: false; readonly problem: Unreadable };

/** The field the version stands in. */
export const VERSION_FIELD = 'documentVersion';

/** The version that is written now. */
export const versionOf = <Document>({ upgrades }: DocumentKind<Document>): number => upgrades.length;

export const isPlain = (data: unknown): data is Plain =>
  typeof data === 'object' && data !== null && !Array.isArray(data);

/** Plain data of a version (0 where none is told) in the present shape, not yet checked; undefined where it is newer. */
export function upgraded<Document>(
  kind: DocumentKind<Document>,
  data: Plain,
  version: number,
): Plain | undefined {
  if (version > versionOf(kind)) return undefined;
  return kind.upgrades.slice(version).reduce((former, upgrade) => upgrade(former), data);
}

/** Reads what was stored at any time. */
export function readDocument<Document>(
  kind: DocumentKind<Document>,
  stored: unknown,
): ReadDocument<Document> {
  if (!isPlain(stored)) return { ok: false, problem: { code: 'no-document' } };
  const { [VERSION_FIELD]: told, ...data } = stored;
  const version = typeof told === 'number' ? told : 0;
  const present = upgraded(kind, data, version);
  if (!present) return { ok: false, problem: { code: 'newer', version, reads: versionOf(kind) } };
  const parsed = kind.schema.safeParse(present, { error: inWords });
  if (parsed.success) return { ok: true, document: parsed.data };
  const issue = parsed.error.issues[0];
  return {
    ok: false,
    problem: { code: 'field', path: issue?.path ?? [], message: issue?.message ?? 'not as expected' },
  };
}

/** A document as it is to be stored: with the version of its shape. */
export const written = <Document extends object>(
  kind: DocumentKind<Document>,
  document: Document,
): Document & { readonly [VERSION_FIELD]: number } => ({ ...document, [VERSION_FIELD]: versionOf(kind) });
