import { ANIMAL_SCHOOLS, animalOf, PHASE_IDS, phaseName } from '../../phases';
import { SOUND_SCHOOLS } from '../../sounds';
import type { SourceId } from '../../sources';
import type { Form } from './model';
import { FORM_SETS } from './sets';

/** One position in a contested point. */
interface Position {
  readonly school: string;
  readonly says: string;
  readonly source: SourceId;
}

/** A point in which schools differ over a form, side by side. */
export interface Difference {
  readonly point: string;
  readonly positions: readonly Position[];
}

interface ContestedRow {
  readonly point: string;
  readonly touches: (form: Form) => boolean;
  readonly positions: readonly (readonly [school: string, says: string])[];
}

const holdsLowerCentre = (form: Form): boolean =>
  form.points.includes('CV6') && form.channels.some((reach) => reach.channel === 'CV' && reach.how !== 'tap');

/** Points teachers settle differently; which form they touch follows from what the form is (common practice). */
// prettier-ignore
const CONTESTED: readonly ContestedRow[] = [
  { point: 'place of the lower dāntián', touches: holdsLowerCentre, positions: [['at the sea of qi (CV6)', '1.5 cùn below the navel, behind the skin'], ['at the gate of origin (CV4)', '3 cùn below the navel, behind the skin'], ['at the navel (CV8)', 'behind the navel itself']] },
  { point: 'the hand underneath', touches: (form) => holdsLowerCentre(form) && form.channels.some((reach) => reach.how === 'hold'), positions: [['right beneath', 'right hand underneath'], ['left beneath', 'left hand underneath'], ['men left, women right', 'left for men, right for women']] },
  { point: 'life gate', touches: (form) => form.points.includes('GV4'), positions: [['at the point (GV4)', 'under the second lumbar vertebra'], ['between the Kidneys', 'the whole small of the back']] },
  { point: 'upper centre', touches: (form) => form.points.includes('EX-HN3'), positions: [['at the hall of the seal (Yìntáng)', 'between the brows'], ['at the mud pill (ní wán)', 'the centre of the head']] },
  { point: 'tail tuck', touches: (form) => form.manner === 'back' || form.family === 'spinal wave', positions: [['tuck as you sink', 'tuck on the exhale'], ['tuck to fill the back', 'tuck on the inhale, breathing into the back']] },
  { point: 'knees as the arms rise', touches: (form) => form.asks.armsAboveShoulders || form.id === 'rise-and-sink', positions: [['rise together', 'knees straighten with the rise'], ['sink as the hands rise', 'knees bend with the rise']] },
  { point: 'breath of a twist', touches: (form) => form.asks.twist !== 'none', positions: [['closing goes out', 'exhale to turn'], ['opening comes in', 'inhale to turn'], ['natural breath', 'let the breath be']] },
  { point: 'heel rise', touches: (form) => form.family === 'heel drop', positions: [['rising comes in', 'inhale up'], ['effort goes out', 'exhale up']] },
  { point: 'exhale', touches: (form) => form.actions.includes('clears') && form.pace !== 'sound', positions: [['nose always', 'by the nose always'], ['mouth for beginners', 'by the mouth at first'], ['by purpose', 'mouth to clear, nose to nourish']] },
  { point: 'knees in a wide stance', touches: (form) => form.stance.start === 'wide', positions: [['over the toes', 'knees in line with the toes'], ['rounded crotch (yuán dāng)', 'knees pressed a little outwards']] },
  { point: 'tapping the arm', touches: (form) => form.family === 'percussion route' && form.route?.includes('inner elbow') === true, positions: [['with the flow', 'down the inside, up the outside'], ['against it, to drain', 'the other way round']] },
];

/** Everything in which schools differ over this form: what it belongs to, its number, its sound, its manner. */
export function differencesOf(form: Form): readonly Difference[] {
  const rows: Difference[] = [];
  const { animal, soundOrgan } = form;
  if (animal !== undefined)
    rows.push({
      point: 'phase of the animal',
      positions: ANIMAL_SCHOOLS.map((school) => {
        const phase = PHASE_IDS.find((id) => {
          const named = animalOf(id, school.id);
          return named === animal || (named === 'crane' && animal === 'bird');
        });
        return {
          school: school.label,
          says: phase ? phaseName(phase).name : 'no place',
          source: school.source,
        };
      }),
    });
  if (soundOrgan !== undefined)
    rows.push({
      point: 'sound of the organ',
      positions: SOUND_SCHOOLS.map((school) => ({
        school: school.label,
        says: school[soundOrgan] ?? 'no sound',
        source: school.source,
      })),
    });
  for (const set of FORM_SETS) {
    const positions = set.orders.flatMap(({ label, source, places }): readonly Position[] => {
      const index = places.findIndex((place) => place.includes(form.id));
      return index < 0 ? [] : [{ school: label, says: `number ${index + 1}`, source }];
    });
    if (new Set(positions.map((position) => position.says)).size > 1)
      rows.push({ point: `place among ${set.name}`, positions });
  }
  for (const { point, touches, positions } of CONTESTED)
    if (touches(form))
      rows.push({
        point,
        positions: positions.map(([school, says]) => ({
          school,
          says,
          source: 'common-practice' as const,
        })),
      });
  return rows;
}
