import { z } from 'zod';
import { LEAST_MINUTES, MOST_MINUTES } from '../../brief/limits';
import { CONDITION_IDS } from '../../people';
import type { DocumentKind, Upgrade } from '../document';

const classTimeSchema = z.strictObject({
  weekday: z.number().int().min(1).max(7),
  hour: z.number().int().min(0).max(23),
  minute: z.number().int().min(0).max(59),
});

export const groupSchema = z.strictObject({
  id: z
    .string()
    .regex(/^[a-z0-9-]+$/)
    .min(1)
    .max(64),
  name: z.string().trim().min(1, 'a group needs a name').max(80),
  minutes: z
    .number()
    .int()
    .min(LEAST_MINUTES, `at least ${LEAST_MINUTES} minutes`)
    .max(MOST_MINUTES, `at most ${MOST_MINUTES} minutes`),
  posture: z.enum(['standing', 'seated']),
  familiarity: z.enum(['known', 'taught']),
  times: z.array(classTimeSchema).max(14),
  conditions: z.array(z.enum(CONDITION_IDS)).max(CONDITION_IDS.length),
  /** Whose a condition is, by initials, for the teacher alone: in no file, on no sheet, and not on the hall’s screen. */
  initials: z
    .partialRecord(z.enum(CONDITION_IDS), z.string().trim().max(40, 'at most 40 characters'))
    .optional(),
});
export type Group = z.infer<typeof groupSchema>;

const isCondition = (id: unknown): boolean => groupSchema.shape.conditions.element.safeParse(id).success;

/** Conditions that are no longer told apart were taken out of the table before version 1. */
const conditionsKnown: Upgrade = (former) => ({
  ...former,
  conditions: Array.isArray(former.conditions) ? former.conditions.filter(isCondition) : [],
});

/** A group that is taught: how it usually meets, and what to be careful of there. */
export const GROUP_DOCUMENT: DocumentKind<Group> = {
  name: 'a group',
  upgrades: [conditionsKnown],
  schema: groupSchema,
};
