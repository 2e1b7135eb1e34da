import type { SourceId } from '../../sources';
import { PHASE_IDS, animalOf, ANIMAL_SCHOOLS, type AnimalSchoolId } from '../../phases';
import { soundOrder, SOUND_SCHOOLS, type SoundSchoolId } from '../../sounds';

/**
 * Sets: forms that belong together and are numbered. The order is data of a school, so that "the sixth" is
 * right in each.
 */
interface SetOrder {
  readonly school: string;
  readonly label: string;
  readonly source: SourceId;
  /** Form ids, or several in one place where a place of the set has more than one form. */
  readonly places: readonly (readonly string[])[];
}

interface FormSetRow {
  readonly id: string;
  readonly name: string;
  /** Whether each of its forms is done the same number of times, as a round is (common practice). */
  readonly isEven: boolean;
  readonly orders: readonly SetOrder[];
}

/** The order in which the eight brocades are numbered. */
// prettier-ignore
export const BROCADE_SCHOOLS = [
  { id: 'standard', label: 'standard order: the feet sixth, the fists seventh, the heels eighth', source: 'brocades-standard',
    order: ['hold-up-the-sky', 'draw-the-bow', 'part-heaven-and-earth', 'look-back', 'sway', 'hands-to-feet', 'clench-fists', 'heels'] },
  { id: 'verse', label: 'older verse: the heels sixth, the fists seventh, the feet eighth', source: 'brocades-verse',
    order: ['hold-up-the-sky', 'draw-the-bow', 'part-heaven-and-earth', 'look-back', 'sway', 'heels', 'clench-fists', 'hands-to-feet'] },
] as const satisfies readonly { readonly id: string; readonly label: string; readonly source: SourceId; readonly order: readonly string[] }[];
export type BrocadeSchoolId = (typeof BROCADE_SCHOOLS)[number]['id'];

const FROM_THE_GROUND = [
  ['loosen-feet-rocking'],
  ['loosen-ankles'],
  ['loosen-knees'],
  ['loosen-leg-pendulum', 'loosen-hips'],
  ['loosen-waist'],
  ['loosen-side-bend'],
  ['spine-bellows', 'spinal-wave'],
  ['loosen-shoulder-blades', 'loosen-shoulders', 'loosen-arm-wheels'],
  ['loosen-elbows'],
  ['loosen-wrists', 'loosen-fingers'],
  ['loosen-neck', 'loosen-neck-tilt', 'loosen-neck-turtle'],
] as const;

/** The order in which joints are gone through (all common practice). */
// prettier-ignore
export const JOINT_ORDERS = [
  { id: 'bottom-up', label: 'from the ankles up', source: 'common-practice', order: FROM_THE_GROUND },
  { id: 'top-down', label: 'from the neck down', source: 'common-practice', order: FROM_THE_GROUND.toReversed() },
  { id: 'shake-first', label: 'shake first, then from the ankles up', source: 'common-practice', order: [['shaking', 'bouncing'], ...FROM_THE_GROUND] },
] as const satisfies readonly { readonly id: string; readonly label: string; readonly source: SourceId; readonly order: readonly (readonly string[])[] }[];
export type JointOrderId = (typeof JOINT_ORDERS)[number]['id'];

const single = (ids: readonly string[]): readonly (readonly string[])[] => ids.map((id) => [id]);
const brocadeId = (name: string): string => (name === 'heels' ? 'heel-drops' : `brocade-${name}`);

/** The two forms of each animal. */
const FROLICS_OF: Readonly<Record<string, readonly string[]>> = {
  tiger: ['animal-tiger', 'animal-tiger-pounce'],
  deer: ['animal-deer', 'animal-deer-run'],
  bear: ['animal-bear', 'animal-bear-sway'],
  monkey: ['animal-monkey', 'animal-monkey-pick'],
  bird: ['animal-bird', 'animal-bird-fly'],
  crane: ['animal-bird', 'animal-bird-fly'],
};
/** The standard edition goes tiger, deer, bear, monkey, bird; the other school by the generating cycle. */
const STANDARD_ANIMALS = ['tiger', 'deer', 'bear', 'monkey', 'bird'] as const;
const animalOrder = (school: AnimalSchoolId): readonly string[] =>
  school === 'standard' ? STANDARD_ANIMALS : PHASE_IDS.map((phase) => animalOf(phase, school));

