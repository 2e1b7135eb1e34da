import { along, breatheIn, breatheOut, defineForm, FLOWING_COUNT, freely } from '../define';

const SIDED = { least: 1, usual: 4, most: 12, multipleOf: 1 } as const;
const WEIGHT_FLOWS = 'The weight flows from foot to foot, feet planted.';

/** Flowing pairs, circles, spirals and forms on one leg. */
// prettier-ignore
export const STREAMS = [
  defineForm({
    id: 'open-and-close', name: 'Open and close', pinyin: 'Kāi Hé', hanzi: '開合', family: 'flowing pair', roles: ['nourish', 'balance', 'arrive'], actions: ['nourishes', 'calms'], phases: ['metal'], organs: ['lung', 'large-intestine'], channels: along('stretch', 'LU', 'PC'), points: ['PC8', 'LU1'],
    pace: 'flowing', cycle: [breatheIn('Palms move apart, as on warm air.'), breatheOut('They come together and do not touch.')], repetitions: FLOWING_COUNT, images: ['An accordion with one soft note.'], mistakes: [{ mistake: 'rushing the turn', mend: 'Wait until the air between the palms is felt.' }], smaller: { change: 'Only as wide as the ribs.' }, seated: { change: 'The same from the chair.' },
  }),
  defineForm({
    id: 'push-and-draw', name: 'Push and draw', family: 'flowing pair', roles: ['nourish', 'balance'], actions: ['moves', 'nourishes'], phases: ['metal', 'earth'], organs: ['large-intestine', 'lung', 'stomach'], channels: along('stretch', 'LI', 'LU', 'ST'), points: ['LI4', 'ST36'],
    pace: 'flowing', cycle: [breatheIn('Elbows draw back, palms to the ribs.'), breatheOut('Palms push forward, the back fills.')], repetitions: FLOWING_COUNT, images: ['A heavy drawer that runs on wax.'], mistakes: [{ mistake: 'locking the elbows', mend: 'Stop a hand’s breadth before straight.' }], smaller: { change: 'Half as far.' }, seated: { change: 'The same from the chair.' },
  }),
  defineForm({
    id: 'wheel', name: 'Turning the wheel', pinyin: 'Zhuǎn Lún', hanzi: '轉輪', family: 'flowing pair', roles: ['nourish', 'wake'], actions: ['moves', 'nourishes'], polarity: 'yang', phases: ['earth', 'wood'], organs: ['spleen', 'stomach', 'liver', 'gallbladder'], channels: along('stretch', 'SP', 'GB', 'ST'), points: ['SP21', 'CV12'], sides: 'both-ways', pace: 'circling', footwork: 'The weight circles with the wheel, feet planted.', level: 2,
    cycle: [breatheIn('Hands rise over the {way} and pass the crown.'), breatheOut('They come round and brush past the thighs.')], repetitions: { least: 2, usual: 3, most: 9, multipleOf: 1 }, loosens: ['spine', 'shoulders'], images: ['A mill wheel, slow with water.'], mistakes: [{ mistake: 'a wheel of arms only', mend: 'The waist carries the hands round.' }], cautions: ['Rise slowly from below, head last.'],
    smaller: { change: 'A wheel before the chest, hands below the shoulders.', cycle: [breatheIn('Hands rise over the {way} to the chest.'), breatheOut('They come round and sink to the hips.')] }, seated: { change: 'A wheel before the chest, from the chair.', cycle: [breatheIn('Hands rise over the {way} to the chest.'), breatheOut('They come round and sink to the lap.')] },
  }),
  defineForm({
    id: 'parting-clouds', name: 'Parting the clouds', family: 'flowing pair', roles: ['nourish', 'balance'], actions: ['moves', 'nourishes'], phases: ['metal', 'fire'], organs: ['lung', 'large-intestine', 'heart', 'small-intestine'], channels: along('stretch', 'LU', 'LI', 'SI'), points: ['LU1', 'SI11'],
    pace: 'gathering', cycle: [breatheIn('Wrists cross and rise to the brow.'), breatheOut('The clouds part; arms open and sink.')], repetitions: { least: 2, usual: 4, most: 12, multipleOf: 1 }, loosens: ['shoulders'], images: ['Blue between two banks of cloud.'], mistakes: [{ mistake: 'chin lifts', mend: 'The eyes rise; the chin stays.' }],
    smaller: { change: 'Wrists rise to the breastbone.', cycle: [breatheIn('Wrists cross and rise to the breastbone.'), breatheOut('The clouds part; arms open and sink.')] }, seated: { change: 'From the chair, to the breastbone.', cycle: [breatheIn('Wrists cross and rise to the breastbone.'), breatheOut('The clouds part; arms open and sink.')] },
  }),
  defineForm({
    id: 'ball-of-qi', name: 'Turning the ball', pinyin: 'Bào Qiú', hanzi: '抱球', family: 'flowing pair', roles: ['nourish', 'balance'], actions: ['nourishes', 'calms'], phases: ['earth', 'fire'], organs: ['spleen', 'stomach', 'pericardium', 'triple-burner'], channels: along('attend', 'PC', 'SP', 'TE'), points: ['PC8', 'CV12'], sides: 'alternating', pace: 'turning', footwork: WEIGHT_FLOWS,
    cycle: [breatheIn('Hold a ball at the belly, {side} hand on top.'), breatheOut('Weight to the {side}; the ball turns over.')], repetitions: SIDED, images: ['A melon, turned to find its sweet side.'], mistakes: [{ mistake: 'the ball loses its shape', mend: 'Keep the palms looking at each other.' }], smaller: { change: 'A smaller ball, weight in the middle.', cycle: [breatheIn('Hold a ball at the belly, {side} hand on top.'), breatheOut('The ball turns over.')] }, seated: { change: 'In the lap.', cycle: [breatheIn('Hold a ball at the belly, {side} hand on top.'), breatheOut('The ball turns over.')] },
  }),
  defineForm({
    id: 'growing-ball', name: 'The ball that breathes', family: 'flowing pair', roles: ['nourish', 'arrive'], actions: ['nourishes', 'calms'], polarity: 'yin', phases: ['fire'], organs: ['pericardium', 'heart', 'triple-burner', 'small-intestine'], channels: along('attend', 'PC', 'HT'), points: ['PC8', 'CV17'],
    pace: 'flowing', cycle: [breatheIn('The ball before the chest grows.'), breatheOut('It grows small and dense.')], repetitions: FLOWING_COUNT, images: ['A soap bubble that will not burst.'], mistakes: [{ mistake: 'fingers stiff', mend: 'Fingers like those of a sleeping child.' }], smaller: { change: 'Before the navel, a hand’s breadth.' }, seated: { change: 'The same from the chair.' },
  }),
  defineForm({
    id: 'spiralling-arms', name: 'Spiralling arms', family: 'flowing pair', roles: ['nourish', 'wake'], actions: ['moves', 'nourishes'], phases: ['fire', 'wood'], organs: ['heart', 'small-intestine', 'triple-burner', 'liver'], channels: along('stretch', 'HT', 'SI', 'TE'), points: ['HT3', 'SI8'], sides: 'alternating', pace: 'circling', footwork: WEIGHT_FLOWS, level: 2,
    cycle: [breatheIn('{Side} palm turns up and spirals in under the ribs.'), breatheOut('It turns outward and unwinds to the {side}.')], repetitions: SIDED, loosens: ['shoulders', 'wrists', 'spine'], images: ['Wringing silk, and letting it unwind.'], mistakes: [{ mistake: 'the wrist alone turns', mend: 'Begin in the waist; it reaches the fingers last.' }], smaller: { change: 'Half as far, weight in the middle.', cycle: [breatheIn('{Side} palm turns up and in to the ribs.'), breatheOut('It turns outward and unwinds.')] }, seated: { change: 'The same from the chair.', cycle: [breatheIn('{Side} palm turns up and in to the ribs.'), breatheOut('It turns outward and unwinds.')] },
  }),
  defineForm({
    id: 'twining-vine', name: 'Twining vine', family: 'flowing pair', roles: ['nourish'], actions: ['moves', 'nourishes'], polarity: 'yang', phases: ['wood'], organs: ['liver', 'gallbladder'], channels: along('stretch', 'LR', 'GB'), points: ['LR13', 'GB26'], sides: 'alternating', pace: 'turning',
    cycle: [breatheIn('One hand before, one behind the waist.'), breatheOut('Twine to the {side}, eyes over the shoulder; return.')], repetitions: SIDED, loosens: ['spine'], images: ['A vine going once more round its pole.'], mistakes: [{ mistake: 'the hips come along', mend: 'Hold the pole still; only the vine turns.' }], smaller: { change: 'A third of the turn.' }, seated: { change: 'The same on the sitting bones.' },
  }),
  defineForm({
    id: 'lifting-the-lake', name: 'Lifting the lake', family: 'flowing pair', roles: ['nourish', 'balance'], actions: ['nourishes', 'calms'], polarity: 'yin', phases: ['water', 'earth'], organs: ['kidney', 'bladder', 'spleen'], channels: along('attend', 'KI', 'SP'), points: ['CV6', 'KI1'],
    pace: 'flowing', cycle: [breatheIn('Palms up, lift the water to the navel.'), breatheOut('Palms down, let it sink; knees soften.')], repetitions: FLOWING_COUNT, images: ['A lake rising and falling one hand’s breadth.'], mistakes: [{ mistake: 'leaning forward', mend: 'The crown rises as the hands sink.' }], smaller: { change: 'Knees quiet.' }, seated: { change: 'The same from the chair.' },
  }),
  defineForm({
    id: 'draw-up-press-down', name: 'Draw up, press down', family: 'flowing pair', roles: ['balance', 'gather', 'arrive'], hinge: true, actions: ['calms', 'moves'], channels: along('attend', 'CV', 'KI'), points: ['CV17', 'CV6'],
    pace: 'gathering', cycle: [breatheIn('Palms draw up to the breastbone.'), breatheOut('Palms turn and press down to the belly.')], repetitions: { least: 1, usual: 1, most: 6, multipleOf: 1 }, setupSec: { known: 0, taught: 4 }, settleSec: 1, images: ['A full stop, drawn with both hands.'], mistakes: [{ mistake: 'taking it for a form of its own', mend: 'Once is enough; it only parts what was from what comes.' }], smaller: { change: 'From the belly to the ribs.' }, seated: { change: 'The same from the chair.' },
  }),
  defineForm({
    id: 'sweeping-across', name: 'Sweeping from side to side', family: 'flowing pair', roles: ['nourish', 'balance'], actions: ['moves', 'calms'], phases: ['water', 'fire'], organs: ['bladder', 'small-intestine', 'heart'], channels: along('stretch', 'BL', 'SI'), points: ['BL23', 'SI3'], sides: 'alternating', pace: 'turning', footwork: WEIGHT_FLOWS,
    cycle: [breatheIn('Both palms float up on the {other} side.'), breatheOut('They sweep across and down to the {side}.')], repetitions: SIDED, loosens: ['spine'], images: ['Brushing sand level with one long board.'], mistakes: [{ mistake: 'hands leave the breastbone’s line', mend: 'Nose, navel and hands go together.' }], smaller: { change: 'Half the way, at the navel.' }, seated: { change: 'The same on the sitting bones.' },
  }),
  defineForm({
    id: 'crane-stands', name: 'Crane on one leg', family: 'balance', roles: ['balance', 'nourish'], actions: ['calms', 'nourishes'], phases: ['fire', 'water'], organs: ['kidney', 'heart'], channels: along('hold', 'KI', 'BL'), points: ['KI1', 'GV20'], sides: 'one-then-other', pace: 'one-leg', level: 3, stance: { start: 'hip width', end: 'hip width' }, footwork: 'Stand on one leg; the other foot rises.', setupSec: { known: 6, taught: 24 },
    cycle: [breatheIn('The {side} knee rises, wings lift a little.'), breatheOut('Foot and wings sink together.')], repetitions: { least: 1, usual: 3, most: 6, multipleOf: 1 }, loosens: ['hips'], images: ['A crane in the shallows, one foot dry.'], mistakes: [{ mistake: 'hip sinks on the standing side', mend: 'Grow tall out of the standing foot.' }], cautions: ['Fix the gaze; a chair within reach.'], parts: ['weight over one foot, heel light', 'knee up, fingertips on a chair', 'wings and knee together'],
    smaller: { change: 'The toes stay on the floor.', cycle: [breatheIn('The {side} heel rises, wings lift a little.'), breatheOut('Heel and wings sink together.')] }, seated: { change: 'One foot at a time from the chair.', cycle: [breatheIn('The {side} heel rises, wings lift a little.'), breatheOut('Heel and wings sink together.')] },
  }),
  defineForm({
    id: 'heron-walks', name: 'Heron walks on the spot', family: 'balance', roles: ['wake', 'balance'], actions: ['moves', 'calms'], phases: ['metal'], organs: ['large-intestine'], channels: along('stretch', 'ST', 'KI'), points: ['ST36', 'KI1'], sides: 'alternating', pace: 'one-leg', level: 2, stance: { start: 'hip width', end: 'hip width' }, footwork: 'The weight goes to one leg before the other foot rises.',
    cycle: [breatheIn('The {side} foot peels up, the {other} hand floats.'), breatheOut('Toes, ball, heel: set it down.')], repetitions: { least: 2, usual: 4, most: 12, multipleOf: 1 }, loosens: ['ankles', 'hips'], images: ['A heron thinking before each step.'], mistakes: [{ mistake: 'falling onto the foot', mend: 'Set it down empty, then give it weight.' }], cautions: ['A chair or wall within reach.'],
    smaller: { change: 'Only the heels peel up.', cycle: [breatheIn('The {side} heel peels up, the {other} hand floats.'), breatheOut('Heel down, hand down.')] }, seated: { change: 'Heel and hand from the chair.', cycle: [breatheIn('The {side} heel peels up, the {other} hand floats.'), breatheOut('Heel down, hand down.')] },
  }),
  defineForm({
    id: 'heel-pushes', name: 'The heel presses away', family: 'balance', roles: ['nourish', 'balance'], actions: ['moves', 'nourishes'], polarity: 'yang', phases: ['earth', 'wood'], organs: ['stomach', 'gallbladder', 'spleen'], channels: along('stretch', 'ST', 'GB', 'BL'), points: ['ST36', 'BL57'], sides: 'alternating', pace: 'one-leg', level: 3, footwork: 'Stand on one leg; the other foot lifts and presses forward.', stance: { start: 'hip width', end: 'hip width' }, setupSec: { known: 6, taught: 24 },
    cycle: [breatheIn('The {side} knee rises, toes drawn up.'), breatheOut('The heel presses slowly forward; set it down.')], repetitions: { least: 1, usual: 3, most: 6, multipleOf: 1 }, loosens: ['hips', 'ankles'], images: ['Closing a low drawer with the sole.'], mistakes: [{ mistake: 'kicking', mend: 'As slowly as the breath; the height does not matter.' }], cautions: ['Fix the gaze; a chair within reach.'], parts: ['the knee, hands on hips', 'the heel a hand above the floor', 'knee and heel in one breath'],
    smaller: { change: 'The heel slides forward on the floor.', cycle: [breatheIn('Weight off the {side} foot, tall.'), breatheOut('The heel slides forward on the floor; return.')] }, seated: { change: 'From the chair, one leg at a time.', cycle: [breatheIn('Sit tall, {side} toes drawn up.'), breatheOut('The heel presses forward; return.')] },
  }),
  defineForm({
    id: 'rocking-bamboo', name: 'Rocking like bamboo', family: 'flowing pair', roles: ['gather', 'arrive', 'still'], actions: ['calms'], polarity: 'yin', phases: ['wood'], organs: ['liver', 'gallbladder'], channels: along('attend', 'KI', 'GB'), points: ['KI1', 'GV20'], sides: 'alternating', pace: 'flowing', manner: 'natural', footwork: 'The weight moves softly from foot to foot, feet planted.',
    cycle: [freely(4, 'Sway to the {side}, smaller each time.')], repetitions: { least: 3, usual: 6, most: 18, multipleOf: 1 }, images: ['Bamboo after the wind has gone.'], mistakes: [{ mistake: 'steering', mend: 'Give one push, then let it run out.' }], smaller: { change: 'So small that only you know.' }, seated: { change: 'From one sitting bone to the other.' },
  }),
] as const;
