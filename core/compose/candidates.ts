import { SEASON_PHASE } from '../almanac';
import { themeOrgans, themePhase, type Brief } from '../brief';
import {
  asksOf,
  existsInSchools,
  hasVariant,
  organsOfForm,
  phasesOfForm,
  stanceOf,
  type Form,
  type FormSchools,
  type Role,
  type VariantId,
} from '../forms';
import { cautionsOf, type ConditionId } from '../people';
import { childOf, motherOf, organ } from '../phases';
import type { Reason } from '../practice/model';

/** A form as this group would do it in this posture. */
export interface Fitting {
  readonly variant: VariantId;
  readonly omitHolds: boolean;
  readonly exhaleByMouth: boolean;
  readonly reasons: readonly Reason[];
}

/** Why a form cannot be used at all. */
export type Refusal = 'no-such-variant' | 'caution' | 'school';

/**
 * Fits a form to posture and people: the fullest variant that no *avoid* forbids and no *change* asks to
 * soften, or the reason why there is none. Holds and the exhale are changed where that is the remedy.
 */
export function fitForm(
  form: Form,
  posture: Brief['posture'],
  conditions: readonly ConditionId[],
  schools: FormSchools,
): Fitting | Refusal {
  if (!existsInSchools(form, schools)) return 'school';
  const variants: readonly VariantId[] = posture === 'seated' ? ['seated'] : ['full', 'smaller'];
  // Nobody who stands has a chair at hand for one form.
  const offered = variants.filter(
    (variant) =>
      hasVariant(form, variant) && (posture === 'seated' || stanceOf(form, variant).start !== 'chair'),
  );
  if (offered.length === 0) return 'no-such-variant';
  for (const variant of offered) {
    const cautions = cautionsOf(form, variant, conditions);
    const asksGentler = cautions.some(
      (caution) => caution.weight === 'avoid' || caution.remedy === 'gentler-variant',
    );
    if (asksGentler) continue;
    const omitHolds = cautions.some((caution) => caution.remedy === 'omit-holds');
    const exhaleByMouth = cautions.some((caution) => caution.remedy === 'exhale-by-mouth');
    const reasons: Reason[] = [];
    if (variant === 'seated') reasons.push({ code: 'seated' });
    if (variant === 'smaller') reasons.push({ code: 'gentler-for-group' });
    if (omitHolds) reasons.push({ code: 'holds-left-out' });
    if (exhaleByMouth) reasons.push({ code: 'exhale-by-mouth' });
    return { variant, omitHolds, exhaleByMouth, reasons };
  }
  return 'caution';
}

export interface Merit {
  /** Higher is better; 0 is a form that fits nothing in particular. */
  readonly fit: number;
  readonly reasons: readonly Reason[];
}

/** The joints worth warming first for a phase (common practice, after the regions of the table). */
const PHASE_JOINTS = {
  wood: ['spine', 'hips', 'neck'],
  fire: ['shoulders', 'wrists', 'spine'],
  earth: ['hips', 'knees', 'spine'],
  metal: ['shoulders', 'wrists', 'neck'],
  water: ['ankles', 'spine', 'hips'],
} as const;

function themeMerit(form: Form, brief: Brief, schools: FormSchools): Merit {
  const phase = themePhase(brief.theme);
  const wanted = themeOrgans(brief.theme);
  const organs = organsOfForm(form, schools);
  const phases = phasesOfForm(form, schools);
  const main = organs.find((id) => wanted.includes(id));
  const pair = brief.theme.kind === 'organ' ? organ(brief.theme.organ).pair : undefined;
  const channel = wanted.map((id) => organ(id).channel);
  const reach = form.channels.find((candidate) => channel.includes(candidate.channel));
  let fit = 0;
  const reasons: Reason[] = [];
  if (main) {
    // The first organ named on the form is the one it is known for.
    fit += organs[0] === main ? 3.4 : 2.8;
    reasons.push({ code: 'serves-organ', organ: main });
  } else if (pair && organs.includes(pair)) {
    fit += 1.6;
    reasons.push({ code: 'serves-pair', organ: pair });
  }
  if (phases.includes(phase)) {
    fit += 1.4;
    if (!main) reasons.push({ code: 'serves-phase', phase });
  } else if (phases.includes(motherOf(phase)) && brief.intent !== 'clear') {
    fit += 0.8;
    reasons.push({ code: 'mother', phase, mother: motherOf(phase) });
  } else if (phases.includes(childOf(phase)) && brief.intent.startsWith('clear')) {
    fit += 0.5;
    reasons.push({ code: 'child', phase, child: childOf(phase) });
  }
  if (reach) {
    fit += 0.8;
    reasons.push({ code: 'reaches-channel', channel: reach.channel, how: reach.how });
  }
  return { fit, reasons };
}

