import type { Brief } from '../brief';
import type { Customs } from '../customs';
import { asksOf, type Form, type Role } from '../forms';
import { compile, type Item, type LessonStep, type Practice } from '../practice';
import type { Allowed, Asking, ItemDraft } from './asking';

/** A practice only to be measured: one item, nothing else. */
export function measured(
  form: Form,
  item: ItemDraft,
  repetitions: number,
  brief: Brief,
  customs: Customs,
): Practice {
  return {
    name: 'measure',
    brief,
    customs: practiceCustoms(customs),
    seed: 0,
    items: [{ ...item, id: 'm', repetitions }],
    forms: { [form.id]: form },
  };
}

export const practiceCustoms = ({
  outToIn,
  animalSchool,
  virtueSchool,
  soundSchool,
}: Customs): Practice['customs'] => ({
  outToIn,
  animalSchool,
  virtueSchool,
  soundSchool,
});

/** Time with one repetition that no breath changes, time that the breath stretches, and that of one more. */
export interface TimeLine {
  readonly fixedMs: number;
  readonly breathMs: number;
  readonly moreMs: number;
}

/** Time lines already measured, by form and by all that its time depends on: a redraft asks for the same ones. */
export const measuredLines = new WeakMap<Form, Map<string, TimeLine>>();

export function timeLine(form: Form, item: ItemDraft, brief: Brief, customs: Customs): TimeLine {
  const plain = { ...item, stretch: 1 };
  const { reasons, ...depends } = plain;
  void reasons;
  const asked = JSON.stringify([depends, brief.breathsPerMin, customs.outToIn, customs.soundSchool]);
  const lines = measuredLines.get(form) ?? new Map<string, TimeLine>();
  measuredLines.set(form, lines);
  const known = lines.get(asked);
  if (known) return known;
  const one = compile(measured(form, plain, 1, brief, customs));
  const two = compile(measured(form, plain, 2, brief, customs));
  const breathMs = one.events.reduce((sum, event) => sum + (event.kind === 'stroke' ? event.lengthMs : 0), 0);
  const line = { fixedMs: one.totalMs - breathMs, breathMs, moreMs: two.totalMs - one.totalMs };
  lines.set(asked, line);
  return line;
}

export const lengthMs = (
  { fixedMs, breathMs, moreMs }: TimeLine,
  repetitions: number,
  stretch: number,
): number => fixedMs + stretch * (breathMs + (repetitions - 1) * moreMs);

export function familiarityOf(asking: Asking, role: Role, form: Form): Item['familiarity'] {
  // Arriving and closing are not taught: everyone knows how to stand and how to end.
  if (role === 'arrive' || role === 'close') return 'known';
  const { known } = asking.people;
  return known && known.length > 0
    ? known.includes(form.id)
      ? 'known'
      : 'taught'
    : asking.brief.familiarity;
}

/** A form with little quiet of its own is given some where it knocks or stirs (common practice). */
export const STILL_AFTER_SEC = 8;

export function itemDraft(
  asking: Asking,
  { form, fitting }: Allowed,
  role: Role,
  reasons: Item['reasons'],
): ItemDraft {
  const asks = asksOf(form, fitting.variant);
  const quiet = (asks.percussion.length > 0 || asks.vigorous) && form.settleSec < STILL_AFTER_SEC;
  return {
    formId: form.id,
    variant: fitting.variant,
    role,
    stretch: asking.people.pace?.[form.id] ?? 1,
    firstSide: asking.customs.firstSide,
    familiarity: familiarityOf(asking, role, form),
    omitHolds: fitting.omitHolds,
    exhaleByMouth: fitting.exhaleByMouth,
    hinge: false,
    reasons: [...reasons, ...fitting.reasons].slice(0, 16),
    ...(quiet ? { quietSec: STILL_AFTER_SEC - form.settleSec } : {}),
  };
}

/** Inner work and rubbing come after the moving forms of a section; joints in the user's order (common practice). */
export function orderOf(form: Form, index: number, jointOrder: readonly string[], role: Role): number {
  const late =
    role !== 'loosen' && (form.family === 'inner breathing' || form.family === 'self-massage') ? 1000 : 0;
  const joint = jointOrder.indexOf(form.id);
  return late + (joint >= 0 ? joint / 100 : 1 + index);
}

export const FINE_STRETCHES = [1, 1.1] as const;
export const SLOW_ROLES: ReadonlySet<Role> = new Set(['nourish', 'still', 'balance', 'gather']);

export interface Way {
  readonly repetitions: number;
  readonly stretch: number;
  readonly dose: number;
}

/** Repetitions and breath lengths worth choosing among: near the usual dose, and the ends of the range. */
export function waysOf(form: Form, role: Role, lesson: LessonStep | undefined): readonly Way[] {
  const { least, usual, most, multipleOf } = form.repetitions;
  if (lesson === 'show' || lesson === 'parts' || lesson === 'mistakes')
    return [{ repetitions: 1, stretch: 1, dose: 0 }];
  const counts = [-2, -1, 0, 1, 2, 4].map((steps) => usual + steps * multipleOf);
  const far =
    lesson === 'drill'
      ? [most, most + 2 * multipleOf, most + 6 * multipleOf, most + 12 * multipleOf]
      : [least, most];
  const inRange = [...new Set([...counts, ...far])].filter(
    (count) => count >= least && (count <= most || lesson === 'drill'),
  );
  const breathed = form.cycle.some(({ breath }) => breath === 'in' || breath === 'out');
  const stretches = SLOW_ROLES.has(role) && breathed ? FINE_STRETCHES : [1];
  return inRange
    .toSorted((a, b) => a - b)
    .flatMap((repetitions) =>
      stretches.map((stretch) => {
        // Drilling wants as many as there is time for, everything else about the usual dose.
        const wanted = lesson === 'drill' ? Math.max(...inRange) : usual;
        const off = (repetitions - wanted) / wanted;
        return {
          repetitions,
          stretch,
          dose: -(lesson === 'drill' ? 1.5 : 0.35) * off * off - (stretch === 1 ? 0 : 0.03),
        };
      }),
    );
}
