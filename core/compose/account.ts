import type { StrengthId } from '../customs';
import { layersWith, type Item, type Practice, type Reason } from '../practice';
import { factorOf } from './weights';
import { modelOf, type Meaning, type Model } from './model';
import type { Asking } from './asking';
import type { CounterMeaning } from './counters';
import { pairCost, valueOf, worthOf, type Candidate, type Pick, type Selection } from './solver';

/** Under which heading what a counter tells is told. */
const STRENGTH_OF: Readonly<Record<Exclude<CounterMeaning['kind'], 'target'>, StrengthId>> = {
  twins: 'twins',
  again: 'twins',
  region: 'arc',
  home: 'arc',
  moved: 'arc',
  named: 'theme',
  within: 'arc',
  sound: 'sounds',
  'new-forms': 'variety',
  returning: 'variety',
  joints: 'economy',
  forms: 'economy',
};

/** What a form brings a draft under one heading, in points; less than 0 where it costs. */
export interface Contribution {
  readonly strength: StrengthId;
  readonly points: number;
  readonly reasons: readonly Reason[];
}

export interface ItemAccount {
  readonly itemId: string;
  readonly contributions: readonly Contribution[];
  /** What the draft would be worth less without the form (not counting the minutes it fills). */
  readonly points: number;
}

/** An item's place in the model of its practice. */
interface Placed {
  readonly at: number;
  readonly pick: Pick;
}

/**
 * The model in which a practice, as it stands, is one of the selections: its items are kept and the rest is
 * free. Where each item stands in it comes along; hinges stand nowhere.
 */
export function modelAround(
  asking: Asking,
  practice: Practice,
): { readonly model: Model; readonly places: ReadonlyMap<string, Placed> } {
  const items = practice.items.filter((item) => !item.hinge);
  // Nothing else is chosen from: the model of what there is, quickly made.
  const layers = layersWith(asking.layers, practice);
  const model = modelOf({ ...asking, layers, repertoire: [], kept: { items, forms: practice.forms } });
  const places = new Map<string, Placed>();
  model.meanings.forEach((list, at) =>
    list.forEach((meaning, candidate) => {
      if (meaning.kept) places.set(meaning.kept.id, { at, pick: { candidate, option: 0 } });
    }),
  );
  return { model, places };
}

/** The practice as a selection of its own model. */
export const selectionOf = (model: Model): Selection =>
  model.meanings.map((list) =>
    list.flatMap((meaning, candidate) => (meaning.kept ? [{ candidate, option: 0 }] : [])),
  );

const candidateAt = (model: Model, at: number, pick: Pick | undefined): Candidate | undefined =>
  pick && model.problem.sections[at]?.candidates[pick.candidate];

function neighbourPoints(
  model: Model,
  selection: Selection,
  at: number,
  index: number,
): { stance: number; rest: number } {
  const picks = selection[at] ?? [];
  const before =
    candidateAt(model, at, picks[index - 1]) ?? candidateAt(model, at - 1, selection[at - 1]?.at(-1));
  const after =
    candidateAt(model, at, picks[index + 1]) ?? candidateAt(model, at + 1, selection[at + 1]?.[0]);
  const own = candidateAt(model, at, picks[index]);
  if (!own) return { stance: 0, rest: 0 };
  const change = (a: Candidate | undefined, b: Candidate | undefined): number =>
    a && b && a.endStance !== b.startStance ? model.problem.stanceCost : 0;
  const tiring = (a: Candidate | undefined, b: Candidate | undefined): number =>
    a && b ? pairCost(model.problem, a, b) - change(a, b) : 0;
  const inSection = (pick: Candidate | undefined, place: number): Candidate | undefined =>
    picks[place] ? pick : undefined;
  return {
    stance: change(before, after) - change(before, own) - change(own, after),
    rest: -tiring(inSection(before, index - 1), own) - tiring(own, inSection(after, index + 1)),
  };
}

