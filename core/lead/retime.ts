import { leastChange, type ChangeChoice } from '../compose/leastChange';
import { isEvenSet } from '../forms';
import { leastRepetitionsOf } from '../measures/doses';
import { placeIn } from './place';
import { takesTurns, withChanges, type LeadChange } from './changes';
import { compile, formOf, type Item, type Practice, type Timeline, type TimelineEvent } from '../practice';

/**
 * Fits what is left of a class into the time that is left: exact over all choices to the second, and with the least change.
 * First repetitions go, evenly on both sides and equally in a set, down to the least that is still felt; then a hinge, a
 * form that is only accepted, one that is named first, the last of a section. Arrival, loosening, gathering and closing are
 * never left out, gathering and closing not touched, what is begun is finished evenly, and what is quiet after a form stays
 * with it (common practice).
 */

/** What a class is led through, and where it stands. */
export interface Standing {
  readonly practice: Practice;
  readonly timeline: Timeline;
  readonly positionMs: number;
  /** What changes sooner than this is left as it is, ms: it could not be read before it must be decided. */
  readonly noticeMs?: number;
}

/** How the leader steers what is proposed. */
export interface Steering {
  /** Items that stay as they are. */
  readonly keep?: ReadonlySet<string>;
  /** Items where time is to be saved first. */
  readonly spare?: ReadonlySet<string>;
}

export interface Retimed {
  readonly changes: readonly LeadChange[];
  /** How much longer than asked what is left takes then, ms; less than nothing where it is shorter. */
  readonly offMs: number;
  /** By what share breaths grow longer, or shorter, in what is breathed freely. */
  readonly breathShare: number;
  /** Till when it must be decided, ms of the timeline as it is; nothing where nothing changes. */
  readonly decideByMs: number | undefined;
}

interface Choice extends ChangeChoice {
  readonly changes: readonly LeadChange[];
}

/** A repetition more or less; many on one form cost more than few on several. */
const stepCost = (steps: number): number => steps + 0.05 * steps * steps;
/** A set done unlike its members that are done already. */
const UNEQUAL_COST = 60;
/** Leaving out: no number of repetitions outweighs it; a hinge least, what is named first most, and a whole section more. */
const LEAVE_COST = { hinge: 300, filler: 1000, accepted: 1200, named: 1600, lastOfSection: 500 } as const;
const SPARED_COST = 0.01;
/** The breath of what is left may be made this much longer or shorter. */
const BREATH_SHARE = 0.06;
const MOST_STEPS = 12;
/** A few seconds that nothing fills are quiet, at most so long, ms. */
const MOST_QUIET_MS = 25_000;
/** So long it takes to read what would change, ms; where nothing fits otherwise, what comes sooner is changed too. */
const NOTICE_MS = 8000;
/** So near to the end a class is on time, ms. */
const ON_TIME_MS = 5000;
/** Near enough to the end that was asked for, ms. */
const NEAR_MS = 700;

const isAnchor = ({ role }: Item): boolean => role === 'gather' || role === 'close';

/** What has a count to give: not what is said, timed, taught in steps, or done unequally on purpose. */
const isCounted = (item: Item): boolean =>
  item.forSec === undefined &&
  item.passage === undefined &&
  item.lesson === undefined &&
  item.otherRepetitions === undefined &&
  item.layers === undefined;

/** The length of an item alone, by its repetitions: what is done three times tells how long each further one is. */
function lengthOf(practice: Practice, item: Item): (repetitions: number) => number {
  const at = (repetitions: number): number =>
    compile({ ...practice, items: [{ ...item, repetitions }] }).totalMs;
  const [one, two, three] = [at(1), at(2), at(3)];
  return (repetitions) =>
    repetitions === 0 ? 0 : repetitions === 1 ? one : two + (repetitions - 2) * (three - two);
}

interface Left {
  readonly item: Item;
  readonly length: (repetitions: number) => number;
  readonly least: number;
  readonly most: number;
  readonly step: number;
}

