import { z } from 'zod';
import { some } from '../lists/lists';
import { PHASE_IDS } from '../phases';
import { sourceIds } from '../sources';
import { BREATH_ASKS, ATTENTIONS, OUT_MANNERS } from './model';

/** Breath patterns and layer spans as they come from outside; the types are in `model.ts`, for those who only read. */

const lineText = z.string().trim().min(1, 'a few words').max(240, 'at most 240 characters');
const shortText = z.string().trim().min(1, 'a name').max(80, 'at most 80 characters');

const wholeShape = z.strictObject({
  id: z
    .string()
    .regex(/^[a-z0-9]+(-[a-z0-9]+)*$/)
    .max(60),
  name: shortText,
  pinyin: shortText.optional(),
  hanzi: z.string().trim().min(1).max(20).optional(),
  /** What a school calls its own, where not all teach it so. */
  school: shortText.optional(),
  source: z.enum(some(sourceIds)),
  /** The breath comes as it will: nothing is led. */
  isNatural: z.boolean(),
  /** Exhale against inhale; as the customs say where nothing is said. */
  outToIn: z.number().min(0.5).max(3).optional(),
  /** A stay when full and when empty, as a share of the inhale; none where 0. */
  stayFull: z.number().min(0).max(1),
  stayEmpty: z.number().min(0).max(1),
  /** In how many sips the breath comes in. */
  sips: z.number().int().min(1).max(3),
  inRoute: z.enum(['nose', 'mouth']),
  outRoute: z.enum(['nose', 'mouth']),
  out: z.enum(OUT_MANNERS),
  attention: z.enum(ATTENTIONS),
  asks: z.array(z.enum(BREATH_ASKS)).max(BREATH_ASKS.length).readonly(),
  /** Leads the imagination inward. */
  inwardImagery: z.boolean(),
  /** Against the breath of the form: a fine breath is slower. */
  slower: z.number().min(0.7).max(1.3),
  /** Only where the body stands or sits still. */
  stillOnly: z.boolean(),
  /** The whole breath below which it is hurried, stays included, s. */
  leastSec: z.number().min(3).max(30),
  /** How often it is done where it is a dose of its own (three sighs); else as the form. */
  usualBreaths: z.number().int().min(1).max(36).optional(),
  level: z.union([z.literal(1), z.literal(2), z.literal(3)]),
  /** What the tradition says it does. */
  does: lineText,
  /** What it is good for in a theme. */
  suits: z.strictObject({
    actions: z.array(z.enum(['clears', 'nourishes', 'moves', 'calms'])).readonly(),
    phases: z.array(z.enum(PHASE_IDS)).readonly(),
    dayParts: z.array(z.enum(['morning', 'midday', 'afternoon', 'evening'])).readonly(),
  }),
  /** Who should do what instead, beyond what the cautions say. */
  mind: lineText,
  /** Taught in three steps. */
  teach: z.tuple([lineText, lineText, lineText]).readonly(),
  mistakes: z
    .array(z.strictObject({ mistake: lineText, mend: lineText }))
    .min(1)
    .max(4)
    .readonly(),
  /** What is said once when it begins. */
  announce: lineText,
});

/** A breath pattern, whole. A breath that comes as it will is led in nothing. */
export const patternSchema = wholeShape.refine(
  ({ isNatural, stayFull, stayEmpty, sips }) => !isNatural || (stayFull + stayEmpty === 0 && sips === 1),
  'a breath that comes as it will has no stays and no sips',
);
const unfinished = z.string().max(240);

/** A breath while it is being written: whole in shape, but words and numbers may still be missing or out of bounds. */
export const patternDraftSchema = wholeShape.extend({
  name: z.string().max(80),
  pinyin: z.string().max(80).optional(),
  hanzi: z.string().max(20).optional(),
  school: z.string().max(80).optional(),
  outToIn: z.number().optional(),
  stayFull: z.number(),
  stayEmpty: z.number(),
  sips: z.number(),
  slower: z.number(),
  leastSec: z.number(),
  usualBreaths: z.number().optional(),
  does: unfinished,
  mind: unfinished,
  teach: z.tuple([unfinished, unfinished, unfinished]).readonly(),
  mistakes: z
    .array(z.strictObject({ mistake: unfinished, mend: unfinished }))
    .max(4)
    .readonly(),
  announce: unfinished,
});

/** Which repetitions of an item a layer is laid on: all, or the first or last so many. */
export const layerSpanSchema = z.strictObject({
  end: z.enum(['first', 'last']),
  count: z.number().int('whole repetitions').min(1, 'at least one').max(99, 'at most 99'),
});