function addTo(
  sums: Map<StrengthId, { points: number; reasons: Reason[] }>,
  strength: StrengthId,
  points: number,
  reasons: readonly Reason[] = [],
): void {
  const row = sums.get(strength) ?? { points: 0, reasons: [] };
  row.points += points;
  for (const reason of reasons)
    if (!row.reasons.some((one) => JSON.stringify(one) === JSON.stringify(reason))) row.reasons.push(reason);
  sums.set(strength, row);
}

function contributionsOf(
  model: Model,
  selection: Selection,
  at: number,
  index: number,
  counts: readonly number[],
): readonly Contribution[] {
  const pick = selection[at]?.[index];
  const meaning: Meaning | undefined = pick && model.meanings[at]?.[pick.candidate];
  const candidate = candidateAt(model, at, pick);
  if (!meaning || !candidate || !pick) return [];
  const { customs } = model.asking;
  const sums = new Map<StrengthId, { points: number; reasons: Reason[] }>();
  const way = meaning.ways[pick.option];
  for (const part of [...meaning.parts, ...(way?.layers ?? [])])
    addTo(
      sums,
      part.strength,
      part.points * factorOf(customs, part.strength),
      part.reason ? [part.reason] : [],
    );
  for (const counter of candidate.counts) {
    const row = model.problem.counters[counter];
    const meant = model.counters[counter];
    if (!row || !meant) continue;
    const count = counts[counter] ?? 0;
    const points = worthOf(row, count) - worthOf(row, count - 1);
    if (meant.kind === 'target')
      addTo(sums, meant.target.strength, points, meant.target.reachOf(meaning.form)?.reasons ?? []);
    else addTo(sums, STRENGTH_OF[meant.kind], points);
  }
  if (way) addTo(sums, 'dose', way.dose * factorOf(customs, 'dose'));
  const { stance, rest } = neighbourPoints(model, selection, at, index);
  addTo(sums, 'stance', stance);
  addTo(sums, 'rest', rest);
  return [...sums]
    .map(([strength, { points, reasons }]): Contribution => ({ strength, points, reasons }))
    .filter(({ points, reasons }) => Math.abs(points) >= 0.05 || reasons.length > 0)
    .toSorted((a, b) => Math.abs(b.points) - Math.abs(a.points));
}

/** What every item of a practice brings it, in the model's own terms. Hinges bring nothing of their own. */
export function accountOf(asking: Asking, practice: Practice): readonly ItemAccount[] {
  const { model, places } = modelAround(asking, practice);
  const selection = selectionOf(model);
  const counts = model.problem.counters.map((_, counter) =>
    selection.reduce(
      (sum, picks, at) =>
        sum + picks.filter((pick) => candidateAt(model, at, pick)?.counts.includes(counter)).length,
      0,
    ),
  );
  return practice.items.flatMap((item: Item): readonly ItemAccount[] => {
    const place = places.get(item.id);
    if (!place) return [];
    const index = (selection[place.at] ?? []).findIndex((pick) => pick.candidate === place.pick.candidate);
    const contributions = contributionsOf(model, selection, place.at, index, counts);
    return [
      { itemId: item.id, contributions, points: contributions.reduce((sum, { points }) => sum + points, 0) },
    ];
  });
}

/** The value of a practice in the model, its lengths and ranges left aside where a hand edit has broken them. */
export function worthOfPractice(asking: Asking, practice: Practice): number {
  const { model } = modelAround(asking, practice);
  const { problem } = model;
  const loose = {
    ...problem,
    slackUnits: 100_000,
    sections: problem.sections.map((section, at) => ({
      ...section,
      candidates: section.candidates.map((candidate) => ({ ...candidate, needs: 0 })),
      leastUnits: 0,
      mostUnits: 100_000,
      // A section emptied by hand weighs nothing rather than making the practice worthless.
      ...(selectionOf(model)[at]?.length === 0 ? { awayCost: 0 } : {}),
    })),
  };
  const kept = selectionOf(model);
  const filled = { ...loose, sections: loose.sections.filter((_, at) => (kept[at] ?? []).length > 0) };
  const value = valueOf(
    filled,
    kept.filter((picks) => picks.length > 0),
  );
  return typeof value === 'number' ? value : -Infinity;
}
