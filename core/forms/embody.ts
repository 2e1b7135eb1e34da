import { defined } from '../text/defined';
import type { Posture } from '../body';
import type { Asks, Form, Stroke } from './model';
import type { Stance, VariantId } from './terms';
import { ON_THIGHS, type FormBody, type StrokeBody } from './postures/words';

/** Between the ankles in each stance, in shoulder widths (common practice). A bow stands as wide as ease. */
const APART: Record<Stance, number> = {
  'feet together': 0.34,
  'hip width': 0.5,
  'shoulder width': 1,
  wide: 1.9,
  bow: 0.9,
  chair: 0.7,
};

/** The posture with its feet as wide as the stance, where it does not say. */
function inStance(posture: Posture, stance: Stance): Posture {
  if (posture.base === 'chair' || posture.feet?.apart !== undefined) return posture;
  return { ...posture, feet: { ...posture.feet, apart: APART[stance] } };
}

/** Standing at rest in a stance: where a form begins and ends. */
export function restIn(stance: Stance): Posture {
  return stance === 'chair' ? { base: 'chair', hands: { both: ON_THIGHS } } : inStance({ sink: 8 }, stance);
}

const half = (value: number | undefined): number | undefined => (value === undefined ? undefined : value / 2);

/** Half the turn, lean and bend, knees no deeper than a soft stance, heels down: the usual smaller way. */
export function gentler(posture: Posture): Posture {
  const { trunk, head, feet } = posture;
  return defined({
    ...posture,
    sink: posture.sink === undefined ? undefined : Math.min(posture.sink, 18),
    trunk:
      trunk &&
      defined({
        turn: half(trunk.turn),
        lean: half(trunk.lean),
        bend: half(trunk.bend),
        round: half(trunk.round),
      }),
    head: head && defined({ turn: half(head.turn), nod: half(head.nod), tilt: half(head.tilt) }),
    feet: feet && defined({ ...feet, heels: typeof feet.heels === 'number' ? undefined : feet.heels }),
  });
}

/** The same from a chair: legs at rest, half the lean, hanging hands on the thighs. */
export function onChair(posture: Posture): Posture {
  if (posture.base === 'chair') return posture;
  const { trunk, head, hands, shoulders } = posture;
  const rest = hands?.both === undefined && (hands?.left === undefined || hands.right === undefined);
  return defined({
    base: 'chair' as const,
    trunk:
      trunk &&
      defined({
        ...trunk,
        lean: half(trunk.lean),
        turn: trunk.turn === undefined ? undefined : trunk.turn * 0.7,
      }),
    head,
    shoulders,
    hands: rest ? { both: ON_THIGHS, ...hands } : hands,
  });
}

const change = (stroke: StrokeBody, by: (posture: Posture) => Posture): StrokeBody => ({
  ...stroke,
  postures: stroke.postures.map(by),
});

function withBodies(
  form: Form,
  strokes: readonly Stroke[],
  bodies: readonly StrokeBody[],
  what: string,
  stance: Stance = form.stance.start,
): Stroke[] {
  if (strokes.length !== bodies.length)
    throw new RangeError(
      `${form.id}, ${what}: expected ${strokes.length} strokes with postures, got ${bodies.length}`,
    );
  return strokes.map((stroke, index) => {
    const body = bodies[index];
    if (!body) return stroke;
    return {
      ...stroke,
      postures: body.postures.map((posture) => inStance(posture, stance)),
      ...(body.rounds === undefined ? {} : { rounds: body.rounds }),
    };
  });
}

function withVariant(
  form: Form,
  id: 'smaller' | 'seated',
  body: FormBody,
  measured: Measured,
): Form[typeof id] {
  const variant = form[id];
  if (!variant) return undefined;
  const usual = id === 'smaller' ? gentler : onChair;
  const bodies = body[id] ?? body.cycle.map((stroke) => change(stroke, usual));
  const stance = variant.stance?.start ?? (id === 'seated' ? 'chair' : form.stance.start);
  const cycle = withBodies(form, variant.cycle ?? form.cycle, bodies, id, stance);
  // Words of its own lead into the variant's own posture; the full form's way in and out is made smaller.
  const start = cycle.at(-1)?.postures?.at(-1) ?? restIn(stance);
  const inOut = (part: 'entry' | 'exit', own: Posture): Stroke[] =>
    variant[part]
      ? variant[part].map((stroke) => ({ ...stroke, postures: [own] }))
      : withBodies(
          form,
          form[part],
          (body[part] ?? []).map((stroke) => change(stroke, usual)),
          part,
          stance,
        );
  return {
    ...variant,
    asks: { ...variant.asks, ...measured[id] },
    entry: inOut('entry', start),
    cycle,
    exit: inOut('exit', restIn(stance)),
  };
}

/** What was measured on the moving body of a form, by variant. */
export type Measured = Readonly<Partial<Record<VariantId, Partial<Asks>>>>;

/** Gives a form its moving body: postures for every stroke of every variant, and what they ask. */
export function embody(form: Form, body: FormBody, measured: Measured): Form {
  return Object.freeze({
    ...form,
    view: body.view ?? 'front',
    asks: { ...form.asks, ...measured.full },
    entry: withBodies(form, form.entry, body.entry ?? [], 'entry'),
    cycle: withBodies(form, form.cycle, body.cycle, 'cycle'),
    exit: withBodies(form, form.exit, body.exit ?? [], 'exit'),
    ...(form.smaller ? { smaller: withVariant(form, 'smaller', body, measured) } : {}),
    ...(form.seated ? { seated: withVariant(form, 'seated', body, measured) } : {}),
  });
}

/** The postures of a stroke in a variant; strokes of the entry and exit are written for standing. */
export function strokePostures(stroke: Stroke, variant: VariantId): readonly Posture[] {
  const postures = stroke.postures ?? [];
  return variant === 'seated' ? postures.map(onChair) : postures;
}
