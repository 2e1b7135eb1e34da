import { layersCarried, layersWith } from './known';
import { entryAt } from '../lists/lists';
import { otherSide } from '../body/sides';
import { clamp } from '../body/vector';
import { hasVariant, type Form, type Role, type SealId, type VariantId } from '../forms';
import type { Side } from './compile';
import { beyondBounds } from './bounds';
import { formOf } from './formOf';
import type { WholePattern } from '../patterns';
import type { Sound } from '../sounds';
import { MOST_TOLD, STORY_PARTS, type Layer, type StoryPart } from './parts';
import type { Item, Practice, Reason, Story } from './model';

/** What is known of a form when it is put into a practice. */
export interface NewItem {
  readonly form: Form;
  readonly role: Role;
  readonly variant: VariantId;
  readonly omitHolds: boolean;
  readonly exhaleByMouth: boolean;
  readonly familiarity: Item['familiarity'];
  readonly firstSide: Side;
  readonly reasons: readonly Reason[];
  /** Breath length against the pace, and how much of it the log tells; as the pace says where nothing is said. */
  readonly stretch?: number;
  readonly logPace?: number | undefined;
  /** Talk before it and the slowness of its first repetition, as the log tells them. */
  readonly talkSec?: number | undefined;
  readonly firstFactor?: number | undefined;
  readonly quietSec?: number | undefined;
  /** What is said, where it is talk and no form. */
  readonly passage?: string | undefined;
}

/** Every change a practitioner can make to a practice by hand. */
export type Edit =
  | { readonly kind: 'move'; readonly itemId: string; readonly toIndex: number }
  | { readonly kind: 'repetitions'; readonly itemId: string; readonly steps: number }
  | { readonly kind: 'breath-length'; readonly itemId: string; readonly steps: number }
  | { readonly kind: 'remove'; readonly itemId: string }
  | { readonly kind: 'add'; readonly at: number; readonly item: NewItem }
  | { readonly kind: 'swap'; readonly itemId: string; readonly item: NewItem }
  | { readonly kind: 'variant'; readonly itemId: string; readonly variant: VariantId }
  | { readonly kind: 'first-side'; readonly itemId: string; readonly side: Side }
  | { readonly kind: 'familiarity'; readonly itemId: string; readonly familiarity: Item['familiarity'] }
  | { readonly kind: 'take-forms'; readonly forms: readonly Form[] }
  | { readonly kind: 'keep'; readonly itemIds: readonly string[]; readonly kept: boolean }
  | { readonly kind: 'quiet'; readonly itemId: string; readonly quietSec: number }
  | { readonly kind: 'stays'; readonly itemId: string; readonly stays: readonly ItemStay[] }
  /** Talk before the form and the slowness of its first repetition; undefined gives the usual back. */
  | { readonly kind: 'talk'; readonly itemId: string; readonly talkSec: number | undefined }
  | { readonly kind: 'first-factor'; readonly itemId: string; readonly factor: number | undefined }
  | { readonly kind: 'side-order'; readonly itemId: string; readonly order: Item['sideOrder'] }
  | { readonly kind: 'other-repetitions'; readonly itemId: string; readonly repetitions: number | undefined }
  | { readonly kind: 'for-seconds'; readonly itemId: string; readonly sec: number | undefined }
  | { readonly kind: 'station'; readonly itemIds: readonly string[]; readonly station: boolean }
  /** A pattern laid on the breath of items, or taken off; an own pattern comes with it. */
  | {
      readonly kind: 'breathing';
      readonly itemIds: readonly string[];
      readonly breathing: Item['breathing'];
      readonly own?: WholePattern | undefined;
    }
  /** A sound laid on the exhales of items; `none` leaves out the one a form has of its own; undefined gives it back. */
  | {
      readonly kind: 'sound';
      readonly itemIds: readonly string[];
      readonly sound: Item['sound'];
      readonly own?: Sound | undefined;
    }
  | { readonly kind: 'passage'; readonly itemId: string; readonly passage: string }
  /** The named items once more after the last of them, in the same order or turned round, the other side first. */
  | {
      readonly kind: 'another-round';
      readonly itemIds: readonly string[];
      readonly order: 'same' | 'reversed';
    }
  | { readonly kind: 'layers'; readonly itemId: string; readonly layers: readonly Layer[] }
  | { readonly kind: 'seal'; readonly itemId: string; readonly seal: SealId | undefined }
  | { readonly kind: 'image'; readonly itemId: string; readonly image: string }
  /** Words of the item's own for one stroke (`cycle-0` …) or its announcement (`setup`); empty gives the form's back. */
  | { readonly kind: 'cue'; readonly itemId: string; readonly key: string; readonly cue: string }
  | { readonly kind: 'holds'; readonly itemId: string; readonly omit: boolean }
  | { readonly kind: 'exhale'; readonly itemId: string; readonly byMouth: boolean }
  | { readonly kind: 'remove-many'; readonly itemIds: readonly string[] }
  /** Items with their forms, from here or from another practice, put in before a place. */
  | { readonly kind: 'insert'; readonly at: number; readonly clip: Clip }
  | { readonly kind: 'move-many'; readonly itemIds: readonly string[]; readonly toIndex: number }
  /** The first of the named items comes back after the last of them. */
  | { readonly kind: 'bookend'; readonly itemIds: readonly string[] }
  | { readonly kind: 'hinges'; readonly hinge: NewItem }
  | { readonly kind: 'order'; readonly itemIds: readonly string[] }
  | { readonly kind: 'schools'; readonly customs: Practice['customs'] }
  | { readonly kind: 'wave'; readonly note: string; readonly reason: string }
  | { readonly kind: 'unwave'; readonly note: string }
  /** A part of the story in the teacher’s own words; nothing written leaves it out. */
  | { readonly kind: 'story'; readonly story: Story; readonly part: StoryPart; readonly text: string }
  | { readonly kind: 'rename'; readonly name: string }
  /** Several as one step, one after another. */
  | { readonly kind: 'together'; readonly edits: readonly Edit[] };

