import { SEASON_PHASE } from '../almanac';
import { aim, themeParts, themePhases, type Brief } from '../brief';
import type { StrengthId } from '../customs';
import { asksOf, phasesOfForm, type Form, type FormSchools, type Role, type VariantId } from '../forms';
import type { PhaseId } from '../phases';
import type { Reason } from '../practice/model';
import { effortOf } from './joints';
import { actionReach, targetsOf, type Target } from './reach';

/** A reason to take a form or to leave it, in the model's own terms. */
export interface Part {
  readonly strength: StrengthId;
  /** Points, before the user's own strengths are laid over them. */
  readonly points: number;
  readonly reason?: Reason;
}

/** Sections in which forms are taken for the theme's sake. */
export const HEART: ReadonlySet<Role> = new Set(['clear', 'nourish', 'still']);

/** The joints worth warming first for a phase (common practice, after the regions of the table). */
const PHASE_JOINTS: Readonly<Record<PhaseId, readonly string[]>> = {
  wood: ['spine', 'hips', 'neck'],
  fire: ['shoulders', 'wrists', 'spine'],
  earth: ['hips', 'knees', 'spine'],
  metal: ['shoulders', 'wrists', 'neck'],
  water: ['ankles', 'spine', 'hips'],
};

/** Where the effort of a section should lie, 0–1 (common practice: up to the middle, down to the close). */
const EFFORT: Readonly<Record<Role, number>> = {
  arrive: 0.02,
  loosen: 0.2,
  wake: 0.5,
  clear: 0.4,
  nourish: 0.3,
  still: 0.15,
  balance: 0.15,
  gather: 0.03,
  close: 0,
};

/** How a draft is coloured: as asked, or in a character of its own. */
export const CHARACTERS = ['as-asked', 'gentler', 'fuller', 'plainer'] as const;
export type Character = (typeof CHARACTERS)[number];

/** The season leans the choice a little towards its own phase, the hour to yang or yin (common practice). */
function seasonParts(form: Form, brief: Brief, schools: FormSchools): readonly Part[] {
  const parts: Part[] = [];
  const phase = brief.season === 'earth-turn' ? 'earth' : SEASON_PHASE[brief.season];
  if (!themePhases(brief.theme).includes(phase) && phasesOfForm(form, schools).includes(phase))
    parts.push({ strength: 'season', points: 0.5, reason: { code: 'season', phase } });
  const wanted = brief.dayPart === 'morning' ? 'yang' : brief.dayPart === 'evening' ? 'yin' : undefined;
  if (wanted !== undefined && form.polarity !== 'even')
    parts.push(
      form.polarity === wanted
        ? { strength: 'season', points: 0.4, reason: { code: 'time-of-day', dayPart: brief.dayPart } }
        : { strength: 'season', points: brief.dayPart === 'evening' ? -0.6 : -0.2 },
    );
  return parts;
}

function loosenParts(form: Form, brief: Brief): readonly Part[] {
  const joints = new Set([
    ...themePhases(brief.theme).flatMap((phase) => PHASE_JOINTS[phase]),
    ...themeParts(brief.theme).flatMap((part) => (part.kind === 'aim' ? aim(part.aim).joints : [])),
  ]);
  const warmed = form.loosens.filter((joint) => joints.has(joint)).length;
  return warmed === 0 ? [] : [{ strength: 'theme', points: warmed * 0.35 }];
}

function actionPart(form: Form, role: Role, brief: Brief): readonly Part[] {
  const reach = actionReach(form, brief);
  const reason = reach?.reasons[0];
  return reach && reason && HEART.has(role) ? [{ strength: 'theme', points: reach.points, reason }] : [];
}

/** What a form gives the theme by itself, beside the falling return of one more. */
export function reachParts(form: Form, role: Role, targets: readonly Target[]): readonly Part[] {
  return targets.flatMap((target) => {
    const reach = target.reachOf(form);
    if (!reach) return [];
    // Beside the heart the theme still colours the choice, without falling returns.
    const points = HEART.has(role) ? reach.points : (reach.points + (target.gains[0] ?? 0)) * 0.22;
    return points === 0 ? [] : [{ strength: target.strength, points }];
  });
}

function arcPart(form: Form, variant: VariantId, role: Role, brief: Brief, character: Character): Part {
  const quiet = (brief.dayPart === 'evening' ? 0.6 : 1) * (character === 'gentler' ? 0.5 : 1);
  const off = effortOf(form, variant) - EFFORT[role] * quiet;
  // Too much weighs more than too little, and most of all late in the practice.
  return { strength: 'arc', points: -(off > 0 ? 1.6 : 0.6) * Math.abs(off) };
}

/** What a gentler draft spares. */
function sparedPoints(form: Form, variant: VariantId): number {
  const asks = asksOf(form, variant);
  return [
    asks.armsAboveShoulders,
    asks.kneeBend === 'deep' || asks.kneeBend === 'moderate',
    asks.oneLegSec > 0,
    asks.vigorous,
    asks.breathHold || asks.staticHold,
    asks.percussion.length > 1,
  ].filter(Boolean).length;
}

