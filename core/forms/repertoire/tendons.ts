import type { Form } from '../model/model';
import { along, defineForm, type FormOfKind } from '../writing/define';
import {
  AT_KIDNEYS,
  before,
  both,
  each,
  HANGING,
  PALMS_TOGETHER,
  PRESSED_DOWN,
  reaching,
  sit,
  stand,
  claw,
  fist,
} from '../writing/postures';
import { exhale, inhale, through, to } from '../writing/strokes';

const WIDE = { feet: { apart: 1.9, turnOut: 20 } } as const;
const BOW = {
  feet: { apart: 0.9, ahead: { foot: 'left', by: 2 }, turnOut: { left: 0, right: 35 } },
} as const;

const TWICE = { least: 1, usual: 3, most: 6, multipleOf: 1 } as const;

/** A member of the twelve: slow, whole, strength from within; few repetitions. */
const tendon = (text: FormOfKind): Form =>
  defineForm({
    roles: ['nourish'],
    actions: ['moves', 'nourishes'],
    pace: 'animal',
    repetitions: TWICE,
    family: 'set piece',
    source: 'tendon-changing-standard',
    polarity: 'yang',
    level: 2,
    setupSec: { known: 6, taught: 24 },
    ...text,
  });
const ASIDE = { least: 1, usual: 2, most: 4, multipleOf: 1 } as const;

