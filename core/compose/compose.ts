import { ROLES, type Form, type Role } from '../forms';
import type { Brief } from '../brief';
import { point } from '../channels';
import { compile, layersCarried, type Item, type Practice, type Timeline } from '../practice';
import { conflictOf, type Help, type Wish } from './conflict';
import { hingeItem, modelOf, type Model } from './model';
import { practiceCustoms } from './items';
import type { Asking, ItemDraft } from './asking';
import { obstaclesOf, pinsInTheWay, type Obstacle } from './obstacles';
import { solve, type Before, type Progress, type Selection } from './solver';
import { roundDoses, type RoundDose } from './rounds';
import { rangeOfRole } from './shapes';
import { storyOf } from '../story';
import { gapScale, toleranceMs, type Proof } from './tolerance';

/** A finished draft, with how good it is and how sure that is. */
export interface Composed {
  readonly ok: true;
  readonly practice: Practice;
  readonly timeline: Timeline;
  readonly proof: Proof;
}

export interface Impossible {
  readonly ok: false;
  readonly obstacles: readonly Obstacle[];
  /** The smallest set of wishes that cannot stand together; empty where the repertoire itself is too small. */
  readonly wishes: readonly Wish[];
  readonly helps: readonly Help[];
}

export type ComposeResult = Composed | Impossible;

/** Items and forms of a selection, in order, with the hinges between blocks. */
function assemble(model: Model, selection: Selection, seed: number): Practice {
  const { asking } = model;
  const items: Item[] = [];
  const forms = new Map<string, Form>();
  const taken = new Set(asking.kept?.items.map((item) => item.id));
  const add = (form: Form, item: ItemDraft, repetitions: number): void => {
    let number = items.length + 1;
    while (taken.has(`${form.id}-${number}`)) number += 1;
    const id = `${form.id}-${number}`;
    taken.add(id);
    forms.set(form.id, form);
    items.push({ ...item, id, repetitions });
  };
  selection.forEach((picks, at) => {
    for (const pick of picks) {
      const meaning = model.meanings[at]?.[pick.candidate];
      const way = meaning?.ways[pick.option];
      if (!meaning || !way) continue;
      if (meaning.kept) {
        forms.set(meaning.form.id, meaning.form);
        items.push({ ...meaning.kept, kept: true });
      } else add(meaning.form, { ...way.item, stretch: way.item.stretch * way.stretch }, way.repetitions);
    }
    const section = model.plan[at];
    if (section?.hinge && model.hinge) add(model.hinge.form, hingeItem(asking, model.hinge, section.role), 1);
  });
  return {
    name: 'Untitled practice',
    brief: asking.brief,
    customs: practiceCustoms(asking),
    seed,
    items,
    forms: Object.fromEntries(forms),
    story: storyOf({
      brief: asking.brief,
      virtueSchool: asking.customs.virtueSchool,
      ownVirtues: asking.customs.ownVirtues,
      seed,
      given: asking.people.given,
      formName: (id) => forms.get(id)?.name ?? id,
      pointNamed: point,
      former: asking.story,
    }),
    ...layersCarried(items, asking.layers),
  };
}

/** The breath gives where it can; what keeps its pace whatever it is asked leaves more to the others, round by round. */
const SETTLING_ROUNDS = 8;
const SLOWEST = 1.3;
const QUICKEST = 0.78;

/** Lengthens or shortens every breath by the same small share, so that the whole ends on time. What is kept keeps its breath. */
export function settle(
  practice: Practice,
  targetMs: number,
): { readonly practice: Practice; readonly timeline: Timeline } {
  let settled = practice;
  let timeline = compile(practice);
  const free = new Set(practice.items.filter((item) => !item.kept).map((item) => item.id));
  for (let round = 0; round < SETTLING_ROUNDS && Math.abs(timeline.totalMs - targetMs) > 400; round += 1) {
    const strokesMs = timeline.events
      .filter((event) => event.kind === 'stroke' && free.has(event.itemId))
      .reduce((sum, event) => sum + event.lengthMs, 0);
    if (strokesMs === 0) break;
    const factor = (strokesMs + targetMs - timeline.totalMs) / strokesMs;
    settled = {
      ...settled,
      items: settled.items.map((item) =>
        free.has(item.id)
          ? {
              ...item,
              stretch: Math.round(Math.min(SLOWEST, Math.max(QUICKEST, item.stretch * factor)) * 1000) / 1000,
            }
          : item,
      ),
    };
    timeline = compile(settled);
  }
  return { practice: settled, timeline };
}

