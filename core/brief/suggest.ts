import {
  dayPartOf,
  nextOccurrence,
  wallTime,
  type AlmanacReading,
  type ClassTime,
  type DayPart,
  type SeasonId,
} from '../almanac';
import { motherOf, organ, organsOf, type OrganId, type PhaseId } from '../phases';
import type { Intent } from './intents';
import type { Theme } from './theme';

/** A group as far as the almanac cares: who comes, when, for how long, standing or seated. */
export interface GroupCalendar {
  readonly familiarity: 'known' | 'taught';
  readonly id: string;
  readonly name: string;
  readonly times: readonly ClassTime[];
  readonly minutes: number;
  readonly posture: 'standing' | 'seated';
}

/** Why the almanac suggests a theme. Worded in the interface. */
export type SuggestionReason =
  | {
      readonly code: 'season';
      readonly season: SeasonId;
      readonly phase: PhaseId;
      readonly earth: boolean;
      readonly daysLeft: number;
    }
  | {
      readonly code: 'season-turning';
      readonly daysLeft: number;
      readonly from: PhaseId;
      readonly to: PhaseId;
      readonly nextSeason: SeasonId;
    }
  | { readonly code: 'mother'; readonly phase: PhaseId; readonly mother: PhaseId }
  | {
      readonly code: 'organ-hour';
      readonly organ: OrganId;
      readonly minutesLeft: number;
      readonly dayPart: DayPart;
    }
  | { readonly code: 'coming-class'; readonly groupName: string; readonly atMs: number };

export interface Suggestion {
  readonly theme: Theme;
  readonly intent: Intent;
  readonly dayPart: DayPart;
  readonly minutes: number;
  readonly posture: 'standing' | 'seated';
  readonly groupId: string | undefined;
  readonly reasons: readonly SuggestionReason[];
}

/** Within this many days of a change the almanac speaks of it (common practice). */
const TURNING_DAYS = 15;
/** A class this close is worth preparing for now. */
const CLASS_WITHIN_MS = 36 * 3_600_000;
const DEFAULT_MINUTES = 20;

/** Morning is for what makes qi, evening for calm (common practice). */
export function intentFor(dayPart: DayPart): Intent {
  return dayPart === 'evening' ? 'calm' : dayPart === 'morning' ? 'nourish' : 'clear-then-nourish';
}

function hourTheme(reading: AlmanacReading): Suggestion {
  const row = organ(reading.hour.organ);
  return {
    theme: { kind: 'organ', organ: row.id },
    intent: intentFor(reading.dayPart),
    dayPart: reading.dayPart,
    minutes: 10,
    posture: 'standing',
    groupId: undefined,
    reasons: [
      { code: 'organ-hour', organ: row.id, minutesLeft: reading.hour.minutesLeft, dayPart: reading.dayPart },
    ],
  };
}

function turningTheme(reading: AlmanacReading): Suggestion {
  const { phase, nextPhase, nextSeason } = reading.season;
  if (reading.daysToPhaseChange <= TURNING_DAYS)
    return {
      theme: { kind: 'phase', phase: nextPhase },
      intent: 'clear-then-nourish',
      dayPart: reading.dayPart,
      minutes: DEFAULT_MINUTES,
      posture: 'standing',
      groupId: undefined,
      reasons: [
        {
          code: 'season-turning',
          daysLeft: reading.daysToPhaseChange,
          from: phase,
          to: nextPhase,
          nextSeason,
        },
      ],
    };
  const mother = motherOf(phase);
  return {
    theme: { kind: 'phase', phase: mother },
    intent: 'nourish',
    dayPart: reading.dayPart,
    minutes: DEFAULT_MINUTES,
    posture: 'standing',
    groupId: undefined,
    reasons: [{ code: 'mother', phase, mother }],
  };
}

/**
 * Two or three themes for the instant, each with its reasons: the season's own organ (for the next class if
 * one is near), the organ hour, and the coming phase or the mother that feeds the present one. No two alike.
 */
export function suggestThemes(
  reading: AlmanacReading,
  groups: readonly GroupCalendar[],
  zone: string,
): readonly Suggestion[] {
  const { season } = reading;
  const yinOrgan = organsOf(season.phase)[0];
  if (!yinOrgan) throw new RangeError(`phase ${season.phase} has no organ`);
  const coming = groups
    .flatMap((group) =>
      group.times.map((time) => ({ group, atMs: nextOccurrence(time, reading.atMs, zone) })),
    )
    .toSorted((a, b) => a.atMs - b.atMs)
    .find((candidate) => candidate.atMs - reading.atMs <= CLASS_WITHIN_MS);

  const seasonal: Suggestion = {
    theme: { kind: 'organ', organ: yinOrgan.id },
    intent: 'clear-then-nourish',
    dayPart: coming ? dayPartOf(wallTime(coming.atMs, zone).hour) : reading.dayPart,
    minutes: coming?.group.minutes ?? DEFAULT_MINUTES,
    posture: coming?.group.posture ?? 'standing',
    groupId: coming?.group.id,
    reasons: [
      {
        code: 'season',
        season: season.season,
        phase: season.phase,
        earth: season.earth,
        daysLeft: reading.daysToPhaseChange,
      },
      ...(coming ? [{ code: 'coming-class' as const, groupName: coming.group.name, atMs: coming.atMs }] : []),
    ],
  };
  const others = [hourTheme(reading), turningTheme(reading)].filter(
    (suggestion) => !sameTheme(suggestion.theme, seasonal.theme),
  );
  return [seasonal, ...others];
}

function sameTheme(a: Theme, b: Theme): boolean {
  return JSON.stringify(a) === JSON.stringify(b);
}
