import {
  counterSlack,
  entryCost,
  prepare,
  sectionTable,
  suffixes,
  type Prepared,
  type Prices,
  type SectionTable,
  type Suffixes,
} from './bound';
import { fix, type Fixed } from './fix';
import { gainOf, valueOf, worthOf, type Candidate, type Pick, type Problem, type Selection } from './problem';

/** What is known at some moment of the search: the best found so far and what no selection can exceed. */
export interface Progress {
  readonly selection: Selection | undefined;
  readonly value: number;
  /** No selection is worth more than this. */
  readonly bound: number;
  readonly proved: boolean;
}

/** A partial choice: everything up to one candidate of one section. */
interface Label {
  /** What still can come, where it is known which joints are loosened. */
  readonly ground: Ground;
  /** Value so far, exact; counters still alive are not in it. */
  readonly exact: number;
  readonly bound: number;
  readonly usedBefore: number;
  readonly time: number;
  readonly stance: number;
  readonly loosened: number;
  /** Forms used that a later section could use again, as sorted letters. */
  readonly used: string;
  readonly counts: Uint8Array;
  readonly countsKey: string;
  readonly slack: number;
  readonly candidate: number;
  readonly option: number;
  readonly section: number;
  readonly parent: Label | undefined;
}

const letter = (once: number): string => String.fromCharCode(once + 256);
const TINY = 1e-7;
/** Points a pinned form is worth within the search, so that it is never left out. */
const PIN = 10_000;
/** Once a pass has made its share of partial choices it goes on with so few that it is soon done. */
const NARROW = 6;

interface Breadth {
  readonly kept: number;
  readonly tried: number;
  /** Partial choices made before the pass narrows. */
  readonly labels: number;
}

/** Everything the search needs of a problem at fixed prices. */
interface Ground {
  readonly problem: Problem;
  readonly prepared: readonly Prepared[];
  readonly prices: Prices;
  readonly best: Suffixes;
  readonly slack: readonly Float64Array[];
  readonly tables: Map<number, SectionTable>;
  readonly lastSectionOfForm: Int32Array;
  readonly lastSectionOfCounter: Int32Array;
  readonly needsLater: Int32Array;
  readonly loosensLater: Int32Array;
  /** The same ground for those who have loosened only so much, by section and joints. */
  readonly cold: Map<string, Ground>;
}

interface Dear {
  readonly problem: Problem;
  /** What the dearness adds to every selection that keeps all pins. */
  readonly points: number;
}

/**
 * Pinned forms are made so dear that leaving one out never pays, and so is the loosening they need: a
 * counter for each joint steers the search to it early.
 */
function withPins(problem: Problem): Dear {
  const pinned = problem.sections.flatMap(({ candidates }, at) =>
    candidates.flatMap((candidate) => (candidate.pinned ? [{ candidate, at }] : [])),
  );
  if (pinned.length === 0) return { problem, points: 0 };
  const needed = pinned.reduce((bits, { candidate }) => bits | candidate.needs, 0);
  const joints = Array.from({ length: 31 }, (_, bit) => 1 << bit).filter((joint) => (needed & joint) !== 0);
  const lastNeeds = new Map(
    joints.map((joint) => [
      joint,
      Math.max(...pinned.filter(({ candidate }) => (candidate.needs & joint) !== 0).map(({ at }) => at)),
    ]),
  );
  return {
    points: PIN * (pinned.length + joints.length),
    problem: {
      ...problem,
      counters: [...problem.counters, ...joints.map(() => ({ gains: [PIN, 0] }))],
      sections: problem.sections.map((section, at) => ({
        ...section,
        candidates: section.candidates.map((candidate) => ({
          ...candidate,
          options: candidate.pinned
            ? candidate.options.map((option) => ({ ...option, value: option.value + PIN }))
            : candidate.options,
          counts: [
            ...candidate.counts,
            ...joints.flatMap((joint, index) =>
              (candidate.loosens & joint) !== 0 && at <= (lastNeeds.get(joint) ?? -1)
                ? [problem.counters.length + index]
                : [],
            ),
          ],
        })),
      })),
    },
  };
}

