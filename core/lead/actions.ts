import { z } from 'zod';
import { formSchema } from '../forms';
import { itemSchema } from '../practice';

/**
 * Leading a practice. The session is a list of what the leader did and when (by the wall clock), never a
 * counter: where it stands follows from the clock alone, so a reload, a throttled tab or a sleeping laptop
 * lose nothing.
 */
export const leadActionSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('start'), atMs: z.number() }),
  /** The clock of the class goes on while it stands; where `movesEnd`, its end waits too. */
  z.strictObject({ kind: z.literal('pause'), atMs: z.number(), movesEnd: z.literal(true).optional() }),
  /** It is stayed where one is: what flowed becomes a hold, till it goes on. */
  z.strictObject({ kind: z.literal('stay'), atMs: z.number() }),
  z.strictObject({ kind: z.literal('resume'), atMs: z.number() }),
  /** Jump to a position of the timeline as it stood then. */
  z.strictObject({ kind: z.literal('go'), atMs: z.number(), toMs: z.number().min(0) }),
  /** One more repetition of an item. */
  z.strictObject({ kind: z.literal('one-more'), atMs: z.number(), itemId: z.string().max(64) }),
  /** The repetition that is being done is the last, on the other side too. */
  z.strictObject({ kind: z.literal('last-one'), atMs: z.number(), itemId: z.string().max(64) }),
  /** When this side is done the form is over: the other side is left. */
  z.strictObject({ kind: z.literal('move-on'), atMs: z.number(), itemId: z.string().max(64) }),
  /** The talk before a form is over: it begins now. */
  z.strictObject({ kind: z.literal('begin-now'), atMs: z.number() }),
  /** A form that was not planned comes next, with all it needs. */
  z.strictObject({
    kind: z.literal('insert'),
    atMs: z.number(),
    item: itemSchema,
    form: formSchema,
  }),
  /** The form one is in is taught part by part, at their pace; then it is gone through from its beginning. */
  z.strictObject({ kind: z.literal('teach'), atMs: z.number(), itemId: z.string().max(64) }),
  /** Slower or quicker from the next form on. */
  z.strictObject({ kind: z.literal('tempo'), atMs: z.number(), factor: z.number().min(0.5).max(2) }),
  /** When it must be over, by the wall clock; null where it may go on, nothing where it lasts as long as planned. */
  z.strictObject({
    kind: z.literal('must-end'),
    atMs: z.number(),
    endAtMs: z.number().nullable().optional(),
    /** How much later it may be over. */
    mayOverMs: z.number().min(0).max(7_200_000).optional(),
  }),
  /** What is left, fitted into the time that is left. */
  z.strictObject({
    kind: z.literal('retime'),
    atMs: z.number(),
    changes: z
      .array(
        z.strictObject({
          itemId: z.string().max(64),
          repetitions: z.number().int().min(0).max(999),
          stretch: z.number().min(0.4).max(2.5).optional(),
          quietSec: z.number().min(0).max(120).optional(),
        }),
      )
      .max(200),
  }),
  /** The last change of the plan is taken back. */
  z.strictObject({ kind: z.literal('undo'), atMs: z.number() }),
  z.strictObject({ kind: z.literal('end'), atMs: z.number() }),
]);
export type LeadAction = z.infer<typeof leadActionSchema>;
