import type { Brief } from '@/core/brief';
import type { Theme } from '@/core/brief/theme';
import type { Minded } from '@/core/people/presence';
import type { PhaseId } from '@/core/phases';
import type { Term } from '@/core/term/document';
import type { Load } from '@/core/term/themes';

/** The practice of a week, and its forms: the next week brings most of them again. */
export interface PracticeOfWeek {
  readonly id: string;
  readonly name: string;
  readonly version: number;
  readonly formIds: readonly string[];
}

/** A week of a term as its page shows it. */
export interface WeekView {
  readonly monday: string;
  /** The days of its classes, in words. */
  readonly days: readonly string[];
  readonly out: readonly string[];
  readonly theme: Theme;
  readonly themeName: string;
  readonly phase: PhaseId;
  readonly load: Load;
  readonly isLocked: boolean;
  readonly isOver: boolean;
  readonly isNow: boolean;
  readonly news: readonly string[];
  readonly again: readonly string[];
  readonly why: readonly string[];
  /** What it comes by first, in words. */
  readonly first: readonly string[];
  readonly practice: PracticeOfWeek | undefined;
  /** Where the classes of its month are in the log. */
  readonly logHref: string;
  /** What its practice is composed from. */
  readonly brief: Brief;
  /** What those who are expected at its first class have, and may not do. */
  readonly minded: Minded;
}

/** A form that is learnt, over the weeks that have a class. */
export interface ThreadView {
  readonly formId: string;
  readonly name: string;
  readonly newIn: number | undefined;
  readonly again: readonly number[];
  readonly knownFrom: number | undefined;
}

export interface CoverView {
  readonly kind: 'organ' | 'channel' | 'joint' | 'capacity';
  readonly id: string;
  readonly name: string;
  /** In which weeks with a class, counted from 0 and rising. */
  readonly weeks: readonly number[];
}

/** How often something comes up to a week and with it. */
export const timesUntil = ({ weeks }: Pick<CoverView, 'weeks'>, until: number): number =>
  weeks.filter((week) => week <= until).length;

export interface TermView {
  readonly term: Term;
  readonly version: number;
  readonly groupName: string;
  readonly when: string;
  readonly weeks: readonly WeekView[];
  /** Weeks without a class, and why. */
  readonly empty: readonly {
    readonly monday: string;
    readonly day: string;
    readonly out: readonly string[];
  }[];
  readonly threads: readonly ThreadView[];
  readonly cover: readonly CoverView[];
  /** Bands of the year under the weeks, 0–1 of the term. */
  readonly bands: readonly { readonly phase: PhaseId; readonly from: number; readonly to: number }[];
  /** Solar terms, 0–1 of the term. */
  readonly marks: readonly {
    readonly at: number;
    readonly hanzi: string;
    readonly pinyin: string;
    readonly name: string;
  }[];
  /** How far the plan may be from the best there is, 0–1. */
  readonly gap: number;
  /** What planning again would change. */
  readonly changes: readonly string[];
  readonly clashes: readonly string[];
}

/** The term with another word for a week; a practice for another theme is no longer its own. */
export function withWeek(term: Term, monday: string, next: Partial<Term['weeks'][string]>): Term {
  const before = term.weeks[monday];
  if (!before) return term;
  const { practiceId, ...rest } = { ...before, ...next };
  const isSame = JSON.stringify(before.theme) === JSON.stringify(rest.theme);
  const kept = next.practiceId ?? (isSame ? practiceId : undefined);
  return {
    ...term,
    weeks: { ...term.weeks, [monday]: kept === undefined ? rest : { ...rest, practiceId: kept } },
  };
}

/** The term with what two weeks are for changed over: themes, loads and practices go with them, locks stay. */
export function swapped(term: Term, one: string, other: string): Term {
  const [a, b] = [term.weeks[one], term.weeks[other]];
  if (!a || !b || one === other) return term;
  return {
    ...term,
    weeks: {
      ...term.weeks,
      [one]: { ...b, isLocked: a.isLocked },
      [other]: { ...a, isLocked: b.isLocked },
    },
  };
}
