import { along, CIRCLES, defineForm, FEW } from '../writing/define';
import {
  before,
  both,
  bow,
  each,
  ON_HIPS,
  ON_RIBS,
  ON_THIGHS,
  PALMS_TOGETHER,
  reaching,
  sit,
  stand,
  off,
} from '../writing/postures';
import { exhale, freely, inhale, through, to } from '../writing/strokes';

const atShoulders = {
  near: 'collarbone',
  off: off(4, 0, 5),
  palm: 'body',
  fingers: 'up',
} as const;

const forearm = (out: number, up: number) => both(before('navel', out, up, 9, 'in', 'forward'));

const drawn = {
  near: 'hand',
  of: 'other',
  off: off(0, -1.5, 1.2),
  palm: 'down',
  elbow: 'low',
} as const;

/** Loosening from the feet to the neck, beyond the first seven, and the waves, folds and turns of the spine. */
// prettier-ignore
export const JOINTS = [
  defineForm({
    id: 'loosen-feet-rocking', name: 'Rocking the feet', family: 'joint loosening', roles: ['loosen'],
    actions: ['moves', 'calms'], channels: along('stretch', 'KI', 'BL', 'ST'), points: ['KI1'], pace: 'flowing', manner: 'natural',
    footwork: 'The weight rolls from the heels to the toes and back.', repetitions: { least: 3, usual: 6, most: 18, multipleOf: 1 },
    loosens: ['ankles'], images: ['A boat at its mooring.'],
    mistakes: [{ mistake: 'bending at the waist', mend: 'Move as one piece from the ankles.' }], view: 'side',
    cycle: [
      freely(3, 'Roll to the balls of the feet.', to(stand(8, undefined, { along: 0.78 }))),
      freely(3, 'Roll back to the heels.', to(stand(8, undefined, { along: 0.2 }))),
    ],
    smaller: {
      change: 'Half as far, one hand on a chair back.',
      cycle: [
        freely(3, 'A little towards the balls of the feet.', to(stand(8, undefined, { along: 0.62 }))),
        freely(3, 'A little back towards the heels.', to(stand(8, undefined, { along: 0.3 }))),
      ],
    },
    seated: {
      change: 'Lift heels and toes in turn.',
      cycle: [
        freely(3, 'Lift the heels.', to(sit(both(ON_THIGHS), { feet: { heels: 20 } }))),
        freely(3, 'Heels down; lift the toes.', to(sit(both(ON_THIGHS), { feet: { toes: 16 } }))),
      ],
    },
  }),
  defineForm({
    id: 'loosen-leg-pendulum', name: 'The leg as a pendulum', family: 'joint loosening', roles: ['loosen'], actions: ['moves'],
    channels: along('stretch', 'ST', 'BL', 'GB'), points: ['GB30'], stance: { start: 'hip width', end: 'hip width' },
    sides: 'one-then-other', pace: 'flowing', manner: 'natural', footwork: 'Stand on one leg; the other foot floats free.', level: 2,
    asks: { roundedJoints: ['hips'] }, repetitions: { least: 3, usual: 4, most: 9, multipleOf: 1 }, loosens: ['hips', 'knees'],
    images: ['The weight of an old clock.'], mistakes: [{ mistake: 'kicking', mend: 'Let the leg fall; the swing comes of itself.' }],
    cautions: ['Keep a hand on a chair or wall if at all unsure.'], view: 'side',
    cycle: [
      freely(4, 'Let the {side} leg swing softly forward, and back.', through(stand(8, both(ON_HIPS), { weight: 0, feet: { lifted: { foot: 'left', thigh: 24, knee: 18 } } }), stand(8, both(ON_HIPS), { weight: 0, feet: { lifted: { foot: 'left', thigh: -12, knee: 30, point: 10 } } }))),
    ],
    smaller: {
      name: 'The foot slides', change: 'The toes stay on the floor and slide.', asks: { roundedJoints: [] },
      cycle: [
        freely(4, 'Slide the {side} toes forward, and back.', through(stand(10, both(ON_HIPS), { weight: 0.2, feet: { ahead: { foot: 'left', by: 0.7 } } }), stand(10, both(ON_HIPS), { weight: 0.2, feet: { ahead: { foot: 'right', by: 0.4 }, heels: { left: 10 } } }))),
      ],
    },
    seated: {
      change: 'Swing the lower leg from the knee.', asks: { roundedJoints: [] },
      cycle: [
        freely(4, 'Let the {side} lower leg swing forward and back.', through(sit(both(ON_THIGHS), { feet: { lifted: { foot: 'left', thigh: 90, knee: 40 } } }), sit(both(ON_THIGHS), { feet: { lifted: { foot: 'left', thigh: 90, knee: 95 } } }))),
      ],
    },
  }),
  defineForm({
    id: 'loosen-waist', name: 'Turning the waist', family: 'joint loosening', roles: ['loosen'], actions: ['moves'], phases: ['wood'],
    organs: ['gallbladder', 'liver'], channels: along('stretch', 'GB', 'BL'), points: ['GB26', 'GV4'], sides: 'alternating',
    pace: 'turning', footwork: 'Both feet stay planted, weight even.', repetitions: { least: 2, usual: 3, most: 9, multipleOf: 1 },
    loosens: ['spine', 'hips'], images: ['A gate turning on a well-oiled post.'],
    mistakes: [{ mistake: 'knees twist along', mend: 'Both knees keep looking forward.' }],
    cycle: [
      exhale('Hands on hips, turn the waist to the {side}.', to(stand(12, both(ON_HIPS), { trunk: { turn: 34 }, head: { turn: 10 } }))),
      inhale('Come home to the middle, tall.', to(stand(10, both(ON_HIPS)))),
    ],
    smaller: {
      change: 'A third of the turn.',
      cycle: [
        exhale('Hands on hips, a third of a turn to the {side}.'),
        inhale('Come home to the middle.'),
      ],
    },
    seated: {
      change: 'Turn on the sitting bones.',
      cycle: [
        exhale('Turn the waist to the {side}.', to(sit(both(ON_THIGHS), { trunk: { turn: 20 } }))),
        inhale('Come home to the middle, tall on the seat.', to(sit(both(ON_THIGHS)))),
      ],
    },
  }),
  defineForm({
    id: 'loosen-elbows', name: 'Elbow circles', family: 'joint loosening', roles: ['loosen'], actions: ['moves'],
    channels: along('stretch', 'LI', 'HT', 'PC'), points: ['LI11', 'HT3'], sides: 'both-ways', ways: ['outward', 'inward'], pace: 'flowing',
    manner: 'natural', repetitions: CIRCLES, loosens: ['wrists'], images: ['Winding two skeins of yarn.'],
    mistakes: [{ mistake: 'shoulders hunch', mend: 'Hang the elbows like plumb lines.' }],
    cycle: [
      freely(4, 'Forearms draw circles {way}, elbows quiet.', through(stand(9, forearm(4, 3)), stand(9, forearm(7, 6)), stand(9, forearm(10, 3)), stand(9, forearm(7, 0)), stand(9, forearm(5, 2)))),
    ],
    smaller: {
      change: 'Only bend and straighten.',
      cycle: [
        freely(4, 'Bend the elbows, and let them open.', through(stand(9, both(before('middle dantian', 6, 0, 7, 'up', 'forward'))), stand(9, both({ near: 'hanging', palm: 'in' })))),
      ],
    },
    seated: { change: 'The same from the chair.' },
  }),
  defineForm({
    id: 'loosen-fingers', name: 'Fingers one by one', family: 'joint loosening', roles: ['loosen', 'wake'], actions: ['moves', 'clears'],
    organs: ['lung', 'heart', 'pericardium', 'large-intestine', 'small-intestine', 'triple-burner'],
    channels: along('stretch', 'LU', 'LI', 'PC', 'TE', 'HT', 'SI'), points: ['LU11', 'LI1', 'PC9', 'TE1', 'HT9', 'SI1'],
    sides: 'one-then-other', pace: 'flowing', manner: 'natural', repetitions: { least: 1, usual: 2, most: 4, multipleOf: 1 },
    loosens: ['wrists'], images: ['Picking ripe berries from a stem.'],
    mistakes: [{ mistake: 'cracking the joints', mend: 'A long, slow draw; no jerk.' }], view: 'three-quarter',
    cycle: [
      freely(9, 'Draw out each {side} finger, thumb to little finger.', through(stand(9, each(before('navel', 3, 4, 8, 'up', 'forward'), drawn)), stand(9, each(before('navel', 3, 4, 8, 'up', 'forward'), { ...drawn, off: [0, -3, 1.2] })), stand(9, each(before('navel', 3, 4, 8, 'up', 'forward'), drawn)))),
    ],
    smaller: {
      change: 'Only stroke each finger.',
      cycle: [
        freely(9, 'Stroke each {side} finger, thumb to little finger.'),
      ],
    },
    seated: { change: 'The same, forearms on the thighs.' },
  }),
  defineForm({
    id: 'loosen-arm-wheels', name: 'Arm wheels', family: 'joint loosening', roles: ['loosen', 'wake'], actions: ['moves'], polarity: 'yang',
    channels: along('stretch', 'LU', 'LI', 'SI'), points: ['LI15', 'SI10'], sides: 'both-ways', ways: ['back', 'forward'], pace: 'circling',
    asks: { roundedJoints: ['shoulders'] }, repetitions: { least: 2, usual: 4, most: 9, multipleOf: 1 }, loosens: ['shoulders', 'spine'],
    images: ['Water wheels, one each side.'],
    mistakes: [{ mistake: 'forcing the arms past the ears', mend: 'Let the wheel tip forward a little.' }], view: 'side',
    cycle: [
      inhale('Arms rise and pass {way} overhead.', through(stand(10, both(reaching(0.2, -0.1, 1))), stand(6, both(reaching(0.3, 1, 0.15, 'in', 0.95))))),
      exhale('They come round and fall.', through(stand(10, both(reaching(1, 0.05, -0.1))), stand(14, both(reaching(0.5, -1, -0.1, 'back'))))),
    ],
    smaller: {
      change: 'Circle the elbows, fingertips near the shoulders.', asks: { roundedJoints: [] },
      cycle: [
        inhale('Elbows rise {way}, fingertips near the shoulders.', to(stand(8, both({ ...atShoulders, elbow: 'high' }), { shoulders: { raise: 0.6 } }))),
        exhale('They come round and down.', through(stand(9, both({ ...atShoulders, elbow: 'out' }), { shoulders: { forward: -0.6 } }), stand(10, both({ ...atShoulders, elbow: 'low' })))),
      ],
    },
    seated: {
      change: 'Elbow circles from the chair.', asks: { roundedJoints: [] },
      cycle: [
        inhale('Elbows rise {way}, fingertips near the shoulders.', to(sit(both({ ...atShoulders, elbow: 'high' }), { shoulders: { raise: 0.6 } }))),
        exhale('They come round and down.', through(sit(both({ ...atShoulders, elbow: 'out' }), { shoulders: { forward: -0.6 } }), sit(both({ ...atShoulders, elbow: 'low' })))),
      ],
    },
  }),
  defineForm({
    id: 'loosen-shoulder-blades', name: 'Opening the shoulder blades', family: 'joint loosening', roles: ['loosen'], actions: ['moves'],
    phases: ['metal'], organs: ['lung', 'large-intestine'], channels: along('stretch', 'LU', 'BL', 'SI'), points: ['LU1', 'BL13', 'SI11'],
    pace: 'flowing', repetitions: { least: 2, usual: 4, most: 12, multipleOf: 1 }, loosens: ['shoulders', 'spine'],
    images: ['Bellows opened and folded.'], mistakes: [{ mistake: 'arching the low back', mend: 'Open only above the lowest ribs.' }],
    view: 'three-quarter',
    cycle: [
      inhale('Elbows draw back, the chest widens.', to(stand(8, both(before('ribs', 3, 2, 3, 'in', 'forward')), { trunk: { round: -10 }, shoulders: { forward: -0.9 } }))),
      exhale('Arms wrap forward, the back widens.', to(stand(14, both(before('middle dantian', 0.5, 1, 11, 'body', 'in')), { trunk: { round: 14 }, shoulders: { forward: 1 }, head: { nod: 8 } }))),
    ],
    smaller: {
      change: 'Hands stay near the chest.',
      cycle: [
        inhale('Hands by the chest: the elbows ease back a little.'),
        exhale('Hands by the chest: the back widens.'),
      ],
    },
    seated: { change: 'The same from the chair.' },
  }),
  defineForm({
    id: 'loosen-neck-tilt', name: 'Ear towards the shoulder', family: 'joint loosening', roles: ['loosen'], actions: ['moves', 'calms'],
    phases: ['wood'], organs: ['gallbladder'], channels: along('stretch', 'GB', 'TE', 'LI'), points: ['GB20', 'GB21'], sides: 'alternating',
    pace: 'neck', repetitions: { least: 1, usual: 2, most: 4, multipleOf: 1 }, loosens: ['neck'], images: ['A heavy flower on its stem.'],
    mistakes: [{ mistake: 'the shoulder comes up to meet it', mend: 'Both hands stay heavy.' }],
    cautions: ['Never roll the head in a full circle; stop short of any dizziness.'],
    cycle: [
      inhale('Back of the neck long.', to(stand(8, undefined, { head: { nod: -3 } }))),
      exhale('{Side} ear sinks towards the shoulder.', to(stand(8, undefined, { head: { tilt: 30 } }))),
      inhale('Come back upright.', to(stand(8, undefined, { head: { nod: -3 } }))),
      exhale('Both shoulders soften.', to(stand(8))),
    ],
    smaller: {
      change: 'A third of the way.',
      cycle: [
        inhale('Back of the neck long.'),
        exhale('{Side} ear leans a little to the side.'),
        inhale('Come back upright.'),
        exhale('Both shoulders soften.'),
      ],
    },
    seated: { change: 'The same, hands on the thighs.' },
  }),
  defineForm({
    id: 'loosen-neck-turtle', name: 'Turtle draws in its head', family: 'joint loosening', roles: ['loosen'], actions: ['moves', 'calms'],
    phases: ['water'], organs: ['bladder'], channels: along('stretch', 'GV', 'BL'), points: ['GV14', 'BL10'], pace: 'turning',
    cautions: ['With a sore neck make it half as large.'], asks: { roundedJoints: ['neck'] },
    repetitions: { least: 2, usual: 3, most: 6, multipleOf: 1 }, loosens: ['neck'], images: ['A turtle looking out, and going home.'],
    mistakes: [{ mistake: 'tipping the head back', mend: 'The eyes stay on the horizon.' }], view: 'side',
    cycle: [
      inhale('Chin slides level forward and up a little.', to(stand(8, undefined, { trunk: { round: 5 }, head: { nod: -9 } }))),
      exhale('Chin draws in, the nape grows long.', to(stand(8, undefined, { trunk: { round: -3 }, head: { nod: 14 } }))),
    ],
    smaller: {
      change: 'Only draw the chin in and let go.', asks: { roundedJoints: [] },
      cycle: [
        inhale('Look level, the neck at ease.'),
        exhale('Chin draws in a little, the nape grows long.'),
      ],
    },
    seated: { change: 'The same, hands on the thighs.' },
  }),
  defineForm({
    id: 'spinal-wave', name: 'Wave through the spine', family: 'spinal wave', roles: ['loosen', 'wake', 'nourish'],
    actions: ['moves', 'nourishes'], phases: ['water'], organs: ['bladder', 'kidney'], channels: along('stretch', 'GV', 'BL', 'CV'),
    points: ['GV4', 'GV14', 'BL23'], pace: 'flowing', level: 2, setupSec: { known: 5, taught: 24 },
    repetitions: { least: 2, usual: 4, most: 12, multipleOf: 1 }, loosens: ['spine', 'hips', 'knees'],
    images: ['A wave running up a rope.'], mistakes: [{ mistake: 'all at once', mend: 'One joint after the other; the head is last.' }],
    parts: [{ part: 'knees and pelvis only', watch: 'the heels stay heavy' }, { part: 'belly and chest', watch: 'the shoulders come after the chest' }, { part: 'the whole rope', watch: 'each joint waits for the one below' }],
    view: 'side',
    cycle: [
      inhale('Knees, hips, belly, chest and head roll forward and up.', through(stand(34, undefined, { trunk: { lean: 8, round: 14 }, head: { nod: 12 } }), stand(26, both(reaching(0.4, -0.9, 0.3)), { pelvis: { tuck: 6 }, trunk: { lean: -4, round: -6 }, along: 0.5 }), stand(6, both(reaching(0.5, -0.6, 0.7)), { trunk: { round: -8 }, head: { nod: -6 } }))),
      exhale('Tail drops, the back rounds, and sinks.', through(stand(22, undefined, { pelvis: { tuck: 8 }, trunk: { round: 20 }, head: { nod: 14 } }), stand(34, undefined, { trunk: { lean: 10, round: 22 }, head: { nod: 16 } }))),
    ],
    smaller: {
      change: 'Only pelvis and low back.',
      cycle: [
        inhale('The pelvis rolls forward, the low back lengthens.', to(stand(16, both(ON_HIPS), { pelvis: { tuck: -6 }, trunk: { round: -4 } }))),
        exhale('The tail drops, the low back fills.', to(stand(18, both(ON_HIPS), { pelvis: { tuck: 8 }, trunk: { round: 8 } }))),
      ],
    },
    seated: {
      change: 'From the sitting bones upward.',
      cycle: [
        inhale('Pelvis, belly, chest and head roll forward and up.', through(sit(both(ON_THIGHS), { trunk: { lean: 8, round: 6 } }), sit(both(ON_THIGHS), { trunk: { round: -8 }, head: { nod: -5 } }))),
        exhale('Tail under, the back rounds.', to(sit(both(ON_THIGHS), { trunk: { lean: -2, round: 18 }, head: { nod: 14 } }))),
      ],
    },
  }),
  defineForm({
    id: 'spine-bellows', name: 'Rounding and opening the back', family: 'spinal wave', roles: ['loosen'], actions: ['moves', 'calms'],
    phases: ['water', 'metal'], organs: ['bladder', 'lung'], channels: along('stretch', 'GV', 'BL', 'CV'), points: ['BL23', 'GV4', 'CV17'],
    pace: 'flowing', footwork: 'Both feet stay planted, weight even, knees soft.',
    repetitions: { least: 2, usual: 4, most: 12, multipleOf: 1 }, loosens: ['spine'], images: ['A cat waking on a warm wall.'],
    mistakes: [{ mistake: 'the neck does most', mend: 'Begin at the tail each time.' }], view: 'side',
    cycle: [
      inhale('Hands on thighs, the breastbone looks forward.', to(stand(26, both({ near: 'thigh', off: [0, 1, 0] }), { trunk: { lean: 32, round: -8 }, head: { nod: -16 } }))),
      exhale('The back rounds, the navel draws in.', to(stand(28, both({ near: 'thigh', off: [0, 1, 0] }), { trunk: { lean: 26, round: 28 }, head: { nod: 16 } }))),
    ],
    smaller: {
      change: 'Hands on the hips, standing tall.',
      cycle: [
        inhale('Hands on the hips, the breastbone looks forward.', to(stand(12, both(ON_HIPS), { trunk: { round: -7 } }))),
        exhale('The back fills a little, standing tall.', to(stand(14, both(ON_HIPS), { trunk: { round: 16 }, head: { nod: 12 } }))),
      ],
    },
    seated: {
      change: 'Hands on the thighs, from the chair.',
      cycle: [
        inhale('Hands on thighs, sit tall, the breastbone looks forward.', to(sit(both(ON_THIGHS), { trunk: { lean: 8, round: -8 }, head: { nod: -4 } }))),
        exhale('The back rounds, the navel draws in.', to(sit(both(ON_THIGHS), { trunk: { lean: 4, round: 22 }, head: { nod: 14 } }))),
      ],
    },
  }),
  defineForm({
    id: 'dragon-spine', name: 'Swimming dragon', pinyin: 'Yóu Lóng', hanzi: '游龍', family: 'spinal wave', roles: ['nourish', 'wake'],
    actions: ['moves', 'nourishes'], polarity: 'yang', phases: ['wood', 'water'], organs: ['liver', 'gallbladder', 'kidney'],
    channels: along('stretch', 'GB', 'LR', 'BL'), points: ['LR14', 'GV4'], sides: 'alternating', pace: 'turning',
    footwork: 'The weight moves from foot to foot, feet planted.', level: 3, setupSec: { known: 6, taught: 28 },
    repetitions: { least: 2, usual: 4, most: 9, multipleOf: 1 }, loosens: ['spine', 'hips'], images: ['An eel in slow, green water.'],
    mistakes: [{ mistake: 'only the hands draw the curve', mend: 'Hips go the other way first; the hands answer.' }],
    parts: [{ part: 'hips side to side', watch: 'the shoulders stay where they are' }, { part: 'palms alone', watch: 'the palms stay together without pressing' }, { part: 'hips and palms against each other', watch: 'the hips go first' }],
    cycle: [
      inhale('Joined palms glide up to the {side}.', through(stand(24, both({ ...PALMS_TOGETHER, off: [0.4, -4, 8] }), { weight: 0.36, trunk: { bend: 10 } }), stand(12, both({ ...PALMS_TOGETHER, off: [0.4, 6, 8] }), { weight: 0.34, trunk: { bend: 14 }, head: { tilt: 6 } }))),
      exhale('Hips sway away, palms swim down across.', through(stand(20, both(PALMS_TOGETHER), { weight: 0.6, trunk: { bend: -8 } }), stand(30, both({ ...PALMS_TOGETHER, off: [0.4, -6, 9], fingers: 'forward' }), { weight: 0.5 }))),
    ],
    smaller: {
      change: 'Hips quiet, palms at the height of the ribs.',
      cycle: [
        inhale('Joined palms glide to the {side} ribs.', to(stand(12, both({ ...PALMS_TOGETHER, off: [0.4, -1, 8] }), { weight: 0.44, trunk: { bend: 5 } }))),
        exhale('They swim across before the ribs, hips quiet.', to(stand(16, both({ ...PALMS_TOGETHER, off: [0.4, -4, 9], fingers: 'forward' }), { weight: 0.53, trunk: { bend: -3 } }))),
      ],
    },
    seated: {
      change: 'From one sitting bone to the other.',
      cycle: [
        inhale('Joined palms glide up to the {side}.', to(sit(both({ ...PALMS_TOGETHER, off: [0.4, 2, 8] }), { weight: 0.6, trunk: { bend: 10 } }))),
        exhale('Sitting bones sway away, palms swim down across.', to(sit(both({ ...PALMS_TOGETHER, off: [0.4, -2, 9], fingers: 'forward' }), { trunk: { bend: -4 } }))),
      ],
    },
  }),
  defineForm({
    id: 'hanging-fold', name: 'Hanging like a coat', family: 'twist and bend', roles: ['loosen'], actions: ['moves', 'calms'],
    phases: ['water'], organs: ['bladder', 'kidney'], channels: along('stretch', 'BL', 'GV'), points: ['BL40', 'BL57'], pace: 'fold',
    level: 2, repetitions: { least: 1, usual: 2, most: 4, multipleOf: 1 }, loosens: ['spine', 'hips'],
    images: ['A heavy coat over a rail.'], mistakes: [{ mistake: 'straight knees', mend: 'Bend until the belly rests on the thighs.' }],
    cautions: ['Rise slowly from the fold, head last.'], view: 'side',
    cycle: [
      inhale('Grow tall.', to(stand(5, undefined, { head: { nod: -3 } }))),
      exhale('Roll down with bent knees, arms hanging.', through(stand(22, both({ near: 'hanging', off: [0, 0, 2] }), { trunk: { lean: 40, round: 40 }, head: { nod: 20 } }), stand(34, both({ near: 'shin', off: [0, 0, 3], palm: 'body' }), { trunk: { lean: 82, round: 50 }, head: { nod: 18 } }))),
      inhale('Stay hung; breathe into the back.', to(stand(34, both({ near: 'shin', off: [0, -1, 3], palm: 'body' }), { trunk: { lean: 81, round: 48 }, head: { nod: 18 } }))),
      exhale('Hang a little heavier.', to(stand(36, both({ near: 'shin', off: [0, -2, 3], palm: 'body' }), { trunk: { lean: 84, round: 56 }, head: { nod: 20 } }))),
      inhale('Press the feet, roll up slowly, head last.', through(stand(30, both({ near: 'knee', off: [0, 1, 2], palm: 'body' }), { trunk: { lean: 48, round: 44 }, head: { nod: 18 } }), stand(18, both({ near: 'thigh', off: [0, 2, 2] }), { trunk: { lean: 14, round: 24 }, head: { nod: 14 } }), stand(8))),
      exhale('Stand, and let the breath drop.', to(stand(11))),
    ],
    smaller: {
      change: 'Hands on the thighs, half way, head above the heart.',
      cycle: [
        inhale('Grow tall, hands to the thighs.', to(stand(8))),
        exhale('Hands slide half way down, head above the heart.', to(stand(24, both({ near: 'thigh', off: [0, -2, 0] }), { trunk: { lean: 46, round: 10 }, head: { nod: -8 } }))),
        inhale('Stay half way; breathe into the back.', to(stand(24, both({ near: 'thigh', off: [0, -2, 0] }), { trunk: { lean: 45, round: 10 }, head: { nod: -8 } }))),
        exhale('Let the back of the neck be long.', to(stand(25, both({ near: 'thigh', off: [0, -2, 0] }), { trunk: { lean: 48, round: 12 }, head: { nod: -6 } }))),
        inhale('Press the feet and come up slowly.', through(stand(16, both({ near: 'thigh', off: [0, 2, 0] }), { trunk: { lean: 18, round: 6 } }), stand(8))),
        exhale('Tall again; let the breath drop.', to(stand(11))),
      ],
    },
    seated: {
      change: 'Fold over the thighs, forearms resting.',
      cycle: [
        inhale('Sit tall, feet wide.', to(sit())),
        exhale('Fold towards the thighs, forearms resting there.', to(sit(both({ near: 'knee' }), { trunk: { lean: 30, round: 14 }, head: { nod: -4 } }))),
        inhale('Stay on the forearms; breathe into the back.', to(sit(both({ near: 'knee' }), { trunk: { lean: 29, round: 13 }, head: { nod: -4 } }))),
        exhale('Let the arms carry the weight.', to(sit(both({ near: 'knee' }), { trunk: { lean: 31, round: 18 }, head: { nod: -2 } }))),
        inhale('Hands press the thighs; come up slowly.', through(sit(both(ON_THIGHS), { trunk: { lean: 10, round: 8 } }), sit())),
        exhale('Sit tall, and let the breath drop.', to(sit())),
      ],
    },
  }),
  defineForm({
    id: 'figure-eight-hang', name: 'Hanging, drawing loops', family: 'twist and bend', roles: ['loosen', 'wake'],
    actions: ['moves', 'clears'], phases: ['wood', 'water'], organs: ['gallbladder', 'bladder', 'liver'],
    channels: along('stretch', 'GB', 'BL', 'LR'), points: ['BL23', 'GB30'], sides: 'alternating', pace: 'fold', level: 3,
    footwork: 'The weight moves from foot to foot, knees bent.', setupSec: { known: 6, taught: 24 },
    repetitions: { least: 2, usual: 3, most: 6, multipleOf: 1 }, loosens: ['spine', 'hips', 'shoulders'],
    images: ['A rope drawing loops on the water.'],
    mistakes: [{ mistake: 'hurrying the arms', mend: 'One pass to a breath; slower if the head spins.' }],
    cautions: ['Rise slowly from the fold, head last.', 'With a sore disc leave this out: it loads the fold with a turn.'],
    parts: [{ part: 'the half fold, hands on thighs', watch: 'the head stays above the heart' }, { part: 'shifting side to side in it', watch: 'the knees stay bent' }, { part: 'the loops of the arms', watch: 'slower if the head spins' }],
    cycle: [
      inhale('Half folded, both arms swing up towards the {side}.', to(stand(40, each({ near: 'knee', off: [5, 4, 4], palm: 'body' }, { near: 'knee', of: 'other', off: [1, 4, 5], palm: 'body' }), { weight: 0.66, trunk: { lean: 50, round: 16, turn: 22 }, head: { nod: -6 } }))),
      exhale('They drop, pass below and go over to the other side.', to(stand(44, both({ near: 'shin', off: [-2, 5, 4], palm: 'body' }), { trunk: { lean: 58, round: 22 }, head: { nod: 6 } }))),
    ],
    smaller: {
      name: 'Drawing loops', change: 'Standing, the arms draw the loops before the hips.',
      cycle: [
        inhale('Before the hips, both arms swing up to the {side}.', to(stand(14, each(reaching(0.7, -0.75, 0.5, 'up', 0.85), reaching(-0.2, -0.75, 0.7, 'in', 0.8)), { weight: 0.6, trunk: { turn: 12 } }))),
        exhale('They drop and go over to the other side.', to(stand(16, both(before('lower dantian', 3, 0, 8, 'body', 'down'))))),
      ],
    },
    seated: {
      name: 'Drawing loops on the seat', change: 'From the chair, the arms draw the loops.',
      cycle: [
        inhale('Sitting tall, both arms swing up to the {side}.', to(sit(each(reaching(0.7, -0.5, 0.7, 'up', 0.8), reaching(-0.1, -0.45, 0.9, 'in', 0.78)), { trunk: { turn: 12, lean: 6 } }))),
        exhale('They drop and go over to the other side.', to(sit(both(before('navel', 3, 1, 10, 'down', 'forward')), { trunk: { lean: 10 } }))),
      ],
    },
  }),
  defineForm({
    id: 'bow-from-the-hips', name: 'Bowing from the hips', family: 'twist and bend', roles: ['loosen'],
    actions: ['calms', 'moves'], polarity: 'yin', phases: ['water'], organs: ['bladder'], channels: along('stretch', 'BL', 'GV'),
    points: ['BL40', 'GV20'], pace: 'fold', repetitions: { least: 1, usual: 3, most: 9, multipleOf: 1 }, loosens: ['hips', 'spine'],
    images: ['A long, slow greeting.'], mistakes: [{ mistake: 'rounding the neck', mend: 'Crown and tail pull away from each other.' }],
    view: 'side',
    cycle: [
      exhale('Palms together, bow from the hips, the back long.', to(stand(16, both(PALMS_TOGETHER), { trunk: { lean: 48 }, head: { nod: -6 } }))),
      inhale('Come up tall, the crown lifts.', to(stand(8, both(PALMS_TOGETHER), { head: { nod: -3 } }))),
    ],
    smaller: {
      change: 'A small bow.',
      cycle: [
        exhale('Palms together, a small bow from the hips.'),
        inhale('Come up tall, the crown lifts.'),
      ],
    },
    seated: {
      change: 'From the chair.',
      cycle: [
        exhale('Palms together, a small bow from the sitting bones.', to(sit(both(PALMS_TOGETHER), { trunk: { lean: 26 }, head: { nod: -3 } }))),
        inhale('Come back, sit tall.', to(sit(both(PALMS_TOGETHER), { head: { nod: -3 } }))),
      ],
    },
  }),
  defineForm({
    id: 'twist-to-the-heel', name: 'Turning to find the heel', family: 'twist and bend', roles: ['loosen', 'nourish'],
    actions: ['moves', 'nourishes'], phases: ['wood'], organs: ['gallbladder', 'liver'], channels: along('stretch', 'GB', 'LR', 'BL'),
    points: ['GB26', 'LR14'], sides: 'alternating', pace: 'turning',
    footwork: 'Both feet stay planted; the weight settles on the foot you look at.',
    repetitions: { least: 1, usual: 3, most: 6, multipleOf: 1 }, loosens: ['spine', 'neck'],
    images: ['Seeing who follows you up the stairs.'],
    mistakes: [{ mistake: 'the knee caves in', mend: 'Stop at seven tenths; the knee stays over the foot.' }],
    cycle: [
      exhale('Turn to the {side} until the eyes find that heel.', to(stand(20, each(before('hip', 3, 0, 4, 'down', 'forward'), before('middle dantian', 0, 0, 9, 'out', 'in')), { weight: 0.64, trunk: { turn: 38 }, head: { turn: 44, nod: 14 } }))),
      inhale('Come back, palms to the breastbone.', to(stand(10, both(before('middle dantian', 3, 0, 8, 'body', 'in'))))),
    ],
    smaller: {
      change: 'Half the turn, eyes finish it.',
      cycle: [
        exhale('Half a turn to the {side}, eyes finish it.'),
        inhale('Come back, palms to the breastbone.'),
      ],
    },
    seated: {
      change: 'Turn on the sitting bones, look past the seat.',
      cycle: [
        exhale('Turn to the {side}, look down past the seat.', to(sit(each({ near: 'hip', off: [2, 0, 2] }, before('middle dantian', 2, 0, 10, 'out', 'in')), { trunk: { turn: 22 }, head: { turn: 26, nod: 8 } }))),
        inhale('Come back, palms to the breastbone.', to(sit(both(before('middle dantian', 3, 0, 8, 'body', 'in'))))),
      ],
    },
  }),
  defineForm({
    id: 'crescent-moon', name: 'Crescent moon', family: 'twist and bend', roles: ['nourish', 'loosen'], actions: ['moves', 'nourishes'],
    phases: ['wood'], organs: ['gallbladder', 'liver'], channels: along('stretch', 'GB', 'LR'), points: ['GB24', 'LR13'],
    sides: 'alternating', pace: 'neck', footwork: 'Both feet stay planted.', level: 2,
    repetitions: { least: 1, usual: 3, most: 6, multipleOf: 1 }, loosens: ['spine', 'shoulders'],
    images: ['The thin moon leaning on the evening.'],
    mistakes: [{ mistake: 'collapsing on the lower side', mend: 'First up, then over.' }],
    cycle: [
      inhale('Joined palms rise overhead.', to(stand(6, both(before('crown', 1, 9, 2, 'in', 'up'))))),
      exhale('Bend to the {side} as a whole bow.', to(stand(8, both(reaching(-0.25, 1, 0.1, 'in', 0.9)), { trunk: { bend: 22 }, head: { tilt: 4 } }))),
      inhale('Come upright, still reaching up.', to(stand(6, both(before('crown', 1, 9, 2, 'in', 'up'))))),
      exhale('Let the arms open and float down.', to(stand(6, both(reaching(0.9, -0.1, 0.3))))),
    ],
    smaller: {
      change: 'Hands on the ribs.',
      cycle: [
        inhale('Hands on the ribs, grow tall.', to(stand(6, both(ON_RIBS)))),
        exhale('Bend to the {side} a little.', to(stand(8, both(ON_RIBS), { trunk: { bend: 12 } }))),
        inhale('Come upright.', to(stand(6, both(ON_RIBS)))),
        exhale('Let the ribs soften under the hands.', to(stand(6, both(ON_RIBS)))),
      ],
    },
    seated: {
      change: 'Hands on the ribs, from the chair.',
      cycle: [
        inhale('Hands on the ribs, grow tall.', to(sit(both(ON_RIBS)))),
        exhale('Bend to the {side} a little.', to(sit(both(ON_RIBS), { trunk: { bend: 12 } }))),
        inhale('Come back to the middle.', to(sit(both(ON_RIBS)))),
        exhale('Let the ribs soften under the hands.', to(sit(both(ON_RIBS)))),
      ],
    },
  }),
  defineForm({
    id: 'bow-stance-turn', name: 'Turning in the bow stance', family: 'twist and bend', roles: ['nourish', 'loosen'],
    actions: ['moves', 'nourishes'], phases: ['water', 'wood'], organs: ['bladder', 'gallbladder', 'kidney'],
    channels: along('stretch', 'BL', 'GB', 'KI'), points: ['BL23', 'GB30', 'KI3'], sides: 'one-then-other', pace: 'turning',
    stance: { start: 'bow', end: 'shoulder width' }, footwork: 'One foot forward, the weight rolls forward and back.', level: 2,
    repetitions: FEW, loosens: ['hips', 'spine'], images: ['Opening a heavy door with the whole body.'],
    mistakes: [{ mistake: 'front knee past the toes', mend: 'Stop when the shin is upright.' }], view: 'side',
    cycle: [
      inhale('{Side} foot in front: sit back, arms open.', to(stand(26, both(reaching(0.8, -0.2, 0.6, 'up', 0.86)), { feet: bow(), weight: 0.3 }))),
      exhale('Roll forward and turn to the {side}.', to(stand(36, each(reaching(0.9, -0.3, 0.3, 'down', 0.85), before('middle dantian', 1, -1, 10, 'body', 'in')), { feet: bow(), weight: 0.7, trunk: { turn: 34 }, head: { turn: 16 } }))),
    ],
    smaller: {
      name: 'Turning to the side', change: 'Feet side by side, only the turn.', stance: { start: 'shoulder width', end: 'shoulder width' },
      cycle: [
        inhale('Come to the middle, arms open.', to(stand(12, both(reaching(0.8, -0.3, 0.6, 'up', 0.84))))),
        exhale('Turn to the {side}.', to(stand(14, each(reaching(0.9, -0.4, 0.3, 'down', 0.82), before('middle dantian', 2, -2, 9, 'body', 'in')), { trunk: { turn: 24 }, head: { turn: 10 } }))),
      ],
    },
    seated: {
      name: 'Turning to the side', change: 'Turn on the sitting bones.',
      cycle: [
        inhale('Come to the middle, arms open.', to(sit(both(reaching(0.8, -0.3, 0.6, 'up', 0.84))))),
        exhale('Turn to the {side}.', to(sit(each(reaching(0.9, -0.4, 0.4, 'down', 0.8), before('middle dantian', 2, -1, 9, 'body', 'in')), { trunk: { turn: 22 } }))),
      ],
    },
  }),
] as const;