function leftOf(practice: Practice, item: Item): Left {
  const form = formOf(practice, item);
  const length = lengthOf(practice, item);
  const { least, most, multipleOf } = form.repetitions;
  const eachSec = (length(3) - length(2)) / 1000;
  return {
    item,
    length,
    least: Math.min(item.repetitions, Math.max(least, leastRepetitionsOf(form, item.role, eachSec))),
    most: Math.max(item.repetitions, most),
    step: multipleOf,
  };
}

/** The event a class is at. */
const eventOf = ({ timeline, positionMs }: Standing): TimelineEvent | undefined =>
  timeline.events.findLast(({ startMs }) => startMs <= positionMs) ?? timeline.events[0];

/**
 * How long what is left of the item a class is in takes with another count, ms. A count of one may be shown otherwise than
 * more of them, so that what is behind changes too: it is placed anew rather than added up.
 */
function restWith(standing: Standing, { item, length }: Left): (repetitions: number) => number {
  const { practice, timeline, positionMs } = standing;
  const span = timeline.items.find(({ itemId }) => itemId === item.id);
  const restMs = (span?.startMs ?? 0) + (span?.lengthMs ?? 0) - positionMs;
  if (eventOf(standing)?.kind === 'stance')
    return (repetitions) => Math.max(0, restMs + length(repetitions) - length(item.repetitions));
  const placed = (repetitions: number): number => {
    const alone = compile({ ...practice, items: [{ ...item, repetitions }] });
    return alone.totalMs - placeIn(timeline, positionMs, alone);
  };
  const from = Math.max(2, eventOf(standing)?.repetition ?? 0);
  const [some, more] = [placed(from), placed(from + 1)];
  return (repetitions) => {
    if (repetitions === item.repetitions) return restMs;
    return repetitions === 1 ? placed(1) : some + (repetitions - from) * (more - some);
  };
}

/** What the item the class is in can still become: it is finished evenly, after the repetition that is begun at the soonest. */
function choicesNow(standing: Standing, left: Left, spared: boolean): readonly Choice[] {
  const { item, most } = left;
  const event = eventOf(standing);
  if (!event) return [];
  const rest = restWith(standing, left);
  const at = (to: number): Choice => ({
    ms: rest(to),
    cost: to === item.repetitions ? 0 : spared ? SPARED_COST : stepCost(Math.abs(to - item.repetitions)),
    changes: to === item.repetitions ? [] : [{ itemId: item.id, repetitions: to }],
  });
  const isOver = event.kind === 'settle' || event.part === 'exit' || event.pass > 0;
  const isFixed = !isCounted(item) || isAnchor(item) || item.kept === true;
  const canStop = !isFixed && (!isOver || (event.pass > 0 && takesTurns(standing.timeline, item.id)));
  if (!canStop) return [at(item.repetitions)];
  const endOf = (repetition: number): number => {
    const last = standing.timeline.events.findLast(
      (one) => one.itemId === item.id && one.repetition === repetition,
    );
    return last ? last.startMs + last.lengthMs - standing.positionMs : Infinity;
  };
  const choices: Choice[] = [];
  for (let to = Math.max(1, event.repetition); to <= Math.min(most, item.repetitions + MOST_STEPS); to += 1)
    if (to === item.repetitions || endOf(Math.min(to, item.repetitions)) >= (standing.noticeMs ?? 0))
      choices.push(at(to));
  return choices.some(({ changes }) => changes.length === 0) ? choices : [...choices, at(item.repetitions)];
}

/** Whether an item begins before a change of it could be read. */
const isTooSoon = ({ timeline, positionMs, noticeMs = 0 }: Standing, { id }: Item): boolean =>
  (timeline.items.find(({ itemId }) => itemId === id)?.startMs ?? 0) - positionMs < noticeMs;

/** What an item leaves behind when it is left out. */
function leaveCost({ practice }: Standing, item: Item): number | undefined {
  const isAsked = practice.brief.pins?.some(({ formId }) => formId === item.formId) === true;
  if (isAnchor(item) || item.role === 'arrive' || item.role === 'loosen' || isAsked || item.lesson)
    return undefined;
  if (item.hinge) return LEAVE_COST.hinge;
  const rank = item.reasons.find((reason) => reason.code === 'known-for')?.rank;
  const isLast = practice.items.filter(({ role, hinge }) => role === item.role && !hinge).length === 1;
  return LEAVE_COST[rank ?? 'filler'] + (isLast ? LEAVE_COST.lastOfSection : 0);
}

