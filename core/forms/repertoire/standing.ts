import { along, breatheIn, breatheOut, defineForm, freely, INNER_COUNT } from '../define';

const HELD = { least: 2, usual: 4, most: 30, multipleOf: 1 } as const;
const OFFERED = 'The hold is offered, never required; come out of it whenever you need.';

/** Ways of arriving, and standing and sitting postures at their heights. */
// prettier-ignore
export const STANDING = [
  defineForm({
    id: 'arrive-seated-bell', name: 'Sitting like a bell', pinyin: 'Zuò Rú Zhōng', hanzi: '坐如鐘', family: 'standing posture', roles: ['arrive', 'still'], actions: ['calms'], polarity: 'yin',
    channels: along('attend', 'GV', 'CV'), points: ['GV20', 'CV6'], stance: { start: 'chair', end: 'chair' }, footwork: 'Feet flat under the knees, hip width.',
    pace: 'inner', manner: 'natural', entry: [freely(5, 'Front half of the seat, feet flat, hands at rest.')],
    cycle: [breatheIn('The crown is hung from above.'), breatheOut('Weight settles through the sitting bones.')],
    repetitions: INNER_COUNT, images: ['A bronze bell: hung from the top, heavy at the rim.'],
    mistakes: [{ mistake: 'slumping onto the tail', mend: 'Tip the pelvis forward until the sitting bones are felt.' }],
    smaller: { change: 'Lean against the back of the chair.', entry: [freely(5, 'Back against the chair, feet flat, hands at rest.')], cycle: [breatheIn('Leaning back, the crown is hung from above.'), breatheOut('Weight settles into the chair.')] }, seated: { change: 'It is done from the chair.' },
  }),
  defineForm({
    id: 'arrive-intention', name: 'Naming the intention', family: 'settling breath', roles: ['arrive'], actions: ['calms'], polarity: 'yin',
    channels: along('attend', 'PC', 'CV'), points: ['CV17', 'PC8'], pace: 'inner', manner: 'natural',
    cycle: [breatheIn('Palms meet before the heart.'), breatheOut('Say silently what you practise for.')],
    repetitions: { least: 1, usual: 2, most: 6, multipleOf: 1 }, images: ['Setting a small light in a window.'],
    mistakes: [{ mistake: 'a long speech inside', mend: 'One short line is enough; then let it go.' }],
    smaller: { change: 'One hand rests on the breastbone.', cycle: [breatheIn('One hand rests on the breastbone.'), breatheOut('Say silently what you practise for.')] }, seated: { change: 'The same from the chair.' },
  }),
  defineForm({
    id: 'arrive-hands-to-heart', name: 'Hands to the heart', family: 'settling breath', roles: ['arrive', 'close'], actions: ['calms'], polarity: 'yin', phases: ['fire'], organs: ['heart', 'pericardium'],
    channels: along('hold', 'PC', 'HT'), points: ['CV17', 'PC8'], pace: 'inner', manner: 'natural',
    cycle: [breatheIn('One hand over the other on the breastbone.'), breatheOut('The chest softens under the hands.')],
    repetitions: INNER_COUNT, images: ['Warming a bird between two palms.'],
    mistakes: [{ mistake: 'pressing', mend: 'Let the hands only lie there.' }],
    smaller: { change: 'Hands hang; attention rests at the breastbone.', cycle: [breatheIn('Hands hanging, notice the breastbone.'), breatheOut('The chest softens.')] }, seated: { change: 'The same from the chair.' },
  }),
  defineForm({
    id: 'arrive-walk-down', name: 'Walking down through the body', family: 'settling breath', roles: ['arrive'], actions: ['calms', 'clears'], polarity: 'yin',
    channels: along('attend', 'CV', 'ST'), points: ['GV20', 'CV17', 'CV6', 'KI1'], route: ['crown', 'chest', 'upper belly', 'lower belly'], pace: 'inner', manner: 'natural',
    cycle: [breatheIn('Notice one place, from the crown down.'), breatheOut('Let it loosen and hand on its weight.')],
    repetitions: { least: 3, usual: 6, most: 12, multipleOf: 1 }, images: ['A lantern carried down a stair, floor by floor.'],
    mistakes: [{ mistake: 'hunting for tension', mend: 'Name the place, loosen what will, and go on.' }],
    smaller: { change: 'Only three places: face, shoulders, belly.', cycle: [breatheIn('Notice the face, the shoulders, the belly.'), breatheOut('Let them loosen, one after the other.')] }, seated: { change: 'The same from the chair.' },
  }),
  defineForm({
    id: 'arrive-quiet-smile', name: 'The quiet smile', family: 'inner breathing', roles: ['arrive', 'balance'], actions: ['calms', 'nourishes'], polarity: 'yin',
    channels: along('attend', 'CV', 'HT'), points: ['EX-HN3', 'CV17', 'CV6'], pace: 'inner', manner: 'natural', asks: { inwardImagery: true },
    cycle: [breatheIn('A smile begins behind the eyes.'), breatheOut('It sinks through the chest to the belly.')],
    repetitions: INNER_COUNT, images: ['Late sun reaching the back of a room.'],
    mistakes: [{ mistake: 'smiling with the teeth', mend: 'Only the corners of the eyes need know.' }],
    smaller: { change: 'Only the face softens.', cycle: [breatheIn('A smile begins behind the eyes.'), breatheOut('The face softens.')] }, seated: { change: 'The same from the chair, palms up on the thighs.' },
  }),
  defineForm({
    id: 'hold-embrace-overhead', name: 'Embracing the sky', family: 'standing posture', roles: ['still'], actions: ['nourishes', 'moves'], polarity: 'yang', phases: ['fire', 'wood'], organs: ['triple-burner', 'heart', 'liver'],
    channels: along('hold', 'TE', 'HT', 'GB'), points: ['GV20', 'PC8'], pace: 'inner', manner: 'natural', level: 2, settleSec: 4, setupSec: { known: 6, taught: 20 },
    entry: [freely(5, 'Arms float up, round above the brow.')], cycle: [breatheIn('The round above opens a little.'), breatheOut('Elbows hang, shoulders sink.')], exit: [freely(5, 'Arms open and come down by the sides.')],
    repetitions: { least: 1, usual: 3, most: 12, multipleOf: 1 }, asks: { staticHold: true }, images: ['Carrying a wide basket just above the head.'],
    mistakes: [{ mistake: 'ribs push forward', mend: 'Let the breastbone rest; lift from the shoulder blades.' }], cautions: [OFFERED],
    smaller: { change: 'The round stays before the collarbones.', entry: [freely(5, 'Arms come round before the collarbones.')], cycle: [breatheIn('The round before the collarbones opens a little.'), breatheOut('Elbows hang, shoulders sink.')], exit: [freely(5, 'Let the arms come down.')], asks: { staticHold: false } }, seated: { change: 'From the chair, before the collarbones.', entry: [freely(5, 'Arms come round before the collarbones.')], cycle: [breatheIn('Sitting tall, the round opens a little.'), breatheOut('Elbows hang, shoulders sink.')], exit: [freely(5, 'Let the hands come down to the thighs.')], asks: { staticHold: false } },
  }),
  defineForm({
    id: 'hold-horse', name: 'Horse stance', pinyin: 'Mǎ Bù', hanzi: '馬步', family: 'standing posture', roles: ['still'], actions: ['nourishes'], polarity: 'yang', phases: ['water', 'earth'], organs: ['kidney', 'spleen', 'stomach'],
    channels: along('hold', 'KI', 'SP', 'ST'), points: ['KI1', 'ST36', 'CV6'], pace: 'inner', manner: 'natural', level: 3, settleSec: 8, setupSec: { known: 6, taught: 26 },
    stance: { start: 'wide', end: 'wide' }, footwork: 'A wide stance, knees inside the feet, weight even.',
    entry: [freely(5, 'Sink between the feet, back upright.')], cycle: [breatheIn('The back grows long.'), breatheOut('Sit a little deeper into the floor.')], exit: [freely(5, 'Press the floor away and rise.')],
    repetitions: { least: 1, usual: 2, most: 12, multipleOf: 1 }, asks: { staticHold: true }, images: ['Astride a broad, patient pony.'],
    mistakes: [{ mistake: 'knees fall in', mend: 'Spread the floor apart with the feet.' }, { mistake: 'leaning forward', mend: 'Rise until the back is upright; depth comes later.' }],
    cautions: [OFFERED, 'With sore knees stand higher and narrower.'], parts: [{ part: 'the width of the feet', watch: 'the outer edges stand parallel' }, { part: 'sinking and rising, hands on hips', watch: 'the back stays against an unseen wall' }, { part: 'the round of the arms', watch: 'the shoulders hang' }, { part: 'three breaths low', watch: 'come up at the first trembling of the breath' }],
    smaller: { name: 'Soft, upright stance', change: 'Feet under the shoulders, knees soft.', entry: [freely(5, 'Feet under the shoulders, knees soft, back upright.')], cycle: [breatheIn('Knees soft: the back grows long.'), breatheOut('Settle into the floor, no deeper.')], exit: [freely(5, 'Let the arms come down.')], stance: { start: 'shoulder width', end: 'shoulder width' }, asks: { staticHold: false } }, seated: { name: 'Sitting wide, arms round', change: 'From the chair, knees wide, arms round.', entry: [freely(5, 'Knees wide, arms round, back upright.')], cycle: [breatheIn('Sitting wide, the back grows long.'), breatheOut('Settle into the seat.')], exit: [freely(5, 'Let the hands come down to the thighs.')], asks: { staticHold: false } },
  }),
  defineForm({
    id: 'hold-floating', name: 'Floating on water', pinyin: 'Fú Shuǐ', hanzi: '浮水', family: 'standing posture', roles: ['still'], actions: ['nourishes', 'calms'], polarity: 'yin', phases: ['water', 'metal'], organs: ['kidney', 'lung', 'bladder', 'large-intestine'],
    channels: along('hold', 'LU', 'LI', 'KI'), points: ['LU1', 'KI1', 'PC8'], pace: 'inner', manner: 'natural', settleSec: 4, setupSec: { known: 5, taught: 18 },
    entry: [freely(5, 'Hands rest out to the sides, as on water.')], cycle: [breatheIn('The water lifts the hands.'), breatheOut('The hands lie on it; the legs sink.')], exit: [freely(4, 'Let the hands come down.')],
    repetitions: HELD, asks: { staticHold: true }, images: ['Up to the waist in a warm, still lake.'],
    mistakes: [{ mistake: 'pressing the palms down', mend: 'Let each finger be carried.' }], cautions: [OFFERED],
    smaller: { change: 'Hands rest lower, beside the hips.', entry: [freely(5, 'Hands beside the hips, as on water.')], cycle: [breatheIn('The water beside the hips lifts the hands.'), breatheOut('The hands lie on it; the legs sink.')], asks: { staticHold: false } }, seated: { change: 'From the chair, hands just above the thighs.', entry: [freely(5, 'Hands just above the thighs, as on water.')], cycle: [breatheIn('The water above the thighs lifts the hands.'), breatheOut('The hands lie on it; the legs rest.')], asks: { staticHold: false } },
  }),
  defineForm({
    id: 'hold-three-circles', name: 'Three circles', pinyin: 'Sān Yuán', hanzi: '三圓', family: 'standing posture', roles: ['still'], actions: ['nourishes', 'calms'], phases: ['earth', 'metal'], organs: ['spleen', 'lung', 'stomach'],
    channels: along('hold', 'LU', 'SP', 'PC'), points: ['CV17', 'PC8', 'CV6'], pace: 'inner', manner: 'natural', level: 2, settleSec: 4, setupSec: { known: 6, taught: 24 },
    entry: [freely(6, 'Arms, hands and legs: each a round.')], cycle: [breatheIn('All three rounds fill.'), breatheOut('They rest on the feet.')], exit: [freely(5, 'Let the rounds empty, arms down.')],
    repetitions: HELD, asks: { staticHold: true }, images: ['Three hoops hanging one inside another.'],
    mistakes: [{ mistake: 'elbows lifted', mend: 'Let the elbows hang just below the wrists.' }], cautions: [OFFERED],
    smaller: { change: 'Arms lower, at the height of the navel.', entry: [freely(6, 'Arms round at the navel, hands and legs a round.')], cycle: [breatheIn('Arms at the navel: all three rounds fill.'), breatheOut('They rest on the feet.')], asks: { staticHold: false } }, seated: { change: 'From the chair; the legs rest.', entry: [freely(6, 'Arms and hands: each a round; the legs rest.')], cycle: [breatheIn('Both rounds fill, the legs at rest.'), breatheOut('They rest on the seat.')], asks: { staticHold: false } },
  }),
  defineForm({
    id: 'hold-one-hand-guards', name: 'One hand before, one below', family: 'standing posture', roles: ['still', 'balance'], actions: ['nourishes', 'calms'], phases: ['fire', 'water'], organs: ['heart', 'kidney'],
    channels: along('hold', 'HT', 'KI', 'CV'), points: ['CV17', 'CV6'], sides: 'one-then-other', pace: 'inner', manner: 'natural', settleSec: 3,
    cycle: [breatheIn('{Side} hand before the heart, {other} before the belly.'), breatheOut('Fire and water look at each other.')],
    repetitions: { least: 1, usual: 3, most: 9, multipleOf: 1 }, asks: { staticHold: true }, images: ['A kettle over a low flame.'],
    mistakes: [{ mistake: 'the upper hand drifts up', mend: 'Keep the wrist no higher than the breastbone.' }], cautions: [OFFERED],
    smaller: { change: 'Hands rest on the body.', cycle: [breatheIn('{Side} hand rests on the chest, {other} on the belly.'), breatheOut('Fire and water look at each other.')], asks: { staticHold: false } }, seated: { change: 'The same from the chair.', asks: { staticHold: false } },
  }),
  defineForm({
    id: 'sit-embrace', name: 'Seated embrace', family: 'standing posture', roles: ['still'], actions: ['nourishes', 'calms'], polarity: 'yin', phases: ['earth', 'water'], organs: ['spleen', 'kidney', 'stomach'],
    channels: along('attend', 'SP', 'KI', 'CV'), points: ['CV6', 'CV12'], stance: { start: 'chair', end: 'chair' }, footwork: 'Feet flat under the knees, hip width.', pace: 'inner', manner: 'natural',
    cycle: [breatheIn('The arms’ round fills from the belly.'), breatheOut('It rests, elbows heavy.')],
    repetitions: { least: 2, usual: 5, most: 30, multipleOf: 1 }, images: ['A full bowl held in the lap.'],
    mistakes: [{ mistake: 'elbows winged out', mend: 'Let them hang from the shoulders.' }],
    smaller: { change: 'Hands rest in the lap.', cycle: [breatheIn('Hands in the lap: the round fills from the belly.'), breatheOut('It rests, elbows heavy.')] }, seated: { change: 'It is done from the chair.' },
  }),
] as const;
