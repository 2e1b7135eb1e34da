import { z } from 'zod';
import { briefSchema } from '../brief';
import {
  ANIMAL_SCHOOLS,
  ORGAN_IDS,
  PHASE_IDS,
  VIRTUE_SCHOOLS,
  type AnimalSchoolId,
  type VirtueSchoolId,
} from '../phases';
import { CHANNEL_IDS } from '../channels';
import { formSchema, ROLES, VARIANTS } from '../forms';
import { SOUND_SCHOOLS, type SoundSchoolId } from '../sounds';

/** Why an item is in the practice: data, worded in the interface. */
export const reasonSchema = z.discriminatedUnion('code', [
  z.strictObject({ code: z.literal('opens') }),
  z.strictObject({ code: z.literal('warms'), joints: z.array(z.string().max(20)).max(8) }),
  z.strictObject({ code: z.literal('wakes') }),
  z.strictObject({ code: z.literal('clears-organ'), organ: z.enum(ORGAN_IDS) }),
  z.strictObject({ code: z.literal('clears-before-nourishing') }),
  z.strictObject({ code: z.literal('serves-organ'), organ: z.enum(ORGAN_IDS) }),
  z.strictObject({ code: z.literal('serves-pair'), organ: z.enum(ORGAN_IDS) }),
  z.strictObject({ code: z.literal('serves-phase'), phase: z.enum(PHASE_IDS) }),
  z.strictObject({ code: z.literal('mother'), phase: z.enum(PHASE_IDS), mother: z.enum(PHASE_IDS) }),
  z.strictObject({ code: z.literal('child'), phase: z.enum(PHASE_IDS), child: z.enum(PHASE_IDS) }),
  z.strictObject({
    code: z.literal('reaches-channel'),
    channel: z.enum(CHANNEL_IDS),
    how: z.string().max(20),
  }),
  z.strictObject({ code: z.literal('rounds-out') }),
  z.strictObject({ code: z.literal('stills') }),
  z.strictObject({ code: z.literal('balances') }),
  z.strictObject({ code: z.literal('hinge') }),
  z.strictObject({ code: z.literal('gathers') }),
  z.strictObject({ code: z.literal('closes') }),
  z.strictObject({ code: z.literal('season'), phase: z.enum(PHASE_IDS) }),
  z.strictObject({ code: z.literal('time-of-day'), dayPart: z.string().max(20) }),
  z.strictObject({ code: z.literal('gentler-for-group') }),
  z.strictObject({ code: z.literal('seated') }),
  z.strictObject({ code: z.literal('holds-left-out') }),
  z.strictObject({ code: z.literal('exhale-by-mouth') }),
  z.strictObject({ code: z.literal('chosen-by-hand') }),
  z.strictObject({ code: z.literal('swapped-by-hand') }),
]);
export type Reason = z.infer<typeof reasonSchema>;

const idText = z
  .string()
  .regex(/^[A-Za-z0-9-]+$/, 'letters, digits and hyphens only')
  .min(1)
  .max(64);

export const itemSchema = z.strictObject({
  id: idText,
  formId: z.string().max(60),
  variant: z.enum(VARIANTS),
  role: z.enum(ROLES),
  repetitions: z
    .number()
    .int('whole repetitions')
    .min(1, 'at least one repetition')
    .max(99, 'at most 99 repetitions'),
  /** Breath length against the pace, 1 = as the pace says. */
  stretch: z.number().min(0.5).max(2),
  firstSide: z.enum(['left', 'right']),
  familiarity: z.enum(['known', 'taught']),
  omitHolds: z.boolean(),
  exhaleByMouth: z.boolean(),
  /** A gathering form that returns between blocks and may stand more than once. */
  hinge: z.boolean(),
  reasons: z.array(reasonSchema).max(16),
});
export type Item = Readonly<z.infer<typeof itemSchema>>;

export const practiceCustomsSchema = z.strictObject({
  outToIn: z.number().min(0.5).max(3),
  animalSchool: z.enum(ANIMAL_SCHOOLS.map((row) => row.id) as [AnimalSchoolId, ...AnimalSchoolId[]]),
  virtueSchool: z.enum(VIRTUE_SCHOOLS.map((row) => row.id) as [VirtueSchoolId, ...VirtueSchoolId[]]),
  soundSchool: z.enum(SOUND_SCHOOLS.map((row) => row.id) as [SoundSchoolId, ...SoundSchoolId[]]),
});

/**
 * The document. Items refer to `forms`, which holds each form as it was when the practice was written,
 * so that a later change of the repertoire never changes what was planned.
 */
export const practiceSchema = z
  .strictObject({
    name: z.string().trim().min(1, 'a practice needs a name').max(120, 'a name of at most 120 characters'),
    brief: briefSchema,
    customs: practiceCustomsSchema,
    seed: z.number().int().min(0).max(4294967295),
    items: z.array(itemSchema).max(200, 'at most 200 items'),
    forms: z.record(z.string().max(60), formSchema),
  })
  .superRefine((practice, context) => {
    const seen = new Set<string>();
    practice.items.forEach((item, index) => {
      const form = practice.forms[item.formId];
      const path = ['items', index];
      if (!form)
        context.addIssue({
          code: 'custom',
          path: [...path, 'formId'],
          message: `no form "${item.formId}" among the practice’s forms`,
        });
      else if (form.id !== item.formId)
        context.addIssue({
          code: 'custom',
          path: ['forms', item.formId, 'id'],
          message: `is filed under "${item.formId}" but calls itself "${form.id}"`,
        });
      else if (item.variant !== 'full' && form[item.variant] === undefined)
        context.addIssue({
          code: 'custom',
          path: [...path, 'variant'],
          message: `form "${item.formId}" has no ${item.variant} variant`,
        });
      if (seen.has(item.id))
        context.addIssue({
          code: 'custom',
          path: [...path, 'id'],
          message: `item id "${item.id}" is used twice`,
        });
      seen.add(item.id);
    });
  });
export type Practice = Readonly<z.infer<typeof practiceSchema>>;

/** The form an item was made from, as it was then. */
export function formOf(practice: Practice, item: Item) {
  const form = practice.forms[item.formId];
  if (!form) throw new RangeError(`practice holds no form "${item.formId}"`);
  return form;
}
