import type { Form } from './model';

/** Forms that do the same thing in another dress: one of a kind is enough for a practice (common practice). */
const KIN: readonly (readonly string[])[] = [
  ['brocade-draw-the-bow', 'gentle-draw-the-bow', 'held-bow', 'silk-bow'],
  ['brocade-hold-up-the-sky', 'gentle-hold-up-the-sky', 'held-sky', 'tendon-staff-third'],
  ['push-and-draw', 'push-draw-full-empty', 'tendon-showing-talons'],
  ['belly-rubbing', 'belly-circles-counted', 'storing-circles', 'sounds-closing'],
  ['rolling-the-soles', 'soles-rubbed'],
  ['wake-round-rubbing', 'dry-washing'],
  ['tap-whole-body-pass', 'tap-whole-body-slow'],
  ['hold-horse', 'horse-rise-and-sink'],
  ['animal-bird', 'animal-bird-one-leg'],
  ['animal-bear', 'animal-bear-turning'],
  ['animal-tiger-pounce', 'animal-tiger-aslant', 'animal-tiger-empty-step', 'tendon-tiger-springs'],
  ['warming-the-kidneys', 'belt-rubbed', 'seated-rubbing-the-gate'],
  ['hanging-fold', 'roll-down-roll-up', 'tendon-bowing'],
  ['tap-chest', 'collarbone-hum', 'breastbone-sigh'],
  ['counting-the-breath', 'following-the-breath', 'resting-in-the-breath'],
  ['combing-the-head', 'base-of-skull'],
  ['hold-embrace-belly', 'sit-embrace'],
];

const kinOf = ({ id }: Form): readonly string[] | undefined => KIN.find((ids) => ids.includes(id));

/** Whether a form is another in another dress. */
export const isKin = (form: Form): boolean => kinOf(form) !== undefined;

/** What is moved like an animal, though it is not one of the animals of the set: by its own name. */
const ALSO_LIKE: Readonly<Record<string, NonNullable<Form['animal']>>> = {
  'silk-bird': 'bird',
  'silk-goose': 'bird',
  'silk-crane': 'bird',
  'silk-duck': 'bird',
  'crane-stands': 'bird',
  'tendon-tiger-springs': 'tiger',
};

/** The animal a form is moved like, if it is. */
export const movedLike = ({ id, animal }: Form): Form['animal'] => animal ?? ALSO_LIKE[id];

/**
 * What makes two forms near-twins: of one family, for the same organs, reaching the same channels in the same
 * way, at one pace and from one stance (common practice). Forms for no organ in particular have none.
 */
export const twinKind = (form: Form): string | undefined => {
  const kin = kinOf(form);
  if (kin) return kin.join('/');
  return form.organs.length === 0
    ? undefined
    : [
        form.family,
        form.organs.toSorted(),
        form.channels.map(({ channel, how }) => `${channel} ${how}`).toSorted(),
        form.pace,
        form.stance.start,
      ].join('/');
};
