import { isWithinReach, type Form } from '../forms';
import {
  compile,
  formOf,
  layersCarried,
  layersWith,
  type Item,
  type Practice,
  type Timeline,
} from '../practice';
import { worthOfPractice } from './account';
import type { Allowed, Asking } from './asking';
import { fitForm } from './candidates';
import { breathDressings, soundDressing, soundedOrgan, type Dressing } from './dressing';
import { itemDraft } from './items';
import { deepBits, jointsOf, type Joint } from './joints';
import { targetsOf } from './reach';
import { reasonsFor } from './reasons';

/** Another form in the place of an item, or the same with something else on its breath, with what changes. */
export interface Instead {
  readonly item: Item;
  readonly practice: Practice;
  readonly name: string;
  /** Whether it is the same form with other layers. */
  readonly isLayers: boolean;
  /** Points gained (or, below 0, lost) against the practice as it stands. */
  readonly points: number;
  readonly changeMs: number;
  /** Joints it uses deeply that nothing before it loosens. */
  readonly cold: readonly Joint[];
}

const MOST_INSTEAD = 12;
/** What a joint costs that is used deeply and not warm, in points. */
const COLD_POINTS = 1.5;

/** So many come as near to the time as their own repetitions allow. */
function repetitionsNear(practice: Practice, item: Item, form: Form, wantedMs: number): Item {
  const { least, most, multipleOf } = form.repetitions;
  let best = item;
  let bestOff = Infinity;
  for (let count = least; count <= most; count += multipleOf) {
    const tried = { ...item, repetitions: count };
    const forms = { ...practice.forms, [form.id]: form };
    const span = compile({ ...practice, forms, items: [tried] }).totalMs;
    const off = Math.abs(span - wantedMs);
    if (off < bestOff) [best, bestOff] = [tried, off];
    if (span > wantedMs) break;
  }
  return best;
}

function loosenedBefore(practice: Practice, index: number): ReadonlySet<string> {
  return new Set(practice.items.slice(0, index).flatMap((item) => formOf(practice, item).loosens));
}

/** The place of an item, and what everything that might stand there is held against. */
interface PlaceOfItem {
  readonly asking: Asking;
  readonly practice: Practice;
  readonly timeline: Timeline;
  readonly index: number;
  readonly item: Item;
  readonly now: number;
  readonly warm: ReadonlySet<string>;
}

/** The practice with an item in the place of the one that stands there. */
function swapped(
  { asking, practice, timeline, index, now, warm }: PlaceOfItem,
  form: Form,
  item: Item,
): readonly Instead[] {
  const items = practice.items.with(index, item);
  const { patterns, sounds, ...others } = practice;
  const own = layersWith(asking.layers, { patterns, sounds });
  const changed: Practice = {
    ...others,
    items,
    forms: { ...practice.forms, [form.id]: form },
    ...layersCarried(items, own),
  };
  const cold = jointsOf(deepBits(form, item.variant)).filter((joint) => !warm.has(joint));
  const value = worthOfPractice(asking, changed);
  if (value === -Infinity) return [];
  return [
    {
      item,
      practice: changed,
      name: form.name,
      isLayers: form.id === practice.items[index]?.formId,
      points: value - now - cold.length * COLD_POINTS,
      changeMs: compile(changed).totalMs - timeline.totalMs,
      cold,
    },
  ];
}

/** Another form as the composer would have it done there; where the organ's sound is made, with that sound. */
function anotherForm(place: PlaceOfItem, form: Form): readonly Instead[] {
  const { asking, practice, timeline, item, index } = place;
  const { brief, customs, people } = asking;
  const fitting = fitForm(form, brief.posture, people, customs, brief.place);
  const span = timeline.items[index];
  if (typeof fitting === 'string' || !span || !isWithinReach(form, fitting.variant, brief.atHand)) return [];
  const allowed: Allowed = { form, fitting };
  const reasons = reasonsFor(form, item.role, brief, customs, targetsOf(brief, customs));
  const why: Item['reasons'] = [{ code: 'swapped-by-hand' }, ...reasons];
  const sounded = soundedOrgan({ layers: practice }, formOf(practice, item), item.sound);
  const carried = sounded === undefined ? undefined : soundDressing(asking, allowed, { role: item.role });
  const dressing = carried?.organ === sounded ? carried?.dressing : undefined;
  const draft = itemDraft(asking, allowed, item.role, why.slice(0, 12), dressing);
  const whole = { ...draft, id: item.id, repetitions: form.repetitions.usual };
  return swapped(place, form, repetitionsNear(practice, whole, form, span.lengthMs));
}

const laidOn = ({ breathing, sound }: Pick<Item, 'breathing' | 'sound'>): string =>
  JSON.stringify([breathing?.pattern, sound]);

/** The same form with what else may lie on its breath. */
function otherLayers(place: PlaceOfItem): readonly Instead[] {
  const { asking, practice, item } = place;
  const form = formOf(practice, item);
  const { variant, omitHolds, exhaleByMouth } = item;
  const allowed: Allowed = { form, fitting: { variant, omitHolds, exhaleByMouth, reasons: [] } };
  const sounded = soundDressing(asking, allowed, { role: item.role })?.dressing;
  const dressings: readonly Dressing[] = [
    ...breathDressings(asking, allowed, item.role),
    ...(sounded ? [sounded] : []),
  ];
  const { breathing, sound, ...bare } = item;
  void [breathing, sound];
  const reasons = item.reasons.filter(({ code }) => code !== 'breathes' && code !== 'sounds');
  return dressings
    .filter(({ laid }) => laidOn(laid) !== laidOn(item))
    .flatMap(({ laid, parts }) =>
      swapped(place, form, {
        ...bare,
        ...laid,
        reasons: [...reasons, ...parts.flatMap(({ reason }) => (reason ? [reason] : []))],
      }),
    );
}

/** Ranked forms that could stand in an item's place, and what else could lie on its breath; all else as it is. */
export function somethingElse(
  asking: Asking,
  practice: Practice,
  timeline: Timeline,
  itemId: string,
): readonly Instead[] {
  const index = practice.items.findIndex((item) => item.id === itemId);
  const item = practice.items[index];
  if (!item) return [];
  const now = worthOfPractice(asking, practice);
  const warm = loosenedBefore(practice, index);
  const place: PlaceOfItem = { asking, practice, timeline, index, item, now, warm };
  const present = new Set(practice.items.map((one) => one.formId));
  const found = asking.repertoire
    .filter(
      (form) =>
        form.roles.includes(item.role) && !present.has(form.id) && !asking.brief.without.includes(form.id),
    )
    .flatMap((form) => anotherForm(place, form));
  const best = (rows: readonly Instead[]): readonly Instead[] => rows.toSorted((a, b) => b.points - a.points);
  return best([...best(found).slice(0, MOST_INSTEAD), ...otherLayers(place)]);
}