function groundOf(problem: Problem, prepared: readonly Prepared[], prices: Prices, best: Suffixes): Ground {
  const forms = prices.forms.length;
  const lastSectionOfForm = new Int32Array(forms).fill(-1);
  const lastSectionOfCounter = new Int32Array(problem.counters.length).fill(-1);
  const needsLater = new Int32Array(problem.sections.length + 1);
  const loosensLater = new Int32Array(problem.sections.length + 1);
  problem.sections.forEach((section, index) => {
    for (const candidate of section.candidates) {
      lastSectionOfForm[candidate.once] = index;
      for (const counter of candidate.counts) lastSectionOfCounter[counter] = index;
    }
  });
  for (let index = problem.sections.length - 1; index >= 0; index -= 1) {
    const candidates = problem.sections[index]?.candidates ?? [];
    needsLater[index] = candidates.reduce((bits, one) => bits | one.needs, needsLater[index + 1] as number);
    loosensLater[index] = candidates.reduce(
      (bits, one) => bits | one.loosens,
      loosensLater[index + 1] as number,
    );
  }
  return {
    problem,
    prepared,
    prices,
    best,
    slack: problem.counters.map((_, counter) =>
      counterSlack(problem, counter, prices.counters[counter] as number),
    ),
    tables: new Map(),
    lastSectionOfForm,
    lastSectionOfCounter,
    needsLater,
    loosensLater,
    cold: new Map(),
  };
}

/**
 * The ground from a section on for those who have loosened only so much: forms that use more are no longer
 * counted on. Where joints may still be loosened later, or enough is loosened, it is the ground itself.
 */
function groundFrom(ground: Ground, section: number, loosened: number): Ground {
  const needs = ground.needsLater[section] as number;
  const missing = needs & ~loosened;
  if (missing === 0 || (needs & (ground.loosensLater[section] as number)) !== 0) return ground;
  const key = `${section}/${loosened & needs}`;
  const known = ground.cold.get(key);
  if (known) return known;
  const prepared = ground.prepared.map((one, at) =>
    at < section
      ? one
      : {
          ...one,
          section: {
            ...one.section,
            candidates: one.section.candidates.map((candidate) =>
              (candidate.needs & missing) === 0 ? candidate : { ...candidate, options: [] },
            ),
          },
        },
  );
  const made: Ground = {
    ...ground,
    prepared,
    best: suffixes(ground.problem, prepared, ground.prices, section),
    tables: new Map(),
  };
  ground.cold.set(key, made);
  return made;
}

function tableOf(ground: Ground, section: number, usedBefore: number): SectionTable {
  const key = section * 4096 + usedBefore;
  const known = ground.tables.get(key);
  if (known) return known;
  // The oldest tables go when there are many: they are quickly made again.
  if (ground.tables.size > 400) ground.tables.clear();
  const table = sectionTable(
    ground.problem,
    ground.prepared[section] as Prepared,
    ground.best[section + 1] as Float64Array,
    ground.prices,
    usedBefore,
  );
  ground.tables.set(key, table);
  return table;
}

function selectionOf(label: Label, sections: number): Selection {
  const picks: Pick[][] = Array.from({ length: sections }, () => []);
  for (let now: Label | undefined = label; now; now = now.parent)
    if (now.candidate >= 0) picks[now.section]?.unshift({ candidate: now.candidate, option: now.option });
  return picks;
}

const sumSlack = (ground: Ground, counts: Uint8Array): number =>
  ground.slack.reduce((sum, row, counter) => sum + (row[counts[counter] as number] as number), 0);

/** What prices on forms of several sections may have taken too much: those not used yet. */
function formSlack(ground: Ground, section: number, used: string): number {
  let sum = 0;
  ground.prices.forms.forEach((price, once) => {
    if (price > 0 && (ground.lastSectionOfForm[once] as number) >= section && !used.includes(letter(once)))
      sum += price;
  });
  return sum;
}

/** One pass through the sections that keeps only so many partial choices at every place. */
class Pass {
  incumbent: Progress;
  truncated = -Infinity;
  labels = 0;
  readonly #formSlack = new Map<string, number>();

