import type { Hand, Posture } from '../../body';
import type { Form, Stroke } from '../model/model';
import { along, defineForm, type FormText, INNER_COUNT } from '../writing/define';
import {
  before,
  both,
  each,
  HANGING,
  ON_BELLY,
  ON_RIBS,
  ON_THIGHS,
  PALMS_TOGETHER,
  reaching,
  sit,
  STACKED,
  stand,
  THIGHS_PALMS_UP,
} from '../writing/postures';
import { exhale, freely, inhale, pulse, through, to } from '../writing/strokes';

const RUBBED: Hand = { near: 'middle dantian', off: [0.4, 0, 8], palm: 'in', fingers: 'up', elbow: 'out' };

type Hands = NonNullable<Posture['hands']>;

/** One breath in which only knees and crown move a little while the hands stay. */
const quiet = (hands: Hands, inward: string, outward: string): Stroke[] => [
  inhale(inward, to(stand(8, hands, { head: { nod: -2 } }))),
  exhale(outward, to(stand(13, hands, { head: { nod: 3 } }))),
];
const quietChair = (hands: Hands, inward: string, outward: string): Stroke[] => [
  inhale(inward, to(sit(hands, { head: { nod: -2 } }))),
  exhale(outward, to(sit(hands, { head: { nod: 3 } }))),
];

const gate = each(
  { near: 'kidneys', off: [-2, 0, 0.4], palm: 'body', fingers: 'in', elbow: 'back' },
  { near: 'lower dantian', fingers: 'in' },
);

