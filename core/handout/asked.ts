import { z } from 'zod';
import { AUDIENCES } from './audience';

/** A yes or no in an address. */
const flag = z.enum(['0', '1']).transform((value) => value === '1');

function isLanguage(text: string): boolean {
  try {
    return Intl.getCanonicalLocales(text).length === 1;
  } catch {
    return false;
  }
}

/** What is asked of a handout, as it stands in its address; what is not said is as usual. */
export const handoutAskedSchema = z.object({
  for: z.enum(AUDIENCES).default('people'),
  density: z.enum(['one-page', 'full', 'large']).default('full'),
  paper: z.enum(['a4', 'letter']).default('a4'),
  poster: z.enum(['a3', 'a2', 'strip']).default('a3'),
  /** Whether the name of the group and the date are written on it. */
  names: flag.default(false),
  language: z.string().max(35).refine(isLanguage, 'a language such as en or fr-CA').default('en'),
  breaths: flag.default(false),
  /** Minutes before it one is reminded; none is not at all. */
  alarm: z.coerce.number().int().min(0).max(10_080).optional(),
  /** By the wall clock of the place, "2026-12-01T18:30". */
  at: z
    .string()
    .regex(/^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}$/, 'a time such as 2026-12-01T18:30')
    .refine((text) => !Number.isNaN(Date.parse(`${text}Z`)), 'a time there is')
    .optional(),
  turn: z.enum(['mirror', 'own']).default('mirror'),
  light: z.enum(['day', 'lamp']).default('day'),
  width: z.coerce.number().int().min(120, 'at least 120').max(4800, 'at most 4800').default(1200),
  view: z.enum(['front', 'side', 'back']).default('front'),
  table: z.enum(['csv', 'json']).default('csv'),
  /** Which step of homework that grows. */
  step: z.coerce.number().int().min(0).max(5).optional(),
});
export type HandoutAsked = Readonly<z.infer<typeof handoutAskedSchema>>;
