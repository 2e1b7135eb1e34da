import type { Posture } from '../../body';
import { defineForm } from '../writing/define';
import { both, each, PRESSED_DOWN, STACKED } from '../writing/postures';
import { exhale, freely, inhale, through, to } from '../writing/strokes';

// prettier-ignore
export const RETURNING = [
  defineForm({
    id: 'rise-and-sink', name: 'Rise and sink', pinyin: 'Qǐ Luò', hanzi: '起落', family: 'flowing pair', roles: ['balance', 'nourish'],
    actions: ['calms', 'moves'],
    channels: [{ channel: 'GV', how: 'attend' }, { channel: 'CV', how: 'attend' }, { channel: 'KI', how: 'attend' }],
    points: ['CV6', 'KI1'], pace: 'flowing', repetitions: { least: 2, usual: 6, most: 18, multipleOf: 1 }, loosens: ['shoulders', 'knees'],
    images: ['A boat lifted and lowered by one wave.'],
    mistakes: [{ mistake: 'knees past the toes', mend: 'Sit back as onto a high stool.' }], view: 'three-quarter',
    cycle: [
      inhale('Wrists float up to the shoulders.', to({ sink: 8, hands: both({ near: 'reach', toward: [0, -0.05, 1], palm: 'down', share: 0.92 }) })),
      exhale('Palms press down as the knees sink.', to({ sink: 36, hands: both(PRESSED_DOWN) })),
    ],
    smaller: {
      change: 'Knees stay quiet; only the arms.',
      cycle: [
        inhale('Wrists float up towards the shoulders.', to({ sink: 8, hands: both({ near: 'reach', toward: [0, -0.3, 1], palm: 'down', share: 0.88 }) })),
        exhale('Palms press down, the breath sinks.', to({ sink: 8, hands: both(PRESSED_DOWN) })),
      ],
    },
    seated: {
      change: 'From the chair; feet press the floor on the exhale.',
      cycle: [
        inhale('Wrists float up to the shoulders.', to({ base: 'chair', hands: both({ near: 'reach', toward: [0, -0.1, 1], palm: 'down', share: 0.9 }) })),
        exhale('Palms press down, the feet press the floor.', to({ base: 'chair', hands: both({ near: 'thigh', off: [0, 0, 2], palm: 'down' }) })),
      ],
    },
  }),
  defineForm({
    id: 'cloud-hands', name: 'Cloud hands', pinyin: 'Yún Shǒu', hanzi: '雲手', family: 'flowing pair', roles: ['balance', 'nourish'],
    actions: ['moves', 'calms'],
    channels: [{ channel: 'GB', how: 'stretch' }, { channel: 'LI', how: 'stretch' }, { channel: 'LU', how: 'stretch' }],
    points: ['CV17', 'CV6'], sides: 'alternating', pace: 'turning', footwork: 'Weight flows from foot to foot, feet planted.',
    repetitions: { least: 1, usual: 4, most: 12, multipleOf: 1 }, images: ['Two clouds changing places.'],
    mistakes: [{ mistake: 'hands cross the middle without the waist', mend: 'Keep the nose over the navel.' }],
    cycle: [
      inhale('Weight to the middle, one hand above, one below.', to({ sink: 24, weight: 0.5, hands: each({ near: 'navel', off: [0, -1, 7], palm: 'up', fingers: 'in' }, { near: 'middle dantian', off: [0, 2, 10], palm: 'body', fingers: 'in', elbow: 'low' }) })),
      exhale('Turn the waist to the {side}; hands float past.', to({ sink: 26, weight: 0.7, trunk: { turn: 24 }, hands: each({ near: 'middle dantian', off: [3, 3, 11], palm: 'body', fingers: 'in', elbow: 'low' }, { near: 'navel', off: [0, -1, 7], palm: 'up', fingers: 'in' }) })),
    ],
    smaller: {
      change: 'Half the turn.',
      cycle: [
        inhale('Feet quiet, one hand above, one below.'),
        exhale('Half a turn to the {side}; hands float past.'),
      ],
    },
    seated: {
      change: 'Turn on the sitting bones.',
      cycle: [
        inhale('Sitting tall, one hand above, one below.'),
        exhale('Turn to the {side} on the sitting bones; hands float past.'),
      ],
    },
  }),
  defineForm({
    id: 'small-orbit', name: 'Small orbit', pinyin: 'Xiǎo Zhōu Tiān', hanzi: '小周天', family: 'inner breathing', roles: ['balance'],
    actions: ['calms', 'nourishes'], channels: [{ channel: 'GV', how: 'attend' }, { channel: 'CV', how: 'attend' }],
    points: ['GV4', 'GV14', 'GV20', 'EX-HN3', 'CV17', 'CV6'],
    route: ['tailbone', 'GV4', 'GV14', 'crown', 'chest', 'upper belly', 'lower belly'], pace: 'inner', manner: 'natural',
    setupSec: { known: 8, taught: 30 }, level: 2, repetitions: { least: 2, usual: 6, most: 18, multipleOf: 1 },
    asks: { inwardImagery: true }, images: ['A slow wheel of light.', 'A pearl that rolls up the back and lies down in the belly.', 'A lamp carried through a dark house, room by room.'],
    mistakes: [{ mistake: 'leaving the attention in the head', mend: 'Always finish at the lower belly.' }, { mistake: 'straining to see it', mend: 'Know where it is; seeing comes or does not.' }],
    cautions: ['Always end in the lower belly.'],
    parts: [{ part: 'up the back only', watch: 'the breath is not pushed' }, { part: 'down the front only', watch: 'the attention does not stay in the head' }, { part: 'one turn to a breath', watch: 'when the breath shortens, let the turn go' }],
    view: 'side',
    cycle: [
      inhale('The breath rises up the back to the crown.', to({ sink: 8, head: { nod: -3 }, hands: STACKED })),
      exhale('It comes down the front to the belly.', to({ sink: 13, head: { nod: 3 }, hands: STACKED })),
    ],
    smaller: {
      change: 'Hands trace the front line down; leave the back out.',
      cycle: [
        inhale('Breathe in as it comes, hands at the chin.', to({ sink: 8, hands: both({ near: 'middle dantian', off: [3, 3, 4], palm: 'down', fingers: 'in', elbow: 'out' }) })),
        exhale('Hands trace the front down to the belly.', to({ sink: 12, hands: both({ near: 'lower dantian', off: [3, 0, 4], palm: 'down', fingers: 'in', elbow: 'out' }) })),
      ],
    },
    seated: {
      change: 'Sit tall, hands on the belly.',
      cycle: [
        inhale('Hands on the belly: the breath rises up the back.'),
        exhale('It comes down the front to the belly.'),
      ],
    },
  }),
  defineForm({
    id: 'sky-gathering', name: 'Gathering from the sky', pinyin: 'Pěng Qì Guàn Dǐng', hanzi: '捧氣貫頂', family: 'gathering',
    roles: ['gather', 'balance'], hinge: true, actions: ['calms', 'nourishes'],
    channels: [{ channel: 'CV', how: 'attend' }, { channel: 'GV', how: 'attend' }], points: ['GV20', 'EX-HN3', 'CV17', 'CV6'],
    pace: 'gathering', repetitions: { least: 1, usual: 3, most: 6, multipleOf: 1 }, images: ['A bowl of clear light poured over the head.'],
    mistakes: [{ mistake: 'hands race the breath', mend: 'Arrive at the top just as the breath is full.' }],
    cycle: [
      inhale('Arms sweep out and up, gathering.', through({ sink: 12, hands: both({ near: 'reach', toward: [1, -0.4, 0.2], palm: 'up' }) }, { sink: 8, hands: both({ near: 'reach', toward: [1, 0.25, 0.15], palm: 'up' }) }, { sink: 5, hands: both({ near: 'crown', off: [4, 9, 0], palm: 'down', fingers: 'in', elbow: 'out' }) })),
      exhale('Pour it down through crown, chest and belly.', through({ sink: 8, hands: both({ near: 'face', off: [3, 0, 5], palm: 'down', fingers: 'in', elbow: 'out' }) }, { sink: 14, hands: both({ near: 'middle dantian', off: [3, 0, 5], palm: 'down', fingers: 'in', elbow: 'out' }) }, { sink: 18, hands: both({ near: 'lower dantian', off: [3, 0, 4], palm: 'down', fingers: 'in', elbow: 'out' }) })),
    ],
    smaller: {
      change: 'Gather from the sides to the collarbones.',
      cycle: [
        inhale('Hands gather from the sides to the collarbones.', through({ sink: 10, hands: both({ near: 'reach', toward: [1, -0.3, 0.3], palm: 'up', share: 0.92 }) }, { sink: 8, hands: both({ near: 'collarbone', off: [1, 1, 8], palm: 'down', fingers: 'in', elbow: 'out' }) })),
        exhale('Pour it down through chest and belly.', to({ sink: 14, hands: both({ near: 'lower dantian', off: [3, 0, 4], palm: 'down', fingers: 'in', elbow: 'out' }) })),
      ],
    },
    seated: {
      change: 'From the chair, hands to the collarbones.',
      cycle: [
        inhale('Sitting tall, hands gather to the collarbones.', through({ base: 'chair', hands: both({ near: 'reach', toward: [1, -0.3, 0.3], palm: 'up', share: 0.92 }) }, { base: 'chair', hands: both({ near: 'collarbone', off: [1, 1, 8], palm: 'down', fingers: 'in', elbow: 'out' }) })),
        exhale('Pour it down through chest and belly.', through({ base: 'chair', hands: both({ near: 'middle dantian', off: [3, 0, 5], palm: 'down', fingers: 'in', elbow: 'out' }) }, { base: 'chair', hands: both({ near: 'lower dantian', off: [3, 2, 4], palm: 'down', fingers: 'in', elbow: 'out' }) })),
      ],
    },
  }),
  defineForm({
    id: 'face-washing', name: 'Washing the face', family: 'self-massage', roles: ['balance'], actions: ['calms'],
    channels: [{ channel: 'ST', how: 'trace' }, { channel: 'BL', how: 'trace' }, { channel: 'LI', how: 'trace' }, { channel: 'GB', how: 'trace' }],
    points: ['EX-HN3'], pace: 'flowing', manner: 'natural', asks: { rubs: ['face', 'eyes'] },
    repetitions: { least: 2, usual: 4, most: 12, multipleOf: 1 }, images: ['Cool water after a walk.'],
    mistakes: [{ mistake: 'pressing on the eyes', mend: 'Hollow the palms over the eyes.' }],
    entry: [
      freely(6, 'Rub the palms warm.', to({ sink: 10, hands: each({ near: 'middle dantian', off: [0.4, 0, 9], palm: 'in', fingers: 'up' }, { near: 'middle dantian', off: [0.4, 0, 9], palm: 'in', fingers: 'up' }) })),
    ],
    cycle: [
      freely(5, 'Wash up the nose and brow, out and down the cheeks.', through({ sink: 10, hands: both({ near: 'mouth', off: [1.8, -1.5, 1.2], fingers: 'up', elbow: 'low' }) }, { sink: 10, hands: both({ near: 'upper dantian', off: [1.8, 1, 0.4], fingers: 'up', elbow: 'low' }) }, { sink: 10, hands: both({ near: 'upper dantian', off: [3.4, -0.5, 1.4], fingers: 'up' }) }, { sink: 10, hands: both({ near: 'mouth', off: [3, 0.5, 2.2], fingers: 'up' }) })),
    ],
    smaller: {
      change: 'Hands hover a finger’s breadth away.', asks: { rubs: [] },
      cycle: [
        freely(5, 'Palms hover before the face: up the nose, out, down the cheeks.', through({ sink: 10, hands: both({ near: 'mouth', off: [2, 0, 2], fingers: 'up', elbow: 'low' }) }, { sink: 10, hands: both({ near: 'upper dantian', off: [2, 1, 2], fingers: 'up', elbow: 'low' }) }, { sink: 10, hands: both({ near: 'mouth', off: [3, 0.5, 2.6], fingers: 'up' }) })),
      ],
    },
    seated: { change: 'The same from the chair.' },
  }),
  defineForm({
    id: 'storing-circles', name: 'Storing in the lower belly', family: 'gathering', roles: ['gather'], actions: ['nourishes', 'calms'],
    polarity: 'yin', channels: [{ channel: 'CV', how: 'hold' }], points: ['CV6'], sides: 'both-ways', ways: ['outward', 'inward'],
    pace: 'flowing', manner: 'natural', asks: { rubs: ['belly'] }, repetitions: { least: 3, usual: 6, most: 12, multipleOf: 3 },
    images: ['Winding wool onto a ball.', 'A snail’s shell, wound to its centre.'],
    mistakes: [{ mistake: 'pressing hard', mend: 'No more weight than the hands themselves.' }, { mistake: 'ending on the outside', mend: 'The last turn always goes home.' }],
    cycle: [
      freely(4, 'Palms circle {way} on the belly.', through(...([[0, 2.4], [2.4, 0], [0, -2.4], [-2.4, 0], [0, 0]] as const).map(([out, up]): Posture => ({ sink: 12, hands: each({ near: 'lower dantian', off: [out, up, 0], fingers: 'in' }, { near: 'hand', off: [0, 0, 0.4], palm: 'back', fingers: 'in' }) })))),
    ],
    smaller: {
      change: 'Only the attention circles.', asks: { rubs: [] },
      cycle: [
        freely(4, 'Hands at rest, the attention circles {way} in the belly.', to({ sink: 12, hands: STACKED })),
      ],
    },
    seated: { change: 'The same from the chair.' },
  }),
  defineForm({
    id: 'close-hands-to-belly', name: 'Hands to the lower belly', pinyin: 'Shōu Gōng', hanzi: '收功', family: 'closing', roles: ['close'],
    actions: ['calms', 'nourishes'], polarity: 'yin', channels: [{ channel: 'CV', how: 'hold' }], points: ['CV6'],
    stance: { start: 'shoulder width', end: 'feet together' }, pace: 'flowing', manner: 'natural', setupSec: { known: 3, taught: 5 },
    repetitions: { least: 1, usual: 3, most: 9, multipleOf: 1 }, images: ['Closing the lid of a warm chest.'],
    mistakes: [{ mistake: 'rushing off', mend: 'Stay until the breath has settled by itself.' }],
    cycle: [
      inhale('Breathe into the hands.', to({ sink: 8, hands: STACKED })),
      exhale('Let everything come home there.', to({ sink: 12, head: { nod: 4 }, hands: STACKED })),
    ],
    exit: [
      freely(5, 'Give thanks, and open the eyes.', through({ feet: { apart: 0.34 }, sink: 5, head: { nod: 12 }, hands: both({ near: 'middle dantian', off: [0.4, 1, 6], palm: 'in', fingers: 'up', elbow: 'out' }) }, { feet: { apart: 0.34 }, sink: 5 })),
    ],
    smaller: {
      change: 'Hands hang by the sides.',
      cycle: [
        inhale('Hands hang; breathe into the belly.', to({ sink: 8 })),
        exhale('Let everything come home there.', to({ sink: 11 })),
      ],
    },
    seated: { change: 'The same from the chair.' },
  }),
] as const;
