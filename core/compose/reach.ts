import {
  aim,
  organOfChannel,
  themeChannels,
  themeOrgans,
  themeParts,
  themePhases,
  type Brief,
  type Theme,
  type ThemePart,
} from '../brief';
import {
  CHANNELS_OF_ORGANS,
  pointsForTheme,
  type ChannelId,
  type PointCode,
  type PointIntent,
} from '../channels';
import { channelOf } from '../channels/codes';
import type { StrengthId } from '../customs';
import {
  isOwnId,
  organsOfForm,
  phasesOfForm,
  reachOf,
  type Form,
  type FormSchools,
  type VariantId,
} from '../forms';
import { rankFor } from '../known';
import { childOf, motherOf, organ, PHASE_IDS, type OrganId, type PhaseId } from '../phases';
import type { Reason } from '../practice/model';
import { weight } from './weights';

/** How a form gives what is asked for, best way first, and what that alone is worth. */
export interface Reach {
  readonly points: number;
  readonly reasons: readonly Reason[];
}

/** Something the theme asks for, with what each further form that gives it is worth. */
export interface Target {
  readonly key: string;
  readonly strength: StrengthId;
  /** Points for the first, second, third … form; never rising. */
  readonly gains: readonly number[];
  /** What a form gives in a way of doing it, the full one unless said; nothing where it gives none of it. */
  readonly reachOf: (form: Form, variant?: VariantId) => Reach | undefined;
  /** Whether a form counts as one more that gives it: what merely touches the theme does not. */
  readonly counts: (form: Form, variant?: VariantId) => boolean;
}

/** Falling returns: the first form that serves the theme says most (common practice, shape chosen here). */
const FALLING = [1, 0.82, 0.66, 0.52, 0.4, 0.3, 0.22, 0.15, 0.1, 0.05] as const;
const STEEP = [1, 0.55, 0.25, 0.1, 0] as const;
/** Of each of the five phases one is wanted, and hardly a second. */
const ONCE = [1, 0.25, 0.05, 0] as const;
const scaled = (points: number, shape: readonly number[]): readonly number[] =>
  shape.map((share) => share * points);

const pointIntent = (intent: Brief['intent']): PointIntent =>
  intent === 'calm' ? 'calm' : intent === 'clear' ? 'clear' : 'nourish';

/** The points the atlas proposes for channels and an intent. */
const proposed = (channels: readonly ChannelId[], intent: Brief['intent']): readonly PointCode[] =>
  CHANNELS_OF_ORGANS.filter((id) => channels.includes(id)).flatMap((id) =>
    pointsForTheme(id, pointIntent(intent)).map(({ code }) => code),
  );

/** What one part of a theme looks for in a form. */
interface Wanted {
  readonly organs: readonly OrganId[];
  readonly phases: readonly PhaseId[];
  readonly channels: readonly ChannelId[];
  readonly points: readonly PointCode[];
  /** What each way of reaching is worth by itself, beside the falling return of one more form. */
  readonly worth: {
    readonly organ: number;
    readonly phase: number;
    readonly channel: number;
    readonly point: number;
  };
}

function reachWanted(
  form: Form,
  variant: VariantId,
  wanted: Wanted,
  schools: FormSchools,
  part: ThemePart,
): Reach | undefined {
  const organs = organsOfForm(form, schools);
  const reasons: Reason[] = [];
  let points = 0;
  const served = organs.find((id) => wanted.organs.includes(id));
  if (served) {
    // The first organ named on a form is the one it is known for.
    points += wanted.worth.organ * (organs[0] === served ? 1 : 0.6);
    reasons.push({ code: 'serves-organ', organ: served });
  } else {
    const phase = phasesOfForm(form, schools).find((id) => wanted.phases.includes(id));
    if (phase) {
      points += wanted.worth.phase;
      reasons.push({ code: 'serves-phase', phase });
    }
  }
  const reach = form.channels.find(({ channel }) => wanted.channels.includes(channel));
  if (reach) {
    points += wanted.worth.channel;
    reasons.push({ code: 'reaches-channel', channel: reach.channel, how: reach.how });
  }
  const point = wanted.points.find((code) => {
    const way = reachOf(form, code, variant);
    return way !== undefined && way !== 'channel';
  });
  if (point) {
    points += wanted.worth.point;
    reasons.push({ code: 'reaches-point', point });
  }
  const rank = rankFor(form, part, schools, variant);
  if (rank === undefined || rank === 'touches') return reasons.length === 0 ? undefined : { points, reasons };
  return {
    // Known for the theme by what it is, whether or not its organ or channel says so.
    points: reasons.length === 0 ? wanted.worth.phase : points,
    reasons: [{ code: 'known-for', rank }, ...reasons],
  };
}

/** What is known for a part of a theme counts for it; of one's own forms what reaches it. */
function countsFor(form: Form, variant: VariantId, part: ThemePart, schools: FormSchools): boolean {
  const rank = rankFor(form, part, schools, variant);
  return rank === 'named' || rank === 'accepted' || isOwnId(form.id);
}

/** What lies round a point: the organ of its channel, or the channel where it is no organ's. */
function roundOf(code: PointCode): { readonly part?: ThemePart } {
  const channel = channelOf(code);
  const own = channel && organOfChannel(channel);
  if (own) return { part: { kind: 'organ', organ: own } };
  return channel ? { part: { kind: 'channel', channel } } : {};
}

/** Less than a form costs: only the falling returns make one more worth its minutes. */
const USUAL_WORTH = { organ: 0.7, phase: 0.3, channel: 0.35, point: 0.2 } as const;