  constructor(
    readonly ground: Ground,
    readonly breadth: Breadth,
    incumbent: Progress,
  ) {
    this.incumbent = incumbent;
  }

  #slackOfForms(section: number, used: string): number {
    const key = `${section}${used}`;
    let known = this.#formSlack.get(key);
    if (known === undefined) {
      known = formSlack(this.ground, section, used);
      this.#formSlack.set(key, known);
    }
    return known;
  }

  #spent(): boolean {
    return this.labels > this.breadth.labels;
  }

  #narrow(labels: Iterable<Label>): Label[] {
    const list = [...labels].filter((label) => label.bound > this.incumbent.value + TINY);
    const most = this.#spent() ? NARROW : this.breadth.kept;
    if (list.length <= most) return list;
    list.sort((a, b) => b.bound - a.bound);
    // So many of each loosening: while joints are being loosened the bound does not tell them apart.
    const taken = new Map<number, number>();
    return list.filter((label) => {
      const before = taken.get(label.loosened) ?? 0;
      taken.set(label.loosened, before + 1);
      if (before >= most) this.truncated = Math.max(this.truncated, label.bound);
      return before < most;
    });
  }

  /** The choices that go on from a label with a candidate of the section; kept where they may still win. */
  #extend(label: Label, section: number, buckets: readonly Map<string, Label>[]): void {
    const { ground } = label;
    const prepared = ground.prepared[section] as Prepared;
    const { candidates } = prepared.section;
    const table = tableOf(ground, section, label.usedBefore);
    const entering = label.section !== section;
    const before = entering ? -1 : (prepared.classOf[label.candidate] as number);
    const from = entering ? 0 : label.candidate + 1;
    const { cells, width } = table;
    const worthTaking: { readonly index: number; readonly cost: number; readonly bound: number }[] = [];
    const spare = label.slack + this.#slackOfForms(section, label.used);
    for (let index = from; index < candidates.length; index += 1) {
      const candidate = candidates[index] as Candidate;
      if ((candidate.needs & ~label.loosened) !== 0) continue;
      const cost =
        before >= 0
          ? (prepared.pair[before * candidates.length + index] as number)
          : entryCost(ground.problem, label.stance, candidate);
      const row = ((index + 1) * prepared.classes + (prepared.classOf[index] as number)) * width;
      const gain = candidate.counts.length === 0 ? 0 : this.#gainInSlack(label, candidate);
      let best = -Infinity;
      for (const option of candidate.options) {
        const time = label.time + option.units;
        if (time < width) best = Math.max(best, option.value + (cells[row + time] as number));
      }
      const bound = label.exact - cost + best + spare + gain;
      if (bound > this.incumbent.value + TINY && !label.used.includes(letter(candidate.once)))
        worthTaking.push({ index, cost, bound });
    }
    const most = this.#spent() ? NARROW : this.breadth.tried;
    if (worthTaking.length > most) {
      worthTaking.sort((a, b) => b.bound - a.bound);
      this.truncated = Math.max(this.truncated, worthTaking[most]?.bound ?? -Infinity);
      worthTaking.length = most;
    }
    for (const { index, cost } of worthTaking)
      this.#take(label, section, index, cost, buckets[index] as Map<string, Label>);
  }

  #gainInSlack(label: Label, candidate: Candidate): number {
    let gain = 0;
    for (const counter of candidate.counts) {
      const count = label.counts[counter] as number;
      const row = this.ground.slack[counter] as Float64Array;
      gain += (row[count + 1] as number) - (row[count] as number);
    }
    return gain;
  }

  #take(label: Label, section: number, index: number, cost: number, bucket: Map<string, Label>): void {
    const { ground } = label;
    const prepared = ground.prepared[section] as Prepared;
    const candidate = prepared.section.candidates[index] as Candidate;
    const { cells, width } = tableOf(ground, section, label.usedBefore);
    const row = ((index + 1) * prepared.classes + (prepared.classOf[index] as number)) * width;
    let { counts, countsKey, slack } = label;
    if (candidate.counts.length > 0) {
      slack += this.#gainInSlack(label, candidate);
      if (slack === -Infinity) return;
      counts = counts.slice();
      for (const counter of candidate.counts) counts[counter] = (counts[counter] as number) + 1;
      countsKey = String.fromCharCode(...counts);
    }
    const used =
      (ground.lastSectionOfForm[candidate.once] as number) > section
        ? [...label.used, letter(candidate.once)].sort().join('')
        : label.used;
    const loosened = label.loosened | candidate.loosens;
    const spare = slack + this.#slackOfForms(section, used);
    candidate.options.forEach((option, place) => {
      const time = label.time + option.units;
      if (time >= width) return;
      const exact = label.exact - cost + option.value;
      const bound = exact + (cells[row + time] as number) + spare;
      if (!(bound > this.incumbent.value + TINY)) return;
      const key = String.fromCharCode(label.usedBefore, time, loosened, 0) + countsKey + used;
      const known = bucket.get(key);
      if (known && known.exact >= exact) return;
      this.labels += 1;
      bucket.set(key, {
        ground,
        exact,
        bound,
        usedBefore: label.usedBefore,
        time,
        stance: candidate.endStance,
        loosened,
        used,
        counts,
        countsKey,
        slack,
        candidate: index,
        option: place,
        section,
        parent: label,
      });
    });
  }

  /** The choice with the section ended after it, ready for the next; what is over is settled. */
  #close(label: Label, section: number, front: Map<string, Label>): void {
    const { ground } = label;
    const { problem } = ground;
    const plan = problem.sections[section];
    if (!plan || label.time < plan.leastUnits || label.time > plan.mostUnits) return;
    const usedBefore = label.usedBefore + label.time;
    const total = problem.totalUnits + problem.slackUnits + 1;
    if (usedBefore >= total) return;
    let exact = label.exact - plan.awayCost * Math.abs(label.time - plan.targetUnits);
    let { counts, countsKey, slack } = label;
    const settled = problem.counters
      .map((_, counter) => counter)
      .filter((counter) => ground.lastSectionOfCounter[counter] === section);
    if (settled.length > 0) {
      counts = counts.slice();
      for (const counter of settled) {
        const count = counts[counter] as number;
        const row = ground.slack[counter] as Float64Array;
        exact += worthOf(problem.counters[counter] as Problem['counters'][number], count);
        slack -= row[count] as number;
        counts[counter] = 0;
      }
      countsKey = String.fromCharCode(...counts);
    }
    const used = [...label.used]
      .filter((one) => (ground.lastSectionOfForm[one.charCodeAt(0) - 256] as number) > section)
      .join('');
    const loosened = label.loosened & (ground.needsLater[section + 1] as number);
    const onward = groundFrom(ground, section + 1, label.loosened);
    const next = onward.best[section + 1] as Float64Array;
    const bound =
      exact +
      (next[label.stance * total + usedBefore] as number) +
      slack +
      this.#slackOfForms(section + 1, used);
    if (!(bound > this.incumbent.value + TINY)) return;
    const key = String.fromCharCode(usedBefore, label.stance, loosened, 0) + countsKey + used;
    const known = front.get(key);
    if (known && known.exact >= exact) return;
    front.set(key, {
      ...label,
      ground: onward,
      exact,
      bound,
      usedBefore,
      time: problem.sections[section + 1]?.extraUnits ?? 0,
      loosened,
      used,
      counts,
      countsKey,
      slack,
      candidate: -1,
      section,
      parent: label,
    });
  }

  /** Goes through all sections; yields between them so that the one who waits can stop it. */
  *run(): Generator<void, void> {
    const { ground } = this;
    const { problem } = ground;
    const counts = new Uint8Array(problem.counters.length);
    // Counters nothing adds to stand at 0 for good and are worth nothing.
    const slack = sumSlack(ground, counts);
    let front: Label[] = [
      {
        ground,
        exact: 0,
        bound: Infinity,
        usedBefore: 0,
        time: problem.sections[0]?.extraUnits ?? 0,
        stance: problem.stances,
        loosened: 0,
        used: '',
        counts,
        countsKey: String.fromCharCode(...counts),
        slack,
        candidate: -1,
        option: -1,
        section: -1,
        parent: undefined,
      },
    ];
    for (let section = 0; section < problem.sections.length; section += 1) {
      const size = problem.sections[section]?.candidates.length ?? 0;
      const buckets = Array.from({ length: size }, () => new Map<string, Label>());
      const ended = new Map<string, Label>();
      for (const label of front) this.#extend(label, section, buckets);
      for (const bucket of buckets) {
        for (const label of this.#narrow(bucket.values())) {
          this.#close(label, section, ended);
          this.#extend(label, section, buckets);
        }
        bucket.clear();
      }
      front = this.#narrow(ended.values());
      yield;
    }
    for (const label of front) this.#finish(label);
  }

  #finish(label: Label): void {
    const { problem } = this.ground;
    const value = label.exact - problem.offCost * Math.abs(label.usedBefore - problem.totalUnits);
    if (value <= this.incumbent.value + TINY) return;
    this.incumbent = {
      ...this.incumbent,
      value,
      selection: selectionOf(label, problem.sections.length),
    };
  }
}