/** What one item that is still to come can become. */
function choicesLater(standing: Standing, left: Left, spared: boolean): readonly Choice[] {
  const { item, length, least, most, step } = left;
  const as = (repetitions: number, cost: number): Choice => ({
    ms: length(repetitions),
    cost,
    changes: repetitions === item.repetitions ? [] : [{ itemId: item.id, repetitions }],
  });
  const choices = [as(item.repetitions, 0)];
  if (isAnchor(item) || item.kept || isTooSoon(standing, item)) return choices;
  for (let steps = 1; isCounted(item) && steps <= MOST_STEPS; steps += 1)
    for (const to of [item.repetitions - steps * step, item.repetitions + steps * step])
      if (to >= least && to <= most) choices.push(as(to, spared ? SPARED_COST * steps : stepCost(steps)));
  const leaving = leaveCost(standing, item);
  if (leaving !== undefined) choices.push(as(0, spared ? 1 : leaving));
  return choices;
}

/** The set an item is a member of; nothing where it stands alone. */
const setOf = (item: Item): string | undefined =>
  item.reasons.find((reason) => reason.code === 'of-the-set')?.set;

/**
 * What one more or less is for each member of a set, and how often it is done at the least, as it is counted. Where time is
 * short that is twice, of a sound three times (common practice); in a round that is even in all, once on each side of
 * what has two is twice of what has none.
 */
function countingOf({ practice }: Standing, set: string, members: readonly Left[]) {
  const isSided = ({ item }: Left): boolean => formOf(practice, item).sides !== 'symmetric';
  const isMixed = isEvenSet(set) && members.some(isSided);
  return {
    step: (member: Left): number => (isMixed && !isSided(member) ? 2 : 1),
    least: (member: Left): number => {
      const isSound = formOf(practice, member.item).soundOrgan !== undefined;
      return Math.min(member.item.repetitions, isSound ? 3 : isMixed && isSided(member) ? 1 : 2);
    },
  };
}

/**
 * What the members of a set that are still to come can become: all by as much, down to the least of each; where that is
 * too coarse, the last of them by one less.
 */
function choicesOfSet(
  standing: Standing,
  set: string,
  members: readonly Left[],
  isBegun: boolean,
): readonly Choice[] {
  const { step, least } = countingOf(standing, set, members);
  const by = (steps: number, fewer: number): Choice | undefined => {
    const to = members.map((member, index) => ({
      member,
      repetitions: Math.max(
        least(member),
        member.item.repetitions + step(member) * (steps - (index >= members.length - fewer ? 1 : 0)),
      ),
    }));
    if (to.some(({ member, repetitions }) => repetitions > member.most)) return undefined;
    const changes = to.flatMap(({ member, repetitions }) =>
      repetitions === member.item.repetitions ? [] : [{ itemId: member.item.id, repetitions }],
    );
    const isUnequal = fewer > 0 || (isBegun && steps !== 0);
    return {
      ms: to.reduce((sum, { member, repetitions }) => sum + member.length(repetitions), 0),
      cost:
        changes.length === 0
          ? 0
          : members.length * stepCost(Math.abs(steps)) + fewer + (isUnequal ? UNEQUAL_COST : 0),
      changes,
    };
  };
  return Array.from({ length: 2 * MOST_STEPS + 1 }, (_, index) => index - MOST_STEPS)
    .flatMap((steps) => members.map((_, fewer) => by(steps, fewer)))
    .filter((choice) => choice !== undefined);
}

