import { idsOf, some } from '../lists/lists';
import { z } from 'zod';
import { briefSchema, pinSchema } from '../brief';
import { LEAST_EXHALE_LIMIT_SEC, LONGEST_EXHALE_SEC } from '../breath';
import { ANIMAL_SCHOOLS, ORGAN_IDS, PHASE_IDS, VIRTUE_SCHOOLS } from '../phases';
import { CHANNEL_IDS, POINT_CODES } from '../channels';
import { formSchema, ROLES, SEALS, VARIANTS } from '../forms';
import { layerSpanSchema, patternSchema } from '../patterns';
import { SOUND_SCHOOLS, soundSchema, VOICES } from '../sounds';
import { patternIn, soundIn } from './known';
import { beyondBounds } from './bounds';
import { GROWTH_LAYERS, LAYERS, LESSON_STEPS, MOST_TOLD, STORY_PARTS } from './parts';

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
  z.strictObject({
    code: z.literal('reaches-point'),
    point: z.enum(some(POINT_CODES)),
  }),
  z.strictObject({ code: z.literal('acts'), action: z.enum(['clears', 'nourishes', 'moves', 'calms']) }),
  z.strictObject({ code: z.literal('of-the-set'), set: z.string().max(40), number: z.number().int().min(1) }),
  z.strictObject({ code: z.literal('lesson'), step: z.enum(LESSON_STEPS) }),
  z.strictObject({
    code: z.literal('pinned'),
    place: pinSchema.shape.place,
    repetitions: pinSchema.shape.repetitions,
  }),
  z.strictObject({ code: z.literal('kept') }),
  z.strictObject({ code: z.literal('grows'), layer: z.enum(GROWTH_LAYERS) }),
  z.strictObject({ code: z.literal('returns') }),
  z.strictObject({ code: z.literal('known-for'), rank: z.enum(['named', 'accepted']) }),
  z.strictObject({ code: z.literal('sounds'), organ: z.enum(ORGAN_IDS) }),
  z.strictObject({ code: z.literal('breathes'), pattern: z.string().max(60) }),
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

/** Which words of an item are meant: its announcement, or a stroke of its entry, cycle or exit from 0. */
const cueKeyText = z
  .string()
  .regex(/^(setup|(entry|cycle|exit)-\d{1,2})$/, 'setup, or entry-, cycle- or exit- and a number');

/** A posture stayed in, on each side: see `Stay` of the clock. */
export const staySchema = z
  .strictObject({
    stroke: z.number().int().min(0).max(23).optional(),
    sec: z.number().min(1, 'at least 1 s').max(600, 'at most 600 s').optional(),
    breaths: z
      .number()
      .int('whole breaths')
      .min(1, 'at least one breath')
      .max(36, 'at most 36 breaths')
      .optional(),
    on: z.enum(['each', 'last']),
  })
  .refine(
    ({ sec, breaths }) => (sec === undefined) !== (breaths === undefined),
    'seconds or breaths, one of them',
  );

const layerId = z
  .string()
  .regex(/^[a-z0-9]+(-[a-z0-9]+)*$/)
  .max(60);
/** A pattern of the breath laid on an item, for all its repetitions or some of them. */
export const breathingSchema = z.strictObject({ pattern: layerId, on: layerSpanSchema.optional() });
/** A sound laid on the exhales of an item, and how it is voiced. */
export const soundLayerSchema = z.strictObject({
  sound: layerId,
  voice: z.enum(VOICES),
  on: layerSpanSchema.optional(),
});

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
  /** How much of that length is what the log tells of this form, 1 = none; so that it is not learnt twice. */
  logPace: z.number().min(0.5).max(2).optional(),
  firstSide: z.enum(['left', 'right']),
  familiarity: z.enum(['known', 'taught']),
  omitHolds: z.boolean(),
  exhaleByMouth: z.boolean(),
  /** A gathering form that returns between blocks and may stand more than once. */
  hinge: z.boolean(),
  reasons: z.array(reasonSchema).max(16),
  /** Stays when the rest is drafted anew. */
  kept: z.boolean().optional(),
  /** Quiet after the form, beyond its own, seconds. */
  quietSec: z.number().min(0, 'no less than 0 s').max(300, 'at most 300 s').optional(),
  /** Postures stayed in, on each side. */
  stays: z.array(staySchema).min(1).max(8, 'at most eight stays').optional(),
  /** Talk before the form, seconds; the form's own where nothing is said. */
  talkSec: z.number().min(0, 'no less than 0 s').max(300, 'at most 300 s').optional(),
  /** How long the first repetition takes against a later one; as familiarity says where nothing is said. */
  firstFactor: z.number().min(1, 'no quicker than a later one').max(3, 'at most three times').optional(),
  /** Both sides in each repetition, or one finished before the other; as the form has it where nothing is said. */
  sideOrder: z.enum(['in-turn', 'one-then-other']).optional(),
  /** Repetitions on the second side, where a teacher wants another number there. */
  otherRepetitions: z
    .number()
    .int('whole repetitions')
    .min(1, 'at least one')
    .max(99, 'at most 99')
    .optional(),
  /** Seconds it goes on in all, for a form that goes by no breath; its count follows. */
  forSec: z.number().min(3, 'at least 3 s').max(1800, 'at most half an hour').optional(),
  /** One of a round of short stations: named in a word, and gone on from without settling. */
  station: z.boolean().optional(),
  breathing: breathingSchema.optional(),
  /** For a form that is a sound of its own, how that is voiced; `none` leaves its sound out. */
  sound: z.union([soundLayerSchema, z.literal('none')]).optional(),
  /** The shape the hands keep, on a still form. */
  seal: z.enum(idsOf(SEALS)).optional(),
  /** What is said, sentence by sentence, where the item is talk and no form. */
  passage: z.string().trim().min(1).max(6000, 'at most 6,000 characters').optional(),
  /** Built up layer by layer: each begins a repetition. */
  layers: z.array(z.enum(LAYERS)).max(LAYERS.length).optional(),
  lesson: z.enum(LESSON_STEPS).optional(),
  /** An image to say before the form. */
  image: z.string().trim().min(1).max(240, 'at most 240 characters').optional(),
  /** Words of its own in place of the form's. */
  cues: z.record(cueKeyText, z.string().trim().min(1).max(240, 'at most 240 characters')).optional(),
});
export type Item = Readonly<z.infer<typeof itemSchema>>;

