import type { AlmanacReading, CalendarSeason } from '@/core/almanac';
import type { Brief, GroupCalendar } from '@/core/brief';
import type { People } from '@/core/compose';
import type { Customs } from '@/core/customs';
import type { Form, OwnForms } from '@/core/forms';
import { historyOf, type History } from '@/core/log';
import type { ConditionId } from '@/core/people';
import type { OwnLayers, Practice } from '@/core/practice';
import type { Asked } from '@/workers/compose.worker';

export interface ComposeGroup extends GroupCalendar {
  /** Of the group, and of those expected at its next class. */
  readonly conditions: readonly ConditionId[];
  /** Forms that somebody expected there may not do. */
  readonly mayNot: readonly string[];
  /** Forms that many of those expected there like. */
  readonly likes: readonly string[];
}

/** What a practice is composed on: the day, the customs, the people, one's own forms, what the log tells. */
export interface Ground {
  readonly reading: AlmanacReading;
  /** The seed of a first draft: the day's own. */
  readonly firstSeed: number;
  /** Today's season by every calendar. */
  readonly today: readonly CalendarSeason[];
  readonly customs: Customs;
  readonly groups: readonly ComposeGroup[];
  /** Own forms and own words, which the composer chooses among too. */
  readonly own: OwnForms;
  /** Own breaths and sounds, likewise. */
  readonly layers: OwnLayers;
  /** What the log tells of those a practice may be for. */
  readonly history: History;
  readonly changedForms: readonly Form[];
  /** Names of all forms by id: what a brief leaves out is told by name. */
  readonly formNames: Readonly<Record<string, string>>;
}

/** Those a brief is for, as far as the composer may know them. */
export function peopleOf({ customs, groups, history }: Ground, groupId: string | null): People {
  const lately = historyOf(history, groupId);
  const group = groups.find(({ id }) => id === groupId);
  return {
    conditions: groupId === null ? customs.ownConditions : (group?.conditions ?? []),
    mayNot: group?.mayNot ?? [],
    likes: group?.likes ?? [],
    recent: lately.recent,
    known: lately.known,
    times: lately.times,
    given: lately.given,
    pace: history.pace,
    told: history.told,
  };
}

/** What the composer is asked for a brief, round what is kept in the practice as it stands. */
export function askedFor(ground: Ground, brief: Brief, seed: number, practice: Practice | undefined): Asked {
  const keptItems = practice?.items.filter((item) => item.kept && !item.hinge) ?? [];
  return {
    brief,
    customs: ground.customs,
    people: peopleOf(ground, brief.groupId),
    seed,
    own: ground.own,
    layers: ground.layers,
    story: practice?.story,
    ...(practice && keptItems.length > 0 ? { kept: { items: keptItems, forms: practice.forms } } : {}),
  };
}
