import { defineForm } from '../writing/define';
import { AT_KIDNEYS, both, each, fist, ON_HIPS, ON_THIGHS, OUT_LEVEL } from '../writing/postures';
import { exhale, hold, inhale, through, to } from '../writing/strokes';

const horse = { turnOut: 14 } as const;

const chairWide = { turnOut: 20 } as const;

// prettier-ignore
export const BROCADES = [
  defineForm({
    id: 'brocade-hold-up-the-sky', name: 'Two hands hold up the sky', pinyin: 'Liǎng Shǒu Tuō Tiān', hanzi: '兩手托天', family: 'brocade',
    roles: ['nourish'], actions: ['moves', 'nourishes'], polarity: 'yang', phases: ['fire'],
    organs: ['triple-burner', 'pericardium', 'heart'], channels: [{ channel: 'TE', how: 'stretch' }, { channel: 'PC', how: 'stretch' }],
    points: ['PC8', 'CV17'], pace: 'gathering', setupSec: { known: 6, taught: 22 },
    repetitions: { least: 1, usual: 4, most: 9, multipleOf: 1 }, asks: { breathHold: true }, loosens: ['shoulders', 'spine'],
    images: ['The ceiling of the world on two palms.'],
    mistakes: [{ mistake: 'head thrown back', mend: 'Follow the hands with the eyes only.' }, { mistake: 'elbows locked', mend: 'Leave a tenth in every joint.' }],
    cycle: [
      inhale('Laced palms rise, turn, hold up the sky.', through({ sink: 12, hands: both({ near: 'lower dantian', off: [1.6, 0, 5], palm: 'up', fingers: 'in' }) }, { sink: 10, hands: both({ near: 'middle dantian', off: [1.6, 0, 6], palm: 'body', fingers: 'in', elbow: 'out' }) }, { sink: 5, head: { nod: -12 }, hands: both({ near: 'crown', off: [1.8, 12, 0], palm: 'up', fingers: 'in', elbow: 'out' }) })),
      hold(2, 'Stay, long and soft.', to({ sink: 4, head: { nod: -4 }, hands: both({ near: 'crown', off: [1.8, 12.6, 0], palm: 'up', fingers: 'in', elbow: 'out' }) })),
      exhale('Let the arms open and come down.', through({ sink: 10, hands: both(OUT_LEVEL) }, { sink: 16, hands: both({ near: 'lower dantian', off: [3, 0, 5], palm: 'up', fingers: 'in' }) })),
    ],
    smaller: {
      change: 'Hands to the collarbones, no pause.', asks: { breathHold: false },
      cycle: [
        inhale('Laced palms rise to the chest and turn.', through({ sink: 10, hands: both({ near: 'middle dantian', off: [1.6, 0, 6], palm: 'body', fingers: 'in', elbow: 'out' }) }, { sink: 8, hands: both({ near: 'collarbone', off: [-2, -1, 10], palm: 'forward', fingers: 'in', elbow: 'out' }) })),
        exhale('Open and come down.', through({ sink: 12, hands: both({ near: 'reach', toward: [1, -0.4, 0.4], palm: 'down' }) }, { sink: 12, hands: both({ near: 'lower dantian', off: [3, 0, 5], palm: 'up', fingers: 'in' }) })),
      ],
    },
    seated: {
      change: 'Palms push forward at shoulder height.', asks: { breathHold: false },
      cycle: [
        inhale('Laced palms rise and turn outward.', through({ base: 'chair', hands: both({ near: 'middle dantian', off: [1.6, 0, 6], palm: 'body', fingers: 'in', elbow: 'out' }) }, { base: 'chair', hands: both({ near: 'middle dantian', off: [1.8, 3, 16], palm: 'forward', fingers: 'in', elbow: 'out' }) })),
        exhale('Open and come down.', through({ base: 'chair', hands: both({ near: 'reach', toward: [1, -0.4, 0.4], palm: 'down' }) }, { base: 'chair', hands: both(ON_THIGHS) })),
      ],
    },
  }),
  defineForm({
    id: 'brocade-draw-the-bow', name: 'Drawing the bow', pinyin: 'Kāi Gōng', hanzi: '開弓', family: 'brocade', roles: ['nourish'],
    actions: ['moves', 'nourishes'], polarity: 'yang', phases: ['metal'], organs: ['lung', 'large-intestine'],
    channels: [{ channel: 'LU', how: 'stretch' }, { channel: 'LI', how: 'stretch' }], points: ['LU1', 'LU9', 'LI4'], sides: 'alternating',
    pace: 'animal', stance: { start: 'wide', end: 'wide' }, footwork: 'A wide stance, knees inside the feet.',
    setupSec: { known: 6, taught: 26 }, level: 2, repetitions: { least: 1, usual: 3, most: 6, multipleOf: 1 },
    images: ['A bow drawn on the horizon.'],
    mistakes: [{ mistake: 'pulling shoulder hikes up', mend: 'Draw with the elbow, from the shoulder blade.' }, { mistake: 'knees fall in', mend: 'Push the floor apart with the feet.' }],
    parts: [{ part: 'the stance alone, sinking and rising', watch: 'the knees go where the toes point' }, { part: 'the hands alone, standing', watch: 'the drawing elbow stays level with the shoulder' }, { part: 'the turn of the head', watch: 'the shoulders do not follow' }, { part: 'all together, low', watch: 'the back stays upright; rise a little if it does not' }],
    cycle: [
      inhale('Arms cross at the chest, weight low.', to({ feet: horse, sink: 26, hands: each({ near: 'middle dantian', off: [-1, 2, 8], palm: 'body', fingers: 'up', elbow: 'low' }, { near: 'middle dantian', off: [-1, 1, 5.5], palm: 'body', fingers: 'up', elbow: 'low' }) })),
      exhale('Draw the bow to the {side}; eyes far away.', to({ feet: horse, sink: 46, head: { turn: 58 }, hands: each({ near: 'reach', toward: [1, 0.05, 0.12], palm: 'out', fingers: 'up', shape: 'bow hand' }, { near: 'collarbone', off: [4, -2, 4], palm: 'body', fingers: 'in', elbow: 'out', shape: 'claw' }) })),
      inhale('Let the string go: the hand opens wide, weight to the {side}.', to({ feet: horse, sink: 30, weight: 0.6, hands: both({ near: 'reach', toward: [1, 0.02, 0.2], palm: 'out', fingers: 'up', share: 0.92 }) })),
      exhale('Hands sink and gather to the middle.', to({ feet: horse, sink: 34, hands: both({ near: 'lower dantian', off: [3, 0, 7], palm: 'up', fingers: 'in' }) })),
    ],
    smaller: {
      change: 'Feet under the shoulders, knees soft.', stance: { start: 'shoulder width', end: 'shoulder width' },
      cycle: [
        inhale('Arms cross at the chest, knees soft.', to({ sink: 10, hands: each({ near: 'middle dantian', off: [-1, 2, 8], palm: 'body', fingers: 'up' }, { near: 'middle dantian', off: [-1, 1, 5.5], palm: 'body', fingers: 'up' }) })),
        exhale('Draw the bow to the {side}; eyes far away.', to({ sink: 18, head: { turn: 45 }, hands: each({ near: 'reach', toward: [1, -0.05, 0.2], palm: 'out', fingers: 'up', shape: 'bow hand', share: 0.9 }, { near: 'collarbone', off: [3, -3, 4], palm: 'body', fingers: 'in', elbow: 'out', shape: 'claw' }) })),
        inhale('Let the string go, the hands open wide.', to({ sink: 10, hands: both({ near: 'reach', toward: [1, -0.08, 0.25], palm: 'out', fingers: 'up', share: 0.88 }) })),
        exhale('Hands sink and gather to the middle.', to({ sink: 14, hands: both({ near: 'lower dantian', off: [3, 0, 7], palm: 'up', fingers: 'in' }) })),
      ],
    },
    seated: {
      change: 'From the chair, knees wide.',
      cycle: [
        inhale('Knees wide, arms cross at the chest.'),
        exhale('Draw the bow to the {side}; eyes far away.'),
        inhale('Let the string go, the hands open wide.'),
        exhale('Hands sink and gather to the middle.'),
      ],
    },
  }),
  defineForm({
    id: 'brocade-part-heaven-and-earth', name: 'Parting heaven and earth', pinyin: 'Dān Jǔ', hanzi: '單舉', family: 'brocade',
    roles: ['nourish'], actions: ['moves', 'nourishes'], phases: ['earth'], organs: ['spleen', 'stomach'],
    channels: [{ channel: 'SP', how: 'stretch' }, { channel: 'ST', how: 'stretch' }], points: ['CV12', 'SP21'], sides: 'alternating',
    pace: 'gathering', setupSec: { known: 6, taught: 20 }, repetitions: { least: 1, usual: 3, most: 9, multipleOf: 1 }, loosens: ['spine'],
    images: ['One hand under the sky, one on the ground.'],
    mistakes: [{ mistake: 'leaning away from the raised hand', mend: 'Both sides of the waist grow equally long.' }],
    cycle: [
      inhale('{Side} palm rises to heaven, {other} presses to earth.', through({ sink: 10, hands: each({ near: 'middle dantian', off: [0, 0, 6], palm: 'body', fingers: 'in' }, { near: 'navel', off: [0, 0, 6], palm: 'down', fingers: 'in' }) }, { sink: 5, trunk: { bend: -5 }, head: { nod: -8 }, hands: each({ near: 'crown', off: [5, 12, 0], palm: 'up', fingers: 'in', elbow: 'out' }, { near: 'hip', off: [3, -4, 0], palm: 'down', fingers: 'forward', elbow: 'out' }) })),
      exhale('They change places through the middle.', to({ sink: 14, hands: each({ near: 'middle dantian', off: [0, 0, 7], palm: 'down', fingers: 'in', elbow: 'out' }, { near: 'lower dantian', off: [0, 0, 6], palm: 'up', fingers: 'in' }) })),
    ],
    smaller: {
      change: 'Raised hand stops below the shoulder.',
      cycle: [
        inhale('{Side} palm rises below the shoulder, {other} presses down.', to({ sink: 8, hands: each({ near: 'middle dantian', off: [5, 3, 13], palm: 'up', fingers: 'forward' }, { near: 'hip', off: [3, -2, 1], palm: 'down', fingers: 'forward' }) })),
        exhale('They change places through the middle.', to({ sink: 12, hands: each({ near: 'navel', off: [0, 3, 7], palm: 'down', fingers: 'in' }, { near: 'lower dantian', off: [0, 0, 6], palm: 'up', fingers: 'in' }) })),
      ],
    },
    seated: {
      change: 'Raised hand no higher than the shoulder, pressing hand beside the seat.',
      cycle: [
        inhale('{Side} palm rises to the shoulder, {other} presses down.', to({ base: 'chair', hands: each({ near: 'middle dantian', off: [5, 3, 13], palm: 'up', fingers: 'forward' }, { near: 'hip', off: [3, -3, 1], palm: 'down', fingers: 'forward' }) })),
        exhale('They change places through the middle.', to({ base: 'chair', hands: each({ near: 'navel', off: [0, 4, 7], palm: 'down', fingers: 'in' }, { near: 'navel', off: [0, 0, 6], palm: 'up', fingers: 'in' }) })),
      ],
    },
  }),
  defineForm({
    id: 'brocade-look-back', name: 'Looking back', pinyin: 'Wǎng Hòu Qiáo', hanzi: '往後瞧', family: 'brocade', roles: ['balance', 'nourish'],
    actions: ['moves', 'calms'], phases: ['wood', 'water'], organs: ['gallbladder', 'bladder'],
    channels: [{ channel: 'GB', how: 'stretch' }, { channel: 'BL', how: 'stretch' }, { channel: 'GV', how: 'attend' }],
    points: ['GV14', 'GB20'], sides: 'alternating', pace: 'neck', setupSec: { known: 6, taught: 18 },
    repetitions: { least: 1, usual: 3, most: 6, multipleOf: 1 }, loosens: ['neck'], images: ['Looking at the moon over one shoulder.'],
    mistakes: [{ mistake: 'the hips go along', mend: 'Both hip bones stay to the front.' }],
    cycle: [
      inhale('Palms turn out, the crown lifts.', to({ sink: 6, trunk: { round: -5 }, hands: both({ near: 'reach', toward: [0.45, -1, 0], palm: 'forward' }) })),
      exhale('Look back past the {side} shoulder.', to({ sink: 6, trunk: { turn: 22, round: -5 }, head: { turn: 56 }, hands: both({ near: 'reach', toward: [0.5, -1, -0.15], palm: 'forward' }) })),
      inhale('Come back to the front, palms still out.', to({ sink: 6, trunk: { round: -5 }, hands: both({ near: 'reach', toward: [0.45, -1, 0], palm: 'forward' }) })),
      exhale('Let the arms hang and the knees soften.', to({ sink: 12 })),
    ],
    smaller: {
      change: 'Turn a third of the way; eyes finish the turn.',
      cycle: [
        inhale('Palms turn out, the crown lifts.', to({ sink: 6, hands: both({ near: 'reach', toward: [0.35, -1, 0], palm: 'forward' }) })),
        exhale('Turn a third to the {side}; eyes finish it.', to({ sink: 6, trunk: { turn: 8 }, head: { turn: 22 }, hands: both({ near: 'reach', toward: [0.35, -1, 0], palm: 'forward' }) })),
        inhale('Come back to the front, palms still out.', to({ sink: 6, hands: both({ near: 'reach', toward: [0.35, -1, 0], palm: 'forward' }) })),
        exhale('Let the arms hang.', to({ sink: 8 })),
      ],
    },
    seated: {
      change: 'The same from the chair.',
      cycle: [
        inhale('Palms turn out, the crown lifts.'),
        exhale('Look back past the {side} shoulder.'),
        inhale('Come back to the front, palms still out.'),
        exhale('Let the hands rest.'),
      ],
    },
  }),
  defineForm({
    id: 'brocade-sway', name: 'Swaying head and tail', pinyin: 'Yáo Tóu Bǎi Wěi', hanzi: '搖頭擺尾', family: 'brocade', roles: ['nourish'],
    actions: ['clears', 'moves'], polarity: 'yang', phases: ['fire'], organs: ['heart', 'small-intestine'],
    channels: [{ channel: 'HT', how: 'stretch' }, { channel: 'BL', how: 'stretch' }], points: ['HT8', 'KI1'], sides: 'alternating',
    pace: 'one-leg', stance: { start: 'wide', end: 'wide' }, footwork: 'Horse stance, knees inside the feet.',
    setupSec: { known: 8, taught: 30 }, level: 3, repetitions: { least: 1, usual: 3, most: 6, multipleOf: 1 },
    asks: { roundedJoints: ['hips'], staticHold: true }, images: ['A lion shaking water from its mane.'],
    mistakes: [{ mistake: 'the neck does the circle', mend: 'Move from the pelvis; the head only follows.' }, { mistake: 'head hangs below the knees', mend: 'Sweep no lower than the height of the navel.' }],
    parts: [{ part: 'horse stance, shifting side to side', watch: 'the knees stay inside the feet' }, { part: 'lean and return, hands on thighs', watch: 'the back stays long, the head no lower than the navel' }, { part: 'the tail alone', watch: 'the knees hold still while the pelvis swings' }, { part: 'lean, sweep and tail together', watch: 'the neck only follows' }],
    cycle: [
      inhale('Sit low, hands on thighs, weight to the {side}.', to({ feet: { turnOut: 18 }, sink: 64, weight: 0.62, trunk: { lean: 12 }, hands: both({ near: 'thigh', off: [0, 4.2, 0], elbow: 'out', fingers: 'in' }) })),
      exhale('Lean and sweep low across; the tail swings out.', through({ feet: { turnOut: 18 }, sink: 66, weight: 0.58, trunk: { lean: 34, bend: 16, turn: 8 }, hands: both({ near: 'thigh', off: [0, 4.2, 0], elbow: 'out', fingers: 'in' }) }, { feet: { turnOut: 18 }, sink: 66, weight: 0.42, trunk: { lean: 38, bend: -10, turn: -14 }, head: { turn: -10 }, hands: both({ near: 'thigh', off: [0, 4.2, 0], elbow: 'out', fingers: 'in' }) })),
      inhale('Roll up to the middle, the crown last.', to({ feet: { turnOut: 18 }, sink: 60, weight: 0.5, trunk: { lean: 12 }, hands: both({ near: 'thigh', off: [0, 4.2, 0], elbow: 'out', fingers: 'in' }) })),
      exhale('Sit there; let the knees open.', to({ feet: { turnOut: 18 }, sink: 64, weight: 0.5, trunk: { lean: 12 }, hands: both({ near: 'thigh', off: [0, 4.2, 0], elbow: 'out', fingers: 'in' }) })),
    ],
    smaller: {
      change: 'Shoulder-width feet; only shift and look to the far foot.', stance: { start: 'shoulder width', end: 'shoulder width' },
      asks: { staticHold: false },
      cycle: [
        inhale('Weight to the {side}, tall.', to({ sink: 10, weight: 0.65, hands: both(ON_HIPS) })),
        exhale('Lean a little, look to the far foot.', to({ sink: 16, weight: 0.6, trunk: { lean: 10, bend: 6 }, head: { turn: -24, nod: 8 }, hands: both(ON_HIPS) })),
        inhale('Come up to the middle.', to({ sink: 10, hands: both(ON_HIPS) })),
        exhale('Let the knees soften.', to({ sink: 14, hands: both(ON_HIPS) })),
      ],
    },
    seated: {
      change: 'From the chair, knees wide, hands on thighs.',
      cycle: [
        inhale('Knees wide, hands on thighs, sit to the {side}.', to({ base: 'chair', feet: chairWide, weight: 0.7, trunk: { bend: 4 }, hands: both(ON_THIGHS) })),
        exhale('Lean and sweep across; the tail swings out.', through({ base: 'chair', feet: chairWide, trunk: { lean: 16, bend: 10 }, hands: both(ON_THIGHS) }, { base: 'chair', feet: chairWide, trunk: { lean: 16, bend: -8 }, hands: both(ON_THIGHS) })),
        inhale('Come back to the middle.', to({ base: 'chair', feet: chairWide, hands: both(ON_THIGHS) })),
        exhale('Sit there, the hips wide.', to({ base: 'chair', feet: chairWide, hands: both(ON_THIGHS) })),
      ],
    },
  }),
  defineForm({
    id: 'brocade-hands-to-feet', name: 'Hands climb to the feet', pinyin: 'Pān Zú', hanzi: '攀足', family: 'brocade', roles: ['nourish'],
    actions: ['moves', 'nourishes'], phases: ['water'], organs: ['kidney', 'bladder'],
    channels: [{ channel: 'BL', how: 'stretch' }, { channel: 'KI', how: 'stretch' }, { channel: 'GV', how: 'stretch' }],
    points: ['BL23', 'BL40', 'GV4'], pace: 'fold', setupSec: { known: 7, taught: 26 }, level: 2,
    repetitions: { least: 1, usual: 3, most: 8, multipleOf: 1 }, images: ['A snow-laden branch bowing and coming up.'],
    mistakes: [{ mistake: 'straight knees, rounded back', mend: 'Bend the knees until the belly meets the thighs.' }, { mistake: 'jerking up', mend: 'Roll up over a whole breath, head last.' }],
    cautions: ['Rise slowly from the fold, head last.'],
    parts: [{ part: 'rubbing the low back', watch: 'the shoulders stay down' }, { part: 'the fold with bent knees', watch: 'the belly comes to the thighs before the hands go lower' }, { part: 'the roll up', watch: 'bone by bone, the head last' }, { part: 'all with the breath', watch: 'the breath leads; shorten the way rather than the breath' }],
    view: 'side',
    cycle: [
      inhale('Hands to the low back, grow tall.', to({ sink: 5, trunk: { lean: -2, round: -5 }, head: { nod: -3 }, hands: both(AT_KIDNEYS) })),
      exhale('Slide down the backs of the legs, head last.', through({ sink: 12, trunk: { lean: 36, round: 10 }, hands: both({ near: 'buttock', elbow: 'back' }) }, { sink: 18, trunk: { lean: 68, round: 32 }, hands: both({ near: 'calf', off: [0, 3, 0] }) }, { sink: 24, trunk: { lean: 86, round: 48 }, head: { nod: 14 }, hands: both({ near: 'ankle', off: [0, 0, 1] }) })),
      inhale('Bend the knees and roll up slowly.', through({ sink: 34, trunk: { lean: 46, round: 42 }, head: { nod: 16 }, hands: both({ near: 'shin', off: [0, 4, 1] }) }, { sink: 22, trunk: { lean: 14, round: 24 }, head: { nod: 14 }, hands: both({ near: 'thigh', off: [0, 3, 2] }) }, { sink: 10, hands: both({ near: 'hip' }) })),
      exhale('Stand and let the breath drop.', to({ sink: 12 })),
    ],
    smaller: {
      change: 'Slide only to the knees, head above the heart.',
      cycle: [
        inhale('Hands to the low back, grow tall.', to({ sink: 8, hands: both(AT_KIDNEYS) })),
        exhale('Slide down to the knees, head above the heart.', to({ sink: 24, trunk: { lean: 54, round: 12 }, head: { nod: -12 }, hands: both({ near: 'knee', off: [0, 2, 0] }) })),
        inhale('Bend the knees and come up slowly.', through({ sink: 20, trunk: { lean: 28, round: 8 }, hands: both({ near: 'thigh' }) }, { sink: 10, hands: both({ near: 'hip' }) })),
        exhale('Stand and let the breath drop.', to({ sink: 10 })),
      ],
    },
    seated: {
      change: 'Slide down the thighs to the knees.',
      cycle: [
        inhale('Hands to the low back, sit tall.', to({ base: 'chair', hands: both(AT_KIDNEYS) })),
        exhale('Slide along the thighs to the knees.', to({ base: 'chair', trunk: { lean: 30, round: 14 }, hands: both({ near: 'knee' }) })),
        inhale('Come up slowly.', through({ base: 'chair', trunk: { lean: 8, round: 6 }, hands: both(ON_THIGHS) }, { base: 'chair', hands: both(ON_THIGHS) })),
        exhale('Let the breath drop.', to({ base: 'chair', trunk: { round: 3 }, head: { nod: 3 }, hands: both(ON_THIGHS) })),
      ],
    },
  }),
  defineForm({
    id: 'brocade-clench-fists', name: 'Fists and bright eyes', pinyin: 'Cuán Quán Nù Mù', hanzi: '攢拳怒目', family: 'brocade',
    roles: ['nourish'], actions: ['moves', 'nourishes'], polarity: 'yang', phases: ['wood'], organs: ['liver', 'gallbladder'],
    channels: [{ channel: 'LR', how: 'stretch' }, { channel: 'GB', how: 'stretch' }], points: ['LR3', 'LR14'], sides: 'alternating',
    pace: 'turning', stance: { start: 'wide', end: 'wide' }, footwork: 'Horse stance, knees inside the feet.',
    setupSec: { known: 6, taught: 20 }, level: 2, repetitions: { least: 1, usual: 4, most: 9, multipleOf: 1 },
    images: ['A bud pushing out of hard wood.'],
    mistakes: [{ mistake: 'snapping the elbow straight', mend: 'Stop with the elbow still soft.' }], view: 'three-quarter',
    cycle: [
      exhale('{Side} fist grows forward, eyes wide.', to({ feet: horse, sink: 42, trunk: { turn: -10 }, hands: each({ near: 'reach', toward: [0, -0.05, 1], palm: 'in', ...fist }, { near: 'flank', off: [0, -1, 0], palm: 'up', fingers: 'forward', elbow: 'back', ...fist }) })),
      inhale('Open, turn the hand, draw it home.', through({ feet: horse, sink: 40, trunk: { turn: -4 }, hands: each({ near: 'reach', toward: [0.05, -0.05, 1], palm: 'up', share: 0.9 }, { near: 'flank', off: [0, -1, 0], palm: 'up', fingers: 'forward', elbow: 'back', ...fist }) }, { feet: horse, sink: 38, hands: both({ near: 'flank', off: [0, -1, 0], palm: 'up', fingers: 'forward', elbow: 'back', ...fist }) })),
    ],
    smaller: {
      change: 'Feet under the shoulders.', stance: { start: 'shoulder width', end: 'shoulder width' },
      cycle: [
        exhale('Feet under the shoulders: {side} fist grows forward, eyes wide.', to({ sink: 16, hands: each({ near: 'reach', toward: [0, -0.1, 1], palm: 'in', share: 0.85, ...fist }, { near: 'flank', off: [0, -1, 0], palm: 'up', fingers: 'forward', elbow: 'back', ...fist }) })),
        inhale('Open, turn the hand, draw it home.', to({ sink: 12, hands: both({ near: 'flank', off: [0, -1, 0], palm: 'up', fingers: 'forward', elbow: 'back', ...fist }) })),
      ],
    },
    seated: {
      change: 'From the chair, knees wide.',
      cycle: [
        exhale('Knees wide: {side} fist grows forward, eyes wide.'),
        inhale('Open, turn the hand, draw it home.'),
      ],
    },
  }),
] as const;
