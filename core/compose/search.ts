import type { Role } from '../forms';
import type { SectionPlan } from './plan';

/** A form that may stand in a section, with its time as a straight line in its repetitions. */
export interface Candidate {
  readonly formId: string;
  readonly role: Role;
  readonly fit: number;
  /** Time with no repetition at all, and of each repetition, ms (the slower first one is in the base). */
  readonly baseMs: number;
  readonly perRepetitionMs: number;
  readonly least: number;
  readonly usual: number;
  readonly most: number;
  readonly step: number;
  /** Place within its section: earlier forms come first. */
  readonly order: number;
  readonly startStance: string;
  readonly endStance: string;
}

export interface Choice {
  readonly candidate: Candidate;
  readonly repetitions: number;
}

export interface SearchProblem {
  readonly totalMs: number;
  readonly sections: readonly SectionPlan[];
  readonly candidates: ReadonlyMap<Role, readonly Candidate[]>;
  /** How far the whole can be stretched or pressed afterwards, as a share of its time. */
  readonly elasticShare: number;
  readonly stanceChangeMs: number;
  /** Time spent on hinges, by the section they end. */
  readonly extraMs: ReadonlyMap<Role, number>;
}

export type Draft = ReadonlyMap<Role, readonly Choice[]>;

export interface SearchResult {
  readonly draft: Draft;
  readonly totalMs: number;
}

const timeOf = (choice: Choice): number =>
  choice.candidate.baseMs + choice.candidate.perRepetitionMs * choice.repetitions;

/** What one more form costs: fewer forms done properly are worth more than many touched on. */
const ITEM_COST = 0.9;

/** A section with what it contributes, so that a step only measures the section it changes. */
interface MeasuredSection {
  readonly choices: readonly Choice[];
  /** Time of the forms and of the stance changes within the section. */
  readonly ms: number;
  /** Doses, stance changes and number of forms, less the fit. */
  readonly cost: number;
  readonly firstStance: string | undefined;
  readonly lastStance: string | undefined;
}

function measureSection(
  choices: readonly Choice[],
  extraMs: number,
  stanceChangeMs: number,
): MeasuredSection {
  let ms = extraMs;
  let cost = choices.length * ITEM_COST;
  let stance: string | undefined;
  const fits: number[] = [];
  for (const choice of choices) {
    const { candidate, repetitions } = choice;
    ms += timeOf(choice);
    if (stance !== undefined && stance !== candidate.startStance) {
      ms += stanceChangeMs;
      cost += 0.25;
    }
    stance = candidate.endStance;
    const dose = (repetitions - candidate.usual) / candidate.usual;
    cost += dose * dose * 0.35;
    fits.push(candidate.fit);
  }
  // Each further form of a section counts for a little less.
  fits.sort((a, b) => b - a);
  for (let rank = 0; rank < fits.length; rank += 1)
    cost -= ((fits[rank] as number) / (1 + 0.25 * rank)) * 0.6;
  return { choices, ms, cost, firstStance: choices[0]?.candidate.startStance, lastStance: stance };
}

interface Measure {
  readonly cost: number;
  readonly totalMs: number;
}

/** What a draft costs as a whole: missing the minutes and the ranges weighs most, then shares, doses and fit. */
function measure(
  sections: readonly MeasuredSection[],
  problem: SearchProblem,
  changed: number,
  replacement: MeasuredSection | undefined,
): Measure {
  let totalMs = 0;
  let rangeMissMs = 0;
  let shareCost = 0;
  let cost = 0;
  let stance: string | undefined;
  for (let index = 0; index < sections.length; index += 1) {
    const section = index === changed && replacement ? replacement : (sections[index] as MeasuredSection);
    const plan = problem.sections[index] as SectionPlan;
    let ms = section.ms;
    if (stance !== undefined && section.firstStance !== undefined && stance !== section.firstStance) {
      ms += problem.stanceChangeMs;
      cost += 0.25;
    }
    stance = section.lastStance ?? stance;
    totalMs += ms;
    cost += section.cost;
    if (section.choices.length === 0) rangeMissMs += plan.targetMs;
    rangeMissMs += Math.max(0, plan.leastMs - ms) + Math.max(0, ms - plan.mostMs);
    shareCost += ((ms - plan.targetMs) / problem.totalMs) ** 2;
  }
  const offMs = Math.abs(totalMs - problem.totalMs);
  const missMs = Math.max(0, offMs - problem.totalMs * problem.elasticShare);
  cost +=
    ((missMs + rangeMissMs) / problem.totalMs) * 4000 + (offMs / problem.totalMs) * 20 + shareCost * 160;
  return { cost, totalMs };
}