type ItemStay = NonNullable<Item['stays']>[number];

/** Items lifted out of a practice, with the forms they were made from. */
export interface Clip {
  readonly items: readonly Item[];
  readonly forms: Practice['forms'];
  readonly patterns?: Practice['patterns'];
  readonly sounds?: Practice['sounds'];
}

/** A story with one part in the teacher’s own words. */
function rewritten(story: Story, part: StoryPart, text: string): Story {
  const own = STORY_PARTS.filter((one) => one === part || story.own?.includes(one));
  return { ...story, [part]: text.trim().slice(0, MOST_TOLD), own: [...own] };
}

/** One press lengthens or shortens the breath by a twentieth of the pace. */
export const BREATH_STEP = 0.05;
const LEAST_STRETCH = 0.5;
const MOST_STRETCH = 2;
const MOST_REPETITIONS = 99;

function freshId(practice: Practice, formId: string): string {
  const taken = new Set(practice.items.map((item) => item.id));
  let count = practice.items.length + 1;
  while (taken.has(`${formId}-${count}`)) count += 1;
  return `${formId}-${count}`;
}

/** Keeps only the forms still in use, with `form` (as it is now) added where it is not there yet. */
function withForms(practice: Practice, items: readonly Item[], form?: Form): Practice {
  const known: Practice['forms'] =
    form && !practice.forms[form.id] ? { ...practice.forms, [form.id]: form } : practice.forms;
  const used = new Set(items.map((item) => item.formId));
  return {
    ...practice,
    items: [...items],
    forms: Object.fromEntries(Object.entries(known).filter(([id]) => used.has(id))),
  };
}

function itemFrom(practice: Practice, added: NewItem): Item {
  const { form } = added;
  const present = practice.forms[form.id] ?? form;
  return {
    id: freshId(practice, form.id),
    formId: form.id,
    variant: hasVariant(present, added.variant) ? added.variant : 'full',
    role: added.role,
    repetitions: present.repetitions.usual,
    stretch: added.stretch ?? 1,
    firstSide: added.firstSide,
    familiarity: added.familiarity,
    omitHolds: added.omitHolds,
    exhaleByMouth: added.exhaleByMouth,
    hinge: false,
    reasons: [...added.reasons],
    ...(added.logPace === undefined ? {} : { logPace: added.logPace }),
    ...(added.talkSec === undefined ? {} : { talkSec: added.talkSec }),
    ...(added.firstFactor === undefined ? {} : { firstFactor: added.firstFactor }),
    ...(added.quietSec === undefined ? {} : { quietSec: added.quietSec }),
    ...(added.passage === undefined ? {} : { passage: added.passage }),
  };
}

function indexOf(practice: Practice, itemId: string): number {
  const index = practice.items.findIndex((item) => item.id === itemId);
  if (index < 0) throw new RangeError(`practice holds no item "${itemId}"`);
  return index;
}

