import { z } from 'zod';
import { some } from '../lists/lists';
import { MEASURE_IDS } from '../channels/measures';
import { presentId } from '../forms/model/merged';
import { isCivilDate } from './civil';
import { CONDITION_IDS } from './conditions';
import { HOW_KNOWN } from './known';

/** A day of the civil calendar, "2026-11-29". */
const daySchema = z.string().refine(isCivilDate, 'a day such as 2026-11-29');
const formId = z.string().min(1).max(60).transform(presentId);
const line = (most: number) =>
  z
    .string()
    .trim()
    .max(most, `at most ${most.toLocaleString('en')} characters`);
const isInOrder = ({
  from,
  until,
}: {
  readonly from?: string | undefined;
  readonly until?: string | undefined;
}) => from === undefined || until === undefined || from <= until;

/** Something the person has, from and until when as far as that is known, both days within. */
const personConditionSchema = z
  .strictObject({
    id: z.enum(CONDITION_IDS),
    from: daySchema.optional(),
    until: daySchema.optional(),
    note: line(400),
  })
  .refine(isInOrder, 'ends before it begins');

/** A group the person comes to; on which days, where not to every class. */
const comesToSchema = z
  .strictObject({
    groupId: z.string().min(1).max(64),
    /** Monday = 1 … Sunday = 7; every class where none is named. */
    weekdays: z.array(z.int().min(1).max(7)).max(7),
    from: daySchema.optional(),
    until: daySchema.optional(),
  })
  .refine(isInOrder, 'ends before it begins');

/** Lengths of a person: what is not known is not there. Stature 40–260 cm, segments 0.5–150 cm. */
const measuresSchema = z.strictObject({
  statureCm: z.number().min(40, 'at least 40 cm').max(260, 'at most 260 cm').optional(),
  segmentsCm: z.partialRecord(
    z.enum(MEASURE_IDS),
    z.number().min(0.5, 'at least half a centimetre').max(150, 'at most 150 cm'),
  ),
});

/**
 * Somebody who is taught. All of it is private: it stands apart from everything that is handed out, exported for others
 * or shown to a group.
 */
export const personSchema = z.strictObject({
  id: z.uuid(),
  /** A name, or as little as initials. */
  name: line(80).min(1, 'a name, or initials'),
  birthYear: z.int('a year').min(1900, 'a year from 1900').max(2100, 'a year to 2100').optional(),
  comesTo: z
    .array(comesToSchema)
    .max(12, 'at most twelve groups')
    .refine((list) => new Set(list.map(({ groupId }) => groupId)).size === list.length, 'each group once'),
  conditions: z.array(personConditionSchema).max(60),
  /** Forms they are glad of, and forms they may not do. */
  likes: z.array(formId).max(60),
  mayNot: z.array(formId).max(200),
  can: line(400),
  note: line(2000),
  measures: measuresSchema,
  /** How well they know a form, as the teacher judges it. */
  knows: z.array(z.strictObject({ formId, how: z.enum(some(HOW_KNOWN)) })).max(300),
  /** Whether they agreed to this being kept, and when they said so. */
  consent: z.strictObject({ given: z.boolean(), on: daySchema.optional(), words: line(400) }),
});
export type Person = Readonly<z.infer<typeof personSchema>>;
