import type { Hand, Posture } from '../../body';
import type { Form } from '../model/model';
import { along, defineForm, type FormOfKind, type FormText } from '../writing/define';
import { both, each, fist, HANGING, hollow, ON_BELLY, ON_THIGHS, sit, stand } from '../writing/postures';
import { exhale, freely, inhale, pulse, through, to } from '../writing/strokes';

const SOME = { least: 1, usual: 3, most: 12, multipleOf: 1 } as const;

/** What every short station of self-massage shares: a free breath, little to set up, a moment to feel. */
const station = (text: FormOfKind): Form =>
  defineForm({
    roles: ['clear'],
    actions: ['clears', 'moves'],
    repetitions: SOME,
    family: 'self-massage',
    pace: 'flowing',
    manner: 'natural',
    setupSec: { known: 4, taught: 12 },
    settleSec: 4,
    ...text,
  });

/** Bouts of nine: eighteen as a rule, thirty-six at most. */
const NINES = { least: 1, usual: 2, most: 4, multipleOf: 1 } as const;
const PALM_CARE = 'Pat with a hollow palm; never into pain, a port, a line or a device.';
const FIST_CARE = 'Knock with loose fists, wrists soft; never into pain, a port, a line or a device.';
const TIPS_CARE = 'Patter with the fingertips only; never into pain, a port, a line or a device.';
const knocking = {
  family: 'percussion route' as const,
  actions: ['clears' as const, 'moves' as const],
  polarity: 'yang' as const,
  exhale: 'mouth' as const,
  settleSec: 10,
} satisfies Partial<FormText>;

const standing = (...hands: readonly Hand[]): readonly Posture[] =>
  hands.map((hand) => stand(10, both(hand)));
const sitting = (...hands: readonly Hand[]): readonly Posture[] => hands.map((hand) => sit(both(hand)));

const atSkull: Hand = { near: 'nape', off: [1.4, 0.6, 0.4], fingers: 'down', elbow: 'out' };
const atTemple: Hand = { near: 'temple', off: [0.4, 0.5, 0], palm: 'body', fingers: 'back', elbow: 'out' };
/** The palm of one hand on the other foot's sole, where one sits cross-legged. */
const onSole: Hand = { near: 'ankle', of: 'other', off: [-1.5, -4, 0] };
/** The palm of one hand on the other foot’s back, where one sits cross-legged. */
const onInstep: Hand = { near: 'ankle', of: 'other', off: [1, -5.2, -3] };
const FOOT_CARE = 'Not over sores, a swelling or a vein that hurts; with diabetic feet only look and hold.';
/** A wrist with its inside up, before the belly or in the lap, for the other hand to come to. */
const WRIST_UP: Hand = { near: 'navel', off: [1, 1, 7], palm: 'up', fingers: 'in' };
const WRIST_IN_LAP: Hand = { near: 'lower dantian', off: [1, 1, 5], palm: 'up', fingers: 'in' };
const onWrist = (away: number): Hand => ({
  near: 'wrist',
  of: 'other',
  off: [0, 0, away],
  palm: 'body',
  elbow: 'out',
});
const onEar: Hand = { near: 'ear', off: [0, -0.9, 0.2], palm: 'body', fingers: 'back', elbow: 'out' };
const besideNose: Hand = { near: 'mouth', off: [1.2, 1, 1], palm: 'body', fingers: 'up', elbow: 'out' };
const onBreast: Hand = {
  near: 'middle dantian',
  off: [0.5, 1, 0.2],
  palm: 'body',
  fingers: 'in',
  elbow: 'out',
};
const underCollar: Hand = {
  near: 'collarbone',
  off: [-0.5, -1.4, 0.2],
  palm: 'body',
  fingers: 'up',
  elbow: 'low',
  ...fist,
};
const girdle: readonly Hand[] = [
  { near: 'lower dantian', off: [1.5, 0.5, 0.2], palm: 'body', fingers: 'in', elbow: 'out' },
  { near: 'flank', off: [0, -2, 0.2], palm: 'body', fingers: 'forward', elbow: 'back' },
  { near: 'kidneys', off: [0, 0, 0.2], palm: 'body', fingers: 'in', elbow: 'back' },
];
const kneecap: Hand = { near: 'knee', off: [0, 0, 0.2], palm: 'body', fingers: 'down' };
/** Down one shin from the chair, as far as is easy, with the other hand. */
const downShin: readonly [Posture, Posture] = [
  sit(each(ON_THIGHS, { near: 'shin', of: 'other', off: [-1, 3, 0] }), { trunk: { lean: 26, round: 10 } }),
  sit(each(ON_THIGHS, { near: 'shin', of: 'other', off: [-1, 1, 0] }), { trunk: { lean: 28, round: 10 } }),
];
const bentTo = (hands: NonNullable<Posture['hands']>, lean: number, round: number): Posture =>
  stand(14 + lean * 0.75, hands, { trunk: { lean, round }, head: { nod: -lean * 0.2 } });

