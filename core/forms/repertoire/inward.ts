import { along, breatheIn, breatheOut, defineForm, freely, INNER_COUNT, type FormText } from '../define';
import type { Form } from '../model';

/** Inner breathing: little moves outside; the attention and the breath do the work. */
const inner = (
  text: Omit<FormText, 'family' | 'actions' | 'pace' | 'repetitions'> & Partial<FormText>,
): Form =>
  defineForm({
    family: 'inner breathing',
    actions: ['nourishes', 'calms'],
    polarity: 'yin',
    pace: 'inner',
    repetitions: INNER_COUNT,
    setupSec: { known: 6, taught: 22 },
    ...text,
  });

const massage = (
  text: Omit<FormText, 'family' | 'pace' | 'manner' | 'repetitions'> & Partial<FormText>,
): Form =>
  defineForm({
    family: 'self-massage',
    pace: 'flowing',
    manner: 'natural',
    repetitions: { least: 2, usual: 4, most: 12, multipleOf: 1 },
    settleSec: 4,
    ...text,
  });

/** Inner breathing, self-massage, gathering and closing. */
// prettier-ignore
export const INWARD = [
  inner({
    id: 'belly-breathing', name: 'Breathing into the lower belly', roles: ['arrive', 'nourish', 'still'], phases: ['water', 'earth'], organs: ['kidney', 'spleen', 'small-intestine'], channels: along('attend', 'CV', 'KI', 'SP'), points: ['CV6', 'CV4'],
    cycle: [breatheIn('The belly swells under the hands.'), breatheOut('It sinks back by itself.')], images: ['A boat lifting at anchor.'], mistakes: [{ mistake: 'pushing the belly out', mend: 'Let the breath do it; the hands only listen.' }], smaller: { change: 'Hands hang; only the breath.', cycle: [breatheIn('Hands hanging, the belly swells.'), breatheOut('It sinks back by itself.')] }, seated: { change: 'The same from the chair.' },
  }),
  inner({
    id: 'life-gate-breathing', name: 'Life-gate breathing', pinyin: 'Mìng Mén Hū Xī', hanzi: '命門呼吸', roles: ['nourish'], phases: ['water'], organs: ['kidney', 'bladder'], manner: 'back', channels: along('attend', 'GV', 'KI', 'BL'), points: ['GV4', 'BL23', 'CV6'], level: 2, asks: { inwardImagery: true },
    cycle: [breatheIn('From the navel straight back to the life gate.'), breatheOut('From the life gate forward to the belly.')], images: ['A door opening inward, and closing.'], mistakes: [{ mistake: 'tightening the low back', mend: 'Let the tail hang and the back fill.' }], parts: [{ part: 'hands before and behind', watch: 'both palms feel the breath' }, { part: 'breath to the back', watch: 'the front stays quiet' }, { part: 'back and front', watch: 'the way is the same there and back' }], smaller: { change: 'Both hands on the belly.', cycle: [breatheIn('Both hands on the belly: from the navel straight back.'), breatheOut('From the life gate forward to the hands.')] }, seated: { change: 'The same from the front of the chair.' },
  }),
  inner({
    id: 'sole-gate-breathing', name: 'Sole-gate breathing', pinyin: 'Yǒng Quán Hū Xī', hanzi: '湧泉呼吸', roles: ['nourish', 'arrive'], phases: ['water'], organs: ['kidney', 'bladder'], channels: along('attend', 'KI', 'BL'), points: ['KI1', 'CV6'], asks: { inwardImagery: true },
    cycle: [breatheIn('Breath rises from the soles to the belly.'), breatheOut('It sinks from the belly through the soles.')], images: ['Roots drinking, and giving back.'], mistakes: [{ mistake: 'gripping with the toes', mend: 'Spread them like a hand on warm sand.' }], smaller: { change: 'Only the sinking half.', cycle: [breatheIn('Breathe in as it comes.'), breatheOut('It sinks from the belly through the soles.')] }, seated: { change: 'The same, both soles flat.' },
  }),
  inner({
    id: 'pearl', name: 'The pearl', roles: ['nourish', 'balance'], phases: ['water', 'fire'], organs: ['kidney', 'heart', 'small-intestine'], channels: along('attend', 'CV', 'GV'), points: ['CV6', 'CV17', 'GV4'], route: ['tailbone', 'GV4', 'GV14', 'crown', 'chest', 'lower belly'], level: 3, asks: { inwardImagery: true },
    cycle: [breatheIn('A pearl rolls up the back to the crown.'), breatheOut('It rolls down the front and lies in the belly.')], images: ['A lamp carried through a dark house, room by room.'], mistakes: [{ mistake: 'straining to see it', mend: 'Know where it is; seeing comes or does not.' }], cautions: ['Always end with the pearl in the lower belly.'], parts: [{ part: 'resting the pearl in the belly', watch: 'it is warm before it moves' }, { part: 'down the front only', watch: 'the attention does not stay in the head' }, { part: 'the whole round', watch: 'it ends in the lower belly' }], smaller: { name: 'The pearl at rest', change: 'The end of it alone: a warm place in the lower belly.', cycle: [breatheIn('A warm place in the lower belly is noticed.'), breatheOut('It rests there and grows quiet.')] }, seated: { change: 'Sit tall, hands in the lap.', cycle: [breatheIn('Sitting tall, a pearl rolls up the back to the crown.'), breatheOut('It rolls down the front and lies in the belly.')] },
  }),
  inner({
    id: 'flank-breathing', name: 'Breathing into the flanks', roles: ['nourish'], phases: ['wood'], organs: ['liver', 'gallbladder'], channels: along('attend', 'LR', 'GB'), points: ['LR14', 'LR13'], cycle: [breatheIn('The ribs widen into the hands.'), breatheOut('The sides soften, the eyes too.')], images: ['A tent filling from the sides.'], mistakes: [{ mistake: 'lifting the breastbone', mend: 'Wider, not higher.' }], smaller: { change: 'Hands hang; only the breath.', cycle: [breatheIn('Hands hanging, the ribs widen.'), breatheOut('The sides soften, the eyes too.')] }, seated: { change: 'The same from the chair.' },
  }),
  inner({
    id: 'heart-lamp-breathing', name: 'The lamp in the chest', roles: ['nourish', 'still'], phases: ['fire'], organs: ['heart', 'pericardium', 'small-intestine'], channels: along('attend', 'HT', 'PC', 'CV'), points: ['CV17', 'HT7'], asks: { inwardImagery: true }, cycle: [breatheIn('A small lamp behind the breastbone brightens.'), breatheOut('Its warmth spreads to the arms.')], images: ['A lamp in a window seen from the road.'], mistakes: [{ mistake: 'making it blaze', mend: 'A lamp, not a fire.' }], smaller: { change: 'Hands in the lap or hanging.', cycle: [breatheIn('Hands at rest: a small lamp brightens behind the breastbone.'), breatheOut('Its warmth spreads to the arms.')] }, seated: { change: 'The same from the chair.' },
  }),
  inner({
    id: 'three-burners-breathing', name: 'Breath through three rooms', roles: ['nourish', 'balance'], phases: ['fire'], organs: ['triple-burner', 'pericardium', 'heart'], channels: along('attend', 'TE', 'CV'), points: ['CV17', 'CV12', 'CV6'], cycle: [breatheIn('Belly, then ribs, then chest fill.'), breatheOut('Chest, then ribs, then belly let go.')], images: ['Water rising in a three-chambered lock.'], mistakes: [{ mistake: 'filling to bursting', mend: 'Seven tenths full is full.' }], smaller: { change: 'Belly and ribs only.', cycle: [breatheIn('Belly, then ribs fill.'), breatheOut('Ribs, then belly let go.')] }, seated: { change: 'The same from the chair.' },
  }),
  inner({
    id: 'girdle-breathing', name: 'Breathing round the girdle', roles: ['nourish', 'still'], phases: ['earth', 'wood'], organs: ['spleen', 'stomach', 'gallbladder'], channels: along('attend', 'SP', 'ST', 'GB'), points: ['CV12', 'GB26', 'SP15'], cycle: [breatheIn('The waist widens all round, like a ring.'), breatheOut('The ring grows warm and narrow.')], images: ['A sash loosened one finger, then tied.'], mistakes: [{ mistake: 'only the front moves', mend: 'Put the thumbs behind and breathe to them.' }], smaller: { change: 'Hands hang; only the breath.', cycle: [breatheIn('Hands hanging, the waist widens all round.'), breatheOut('The ring grows warm and narrow.')] }, seated: { change: 'The same from the chair.' },
  }),
  inner({
    id: 'middle-room-breathing', name: 'Warming the middle', roles: ['nourish'], phases: ['earth'], organs: ['stomach', 'spleen'], channels: along('hold', 'ST', 'SP', 'CV'), points: ['CV12', 'ST36'], cycle: [breatheIn('Warmth gathers under the hands at the middle.'), breatheOut('It settles, as after a good soup.')], images: ['A clay pot kept warm in straw.'], mistakes: [{ mistake: 'pressing into the stomach', mend: 'The hands weigh no more than a cloth.' }], smaller: { change: 'One hand only.', cycle: [breatheIn('Warmth gathers under one hand at the middle.'), breatheOut('It settles, as after a good soup.')] }, seated: { change: 'The same from the chair.' },
  }),
  inner({
    id: 'skin-breathing', name: 'Breathing through the skin', roles: ['nourish', 'still'], phases: ['metal'], organs: ['lung', 'large-intestine'], channels: along('attend', 'LU', 'LI'), points: ['LU1', 'LU9'], asks: { inwardImagery: true }, cycle: [breatheIn('Air comes in from all sides.'), breatheOut('The skin lets go, light and clear.')], images: ['Linen on a line in a clear wind.'], mistakes: [{ mistake: 'breathing deeper and deeper', mend: 'The breath stays as it is; the edge grows soft.' }], smaller: { change: 'Only the arms and hands.', cycle: [breatheIn('Air comes in at arms and hands.'), breatheOut('The skin of the arms lets go, light and clear.')] }, seated: { change: 'The same from the chair.' },
  }),
  inner({
    id: 'nostril-to-belly', name: 'Clear air to the belly', roles: ['nourish', 'arrive'], phases: ['metal'], organs: ['lung', 'large-intestine'], channels: along('attend', 'LU', 'CV'), points: ['LU1', 'CV17', 'CV6'], cycle: [breatheIn('Cool air runs from nose to belly.'), breatheOut('Warm air leaves; the chest is clear.')], images: ['A stream finding its pool.'], mistakes: [{ mistake: 'sniffing', mend: 'So quiet that a feather would stay.' }], smaller: { change: 'Hands hang; only the breath.', cycle: [breatheIn('Hands hanging, cool air runs from nose to belly.'), breatheOut('Warm air leaves; the chest is clear.')] }, seated: { change: 'The same from the chair.' },
  }),
  massage({
    id: 'resting-the-eyes', name: 'Palms over the eyes', roles: ['nourish', 'gather'], actions: ['nourishes', 'calms'], polarity: 'yin', phases: ['wood'], organs: ['liver', 'gallbladder'], channels: along('hold', 'LR', 'GB'), points: ['EX-HN3', 'GB1'], entry: [freely(5, 'Rub the palms warm.')], cycle: [breatheIn('Hollow palms over the eyes: dark and warm.'), breatheOut('The eyes sink back like stones in a pool.')], asks: { rubs: ['eyes'] }, images: ['Two birds settling in their nests.'], mistakes: [{ mistake: 'touching the eyeballs', mend: 'Hollow the palms; only the rims touch.' }], smaller: { change: 'Hands before the eyes, not touching.', cycle: [breatheIn('Hollow palms before the eyes, not touching: dark and warm.'), breatheOut('The eyes sink back like stones in a pool.')], asks: { rubs: [] } }, seated: { change: 'The same, elbows as low as is easy.' },
  }),
  massage({
    id: 'wiping-the-ribs', name: 'Wiping the ribs', roles: ['nourish', 'clear'], actions: ['moves', 'nourishes'], phases: ['wood'], organs: ['liver', 'gallbladder'], channels: along('trace', 'LR', 'GB'), points: ['LR14', 'GB24'], cycle: [breatheIn('Palms to the breastbone.'), breatheOut('Wipe outward along the ribs to the sides.')], asks: { rubs: ['flanks'] }, images: ['Smoothing the feathers of a wing.'], mistakes: [{ mistake: 'poking with the fingertips', mend: 'The whole palm, as wide as it is.' }], smaller: { change: 'Palms only rest on the ribs.', cycle: [breatheIn('Palms come to the ribs.'), breatheOut('They rest there; the ribs soften.')], asks: { rubs: [] } }, seated: { change: 'The same from the chair.' },
  }),
  massage({
    id: 'smoothing-the-chest', name: 'Smoothing the chest', roles: ['nourish', 'clear'], actions: ['calms', 'nourishes'], phases: ['fire', 'metal'], organs: ['heart', 'pericardium', 'lung', 'small-intestine'], channels: along('trace', 'HT', 'PC', 'CV'), points: ['CV17', 'CV14'], exhale: 'mouth', cycle: [breatheIn('Hands cross on the breastbone.'), breatheOut('Smooth down to the upper belly, sighing.')], asks: { rubs: ['chest'] }, images: ['Calming a startled horse.'], mistakes: [{ mistake: 'rubbing up again', mend: 'Only downward; lift the hands to return.' }], smaller: { change: 'One hand only.', cycle: [breatheIn('One hand to the breastbone.'), breatheOut('It smooths down to the upper belly, sighing.')] }, seated: { change: 'The same from the chair.' },
  }),
  massage({
    id: 'pressing-the-palm-centre', name: 'Pressing the palm’s centre', roles: ['nourish'], actions: ['calms', 'nourishes'], polarity: 'yin', phases: ['fire'], organs: ['pericardium', 'heart', 'triple-burner'], channels: along('press', 'PC', 'HT'), points: ['PC8', 'HT8'], sides: 'one-then-other', cycle: [breatheIn('Thumb on the centre of the {side} palm.'), breatheOut('Press softly and circle; let go.')], images: ['Finding the one warm stone in a wall.'], mistakes: [{ mistake: 'pressing until it hurts', mend: 'As on a ripe pear.' }], smaller: { change: 'Only rest the thumb there.', cycle: [breatheIn('Thumb on the centre of the {side} palm.'), breatheOut('It rests there; let go.')] }, seated: { change: 'The same, hands in the lap.' },
  }),
  massage({
    id: 'belly-rubbing', name: 'Rubbing the belly', pinyin: 'Mó Fù', hanzi: '摩腹', roles: ['nourish', 'gather'], actions: ['nourishes', 'moves'], phases: ['earth'], organs: ['stomach', 'spleen', 'large-intestine'], channels: along('trace', 'ST', 'SP', 'CV'), points: ['CV12', 'ST25', 'CV6'], sides: 'both-ways', cycle: [freely(5, 'Palms circle the navel to the {way}, growing wider.')], repetitions: { least: 3, usual: 6, most: 36, multipleOf: 3 }, asks: { rubs: ['belly'], abdominalPress: true }, images: ['Stirring a thick porridge.'], mistakes: [{ mistake: 'digging in', mend: 'Move the skin, not what lies under it.' }], cautions: ['Not in pregnancy, soon after a meal, or after surgery of the belly: rest the hands instead.'], smaller: { name: 'Hands on the belly', change: 'Hands rest; the attention circles.', cycle: [freely(5, 'Hands rest on the belly; the attention circles to the {way}.')], asks: { rubs: [], abdominalPress: false } }, seated: { change: 'The same from the chair.' },
  }),
  massage({
    id: 'rubbing-three-miles', name: 'Rubbing below the knees', pinyin: 'Zú Sān Lǐ', hanzi: '足三里', roles: ['nourish'], actions: ['nourishes', 'moves'], phases: ['earth'], organs: ['stomach', 'spleen'], channels: along('press', 'ST', 'SP'), points: ['ST36', 'SP9'], stance: { start: 'chair', end: 'chair' }, footwork: 'Seated, feet flat.', cycle: [freely(6, 'Palms rub below the knees, outside and inside.')], asks: { rubs: ['legs'] }, images: ['Oiling the hinges of a gate before a long road.'], mistakes: [{ mistake: 'hunching', mend: 'Fold from the hips, back long.' }], smaller: { name: 'Palms below the knees', change: 'Rest the palms there.', cycle: [freely(6, 'Palms rest below the knees, outside and inside.')], asks: { rubs: [] } }, seated: { change: 'It is done from the chair.', cycle: [freely(6, 'From the chair, palms rub below the knees, both sides.')] },
  }),
  massage({
    id: 'rolling-the-soles', name: 'Rolling the soles', pinyin: 'Yǒng Quán', hanzi: '湧泉', roles: ['nourish', 'arrive'], actions: ['nourishes', 'calms'], polarity: 'yin', phases: ['water'], organs: ['kidney', 'bladder'], channels: along('press', 'KI', 'BL'), points: ['KI1', 'KI3'], stance: { start: 'chair', end: 'chair' }, footwork: 'Seated; one foot rolls at a time.', sides: 'one-then-other', cycle: [freely(6, 'Roll the {side} sole on the floor, ball to heel.')], images: ['Waking the ground under you with one bare foot.'], mistakes: [{ mistake: 'curling the toes', mend: 'Let them spread as the ball presses.' }], smaller: { change: 'Only press the ball of the foot.', cycle: [freely(6, 'Press the ball of the {side} foot into the floor, and let go.')] }, seated: { change: 'It is done from the chair, over a small ball if there is one.' },
  }),
  massage({
    id: 'combing-the-head', name: 'Combing with the fingers', roles: ['gather', 'clear'], actions: ['clears', 'calms'], phases: ['wood', 'water'], organs: ['gallbladder', 'bladder'], channels: along('trace', 'GB', 'BL'), points: ['GB20', 'BL10', 'GV20'], cycle: [freely(5, 'Comb from the brow over the crown to the nape.')], asks: { rubs: ['head'] }, images: ['Raking a gravel garden.'], mistakes: [{ mistake: 'scratching', mend: 'The pads of the fingers, not the nails.' }], smaller: { change: 'Only at the temples.', cycle: [freely(5, 'Fingertips comb the temples, front to back.')] }, seated: { change: 'The same from the chair.' },
  }),
  massage({
    id: 'neck-washing', name: 'Washing the neck', roles: ['gather', 'loosen'], actions: ['calms', 'clears'], phases: ['wood', 'water'], organs: ['gallbladder', 'bladder', 'triple-burner'], channels: along('trace', 'GB', 'BL', 'TE'), points: ['GB20', 'GB21', 'BL10'], sides: 'alternating', cycle: [breatheIn('{Side} palm to the back of the neck.'), breatheOut('Draw it out along the top of the shoulder and down.')], asks: { rubs: ['neck'] }, images: ['Drawing off a heavy scarf.'], mistakes: [{ mistake: 'pressing on the throat', mend: 'Stay at the back; go off over the top of the shoulder.' }], cautions: ['Never over the throat or the sides of the neck: large vessels lie there.'], smaller: { change: 'The palm only rests at the back of the neck.', cycle: [breatheIn('{Side} palm to the back of the neck.'), breatheOut('It rests there; the shoulder sinks.')], asks: { rubs: [] } }, seated: { change: 'The same from the chair.' },
  }),
  massage({
    id: 'face-tapping', name: 'Patting the face', roles: ['gather', 'wake'], actions: ['moves', 'calms'], phases: ['earth', 'metal'], organs: ['stomach', 'large-intestine'], channels: along('tap', 'ST', 'LI'), points: ['ST2', 'LI20'], cycle: [freely(5, 'Fingertips patter over brow, cheeks and jaw.')], asks: { percussion: ['head', 'face'] }, settleSec: 8, images: ['The first drops on a pond.'], mistakes: [{ mistake: 'holding the jaw', mend: 'Let the teeth part.' }], smaller: { name: 'Palms on the cheeks', change: 'Only rest the palms on the cheeks.', cycle: [freely(5, 'Palms rest on the cheeks.')], asks: { percussion: [] } }, seated: { change: 'The same from the chair.' },
  }),
  defineForm({
    id: 'three-centre-wash', name: 'Washing three centres', family: 'gathering', roles: ['gather', 'balance'], actions: ['calms', 'nourishes'], channels: along('attend', 'CV', 'GV'), points: ['EX-HN3', 'CV17', 'CV6'], pace: 'gathering',
    cycle: [breatheIn('Palms rise with clear breath to the brow.'), breatheOut('Pause and wash: brow, heart, lower belly.')], repetitions: { least: 1, usual: 3, most: 6, multipleOf: 1 }, images: ['Rinsing three bowls with one pour.'], mistakes: [{ mistake: 'passing too fast', mend: 'Stay a heartbeat at each centre.' }], smaller: { change: 'Heart and belly only.', cycle: [breatheIn('Palms rise with clear breath to the heart.'), breatheOut('Pause and wash: heart, lower belly.')] }, seated: { change: 'From the chair, from the chin down.', cycle: [breatheIn('Palms rise with clear breath to the chin.'), breatheOut('Pause and wash: chin, heart, lower belly.')] },
  }),
  defineForm({
    id: 'gathering-from-the-earth', name: 'Gathering from the earth', family: 'gathering', roles: ['gather', 'nourish'], actions: ['nourishes', 'calms'], polarity: 'yin', phases: ['earth', 'water'], organs: ['spleen', 'kidney', 'stomach'], channels: along('attend', 'SP', 'KI'), points: ['CV6', 'KI1', 'SP6'], pace: 'gathering',
    cycle: [breatheIn('Sink down to gather, low and wide, and rise.'), breatheOut('Bring it into the belly; hands rest.')], repetitions: { least: 1, usual: 3, most: 9, multipleOf: 1 }, loosens: ['knees'], images: ['Scooping cool water from a spring.'], mistakes: [{ mistake: 'bending the back', mend: 'Sink with the knees; let the hands hang.' }], smaller: { change: 'Scoop from the hips.', cycle: [breatheIn('Scoop from beside the hips, and draw in.'), breatheOut('Bring it into the belly; hands rest.')] }, seated: { change: 'Scoop beside the knees.', cycle: [breatheIn('Scoop from beside the knees, and draw in.'), breatheOut('Bring it into the belly; hands rest.')] },
  }),
  defineForm({
    id: 'centring-spirals', name: 'Centring spirals', family: 'gathering', roles: ['gather', 'close'], actions: ['calms', 'nourishes'], polarity: 'yin', phases: ['earth'], organs: ['spleen', 'small-intestine'], channels: along('hold', 'CV', 'SP'), points: ['CV6'], sides: 'both-ways', ways: ['inward', 'outward'], pace: 'flowing', manner: 'natural',
    cycle: [freely(6, 'Attention and palms spiral {way} round the lower belly.')], repetitions: { least: 3, usual: 3, most: 9, multipleOf: 3 }, images: ['A snail’s shell, wound to its centre.'], mistakes: [{ mistake: 'ending on the outside', mend: 'The last turn always goes home.' }], smaller: { change: 'Only the attention spirals.', cycle: [freely(6, 'Hands at rest, the attention spirals {way} in the lower belly.')] }, seated: { change: 'The same from the chair.' },
  }),
  defineForm({
    id: 'three-sinks', name: 'Sinking three times', family: 'gathering', roles: ['gather', 'close'], actions: ['calms', 'clears'], polarity: 'yin', channels: along('attend', 'CV', 'ST', 'KI'), points: ['CV6', 'KI1'], pace: 'gathering', exhale: 'mouth',
    cycle: [breatheIn('Breathe up to the crown.'), breatheOut('Let everything sink to the feet, hands following.')], repetitions: { least: 3, usual: 3, most: 3, multipleOf: 3 }, images: ['Silt settling in a glass.'], mistakes: [{ mistake: 'slumping', mend: 'Only what is loose may sink; the spine stays.' }], smaller: { change: 'Hands still.', cycle: [breatheIn('Breathe up to the crown.'), breatheOut('Let everything sink to the feet, hands still.')] }, seated: { change: 'The same from the chair.' },
  }),
  defineForm({
    id: 'storing-still', name: 'Resting in the lower belly', family: 'gathering', roles: ['gather', 'close', 'still'], actions: ['nourishes', 'calms'], polarity: 'yin', phases: ['water'], organs: ['kidney'], channels: along('hold', 'CV', 'KI'), points: ['CV6', 'CV4'], pace: 'inner', manner: 'natural',
    cycle: [breatheIn('Hands lie on the lower belly.'), breatheOut('Nothing more to do.')], repetitions: { least: 2, usual: 4, most: 12, multipleOf: 1 }, images: ['A well with its lid on.'], mistakes: [{ mistake: 'going on practising', mend: 'Let the breath find its own size.' }], smaller: { change: 'Hands hang.', cycle: [breatheIn('Arms hang; the lower belly is noticed.'), breatheOut('Nothing more to do.')] }, seated: { change: 'Hands in the lap.', cycle: [breatheIn('Hands lie in the lap.'), breatheOut('Nothing more to do.')] },
  }),
  defineForm({
    id: 'close-thanks', name: 'Giving thanks', family: 'closing', roles: ['close'], actions: ['calms'], polarity: 'yin', channels: along('attend', 'HT', 'CV'), points: ['CV17', 'CV6'], stance: { start: 'feet together', end: 'feet together' }, pace: 'flowing', manner: 'natural', setupSec: { known: 2, taught: 5 },
    cycle: [breatheIn('Palms meet before the heart.'), breatheOut('A small bow of thanks.')], repetitions: { least: 1, usual: 1, most: 3, multipleOf: 1 }, images: ['Closing a gate quietly behind you.'], mistakes: [{ mistake: 'hurrying off', mend: 'Open the eyes first, then move.' }], smaller: { change: 'Only the head bows.', cycle: [breatheIn('Palms meet before the heart.'), breatheOut('The head bows a little, in thanks.')] }, seated: { change: 'From the chair.', cycle: [breatheIn('Sitting tall, palms meet before the heart.'), breatheOut('A small bow of thanks.')] },
  }),
  defineForm({
    id: 'close-open-eyes', name: 'Coming back', family: 'closing', roles: ['close'], actions: ['calms'], channels: along('attend', 'CV', 'KI'), points: ['CV6', 'KI1'], pace: 'flowing', manner: 'natural', setupSec: { known: 2, taught: 5 },
    cycle: [breatheIn('Feel the feet, the hands, the room.'), breatheOut('Open the eyes and look about you.')], repetitions: { least: 1, usual: 1, most: 3, multipleOf: 1 }, images: ['Stepping out on the porch in the morning.'], mistakes: [{ mistake: 'springing up', mend: 'Look first, move second.' }], smaller: { change: 'Only look about.', cycle: [breatheIn('Look about you.'), breatheOut('Turn the eyes to what is near, and to what is far.')] }, seated: { change: 'The same from the chair.' },
  }),
];
