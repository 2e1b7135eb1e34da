import { themeParts, type Pin } from '../brief';
import { formsOfSet, isEvenSet, organsOfForm, type Form, type Role } from '../forms';
import { knownFor } from '../known';
import { PHASE_ROUNDS } from '../measures';
import type { OrganId } from '../phases';
import { LESSON_STEPS, type Item, type LessonStep } from '../practice';
import type { SoundOrgan } from '../sounds';
import type { Allowed, Asking } from './asking';
import { isByHand, sectionByHand } from './atHand';
import type { Dressing } from './dressing';
import { orderOf } from './items';
import type { SectionPlan } from './plan';
import { setsWalked } from './walked';

export interface Place {
  readonly allowed: Allowed;
  readonly once: number;
  readonly order: number;
  readonly pinned: boolean;
  /** What the brief fixes of a pinned form. */
  readonly pin?: Pin;
  readonly kept?: Item;
  readonly lesson?: LessonStep;
  /** Done as often as the others of its set. */
  readonly even?: true;
  /** A member of a set that is gone through. */
  readonly ofSet?: true;
  /** In by name: its place costs nothing. */
  readonly asked?: true;
  /** The organ's sound laid on its exhale. */
  readonly sounded?: { readonly organ: SoundOrgan; readonly dressing: Dressing };
  readonly ownReasons?: Item['reasons'];
}

/** The section an existing item belongs to: the one of its role, in a practice of blocks that of its organ. */
export function sectionFor(plan: readonly SectionPlan[], role: Role, organs: readonly OrganId[]): number {
  const own = plan.findIndex(
    (section) => section.role === role && (!section.organ || organs.includes(section.organ)),
  );
  if (own >= 0) return own;
  const same = plan.findIndex((section) => section.role === role);
  return same >= 0 ? same : plan.findIndex((section) => section.role === 'nourish');
}

/** Whether a form may stand in a block without an organ being nourished before it is cleared. */
export function blockAllows(
  plan: readonly SectionPlan[],
  index: number,
  organs: readonly OrganId[],
): boolean {
  const section = plan[index];
  if (!section?.organ) return true;
  const others = plan.filter((other, place) =>
    section.role === 'nourish'
      ? other.role === 'clear' && place > index
      : other.role === 'nourish' && place < index,
  );
  return !others.some((other) => other.organ !== undefined && organs.includes(other.organ));
}

/** What a brief and its theme say of places, and the places found so far. */
interface Placing {
  readonly asking: Asking;
  readonly plan: readonly SectionPlan[];
  readonly places: Place[][];
  /** The heart of the practice, where sets and lessons stand. */
  readonly heart: number;
  readonly joints: readonly string[];
  /** Where a form stands among those allowed; brocades taken singly stand together, in the order of their set. */
  readonly indexOf: ReadonlyMap<string, number>;
  readonly lessons: readonly string[];
  /** Where a form stands in the set the theme asks for, and which in turn that is where several are gone through. */
  readonly inSet: ReadonlyMap<
    string,
    { readonly set: string; readonly turn: number; readonly index: number; readonly at: number }
  >;
  /** Whether the heart is filled by a set alone. */
  readonly isSetAlone: boolean;
  readonly pins: ReadonlyMap<string, Pin>;
  /** Where what is at hand is used; −1 where nowhere. */
  readonly byHand: number;
  /** Numbers given out: the same for the same form. */
  once: number;
}

/** What is done with what is at hand, sets and lessons keep an order of their own, in the middle of the list. */
const HAND_ORDER = 300;
const SET_ORDER = 400;
const LESSON_ORDER = 500;

/**
 * Whether a form is a piece of the round through the five phases, each called by its phase, and the theme is another's:
 * beside a heart of metal nobody is asked to be wood. Where all five are gone through, none comes once more by itself.
 */
function isPieceApart(form: Form, { brief: { theme }, customs }: Asking, isRound: boolean): boolean {
  if (![...PHASE_ROUNDS, 'five-colours'].some((set) => formsOfSet(set, customs).includes(form.id)))
    return false;
  if (theme.kind === 'all-phases') return isRound;
  const rank = knownFor(form, themeParts(theme), customs);
  return rank === undefined || rank === 'touches';
}

/** The place of each form in the repertoire; those of a set that keeps its order together, at the first in that order. */
function indexesOf(allowed: readonly Allowed[], set: readonly string[]): ReadonlyMap<string, number> {
  const indexes = new Map(allowed.map(({ form }, index) => [form.id, index]));
  const members = set.filter((id) => indexes.has(id));
  const first = indexes.get(members[0] ?? '') ?? 0;
  members.forEach((id, index) => indexes.set(id, first + index / 100));
  return indexes;
}

