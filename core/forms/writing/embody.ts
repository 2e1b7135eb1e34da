import { defined } from '../../text/defined';
import type { Posture } from '../../body';
import type { Asks, Form, Stroke } from '../model/model';
import { propOf } from '../model/props';
import { isStanding, type Stance, type VariantId } from '../model/terms';
import { stanceOf } from '../model/variants';
import { ON_BELLY, ON_FLOOR, ON_KNEES, ON_THIGHS, ON_UPPER_THIGHS } from './postures';

/** What carries the body in a stance that is not stood; a side is written for the left. */
const BASE_OF: Partial<Record<Stance, NonNullable<Posture['base']>>> = {
  chair: 'chair',
  'cross-legged': 'crossed',
  kneeling: 'kneeling',
  'hands and knees': 'fours',
  'on the back': 'back',
  'on the side': 'right side',
};

/** Where the hands are at rest on the floor. */
const HANDS_AT_REST: Partial<Record<Stance, Posture['hands']>> = {
  chair: { both: ON_THIGHS },
  'cross-legged': { both: ON_KNEES },
  kneeling: { both: ON_UPPER_THIGHS },
  'hands and knees': { both: ON_FLOOR },
  'on the back': { both: ON_BELLY },
};

/** Between the ankles in each stance, in shoulder widths (common practice). A bow stands as wide as ease. */
const APART: Partial<Record<Stance, number>> = {
  'feet together': 0.34,
  'hip width': 0.5,
  'shoulder width': 1,
  wide: 1.9,
  bow: 0.9,
};

/** The posture with its feet as wide as the stance, where it does not say. */
function inStance(posture: Posture, stance: Stance): Posture {
  const base = posture.base ?? BASE_OF[stance];
  if (base !== undefined && base !== 'feet') return { ...posture, base };
  return posture.feet?.apart === undefined
    ? defined({ ...posture, feet: defined({ ...posture.feet, apart: APART[stance] }) })
    : posture;
}

/** At rest in a stance: where a form begins and ends. */
export function restIn(stance: Stance): Posture {
  const hands = HANDS_AT_REST[stance];
  return inStance(isStanding(stance) ? { sink: 8 } : { ...(hands ? { hands } : {}) }, stance);
}

/** At rest before a way of doing a form, or after it: with what, or with whom, it is done. */
export function restOf(form: Form, variant: VariantId, at: 'start' | 'end' = 'start'): Posture {
  return defined({ ...restIn(stanceOf(form, variant)[at]), with: propOf(form, variant) });
}

const half = (value: number | undefined): number | undefined => (value === undefined ? undefined : value / 2);

/** Half the turn, lean and bend, knees no deeper than a soft stance, heels down: the usual smaller variant. */
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
  const { trunk, head, hands, shoulders, with: prop } = posture;
  const rest = hands?.both === undefined && (hands?.left === undefined || hands.right === undefined);
  return defined({
    base: 'chair' as const,
    with: prop,
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

/** Where a stroke of a form stands, for an error: `crane, smaller: stroke 2`. */
const at = (form: Form, what: string, index: number): string => `${form.id}, ${what}: stroke ${index + 1}`;

/** The strokes of a part of the full form, in its stance; every one of them has its postures. */
function inFull(form: Form, part: 'entry' | 'cycle' | 'exit'): Stroke[] {
  return form[part].map((stroke, index) => {
    if (!stroke.postures) throw new RangeError(`${at(form, part, index)} has no postures`);
    return {
      ...stroke,
      postures: stroke.postures.map((posture) => inStance(posture, form.stance.start)),
    };
  });
}

/** How the full form becomes smaller, or is done from a chair, where a variant has no postures of its own. */
const USUAL = { smaller: gentler, seated: onChair } as const;

/** The strokes of a variant in its stance; one without postures takes those of the same stroke of the full form. */
function inVariant(
  form: Form,
  variant: 'smaller' | 'seated',
  part: 'entry' | 'cycle' | 'exit',
  stance: Stance,
): Stroke[] {
  const full = form[part];
  const strokes: readonly Stroke[] =
    form[variant]?.[part] ?? full.map(({ postures: _, rounds: __, ...words }) => words);
  return strokes.map((stroke, index) => {
    const same = full[index];
    const body = stroke.postures ? stroke : same;
    if (!body?.postures || (body === same && strokes.length !== full.length))
      throw new RangeError(
        `${at(form, variant, index)} has no postures, and the full form has no stroke to take them from`,
      );
    const usual = body === same ? USUAL[variant] : (posture: Posture): Posture => posture;
    return {
      ...stroke,
      postures: body.postures.map((posture) => inStance(usual(posture), stance)),
      ...(body.rounds === undefined ? {} : { rounds: body.rounds }),
    };
  });
}

function withVariant(form: Form, variant: 'smaller' | 'seated', measured: Measured): Form[typeof variant] {
  const written = form[variant];
  if (!written) return undefined;
  const stance = written.stance?.start ?? (variant === 'seated' ? 'chair' : form.stance.start);
  const cycle = inVariant(form, variant, 'cycle', stance);
  // Words of its own lead into the variant's own posture; the full form's way in and out is made smaller.
  const inOut = (part: 'entry' | 'exit', own: Posture): Stroke[] =>
    written[part]?.map((stroke) => ({ ...stroke, postures: stroke.postures ?? [own] })) ??
    inVariant(form, variant, part, stance);
  return {
    ...written,
    asks: { ...written.asks, ...measured[variant] },
    entry: inOut('entry', cycle.at(-1)?.postures?.at(-1) ?? restIn(stance)),
    cycle,
    exit: inOut('exit', defined({ ...restIn(stance), with: cycle[0]?.postures?.[0]?.with })),
  };
}

/** What was measured on the moving body of a form, by variant. */
export type Measured = Readonly<Partial<Record<VariantId, Partial<Asks>>>>;

/**
 * A form as written, made whole: its feet as wide as its stance, the postures of its smaller and seated variants where they
 * are the usual ones, and what was measured on it. A stroke that has no postures and none to take is refused by name.
 */
export function embody(form: Form, measured: Measured): Form {
  return Object.freeze({
    ...form,
    view: form.view ?? 'front',
    asks: { ...form.asks, ...measured.full },
    entry: inFull(form, 'entry'),
    cycle: inFull(form, 'cycle'),
    exit: inFull(form, 'exit'),
    ...(form.smaller ? { smaller: withVariant(form, 'smaller', measured) } : {}),
    ...(form.seated ? { seated: withVariant(form, 'seated', measured) } : {}),
  });
}

/** The postures of a stroke in a variant; strokes of the entry and exit are written for standing. */
export function strokePostures(stroke: Stroke, variant: VariantId): readonly Posture[] {
  const postures = stroke.postures ?? [];
  return variant === 'seated' ? postures.map(onChair) : postures;
}