/** How many of the best unused candidates are tried at each step. */
const WIDTH = 7;

const inOrder = (choices: readonly Choice[]): readonly Choice[] =>
  choices.toSorted((a, b) => a.candidate.order - b.candidate.order);

/** Every section one step away: a repetition more or less, a form more, less or exchanged. */
function* neighbours(choices: readonly Choice[], spare: readonly Candidate[]): Generator<readonly Choice[]> {
  for (let index = 0; index < choices.length; index += 1) {
    const { candidate, repetitions } = choices[index] as Choice;
    for (const next of [repetitions - candidate.step, repetitions + candidate.step]) {
      if (next < candidate.least || next > candidate.most) continue;
      yield choices.with(index, { candidate, repetitions: next });
    }
    if (choices.length > 1) yield choices.toSpliced(index, 1);
    for (const replacement of spare) {
      for (const count of new Set([replacement.usual, replacement.least]))
        yield inOrder(choices.with(index, { candidate: replacement, repetitions: count }));
    }
  }
  for (const added of spare) {
    for (const repetitions of new Set([added.usual, added.least]))
      yield inOrder([...choices, { candidate: added, repetitions }]);
  }
}

function firstDraft(problem: SearchProblem): readonly (readonly Choice[])[] {
  const used = new Set<string>();
  return problem.sections.map(({ role }) => {
    const candidate = (problem.candidates.get(role) ?? []).find((option) => !used.has(option.formId));
    if (!candidate) return [];
    used.add(candidate.formId);
    return [{ candidate, repetitions: candidate.usual }];
  });
}

/**
 * Steepest descent from a small first draft: takes the best single step until none helps. Sound rather than
 * optimal: whatever it returns is compiled and measured again before it is used.
 */
export function searchDraft(problem: SearchProblem): SearchResult {
  const measured = (index: number, choices: readonly Choice[]): MeasuredSection =>
    measureSection(
      choices,
      problem.extraMs.get((problem.sections[index] as SectionPlan).role) ?? 0,
      problem.stanceChangeMs,
    );
  const sections = firstDraft(problem).map((choices, index) => measured(index, choices));
  let now = measure(sections, problem, -1, undefined);
  for (let step = 0; step < 400; step += 1) {
    let best: { index: number; section: MeasuredSection; measure: Measure } | undefined;
    const used = new Set(
      sections.flatMap((section) => section.choices.map((choice) => choice.candidate.formId)),
    );
    problem.sections.forEach(({ role }, index) => {
      const spare = (problem.candidates.get(role) ?? [])
        .filter((candidate) => !used.has(candidate.formId))
        .slice(0, WIDTH);
      for (const choices of neighbours((sections[index] as MeasuredSection).choices, spare)) {
        const section = measured(index, choices);
        const next = measure(sections, problem, index, section);
        if (next.cost < (best?.measure.cost ?? now.cost) - 1e-9) best = { index, section, measure: next };
      }
    });
    if (!best) break;
    sections[best.index] = best.section;
    now = best.measure;
  }
  return {
    draft: new Map(
      problem.sections.map(({ role }, index) => [role, (sections[index] as MeasuredSection).choices]),
    ),
    totalMs: now.totalMs,
  };
}
