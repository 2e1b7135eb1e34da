import { z } from 'zod';
import { mirror, type Posture } from '../../body';
import { along, defineForm } from '../writing/define';
import { measureForm, namedAsks } from '../measured/measure';
import { spokenCue, writtenCue } from '../words/cueText';
import { cycleOf, entryOf, exitOf, stanceOf, writtenAsks } from '../model/variants';
import { formSchema, strokeSchema, variantSchema, type Form, type Stroke } from '../model/model';
import { type VariantId } from '../model/terms';
import { gentler, onChair, restIn } from '../writing/embody';
import { pointsReached } from '../measured/reach';
import type { PointCode } from '../../channels';
import { BLANK_CUES } from './own';

const draftStroke = strokeSchema.extend({ cue: z.string().max(240), seconds: z.number().optional() });
const draftVariant = variantSchema.extend({
  change: z.string().max(240),
  cycle: z.array(draftStroke).max(24).optional(),
});
const count = z.number();

/**
 * A form while it is being written: whole in shape, but names, cues and numbers may still be missing or out of their
 * bounds. What is kept for good is read by `formSchema`.
 */
export const draftSchema = formSchema.extend({
  name: z.string().max(120),
  footwork: z.string().max(240),
  roles: z.array(formSchema.shape.roles.element),
  actions: z.array(formSchema.shape.actions.element),
  entry: z.array(draftStroke).max(8),
  cycle: z.array(draftStroke).max(24),
  exit: z.array(draftStroke).max(8),
  repetitions: z.strictObject({ least: count, usual: count, most: count, multipleOf: count }),
  setupSec: z.strictObject({ known: count, taught: count }),
  settleSec: count,
  smaller: draftVariant.optional(),
  seated: draftVariant.optional(),
});

/** A form to begin from nothing: one breath, standing at ease. */
export function blankForm(id: string, name: string): Form {
  const rest = restIn('shoulder width');
  return defineForm({
    id,
    name,
    family: 'flowing pair',
    roles: ['nourish'],
    actions: ['nourishes'],
    channels: along('attend', 'CV'),
    pace: 'flowing',
    view: 'front',
    cycle: [
      { breath: 'in', cue: BLANK_CUES[0], postures: [rest] },
      { breath: 'out', cue: BLANK_CUES[1], postures: [{ ...rest, sink: 14 }] },
    ],
    repetitions: { least: 1, usual: 3, most: 9, multipleOf: 1 },
    images: [],
  });
}

/** A place kept for what a running order names and the repertoire has not: to be filled in, and until then breathed. */
export const formToFillIn = (id: string, name: string): Form => ({
  ...blankForm(id, name),
  roles: ['nourish', 'balance', 'gather', 'close'],
});

/** A copy of a form to make one's own of, or of one of its variants as a form in itself. */
export function formFrom(form: Form, variant: VariantId, id: string, name: string): Form {
  const { smaller: _smaller, seated: _seated, ...rest } = form;
  if (variant === 'full') return { ...form, id, name, source: 'common-practice' };
  return {
    ...rest,
    id,
    name,
    source: 'common-practice',
    stance: stanceOf(form, variant),
    cycle: [...cycleOf(form, variant)],
    entry: [...entryOf(form, variant)],
    exit: [...exitOf(form, variant)],
    asks: writtenAsks(form, variant),
  };
}

const swapSide = (cue: string): string =>
  cue.replace(
    /\{(side|other|Side|Other)\}|\b(left|right|Left|Right)\b/g,
    (word, token: string | undefined) => {
      const swaps: Readonly<Record<string, string>> = {
        side: '{other}',
        other: '{side}',
        Side: '{Other}',
        Other: '{Side}',
        left: 'right',
        right: 'left',
        Left: 'Right',
        Right: 'Left',
      };
      return swaps[token ?? word] ?? word;
    },
  );

/** A stroke as seen in a mirror: its postures, and left and right in its cue. */
export const mirrorStroke = (stroke: Stroke): Stroke => ({
  ...stroke,
  cue: swapSide(stroke.cue),
  ...(stroke.postures ? { postures: stroke.postures.map(mirror) } : {}),
});

/** The strokes, then all of them once more on the other side. */
export const withMirrored = (strokes: readonly Stroke[]): readonly Stroke[] => [
  ...strokes,
  ...strokes.map(mirrorStroke),
];