/** The counts and forms along the best path of the relaxed problem, followed table by table. */
function relaxedPath(
  ground: Ground,
): { readonly counts: Float64Array; readonly uses: Float64Array } | undefined {
  const { problem, prepared } = ground;
  const counts = new Float64Array(problem.counters.length);
  const uses = new Float64Array(ground.prices.forms.length);
  let usedBefore = 0;
  let stance = problem.stances;
  for (let section = 0; section < prepared.length; section += 1) {
    const here = prepared[section] as Prepared;
    const table = tableOf(ground, section, usedBefore);
    const { candidates, extraUnits } = here.section;
    let time = extraUnits;
    let from = 0;
    let before = -1;
    for (;;) {
      const stop =
        before < 0
          ? -Infinity
          : (table.cells[(candidates.length * here.classes + before) * table.width + time] ?? -Infinity);
      let best = stop;
      let chosen: { index: number; units: number } | undefined;
      for (let index = from; index < candidates.length; index += 1) {
        const candidate = candidates[index] as Candidate;
        const cost =
          before < 0
            ? entryCost(problem, stance, candidate)
            : (here.pair[before * candidates.length + index] as number);
        const extra =
          candidate.counts.reduce((sum, counter) => sum + (ground.prices.counters[counter] as number), 0) -
          (ground.prices.forms[candidate.once] as number);
        const row = ((index + 1) * here.classes + (here.classOf[index] as number)) * table.width;
        for (const option of candidate.options) {
          if (time + option.units >= table.width) continue;
          const value = option.value + extra - cost + (table.cells[row + time + option.units] as number);
          if (value > best + TINY) {
            best = value;
            chosen = { index, units: option.units };
          }
        }
      }
      if (!chosen) {
        if (before < 0 || stop === -Infinity) return undefined;
        break;
      }
      const candidate = candidates[chosen.index] as Candidate;
      for (const counter of candidate.counts) counts[counter] = (counts[counter] as number) + 1;
      uses[candidate.once] = (uses[candidate.once] as number) + 1;
      time += chosen.units;
      from = chosen.index + 1;
      before = here.classOf[chosen.index] as number;
      stance = candidate.endStance;
    }
    usedBefore += time;
  }
  return { counts, uses };
}

