import { expose } from 'comlink';
import { retime, type Retimed } from '@/core/lead/retime';
import { compile, type Practice } from '@/core/practice';

const api = {
  /** What is left of a class, fitted into `targetMs` from where it stands. */
  retime: (
    practice: Practice,
    positionMs: number,
    targetMs: number,
    keeps: readonly string[],
    spares: readonly string[],
  ): Retimed =>
    retime({ practice, timeline: compile(practice), positionMs }, targetMs, {
      keep: new Set(keeps),
      spare: new Set(spares),
    }),
};
export type LeadWorker = typeof api;

expose(api);
