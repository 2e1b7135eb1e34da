import { z } from 'zod';
import { DAY_PARTS, SEASON_IDS } from '../almanac';
import { ORGAN_IDS, PHASE_IDS } from '../phases';
import { INTENTS } from './theme';

export const themeSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('phase'), phase: z.enum(PHASE_IDS) }),
  z.strictObject({ kind: z.literal('organ'), organ: z.enum(ORGAN_IDS) }),
]);

/** The brief: the sentence a practice begins with, every word settled. */
export const briefSchema = z.strictObject({
  minutes: z.number('minutes is a number').min(5, 'at least 5 minutes').max(60, 'at most 60 minutes'),
  dayPart: z.enum(DAY_PARTS),
  theme: themeSchema,
  season: z.enum([...SEASON_IDS, 'earth-turn']),
  posture: z.enum(['standing', 'seated']),
  groupId: z.string().max(64).nullable(),
  breathsPerMin: z.number('breaths a minute is a number').min(3).max(9),
  intent: z.enum(INTENTS),
  familiarity: z.enum(['known', 'taught']),
  /** Forms to leave out, by id. */
  without: z.array(z.string().max(60)).max(200),
});
export type Brief = Readonly<z.infer<typeof briefSchema>>;