/** The count at which a counter is worth most at a price, the one nearest to what the path did. */
function bestCount(problem: Problem, counter: number, price: number, near: number): number {
  const row = problem.counters[counter] as Problem['counters'][number];
  let least = 0;
  while (least < 40 && gainOf(row, least + 1) > price + TINY) least += 1;
  let most = least;
  while (most < 40 && gainOf(row, most + 1) >= price - TINY) most += 1;
  return Math.min(most, Math.max(least, near));
}

/** Prices stay between the greatest and the least gain of their counter. */
function clampPrice(problem: Problem, counter: number, price: number): number {
  const gains = (problem.counters[counter] as Problem['counters'][number]).gains;
  const last = gains.at(-1) ?? 0;
  const least = last === -Infinity ? Math.min(-8, ...gains.filter(Number.isFinite)) : last;
  const first = gains[0] ?? 0;
  // Where not even one is allowed there is no greatest gain to speak of.
  return Math.min(first === -Infinity ? least : first, Math.max(least, price));
}

interface Priced extends Ground {
  /** No selection is worth more than this. */
  readonly root: number;
  /** What is added to a relaxed value to make it a bound. */
  readonly constant: number;
}

const noPrices = (problem: Problem): Prices => ({
  // Where returns fall, what a fourth form would bring; where only a second one costs, nothing.
  counters: Float64Array.from(problem.counters, (counter, index) =>
    clampPrice(problem, index, gainOf(counter, 1) > 0 ? gainOf(counter, 4) : 0),
  ),
  forms: new Float64Array(
    1 +
      Math.max(
        -1,
        ...problem.sections.flatMap((section) => section.candidates.map((candidate) => candidate.once)),
      ),
  ),
});

