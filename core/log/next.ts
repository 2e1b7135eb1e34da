import { z } from 'zod';
import type { ClassRecord } from '../lead';
import type { History } from './history';
import { shrunk, toldKey } from './telling';

const named = { name: z.string() };
const timeLearntSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('as-planned') }),
  /** A form’s breath is planned longer, or shorter, by this share. */
  z.strictObject({ kind: z.literal('pace'), ...named, share: z.number() }),
  /** So much longer, or shorter, is talked before a form, s. */
  z.strictObject({ kind: z.literal('talk'), ...named, bySec: z.number() }),
  /** A form’s first repetition is planned so many times as long as a later one. */
  z.strictObject({ kind: z.literal('first'), ...named, factor: z.number() }),
]);
export type TimeLearnt = z.infer<typeof timeLearntSchema>;

/** What the next draft will do otherwise for what a class has taught: one thing of time, one of choice. */
export const whatNextSchema = z.strictObject({
  time: timeLearntSchema,
  choice: z.strictObject({
    /** Forms that were done; the next draft looks for others first. */
    given: z.number().int().min(0),
    /** Forms that were planned and left out, by name: they count as not given. */
    leftOut: z.array(z.string()),
  }),
});
export type WhatNext = z.infer<typeof whatNextSchema>;

/** What changes less than this is not worth a word: a share of the breath, seconds of talk, a share of a repetition. */
const WORTH = { share: 0.01, talkSec: 1, factor: 0.05 } as const;

type Known = Pick<History, 'pace' | 'told'>;
/** Usual seconds of talk before a form, and how much longer its first repetition usually takes. */
export type UsualTelling = (
  formId: string,
  familiarity: 'known' | 'taught',
) => { readonly talkSec: number; readonly firstFactor: number } | undefined;

interface Candidate {
  readonly learnt: TimeLearnt;
  /** How much it matters, in shares. */
  readonly weight: number;
}

/** What changed for one form. */
function changesOf(
  item: ClassRecord['items'][number],
  before: Known,
  after: Known,
  usual: UsualTelling,
): readonly Candidate[] {
  const { formId, name } = item;
  const share = (after.pace[formId] ?? 1) / (before.pace[formId] ?? 1) - 1;
  const found: Candidate[] =
    Math.abs(share) >= WORTH.share
      ? [{ learnt: { kind: 'pace', name, share }, weight: Math.abs(share) * 3 }]
      : [];
  if (item.taught === undefined) return found;
  const familiarity = item.taught ? 'taught' : 'known';
  const key = toldKey(formId, familiarity);
  const usually = usual(formId, familiarity);
  if (!usually) return found;
  const [was, is] = [before.told[key], after.told[key]];
  const talk = (told: typeof is): number => shrunk(usually.talkSec, told?.talkSec, told?.talks ?? 0);
  const first = (told: typeof is): number =>
    shrunk(usually.firstFactor, told?.firstFactor, told?.firsts ?? 0);
  const bySec = talk(is) - talk(was);
  if (Math.abs(bySec) >= WORTH.talkSec)
    found.push({ learnt: { kind: 'talk', name, bySec }, weight: Math.abs(bySec) / 60 });
  const slower = first(is) - first(was);
  if (Math.abs(slower) >= WORTH.factor)
    found.push({ learnt: { kind: 'first', name, factor: first(is) }, weight: Math.abs(slower) / 2 });
  return found;
}

/** What the next draft does otherwise after a class: what the log knew without it, and what it knows with it. */
export function whatNext(record: ClassRecord, before: Known, after: Known, usual: UsualTelling): WhatNext {
  const found = record.items.flatMap((item) => changesOf(item, before, after, usual));
  const most = found.reduce<Candidate | undefined>(
    (best, one) => (best && best.weight >= one.weight ? best : one),
    undefined,
  );
  return {
    time: most?.learnt ?? { kind: 'as-planned' },
    choice: {
      given: new Set(record.items.filter(({ actualMs }) => actualMs > 0).map(({ formId }) => formId)).size,
      leftOut: record.items
        .filter(({ actualMs, plannedMs }) => actualMs === 0 && plannedMs > 0)
        .map(({ name }) => name),
    },
  };
}
