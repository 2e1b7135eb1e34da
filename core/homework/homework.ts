import { z } from 'zod';
import { themeSchema } from '../brief/brief';
import { isCivilDate } from '../people/civil';

const daySchema = z.string().refine(isCivilDate, 'a day such as 2026-11-29');

/** What one person is asked for: something to be for, so long a day, so often a week, for so many weeks. */
export const homeworkAskedSchema = z.strictObject({
  theme: themeSchema,
  minutes: z.int('whole minutes').min(2, 'at least 2 minutes').max(40, 'at most 40 minutes'),
  daysAWeek: z.int('whole days').min(1, 'at least one day').max(7, 'at most seven days'),
  weeks: z.int('whole weeks').min(1, 'at least a week').max(26, 'at most half a year'),
  first: daySchema,
  posture: z.enum(['standing', 'seated']),
});
export type HomeworkAsked = Readonly<z.infer<typeof homeworkAskedSchema>>;

/** Homework as it is kept: private like the person it is for. */
export const homeworkSchema = homeworkAskedSchema.extend({
  id: z.uuid(),
  /** The practice of each step, from its week on. */
  steps: z
    .array(
      z.strictObject({
        fromWeek: z.int().min(0).max(25),
        minutes: z.int().min(2).max(40),
        practiceId: z.string().min(1).max(64),
      }),
    )
    .min(1)
    .max(6),
  /** Days on which it was done, as they told. */
  done: z.array(daySchema).max(200),
  note: z.string().trim().max(400, 'at most 400 characters'),
});
export type Homework = Readonly<z.infer<typeof homeworkSchema>>;