function pricedAt(problem: Problem, prepared: readonly Prepared[], prices: Prices): Priced {
  const best = suffixes(problem, prepared, prices);
  const ground = groundOf(problem, prepared, prices, best);
  const total = problem.totalUnits + problem.slackUnits + 1;
  const constant =
    sumSlack(ground, new Uint8Array(problem.counters.length)) +
    prices.forms.reduce((sum, price) => sum + price, 0);
  return {
    ...ground,
    constant,
    root: ((best[0] as Float64Array)[problem.stances * total] as number) + constant,
  };
}

/** Prices that make the bound tight: steps down the slope of the bound, the best kept. */
function* findPrices(
  problem: Problem,
  prepared: readonly Prepared[],
  from: Prices,
  rounds: number,
  firstStep: number,
): Generator<void, Priced> {
  let prices = from;
  let kept = pricedAt(problem, prepared, prices);
  let now = kept;
  let step = firstStep;
  for (let round = 1; round < rounds && now.root > -Infinity; round += 1) {
    const path = relaxedPath(now);
    yield;
    if (!path) break;
    const slopes = Float64Array.from(problem.counters, (_, counter) => {
      const count = path.counts[counter] as number;
      return count - bestCount(problem, counter, prices.counters[counter] as number, count);
    });
    const twice = path.uses.map((uses, once) =>
      uses > 1 || (prices.forms[once] as number) > 0 ? uses - 1 : 0,
    );
    if (slopes.every((slope) => slope === 0) && twice.every((slope) => slope === 0)) break;
    prices = {
      counters: prices.counters.map((price, counter) =>
        clampPrice(problem, counter, price + step * (slopes[counter] as number) * -1),
      ),
      forms: prices.forms.map((price, once) => Math.max(0, price + step * (twice[once] as number))),
    };
    now = pricedAt(problem, prepared, prices);
    if (now.root < kept.root) kept = now;
    else {
      step *= 0.6;
      // Back to the best prices known, with a shorter step.
      if (step < 0.02) break;
    }
  }
  return kept;
}

/** A coarser clock for the first prices: they are found nearly as well in a fraction of the time. */
const COARSE = 4;

function coarser(problem: Problem): Problem {
  const less = (units: number): number => Math.max(1, Math.round(units / COARSE));
  return {
    ...problem,
    totalUnits: less(problem.totalUnits),
    slackUnits: Math.ceil(problem.slackUnits / COARSE) + 1,
    offCost: problem.offCost * COARSE,
    sections: problem.sections.map((section) => ({
      ...section,
      extraUnits: Math.round(section.extraUnits / COARSE),
      targetUnits: less(section.targetUnits),
      leastUnits: Math.floor(section.leastUnits / COARSE),
      mostUnits: Math.ceil(section.mostUnits / COARSE),
      awayCost: section.awayCost * COARSE,
      candidates: section.candidates.map((candidate) => ({
        ...candidate,
        options: candidate.options.map((option) => ({ ...option, units: less(option.units) })),
      })),
    })),
  };
}

/** A selection of a smaller problem in the numbers of the larger. */
const unfixed = ({ candidates, options }: Fixed, selection: Selection): Selection =>
  selection.map((picks, at) =>
    picks.map(({ candidate, option }) => ({
      candidate: candidates[at]?.[candidate] ?? -1,
      option: options[at]?.[candidate]?.[option] ?? -1,
    })),
  );

