import type { Form } from '../model/model';
import { along, defineForm, FLOWING_COUNT, type FormText } from '../writing/define';
import {
  AT_KIDNEYS,
  before,
  both,
  each,
  fist,
  ON_HIPS,
  ON_THIGHS,
  reaching,
  sit,
  stand,
  THIGHS_PALMS_UP,
  off,
} from '../writing/postures';
import { exhale, inhale, through, to } from '../writing/strokes';

const atRibs = {
  near: 'flank',
  off: off(0, -1, 0),
  palm: 'up',
  fingers: 'forward',
  elbow: 'back',
  ...fist,
} as const;

const GENTLE = { least: 2, usual: 4, most: 12, multipleOf: 1 } as const;

/** The gentle way keeps hands below the shoulders, knees soft and the breath unforced. */
const gentle = (text: Omit<FormText, 'family' | 'repetitions' | 'pace'> & Partial<FormText>): Form =>
  defineForm({
    family: 'brocade',
    polarity: 'yin',
    repetitions: GENTLE,
    pace: 'flowing',
    setupSec: { known: 5, taught: 18 },
    ...text,
  });

/** The eight brocades in the gentle yin way: the same eight aims, small, slow and inward. */
// prettier-ignore
export const GENTLE_BROCADES = [
  gentle({
    id: 'gentle-hold-up-the-sky', name: 'Gentle brocade: a bowl of sky', roles: ['nourish'], actions: ['nourishes', 'calms'],
    phases: ['fire'], organs: ['triple-burner', 'pericardium', 'heart', 'small-intestine'], channels: along('attend', 'TE', 'PC'),
    points: ['CV17', 'CV12', 'CV6'], images: ['Carrying a bowl of sky without a ripple.'],
    mistakes: [{ mistake: 'lifting with the shoulders', mend: 'Let the wrists be drawn up by a thread.' }],
    cycle: [
      inhale('Palms up, a bowl rises from belly to breastbone.', through(stand(14, both(before('lower dantian', 2.5, 0, 5, 'up'))), stand(8, both(before('middle dantian', 2.5, 0, 6, 'up'))))),
      exhale('Palms turn and the bowl is poured down.', through(stand(10, both(before('middle dantian', 3, 0, 6, 'down'))), stand(15, both(before('lower dantian', 3, 0, 5, 'down'))))),
    ],
    smaller: {
      change: 'From the belly to the ribs.',
      cycle: [
        inhale('Palms up, a bowl rises from belly to ribs.'),
        exhale('Palms turn and the bowl is poured down.'),
      ],
    },
    seated: {
      change: 'The same from the chair.',
      cycle: [
        inhale('Palms up, a bowl rises from belly to breastbone.', through(sit(both(before('navel', 2.5, 1, 5, 'up'))), sit(both(before('middle dantian', 2.5, 0, 7, 'up'))))),
        exhale('Palms turn and the bowl is poured down.', through(sit(both(before('middle dantian', 3, 0, 6, 'down'))), sit(both(before('navel', 3, 1, 6, 'down'))))),
      ],
    },
  }),
  gentle({
    id: 'gentle-draw-the-bow', name: 'Gentle brocade: the slack bow', roles: ['nourish'], actions: ['nourishes', 'calms'],
    phases: ['metal'], organs: ['lung', 'large-intestine'], sides: 'alternating', channels: along('stretch', 'LU', 'LI'),
    points: ['LU1', 'LU9'], footwork: 'Both feet stay planted, weight even.', images: ['Drawing a silk thread out of its cocoon.'],
    mistakes: [{ mistake: 'reaching to the end', mend: 'Stop while the elbow still hangs.' }],
    cycle: [
      exhale('{Side} palm drifts out, eyes follow.', to(stand(14, each({ ...reaching(0.9, -0.2, 0.5, 'out', 0.86), fingers: 'up' }, before('middle dantian', 2, 0, 6)), { head: { turn: 28 } }))),
      inhale('Hands meet again at the heart.', to(stand(9, both(before('middle dantian', 1.4, 0, 7))))),
    ],
    smaller: {
      change: 'Half as wide.',
      cycle: [
        exhale('{Side} palm drifts half way out, eyes follow.', to(stand(12, each({ ...reaching(0.6, -0.3, 0.7, 'out', 0.7), fingers: 'up' }, before('middle dantian', 2, 0, 6)), { head: { turn: 14 } }))),
        inhale('Hands meet again at the heart.', to(stand(9, both(before('middle dantian', 1.4, 0, 7))))),
      ],
    },
    seated: {
      change: 'The same from the chair.',
      cycle: [
        exhale('{Side} palm drifts out, eyes follow.', to(sit(each({ ...reaching(0.9, -0.25, 0.5, 'out', 0.84), fingers: 'up' }, before('middle dantian', 2, 0, 6)), { head: { turn: 28 } }))),
        inhale('Hands meet again at the heart.', to(sit(both(before('middle dantian', 1.4, 0, 7))))),
      ],
    },
  }),
  gentle({
    id: 'gentle-part-heaven-and-earth', name: 'Gentle brocade: two leaves', roles: ['nourish'], actions: ['nourishes', 'calms'],
    phases: ['earth'], organs: ['spleen', 'stomach'], sides: 'alternating', channels: along('stretch', 'SP', 'ST'),
    points: ['CV12', 'SP21'], images: ['Two leaves turning over in slow water.'],
    mistakes: [{ mistake: 'only one hand moves', mend: 'Both arrive in the same moment.' }],
    cycle: [
      inhale('{Side} palm floats up to the heart, {other} sinks.', to(stand(8, each(before('middle dantian', 2, 1, 7, 'up'), before('hip', 2, -2, 3, 'down', 'forward'))))),
      exhale('They pass each other at the navel.', to(stand(13, each(before('navel', 1, 2, 7, 'down'), before('navel', 1, -2, 6, 'up'))))),
    ],
    smaller: {
      change: 'Between navel and ribs.',
      cycle: [
        inhale('{Side} palm floats up to the ribs, {other} rests at the navel.'),
        exhale('They pass each other.'),
      ],
    },
    seated: {
      change: 'The same from the chair.',
      cycle: [
        inhale('{Side} palm floats up to the heart, {other} sinks.', to(sit(each(before('middle dantian', 2, 1, 8, 'up'), before('hip', 3, -1, 2, 'down', 'forward'))))),
        exhale('They pass each other at the navel.', to(sit(each(before('navel', 1, 4, 8, 'down'), before('navel', 1, 0.5, 6, 'up'))))),
      ],
    },
  }),
  gentle({
    id: 'gentle-look-back', name: 'Gentle brocade: looking over the lake', roles: ['nourish', 'balance'], actions: ['nourishes', 'calms'],
    phases: ['wood', 'water'], organs: ['gallbladder', 'liver', 'bladder'], sides: 'alternating', channels: along('stretch', 'GB', 'BL'),
    points: ['GB20', 'GV14'], images: ['Following a swan along the far shore.'],
    mistakes: [{ mistake: 'turning as far as it goes', mend: 'Half way is the whole of this form.' }],
    cycle: [
      exhale('Palms softly forward; eyes, then head, drift to the {side}.', to(stand(8, both(reaching(0.35, -1, 0, 'forward', 0.95)), { trunk: { turn: 8 }, head: { turn: 32 } }))),
      inhale('Come back to the front.', to(stand(7, both(reaching(0.35, -1, 0, 'forward', 0.95))))),
    ],
    smaller: {
      change: 'Only the eyes travel.',
      cycle: [
        exhale('Palms softly forward; the eyes drift to the {side}, head quiet.'),
        inhale('Come back to the front.'),
      ],
    },
    seated: {
      change: 'The same from the chair.',
      cycle: [
        exhale('Palms up on the thighs; eyes, then head, drift to the {side}.', to(sit(both(THIGHS_PALMS_UP), { head: { turn: 32 } }))),
        inhale('Come back to the front.', to(sit(both(THIGHS_PALMS_UP)))),
      ],
    },
  }),
  gentle({
    id: 'gentle-sway', name: 'Gentle brocade: reeds sway', roles: ['nourish', 'clear'], actions: ['clears', 'calms'], phases: ['fire'],
    organs: ['heart', 'small-intestine', 'pericardium'], sides: 'alternating',
    footwork: 'The weight moves softly from foot to foot, feet planted.', channels: along('attend', 'HT', 'SI'), points: ['HT8', 'KI1'],
    images: ['Reeds leaning in a warm wind.'], mistakes: [{ mistake: 'the head leads', mend: 'Let the tailbone draw the curve.' }],
    cycle: [
      exhale('Hands on the hips, shift to the {side} foot; the tail drifts away.', to(stand(16, both(ON_HIPS), { weight: 0.68, trunk: { bend: -7 } }))),
      inhale('Come back to the middle, tall.', to(stand(12, both(ON_HIPS)))),
    ],
    smaller: {
      change: 'Only the weight moves.',
      cycle: [
        exhale('Hands on the hips, ease over to the {side} foot, the rest quiet.', to(stand(12, both(ON_HIPS), { weight: 0.64 }))),
        inhale('Come back to the middle.', to(stand(10, both(ON_HIPS)))),
      ],
    },
    seated: {
      change: 'From one sitting bone to the other.',
      cycle: [
        exhale('Ease over to the {side} sitting bone.', to(sit(both(ON_THIGHS), { weight: 0.68, trunk: { bend: -8 } }))),
        inhale('Come back to the middle, tall on both sitting bones.', to(sit())),
      ],
    },
  }),
  gentle({
    id: 'gentle-heels', name: 'Gentle brocade: standing on moss', roles: ['nourish', 'balance'], actions: ['nourishes', 'calms'],
    phases: ['water'], organs: ['bladder', 'kidney'], pace: 'heel',
    footwork: 'The weight moves to the balls of the feet and back; heels only lighten.', channels: along('attend', 'BL', 'KI'),
    points: ['KI1', 'GV20'], images: ['Moss giving under bare feet.'],
    mistakes: [{ mistake: 'tiptoe', mend: 'A sheet of paper under the heels is enough.' }], view: 'three-quarter',
    cycle: [
      inhale('Crown lifts; the heels grow light.', to(stand(4, both({ near: 'hanging', palm: 'down' }), { along: 0.62 }))),
      exhale('The soles spread and sink in.', to(stand(26, both({ near: 'hanging', palm: 'down' }), { along: 0.42 }))),
    ],
    smaller: {
      change: 'Only the attention goes to the heels.',
      cycle: [
        inhale('Crown lifts; the heels are felt.', to(stand(7))),
        exhale('The heels are felt against the floor.', to(stand(10))),
      ],
    },
    seated: {
      name: 'Gentle brocade: resting on moss', change: 'From the chair, pressing the balls of the feet.',
      cycle: [
        inhale('The balls of the feet press a little.', to(sit(both(ON_THIGHS), { feet: { heels: 5 } }))),
        exhale('The soles spread and sink in.', to(sit())),
      ],
    },
  }),
  gentle({
    id: 'gentle-clench-fists', name: 'Gentle brocade: the bud opens', roles: ['nourish'], actions: ['nourishes', 'calms'], phases: ['wood'],
    organs: ['liver', 'gallbladder'], sides: 'alternating', channels: along('stretch', 'LR', 'GB'), points: ['LR3', 'LR14'],
    images: ['A fern uncurling.'], mistakes: [{ mistake: 'staring', mend: 'Eyes open wide and stay kind.' }], view: 'three-quarter',
    cycle: [
      exhale('{Side} hand slides forward and uncurls.', to(stand(14, each(reaching(0.1, -0.25, 1, 'up', 0.86), atRibs)))),
      inhale('Soft fists gather again at the ribs.', to(stand(9, both(atRibs)))),
    ],
    smaller: {
      change: 'The hand opens at the ribs.',
      cycle: [
        exhale('{Side} hand uncurls at the ribs.', to(stand(11, each({ ...atRibs, shape: 'open' }, atRibs)))),
        inhale('Close it again, softly.', to(stand(9, both(atRibs)))),
      ],
    },
    seated: {
      change: 'The same from the chair.',
      cycle: [
        exhale('{Side} hand slides forward and uncurls.', to(sit(each(reaching(0.1, -0.25, 1, 'up', 0.84), atRibs)))),
        inhale('Soft fists gather again at the ribs.', to(sit(both(atRibs)))),
      ],
    },
  }),
  gentle({
    id: 'gentle-hands-to-feet', name: 'Gentle brocade: smoothing the legs', roles: ['nourish'], actions: ['nourishes', 'calms'],
    phases: ['water'], organs: ['kidney', 'bladder'], repetitions: FLOWING_COUNT, channels: along('trace', 'BL', 'KI'),
    points: ['BL23', 'GV4'], images: ['Smoothing a blanket towards the feet of a bed.'],
    mistakes: [{ mistake: 'bending to reach further', mend: 'The thighs are far enough.' }], view: 'side',
    cycle: [
      exhale('Palms slide over the hips to the thighs.', through(stand(14, both({ near: 'buttock', elbow: 'back' }), { trunk: { lean: 8 } }), stand(22, both({ near: 'thigh', off: [0, 3, 0] }), { trunk: { lean: 18, round: 6 } }))),
      inhale('Draw up; palms warm the low back.', to(stand(8, both(AT_KIDNEYS)))),
    ],
    smaller: {
      change: 'Palms stay on the low back.',
      cycle: [
        inhale('Palms warm the low back.', to(stand(8, both(AT_KIDNEYS)))),
        exhale('They rest there and let it widen.', to(stand(11, both(AT_KIDNEYS)))),
      ],
    },
    seated: {
      change: 'The same from the chair.',
      cycle: [
        exhale('Palms slide over the hips to the thighs.', through(sit(both({ near: 'hip', off: [1, 0, 1] })), sit(both(ON_THIGHS), { trunk: { lean: 8 } }))),
        inhale('Draw up; palms warm the low back.', to(sit(both(AT_KIDNEYS)))),
      ],
    },
  }),
];