function changeItem(practice: Practice, itemId: string, change: (item: Item) => Item): Practice {
  const index = indexOf(practice, itemId);
  return { ...practice, items: practice.items.with(index, change(entryAt(practice.items, index))) };
}

/** A moved item joins the section it lands in: that of its new neighbour above, or below at the top. */
function move(practice: Practice, itemId: string, toIndex: number): Practice {
  const from = indexOf(practice, itemId);
  const to = clamp(toIndex, 0, practice.items.length - 1);
  if (from === to) return practice;
  const item = entryAt(practice.items, from);
  const rest = practice.items.toSpliced(from, 1);
  const above = rest[to - 1];
  const below = rest[to];
  const joins = above?.role === item.role || below?.role === item.role ? item.role : (above ?? below)?.role;
  return { ...practice, items: rest.toSpliced(to, 0, { ...item, role: joins ?? item.role }) };
}

/** The practice with forms as they are now in place of how they were; an item whose variant is gone goes full. */
function takeForms(practice: Practice, forms: readonly Form[]): Practice {
  const now = new Map(forms.filter((form) => practice.forms[form.id]).map((form) => [form.id, form]));
  if (now.size === 0) return practice;
  return {
    ...practice,
    forms: { ...practice.forms, ...Object.fromEntries(now) },
    items: practice.items.map((item) => {
      const form = now.get(item.formId);
      return form && !hasVariant(form, item.variant) ? { ...item, variant: 'full' as const } : item;
    }),
  };
}

type OptionalField = {
  [Key in keyof Item]-?: undefined extends Item[Key] ? Key : never;
}[keyof Item];

/** The item without a field, or with it where there is something to say. */
function withField<Key extends OptionalField>(item: Item, key: Key, value: Item[Key] | undefined): Item {
  const { [key]: dropped, ...rest } = item;
  void dropped;
  return (value === undefined ? rest : { ...rest, [key]: value }) as Item;
}

/** Own words for one stroke put in or taken out. */
function withCue(item: Item, key: string, cue: string): Item {
  const { [key]: dropped, ...others } = item.cues ?? {};
  void dropped;
  const cues = cue.trim() === '' ? others : { ...others, [key]: cue.trim() };
  return withField(item, 'cues', Object.keys(cues).length === 0 ? undefined : cues);
}

/** Lifts items out, with their forms, in the order they stand in. */
export function clipOf(practice: Practice, itemIds: readonly string[]): Clip {
  const items = practice.items.filter((item) => itemIds.includes(item.id));
  const { patterns, sounds } = practice;
  return {
    items,
    forms: Object.fromEntries(items.map((item) => [item.formId, formOf(practice, item)])),
    ...(patterns ? { patterns } : {}),
    ...(sounds ? { sounds } : {}),
  };
}

/** Puts items in. A form the practice already holds stays as the practice holds it; every item gets an id of its own. */
function insert(practice: Practice, at: number, { items, forms, patterns, sounds }: Clip): Practice {
  let result: Practice = practice;
  items.forEach((item, index) => {
    const form = result.forms[item.formId] ?? forms[item.formId];
    if (!form) throw new RangeError(`the clip holds no form "${item.formId}"`);
    const variant = hasVariant(form, item.variant) ? item.variant : 'full';
    const put = { ...withField(item, 'kept', undefined), id: freshId(result, item.formId), variant };
    result = withForms(
      result,
      result.items.toSpliced(clamp(at + index, 0, result.items.length), 0, put),
      form,
    );
  });
  return withLayers(result, [], (item) => item, { patterns, sounds });
}

const within = (value: number | undefined, least: number, most: number): number | undefined =>
  value === undefined ? undefined : clamp(value, least, most);

/** Items with their layers changed; own patterns and sounds are held as long as an item carries them. */
function withLayers(
  practice: Practice,
  itemIds: readonly string[],
  change: (item: Item) => Item,
  added: { readonly patterns?: Practice['patterns']; readonly sounds?: Practice['sounds'] },
): Practice {
  const items = practice.items.map((item) => (itemIds.includes(item.id) ? change(item) : item));
  const { patterns, sounds, ...rest } = practice;
  return { ...rest, items, ...layersCarried(items, layersWith({ patterns, sounds }, added)) };
}

/** A stay within its bounds: 1–600 s, or 1–36 breaths. */
const boundedStay = ({ sec, breaths, ...rest }: ItemStay): ItemStay =>
  breaths === undefined
    ? { ...rest, sec: clamp(sec ?? 1, 1, 600) }
    : { ...rest, breaths: clamp(Math.round(breaths), 1, 36) };

