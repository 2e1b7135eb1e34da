import { defineForm } from '../writing/define';
import { both, each, HANGING, ON_HIPS, ON_THIGHS, off } from '../writing/postures';
import { exhale, freely, inhale, through, to } from '../writing/strokes';

// prettier-ignore
export const LOOSENING = [
  defineForm({
    id: 'loosen-ankles', name: 'Ankle circles', family: 'joint loosening', roles: ['loosen'], actions: ['moves'],
    channels: [{ channel: 'KI', how: 'stretch' }, { channel: 'ST', how: 'stretch' }], sides: 'alternating', pace: 'flowing',
    manner: 'natural', footwork: 'Weight on one leg, the other rests on its toes; change.',
    repetitions: { least: 2, usual: 2, most: 6, multipleOf: 1 }, loosens: ['ankles'],
    mistakes: [{ mistake: 'leaning onto the turning foot', mend: 'Keep nine tenths on the standing leg.' }],
    images: ['Stirring a small pot with the heel.'],
    cycle: [
      freely(4, 'Weight off the {side} foot, toes down: circle the ankle.', through(...[[18, 40], [-14, 46], [-14, 34], [18, 30], [8, 38]].map(([turn, heel]) => ({ weight: 0.08, sink: 10, feet: { turnOut: { left: turn }, heels: { left: heel } }, hands: both(ON_HIPS) })))),
      freely(4, 'And the other way round.', through(...[[18, 30], [-14, 34], [-14, 46], [18, 40], [8, 38]].map(([turn, heel]) => ({ weight: 0.08, sink: 10, feet: { turnOut: { left: turn }, heels: { left: heel } }, hands: both(ON_HIPS) })))),
    ],
    smaller: {
      change: 'One hand on a chair back.',
      cycle: [
        freely(4, 'Hand on the chair back, {side} foot light, toes down: circle the ankle.', through(...[[18, 10], [-10, 10], [-10, 8], [18, 8], [8, 9]].map(([turn, heel]) => ({ weight: 0.2, sink: 9, feet: { turnOut: { left: turn }, heels: { left: heel } }, hands: both(ON_HIPS) })))),
        freely(4, 'And the other way round.', through(...[[18, 8], [-10, 8], [-10, 10], [18, 10], [8, 9]].map(([turn, heel]) => ({ weight: 0.2, sink: 9, feet: { turnOut: { left: turn }, heels: { left: heel } }, hands: both(ON_HIPS) })))),
      ],
    },
    seated: {
      change: 'Lift the foot a little and circle it in the air.',
      cycle: [
        freely(4, 'Lift the {side} foot a little: circle the ankle.', through(...[[40, 8], [10, 2], [-15, 6], [10, 10], [25, 8]].map(([point, out]) => ({ base: 'chair' as const, feet: { lifted: { foot: 'left' as const, thigh: 92, knee: 66, point: point ?? 0, out: out ?? 0 } }, hands: both({ near: 'hip', off: [1, -3, 1], elbow: 'back' }) })))),
        freely(4, 'And the other way round.', through(...[[25, 8], [10, 10], [-15, 6], [10, 2], [40, 8]].map(([point, out]) => ({ base: 'chair' as const, feet: { lifted: { foot: 'left' as const, thigh: 92, knee: 66, point: point ?? 0, out: out ?? 0 } }, hands: both({ near: 'hip', off: [1, -3, 1], elbow: 'back' }) })))),
      ],
    },
  }),
  defineForm({
    id: 'loosen-knees', name: 'Knee circles', family: 'joint loosening', roles: ['loosen'], actions: ['moves'],
    channels: [{ channel: 'ST', how: 'stretch' }, { channel: 'SP', how: 'stretch' }], points: ['ST36'],
    stance: { start: 'feet together', end: 'feet together' }, sides: 'both-ways', pace: 'circling', manner: 'natural',
    footwork: 'Both feet stay planted; the weight circles a little with the knees.', asks: { roundedJoints: ['knees'] },
    repetitions: { least: 3, usual: 4, most: 9, multipleOf: 1 }, loosens: ['knees', 'ankles'],
    mistakes: [{ mistake: 'knees pushed past the toes', mend: 'Make the circle the size of a saucer.' }],
    images: ['Polishing two small plates.'], view: 'three-quarter',
    cycle: [
      freely(4, 'Hands above the knees: small circles to the {way}.', through(...[[0.62, 0.45, 34], [0.5, 0.3, 40], [0.38, 0.45, 34], [0.5, 0.62, 26], [0.55, 0.5, 30]].map(([weight, along, sink]) => ({ weight: weight ?? 0.5, along: along ?? 0.5, sink: sink ?? 30, trunk: { lean: 54, round: 16 }, head: { nod: -20 }, hands: both({ near: 'knee', off: [0, 1.5, 0] }) })))),
    ],
    smaller: {
      name: 'Bending the knees', change: 'Bend and straighten softly instead of circling.', asks: { roundedJoints: [] },
      cycle: [
        freely(4, 'Bend a little, and straighten without locking.', through({ sink: 34, trunk: { lean: 40, round: 8 }, head: { nod: -14 }, hands: both({ near: 'thigh' }) }, { sink: 14, trunk: { lean: 38, round: 8 }, head: { nod: -14 }, hands: both({ near: 'thigh' }) })),
      ],
    },
    seated: {
      name: 'Swinging the lower legs', change: 'Lift and lower each lower leg in turn.', asks: { roundedJoints: [] },
      cycle: [
        freely(4, 'The {way} lower leg swings up and down.', through({ base: 'chair', feet: { lifted: { foot: 'left', thigh: 90, knee: 20 } }, hands: both(ON_THIGHS) }, { base: 'chair', hands: both(ON_THIGHS) })),
      ],
    },
  }),
  defineForm({
    id: 'loosen-hips', name: 'Hip circles', family: 'joint loosening', roles: ['loosen'], actions: ['moves'],
    channels: [{ channel: 'GB', how: 'stretch' }, { channel: 'BL', how: 'stretch' }], points: ['GB30'], sides: 'both-ways',
    pace: 'circling', manner: 'natural', footwork: 'Both feet stay planted; the weight circles with the pelvis.',
    asks: { roundedJoints: ['hips'] }, repetitions: { least: 3, usual: 4, most: 12, multipleOf: 1 }, loosens: ['hips', 'spine'],
    mistakes: [{ mistake: 'the head swings about', mend: 'Keep the crown in one place; only the pelvis travels.' }],
    images: ['A bowl of water carried round without spilling.'],
    cycle: [
      freely(5, 'Hands on hips: a slow circle to the {way}.', through({ sink: 14, weight: 0.62, trunk: { bend: -13 }, head: { tilt: 6 }, hands: both(ON_HIPS) }, { sink: 20, trunk: { lean: 24 }, head: { nod: -12 }, hands: both(ON_HIPS) }, { sink: 14, weight: 0.38, trunk: { bend: 13 }, head: { tilt: -6 }, hands: both(ON_HIPS) }, { sink: 12, pelvis: { tuck: 8 }, trunk: { lean: -6, round: -10 }, head: { nod: 8 }, hands: both(ON_HIPS) }, { sink: 12, weight: 0.56, trunk: { bend: -7 }, hands: both(ON_HIPS) })),
    ],
    smaller: {
      change: 'Half the size, without leaning back.',
      cycle: [
        freely(5, 'Hands on hips: a small level circle to the {way}.', through({ sink: 12, weight: 0.56, trunk: { bend: -7 }, hands: both(ON_HIPS) }, { sink: 16, trunk: { lean: 12 }, hands: both(ON_HIPS) }, { sink: 12, weight: 0.44, trunk: { bend: 7 }, hands: both(ON_HIPS) }, { sink: 10, hands: both(ON_HIPS) })),
      ],
    },
    seated: {
      change: 'Circle the trunk over the sitting bones.', asks: { roundedJoints: [] },
      cycle: [
        freely(5, 'Circle the trunk to the {way}, sitting bones heavy.', through({ base: 'chair', trunk: { bend: 9, lean: 2 }, hands: both(ON_THIGHS) }, { base: 'chair', trunk: { lean: 16 }, hands: both(ON_THIGHS) }, { base: 'chair', trunk: { bend: -9, lean: 2 }, hands: both(ON_THIGHS) }, { base: 'chair', trunk: { lean: -6 }, hands: both(ON_THIGHS) }, { base: 'chair', hands: both(ON_THIGHS) })),
      ],
    },
  }),
  defineForm({
    id: 'loosen-side-bend', name: 'Side bends', family: 'joint loosening', roles: ['loosen'], actions: ['moves'], phases: ['wood'],
    organs: ['gallbladder', 'liver'], channels: [{ channel: 'GB', how: 'stretch' }, { channel: 'LR', how: 'stretch' }], points: ['LR14'],
    sides: 'alternating', pace: 'neck', repetitions: { least: 1, usual: 2, most: 6, multipleOf: 1 }, loosens: ['spine', 'shoulders'],
    mistakes: [{ mistake: 'tipping forward', mend: 'Stay between two panes of glass.' }],
    images: ['Bamboo bending and coming upright again.'],
    cycle: [
      inhale('{Other} arm rises by the ear.', to({ sink: 10, hands: each(HANGING, { near: 'reach', toward: [0.2, 1, 0.05], palm: 'in', share: 0.95 }) })),
      exhale('Lean to the {side}, the flank opens.', to({ sink: 10, trunk: { bend: 28 }, head: { tilt: 8 }, hands: each({ near: 'outer thigh', off: [0, -3, 0], palm: 'body' }, { near: 'reach', toward: [0.05, 1, 0.05], palm: 'in', share: 0.95 }) })),
      inhale('Come upright, the arm still by the ear.', to({ sink: 10, hands: each(HANGING, { near: 'reach', toward: [0.2, 1, 0.05], palm: 'in', share: 0.95 }) })),
      exhale('Let the arm float down.', to({ sink: 10 })),
    ],
    smaller: {
      change: 'Hand on the hip instead of over the head.',
      cycle: [
        inhale('Grow tall, {side} hand on the hip.', to({ sink: 8, hands: each(ON_HIPS, HANGING) })),
        exhale('Lean a little to the {side}.', to({ sink: 8, trunk: { bend: 15 }, hands: each(ON_HIPS, { near: 'outer thigh', off: [1, 2, 0] }) })),
        inhale('Come upright.', to({ sink: 8, hands: each(ON_HIPS, HANGING) })),
        exhale('Let the flank soften.', to({ sink: 8, hands: each(ON_HIPS, HANGING) })),
      ],
    },
    seated: {
      change: 'One hand holds the seat.',
      cycle: [
        inhale('{Side} hand holds the seat; grow tall.', to({ base: 'chair', hands: each({ near: 'hip', off: [2, -4, 2] }, ON_THIGHS) })),
        exhale('Lean to the {side}.', to({ base: 'chair', trunk: { bend: 15 }, hands: each({ near: 'hip', off: [4, -4, 2] }, ON_THIGHS) })),
        inhale('Come back to the middle.', to({ base: 'chair', hands: each({ near: 'hip', off: [2, -4, 2] }, ON_THIGHS) })),
        exhale('Let the flank soften.', to({ base: 'chair', hands: each({ near: 'hip', off: [2, -4, 2] }, ON_THIGHS) })),
      ],
    },
  }),
  defineForm({
    id: 'loosen-shoulders', name: 'Shoulder rolls', family: 'joint loosening', roles: ['loosen'], actions: ['moves'],
    channels: [{ channel: 'GB', how: 'stretch' }, { channel: 'TE', how: 'stretch' }, { channel: 'LI', how: 'stretch' }], points: ['GB21'],
    sides: 'both-ways', ways: ['back', 'forward'], pace: 'flowing', repetitions: { least: 3, usual: 4, most: 12, multipleOf: 1 },
    loosens: ['shoulders'], mistakes: [{ mistake: 'arms do the work', mend: 'Hang the arms like wet sleeves.' }],
    images: ['Warm oil poured into the joints.'], view: 'three-quarter',
    cycle: [
      freely(4.5, 'Roll the shoulders {way}: up, round and down.', through({ shoulders: { raise: 0.4, forward: 0.9 } }, { shoulders: { raise: 1 } }, { shoulders: { raise: 0.4, forward: -1 } }, {})),
    ],
    smaller: {
      change: 'Only lift and let go.',
      cycle: [
        freely(4.5, 'Lift the shoulders a little, and let them go.', through({ shoulders: { raise: 0.7 } }, {})),
      ],
    },
    seated: {
      change: 'Hands resting on the thighs.',
      cycle: [
        freely(4.5, 'Hands on the thighs: roll the shoulders {way}, up, round and down.'),
      ],
    },
  }),
  defineForm({
    id: 'loosen-wrists', name: 'Wrists and fingers', family: 'joint loosening', roles: ['loosen'], actions: ['moves'],
    channels: [{ channel: 'PC', how: 'stretch' }, { channel: 'TE', how: 'stretch' }, { channel: 'HT', how: 'stretch' }], points: ['PC8'],
    sides: 'both-ways', ways: ['outward', 'inward'], pace: 'flowing', manner: 'natural',
    repetitions: { least: 3, usual: 4, most: 12, multipleOf: 1 }, loosens: ['wrists'],
    mistakes: [{ mistake: 'gripping fists', mend: 'Hold an egg in each hand.' }], images: ['Rinsing the hands in a stream.'],
    cycle: [
      freely(4, 'Loose wrists circle {way}, fingers opening and closing.', through(...([['down', 'in'], ['in', 'up'], ['up', 'out'], ['up', 'forward'], ['down', 'forward']] as const).map(([palm, fingers]) => ({ hands: both({ near: 'navel' as const, off: off(6, 3, 9), palm, fingers }) })))),
    ],
    smaller: {
      change: 'Only open and close the fingers.',
      cycle: [
        freely(4, 'Open the fingers, and close them softly.', through({ hands: both({ near: 'navel', off: [6, 3, 9], palm: 'up', fingers: 'forward' }) }, { hands: both({ near: 'navel', off: [6, 3, 9], palm: 'up', fingers: 'forward', shape: 'loose fist' }) })),
      ],
    },
    seated: {
      change: 'Elbows resting by the sides.',
      cycle: [
        freely(4, 'Elbows at rest: loose wrists circle {way}, fingers opening and closing.'),
      ],
    },
  }),
  defineForm({
    id: 'loosen-neck', name: 'Neck, four places', family: 'joint loosening', roles: ['loosen'], actions: ['moves', 'calms'],
    channels: [{ channel: 'BL', how: 'stretch' }, { channel: 'GB', how: 'stretch' }, { channel: 'GV', how: 'stretch' }],
    points: ['GB20', 'GV14'], sides: 'alternating', pace: 'neck', repetitions: { least: 1, usual: 2, most: 4, multipleOf: 1 },
    loosens: ['neck'], cautions: ['Never roll the head in a full circle; stop short of any dizziness.'],
    mistakes: [{ mistake: 'chin lifts in the turn', mend: 'Keep the chin level, as if along a shelf.' }], images: ['An owl, unhurried.'],
    cycle: [
      inhale('Back of the neck long.', to({ head: { nod: -3 } })),
      exhale('Turn to look over the {side} shoulder.', to({ head: { turn: 52 } })),
      inhale('Come back to the front.', to({ head: { nod: -3 } })),
      exhale('Let the shoulders sink.', to({})),
    ],
    smaller: {
      change: 'Turn a third of the way, eyes leading.',
      cycle: [
        inhale('Back of the neck long, eyes to the {side}.', to({ head: { nod: -2 } })),
        exhale('The head follows the eyes a little.', to({ head: { turn: 20 } })),
        inhale('Come back to the front.', to({ head: { nod: -2 } })),
        exhale('Let the shoulders sink.', to({})),
      ],
    },
    seated: { change: 'The same, hands on the thighs.' },
  }),
] as const;
