import { themeBlocks, themeParts, type Brief, type Intent } from '../brief';
import { isSatSet, ROLES, type Role } from '../forms';
import type { OwnShapes } from '../customs';
import type { OrganId } from '../phases';
import { rangeOfRole, shapeOf } from './shapes';

/** How an intent leans the usual shares: a factor for each section, 0 leaves it out. Common practice. */
const LEANING = {
  nourish: { wake: 0.8, clear: 0.5, nourish: 1.35 },
  clear: { clear: 3, nourish: 0.45 },
  'clear-then-nourish': {},
  move: { loosen: 1.2, wake: 1.8, clear: 0.7, still: 0 },
  calm: { wake: 0, still: 1.5, balance: 1.5 },
} as const satisfies Record<Intent, Partial<Record<Role, number>>>;

/** What an intent has no room for in a short class: what only feeds is neither woken nor cleared, what moves clears by it. */
const LATER: Readonly<Partial<Record<Intent, readonly Role[]>>> = {
  nourish: ['wake', 'clear'],
  move: ['clear'],
};
/** From so many minutes on there is room for it. */
const LATER_FROM_MINUTES = 20;

/** What may stand beside a set where there is room for more forms than it has itself, what is missed most first. */
const BESIDE_A_SET: readonly Role[] = ['still', 'balance', 'wake', 'clear'];

/** What is sat through is still by itself: up to an hour nobody gets up from it to stand (common practice). */
const SAT_UP_TO_MINUTES = 60;
const isSatThrough = ({ theme, posture, minutes }: Brief): boolean =>
  posture === 'standing' &&
  minutes <= SAT_UP_TO_MINUTES &&
  themeParts(theme).some((part) => part.kind === 'set' && isSatSet(part.set));

/** With several things to go through in fewer minutes than this, all of them are theirs, and nothing is loosened first. */
const SEVERAL_FROM_MINUTES = 3;
const isOfSeveral = ({ theme }: Brief): boolean =>
  theme.kind === 'all-phases' ||
  themeParts(theme).filter(({ kind }) => kind === 'organ' || kind === 'phase' || kind === 'hour').length > 1;

/** From this many minutes on, a gathering breath parts the clearing from the nourishing. */
const HINGE_FROM_MINUTES = 15;
/** Each organ needs about this long to be cleared and nourished in a block of its own. */
const BLOCK_MINUTES = 8;

export interface SectionPlan {
  readonly role: Role;
  /** The organ this block is for, where a practice clears and nourishes several in turn. */
  readonly organ: OrganId | undefined;
  /** Whether a hinge ends it. */
  readonly hinge: boolean;
  readonly targetMs: number;
  /** Whether its share is one's own. */
  readonly isOwn: boolean;
  readonly leastMs: number;
  readonly mostMs: number;
}

interface Weighed {
  readonly role: Role;
  readonly organ: OrganId | undefined;
  readonly weight: number;
  /** A repeated section shares the range of its role with the others. */
  readonly parts: number;
}

/**
 * The organs to be cleared and nourished in turn, where there are several and time for them; beside a set or a form to learn
 * there are no blocks, for that is the heart.
 */
function blocksOf(brief: Brief): readonly OrganId[] {
  const organs = themeBlocks(brief.theme);
  const hasOwnHeart = themeParts(brief.theme).some(({ kind }) => kind === 'set' || kind === 'lesson');
  return brief.intent === 'clear-then-nourish' &&
    !hasOwnHeart &&
    organs.length > 1 &&
    brief.minutes >= organs.length * BLOCK_MINUTES
    ? organs
    : [];
}

/**
 * The sections a brief calls for, in order, with the time each should and may take; in one's own shape where there is one.
 * `room` is how many sections may stand beside a set.
 */
export function planSections(brief: Brief, own: OwnShapes = {}, room = Infinity): readonly SectionPlan[] {
  const totalMs = brief.minutes * 60_000;
  const leaning: Partial<Record<Role, number>> = LEANING[brief.intent];
  const blocks = blocksOf(brief);
  const shape = shapeOf(brief, own);
  const weighIn = (role: Role): number => {
    const section = shape.sections[role];
    // What one has so oneself, or the theme lives by, stands from its own minutes on.
    const isLeftOut =
      !section?.isOwn &&
      !section?.stays &&
      LATER[brief.intent]?.includes(role) &&
      brief.minutes < LATER_FROM_MINUTES;
    if (!section || brief.minutes < (section.from ?? 0) || isLeftOut) return 0;
    if (role === 'loosen' && !section.isOwn && isOfSeveral(brief) && brief.minutes < SEVERAL_FROM_MINUTES)
      return 0;
    return section.share * (leaning[role] ?? 1);
  };
  const isSat = isSatThrough(brief);
  const beside = BESIDE_A_SET.filter((role) => weighIn(role) > 0 && !(isSat && role === 'still')).slice(
    0,
    room,
  );
  const weighOf = (role: Role): number =>
    BESIDE_A_SET.includes(role) && !beside.includes(role) && shape.sections[role]?.isOwn !== true
      ? 0
      : weighIn(role);
  const weighed = ROLES.flatMap((role): readonly Weighed[] => {
    const weight = weighOf(role);
    if (weight === 0 || (blocks.length > 0 && role === 'nourish')) return [];
    if (blocks.length > 0 && role === 'clear')
      return blocks.flatMap((organ) =>
        (['clear', 'nourish'] as const).map((part) => ({
          role: part,
          organ,
          weight: weighOf(part) / blocks.length,
          parts: blocks.length,
        })),
      );
    return [{ role, organ: undefined, weight, parts: 1 }];
  });
  const sum = weighed.reduce((total, entry) => total + entry.weight, 0);
  const hinged = brief.minutes >= HINGE_FROM_MINUTES;
  return weighed.map(({ role, organ, weight, parts }, index) => {
    const next = weighed[index + 1]?.role;
    const { leastShare, mostShare } = rangeOfRole(brief, role, own);
    const meets = (role === 'clear' && next === 'nourish') || (role === 'nourish' && next === 'clear');
    return {
      role,
      organ,
      hinge: hinged && meets,
      targetMs: (totalMs * weight) / sum,
      isOwn: shape.sections[role]?.isOwn === true,
      leastMs: (totalMs * leastShare) / parts,
      mostMs: (totalMs * mostShare) / parts,
    };
  });
}
