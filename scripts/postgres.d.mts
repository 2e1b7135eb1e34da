/** A PostgreSQL server of a test's own (see postgres.mjs). */
export interface OwnPostgres {
  readonly port: number;
  /** The folder it keeps its data in. */
  readonly data: string;
  /** The folder of its programs. */
  readonly programs: string;
  address(name?: string): string;
  start(): Promise<void>;
  stop(): Promise<void>;
  kill(): Promise<void>;
  remove(): Promise<void>;
}
export function postgresPrograms(): string | undefined;
export function makePostgres(options?: { readonly isSafe?: boolean }): Promise<OwnPostgres>;
