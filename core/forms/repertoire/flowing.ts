import type { Hand } from '../../body';
import { defineForm } from '../writing/define';
import { AT_KIDNEYS, both, bow, each, HANGING, ON_BELLY, ON_THIGHS, PRESSED_DOWN } from '../writing/postures';
import { exhale, freely, inhale, pulse, through, to } from '../writing/strokes';

const millstone = (out: number, away: number): Hand => ({
  near: 'navel',
  off: [out, 1, away],
  palm: 'down',
  fingers: 'forward',
  elbow: 'low',
});

// prettier-ignore
export const FLOWING = [
  defineForm({
    id: 'parting-branches', name: 'Parting the branches', family: 'flowing pair', roles: ['nourish'], actions: ['nourishes', 'moves'],
    polarity: 'yang', phases: ['wood'], organs: ['liver', 'gallbladder'],
    channels: [{ channel: 'LR', how: 'stretch' }, { channel: 'GB', how: 'stretch' }], points: ['LR14', 'LR3'], pace: 'flowing',
    footwork: 'Weight even; the spine lengthens as the arms part.', repetitions: { least: 2, usual: 6, most: 18, multipleOf: 1 },
    images: ['Making a way through young willow.'], mistakes: [{ mistake: 'elbows lead', mend: 'Fingertips lead, elbows stay heavy.' }],
    cycle: [
      inhale('Backs of the hands meet and rise.', through({ sink: 18, hands: both({ near: 'lower dantian', off: [1, -1, 7], palm: 'out', fingers: 'down' }) }, { sink: 8, hands: both({ near: 'middle dantian', off: [1, -1, 10], palm: 'out', fingers: 'down', elbow: 'high' }) })),
      exhale('Part the branches, wide and low.', through({ sink: 12, hands: both({ near: 'reach', toward: [1, 0.05, 0.5], palm: 'out', share: 0.9 }) }, { sink: 20, hands: both({ near: 'reach', toward: [1, -0.7, 0.4], palm: 'down' }) })),
    ],
    smaller: {
      change: 'Hands no wider than the shoulders.',
      cycle: [
        inhale('Backs of the hands meet and rise a little.', to({ sink: 12, hands: both({ near: 'middle dantian', off: [1, -1, 9], palm: 'out', fingers: 'down', elbow: 'high' }) })),
        exhale('Part the branches as wide as the shoulders.', to({ sink: 14, hands: both({ near: 'navel', off: [8, 1, 8], palm: 'down' }) })),
      ],
    },
    seated: { change: 'The same from the chair.' },
  }),
  defineForm({
    id: 'new-growth', name: 'New growth reaches up', family: 'flowing pair', roles: ['nourish'], actions: ['nourishes', 'moves'],
    polarity: 'yang', phases: ['wood'], organs: ['gallbladder', 'liver'],
    channels: [{ channel: 'GB', how: 'stretch' }, { channel: 'LR', how: 'stretch' }], points: ['GB30', 'LR14'], sides: 'alternating',
    pace: 'turning', footwork: 'Weight moves to the side that reaches.', repetitions: { least: 1, usual: 4, most: 12, multipleOf: 1 },
    images: ['A shoot finding the light.'], mistakes: [{ mistake: 'hip sticks out', mend: 'Move the whole pelvis over the foot, level.' }],
    cycle: [
      inhale('Weight to the {side}, the {side} hand grows up.', through({ sink: 18, weight: 0.6, hands: each({ near: 'navel', off: [3, 0, 6], palm: 'body', fingers: 'up' }, { near: 'hip', off: [2, 0, 3] }) }, { sink: 10, weight: 0.76, trunk: { bend: -4 }, head: { nod: -8 }, hands: each({ near: 'reach', toward: [0.15, 1, 0.2], palm: 'in', share: 0.95 }, { near: 'hip', off: [2, -1, 3] }) })),
      exhale('It unfurls outward and comes down.', through({ sink: 14, weight: 0.65, trunk: { bend: 6 }, head: { turn: 18 }, hands: each({ near: 'reach', toward: [1, 0.2, 0.25], palm: 'up' }, { near: 'hip', off: [2, -1, 3] }) }, { sink: 14 })),
    ],
    smaller: {
      change: 'Reach to shoulder height.',
      cycle: [
        inhale('Weight to the {side}, the {side} hand grows to shoulder height.', to({ sink: 12, weight: 0.62, hands: each({ near: 'reach', toward: [0.2, -0.05, 1], palm: 'in', share: 0.85 }, HANGING) })),
        exhale('It unfurls outward and comes down.', through({ sink: 12, hands: each({ near: 'reach', toward: [1, -0.3, 0.4], palm: 'up' }, HANGING) }, { sink: 10 })),
      ],
    },
    seated: {
      change: 'Weight from one sitting bone to the other; reach forward and up to shoulder height.',
      cycle: [
        inhale('On the {side} sitting bone, the hand grows to shoulder height.', to({ base: 'chair', weight: 0.7, hands: each({ near: 'reach', toward: [0.2, -0.05, 1], palm: 'in', share: 0.85 }, ON_THIGHS) })),
        exhale('It unfurls outward and comes down.', through({ base: 'chair', weight: 0.6, hands: each({ near: 'reach', toward: [1, -0.3, 0.5], palm: 'up', share: 0.9 }, ON_THIGHS) }, { base: 'chair', hands: both(ON_THIGHS) })),
      ],
    },
  }),
  defineForm({
    id: 'opening-the-chest', name: 'Opening the chest', family: 'flowing pair', roles: ['nourish', 'loosen'], loosens: ['shoulders'], actions: ['nourishes', 'calms'],
    polarity: 'yang', phases: ['fire'], organs: ['heart', 'pericardium', 'small-intestine'],
    channels: [{ channel: 'HT', how: 'stretch' }, { channel: 'PC', how: 'stretch' }], points: ['CV17', 'PC8', 'HT8'], pace: 'flowing',
    repetitions: { least: 2, usual: 6, most: 18, multipleOf: 1 },
    images: ['A fan opened and folded.', 'The sun coming out on the breastbone.'],
    mistakes: [{ mistake: 'ribs flare forward', mend: 'Widen the back as much as the front.' }],
    cycle: [
      inhale('Arms open wide at chest height.', to({ sink: 8, trunk: { round: -8 }, hands: both({ near: 'reach', toward: [1, -0.05, 0.3], palm: 'forward', share: 0.9 }) })),
      exhale('Palms draw together before the heart.', to({ sink: 16, trunk: { round: 5 }, hands: both({ near: 'middle dantian', off: [2, 0, 10], palm: 'in', fingers: 'forward', elbow: 'low' }) })),
    ],
    smaller: {
      change: 'Open only as wide as the shoulders.',
      cycle: [
        inhale('Arms open as wide as the shoulders.', to({ sink: 8, hands: both({ near: 'middle dantian', off: [8, 0, 8], palm: 'in', elbow: 'low' }) })),
        exhale('Palms draw together before the heart.', to({ sink: 12, hands: both({ near: 'middle dantian', off: [3, 0, 9], palm: 'in', elbow: 'low' }) })),
      ],
    },
    seated: { change: 'The same from the chair.' },
  }),
  defineForm({
    id: 'palm-gate-breathing', name: 'Palm-gate breathing', family: 'inner breathing', roles: ['nourish'], actions: ['nourishes', 'calms'],
    polarity: 'yin', phases: ['fire'], organs: ['pericardium', 'heart', 'triple-burner'],
    channels: [{ channel: 'PC', how: 'attend' }, { channel: 'TE', how: 'attend' }], points: ['PC8', 'CV17'], pace: 'inner',
    repetitions: { least: 2, usual: 5, most: 18, multipleOf: 1 }, asks: { inwardImagery: true },
    images: ['Holding a small lamp between the hands.'],
    mistakes: [{ mistake: 'palms press together', mend: 'Leave a hand’s breadth of air.' }],
    entry: [
      freely(5, 'Palms face each other before the chest.', to({ sink: 12, hands: both({ near: 'middle dantian', off: [3, -2, 9], palm: 'in', fingers: 'forward' }) })),
    ],
    cycle: [
      inhale('Warmth comes in at the palms.', to({ sink: 10, hands: both({ near: 'middle dantian', off: [4, -2, 9], palm: 'in', fingers: 'forward' }) })),
      exhale('It spreads to the fingertips.', to({ sink: 13, hands: both({ near: 'middle dantian', off: [2.5, -2, 9], palm: 'in', fingers: 'forward' }) })),
    ],
    smaller: {
      change: 'Hands rest palm up on the thighs or by the sides.',
      entry: [
        freely(5, 'Hands rest, palms up or forward.'),
      ],
      cycle: [
        inhale('Hands at rest: warmth comes in at the palms.', to({ hands: both({ near: 'hanging', palm: 'forward' }) })),
        exhale('It spreads to the fingertips.', to({ sink: 12, hands: both({ near: 'hanging', palm: 'forward' }) })),
      ],
    },
    seated: {
      change: 'Elbows rest by the sides.',
      entry: [
        freely(5, 'Elbows by the sides, palms face each other.'),
      ],
      cycle: [
        inhale('Elbows at rest: warmth comes in at the palms.'),
        exhale('It spreads to the fingertips.'),
      ],
    },
  }),
  defineForm({
    id: 'three-rooms', name: 'Warming the three rooms', family: 'flowing pair', roles: ['nourish'], actions: ['nourishes', 'moves'],
    phases: ['fire'], organs: ['triple-burner', 'pericardium', 'small-intestine'],
    channels: [{ channel: 'TE', how: 'trace' }, { channel: 'CV', how: 'attend' }], points: ['CV17', 'CV12', 'CV6'], pace: 'flowing',
    repetitions: { least: 2, usual: 6, most: 18, multipleOf: 1 }, images: ['Carrying a lamp through three rooms.'],
    mistakes: [{ mistake: 'shoulders rise', mend: 'Let the elbows hang from the wrists.' }],
    cycle: [
      inhale('Palms rise from belly to throat.', through({ sink: 16, hands: both({ near: 'lower dantian', off: [2.5, 0, 5], palm: 'up', fingers: 'in' }) }, { sink: 8, hands: both({ near: 'middle dantian', off: [2.5, 5, 6], palm: 'up', fingers: 'in', elbow: 'low' }) })),
      exhale('Palms turn and smooth down to the belly.', through({ sink: 10, hands: both({ near: 'middle dantian', off: [3, 4, 6], palm: 'down', fingers: 'in', elbow: 'out' }) }, { sink: 18, hands: both({ near: 'lower dantian', off: [3, 0, 5], palm: 'down', fingers: 'in', elbow: 'out' }) })),
    ],
    smaller: {
      change: 'Only between belly and breastbone.',
      cycle: [
        inhale('Palms rise from belly to breastbone.'),
        exhale('Palms turn and smooth down to the belly.'),
      ],
    },
    seated: { change: 'The same from the chair.' },
  }),
  defineForm({
    id: 'turning-the-millstone', name: 'Turning the millstone', family: 'flowing pair', roles: ['nourish'], actions: ['nourishes', 'moves'],
    phases: ['earth'], organs: ['spleen', 'stomach'], channels: [{ channel: 'SP', how: 'stretch' }, { channel: 'ST', how: 'stretch' }],
    points: ['CV12', 'ST36'], sides: 'both-ways', pace: 'circling', stance: { start: 'bow', end: 'shoulder width' },
    footwork: 'One foot forward; weight rolls forward and back; change feet with the way.',
    repetitions: { least: 2, usual: 4, most: 12, multipleOf: 1 }, images: ['Grinding grain, unhurried.'],
    mistakes: [{ mistake: 'front knee past the toes', mend: 'Stop when the shin is upright.' }], view: 'three-quarter',
    cycle: [
      exhale('Weight forward, the millstone turns {way}.', through({ feet: bow(), weight: 0.4, sink: 24, trunk: { turn: 16 }, hands: both(millstone(3, 5)) }, { feet: bow(), weight: 0.68, sink: 36, trunk: { turn: 10, lean: 6 }, hands: both(millstone(5, 13)) })),
      inhale('Weight back, hands circle home to the belly.', through({ feet: bow(), weight: 0.55, sink: 30, trunk: { turn: -12 }, hands: both(millstone(4, 11)) }, { feet: bow(), weight: 0.36, sink: 26, trunk: { turn: -6 }, hands: both(millstone(4, 4)) })),
    ],
    smaller: {
      change: 'Feet side by side, a small circle from the waist.', stance: { start: 'shoulder width', end: 'shoulder width' },
      cycle: [
        exhale('Circle out to the {way}.', through({ sink: 16, trunk: { turn: 14 }, hands: both(millstone(3, 6)) }, { sink: 16, hands: both(millstone(4, 11)) })),
        inhale('Circle home to the belly.', through({ sink: 14, trunk: { turn: -12 }, hands: both(millstone(3, 8)) }, { sink: 14, hands: both(millstone(4, 4)) })),
      ],
    },
    seated: {
      change: 'Circle from the sitting bones.',
      cycle: [
        exhale('Lean and circle out to the {way}.', through({ base: 'chair', trunk: { turn: 14, lean: 6 }, hands: both({ ...millstone(3, 7), off: [3, 4, 7] }) }, { base: 'chair', trunk: { lean: 14 }, hands: both({ ...millstone(4, 12), off: [4, 4, 12] }) })),
        inhale('Circle home to the belly.', through({ base: 'chair', trunk: { turn: -12, lean: 4 }, hands: both({ ...millstone(3, 8), off: [3, 4, 8] }) }, { base: 'chair', hands: both({ ...millstone(4, 5), off: [4, 4, 5] }) })),
      ],
    },
  }),
  defineForm({
    id: 'belly-harvest', name: 'Gathering in the harvest', family: 'flowing pair', roles: ['nourish', 'balance'],
    actions: ['nourishes', 'calms'], polarity: 'yin', phases: ['earth'], organs: ['stomach', 'spleen'],
    channels: [{ channel: 'ST', how: 'attend' }, { channel: 'SP', how: 'attend' }, { channel: 'CV', how: 'attend' }],
    points: ['CV12', 'CV6', 'SP21'], pace: 'flowing', repetitions: { least: 2, usual: 6, most: 18, multipleOf: 1 },
    images: ['An armful of warm sheaves.'],
    mistakes: [{ mistake: 'bending the back to scoop', mend: 'Sink with the knees; the back stays tall.' }],
    cycle: [
      inhale('Scoop wide and low, gathering in.', through({ sink: 34, trunk: { lean: 10 }, hands: both({ near: 'reach', toward: [1, -0.8, 0.5], palm: 'up' }) }, { sink: 30, trunk: { lean: 6 }, hands: both({ near: 'reach', toward: [0.35, -0.8, 0.9], palm: 'up', share: 0.9 }) })),
      exhale('Bring it to the belly; let it settle.', through({ sink: 14, hands: both({ near: 'navel', off: [2.5, 1, 4], palm: 'up', fingers: 'in' }) }, { sink: 12, hands: both(ON_BELLY) })),
    ],
    smaller: {
      change: 'Scoop only as low as the hips.',
      cycle: [
        inhale('Scoop from beside the hips, gathering in.', to({ sink: 16, hands: both({ near: 'reach', toward: [0.9, -0.8, 0.5], palm: 'up', share: 0.9 }) })),
        exhale('Bring it to the belly; let it settle.', to({ sink: 12, hands: both(ON_BELLY) })),
      ],
    },
    seated: {
      change: 'Scoop beside the chair.',
      cycle: [
        inhale('Scoop from beside the seat, gathering in.', through({ base: 'chair', trunk: { lean: 6 }, hands: both({ near: 'reach', toward: [1, -0.7, 0.3], palm: 'up', share: 0.92 }) }, { base: 'chair', hands: both({ near: 'navel', off: [5, 4, 10], palm: 'body', fingers: 'in' }) })),
        exhale('Bring it to the belly; let it settle.', to({ base: 'chair', hands: both(ON_BELLY) })),
      ],
    },
  }),
  defineForm({
    id: 'mist-over-the-lake', name: 'Mist over the lake', family: 'flowing pair', roles: ['nourish'], actions: ['nourishes', 'calms'],
    polarity: 'yin', phases: ['metal'], organs: ['lung', 'large-intestine'],
    channels: [{ channel: 'LU', how: 'stretch' }, { channel: 'LI', how: 'stretch' }], points: ['LU1', 'LU9', 'CV17'], pace: 'flowing',
    repetitions: { least: 2, usual: 6, most: 18, multipleOf: 1 }, images: ['Clear morning air over still water.'],
    mistakes: [{ mistake: 'lifting with the shoulders', mend: 'Wrists float first; shoulders stay hung.' }],
    cycle: [
      inhale('Arms rise and widen, the chest fills.', through({ sink: 8, hands: both({ near: 'reach', toward: [0.25, -0.1, 1], palm: 'down', share: 0.92 }) }, { sink: 6, trunk: { round: -6 }, hands: both({ near: 'reach', toward: [1, -0.02, 0.45], palm: 'down', share: 0.94 }) })),
      exhale('Palms sink past the chest; shoulders follow.', through({ sink: 12, hands: both({ near: 'middle dantian', off: [5, 2, 9], palm: 'down', elbow: 'out' }) }, { sink: 20, hands: both(PRESSED_DOWN) })),
    ],
    smaller: {
      change: 'Only to the height of the ribs.',
      cycle: [
        inhale('Hands rise and widen to the ribs.', to({ sink: 8, hands: both({ near: 'reach', toward: [0.5, -0.45, 0.9], palm: 'down', share: 0.88 }) })),
        exhale('Palms sink; shoulders follow.', to({ sink: 14, hands: both(PRESSED_DOWN) })),
      ],
    },
    seated: { change: 'The same from the chair.' },
  }),
  defineForm({
    id: 'pushing-waves', name: 'Pushing waves', family: 'flowing pair', roles: ['nourish'], actions: ['moves', 'nourishes'],
    phases: ['metal', 'water'], organs: ['large-intestine', 'lung', 'bladder'],
    channels: [{ channel: 'LI', how: 'stretch' }, { channel: 'LU', how: 'stretch' }, { channel: 'BL', how: 'stretch' }],
    points: ['LI4', 'LU9'], sides: 'one-then-other', pace: 'wave', stance: { start: 'bow', end: 'shoulder width' },
    footwork: 'One foot steps forward once it is free; the back heel stays heavy.',
    repetitions: { least: 2, usual: 6, most: 12, multipleOf: 1 }, images: ['Tide in, tide out.'],
    mistakes: [{ mistake: 'leaning over the front knee', mend: 'Push from the back foot; the trunk stays upright.' }], view: 'side',
    cycle: [
      inhale('{Side} foot in front: sit back, hands draw in.', to({ feet: { ...bow(), toes: { left: 14 } }, weight: 0.22, sink: 30, hands: both({ near: 'ribs', off: [0, 0, 4], palm: 'forward', fingers: 'up', elbow: 'low' }) })),
      exhale('Roll forward and push the wave out.', to({ feet: { ...bow(), heels: { right: 8 } }, weight: 0.74, sink: 38, trunk: { lean: 5 }, hands: both({ near: 'reach', toward: [0.1, -0.1, 1], palm: 'forward', share: 0.92 }) })),
    ],
    smaller: {
      change: 'Feet side by side; rock from heels to toes.', stance: { start: 'shoulder width', end: 'shoulder width' },
      cycle: [
        inhale('Rock to the heels, hands draw in.', to({ sink: 16, along: 0.22, hands: both({ near: 'ribs', off: [0, 0, 4], palm: 'forward', fingers: 'up', elbow: 'low' }) })),
        exhale('Rock forward and push the wave out.', to({ sink: 14, along: 0.66, hands: both({ near: 'reach', toward: [0.1, -0.2, 1], palm: 'forward', share: 0.85 }) })),
      ],
    },
    seated: {
      change: 'Rock from the sitting bones; one hand leads.',
      cycle: [
        inhale('Sit back, hands draw in.', to({ base: 'chair', trunk: { lean: -5 }, hands: both({ near: 'ribs', off: [0, 0, 4], palm: 'forward', fingers: 'up', elbow: 'low' }) })),
        exhale('{Side} hand leads the wave out.', to({ base: 'chair', trunk: { lean: 8 }, hands: each({ near: 'reach', toward: [0.1, -0.15, 1], palm: 'forward', share: 0.88 }, ON_THIGHS) })),
      ],
    },
  }),
  defineForm({
    id: 'drawing-up-the-spring', name: 'Drawing up the spring', family: 'flowing pair', roles: ['nourish'], actions: ['nourishes', 'calms'],
    polarity: 'yin', phases: ['water'], organs: ['kidney', 'bladder'],
    channels: [{ channel: 'KI', how: 'attend' }, { channel: 'BL', how: 'stretch' }], points: ['KI1', 'GV4', 'BL23'], pace: 'flowing',
    repetitions: { least: 2, usual: 6, most: 18, multipleOf: 1 }, images: ['A deep well; a full bucket drawn slowly.'],
    mistakes: [{ mistake: 'arching the low back', mend: 'Let the tail hang heavy as the hands arrive.' }], view: 'three-quarter',
    cycle: [
      inhale('Draw up along the inner legs from the knees.', through({ sink: 50, trunk: { lean: 48, round: 24 }, head: { nod: -16 }, hands: both({ near: 'knee', off: [-2, -2, 0], palm: 'body' }) }, { sink: 30, trunk: { lean: 28, round: 10 }, hands: both({ near: 'inner thigh', off: [0, 2, 0] }) }, { sink: 8, hands: both({ near: 'belly side', fingers: 'down' }) })),
      exhale('Pour it into the low back, knees soft.', through({ sink: 10, hands: both({ near: 'hip', off: [1, 1, 1] }) }, { sink: 22, hands: both(AT_KIDNEYS) })),
    ],
    smaller: {
      change: 'Hands travel only from the hips.',
      cycle: [
        inhale('Draw up from the hips to the waist.', through({ sink: 16, hands: both({ near: 'hip' }) }, { sink: 12, hands: both({ near: 'belly side', off: [0, 2, 0], fingers: 'in' }) })),
        exhale('Pour it into the low back.', to({ sink: 16, hands: both(AT_KIDNEYS) })),
      ],
    },
    seated: {
      change: 'Draw up from the knees.',
      cycle: [
        inhale('Draw in along the inner thighs to the belly.', through({ base: 'chair', trunk: { lean: 14 }, hands: both({ near: 'knee', off: [-2, 0, 0] }) }, { base: 'chair', trunk: { lean: 6 }, hands: both({ near: 'thigh', off: [-2, 2, 0] }) }, { base: 'chair', hands: both({ near: 'belly side', off: [0, 1, 0], fingers: 'in' }) })),
        exhale('Palms warm the low back.', through({ base: 'chair', hands: both({ near: 'hip', off: [1, 2, 1] }) }, { base: 'chair', hands: both(AT_KIDNEYS) })),
      ],
    },
  }),
  defineForm({
    id: 'warming-the-kidneys', name: 'Warming the kidneys', family: 'self-massage', roles: ['nourish'], actions: ['nourishes', 'moves'],
    phases: ['water'], organs: ['kidney', 'bladder'], channels: [{ channel: 'BL', how: 'press' }, { channel: 'GV', how: 'press' }],
    points: ['BL23', 'GV4'], pace: 'flowing', manner: 'natural', settleSec: 8, asks: { rubs: ['low back'] },
    repetitions: { least: 2, usual: 6, most: 18, multipleOf: 1 }, loosens: ['spine'],
    cautions: ['In pregnancy rest the palms there without rubbing.'], images: ['Banking a small fire for the night.'],
    mistakes: [{ mistake: 'shoulders hunch', mend: 'Let the elbows drop back.' }], view: 'back',
    cycle: [
      freely(5, 'Warm palms rub the small of the back, up and down.', pulse(3, { sink: 12, hands: both({ ...AT_KIDNEYS, off: [0, 1.5, 0] }) }, { sink: 14, hands: both({ ...AT_KIDNEYS, off: [0, -1.5, 0] }) })),
    ],
    smaller: {
      name: 'Palms on the low back', change: 'Palms rest and warm without rubbing.', asks: { rubs: [] },
      cycle: [
        freely(5, 'Palms rest on the small of the back.', to({ sink: 10, hands: both(AT_KIDNEYS) })),
      ],
    },
    seated: {
      change: 'On the front of the chair, so that the hands have room.',
      cycle: [
        freely(5, 'On the front of the seat, warm palms rub the low back.'),
      ],
    },
  }),
  defineForm({
    id: 'deep-water-breathing', name: 'Breathing into the deep water', family: 'inner breathing', roles: ['nourish'],
    actions: ['nourishes', 'calms'], polarity: 'yin', phases: ['water'], organs: ['kidney', 'bladder'],
    channels: [{ channel: 'KI', how: 'attend' }, { channel: 'GV', how: 'attend' }], points: ['GV4', 'KI1', 'KI3'], pace: 'inner',
    manner: 'back', repetitions: { least: 2, usual: 5, most: 18, multipleOf: 1 }, asks: { inwardImagery: true },
    images: ['A lake seen from its floor.'],
    mistakes: [{ mistake: 'lifting the chest', mend: 'Let the front stay quiet; the back moves.' }], view: 'back',
    entry: [
      freely(5, 'Backs of the hands on the low back.', to({ sink: 12, hands: both({ ...AT_KIDNEYS, palm: 'back' }) })),
    ],
    cycle: [
      inhale('Breathe into the low back; it widens.', to({ sink: 10, pelvis: { tuck: 5 }, trunk: { round: 6 }, hands: both({ ...AT_KIDNEYS, palm: 'back' }) })),
      exhale('Sink to the soles.', to({ sink: 26, hands: both({ ...AT_KIDNEYS, palm: 'back' }) })),
    ],
    smaller: {
      change: 'Hands hang; only the breath goes there.',
      entry: [
        freely(5, 'Arms hang, shoulders easy.'),
      ],
      cycle: [
        inhale('Hands hanging, breathe into the low back; it widens.', to({ sink: 8 })),
        exhale('Sink to the soles.', to({ sink: 14 })),
      ],
    },
    seated: {
      change: 'From the chair, hands on the low back.',
      entry: [
        freely(5, 'Hands on the low back.'),
      ],
      cycle: [
        inhale('Sit tall; breathe into the low back, it widens.', to({ base: 'chair', trunk: { round: 3 }, hands: both(AT_KIDNEYS) })),
        exhale('Sink through the seat to the soles.', to({ base: 'chair', trunk: { round: 6 }, head: { nod: 3 }, hands: both(AT_KIDNEYS) })),
      ],
    },
  }),
] as const;
