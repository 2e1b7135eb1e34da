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

/** Where it is kept: in a folder of this machine, or on a PostgreSQL server that several of ours may share. */
export type DatabaseKind = 'embedded' | 'server';

export interface Database extends Queries {
  readonly kind: DatabaseKind;
  /**
   * All or nothing, and as if nobody else wrote meanwhile. Where others did, `work` is done again from its beginning: it
   * must do nothing but ask and write here.
   */
  transaction<Result>(work: (queries: Queries) => Promise<Result>): Promise<Result>;
  /**
   * Reads that belong together. On a server they all see one moment; an embedded database would have to stand still for
   * everybody while they last, so there they see what each finds.
   */
  reading<Result>(work: (queries: Queries) => Promise<Result>): Promise<Result>;
  /** Gives up the space of deleted rows and writes over it, as far as one may. */
  giveUpSpace(tables: readonly string[]): Promise<void>;
  /** Answers at once or throws. */
  answers(): Promise<void>;
  close(): Promise<void>;
}

/** The teacher of an installation with one practitioner, and whoever opened a school’s. */
export const OWNER = 'owner';

/** What a teacher asks of the database: every statement about what is somebody’s own says whose it is. */
export interface OwnQueries extends Queries {
  readonly teacherId: string;
}

/** The database as one teacher asks it. */
export interface OwnDatabase extends Database, OwnQueries {
  transaction<Result>(work: (queries: OwnQueries) => Promise<Result>): Promise<Result>;
  reading<Result>(work: (queries: OwnQueries) => Promise<Result>): Promise<Result>;
}

/** The same database, asked by one teacher. */
export const ownedBy = (database: Database, teacherId: string): OwnDatabase => ({
  ...database,
  teacherId,
  transaction: (work) => database.transaction((queries) => work({ ...queries, teacherId })),
  reading: (work) => database.reading((queries) => work({ ...queries, teacherId })),
});
