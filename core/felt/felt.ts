import { z } from 'zod';
import { some } from '../lists/lists';
import { FELT_WHEN, RATE_WAYS, SCALE_IDS, TENSION_MOST, TENSION_REGION_IDS } from './terms';

const rateSchema = (least: number, most: number, what: string) =>
  z.strictObject({
    perMin: z
      .number(`${what} is a number`)
      .min(least, `at least ${least} a minute`)
      .max(most, `at most ${most} a minute`),
    giveOrTake: z.number().min(0).max(200),
    by: z.enum(RATE_WAYS),
    /** How long was counted, s. */
    overSec: z.number().min(1).max(3600),
    /** Spread of the intervals, percent of their mean, and its error; only where enough was tapped. */
    evenness: z
      .strictObject({
        percent: z.number().min(0).max(200),
        giveOrTake: z.number().min(0).max(200),
        asEvenAsAHand: z.boolean(),
      })
      .optional(),
  });

/** How somebody is at a moment: all of it is optional, none of it a diagnosis. */
export const feltSchema = z
  .strictObject({
    /** Before a class, after one, or apart from any. */
    when: z.enum(FELT_WHEN),
    pulse: rateSchema(20, 260, 'the pulse').optional(),
    breaths: rateSchema(1, 80, 'the breath').optional(),
    /** 1 a little, 2 much, 3 very; what is not tense is not there. */
    tension: z.partialRecord(z.enum(some(TENSION_REGION_IDS)), z.int().min(1).max(TENSION_MOST)).optional(),
    /** 1–5 of each scale. */
    scales: z.partialRecord(z.enum(some(SCALE_IDS)), z.int().min(1).max(5)).optional(),
    line: z.string().trim().max(200, 'at most 200 characters'),
  })
  .refine(
    ({ pulse, breaths, tension = {}, scales = {}, line }) =>
      pulse !== undefined ||
      breaths !== undefined ||
      Object.keys(tension).length > 0 ||
      Object.keys(scales).length > 0 ||
      line !== '',
    'nothing is written yet',
  );
export type Felt = Readonly<z.infer<typeof feltSchema>>;
