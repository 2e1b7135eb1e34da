import type { CalendarSeason } from '../almanac';
import type { Customs } from '../customs';
import {
  asksAsDone,
  cycleOf,
  entryOf,
  exitOf,
  quotedCue,
  organsOfForm,
  stanceOf,
  type Asks,
  type Form,
  type Stance,
  type Stroke,
} from '../forms';
import type { ConditionId } from '../people';
import type { OrganId } from '../phases';
import {
  formOf,
  layersOf,
  type Edit,
  type Item,
  type ItemSpan,
  type LayersOfItem,
  type Practice,
  type Timeline,
  type TimelineEvent,
} from '../practice';
import type { SourceId } from '../sources';
import type { RuleId } from './ruleIds';
import type { MendSaid, NoteSaid } from './said';

/** How strongly a note speaks: unsafe or impossible; against good practice; worth a thought. None ever blocks. */
export const NOTE_WEIGHTS = ['must', 'should', 'consider'] as const;
export type NoteWeight = (typeof NOTE_WEIGHTS)[number];

/** A change that would put right what a note speaks of. */
export type Mend =
  | { readonly kind: 'edits'; readonly said: MendSaid; readonly edits: readonly Edit[] }
  /** Brings the practice back to its minutes. */
  | { readonly kind: 'make-it-fit'; readonly said: MendSaid };

/** What a rule finds, before it is told which rule found it. */
export interface Finding {
  readonly weight: NoteWeight;
  /** The item it speaks of; nothing where it speaks of the whole. */
  readonly itemId?: string;
  /** Tells findings of one rule at one place apart, so that one can be waved aside and not the other. */
  readonly detail?: string;
  readonly said: NoteSaid;
  readonly mend?: Mend;
}

/** The people a practice is for, as far as the margin may know them. */
export interface ReviewPeople {
  readonly conditions: readonly ConditionId[];
  /** Forms that somebody among them may not do, whatever they ask. */
  readonly mayNot?: readonly string[] | undefined;
  /** Forms of their last classes, newest first. */
  readonly recent?: readonly (readonly string[])[];
  /** Forms they have met in any class. */
  readonly known?: readonly string[];
}

export interface ItemView {
  readonly index: number;
  readonly item: Item;
  readonly form: Form;
  readonly span: ItemSpan;
  readonly asks: Asks;
  /** What lies on its breath. */
  readonly layers: LayersOfItem;
  readonly stance: { readonly start: Stance; readonly end: Stance };
  readonly organs: readonly OrganId[];
  readonly events: readonly TimelineEvent[];
  /** Quiet after it, seconds. */
  readonly quietSec: number;
}

export interface ReviewContext {
  readonly practice: Practice;
  readonly timeline: Timeline;
  readonly customs: Customs;
  readonly people: ReviewPeople;
  /** Today's season by every calendar; nothing where the day is not known. */
  readonly today: readonly CalendarSeason[];
  readonly items: readonly ItemView[];
}

export interface Rule {
  readonly id: RuleId;
  readonly source: SourceId;
  readonly find: (context: ReviewContext) => readonly Finding[];
}

/** Everything the rules look at, worked out once. */
export function contextOf(
  practice: Practice,
  timeline: Timeline,
  customs: Customs,
  people: ReviewPeople,
  today: readonly CalendarSeason[],
): ReviewContext {
  return {
    practice,
    timeline,
    customs,
    people,
    today,
    items: practice.items.map((item, index) => {
      const form = formOf(practice, item);
      const span = timeline.items[index];
      if (!span) throw new RangeError(`the timeline has no item ${index}; it is of another practice`);
      return {
        index,
        item,
        form,
        span,
        asks: asksAsDone(form, item, practice.patterns),
        layers: layersOf(practice, item, form),
        stance: stanceOf(form, item.variant),
        organs: organsOfForm(form, practice.customs),
        events: timeline.events.slice(span.firstEvent, span.firstEvent + span.eventCount),
        quietSec: form.settleSec + (item.quietSec ?? 0),
      };
    }),
  };
}

/** Words of an item: its announcement, its image, or those of a stroke. */
export interface CueSaid {
  readonly key: string;
  readonly cue: string;
  /** As it is quoted in a note. */
  readonly said: string;
  readonly own: boolean;
  readonly breath: Stroke['breath'] | undefined;
  /** What the form itself says there, as it is done. */
  readonly written: string;
}

/** Every cue an item really says, with the stroke it is said on: its own words where it has them. */
export function cuesOf({ item, form }: ItemView): readonly CueSaid[] {
  const parts = {
    entry: entryOf(form, item.variant),
    cycle: cycleOf(form, item.variant),
    exit: exitOf(form, item.variant),
  };
  const setup = item.cues?.setup;
  return [
    { key: 'setup', cue: setup ?? '', own: setup !== undefined, breath: undefined, written: '' },
    { key: 'image', cue: item.image ?? '', own: true, breath: undefined, written: '' },
    ...Object.entries(parts).flatMap(([part, strokes]) =>
      strokes.map((stroke, index) => {
        const key = `${part}-${index}`;
        const own = item.cues?.[key];
        const { breath, cue: written } = stroke;
        return { key, cue: own ?? written, own: own !== undefined, breath, written };
      }),
    ),
  ]
    .filter(({ cue }) => cue !== '')
    .map((one) => ({ ...one, said: quotedCue(one.cue, form) }));
}

/** What somebody has written for an item in their own words: announcement and strokes. An image is no instruction. */
export const ownWordsOf = (view: ItemView): readonly CueSaid[] =>
  cuesOf(view).filter(({ own, key }) => own && key !== 'image');

/** Back to the form's own words, where they are given up for others. */
export const ownWordsMend = (itemId: string, key: string): Mend => ({
  kind: 'edits',
  said: { code: 'own-words' },
  edits: [{ kind: 'cue', itemId, key, cue: '' }],
});
