import { idsOf, some } from '../../lists/lists';
import { z } from 'zod';
import { postureSchema } from '../../body';
import { BREATH_MANNERS, BREATH_ROUTES, BREATH_STROKES, PACE_KINDS } from '../../breath';
import { CHANNEL_IDS, POINT_CODES, ROUTE_REGION_IDS } from '../../channels';
import { BREATH_ASKS } from '../../patterns/model';
import { ORGAN_IDS, PHASE_IDS } from '../../phases';
import { SOUND_ORGANS } from '../../sounds';
import { sourceIds } from '../../sources';
import { ROLES } from './roles';
import {
  ANIMALS,
  BODY_REGIONS,
  CHANNEL_WAYS,
  FAMILIES,
  FORM_VIEWS,
  ROUNDED_JOINTS,
  SIDES,
  STANCES,
  type FloorAsk,
} from './terms';

/**
 * The form model: what a practitioner knows about a form, as data. The schemas serve both the shipped
 * repertoire (through their types) and files that come from outside (by parsing).
 */

const shortText = z.string().trim().min(1).max(240);
const nameText = z.string().trim().min(1).max(120);

export const strokeSchema = z.strictObject({
  breath: z.enum(BREATH_STROKES),
  /** Spoken cue. `{side}`, `{other}` and `{way}` stand for left/right and the way of a circle. */
  cue: shortText,
  /** Seconds of a stroke whose breath is `free` or `hold`; breathed strokes follow the pace. */
  seconds: z.number().min(0.5).max(300).optional(),
  /** The postures gone through, in equal shares of the stroke; it ends in the last. */
  postures: z.array(postureSchema).min(1).max(12).optional(),
  /** How many times over, where the stroke pulses (shaking, rubbing). */
  rounds: z.number().int().min(1).max(60).optional(),
});
export type Stroke = z.infer<typeof strokeSchema>;

/**
 * What a form asks of the body. What the moving body can tell is measured on it (see `measure.ts`); the
 * rest is written.
 */
const asksFields = z.strictObject({
  kneeBend: z.enum(['none', 'slight', 'moderate', 'deep']),
  /** Longest time on one leg at a stretch, seconds. */
  oneLegSec: z.number().min(0).max(120),
  armsAboveShoulders: z.boolean(),
  fold: z.enum(['none', 'half', 'deep']),
  headBelowHeart: z.boolean(),
  backBend: z.enum(['none', 'slight', 'full']),
  twist: z.enum(['none', 'slight', 'full']),
  sideBend: z.enum(['none', 'slight', 'full']),
  neck: z.enum(['none', 'tilt', 'turn', 'tip-back', 'circle']),
  breathHold: z.boolean(),
  staticHold: z.boolean(),
  impact: z.enum(['none', 'soft', 'firm']),
  percussion: z.array(z.enum(BODY_REGIONS)).max(11),
  abdominalPress: z.boolean(),
  legsCross: z.boolean(),
  stepping: z.boolean(),
  inwardImagery: z.boolean(),
  vigorous: z.boolean(),
  /** Bending of the spine itself, whatever the hips fold: over 20 and 60 % of its range. */
  rounding: z.enum(['none', 'slight', 'full']),
  /** Standing on the balls of the feet, or of one: over 1.5 cm and 4 cm under a heel. */
  heelsUp: z.enum(['none', 'low', 'high']),
  /** Nearly all the weight on one foot, or a base of a few centimetres. */
  unsteady: z.boolean(),
  /** A turn or side bend while folded forward. */
  foldWithTurn: z.boolean(),
  /** Seconds of one repetition with a hand above its shoulder. */
  armsUpSec: z.number().min(0).max(300),
  /** Jolts or shaking that reach the head or the belly. */
  shakes: z.boolean(),
  /** Regions rubbed, kneaded or pressed. */
  rubs: z.array(z.enum(BODY_REGIONS)).max(11),
  /** Joints taken round, swung or slid through their range. */
  roundedJoints: z.array(z.enum(ROUNDED_JOINTS)).max(4),
  /** What the breath asks beyond an easy one. */
  breath: z.array(z.enum(BREATH_ASKS)).max(BREATH_ASKS.length),
});

/** A form written before these were told is read as asking none of them. */
export const asksSchema = asksFields.extend({
  rounding: asksFields.shape.rounding.default('none'),
  heelsUp: asksFields.shape.heelsUp.default('none'),
  unsteady: asksFields.shape.unsteady.default(false),
  foldWithTurn: asksFields.shape.foldWithTurn.default(false),
  armsUpSec: asksFields.shape.armsUpSec.default(0),
  shakes: asksFields.shape.shakes.default(false),
  rubs: asksFields.shape.rubs.default([]),
  roundedJoints: asksFields.shape.roundedJoints.default([]),
  breath: asksFields.shape.breath.default([]),
});
export type WrittenAsks = z.infer<typeof asksSchema>;
/** What a way of doing a form asks: what is written, and how one comes down to the floor and up again as its stance says. */
export type Asks = WrittenAsks & { readonly floor: FloorAsk };

