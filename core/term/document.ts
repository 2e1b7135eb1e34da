import { z } from 'zod';
import { idsOf, some } from '../lists/lists';
import { EARTH_SCHOOLS, SEASON_SCHOOLS, type EarthSchoolId, type SeasonSchoolId } from '../almanac';
import { AIM_IDS } from '../brief/aims';
import { themeSchema } from '../brief/brief';
import { customsSchema, type Customs } from '../customs';
import { presentId } from '../forms/model/merged';
import { isCivilDate } from '../people/civil';
import { LOADS } from './themes';

const daySchema = z.string().refine(isCivilDate, 'a day such as 2026-11-29');
const DAY_MS = 86_400_000;

/** A term of at most so many weeks is planned at once. */
export const MOST_WEEKS = 53;

export const TERM_AIMS = ['year', 'balance'] as const;

/** What a week is for; its practice, once it has one. */
export const weekWordSchema = z.strictObject({
  theme: themeSchema,
  load: z.enum(LOADS),
  /** It stays as it is when the term is planned again. */
  isLocked: z.boolean(),
  practiceId: z.string().min(1).max(64).optional(),
});

/** The customs two teachers of one house may differ in: whose sounds and sets, the pace of the breath, the side begun with. */
export const waysSchema = customsSchema
  .pick({
    soundSchool: true,
    animalSchool: true,
    brocadeSchool: true,
    jointOrder: true,
    firstSide: true,
    breathsPerMin: true,
  })
  .partial();
export type Ways = Readonly<z.infer<typeof waysSchema>>;

/** A season planned for one group. */
export const termSchema = z
  .strictObject({
    id: z.uuid(),
    groupId: z.string().min(1).max(64),
    name: z.string().trim().min(1, 'a term needs a name').max(80),
    first: daySchema,
    last: daySchema,
    /** Who teaches it, where that is not oneself; and by which calendar, where it is not one’s own. */
    teacher: z.string().trim().max(80).optional(),
    calendar: z
      .strictObject({
        seasonSchool: z.enum(idsOf<SeasonSchoolId>(SEASON_SCHOOLS)),
        earthSchool: z.enum(idsOf<EarthSchoolId>(EARTH_SCHOOLS)),
      })
      .optional(),
    /** What its teacher does otherwise than is one’s own custom; only what is said. */
    ways: waysSchema.optional(),
    aim: z.enum(TERM_AIMS),
    also: z.array(z.enum(some(AIM_IDS))).max(AIM_IDS.length),
    learnSet: z.string().min(1).max(40).optional(),
    learn: z.array(z.string().min(1).max(60).transform(presentId)).max(40),
    out: z
      .array(
        z
          .strictObject({ from: daySchema, until: daySchema, name: z.string().trim().max(80) })
          .refine(({ from, until }) => from <= until, 'ends before it begins'),
      )
      .max(60),
    /** By the Monday of each week. */
    weeks: z.record(daySchema, weekWordSchema),
  })
  .refine(({ first, last }) => first <= last, { message: 'ends before it begins', path: ['last'] })
  .refine(({ first, last }) => Date.parse(last) - Date.parse(first) < MOST_WEEKS * 7 * DAY_MS, {
    message: `at most ${MOST_WEEKS} weeks`,
    path: ['last'],
  });
export type Term = Readonly<z.infer<typeof termSchema>>;

/** The customs a term is planned, composed and opened by: one’s own, but for what its teacher does otherwise. */
export function customsOfTerm(
  own: Customs,
  { calendar, ways = {} }: Pick<Term, 'calendar' | 'ways'>,
): Customs {
  const said: Partial<Pick<Customs, keyof Ways>> = Object.fromEntries(
    Object.entries(ways).filter(([, value]) => value !== undefined),
  );
  return { ...own, ...calendar, ...said };
}
