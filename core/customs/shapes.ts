import { z } from 'zod';
import { ROLES } from '../forms/model/roles';

/** The shapes a class may have, by the family of its theme; what is in each stands in `core/compose/shapes.ts`. */
export const SHAPE_IDS = [
  'usual',
  'phases',
  'line',
  'short',
  'set',
  'sounds',
  'lesson',
  'sleep',
  'joints',
  'energy',
  'mood',
] as const;
export type ShapeId = (typeof SHAPE_IDS)[number];

/** A section as one has it oneself. */
const ownSection = z.strictObject({
  /** Of the whole class, per cent against the other sections; 0 leaves the section out. */
  percent: z
    .number('a share is a number')
    .int('whole per cent')
    .min(0, 'at least 0 %')
    .max(90, 'at most 90 %'),
  /** From so many minutes on the section stands. */
  fromMinutes: z
    .number('minutes are a number')
    .int('whole minutes')
    .min(0, 'from 0 minutes')
    .max(120, 'from 120 minutes at most'),
});

/** Sections without which there is no class: they may be short, and are never left out. */
export const ALWAYS_THERE = ['arrive', 'nourish', 'close'] as const;

/** One's own shapes of a class: only what differs from the usual. */
export const ownShapesSchema = z.partialRecord(
  z.enum(SHAPE_IDS),
  z
    .partialRecord(z.enum(ROLES), ownSection)
    .refine(
      (sections) => ALWAYS_THERE.every((role) => (sections[role]?.percent ?? 1) > 0),
      'arriving, the heart and the close are never left out',
    ),
);
export type OwnShapes = Readonly<z.infer<typeof ownShapesSchema>>;
