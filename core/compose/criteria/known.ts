import { aim, soundOrgansOf, themeParts, themePhases, type Brief, type ThemePart } from '../../brief';
import { brocadeKind, isOwnId, type Form, type Role } from '../../forms';
import { isNeverFor, knownFor, type Rank } from '../../known';
import { organ as organOf } from '../../phases';
import { shapeOf } from '../shapes';
import { weight, type WeightId } from '../weights';
import { HEART, only, type Criterion } from './criterion';

const WORTH = {
  named: 'namedFirst',
  accepted: 'accepted',
  touches: 'filler',
} as const satisfies Record<string, WeightId>;

/** Sections beside the heart that the theme still colours; how one arrives and closes it does not. */
const BESIDE: ReadonlySet<Role> = new Set(['loosen', 'wake', 'balance', 'gather']);

/** A sound of none of the organs asked for; where no organ is, of another phase than the first: it would not be fed after. */
function isSoundOfAnother(
  { soundOrgan }: Form,
  rank: Rank | undefined,
  { theme }: Pick<Brief, 'theme'>,
): boolean {
  if (soundOrgan === undefined || theme.kind === 'all-phases') return false;
  const own = soundOrgansOf(theme);
  const [first] = themeParts(theme);
  const [phase] = first?.kind === 'aim' ? aim(first.aim).phases : themePhases(theme);
  if (own.length > 0) return !own.includes(soundOrgan);
  return phase ? phase !== organOf(soundOrgan).phase : rank === undefined;
}

/** Whether a form has nothing to do with a theme that has forms of its own: sets and lessons name theirs. */
const isBesideThePoint = (form: Form, parts: readonly ThemePart[], rank: Rank | undefined): boolean =>
  rank === undefined && !isOwnId(form.id) && parts.every(({ kind }) => kind !== 'set' && kind !== 'lesson');

/** Families in which the hand goes along a channel; to a point it comes so as well, or the attention does. */
const ALONG: ReadonlySet<Form['family']> = new Set(['channel tracing', 'percussion route', 'self-massage']);
const isAlong = ({ family }: Form, parts: readonly ThemePart[]): boolean =>
  parts.some(({ kind }) =>
    kind === 'point'
      ? ALONG.has(family) || family === 'inner breathing'
      : kind === 'channel' && ALONG.has(family),
  );

/** So many regions are one part of the body: the arms with the shoulders and the chest, the belt, the legs. */
const REGIONS_OF_ONE_PART = 3;
/** What taps or rubs one part of the body, and not the whole of it. */
const isOfOnePart = ({ family, asks }: Form): boolean =>
  (family === 'percussion route' || family === 'self-massage') &&
  asks.percussion.length + asks.rubs.length <= REGIONS_OF_ONE_PART;

/**
 * The heart carries the theme: what a teacher names first for it comes first, what merely touches it is a filler, and what
 * an aim forbids has no place anywhere.
 */
export const known: Criterion = {
  id: 'known',
  strength: 'theme',
  weights: [
    'namedFirst',
    'namedBeside',
    'wakesForIt',
    'loosensSoftly',
    'wakesForAnother',
    'accepted',
    'filler',
    'neverFor',
    'otherSound',
    'famous',
    'alongIt',
  ],
  isCapped: false,
  points: ({ form, role, organ, asked }, { brief, schools }) => {
    if (asked) return only(weight('namedFirst'));
    const parts = organ ? [{ kind: 'organ' as const, organ }] : themeParts(brief.theme);
    // Where several things are asked for, each has less room.
    const known = knownFor(form, parts, schools);
    const rank = HEART.has(role) ? known : undefined;
    const isOtherSound = HEART.has(role) && rank !== 'named' && isSoundOfAnother(form, rank, brief);
    return [
      ...(isOtherSound ? [{ points: weight('otherSound') }] : []),
      ...(isNeverFor(form, parts) ? [{ points: weight('neverFor') }] : []),
      ...(BESIDE.has(role) && known === 'named' ? [{ points: weight('namedBeside') }] : []),
      ...(role === 'wake' && known === 'accepted' ? [{ points: weight('wakesForIt') }] : []),
      ...(role === 'loosen' && shapeOf(brief).isSoft && known === 'accepted'
        ? [{ points: weight('loosensSoftly') }]
        : []),
      ...(role === 'wake' && isOfOnePart(form) && isBesideThePoint(form, parts, known)
        ? [{ points: weight('wakesForAnother') }]
        : []),
      // One may be still in a posture that has little to do with the theme.
      ...(rank && !(role === 'still' && rank === 'touches')
        ? [{ points: (weight(WORTH[rank]) * 2) / (1 + parts.length) }]
        : []),
      ...(HEART.has(role) && role !== 'still' && !isOtherSound && isBesideThePoint(form, parts, rank)
        ? [{ points: weight('filler') }]
        : []),
      ...(rank === 'named' && isAlong(form, parts) ? [{ points: weight('alongIt') }] : []),
      ...(rank === 'named' && brocadeKind(form.id) !== undefined ? [{ points: weight('famous') }] : []),
    ];
  },
};
