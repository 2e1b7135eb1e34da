import { float, int32, int8, pick } from './access';
import { entryCost } from './bound';
import { formSlack, groundFrom, letter, sumSlack, tableOf, TINY, type Ground } from './ground';
import { heldWorth, NEVER, worthOf, type Candidate, type Pick, type Selection } from './problem';

/** What is known at some moment of the search: the best found so far and what no selection can exceed. */
export interface Progress {
  readonly selection: Selection | undefined;
  readonly value: number;
  /** No selection is worth more than this. */
  readonly bound: number;
  readonly proved: boolean;
}

/** A partial choice: everything up to one candidate of one section. */
export interface Label {
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

/** Once a pass has made its share of partial choices it goes on with so few that it is soon done. */
export const NARROW = 6;

export interface Breadth {
  readonly kept: number;
  readonly tried: number;
  /** Partial choices made before the pass narrows. */
  readonly labels: number;
}

function selectionOf(label: Label, sections: number): Selection {
  const picks: Pick[][] = Array.from({ length: sections }, () => []);
  for (let now: Label | undefined = label; now; now = now.parent)
    if (now.candidate >= 0) picks[now.section]?.unshift({ candidate: now.candidate, option: now.option });
  return picks;
}

/** One pass through the sections that keeps only so many partial choices at every place. */
export class Pass {
  incumbent: Progress;
  truncated = NEVER;
  labels = 0;
  #ends: readonly Label[] = [];
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
    // So many of each loosening, and of each count before a pin: the bound does not tell those apart.
    const taken = new Map<string, number>();
    return list.filter((label) => {
      const key = String.fromCharCode(
        label.loosened,
        ...this.ground.holders.map((counter) => int8(label.counts, counter)),
      );
      const before = taken.get(key) ?? 0;
      taken.set(key, before + 1);
      if (before >= most) this.truncated = Math.max(this.truncated, label.bound);
      return before < most;
    });
  }

  /** The choices that go on from a label with a candidate of the section; kept where they may still win. */
  #extend(label: Label, section: number, buckets: readonly Map<string, Label>[]): void {
    const { ground } = label;
    const prepared = pick(ground.prepared, section);
    const { candidates } = prepared.section;
    const table = tableOf(ground, section, label.usedBefore);
    const entering = label.section !== section;
    const before = entering ? -1 : int32(prepared.classOf, label.candidate);
    const from = entering ? 0 : label.candidate + 1;
    const { cells, width } = table;
    const worthTaking: { readonly index: number; readonly cost: number; readonly bound: number }[] = [];
    const spare = label.slack + this.#slackOfForms(section, label.used);
    // Nothing is gone on to past a pinned form: it would be left out.
    let passable = true;
    for (let index = from; index < candidates.length && passable; index += 1) {
      const candidate = pick(candidates, index);
      if (candidate.pinned) passable = false;
      if ((candidate.needs & ~label.loosened) !== 0) continue;
      const { heldBy, place } = candidate;
      if (heldBy !== undefined && place !== 'last' && int8(label.counts, heldBy) + 1 !== place) continue;
      const cost =
        before >= 0
          ? float(prepared.pair, before * candidates.length + index)
          : entryCost(ground.problem, label.stance, candidate);
      const row = ((index + 1) * prepared.classes + int32(prepared.classOf, index)) * width;
      const gain = candidate.counts.length === 0 ? 0 : this.#gainInSlack(label, candidate);
      let best = NEVER;
      for (const option of candidate.options) {
        const time = label.time + option.units;
        if (time >= width) continue;
        const value = option.value + float(cells, row + time);
        if (value > best) best = value;
      }
      const bound = label.exact - cost + best + spare + gain;
      if (bound > this.incumbent.value + TINY && !label.used.includes(letter(candidate.once)))
        worthTaking.push({ index, cost, bound });
    }
    const most = this.#spent() ? NARROW : this.breadth.tried;
    if (worthTaking.length > most) {
      worthTaking.sort((a, b) => b.bound - a.bound);
      this.truncated = Math.max(this.truncated, worthTaking[most]?.bound ?? NEVER);
      worthTaking.length = most;
    }
    for (const { index, cost } of worthTaking) this.#take(label, section, index, cost, pick(buckets, index));
  }

  #gainInSlack(label: Label, candidate: Candidate): number {
    let gain = 0;
    for (const counter of candidate.counts) {
      const count = int8(label.counts, counter);
      const row = pick(this.ground.slack, counter);
      gain += float(row, count + 1) - float(row, count);
    }
    return gain;
  }

  #take(label: Label, section: number, index: number, cost: number, bucket: Map<string, Label>): void {
    const { ground } = label;
    const prepared = pick(ground.prepared, section);
    const candidate = pick(prepared.section.candidates, index);
    const { cells, width } = tableOf(ground, section, label.usedBefore);
    const row = ((index + 1) * prepared.classes + int32(prepared.classOf, index)) * width;
    let { counts, countsKey, slack } = label;
    if (candidate.counts.length > 0) {
      slack += this.#gainInSlack(label, candidate);
      if (slack === NEVER) return;
      counts = counts.slice();
      for (const counter of candidate.counts) counts[counter] = int8(counts, counter) + 1;
      countsKey = String.fromCharCode(...counts);
    }
    const last = int32(ground.lastSectionOfForm, candidate.once);
    const comesAgain =
      last > section || (last === section && int32(ground.lastPlaceOfForm, candidate.once) > index);
    const used = comesAgain ? [...label.used, letter(candidate.once)].sort().join('') : label.used;
    const loosened = label.loosened | candidate.loosens;
    const spare = slack + this.#slackOfForms(section, used);
    candidate.options.forEach((option, place) => {
      const time = label.time + option.units;
      if (time >= width) return;
      const exact = label.exact - cost + option.value;
      const bound = exact + float(cells, row + time) + spare;
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
    if (plan.candidates.some((candidate, index) => candidate.pinned && index > label.candidate)) return;
    const usedBefore = label.usedBefore + label.time;
    const total = problem.totalUnits + problem.slackUnits + 1;
    if (usedBefore >= total) return;
    let exact = label.exact + heldWorth(plan, label.time);
    let { counts, countsKey, slack } = label;
    const settled = problem.counters
      .map((_, counter) => counter)
      .filter((counter) => ground.lastSectionOfCounter[counter] === section);
    if (settled.length > 0) {
      counts = counts.slice();
      for (const counter of settled) {
        const count = int8(counts, counter);
        const row = pick(ground.slack, counter);
        exact += worthOf(pick(problem.counters, counter), count);
        slack -= float(row, count);
        counts[counter] = 0;
      }
      countsKey = String.fromCharCode(...counts);
    }
    const used = [...label.used]
      .filter((one) => int32(ground.lastSectionOfForm, one.charCodeAt(0) - 256) > section)
      .join('');
    const loosened = label.loosened & int32(ground.needsLater, section + 1);
    const onward = groundFrom(ground, section + 1, label.loosened);
    const next = pick(onward.best, section + 1);
    const bound =
      exact + float(next, label.stance * total + usedBefore) + slack + this.#slackOfForms(section + 1, used);
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
    this.#ends = front;
  }

  /** The candidates of each section in the choices the pass came to the end with. */
  used(): readonly ReadonlySet<number>[] {
    const sections = this.ground.problem.sections.length;
    const chosen = Array.from({ length: sections }, () => new Set<number>());
    for (const end of this.#ends)
      selectionOf(end, sections).forEach((picks, at) =>
        picks.forEach(({ candidate }) => chosen[at]?.add(candidate)),
      );
    return chosen;
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
