import { along, CIRCLES, defineForm, FLOWING_COUNT } from '../writing/define';
import {
  before,
  both,
  each,
  HANGING,
  ON_HIPS,
  ON_FLOOR,
  ON_THIGHS,
  reaching,
  sit,
  stand,
} from '../writing/postures';
import { exhale, inhale, through, to } from '../writing/strokes';

const BOW = {
  feet: { apart: 0.9, ahead: { foot: 'left', by: 1.9 }, turnOut: { left: 0, right: 35 } },
} as const;
const DESK = { base: 'fours', hands: both(ON_FLOOR) } as const;
const KNEEL = { base: 'kneeling', hands: both({ near: 'thigh', off: [0, 2, 0] }) } as const;

/** Spirals of one joint and of the whole body, and waves of the spine; common practice. */
// prettier-ignore
export const SPIRALS = [
  defineForm({
    id: 'spiral-one-hand', name: 'One hand spirals, both ways', family: 'spiral', roles: ['nourish', 'loosen'], actions: ['moves'], phases: ['wood', 'fire'], organs: ['liver', 'heart'], channels: along('stretch', 'LI', 'HT', 'SI'), points: ['PC8'], sides: 'alternating', pace: 'turning', footwork: 'The weight goes along from foot to foot.', repetitions: FLOWING_COUNT, loosens: ['shoulders', 'wrists'],
    images: ['Silk drawn off a cocoon, one thread, never broken.'], mistakes: [{ mistake: 'the hand turns by itself', mend: 'The hand is the last to know; the waist turned it.' }],
    cycle: [
      inhale('The {side} palm turns up and threads inward past the navel.', to(stand(14, each(before('navel', -1, 1, 6, 'up', 'in'), ON_HIPS), { trunk: { turn: -10 } }))),
      exhale('It turns over and spirals out to the {side}.', to(stand(22, each(reaching(0.8, -0.15, 0.6, 'down', 0.9), ON_HIPS), { trunk: { turn: 16 }, weight: 0.62 }))),
    ],
    smaller: { change: 'From the elbow only.', cycle: [inhale('The {side} palm turns up before the navel.', to(stand(9, each(before('navel', 1, 0, 6, 'up', 'in'), HANGING)))), exhale('It turns over and goes a little out.', to(stand(12, each(reaching(0.5, -0.7, 0.7, 'down', 0.75), HANGING), { trunk: { turn: 8 } })))] },
    seated: { change: 'From the chair.', cycle: [inhale('Seated: the {side} palm turns up before the navel.', to(sit(each(before('navel', 0, 1, 6, 'up', 'in'), ON_THIGHS)))), exhale('It turns over and spirals out.', to(sit(each(reaching(0.7, -0.4, 0.7, 'down', 0.84), ON_THIGHS), { trunk: { turn: 12 } })))] },
  }),
  defineForm({
    id: 'spiral-two-hands', name: 'Two hands spiral', family: 'spiral', roles: ['nourish', 'balance'], actions: ['moves'], phases: ['fire', 'metal'], organs: ['heart', 'lung'], channels: along('stretch', 'HT', 'LU', 'SI'), points: ['PC8', 'CV17'], pace: 'flowing', repetitions: FLOWING_COUNT, loosens: ['shoulders', 'wrists'], level: 2,
    images: ['Two fish that turn round one another.'], mistakes: [{ mistake: 'elbows lock at the end', mend: 'Leave the last inch of the spiral unturned.' }],
    parts: [{ part: 'one arm, then the other', watch: 'shoulders quiet' }, { part: 'both together', watch: 'palms up going in, over going out' }],
    cycle: [
      inhale('Palms turn up and draw in under the ribs.', to(stand(10, both({ near: 'ribs', off: [1.5, -1, 4], palm: 'up', fingers: 'forward', elbow: 'back' })))),
      exhale('They turn over and spiral out before you.', to(stand(20, both(reaching(0.5, -0.15, 1, 'down', 0.9))))),
    ],
    smaller: { change: 'Low and near.', cycle: [inhale('Palms turn up before the belly.', to(stand(8, both(before('navel', 3, 0, 5, 'up', 'in'))))), exhale('They turn over and go a little out.', to(stand(12, both(reaching(0.4, -0.75, 0.9, 'down', 0.8)))))] },
    seated: { change: 'From the chair.', cycle: [inhale('Seated: palms turn up and draw in.', to(sit(both({ near: 'ribs', off: [1.5, -1, 4], palm: 'up', fingers: 'forward', elbow: 'back' })))), exhale('They turn over and spiral out.', to(sit(both(reaching(0.5, -0.3, 1, 'down', 0.86)))))] },
  }),
  defineForm({
    id: 'spiral-bow-step', name: 'Spirals in the bow stance', family: 'spiral', roles: ['nourish'], actions: ['moves', 'nourishes'], phases: ['wood', 'water'], organs: ['liver', 'kidney'], channels: along('stretch', 'LR', 'GB', 'KI'), points: ['GB34', 'GV4'], sides: 'one-then-other', stance: { start: 'bow', end: 'bow' }, footwork: 'A bow stance; the weight goes forward and back.', pace: 'turning', repetitions: FLOWING_COUNT, loosens: ['hips', 'shoulders'], level: 2, view: 'three-quarter',
    images: ['A screw that draws itself into soft wood and out again.'], mistakes: [{ mistake: 'the front knee wobbles', mend: 'The spiral starts in the back heel.' }],
    parts: [{ part: 'the weight alone', watch: 'front knee over the toes' }, { part: 'the waist', watch: 'navel leads' }, { part: 'the arm last', watch: 'palm up coming, over going' }],
    cycle: [
      inhale('Weight back; the {side} palm turns up and winds in.', to(stand(34, each(before('navel', 1, 1, 6, 'up', 'in'), ON_HIPS), { ...BOW, weight: 0.32, trunk: { turn: -10 } }))),
      exhale('Weight forward; it turns over and winds out.', to(stand(40, each(reaching(0.3, -0.15, 1, 'down', 0.9), ON_HIPS), { ...BOW, weight: 0.66, trunk: { turn: 10 } }))),
    ],
    smaller: { name: 'Spirals of the palm', change: 'Feet level, a small shift.', stance: { start: 'shoulder width', end: 'shoulder width' }, cycle: [inhale('Feet level: the {side} palm turns up and winds in.', to(stand(10, each(before('navel', 2, 0, 6, 'up', 'in'), ON_HIPS)))), exhale('It turns over and winds out, low.', to(stand(14, each(reaching(0.4, -0.6, 1, 'down', 0.8), ON_HIPS), { trunk: { turn: 8 } })))] },
    seated: { name: 'Spirals of the palm', change: 'From the chair.', cycle: [inhale('Seated: the {side} palm winds in.', to(sit(each(before('navel', 1, 1, 6, 'up', 'in'), ON_THIGHS)))), exhale('It turns over and winds out.', to(sit(each(reaching(0.4, -0.35, 1, 'down', 0.84), ON_THIGHS), { trunk: { turn: 10 } })))] },
  }),
  ...(([
    ['shoulder', 'The shoulder spirals', 'shoulders', 'The {side} shoulder winds up and forward, the arm hanging.', 'It winds back and down.', 'A bucket handle that turns in its own ears.'],
    ['elbow', 'The elbow spirals', 'shoulders', 'The {side} elbow floats up and out to the ribs.', 'It winds in and sinks.', 'Stirring a wide pot with a long spoon.'],
  ] as const).map(([joint, name, loosens, inward, outward, image]) => defineForm({
    id: `spiral-${joint}`, name, family: 'spiral', roles: ['loosen'], actions: ['moves'], phases: ['metal', 'fire'], organs: ['lung', 'small-intestine'], channels: along('stretch', 'LI', 'SI'), points: ['SI9', 'LI15'], sides: 'alternating', pace: 'circling', repetitions: CIRCLES, loosens: [loosens], asks: { roundedJoints: ['shoulders'] },
    images: [image], mistakes: [{ mistake: 'the neck goes along', mend: 'Ear and shoulder keep their distance.' }],
    cycle: joint === 'shoulder'
      ? [inhale(inward, to(stand(10, each({ near: 'hanging', off: [0, 1, 1] }, HANGING), { shoulders: { of: 'left', raise: 0.8, forward: 0.5 }, trunk: { turn: -6 } }))), exhale(outward, to(stand(12, each({ near: 'hanging', off: [0, 0, -1] }, HANGING), { shoulders: { of: 'left', forward: -0.5 }, trunk: { turn: 6 } })))]
      : [inhale(inward, to(stand(10, each({ near: 'ribs', off: [4, 0, 3], palm: 'down', fingers: 'in', elbow: 'high' }, HANGING)))), exhale(outward, to(stand(13, each({ near: 'navel', off: [2, -1, 5], palm: 'up', fingers: 'in', elbow: 'low' }, HANGING))))],
    smaller: { change: 'Small, the hand on the shoulder.', asks: { roundedJoints: [] }, cycle: [inhale(`The {side} ${joint} lifts a little.`, to(stand(9, each({ near: 'ribs', off: [2, 0, 2], palm: 'body', fingers: 'in' }, HANGING)))), exhale('And sinks.', to(stand(11, both(HANGING))))] },
    seated: { change: 'From the chair.', cycle: [inhale(`Seated: the {side} ${joint} winds up.`, to(sit(each({ near: 'ribs', off: [3, 0, 3], palm: 'body', fingers: 'in' }, ON_THIGHS)))), exhale('And winds down.', to(sit()))] },
  }))),
  defineForm({
    id: 'spiral-hip', name: 'The hip spirals', family: 'spiral', roles: ['loosen'], actions: ['moves'], phases: ['wood', 'water'], organs: ['gallbladder', 'kidney'], channels: along('stretch', 'GB', 'KI'), points: ['GB30'], sides: 'alternating', pace: 'circling', footwork: 'The weight goes along under the hip.', repetitions: CIRCLES, loosens: ['hips'], asks: { roundedJoints: ['hips'] },
    images: ['A pestle that turns in a deep mortar.'], mistakes: [{ mistake: 'the shoulders do it', mend: 'Crown and breastbone stay over one spot.' }],
    cycle: [
      inhale('The {side} hip slides out and forward.', to(stand(12, both(ON_HIPS), { weight: 0.66, pelvis: { turn: -10 } }))),
      exhale('It winds back and home.', to(stand(16, both(ON_HIPS), { weight: 0.5, pelvis: { turn: 8 } }))),
    ],
    smaller: { change: 'Only sliding from side to side.', asks: { roundedJoints: [] }, cycle: [inhale('The {side} hip slides out a little.', to(stand(10, both(ON_HIPS), { weight: 0.58 }))), exhale('And home.', to(stand(12, both(ON_HIPS))))] },
    seated: { change: 'On the sitting bones.', cycle: [inhale('The {side} sitting bone grows heavy.', to(sit(undefined, { weight: 0.7 }))), exhale('And light again.', to(sit()))] },
  }),
  defineForm({
    id: 'spiral-knee', name: 'The knee spirals', family: 'spiral', roles: ['loosen'], actions: ['moves'], phases: ['earth', 'wood'], organs: ['stomach', 'liver'], channels: along('stretch', 'ST', 'LR'), points: ['ST36', 'LR8'], sides: 'both-ways', ways: ['outward', 'inward'], pace: 'circling', repetitions: CIRCLES, loosens: ['knees', 'ankles'], asks: { roundedJoints: ['knees'] }, stance: { start: 'hip width', end: 'hip width' }, view: 'three-quarter',
    images: ['Two cups rolled on their rims.'], mistakes: [{ mistake: 'pressing on the kneecaps', mend: 'The hands lie above them, and only go along.' }], cautions: ['As small as a coin where a knee complains.'],
    cycle: [
      inhale('Hands above the knees; they roll {way}.', to(stand(28, both({ near: 'thigh', off: [0, 0, 0] }), { trunk: { lean: 34, round: 10 } }))),
      exhale('Low, and round again.', to(stand(42, both({ near: 'thigh', off: [0, -1, 0] }), { trunk: { lean: 36, round: 10 } }))),
    ],
    smaller: { change: 'Only bending and stretching.', asks: { roundedJoints: [] }, cycle: [inhale('Knees lengthen {way}, hands on the hips.', to(stand(8, both(ON_HIPS)))), exhale('They give a little.', to(stand(18, both(ON_HIPS))))] },
    seated: { change: 'From the chair: the lower leg draws a small circle.', cycle: [inhale('The lower leg comes up and goes {way}.', to(sit(both(ON_THIGHS), { feet: { lifted: { foot: 'left', thigh: 92, knee: 60 } } }))), exhale('It sinks.', to(sit()))] },
  }),
  defineForm({
    id: 'spiral-ankle', name: 'The ankle spirals', family: 'spiral', roles: ['loosen'], actions: ['moves'], phases: ['water', 'wood'], organs: ['bladder', 'gallbladder'], channels: along('stretch', 'BL', 'GB', 'KI'), points: ['BL60', 'GB40'], sides: 'alternating', pace: 'circling', footwork: 'One foot carries; the other turns on its ball.', repetitions: CIRCLES, loosens: ['ankles'],
    images: ['Screwing one heel into the sand, and out.'], mistakes: [{ mistake: 'leaning on the turning foot', mend: 'The other foot carries; this one writes.' }],
    cycle: [
      inhale('Weight on the {other} foot; the {side} heel winds outward.', to(stand(12, both(ON_HIPS), { weight: 0.2, feet: { heels: { left: 22 }, turnOut: { left: -10, right: 4 } } }))),
      exhale('It winds in and settles.', to(stand(14, both(ON_HIPS), { weight: 0.4, feet: { turnOut: { left: 14, right: 4 } } }))),
    ],
    smaller: { change: 'The heel only lifts and sinks.', cycle: [inhale('The {side} heel comes up a little.', to(stand(10, both(ON_HIPS), { weight: 0.36, feet: { heels: { left: 10 } } }))), exhale('And settles.', to(stand(10, both(ON_HIPS))))] },
    seated: { change: 'From the chair.', cycle: [inhale('The {side} foot comes up and turns outward.', to(sit(both(ON_THIGHS), { feet: { lifted: { foot: 'left', thigh: 94, knee: 80, point: 10 } } }))), exhale('It turns in and settles.', to(sit()))] },
  }),
  defineForm({
    id: 'coils-three-centres', name: 'Large coils through the three centres', family: 'spiral', roles: ['nourish', 'balance'], actions: ['moves', 'nourishes'], phases: ['earth', 'fire', 'water'], organs: ['kidney', 'heart'], channels: along('attend', 'CV', 'GV'), points: ['CV6', 'CV17', 'EX-HN3'], sides: 'both-ways', ways: ['to the left', 'to the right'], pace: 'gathering', repetitions: { least: 2, usual: 3, most: 9, multipleOf: 1 }, loosens: ['spine', 'shoulders', 'hips'], level: 2, view: 'three-quarter',
    images: ['A snake that climbs a pole and comes down it.'], mistakes: [{ mistake: 'losing the lower circle', mend: 'Each coil begins and ends at the belly.' }],
    parts: [{ part: 'a coil at the belly', watch: 'the weight goes round' }, { part: 'one at the chest', watch: 'the hands stay low enough' }, { part: 'one before the brow, and down', watch: 'shoulders hang' }],
    cycle: [
      inhale('From the belly, coil {way} and up to the brow.', through(stand(20, both(before('navel', 2, 0, 8, 'up', 'in')), { trunk: { turn: 12 } }), stand(14, both(before('middle dantian', 3, 0, 9, 'body', 'in')), { trunk: { turn: -10 } }), stand(8, both(before('face', 3, 2, 9, 'body', 'in'))))),
      exhale('And coil down again, home to the belly.', through(stand(12, both(before('middle dantian', 3, 0, 9, 'down', 'in')), { trunk: { turn: 10 } }), stand(22, both(before('lower dantian', 3, 0, 6, 'down', 'in'))))),
    ],
    smaller: { change: 'Only to the chest.', cycle: [inhale('From the belly, coil {way} to the chest.', to(stand(8, both(before('middle dantian', 3, 0, 7, 'body', 'in')), { trunk: { turn: 6 } }))), exhale('And down to the belly.', to(stand(13, both(before('lower dantian', 3, 0, 5, 'down', 'in')))))] },
    seated: { change: 'From the chair, to the chest.', cycle: [inhale('Seated: coil {way} to the chest.', to(sit(both(before('middle dantian', 3, 0, 7, 'body', 'in')), { trunk: { turn: 8 } }))), exhale('And down to the lap.', to(sit(both(before('lower dantian', 3, 1, 5, 'down', 'in')))))] },
  }),
  defineForm({
    id: 'spine-sideways-wave', name: 'The spine waves sideways', family: 'spinal wave', roles: ['loosen', 'nourish'], actions: ['moves'], phases: ['wood'], organs: ['gallbladder', 'liver'], channels: along('stretch', 'GB', 'LR'), points: ['GB26'], sides: 'alternating', pace: 'wave', footwork: 'The weight goes along from foot to foot.', repetitions: CIRCLES, loosens: ['spine', 'hips'],
    images: ['Weed that leans one way and then the other in the tide.'], mistakes: [{ mistake: 'the head leads', mend: 'Hip, ribs, and last of all the ear.' }],
    cycle: [
      inhale('The {side} hip slides out; the ribs follow.', to(stand(12, both(HANGING), { weight: 0.62, trunk: { bend: -10 } }))),
      exhale('The wave passes up to the crown, and home.', through(stand(14, both(HANGING), { weight: 0.56, trunk: { bend: 8 }, head: { tilt: -6 } }), stand(12, both(HANGING)))),
    ],
    smaller: { change: 'Hardly seen.', cycle: [inhale('A small lean of the ribs to the {side}.', to(stand(10, both(HANGING), { trunk: { bend: 5 } }))), exhale('And home, from the waist up.', to(stand(11, both(HANGING))))] },
    seated: { change: 'On the sitting bones.', cycle: [inhale('On the sitting bones, lean the ribs to the {side}.', to(sit(undefined, { trunk: { bend: 8 } }))), exhale('And home, from the waist up.', to(sit()))] },
  }),
  defineForm({
    id: 'spine-turning-wave', name: 'The spine turns in a wave', family: 'spinal wave', roles: ['loosen', 'nourish'], actions: ['moves'], phases: ['wood', 'water'], organs: ['liver', 'kidney'], channels: along('stretch', 'GB', 'GV'), points: ['GV4', 'GV14'], sides: 'alternating', pace: 'wave', repetitions: CIRCLES, loosens: ['spine'], exceptions: { time: 'Two breaths a side: one to go, one to come home.' },
    images: ['A rope wrung from its lower end.'], mistakes: [{ mistake: 'everything turns at once', mend: 'Pelvis first, then ribs, then eyes.' }],
    cycle: [
      inhale('From the middle, the pelvis begins to the {side}.', to(stand(12, both(HANGING), { pelvis: { turn: 14 }, trunk: { turn: 14 } }))),
      exhale('The ribs follow, and last the eyes.', to(stand(15, both(HANGING), { pelvis: { turn: 14 }, trunk: { turn: 34 }, head: { turn: 20 } }))),
      inhale('The eyes come home first.', to(stand(12, both(HANGING), { pelvis: { turn: 10 }, trunk: { turn: 18 } }))),
      exhale('Then ribs, then pelvis.', to(stand(12, both(HANGING)))),
    ],
    smaller: { change: 'Half as far.', cycle: [inhale('The ribs turn a little to the {side}.', to(stand(10, both(HANGING), { trunk: { turn: 12 } }))), exhale('And home.', to(stand(11, both(HANGING))))] },
    seated: { change: 'On the sitting bones.', cycle: [inhale('Seated: the ribs turn to the {side}, then the eyes.', to(sit(undefined, { trunk: { turn: 16 }, head: { turn: 12 } }))), exhale('And home.', to(sit()))] },
  }),
  defineForm({
    id: 'tail-wag', name: 'The tail wags', family: 'spinal wave', roles: ['loosen'], actions: ['moves'], phases: ['water'], organs: ['kidney', 'bladder'], channels: along('stretch', 'GV', 'BL'), points: ['GV2', 'GV4'], sides: 'alternating', pace: 'wave', repetitions: CIRCLES, loosens: ['spine', 'hips'], stance: { start: 'hands and knees', end: 'hands and knees' }, footwork: 'Hands under the shoulders, knees under the hips.', view: 'side',
    images: ['A friendly dog, in no hurry.'], mistakes: [{ mistake: 'the elbows bend along', mend: 'Arms like four table legs, but soft.' }],
    cycle: [
      inhale('On hands and knees, the back long.', to(DESK)),
      exhale('Tail and nose swing to meet on the {side}.', to({ ...DESK, trunk: { bend: 12 }, head: { turn: 20 } })),
    ],
    smaller: { change: 'Smaller, the head still.', cycle: [inhale('Hands and knees, the back long.', to(DESK)), exhale('Only the tail swings to the {side}.', to({ ...DESK, trunk: { bend: 6 } }))] },
    seated: { change: 'On the sitting bones.', cycle: [inhale('Seated, back long.', to(sit())), exhale('Tail and nose to meet on the {side}.', to(sit(undefined, { trunk: { bend: 10 }, head: { turn: 14 } })))] },
  }),
  defineForm({
    id: 'all-fours-round-and-long', name: 'On hands and knees, round and long', family: 'spinal wave', roles: ['loosen'], actions: ['moves', 'calms'], phases: ['water', 'metal'], organs: ['bladder', 'lung'], channels: along('stretch', 'BL', 'GV', 'CV'), points: ['GV4', 'GV14'], pace: 'wave', repetitions: CIRCLES, loosens: ['spine', 'shoulders'], stance: { start: 'hands and knees', end: 'hands and knees' }, footwork: 'Hands under the shoulders, knees under the hips.', view: 'side',
    images: ['A hammock that fills and is lifted.'], mistakes: [{ mistake: 'the head is thrown up', mend: 'The nape stays as long as the rest of the spine.' }],
    cautions: ['Rise slowly from hands and knees, head last.'],
    cycle: [
      inhale('The breastbone comes forward; the back grows long.', to({ ...DESK, trunk: { round: -5 }, head: { nod: -8 } })),
      exhale('Tail and crown sink a little; the back rounds.', to({ ...DESK, trunk: { round: 26 }, head: { nod: 6 } })),
    ],
    smaller: { change: 'Half as far.', cycle: [inhale('Hands and knees, the back long.', to(DESK)), exhale('It rounds a little.', to({ ...DESK, trunk: { round: 12 }, head: { nod: 8 } }))] },
    seated: { name: 'Round and long, from the chair', change: 'From the chair, hands on the knees.', cycle: [inhale('Seated, hands on the knees; the breastbone comes forward.', to(sit(both({ near: 'knee' }), { trunk: { lean: 8, round: -6 } }))), exhale('The back rounds.', to(sit(both({ near: 'knee' }), { trunk: { lean: 6, round: 18 }, head: { nod: 12 } })))] },
  }),
  defineForm({
    id: 'stacking-up', name: 'Stacking up the spine', family: 'spinal wave', roles: ['loosen', 'arrive', 'balance'], actions: ['calms', 'moves'], phases: ['water', 'earth'], organs: ['kidney', 'spleen'], channels: along('attend', 'GV', 'BL'), points: ['GV4', 'GV14', 'GV20'], pace: 'wave', repetitions: { least: 1, usual: 2, most: 4, multipleOf: 1 }, loosens: ['spine'], stance: { start: 'kneeling', end: 'kneeling' }, footwork: 'Kneeling, a cushion between heels and seat.', view: 'side',
    images: ['A tower of bowls set one in another.'], mistakes: [{ mistake: 'pulling up by the chin', mend: 'Begin at the tail; the head is the last bowl.' }],
    cycle: [
      exhale('Kneeling: let chin, ribs and waist round down.', to({ ...KNEEL, trunk: { lean: 12, round: 34 }, head: { nod: 20 } })),
      inhale('From the tail, set bone on bone; the head last.', through({ ...KNEEL, trunk: { lean: 4, round: 18 }, head: { nod: 18 } }, { ...KNEEL, trunk: { round: 4 }, head: { nod: 10 } }, KNEEL)),
    ],
    smaller: { change: 'Only chin and upper back.', cycle: [exhale('Chin and upper back round a little.', to({ ...KNEEL, trunk: { round: 12 }, head: { nod: 14 } })), inhale('Bone on bone, tall again.', to(KNEEL))] },
    seated: { change: 'From the chair.', cycle: [exhale('From the chair, let chin, ribs and waist round down.', to(sit(undefined, { trunk: { lean: 8, round: 26 }, head: { nod: 18 } }))), inhale('From the tail, bone on bone; the head last.', to(sit()))] },
  }),
] as const;
