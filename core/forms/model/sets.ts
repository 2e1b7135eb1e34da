import type { SourceId } from '../../sources';
import type { Form } from './model';
import { PHASE_IDS, animalOf, ANIMAL_SCHOOLS, type AnimalSchoolId } from '../../phases';
import { soundOrder, SOUND_SCHOOLS, type SoundSchoolId } from '../../sounds';
import { BROCADE_SCHOOLS, JOINT_ORDERS, type BrocadeSchoolId, type JointOrderId } from './setSchools';

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
  /** What is done a number of times of its own, however often the others are, by form. */
  readonly ownTimes?: Readonly<Record<string, number>>;
  /** Whether its forms are practised within it, or asked for by name: a draft for anything else does without them. */
  readonly isByName?: boolean;
  /** Whether one sits on the floor through it. */
  readonly isSat?: true;
  /** How the edition begins the set, and how it ends it. */
  readonly opening?: string;
  readonly closing?: string;
  readonly orders: readonly SetOrder[];
}

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
  { id: 'eight-brocades', name: 'the eight brocades', isEven: true, ownTimes: { [brocadeId('heels')]: 7 }, opening: 'brocades-opening', closing: 'brocades-closing', orders: BROCADE_SCHOOLS.map(({ id, label, source, order }) => ({ school: id, label, source, places: single(order.map(brocadeId)) })) },
  { id: 'gentle-brocades', name: 'the gentle brocades', isEven: true, orders: BROCADE_SCHOOLS.map(({ id, label, order }) => ({ school: id, label, source: 'common-practice' as const, places: single(order.map((name) => `gentle-${name}`)) })) },
  { id: 'five-animals', name: 'the five animals', isEven: true, opening: 'animals-opening', closing: 'animals-closing', orders: ANIMAL_SCHOOLS.map(({ id, label, source }) => ({ school: id, label, source, places: animalOrder(id).map((animal) => FROLICS_OF[animal] ?? []) })) },
  { id: 'six-sounds', name: 'the healing sounds', isEven: true, opening: 'sounds-opening', closing: 'sounds-closing', orders: SOUND_SCHOOLS.map(({ id, label, source }) => ({ school: id, label, source, places: single(soundOrder(id).map((organ) => `sound-${organ}`)) })) },
  { id: 'phase-round', name: 'the five-phase round', isEven: true, orders: [{ school: 'generating', label: 'by the generating cycle', source: 'su-wen-5', places: single(['phase-wood-sapling', 'phase-fire-blossom', 'phase-earth-turning-ground', 'phase-metal-autumn-air', 'phase-water-well']) }] },
  { id: 'leaning-round', name: 'the leaning round', isEven: true, orders: [{ school: 'generating', label: 'by the generating cycle', source: 'su-wen-5', places: single(['wave-wood', 'wave-fire', 'wave-earth', 'wave-metal', 'wave-water']) }] },
  { id: 'six-tracings', name: 'the six tracings', isEven: true, orders: [{ school: 'flow', label: 'by the flow of the channels', source: 'ling-shu-10', places: single(['trace-lung-large-intestine', 'trace-spleen-stomach', 'trace-heart-small-intestine', 'trace-kidney-bladder', 'trace-pericardium-triple-burner', 'trace-liver-gallbladder']) }] },
  { id: 'joints', name: 'the joints', isEven: false, orders: JOINT_ORDERS.map(({ id, label, source, order }) => ({ school: id, label, source, places: order })) },
  { id: 'rising-swings', name: 'swings at rising heights', isEven: true, orders: [{ school: 'rising', label: 'from the belly to the shoulders', source: 'common-practice', places: single(['swing-and-knock', 'swing-knock-ribs', 'swing-knock-shoulders']) }] },
  { id: 'waking-round', name: 'the waking round', isEven: false, orders: [{ school: 'hands-first', label: 'from the hands to the whole body', source: 'common-practice', places: single(['wake-teeth', 'wake-ears', 'tap-head', 'face-tapping', 'wake-round-rubbing']) }] },
  { id: 'knocking-round', name: 'the knocking round', isEven: true, orders: [{ school: 'arms-first', label: 'arms, trunk, legs, and home to the belly', source: 'common-practice', places: single(['tap-arms', 'tap-chest', 'tap-flanks', 'tap-kidneys', 'tap-sacrum', 'tap-legs-outside', 'tap-legs-front', 'tap-legs-back', 'tap-legs-inside', 'tap-belly']) }] },
  { id: 'tendon-changing', name: 'tendon changing', isEven: true, isByName: true, orders: [{ school: 'standard', label: 'standard edition', source: 'tendon-changing-standard', places: single(['tendon-staff-first', 'tendon-staff-second', 'tendon-staff-third', 'tendon-plucking-stars', 'tendon-nine-oxen', 'tendon-showing-talons', 'tendon-nine-ghosts', 'tendon-three-plates', 'tendon-dragon-reaches', 'tendon-tiger-springs', 'tendon-bowing', 'tendon-wagging-tail']) }] },
  { id: 'silk-chart', name: 'the silk chart', isEven: true, orders: [{ school: 'standard', label: 'one a channel, by the organ clock', source: 'silk-chart-standard', places: single(['silk-bow', 'silk-back', 'silk-duck', 'silk-dragon', 'silk-bird', 'silk-belly', 'silk-owl', 'silk-waist', 'silk-goose', 'silk-crane', 'silk-sigh', 'silk-folding']) }] },
  { id: 'seated-brocade', name: 'the seated brocade', isEven: false, isByName: true, isSat: true, orders: [
    { school: 'twelve', label: 'in twelve parts', source: 'seated-brocade-verse', places: [['seated-thumbs-held'], ['seated-holding-the-head'], ['heavenly-drum'], ['seated-shaking-the-pillar'], ['tongue-stirred'], ['seated-rubbing-the-gate'], ['seated-fire-at-the-navel'], ['seated-windlass-single', 'seated-windlass-both'], ['seated-holding-up'], ['seated-reaching-the-feet'], ['seated-swallowing'], ['seated-warmth-through-all']] },
    { school: 'eight', label: 'in eight parts', source: 'seated-brocade-verse', places: single(['seated-holding-the-head', 'seated-shaking-the-pillar', 'tongue-stirred', 'seated-rubbing-the-gate', 'seated-windlass-single', 'seated-windlass-both', 'seated-holding-up', 'seated-reaching-the-feet']) },
  ] },
  { id: 'twenty-four-terms', name: 'the twenty-four seats', isEven: true, isByName: true, isSat: true, orders: [{ school: 'year', label: 'from the beginning of spring', source: 'twenty-four-seated', places: single(['term-lichun', 'term-yushui', 'term-jingzhe', 'term-chunfen', 'term-qingming', 'term-guyu', 'term-lixia', 'term-xiaoman', 'term-mangzhong', 'term-xiazhi', 'term-xiaoshu', 'term-dashu', 'term-liqiu', 'term-chushu', 'term-bailu', 'term-qiufen', 'term-hanlu', 'term-shuangjiang', 'term-lidong', 'term-xiaoxue', 'term-daxue', 'term-dongzhi', 'term-xiaohan', 'term-dahan']) }] },
  { id: 'marrow-washing', name: 'marrow washing', isEven: true, isByName: true, orders: [{ school: 'downward', label: 'from above to below', source: 'marrow-washing-heritage', places: single(['marrow-opening-heaven', 'marrow-opening-earth', 'marrow-along-the-arms', 'marrow-crown-to-soles']) }] },
  { id: 'gates-of-breath', name: 'the three gates of breath', isEven: true, orders: [{ school: 'gates', label: 'the first three of six gates', source: 'six-gates', places: single(['counting-the-breath', 'following-the-breath', 'resting-in-the-breath']) }] },
  { id: 'orbit-stages', name: 'the stages of the orbit', isEven: false, isByName: true, orders: [{ school: 'stages', label: 'stations, then the small, then the great', source: 'heritage-from-memory', places: single(['orbit-stations-warmed', 'small-orbit', 'great-orbit']) }] },
  { id: 'five-colours', name: 'the five colours', isEven: true, orders: [{ school: 'generating', label: 'by the generating cycle', source: 'su-wen-5', places: single(['colour-of-wood', 'colour-of-fire', 'colour-of-earth', 'colour-of-metal', 'colour-of-water']) }] },
  { id: 'joint-spirals', name: 'the joint spirals', isEven: true, orders: [{ school: 'bottom-up', label: 'from the ankles up', source: 'common-practice', places: single(['spiral-ankle', 'spiral-knee', 'spiral-hip', 'spiral-shoulder', 'spiral-elbow', 'spiral-one-hand']) }] },
  { id: 'posts', name: 'the standing posts', isEven: true, isByName: true, orders: [{ school: 'low-to-high', label: 'from the hips to the breast', source: 'common-practice', places: single(['post-hands-behind', 'post-pressing', 'post-carrying', 'post-holding-from-below', 'hold-embrace-belly', 'post-propping']) }] },
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