const shareOf = (timeline: Timeline, role: Role): number =>
  timeline.sections
    .filter((section) => section.role === role)
    .reduce((sum, section) => sum + section.lengthMs, 0) / Math.max(1, timeline.totalMs);

/** The least share of a class that a role takes in the shape asked for. */
const leastShareOf = ({ asking: { brief, customs } }: Model, role: Role): number =>
  rangeOfRole(brief, role, customs.shapes).leastShare;

/** Whether the sections of a role take their share, measured on the finished timeline; so they do where there are none. */
function rangeKept(timeline: Timeline, model: Model, role: Role): boolean {
  const plans = model.plan.filter((section) => section.role === role);
  if (plans.length === 0) return true;
  const share = shareOf(timeline, role);
  const most = plans.reduce((sum, plan) => sum + plan.mostMs, 0);
  return share >= leastShareOf(model, role) && share * timeline.totalMs <= Math.max(most, 1) * 1.01;
}

const rangesKept = (timeline: Timeline, model: Model): boolean =>
  ROLES.every((role) => rangeKept(timeline, model, role));

const isOnTime = (timeline: Timeline, brief: Brief): boolean =>
  Math.abs(timeline.totalMs - brief.minutes * 60_000) <= toleranceMs(brief.minutes);

/** The practice of a selection, its breath settled; undefined where the clock does not come out as counted. */
export function finish(model: Model, progress: Progress): Composed | undefined {
  if (!progress.selection) return undefined;
  const { brief, seed } = model.asking;
  const settled = settle(assemble(model, progress.selection, seed), brief.minutes * 60_000);
  if (!isOnTime(settled.timeline, brief) || !rangesKept(settled.timeline, model)) return undefined;
  const { value, bound, proved } = progress;
  const scale = gapScale(brief.minutes, value);
  return { ok: true, ...settled, proof: { value, bound, proved, scale } };
}

/** How often a model is asked again when what was counted does not come out on the clock. */
const ATTEMPTS = 4;

/** What cannot be had is not looked for: a draft without it would be no answer. */
const attemptsFor = (model: Model): number => (pinsInTheWay(model).length > 0 ? 0 : ATTEMPTS);

/**
 * Time is counted in whole units, and what is rounded can add up: the model once more, asked for what was off
 * in all and for a unit more (or less) where a section fell out of its range.
 */
function retried(model: Model, selection: Selection): Model {
  const { brief, seed } = model.asking;
  const assembled = assemble(model, selection, seed);
  const { timeline } = settle(assembled, brief.minutes * 60_000);
  const off = isOnTime(timeline, brief)
    ? 0
    : Math.round((timeline.totalMs - brief.minutes * 60_000) / model.unitMs) || 1;
  const { problem } = model;
  const sections = problem.sections.map((section, at) => {
    const role = model.plan[at]?.role;
    if (!role) return section;
    const share = shareOf(timeline, role);
    const short = share < leastShareOf(model, role) ? 1 : 0;
    const long = short === 0 && !rangeKept(timeline, model, role) ? 1 : 0;
    return {
      ...section,
      leastUnits: section.leastUnits + short,
      mostUnits: Math.max(section.leastUnits + short, section.mostUnits - long),
    };
  });
  return { ...model, problem: { ...problem, sections, totalUnits: problem.totalUnits - off } };
}

/** What one search came to: the best it found on the clock, and what could not be had better. */
interface Searched {
  readonly best: Composed | undefined;
  readonly bound: number;
  /** Known to a search of the same kind that follows. */
  readonly before: Before | undefined;
}

/**
 * Looks for the best practice with every form of a round done so often; yields each better one than what is known
 * `before`, and `undefined` whenever there is time to look up.
 */
