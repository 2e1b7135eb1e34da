import { defineForm } from '../writing/define';
import { both, bow, each, fist, hook, ON_THIGHS } from '../writing/postures';
import { exhale, inhale, through, to } from '../writing/strokes';

// The phase and organ of an animal follow the school chosen in Customs, so none are written here.
// prettier-ignore
export const ANIMAL_FORMS = [
  defineForm({
    id: 'animal-tiger', name: 'Tiger raises its paws', pinyin: 'Hǔ Jǔ', hanzi: '虎舉', source: 'five-animals-standard', family: 'animal',
    roles: ['nourish'], actions: ['moves', 'nourishes'], polarity: 'yang', animal: 'tiger',
    channels: [{ channel: 'LR', how: 'stretch' }, { channel: 'LU', how: 'stretch' }, { channel: 'TE', how: 'stretch' }], points: ['LR14'],
    pace: 'animal', setupSec: { known: 6, taught: 24 }, level: 2, repetitions: { least: 1, usual: 4, most: 9, multipleOf: 1 },
    images: ['Lifting a heavy bell and setting it down.'],
    mistakes: [{ mistake: 'claws without strength in the fingers', mend: 'Bend the first two joints of every finger.' }],
    parts: [{ part: 'the claw', watch: 'every finger bends at its first two joints, the wrist stays free' }, { part: 'the lift with fists', watch: 'the shoulders stay low until the hands pass the eyes' }, { part: 'claw, fist, claw, fist, palm', watch: 'the hand changes at the chest, at the top, and at the chest again' }, { part: 'the turn at the top', watch: 'the eyes follow, the neck stays long' }, { part: 'all with the breath', watch: 'the breath leads; shorten the way rather than the breath' }],
    view: 'three-quarter',
    cycle: [
      inhale('Claws close and lift to the collarbones.', through({ sink: 14, hands: both({ near: 'navel', off: [5, 0, 7], palm: 'down', shape: 'claw' }) }, { sink: 10, hands: both({ near: 'collarbone', off: [1, 0, 8], palm: 'in', fingers: 'up', ...fist }) })),
      exhale('Shoulders sink, the fists wait there.', to({ sink: 13, hands: both({ near: 'collarbone', off: [1, 0, 8], palm: 'in', fingers: 'up', ...fist }) })),
      inhale('Push up past the eyes; claws open overhead.', through({ sink: 5, head: { nod: -11 }, hands: both({ near: 'reach', toward: [0.15, 1, 0.25], palm: 'forward', share: 0.92, ...fist }) }, { sink: 6, head: { nod: -11 }, hands: both({ near: 'reach', toward: [0.2, 1, 0.25], palm: 'forward', share: 0.92, shape: 'claw' }) })),
      exhale('Fists draw down past the chest; they open, palms press down.', through({ sink: 12, hands: both({ near: 'collarbone', off: [2, 0, 8], palm: 'in', fingers: 'up', ...fist }) }, { sink: 20, hands: both({ near: 'reach', toward: [0.4, -0.85, 0.5], palm: 'down', share: 0.78 }) })),
    ],
    smaller: {
      change: 'Lift to the chest.',
      cycle: [
        inhale('Claws close and lift to the chest.', to({ sink: 12, hands: both({ near: 'middle dantian', off: [6, 0, 8], palm: 'in', fingers: 'up', ...fist }) })),
        exhale('Claws open, draw down to the hips.', to({ sink: 14, hands: both({ near: 'reach', toward: [0.4, -0.85, 0.5], palm: 'down', share: 0.78, shape: 'claw' }) })),
      ],
    },
    seated: {
      change: 'From the chair, to the height of the chest.',
      cycle: [
        inhale('Sitting tall, claws close and lift to the chest.', to({ base: 'chair', hands: both({ near: 'middle dantian', off: [6, 0, 8], palm: 'in', fingers: 'up', ...fist }) })),
        exhale('Claws open, draw down beside the seat.', to({ base: 'chair', hands: both({ near: 'reach', toward: [0.5, -0.75, 0.6], palm: 'down', share: 0.7, shape: 'claw' }) })),
      ],
    },
  }),
  defineForm({
    id: 'animal-deer', name: 'Deer butts with its antlers', pinyin: 'Lù Dǐ', hanzi: '鹿抵', source: 'five-animals-standard', family: 'animal',
    roles: ['nourish'], actions: ['moves', 'nourishes'], animal: 'deer',
    channels: [{ channel: 'KI', how: 'stretch' }, { channel: 'GB', how: 'stretch' }, { channel: 'GV', how: 'stretch' }],
    points: ['GV4', 'BL23'], sides: 'alternating', pace: 'animal', stance: { start: 'bow', end: 'shoulder width' },
    footwork: 'A short step forward on the side you turn to.', setupSec: { known: 6, taught: 28 }, level: 3,
    repetitions: { least: 1, usual: 3, most: 6, multipleOf: 1 }, images: ['A deer listening behind itself.'],
    mistakes: [{ mistake: 'the knee twists', mend: 'Turn from the waist, about seven tenths of the way.' }],
    parts: [{ part: 'the antler hands', watch: 'middle fingers folded, thumb and little finger long' }, { part: 'the step', watch: 'the foot comes down empty before it takes weight' }, { part: 'the turn of the waist', watch: 'both knees stay over their feet' }, { part: 'the look back', watch: 'the back heel stays down, the turn stops at seven tenths' }],
    cycle: [
      inhale('Antlers lift to the {other} side.', to({ feet: bow(1.4), weight: 0.4, sink: 22, trunk: { turn: -24 }, head: { turn: -14 }, hands: each({ near: 'collarbone', of: 'other', off: [1, 0, 8], palm: 'down', fingers: 'in', elbow: 'out', shape: 'antler' }, { near: 'reach', toward: [0.8, 0.15, 0.6], palm: 'down', share: 0.85, shape: 'antler' }) })),
      exhale('Turn to the {side}, look to the back heel.', to({ feet: bow(1.4), weight: 0.66, sink: 30, trunk: { turn: 43, bend: 8 }, head: { turn: 40 }, hands: each({ near: 'hip', off: [1, 1, 1], elbow: 'back', shape: 'antler' }, { near: 'reach', toward: [-0.2, 0.75, 0.8], palm: 'out', share: 0.9, shape: 'antler' }) })),
      inhale('Come back to the front, antlers before the chest.', to({ feet: bow(1.4), weight: 0.5, sink: 16, hands: both({ near: 'collarbone', off: [3, -2, 9], palm: 'down', fingers: 'forward', shape: 'antler' }) })),
      exhale('Hands sink; sit between the feet.', to({ feet: bow(1.4), weight: 0.5, sink: 18 })),
    ],
    smaller: {
      change: 'Feet side by side, half the turn.', stance: { start: 'shoulder width', end: 'shoulder width' },
      cycle: [
        inhale('Antlers lift a little to the {other} side.', to({ sink: 12, trunk: { turn: -10 }, hands: both({ near: 'collarbone', off: [3, -2, 9], palm: 'down', fingers: 'forward', shape: 'antler' }) })),
        exhale('Half a turn to the {side}, eyes level.', to({ sink: 14, weight: 0.58, trunk: { turn: 22 }, head: { turn: 24 }, hands: each({ near: 'flank', off: [2, 0, 2], palm: 'out', elbow: 'back', shape: 'antler' }, { near: 'reach', toward: [-0.1, -0.12, 1], palm: 'out', share: 0.8, shape: 'antler' }) })),
        inhale('Come back to the front.', to({ sink: 8, hands: both({ near: 'collarbone', off: [3, -2, 9], palm: 'down', fingers: 'forward', shape: 'antler' }) })),
        exhale('Hands sink to the sides.', to({ sink: 10 })),
      ],
    },
    seated: {
      change: 'Turn on the sitting bones, half the turn.',
      cycle: [
        inhale('Antlers lift to the {other} side.', to({ base: 'chair', trunk: { turn: -10 }, hands: both({ near: 'collarbone', off: [3, -2, 9], palm: 'down', fingers: 'forward', shape: 'antler' }) })),
        exhale('Turn to the {side} and look.', to({ base: 'chair', trunk: { turn: 22 }, head: { turn: 24 }, hands: each({ near: 'flank', off: [3, 0, 2], palm: 'out', elbow: 'back', shape: 'antler' }, { near: 'reach', toward: [-0.1, 0, 1], palm: 'out', share: 0.8, shape: 'antler' }) })),
        inhale('Come back to the front.', to({ base: 'chair', hands: both({ near: 'collarbone', off: [3, -2, 9], palm: 'down', fingers: 'forward', shape: 'antler' }) })),
        exhale('Hands sink to the thighs.', to({ base: 'chair', hands: both(ON_THIGHS) })),
      ],
    },
  }),
  defineForm({
    id: 'animal-bear', name: 'Bear turns its belly', pinyin: 'Xióng Yùn', hanzi: '熊運', source: 'five-animals-standard', family: 'animal',
    roles: ['nourish'], actions: ['nourishes', 'calms'], animal: 'bear',
    channels: [{ channel: 'SP', how: 'trace' }, { channel: 'ST', how: 'trace' }, { channel: 'CV', how: 'trace' }], points: ['CV12', 'CV6'],
    sides: 'both-ways', pace: 'circling', setupSec: { known: 6, taught: 20 }, repetitions: { least: 1, usual: 3, most: 9, multipleOf: 1 },
    images: ['A heavy bear, full after summer.'], mistakes: [{ mistake: 'only the hands move', mend: 'The waist turns the hands.' }],
    cycle: [
      inhale('Bear paws circle up to the {way}, the trunk follows.', through({ sink: 18, trunk: { bend: 8, lean: 6 }, hands: both({ near: 'belly side', off: [-1, 0, 0.5], fingers: 'in', ...fist }) }, { sink: 10, trunk: { bend: 8, turn: 8 }, hands: each({ near: 'ribs', off: [0, -1, 0.5], fingers: 'in', ...fist }, { near: 'solar plexus', off: [0, 0, 0.5], fingers: 'in', ...fist }) })),
      exhale('And over and down across the belly.', through({ sink: 10, trunk: { bend: -6 }, hands: each({ near: 'solar plexus', off: [0, 0, 0.5], fingers: 'in', ...fist }, { near: 'ribs', off: [0, -1, 0.5], fingers: 'in', ...fist }) }, { sink: 20, trunk: { bend: -6, lean: 10 }, hands: both({ near: 'belly side', off: [-1, -1, 0.5], fingers: 'in', ...fist }) })),
    ],
    smaller: {
      change: 'Hands circle on the belly, trunk quiet.',
      cycle: [
        inhale('Bear paws circle up on the belly, to the {way}.', to({ sink: 12, hands: each({ near: 'ribs', off: [0, -2, 0.5], fingers: 'in', ...fist }, { near: 'solar plexus', off: [0, -1, 0.5], fingers: 'in', ...fist }) })),
        exhale('And over and down, the trunk quiet.', to({ sink: 14, hands: both({ near: 'belly side', off: [-1, -1, 0.5], fingers: 'in', ...fist }) })),
      ],
    },
    seated: {
      change: 'From the chair, trunk circling a little.',
      cycle: [
        inhale('Sitting tall, bear paws circle up to the {way}.'),
        exhale('And over and down; the trunk goes a little along.'),
      ],
    },
  }),
  defineForm({
    id: 'animal-monkey', name: 'Monkey lifts', pinyin: 'Yuán Tí', hanzi: '猿提', source: 'five-animals-standard', family: 'animal',
    roles: ['nourish'], actions: ['moves', 'nourishes'], polarity: 'yang', animal: 'monkey',
    channels: [{ channel: 'HT', how: 'stretch' }, { channel: 'PC', how: 'stretch' }], points: ['HT7', 'CV17'], sides: 'alternating',
    pace: 'animal', setupSec: { known: 6, taught: 28 }, level: 3, footwork: 'Heels rise with the lift and come down first.',
    repetitions: { least: 1, usual: 3, most: 6, multipleOf: 1 }, asks: { breath: ['pelvic-floor'] }, images: ['A monkey peering over a wall.'],
    mistakes: [{ mistake: 'wobbling on tiptoe', mend: 'Fix the gaze before the heels rise, or leave them down.' }],
    parts: [{ part: 'the hook hand', watch: 'five fingertips meet, the wrist hangs' }, { part: 'the lift, heels down', watch: 'the shoulders gather only as far as the neck stays free' }, { part: 'the pelvic floor with it', watch: 'drawn up lightly, and let go wholly' }, { part: 'the look', watch: 'the chin turns level' }, { part: 'the heels', watch: 'the gaze is fixed before they rise' }],
    cycle: [
      inhale('Hooks, shoulders and pelvic floor draw up; heels rise.', through({ sink: 12, hands: both({ near: 'lower dantian', off: [3, 0, 5], palm: 'down', ...hook }) }, { sink: 5, feet: { heels: 22 }, shoulders: { raise: 0.7 }, hands: both({ near: 'middle dantian', off: [3, 1, 5], palm: 'down', elbow: 'out', ...hook }) })),
      exhale('Up there, look to the {side}.', to({ sink: 5, feet: { heels: 22 }, shoulders: { raise: 0.7 }, head: { turn: 48 }, hands: both({ near: 'middle dantian', off: [3, 1, 5], palm: 'down', elbow: 'out', ...hook }) })),
      inhale('Look back to the front.', to({ sink: 5, feet: { heels: 22 }, shoulders: { raise: 0.7 }, hands: both({ near: 'middle dantian', off: [3, 1, 5], palm: 'down', elbow: 'out', ...hook }) })),
      exhale('Heels down, palms press down.', through({ sink: 6, feet: { heels: 14 }, hands: both({ near: 'middle dantian', off: [3, 0, 5], palm: 'down', elbow: 'out' }) }, { sink: 14, hands: both({ near: 'lower dantian', off: [4, -1, 6], palm: 'down', fingers: 'in', elbow: 'out' }) })),
    ],
    smaller: {
      change: 'Heels stay down, no pelvic floor.', asks: { breath: [] },
      cycle: [
        inhale('Hooks lift to the chest.', to({ sink: 8, shoulders: { raise: 0.4 }, hands: both({ near: 'middle dantian', off: [3, 0, 5], palm: 'down', elbow: 'out', ...hook }) })),
        exhale('Look to the {side}.', to({ sink: 8, shoulders: { raise: 0.4 }, head: { turn: 34 }, hands: both({ near: 'middle dantian', off: [3, 0, 5], palm: 'down', elbow: 'out', ...hook }) })),
        inhale('Look back to the front.', to({ sink: 8, shoulders: { raise: 0.4 }, hands: both({ near: 'middle dantian', off: [3, 0, 5], palm: 'down', elbow: 'out', ...hook }) })),
        exhale('Palms press down.', to({ sink: 12, hands: both({ near: 'lower dantian', off: [4, -1, 6], palm: 'down', fingers: 'in', elbow: 'out' }) })),
      ],
    },
    seated: {
      change: 'From the chair; hooks lift to the chest, look to the side.', asks: { breath: [] },
      cycle: [
        inhale('Hooks lift to the chest.', to({ base: 'chair', shoulders: { raise: 0.4 }, hands: both({ near: 'middle dantian', off: [3, 0, 5], palm: 'down', elbow: 'out', ...hook }) })),
        exhale('Look to the {side}.', to({ base: 'chair', shoulders: { raise: 0.4 }, head: { turn: 34 }, hands: both({ near: 'middle dantian', off: [3, 0, 5], palm: 'down', elbow: 'out', ...hook }) })),
        inhale('Look back to the front.', to({ base: 'chair', shoulders: { raise: 0.4 }, hands: both({ near: 'middle dantian', off: [3, 0, 5], palm: 'down', elbow: 'out', ...hook }) })),
        exhale('Palms press down.', to({ base: 'chair', hands: both({ near: 'navel', off: [4, 1, 6], palm: 'down', fingers: 'in', elbow: 'out' }) })),
      ],
    },
  }),
  defineForm({
    id: 'animal-bird', name: 'Bird stretches its wings', pinyin: 'Niǎo Shēn', hanzi: '鳥伸', source: 'five-animals-standard',
    family: 'animal', roles: ['nourish'], actions: ['moves', 'nourishes'], animal: 'bird',
    channels: [{ channel: 'LU', how: 'stretch' }, { channel: 'LI', how: 'stretch' }], points: ['LU1', 'CV17'], sides: 'alternating',
    pace: 'animal', footwork: 'Weight to one leg before the other is freed behind.', setupSec: { known: 6, taught: 28 }, level: 3,
    repetitions: { least: 1, usual: 3, most: 6, multipleOf: 1 }, images: ['A heron leaving the water.'],
    mistakes: [{ mistake: 'lifting the leg high', mend: 'Toes an inch off the floor are enough.' }],
    cautions: ['Fix the gaze; a chair within reach.'],
    parts: [{ part: 'the stack of hands', watch: 'the elbows hang, the chest stays soft' }, { part: 'the wings, both feet down', watch: 'the chest opens from the breastbone, not the low back' }, { part: 'the free leg', watch: 'all the weight is on the other foot first' }, { part: 'all with the breath', watch: 'the breath leads; shorten the way rather than the breath' }],
    view: 'three-quarter',
    cycle: [
      inhale('Hands stack and rise, shoulders gather.', through({ sink: 18, weight: 0.5, hands: each({ near: 'lower dantian', off: [0, 0, 6], palm: 'down', fingers: 'in' }, { near: 'lower dantian', off: [0, 1.2, 6], palm: 'down', fingers: 'in' }) }, { sink: 8, weight: 0.3, shoulders: { raise: 0.4 }, hands: each({ near: 'reach', toward: [-0.25, 0.55, 1], palm: 'down', share: 0.9 }, { near: 'reach', toward: [-0.25, 0.6, 1], palm: 'down', share: 0.9 }) })),
      exhale('Wings open back, the {side} leg floats behind.', through({ sink: 14, trunk: { lean: 14, round: -12 }, head: { nod: -14 }, feet: { lifted: { foot: 'left', thigh: -16, knee: 22, point: 34, out: 4 } }, hands: both({ near: 'reach', toward: [1, -0.1, -0.45], palm: 'up', share: 0.94, shape: 'feather' }) }, { sink: 12, trunk: { lean: 16, round: -13 }, head: { nod: -14 }, feet: { lifted: { foot: 'left', thigh: -18, knee: 22, point: 34, out: 4 } }, hands: both({ near: 'reach', toward: [1, -0.02, -0.5], palm: 'up', share: 0.95, shape: 'feather' }) })),
      inhale('The foot comes home, the wings float round to the front.', to({ sink: 10, weight: 0.5, hands: both({ near: 'reach', toward: [0.5, 0, 1], palm: 'down', share: 0.9, shape: 'feather' }) })),
      exhale('Sink, and let the wings fold.', to({ sink: 14 })),
    ],
    smaller: {
      change: 'Both feet stay down, wings to shoulder height.',
      cycle: [
        inhale('Hands stack and rise to the chest.', to({ sink: 10, hands: each({ near: 'middle dantian', off: [0, 0, 7], palm: 'down', fingers: 'in', elbow: 'out' }, { near: 'middle dantian', off: [0, 1.2, 7], palm: 'down', fingers: 'in', elbow: 'out' }) })),
        exhale('Wings open back and down, {side} a little more.', to({ sink: 12, weight: 0.4, hands: both({ near: 'reach', toward: [1, -0.55, -0.25], palm: 'back', share: 0.92, shape: 'feather' }) })),
        inhale('The wings float round to the front.', to({ sink: 8, hands: both({ near: 'reach', toward: [0.5, -0.3, 1], palm: 'down', share: 0.86, shape: 'feather' }) })),
        exhale('Let them fold.', to({ sink: 10 })),
      ],
    },
    seated: {
      change: 'Wings open from the chair.',
      cycle: [
        inhale('Hands stack and rise to the chest.', to({ base: 'chair', hands: each({ near: 'middle dantian', off: [0, 0, 7], palm: 'down', fingers: 'in', elbow: 'out' }, { near: 'middle dantian', off: [0, 1.2, 7], palm: 'down', fingers: 'in', elbow: 'out' }) })),
        exhale('Wings open and sink, {side} a little more.', to({ base: 'chair', hands: both({ near: 'reach', toward: [1, -0.5, -0.15], palm: 'back', share: 0.92, shape: 'feather' }) })),
        inhale('The wings float round to the front.', to({ base: 'chair', hands: both({ near: 'reach', toward: [0.5, -0.25, 1], palm: 'down', share: 0.84, shape: 'feather' }) })),
        exhale('Let them fold.', to({ base: 'chair', hands: both(ON_THIGHS) })),
      ],
    },
  }),
] as const;
