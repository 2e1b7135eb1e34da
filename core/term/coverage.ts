import { themeChannels, themeOrgans, themeParts, themePhases, type Theme } from '../brief/theme';
import { aim } from '../brief/aims';
import { CHANNEL_IDS, type ChannelId } from '../channels/channels';
import { asksOf, type Form, type FormSchools } from '../forms';
import { formsOfSet, type SetSchools } from '../forms/model/sets';
import { rankFor } from '../known/rank';
import { ORGAN_IDS, organsOf, type OrganId } from '../phases';

export const TERM_JOINTS = ['ankles', 'knees', 'hips', 'spine', 'shoulders', 'wrists', 'neck'] as const;
export type TermJoint = (typeof TERM_JOINTS)[number];
/** What a body can do, told apart by what forms ask of it (common practice). */
export const CAPACITIES = ['balance', 'legs', 'reach', 'turning', 'folding', 'breath', 'stillness'] as const;
export type Capacity = (typeof CAPACITIES)[number];

/** Something a term should come by. */
export type Covered =
  | { readonly kind: 'organ'; readonly organ: OrganId }
  | { readonly kind: 'channel'; readonly channel: ChannelId }
  | { readonly kind: 'joint'; readonly joint: TermJoint }
  | { readonly kind: 'capacity'; readonly capacity: Capacity };

/** All a term should come by, in a fixed order: the counters of the assignment. */
export const COVERED: readonly Covered[] = [
  ...ORGAN_IDS.map((organ): Covered => ({ kind: 'organ', organ })),
  ...CHANNEL_IDS.map((channel): Covered => ({ kind: 'channel', channel })),
  ...TERM_JOINTS.map((joint): Covered => ({ kind: 'joint', joint })),
  ...CAPACITIES.map((capacity): Covered => ({ kind: 'capacity', capacity })),
];

const ASKS_FOR: Readonly<Record<Capacity, (form: Form) => boolean>> = {
  balance: (form) => asksOf(form, 'full').oneLegSec > 0 || asksOf(form, 'full').heelsUp === 'high',
  legs: (form) => ['moderate', 'deep'].includes(asksOf(form, 'full').kneeBend),
  reach: (form) => asksOf(form, 'full').armsAboveShoulders,
  turning: (form) => asksOf(form, 'full').twist !== 'none',
  folding: (form) => asksOf(form, 'full').fold !== 'none' || asksOf(form, 'full').sideBend === 'full',
  breath: (form) => form.family === 'inner breathing' || form.soundOrgan !== undefined,
  stillness: (form) => asksOf(form, 'full').staticHold || asksOf(form, 'full').inwardImagery,
};

/** A theme comes by something where at least so large a share of what it is known for does, or so many forms. */
const LEAST_SHARE = 0.25;
const LEAST_FORMS = 2;

/** The forms a practice on a theme is most likely made of: those known for it first; of a set its own. */
export function heartOf(
  theme: Theme,
  repertoire: readonly Form[],
  schools: FormSchools & SetSchools,
): readonly Form[] {
  const ofParts = themeParts(theme).flatMap((part): readonly Form[] => {
    if (part.kind === 'set') {
      const ids = formsOfSet(part.set, schools);
      return repertoire.filter(({ id }) => ids.includes(id));
    }
    if (part.kind === 'lesson') return repertoire.filter(({ id }) => id === part.formId);
    return repertoire.filter((form) => rankFor(form, part, schools) === 'named');
  });
  return [...new Set(ofParts)];
}

/** What a practice on a theme comes by, as numbers of `COVERED`: its organs and channels, and what its forms do. */
export function coversOf(
  theme: Theme,
  repertoire: readonly Form[],
  schools: FormSchools & SetSchools,
): readonly number[] {
  const heart = heartOf(theme, repertoire, schools);
  const enough = (does: (form: Form) => boolean): boolean => {
    const count = heart.filter(does).length;
    return count >= LEAST_FORMS && count >= LEAST_SHARE * heart.length;
  };
  const aims = themeParts(theme).flatMap((part) => (part.kind === 'aim' ? [aim(part.aim)] : []));
  const organs = new Set([
    ...themeOrgans(theme),
    ...(themeParts(theme).some(({ kind }) => kind === 'all-phases')
      ? themePhases(theme).flatMap((phase) =>
          organsOf(phase)
            .slice(0, 1)
            .map(({ id }) => id),
        )
      : []),
  ]);
  const channels = new Set(themeChannels(theme));
  return COVERED.flatMap((one, counter) => {
    const isCovered =
      one.kind === 'organ'
        ? organs.has(one.organ)
        : one.kind === 'channel'
          ? channels.has(one.channel) ||
            enough((form) =>
              form.channels.some((reach) => reach.channel === one.channel && reach.how !== 'attend'),
            )
          : one.kind === 'joint'
            ? aims.some(({ joints }) => joints.includes(one.joint)) ||
              enough((form) => form.loosens.includes(one.joint))
            : enough((form) => ASKS_FOR[one.capacity](form));
    return isCovered ? [counter] : [];
  });
}
