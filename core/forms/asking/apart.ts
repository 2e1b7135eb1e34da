/**
 * Forms that are easily taken for one another, and what each has that the others have not (common practice): what a
 * teacher says when asked why both are there.
 */
// prettier-ignore
export const EASILY_TAKEN_FOR_ONE_ANOTHER: readonly Readonly<Record<string, string>>[] = [
  {
    'belly-rubbing': 'Self-massage with the weight of the hands, wider and wider round the navel, for digestion.',
    'storing-circles': 'A few quiet rounds close to the lower belly, to put away what was made; it leads to the end.',
    'tap-belly': 'Hollow palms pat round the navel: it wakes the middle before it is fed.',
  },
  {
    'storing-still': 'Nothing is done any more; hands and attention rest there as long as one likes.',
    'close-hands-to-belly': 'The last of all: the feet come together, thanks are given, the eyes open.',
    'belly-breathing': 'The belly itself moves with the breath; it is practised in the middle of things, not to end them.',
    'nostril-to-belly': 'The attention follows cool air down from the nose and warm air out again; it is for the Lung.',
    'middle-room-breathing': 'The hands lie higher, over the stomach, and warmth gathers under them.',
  },
  {
    'rise-and-sink': 'The arms rise before the body to the shoulders and press down as the knees give: legs and arms learn one breath.',
    'draw-up-press-down': 'Palms draw up to the breastbone, turn over and press down: a breath between other forms.',
    'three-rooms': 'From the lower belly as far as the throat and back, through all three rooms, for the Triple Burner.',
    'lifting-the-lake': 'Only to the navel, as one lifts a full bowl; low and quiet, for the Kidney.',
    'gentle-hold-up-the-sky': 'The first of the gentle brocades: a bowl rises to the breastbone where the others reach for the sky.',
  },
  {
    'opening-the-chest': 'The arms open wide at the height of the chest; the work is in chest and shoulders.',
    'phase-fire-blossom': 'Fire in the round of five: palms turn outward from the heart and fold home to it.',
    'growing-ball': 'Something round is felt between the palms; the hands hardly move.',
    'open-and-close': 'The space between the palms is the form, slowly apart and slowly near, for the Lung.',
    'palm-gate-breathing': 'The hands all but keep still: warmth comes and goes in the middle of the palms.',
  },
  {
    'belly-harvest': 'The feet stay and the back stays upright; arms scoop wide and bring it to the belly, to feed the middle.',
    'gathering-from-the-earth': 'The legs go down to it: one sinks low, gathers, and rises with it; it gathers in at the end.',
    'wave-earth': 'Raked in from a bow stance, the weight going forward and back, one side and then the other.',
  },
  {
    'sky-gathering': 'The arms sweep out and up, and what they bring is poured straight down through the body.',
    'arrive-cleansing-breaths': 'Much the same arms at the beginning, with a sigh by the mouth: something leaves, nothing is stored.',
    'three-centre-wash': 'On the way down the hands stop three times: brow, heart, lower belly.',
  },
  {
    'turning-the-millstone': 'In a bow stance: the weight goes forward and back, and the arms ride on it.',
    'phase-earth-turning-ground': 'Earth in the round of five: the feet are still, the hands glide out and home, level with the belly.',
    'animal-bear': 'Heavy paws go up and over before the belly, and the whole trunk turns with them.',
    'wheel': 'The circle stands upright: over the crown on one side, past the thighs on the other.',
  },
  {
    'life-gate-breathing': 'The attention goes straight through, from the navel to the life gate and back.',
    'deep-water-breathing': 'The low back itself widens into the hands, and the breath out sinks to the soles.',
    'sole-gate-breathing': 'It begins at the soles and comes up to the belly.',
  },
  {
    'push-and-draw': 'Feet side by side and both palms at once: the elbows draw back, the back fills.',
    'pushing-waves': 'From a bow stance: the push begins in the back foot, and each side has its turn.',
    'wave-metal': 'Metal in the bow stance: the chest widens as one sits back, and nothing is pushed, it glides away.',
  },
  {
    'loosen-side-bend': 'One arm by the ear, to loosen the flank.',
    'crescent-moon': 'Both palms joined overhead: the whole side from the foot becomes one bow.',
  },
  {
    'loosen-waist': 'Hands on the hips: a joint is loosened.',
    'twining-vine': 'The arms wind round the waist and the eyes go over the shoulder, for Liver and Gallbladder.',
    'twist-to-the-heel': 'The turn goes on until the eyes find the heel: the farthest of the three.',
  },
  {
    'loosen-neck': 'The neck alone, to loosen it.',
    'brocade-look-back': 'The arms long, the palms turned out: the chest opens as the head turns.',
    'gentle-look-back': 'The eyes go first and the head drifts after, the palms soft before the body.',
  },
  {
    'crane-stands': 'One stands there for some breaths: it is balance.',
    'animal-bird-fly': 'Wings and knee rise and come down with every breath, from side to side.',
    'animal-bird': 'The wings open backward and a leg floats behind: the fullest of the three.',
  },
];

/** What a form is easily taken for, each with what is its own; and what is its own beside them. */
export function takenFor(id: string): readonly { readonly id: string; readonly own: string }[] {
  const group = EASILY_TAKEN_FOR_ONE_ANOTHER.find((forms) => id in forms);
  return Object.entries(group ?? {}).map(([form, own]) => ({ id: form, own }));
}
