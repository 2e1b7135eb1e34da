import { along, defineForm, FEW } from '../writing/define';
import {
  before,
  both,
  bow,
  claw,
  each,
  fist,
  hook,
  ON_THIGHS,
  reaching,
  sit,
  stand,
} from '../writing/postures';
import { exhale, inhale, through, to } from '../writing/strokes';

const antler = { shape: 'antler' } as const;

const feather = { shape: 'feather' } as const;

const FROLIC = { least: 1, usual: 3, most: 6, multipleOf: 1 } as const;

/** The second form of each animal. Phase and organ follow the school chosen in Customs. */
// prettier-ignore
export const FROLICS = [
  defineForm({
    id: 'animal-tiger-pounce', name: 'Tiger pounces', pinyin: 'Hǔ Pū', hanzi: '虎撲', source: 'five-animals-standard', family: 'animal',
    roles: ['nourish'], actions: ['moves', 'nourishes'], polarity: 'yang', animal: 'tiger', channels: along('stretch', 'BL', 'GV', 'LR'),
    points: ['BL40', 'GV4'], pace: 'animal', level: 3, setupSec: { known: 6, taught: 28 }, repetitions: FROLIC, loosens: ['spine', 'hips'],
    images: ['A tiger stretching after sleep, then sure of its prey.'],
    mistakes: [{ mistake: 'diving with the head', mend: 'Crown and tail lengthen away from each other.' }, { mistake: 'straight knees', mend: 'Sit back as the claws go out.' }],
    cautions: ['Rise slowly from the fold, head last.'],
    parts: [{ part: 'the claw and its release', watch: 'the fingers close with the draw and open with the reach' }, { part: 'the long reach from the hips', watch: 'the knees bend as the hands go out' }, { part: 'the wave of the spine back to standing', watch: 'pelvis first, head last' }, { part: 'the soft pounce', watch: 'the eyes stay up, nobody lands hard' }],
    view: 'side',
    cycle: [
      inhale('Claws lift along the body, the spine opens.', through(stand(14, both({ ...before('navel', 4, 2, 5, 'down', 'forward'), ...fist })), stand(6, both({ ...before('collarbone', 2, 0, 6, 'forward', 'up'), ...fist }), { trunk: { round: -9 }, head: { nod: -8 } }))),
      exhale('Reach out long, hips sink back.', to(stand(30, both({ ...reaching(0.15, -0.05, 1, 'down', 0.94), ...claw }), { trunk: { lean: 50 }, head: { nod: -14 } }))),
      inhale('Draw the claws home along the thighs, rise.', through(stand(44, both({ near: 'knee', off: [1, 3, 3], palm: 'down', ...claw }), { trunk: { lean: 44, round: 22 } }), stand(8, both({ ...before('ribs', 2, 1, 5, 'down', 'forward'), ...fist }), { trunk: { round: -4 } }))),
      exhale('Pounce down softly, claws before the knees.', to(stand(46, both({ near: 'knee', off: [1, 2, 5], palm: 'down', ...claw }), { trunk: { lean: 40, round: 12 }, head: { nod: -12 } }))),
    ],
    smaller: {
      change: 'Reach to the height of the hips, no pounce.',
      cycle: [
        inhale('Claws lift along the body.', to(stand(9, both({ ...before('ribs', 2, 1, 5, 'forward', 'up'), ...fist })))),
        exhale('Reach out, hips sink back.', to(stand(18, both({ ...reaching(0.2, -0.4, 1, 'down', 0.9), ...claw }), { trunk: { lean: 22 } }))),
        inhale('Draw the claws home along the ribs.', to(stand(9, both({ ...before('ribs', 2, 1, 5, 'forward', 'up'), ...fist })))),
        exhale('Hands sink, the claws let go.', to(stand(10))),
      ],
    },
    seated: {
      change: 'Reach from the chair.',
      cycle: [
        inhale('Claws lift along the ribs.', to(sit(both({ ...before('ribs', 2, 2, 5, 'forward', 'up'), ...fist })))),
        exhale('Reach out long from the hips.', to(sit(both({ ...reaching(0.2, -0.25, 1, 'down', 0.9), ...claw }), { trunk: { lean: 24 } }))),
        inhale('Draw the claws home along the ribs.', to(sit(both({ ...before('ribs', 2, 2, 5, 'forward', 'up'), ...fist })))),
        exhale('Hands sink, the claws let go.', to(sit())),
      ],
    },
  }),
  defineForm({
    id: 'animal-deer-run', name: 'Deer runs', pinyin: 'Lù Bēn', hanzi: '鹿奔', source: 'five-animals-standard', family: 'animal',
    roles: ['nourish'], actions: ['moves', 'nourishes'], animal: 'deer', channels: along('stretch', 'GV', 'BL', 'KI'),
    points: ['GV4', 'GV14'], sides: 'one-then-other', pace: 'animal', level: 3, stance: { start: 'bow', end: 'shoulder width' },
    footwork: 'One foot forward; the weight rolls forward and sits back.', setupSec: { known: 6, taught: 28 }, repetitions: FROLIC,
    images: ['A deer gathering itself before the stream.'],
    mistakes: [{ mistake: 'only the neck rounds', mend: 'The whole back is one bow, tail to crown.' }],
    parts: [{ part: 'rolling forward and back', watch: 'the front knee stops over the foot' }, { part: 'the bow of the back, hands quiet', watch: 'the tail tucks as the crown bows' }, { part: 'fists and antlers', watch: 'the hands change shape in the middle of the way' }, { part: 'all with the breath', watch: 'the breath leads; shorten the way rather than the breath' }],
    view: 'side',
    cycle: [
      inhale('{Side} foot in front: roll forward, soft fists reach.', to(stand(34, both({ ...reaching(0.15, -0.05, 1, 'down', 0.9), ...fist }), { feet: bow(1.5), weight: 0.72 }))),
      exhale('Sit back, round the back, antlers forward.', to(stand(30, both({ ...reaching(0.05, -0.1, 1, 'out', 0.88), ...antler }), { feet: { ...bow(1.5), toes: { left: 12 } }, weight: 0.24, pelvis: { tuck: 8 }, trunk: { lean: 8, round: 30 }, shoulders: { forward: 0.8 }, head: { nod: 18 } }))),
      inhale('The back grows long again, hands open.', to(stand(26, both(reaching(0.35, -0.2, 0.9, 'down', 0.88)), { feet: bow(1.5), weight: 0.4 }))),
      exhale('Let the hands sink to the hips.', to(stand(28, both(before('hip', 2, 0, 3, 'down', 'forward')), { feet: bow(1.5), weight: 0.5 }))),
    ],
    smaller: {
      change: 'Feet side by side; round and open the back.', stance: { start: 'shoulder width', end: 'shoulder width' },
      cycle: [
        inhale('Soft fists reach forward.', to(stand(10, both({ ...reaching(0.15, -0.2, 1, 'down', 0.86), ...fist })))),
        exhale('Round the back, antlers forward, {side} a little ahead.', to(stand(16, both({ ...reaching(0.05, -0.2, 1, 'out', 0.84), ...antler }), { trunk: { round: 18, turn: -4 }, head: { nod: 14 } }))),
        inhale('The back grows long again, hands open.', to(stand(10, both(reaching(0.35, -0.3, 0.9, 'down', 0.84))))),
        exhale('Let the hands sink to the hips.', to(stand(12, both(before('hip', 2, 0, 3, 'down', 'forward'))))),
      ],
    },
    seated: {
      change: 'Round and open from the chair.',
      cycle: [
        inhale('Soft fists reach forward.', to(sit(both({ ...reaching(0.15, -0.2, 1, 'down', 0.84), ...fist })))),
        exhale('Round the back, antlers forward, {side} a little ahead.', to(sit(both({ ...reaching(0.05, -0.2, 1, 'out', 0.82), ...antler }), { trunk: { round: 20, turn: -4 }, head: { nod: 14 } }))),
        inhale('The back grows long again, hands open.', to(sit(both(reaching(0.35, -0.3, 0.9, 'down', 0.82))))),
        exhale('Let the hands sink to the thighs.', to(sit(both(ON_THIGHS)))),
      ],
    },
  }),
  defineForm({
    id: 'animal-bear-sway', name: 'Bear sways', pinyin: 'Xióng Huàng', hanzi: '熊晃', source: 'five-animals-standard', family: 'animal',
    roles: ['nourish'], actions: ['moves', 'nourishes'], animal: 'bear', channels: along('stretch', 'SP', 'LR', 'GB'),
    points: ['SP15', 'LR13'], sides: 'one-then-other', pace: 'animal', level: 2, stance: { start: 'shoulder width', end: 'shoulder width' },
    footwork: 'The hip lifts, the foot steps forward; the weight rolls forward and back.', setupSec: { known: 6, taught: 26 }, repetitions: FROLIC,
    loosens: ['hips', 'spine'], images: ['A bear walking home, in no hurry.'],
    mistakes: [{ mistake: 'stamping', mend: 'The hip is lifted; the foot only follows.' }],
    cautions: ['The foot hardly leaves the floor; a chair within reach.'],
    parts: [{ part: 'lifting the hip', watch: 'the leg hangs from it, the foot is not pulled' }, { part: 'the rock forward and back', watch: 'both soles stay down' }, { part: 'the shoulders against the hips', watch: 'the trunk winds, the arms only hang' }],
    view: 'side',
    cycle: [
      inhale('The {side} hip lifts; the foot hangs from it.', to(stand(12, both({ ...reaching(0.4, -0.95, 0.2, 'back', 0.84), ...fist }), { weight: 0, feet: { lifted: { foot: 'left', thigh: 22, knee: 40, point: 16 } }, trunk: { bend: 5 } }))),
      exhale('{Side} foot in front: sink onto it, that shoulder swings forward.', to(stand(34, each({ ...reaching(0.35, -0.9, 0.5, 'back', 0.9), ...fist }, { ...reaching(0.5, -1, -0.15, 'back', 0.9), ...fist }), { feet: bow(1.4), weight: 0.72, trunk: { turn: -18, lean: 8 } }))),
      inhale('Rock back, the other shoulder swings.', to(stand(28, each({ ...reaching(0.5, -1, -0.15, 'back', 0.9), ...fist }, { ...reaching(0.35, -0.9, 0.5, 'back', 0.9), ...fist }), { feet: bow(1.4), weight: 0.34, trunk: { turn: 16 } }))),
      exhale('And once more forward, heavy as before.', to(stand(34, each({ ...reaching(0.35, -0.9, 0.5, 'back', 0.9), ...fist }, { ...reaching(0.5, -1, -0.15, 'back', 0.9), ...fist }), { feet: bow(1.4), weight: 0.72, trunk: { turn: -18, lean: 8 } }))),
    ],
    smaller: {
      change: 'Feet side by side, rocking left and right.', stance: { start: 'shoulder width', end: 'shoulder width' },
      cycle: [
        exhale('Weight to the {side}, that shoulder swings forward.', to(stand(18, each({ ...reaching(0.35, -0.9, 0.5, 'back', 0.9), ...fist }, { ...reaching(0.5, -1, -0.1, 'back', 0.9), ...fist }), { weight: 0.68, trunk: { turn: -12 } }))),
        inhale('Come back to the middle.', to(stand(14, both({ ...reaching(0.4, -0.95, 0.2, 'back', 0.84), ...fist })))),
      ],
    },
    seated: {
      change: 'Rock over the sitting bones.',
      cycle: [
        exhale('Rock to the {side}, that shoulder swings forward.', to(sit(each({ ...reaching(0.4, -0.6, 0.8, 'down', 0.7), ...fist }, { ...before('hip', 3, 1, 2, 'down', 'forward'), ...fist }), { weight: 0.66, trunk: { turn: -12 } }))),
        inhale('Come back to the middle.', to(sit(both({ near: 'thigh', off: [0, 0, 1.2], palm: 'down', ...fist })))),
      ],
    },
  }),
  defineForm({
    id: 'animal-monkey-pick', name: 'Monkey picks fruit', pinyin: 'Yuán Zhāi', hanzi: '猿摘', source: 'five-animals-standard',
    family: 'animal', roles: ['nourish'], actions: ['moves', 'nourishes'], polarity: 'yang', animal: 'monkey',
    channels: along('stretch', 'HT', 'PC', 'SI'), points: ['PC8', 'HT7'], sides: 'alternating', pace: 'animal', level: 3,
    footwork: 'The weight moves to the reaching side; the other heel may lift.', setupSec: { known: 6, taught: 30 }, repetitions: FROLIC,
    images: ['A ripe peach, just out of reach.'], mistakes: [{ mistake: 'grabbing', mend: 'See first, then reach, then close the hook.' }],
    parts: [{ part: 'looking and shading', watch: 'the eyes arrive before the hand' }, { part: 'the reach, feet flat', watch: 'the weight is on the reaching side first' }, { part: 'the hook that picks', watch: 'it closes only at the end' }, { part: 'bringing it home', watch: 'the fruit comes down before the heel does' }],
    cycle: [
      inhale('Look up to the {side}; the palm shades the eyes.', to(stand(16, each(before('hip', 2, 1, 2, 'down', 'forward'), { near: 'temple', off: [1.5, 0.5, 4], palm: 'down', fingers: 'in', elbow: 'out' }), { weight: 0.4, head: { turn: 34, nod: -9 }, trunk: { turn: 10 } }))),
      exhale('Sink and gather in the legs.', to(stand(30, each({ near: 'hip', off: [1, 0, 2], ...hook }, before('middle dantian', 2, 0, 6, 'body', 'in')), { weight: 0.5 }))),
      inhale('Weight to the {side}, reach up and pick.', to(stand(7, each({ ...reaching(0.35, 0.95, 0.5, 'forward', 0.94), ...hook }, before('hip', 3, 1, 3, 'down', 'forward')), { weight: 0.78, feet: { heels: { right: 18 } }, head: { turn: 18, nod: -10 }, trunk: { bend: -3 } }))),
      exhale('Bring the fruit home, palm beneath.', to(stand(16, each({ ...before('middle dantian', 3, 1, 9, 'up', 'in'), ...hook }, before('middle dantian', 1, -3, 8, 'up', 'in')), { weight: 0.5 }))),
    ],
    smaller: {
      change: 'Pick at the height of the shoulder.',
      cycle: [
        inhale('Look to the {side}, reach and pick.', to(stand(9, each({ ...reaching(0.4, -0.08, 1, 'forward', 0.86), ...hook }, before('hip', 2, 0, 3, 'down', 'forward')), { weight: 0.62, head: { turn: 22 } }))),
        exhale('Bring the fruit home, palm beneath.', to(stand(14, each({ ...before('middle dantian', 3, 0, 8, 'up', 'in'), ...hook }, before('middle dantian', 1, -4, 7, 'up', 'in'))))),
      ],
    },
    seated: {
      change: 'Pick before the shoulder, from the chair.',
      cycle: [
        inhale('Look to the {side}, reach and pick.', to(sit(each({ ...reaching(0.4, -0.1, 1, 'forward', 0.84), ...hook }, ON_THIGHS), { weight: 0.6, head: { turn: 22 } }))),
        exhale('Bring the fruit home, palm beneath.', to(sit(each({ ...before('middle dantian', 3, 0, 8, 'up', 'in'), ...hook }, before('middle dantian', 1, -4, 7, 'up', 'in'))))),
      ],
    },
  }),
  defineForm({
    id: 'animal-bird-fly', name: 'Bird flies', pinyin: 'Niǎo Fēi', hanzi: '鳥飛', source: 'five-animals-standard', family: 'animal',
    roles: ['nourish'], actions: ['moves', 'nourishes'], animal: 'bird', channels: along('stretch', 'LU', 'LI', 'HT'),
    points: ['LU1', 'LI15'], sides: 'alternating', pace: 'animal', level: 3,
    footwork: 'The weight goes to one leg; the other foot floats up.', setupSec: { known: 6, taught: 28 }, repetitions: FEW,
    images: ['A crane testing the wind.'],
    mistakes: [{ mistake: 'wobbling', mend: 'Fix the gaze on one still thing; keep the toes down if need be.' }],
    cautions: ['Fix the gaze; a chair within reach.'],
    parts: [{ part: 'the wings alone', watch: 'the elbows rise before the hands' }, { part: 'the knee, fingertips on a chair', watch: 'the standing hip does not sink' }, { part: 'both, with the breath', watch: 'the toes touch down before the weight does' }],
    cycle: [
      inhale('Wings lift sideways, the {side} knee floats up.', to(stand(7, both({ ...reaching(1, 0.05, 0.2, 'down', 0.94), ...feather }), { weight: 0, feet: { lifted: { foot: 'left', thigh: 62, knee: 74, point: 18 } } }))),
      exhale('Wings and foot come down together.', to(stand(16, both({ ...before('lower dantian', 3, 1, 6, 'up', 'in'), ...feather })))),
      inhale('Again, the wings as high as is easy.', to(stand(7, both({ ...reaching(0.75, 0.7, 0.2, 'down', 0.94), ...feather }), { weight: 0, feet: { lifted: { foot: 'left', thigh: 62, knee: 74, point: 18 } } }))),
      exhale('Down together; sink into both feet.', to(stand(16, both({ ...before('lower dantian', 3, 1, 6, 'up', 'in'), ...feather })))),
    ],
    smaller: {
      change: 'Toes stay on the floor; wings to the ribs.',
      cycle: [
        inhale('Wings lift sideways, the {side} heel rises.', to(stand(8, both({ ...reaching(1, -0.45, 0.3, 'down', 0.9), ...feather }), { weight: 0.2, feet: { heels: { left: 10 } } }))),
        exhale('Wings and heel come down together.', to(stand(14, both({ ...before('lower dantian', 3, 1, 6, 'up', 'in'), ...feather })))),
        inhale('Again, a little wider.', to(stand(8, both({ ...reaching(1, -0.32, 0.3, 'down', 0.9), ...feather }), { weight: 0.2, feet: { heels: { left: 10 } } }))),
        exhale('Down together; sink into both feet.', to(stand(14, both({ ...before('lower dantian', 3, 1, 6, 'up', 'in'), ...feather })))),
      ],
    },
    seated: {
      change: 'Wings to the ribs, one heel at a time.',
      cycle: [
        inhale('Wings lift sideways, the {side} heel rises.', to(sit(both({ ...reaching(1, -0.4, 0.35, 'down', 0.88), ...feather }), { feet: { heels: { left: 20 } } }))),
        exhale('Wings and heel come down together.', to(sit(both({ ...before('navel', 3, 1, 6, 'up', 'in'), ...feather })))),
        inhale('Again, a little wider.', to(sit(both({ ...reaching(1, -0.28, 0.35, 'down', 0.88), ...feather }), { feet: { heels: { left: 20 } } }))),
        exhale('Down together, and rest.', to(sit(both({ ...before('navel', 3, 1, 6, 'up', 'in'), ...feather })))),
      ],
    },
  }),
] as const;
