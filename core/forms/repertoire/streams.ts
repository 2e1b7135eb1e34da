import { along, defineForm, FLOWING_COUNT } from '../writing/define';
import { before, both, each, HANGING, ON_HIPS, ON_THIGHS, reaching, sit, stand } from '../writing/postures';
import { exhale, freely, inhale, through, to } from '../writing/strokes';

const lift = (foot: 'left', thigh: number, knee: number, point = 10) => ({
  weight: 0,
  feet: { lifted: { foot, thigh, knee, point } },
});

const SIDED = { least: 1, usual: 4, most: 12, multipleOf: 1 } as const;
const WEIGHT_FLOWS = 'The weight flows from foot to foot, feet planted.';

/** Flowing pairs, circles, spirals and forms on one leg. */
// prettier-ignore
export const STREAMS = [
  defineForm({
    id: 'open-and-close', name: 'Open and close', pinyin: 'Kāi Hé', hanzi: '開合', family: 'flowing pair',
    roles: ['nourish', 'balance'], actions: ['nourishes', 'calms'], phases: ['metal'], organs: ['lung', 'large-intestine'],
    channels: along('stretch', 'LU', 'PC'), points: ['PC8', 'LU1'], pace: 'flowing', repetitions: FLOWING_COUNT,
    images: ['A tent filling and slackening in the wind.'],
    mistakes: [{ mistake: 'rushing the turn', mend: 'Wait until the air between the palms is felt.' }],
    cycle: [
      inhale('Palms move apart, as on warm air.', to(stand(8, both(before('middle dantian', 8, -1, 9, 'in', 'forward'))))),
      exhale('They come together and do not touch.', to(stand(14, both(before('middle dantian', 1.6, -1, 9, 'in', 'forward'))))),
    ],
    smaller: {
      change: 'Only as wide as the ribs.',
      cycle: [
        inhale('Palms move apart, as wide as the ribs.', to(stand(8, both(before('middle dantian', 4.5, -2, 8, 'in', 'forward'))))),
        exhale('They come together and do not touch.', to(stand(12, both(before('middle dantian', 1.6, -2, 8, 'in', 'forward'))))),
      ],
    },
    seated: {
      change: 'The same from the chair.',
      cycle: [
        inhale('Palms move apart, as on warm air.', to(sit(both(before('middle dantian', 8, -1, 9, 'in', 'forward'))))),
        exhale('They come together and do not touch.', to(sit(both(before('middle dantian', 1.6, -1, 9, 'in', 'forward'))))),
      ],
    },
  }),
  defineForm({
    id: 'push-and-draw', name: 'Push and draw', family: 'flowing pair', roles: ['nourish', 'balance'], actions: ['moves', 'nourishes'],
    phases: ['metal', 'earth'], organs: ['large-intestine', 'lung', 'stomach'], channels: along('stretch', 'LI', 'LU', 'ST'),
    points: ['LI4', 'ST36'], pace: 'flowing', repetitions: FLOWING_COUNT, images: ['A heavy drawer that runs on wax.'],
    mistakes: [{ mistake: 'locking the elbows', mend: 'Stop a hand’s breadth before straight.' }], view: 'side',
    cycle: [
      inhale('Elbows draw back, palms to the ribs.', to(stand(9, both(before('ribs', 1, 0, 4, 'forward', 'up')), { trunk: { round: -4 } }))),
      exhale('Palms push forward, the back fills.', to(stand(18, both(reaching(0.1, -0.12, 1, 'forward', 0.9)), { trunk: { round: 8 } }))),
    ],
    smaller: {
      change: 'Half as far.',
      cycle: [
        inhale('Elbows draw back half as far.', to(stand(9, both(before('ribs', 1, 0, 4, 'forward', 'up'))))),
        exhale('Palms push half way, the back fills.', to(stand(13, both(reaching(0.1, -0.25, 1, 'forward', 0.72))))),
      ],
    },
    seated: {
      change: 'The same from the chair.',
      cycle: [
        inhale('Elbows draw back, palms to the ribs.', to(sit(both(before('ribs', 1, 0, 4, 'forward', 'up'))))),
        exhale('Palms push forward, the back fills.', to(sit(both(reaching(0.1, -0.15, 1, 'forward', 0.88)), { trunk: { round: 6 } }))),
      ],
    },
  }),
  defineForm({
    id: 'wheel', name: 'Turning the wheel', pinyin: 'Zhuàn Lún', hanzi: '轉輪', family: 'flowing pair', roles: ['nourish', 'wake'],
    actions: ['moves', 'nourishes'], polarity: 'yang', phases: ['earth', 'wood'], organs: ['spleen', 'stomach', 'liver', 'gallbladder'],
    channels: along('stretch', 'SP', 'GB', 'ST'), points: ['SP21', 'CV12'], sides: 'both-ways', pace: 'circling',
    footwork: 'The weight circles with the wheel, feet planted.', level: 2, asks: { roundedJoints: ['hips', 'shoulders'] },
    repetitions: { least: 2, usual: 3, most: 9, multipleOf: 1 }, loosens: ['spine', 'shoulders'],
    images: ['A mill wheel, slow with water.'], mistakes: [{ mistake: 'a wheel of arms only', mend: 'The waist carries the hands round.' }],
    cautions: ['Rise slowly from below, head last.'],
    cycle: [
      inhale('Hands rise over the {way} and pass the crown.', through(stand(24, each(reaching(0.7, -0.2, 0.7, 'in', 0.85), reaching(-0.2, -0.2, 1, 'in', 0.8)), { weight: 0.66, trunk: { turn: 14, bend: 6 } }), stand(6, both(reaching(0.12, 1, 0.25, 'forward', 0.94)), { weight: 0.5 }))),
      exhale('They come round and brush past the thighs.', through(stand(24, each(reaching(-0.2, -0.2, 1, 'in', 0.8), reaching(0.7, -0.2, 0.7, 'in', 0.85)), { weight: 0.34, trunk: { turn: -14, bend: -6 } }), stand(46, both({ near: 'knee', off: [0, 4, 3], palm: 'body' }), { weight: 0.5, trunk: { lean: 40, round: 10 }, head: { nod: -8 } }))),
    ],
    smaller: {
      change: 'A wheel before the chest, hands below the shoulders.', asks: { roundedJoints: [] },
      cycle: [
        inhale('Hands rise over the {way} to the chest.', through(stand(12, each(reaching(0.6, -0.5, 0.7, 'in', 0.76), before('navel', -2, 3, 9, 'body')), { trunk: { turn: 8 } }), stand(8, both(before('middle dantian', 2, 2, 10, 'forward', 'up'))))),
        exhale('They come round and sink to the hips.', through(stand(12, each(before('navel', -2, 3, 9, 'body'), reaching(0.6, -0.5, 0.7, 'in', 0.76)), { trunk: { turn: -8 } }), stand(16, both(before('lower dantian', 3, -1, 6, 'body', 'in'))))),
      ],
    },
    seated: {
      change: 'A wheel before the chest, from the chair.', asks: { roundedJoints: [] },
      cycle: [
        inhale('Hands rise over the {way} to the chest.', through(sit(each(reaching(0.6, -0.4, 0.7, 'in', 0.76), before('navel', -2, 4, 9, 'body')), { trunk: { turn: 8 } }), sit(both(before('middle dantian', 2, 2, 10, 'forward', 'up'))))),
        exhale('They come round and sink to the lap.', through(sit(each(before('navel', -2, 4, 9, 'body'), reaching(0.6, -0.4, 0.7, 'in', 0.76)), { trunk: { turn: -8 } }), sit(both(before('navel', 3, 2, 7, 'body', 'in'))))),
      ],
    },
  }),
  defineForm({
    id: 'parting-clouds', name: 'Parting the clouds', family: 'flowing pair', roles: ['nourish', 'balance'],
    actions: ['moves', 'nourishes'], phases: ['metal', 'fire'], organs: ['lung', 'large-intestine', 'heart', 'small-intestine'],
    channels: along('stretch', 'LU', 'LI', 'SI'), points: ['LU1', 'SI11'], pace: 'gathering',
    repetitions: { least: 2, usual: 4, most: 12, multipleOf: 1 }, loosens: ['shoulders'], images: ['Blue between two banks of cloud.'],
    mistakes: [{ mistake: 'chin lifts', mend: 'The eyes rise; the chin stays.' }],
    cycle: [
      inhale('Wrists cross and rise to the brow.', through(stand(14, each(before('lower dantian', -1, 0, 7, 'body', 'down'), before('lower dantian', -1, 0, 9, 'body', 'down'))), stand(6, each(before('face', -1, 4, 8, 'body', 'up'), before('face', -1, 4, 10, 'body', 'up'))))),
      exhale('The clouds part; arms open and sink.', through(stand(8, both({ ...reaching(1, 0.05, 0.3, 'out', 0.93), fingers: 'up' })), stand(16, both(reaching(0.7, -0.8, 0.3, 'down', 0.94))))),
    ],
    smaller: {
      change: 'Wrists rise to the breastbone.',
      cycle: [
        inhale('Wrists cross and rise to the breastbone.', to(stand(10, each(before('middle dantian', -1, 0, 7, 'body', 'up'), before('middle dantian', -1, 0, 9, 'body', 'up'))))),
        exhale('The clouds part; arms open and sink.', to(stand(14, both({ ...reaching(0.9, -0.5, 0.4, 'out', 0.86), fingers: 'up' })))),
      ],
    },
    seated: {
      change: 'From the chair, to the breastbone.',
      cycle: [
        inhale('Wrists cross and rise to the breastbone.', to(sit(each(before('middle dantian', -1, 0, 7, 'body', 'up'), before('middle dantian', -1, 0, 9, 'body', 'up'))))),
        exhale('The clouds part; arms open and sink.', to(sit(both({ ...reaching(0.9, -0.45, 0.5, 'out', 0.84), fingers: 'up' })))),
      ],
    },
  }),
  defineForm({
    id: 'ball-of-qi', name: 'Turning the ball', pinyin: 'Bào Qiú', hanzi: '抱球', family: 'flowing pair', roles: ['nourish', 'balance'],
    actions: ['nourishes', 'calms'], phases: ['earth', 'fire'], organs: ['spleen', 'stomach', 'pericardium', 'triple-burner'],
    channels: along('attend', 'PC', 'SP', 'TE'), points: ['PC8', 'CV12'], sides: 'alternating', pace: 'turning', footwork: WEIGHT_FLOWS,
    repetitions: SIDED, images: ['A melon, turned to find its sweet side.'],
    mistakes: [{ mistake: 'the ball loses its shape', mend: 'Keep the palms looking at each other.' }],
    cycle: [
      inhale('Hold a ball at the belly, {side} hand on top.', to(stand(16, each(before('middle dantian', 0, -1, 9, 'down'), before('lower dantian', 0, 1, 8, 'up'))))),
      exhale('Weight to the {side}; the ball turns over.', to(stand(22, each(before('lower dantian', 0, 1, 8, 'up'), before('middle dantian', 0, -1, 9, 'down')), { weight: 0.7, trunk: { turn: 16 } }))),
    ],
    smaller: {
      change: 'A smaller ball, weight in the middle.',
      cycle: [
        inhale('Hold a ball at the belly, {side} hand on top.', to(stand(12, each(before('navel', 0, 4, 8, 'down'), before('lower dantian', 0, 1, 7, 'up'))))),
        exhale('The ball turns over.', to(stand(13, each(before('lower dantian', 0, 1, 7, 'up'), before('navel', 0, 4, 8, 'down'))))),
      ],
    },
    seated: {
      change: 'In the lap.',
      cycle: [
        inhale('Hold a ball at the belly, {side} hand on top.', to(sit(each(before('middle dantian', 0, -1, 9, 'down'), before('navel', 0, 0, 8, 'up'))))),
        exhale('The ball turns over.', to(sit(each(before('navel', 0, 0, 8, 'up'), before('middle dantian', 0, -1, 9, 'down')), { trunk: { turn: 10 } }))),
      ],
    },
  }),
  defineForm({
    id: 'growing-ball', name: 'The loaf between the hands', family: 'flowing pair', roles: ['nourish'],
    actions: ['nourishes', 'calms'], polarity: 'yin', phases: ['fire'],
    organs: ['pericardium', 'heart', 'triple-burner', 'small-intestine'], channels: along('attend', 'PC', 'HT'), points: ['PC8', 'CV17'],
    pace: 'flowing', repetitions: FLOWING_COUNT, images: ['A loaf rising under a cloth.'],
    mistakes: [{ mistake: 'fingers stiff', mend: 'Fingers like those of a sleeping child.' }],
    cycle: [
      inhale('The ball before the chest grows.', to(stand(8, both(before('middle dantian', 6, -1, 11, 'body'))))),
      exhale('It grows small and dense.', to(stand(13, both(before('middle dantian', 2.4, -2, 9, 'in', 'forward'))))),
    ],
    smaller: {
      change: 'Before the navel, a hand’s breadth.',
      cycle: [
        inhale('A small ball before the navel grows a hand’s breadth.', to(stand(9, both(before('navel', 4, 1, 8, 'in', 'forward'))))),
        exhale('It grows small and dense.', to(stand(12, both(before('navel', 2, 1, 8, 'in', 'forward'))))),
      ],
    },
    seated: {
      change: 'The same from the chair.',
      cycle: [
        inhale('The ball before the chest grows.', to(sit(both(before('middle dantian', 6, -1, 11, 'body'))))),
        exhale('It grows small and dense.', to(sit(both(before('middle dantian', 2.4, -2, 9, 'in', 'forward'))))),
      ],
    },
  }),
  defineForm({
    id: 'spiralling-arms', name: 'Spiralling arms', family: 'flowing pair', roles: ['nourish', 'wake'], actions: ['moves', 'nourishes'],
    phases: ['fire', 'wood'], organs: ['heart', 'small-intestine', 'triple-burner', 'liver'], channels: along('stretch', 'HT', 'SI', 'TE'),
    points: ['HT3', 'SI8'], sides: 'alternating', pace: 'circling', footwork: WEIGHT_FLOWS, level: 2, repetitions: SIDED,
    loosens: ['shoulders', 'wrists', 'spine'], images: ['Wringing silk, and letting it unwind.'],
    mistakes: [{ mistake: 'the wrist alone turns', mend: 'Begin in the waist; it reaches the fingers last.' }], view: 'three-quarter',
    cycle: [
      inhale('{Side} palm turns up and spirals in under the ribs.', to(stand(18, each(before('ribs', 2, 0, 5, 'up', 'in'), HANGING), { weight: 0.38, trunk: { turn: -14 } }))),
      exhale('It turns outward and unwinds to the {side}.', through(stand(24, each({ ...reaching(0.5, -0.15, 0.95, 'out', 0.88), fingers: 'up' }, HANGING), { weight: 0.6 }), stand(20, each({ ...reaching(0.95, -0.2, 0.35, 'out', 0.93), fingers: 'up' }, HANGING), { weight: 0.7, trunk: { turn: 18 }, head: { turn: 12 } }))),
    ],
    smaller: {
      change: 'Half as far, weight in the middle.',
      cycle: [
        inhale('{Side} palm turns up and in to the ribs.', to(stand(12, each(before('ribs', 2, 0, 5, 'up', 'in'), HANGING), { trunk: { turn: -6 } }))),
        exhale('It turns outward and unwinds.', to(stand(13, each({ ...reaching(0.8, -0.4, 0.6, 'out', 0.82), fingers: 'up' }, HANGING), { trunk: { turn: 8 } }))),
      ],
    },
    seated: {
      change: 'The same from the chair.',
      cycle: [
        inhale('{Side} palm turns up and in to the ribs.', to(sit(each(before('ribs', 2, 0, 5, 'up', 'in'), ON_THIGHS), { trunk: { turn: -8 } }))),
        exhale('It turns outward and unwinds.', to(sit(each({ ...reaching(0.8, -0.3, 0.6, 'out', 0.84), fingers: 'up' }, ON_THIGHS), { trunk: { turn: 10 } }))),
      ],
    },
  }),
  defineForm({
    id: 'twining-vine', name: 'Twining vine', family: 'flowing pair', roles: ['nourish'], actions: ['moves', 'nourishes'], polarity: 'yang',
    phases: ['wood'], organs: ['liver', 'gallbladder'], channels: along('stretch', 'LR', 'GB'), points: ['LR13', 'GB26'],
    sides: 'alternating', pace: 'turning', repetitions: SIDED, loosens: ['spine'], images: ['A vine going once more round its pole.'],
    mistakes: [{ mistake: 'the hips come along', mend: 'Hold the pole still; only the vine turns.' }],
    cycle: [
      exhale('Twine to the {side}, eyes over the shoulder.', to(stand(12, each({ near: 'kidneys', off: [0, 0, 0.4], palm: 'back', elbow: 'back' }, { near: 'belly side', of: 'other', off: [-2, 1, 0.3], palm: 'body', fingers: 'in' }), { trunk: { turn: 30 }, head: { turn: 34 } }))),
      inhale('Unwind; one hand before, one behind the waist.', to(stand(9, each({ near: 'kidneys', off: [0, 0, 0.4], palm: 'back', elbow: 'back' }, { near: 'belly side', of: 'other', off: [-2, 1, 0.3], palm: 'body', fingers: 'in' })))),
    ],
    smaller: {
      change: 'A third of the turn.',
      cycle: [
        exhale('A third of a turn to the {side}, eyes level.'),
        inhale('Unwind; one hand before, one behind the waist.'),
      ],
    },
    seated: {
      change: 'The same on the sitting bones.',
      cycle: [
        exhale('Twine to the {side}, eyes over the shoulder.', to(sit(each({ near: 'hip', off: [2, 0, 2] }, { near: 'belly side', of: 'other', off: [-2, 2, 0.3], palm: 'body', fingers: 'in' }), { trunk: { turn: 20 }, head: { turn: 30 } }))),
        inhale('Unwind; one hand before, one behind the waist.', to(sit(each({ near: 'hip', off: [2, 0, 2] }, { near: 'belly side', of: 'other', off: [-2, 2, 0.3], palm: 'body', fingers: 'in' })))),
      ],
    },
  }),
  defineForm({
    id: 'lifting-the-lake', name: 'Lifting the lake', family: 'flowing pair', roles: ['nourish', 'balance'],
    actions: ['nourishes', 'calms'], polarity: 'yin', phases: ['water', 'earth'], organs: ['kidney', 'bladder', 'spleen'],
    channels: along('attend', 'KI', 'SP'), points: ['CV6', 'KI1'], pace: 'flowing', repetitions: FLOWING_COUNT,
    images: ['A lake rising and falling one hand’s breadth.'],
    mistakes: [{ mistake: 'leaning forward', mend: 'The crown rises as the hands sink.' }],
    cycle: [
      inhale('Palms up, lift the water to the navel.', through(stand(14, both(before('lower dantian', 3, -2, 6, 'up'))), stand(8, both(before('navel', 3, 1, 7, 'up'))))),
      exhale('Palms down, let it sink; knees soften.', through(stand(12, both(before('navel', 4, 0, 7, 'down', 'forward'))), stand(26, both(before('lower dantian', 5, -3, 6, 'down', 'forward'))))),
    ],
    smaller: {
      change: 'Knees quiet.',
      cycle: [
        inhale('Palms up, lift the water to the navel.', to(stand(9, both(before('navel', 3, 1, 7, 'up'))))),
        exhale('Palms down, let it sink; knees quiet.', to(stand(11, both(before('lower dantian', 5, -1, 6, 'down', 'forward'))))),
      ],
    },
    seated: {
      change: 'The same from the chair.',
      cycle: [
        inhale('Palms up, lift the water to the navel.', to(sit(both(before('navel', 3, 3, 8, 'up'))))),
        exhale('Palms down, let it sink to the lap.', to(sit(both({ near: 'thigh', off: [0, 0, 1.6], palm: 'down' })))),
      ],
    },
  }),
  defineForm({
    id: 'draw-up-press-down', name: 'Draw up, press down', family: 'flowing pair', roles: ['balance'], hinge: true,
    actions: ['calms', 'moves'], channels: along('attend', 'CV', 'KI'), points: ['CV17', 'CV6'], pace: 'gathering',
    repetitions: { least: 1, usual: 1, most: 6, multipleOf: 1 }, setupSec: { known: 0, taught: 4 }, settleSec: 1,
    images: ['A full stop, drawn with both hands.'],
    mistakes: [{ mistake: 'taking it for a form of its own', mend: 'Once is enough; it only parts what was from what comes.' }],
    cycle: [
      inhale('Palms draw up to the breastbone.', through(stand(12, both(before('lower dantian', 2.5, 0, 4, 'up'))), stand(8, both(before('middle dantian', 2.5, -1, 7, 'up'))))),
      exhale('Palms turn and press down to the belly.', through(stand(9, both(before('middle dantian', 3, 0, 5, 'down'))), stand(15, both(before('lower dantian', 3, 0, 4, 'down'))))),
    ],
    smaller: {
      change: 'From the belly to the ribs.',
      cycle: [
        inhale('Palms draw up from belly to ribs.', to(stand(9, both(before('navel', 2.5, 3, 5, 'up'))))),
        exhale('Palms turn and press down to the belly.', to(stand(12, both(before('lower dantian', 3, 0, 4, 'down'))))),
      ],
    },
    seated: {
      change: 'The same from the chair.',
      cycle: [
        inhale('Palms draw up to the breastbone.', to(sit(both(before('middle dantian', 2.5, 0, 6, 'up'))))),
        exhale('Palms turn and press down to the belly.', to(sit(both(before('navel', 3, 1, 5, 'down'))))),
      ],
    },
  }),
  defineForm({
    id: 'sweeping-across', name: 'Sweeping from side to side', family: 'flowing pair', roles: ['nourish', 'balance'],
    actions: ['moves', 'calms'], phases: ['water', 'fire'], organs: ['bladder', 'small-intestine', 'heart'],
    channels: along('stretch', 'BL', 'SI'), points: ['BL23', 'SI3'], sides: 'alternating', pace: 'turning', footwork: WEIGHT_FLOWS,
    repetitions: SIDED, loosens: ['spine'], images: ['Brushing sand level with one long board.'],
    mistakes: [{ mistake: 'hands leave the breastbone’s line', mend: 'Nose, navel and hands go together.' }],
    cycle: [
      inhale('Both palms float up on the {other} side.', to(stand(14, each(before('middle dantian', 1, 0, 11, 'forward', 'up'), before('middle dantian', 5, 1, 9, 'forward', 'up')), { weight: 0.34, trunk: { turn: -20 } }))),
      exhale('They sweep across and down to the {side}.', to(stand(22, each(before('navel', 5, 0, 9, 'down', 'forward'), before('navel', -1, 0, 10, 'down', 'forward')), { weight: 0.68, trunk: { turn: 20 } }))),
    ],
    smaller: {
      change: 'Half the way, at the navel.',
      cycle: [
        inhale('Both palms float up before the navel, {other} side.', to(stand(12, both(before('navel', 3, 2, 9, 'down', 'forward')), { weight: 0.42, trunk: { turn: -10 } }))),
        exhale('They sweep half across, to the {side}.', to(stand(14, both(before('navel', 3, 0, 9, 'down', 'forward')), { weight: 0.58, trunk: { turn: 10 } }))),
      ],
    },
    seated: {
      change: 'The same on the sitting bones.',
      cycle: [
        inhale('Sitting tall, both palms float up on the {other} side.', to(sit(both(before('middle dantian', 3, -1, 10, 'down', 'forward')), { trunk: { turn: -14 } }))),
        exhale('They sweep across the lap to the {side}.', to(sit(both(before('navel', 3, 4, 9, 'down', 'forward')), { trunk: { turn: 14 } }))),
      ],
    },
  }),
  defineForm({
    id: 'crane-stands', name: 'Crane on one leg', family: 'balance', roles: ['balance', 'nourish'], actions: ['calms', 'nourishes'],
    phases: ['fire', 'water'], organs: ['kidney', 'heart'], channels: along('hold', 'KI', 'BL'), points: ['KI1', 'GV20'],
    sides: 'one-then-other', pace: 'one-leg', level: 3, stance: { start: 'hip width', end: 'hip width' },
    footwork: 'Stand on one leg; the other foot rises.', setupSec: { known: 6, taught: 24 },
    repetitions: { least: 1, usual: 3, most: 6, multipleOf: 1 }, loosens: ['hips'], images: ['A crane in the shallows, one foot dry.'],
    mistakes: [{ mistake: 'hip sinks on the standing side', mend: 'Grow tall out of the standing foot.' }],
    cautions: ['Fix the gaze; a chair within reach.'],
    parts: [{ part: 'weight over one foot, heel light', watch: 'the pelvis stays level' }, { part: 'knee up, fingertips on a chair', watch: 'grow out of the standing foot' }, { part: 'wings and knee together', watch: 'they arrive in the same moment' }],
    cycle: [
      inhale('The {side} knee rises, wings lift a little.', to(stand(7, both(reaching(0.9, -0.45, 0.35, 'down', 0.92)), lift('left', 70, 80)))),
      exhale('Stand; the standing knee stays soft.', to(stand(9, both(reaching(0.9, -0.45, 0.35, 'down', 0.92)), lift('left', 70, 80)))),
      inhale('Grow tall, the wings a little wider.', to(stand(7, both(reaching(1, -0.3, 0.35, 'down', 0.94)), lift('left', 70, 80)))),
      exhale('Foot and wings sink together.', to(stand(12, both(reaching(0.4, -1, 0.2, 'back', 0.95))))),
    ],
    smaller: {
      name: 'Crane, toes on the floor', change: 'The toes stay on the floor.',
      cycle: [
        inhale('The {side} heel rises, wings lift a little.', to(stand(8, both(reaching(0.8, -0.6, 0.3, 'down', 0.92)), { weight: 0.2, feet: { heels: { left: 10 } } }))),
        exhale('Stand; both knees soft.', to(stand(10, both(reaching(0.8, -0.6, 0.3, 'down', 0.92)), { weight: 0.2, feet: { heels: { left: 10 } } }))),
        inhale('Grow tall, the wings a little wider.', to(stand(8, both(reaching(0.95, -0.45, 0.3, 'down', 0.92)), { weight: 0.2, feet: { heels: { left: 10 } } }))),
        exhale('Heel and wings sink together.', to(stand(11, both(reaching(0.4, -1, 0.2, 'back', 0.95))))),
      ],
    },
    seated: {
      name: 'Crane on the seat', change: 'One foot at a time from the chair.',
      cycle: [
        inhale('The {side} heel rises, wings lift a little.', to(sit(both(reaching(0.8, -0.5, 0.5, 'down', 0.82)), { feet: { heels: { left: 22 } } }))),
        exhale('Rest there, the shoulders soft.', to(sit(both(reaching(0.8, -0.5, 0.5, 'down', 0.82)), { feet: { heels: { left: 22 } } }))),
        inhale('Grow tall, the wings a little wider.', to(sit(both(reaching(0.95, -0.4, 0.5, 'down', 0.82)), { feet: { heels: { left: 22 } } }))),
        exhale('Heel and wings sink together.', to(sit())),
      ],
    },
  }),
  defineForm({
    id: 'heron-walks', name: 'Heron walks on the spot', family: 'balance', roles: ['wake', 'balance'], actions: ['moves', 'calms'],
    phases: ['metal'], organs: ['large-intestine'], channels: along('stretch', 'ST', 'KI'), points: ['ST36', 'KI1'], sides: 'alternating',
    pace: 'turning', level: 2, stance: { start: 'hip width', end: 'hip width' },
    footwork: 'The weight goes to one leg before the other foot rises.', repetitions: { least: 2, usual: 4, most: 12, multipleOf: 1 },
    loosens: ['ankles', 'hips'], images: ['A heron thinking before each step.'],
    mistakes: [{ mistake: 'falling onto the foot', mend: 'Set it down empty, then give it weight.' }],
    cautions: ['A chair or wall within reach.'], view: 'three-quarter',
    cycle: [
      inhale('The {side} foot peels up, the {other} hand floats.', through(stand(8, undefined, { weight: 0.1, feet: { heels: { left: 30 } } }), stand(7, each(HANGING, reaching(0.15, -0.5, 0.9, 'in', 0.86)), lift('left', 44, 60, 22)))),
      exhale('Toes, ball, heel: set it down.', through(stand(9, undefined, { weight: 0.1, feet: { heels: { left: 20 } } }), stand(10))),
    ],
    smaller: {
      change: 'Only the heels peel up.',
      cycle: [
        inhale('The {side} heel peels up, the {other} hand floats.', to(stand(8, each(HANGING, reaching(0.15, -0.6, 0.8, 'in', 0.84)), { weight: 0.2, feet: { heels: { left: 10 } } }))),
        exhale('Heel down, hand down.', to(stand(10))),
      ],
    },
    seated: {
      name: 'Heron lifts a foot', change: 'Heel and hand from the chair.',
      cycle: [
        inhale('The {side} heel peels up, the {other} hand floats.', to(sit(each(ON_THIGHS, reaching(0.15, -0.35, 0.9, 'in', 0.8)), { feet: { heels: { left: 22 } } }))),
        exhale('Heel down, hand down.', to(sit())),
      ],
    },
  }),
  defineForm({
    id: 'heel-pushes', name: 'The heel presses away', family: 'balance', roles: ['nourish', 'balance'], actions: ['moves', 'nourishes'],
    polarity: 'yang', phases: ['earth', 'wood'], organs: ['stomach', 'gallbladder', 'spleen'], channels: along('stretch', 'ST', 'GB', 'BL'),
    points: ['ST36', 'BL57'], sides: 'alternating', pace: 'one-leg', level: 3,
    footwork: 'Stand on one leg; the other foot lifts and presses forward.', stance: { start: 'hip width', end: 'hip width' },
    setupSec: { known: 6, taught: 24 }, repetitions: { least: 1, usual: 3, most: 6, multipleOf: 1 }, loosens: ['hips', 'ankles'],
    images: ['Closing a low drawer with the sole.'],
    mistakes: [{ mistake: 'kicking', mend: 'As slowly as the breath; the height does not matter.' }],
    cautions: ['Fix the gaze; a chair within reach.'],
    parts: [{ part: 'the knee, hands on hips', watch: 'the standing knee stays soft' }, { part: 'the heel a hand above the floor', watch: 'the height does not matter' }, { part: 'knee and heel in one breath', watch: 'set the foot down empty' }],
    view: 'side',
    cycle: [
      inhale('The {side} knee rises, toes drawn up.', to(stand(7, both(ON_HIPS), lift('left', 62, 84, -10)))),
      exhale('The heel presses slowly forward.', to(stand(8, both(ON_HIPS), lift('left', 50, 24, -14)))),
      inhale('The knee folds and draws back.', to(stand(7, both(ON_HIPS), lift('left', 62, 84, -10)))),
      exhale('Set the foot down.', to(stand(12, both(ON_HIPS)))),
    ],
    smaller: {
      change: 'The heel slides forward on the floor.',
      cycle: [
        inhale('Weight off the {side} foot, tall.', to(stand(10, both(ON_HIPS), { weight: 0.2 }))),
        exhale('The heel slides forward on the floor.', to(stand(12, both(ON_HIPS), { weight: 0.2, feet: { ahead: { foot: 'left', by: 0.9 } } }))),
        inhale('Draw the foot back under you.', to(stand(10, both(ON_HIPS), { weight: 0.2 }))),
        exhale('Let both feet take the weight.', to(stand(10, both(ON_HIPS)))),
      ],
    },
    seated: {
      change: 'From the chair, one leg at a time.',
      cycle: [
        inhale('Sit tall, {side} toes drawn up.', to(sit(both(ON_THIGHS), { feet: { toes: { left: 20 } } }))),
        exhale('The heel presses forward.', to(sit(both(ON_THIGHS), { feet: { lifted: { foot: 'left', thigh: 88, knee: 30, point: -14 } } }))),
        inhale('Draw the foot back.', to(sit(both(ON_THIGHS), { feet: { toes: { left: 20 } } }))),
        exhale('Let it rest on the floor.', to(sit())),
      ],
    },
  }),
  defineForm({
    id: 'rocking-bamboo', name: 'Swaying to rest', family: 'flowing pair', roles: ['still', 'balance'], actions: ['calms'],
    polarity: 'yin', phases: ['wood'], organs: ['liver', 'gallbladder'], channels: along('attend', 'KI', 'GB'), points: ['KI1', 'GV20'],
    sides: 'alternating', pace: 'flowing', manner: 'natural', footwork: 'The weight moves softly from foot to foot, feet planted.',
    repetitions: { least: 3, usual: 6, most: 18, multipleOf: 1 }, images: ['A moored boat when the ferry has passed.'],
    mistakes: [{ mistake: 'steering', mend: 'Give one push, then let it run out.' }],
    cycle: [
      freely(4, 'Sway to the {side}, smaller each time.', through(stand(9, both(HANGING), { weight: 0.62 }), stand(9))),
    ],
    smaller: {
      change: 'So small that only you know.',
      cycle: [
        freely(4, 'Sway to the {side}, so small that only you know.', through(stand(9, both(HANGING), { weight: 0.58 }), stand(9))),
      ],
    },
    seated: {
      change: 'From one sitting bone to the other.',
      cycle: [
        freely(4, 'Sway to the {side} sitting bone, smaller each time.', through(sit(both(ON_THIGHS), { weight: 0.66, trunk: { bend: 5 } }), sit())),
      ],
    },
  }),
] as const;
