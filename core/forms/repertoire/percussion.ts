import { along, breatheIn, breatheOut, defineForm, freely, type FormText } from '../define';
import type { Form } from '../model';

const PATS = { least: 1, usual: 3, most: 9, multipleOf: 1 } as const;
const SOFTLY = {
  palm: 'Pat with a hollow palm; never into pain, a port, a line or a device.',
  fist: 'Knock with loose fists, wrists soft; never into pain, a port, a line or a device.',
  fingertips: 'Patter with the fingertips only; never into pain, a port, a line or a device.',
} as const;

type PercussionText = Omit<FormText, 'family' | 'actions' | 'pace' | 'repetitions' | 'mistakes'> & {
  readonly mistakes?: NonNullable<FormText['mistakes']>;
  /** What strikes; a hollow palm unless said. */
  readonly by?: keyof typeof SOFTLY;
};

/** What every percussion route shares: free breath, a still moment after it, and how the hand is held. */
// prettier-ignore
function percussion({ by = 'palm', ...text }: PercussionText): Form {
  return defineForm({
    family: 'percussion route', actions: ['clears', 'moves'], polarity: 'yang', pace: 'flowing', manner: 'natural', exhale: 'mouth', settleSec: 12, repetitions: PATS,
    mistakes: [{ mistake: 'striking hard to feel more', mend: 'Loose wrists; only as much as feels pleasant.' }],
    ...text,
    cautions: [SOFTLY[by], ...(text.cautions ?? [])],
  });
}