export const variantSchema = z.strictObject({
  /** What is different, as a teacher would say it. */
  change: shortText,
  /** A name of its own, where the full form is named for what this way leaves out. */
  name: nameText.optional(),
  /** A stance of its own, where it differs. */
  stance: z.strictObject({ start: z.enum(STANCES), end: z.enum(STANCES) }).optional(),
  /** Strokes of its own, where they differ. */
  cycle: z.array(strokeSchema).min(1).max(24).optional(),
  /** Its own way into it and out of it, where the words of the full form would not be true. */
  entry: z.array(strokeSchema).max(8).optional(),
  exit: z.array(strokeSchema).max(8).optional(),
  asks: asksFields.partial().optional(),
});

const pointCodes = some(POINT_CODES);
const routeStops = some([...ROUTE_REGION_IDS, ...pointCodes]);
const paceKinds = idsOf(PACE_KINDS);
const manners = idsOf(BREATH_MANNERS);

export const formSchema = z.strictObject({
  id: z
    .string()
    .regex(/^[a-z0-9]+(-[a-z0-9]+)*$/)
    .max(60),
  name: nameText,
  pinyin: nameText.optional(),
  hanzi: z.string().trim().min(1).max(40).optional(),
  source: z.enum(some(sourceIds)),
  family: z.enum(FAMILIES),
  roles: z.array(z.enum(ROLES)).min(1),
  /** May come back between blocks. */
  hinge: z.boolean(),
  actions: z.array(z.enum(['clears', 'nourishes', 'moves', 'calms'])).min(1),
  polarity: z.enum(['yin', 'yang', 'even']),
  phases: z.array(z.enum(PHASE_IDS)),
  organs: z.array(z.enum(ORGAN_IDS)),
  /** For an animal form the phase follows the chosen school. */
  animal: z.enum(ANIMALS).optional(),
  /** For a healing sound the syllable follows the chosen school; `{sound}` in a cue stands for it. */
  soundOrgan: z.enum(SOUND_ORGANS).optional(),
  channels: z.array(z.strictObject({ channel: z.enum(CHANNEL_IDS), how: z.enum(CHANNEL_WAYS) })),
  points: z.array(z.enum(pointCodes)),
  /** For a tapping, tracing or led-attention form: where it goes, in order (see `readRoute`). */
  route: z.array(z.enum(routeStops)).min(2).max(60).optional(),
  stance: z.strictObject({ start: z.enum(STANCES), end: z.enum(STANCES) }),
  footwork: shortText,
  sides: z.enum(SIDES),
  /** What the two ways of a circle are called; left and right where nothing is said. */
  ways: z.tuple([shortText, shortText]).optional(),
  /** From where the form is best seen. */
  view: z.enum(FORM_VIEWS).optional(),
  pace: z.enum(paceKinds),
  manner: z.enum(manners),
  exhale: z.enum(BREATH_ROUTES),
  /** Once, before the first repetition. */
  entry: z.array(strokeSchema).max(8),
  /** One repetition (of one side, where there are sides). */
  cycle: z.array(strokeSchema).min(1).max(24),
  /** Once, after the last repetition. */
  exit: z.array(strokeSchema).max(8),
  repetitions: z
    .strictObject({
      least: z.number().int().min(1).max(99),
      usual: z.number().int().min(1).max(99),
      most: z.number().int().min(1).max(99),
      multipleOf: z.number().int().min(1).max(12),
    })
    .refine(({ least, usual, most }) => least <= usual && usual <= most, 'least, usual and most must rise'),
  /** Talk before the form, for a group that knows it and for one that is being taught it. */
  setupSec: z.strictObject({ known: z.number().min(0).max(120), taught: z.number().min(0).max(180) }),
  /** Quiet after the form, to feel. */
  settleSec: z.number().min(0).max(60),
  asks: asksSchema,
  /** Joints this form loosens, and joints it uses deeply. */
  loosens: z.array(z.enum(['ankles', 'knees', 'hips', 'spine', 'shoulders', 'wrists', 'neck'])),
  level: z.union([z.literal(1), z.literal(2), z.literal(3)]),
  images: z.array(shortText).max(8),
  mistakes: z.array(z.strictObject({ mistake: shortText, mend: shortText })).max(8),
  /** Cautions stated on the form beyond those computed from what it asks. */
  cautions: z.array(shortText).max(8),
  /** For hard forms: the parts in teaching order, each with what to watch where that is said. */
  parts: z.array(z.union([shortText, z.strictObject({ part: shortText, watch: shortText })])).max(8),
  /** Where the form keeps apart from a usual rule, and why: the way of the breath, or the time it takes. */
  exceptions: z.strictObject({ breath: shortText.optional(), time: shortText.optional() }).optional(),
  smaller: variantSchema.optional(),
  seated: variantSchema.optional(),
});

export type Form = Readonly<z.infer<typeof formSchema>>;