/** Whether one sits on the floor through a set. */
export const isSatSet = (id: string): boolean =>
  FORM_SETS.some((row) => row.id === setIdNow(id) && row.isSat === true);

/** How often a member of a set is done that has a number of its own: the heels are raised seven times (common practice). */
export const ownTimesOf = (formId: string): number | undefined =>
  FORM_SETS.find(({ ownTimes }) => ownTimes?.[formId] !== undefined)?.ownTimes?.[formId];

/** How often a form is done in all: on two sides twice what is counted. */
export const timesInAll = ({ sides }: Pick<Form, 'sides'>, repetitions: number): number =>
  sides === 'symmetric' ? repetitions : 2 * repetitions;

/**
 * How often a form is counted where its round is gone through so many times: of a form with two sides half of it on each,
 * so that none takes twice the time of the others (common practice).
 */
export const timesInRound = ({ sides }: Pick<Form, 'sides'>, round: number): number =>
  sides === 'symmetric' ? round : round / 2;

/** Whether a form is practised with its set, or when it is asked for by name, and not otherwise. */
export const isByName = (formId: string): boolean =>
  FORM_SETS.some(
    (row) =>
      row.opening === formId ||
      row.closing === formId ||
      (row.isByName === true && row.orders.some(({ places }) => places.flat().includes(formId))),
  ) && !NAMED_ALSO.has(formId);
/** What belongs to such a set and stands by itself as well. */
const NAMED_ALSO: ReadonlySet<string> = new Set([
  'small-orbit',
  'hold-embrace-belly',
  'heavenly-drum',
  'tongue-stirred',
]);

/** How the edition of a set opens and closes it; nothing where it has no such forms. */
export const endsOfSet = (setId: string): readonly string[] => {
  const row = FORM_SETS.find(({ id }) => id === setIdNow(setId));
  return [row?.opening, row?.closing].flatMap((id) => (id === undefined ? [] : [id]));
};

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