/** What a part of a theme wants, and how the forms that give it fall in worth; none for a set or a lesson. */
// eslint-disable-next-line max-lines-per-function -- a flat exhaustive switch
function wantedBy(
  part: ThemePart,
  intent: Brief['intent'],
): readonly (Wanted & { key: string; gains: readonly number[]; part?: ThemePart })[] {
  const one: Theme = part;
  const channels = themeChannels(one);
  const usual = {
    organs: themeOrgans(one),
    phases: themePhases(one),
    channels,
    points: proposed(channels, intent),
    worth: USUAL_WORTH,
  };
  switch (part.kind) {
    case 'set':
    case 'lesson':
      return [];
    case 'all-phases':
      // Where all five are walked, what counts is that none is left out.
      return PHASE_IDS.map((phase) => ({
        key: `phase-${phase}`,
        part: { kind: 'phase', phase },
        organs: [],
        phases: [phase],
        channels: [],
        points: [],
        worth: { ...USUAL_WORTH, phase: 0.6 },
        gains: scaled(weight('eachPhaseFirst'), ONCE),
      }));
    case 'channel':
      return [
        {
          ...usual,
          key: `channel-${part.channel}`,
          phases: organOfChannel(part.channel) ? usual.phases : [],
          worth: { organ: 0.4, phase: 0, channel: 1.6, point: 0.4 },
          gains: scaled(weight('channelFirst'), FALLING),
        },
      ];
    case 'point':
      return [
        {
          ...usual,
          key: `point-${part.point}`,
          organs: [],
          phases: [],
          channels: [],
          points: [part.point],
          worth: { ...USUAL_WORTH, point: 2 },
          gains: scaled(weight('pointFirst'), STEEP),
        },
        {
          ...usual,
          key: `round-${part.point}`,
          // Round a point lies what its channel, or the organ of it, is known for.
          ...roundOf(part.point),
          points: [],
          worth: { ...USUAL_WORTH, organ: 0.5 },
          gains: scaled(weight('roundPointFirst'), FALLING),
        },
      ];
    case 'phase':
    case 'season':
    case 'aim':
    case 'organ':
    case 'hour':
      return [{ ...usual, key: JSON.stringify(part), gains: scaled(weight('organFirst'), FALLING) }];
    default:
      return part satisfies never;
  }
}

/** The pair of an organ, the mother to nourish, the child to clear (Nàn Jīng 69): one counter for all support. */
function supportTarget(brief: Brief, schools: FormSchools): readonly Target[] {
  const organs = themeOrgans(brief.theme);
  const phases = themePhases(brief.theme);
  if (phases.length === 0 || phases.length === 5) return [];
  const pairs = organs.map((id): OrganId => organ(id).pair).filter((id) => !organs.includes(id));
  const reasonOf = (form: Form): Reason | undefined => {
    const own = organsOfForm(form, schools);
    if (own.some((id) => organs.includes(id))) return undefined;
    const pair = pairs.find((id) => own.includes(id));
    if (pair) return { code: 'serves-pair', organ: pair };
    const served = phasesOfForm(form, schools);
    if (served.some((phase) => phases.includes(phase))) return undefined;
    const mothered = phases.find((phase) => served.includes(motherOf(phase)));
    if (mothered && brief.intent !== 'clear')
      return { code: 'mother', phase: mothered, mother: motherOf(mothered) };
    const eased = phases.find((phase) => served.includes(childOf(phase)));
    return eased && brief.intent.startsWith('clear')
      ? { code: 'child', phase: eased, child: childOf(eased) }
      : undefined;
  };
  return [
    {
      key: 'support',
      strength: 'support',
      gains: scaled(weight('supportFirst'), STEEP),
      counts: (form) => reasonOf(form) !== undefined,
      reachOf: (form) => {
        const reason = reasonOf(form);
        return reason && { points: 0, reasons: [reason] };
      },
    },
  ];
}

/** Everything a brief's theme asks of the forms of its heart. */
export function targetsOf(brief: Brief, schools: FormSchools): readonly Target[] {
  const parts = themeParts(brief.theme);
  const own = parts.flatMap((part) =>
    wantedBy(part, brief.intent).map((wanted, index) => ({
      wanted,
      part: wanted.part ?? part,
      // What lies round a point is not asked for itself, and of five phases none is left out as it is.
      isAskedFor: index === 0 && part.kind !== 'all-phases',
    })),
  );
  const gainsOf = ([first = 0, ...further]: readonly number[], isAskedFor: boolean): readonly number[] =>
    parts.length > 1 && isAskedFor ? [first + weight('eachPartFirst'), ...further] : [first, ...further];
  return [
    ...own.map(({ wanted, part, isAskedFor }): Target => {
      const reachOf = (form: Form, variant: VariantId = 'full'): Reach | undefined =>
        reachWanted(form, variant, wanted, schools, part);
      return {
        key: wanted.key,
        strength: 'theme',
        gains: gainsOf(wanted.gains, isAskedFor),
        reachOf,
        counts: (form, variant = 'full') =>
          reachOf(form, variant) !== undefined && countsFor(form, variant, part, schools),
      };
    }),
    ...supportTarget(brief, schools),
  ];
}

/** What the aim or the intent wants done, and what a form that does it is worth for that. */
export function actionReach(form: Form, brief: Brief): Reach | undefined {
  const aims = themeParts(brief.theme).flatMap((part) => (part.kind === 'aim' ? [aim(part.aim)] : []));
  const wanted = new Set<string>(aims.flatMap((row) => row.actions));
  if (brief.intent === 'calm') wanted.add('calms');
  if (brief.intent === 'move') wanted.add('moves');
  const action = form.actions.find((candidate) => wanted.has(candidate));
  return (
    action && {
      points: weight(aims.length > 0 ? 'aimAction' : 'intentAction'),
      reasons: [{ code: 'acts', action }],
    }
  );
}