function placingOf(asking: Asking, plan: readonly SectionPlan[], allowed: readonly Allowed[]): Placing {
  const { brief, customs } = asking;
  const parts = themeParts(brief.theme);
  const walked = setsWalked(asking);
  const isSetAlone = walked.some(({ isAlone }) => isAlone);
  return {
    asking,
    plan,
    places: plan.map(() => []),
    heart: plan.findIndex((section) => section.role === 'nourish'),
    joints: formsOfSet('joints', customs),
    indexOf: indexesOf(allowed, formsOfSet('eight-brocades', customs)),
    lessons: parts.flatMap((part) => (part.kind === 'lesson' ? [part.formId] : [])),
    inSet: new Map(
      walked.flatMap(({ set, role, forms }, turn) =>
        forms.map(
          (id, index) => [id, { set, turn, index, at: plan.findIndex((one) => one.role === role) }] as const,
        ),
      ),
    ),
    isSetAlone,
    byHand: sectionByHand(asking, plan, allowed, isSetAlone),
    pins: new Map((brief.pins ?? []).map((pin) => [pin.formId, pin])),
    once: 0,
  };
}

/** From so many minutes on hands and feet are shaken out in a lesson, before its mistakes are gone into. */
const SHAKEN_OUT = { formId: 'shaking-limbs', fromMinutes: 15, order: LESSON_ORDER + 0.25 } as const;

/** The steps of a lesson, one after another in the heart. */
function placeLesson(placing: Placing, allowed: Allowed): void {
  const { places, heart, pins } = placing;
  const { parts, mistakes } = allowed.form;
  LESSON_STEPS.forEach((lesson, step) => {
    // What is not written of a form is not taught of it.
    if ((lesson === 'parts' && parts.length === 0) || (lesson === 'mistakes' && mistakes.length === 0))
      return;
    places[heart]?.push({
      allowed,
      once: placing.once,
      order: LESSON_ORDER + step / 10,
      pinned: true,
      asked: true,
      lesson,
      ...(lesson === 'drill' ? countOf(pins.get(allowed.form.id)) : {}),
      ownReasons: [{ code: 'lesson', step: lesson }],
    });
    placing.once += 1;
  });
}

/** A form the brief asks for: in the section it names, or the first it can play. */
function placePinned(
  { asking, plan, places, pins }: Placing,
  allowed: Allowed,
  once: number,
  order: (role: Role) => number,
): boolean {
  const { form } = allowed;
  const putIn = asking.putIn?.formId === form.id ? asking.putIn : undefined;
  const pin = pins.get(form.id);
  if (!putIn && !pin) return false;
  const own = form.roles.find((one) => plan.some((section) => section.role === one));
  const role = putIn?.role ?? pin?.role ?? own ?? 'nourish';
  // A section that this practice does not have holds no candidate, and so cannot be had.
  const isThere = plan.some((section) => section.role === role);
  const at = isThere ? sectionFor(plan, role, organsOfForm(form, asking.customs)) : -1;
  places[at]?.push({
    allowed,
    once,
    order: order(role),
    pinned: true,
    asked: true,
    ...(pin ? { pin } : {}),
    ownReasons: [{ code: 'pinned', ...fixedOf(pin) }],
  });
  return true;
}

