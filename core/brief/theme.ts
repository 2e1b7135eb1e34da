import { SEASON_PHASE, type SeasonId } from '../almanac/seasons';
import { CHANNEL_IDS, type ChannelId } from '../channels/channels';
import { channelOf } from '../channels/codes';
import type { PointCode } from '../channels/points';
import { organ, ORGANS, organsOf, PHASE_IDS, type OrganId, type PhaseId } from '../phases';
import { aim, type AimId } from './aims';

/** One thing a practice can be about. */
export type ThemePart =
  | { readonly kind: 'phase'; readonly phase: PhaseId }
  | { readonly kind: 'organ'; readonly organ: OrganId }
  | { readonly kind: 'season'; readonly season: SeasonId | 'earth-turn' }
  | { readonly kind: 'channel'; readonly channel: ChannelId }
  | { readonly kind: 'point'; readonly point: PointCode }
  /** The organ hour, named by its organ. */
  | { readonly kind: 'hour'; readonly organ: OrganId }
  | { readonly kind: 'aim'; readonly aim: AimId }
  /** The forms of a set, in the order of the user's school. */
  | { readonly kind: 'set'; readonly set: string }
  /** One form to teach: shown, taken in parts, drilled, put right, done whole. */
  | { readonly kind: 'lesson'; readonly formId: string }
  /** Nothing in particular: all five phases. */
  | { readonly kind: 'all-phases' };

/** What a practice is about: one thing, or several together. */
export type Theme = ThemePart | { readonly kind: 'mix'; readonly parts: ThemePart[] };

export const themeParts = (theme: Theme): readonly ThemePart[] =>
  theme.kind === 'mix' ? theme.parts : [theme];

const once = <Value>(values: readonly Value[]): readonly Value[] => [...new Set(values)];

/** The organ whose channel this is; none for the two vessels. */
export const organOfChannel = (id: ChannelId): OrganId | undefined =>
  ORGANS.find((row) => row.channel === id)?.id;

function organsOfPart(part: ThemePart): readonly OrganId[] {
  switch (part.kind) {
    case 'organ':
    case 'hour':
      return [part.organ];
    case 'phase':
      return organsOf(part.phase).map((row) => row.id);
    case 'season':
      return organsOf(part.season === 'earth-turn' ? 'earth' : SEASON_PHASE[part.season]).map(
        (row) => row.id,
      );
    case 'channel':
      return [organOfChannel(part.channel) ?? []].flat();
    case 'point': {
      const channel = channelOf(part.point);
      return [(channel && organOfChannel(channel)) ?? []].flat();
    }
    case 'aim':
      return aim(part.aim).organs;
    case 'set':
    case 'lesson':
    case 'all-phases':
      return [];
    default:
      return part satisfies never;
  }
}

function phasesOfPart(part: ThemePart): readonly PhaseId[] {
  if (part.kind === 'phase') return [part.phase];
  if (part.kind === 'aim') return aim(part.aim).phases;
  if (part.kind === 'all-phases') return PHASE_IDS;
  return organsOfPart(part).map((id) => organ(id).phase);
}

/** The phases a theme speaks of, the first named first; none for a set or a lesson. */
export const themePhases = (theme: Theme): readonly PhaseId[] =>
  once(themeParts(theme).flatMap(phasesOfPart));

/** The phase a theme is drawn in: the first it speaks of, earth where it speaks of none. */
export const themePhase = (theme: Theme): PhaseId =>
  theme.kind === 'all-phases' ? 'earth' : (themePhases(theme)[0] ?? 'earth');

/** The organs a theme speaks of. */
export const themeOrgans = (theme: Theme): readonly OrganId[] =>
  once(themeParts(theme).flatMap(organsOfPart));

/** The channels a theme speaks of: its own, and those of its organs. */
export const themeChannels = (theme: Theme): readonly ChannelId[] =>
  once([
    ...themeParts(theme).flatMap((part) =>
      part.kind === 'channel'
        ? [part.channel]
        : part.kind === 'point'
          ? [channelOf(part.point) ?? []].flat()
          : [],
    ),
    ...themeOrgans(theme).flatMap((id) => CHANNEL_IDS.filter((channel) => channel === organ(id).channel)),
  ]);

/** Organs that are cleared and then nourished one after the other: those a theme names itself. */
export const themeBlocks = (theme: Theme): readonly OrganId[] =>
  once(themeParts(theme).flatMap((part) => (part.kind === 'organ' ? [part.organ] : [])));
