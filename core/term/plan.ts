import type { AimId } from '../brief/aims';
import type { Theme } from '../brief/theme';
import type { Customs } from '../customs';
import type { Form } from '../forms';
import { formsOfSet } from '../forms/model/sets';
import { DAY_MS } from '../almanac/zone';
import { seasonAt } from '../almanac/seasons';
import { assign, countsOf, type Assignment } from './assign';
import { weeksOf, type TermDays, type TermWeek } from './calendar';
import { COVERED, coversOf, heartOf } from './coverage';
import { threadsOf, type Thread } from './lessons';
import {
  loadFollows,
  LOADS,
  offersFor,
  sameTheme,
  themeFollows,
  type Load,
  type ThemeOffer,
  type WeekReason,
} from './themes';
import { AIM_FACTORS, TERM_WEIGHTS, type TermAim } from './weights';

/** What a week is for, as it was planned or chosen. */
export interface WeekWord {
  readonly theme: Theme;
  readonly load: Load;
}

export interface TermAsked {
  readonly days: TermDays;
  readonly aim: TermAim;
  /** Plain aims that should come too. */
  readonly also: readonly AimId[];
  /** Forms to be learnt, in order; a set stands as its forms. */
  readonly learn: readonly string[];
  /** The set they are, where they are one. */
  readonly learnSet: string | undefined;
  /** When each form was led for this group, ms, by its id. */
  readonly ledMs: Readonly<Record<string, readonly number[]>>;
  /** Weeks whose classes are over by then are as they were led, ms. */
  readonly nowMs: number;
  /** Weeks that stay as they are, by their Monday. */
  readonly fixed: Readonly<Record<string, WeekWord>>;
  /** What was told before, by Monday: it stays where that costs little. */
  readonly former: Readonly<Record<string, WeekWord>>;
}

export interface PlannedWeek extends WeekWord {
  readonly monday: string;
  readonly classesMs: readonly number[];
  /** Why classes fall out in it. */
  readonly out: readonly string[];
  readonly isFixed: boolean;
  readonly reasons: readonly WeekReason[];
  /** What it comes by that no week before it did, as numbers of `COVERED`. */
  readonly covers: readonly number[];
  /** All it comes by, likewise. */
  readonly comesBy: readonly number[];
  /** Forms that are new, and that come back. */
  readonly news: readonly string[];
  readonly again: readonly string[];
}

export interface TermPlan {
  /** Every week of the term; one without a class has no word of its own and is not here but in `empty`. */
  readonly weeks: readonly PlannedWeek[];
  readonly empty: readonly { readonly monday: string; readonly out: readonly string[] }[];
  readonly threads: readonly Thread[];
  /** How often each of `COVERED` is come by. */
  readonly counts: readonly number[];
  /** Worth of the plan in points, and what no plan can be above. */
  readonly value: number;
  readonly bound: number;
}

interface ThemeChoice extends ThemeOffer {
  readonly covers: readonly number[];
}

/** So many forms begin in one week at most, whatever the customs allow in one class. */
const MOST_NEW = 2;

/** The season changes within so many days: the load is easy. */
const CHANGE_DAYS = 4;

const gainsFor = (aim: TermAim): readonly (readonly number[])[] =>
  COVERED.map(({ kind }) => TERM_WEIGHTS[kind].map((points) => points * AIM_FACTORS[aim].cover));

/** Whether a week should be easy: a class falls out in it, or the ruling phase changes there. */
function isEasyThere(classesMs: readonly number[], out: readonly string[], customs: Customs): boolean {
  const first = classesMs[0] ?? 0;
  const { phaseEndsAtMs } = seasonAt(first, customs.place, customs);
  return out.length > 0 || phaseEndsAtMs - first < CHANGE_DAYS * DAY_MS;
}

/** What it is worth that one theme follows another, worked out once for all that say the same. */
function followsIn(choices: readonly (readonly ThemeChoice[])[]): Assignment['follows'] {
  const themes: Theme[] = [];
  const numbers = new Map<string, number>();
  const numbered = choices.map((options) =>
    options.map(({ theme }) => {
      const key = JSON.stringify(theme);
      const known = numbers.get(key);
      if (known !== undefined) return known;
      numbers.set(key, themes.length);
      themes.push(theme);
      return themes.length - 1;
    }),
  );
  const worth = themes.map((from) => themes.map((to) => themeFollows(from, to)));
  return (week, from, to) => worth[numbered[week - 1]?.[from] ?? 0]?.[numbered[week]?.[to] ?? 0] ?? 0;
}

/** The loads of the weeks: a plan of its own, as nothing ties it to the themes. */
function loadsFor(
  weeks: readonly {
    readonly easy: boolean;
    readonly fixed?: Load | undefined;
    readonly former?: Load | undefined;
  }[],
) {
  const choices = weeks.map(({ easy, fixed, former }) =>
    LOADS.filter((load) => fixed === undefined || load === fixed).map((load) => ({
      load,
      covers: [],
      points:
        (easy && load === 'easy' ? TERM_WEIGHTS.easyThere : 0) +
        (load === former ? TERM_WEIGHTS.loadStays : 0),
    })),
  );
  const { chosen, value, bound } = assign({
    weeks: choices,
    gains: [],
    follows: (week, from, to) => {
      const [was, is] = [choices[week - 1]?.[from]?.load, choices[week]?.[to]?.load];
      return was && is ? loadFollows(was, is) : 0;
    },
  });
  return { loads: chosen.map((at, week) => choices[week]?.[at]?.load ?? 'middling'), value, bound };
}