export const practiceCustomsSchema = z.strictObject({
  outToIn: z.number().min(0.5).max(3),
  animalSchool: z.enum(idsOf(ANIMAL_SCHOOLS)),
  virtueSchool: z.enum(idsOf(VIRTUE_SCHOOLS)),
  soundSchool: z.enum(idsOf(SOUND_SCHOOLS)),
  /** The longest exhale anyone here is asked for, seconds; nine where nothing is said. */
  longestExhaleSec: z
    .number()
    .min(LEAST_EXHALE_LIMIT_SEC, `at least ${LEAST_EXHALE_LIMIT_SEC} s`)
    .max(LONGEST_EXHALE_SEC.anyone, `at most ${LONGEST_EXHALE_SEC.anyone} s`)
    .optional(),
  /** How quickly is spoken, for what holds people up while it is said; the usual where nothing is said. */
  wordsPerMin: z.number().min(80).max(240).optional(),
});

/** What a practice says of itself: where a teacher has rewritten a part, it stays as they wrote it. */
const told = z.string().trim().max(MOST_TOLD, `at most ${MOST_TOLD} characters`);
export const storySchema = z.strictObject({
  /** What it is for, in a sentence. */
  intention: told,
  /** The image that runs through it, as it is first met. */
  image: told,
  /** The feeling of the phase, in the words of the school. */
  virtue: told,
  /** Said at the beginning, touched once in the middle, and turned into something finished at the end. */
  opening: told,
  midway: told,
  closing: told,
  own: z.array(z.enum(STORY_PARTS)).max(STORY_PARTS.length).optional(),
});
export type Story = Readonly<z.infer<typeof storySchema>>;

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
    /** Own patterns and sounds that items carry, as they were when the practice was written. */
    patterns: z.record(z.string().max(60), patternSchema).optional(),
    sounds: z.record(z.string().max(60), soundSchema).optional(),
    story: storySchema.optional(),
    /** Margin notes waved aside, each with the practitioner's reason. */
    waved: z
      .array(z.strictObject({ note: z.string().min(1).max(200), reason: z.string().trim().max(240) }))
      .max(400)
      .optional(),
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
      const { breathing, sound } = item;
      if (breathing && !patternIn(practice, breathing.pattern))
        context.addIssue({
          code: 'custom',
          path: [...path, 'breathing', 'pattern'],
          message: `no breath pattern "${breathing.pattern}" here or among those that are shipped`,
        });
      if (typeof sound === 'object' && !soundIn(practice, sound.sound))
        context.addIssue({
          code: 'custom',
          path: [...path, 'sound', 'sound'],
          message: `no sound "${sound.sound}" here or among those that are shipped`,
        });
      if (seen.has(item.id))
        context.addIssue({
          code: 'custom',
          path: [...path, 'id'],
          message: `item id "${item.id}" is used twice`,
        });
      seen.add(item.id);
    });
    const beyond = beyondBounds(practice);
    if (beyond !== undefined) context.addIssue({ code: 'custom', path: ['items'], message: beyond });
  });
export type Practice = Readonly<z.infer<typeof practiceSchema>>;