/** The strokes, gone through once more. */
export const repeated = (strokes: readonly Stroke[]): readonly Stroke[] => [...strokes, ...strokes];

/** Where the body is before a stroke of a variant: the end of the one before, or at rest in the stance. */
export function postureBefore(form: Form, variant: VariantId, index: number): Posture {
  const before = cycleOf(form, variant)[index - 1]?.postures?.at(-1);
  return before ?? restIn(stanceOf(form, variant).start);
}

/**
 * A form with what its moving body tells laid in: measured asks in every variant, and the points its palms come to
 * or its route touches. What a body cannot tell (percussion, holds, imagery) stays as written.
 */
export function settleForm(form: Form): Form {
  const measured = (variant: VariantId) => namedAsks(measureForm(form, variant));
  const variant = (id: 'smaller' | 'seated') => {
    const own = form[id];
    return own ? { [id]: { ...own, asks: { ...own.asks, ...measured(id) } } } : {};
  };
  return {
    ...form,
    asks: { ...form.asks, ...measured('full') },
    ...variant('smaller'),
    ...variant('seated'),
  };
}

/** The points a form of one's own comes to, without those already named. */
export const furtherPoints = (form: Form): readonly PointCode[] =>
  pointsReached(form)
    .map((row) => row.code)
    .filter((code) => !form.points.includes(code));

/** A new stroke to follow one: the breath turned, the body where it is. */
export function strokeAfter(form: Form, variant: VariantId, index: number): Stroke {
  const last = cycleOf(form, variant)[index];
  const posture = postureBefore(form, variant, index + 1);
  const breath = last?.breath === 'in' ? 'out' : last?.breath === 'out' ? 'in' : 'free';
  const cue = breath === 'in' ? 'Breathe in.' : breath === 'out' ? 'Breathe out.' : 'Move freely.';
  return { breath, cue, postures: [posture], ...(breath === 'free' ? { seconds: 4 } : {}) };
}

/** The parts of a form that hold strokes. */
export const PARTS = ['entry', 'cycle', 'exit', 'smaller', 'seated'] as const;
export type Part = (typeof PARTS)[number];

/** The variant whose body a part is moved on. */
export const variantOf = (part: Part): VariantId => (part === 'smaller' || part === 'seated' ? part : 'full');

/** The strokes of a part; none where a form has no such variant. */
export function strokesIn(form: Form, part: Part): readonly Stroke[] {
  if (part === 'smaller' || part === 'seated') return form[part] ? cycleOf(form, part) : [];
  return form[part];
}

/** A form with its sides changed, its cues saying what they said where they are read. */
export function withSides(form: Form, sides: Form['sides']): Form {
  const changed: Form = { ...form, sides };
  return PARTS.reduce((now, part) => {
    const strokes = strokesIn(form, part);
    return strokes.length === 0
      ? now
      : withStrokesIn(
          now,
          part,
          strokes.map((stroke) => ({
            ...stroke,
            // The sound stays the token it is.
            cue: writtenCue(spokenCue(stroke.cue, form, '{sound}'), changed, '{sound}'),
          })),
        );
  }, changed);
}

const WAYS_SAID = { smaller: 'Half as far.', seated: 'From the chair.' } as const;

/** A form with the strokes of one part changed. A variant that is not there yet is made. */
export function withStrokesIn(form: Form, part: Part, strokes: readonly Stroke[]): Form {
  if (part !== 'smaller' && part !== 'seated') return { ...form, [part]: [...strokes] };
  return { ...form, [part]: { change: WAYS_SAID[part], ...form[part], cycle: [...strokes] } };
}

/** A form with a smaller or seated variant added: the usual relief of its own strokes, to be worked on. */
export function withVariant(form: Form, way: 'smaller' | 'seated'): Form {
  const relief = way === 'smaller' ? gentler : onChair;
  return withStrokesIn(
    form,
    way,
    form.cycle.map((stroke) => ({ ...stroke, postures: (stroke.postures ?? []).map(relief) })),
  );
}

/** A form without one of its gentler variants. */
export function withoutVariant(form: Form, way: 'smaller' | 'seated'): Form {
  const { [way]: _gone, ...rest } = form;
  return rest;
}
