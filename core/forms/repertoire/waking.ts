import { defineForm } from '../writing/define';
import { both, each, ON_THIGHS } from '../writing/postures';
import { exhale, freely, inhale, pulse, through, to } from '../writing/strokes';

// prettier-ignore
export const WAKING = [
  defineForm({
    id: 'shaking', name: 'Shaking', family: 'shaking', roles: ['wake', 'loosen'], actions: ['moves', 'clears'], polarity: 'yang',
    channels: [{ channel: 'KI', how: 'attend' }, { channel: 'BL', how: 'attend' }], points: ['KI1'], pace: 'flowing', manner: 'natural',
    exhale: 'mouth', settleSec: 12, repetitions: { least: 2, usual: 4, most: 20, multipleOf: 1 },
    asks: { shakes: true, impact: 'soft', vigorous: true }, loosens: ['ankles', 'knees', 'hips', 'spine', 'shoulders'],
    images: ['Rain shaken from a coat.', 'Rust falling from old hinges.'],
    mistakes: [{ mistake: 'holding the jaw or breath', mend: 'Let the teeth part and the breath fall out.' }],
    cycle: [
      freely(15, 'Bounce from the ankles; knees, hips, belly, shoulders all shake loose.', pulse(22, { sink: 22, hands: both({ near: 'hanging', off: [1, 1, 1] }) }, { sink: 9, feet: { heels: 7 }, shoulders: { raise: 0.25 }, hands: both({ near: 'hanging', off: [1.5, 1.5, 1] }) })),
    ],
    smaller: {
      change: 'Heels stay down; only the knees pulse.', asks: { shakes: false, vigorous: false, impact: 'none' },
      cycle: [
        freely(15, 'Heels down: the knees give a little, shoulders and arms hang loose.', pulse(22, { sink: 18, hands: both({ near: 'hanging', off: [1, 1, 1] }) }, { sink: 9, hands: both({ near: 'hanging', off: [1.5, 1.5, 1] }) })),
      ],
    },
    seated: {
      change: 'Shake hands and forearms, then bounce the heels lightly.', asks: { shakes: false, vigorous: false, impact: 'none' },
      cycle: [
        freely(15, 'Shake the hands, the arms, the shoulders; let the heels bounce.', pulse(22, { base: 'chair', hands: both({ near: 'navel', off: [8, 2, 8], palm: 'down' }) }, { base: 'chair', feet: { heels: 8 }, shoulders: { raise: 0.2 }, hands: both({ near: 'navel', off: [9, 4, 8], palm: 'down' }) })),
      ],
    },
  }),
  defineForm({
    id: 'swing-and-knock', name: 'Swinging arms that knock', family: 'arm swing', roles: ['wake'], actions: ['moves', 'clears'],
    polarity: 'yang', organs: ['kidney'],
    channels: [{ channel: 'BL', how: 'tap' }, { channel: 'GV', how: 'tap' }, { channel: 'CV', how: 'tap' }, { channel: 'GB', how: 'stretch' }],
    points: ['GV4', 'CV6'], sides: 'alternating', pace: 'turning', manner: 'natural', settleSec: 10,
    footwork: 'Weight shifts left and right; the free heel may rise.', repetitions: { least: 4, usual: 8, most: 30, multipleOf: 1 },
    asks: { roundedJoints: ['shoulders'], percussion: ['belly', 'low back'], vigorous: true }, loosens: ['spine', 'shoulders', 'hips'],
    images: ['A drum on a stick with two beads on strings.'],
    mistakes: [{ mistake: 'arms do the swinging', mend: 'Turn the waist; the arms are ropes.' }, { mistake: 'knees twist', mend: 'Let the free heel lift so the knee follows the foot.' }],
    cycle: [
      freely(3, 'Turn to the {side}; the hands knock belly and back.', through({ sink: 14, trunk: { turn: 12 }, hands: both({ near: 'reach', toward: [1, -0.75, 0.3], palm: 'back', share: 0.9 }) }, { sink: 16, weight: 0.68, feet: { heels: { right: 14 } }, trunk: { turn: 36 }, head: { turn: 8 }, hands: each({ near: 'sacrum', palm: 'out', elbow: 'back', shape: 'loose fist' }, { near: 'lower dantian', off: [-2, 0, 0], shape: 'loose fist' }) })),
    ],
    smaller: {
      name: 'Swinging arms', change: 'Swing without knocking, hands passing in front.', asks: { percussion: [], vigorous: false },
      cycle: [
        freely(3, 'Turn softly to the {side}, arms loose, hands passing by.', through({ sink: 12, trunk: { turn: 8 }, hands: both({ near: 'reach', toward: [0.7, -1, 0.2], palm: 'back', share: 0.9 }) }, { sink: 14, weight: 0.6, trunk: { turn: 28 }, hands: each({ near: 'reach', toward: [0.35, -1, -0.3], palm: 'back', share: 0.9 }, { near: 'reach', toward: [0.3, -0.9, 0.8], palm: 'body', share: 0.9 }) })),
      ],
    },
    seated: {
      change: 'Turn on the sitting bones; hands pat the thighs.', asks: { percussion: ['legs'], vigorous: false },
      cycle: [
        freely(3, 'Turn softly to the {side}; hands pat the thighs.', through({ base: 'chair', hands: both({ near: 'reach', toward: [0.8, -0.7, 0.6], palm: 'down', share: 0.8 }) }, { base: 'chair', trunk: { turn: 22 }, hands: both({ near: 'thigh', shape: 'hollow palm' }) })),
      ],
    },
  }),
  defineForm({
    id: 'swing-arms-level', name: 'Arms swing forward and back', family: 'arm swing', roles: ['wake'], actions: ['moves'], polarity: 'yang',
    channels: [{ channel: 'LU', how: 'stretch' }, { channel: 'LI', how: 'stretch' }, { channel: 'PC', how: 'stretch' }], pace: 'flowing',
    manner: 'natural', settleSec: 4, repetitions: { least: 8, usual: 12, most: 36, multipleOf: 1 },
    asks: { roundedJoints: ['shoulders'], vigorous: true }, loosens: ['shoulders', 'knees'], images: ['Two pendulums.'],
    mistakes: [{ mistake: 'shoulders lifted', mend: 'Let the weight of the hands draw them down.' }], view: 'side',
    cycle: [
      freely(2.5, 'Arms swing forward and fall back, knees giving.', through({ sink: 9, hands: both({ near: 'reach', toward: [0.1, -0.1, 1], palm: 'down' }) }, { sink: 24, hands: both({ near: 'reach', toward: [0.15, -1, -0.5], palm: 'back' }) })),
    ],
    smaller: {
      change: 'Swing only to the height of the navel.', asks: { vigorous: false },
      cycle: [
        freely(2.5, 'Arms swing no higher than the navel, and fall back.', through({ sink: 9, hands: both({ near: 'reach', toward: [0.1, -0.75, 0.8], palm: 'down' }) }, { sink: 18, hands: both({ near: 'reach', toward: [0.15, -1, -0.3], palm: 'back' }) })),
      ],
    },
    seated: {
      change: 'Swing beside the chair, small.', asks: { vigorous: false },
      cycle: [
        freely(2.5, 'Arms swing a little beside the chair, and fall back.', through({ base: 'chair', hands: both({ near: 'reach', toward: [0.5, -0.7, 0.6], palm: 'in' }) }, { base: 'chair', hands: both({ near: 'reach', toward: [0.8, -0.9, -0.3], palm: 'in', share: 0.85 }) })),
      ],
    },
  }),
  defineForm({
    id: 'heel-drops', name: 'Heels rise and fall', pinyin: 'Bèi Hòu Qī Diān', hanzi: '背後七顛', family: 'heel drop',
    roles: ['wake', 'balance', 'nourish'], actions: ['moves', 'calms'], phases: ['water'], organs: ['bladder', 'kidney'],
    channels: [{ channel: 'BL', how: 'stretch' }, { channel: 'KI', how: 'press' }, { channel: 'GV', how: 'attend' }],
    points: ['KI1', 'GV20'], stance: { start: 'hip width', end: 'hip width' },
    footwork: 'Both heels rise together; weight on the balls of the feet.', pace: 'heel', settleSec: 6,
    repetitions: { least: 3, usual: 7, most: 14, multipleOf: 1 }, asks: { shakes: true, impact: 'firm' }, loosens: ['ankles'], level: 2,
    images: ['Setting down a full sack of rice.'],
    cautions: ['Let the heels down softly; with brittle bones or a sore back, lower them without the drop.'],
    mistakes: [{ mistake: 'knees locked at landing', mend: 'Keep a little give, or lower without the drop.' }], view: 'three-quarter',
    cycle: [
      inhale('Heels rise, crown lifts.', to({ sink: 5, feet: { heels: 28 }, head: { nod: -2 } })),
      exhale('Let the heels drop a little; ankles and knees give.', to({ sink: 12 })),
    ],
    smaller: {
      name: 'Heels rise and come down softly', change: 'Lower the heels softly, fingers on a chair back.',
      asks: { shakes: false, impact: 'none' },
      cycle: [
        inhale('Heels rise, crown lifts.', to({ sink: 6, feet: { heels: 8 }, hands: both({ near: 'reach', toward: [0, -0.5, 1], palm: 'down', share: 0.7 }) })),
        exhale('Lower the heels softly.', to({ sink: 8, hands: both({ near: 'reach', toward: [0, -0.5, 1], palm: 'down', share: 0.7 }) })),
      ],
    },
    seated: {
      change: 'Lift the heels and let them fall.', asks: { shakes: false, impact: 'soft' },
      cycle: [
        inhale('Lift the heels, sit tall.', to({ base: 'chair', feet: { heels: 24 }, hands: both(ON_THIGHS) })),
        exhale('Let the heels fall.', to({ base: 'chair', hands: both(ON_THIGHS) })),
      ],
    },
  }),
] as const;
