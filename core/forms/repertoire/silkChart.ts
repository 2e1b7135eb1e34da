import type { Form } from '../model/model';
import { along, defineForm, type FormOfKind } from '../writing/define';
import {
  AT_KIDNEYS,
  before,
  both,
  each,
  HANGING,
  PRESSED_DOWN,
  reaching,
  sit,
  stand,
} from '../writing/postures';
import { exhale, inhale, through, to } from '../writing/strokes';

/** One form a channel, in the order of the organ clock: guiding and pulling as on the painted silk. */
const guided = (text: FormOfKind): Form =>
  defineForm({
    family: 'set piece',
    source: 'silk-chart-standard',
    roles: ['nourish'],
    actions: ['moves', 'nourishes'],
    pace: 'animal',
    repetitions: { least: 1, usual: 2, most: 6, multipleOf: 1 },
    setupSec: { known: 6, taught: 22 },
    ...text,
  });
const BOW = {
  feet: { apart: 0.9, ahead: { foot: 'left', by: 1.9 }, turnOut: { left: 0, right: 35 } },
} as const;

/** The twelve of the silk chart, from memory of the standard edition; movements in our own words. */
// prettier-ignore
export const SILK_CHART = [
  guided({
    id: 'silk-bow', name: 'Silk chart: the bow drawn', pinyin: 'Wǎn Gōng', hanzi: '挽弓', phases: ['metal'], organs: ['lung'], channels: along('stretch', 'LU'), points: ['LU1', 'LU9'], sides: 'alternating', loosens: ['shoulders', 'spine'],
    images: ['A hunter who leans into the bow with his whole side.'], mistakes: [{ mistake: 'drawing from the elbow alone', mend: 'The chest opens first; the elbow is only its end.' }],
    cycle: [
      inhale('Palms part before the chest; the chest opens.', to(stand(10, both(before('middle dantian', 5, 0, 8, 'in', 'forward')), { trunk: { round: -4 } }))),
      exhale('They close; the chest sinks.', to(stand(13, both(before('middle dantian', 2, 0, 7, 'in', 'forward')), { trunk: { round: 6 } }))),
      inhale('Turn to the {side}, and draw.', to(stand(14, each(reaching(0.8, 0.05, 0.4, 'out', 0.88), { near: 'collarbone', off: [2.5, -1, 4.5], palm: 'body', fingers: 'in', elbow: 'out' }), { trunk: { turn: 16, round: -4 }, head: { turn: 26 } }))),
      exhale('Let go, and come home to the middle.', to(stand(13, both(PRESSED_DOWN)))),
    ],
    smaller: { change: 'Only the opening and closing of the chest.', cycle: [inhale('Palms part; the chest opens a little to the {side}.', to(stand(9, both(before('middle dantian', 5, -1, 8, 'in', 'forward')), { trunk: { turn: 6 } }))), exhale('They close; the chest sinks.', to(stand(11, both(before('middle dantian', 2, -1, 7, 'in', 'forward')))))] },
    seated: { change: 'From the chair.', cycle: [inhale('Seated: palms part, opening to the {side}.', to(sit(both(before('middle dantian', 5, -1, 8, 'in', 'forward')), { trunk: { turn: 10 } }))), exhale('They close; the chest sinks.', to(sit(both(before('middle dantian', 2, -1, 7, 'in', 'forward')))))] },
  }),
  guided({
    id: 'silk-back', name: 'Silk chart: the back drawn', pinyin: 'Yǐn Bèi', hanzi: '引背', phases: ['metal'], organs: ['large-intestine'], channels: along('stretch', 'LI'), points: ['LI4', 'LI15'], sides: 'alternating', loosens: ['spine', 'shoulders'], view: 'side',
    images: ['A cat that wakes and makes its back tall.'], mistakes: [{ mistake: 'hunching the neck', mend: 'The roundness is between the shoulder blades.' }],
    cycle: [
      inhale('Backs of the hands slide up behind; the chest lifts.', to(stand(10, both({ ...AT_KIDNEYS, off: [0.6, 1, 0.4], palm: 'back' }), { trunk: { round: -4 } }))),
      exhale('Arms float forward; the back rounds behind them.', to(stand(16, both(reaching(0.1, -0.15, 1, 'in', 0.9)), { trunk: { round: 18 }, head: { nod: 8 } }))),
      inhale('Turn to the {side} and look far away.', to(stand(10, both(reaching(0.4, -0.25, 1, 'in', 0.86)), { trunk: { turn: 18 }, head: { turn: 14 } }))),
      exhale('Sink, and come home.', to(stand(15, both(HANGING)))),
    ],
    smaller: { change: 'Arms low, a small roundness.', cycle: [inhale('Arms float up as high as the belly.', to(stand(8, both(reaching(0.2, -0.6, 1, 'in'))))), exhale('The upper back widens; look to the {side}.', to(stand(12, both(reaching(0.1, -0.6, 1, 'in')), { trunk: { round: 8 }, head: { turn: 16 } })))] },
    seated: { change: 'From the chair.', cycle: [inhale('Sitting tall: arms float before you.', to(sit(both(reaching(0.2, -0.35, 1, 'in'))))), exhale('The back widens; look to the {side}.', to(sit(both(reaching(0.1, -0.35, 1, 'in')), { trunk: { round: 10 }, head: { turn: 16 } })))] },
  }),
  guided({
    id: 'silk-duck', name: 'Silk chart: the wild duck swims', pinyin: 'Fú Yù', hanzi: '鳧浴', phases: ['earth'], organs: ['stomach'], channels: along('stretch', 'ST'), points: ['ST25', 'ST36'], sides: 'alternating', footwork: 'The weight goes from foot to foot; both stay down.', loosens: ['hips', 'spine'],
    images: ['A duck that shakes the water to one side.'], mistakes: [{ mistake: 'twisting the knees', mend: 'Hips and arms go apart; the knees only bend.' }],
    cycle: [
      inhale('Weight on the {side} foot; arms drift to the {other}.', to(stand(16, both({ near: 'navel', off: [3, 0, 8], palm: 'in', fingers: 'forward' }), { weight: 0.68, trunk: { turn: -18 } }))),
      exhale('Sink; arms swing low across to the {side}.', to(stand(32, both({ near: 'lower dantian', off: [3, -2, 8], palm: 'in', fingers: 'forward' }), { weight: 0.56, trunk: { turn: 22, lean: 8 } }))),
      inhale('Rise; the arms go up on that side.', to(stand(12, both({ near: 'collarbone', off: [1, 2, 8], palm: 'in', fingers: 'up' }), { trunk: { turn: 16 } }))),
      exhale('And float down in the middle.', to(stand(13, both(HANGING)))),
    ],
    smaller: { change: 'Feet quiet, hands no higher than the chest.', cycle: [inhale('Hands drift to the {other}.', to(stand(9, both({ near: 'navel', off: [3, 0, 7], palm: 'in', fingers: 'forward' }), { trunk: { turn: -8 } }))), exhale('And low across to the {side}.', to(stand(14, both({ near: 'lower dantian', off: [3, -1, 7], palm: 'in', fingers: 'forward' }), { trunk: { turn: 10 } })))] },
    seated: { change: 'From the chair.', cycle: [inhale('Seated: hands drift to the {other}.', to(sit(both({ near: 'navel', off: [3, 1, 7], palm: 'in', fingers: 'forward' }), { trunk: { turn: -12 } }))), exhale('And low across to the {side}.', to(sit(both({ near: 'lower dantian', off: [3, 1, 7], palm: 'in', fingers: 'forward' }), { trunk: { turn: 14 } })))] },
  }),
  guided({
    id: 'silk-dragon', name: 'Silk chart: the dragon climbs', pinyin: 'Lóng Dēng', hanzi: '龍登', phases: ['earth'], organs: ['spleen'], channels: along('stretch', 'SP'), points: ['SP6', 'SP21'], loosens: ['spine', 'shoulders', 'knees'], level: 2,
    images: ['A lotus that pushes up through deep water and opens.'], mistakes: [{ mistake: 'arching the low back at the top', mend: 'The tail stays heavy while the palms open.' }],
    parts: [{ part: 'sink with palms before the knees', watch: 'heels down' }, { part: 'rise past the breast', watch: 'palms turn at the collarbones' }, { part: 'open like a flower', watch: 'heels only as high as is steady' }],
    cycle: [
      exhale('Sink; the palms reach down before you.', to(stand(44, both(before('groin', 1, -2, 7, 'down', 'forward')), { trunk: { lean: 14 } }))),
      inhale('Rise; palms pass the chest and open above.', through(stand(16, both(before('middle dantian', 2, 1, 6, 'in', 'up'))), stand(6, both({ near: 'crown', off: [5, 11, 0], palm: 'up', fingers: 'in', elbow: 'out' })))),
      exhale('They turn and sink along both sides.', to(stand(16, both(reaching(0.9, -0.5, 0.3, 'down'))))),
      inhale('Stand up tall, arms hanging.', to(stand(7, both(HANGING)))),
    ],
    smaller: { change: 'A small sinking, palms to the collarbones.', cycle: [exhale('A little down, palms before the belly.', to(stand(18, both(before('lower dantian', 1, 0, 6, 'in', 'forward'))))), inhale('Up, palms to the collarbones.', to(stand(8, both(before('collarbone', 0, 0, 6, 'in', 'up')))))] },
    seated: { change: 'From the chair.', cycle: [exhale('Seated: palms reach down before the belly.', to(sit(both(before('lower dantian', 1, 1, 7, 'in', 'forward')), { trunk: { lean: 8 } }))), inhale('Rise tall, palms to the collarbones.', to(sit(both(before('collarbone', 0, 0, 6, 'in', 'up')))))] },
  }),
  guided({
    id: 'silk-bird', name: 'Silk chart: the bird stretches', pinyin: 'Niǎo Shēn', hanzi: '鳥伸', phases: ['fire'], organs: ['heart'], channels: along('stretch', 'HT'), points: ['HT7', 'CV17'], loosens: ['spine', 'shoulders'], view: 'side', level: 2,
    images: ['A bird that lengthens before it flies.'], mistakes: [{ mistake: 'chin up, nape short', mend: 'The crown goes forward and away.' }],
    parts: [{ part: 'arms back, chest forward', watch: 'knees soft' }, { part: 'the wave through the spine', watch: 'from the tail to the crown' }],
    cycle: [
      inhale('Arms drift back and apart; the breastbone goes ahead.', to(stand(14, both(reaching(0.6, -0.9, -0.15, 'back', 0.84)), { trunk: { lean: 12, round: -8 } }))),
      exhale('The back rounds; hands come before the knees.', to(stand(32, both(reaching(0.1, -0.8, 0.8, 'in', 0.85)), { trunk: { lean: 22, round: 24 }, head: { nod: 12 } }))),
      inhale('Bone on bone, rise.', to(stand(10, both(before('navel', 3, 0, 6, 'up', 'in'))))),
      exhale('Hands sink before the belly.', to(stand(13, both(before('lower dantian', 3, 0, 5, 'down', 'in'))))),
    ],
    smaller: { change: 'Upright, only the arms and the breastbone.', cycle: [inhale('Arms drift back; the breastbone lifts.', to(stand(9, both(reaching(0.5, -1, -0.2, 'back', 0.9))))), exhale('Arms come forward; the back widens.', to(stand(13, both(reaching(0.1, -0.7, 0.7, 'in', 0.85)), { trunk: { round: 8 } })))] },
    seated: { change: 'From the front of the chair.', cycle: [inhale('Front of the seat: arms drift back, breastbone ahead.', to(sit(both(reaching(0.6, -0.8, -0.2, 'back', 0.88)), { trunk: { lean: 6 } }))), exhale('The back widens; arms before the knees.', to(sit(both(reaching(0.1, -0.5, 0.9, 'in', 0.85)), { trunk: { lean: 8, round: 12 } })))] },
  }),
  guided({
    id: 'silk-belly', name: 'Silk chart: the belly drawn', pinyin: 'Yǐn Fù', hanzi: '引腹', phases: ['fire'], organs: ['small-intestine'], channels: along('stretch', 'SI'), points: ['SI3', 'CV4'], sides: 'alternating', footwork: 'The weight goes from foot to foot; both stay down.', loosens: ['hips', 'shoulders'],
    images: ['Wringing a cloth between shoulder and hip.'], mistakes: [{ mistake: 'throwing the hip out', mend: 'A slow figure; the belly is led, not flung.' }],
    cycle: [
      inhale('Arms turn outward; the hip drifts out, {side}.', to(stand(12, both(reaching(0.9, -0.35, 0.3, 'up', 0.9)), { weight: 0.62 }))),
      exhale('They turn inward; the hip comes home.', to(stand(16, both(reaching(0.9, -0.45, 0.4, 'down', 0.88)), { weight: 0.5 }))),
      inhale('{Side} palm up by the head, {other} palm down by the hip.', to(stand(10, each({ near: 'crown', off: [5, 3, 2], palm: 'up', fingers: 'in', elbow: 'out' }, { near: 'hip', off: [3, 0, 2], palm: 'down', fingers: 'forward', elbow: 'out' }), { weight: 0.6 }))),
      exhale('Both float down.', to(stand(13, both(HANGING), { weight: 0.5 }))),
    ],
    smaller: { change: 'Only the arms turn.', cycle: [inhale('Arms turn outward; the {side} hip drifts.', to(stand(9, both(reaching(0.8, -0.7, 0.3, 'up', 0.9)), { weight: 0.55 }))), exhale('They turn inward.', to(stand(12, both(reaching(0.8, -0.75, 0.3, 'down', 0.88)))))] },
    seated: { change: 'From the chair.', cycle: [inhale('Seated: arms turn outward; lean to the {side}.', to(sit(both(reaching(0.8, -0.6, 0.4, 'up', 0.86)), { trunk: { bend: 5 } }))), exhale('They turn inward; come home.', to(sit(both(reaching(0.8, -0.65, 0.4, 'down', 0.86)))))] },
  }),
  guided({
    id: 'silk-owl', name: 'Silk chart: the owl gazes', pinyin: 'Chī Shì', hanzi: '鴟視', phases: ['water'], organs: ['bladder'], channels: along('stretch', 'BL'), points: ['BL10', 'BL40'], sides: 'alternating', stance: { start: 'bow', end: 'bow' }, footwork: 'A short bow stance, the back heel down.', loosens: ['shoulders', 'neck'], view: 'side',
    images: ['An owl on the edge of the barn, looking after a sound.'], mistakes: [{ mistake: 'the chin juts out', mend: 'Draw the nape back while the eyes go ahead.' }],
    cycle: [
      inhale('Weight back; hands draw in to the ribs.', to(stand(26, both({ near: 'ribs', off: [1, 1, 3], palm: 'up', fingers: 'forward', elbow: 'back' }), { ...BOW, weight: 0.36 }))),
      exhale('Weight over the {side} foot; arms reach ahead, and gaze.', to(stand(32, both(reaching(0.4, 0, 1, 'out', 0.9)), { ...BOW, weight: 0.64, trunk: { lean: 8 } }))),
    ],
    smaller: { change: 'Feet level.', stance: { start: 'shoulder width', end: 'shoulder width' }, cycle: [inhale('Hands draw in to the ribs.', to(stand(9, both({ near: 'ribs', off: [1, 0, 3], palm: 'up', fingers: 'forward', elbow: 'back' })))), exhale('Arms reach low; gaze a little to the {side}.', to(stand(14, both(reaching(0.4, -0.45, 1, 'out', 0.86)), { head: { turn: 14 } })))] },
    seated: { change: 'From the chair.', cycle: [inhale('Seated: hands draw in to the ribs.', to(sit(both({ near: 'ribs', off: [1, 0, 3], palm: 'up', fingers: 'forward', elbow: 'back' })))), exhale('Arms reach ahead; gaze to the {side}.', to(sit(both(reaching(0.4, -0.3, 1, 'out', 0.86)), { trunk: { lean: 6 }, head: { turn: 16 } })))] },
  }),
  guided({
    id: 'silk-waist', name: 'Silk chart: the waist drawn', pinyin: 'Yǐn Yāo', hanzi: '引腰', phases: ['water'], organs: ['kidney'], channels: along('stretch', 'KI'), points: ['KI3', 'BL23', 'GV4'], sides: 'alternating', loosens: ['spine', 'hips'], level: 2, view: 'three-quarter',
    images: ['A willow that dips one branch in the stream.'], mistakes: [{ mistake: 'pushing the belly out', mend: 'The hands lift the low back; the tail stays heavy.' }],
    parts: [{ part: 'hands on the low back, lift', watch: 'no bend backward in the neck' }, { part: 'fold a little, one shoulder down', watch: 'knees soft' }],
    cautions: ['With disc trouble leave out the turn and stay upright.'],
    cycle: [
      inhale('Palms on the low back; it lengthens.', to(stand(10, both(AT_KIDNEYS), { trunk: { round: -4 } }))),
      exhale('Hands slide down the thighs; bow a little.', to(stand(28, both({ near: 'thigh', off: [0, 1, 0] }), { trunk: { lean: 28, round: 12 } }))),
      inhale('Look to the {side}; that shoulder lifts.', to(stand(26, both({ near: 'thigh', off: [0, 2, 0] }), { trunk: { lean: 26, round: 8, turn: 14 }, head: { turn: 20 } }))),
      exhale('Home to the middle, up bone by bone.', to(stand(12, both({ near: 'hip' })))),
    ],
    exceptions: { breath: 'One comes up on the last exhale, so that the low back is not braced.' },
    smaller: { change: 'Upright, hands on the low back.', cycle: [inhale('Palms on the low back; it lengthens.', to(stand(9, both(AT_KIDNEYS)))), exhale('The tail sinks; look a little to the {side}.', to(stand(13, both(AT_KIDNEYS), { head: { turn: 14 } })))] },
    seated: { change: 'From the front of the chair.', cycle: [inhale('Front of the seat: palms on the low back.', to(sit(both(AT_KIDNEYS)))), exhale('Let it sink back into them; look to the {side}.', to(sit(both(AT_KIDNEYS), { trunk: { round: 6 }, head: { turn: 14 } })))] },
  }),
  guided({
    id: 'silk-goose', name: 'Silk chart: the wild goose flies', pinyin: 'Yàn Fēi', hanzi: '雁飛', phases: ['fire'], organs: ['pericardium'], channels: along('stretch', 'PC'), points: ['PC8', 'CV17'], sides: 'alternating', loosens: ['shoulders'],
    images: ['A goose that banks over the marsh.'], mistakes: [{ mistake: 'bending at the waist', mend: 'The arms tilt as one long wing; the trunk hardly leans.' }],
    cycle: [
      inhale('Arms rise to both sides, level.', to(stand(8, both(reaching(1, -0.08, 0.15))))),
      exhale('{Side} wing sinks, {other} wing rises; look down along it.', to(stand(24, each(reaching(1, -0.5, 0.15), reaching(1, 0.22, 0.15)), { trunk: { bend: 6 }, head: { turn: 16, nod: 6 } }))),
      inhale('Level again, and tall.', to(stand(9, both(reaching(1, -0.08, 0.15))))),
      exhale('Wings fold down.', to(stand(13, both(HANGING)))),
    ],
    smaller: { change: 'Wings below the shoulders.', cycle: [inhale('Arms rise a little to both sides.', to(stand(8, both(reaching(1, -0.55, 0.2))))), exhale('The {side} wing sinks.', to(stand(13, each(reaching(1, -0.9, 0.2), reaching(1, -0.4, 0.2)), { trunk: { bend: 4 } })))] },
    seated: { change: 'From the chair, wings low.', cycle: [inhale('Seated: arms rise a little to both sides.', to(sit(both(reaching(1, -0.45, 0.25))))), exhale('The {side} wing sinks; look along it.', to(sit(each(reaching(1, -0.75, 0.3), reaching(1, -0.3, 0.25)), { trunk: { bend: 5 }, head: { turn: 12 } })))] },
  }),
  guided({
    id: 'silk-crane', name: 'Silk chart: the crane dances', pinyin: 'Hè Wǔ', hanzi: '鶴舞', phases: ['fire'], organs: ['triple-burner'], channels: along('stretch', 'TE'), points: ['TE5', 'CV12'], sides: 'alternating', loosens: ['shoulders', 'spine', 'knees'],
    images: ['Two cranes treading the same shallow water.'], mistakes: [{ mistake: 'bouncing', mend: 'Up and down like breathing, never like a spring.' }],
    cycle: [
      inhale('One arm floats before, one behind; rise.', to(stand(8, each(reaching(0.1, -0.15, 1, 'down'), reaching(0.8, -0.7, 0.05, 'down', 0.78))))),
      exhale('Turn to the {side}, sink, and press both palms.', to(stand(26, each(reaching(0.3, -0.4, 1, 'down', 0.8), reaching(0.8, -0.7, 0.1, 'down', 0.74)), { trunk: { turn: 18 } }))),
      inhale('Rise and look behind.', to(stand(9, both(reaching(0.6, -0.3, 0.6, 'down')), { trunk: { turn: 20 }, head: { turn: 24 } }))),
      exhale('Come home, arms down.', to(stand(13, both(HANGING)))),
    ],
    smaller: { change: 'Arms low, half the turn.', cycle: [inhale('Arms float a little before and behind.', to(stand(8, each(reaching(0.2, -0.6, 1), reaching(0.8, -0.7, 0.1, 'down', 0.78))))), exhale('A small turn to the {side}.', to(stand(14, both(reaching(0.3, -0.8, 0.4)), { trunk: { turn: 10 } })))] },
    seated: { change: 'From the chair.', cycle: [inhale('Seated: arms float before you.', to(sit(both(reaching(0.4, -0.4, 1))))), exhale('Turn to the {side}, and press down.', to(sit(both({ near: 'thigh', off: [2, 0, 2.5], palm: 'down' }), { trunk: { turn: 14 }, head: { turn: 12 } })))] },
  }),
  guided({
    id: 'silk-sigh', name: 'Silk chart: breathing upward', pinyin: 'Yǎng Hū', hanzi: '仰呼', phases: ['wood'], organs: ['gallbladder'], channels: along('stretch', 'GB'), points: ['GB20', 'GB34'], loosens: ['shoulders', 'spine'], exhale: 'mouth',
    images: ['A long call over water, and the answer sinking down the sides.'], mistakes: [{ mistake: 'the head falls back', mend: 'The chest lifts the face; the nape stays long.' }],
    cycle: [
      inhale('Arms rise and open wide; the chest lifts.', to(stand(7, both(reaching(0.9, 0.3, 0.3, 'forward', 0.9)), { trunk: { round: -5 }, head: { nod: -4 } }))),
      exhale('Breathe out; the palms come down along the sides.', through(stand(14, both({ near: 'ribs', off: [1, 0, 0.6], palm: 'body', fingers: 'down', elbow: 'out' })), stand(22, both({ near: 'outer thigh', off: [0, 1, 0.2] })))),
    ],
    smaller: { change: 'Arms only to the height of the shoulders.', cycle: [inhale('Arms open low; the chest lifts.', to(stand(8, both(reaching(0.9, -0.45, 0.3, 'forward', 0.9))))), exhale('Palms come down the sides.', to(stand(14, both({ near: 'hip' }))))] },
    seated: { change: 'From the chair.', cycle: [inhale('Sitting tall: arms open low to both sides.', to(sit(both(reaching(0.9, -0.35, 0.35, 'forward', 0.88))))), exhale('Palms stroke down the sides to the hips.', to(sit(both({ near: 'hip', off: [0.4, 0.6, 0.3] }))))] },
  }),
  guided({
    id: 'silk-folding', name: 'Silk chart: the yin folded', pinyin: 'Zhé Yīn', hanzi: '折陰', phases: ['wood'], organs: ['liver'], channels: along('stretch', 'LR'), points: ['LR3', 'LR14'], sides: 'alternating', stance: { start: 'bow', end: 'bow' }, footwork: 'A short bow stance.', loosens: ['hips', 'shoulders'], view: 'three-quarter',
    images: ['Gathering the year’s first grass in both arms.'], mistakes: [{ mistake: 'leaning out over the front foot', mend: 'Fold at the hips; the weight stays between both feet.' }],
    cycle: [
      inhale('The {side} arm rises ahead and up.', to(stand(24, each(reaching(0.2, 0.5, 1, 'in', 0.9), HANGING), { ...BOW, weight: 0.58 }))),
      exhale('It turns and sinks by the hip.', to(stand(28, each(reaching(0.7, -0.9, 0.2, 'down', 0.9), HANGING), { ...BOW, weight: 0.46 }))),
      inhale('Both arms open wide.', to(stand(24, both(reaching(1, -0.1, 0.35, 'forward', 0.9)), { ...BOW, weight: 0.5 }))),
      exhale('Fold a little; gather low, and bring it to the belly.', through(stand(38, both(reaching(0.1, -1, 0.7, 'up', 0.86)), { ...BOW, weight: 0.54, trunk: { lean: 30, round: 8 } }), stand(26, both(before('lower dantian', 3, 0, 5, 'up', 'in')), { ...BOW, weight: 0.5 }))),
    ],
    exceptions: { breath: 'The last exhale ends upright: what was gathered is brought home on it.' },
    smaller: { change: 'Feet level, hands no higher than the chest.', stance: { start: 'shoulder width', end: 'shoulder width' }, cycle: [inhale('Arms open low, a little to the {side}.', to(stand(9, both(reaching(0.9, -0.5, 0.5, 'in', 0.84)), { trunk: { turn: 8 } }))), exhale('Gather it to the belly.', to(stand(14, both(before('lower dantian', 3, 0, 5, 'up', 'in')))))] },
    seated: { change: 'From the chair.', cycle: [inhale('Seated: arms open, a little to the {side}.', to(sit(both(reaching(0.9, -0.4, 0.5, 'in', 0.82)), { trunk: { turn: 8 } }))), exhale('Gather it to the belly.', to(sit(both(before('lower dantian', 3, 1, 5, 'up', 'in')))))] },
  }),
] as const;