/** The named items once more after the last of them; what was done on one side first begins with the other. */
function anotherRound(practice: Practice, itemIds: readonly string[], order: 'same' | 'reversed'): Practice {
  const clip = clipOf(practice, itemIds);
  const last = practice.items.findLastIndex((item) => itemIds.includes(item.id));
  const items = clip.items.map((item) => ({ ...item, firstSide: otherSide(item.firstSide) }));
  return insert(practice, last + 1, {
    items: order === 'same' ? items : items.toReversed(),
    forms: clip.forms,
  });
}

function moveMany(practice: Practice, itemIds: readonly string[], toIndex: number): Practice {
  const moved = practice.items.filter((item) => itemIds.includes(item.id));
  if (moved.length === 0) return practice;
  const before = practice.items.slice(0, toIndex).filter((item) => !itemIds.includes(item.id));
  const after = practice.items.slice(Math.max(0, toIndex)).filter((item) => !itemIds.includes(item.id));
  return { ...practice, items: [...before, ...moved, ...after] };
}

/** A hinge between every two blocks where clearing meets nourishing, where none stands yet. */
function withHinges(practice: Practice, added: NewItem): Practice {
  let result = practice;
  for (let index = practice.items.length - 1; index > 0; index -= 1) {
    const [before, after] = [practice.items[index - 1], practice.items[index]];
    if (!before || !after || before.hinge || after.hinge) continue;
    const meet = [before.role, after.role].toSorted().join() === 'clear,nourish';
    if (!meet) continue;
    const hinge: Item = { ...itemFrom(result, { ...added, role: before.role }), hinge: true, repetitions: 1 };
    result = withForms(result, result.items.toSpliced(index, 0, hinge), added.form);
  }
  return result;
}

/**
 * The practice after an edit; the given one is left untouched. Repetitions move by the form's own step and
 * stay within 1…99, breath length within half to twice the pace. A change that would lay out more than a practice
 * can hold leaves it as it was. Throws RangeError for an unknown item.
 */
export function edit(practice: Practice, change: Edit): Practice {
  const next = changed(practice, change);
  return next !== practice && beyondBounds(next) && !beyondBounds(practice) ? practice : next;
}