/** Whatever the theme, the season leans the choice a little towards its own phase (common practice). */
function seasonMerit(form: Form, brief: Brief, schools: FormSchools): Merit {
  const phase = brief.season === 'earth-turn' ? 'earth' : SEASON_PHASE[brief.season];
  if (phase === themePhase(brief.theme) || !phasesOfForm(form, schools).includes(phase))
    return { fit: 0, reasons: [] };
  return { fit: 0.5, reasons: [{ code: 'season', phase }] };
}

/** Morning leans to yang and evening to yin (common practice). */
function timeOfDayMerit(form: Form, brief: Brief): Merit {
  const wanted = brief.dayPart === 'morning' ? 'yang' : brief.dayPart === 'evening' ? 'yin' : undefined;
  if (wanted === undefined || form.polarity === 'even') return { fit: 0, reasons: [] };
  return form.polarity === wanted
    ? { fit: 0.4, reasons: [{ code: 'time-of-day', dayPart: brief.dayPart }] }
    : { fit: brief.dayPart === 'evening' ? -0.6 : -0.2, reasons: [] };
}

function roleReason(form: Form, role: Role, merit: Merit): readonly Reason[] {
  switch (role) {
    case 'arrive':
      return [{ code: 'opens' }];
    case 'loosen':
      return [{ code: 'warms', joints: [...form.loosens] }];
    case 'wake':
      return [{ code: 'wakes' }];
    case 'clear': {
      const served = merit.reasons.find((reason) => reason.code === 'serves-organ');
      return served
        ? [{ code: 'clears-organ', organ: served.organ }]
        : [{ code: 'clears-before-nourishing' }];
    }
    case 'nourish':
      return merit.reasons.length === 0 ? [{ code: 'rounds-out' }] : [];
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

/** How well a form serves a brief in a role, and why. Deterministic; weights are the composer's own. */
export function meritOf(form: Form, role: Role, brief: Brief, schools: FormSchools): Merit {
  const theme = themeMerit(form, brief, schools);
  const time = timeOfDayMerit(form, brief);
  const season = seasonMerit(form, brief, schools);
  const joints: readonly string[] = PHASE_JOINTS[themePhase(brief.theme)];
  const warm = role === 'loosen' ? form.loosens.filter((joint) => joints.includes(joint)).length * 0.5 : 0;
  const calm = brief.intent === 'calm' && form.actions.includes('calms') ? 0.6 : 0;
  const move = brief.intent === 'move' && form.actions.includes('moves') ? 0.4 : 0;
  const level = (form.level - 1) * (brief.familiarity === 'taught' ? 0.6 : 0.15);
  const depth = asksOf(form, 'full').kneeBend === 'deep' ? 0.2 : 0;
  // A role that a form is first known for counts a little more than one it can also play.
  const primary = form.roles[0] === role ? 0.3 : 0;
  const themed = role === 'clear' || role === 'nourish' ? theme.fit : theme.fit * 0.25;
  return {
    fit: themed + time.fit + season.fit + warm + calm + move + primary - level - depth,
    reasons: [
      ...roleReason(form, role, theme),
      ...(role === 'clear'
        ? theme.reasons.filter((r) => r.code !== 'serves-organ')
        : role === 'nourish' || theme.fit >= 2
          ? theme.reasons
          : []),
      ...(role === 'clear' || role === 'nourish' ? season.reasons : []),
      ...time.reasons,
    ],
  };
}
