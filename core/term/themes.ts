import { readAlmanac, type AlmanacReading } from '../almanac';
import { nextTurningPoint } from '../almanac/reading';
import { DAY_MS } from '../almanac/zone';
import { AIMS, type AimId } from '../brief/aims';
import { themePhases, type Theme } from '../brief/theme';
import type { Customs } from '../customs';
import { childOf, controlledBy, motherOf, organsOf, type PhaseId } from '../phases';
import { TERM_WEIGHTS, type TermAim, AIM_FACTORS } from './weights';

/** How hard a week is. */
export const LOADS = ['easy', 'middling', 'full'] as const;
export type Load = (typeof LOADS)[number];

/** Why a week has its theme. Worded in the interface. */
export type WeekReason =
  | {
      readonly code: 'season-organ' | 'season-pair' | 'season-phase' | 'mother' | 'coming';
      readonly phase: PhaseId;
    }
  | { readonly code: 'turning'; readonly daysTo: number }
  | { readonly code: 'all-phases' | 'aim' | 'set-whole' }
  | { readonly code: 'against'; readonly phase: PhaseId };

/** A theme a week may have, with what speaks for and against it. */
export interface ThemeOffer {
  readonly theme: Theme;
  readonly points: number;
  readonly reasons: readonly WeekReason[];
}

/** The year speaks of a change so many days before it (common practice). */
const TURNING_DAYS = 15;

/** Two themes are the same where they say the same. */
export const sameTheme = (a: Theme, b: Theme): boolean => JSON.stringify(a) === JSON.stringify(b);

function ofPhase(phase: PhaseId, reading: AlmanacReading, factor: number): readonly ThemeOffer[] {
  const ruling = reading.season.phase;
  const coming = reading.daysToPhaseChange <= TURNING_DAYS ? reading.season.nextPhase : undefined;
  const organs = organsOf(phase);
  const speaks: readonly (readonly [number, WeekReason])[] = [
    ...(phase === ruling ? [[TERM_WEIGHTS.seasonOrgan, { code: 'season-organ', phase }] as const] : []),
    ...(phase === coming && phase !== ruling
      ? [[TERM_WEIGHTS.coming, { code: 'coming', phase }] as const]
      : []),
    ...(phase === motherOf(ruling) ? [[TERM_WEIGHTS.mother, { code: 'mother', phase }] as const] : []),
    ...(controlledBy(phase) === ruling ? [[TERM_WEIGHTS.against, { code: 'against', phase }] as const] : []),
  ];
  const points = speaks.reduce((sum, [of]) => sum + of, 0);
  const reasons = speaks.map(([, reason]) => reason);
  const isRuling = phase === ruling;
  return [
    ...organs.map((row, index): ThemeOffer => {
      const lessBy = index === 0 ? 0 : isRuling ? TERM_WEIGHTS.seasonOrgan - TERM_WEIGHTS.seasonPair : 1;
      const told = index > 0 && isRuling ? [{ code: 'season-pair', phase } as const] : reasons;
      return { theme: { kind: 'organ', organ: row.id }, points: factor * (points - lessBy), reasons: told };
    }),
    {
      theme: { kind: 'phase', phase },
      points:
        factor * (isRuling ? points - (TERM_WEIGHTS.seasonOrgan - TERM_WEIGHTS.seasonPhase) : points - 0.5),
      reasons: isRuling ? [{ code: 'season-phase', phase }] : reasons,
    },
  ];
}

/** Every theme a week may have, by what the almanac says of its first class and what the term is for. */
export function offersFor(
  atMs: number,
  customs: Customs,
  aims: { readonly aim: TermAim; readonly also: readonly AimId[]; readonly wholeSet: string | undefined },
): readonly ThemeOffer[] {
  const reading = readAlmanac(atMs, customs.place, customs);
  const { year } = AIM_FACTORS[aims.aim];
  const toTurn = Math.round((nextTurningPoint(atMs).atMs - atMs) / DAY_MS);
  const isTurning = toTurn <= 7;
  const phases: readonly PhaseId[] = ['wood', 'fire', 'earth', 'metal', 'water'];
  return [
    ...phases.flatMap((phase) => ofPhase(phase, reading, year)),
    isTurning
      ? {
          theme: { kind: 'all-phases' },
          points: TERM_WEIGHTS.turning,
          reasons: [{ code: 'turning', daysTo: toTurn }],
        }
      : { theme: { kind: 'all-phases' }, points: TERM_WEIGHTS.allPhases, reasons: [{ code: 'all-phases' }] },
    ...AIMS.map(({ id }): ThemeOffer => ({
      theme: { kind: 'aim', aim: id },
      points: TERM_WEIGHTS.aim + (aims.also.includes(id) ? TERM_WEIGHTS.seasonPair : 0),
      reasons: [{ code: 'aim' }],
    })),
    ...(aims.wholeSet === undefined
      ? []
      : [
          {
            theme: { kind: 'set', set: aims.wholeSet } as const,
            points: TERM_WEIGHTS.setWhole,
            reasons: [{ code: 'set-whole' } as const],
          },
        ]),
  ];
}

/** What it is worth that one theme follows another. */
export function themeFollows(from: Theme, to: Theme): number {
  if (sameTheme(from, to)) return TERM_WEIGHTS.sameAgain;
  const [was, is] = [themePhases(from)[0], themePhases(to)[0]];
  if (was === undefined || is === undefined) return 0;
  if (childOf(was) === is) return TERM_WEIGHTS.generating;
  return controlledBy(is) === was || controlledBy(was) === is ? TERM_WEIGHTS.checking : 0;
}

/** What it is worth that one load follows another: it builds up, and then rests. */
export function loadFollows(from: Load, to: Load): number {
  if (from === 'full') return to === 'full' ? TERM_WEIGHTS.fullAgain : to === 'easy' ? TERM_WEIGHTS.rests : 0;
  const step = LOADS.indexOf(to) - LOADS.indexOf(from);
  return step === 1 ? TERM_WEIGHTS.builds : step === 2 ? TERM_WEIGHTS.jumps : 0;
}