// eslint-disable-next-line max-lines-per-function -- a flat exhaustive switch
function changed(practice: Practice, change: Edit): Practice {
  switch (change.kind) {
    case 'move':
      return move(practice, change.itemId, change.toIndex);
    case 'repetitions':
      return changeItem(practice, change.itemId, (item) => {
        const step = formOf(practice, item).repetitions.multipleOf;
        const repetitions = clamp(
          item.repetitions + step * change.steps,
          Math.min(step, item.repetitions),
          MOST_REPETITIONS,
        );
        return { ...item, repetitions };
      });
    case 'breath-length':
      return changeItem(practice, change.itemId, (item) => ({
        ...item,
        stretch: clamp(
          Math.round((item.stretch + BREATH_STEP * change.steps) * 1000) / 1000,
          LEAST_STRETCH,
          MOST_STRETCH,
        ),
      }));
    case 'remove': {
      const index = indexOf(practice, change.itemId);
      return withForms(practice, practice.items.toSpliced(index, 1));
    }
    case 'add':
      return withForms(
        practice,
        practice.items.toSpliced(
          clamp(change.at, 0, practice.items.length),
          0,
          itemFrom(practice, change.item),
        ),
        change.item.form,
      );
    case 'swap': {
      const index = indexOf(practice, change.itemId);
      return withForms(
        practice,
        practice.items.with(index, itemFrom(practice, change.item)),
        change.item.form,
      );
    }
    case 'variant':
      return changeItem(practice, change.itemId, (item) => {
        if (!hasVariant(formOf(practice, item), change.variant))
          throw new RangeError(`form "${item.formId}" has no ${change.variant} variant`);
        return { ...item, variant: change.variant };
      });
    case 'first-side':
      return changeItem(practice, change.itemId, (item) => ({ ...item, firstSide: change.side }));
    case 'familiarity':
      return changeItem(practice, change.itemId, (item) => ({ ...item, familiarity: change.familiarity }));
    case 'take-forms':
      return takeForms(practice, change.forms);
    case 'keep':
      return {
        ...practice,
        items: practice.items.map((item) =>
          change.itemIds.includes(item.id) ? withField(item, 'kept', change.kept || undefined) : item,
        ),
      };
    case 'quiet':
      return changeItem(practice, change.itemId, (item) =>
        withField(item, 'quietSec', clamp(change.quietSec, 0, 300) || undefined),
      );
    case 'stays':
      return changeItem(practice, change.itemId, (item) => {
        const stays = change.stays.filter(({ sec = 1, breaths = 1 }) => sec > 0 && breaths > 0);
        return withField(item, 'stays', stays.length === 0 ? undefined : stays.map(boundedStay));
      });
    case 'talk':
      return changeItem(practice, change.itemId, (item) =>
        withField(item, 'talkSec', within(change.talkSec, 0, 300)),
      );
    case 'first-factor':
      return changeItem(practice, change.itemId, (item) =>
        withField(item, 'firstFactor', within(change.factor, 1, 3)),
      );
    case 'side-order':
      return changeItem(practice, change.itemId, (item) => withField(item, 'sideOrder', change.order));
    case 'other-repetitions':
      return changeItem(practice, change.itemId, (item) => {
        const count = within(change.repetitions, 1, MOST_REPETITIONS);
        return withField(item, 'otherRepetitions', count === item.repetitions ? undefined : count);
      });
    case 'for-seconds':
      return changeItem(practice, change.itemId, (item) =>
        withField(item, 'forSec', within(change.sec, 3, 1800)),
      );
    case 'station':
      return {
        ...practice,
        items: practice.items.map((item) =>
          change.itemIds.includes(item.id) ? withField(item, 'station', change.station || undefined) : item,
        ),
      };
    case 'breathing':
      return withLayers(practice, change.itemIds, (item) => withField(item, 'breathing', change.breathing), {
        patterns: change.own ? { [change.own.id]: change.own } : {},
      });
    case 'sound':
      return withLayers(practice, change.itemIds, (item) => withField(item, 'sound', change.sound), {
        sounds: change.own ? { [change.own.id]: change.own } : {},
      });
    case 'passage':
      return changeItem(practice, change.itemId, (item) =>
        withField(item, 'passage', change.passage.trim() || undefined),
      );
    case 'another-round':
      return anotherRound(practice, change.itemIds, change.order);
    case 'layers':
      return changeItem(practice, change.itemId, (item) =>
        withField(item, 'layers', change.layers.length === 0 ? undefined : [...change.layers]),
      );
    case 'seal':
      return changeItem(practice, change.itemId, (item) => withField(item, 'seal', change.seal));
    case 'image':
      return changeItem(practice, change.itemId, (item) =>
        withField(item, 'image', change.image.trim() || undefined),
      );
    case 'cue':
      return changeItem(practice, change.itemId, (item) => withCue(item, change.key, change.cue));
    case 'holds':
      return changeItem(practice, change.itemId, (item) => ({ ...item, omitHolds: change.omit }));
    case 'exhale':
      return changeItem(practice, change.itemId, (item) => ({ ...item, exhaleByMouth: change.byMouth }));
    case 'remove-many':
      return withForms(
        practice,
        practice.items.filter((item) => !change.itemIds.includes(item.id)),
      );
    case 'insert':
      return insert(practice, change.at, change.clip);
    case 'move-many':
      return moveMany(practice, change.itemIds, change.toIndex);
    case 'bookend': {
      const clip = clipOf(practice, change.itemIds);
      const first = clip.items[0];
      const last = practice.items.findLastIndex((item) => change.itemIds.includes(item.id));
      return first ? insert(practice, last + 1, { items: [first], forms: clip.forms }) : practice;
    }
    case 'hinges':
      return withHinges(practice, change.hinge);
    case 'order': {
      const ranked = change.itemIds.flatMap((id) => practice.items.filter((item) => item.id === id));
      let next = 0;
      return {
        ...practice,
        items: practice.items.map((item) =>
          change.itemIds.includes(item.id) ? (ranked[next++] ?? item) : item,
        ),
      };
    }
    case 'schools':
      return { ...practice, customs: change.customs };
    case 'wave':
      return {
        ...practice,
        waved: [
          ...(practice.waved ?? []).filter((one) => one.note !== change.note),
          { note: change.note, reason: change.reason.trim() },
        ],
      };
    case 'unwave':
      return { ...practice, waved: (practice.waved ?? []).filter((one) => one.note !== change.note) };
    case 'story':
      return { ...practice, story: rewritten(change.story, change.part, change.text) };
    case 'rename':
      return { ...practice, name: change.name };
    case 'together':
      return change.edits.reduce(edit, practice);
    default:
      return change satisfies never;
  }
}
