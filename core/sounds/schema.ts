import { z } from 'zod';
import { idsOf, some } from '../lists/lists';
import { sourceIds } from '../sources';
import { SYLLABLES } from './syllables';
import { SOUND_ORGANS } from './sounds';

/** Sounds as they come from outside; the type is in `healing.ts`, for those who only read. */

const lineText = z.string().trim().min(1).max(240);

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
  sec: z.strictObject({ least: z.number().min(1).max(20), most: z.number().min(1).max(20) }),
  /** How often: a taste, plainly, and where there is need. */
  dose: z.strictObject({
    taste: z.number().int().min(1).max(36),
    plain: z.number().int().min(1).max(36),
    more: z.number().int().min(1).max(36),
  }),
  /** What it is for, where it is no organ’s. */
  use: lineText.optional(),
  /** The organ is held in mind before and after. */
  mind: lineText,
});
