import { isKin, twinKind, type Form, type Role } from '../forms';
import type { Asking } from './asking';
import { mostFormsIn } from '../measures';
import type { Place } from './places';
import type { SoundOrgan } from '../sounds';
import type { SectionPlan } from './plan';
import type { Target } from './reach';
import { returnGains } from './returning';
import type { Counter } from './solver';
import { shapeOf } from './shapes';
import { factorOf, weight } from './weights';

/** What a counter of the problem stands for. */
export type CounterMeaning =
  | { readonly kind: 'target'; readonly target: Target }
  | { readonly kind: 'twins'; readonly family: Form['family'] }
  | { readonly kind: 'sound'; readonly organ: SoundOrgan }
  /** A second pass of tapping or tracing, or a form done in its full and its gentle kind. */
  | { readonly kind: 'again' }
  /** A region loosened for the first time. */
  | { readonly kind: 'region' }
  /** Closing with the hands at the lower dāntián. */
  | { readonly kind: 'home' }
  /** Something moved through in the heart. */
  | { readonly kind: 'moved' }
  /** Something in the heart that a teacher names first for the theme. */
  | { readonly kind: 'named' }
  /** Places the attention is led to in the heart. */
  | { readonly kind: 'within'; readonly atMost: number }
  | { readonly kind: 'new-forms'; readonly atMost: number }
  /** Forms of the last class. */
  | { readonly kind: 'returning' }
  /** Joints loosened one by one. */
  | { readonly kind: 'joints'; readonly atMost: number }
  /** Forms in all, the joints as one round. */
  | { readonly kind: 'forms'; readonly atMost: number };

/** The counters of a problem with what they stand for, and which of them a form adds to. */
export class Counters {
  readonly rows: Counter[] = [];
  readonly meanings: CounterMeaning[] = [];
  readonly #byKey = new Map<string, number>();
  readonly #sounds = new Map<SoundOrgan, number>();

  add(gains: readonly number[], meaning: CounterMeaning): number {
    this.rows.push({ gains });
    this.meanings.push(meaning);
    return this.rows.length - 1;
  }

  /** The counter of a key; made with these gains where there is none yet. */
  #keyed(key: string, gains: readonly number[], meaning: CounterMeaning): number {
    const known = this.#byKey.get(key);
    if (known !== undefined) return known;
    const index = this.add(gains, meaning);
    this.#byKey.set(key, index);
    return index;
  }

  /** Something that is not done a second time, by a key of its own. */
  once(key: string, points: number, meaning: CounterMeaning): number {
    return this.#keyed(key, [0, points], meaning);
  }

  /** Something worth doing for the first time, and not again. */
  first(key: string, points: number, meaning: CounterMeaning): number {
    return this.#keyed(key, [points, 0], meaning);
  }

  /** What may be done so often, and costs each time after that. */
  atMost(key: string, most: number, points: number, meaning: CounterMeaning): number {
    return this.#keyed(key, [...Array.from({ length: most }, () => 0), points], meaning);
  }

  /** The same organ's sound a second time. */
  sound(organ: SoundOrgan, points: number): number {
    const known = this.#sounds.get(organ);
    if (known !== undefined) return known;
    const index = this.add([0, points], { kind: 'sound', organ });
    this.#sounds.set(organ, index);
    return index;
  }

  twins(key: string, points: number, family: Form['family']): number {
    return this.#keyed(key, [0, -points], { kind: 'twins', family });
  }
}

/** Sections where two of a kind are felt to be two of a kind; the same in another dress, where one gathers too. */
const TWINS_MEET: ReadonlySet<Role> = new Set(['nourish', 'still', 'clear', 'balance']);
export const twinsMeet = (form: Form, role: Role): boolean =>
  TWINS_MEET.has(role) || (role === 'gather' && isKin(form));

/** Twins that can really meet: kinds that at least two forms of these sections share. */
export function meetingTwins(
  places: readonly (readonly Place[])[],
  plan: readonly SectionPlan[],
): ReadonlySet<string> {
  const forms = new Map<string, Set<string>>();
  places.forEach((list, at) => {
    const role = plan[at]?.role;
    if (role === undefined) return;
    for (const { allowed, lesson } of list) {
      const key = lesson || !twinsMeet(allowed.form, role) ? undefined : twinKind(allowed.form);
      if (key) forms.set(key, (forms.get(key) ?? new Set()).add(allowed.form.id));
    }
  });
  return new Set([...forms].filter(([, ids]) => ids.size > 1).map(([key]) => key));
}

/** Forms the people have not met are counted, where it is known what they have met. */
export function newsOf({ people, customs }: Asking, counters: Counters): number | undefined {
  if ((people.known?.length ?? 0) === 0) return undefined;
  const atMost = customs.newFormsAtMost;
  // One more is to be had where nothing else can be, and then the margin says so.
  const gains = [...Array.from({ length: atMost }, () => 0), weight('tooNew')];
  return counters.add(gains, { kind: 'new-forms', atMost });
}

/** Forms of the last class are counted, where there was one. */
export function returningOf(asking: Asking, counters: Counters): number | undefined {
  const factor = factorOf(asking.customs, 'variety');
  const gains = returnGains(asking)?.map((points) => points * factor);
  return gains && counters.add(gains, { kind: 'returning' });
}

/** How many joints are loosened one by one in a class of so many minutes: a few, and one more every ten minutes. */
const jointsIn = (minutes: number): number => 3 + Math.floor(minutes / 10);

/** Joints are counted, save where they are the theme. */
export function jointsOf({ brief, customs }: Asking, counters: Counters): number | undefined {
  if (shapeOf(brief).id === 'joints') return undefined;
  const atMost = jointsIn(brief.minutes);
  const more = weight('jointsEnough') * factorOf(customs, 'economy');
  return counters.add([...Array.from({ length: atMost }, () => 0), more], { kind: 'joints', atMost });
}

/** Forms beyond what a practice of so many minutes has, each at a price no form is worth; the joints are one round. */
export function allOf({ brief, customs, kept }: Asking, counters: Counters): number {
  const most = Math.max(mostFormsIn(brief, customs), kept?.items.length ?? 0) - 1;
  return counters.add([...Array.from({ length: most }, () => 0), weight('tooMany')], {
    kind: 'forms',
    atMost: most,
  });
}
