import { along, defineForm, INNER_COUNT } from '../writing/define';
import {
  before,
  BEFORE_BELLY,
  both,
  each,
  ON_THIGHS,
  PALMS_TOGETHER,
  reaching,
  sit,
  stand,
  THIGHS_PALMS_UP,
} from '../writing/postures';
import { exhale, freely, inhale, through, to } from '../writing/strokes';

const onHeart = each(
  { near: 'middle dantian', fingers: 'in', elbow: 'out' },
  { near: 'hand', off: [0, 0, 0.4], palm: 'back', fingers: 'in' },
);

const floating = reaching(0.8, -0.75, 0.45, 'down', 0.82);

const guards = (upper: number) =>
  each(before('middle dantian', 0, upper, 9, 'body', 'in'), before('lower dantian', 0, 0, 7, 'up', 'in'));

const HELD = { least: 2, usual: 4, most: 30, multipleOf: 1 } as const;
const OFFERED = 'The hold is offered, never required; come out of it whenever you need.';

/** Ways of arriving, and standing and sitting postures at their heights. */
// prettier-ignore
export const STANDING = [
  defineForm({
    id: 'arrive-seated-bell', name: 'Sitting like a bell', pinyin: 'Zuò Rú Zhōng', hanzi: '坐如鐘', family: 'standing posture',
    roles: ['arrive', 'still'], actions: ['calms'], polarity: 'yin', channels: along('attend', 'GV', 'CV'), points: ['GV20', 'CV6'],
    stance: { start: 'chair', end: 'chair' }, footwork: 'Feet flat under the knees, hip width.', pace: 'inner', manner: 'natural',
    repetitions: INNER_COUNT, images: ['A bronze bell: hung from the top, heavy at the rim.'],
    mistakes: [{ mistake: 'slumping onto the tail', mend: 'Tip the pelvis forward until the sitting bones are felt.' }],
    view: 'three-quarter',
    entry: [
      freely(5, 'Front half of the seat, feet flat, hands at rest.', to(sit())),
    ],
    cycle: [
      inhale('The crown is hung from above.', to(sit(both(ON_THIGHS), { head: { nod: -3 } }))),
      exhale('Weight settles through the sitting bones.', to(sit(both(ON_THIGHS), { head: { nod: 3 } }))),
    ],
    smaller: {
      change: 'Lean against the back of the chair.',
      entry: [
        freely(5, 'Back against the chair, feet flat, hands at rest.'),
      ],
      cycle: [
        inhale('Leaning back, the crown is hung from above.'),
        exhale('Weight settles into the chair.'),
      ],
    },
    seated: { change: 'It is done from the chair.' },
  }),
  defineForm({
    id: 'arrive-intention', name: 'Naming the intention', family: 'settling breath', roles: ['arrive'], actions: ['calms'], polarity: 'yin',
    channels: along('attend', 'PC', 'CV'), points: ['CV17', 'PC8'], pace: 'inner', manner: 'natural',
    repetitions: { least: 1, usual: 2, most: 6, multipleOf: 1 }, images: ['Setting a small light in a window.'],
    mistakes: [{ mistake: 'a long speech inside', mend: 'One short line is enough; then let it go.' }],
    cycle: [
      inhale('Palms meet before the heart.', to(stand(8, both(PALMS_TOGETHER)))),
      exhale('Say silently what you practise for.', to(stand(12, both(PALMS_TOGETHER), { head: { nod: 8 } }))),
    ],
    smaller: {
      change: 'One hand rests on the breastbone.',
      cycle: [
        inhale('One hand rests on the breastbone.', to(stand(8, each({ near: 'middle dantian', fingers: 'in' }, { near: 'hanging' })))),
        exhale('Say silently what you practise for.', to(stand(12, each({ near: 'middle dantian', fingers: 'in' }, { near: 'hanging' }), { head: { nod: 6 } }))),
      ],
    },
    seated: { change: 'The same from the chair.' },
  }),
  defineForm({
    id: 'arrive-hands-to-heart', name: 'Hands to the heart', family: 'settling breath', roles: ['arrive', 'still'], actions: ['calms'],
    polarity: 'yin', phases: ['fire'], organs: ['heart', 'pericardium'], channels: along('hold', 'PC', 'HT'), points: ['CV17', 'PC8'],
    pace: 'inner', manner: 'natural', repetitions: INNER_COUNT, images: ['Warming a bird between two palms.'],
    mistakes: [{ mistake: 'pressing', mend: 'Let the hands only lie there.' }],
    cycle: [
      inhale('One hand over the other on the breastbone.', to(stand(8, onHeart))),
      exhale('The chest softens under the hands.', to(stand(12, onHeart, { head: { nod: 5 } }))),
    ],
    smaller: {
      change: 'Hands hang; attention rests at the breastbone.',
      cycle: [
        inhale('Hands hanging, notice the breastbone.', to(stand(8))),
        exhale('The chest softens.', to(stand(12))),
      ],
    },
    seated: { change: 'The same from the chair.' },
  }),
  defineForm({
    id: 'arrive-walk-down', name: 'Walking down through the body', family: 'settling breath', roles: ['arrive'],
    actions: ['calms', 'clears'], polarity: 'yin', channels: along('attend', 'CV', 'ST'), points: ['GV20', 'CV17', 'CV6', 'KI1'],
    route: ['crown', 'chest', 'upper belly', 'lower belly'], pace: 'inner', manner: 'natural',
    repetitions: { least: 3, usual: 6, most: 12, multipleOf: 1 }, images: ['A lantern carried down a stair, floor by floor.'],
    mistakes: [{ mistake: 'hunting for tension', mend: 'Name the place, loosen what will, and go on.' }],
    cycle: [
      inhale('Notice one place, from the crown down.', to(stand(7))),
      exhale('Let it loosen and hand on its weight.', to(stand(14, undefined, { head: { nod: 5 } }))),
    ],
    smaller: {
      change: 'Only three places: face, shoulders, belly.',
      cycle: [
        inhale('Notice the face, the shoulders, the belly.'),
        exhale('Let them loosen, one after the other.'),
      ],
    },
    seated: { change: 'The same from the chair.' },
  }),
  defineForm({
    id: 'arrive-quiet-smile', name: 'The quiet smile', family: 'inner breathing', roles: ['arrive', 'balance', 'still'],
    actions: ['calms', 'nourishes'], polarity: 'yin', channels: along('attend', 'CV', 'HT'), points: ['EX-HN3', 'CV17', 'CV6'],
    pace: 'inner', manner: 'natural', asks: { inwardImagery: true }, repetitions: INNER_COUNT,
    images: ['Late sun reaching the back of a room.'],
    mistakes: [{ mistake: 'smiling with the teeth', mend: 'Only the corners of the eyes need know.' }],
    cycle: [
      inhale('A smile begins behind the eyes.', to(stand(8, both({ near: 'hanging', palm: 'forward' }), { head: { nod: -3 } }))),
      exhale('It sinks through the chest to the belly.', to(stand(13, both({ near: 'hanging', palm: 'forward' }), { head: { nod: 3 } }))),
    ],
    smaller: {
      change: 'Only the face softens.',
      cycle: [
        inhale('A smile begins behind the eyes.'),
        exhale('The face softens.'),
      ],
    },
    seated: {
      change: 'The same from the chair, palms up on the thighs.',
      cycle: [
        inhale('A smile begins behind the eyes.', to(sit(both(THIGHS_PALMS_UP), { head: { nod: -3 } }))),
        exhale('It sinks through the chest to the belly.', to(sit(both(THIGHS_PALMS_UP), { head: { nod: 3 } }))),
      ],
    },
  }),
  defineForm({
    id: 'hold-embrace-overhead', name: 'Embracing the sky', family: 'standing posture', roles: ['still'], actions: ['nourishes', 'moves'],
    polarity: 'yang', phases: ['fire', 'wood'], organs: ['triple-burner', 'heart', 'liver'], channels: along('hold', 'TE', 'HT', 'GB'),
    points: ['GV20', 'PC8'], pace: 'inner', manner: 'natural', level: 2, settleSec: 4, setupSec: { known: 6, taught: 20 },
    repetitions: { least: 1, usual: 3, most: 12, multipleOf: 1 }, asks: { staticHold: true },
    images: ['Carrying a wide basket just above the head.'],
    mistakes: [{ mistake: 'ribs push forward', mend: 'Let the breastbone rest; lift from the shoulder blades.' }], cautions: [OFFERED],
    entry: [
      freely(5, 'Arms float up, round above the brow.', through(stand(10, both(reaching(0.6, 0.2, 0.9, 'body', 0.9))), stand(12, both(before('crown', 5, 5, 7, 'body', 'in'))))),
    ],
    cycle: [
      inhale('The round above opens a little.', to(stand(10, both(before('crown', 5, 5.6, 7, 'body', 'in'))))),
      exhale('Elbows hang, shoulders sink.', to(stand(14, both(before('crown', 5, 5, 7, 'body', 'in'))))),
    ],
    exit: [
      freely(5, 'Arms open and come down by the sides.', through(stand(10, both(reaching(1, 0, 0.25))), stand(8))),
    ],
    smaller: {
      change: 'The round stays before the collarbones.', asks: { staticHold: false },
      entry: [
        freely(5, 'Arms come round before the collarbones.'),
      ],
      cycle: [
        inhale('The round before the collarbones opens a little.', to(stand(8, both(before('collarbone', 0, -1, 11, 'body', 'in'))))),
        exhale('Elbows hang, shoulders sink.', to(stand(12, both(before('collarbone', 0, -2, 11, 'body', 'in'))))),
      ],
      exit: [
        freely(5, 'Let the arms come down.'),
      ],
    },
    seated: {
      change: 'From the chair, before the collarbones.', asks: { staticHold: false },
      entry: [
        freely(5, 'Arms come round before the collarbones.'),
      ],
      cycle: [
        inhale('Sitting tall, the round opens a little.', to(sit(both(before('collarbone', 0, -1, 11, 'body', 'in'))))),
        exhale('Elbows hang, shoulders sink.', to(sit(both(before('collarbone', 0, -2, 11, 'body', 'in'))))),
      ],
      exit: [
        freely(5, 'Let the hands come down to the thighs.'),
      ],
    },
  }),
  defineForm({
    id: 'hold-horse', name: 'Horse stance', pinyin: 'Mǎ Bù', hanzi: '馬步', family: 'standing posture', roles: ['still'],
    actions: ['nourishes'], polarity: 'yang', phases: ['water', 'earth'], organs: ['kidney', 'spleen', 'stomach'],
    channels: along('attend', 'KI', 'SP', 'ST'), points: ['KI1', 'ST36', 'CV6'], pace: 'inner', manner: 'natural', level: 3, settleSec: 8,
    setupSec: { known: 6, taught: 26 }, stance: { start: 'wide', end: 'wide' },
    footwork: 'A wide stance, knees inside the feet, weight even.', repetitions: { least: 1, usual: 2, most: 12, multipleOf: 1 },
    asks: { staticHold: true }, images: ['Astride a broad, patient pony.'],
    mistakes: [{ mistake: 'knees fall in', mend: 'Spread the floor apart with the feet.' }, { mistake: 'leaning forward', mend: 'Rise until the back is upright; depth comes later.' }],
    cautions: [OFFERED, 'With sore knees stand higher and narrower.'],
    parts: [{ part: 'the width of the feet', watch: 'the outer edges stand parallel' }, { part: 'sinking and rising, hands on hips', watch: 'the back stays against an unseen wall' }, { part: 'the round of the arms', watch: 'the shoulders hang' }, { part: 'three breaths low', watch: 'come up at the first trembling of the breath' }],
    entry: [
      freely(5, 'Sink between the feet, back upright.', to(stand(40, both(before('middle dantian', 4, -3, 12)), { feet: { turnOut: 16 } }))),
    ],
    cycle: [
      inhale('The back grows long.', to(stand(42, both(before('middle dantian', 4, -3, 12)), { feet: { turnOut: 16 } }))),
      exhale('Sit a little deeper into the floor.', to(stand(50, both(before('middle dantian', 4, -4, 12)), { feet: { turnOut: 16 } }))),
    ],
    exit: [
      freely(5, 'Press the floor away and rise.', to(stand(10, undefined, { feet: { turnOut: 16 } }))),
    ],
    smaller: {
      name: 'Soft, upright stance', change: 'Feet under the shoulders, knees soft.',
      stance: { start: 'shoulder width', end: 'shoulder width' }, asks: { staticHold: false },
      entry: [
        freely(5, 'Feet under the shoulders, knees soft, back upright.'),
      ],
      cycle: [
        inhale('Knees soft: the back grows long.', to(stand(14, both(before('middle dantian', 4, -3, 11))))),
        exhale('Settle into the floor, no deeper.', to(stand(20, both(before('middle dantian', 4, -4, 11))))),
      ],
      exit: [
        freely(5, 'Let the arms come down.'),
      ],
    },
    seated: {
      name: 'Sitting wide, arms round', change: 'From the chair, knees wide, arms round.', asks: { staticHold: false },
      entry: [
        freely(5, 'Knees wide, arms round, back upright.'),
      ],
      cycle: [
        inhale('Sitting wide, the back grows long.', to(sit(both(before('middle dantian', 4, -2, 11)), { feet: { turnOut: 20 } }))),
        exhale('Settle into the seat.', to(sit(both(before('middle dantian', 4, -3, 11)), { feet: { turnOut: 20 } }))),
      ],
      exit: [
        freely(5, 'Let the hands come down to the thighs.'),
      ],
    },
  }),
  defineForm({
    id: 'hold-floating', name: 'Floating on water', pinyin: 'Fú Shuǐ', hanzi: '浮水', family: 'standing posture', roles: ['still'],
    actions: ['nourishes', 'calms'], polarity: 'yin', phases: ['water', 'metal'], organs: ['kidney', 'lung', 'bladder', 'large-intestine'],
    channels: along('attend', 'LU', 'LI', 'KI'), points: ['LU1', 'KI1', 'PC8'], pace: 'inner', manner: 'natural', settleSec: 4,
    setupSec: { known: 5, taught: 18 }, repetitions: HELD, asks: { staticHold: true }, images: ['Up to the waist in a warm, still lake.'],
    mistakes: [{ mistake: 'pressing the palms down', mend: 'Let each finger be carried.' }], cautions: [OFFERED],
    entry: [
      freely(5, 'Hands rest out to the sides, as on water.', to(stand(12, both(floating)))),
    ],
    cycle: [
      inhale('The water lifts the hands.', to(stand(9, both(reaching(0.8, -0.68, 0.45, 'down', 0.82))))),
      exhale('The hands lie on it; the legs sink.', to(stand(15, both(floating)))),
    ],
    exit: [
      freely(4, 'Let the hands come down.', to(stand(10))),
    ],
    smaller: {
      change: 'Hands rest lower, beside the hips.', asks: { staticHold: false },
      entry: [
        freely(5, 'Hands beside the hips, as on water.'),
      ],
      cycle: [
        inhale('The water beside the hips lifts the hands.', to(stand(8, both(reaching(0.6, -0.85, 0.3, 'down', 0.85))))),
        exhale('The hands lie on it; the legs sink.', to(stand(12, both(reaching(0.6, -0.88, 0.3, 'down', 0.85))))),
      ],
    },
    seated: {
      change: 'From the chair, hands just above the thighs.', asks: { staticHold: false },
      entry: [
        freely(5, 'Hands just above the thighs, as on water.'),
      ],
      cycle: [
        inhale('The water above the thighs lifts the hands.', to(sit(both(reaching(0.5, -0.6, 0.7, 'down', 0.75))))),
        exhale('The hands lie on it; the legs rest.', to(sit(both(reaching(0.5, -0.66, 0.7, 'down', 0.75))))),
      ],
    },
  }),
  defineForm({
    id: 'hold-three-circles', name: 'Three circles', pinyin: 'Sān Yuán', hanzi: '三圓', family: 'standing posture', roles: ['still'],
    actions: ['nourishes', 'calms'], phases: ['earth', 'metal'], organs: ['spleen', 'lung', 'stomach'],
    channels: along('attend', 'LU', 'SP', 'PC'), points: ['CV17', 'PC8', 'CV6'], pace: 'inner', manner: 'natural', level: 2, settleSec: 4,
    setupSec: { known: 6, taught: 24 }, repetitions: HELD, asks: { staticHold: true }, images: ['Three hoops hanging one inside another.'],
    mistakes: [{ mistake: 'elbows lifted', mend: 'Let the elbows hang just below the wrists.' }], cautions: [OFFERED],
    entry: [
      freely(6, 'Arms, hands and legs: each a round.', to(stand(18, both(before('middle dantian', 5, 0, 12))))),
    ],
    cycle: [
      inhale('All three rounds fill.', to(stand(14, both(before('middle dantian', 5.5, 0.5, 12))))),
      exhale('They rest on the feet.', to(stand(20, both(before('middle dantian', 5, 0, 12))))),
    ],
    exit: [
      freely(5, 'Let the rounds empty, arms down.', to(stand(9))),
    ],
    smaller: {
      change: 'Arms lower, at the height of the navel.', asks: { staticHold: false },
      entry: [
        freely(6, 'Arms round at the navel, hands and legs a round.'),
      ],
      cycle: [
        inhale('Arms at the navel: all three rounds fill.', to(stand(10, both(before('navel', 5.5, 0.5, 10))))),
        exhale('They rest on the feet.', to(stand(14, both(before('navel', 5, 0, 10))))),
      ],
    },
    seated: {
      change: 'From the chair; the legs rest.', asks: { staticHold: false },
      entry: [
        freely(6, 'Arms and hands: each a round; the legs rest.'),
      ],
      cycle: [
        inhale('Both rounds fill, the legs at rest.', to(sit(both(before('middle dantian', 5, -1, 11))))),
        exhale('They rest on the seat.', to(sit(both(before('middle dantian', 5, -2, 11))))),
      ],
    },
  }),
  defineForm({
    id: 'hold-one-hand-guards', name: 'One hand before, one below', family: 'standing posture', roles: ['still', 'balance'],
    actions: ['nourishes', 'calms'], phases: ['fire', 'water'], organs: ['heart', 'kidney'], channels: along('attend', 'HT', 'KI', 'CV'),
    points: ['CV17', 'CV6'], sides: 'one-then-other', pace: 'inner', manner: 'natural', settleSec: 3,
    repetitions: { least: 1, usual: 3, most: 9, multipleOf: 1 }, asks: { staticHold: true }, images: ['A kettle over a low flame.'],
    mistakes: [{ mistake: 'the upper hand drifts up', mend: 'Keep the wrist no higher than the breastbone.' }], cautions: [OFFERED],
    cycle: [
      inhale('{Side} hand before the heart, {other} before the belly.', to(stand(9, guards(1)))),
      exhale('Fire and water look at each other.', to(stand(14, guards(0)))),
    ],
    smaller: {
      change: 'Hands rest on the body.', asks: { staticHold: false },
      cycle: [
        inhale('{Side} hand rests on the chest, {other} on the belly.', to(stand(8, each({ near: 'middle dantian', fingers: 'in' }, { near: 'lower dantian', fingers: 'in' })))),
        exhale('Fire and water look at each other.', to(stand(12, each({ near: 'middle dantian', fingers: 'in' }, { near: 'lower dantian', fingers: 'in' })))),
      ],
    },
    seated: {
      change: 'The same from the chair.', asks: { staticHold: false },
      cycle: [
        inhale('{Side} hand before the heart, {other} before the belly.', to(sit(each(before('middle dantian', 0, 1, 9), before('navel', 0, 0, 7, 'up'))))),
        exhale('Fire and water look at each other.', to(sit(each(before('middle dantian', 0, 0, 9), before('navel', 0, 0, 7, 'up'))))),
      ],
    },
  }),
  defineForm({
    id: 'sit-embrace', name: 'Seated embrace', family: 'standing posture', roles: ['still'], actions: ['nourishes', 'calms'],
    polarity: 'yin', phases: ['earth', 'water'], organs: ['spleen', 'kidney', 'stomach'], channels: along('attend', 'SP', 'KI', 'CV'),
    points: ['CV6', 'CV12'], stance: { start: 'chair', end: 'chair' }, footwork: 'Feet flat under the knees, hip width.', pace: 'inner',
    manner: 'natural', repetitions: { least: 2, usual: 5, most: 30, multipleOf: 1 }, images: ['A full bowl held in the lap.'],
    mistakes: [{ mistake: 'elbows winged out', mend: 'Let them hang from the shoulders.' }], view: 'three-quarter',
    cycle: [
      inhale('The arms’ round fills from the belly.', to(sit(both({ ...BEFORE_BELLY, off: [4, 4, 8.5] })))),
      exhale('It rests, elbows heavy.', to(sit(both({ ...BEFORE_BELLY, off: [4, 3, 7] })))),
    ],
    smaller: {
      change: 'Hands rest in the lap.',
      cycle: [
        inhale('Hands in the lap: the belly fills under them.', to(sit(both({ near: 'lower dantian', off: [2, 1, 2.5], palm: 'up', fingers: 'in' })))),
        exhale('It rests, elbows heavy.', to(sit(both({ near: 'lower dantian', off: [2, 1, 2.5], palm: 'up', fingers: 'in' })))),
      ],
    },
    seated: { change: 'It is done from the chair.' },
  }),
] as const;