/** The twelve tendon-changing postures in order; movements in our own words, names from memory of the standard edition. */
// prettier-ignore
export const TENDONS = [
  tendon({
    id: 'tendon-staff-first', name: 'Offering the staff: palms together', pinyin: 'Wéi Tuó Xiàn Chǔ Dì Yī Shì', hanzi: '韋馱獻杵第一式', roles: ['nourish', 'arrive'], actions: ['calms', 'nourishes'], organs: ['heart', 'pericardium'], phases: ['fire'],
    channels: along('hold', 'PC', 'HT'), points: ['CV17'], pace: 'gathering', repetitions: TWICE, images: ['A lamp set down between two hands.'],
    mistakes: [{ mistake: 'pressing the palms hard', mend: 'So much that a leaf would stay between them.' }],
    parts: [{ part: 'arms rise level', watch: 'shoulders stay low' }, { part: 'palms meet before the heart', watch: 'wrists soft' }],
    cycle: [
      inhale('Arms rise before you, level and light.', to(stand(8, both(reaching(0.1, -0.08, 1, 'in'))))),
      exhale('Elbows fold; palms meet before the heart.', to(stand(12, both(PALMS_TOGETHER)))),
    ],
    smaller: { change: 'Arms below the shoulders.', cycle: [inhale('Arms float up before the chest.', to(stand(8, both(reaching(0.1, -0.12, 1, 'in'))))), exhale('Palms meet before the chest.', to(stand(11, both(PALMS_TOGETHER))))] },
    seated: { change: 'The same from the chair.', cycle: [inhale('Seated: arms float up before you.', to(sit(both(reaching(0.1, -0.12, 1, 'in'))))), exhale('Palms meet before the heart.', to(sit(both(PALMS_TOGETHER))))] },
  }),
  tendon({
    id: 'tendon-staff-second', name: 'Offering the staff: arms to both sides', pinyin: 'Wéi Tuó Xiàn Chǔ Dì Èr Shì', hanzi: '韋馱獻杵第二式', roles: ['nourish'], actions: ['moves', 'nourishes'], organs: ['lung', 'heart'], phases: ['metal', 'fire'],
    channels: along('stretch', 'LU', 'HT', 'PC'), points: ['LU1', 'PC8'], pace: 'gathering', repetitions: TWICE, loosens: ['shoulders', 'wrists'], images: ['A yoke with two full pails.'],
    mistakes: [{ mistake: 'shrugging as the arms spread', mend: 'Let the weight hang from the elbows.' }],
    parts: [{ part: 'palms forward, then wide', watch: 'arms no higher than the shoulders' }, { part: 'wrists press to both sides', watch: 'the elbows stay soft' }],
    cycle: [
      inhale('From the heart the palms open wide to both sides.', through(stand(10, both(PALMS_TOGETHER)), stand(9, both(reaching(1, -0.05, 0.15, 'down'))))),
      exhale('Raise the wrists; press out to both sides.', to(stand(14, both(reaching(1, -0.05, 0.15, 'out', 0.86))))),
    ],
    smaller: { change: 'Arms below the shoulders.', cycle: [inhale('From the heart the palms open low to both sides.', through(stand(9, both(PALMS_TOGETHER)), stand(8, both(reaching(1, -0.22, 0.25, 'down'))))), exhale('Press softly outward through the wrists.', to(stand(11, both(reaching(1, -0.22, 0.25, 'out', 0.84)))))] },
    seated: { change: 'From the chair, arms below the shoulders.', cycle: [inhale('Sitting, open the palms low to both sides.', through(sit(both(PALMS_TOGETHER)), sit(both(reaching(1, -0.4, 0.25, 'down'))))), exhale('Press outward through the wrists.', to(sit(both(reaching(1, -0.4, 0.2, 'out', 0.88)))))] },
  }),
  tendon({
    id: 'tendon-staff-third', name: 'Offering the staff: palms hold up', pinyin: 'Wéi Tuó Xiàn Chǔ Dì Sān Shì', hanzi: '韋馱獻杵第三式', roles: ['nourish'], actions: ['moves', 'nourishes'], organs: ['triple-burner', 'kidney'], phases: ['fire', 'water'],
    channels: along('stretch', 'TE', 'KI'), points: ['CV12', 'KI1'], pace: 'gathering', repetitions: TWICE, loosens: ['shoulders'], images: ['A roof beam lifted into its place.'],
    mistakes: [{ mistake: 'heels fly up', mend: 'Only as high as you stand without swaying.' }],
    parts: [{ part: 'the palms up, heels down', watch: 'ribs stay closed' }, { part: 'heels a little off the floor', watch: 'weight between first and second toe' }],
    cycle: [
      inhale('Palms pass the ears and hold up; heels lift a little.', through(stand(10, both(before('middle dantian', 2, 2, 6, 'body', 'in'))), stand(6, both({ near: 'crown', off: [2, 9, 0], palm: 'up', fingers: 'in', elbow: 'out' }), { feet: { heels: 12 } }))),
      exhale('Heels sink; arms open and come down.', through(stand(10, both(reaching(1, 0.1, 0.15))), stand(14, both(HANGING)))),
    ],
    smaller: { change: 'Heels down, palms to the chest.', cycle: [inhale('Heels down: palms rise before the chest.', to(stand(8, both(before('middle dantian', 2, 2, 7, 'body', 'in'))))), exhale('Turn over and sink.', to(stand(12, both(PRESSED_DOWN))))] },
    seated: { change: 'From the chair, palms to the chest.', cycle: [inhale('Seated: palms rise before the chest.', to(sit(both(before('middle dantian', 2, 2, 7, 'body', 'in'))))), exhale('They turn over and sink to the lap.', to(sit(both(before('lower dantian', 3, 2, 5, 'down', 'in')))))] },
  }),
  tendon({
    id: 'tendon-plucking-stars', name: 'Plucking a star and changing its place', pinyin: 'Zhāi Xīng Huàn Dǒu', hanzi: '摘星換斗', roles: ['nourish'], actions: ['moves', 'nourishes'], organs: ['kidney', 'spleen'], phases: ['water', 'earth'], sides: 'alternating',
    channels: along('stretch', 'KI', 'BL', 'SP'), points: ['GV4', 'BL23'], pace: 'animal', repetitions: ASIDE, loosens: ['spine', 'shoulders'], images: ['A lantern taken from one hook and hung on another.'], view: 'three-quarter',
    mistakes: [{ mistake: 'looking up with the neck', mend: 'The eyes go up; the nape stays long.' }],
    parts: [{ part: 'the hand at the life gate', watch: 'back of the hand on the spine' }, { part: 'the other hand rises', watch: 'the elbow keeps round' }, { part: 'look to the palm and back', watch: 'the neck is not tipped' }],
    cycle: [
      inhale('The {side} hand rises over the brow; the {other} lies behind.', to(stand(10, each({ near: 'crown', off: [1, 6, 4], palm: 'down', fingers: 'in', elbow: 'out' }, { ...AT_KIDNEYS, palm: 'back' }), { trunk: { turn: 10 }, head: { nod: -6 } }))),
      exhale('Look into the palm and sink a little.', to(stand(22, each({ near: 'crown', off: [1, 5, 4], palm: 'down', fingers: 'in', elbow: 'out' }, { ...AT_KIDNEYS, palm: 'back' }), { trunk: { turn: 14 }, head: { nod: -6 } }))),
      inhale('Rise and come to the middle, the arm still up.', to(stand(9, each({ near: 'crown', off: [3, 5, 4], palm: 'down', fingers: 'in', elbow: 'out' }, { ...AT_KIDNEYS, palm: 'back' })))),
      exhale('The arm comes down past the chest.', to(stand(13, both(HANGING)))),
    ],
    smaller: { change: 'The hand only to the collarbone, without sinking.', cycle: [inhale('The {side} hand rises to the collarbone.', to(stand(9, each(before('collarbone', 1, 0, 7, 'down', 'in'), { ...AT_KIDNEYS, palm: 'back' })))), exhale('Look into the palm, and let it sink.', to(stand(12, each(before('navel', 2, 0, 6, 'down', 'in'), { ...AT_KIDNEYS, palm: 'back' }))))] },
    seated: { change: 'From the front of the chair, one hand to the collarbone.', cycle: [inhale('Front of the seat: the {side} hand rises to the collarbone.', to(sit(each(before('collarbone', 1, 0, 7, 'down', 'in'), { ...AT_KIDNEYS, palm: 'back' })))), exhale('Look into the palm; it sinks.', to(sit(each(before('navel', 2, 1, 6, 'down', 'in'), { ...AT_KIDNEYS, palm: 'back' }))))] },
  }),
  tendon({
    id: 'tendon-nine-oxen', name: 'Drawing nine oxen by the tail', pinyin: 'Dào Zhuài Jiǔ Niú Wěi', hanzi: '倒拽九牛尾', roles: ['nourish', 'wake'], actions: ['moves'], organs: ['liver', 'kidney'], phases: ['wood', 'water'], sides: 'one-then-other',
    stance: { start: 'bow', end: 'bow' }, footwork: 'A bow stance; the front knee over the toes.', channels: along('stretch', 'LR', 'GB', 'BL'), points: ['GB34', 'GV4'], pace: 'animal', repetitions: ASIDE, loosens: ['hips', 'shoulders'], images: ['A heavy rope that gives a hand’s breadth and takes it back.'], view: 'three-quarter',
    mistakes: [{ mistake: 'pulling with the arms', mend: 'The waist turns the rope in.' }],
    parts: [{ part: 'the stance alone', watch: 'the back heel stays down' }, { part: 'weight forward and back', watch: 'knee over toes' }, { part: 'fists before and behind', watch: 'the waist leads' }],
    cycle: [
      inhale('Weight back; the {side} fist ahead, the {other} behind.', to(stand(34, each(reaching(0.3, -0.3, 1, 'up', 0.7), { near: 'kidneys', off: [0.6, 0, 1], palm: 'out', elbow: 'back', ...fist }), { ...BOW, weight: 0.32, trunk: { turn: 14 } }))),
      exhale('Weight forward, the rope runs out.', to(stand(44, each(reaching(0.3, -0.2, 1, 'up', 0.9), { near: 'kidneys', off: [0.8, 0, 1], palm: 'out', elbow: 'back', ...fist }), { ...BOW, weight: 0.68 }))),
    ],
    smaller: { change: 'A short stance, only the arms and the waist.', stance: { start: 'shoulder width', end: 'shoulder width' }, cycle: [inhale('Feet level: the {side} fist draws in.', to(stand(12, each(reaching(0.3, -0.4, 1, 'up', 0.6), { near: 'kidneys', off: [0.6, 0, 1], palm: 'out', elbow: 'back', ...fist }), { trunk: { turn: 10 } }))), exhale('It runs out again.', to(stand(15, each(reaching(0.3, -0.35, 1, 'up', 0.85), { near: 'kidneys', off: [0.6, 0, 1], palm: 'out', elbow: 'back', ...fist }))))] },
    seated: { change: 'From the chair.', cycle: [inhale('Seated: the {side} fist draws in, the waist with it.', to(sit(each(reaching(0.3, -0.4, 1, 'up', 0.6), { near: 'thigh', palm: 'down', ...fist }), { trunk: { turn: 10 } }))), exhale('It runs out again.', to(sit(each(reaching(0.3, -0.35, 1, 'up', 0.85), { near: 'thigh', palm: 'down', ...fist }))))] },
  }),
  tendon({
    id: 'tendon-showing-talons', name: 'Showing the talons, spreading the wings', pinyin: 'Chū Zhǎo Liàng Chì', hanzi: '出爪亮翅', roles: ['nourish'], actions: ['moves', 'clears'], organs: ['lung', 'liver'], phases: ['metal', 'wood'],
    channels: along('stretch', 'LU', 'LI'), points: ['LU1', 'LU2'], pace: 'flowing', repetitions: { least: 3, usual: 5, most: 7, multipleOf: 1 }, loosens: ['shoulders'], images: ['A window opened from inside with both palms.'], view: 'side',
    mistakes: [{ mistake: 'glaring with a stiff neck', mend: 'The eyes open; the jaw does not.' }],
    parts: [{ part: 'hands at the shoulders', watch: 'shoulder blades together' }, { part: 'push slowly, all fingers wide', watch: 'the hips stay back' }],
    cycle: [
      inhale('Hands to the collarbones; shoulder blades draw together.', to(stand(9, both({ near: 'collarbone', off: [2.5, -0.5, 2.5], palm: 'forward', fingers: 'up', elbow: 'back' }), { shoulders: { forward: -0.5 } }))),
      exhale('Push away, palms wide, eyes wide.', to(stand(15, both(reaching(0.2, -0.05, 1, 'forward', 0.9)), { shoulders: { forward: 0.3 } }))),
    ],
    smaller: { change: 'Push low, before the belly.', cycle: [inhale('Hands to the ribs; the back widens.', to(stand(8, both({ near: 'ribs', off: [1.5, -1, 3], palm: 'forward', fingers: 'up', elbow: 'back' })))), exhale('Push softly away, low.', to(stand(12, both(reaching(0.2, -0.25, 1, 'forward', 0.85)))))] },
    seated: { change: 'The same from the chair, softer.', cycle: [inhale('Sitting tall: hands to the ribs.', to(sit(both({ near: 'ribs', off: [1.5, 0, 3], palm: 'forward', fingers: 'up', elbow: 'back' })))), exhale('Push away, fingers wide.', to(sit(both(reaching(0.2, -0.3, 1, 'forward', 0.86)))))] },
  }),
  tendon({
    id: 'tendon-nine-ghosts', name: 'Drawing the sabre behind the back', pinyin: 'Jiǔ Guǐ Bá Mǎ Dāo', hanzi: '九鬼拔馬刀', roles: ['nourish'], actions: ['moves'], organs: ['gallbladder', 'lung'], phases: ['wood', 'metal'], sides: 'alternating',
    channels: along('stretch', 'GB', 'LI', 'BL'), points: ['GB20', 'GV14'], pace: 'animal', repetitions: ASIDE, loosens: ['shoulders', 'neck', 'spine'], images: ['A door opened and shut between the shoulder blades.'], view: 'back',
    mistakes: [{ mistake: 'the head is pulled by the hand', mend: 'The hand only lies there; the elbow opens by itself.' }],
    parts: [{ part: 'one hand behind the head, one behind the back', watch: 'no strain in the shoulder' }, { part: 'open and turn', watch: 'the head is not pulled' }, { part: 'close and bow', watch: 'breath easy' }],
    cautions: ['No hand behind the back with shoulder pain; keep it on the hip.'],
    cycle: [
      inhale('{Side} hand behind the head, {other} behind; open to the {side}.', to(stand(10, each({ near: 'occiput', off: [1, 0, 0.4], palm: 'body', fingers: 'in', elbow: 'out' }, { ...AT_KIDNEYS, off: [0.6, 1, 0.4], palm: 'back' }), { trunk: { turn: 16 }, head: { turn: 18 } }))),
      exhale('Close the elbow, turn home and bow a little.', to(stand(16, each({ near: 'occiput', off: [1, 0, 0.4], palm: 'body', fingers: 'in', elbow: 'front' }, { ...AT_KIDNEYS, off: [0.6, 0, 0.4], palm: 'back' }), { trunk: { turn: -8, round: 10 }, head: { nod: 12 } }))),
    ],
    smaller: { change: 'One hand at the ear, the other on the hip; a small turn.', cycle: [inhale('The {side} hand by the ear, {other} on the hip; open a little.', to(stand(9, each({ near: 'ear', off: [0, 0, 0.6], palm: 'body', fingers: 'back', elbow: 'out' }, { near: 'hip', off: [0, 1, 0], fingers: 'forward', elbow: 'out' }), { trunk: { turn: 8 } }))), exhale('Close the elbow and come home.', to(stand(12, each({ near: 'ear', off: [0, 0, 0.6], palm: 'body', fingers: 'back', elbow: 'front' }, { near: 'hip', off: [0, 1, 0], fingers: 'forward', elbow: 'out' }), { head: { nod: 6 } })))] },
    seated: { change: 'From the chair, one hand at the ear.', cycle: [inhale('Seated: the {side} hand by the ear; open a little.', to(sit(each({ near: 'ear', off: [0, 0, 0.6], palm: 'body', fingers: 'back', elbow: 'out' }, { near: 'thigh' }), { trunk: { turn: 10 } }))), exhale('Close the elbow and come home.', to(sit(each({ near: 'ear', off: [0, 0, 0.6], palm: 'body', fingers: 'back', elbow: 'front' }, { near: 'thigh' }), { head: { nod: 6 } })))] },
  }),
  tendon({
    id: 'tendon-three-plates', name: 'Three plates sink to the ground', pinyin: 'Sān Pán Luò Dì', hanzi: '三盤落地', roles: ['nourish'], actions: ['moves', 'nourishes'], organs: ['kidney', 'heart'], phases: ['water', 'fire'],
    stance: { start: 'wide', end: 'wide' }, footwork: 'Wide, toes and knees a little out.', channels: along('stretch', 'KI', 'SP', 'LR'), points: ['CV4', 'KI1'], pace: 'flowing', repetitions: { least: 2, usual: 3, most: 6, multipleOf: 1 }, loosens: ['hips', 'knees'], level: 3, images: ['Pressing three corks down into water, and letting them rise.'], view: 'three-quarter',
    mistakes: [{ mistake: 'each sinking as low as the last', mend: 'A third, two thirds, and only then whole.' }],
    parts: [{ part: 'sink a third', watch: 'knees over the toes' }, { part: 'two thirds', watch: 'back upright' }, { part: 'whole', watch: 'no one holds the breath' }],
    cycle: [
      inhale('Palms up, lift something heavy as you rise.', to(stand(14, both({ near: 'hip', off: [3, 4, 4], palm: 'up', fingers: 'forward', elbow: 'back' }), WIDE))),
      exhale('Palms down beside the hips; sink as far as is easy.', to(stand(56, both({ near: 'hip', off: [3.5, -2, 2], palm: 'down', fingers: 'forward', elbow: 'out' }), { ...WIDE, trunk: { lean: 8 } }))),
    ],
    smaller: { change: 'Shoulder width, a hand’s breadth of sinking.', stance: { start: 'shoulder width', end: 'shoulder width' }, cycle: [inhale('Palms up: the legs lengthen.', to(stand(8, both({ near: 'hip', off: [3, 3, 4], palm: 'up', fingers: 'forward', elbow: 'back' })))), exhale('Palms down; sink a little.', to(stand(22, both({ near: 'hip', off: [3.5, -1, 2], palm: 'down', fingers: 'forward', elbow: 'out' }))))] },
    seated: { change: 'From the chair; the feet press instead.', cycle: [inhale('Seated: palms up, lift.', to(sit(both({ near: 'hip', off: [3, 4, 4], palm: 'up', fingers: 'forward', elbow: 'back' })))), exhale('Palms press down; the feet press too.', to(sit(both({ near: 'hip', off: [3, 2, 3], palm: 'down', fingers: 'forward', elbow: 'back' }))))] },
  }),
  tendon({
    id: 'tendon-dragon-reaches', name: 'The green dragon reaches out its claw', pinyin: 'Qīng Lóng Tàn Zhǎo', hanzi: '青龍探爪', roles: ['nourish'], actions: ['moves', 'clears'], organs: ['liver', 'gallbladder'], phases: ['wood'], sides: 'alternating',
    channels: along('stretch', 'LR', 'GB'), points: ['LR14', 'GB26'], pace: 'animal', repetitions: ASIDE, loosens: ['spine', 'shoulders'], images: ['A branch that leans over the wall towards its neighbour.'], view: 'three-quarter',
    mistakes: [{ mistake: 'turning the knees along', mend: 'The waist turns over quiet legs.' }],
    parts: [{ part: 'fists at the waist', watch: 'shoulders low' }, { part: 'turn and reach', watch: 'both feet whole on the floor' }, { part: 'sweep back in front', watch: 'rise head last' }],
    cycle: [
      inhale('Fists at the waist; the {other} arm opens aside.', to(stand(10, each({ near: 'hip', off: [0.5, 3, 1.5], palm: 'up', elbow: 'back', ...fist }, reaching(1, -0.1, 0.3, 'up')), { head: { turn: -16 } }))),
      exhale('Its claw reaches past the face to the {side}.', to(stand(16, each({ near: 'hip', off: [0.5, 3, 1.5], palm: 'up', elbow: 'back', ...fist }, { ...reaching(-0.75, -0.1, 0.8, 'down', 0.86), ...claw }), { trunk: { turn: 26 }, head: { turn: 14 } }))),
      inhale('It draws a half circle before you.', to(stand(14, each({ near: 'hip', off: [0.5, 3, 1.5], palm: 'up', elbow: 'back', ...fist }, { ...reaching(0.1, -0.12, 1, 'down', 0.86), ...claw })))),
      exhale('And comes home to the waist as a fist.', to(stand(10, both({ near: 'hip', off: [0.5, 3, 1.5], palm: 'up', elbow: 'back', ...fist })))),
    ],
    smaller: { change: 'Half the turn, the arm low.', cycle: [inhale('Fists at the waist; stand tall.', to(stand(9, both({ near: 'hip', off: [0.5, 3, 1.5], palm: 'up', elbow: 'back', ...fist })))), exhale('The {other} claw reaches a little to the {side}.', to(stand(12, each({ near: 'hip', off: [0.5, 3, 1.5], palm: 'up', elbow: 'back', ...fist }, { ...reaching(-0.4, -0.5, 1, 'down', 0.8), ...claw }), { trunk: { turn: 12 } })))] },
    seated: { change: 'From the chair.', cycle: [inhale('Seated: fists at the waist.', to(sit(both({ near: 'hip', off: [0.5, 3, 1.5], palm: 'up', elbow: 'back', ...fist })))), exhale('The {other} claw reaches to the {side}.', to(sit(each({ near: 'hip', off: [0.5, 3, 1.5], palm: 'up', elbow: 'back', ...fist }, { ...reaching(-0.5, -0.3, 1, 'down', 0.82), ...claw }), { trunk: { turn: 14 } })))] },
  }),
  tendon({
    id: 'tendon-tiger-springs', name: 'The lying tiger springs on its prey', pinyin: 'Wò Hǔ Pū Shí', hanzi: '臥虎撲食', roles: ['nourish'], actions: ['moves', 'clears'], organs: ['liver', 'lung'], phases: ['wood', 'metal'], sides: 'one-then-other',
    stance: { start: 'bow', end: 'bow' }, footwork: 'A long bow stance; the front knee over the toes.', channels: along('stretch', 'LR', 'LU', 'CV'), points: ['LR3', 'CV17'], pace: 'animal', repetitions: ASIDE, loosens: ['hips', 'shoulders'], level: 3, images: ['A cat that measures the jump, and does not hurry.'], view: 'side',
    mistakes: [{ mistake: 'falling on the front knee', mend: 'The back leg carries until the claws have landed.' }],
    parts: [{ part: 'weight back and forward', watch: 'knee over toes' }, { part: 'claws at the shoulders, then ahead', watch: 'neck long' }, { part: 'with the waist', watch: 'breath free' }],
    cycle: [
      inhale('Weight back; claws draw up to the chest.', to(stand(34, both({ near: 'collarbone', off: [1.5, -1.5, 4], palm: 'forward', fingers: 'up', elbow: 'back', ...claw }), { ...BOW, weight: 0.3, trunk: { lean: -2 } }))),
      exhale('Weight over the {side} knee; the claws land before it.', to(stand(48, both({ ...reaching(0.15, -0.55, 1, 'down', 0.88), ...claw }), { ...BOW, weight: 0.7, trunk: { lean: 22 } }))),
    ],
    smaller: { change: 'Feet level, claws at the height of the belly.', stance: { start: 'shoulder width', end: 'shoulder width' }, cycle: [inhale('Claws draw up to the ribs.', to(stand(10, both({ near: 'ribs', off: [1.5, 0, 3], palm: 'forward', fingers: 'up', elbow: 'back', ...claw })))), exhale('They come down ahead, a little to the {side}.', to(stand(16, both({ ...reaching(0.1, -0.6, 1, 'down', 0.8), ...claw }), { trunk: { turn: 8 } })))] },
    seated: { change: 'From the front of the chair.', cycle: [inhale('Front of the seat: claws draw up to the chest.', to(sit(both({ near: 'collarbone', off: [1.5, -1.5, 4], palm: 'forward', fingers: 'up', elbow: 'back', ...claw })))), exhale('They land before the {side} knee.', to(sit(both({ ...reaching(0.1, -0.4, 1, 'down', 0.84), ...claw }), { trunk: { turn: 8, lean: 12 } })))] },
  }),
  tendon({
    id: 'tendon-bowing', name: 'Bowing the body', pinyin: 'Dǎ Gōng', hanzi: '打躬', roles: ['nourish'], actions: ['moves', 'calms'], organs: ['bladder', 'kidney'], phases: ['water'],
    channels: along('stretch', 'BL', 'GV'), points: ['GV14', 'BL40'], pace: 'fold', repetitions: { least: 1, usual: 3, most: 4, multipleOf: 1 }, loosens: ['spine'], level: 3, images: ['A scroll rolled down and rolled up again.'], view: 'side',
    mistakes: [{ mistake: 'bowing from stiff hips', mend: 'Head, neck, ribs, waist: one after another.' }],
    parts: [{ part: 'hands behind the head', watch: 'elbows soft, no pulling' }, { part: 'roll a third down', watch: 'knees soft' }, { part: 'further each time', watch: 'head last on the way up' }],
    cautions: ['Rise slowly, head last; not with eye pressure, disc trouble or high blood pressure.'],
    exceptions: { breath: 'One comes up on the inhale and bows on the exhale; the fists at the ears keep it small.' },
    cycle: [
      inhale('Palms cover the ears; the crown lifts.', to(stand(9, both({ near: 'ear', off: [0, 0, 0.6], palm: 'body', fingers: 'back', elbow: 'out' })))),
      exhale('From the head down, bone by bone, bow.', to(stand(26, both({ near: 'ear', off: [0, 0, 0.6], palm: 'body', fingers: 'back', elbow: 'front' }), { trunk: { lean: 30, round: 40 }, head: { nod: 20 } }))),
      inhale('From the tail up, bone by bone, rise.', to(stand(9, both({ near: 'ear', off: [0, 0, 0.6], palm: 'body', fingers: 'back', elbow: 'out' })))),
      exhale('Elbows open; the shoulders hang.', to(stand(12, both({ near: 'ear', off: [0, 0, 0.6], palm: 'body', fingers: 'back', elbow: 'out' })))),
    ],
    smaller: { change: 'Only to the shoulder blades, hands on the thighs.', cycle: [inhale('Hands on the thighs, the crown lifts.', to(stand(14, both({ near: 'thigh', off: [0, 4, 0] }), { trunk: { lean: 8 } }))), exhale('Chin and upper back round a little.', to(stand(18, both({ near: 'thigh', off: [0, 3, 0] }), { trunk: { lean: 14, round: 16 }, head: { nod: 14 } }))), inhale('Grow tall again.', to(stand(12, both({ near: 'thigh', off: [0, 4, 0] }), { trunk: { lean: 8 } }))), exhale('Let the shoulders hang.', to(stand(14, both({ near: 'thigh', off: [0, 4, 0] }), { trunk: { lean: 9 } })))] },
    seated: { change: 'From the chair, hands on the knees.', cycle: [inhale('Seated, hands on the knees: grow tall.', to(sit(both({ near: 'knee' }), { trunk: { lean: 6 } }))), exhale('Bone by bone, bow a little.', to(sit(both({ near: 'knee' }), { trunk: { lean: 12, round: 12 }, head: { nod: 12 } }))), inhale('Bone by bone, rise.', to(sit(both({ near: 'knee' }), { trunk: { lean: 6 } }))), exhale('Let the shoulders hang.', to(sit(both({ near: 'knee' }), { trunk: { lean: 7 } })))] },
  }),
  tendon({
    id: 'tendon-wagging-tail', name: 'Wagging the tail', pinyin: 'Diào Wěi', hanzi: '掉尾', roles: ['nourish'], actions: ['moves', 'calms'], organs: ['kidney', 'bladder', 'gallbladder'], phases: ['water', 'wood'], sides: 'alternating',
    channels: along('stretch', 'GV', 'BL', 'GB'), points: ['GV4', 'GV14'], pace: 'fold', repetitions: ASIDE, loosens: ['spine', 'hips'], level: 3, images: ['A heron that looks round at its own tail.'], view: 'back',
    mistakes: [{ mistake: 'only the head turns', mend: 'Head and tail look for each other; the waist bends between.' }],
    parts: [{ part: 'fold with clasped hands, knees soft', watch: 'no bounce' }, { part: 'tail and head to one side', watch: 'stay small' }],
    cautions: ['Rise slowly, head last. With disc trouble, osteoporosis or glaucoma take the small way, upright.'],
    cycle: [
      inhale('Folded, hands hanging: the back widens.', to(stand(34, both({ near: 'shin', off: [-1, 4, 2], palm: 'body' }), { trunk: { lean: 52, round: 22 }, head: { nod: -4 } }))),
      exhale('Head and hip swing to meet on the {side}.', to(stand(36, both({ near: 'shin', off: [-1, 4, 2], palm: 'body' }), { trunk: { lean: 52, round: 22, bend: 10 }, head: { turn: 16, nod: -4 } }))),
    ],
    smaller: { change: 'Upright, hands on the hips: hip and shoulder to each other.', cycle: [inhale('Hands on the hips, stand tall.', to(stand(9, both({ near: 'hip', off: [0, 1, 0], fingers: 'forward', elbow: 'out' })))), exhale('{Side} shoulder and hip lean towards each other.', to(stand(12, both({ near: 'hip', off: [0, 1, 0], fingers: 'forward', elbow: 'out' }), { trunk: { bend: 10 }, head: { turn: 10 } })))] },
    seated: { change: 'On the sitting bones, upright.', cycle: [inhale('Sitting tall, hands on the thighs.', to(sit())), exhale('Lean from the waist; look to the {side} hip.', to(sit(undefined, { trunk: { bend: 10 }, head: { turn: 14 } })))] },
  }),
] as const;