/** What a theme is made of and comes by, worked out once for each. */
function onThemes(repertoire: readonly Form[], customs: Customs) {
  const found = new Map<
    string,
    { readonly covers: readonly number[]; readonly heart: ReadonlySet<string> }
  >();
  return (theme: Theme) => {
    const key = JSON.stringify(theme);
    const known = found.get(key);
    if (known) return known;
    const made = {
      covers: coversOf(theme, repertoire, customs),
      heart: new Set(heartOf(theme, repertoire, customs).map(({ id }) => id)),
    };
    found.set(key, made);
    return made;
  };
}

/** The themes each week may have. */
function choicesFor(
  asked: TermAsked,
  held: readonly TermWeek[],
  threads: readonly Thread[],
  repertoire: readonly Form[],
  customs: Customs,
): readonly (readonly ThemeChoice[])[] {
  const of = onThemes(repertoire, customs);
  const lastNew = Math.max(-1, ...threads.map(({ newIn = -1 }) => newIn));
  return held.map((week, index) => {
    const offers = offersFor(week.classesMs[0] ?? 0, customs, {
      aim: asked.aim,
      also: asked.also,
      wholeSet: index > lastNew ? asked.learnSet : undefined,
    });
    const news = threads.filter(({ newIn }) => newIn === index);
    const [fixed, former] = [asked.fixed[week.monday], asked.former[week.monday]];
    const words: readonly ThemeOffer[] =
      fixed && !offers.some(({ theme }) => sameTheme(theme, fixed.theme))
        ? [...offers, { theme: fixed.theme, points: 0, reasons: [] }]
        : offers;
    return words
      .filter(({ theme }) => !fixed || sameTheme(theme, fixed.theme))
      .map(({ theme, points, reasons }) => {
        const { covers, heart } = of(theme);
        const fits = news.filter(({ formId }) => heart.has(formId)).length * TERM_WEIGHTS.newFits;
        const stays = former && sameTheme(former.theme, theme) ? TERM_WEIGHTS.stays : 0;
        return { theme, reasons, covers, points: points + fits + stays };
      });
  });
}

/** Plans every week of a term: pure, the same for the same asking. */
export function planTerm(asked: TermAsked, repertoire: readonly Form[], customs: Customs): TermPlan {
  const all = weeksOf(asked.days, customs.place.zone);
  const held = all.filter(({ classesMs }) => classesMs.length > 0);
  const threads = threadsOf({
    formIds: asked.learn,
    classesMs: held.map(({ classesMs }) => classesMs[0] ?? 0),
    ledMs: asked.ledMs,
    mostNewAWeek: Math.max(1, Math.min(MOST_NEW, customs.newFormsAtMost)),
    fromWeek: held.filter(({ classesMs }) => (classesMs.at(-1) ?? 0) < asked.nowMs).length,
  });
  const choices = choicesFor(asked, held, threads, repertoire, customs);
  const load = loadsFor(
    held.map((week, index) => ({
      // The first week too: people meet, and learn how they are.
      easy: index === 0 || isEasyThere(week.classesMs, week.out, customs),
      fixed: asked.fixed[week.monday]?.load,
      former: asked.former[week.monday]?.load,
    })),
  );
  const problem: Assignment = { weeks: choices, gains: gainsFor(asked.aim), follows: followsIn(choices) };
  const { chosen, value, bound } = assign(problem);
  const seen = new Set<number>();
  const weeks = held.map((week, index): PlannedWeek => {
    const choice = choices[index]?.[chosen[index] ?? 0];
    if (!choice) throw new RangeError(`week ${week.monday} has no choice`);
    const fresh = choice.covers.filter((counter) => !seen.has(counter));
    fresh.forEach((counter) => seen.add(counter));
    return {
      monday: week.monday,
      classesMs: week.classesMs,
      out: week.out,
      theme: choice.theme,
      load: load.loads[index] ?? 'middling',
      isFixed: asked.fixed[week.monday] !== undefined,
      reasons: choice.reasons,
      covers: fresh,
      comesBy: choice.covers,
      news: threads.filter(({ newIn }) => newIn === index).map(({ formId }) => formId),
      again: threads.filter(({ again }) => again.includes(index)).map(({ formId }) => formId),
    };
  });
  return {
    weeks,
    empty: all.filter(({ classesMs }) => classesMs.length === 0).map(({ monday, out }) => ({ monday, out })),
    threads,
    counts: countsOf(problem, chosen),
    value: value + load.value,
    bound: bound + load.bound,
  };
}

/** The forms a term is to teach, in order: those of a set in one’s school, then single ones. */
export const formsToLearn = (
  learnSet: string | undefined,
  formIds: readonly string[],
  customs: Customs,
): readonly string[] => [
  ...new Set([...(learnSet === undefined ? [] : formsOfSet(learnSet, customs)), ...formIds]),
];

/** What is different in a plan from what was told before, week by week. */
export function changesFrom(
  former: Readonly<Record<string, WeekWord>>,
  weeks: readonly Pick<PlannedWeek, 'monday' | 'theme' | 'load'>[],
): readonly { readonly monday: string; readonly was: WeekWord; readonly is: WeekWord }[] {
  return weeks.flatMap(({ monday, theme, load }) => {
    const was = former[monday];
    return was && (!sameTheme(was.theme, theme) || was.load !== load)
      ? [{ monday, was, is: { theme, load } }]
      : [];
  });
}