/** Every choice there is in what is left, a row for each item or set. */
function rowsOf(standing: Standing, steering: Steering): readonly (readonly Choice[])[] {
  const { practice, timeline } = standing;
  const at = eventOf(standing)?.itemIndex ?? 0;
  const nowId = timeline.items[at]?.itemId;
  const index = practice.items.findIndex(({ id }) => id === nowId);
  const sets = new Map<string, Left[]>();
  const rows: (readonly Choice[])[] = [];
  practice.items.slice(Math.max(0, index)).forEach((item, place) => {
    const left = leftOf(practice, item);
    const isKept = steering.keep?.has(item.id) === true;
    const spared = steering.spare?.has(item.id) === true;
    const set = setOf(item);
    const choices = place === 0 ? choicesNow(standing, left, spared) : choicesLater(standing, left, spared);
    if (isKept) rows.push(choices.filter(({ changes }) => changes.length === 0));
    else if (set !== undefined && place > 0 && isCounted(item) && !item.kept && !isTooSoon(standing, item))
      sets.set(set, [...(sets.get(set) ?? []), left]);
    // A member of a set that is being done is not changed against the others.
    else if (set !== undefined) rows.push(choices.filter(({ changes }) => changes.length === 0));
    else rows.push(choices);
  });
  for (const [set, members] of sets) {
    const isBegun = practice.items.slice(0, index + 1).some((item) => setOf(item) === set);
    rows.push(choicesOfSet(standing, set, members, isBegun));
  }
  return rows;
}

/** How long what is left takes with some changes, ms: by laying it out, not by adding up. */
const restOf = ({ practice, timeline, positionMs }: Standing, changes: readonly LeadChange[]): number => {
  const changed = compile(withChanges(practice, changes));
  return changed.totalMs - placeIn(timeline, positionMs, changed);
};

/** What of a plan may be breathed slower or quicker: what is neither begun nor gathers nor closes, and its strokes, ms. */
function freeIn(
  standing: Standing,
  changes: readonly LeadChange[],
  keep: ReadonlySet<string>,
): { readonly items: readonly Item[]; readonly strokesMs: number } {
  const changed = withChanges(standing.practice, changes);
  const now = eventOf(standing)?.itemId;
  const from = changed.items.findIndex(({ id }) => id === now);
  const items = changed.items.filter(
    (item, index) =>
      index > from &&
      !isAnchor(item) &&
      !item.kept &&
      !keep.has(item.id) &&
      !item.passage &&
      !isTooSoon(standing, item),
  );
  const ids = new Set(items.map(({ id }) => id));
  const strokesMs = compile(changed)
    .events.filter(({ kind, itemId }) => kind === 'stroke' && ids.has(itemId))
    .reduce((sum, { lengthMs }) => sum + lengthMs, 0);
  return { items, strokesMs };
}

/** Longer or shorter breaths for what is left of the difference, in what is free. */
function breathed(
  standing: Standing,
  changes: readonly LeadChange[],
  targetMs: number,
  keep: ReadonlySet<string>,
): { readonly changes: readonly LeadChange[]; readonly share: number } {
  const { items: free, strokesMs } = freeIn(standing, changes, keep);
  if (strokesMs === 0) return { changes, share: 0 };
  const stretched = (share: number): readonly LeadChange[] => {
    const told = new Map(changes.map((change) => [change.itemId, change]));
    for (const { id, repetitions, stretch } of free)
      told.set(id, { itemId: id, repetitions, stretch: Math.round(stretch * (1 + share) * 1000) / 1000 });
    return [...told.values()];
  };
  let share = 0;
  for (let round = 0; round < 4; round += 1) {
    const offMs = targetMs - restOf(standing, share === 0 ? changes : stretched(share));
    if (Math.abs(offMs) <= NEAR_MS) break;
    share = Math.min(BREATH_SHARE, Math.max(-BREATH_SHARE, share + offMs / strokesMs));
  }
  const fitted = share === 0 ? changes : stretched(share);
  const shortMs = targetMs - restOf(standing, fitted);
  const last = free.at(-1);
  if (!last || shortMs <= NEAR_MS || shortMs > MOST_QUIET_MS) return { changes: fitted, share };
  // A few seconds too many are quiet before it is gathered.
  const told = fitted.find(({ itemId }) => itemId === last.id);
  const quietSec = Math.round((last.quietSec ?? 0) + shortMs / 1000);
  return {
    changes: [
      ...fitted.filter((change) => change !== told),
      { itemId: last.id, repetitions: last.repetitions, ...told, quietSec },
    ],
    share,
  };
}

