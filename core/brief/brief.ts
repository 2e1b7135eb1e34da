import { some } from '../lists/lists';
import { z } from 'zod';
import { DAY_PARTS, SEASON_IDS } from '../almanac';
import { CHANNEL_IDS } from '../channels/channels';
import { POINT_CODES } from '../channels/codes';
import { presentId } from '../forms/model/merged';
import { ROLES } from '../forms/model/roles';
import { ORGAN_IDS, PHASE_IDS } from '../phases';
import { AGAIN } from './again';
import { AIM_IDS } from './aims';
import { AT_HAND } from './atHand';
import { INTENTS } from './intents';
import { BRIEF_VOICES } from './layers';
import { LEAST_MINUTES, MOST_MINUTES, PLACE_LIMITS } from './limits';

/** A form asked for by the id it had when the brief was written. */
const formIdText = z.string().min(1).max(60).transform(presentId);

const themePartSchemas = [
  z.strictObject({ kind: z.literal('phase'), phase: z.enum(PHASE_IDS) }),
  z.strictObject({ kind: z.literal('organ'), organ: z.enum(ORGAN_IDS) }),
  z.strictObject({ kind: z.literal('season'), season: z.enum([...SEASON_IDS, 'earth-turn']) }),
  z.strictObject({ kind: z.literal('channel'), channel: z.enum(CHANNEL_IDS) }),
  z.strictObject({ kind: z.literal('point'), point: z.enum(some(POINT_CODES)) }),
  z.strictObject({ kind: z.literal('hour'), organ: z.enum(ORGAN_IDS) }),
  z.strictObject({ kind: z.literal('aim'), aim: z.enum(AIM_IDS) }),
  z.strictObject({ kind: z.literal('set'), set: z.string().min(1).max(40) }),
  z.strictObject({ kind: z.literal('lesson'), formId: formIdText }),
  z.strictObject({ kind: z.literal('all-phases') }),
] as const;
export const themePartSchema = z.discriminatedUnion('kind', themePartSchemas);

export const themeSchema = z.discriminatedUnion('kind', [
  ...themePartSchemas,
  z.strictObject({
    kind: z.literal('mix'),
    parts: z.array(themePartSchema).min(2, 'a mix needs at least two themes').max(4, 'at most four themes'),
  }),
]);

/** A form that must be in; where and how often, if that is fixed too. */
export const pinSchema = z.strictObject({
  formId: formIdText,
  /** The section it stands in; else the first it can play there. */
  role: z.enum(ROLES).optional(),
  /** Its number in its section, from 1, or the last of it. */
  place: z
    .union([z.int('a whole number').min(1).max(12, 'at most the twelfth'), z.literal('last')])
    .optional(),
  repetitions: z.int('whole repetitions').min(1).max(99, 'at most 99 repetitions').optional(),
});
export type Pin = Readonly<z.infer<typeof pinSchema>>;

/** The brief: the sentence a practice begins with, every word settled. */
export const briefSchema = z.strictObject({
  minutes: z
    .number('minutes is a number')
    .min(LEAST_MINUTES, `at least ${LEAST_MINUTES} minutes`)
    .max(MOST_MINUTES, `at most ${MOST_MINUTES} minutes`),
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
  /** Forms that must be in. A form's id alone fixes neither place nor repetitions. */
  pins: z
    .array(z.union([pinSchema, formIdText.transform((formId): Pin => ({ formId }))]))
    .max(20)
    .refine((pins) => new Set(pins.map((pin) => pin.formId)).size === pins.length, 'each form once')
    .optional(),
  place: z.array(z.enum(PLACE_LIMITS)).max(PLACE_LIMITS.length).optional(),
  /** How sounds are made; as the forms have them where nothing is said. */
  voice: z.enum(BRIEF_VOICES).optional(),
  /** The breath laid on what nourishes, calms or clears, by its pattern; `own` leaves each form its own. */
  breath: z
    .string()
    .regex(/^[a-z0-9]+(-[a-z0-9]+)*$/, 'the id of a breath pattern')
    .max(60)
    .optional(),
  /** What is at hand besides one's own body; nothing where nothing is said. */
  atHand: z.enum(AT_HAND).optional(),
  /** How much of the last class comes again; a little new where nothing is said. */
  again: z.enum(AGAIN).optional(),
});
export type Brief = Readonly<z.infer<typeof briefSchema>>;