/**
 * How many partial choices are kept at a place, and how many candidates are tried after each: first an
 * answer, then better ones, then proof.
 */
const BREADTHS: readonly Breadth[] = [
  { kept: 3, tried: 3, labels: 30_000 },
  { kept: 16, tried: 6, labels: 60_000 },
  { kept: 400, tried: 60, labels: 120_000 },
  { kept: Infinity, tried: Infinity, labels: 300_000 },
];

/**
 * Finds the best selection and proves it. Yields whenever there is something better to show or simply time
 * to look up; stop asking and it stops. Deterministic. The last progress is either proved (its bound is its
 * value, or nothing fits at all: no selection and a bound of −Infinity), or says by its bound how far from
 * the best it can be at most. Within `enough` points of the best it stops.
 */
export function* solve(given: Problem, enough = 0): Generator<Progress, Progress> {
  const { problem: whole, points: pinned } = withPins(given);
  let progress: Progress = { selection: undefined, value: -Infinity, bound: Infinity, proved: false };
  const shown = (): Progress => {
    // A selection that leaves a pin out is none.
    const fits = progress.selection !== undefined && typeof valueOf(given, progress.selection) === 'number';
    return {
      selection: fits ? progress.selection : undefined,
      value: fits ? progress.value - pinned : -Infinity,
      bound: progress.proved && !fits ? -Infinity : progress.bound - pinned,
      proved: progress.proved,
    };
  };
  const coarse = coarser(whole);
  let { prices } = yield* ticking(findPrices(coarse, prepare(coarse), noPrices(whole), 24, 0.5), shown);
  let fixed: Fixed = {
    problem: whole,
    candidates: whole.sections.map((section) => section.candidates.map((_, index) => index)),
    options: whole.sections.map((section) =>
      section.candidates.map(({ options }) => options.map((_, way) => way)),
    ),
  };
  for (const [index, breadth] of BREADTHS.entries()) {
    const { problem } = fixed;
    const prepared = prepare(problem);
    // The first time the whole problem is priced once; later, when little is left of it, with care.
    const ground = yield* ticking(findPrices(problem, prepared, prices, index === 0 ? 2 : 16, 0.3), shown);
    prices = ground.prices;
    progress = { ...progress, bound: Math.min(progress.bound, Math.max(ground.root, progress.value)) };
    const within = { ...progress, selection: undefined };
    const pass = new Pass(ground, breadth, within);
    yield* ticking(pass.run(), shown);
    const { incumbent, truncated } = pass;
    const bound = Math.min(progress.bound, Math.max(incumbent.value, truncated));
    progress = {
      selection: incumbent.selection ? unfixed(fixed, incumbent.selection) : progress.selection,
      value: incumbent.value,
      bound,
      proved: bound <= incumbent.value + TINY,
    };
    yield shown();
    if (progress.proved || (progress.selection && bound - incumbent.value <= enough)) break;
    if (progress.value > -Infinity) {
      const smaller = fix(
        problem,
        prepared,
        ground.prices,
        ground.best,
        ground.constant,
        progress.value + TINY,
      );
      fixed = {
        problem: smaller.problem,
        candidates: smaller.candidates.map((list, at) =>
          list.map((place) => fixed.candidates[at]?.[place] ?? -1),
        ),
        options: smaller.options.map((list, at) =>
          list.map((ways, place) => {
            const before = smaller.candidates[at]?.[place] ?? -1;
            return ways.map((way) => fixed.options[at]?.[before]?.[way] ?? -1);
          }),
        ),
      };
    }
  }
  return shown();
}

/** Passes the pauses of a search on as progress. */
function* ticking<Result>(
  search: Generator<void, Result>,
  shown: () => Progress,
): Generator<Progress, Result> {
  for (;;) {
    const step = search.next();
    if (step.done) return step.value;
    yield shown();
  }
}

/** Runs the search to its end. */
export function solved(problem: Problem, enough = 0): Progress {
  const search = solve(problem, enough);
  for (;;) {
    const next = search.next();
    if (next.done) return next.value;
  }
}