/**
 * Over the end each second weighs more than any form; short of it a little, so that what room there is is used. Within
 * `slackMs` the breath makes up for it.
 */
function endCostFor(targetMs: number, slackMs: number): (ms: number) => number {
  return (ms) => {
    const offMs = ms - targetMs;
    if (offMs > slackMs) return 1e6 + offMs;
    if (offMs < -slackMs) return 40 + (2 * (-offMs - slackMs)) / 1000;
    return (0.3 * Math.abs(offMs)) / 1000;
  };
}

/** Till when it must be decided: the end of the repetition that would be the last, or the beginning of what changes first. */
function decideBy(standing: Standing, changes: readonly LeadChange[]): number | undefined {
  const { timeline, positionMs } = standing;
  const moments = changes.flatMap(({ itemId, repetitions }) => {
    const span = timeline.items.find((one) => one.itemId === itemId);
    if (!span) return [];
    if (span.startMs > positionMs) return [span.startMs];
    // Of what is done on one side and then on the other the first side says how often: on the second it is settled.
    const isEither = takesTurns(timeline, itemId);
    const last = timeline.events.findLast(
      (event) =>
        event.itemId === itemId &&
        event.repetition > 0 &&
        event.repetition <= repetitions &&
        (isEither || event.pass === 0),
    );
    return last ? [last.startMs + last.lengthMs] : [];
  });
  return moments.length === 0 ? undefined : Math.min(...moments);
}

/** How often lengths that were only added up are put right by those that are laid out. */
const ROUNDS = 4;

function fitted(standing: Standing, targetMs: number, steering: Steering): Retimed {
  const { timeline, positionMs } = standing;
  const leftMs = timeline.totalMs - positionMs;
  const wantedMs = Math.max(0, targetMs);
  if (Math.abs(leftMs - wantedMs) <= NEAR_MS)
    return { changes: [], offMs: leftMs - wantedMs, breathShare: 0, decideByMs: undefined };
  const rows = rowsOf(standing, steering);
  const addedMs = rows.reduce(
    (sum, choices) => sum + (choices.find(({ changes }) => changes.length === 0)?.ms ?? 0),
    0,
  );
  const keep = steering.keep ?? new Set<string>();
  const slackMs = 0.8 * BREATH_SHARE * freeIn(standing, [], keep).strokesMs;
  let aimMs = wantedMs;
  let best: Retimed | undefined;
  for (let round = 0; round < ROUNDS; round += 1) {
    const chosen = leastChange(rows, {
      fromMs: Math.max(0, leftMs - addedMs),
      mostMs: Math.max(leftMs, aimMs) * 1.1 + 60_000,
      endCost: endCostFor(aimMs, slackMs),
    });
    const counted = (chosen ?? []).flatMap(({ changes }) => changes);
    const { changes, share } = breathed(standing, counted, wantedMs, keep);
    const offMs = restOf(standing, changes) - wantedMs;
    if (!best || Math.abs(offMs) < Math.abs(best.offMs) - NEAR_MS)
      best = { changes, offMs, breathShare: share, decideByMs: decideBy(standing, changes) };
    if (Math.abs(offMs) <= NEAR_MS) break;
    aimMs = Math.max(0, aimMs - (restOf(standing, counted) - wantedMs));
  }
  return best ?? { changes: [], offMs: leftMs - wantedMs, breathShare: 0, decideByMs: undefined };
}

/** What of a class is left, fitted into `targetMs` from now; nothing is changed where it fits already. */
export function retime(standing: Standing, targetMs: number, steering: Steering = {}): Retimed {
  const readable = fitted({ noticeMs: NOTICE_MS, ...standing }, targetMs, steering);
  if (Math.abs(readable.offMs) <= ON_TIME_MS) return readable;
  const atOnce = fitted({ ...standing, noticeMs: 0 }, targetMs, steering);
  return Math.abs(atOnce.offMs) < Math.abs(readable.offMs) ? atOnce : readable;
}