/** A form wherever it may stand: as a lesson, in its set, where the brief wants it, or in every section of its roles. */
function placeForm(placing: Placing, allowed: Allowed): void {
  const { asking, plan, places, joints, indexOf, inSet, pins } = placing;
  const { form } = allowed;
  const index = indexOf.get(form.id) ?? 0;
  const once = placing.once;
  placing.once += 1;
  if (placing.lessons.includes(form.id)) return placeLesson(placing, allowed);
  if (asking.kept?.items.some((item) => item.formId === form.id)) return;
  const member = inSet.get(form.id);
  if (member && member.at >= 0) {
    places[member.at]?.push({
      allowed,
      once,
      order: SET_ORDER + member.turn + member.index / 100,
      pinned: true,
      asked: true,
      ofSet: true,
      ...countOf(pins.get(form.id)),
      ...(isEvenSet(member.set) ? { even: true as const } : {}),
      ownReasons: [{ code: 'of-the-set', set: member.set, number: member.index + 1 }],
    });
    return;
  }
  if (
    placing.lessons.length > 0 &&
    form.id === SHAKEN_OUT.formId &&
    asking.brief.minutes >= SHAKEN_OUT.fromMinutes
  )
    places[placing.heart]?.push({
      allowed,
      once,
      order: SHAKEN_OUT.order,
      pin: { formId: form.id, repetitions: 1 },
      pinned: false,
      asked: true,
    });
  const order = (role: Role): number => orderOf(form, index, joints, role);
  if (placePinned(placing, allowed, once, order)) return;
  // All five are sounded, or none: one organ's sound is not for all phases.
  if (asking.brief.theme.kind === 'all-phases' && form.soundOrgan !== undefined) return;
  if (isPieceApart(form, asking, inSet.size > 0)) return;
  // What parts the clearing from the nourishing is no piece of its own as well.
  if (form.hinge && plan.some(({ hinge }) => hinge)) return;
  const organs = organsOfForm(form, asking.customs);
  const isThere = isByHand(asking, allowed);
  plan.forEach((section, at) => {
    // A set fills the heart of its practice alone.
    if (placing.isSetAlone && section.role === 'nourish') return;
    // It is fetched once.
    if (isThere && at !== placing.byHand) return;
    if (form.roles.includes(section.role) && blockAllows(plan, at, organs))
      places[at]?.push({
        allowed,
        once,
        order: isThere ? HAND_ORDER + index / 1000 : order(section.role),
        pinned: false,
      });
  });
}

/** What is kept keeps its order; the others find their places around it. */
function placeKept(placing: Placing): void {
  const { asking, plan, places, joints, indexOf, inSet, lessons, pins } = placing;
  let after = -1;
  for (const item of asking.kept?.items ?? []) {
    const form = asking.kept?.forms[item.formId];
    if (!form) continue;
    const at = sectionFor(plan, item.role, organsOfForm(form, asking.customs));
    const order = Math.max(after + 0.001, orderOf(form, indexOf.get(form.id) ?? 0, joints, item.role));
    after = order;
    const { variant, omitHolds, exhaleByMouth } = item;
    const member = inSet.get(form.id);
    places[at]?.push({
      allowed: { form, fitting: { variant, omitHolds, exhaleByMouth, reasons: [] } },
      once: placing.once,
      order,
      pinned: true,
      kept: item,
      ...(member || lessons.includes(form.id) || pins.has(form.id) ? { asked: true as const } : {}),
      ...(member ? { ofSet: true as const } : {}),
      ...(member && isEvenSet(member.set) ? { even: true as const } : {}),
      ...(item.lesson ? { lesson: item.lesson } : {}),
    });
    placing.once += 1;
  }
}

/** Which forms are candidates where: by their roles, by set, lesson, pins and what is kept. */
export function placesOf(
  asking: Asking,
  plan: readonly SectionPlan[],
  allowed: readonly Allowed[],
): Place[][] {
  const placing = placingOf(asking, plan, allowed);
  allowed.forEach((entry) => placeForm(placing, entry));
  placeKept(placing);
  return placing.places.map((list) => withPinsPlaced(list.toSorted((a, b) => a.order - b.order)));
}

/** What a pin fixes, as a reason tells it. */
const fixedOf = (pin: Pin | undefined): Pick<Pin, 'place' | 'repetitions'> => ({
  ...(pin?.place === undefined ? {} : { place: pin.place }),
  ...(pin?.repetitions === undefined ? {} : { repetitions: pin.repetitions }),
});

/** A set and a lesson have an order of their own: of a pin in them only the repetitions stand. */
const countOf = (pin: Pin | undefined): { readonly pin?: Pin } =>
  pin?.repetitions === undefined ? {} : { pin: { formId: pin.formId, repetitions: pin.repetitions } };

/**
 * Pins with a fixed place put where they can have it: the first before all others, the last after them, the
 * others as near the middle as what must be in leaves them room, so that there is choice on both sides.
 */
function withPinsPlaced(list: readonly Place[]): Place[] {
  const rest = list.filter(({ pin }) => pin?.place === undefined);
  const numbered = list
    .filter(({ pin }) => typeof pin?.place === 'number')
    .toSorted((a, b) => Number(a.pin?.place) - Number(b.pin?.place));
  const placed = [...rest];
  for (const place of numbered) {
    const before = Number(place.pin?.place) - 1;
    const pinnedBefore = (index: number): number => placed.slice(0, index).filter((one) => one.pinned).length;
    let index = before === 0 ? 0 : Math.max(before, Math.floor(placed.length / 2));
    while (index > before && pinnedBefore(index) > before) index -= 1;
    placed.splice(Math.min(index, placed.length), 0, place);
  }
  return [...placed, ...list.filter(({ pin }) => pin?.place === 'last')];
}