const ECONOMY: Readonly<Record<Character, number>> = {
  'as-asked': 1.6,
  gentler: 1.6,
  fuller: 1.2,
  plainer: 2.6,
};

/** What a form is worth in a section apart from the falling returns of the theme. */
export function partsOf(
  form: Form,
  variant: VariantId,
  role: Role,
  brief: Brief,
  schools: FormSchools,
  character: Character = 'as-asked',
): readonly Part[] {
  const parts: Part[] = [
    // A role that a form is first known for counts a little more than one it can also play.
    ...(form.roles[0] === role ? [{ strength: 'theme' as const, points: 0.3 }] : []),
    ...actionPart(form, role, brief),
    ...(role === 'loosen' ? loosenParts(form, brief) : []),
    ...seasonParts(form, brief, schools),
    arcPart(form, variant, role, brief, character),
    {
      strength: 'level',
      points:
        -(form.level - 1) * (brief.familiarity === 'taught' ? 0.6 : 0.15) * (character === 'plainer' ? 3 : 1),
    },
    { strength: 'talk', points: -form.setupSec[brief.familiarity] / 60 },
    { strength: 'economy', points: -ECONOMY[character] },
  ];
  if (character === 'gentler') parts.push({ strength: 'arc', points: -0.7 * sparedPoints(form, variant) });
  return parts.filter(({ points }) => points !== 0);
}

/** What a form may give by itself in full, points; of more only a share counts. */
const ENOUGH_POINTS = 1.1;
const SHARE_BEYOND = 0.2;

/**
 * What a form gives by itself, kept below what its place costs: however well it suits, one form more is worth
 * its minutes only through what it reaches first (the falling returns). Else a theme of many parts would fill
 * an hour with whatever suits all of them.
 */
export function withinPlace(parts: readonly Part[]): readonly Part[] {
  const given = parts.reduce((sum, { points }) => sum + Math.max(0, points), 0);
  if (given <= ENOUGH_POINTS) return parts;
  const share = (ENOUGH_POINTS + SHARE_BEYOND * (given - ENOUGH_POINTS)) / given;
  return parts.map((part) => (part.points > 0 ? { ...part, points: part.points * share } : part));
}

function roleReason(form: Form, role: Role, served: readonly Reason[]): readonly Reason[] {
  switch (role) {
    case 'arrive':
      return [{ code: 'opens' }];
    case 'loosen':
      return [{ code: 'warms', joints: [...form.loosens] }];
    case 'wake':
      return [{ code: 'wakes' }];
    case 'clear': {
      const organ = served.find((reason) => reason.code === 'serves-organ');
      return organ ? [{ code: 'clears-organ', organ: organ.organ }] : [{ code: 'clears-before-nourishing' }];
    }
    case 'nourish':
      return served.length === 0 ? [{ code: 'rounds-out' }] : [];
    case 'still':
      return [{ code: 'stills' }];
    case 'balance':
      return [{ code: 'balances' }];
    case 'gather':
      return [{ code: 'gathers' }];
    case 'close':
      return [{ code: 'closes' }];
    default:
      return role satisfies never;
  }
}

/** Why a form stands in a section, in the order a teacher would say it. */
export function reasonsFor(
  form: Form,
  role: Role,
  brief: Brief,
  schools: FormSchools,
  targets: readonly Target[] = targetsOf(brief, schools),
): readonly Reason[] {
  const served = [
    ...targets.flatMap((target) => target.reachOf(form)?.reasons ?? []),
    ...(actionReach(form, brief)?.reasons ?? []),
  ];
  const organ = served.some((reason) => reason.code === 'serves-organ');
  const lean = seasonParts(form, brief, schools).flatMap(({ reason }) => (reason ? [reason] : []));
  const season = lean.filter((reason) => reason.code === 'season');
  const time = lean.filter((reason) => reason.code === 'time-of-day');
  const own = role === 'clear' ? served.filter((reason) => reason.code !== 'serves-organ') : served;
  return [
    ...roleReason(form, role, served),
    ...(HEART.has(role) || organ ? own : []),
    ...(HEART.has(role) ? season : []),
    ...time,
  ];
}

export interface Merit {
  /** Higher is better; 0 is a form that fits nothing in particular. */
  readonly fit: number;
  readonly reasons: readonly Reason[];
}

/** How well a form alone serves a brief in a section: what it would be worth as the first of its kind. */
export function meritOf(form: Form, role: Role, brief: Brief, schools: FormSchools): Merit {
  const targets = targetsOf(brief, schools);
  const reach = HEART.has(role)
    ? targets.reduce((sum, { gains, reachOf }) => sum + (reachOf(form) ? (gains[0] ?? 0) : 0), 0)
    : 0;
  const parts = [...partsOf(form, 'full', role, brief, schools), ...reachParts(form, role, targets)];
  return {
    fit: parts.reduce((sum, { points }) => sum + points, reach),
    reasons: reasonsFor(form, role, brief, schools, targets),
  };
}