/** Percussion routes with their direction, swings at rising heights, shaking, and rounds that wake. */
// prettier-ignore
export const PERCUSSION = [
  percussion({
    id: 'tap-legs-outside', name: 'Tapping down the outside of the legs', roles: ['clear'], phases: ['wood'], organs: ['gallbladder'], channels: along('tap', 'GB'), points: ['GB30', 'GB31', 'GB34'],
    route: ['GB30', 'GB31', 'GB33', 'GB34', 'GB38', 'GB40'],
    cycle: [freely(6, 'Pat from the hips down the outside of both legs.')], asks: { percussion: ['legs'] }, loosens: ['hips'], images: ['Rain running down the side of a barn.'], cautions: ['Not over varicose veins, clots or fresh bruises. Rise slowly, head last.'],
    smaller: { change: 'Only the thighs, standing upright.', cycle: [freely(6, 'Pat down the outside of both thighs, standing upright.')] }, seated: { change: 'Outside of the thighs, from the chair.', cycle: [freely(6, 'Pat from the hips down the outside of the thighs.')] },
  }),
  percussion({
    id: 'tap-legs-front', name: 'Tapping down the front of the legs', roles: ['clear'], phases: ['earth'], organs: ['stomach'], channels: along('tap', 'ST'), points: ['ST31', 'ST36', 'ST40'],
    route: ['ST31', 'ST32', 'ST35', 'ST36', 'ST40', 'ST41'], cycle: [freely(6, 'Pat down the front of both legs to the shins.')], asks: { percussion: ['legs'] }, loosens: ['hips'], images: ['Knocking wet sand from the legs.'],
    mistakes: [{ mistake: 'patting on the kneecap', mend: 'Pass beside it, and slow down there.' }], cautions: ['Not over varicose veins, clots or fresh bruises. Rise slowly, head last.'],
    smaller: { change: 'Only the thighs, standing upright.', cycle: [freely(6, 'Pat down the front of both thighs, standing upright.')] }, seated: { change: 'Front of the thighs and knees, from the chair.', cycle: [freely(6, 'Pat down the front of the thighs to the knees.')] },
  }),
  percussion({
    id: 'tap-legs-back', name: 'Tapping down the back of the legs', roles: ['clear'], phases: ['water'], organs: ['bladder'], channels: along('tap', 'BL'), points: ['BL40', 'BL57'],
    route: ['buttock', 'back of the thigh', 'back of the knee', 'calf'], cycle: [freely(6, 'Pat from the buttocks down the back of both legs.')], asks: { percussion: ['legs'] }, loosens: ['hips'], images: ['Shaking snow off the back of a coat.'],
    cautions: ['Gently behind the knee. Not over varicose veins, clots or bruises. Rise slowly, head last.'],
    smaller: { change: 'Only the buttocks and upper thighs.', cycle: [freely(6, 'Pat the buttocks and the backs of the upper thighs.')] }, seated: { change: 'Under the thighs, from the front of the chair.', cycle: [freely(6, 'From the front of the seat, pat under the thighs.')] },
  }),
  percussion({
    id: 'tap-legs-inside', name: 'Tapping up the inside of the legs', roles: ['clear'], phases: ['earth', 'wood', 'water'], organs: ['spleen', 'liver', 'kidney'], channels: along('tap', 'SP', 'LR', 'KI'), points: ['SP6', 'LR8', 'KI3'],
    route: ['inner ankle', 'inner lower leg', 'inner knee', 'inner thigh', 'groin', 'lower belly'], cycle: [freely(6, 'Pat up the inside of both legs to the belly.')], asks: { percussion: ['legs', 'belly'] }, loosens: ['hips'], images: ['Mist climbing out of a valley.'],
    mistakes: [{ mistake: 'patting downward', mend: 'The inside of the legs runs up.' }], cautions: ['In pregnancy leave out the ankles and the belly.'],
    smaller: { change: 'Only the thighs, standing upright.', cycle: [freely(6, 'Pat up the inside of both thighs, standing upright.')], asks: { percussion: ['legs'] } }, seated: { change: 'From the knees to the groins.', cycle: [freely(6, 'Pat up the inside of the thighs, knees to groins.')], asks: { percussion: ['legs'] } },
  }),
  percussion({
    id: 'tap-chest', by: 'fingertips', name: 'Tapping chest and collarbones', roles: ['clear', 'wake'], phases: ['metal', 'fire'], organs: ['lung', 'heart', 'pericardium'], channels: along('tap', 'LU', 'KI', 'CV'), points: ['LU1', 'KI27', 'CV17'],
    route: ['CV17', 'KI25', 'KI27', 'LU1', 'LU2'], sides: 'alternating', cycle: [freely(5, 'Fingertips drum from the breastbone to the {side} collarbone.')], asks: { percussion: ['chest'] }, images: ['A woodpecker two gardens away.'],
    cautions: ['Leave this out over a pacemaker or fresh chest surgery.'], smaller: { name: 'Smoothing chest and collarbones', change: 'Smooth instead of tapping.', cycle: [freely(5, 'Smooth from the breastbone to the {side} collarbone.')], asks: { percussion: [] } }, seated: { change: 'The same from the chair.' },
  }),
  percussion({
    id: 'tap-flanks', by: 'fist', name: 'Tapping down the flanks', roles: ['clear'], phases: ['wood'], organs: ['liver', 'gallbladder'], channels: along('tap', 'GB', 'LR'), points: ['GB24', 'LR13', 'GB26'],
    route: ['GB22', 'GB24', 'flank', 'GB29'], cycle: [freely(5, 'Loose fists pat from under the arms to the hips.')], asks: { percussion: ['flanks'] }, images: ['Settling grain in two sacks.'],
    cautions: ['Softly over the lowest, free ribs.'], smaller: { name: 'Smoothing down the flanks', change: 'Smooth instead of patting.', cycle: [freely(5, 'Palms smooth from under the arms to the hips.')], asks: { percussion: [] } }, seated: { change: 'The same from the chair.' },
  }),
  percussion({
    id: 'tap-kidneys', by: 'fist', name: 'Knocking at the kidneys', roles: ['clear', 'wake', 'nourish'], phases: ['water'], organs: ['kidney', 'bladder'], channels: along('tap', 'BL', 'GV'), points: ['BL23', 'BL52', 'GV4'],
    cycle: [freely(5, 'Loose fists knock softly on the small of the back.')], asks: { percussion: ['low back'] }, loosens: ['spine'], images: ['Knocking softly so as not to wake the house.'],
    cautions: ['Not in pregnancy, with kidney illness or brittle bones: rest the hands there instead.'], smaller: { name: 'Rubbing the low back', change: 'Rub with the backs of the hands.', cycle: [freely(5, 'Backs of the hands rub the small of the back.')], asks: { rubs: ['low back'], percussion: [] } }, seated: { change: 'From the front of the chair.', cycle: [freely(5, 'Front of the seat: loose fists knock softly on the low back.')] },
  }),
  percussion({
    id: 'tap-sacrum', by: 'fist', name: 'Drumming on the sacrum', roles: ['clear', 'wake'], phases: ['water'], organs: ['bladder', 'kidney'], channels: along('tap', 'BL', 'GV'), points: ['BL31', 'GV2'],
    cycle: [freely(5, 'Loose fists drum on the flat bone below the back.')], asks: { percussion: ['low back'] }, loosens: ['hips'], images: ['A hand drum, played for oneself.'],
    cautions: ['Not in pregnancy or with brittle bones.'], smaller: { name: 'Warming the sacrum', change: 'Warm the sacrum by rubbing.', cycle: [freely(5, 'Palms rub the flat bone below the back warm.')], asks: { rubs: ['low back'], percussion: [] } }, seated: { change: 'Leaning forward a little from the chair.', cycle: [freely(5, 'Lean forward a little; loose fists drum on the sacrum.')] },
  }),
  percussion({
    id: 'tap-head', by: 'fingertips', name: 'Fingertips from brow to nape', roles: ['clear', 'wake'], phases: ['water', 'wood'], organs: ['bladder', 'gallbladder'], channels: along('tap', 'BL', 'GB', 'GV'), points: ['GV20', 'GB20', 'BL10'],
    route: ['BL3', 'BL5', 'crown', 'BL9', 'back of the head'], cycle: [freely(5, 'Fingertips patter from the brow over the crown to the nape.')], asks: { percussion: ['head'] }, images: ['Light rain passing over a roof.'],
    mistakes: [{ mistake: 'ploughing back through the hair', mend: 'Lift off at the nape and begin again at the brow.' }], cautions: ['Softly with migraine, or leave it out.'], smaller: { name: 'Fingers comb the head', change: 'Comb with the fingers instead.', cycle: [freely(5, 'Comb with the fingers from the brow over the crown to the nape.')], asks: { percussion: [] } }, seated: { change: 'The same from the chair.' },
  }),
  percussion({
    id: 'tap-belly', name: 'Patting round the belly', roles: ['clear', 'wake'], phases: ['earth', 'metal'], organs: ['stomach', 'spleen', 'large-intestine', 'small-intestine'], channels: along('tap', 'ST', 'SP', 'CV'), points: ['CV12', 'ST25', 'CV6'],
    cycle: [freely(5, 'Hollow palms pat round the navel, up the right side first.')], asks: { percussion: ['belly'], abdominalPress: true }, images: ['Patting a drum skin to tune it.'],
    cautions: ['Not in pregnancy, after a meal, or after surgery of the belly.'], smaller: { name: 'Circling on the belly', change: 'Circle with the palms, no patting.', cycle: [freely(5, 'Light palms circle round the navel, up the right side first.')], asks: { rubs: ['belly'], percussion: [], abdominalPress: false } }, seated: { change: 'The same from the chair.' },
  }),
  defineForm({
    id: 'bouncing', name: 'Bouncing', family: 'shaking', roles: ['wake'], actions: ['moves', 'clears'], polarity: 'yang', channels: along('attend', 'KI', 'GB'), points: ['KI1'], pace: 'flowing', manner: 'natural', exhale: 'mouth', settleSec: 12,
    cycle: [freely(15, 'Knees give and spring; everything above hangs and jingles.')], repetitions: { least: 2, usual: 4, most: 16, multipleOf: 1 }, asks: { shakes: true, vigorous: true }, loosens: ['knees', 'hips', 'shoulders'], images: ['A marionette with easy strings.'],
    mistakes: [{ mistake: 'heels thud', mend: 'Heels stay down; only the knees are springs.' }], smaller: { change: 'So small that only you know.', cycle: [freely(15, 'Knees give and spring, so small that only you know.')], asks: { shakes: false, vigorous: false } }, seated: { change: 'Bounce lightly on the seat through the feet.', cycle: [freely(15, 'Press the feet and bounce a little on the seat, shoulders hanging.')], asks: { vigorous: false } },
  }),
  defineForm({
    id: 'shaking-limbs', name: 'Shaking out hands and feet', family: 'shaking', roles: ['wake'], actions: ['moves', 'clears'], polarity: 'yang', channels: along('attend', 'PC', 'KI'), points: ['PC9', 'KI1'], stance: { start: 'hip width', end: 'hip width' }, sides: 'one-then-other', pace: 'flowing', manner: 'natural', exhale: 'mouth', settleSec: 8, footwork: 'Stand on one leg; the other foot lifts a little.',
    cycle: [freely(6, 'Flick the {side} hand as if it were wet.'), freely(6, 'Shake the {side} foot, toes loose.')], repetitions: { least: 1, usual: 2, most: 6, multipleOf: 1 }, loosens: ['wrists', 'ankles'], images: ['A dog’s paw after the river.'],
    mistakes: [{ mistake: 'stiff ankle', mend: 'Let the foot dangle before it shakes.' }], cautions: ['A chair or wall within reach.'], smaller: { change: 'Toes stay on the floor.', cycle: [freely(6, 'Flick the {side} hand as if it were wet.'), freely(6, 'Wiggle the {side} heel, toes down.')] }, seated: { change: 'From the chair.', cycle: [freely(6, 'Flick the {side} hand as if it were wet.'), freely(6, 'Lift the {side} foot a little and shake it, toes loose.')] },
  }),
  defineForm({
    id: 'shaking-off', name: 'Shaking off', family: 'shaking', roles: ['clear', 'gather'], actions: ['clears', 'calms'], organs: ['heart', 'lung', 'liver'], phases: ['fire', 'metal', 'wood'], channels: along('attend', 'LU', 'HT', 'PC'), points: ['PC8', 'LU11'], pace: 'gathering', exhale: 'mouth', manner: 'sighing', settleSec: 6,
    cycle: [breatheIn('Hands lift along the body to the chest.'), breatheOut('Flick it off the fingers, down and away.')], repetitions: { least: 2, usual: 3, most: 9, multipleOf: 1 }, loosens: ['wrists'], images: ['Water flung from washed hands.'],
    mistakes: [{ mistake: 'flinging it at a neighbour', mend: 'To the floor, a little before you.' }], smaller: { change: 'Lift only to the waist.', cycle: [breatheIn('Hands lift along the body to the waist.'), breatheOut('Flick it off the fingers, down and away.')] }, seated: { change: 'The same from the chair.' },
  }),
  defineForm({
    id: 'swing-knock-ribs', name: 'Swinging to the ribs', family: 'arm swing', roles: ['wake'], actions: ['moves', 'clears'], polarity: 'yang', phases: ['wood'], organs: ['liver', 'gallbladder', 'spleen'], channels: along('tap', 'GB', 'LR', 'SP'), points: ['LR14', 'GB24', 'SP21'], sides: 'alternating', pace: 'turning', manner: 'natural', settleSec: 10, footwork: 'Weight shifts left and right; the free heel may rise.',
    cycle: [freely(3, 'Turn to the {side}; one hand knocks the ribs in front.')], repetitions: { least: 4, usual: 8, most: 30, multipleOf: 1 }, asks: { percussion: ['flanks'], vigorous: true }, loosens: ['spine', 'shoulders'], images: ['A coat’s sleeves in the wind.'],
    mistakes: [{ mistake: 'aiming the hand', mend: 'Turn, and let the arm arrive by itself.' }], smaller: { name: 'Swinging past the ribs', change: 'No knock; hands pass before the ribs.', cycle: [freely(3, 'Turn softly to the {side}, arms loose, hands passing by.')], asks: { percussion: [], vigorous: false } }, seated: { name: 'Turning on the seat', change: 'Small, on the sitting bones.', cycle: [freely(3, 'Turn softly to the {side}, arms loose, hands passing by.')], asks: { percussion: [], vigorous: false } },
  }),
  defineForm({
    id: 'swing-knock-shoulders', name: 'Swinging to the shoulders', family: 'arm swing', roles: ['wake'], actions: ['moves', 'clears'], polarity: 'yang', phases: ['metal'], organs: ['lung', 'large-intestine', 'triple-burner'], channels: along('tap', 'LU', 'LI', 'TE', 'GB'), points: ['LU1', 'GB21', 'LI15'], sides: 'alternating', pace: 'turning', manner: 'natural', settleSec: 10, footwork: 'Weight shifts left and right; the free heel may rise.',
    cycle: [freely(3, 'Turn to the {side}; a hand lands on the shoulder.')], repetitions: { least: 4, usual: 8, most: 30, multipleOf: 1 }, asks: { percussion: ['shoulders'], vigorous: true }, loosens: ['spine', 'shoulders'], images: ['Throwing a shawl round yourself, left and right.'],
    mistakes: [{ mistake: 'slapping the neck', mend: 'Land on the flesh of the shoulder.' }], cautions: ['In pregnancy let the hand land on the upper arm.'], smaller: { name: 'Swinging, a hand to the arm', change: 'The hand lands on the upper arm, without a knock.', cycle: [freely(3, 'Turn softly to the {side}; a hand meets the upper arm.')], asks: { percussion: [], vigorous: false } }, seated: { name: 'Turning, a hand to the arm', change: 'Small, on the sitting bones.', cycle: [freely(3, 'Turn softly to the {side}; a hand meets the upper arm.')], asks: { percussion: [], vigorous: false } },
  }),
  defineForm({
    id: 'wake-round-rubbing', name: 'Waking round: rubbing from hands to feet', family: 'self-massage', roles: ['wake'], actions: ['moves', 'clears'], polarity: 'yang', organs: ['lung', 'heart', 'kidney'], channels: along('trace', 'LI', 'ST', 'BL'), points: ['PC8', 'ST36'], pace: 'flowing', manner: 'natural', settleSec: 8,
    cycle: [freely(5, 'Rub the palms hot.'), freely(6, 'Rub arms and chest.'), freely(6, 'Rub belly and low back.'), freely(6, 'Rub the thighs down to the knees.')], asks: { rubs: ['arms', 'chest', 'belly', 'low back', 'legs'] }, repetitions: { least: 1, usual: 1, most: 4, multipleOf: 1 }, images: ['Rubbing down a horse after work.'],
    mistakes: [{ mistake: 'holding the breath', mend: 'Hum, and you will hear it flow.' }], smaller: { change: 'Only hands, arms and thighs.', cycle: [freely(5, 'Rub the palms hot.'), freely(6, 'Rub the arms.'), freely(6, 'Rub the thighs.')], asks: { rubs: ['arms', 'legs'] } }, seated: { change: 'From the chair, all but the low back.', cycle: [freely(5, 'Rub the palms hot.'), freely(6, 'Rub arms and chest.'), freely(6, 'Rub the thighs down to the knees.')], asks: { rubs: ['arms', 'chest', 'legs'] } },
  }),
  defineForm({
    id: 'wake-ears', name: 'Waking round: the ears', family: 'self-massage', roles: ['wake', 'nourish'], actions: ['moves', 'nourishes'], phases: ['water'], organs: ['kidney'], channels: along('press', 'GB', 'TE', 'SI'), points: ['SI19', 'TE21', 'GB2'], pace: 'flowing', manner: 'natural', settleSec: 6,
    cycle: [freely(6, 'Knead the rims of the ears, top to lobe.'), freely(4, 'Cup the ears and listen to the hum.')], asks: { rubs: ['head'] }, repetitions: { least: 1, usual: 3, most: 6, multipleOf: 1 }, images: ['Two shells held to the head.'],
    mistakes: [{ mistake: 'pressing the canal shut hard', mend: 'Cup, do not seal.' }], smaller: { change: 'Only knead the lobes.', cycle: [freely(6, 'Knead the lobes of the ears, softly.'), freely(4, 'Let go, and listen.')] }, seated: { change: 'The same from the chair.' },
  }),
  defineForm({
    id: 'wake-teeth', name: 'Tapping the teeth', pinyin: 'Kòu Chǐ', hanzi: '叩齒', family: 'self-massage', roles: ['wake', 'nourish'], actions: ['nourishes', 'moves'], phases: ['water'], organs: ['kidney', 'stomach'], channels: along('attend', 'KI', 'ST'), points: ['ST6', 'CV6'], pace: 'flowing', manner: 'natural', settleSec: 5,
    cycle: [freely(6, 'Lips closed, tap the teeth lightly together.'), freely(4, 'Gather the saliva and swallow it downward.')], repetitions: { least: 1, usual: 3, most: 6, multipleOf: 1 }, images: ['Distant hooves on a hard road.'],
    mistakes: [{ mistake: 'biting', mend: 'The jaw hangs between taps.' }], smaller: { name: 'Circling the tongue', change: 'Only circle the tongue.', cycle: [freely(6, 'Lips closed, the tongue circles over the teeth.'), freely(4, 'Gather the saliva and swallow it downward.')] }, seated: { change: 'The same from the chair.' },
  }),
  defineForm({
    id: 'heel-sink', name: 'Heels rise and sink', family: 'heel drop', roles: ['wake', 'balance', 'nourish'], actions: ['moves', 'nourishes'], phases: ['water'], organs: ['bladder', 'kidney'], channels: along('stretch', 'BL', 'KI'), points: ['KI1', 'BL60'], stance: { start: 'hip width', end: 'hip width' }, footwork: 'Both heels rise together; weight on the balls of the feet.', pace: 'heel', settleSec: 3,
    cycle: [breatheIn('Heels rise with the wrists.'), breatheOut('Heels down, slowly, as the palms press.')], repetitions: { least: 3, usual: 6, most: 14, multipleOf: 1 }, loosens: ['ankles'], images: ['A cork lifted and set down by the tide.'],
    mistakes: [{ mistake: 'ankles roll out', mend: 'Keep the weight over the big toes.' }], smaller: { change: 'A finger’s breadth, hand on a chair back.', cycle: [breatheIn('Hand on the chair: heels rise a little.'), breatheOut('Heels come down, slowly.')] }, seated: { change: 'Only heels and wrists, from the chair.', cycle: [breatheIn('Feet flat: heels and wrists rise.'), breatheOut('Heels come down slowly as the palms press.')] },
  }),
] as const;
