import { z } from 'zod';

/**
 * A posture in the words of the trade. Everything is optional: what is not said is standing at ease,
 * feet shoulder width, arms hanging. Left and right are the person's own.
 */

const degrees = (least: number, most: number) => z.number().min(least).max(most);

export const LANDMARKS = [
  // Hanging, or out at arm's length.
  'hanging',
  'reach',
  // On the floor under its own shoulder.
  'floor',
  // What stands before one at the height of the shoulder: a wall, or a partner's palm; and a neighbour's palm in a ring.
  'opposite',
  'neighbour',
  // The front of the trunk, on the midline unless an offset says otherwise.
  'lower dantian',
  'navel',
  'solar plexus',
  'middle dantian',
  'throat',
  // The trunk, on the hand's own side unless `of` says other.
  'groin',
  'hip',
  'belly side',
  'ribs',
  'flank',
  'armpit',
  'collarbone',
  'shoulder',
  'kidneys',
  'sacrum',
  'buttock',
  // The head.
  'upper dantian',
  'face',
  'mouth',
  'cheek',
  'temple',
  'ear',
  'crown',
  'occiput',
  'nape',
  // The legs.
  'thigh',
  'outer thigh',
  'back thigh',
  'inner thigh',
  'knee',
  'shin',
  'calf',
  'outer calf',
  'inner calf',
  'ankle',
  'toes',
  // The other arm.
  'upper arm',
  'elbow',
  'forearm',
  'wrist',
  'hand',
] as const;
export type Landmark = (typeof LANDMARKS)[number];

export const HAND_SHAPES = [
  'open',
  'loose fist',
  'gathered fingertips',
  'bow hand',
  'claw',
  'feather',
  'hoof',
  'antler',
  'hollow palm',
  'thumb held',
  'ring fingers',
  'sword fingers',
] as const;
export type HandShape = (typeof HAND_SHAPES)[number];

/** Ways a palm or the fingers can look; "in" is towards the midline, "out" away from it. */
export const WAYS = ['up', 'down', 'forward', 'back', 'in', 'out', 'body'] as const;
export type Way = (typeof WAYS)[number];

export const ELBOWS = ['low', 'out', 'high', 'back', 'in', 'front'] as const;

const triple = z.tuple([
  z.number().min(-60).max(60),
  z.number().min(-60).max(60),
  z.number().min(-60).max(60),
]);

export const handSchema = z.strictObject({
  near: z.enum(LANDMARKS),
  /** Of the hand's own side (usual) or the other. */
  of: z.enum(['own', 'other']).optional(),
  /** Moved from the landmark, in cùn: outwards, up, and away from the body. */
  off: triple.optional(),
  /** With `reach`: the direction from the shoulder (outwards, up, forward). */
  toward: triple.optional(),
  /** With `reach`: how much of the arm's length, 0.2–1; 0.95 leaves the elbow soft. */
  share: z.number().min(0.2).max(1).optional(),
  palm: z.enum(WAYS).optional(),
  fingers: z.enum(WAYS).optional(),
  elbow: z.enum(ELBOWS).optional(),
  shape: z.enum(HAND_SHAPES).optional(),
});
export type Hand = Readonly<z.infer<typeof handSchema>>;

const eachFoot = (schema: z.ZodNumber) =>
  z.union([schema, z.strictObject({ left: schema.optional(), right: schema.optional() })]);

export const feetSchema = z.strictObject({
  /** Between the ankles, in shoulder widths: 0.3 together, 0.5 hip width, 1 shoulder width, 2 wide. */
  apart: z.number().min(0.2).max(3.2).optional(),
  /** One foot ahead of the other, in foot lengths between the heels. */
  ahead: z.strictObject({ foot: z.enum(['left', 'right']), by: z.number().min(0).max(4) }).optional(),
  /** Degrees the toes turn out. */
  turnOut: eachFoot(degrees(-30, 90)).optional(),
  /** Degrees a heel is lifted over the ball of the foot. */
  heels: eachFoot(degrees(0, 60)).optional(),
  /** Degrees the toes are lifted over the heel. */
  toes: eachFoot(degrees(0, 30)).optional(),
  /** A foot off the floor: thigh raised forward and opened, knee bent, toes pointed (+) or drawn up (−). */
  lifted: z
    .strictObject({
      foot: z.enum(['left', 'right']),
      thigh: degrees(-30, 110),
      out: degrees(-20, 45).optional(),
      knee: degrees(5, 130),
      point: degrees(-20, 45).optional(),
    })
    .optional(),
});

/** What carries the body: its soles, a chair, or the floor under what else of it. */
export const BASES = [
  'feet',
  'chair',
  'crossed',
  'kneeling',
  'fours',
  'back',
  'legs up',
  'left side',
  'right side',
] as const;
export type Base = (typeof BASES)[number];

/** What a posture can be done with besides one's own body; what each is stands in `props.ts`. */
export const PROP_IDS = ['ball', 'staff', 'wall', 'wall behind', 'partner', 'ring'] as const;
export type Prop = (typeof PROP_IDS)[number];

export const postureSchema = z.strictObject({
  base: z.enum(BASES).optional(),
  /** What it is done with besides one's own body. */
  with: z.enum(PROP_IDS).optional(),
  feet: feetSchema.optional(),
  /** Knee bend of the leg that carries more, degrees. */
  sink: degrees(4, 110).optional(),
  /** Share of the weight on the left foot, 0–1. */
  weight: z.number().min(0).max(1).optional(),
  /** Where on the soles: 0 heels, 1 toes; at ease a little behind the middle. */
  along: z.number().min(0).max(1).optional(),
  pelvis: z.strictObject({ turn: degrees(-60, 60).optional(), tuck: degrees(-15, 15).optional() }).optional(),
  /** Turn and bend to the left (+), lean from the hips and round forward (+), arch (−). */
  trunk: z
    .strictObject({
      turn: degrees(-60, 60).optional(),
      lean: degrees(-20, 115).optional(),
      bend: degrees(-40, 40).optional(),
      round: degrees(-30, 90).optional(),
    })
    .optional(),
  /** Turn and tilt to the left (+), nod (+), look up (−). */
  head: z
    .strictObject({
      turn: degrees(-70, 70).optional(),
      nod: degrees(-50, 60).optional(),
      tilt: degrees(-45, 45).optional(),
    })
    .optional(),
  /** Shoulder girdle: raised 0–1, drawn forward (+) or back (−) −1–1; of both sides unless said. */
  shoulders: z
    .strictObject({
      of: z.enum(['left', 'right']).optional(),
      raise: z.number().min(0).max(1).optional(),
      forward: z.number().min(-1).max(1).optional(),
    })
    .optional(),
  hands: z
    .strictObject({
      both: handSchema.optional(),
      left: handSchema.optional(),
      right: handSchema.optional(),
    })
    .optional(),
});
export type Posture = Readonly<z.infer<typeof postureSchema>>;