// prettier-ignore
export const FORM_SETS: readonly FormSetRow[] = [
  { id: 'eight-brocades', name: 'the eight brocades', isEven: false, orders: BROCADE_SCHOOLS.map(({ id, label, source, order }) => ({ school: id, label, source, places: single(order.map(brocadeId)) })) },
  { id: 'gentle-brocades', name: 'the gentle brocades', isEven: true, orders: BROCADE_SCHOOLS.map(({ id, label, order }) => ({ school: id, label, source: 'common-practice' as const, places: single(order.map((name) => `gentle-${name}`)) })) },
  { id: 'five-animals', name: 'the five animals', isEven: true, orders: ANIMAL_SCHOOLS.map(({ id, label, source }) => ({ school: id, label, source, places: animalOrder(id).map((animal) => FROLICS_OF[animal] ?? []) })) },
  { id: 'six-sounds', name: 'the healing sounds', isEven: true, orders: SOUND_SCHOOLS.map(({ id, label, source }) => ({ school: id, label, source, places: single(soundOrder(id).map((organ) => `sound-${organ}`)) })) },
  { id: 'phase-round', name: 'the five-phase round', isEven: true, orders: [{ school: 'generating', label: 'by the generating cycle', source: 'su-wen-5', places: single(['phase-wood-sapling', 'phase-fire-blossom', 'phase-earth-turning-ground', 'phase-metal-autumn-air', 'phase-water-well']) }] },
  { id: 'leaning-round', name: 'the leaning round of the phases', isEven: true, orders: [{ school: 'generating', label: 'by the generating cycle', source: 'su-wen-5', places: single(['wave-wood', 'wave-fire', 'wave-earth', 'wave-metal', 'wave-water']) }] },
  { id: 'six-tracings', name: 'the six tracings', isEven: true, orders: [{ school: 'flow', label: 'by the flow of the channels', source: 'ling-shu-10', places: single(['trace-lung-large-intestine', 'trace-spleen-stomach', 'trace-heart-small-intestine', 'trace-kidney-bladder', 'trace-pericardium-triple-burner', 'trace-liver-gallbladder']) }] },
  { id: 'joints', name: 'the joints', isEven: false, orders: JOINT_ORDERS.map(({ id, label, source, order }) => ({ school: id, label, source, places: order })) },
  { id: 'rising-swings', name: 'swings at rising heights', isEven: true, orders: [{ school: 'rising', label: 'from the belly to the shoulders', source: 'common-practice', places: single(['swing-and-knock', 'swing-knock-ribs', 'swing-knock-shoulders']) }] },
  { id: 'waking-round', name: 'the waking round', isEven: false, orders: [{ school: 'hands-first', label: 'from the hands to the whole body', source: 'common-practice', places: single(['wake-teeth', 'wake-ears', 'tap-head', 'face-tapping', 'wake-round-rubbing']) }] },
  { id: 'knocking-round', name: 'the knocking round', isEven: true, orders: [{ school: 'arms-first', label: 'arms, trunk, legs, and home to the belly', source: 'common-practice', places: single(['tap-arms', 'tap-chest', 'tap-flanks', 'tap-kidneys', 'tap-sacrum', 'tap-legs-outside', 'tap-legs-front', 'tap-legs-back', 'tap-legs-inside', 'tap-belly']) }] },
] as const;

/** Sets by the ids they had before; what was kept with them is still read. */
const FORMER_IDS: Readonly<Record<string, string>> = { 'five-waves': 'leaning-round' };

/** The id a set has now. */
export const setIdNow = (id: string): string => FORMER_IDS[id] ?? id;

/** Which brocade a form is, whether in its full or its gentle kind: its name in the order of the set; none for others. */
export const brocadeKind = (formId: string): string | undefined =>
  BROCADE_SCHOOLS[0].order.find((name) => brocadeId(name) === formId || `gentle-${name}` === formId);

/** Whether each form of a set is done as often as the others. */
export const isEvenSet = (id: string): boolean =>
  FORM_SETS.some((row) => row.id === setIdNow(id) && row.isEven);

/** Which order of a set the user's own choices mean. */
export interface SetSchools {
  readonly animalSchool: AnimalSchoolId;
  readonly soundSchool: SoundSchoolId;
  readonly brocadeSchool: BrocadeSchoolId;
  readonly jointOrder: JointOrderId;
}

const chosenSchool = (setId: string, schools: SetSchools): string | undefined =>
  ({
    'eight-brocades': schools.brocadeSchool,
    'gentle-brocades': schools.brocadeSchool,
    'five-animals': schools.animalSchool,
    'six-sounds': schools.soundSchool,
    joints: schools.jointOrder,
  })[setId];

/** The order of a set in the user's school; the only one there is where no school is chosen. */
export function setOrder(setId: string, schools: SetSchools): SetOrder {
  const row = FORM_SETS.find((candidate) => candidate.id === setIdNow(setId));
  const wanted = chosenSchool(setId, schools);
  const order = row?.orders.find((candidate) => candidate.school === wanted) ?? row?.orders[0];
  if (!order)
    throw new RangeError(
      `unknown set: expected one of ${FORM_SETS.map((s) => s.id).join(', ')}, got ${setId}`,
    );
  return order;
}

/** The ids of a set's forms in order. */
export const formsOfSet = (setId: string, schools: SetSchools): readonly string[] =>
  setOrder(setId, schools).places.flat();

export interface PlaceInSet {
  readonly set: string;
  readonly name: string;
  readonly school: string;
  readonly label: string;
  readonly source: SourceId;
  /** 1 for the first. */
  readonly number: number;
  readonly of: number;
  /** Whether this is the order the user's customs mean. */
  readonly chosen: boolean;
}

/** Every place a form has in a set, in every school. */
export function placesInSets(formId: string, schools: SetSchools): readonly PlaceInSet[] {
  return FORM_SETS.flatMap((row) =>
    row.orders.flatMap((order) => {
      const index = order.places.findIndex((place) => place.includes(formId));
      if (index < 0) return [];
      const { school, label, source } = order;
      const chosen = setOrder(row.id, schools).school === school;
      return [
        {
          set: row.id,
          name: row.name,
          school,
          label,
          source,
          number: index + 1,
          of: order.places.length,
          chosen,
        },
      ];
    }),
  );
}
