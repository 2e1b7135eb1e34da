/** A statement with its values bound, never spliced in. */
export interface Statement {
  readonly text: string;
  readonly values: readonly unknown[];
}

/** Builds a statement: every interpolated value becomes a parameter. */
export function sql(parts: TemplateStringsArray, ...values: readonly unknown[]): Statement {
  return { text: parts.reduce((text, part, index) => `${text}$${index}${part}`), values };
}

/** One row as the database answers it, unchecked. */
export type Row = Record<string, unknown>;

/** What the rest of the server needs of a database: a statement in, rows out. */
export interface Queries {
  rows(statement: Statement): Promise<readonly Row[]>;
}

export interface Database extends Queries {
  /** All or nothing. */
  transaction<Result>(work: (queries: Queries) => Promise<Result>): Promise<Result>;
  close(): Promise<void>;
}
