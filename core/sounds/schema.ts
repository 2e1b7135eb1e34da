import { z } from 'zod';
import { idsOf, some } from '../lists/lists';
import { sourceIds } from '../sources';
import { SYLLABLES } from './syllables';
import { SOUND_ORGANS } from './sounds';

/** Sounds as they come from outside; the type is in `healing.ts`, for those who only read. */

const lineText = z.string().trim().min(1, 'a few words').max(240, 'at most 240 characters');
const times = z
  .number('how often is a number')
  .int('whole times')
  .min(1, 'at least once')
  .max(36, 'at most 36');

export const soundSchema = z.strictObject({
  id: z
    .string()
    .regex(/^[a-z0-9]+(-[a-z0-9]+)*$/)
    .max(60),
  /** As it is written: a syllable, with its tone mark where it has one; two where they follow each other. */
  written: z.string().trim().min(1).max(40),
  hanzi: z.string().trim().min(1).max(8).optional(),
  /** As a newcomer reads it off. */
  plain: z.string().trim().min(1).max(80),
  /** The mouths it is made with, in order. */
  syllables: z
    .array(z.enum(idsOf(SYLLABLES)))
    .min(1)
    .max(2)
    .readonly(),
  /** Whose it is; nothing for a sound of no one school. */
  school: z.string().trim().min(1).max(80).optional(),
  organ: z.enum(SOUND_ORGANS).optional(),
  source: z.enum(some(sourceIds)),
  /** The movement it goes with. */
  movement: lineText,
  /** What is said to leave with it, beside the organ’s disturbing emotion. */
  leaves: lineText,
  image: lineText,
  colour: z.string().trim().min(1).max(60).optional(),
  /** Seconds of an exhale at ease. */
  sec: z
    .strictObject({
      least: z.number('the least seconds are a number').min(1, 'at least 1 s').max(9, 'at most 9 s'),
      most: z.number('the most seconds are a number').min(1, 'at least 1 s').max(9, 'at most 9 s'),
    })
    .refine(({ least, most }) => least <= most, 'the least is not more than the most'),
  /** How often: a taste, plainly, and where there is need. */
  dose: z
    .strictObject({ taste: times, plain: times, more: times })
    .refine(({ taste, plain, more }) => taste <= plain && plain <= more, 'a taste, plainly, more: rising'),
  /** What it is for, where it is no organ’s. */
  use: lineText.optional(),
  /** The organ is held in mind before and after. */
  mind: lineText,
});

const unfinished = z.string().max(240);

/** A sound while it is being written: whole in shape, but words and numbers may still be missing or out of bounds. */
export const soundDraftSchema = soundSchema.extend({
  written: z.string().max(40),
  hanzi: z.string().max(8).optional(),
  plain: z.string().max(80),
  school: z.string().max(80).optional(),
  movement: unfinished,
  leaves: unfinished,
  image: unfinished,
  colour: z.string().max(60).optional(),
  sec: z.strictObject({ least: z.number(), most: z.number() }),
  dose: z.strictObject({ taste: z.number(), plain: z.number(), more: z.number() }),
  use: unfinished.optional(),
  mind: unfinished,
});