function* searchRound(
  asking: Asking,
  round: RoundDose | undefined,
  before: Before | undefined,
): Generator<Composed | undefined, Searched> {
  let model = modelOf(asking, round);
  const attempts = attemptsFor(model);
  const enough = asking.enough && asking.enough * gapScale(asking.brief.minutes, 0);
  for (let attempt = 0; attempt < attempts; attempt += 1) {
    let value = before?.above ?? -Infinity;
    let best: Composed | undefined;
    const search = solve(model.problem, enough, before);
    let step = search.next();
    for (;;) {
      if (step.value.selection && step.value.value > value) {
        value = step.value.value;
        best = finish(model, step.value) ?? best;
        yield best;
      } else yield undefined;
      if (step.done) break;
      step = search.next();
    }
    const { prices, bound } = step.value;
    const last = finish(model, step.value);
    if (last) return { best: last, bound, before: { above: last.proof.value, prices } };
    // The best on paper did not come out on time: the best that did stands, unproved.
    if (best)
      return {
        best: { ...best, proof: { ...best.proof, bound, proved: false } },
        bound,
        before: { above: best.proof.value, prices },
      };
    if (!step.value.selection) break;
    model = retried(model, step.value.selection);
  }
  return { best: undefined, bound: -Infinity, before };
}

/** A round is as even in all as can be had, or else as it is counted. */
const ROUNDS_OF = ['all', 'counted'] as const;

/** The best practice of an asking, step by step, at every number a round can be done; undefined where there is none. */
function* bestSteps(asking: Asking): Generator<Composed | undefined, Composed | undefined> {
  let best: Composed | undefined;
  let bound = -Infinity;
  let before: Before | undefined;
  const rounds = roundDoses(asking);
  for (const of of ROUNDS_OF) {
    if (best || (of === 'counted' && rounds[0] === undefined)) break;
    for (const round of of === 'all' ? rounds : roundDoses(asking, of)) {
      const searched: Searched = yield* searchRound(asking, round, before);
      bound = Math.max(bound, searched.bound);
      before = searched.before;
      best = searched.best ?? best;
    }
  }
  if (!best && rounds[0] === undefined) return undefined;
  if (!best) {
    // Where no number fits, a round that is not quite even is better than none.
    const uneven = yield* searchRound(asking, undefined, undefined);
    return uneven.best;
  }
  const { value, proved } = best.proof;
  return { ...best, proof: { ...best.proof, bound: Math.max(value, bound), proved } };
}

/**
 * Makes a practice step by step: yields each better draft as it is found, and `undefined` whenever there is
 * time to look up; returns the last, which is proved or says how far from the best it may be. A round is tried at
 * every number its forms can have in common, and the best of all stands.
 */
export function* composeSteps(asking: Asking): Generator<Composed | undefined, ComposeResult> {
  const best = yield* bestSteps(asking);
  return best ?? { ok: false, obstacles: obstaclesOf(modelOf(asking)), ...conflictOf(asking, firstDraft) };
}

/** The best practice of an asking, without asking what stands in the way where there is none. */
export function composeIfAny(asking: Asking): Composed | undefined {
  const steps = bestSteps(asking);
  for (;;) {
    const next = steps.next();
    if (next.done) return next.value;
  }
}

/** A round is asked for at so many numbers, where only one draft at all is wanted. */
const FIRST_ROUNDS = 3;

/** The draft that an asking leads to, if there is one: the first that is found, not the best. */
function firstDraft(asking: Asking): Composed | undefined {
  for (const of of ROUNDS_OF)
    for (const round of roundDoses(asking, of).slice(0, FIRST_ROUNDS)) {
      const draft = firstOfRound(asking, round);
      if (draft) return draft;
      // Without a round there is nothing else to try.
      if (round === undefined) return undefined;
    }
  return undefined;
}

function firstOfRound(asking: Asking, round: RoundDose | undefined): Composed | undefined {
  let model = modelOf(asking, round);
  const attempts = attemptsFor(model);
  for (let attempt = 0; attempt < attempts; attempt += 1) {
    let found: Selection | undefined;
    for (const progress of solve(model.problem)) {
      const done = finish(model, progress);
      if (done) return done;
      found = progress.selection ?? found;
    }
    if (!found) return undefined;
    model = retried(model, found);
  }
  return undefined;
}

/**
 * Makes a practice of what is asked, to the end of the search. Pure: the same asking gives the same practice.
 * The compiled length is within 1 % (or 10 s) of the minutes asked; sections stand in order and within their
 * ranges; no form stands twice but hinges and the steps of a lesson; joints are loosened before forms that
 * use them deeply; what the group must avoid is left out or softened. Where that cannot be done the obstacles
 * say what is in the way, the wishes which of them cannot stand together, and the helps what was tried and works.
 */
export function compose(asking: Asking): ComposeResult {
  const steps = composeSteps(asking);
  for (;;) {
    const next = steps.next();
    if (next.done) return next.value;
  }
}