const onEyes: Hand = {
  near: 'upper dantian',
  off: [2.7, -1, 0.2],
  palm: 'body',
  fingers: 'up',
  elbow: 'low',
  shape: 'hollow palm',
};

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
    id: 'belly-breathing', name: 'Breathing into the lower belly', roles: ['arrive', 'nourish', 'still'], phases: ['water', 'earth'],
    organs: ['kidney', 'spleen', 'small-intestine'], channels: along('attend', 'CV', 'KI', 'SP'), points: ['CV6', 'CV4'],
    images: ['A boat lifting at anchor.'],
    mistakes: [{ mistake: 'pushing the belly out', mend: 'Let the breath do it; the hands only listen.' }], view: 'three-quarter',
    cycle: quiet(both(ON_BELLY), 'The belly swells under the hands.', 'It sinks back by itself.'),
    smaller: {
      change: 'Hands hang; only the breath.',
      cycle: quiet(both(HANGING), 'Hands hanging, the belly swells.', 'It sinks back by itself.'),
    },
    seated: {
      change: 'The same from the chair.',
      cycle: quietChair(both(ON_BELLY), 'The belly swells under the hands.', 'It sinks back by itself.'),
    },
  }),
  inner({
    id: 'life-gate-breathing', name: 'Life-gate breathing', pinyin: 'Mìng Mén Hū Xī', hanzi: '命門呼吸', roles: ['nourish'], phases: ['water'],
    organs: ['kidney', 'bladder'], manner: 'back', channels: along('attend', 'GV', 'KI', 'BL'), points: ['GV4', 'BL23', 'CV6'], level: 2,
    asks: { inwardImagery: true }, images: ['A door opening inward, and closing.'],
    mistakes: [{ mistake: 'tightening the low back', mend: 'Let the tail hang and the back fill.' }],
    parts: [{ part: 'hands before and behind', watch: 'both palms feel the breath' }, { part: 'breath to the back', watch: 'the front stays quiet' }, { part: 'back and front', watch: 'the way is the same there and back' }],
    view: 'side',
    cycle: [
      inhale('From the navel straight back to the life gate.', to(stand(9, gate, { pelvis: { tuck: 5 } }))),
      exhale('From the life gate forward to the belly.', to(stand(14, gate))),
    ],
    smaller: {
      change: 'Both hands on the belly.',
      cycle: quiet(both(ON_BELLY), 'Both hands on the belly: from the navel straight back.', 'From the life gate forward to the hands.'),
    },
    seated: {
      change: 'The same from the front of the chair.',
      cycle: quietChair(gate, 'From the navel straight back to the life gate.', 'From the life gate forward to the belly.'),
    },
  }),
  inner({
    id: 'sole-gate-breathing', name: 'Sole-gate breathing', pinyin: 'Yǒng Quán Hū Xī', hanzi: '湧泉呼吸', roles: ['nourish', 'arrive'],
    phases: ['water'], organs: ['kidney', 'bladder'], channels: along('attend', 'KI', 'BL'), points: ['KI1', 'CV6'],
    asks: { inwardImagery: true }, images: ['Roots drinking, and giving back.'],
    mistakes: [{ mistake: 'gripping with the toes', mend: 'Spread them like a hand on warm sand.' }],
    cycle: [
      inhale('Breath rises from the soles to the belly.', to(stand(7, both({ near: 'hanging', palm: 'down' })))),
      exhale('It sinks from the belly through the soles.', to(stand(16, both({ near: 'hanging', palm: 'down' })))),
    ],
    smaller: {
      change: 'Only the sinking half.',
      cycle: [
        inhale('Breathe in as it comes.'),
        exhale('It sinks from the belly through the soles.'),
      ],
    },
    seated: {
      change: 'The same, both soles flat.',
      cycle: quietChair(both(ON_THIGHS), 'Breath rises from the soles to the belly.', 'It sinks from the belly through the soles.'),
    },
  }),
  inner({
    id: 'flank-breathing', name: 'Breathing into the flanks', roles: ['nourish'], phases: ['wood'], organs: ['liver', 'gallbladder'],
    channels: along('attend', 'LR', 'GB'), points: ['LR14', 'LR13'], images: ['A tent filling from the sides.'],
    mistakes: [{ mistake: 'lifting the breastbone', mend: 'Wider, not higher.' }],
    cycle: quiet(both(ON_RIBS), 'The ribs widen into the hands.', 'The sides soften, the eyes too.'),
    smaller: {
      change: 'Hands hang; only the breath.',
      cycle: quiet(both(HANGING), 'Hands hanging, the ribs widen.', 'The sides soften, the eyes too.'),
    },
    seated: {
      change: 'The same from the chair.',
      cycle: quietChair(both(ON_RIBS), 'The ribs widen into the hands.', 'The sides soften, the eyes too.'),
    },
  }),
  inner({
    id: 'heart-lamp-breathing', name: 'The lamp in the chest', roles: ['nourish', 'still'], phases: ['fire'],
    organs: ['heart', 'pericardium', 'small-intestine'], channels: along('attend', 'HT', 'PC', 'CV'), points: ['CV17', 'HT7'],
    asks: { inwardImagery: true }, images: ['A lamp in a window seen from the road.'],
    mistakes: [{ mistake: 'making it blaze', mend: 'A lamp, not a fire.' }],
    cycle: quiet(both(before('middle dantian', 2.5, 0, 5, 'body', 'in')), 'A small lamp behind the breastbone brightens.', 'Its warmth spreads to the arms.'),
    smaller: {
      change: 'Hands in the lap or hanging.',
      cycle: quiet(both(HANGING), 'Hands at rest: a small lamp brightens behind the breastbone.', 'Its warmth spreads to the arms.'),
    },
    seated: {
      change: 'The same from the chair.',
      cycle: quietChair(both(before('middle dantian', 2.5, 0, 5, 'body', 'in')), 'A small lamp behind the breastbone brightens.', 'Its warmth spreads to the arms.'),
    },
  }),
  inner({
    id: 'three-burners-breathing', name: 'Breath through three rooms', roles: ['nourish', 'balance'], phases: ['fire'],
    organs: ['triple-burner', 'pericardium', 'heart'], channels: along('attend', 'TE', 'CV'), points: ['CV17', 'CV12', 'CV6'],
    images: ['Water rising in a three-chambered lock.'], mistakes: [{ mistake: 'filling to bursting', mend: 'Seven tenths full is full.' }],
    cycle: quiet(each({ near: 'middle dantian', fingers: 'in', elbow: 'out' }, { near: 'lower dantian', fingers: 'in' }), 'Belly, then ribs, then chest fill.', 'Chest, then ribs, then belly let go.'),
    smaller: {
      change: 'Belly and ribs only.',
      cycle: quiet(both(HANGING), 'Belly, then ribs fill.', 'Ribs, then belly let go.'),
    },
    seated: {
      change: 'The same from the chair.',
      cycle: quietChair(each({ near: 'middle dantian', fingers: 'in', elbow: 'out' }, { near: 'lower dantian', fingers: 'in' }), 'Belly, then ribs, then chest fill.', 'Chest, then ribs, then belly let go.'),
    },
  }),
  inner({
    id: 'girdle-breathing', name: 'Breathing round the girdle', roles: ['nourish', 'still'], phases: ['earth', 'wood'],
    organs: ['spleen', 'stomach', 'gallbladder'], channels: along('attend', 'SP', 'ST', 'GB'), points: ['CV12', 'GB26', 'SP15'],
    images: ['A sash loosened one finger, then tied.'],
    mistakes: [{ mistake: 'only the front moves', mend: 'Put the thumbs behind and breathe to them.' }],
    cycle: quiet(both({ near: 'belly side', off: [1, 1, 0], palm: 'body', fingers: 'in', elbow: 'out' }), 'The waist widens all round, like a ring.', 'The ring grows warm and narrow.'),
    smaller: {
      change: 'Hands hang; only the breath.',
      cycle: quiet(both(HANGING), 'Hands hanging, the waist widens all round.', 'The ring grows warm and narrow.'),
    },
    seated: {
      change: 'The same from the chair.',
      cycle: quietChair(both({ near: 'belly side', off: [1, 1, 0], palm: 'body', fingers: 'in', elbow: 'out' }), 'The waist widens all round, like a ring.', 'The ring grows warm and narrow.'),
    },
  }),
  inner({
    id: 'middle-room-breathing', name: 'Warming the middle', roles: ['nourish'], phases: ['earth'], organs: ['stomach', 'spleen'],
    channels: [...along('attend', 'ST', 'SP'), ...along('hold', 'CV')], points: ['CV12', 'ST36'], images: ['A clay pot kept warm in straw.'],
    mistakes: [{ mistake: 'pressing into the stomach', mend: 'The hands weigh no more than a cloth.' }],
    cycle: quiet(each({ near: 'solar plexus', off: [0, -1, 0], fingers: 'in', elbow: 'out' }, { near: 'hand', off: [0, 0, 0.4], palm: 'back', fingers: 'in' }), 'Warmth gathers under the hands at the middle.', 'It settles, as after a good soup.'),
    smaller: {
      change: 'One hand only.',
      cycle: quiet(each({ near: 'solar plexus', off: [0, -1, 0], fingers: 'in', elbow: 'out' }, HANGING), 'Warmth gathers under one hand at the middle.', 'It settles, as after a good soup.'),
    },
    seated: {
      change: 'The same from the chair.',
      cycle: quietChair(each({ near: 'solar plexus', off: [0, -1, 0], fingers: 'in', elbow: 'out' }, { near: 'hand', off: [0, 0, 0.4], palm: 'back', fingers: 'in' }), 'Warmth gathers under the hands at the middle.', 'It settles, as after a good soup.'),
    },
  }),
  inner({
    id: 'skin-breathing', name: 'Breathing through the skin', roles: ['nourish', 'still'], phases: ['metal'],
    organs: ['lung', 'large-intestine'], channels: along('attend', 'LU', 'LI'), points: ['LU1', 'LU9'], asks: { inwardImagery: true },
    images: ['Linen on a line in a clear wind.'],
    mistakes: [{ mistake: 'breathing deeper and deeper', mend: 'The breath stays as it is; the edge grows soft.' }],
    cycle: [
      inhale('Air comes in from all sides.', to(stand(8, both(reaching(0.7, -0.8, 0.25, 'forward', 0.95)), { head: { nod: -2 } }))),
      exhale('The skin lets go, light and clear.', to(stand(13, both(reaching(0.5, -0.95, 0.2, 'forward', 0.95)), { head: { nod: 3 } }))),
    ],
    smaller: {
      change: 'Only the arms and hands.',
      cycle: quiet(both({ near: 'hanging', palm: 'forward' }), 'Air comes in at arms and hands.', 'The skin of the arms lets go, light and clear.'),
    },
    seated: {
      change: 'The same from the chair.',
      cycle: quietChair(both(THIGHS_PALMS_UP), 'Air comes in from all sides.', 'The skin lets go, light and clear.'),
    },
  }),
  inner({
    id: 'nostril-to-belly', name: 'Clear air to the belly', roles: ['nourish', 'arrive'], phases: ['metal'],
    organs: ['lung', 'large-intestine'], channels: along('attend', 'LU', 'CV'), points: ['LU1', 'CV17', 'CV6'],
    images: ['A stream finding its pool.'], mistakes: [{ mistake: 'sniffing', mend: 'So quiet that a feather would stay.' }],
    cycle: quiet(each({ near: 'middle dantian', off: [0, 1.5, 0], palm: 'body', fingers: 'in', elbow: 'out' }, { near: 'lower dantian', fingers: 'in' }), 'Cool air runs from nose to belly.', 'Warm air leaves; the chest is clear.'),
    smaller: {
      change: 'Hands hang; only the breath.',
      cycle: quiet(both(HANGING), 'Hands hanging, cool air runs from nose to belly.', 'Warm air leaves; the chest is clear.'),
    },
    seated: {
      change: 'The same from the chair.',
      cycle: quietChair(each({ near: 'middle dantian', off: [0, 1.5, 0], palm: 'body', fingers: 'in', elbow: 'out' }, { near: 'lower dantian', fingers: 'in' }), 'Cool air runs from nose to belly.', 'Warm air leaves; the chest is clear.'),
    },
  }),
  massage({
    id: 'resting-the-eyes', name: 'Palms over the eyes', roles: ['nourish', 'balance'], actions: ['nourishes', 'calms'], polarity: 'yin',
    phases: ['wood'], organs: ['liver', 'gallbladder'], channels: along('hold', 'LR', 'GB'), points: ['GB1'],
    asks: { rubs: ['eyes'] }, images: ['Two birds settling in their nests.'],
    mistakes: [{ mistake: 'touching the eyeballs', mend: 'Hollow the palms; only the rims touch.' }],
    entry: [
      freely(5, 'Rub the palms warm.', to(stand(9, both(RUBBED)))),
    ],
    cycle: [
      inhale('Hollow palms over the eyes: dark and warm.', to(stand(9, both(onEyes)))),
      exhale('The eyes sink back like stones in a pool.', to(stand(12, both(onEyes), { head: { nod: 5 } }))),
    ],
    smaller: {
      change: 'Hands before the eyes, not touching.', asks: { rubs: [] },
      cycle: [
        inhale('Hollow palms before the eyes, not touching: dark and warm.', to(stand(9, both({ ...onEyes, off: [1.9, -1, 4] })))),
        exhale('The eyes sink back like stones in a pool.', to(stand(12, both({ ...onEyes, off: [1.9, -1, 4] })))),
      ],
    },
    seated: {
      change: 'The same, elbows as low as is easy.',
      cycle: [
        inhale('Hollow palms over the eyes: dark and warm.', to(sit(both(onEyes), { head: { nod: 4 } }))),
        exhale('The eyes sink back like stones in a pool.', to(sit(both(onEyes), { head: { nod: 8 } }))),
      ],
    },
  }),
  massage({
    id: 'wiping-the-ribs', name: 'Wiping the ribs', roles: ['nourish', 'clear'], actions: ['moves', 'nourishes'], phases: ['wood'],
    organs: ['liver', 'gallbladder'], channels: along('trace', 'LR', 'GB'), points: ['LR14', 'GB24'], asks: { rubs: ['flanks'] },
    images: ['Smoothing the feathers of a wing.'],
    mistakes: [{ mistake: 'poking with the fingertips', mend: 'The whole palm, as wide as it is.' }],
    cycle: [
      inhale('Palms to the breastbone.', to(stand(9, both({ near: 'middle dantian', off: [2, -2, 0.3], palm: 'body', fingers: 'in', elbow: 'out' })))),
      exhale('Wipe outward along the ribs to the sides.', through(stand(12, both(ON_RIBS)), stand(12, both({ near: 'flank', palm: 'body', fingers: 'in', elbow: 'out' })))),
    ],
    smaller: {
      change: 'Palms only rest on the ribs.', asks: { rubs: [] },
      cycle: quiet(both(ON_RIBS), 'Palms come to the ribs.', 'They rest there; the ribs soften.'),
    },
    seated: { change: 'The same from the chair.' },
  }),
  massage({
    id: 'smoothing-the-chest', name: 'Smoothing the chest', roles: ['nourish', 'clear'], actions: ['calms', 'nourishes'],
    phases: ['fire', 'metal'], organs: ['heart', 'pericardium', 'lung', 'small-intestine'], channels: along('trace', 'HT', 'PC', 'CV'),
    points: ['CV17', 'CV14'], exhale: 'mouth', asks: { rubs: ['chest'] }, images: ['Calming a startled horse.'],
    mistakes: [{ mistake: 'rubbing up again', mend: 'Only downward; lift the hands to return.' }],
    cycle: [
      inhale('Hands cross on the breastbone.', to(stand(9, each({ near: 'middle dantian', off: [0, 2, 0.3], palm: 'body', fingers: 'in', elbow: 'out' }, { near: 'hand', off: [0, 0, 0.5], palm: 'back', fingers: 'in' })))),
      exhale('Smooth down to the upper belly, sighing.', to(stand(14, each({ near: 'solar plexus', off: [0, -1, 0.3], palm: 'body', fingers: 'in', elbow: 'out' }, { near: 'hand', off: [0, 0, 0.5], palm: 'back', fingers: 'in' })))),
    ],
    smaller: {
      change: 'One hand only.',
      cycle: [
        inhale('One hand to the breastbone.', to(stand(9, each({ near: 'middle dantian', off: [0, 2, 0.3], palm: 'body', fingers: 'in', elbow: 'out' }, HANGING)))),
        exhale('It smooths down to the upper belly, sighing.', to(stand(14, each({ near: 'solar plexus', off: [0, -1, 0.3], palm: 'body', fingers: 'in', elbow: 'out' }, HANGING)))),
      ],
    },
    seated: { change: 'The same from the chair.' },
  }),
  massage({
    id: 'pressing-the-palm-centre', name: 'Pressing the palm’s centre', roles: ['nourish'], actions: ['calms', 'nourishes'],
    polarity: 'yin', phases: ['fire'], organs: ['pericardium', 'heart', 'triple-burner'], channels: along('press', 'PC', 'HT'),
    points: ['PC8', 'HT8'], sides: 'one-then-other', images: ['Finding the one warm stone in a wall.'],
    mistakes: [{ mistake: 'pressing until it hurts', mend: 'As on a ripe pear.' }], view: 'three-quarter',
    cycle: [
      exhale('Thumb on the centre of the {side} palm: press softly and circle.', pulse(2, stand(11, each(before('navel', 1, 3, 7, 'up'), { near: 'hand', of: 'other', off: [0, 0.6, 0.6], palm: 'down' })), stand(11, each(before('navel', 1, 3, 7, 'up'), { near: 'hand', of: 'other', off: [0, -0.6, 0.6], palm: 'down' })))),
      inhale('Let go; the thumb rests.', to(stand(9, each(before('navel', 1, 3, 7, 'up'), { near: 'hand', of: 'other', off: [0, 0, 0.6], palm: 'down' })))),
    ],
    smaller: {
      change: 'Only rest the thumb there.',
      cycle: [
        exhale('Thumb on the centre of the {side} palm; it rests there.'),
        inhale('Let the palm open.'),
      ],
    },
    seated: { change: 'The same, hands in the lap.' },
  }),
  massage({
    id: 'belly-rubbing', name: 'Rubbing the belly', pinyin: 'Mó Fù', hanzi: '摩腹', roles: ['nourish'],
    actions: ['nourishes', 'moves'], phases: ['earth'], organs: ['stomach', 'spleen', 'large-intestine'],
    channels: along('trace', 'ST', 'SP', 'CV'), points: ['CV12', 'ST25', 'CV6'], sides: 'both-ways', ways: ['up the right side and down the left', 'up the left side and down the right'],
    repetitions: { least: 3, usual: 6, most: 36, multipleOf: 3 }, asks: { rubs: ['belly'], abdominalPress: true },
    images: ['Stirring a thick porridge.'], mistakes: [{ mistake: 'digging in', mend: 'Move the skin, not what lies under it.' }],
    cautions: ['Not in pregnancy, soon after a meal, or after surgery of the belly: rest the hands instead.'],
    cycle: [
      freely(5, 'Palms circle wider and wider, {way}.', through(...([[0, -2.4], [2.4, 0], [0, 2.6], [-2.4, 0], [0, -1]] as const).map(([out, up]): Posture => stand(11, each({ near: 'navel', off: [out, up, 0], fingers: 'in' }, { near: 'hand', off: [0, 0, 0.4], palm: 'back', fingers: 'in' }))))),
    ],
    smaller: {
      name: 'Hands on the belly', change: 'Hands rest; the attention circles.', asks: { rubs: [], abdominalPress: false },
      cycle: [
        freely(5, 'Hands rest on the belly; the attention circles {way}.', to(stand(11, STACKED))),
      ],
    },
    seated: {
      change: 'The same from the chair.',
      cycle: [
        freely(5, 'Palms circle wider and wider, {way}.', through(...([[0, -1], [2, 0.5], [0, 2.4], [-2, 0.5], [0, 0]] as const).map(([out, up]): Posture => sit(each({ near: 'navel', off: [out, up, 0], fingers: 'in' }, { near: 'hand', off: [0, 0, 0.4], palm: 'back', fingers: 'in' }))))),
      ],
    },
  }),
  massage({
    id: 'rubbing-three-miles', name: 'Rubbing below the knees', pinyin: 'Zú Sān Lǐ', hanzi: '足三里', roles: ['nourish'],
    actions: ['nourishes', 'moves'], phases: ['earth'], organs: ['stomach', 'spleen'], channels: along('press', 'ST', 'SP'),
    points: ['ST36'], stance: { start: 'chair', end: 'chair' }, footwork: 'Seated, feet flat.', asks: { rubs: ['legs'] },
    images: ['Oiling the hinges of a gate before a long road.'],
    mistakes: [{ mistake: 'hunching', mend: 'Fold from the hips, back long.' }], view: 'three-quarter',
    cycle: [
      freely(6, 'Palms rub below the knees, outside and inside.', pulse(3, sit(both({ near: 'shin', off: [1, 5, 0] }), { trunk: { lean: 30, round: 10 }, head: { nod: -8 } }), sit(both({ near: 'shin', off: [1, 3, 0] }), { trunk: { lean: 31, round: 12 }, head: { nod: -8 } }))),
    ],
    smaller: {
      name: 'Palms below the knees', change: 'Rest the palms there.', asks: { rubs: [] },
      cycle: [
        freely(6, 'Palms rest below the knees, outside and inside.', to(sit(both({ near: 'knee' }), { trunk: { lean: 20 } }))),
      ],
    },
    seated: {
      change: 'It is done from the chair.',
      cycle: [
        freely(6, 'From the chair, palms rub below the knees, both sides.', pulse(3, sit(both({ near: 'knee', off: [0, 0, 0] }), { trunk: { lean: 16 } }), sit(both({ near: 'knee', off: [0.5, -1, 0] }), { trunk: { lean: 22, round: 4 } }))),
      ],
    },
  }),
  massage({
    id: 'rolling-the-soles', name: 'Rolling the soles', pinyin: 'Yǒng Quán', hanzi: '湧泉', roles: ['nourish'],
    actions: ['nourishes', 'calms'], polarity: 'yin', phases: ['water'], organs: ['kidney', 'bladder'],
    channels: along('press', 'KI', 'BL'), points: ['KI1'], stance: { start: 'chair', end: 'chair' },
    footwork: 'Seated; one foot rolls at a time.', sides: 'one-then-other', images: ['Waking the ground under you with one bare foot.'],
    mistakes: [{ mistake: 'curling the toes', mend: 'Let them spread as the ball presses.' }], view: 'three-quarter',
    cycle: [
      freely(6, 'Roll the {side} sole on the floor, ball to heel.', through(sit(both(ON_THIGHS), { feet: { heels: { left: 26 } } }), sit(both(ON_THIGHS), { feet: { toes: { left: 18 } } }), sit())),
    ],
    smaller: {
      change: 'Only press the ball of the foot.',
      cycle: [
        freely(6, 'Press the ball of the {side} foot into the floor, and let go.', through(sit(both(ON_THIGHS), { feet: { heels: { left: 12 } } }), sit())),
      ],
    },
    seated: { change: 'It is done from the chair, over a small ball if there is one.' },
  }),
  massage({
    id: 'combing-the-head', name: 'Combing with the fingers', roles: ['clear', 'balance'], actions: ['clears', 'calms'],
    phases: ['wood', 'water'], organs: ['gallbladder', 'bladder'], channels: along('trace', 'GB', 'BL'), points: ['GB20', 'BL10', 'GV20'],
    asks: { rubs: ['head'] }, images: ['Raking a gravel garden.'],
    mistakes: [{ mistake: 'scratching', mend: 'The pads of the fingers, not the nails.' }], view: 'three-quarter',
    cycle: [
      freely(5, 'Comb from the brow over the crown to the nape.', through(stand(9, both({ near: 'upper dantian', off: [1.6, 2.5, 0.6], fingers: 'up', elbow: 'out' })), stand(9, both({ near: 'crown', off: [1.6, 0.4, 0], fingers: 'in', elbow: 'out' })), stand(9, both({ near: 'occiput', off: [1.6, 0, 0.4], fingers: 'in', elbow: 'out' })))),
    ],
    smaller: {
      change: 'Only at the temples.',
      cycle: [
        freely(5, 'Fingertips comb the temples, front to back.', through(stand(9, both({ near: 'temple', off: [0.4, 0.5, 0], palm: 'body', fingers: 'back', elbow: 'out' })), stand(9, both({ near: 'ear', off: [0.6, 1, 0], palm: 'body', fingers: 'back', elbow: 'low' })))),
      ],
    },
    seated: { change: 'The same from the chair.' },
  }),
  massage({
    id: 'neck-washing', name: 'Washing the neck', roles: ['loosen', 'balance'], actions: ['calms', 'clears'], phases: ['wood', 'water'],
    organs: ['gallbladder', 'bladder', 'triple-burner'], channels: along('trace', 'GB', 'BL', 'TE'), points: ['GB20', 'GB21', 'BL10'],
    sides: 'alternating', asks: { rubs: ['neck'] }, images: ['Drawing off a heavy scarf.'],
    mistakes: [{ mistake: 'pressing on the throat', mend: 'Stay at the back; go off over the top of the shoulder.' }],
    cautions: ['Never over the throat or the sides of the neck: large vessels lie there.'],
    cycle: [
      inhale('{Side} palm to the back of the neck.', to(stand(9, each({ near: 'nape', off: [1.4, 0.6, 0.3], fingers: 'down', elbow: 'out' }, HANGING)))),
      exhale('Draw it out along the top of the shoulder and down.', through(stand(12, each({ near: 'nape', off: [3.4, -1.6, 0.6], fingers: 'down', elbow: 'out' }, HANGING)), stand(12))),
    ],
    smaller: {
      change: 'The palm only rests at the back of the neck.', asks: { rubs: [] },
      cycle: [
        inhale('{Side} palm to the back of the neck.', to(stand(9, each({ near: 'nape', off: [1.4, 0.6, 0.3], fingers: 'down', elbow: 'out' }, HANGING)))),
        exhale('It rests there; the shoulder sinks.', to(stand(12, each({ near: 'nape', off: [1.4, -0.2, 0.4], fingers: 'down', elbow: 'out' }, HANGING)))),
      ],
    },
    seated: { change: 'The same from the chair.' },
  }),
  massage({
    id: 'face-tapping', name: 'Patting the face', roles: ['wake', 'balance'], actions: ['moves', 'calms'], phases: ['earth', 'metal'],
    organs: ['stomach', 'large-intestine'], channels: along('tap', 'ST', 'LI'), points: ['ST2', 'LI20'],
    asks: { percussion: ['head', 'face'] }, settleSec: 8, images: ['The first drops on a pond.'],
    mistakes: [{ mistake: 'holding the jaw', mend: 'Let the teeth part.' }],
    cycle: [
      freely(5, 'Fingertips patter over brow, cheeks and jaw.', pulse(2, stand(9, both({ near: 'upper dantian', off: [2.4, 0.6, 0.4], palm: 'body', fingers: 'up', elbow: 'low', shape: 'gathered fingertips' })), stand(9, both({ near: 'mouth', off: [3, 0.5, 2.2], palm: 'body', fingers: 'up', shape: 'gathered fingertips' })))),
    ],
    smaller: {
      name: 'Palms on the cheeks', change: 'Only rest the palms on the cheeks.', asks: { percussion: [] },
      cycle: [
        freely(5, 'Palms rest on the cheeks.', to(stand(9, both({ near: 'mouth', off: [3, 0.5, 2.2], palm: 'body', fingers: 'up' })))),
      ],
    },
    seated: { change: 'The same from the chair.' },
  }),
  defineForm({
    id: 'three-centre-wash', name: 'Washing three centres', family: 'gathering', roles: ['gather', 'balance'],
    actions: ['calms', 'nourishes'], channels: along('attend', 'CV', 'GV'), points: ['EX-HN3', 'CV17', 'CV6'], pace: 'gathering',
    repetitions: { least: 1, usual: 3, most: 6, multipleOf: 1 }, images: ['Rinsing three bowls with one pour.'],
    mistakes: [{ mistake: 'passing too fast', mend: 'Stay a heartbeat at each centre.' }],
    cycle: [
      inhale('Palms rise with clear breath to the brow.', through(stand(12, both(reaching(0.7, -0.5, 0.5, 'up', 0.9))), stand(7, both(before('face', 3, 3.5, 6, 'body', 'up'))))),
      exhale('Pause and wash: brow, heart, lower belly.', through(stand(8, both(before('face', 3, 3, 4.5, 'body', 'up'))), stand(11, both(before('middle dantian', 2.5, 0, 4, 'body', 'in'))), stand(15, both(before('lower dantian', 2.5, 0, 4, 'body', 'in'))))),
    ],
    smaller: {
      change: 'Heart and belly only.',
      cycle: [
        inhale('Palms rise with clear breath to the heart.', to(stand(9, both(before('middle dantian', 2.5, 1, 6, 'body', 'in'))))),
        exhale('Pause and wash: heart, lower belly.', through(stand(10, both(before('middle dantian', 2.5, 0, 4, 'body', 'in'))), stand(13, both(before('lower dantian', 2.5, 0, 4, 'body', 'in'))))),
      ],
    },
    seated: {
      change: 'From the chair, from the chin down.',
      cycle: [
        inhale('Palms rise with clear breath to the chin.', through(sit(both(reaching(0.6, -0.3, 0.7, 'up', 0.82))), sit(both(before('collarbone', -1, 1, 7, 'body', 'in'))))),
        exhale('Pause and wash: chin, heart, lower belly.', through(sit(both(before('middle dantian', 2.5, 0, 4, 'body', 'in'))), sit(both(before('lower dantian', 2.5, 1.5, 3.4, 'body', 'in'))))),
      ],
    },
  }),
  defineForm({
    id: 'gathering-from-the-earth', name: 'Gathering from the earth', family: 'gathering', roles: ['gather', 'nourish'],
    actions: ['nourishes', 'calms'], polarity: 'yin', phases: ['earth', 'water'], organs: ['spleen', 'kidney', 'stomach'],
    channels: along('attend', 'SP', 'KI'), points: ['CV6', 'KI1', 'SP6'], pace: 'gathering',
    repetitions: { least: 1, usual: 3, most: 9, multipleOf: 1 }, loosens: ['knees'], images: ['Scooping cool water from a spring.'],
    mistakes: [{ mistake: 'bending the back', mend: 'Sink with the knees; let the hands hang.' }],
    cycle: [
      inhale('Sink down to gather, low and wide, and rise.', through(stand(46, both(reaching(0.5, -0.95, 0.45, 'forward', 0.95)), { trunk: { lean: 22 } }), stand(42, both(reaching(0.2, -0.9, 0.6, 'forward', 0.9)), { trunk: { lean: 18 } }), stand(10, both(before('navel', 2.5, 0, 5, 'up'))))),
      exhale('Bring it into the belly; hands rest.', to(stand(12, both(ON_BELLY)))),
    ],
    smaller: {
      change: 'Scoop from the hips.',
      cycle: [
        inhale('Scoop from beside the hips, and draw in.', through(stand(14, both(reaching(0.6, -0.9, 0.4, 'up', 0.92))), stand(9, both(before('navel', 2.5, 0, 5, 'up'))))),
        exhale('Bring it into the belly; hands rest.', to(stand(12, both(ON_BELLY)))),
      ],
    },
    seated: {
      change: 'Scoop beside the knees.',
      cycle: [
        inhale('Scoop from beside the knees, and draw in.', through(sit(both(reaching(0.7, -0.75, 0.5, 'up', 0.9)), { trunk: { lean: 8 } }), sit(both(before('navel', 2.5, 1, 5, 'up'))))),
        exhale('Bring it into the belly; hands rest.', to(sit(both(ON_BELLY)))),
      ],
    },
  }),
  defineForm({
    id: 'three-sinks', name: 'Sinking three times', family: 'gathering', roles: ['gather', 'close'], actions: ['calms', 'clears'],
    polarity: 'yin', channels: along('attend', 'CV', 'ST', 'KI'), points: ['CV6', 'KI1'], pace: 'gathering', exhale: 'mouth',
    repetitions: { least: 3, usual: 3, most: 3, multipleOf: 3 }, images: ['Silt settling in a glass.'],
    mistakes: [{ mistake: 'slumping', mend: 'Only what is loose may sink; the spine stays.' }],
    cycle: [
      inhale('Breathe up to the crown.', to(stand(6, both(before('middle dantian', 4, 2, 6, 'down')), { head: { nod: -3 } }))),
      exhale('Let everything sink to the feet, hands following.', through(stand(12, both(before('lower dantian', 4, 0, 6, 'down'))), stand(20, both(reaching(0.3, -1, 0.2, 'back', 0.97))))),
    ],
    smaller: {
      change: 'Hands still.',
      cycle: [
        inhale('Breathe up to the crown.', to(stand(7))),
        exhale('Let everything sink to the feet, hands still.', to(stand(16))),
      ],
    },
    seated: {
      change: 'The same from the chair.',
      cycle: [
        inhale('Breathe up to the crown.', to(sit(both(before('middle dantian', 4, 2, 6, 'down'))))),
        exhale('Let everything sink to the feet, hands following.', to(sit(both({ near: 'thigh', off: [0, 0, 1.2], palm: 'down' })))),
      ],
    },
  }),
  defineForm({
    id: 'storing-still', name: 'Resting in the lower belly', family: 'gathering', roles: ['gather', 'close', 'still'],
    actions: ['nourishes', 'calms'], polarity: 'yin', phases: ['water'], organs: ['kidney'], channels: along('hold', 'CV', 'KI'),
    points: ['CV6', 'CV4'], pace: 'inner', manner: 'natural', repetitions: { least: 2, usual: 4, most: 12, multipleOf: 1 },
    images: ['A well with its lid on.'], mistakes: [{ mistake: 'going on practising', mend: 'Let the breath find its own size.' }],
    cycle: quiet(STACKED, 'Hands lie on the lower belly.', 'Nothing more to do.'),
    smaller: {
      change: 'Hands hang.',
      cycle: quiet(both(HANGING), 'Arms hang; the lower belly is noticed.', 'Nothing more to do.'),
    },
    seated: {
      change: 'Hands in the lap.',
      cycle: quietChair(STACKED, 'Hands lie in the lap.', 'Nothing more to do.'),
    },
  }),
  defineForm({
    id: 'close-thanks', name: 'Giving thanks', family: 'closing', roles: ['close'], actions: ['calms'], polarity: 'yin',
    channels: along('attend', 'HT', 'CV'), points: ['CV17', 'CV6'], stance: { start: 'feet together', end: 'feet together' },
    pace: 'flowing', manner: 'natural', setupSec: { known: 2, taught: 5 }, repetitions: { least: 1, usual: 1, most: 3, multipleOf: 1 },
    images: ['Closing a gate quietly behind you.'], mistakes: [{ mistake: 'hurrying off', mend: 'Open the eyes first, then move.' }],
    view: 'three-quarter',
    cycle: [
      inhale('Palms meet before the heart.', to(stand(5, both(PALMS_TOGETHER)))),
      exhale('A small bow of thanks.', through(stand(8, both(PALMS_TOGETHER), { trunk: { lean: 16 }, head: { nod: 8 } }), stand(5, both(PALMS_TOGETHER)))),
    ],
    smaller: {
      change: 'Only the head bows.',
      cycle: [
        inhale('Palms meet before the heart.', to(stand(5, both(PALMS_TOGETHER)))),
        exhale('The head bows a little, in thanks.', through(stand(6, both(PALMS_TOGETHER), { head: { nod: 14 } }), stand(5, both(PALMS_TOGETHER)))),
      ],
    },
    seated: {
      change: 'From the chair.',
      cycle: [
        inhale('Sitting tall, palms meet before the heart.', to(sit(both(PALMS_TOGETHER)))),
        exhale('A small bow of thanks.', through(sit(both(PALMS_TOGETHER), { trunk: { lean: 10 }, head: { nod: 8 } }), sit(both(PALMS_TOGETHER)))),
      ],
    },
  }),
  defineForm({
    id: 'close-open-eyes', name: 'Coming back', family: 'closing', roles: ['close'], actions: ['calms'],
    channels: along('attend', 'CV', 'KI'), points: ['CV6', 'KI1'], pace: 'flowing', manner: 'natural', setupSec: { known: 2, taught: 5 },
    repetitions: { least: 1, usual: 1, most: 3, multipleOf: 1 }, images: ['Stepping out on the porch in the morning.'],
    mistakes: [{ mistake: 'springing up', mend: 'Look first, move second.' }],
    cycle: [
      inhale('Feel the feet, the hands, the room.', to(stand(9))),
      exhale('Open the eyes and look to one side.', to(stand(7, undefined, { head: { turn: 24 } }))),
      inhale('Look to the other side.', to(stand(7, undefined, { head: { turn: -24 } }))),
      exhale('Rest the eyes in the middle.', to(stand(7))),
    ],
    smaller: {
      change: 'Only look about.',
      cycle: [
        inhale('Look a little to one side.', to(stand(7, undefined, { head: { turn: 14 } }))),
        exhale('And to the other.', to(stand(7, undefined, { head: { turn: -14 } }))),
        inhale('Back to the middle, to what is near.', to(stand(7))),
        exhale('And to what is far.', to(stand(9))),
      ],
    },
    seated: {
      change: 'The same from the chair.',
      cycle: [
        inhale('Feel the feet, the hands, the room.', to(sit())),
        exhale('Open the eyes and look to one side.', to(sit(both(ON_THIGHS), { head: { turn: 24 } }))),
        inhale('Look to the other side.', to(sit(both(ON_THIGHS), { head: { turn: -24 } }))),
        exhale('Rest the eyes in the middle.', to(sit())),
      ],
    },
  }),
];