/** Self-massage and tapping as short stations, and the whole body in one pass. All common practice. */
// prettier-ignore
export const STATIONS = [
  defineForm({
    ...knocking, id: 'tap-whole-body-pass', name: 'The whole body tapped in one pass', roles: ['wake', 'clear'], pace: 'flowing', manner: 'natural', phases: ['wood', 'fire', 'earth', 'metal', 'water'],
    channels: along('tap', 'LU', 'LI', 'ST', 'BL', 'SP'), points: ['LI4', 'ST36'], repetitions: { least: 1, usual: 1, most: 3, multipleOf: 1 }, settleSec: 14,
    asks: { percussion: ['arms', 'shoulders', 'chest', 'flanks', 'legs', 'belly'] }, loosens: ['shoulders', 'hips'], setupSec: { known: 6, taught: 20 }, view: 'three-quarter',
    images: ['A summer shower that crosses the whole garden.', 'Dust beaten softly from a coat that is still worn.'],
    mistakes: [{ mistake: 'hurrying past the legs', mend: 'As long below the hips as above them.' }, { mistake: 'one hard rhythm everywhere', mend: 'Lighter over bone, slower over flesh.' }],
    cautions: [PALM_CARE, 'Not over varicose veins, clots or bruises. In pregnancy leave out belly and inner ankles.'],
    exceptions: { time: 'The whole body is one repetition; it takes as long as the body is long.' },
    cycle: [
      freely(14, 'Hollow palm down the inside of an arm, up the outside; change.', pulse(2, stand(9, each({ near: 'upper arm', of: 'other', off: [0, 0, 0.6], palm: 'body', elbow: 'front', ...hollow }, HANGING)), stand(9, each({ near: 'forearm', of: 'other', off: [0, 0, 0.3], palm: 'body', elbow: 'out', ...hollow }, HANGING)), stand(9, each(HANGING, { near: 'upper arm', of: 'other', off: [0, 0, 0.6], palm: 'body', elbow: 'front', ...hollow })), stand(9, each(HANGING, { near: 'forearm', of: 'other', off: [0, 0, 0.3], palm: 'body', elbow: 'out', ...hollow })))),
      freely(10, 'Both palms pat chest, ribs and belly.', through(stand(9, both({ ...onBreast, ...hollow })), stand(9, both({ near: 'ribs', palm: 'body', fingers: 'in', elbow: 'out', ...hollow })), stand(10, both({ near: 'belly side', palm: 'body', fingers: 'in', ...hollow })))),
      freely(14, 'From the hips down outside and front to the shins.', through(bentTo(both({ near: 'hip', ...hollow }), 10, 4), bentTo(both({ near: 'outer thigh', ...hollow }), 26, 8), bentTo(both({ near: 'shin', off: [0, 3, 0], ...hollow }), 50, 18))),
      freely(12, 'And up the inside, home to the belly.', through(bentTo(both({ near: 'inner calf', off: [0, 4.5, 0], ...hollow }), 52, 18), bentTo(both({ near: 'inner thigh', ...hollow }), 30, 10), stand(10, both({ near: 'belly side', palm: 'body', fingers: 'in', ...hollow })))),
    ],
    smaller: {
      name: 'The whole body stroked in one pass', change: 'Stroke instead of patting, only to the thighs.', asks: { percussion: [], rubs: ['arms', 'chest', 'belly', 'legs'] },
      cycle: [
        freely(12, 'A palm strokes one arm, then the other palm the other.', through(stand(9, each({ near: 'upper arm', of: 'other', off: [0, 0, 0.6], palm: 'body', elbow: 'front' }, HANGING)), stand(9, each({ near: 'forearm', of: 'other', off: [0, 0, 0.3], palm: 'body', elbow: 'out' }, HANGING)), stand(9, each(HANGING, { near: 'upper arm', of: 'other', off: [0, 0, 0.6], palm: 'body', elbow: 'front' })), stand(9, each(HANGING, { near: 'forearm', of: 'other', off: [0, 0, 0.3], palm: 'body', elbow: 'out' })))),
        freely(8, 'Stroke down chest, ribs and belly.', through(...standing(onBreast, { near: 'ribs', palm: 'body', fingers: 'in', elbow: 'out' }, { near: 'belly side', palm: 'body', fingers: 'in' }))),
        freely(8, 'Stroke down the outside of the thighs.', through(stand(16, both({ near: 'hip' })), stand(22, both({ near: 'outer thigh' }), { trunk: { lean: 16 } }))),
        freely(8, 'And up in front, home to the belly.', through(stand(22, both({ near: 'thigh', off: [0, 3, 0] }), { trunk: { lean: 20 } }), stand(10, both(ON_BELLY)))),
      ],
    },
    seated: {
      change: 'From the chair, legs as far as the knees.', asks: { percussion: ['arms', 'chest', 'flanks', 'legs', 'belly'] },
      cycle: [
        freely(14, 'Hollow palm down one arm; then down the other.', pulse(2, sit(each({ near: 'upper arm', of: 'other', off: [0, 0, 0.6], palm: 'body', elbow: 'front', ...hollow }, ON_THIGHS)), sit(each({ near: 'forearm', of: 'other', off: [0, 0, 0.3], palm: 'body', elbow: 'out', ...hollow }, ON_THIGHS)), sit(each(ON_THIGHS, { near: 'upper arm', of: 'other', off: [0, 0, 0.6], palm: 'body', elbow: 'front', ...hollow })), sit(each(ON_THIGHS, { near: 'forearm', of: 'other', off: [0, 0, 0.3], palm: 'body', elbow: 'out', ...hollow })))),
        freely(9, 'Both palms pat chest, ribs and belly.', through(...sitting({ ...onBreast, ...hollow }, { near: 'ribs', palm: 'body', fingers: 'in', elbow: 'out', ...hollow }, { near: 'belly side', palm: 'body', fingers: 'in', ...hollow }))),
        freely(9, 'Down the outside of the thighs to the knees.', through(...sitting({ near: 'hip', off: [1, 0, 1], ...hollow }, { near: 'outer thigh', ...hollow }, { near: 'knee', ...hollow }))),
        freely(8, 'And back along the top, home to the belly.', through(...sitting({ near: 'knee', off: [-1, 0, 0], ...hollow }, { near: 'thigh', ...hollow }, { near: 'belly side', palm: 'body', fingers: 'in', ...hollow }))),
      ],
    },
  }),
  defineForm({
    ...knocking, id: 'tap-whole-body-slow', name: 'The whole body tapped, station by station', roles: ['wake', 'clear'], pace: 'flowing', manner: 'natural', phases: ['wood', 'earth', 'metal', 'water'],
    channels: along('tap', 'LU', 'LI', 'GB', 'ST', 'BL'), points: ['LU1', 'ST36', 'BL23'], repetitions: { least: 1, usual: 1, most: 2, multipleOf: 1 }, settleSec: 15,
    asks: { percussion: ['arms', 'shoulders', 'chest', 'flanks', 'low back', 'legs', 'belly'] }, loosens: ['shoulders', 'hips'], setupSec: { known: 8, taught: 25 }, view: 'three-quarter', level: 2,
    images: ['A night watchman who tries every door once.'],
    mistakes: [{ mistake: 'the mind has gone elsewhere', mend: 'Nine pats a station, counted, and wait for the echo.' }],
    parts: [{ part: 'arms and shoulders', watch: 'the wrist is loose' }, { part: 'chest, ribs, low back', watch: 'softer over ribs and kidneys' }, { part: 'hips and legs', watch: 'up slowly, head last' }],
    cautions: [FIST_CARE, 'Not over varicose veins or clots; in pregnancy not on belly, low back or inner ankles.'],
    exceptions: { time: 'The slow round of the body counts as one repetition.' },
    cycle: [
      freely(20, 'Shoulders and both arms with loose fists, nine times each.', pulse(3, stand(9, each({ near: 'shoulder', of: 'other', off: [0, 0.5, 0.6], palm: 'body', elbow: 'front', ...fist }, HANGING)), stand(9, each({ near: 'forearm', of: 'other', off: [0, 0, 0.3], palm: 'body', elbow: 'out', ...fist }, HANGING)), stand(9, each(HANGING, { near: 'shoulder', of: 'other', off: [0, 0.5, 0.6], palm: 'body', elbow: 'front', ...fist })), stand(9, each(HANGING, { near: 'forearm', of: 'other', off: [0, 0, 0.3], palm: 'body', elbow: 'out', ...fist })))),
      freely(15, 'Chest, ribs, and round to the low back, softer.', through(stand(9, both({ ...onBreast, ...fist })), stand(9, both({ near: 'ribs', palm: 'body', fingers: 'in', elbow: 'out', ...fist })), stand(11, both({ near: 'kidneys', off: [0, 0, 0.4], palm: 'body', fingers: 'in', elbow: 'back', ...fist })))),
      freely(20, 'Hips, outer thighs, shins; wait at each.', through(bentTo(both({ near: 'hip', elbow: 'out', ...fist }), 8, 4), bentTo(both({ near: 'outer thigh', ...fist }), 26, 8), bentTo(both({ near: 'shin', off: [0, 3, 0], ...fist }), 50, 18))),
    ],
    smaller: {
      name: 'The whole body warmed, station by station', change: 'Hands rest at each place instead of knocking.', asks: { percussion: [] },
      cycle: [
        freely(14, 'Hands rest crossed at the collarbones, then crossed on the ribs.', through(stand(9, both({ near: 'collarbone', of: 'other', off: [0, 0, 0.4], palm: 'body', elbow: 'out' })), stand(9, both({ near: 'ribs', of: 'other', off: [0, 0, 0.4], palm: 'body', elbow: 'out' })))),
        freely(12, 'Chest, ribs, low back: two breaths at each.', through(...standing(onBreast, { near: 'ribs', palm: 'body', fingers: 'in', elbow: 'out' }, { near: 'kidneys', off: [0, 0, 0.3], palm: 'body', fingers: 'in', elbow: 'back' }))),
        freely(12, 'Hips, then the thighs, upright.', through(stand(12, both({ near: 'hip' })), stand(20, both({ near: 'thigh', off: [0, 3, 0] }), { trunk: { lean: 10 } }))),
      ],
    },
    seated: {
      change: 'From the chair, legs as far as the knees.', asks: { percussion: ['arms', 'shoulders', 'chest', 'flanks', 'legs'] },
      cycle: [
        freely(18, 'Each shoulder and arm with a loose fist, nine times.', pulse(3, sit(each({ near: 'shoulder', of: 'other', off: [0, 0.5, 0.6], palm: 'body', elbow: 'front', ...fist }, ON_THIGHS)), sit(each({ near: 'forearm', of: 'other', off: [0, 0, 0.3], palm: 'body', elbow: 'out', ...fist }, ON_THIGHS)), sit(each(ON_THIGHS, { near: 'shoulder', of: 'other', off: [0, 0.5, 0.6], palm: 'body', elbow: 'front', ...fist })), sit(each(ON_THIGHS, { near: 'forearm', of: 'other', off: [0, 0, 0.3], palm: 'body', elbow: 'out', ...fist })))),
        freely(12, 'Chest and ribs, softer.', through(...sitting({ ...onBreast, ...fist }, { near: 'ribs', palm: 'body', fingers: 'in', elbow: 'out', ...fist }))),
        freely(12, 'Thighs and knees; wait at each.', through(...sitting({ near: 'outer thigh', ...fist }, { near: 'thigh', ...fist }, { near: 'knee', ...fist }))),
      ],
    },
  }),
  station({
    id: 'base-of-skull', name: 'The hollows below the skull', roles: ['clear'], actions: ['calms', 'clears'], phases: ['wood', 'water'], organs: ['gallbladder', 'bladder'],
    channels: along('press', 'GB', 'BL'), points: ['GB20', 'BL10'], asks: { rubs: ['head'] }, repetitions: SOME, images: ['Two thumbs under a hat brim.'],
    mistakes: [{ mistake: 'pressing upward into the skull', mend: 'Small circles in the soft hollow, no deeper than pleasant.' }], cautions: ['Never on the front or sides of the neck.'], view: 'three-quarter',
    cycle: [freely(8, 'Fingertips circle slowly in the hollows below the skull.', pulse(4, stand(9, both(atSkull), { head: { nod: 4 } }), stand(9, both({ ...atSkull, off: [1.8, 1, 0.4] }), { head: { nod: 4 } })))],
    smaller: { change: 'The fingertips only rest there.', asks: { rubs: [] }, cycle: [freely(8, 'Fingertips rest in the hollows; breathe out twice.', to(stand(9, both(atSkull), { head: { nod: 4 } })))] },
    seated: { change: 'Seated, the elbows may rest on a table.', cycle: [freely(8, 'Seated: fingertips circle in the hollows below the skull.', pulse(4, sit(both(atSkull), { head: { nod: 6 } }), sit(both({ ...atSkull, off: [1.8, 1, 0.4] }), { head: { nod: 6 } })))] },
  }),
  station({
    id: 'temples-circled', name: 'Circling the temples', roles: ['clear'], actions: ['calms'], phases: ['wood', 'fire'], organs: ['gallbladder', 'triple-burner'],
    channels: along('press', 'GB', 'TE'), points: ['EX-HN5'], asks: { rubs: ['face'] }, repetitions: SOME, images: ['Stirring a cup without touching its sides.'],
    mistakes: [{ mistake: 'clenching the jaw', mend: 'Let the back teeth part.' }],
    cycle: [freely(7, 'Flat fingers circle backward at the temples.', pulse(4, stand(9, both(atTemple)), stand(9, both({ ...atTemple, off: [0.4, 1.1, 0] }))))],
    smaller: { change: 'Hands rest at the temples.', asks: { rubs: [] }, cycle: [freely(7, 'Palms rest at the temples; the jaw lets go.', to(stand(9, both(atTemple))))] },
    seated: { change: 'The same from the chair.', cycle: [freely(7, 'Sitting, let flat fingers circle at the temples.', pulse(4, sit(both(atTemple)), sit(both({ ...atTemple, off: [0.4, 1.1, 0] }))))] },
  }),
  station({
    id: 'breastbone-sigh', name: 'The breastbone tapped with a sigh', ...knocking, roles: ['clear'], phases: ['metal', 'fire'], organs: ['lung', 'heart', 'pericardium'],
    channels: along('tap', 'CV', 'KI'), points: ['CV17', 'KI25'], asks: { percussion: ['chest'] }, repetitions: SOME, images: ['Snow sliding from a branch.'],
    mistakes: [{ mistake: 'sighing with the shoulders', mend: 'The sigh comes from under the ribs, by itself.' }], cautions: [TIPS_CARE, 'Not over a pacemaker or after chest surgery.'],
    cycle: [
      inhale('Fingertips patter on the breastbone as the chest fills.', pulse(3, stand(8, both({ ...onBreast, shape: 'gathered fingertips' })), stand(8, both({ ...onBreast, off: [0.5, 1, 1], shape: 'gathered fingertips' })))),
      exhale('Sigh it out, and go on pattering.', pulse(3, stand(12, both({ ...onBreast, shape: 'gathered fingertips' }), { head: { nod: 4 } }), stand(12, both({ ...onBreast, off: [0.5, 1, 1], shape: 'gathered fingertips' }), { head: { nod: 4 } }))),
    ],
    smaller: { name: 'The breastbone held with a sigh', change: 'The hands rest instead of tapping.', asks: { percussion: [] }, cycle: [inhale('Hands on the breastbone: it lifts.', to(stand(8, both(onBreast)))), exhale('A sigh, and it sinks under the hands.', to(stand(12, both(onBreast), { head: { nod: 4 } })))] },
    seated: { change: 'The same from the chair.', cycle: [inhale('Sitting tall: fingertips patter on the breastbone.', pulse(3, sit(both({ ...onBreast, shape: 'gathered fingertips' })), sit(both({ ...onBreast, off: [0.5, 1, 1], shape: 'gathered fingertips' })))), exhale('Sigh it out, pattering on.', pulse(3, sit(both({ ...onBreast, shape: 'gathered fingertips' }), { head: { nod: 4 } }), sit(both({ ...onBreast, off: [0.5, 1, 1], shape: 'gathered fingertips' }), { head: { nod: 4 } })))] },
  }),
  station({
    id: 'collarbone-hum', name: 'Under the collarbones with a hum', ...knocking, roles: ['clear', 'wake'], phases: ['metal', 'water'], organs: ['lung', 'kidney'],
    channels: along('tap', 'LU', 'KI'), points: ['LU1', 'KI27'], asks: { percussion: ['chest'] }, repetitions: SOME, images: ['A bee that has found the window open.'],
    mistakes: [{ mistake: 'drumming on the bone', mend: 'Just under it, where it is soft.' }], cautions: [FIST_CARE, 'Not over a pacemaker, a port or a line.'],
    cycle: [
      inhale('In by the nose; loose fists knock under the collarbones.', pulse(3, stand(8, both(underCollar)), stand(8, both({ ...underCollar, off: [0.4, -1.4, 1.1] })))),
      exhale('Hum, and let the knocking make it tremble.', pulse(3, stand(11, both(underCollar)), stand(11, both({ ...underCollar, off: [0.4, -1.4, 1.1] })))),
    ],
    smaller: { name: 'A hum under the hands', change: 'The palms rest there and feel the hum.', asks: { percussion: [] }, cycle: [inhale('Palms lie under the collarbones.', to(stand(8, both({ near: 'collarbone', of: 'other', off: [0, -1.4, 0.3], palm: 'body', fingers: 'in', elbow: 'out' })))), exhale('Hum, and feel it there.', to(stand(11, both({ near: 'collarbone', of: 'other', off: [0, -1.4, 0.3], palm: 'body', fingers: 'in', elbow: 'out' }))))] },
    seated: { change: 'The same from the chair.', cycle: [inhale('Seated: loose fists knock under the collarbones.', pulse(3, sit(both(underCollar)), sit(both({ ...underCollar, off: [0.4, -1.4, 1.1] })))), exhale('Hum, knocking lightly on.', pulse(3, sit(both(underCollar)), sit(both({ ...underCollar, off: [0.4, -1.4, 1.1] }))))] },
  }),
  station({
    id: 'armpit-to-hip', name: 'Down the side from armpit to hip', ...knocking, roles: ['clear'], phases: ['wood', 'earth'], organs: ['gallbladder', 'spleen', 'liver'], sides: 'alternating',
    channels: along('tap', 'GB', 'SP'), points: ['SP21', 'GB26'], route: ['armpit', 'flank', 'GB29'], asks: { percussion: ['flanks'] }, repetitions: SOME, images: ['Patting down the flank of a patient horse.'],
    mistakes: [{ mistake: 'bending to reach', mend: 'Stand tall, and let the arm come across.' }], cautions: [PALM_CARE, 'Softly over the lowest ribs.'],
    cycle: [freely(6, 'The {other} hollow palm pats the {side} side down to the hip.', through(stand(9, each(HANGING, { near: 'ribs', of: 'other', off: [0.6, 2, 0.3], palm: 'body', elbow: 'out', ...hollow })), stand(10, each(HANGING, { near: 'flank', of: 'other', off: [0, 0, 0.4], palm: 'body', elbow: 'out', ...hollow })), stand(12, each(HANGING, { near: 'hip', of: 'other', off: [0, 0, 0.5], palm: 'body', ...hollow }))))],
    smaller: { name: 'Stroking down the side', change: 'Stroke instead of patting.', asks: { percussion: [], rubs: ['flanks'] }, cycle: [freely(6, 'The {other} palm rubs softly down the {side} side.')] },
    seated: { change: 'The same from the chair.', cycle: [freely(6, 'Seated: the {other} hollow palm pats down the {side} side.')] },
  }),
  station({
    id: 'hip-ring', name: 'A ring round the hips', ...knocking, roles: ['clear', 'wake'], phases: ['wood', 'water'], organs: ['gallbladder', 'bladder'],
    channels: along('tap', 'GB', 'BL'), points: ['GB29', 'GB30', 'BL31'], asks: { percussion: ['low back', 'legs'] }, repetitions: SOME, loosens: ['hips'], images: ['Tuning the hoop of a barrel.'], view: 'three-quarter',
    mistakes: [{ mistake: 'knocking on the point of the hip', mend: 'Behind it, where the flesh is thick.' }], cautions: [FIST_CARE, 'Not with a new hip or in pregnancy.'],
    cycle: [freely(8, 'Loose fists knock round from hips to buttocks and back.', pulse(2, stand(12, both({ near: 'hip', palm: 'body', elbow: 'out', ...fist })), stand(14, both({ near: 'buttock', palm: 'body', elbow: 'back', ...fist })), stand(13, both({ near: 'sacrum', off: [1, 0, 0.3], palm: 'body', elbow: 'back', ...fist }))))],
    smaller: { name: 'Warming the ring of the hips', change: 'Rub instead of knocking.', asks: { percussion: [], rubs: ['low back'] }, cycle: [freely(8, 'Palms rub round from hips to buttocks and back.', pulse(2, stand(10, both({ near: 'hip', palm: 'body', elbow: 'out' })), stand(11, both({ near: 'buttock', palm: 'body', elbow: 'back' }))))] },
    seated: { change: 'From the front of the chair, hips and outer thighs.', asks: { percussion: ['legs'] }, cycle: [freely(8, 'Front of the seat: loose fists knock hips and outer thighs.', pulse(2, sit(both({ near: 'hip', off: [0, 0, 0.5], palm: 'body', elbow: 'out', ...fist })), sit(both({ near: 'outer thigh', off: [0, 0, 0.3], ...fist }))))] },
  }),
  station({
    id: 'inner-elbow', name: 'The hollow of the elbow', ...knocking, roles: ['clear'], phases: ['metal', 'fire'], organs: ['lung', 'heart', 'pericardium'], sides: 'alternating',
    channels: along('tap', 'LU', 'HT', 'PC'), points: ['LU5', 'PC3', 'HT3'], asks: { percussion: ['arms'] }, repetitions: { least: 1, usual: 2, most: 4, multipleOf: 1 }, images: ['Knocking at a small door until somebody hears.'],
    mistakes: [{ mistake: 'slapping until it is red', mend: 'Half as hard; the skin only warms.' }], cautions: [PALM_CARE, 'Not with blood thinners, a drip or fragile skin.'],
    cycle: [freely(8, 'Nine times the {other} hollow palm pats the {side} elbow’s hollow.', pulse(9, stand(9, each(reaching2(), { near: 'elbow', of: 'other', off: [0, 0, 0.9], palm: 'body', elbow: 'out', ...hollow })), stand(9, each(reaching2(), { near: 'elbow', of: 'other', off: [0, 0, 0.2], palm: 'body', elbow: 'out', ...hollow }))))],
    smaller: { name: 'Warming the hollow of the elbow', change: 'Rub instead of patting.', asks: { percussion: [], rubs: ['arms'] }, cycle: [freely(8, 'Nine times the {other} palm rubs the {side} elbow’s hollow.')] },
    seated: { change: 'The arm lies on the thigh.', cycle: [freely(8, 'Seated: nine times the {other} hollow palm pats that hollow, {side}.', pulse(9, sit(each({ near: 'thigh', off: [0, 1, 0.6], palm: 'up', fingers: 'forward' }, { near: 'elbow', of: 'other', off: [0, 0, 0.9], palm: 'body', elbow: 'out', ...hollow })), sit(each({ near: 'thigh', off: [0, 1, 0.6], palm: 'up', fingers: 'forward' }, { near: 'elbow', of: 'other', off: [0, 0, 0.2], palm: 'body', elbow: 'out', ...hollow }))))] },
  }),
  station({
    id: 'knee-hollow', name: 'The hollows of the knees', ...knocking, roles: ['clear'], phases: ['water'], organs: ['bladder', 'kidney'],
    channels: along('tap', 'BL'), points: ['BL40'], asks: { percussion: ['legs'] }, repetitions: NINES, images: ['Loosening a stiff hinge with the flat of the hand.'], view: 'side',
    mistakes: [{ mistake: 'stiff knees', mend: 'Bend them a little; the hollow opens.' }], cautions: [PALM_CARE, 'Not over varicose veins, clots or a sore knee.'],
    cycle: [freely(8, 'Nine times hollow palms pat the backs of both knees.', pulse(9, bentTo(both({ near: 'calf', off: [0.8, 5, 1], ...hollow }), 56, 20), bentTo(both({ near: 'calf', off: [0.8, 5, 0.3], ...hollow }), 56, 20)))],
    smaller: { name: 'The backs of the thighs', change: 'Upright, as far down as the hands hang.', cycle: [freely(8, 'Nine times hollow palms pat the backs of the thighs, upright.', pulse(9, stand(18, both({ near: 'buttock', off: [0, -2, 0.9], palm: 'body', ...hollow })), stand(18, both({ near: 'buttock', off: [0, -2, 0.1], palm: 'body', ...hollow }))))] },
    seated: { name: 'Beside the knees', change: 'Beside the knees, from the chair.', cycle: [freely(8, 'From the chair: nine times hollow palms pat beside the knees.', pulse(9, sit(both({ near: 'knee', off: [1, 0, 0.9], ...hollow }), { trunk: { lean: 8 } }), sit(both({ near: 'knee', off: [1, 0, 0.1], ...hollow }), { trunk: { lean: 8 } })))] },
  }),
  station({
    id: 'hand-valley', name: 'The valley of the hand', roles: ['clear', 'nourish'], actions: ['clears', 'moves'], phases: ['metal'], organs: ['large-intestine', 'lung'], sides: 'alternating',
    channels: along('press', 'LI'), points: ['LI4'], asks: { rubs: ['arms'] }, repetitions: { least: 2, usual: 4, most: 9, multipleOf: 1 }, images: ['Kneading one small knot of dough.'],
    mistakes: [{ mistake: 'digging with the nail', mend: 'The pad of the thumb, towards the bone of the first finger.' }], cautions: ['Not in pregnancy.'],
    cycle: [freely(5, 'The {other} thumb kneads the {side} hand between thumb and first finger.', pulse(3, stand(9, each({ near: 'navel', off: [1, 1, 7], palm: 'down', fingers: 'in' }, { near: 'hand', of: 'other', off: [0, 0, 0.4], palm: 'back', fingers: 'in', elbow: 'out' })), stand(9, each({ near: 'navel', off: [1, 1.6, 7], palm: 'down', fingers: 'in' }, { near: 'hand', of: 'other', off: [0, 0, 0.6], palm: 'back', fingers: 'in', elbow: 'out' }))))],
    smaller: { change: 'The thumb only rests there.', asks: { rubs: [] }, cycle: [freely(5, 'The {other} thumb rests in the valley of the {side} hand.', to(stand(9, each({ near: 'navel', off: [1, 1, 7], palm: 'down', fingers: 'in' }, { near: 'hand', of: 'other', off: [0, 0, 0.4], palm: 'back', fingers: 'in', elbow: 'out' }))))] },
    seated: { change: 'In the lap.', cycle: [freely(5, 'In the lap: the {other} thumb kneads the {side} hand’s valley.', pulse(3, sit(each({ near: 'lower dantian', off: [1, 1, 5], palm: 'down', fingers: 'in' }, { near: 'hand', of: 'other', off: [0, 0, 0.4], palm: 'back', fingers: 'in', elbow: 'out' })), sit(each({ near: 'lower dantian', off: [1, 1.6, 5], palm: 'down', fingers: 'in' }, { near: 'hand', of: 'other', off: [0, 0, 0.6], palm: 'back', fingers: 'in', elbow: 'out' }))))] },
  }),
  station({
    id: 'inner-gate-kneaded', name: 'The inner gate of the wrist', pinyin: 'Àn Nèi Guān', hanzi: '按內關', roles: ['clear', 'nourish'], actions: ['calms', 'moves'], phases: ['fire'], organs: ['pericardium', 'heart'], sides: 'alternating',
    channels: along('press', 'PC'), points: ['PC6'], asks: { rubs: ['arms'] }, repetitions: { least: 2, usual: 4, most: 9, multipleOf: 1 }, images: ['A latch lifted softly, so that nobody in the house wakes.'],
    mistakes: [{ mistake: 'pressing at the crease itself', mend: 'Two thumbs’ breadth further up, between the two sinews.' }],
    cycle: [freely(6, 'The {other} thumb kneads the {side} wrist’s inside, above the crease.', pulse(3, stand(9, each(WRIST_UP, onWrist(0.4))), stand(9, each(WRIST_UP, onWrist(0.7)))))],
    smaller: { change: 'The palm only lies there.', asks: { rubs: [] }, cycle: [freely(6, 'The {other} palm lies on the inside of the {side} wrist.', to(stand(9, each(WRIST_UP, onWrist(0.4)))))] },
    seated: { change: 'In the lap.', cycle: [freely(6, 'In the lap: the {other} thumb kneads inside the {side} wrist.', pulse(3, sit(each(WRIST_IN_LAP, onWrist(0.4))), sit(each(WRIST_IN_LAP, onWrist(0.7)))))] },
  }),
  station({
    id: 'great-surge-kneaded', name: 'Kneading between the first toes', pinyin: 'Róu Tài Chōng', hanzi: '揉太衝', roles: ['clear', 'nourish'], actions: ['moves', 'clears'], phases: ['wood'], organs: ['liver'], stance: { start: 'cross-legged', end: 'cross-legged' }, footwork: 'Sitting, one foot before the other.',
    channels: along('press', 'LR'), points: ['LR3'], asks: { rubs: ['legs'] }, sides: 'one-then-other', repetitions: SOME, images: ['Thawing a spring where two stones meet.'], view: 'three-quarter',
    mistakes: [{ mistake: 'pushing hard to feel it at once', mend: 'Slowly to where it answers, and wait there.' }], cautions: [FOOT_CARE],
    cycle: [freely(9, 'The {side} thumb kneads the {other} foot between its first two toes.', pulse(4, crossed(onInstep), crossed({ ...onInstep, off: [0.9, -4.2, -2.6] })))],
    smaller: { name: 'The palm on the instep', change: 'The palm only lies on the instep.', asks: { rubs: [] }, cycle: [freely(9, 'The {side} palm lies on the {other} instep.', to(crossed(onInstep)))] },
    seated: { name: 'Stroking down the inner shin', change: 'From the chair, along the channel as far down as is easy.', cycle: [freely(9, 'From the chair, the {other} palm strokes down the {side} shin.', pulse(3, ...downShin))] },
  }),
  station({
    id: 'foot-edge-stroked', name: 'Stroking the inner edge of the foot', pinyin: 'Mó Tài Bái', hanzi: '摩太白', roles: ['nourish'], actions: ['nourishes', 'moves'], phases: ['earth'], organs: ['spleen'], polarity: 'yin', stance: { start: 'cross-legged', end: 'cross-legged' }, footwork: 'Sitting, one foot before the other.',
    channels: along('press', 'SP'), points: ['SP3'], asks: { rubs: ['legs'] }, sides: 'one-then-other', repetitions: SOME, images: ['Smoothing the clay along the rim of a bowl.'], view: 'three-quarter',
    mistakes: [{ mistake: 'rubbing to and fro', mend: 'One way only, from the big toe to the ankle.' }], cautions: [FOOT_CARE],
    cycle: [freely(9, 'The {side} palm strokes the {other} foot’s inner edge, toe to ankle.', pulse(4, crossed(onInstep), crossed({ ...onInstep, off: [0.3, 1.6, -0.5] })))],
    smaller: { name: 'The palm along the inner foot', change: 'The palm only lies there.', asks: { rubs: [] }, cycle: [freely(9, 'The {side} palm lies along the {other} foot’s inner edge.', to(crossed(onInstep)))] },
    seated: { name: 'Stroking up the inner shin', change: 'From the chair, along the channel above the foot.', cycle: [freely(9, 'From the chair, the {other} palm strokes up the {side} shin.', pulse(3, ...downShin.toReversed()))] },
  }),
  station({
    id: 'kneecaps-warmed', name: 'Warming the kneecaps', roles: ['loosen'], actions: ['moves', 'nourishes'], phases: ['earth', 'water'], organs: ['stomach', 'kidney'],
    channels: along('press', 'ST', 'SP'), points: ['ST35'], asks: { rubs: ['legs'] }, repetitions: { least: 2, usual: 4, most: 12, multipleOf: 1 }, loosens: ['knees'], images: ['Two hens warm on their eggs.'], view: 'three-quarter',
    mistakes: [{ mistake: 'pressing the cap down', mend: 'The palm holds it like an egg.' }],
    cycle: [freely(8, 'Palms rub round and round on both kneecaps.', pulse(4, bentTo(both(kneecap), 48, 16), bentTo(both({ ...kneecap, off: [1, 0.8, 0.4] }), 48, 16)))],
    smaller: { name: 'Warming the thighs above the knees', change: 'Upright: above the knees.', cycle: [freely(8, 'Standing upright, palms rub the thighs above the knees.', pulse(4, stand(26, both({ near: 'thigh', off: [0, 3, 0] }), { trunk: { lean: 28 } }), stand(26, both({ near: 'thigh', off: [0, 1.4, 0] }), { trunk: { lean: 28 } })))] },
    seated: { change: 'From the chair.', cycle: [freely(8, 'Seated: palms rub round on both kneecaps.', pulse(4, sit(both({ near: 'knee' }), { trunk: { lean: 8 } }), sit(both({ near: 'knee', off: [1, 0, 0] }), { trunk: { lean: 8 } })))] },
  }),
  station({
    id: 'heavenly-drum', name: 'The heavenly drum', pinyin: 'Míng Tiān Gǔ', hanzi: '鳴天鼓', source: 'seated-brocade-verse', roles: ['clear', 'wake'], actions: ['clears', 'nourishes'], phases: ['water'], organs: ['kidney', 'bladder'],
    channels: along('tap', 'GB', 'BL'), points: ['TE17'], asks: { percussion: ['head'] }, repetitions: { least: 1, usual: 3, most: 4, multipleOf: 1 }, settleSec: 10, images: ['A drum heard from inside the hill.'], view: 'three-quarter',
    mistakes: [{ mistake: 'pressing the ears flat', mend: 'Cover them as one covers a cup.' }, { mistake: 'hitting with the whole hand', mend: 'The first finger slips off the middle one and taps.' }],
    cautions: ['Not with ear trouble, migraine or vertigo. Patter with the fingertips only.'],
    cycle: [freely(8, 'Palms over the ears; first fingers slip and tap behind, eight times.', pulse(8, stand(9, both(onEar)), stand(9, both({ ...onEar, off: [0, 0.3, 0.5] }))))],
    smaller: { name: 'Palms over the ears', change: 'No tapping: listen inward.', asks: { percussion: [] }, cycle: [freely(8, 'Palms over the ears; listen inward.', to(stand(9, both(onEar))))] },
    seated: { change: 'The same from the chair, elbows level.', cycle: [freely(8, 'Seated, palms over the ears: first fingers tap behind, eight times.', pulse(8, sit(both(onEar)), sit(both({ ...onEar, off: [0, 0.3, 0.5] }))))] },
  }),
  station({
    id: 'eyes-rolled', name: 'Rolling the eyes', roles: ['loosen'], actions: ['moves', 'clears'], phases: ['wood'], organs: ['liver', 'gallbladder'], sides: 'both-ways', ways: ['to the left', 'to the right'],
    channels: along('attend', 'LR', 'GB', 'BL'), points: ['BL1', 'GB1'], repetitions: { least: 3, usual: 6, most: 9, multipleOf: 3 }, images: ['Following a hawk round the whole sky.'],
    mistakes: [{ mistake: 'the head goes along', mend: 'Only the eyes; the chin stays.' }], cautions: ['Slowly; not with recent eye surgery or vertigo.'],
    cycle: [freely(5, 'The head still; the eyes roll once round, {way}.', to(stand(9)))],
    smaller: { change: 'Only from side to side.', cycle: [freely(5, 'The eyes go {way} and back, the head still.', to(stand(9)))] },
    seated: { change: 'The same from the chair.', cycle: [freely(5, 'Seated, head still: the eyes roll round, {way}.', to(sit()))] },
  }),
  station({
    id: 'eyes-near-and-far', name: 'Looking near and far', roles: ['loosen', 'balance'], actions: ['calms', 'moves'], phases: ['wood'], organs: ['liver', 'gallbladder'],
    channels: along('attend', 'LR', 'GB', 'BL'), points: ['BL1'], repetitions: { least: 3, usual: 6, most: 12, multipleOf: 1 }, images: ['A fisherman who looks from his float to the far shore.'],
    mistakes: [{ mistake: 'staring', mend: 'Let both the thumb and the hills come to you.' }], pace: 'inner',
    cycle: [
      inhale('The thumb rises before the nose: look at it.', to(stand(9, each(HANGING, { near: 'face', off: [0, 0, 12], palm: 'in', fingers: 'up', elbow: 'low' })))),
      exhale('The hand sinks; look as far away as you can.', to(stand(11))),
    ],
    smaller: { change: 'Without the hand.', cycle: [inhale('Look at something close by.', to(stand(9))), exhale('Look as far away as you can.', to(stand(11)))] },
    seated: { change: 'The same from the chair.', cycle: [inhale('From the chair: the thumb before the nose, look at it.', to(sit(each(ON_THIGHS, { near: 'face', off: [0, 0, 12], palm: 'in', fingers: 'up', elbow: 'low' })))), exhale('The hand sinks; look out of the window.', to(sit()))] },
  }),
  station({
    id: 'nose-sides', name: 'Beside the nose', roles: ['clear'], actions: ['clears'], phases: ['metal'], organs: ['large-intestine', 'lung'],
    channels: along('press', 'LI'), points: ['LI20'], asks: { rubs: ['face'] }, repetitions: NINES, images: ['Polishing both sides of a small bell.'],
    mistakes: [{ mistake: 'pressing the nostrils shut', mend: 'Along the bone, up and down.' }],
    cycle: [freely(8, 'Nine times the fingers rub up and down beside the nose.', pulse(9, stand(9, both(besideNose)), stand(9, both({ ...besideNose, off: [1.2, 2.2, 1] }))))],
    smaller: { change: 'The fingers rest there.', asks: { rubs: [] }, cycle: [freely(8, 'Fingers rest beside the nose; breathe through it.', to(stand(9, both(besideNose))))] },
    seated: { change: 'The same from the chair.', cycle: [freely(8, 'Seated: nine times the fingers rub beside the nose.', pulse(9, sit(both(besideNose)), sit(both({ ...besideNose, off: [1.2, 2.2, 1] }))))] },
  }),
  station({
    id: 'tongue-stirred', name: 'Stirring with the tongue', pinyin: 'Chì Lóng Jiǎo Shuǐ', hanzi: '赤龍攪水', source: 'seated-brocade-verse', roles: ['nourish'], actions: ['nourishes', 'calms'], phases: ['water', 'earth'], organs: ['kidney', 'spleen', 'stomach'], polarity: 'yin',
    channels: along('attend', 'KI', 'CV'), points: ['CV24', 'CV6'], sides: 'both-ways', ways: ['to the left', 'to the right'], repetitions: { least: 1, usual: 3, most: 6, multipleOf: 1 }, images: ['A red fish turning in a still pool.'],
    mistakes: [{ mistake: 'swallowing in a gulp', mend: 'In three small parts, each followed down to the belly.' }], cautions: ['Not on the day of dental work.'],
    cycle: [freely(6, 'Behind closed lips the tongue goes round {way}, three times.', to(stand(9, both(ON_BELLY))))],
    exit: [freely(12, 'Rinse; swallow in three parts, following each down.', to(stand(9, both(ON_BELLY), { head: { nod: 5 } })))],
    smaller: { change: 'The tongue only rests at the palate, and one swallows.', cycle: [freely(6, 'Tongue at the palate; it only leans {way}.', to(stand(9, both(ON_BELLY))))] },
    seated: { change: 'The same from the chair.', cycle: [freely(6, 'Seated, lips closed: the tongue goes round {way}, three times.', to(sit(both(ON_BELLY))))] },
  }),
  station({
    id: 'belt-rubbed', name: 'Rubbing round the belt', roles: ['nourish', 'wake'], actions: ['nourishes', 'moves'], phases: ['water', 'earth'], organs: ['kidney', 'bladder', 'spleen'],
    channels: along('press', 'BL', 'GB'), points: ['BL23', 'GV4', 'CV6', 'GB26'], asks: { rubs: ['low back', 'belly', 'flanks'] }, repetitions: { least: 6, usual: 9, most: 36, multipleOf: 3 }, loosens: ['spine'], images: ['Drawing a warm cord through its loops.'], view: 'three-quarter',
    mistakes: [{ mistake: 'thumbs dig into the kidneys', mend: 'Whole palms, warm first.' }], cautions: ['Light hands in pregnancy, heavy periods and after belly surgery: rest them there instead.'],
    cycle: [freely(3, 'Palms rub round the belt from the belly to the low back.', pulse(1, ...standing(...girdle)))],
    smaller: { name: 'Palms before and behind', change: 'Palms rest before and behind.', asks: { rubs: [] }, cycle: [freely(3, 'One palm on the belly, one on the low back; wait.', to(stand(9, each({ near: 'lower dantian', fingers: 'in' }, { near: 'kidneys', off: [-1, 0, 0.3], palm: 'body', fingers: 'in', elbow: 'back' }))))] },
    seated: { change: 'From the front of the chair.', cycle: [freely(3, 'Front of the seat: palms rub round the belt and back.', pulse(1, ...sitting(...girdle)))] },
  }),
  station({
    id: 'soles-rubbed', name: 'Rubbing the soles', pinyin: 'Cā Yǒng Quán', hanzi: '擦湧泉', roles: ['nourish'], actions: ['nourishes', 'calms'], phases: ['water'], organs: ['kidney'], polarity: 'yin', stance: { start: 'cross-legged', end: 'cross-legged' }, footwork: 'Sitting, one foot before the other.',
    channels: along('press', 'KI'), points: ['KI1'], asks: { rubs: ['legs'] }, sides: 'one-then-other', repetitions: NINES, images: ['Striking a fire for the night in a small hearth.'], view: 'three-quarter',
    mistakes: [{ mistake: 'hurrying', mend: 'Warmth comes from the count, not from the pressure.' }], cautions: ['Not over sores; with diabetic feet only look and hold.'],
    cycle: [freely(9, 'Nine times the {side} palm rubs the {other} sole.', pulse(9, crossed(onSole), crossed({ ...onSole, off: [-1.2, -3, 0] })))],
    smaller: { name: 'Holding the soles', change: 'The palm only holds the sole.', asks: { rubs: [] }, cycle: [freely(9, 'The {side} palm holds the {other} sole.', to(crossed(onSole)))] },
    seated: { name: 'Rubbing the calves', change: 'From the chair, as far down the calves as is easy.', cycle: [freely(9, 'From the chair: nine times the {other} palm rubs the {side} shin.', pulse(9, ...downShin))] },
  }),
  station({
    id: 'dry-washing', name: 'Dry washing of the whole body', pinyin: 'Gān Mù Yù', hanzi: '乾沐浴', source: 'heritage-from-memory', roles: ['balance', 'clear'], actions: ['moves', 'calms'], phases: ['metal', 'earth', 'water'], organs: ['lung', 'spleen', 'kidney'],
    channels: along('trace', 'LU', 'LI', 'ST', 'SP'), points: [], asks: { rubs: ['face', 'arms', 'chest', 'belly', 'low back', 'legs'] }, repetitions: { least: 1, usual: 1, most: 3, multipleOf: 1 }, setupSec: { known: 6, taught: 20 }, settleSec: 10,
    images: ['A bath without water, at the end of a journey.'], mistakes: [{ mistake: 'rubbing the same place red', mend: 'Go on as soon as a place is warm.' }],
    cautions: ['Light hands on the belly in pregnancy; not over broken skin, a clot or a port.'], exceptions: { time: 'From head to foot is one repetition.' },
    cycle: [
      freely(9, 'Warm palms rub up the face and down the cheeks.', pulse(3, stand(9, both({ near: 'mouth', off: [1.8, -1.5, 1.2], fingers: 'up', elbow: 'low' })), stand(9, both({ near: 'upper dantian', off: [1.8, 1, 0.4], fingers: 'up', elbow: 'low' })))),
      freely(14, 'Down the inside of each arm, up the outside.', pulse(2, stand(9, each({ near: 'upper arm', of: 'other', off: [0, 0, 0.6], palm: 'body', elbow: 'front' }, HANGING)), stand(9, each({ near: 'forearm', of: 'other', off: [0, 0, 0.3], palm: 'body', elbow: 'out' }, HANGING)), stand(9, each(HANGING, { near: 'upper arm', of: 'other', off: [0, 0, 0.6], palm: 'body', elbow: 'front' })), stand(9, each(HANGING, { near: 'forearm', of: 'other', off: [0, 0, 0.3], palm: 'body', elbow: 'out' })))),
      freely(12, 'Down the chest, across the belly, over the low back.', through(...standing(onBreast, ON_BELLY, { near: 'flank', palm: 'body', fingers: 'forward', elbow: 'back' }, { near: 'kidneys', off: [0, 0, 0.2], palm: 'body', fingers: 'in', elbow: 'back' }))),
      freely(10, 'And down both thighs, letting it all run off.', through(stand(14, both({ near: 'hip' })), stand(26, both({ near: 'thigh', off: [0, 2, 0] }), { trunk: { lean: 26 } }))),
    ],
    smaller: { change: 'Palms pass a finger’s breadth away, without rubbing.', asks: { rubs: [] }, cycle: [freely(6, 'Palms pass before the face.', through(stand(9, both({ near: 'mouth', off: [2, -1, 2.6], fingers: 'up', elbow: 'low' })), stand(9, both({ near: 'upper dantian', off: [2, 1, 2], fingers: 'up', elbow: 'low' })))), freely(7, 'They pass down before the chest.', to(stand(9, both({ ...onBreast, off: [3, 0, 2.4] })))), freely(7, 'They pass down before the belly.', to(stand(11, both({ ...ON_BELLY, off: [3, 0, 2.4] })))), freely(6, 'Arms hang; let it all run off.', to(stand(12)))] },
    seated: { change: 'From the chair, legs as far as the knees.', cycle: [
      freely(8, 'Seated: warm palms rub up the face and down.', pulse(3, sit(both({ near: 'mouth', off: [1.8, -1.5, 1.2], fingers: 'up', elbow: 'low' })), sit(both({ near: 'upper dantian', off: [1.8, 1, 0.4], fingers: 'up', elbow: 'low' })))),
      freely(12, 'Down the inside of each arm, up the outside.', pulse(2, sit(each({ near: 'upper arm', of: 'other', off: [0, 0, 0.6], palm: 'body', elbow: 'front' }, ON_THIGHS)), sit(each({ near: 'forearm', of: 'other', off: [0, 0, 0.3], palm: 'body', elbow: 'out' }, ON_THIGHS)), sit(each(ON_THIGHS, { near: 'upper arm', of: 'other', off: [0, 0, 0.6], palm: 'body', elbow: 'front' })), sit(each(ON_THIGHS, { near: 'forearm', of: 'other', off: [0, 0, 0.3], palm: 'body', elbow: 'out' })))),
      freely(10, 'Down chest and belly, round to the low back.', through(...sitting(onBreast, ON_BELLY, { near: 'kidneys', off: [0, 0, 0.3], palm: 'body', fingers: 'in', elbow: 'back' }))),
      freely(8, 'And along both thighs to the knees.', through(...sitting({ near: 'thigh' }, { near: 'knee' }))),
    ] },
  }),
] as const;

/** An arm laid before the belly with its inside up, for the other hand to come to. */
function reaching2(): Hand {
  return { near: 'reach', toward: [-0.1, -0.7, 0.8], palm: 'up', share: 0.85 };
}

/** Sitting with crossed legs, bent to one foot. */
function crossed(hand: Hand): Posture {
  return {
    base: 'crossed',
    trunk: { lean: 18, round: 10 },
    hands: each(hand, { near: 'knee', off: [0, 0.4, 0], palm: 'body' }),
  };
}
