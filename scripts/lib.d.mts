import type { ChildProcess } from 'node:child_process';

export const root: string;
export function ensureBuilt(options?: { readonly quiet?: boolean }): void;
export function startServer(options: {
  readonly port: number;
  readonly data: string;
  readonly demo?: boolean;
  readonly firstSeed?: string;
  readonly env?: Readonly<Record<string, string>>;
  readonly onLine?: (line: string) => void;
}): ChildProcess;
export function untilUp(port: number, child: ChildProcess, seconds?: number): Promise<void>;
export function portTaken(port: number): Promise<boolean>;
