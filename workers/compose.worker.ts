import { expose } from 'comlink';
import { compose } from '@/core/compose';
import { REPERTOIRE, withOwn, type OwnForms } from '@/core/forms';
import type { Brief } from '@/core/brief';
import type { Customs } from '@/core/customs';
import type { ConditionId } from '@/core/people';

const api = {
  compose: (
    brief: Brief,
    customs: Customs,
    conditions: readonly ConditionId[],
    seed: number,
    own: OwnForms,
  ) => compose(brief, withOwn(REPERTOIRE, own), customs, { conditions }, seed),
};
export type ComposeWorker = typeof api;

expose(api);
