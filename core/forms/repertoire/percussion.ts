import type { Hand, Posture } from '../../body';
import type { Form } from '../model/model';
import { along, defineForm, type FormText } from '../writing/define';
import {
  AT_KIDNEYS,
  before,
  both,
  each,
  fist,
  HANGING,
  hollow,
  ON_THIGHS,
  reaching,
  sit,
  stand,
} from '../writing/postures';
import { exhale, freely, inhale, type Movement, pulse, through, to } from '../writing/strokes';

/** Leaning to follow the hands down the legs, or up them again. */
function legRoute(hands: readonly Hand[], upward: boolean): Movement {
  const steps = hands.map((hand, index): Posture => {
    const lean = 16 + (36 * index) / Math.max(1, hands.length - 1);
    return {
      sink: 14 + lean * 0.75,
      trunk: { lean, round: lean * 0.36 },
      head: { nod: -lean * 0.2 },
      hands: both({ ...hand, ...hollow }),
    };
  });
  return { postures: upward ? [...steps].reverse() : steps };
}

const tall = (...hands: readonly Hand[]): Movement =>
  through(
    ...hands.map((hand): Posture => ({
      sink: 24,
      trunk: { lean: 22, round: 8 },
      hands: both({ ...hand, ...hollow }),
    })),
  );

const chair = (...hands: readonly Hand[]): Movement =>
  through(
    ...hands.map((hand, index): Posture => sit(both({ ...hand, ...hollow }), { trunk: { lean: index * 8 } })),
  );

const knock = (near: Hand['near'], up: number, away: number): Hand => ({
  near,
  off: [0, up, away],
  palm: 'body',
  fingers: 'in',
  elbow: 'back',
  ...fist,
});

const PATS = { least: 1, usual: 3, most: 9, multipleOf: 1 } as const;
const SOFTLY = {
  palm: 'Pat with a hollow palm; never into pain, a port, a line or a device.',
  fist: 'Knock with loose fists, wrists soft; never into pain, a port, a line or a device.',
  fingertips: 'Patter with the fingertips only; never into pain, a port, a line or a device.',
} as const;

type PercussionText = Omit<FormText, 'family' | 'actions' | 'pace' | 'repetitions' | 'mistakes'> & {
  readonly mistakes?: NonNullable<FormText['mistakes']>;
  /** What strikes; a hollow palm unless said. */
  readonly by?: keyof typeof SOFTLY;
};

/** What every percussion route shares: free breath, a still moment after it, and how the hand is held. */
// prettier-ignore
function percussion({ by = 'palm', ...text }: PercussionText): Form {
  return defineForm({
    family: 'percussion route', actions: ['clears', 'moves'], polarity: 'yang', pace: 'flowing', manner: 'natural', exhale: 'mouth', settleSec: 12, repetitions: PATS,
    mistakes: [{ mistake: 'striking hard to feel more', mend: 'Loose wrists; only as much as feels pleasant.' }],
    ...text,
    cautions: [SOFTLY[by], ...(text.cautions ?? [])],
  });
}

/** Percussion routes with their direction, swings at rising heights, shaking, and rounds that wake. */
// prettier-ignore
export const PERCUSSION = [
  percussion({
    id: 'tap-legs-outside', name: 'Tapping down the outside of the legs', roles: ['clear'], phases: ['wood'], organs: ['gallbladder'],
    channels: along('tap', 'GB'), points: ['GB30', 'GB31', 'GB34'], route: ['GB30', 'GB31', 'GB33', 'GB34', 'GB38', 'GB40'],
    asks: { percussion: ['legs'] }, loosens: ['hips'], images: ['Rain running down the side of a barn.'],
    cautions: ['Not over varicose veins, clots or fresh bruises. Rise slowly, head last.'], view: 'three-quarter',
    cycle: [
      freely(6, 'Pat from the hips down the outside of both legs.', legRoute([{ near: 'buttock', off: [2.5, 0, 0] }, { near: 'outer thigh' }, { near: 'outer calf', off: [0, 3, 0] }], false)),
    ],
    smaller: {
      change: 'Only the thighs, standing upright.',
      cycle: [
        freely(6, 'Pat down the outside of both thighs, standing upright.', tall({ near: 'buttock', off: [2.5, 0, 0] }, { near: 'outer thigh', off: [0, 3, 0] })),
      ],
    },
    seated: {
      change: 'Outside of the thighs, from the chair.',
      cycle: [
        freely(6, 'Pat from the hips down the outside of the thighs.', chair({ near: 'hip', off: [1, 0, 1] }, { near: 'outer thigh' })),
      ],
    },
  }),
  percussion({
    id: 'tap-legs-front', name: 'Tapping down the front of the legs', roles: ['clear'], phases: ['earth'], organs: ['stomach'],
    channels: along('tap', 'ST'), points: ['ST31', 'ST36'], route: ['ST31', 'ST32', 'ST35', 'ST36', 'ST40', 'ST41'],
    asks: { percussion: ['legs'] }, loosens: ['hips'], images: ['Knocking wet sand from the legs.'],
    mistakes: [{ mistake: 'patting on the kneecap', mend: 'Pass beside it, and slow down there.' }],
    cautions: ['Not over varicose veins, clots or fresh bruises. Rise slowly, head last.'], view: 'three-quarter',
    cycle: [
      freely(6, 'Pat down the front of both legs to the shins.', legRoute([{ near: 'thigh', off: [0, 4, 0] }, { near: 'thigh', off: [0, -2, 0] }, { near: 'shin', off: [0, 3, 0] }], false)),
    ],
    smaller: {
      change: 'Only the thighs, standing upright.',
      cycle: [
        freely(6, 'Pat down the front of both thighs, standing upright.', tall({ near: 'thigh', off: [0, 4, 0] }, { near: 'thigh', off: [0, 2, 0] })),
      ],
    },
    seated: {
      change: 'Front of the thighs and knees, from the chair.',
      cycle: [
        freely(6, 'Pat down the front of the thighs to the knees.', chair({ near: 'thigh' }, { near: 'knee' })),
      ],
    },
  }),
  percussion({
    id: 'tap-legs-back', name: 'Tapping down the back of the legs', roles: ['clear'], phases: ['water'], organs: ['bladder'],
    channels: along('tap', 'BL'), points: ['BL40'], route: ['buttock', 'back of the thigh', 'back of the knee', 'calf'],
    asks: { percussion: ['legs'] }, loosens: ['hips'], images: ['Shaking snow off the back of a coat.'],
    cautions: ['Gently behind the knee. Not over varicose veins, clots or bruises. Rise slowly, head last.'], view: 'side',
    cycle: [
      freely(6, 'Pat from the buttocks down the back of both legs.', legRoute([{ near: 'buttock' }, { near: 'back thigh', off: [0, 5, 0] }, { near: 'calf', off: [0, 4, 0] }], false)),
    ],
    smaller: {
      change: 'Only the buttocks and upper thighs.',
      cycle: [
        freely(6, 'Pat the buttocks and the backs of the upper thighs.', tall({ near: 'buttock' }, { near: 'buttock', off: [0, -1.5, 0] })),
      ],
    },
    seated: {
      change: 'Under the thighs, from the front of the chair.',
      cycle: [
        freely(6, 'From the front of the seat, pat under the thighs.', chair({ near: 'outer thigh' }, { near: 'outer thigh', off: [0, -2, 0] })),
      ],
    },
  }),
  percussion({
    id: 'tap-legs-inside', name: 'Tapping up the inside of the legs', roles: ['clear'], phases: ['earth', 'wood', 'water'],
    organs: ['spleen', 'liver', 'kidney'], channels: along('tap', 'SP', 'LR', 'KI'), points: ['LR8', 'SP10'],
    route: ['inner ankle', 'inner lower leg', 'inner knee', 'inner thigh', 'groin', 'lower belly'], asks: { percussion: ['legs', 'belly'] },
    loosens: ['hips'], images: ['Mist climbing out of a valley.'],
    mistakes: [{ mistake: 'patting downward', mend: 'The inside of the legs runs up.' }],
    cautions: ['In pregnancy leave out the ankles and the belly.'],
    cycle: [
      freely(6, 'Pat up the inside of both legs to the belly.', legRoute([{ near: 'belly side', fingers: 'in' }, { near: 'inner thigh' }, { near: 'inner calf', off: [0, 4.5, 0] }], true)),
    ],
    smaller: {
      change: 'Only the thighs, standing upright.', asks: { percussion: ['legs'] },
      cycle: [
        freely(6, 'Pat up the inside of both thighs, standing upright.', through(stand(24, both({ near: 'thigh', off: [-1, 4, 0], ...hollow }), { trunk: { lean: 22, round: 8 } }), stand(12, both({ near: 'belly side', fingers: 'in', ...hollow })))),
      ],
    },
    seated: {
      change: 'From the knees to the groins.', asks: { percussion: ['legs'] },
      cycle: [
        freely(6, 'Pat up the inside of the thighs, knees to groins.', through(sit(both({ near: 'knee', off: [-1, 0, 0], ...hollow }), { trunk: { lean: 10 } }), sit(both({ near: 'inner thigh', palm: 'body', ...hollow }), { trunk: { lean: 12 } }), sit(both({ near: 'belly side', fingers: 'in', ...hollow })))),
      ],
    },
  }),
  percussion({
    id: 'tap-chest', by: 'fingertips', name: 'Tapping chest and collarbones', roles: ['clear', 'wake'], phases: ['metal', 'fire'],
    organs: ['lung', 'heart', 'pericardium'], channels: along('tap', 'LU', 'KI', 'CV'), points: ['LU1', 'KI27', 'CV17'],
    route: ['CV17', 'KI25', 'KI27', 'LU1', 'LU2'], sides: 'alternating', asks: { percussion: ['chest'] },
    images: ['A woodpecker two gardens away.'], cautions: ['Leave this out over a pacemaker or fresh chest surgery.'],
    cycle: [
      freely(5, 'Fingertips drum from the breastbone to the {side} collarbone.', pulse(4, stand(9, each(HANGING, { near: 'middle dantian', off: [0, 1, 0], fingers: 'in', elbow: 'out', shape: 'gathered fingertips' })), stand(9, each(HANGING, { near: 'collarbone', of: 'other', off: [0, -1, 0.2], palm: 'body', fingers: 'in', elbow: 'out', shape: 'gathered fingertips' })))),
    ],
    smaller: {
      name: 'Smoothing chest and collarbones', change: 'Smooth instead of tapping.', asks: { percussion: [] },
      cycle: [
        freely(5, 'Smooth from the breastbone to the {side} collarbone.'),
      ],
    },
    seated: {
      change: 'The same from the chair.',
      cycle: [
        freely(5, 'Fingertips drum from the breastbone to the {side} collarbone.', pulse(4, sit(each(ON_THIGHS, { near: 'middle dantian', off: [0, 1, 0], fingers: 'in', elbow: 'out', shape: 'gathered fingertips' })), sit(each(ON_THIGHS, { near: 'collarbone', of: 'other', off: [0, -1, 0.2], palm: 'body', fingers: 'in', elbow: 'out', shape: 'gathered fingertips' })))),
      ],
    },
  }),
  percussion({
    id: 'tap-flanks', by: 'fist', name: 'Tapping down the flanks', roles: ['clear'], phases: ['wood'], organs: ['liver', 'gallbladder'],
    channels: along('tap', 'GB', 'LR'), points: ['GB24', 'LR13', 'GB26'], route: ['GB22', 'GB24', 'flank', 'GB29'],
    asks: { percussion: ['flanks'] }, images: ['Settling grain in two sacks.'], cautions: ['Softly over the lowest, free ribs.'],
    cycle: [
      freely(5, 'Loose fists pat from under the arms to the hips.', through(stand(10, both({ near: 'ribs', off: [0, 1, 0.3], palm: 'body', elbow: 'out', ...fist })), stand(10, both({ near: 'flank', palm: 'body', fingers: 'in', elbow: 'out', ...fist })), stand(12, both({ near: 'hip', palm: 'body', elbow: 'out', ...fist })))),
    ],
    smaller: {
      name: 'Smoothing down the flanks', change: 'Smooth instead of patting.', asks: { percussion: [] },
      cycle: [
        freely(5, 'Palms smooth from under the arms to the hips.'),
      ],
    },
    seated: { change: 'The same from the chair.' },
  }),
  percussion({
    id: 'tap-kidneys', by: 'fist', name: 'Knocking at the kidneys', roles: ['clear', 'wake', 'nourish'], phases: ['water'],
    organs: ['kidney', 'bladder'], channels: along('tap', 'BL', 'GV'), points: ['BL23', 'BL52', 'GV4'], asks: { percussion: ['low back'] },
    loosens: ['spine'], images: ['Knocking softly so as not to wake the house.'],
    cautions: ['Not in pregnancy, with kidney illness or brittle bones: rest the hands there instead.'], view: 'back',
    cycle: [
      freely(5, 'Loose fists knock softly on the small of the back.', pulse(6, stand(12, both(knock('kidneys', 0, 0.2))), stand(13, both(knock('kidneys', 0, 2))))),
    ],
    smaller: {
      name: 'Rubbing the low back', change: 'Rub with the backs of the hands.', asks: { rubs: ['low back'], percussion: [] },
      cycle: [
        freely(5, 'Backs of the hands rub the small of the back.', pulse(3, stand(11, both({ ...AT_KIDNEYS, off: [0, 1, 0.2] })), stand(11, both({ ...AT_KIDNEYS, off: [0, -1, 0.2] })))),
      ],
    },
    seated: {
      change: 'From the front of the chair.',
      cycle: [
        freely(5, 'Front of the seat: loose fists knock softly on the low back.'),
      ],
    },
  }),
  percussion({
    id: 'tap-sacrum', by: 'fist', name: 'Drumming on the sacrum', roles: ['clear', 'wake'], phases: ['water'],
    organs: ['bladder', 'kidney'], channels: along('tap', 'BL', 'GV'), points: ['BL31'], asks: { percussion: ['low back'] },
    loosens: ['hips'], images: ['A hand drum, played for oneself.'], cautions: ['Not in pregnancy or with brittle bones.'], view: 'back',
    cycle: [
      freely(5, 'Loose fists drum on the flat bone below the back.', pulse(6, stand(18, both({ near: 'sacrum', off: [1, 0, 0.2], palm: 'body', elbow: 'back', ...fist }), { trunk: { lean: 10 } }), stand(18, both({ near: 'sacrum', off: [1, 0, 2], palm: 'body', elbow: 'back', ...fist }), { trunk: { lean: 10 } }))),
    ],
    smaller: {
      name: 'Warming the sacrum', change: 'Warm the sacrum by rubbing.', asks: { rubs: ['low back'], percussion: [] },
      cycle: [
        freely(5, 'Palms rub the flat bone below the back warm.', pulse(3, stand(14, both({ near: 'sacrum', off: [1, 1, 0.2], palm: 'body', elbow: 'back' })), stand(14, both({ near: 'sacrum', off: [1, -1, 0.2], palm: 'body', elbow: 'back' })))),
      ],
    },
    seated: {
      change: 'Leaning forward a little from the chair.',
      cycle: [
        freely(5, 'Lean forward a little; loose fists drum on the sacrum.', pulse(6, sit(both({ near: 'sacrum', off: [1, 1, 0.4], palm: 'body', elbow: 'back', ...fist }), { trunk: { lean: 12 } }), sit(both({ near: 'sacrum', off: [1, 1, 2], palm: 'body', elbow: 'back', ...fist }), { trunk: { lean: 12 } }))),
      ],
    },
  }),
  percussion({
    id: 'tap-head', by: 'fingertips', name: 'Fingertips from brow to nape', roles: ['clear', 'wake'], phases: ['water', 'wood'],
    organs: ['bladder', 'gallbladder'], channels: along('tap', 'BL', 'GB', 'GV'), points: ['GV20', 'GB20', 'BL10'],
    route: ['BL3', 'BL5', 'crown', 'BL9', 'back of the head'], asks: { percussion: ['head'] }, images: ['Light rain passing over a roof.'],
    mistakes: [{ mistake: 'ploughing back through the hair', mend: 'Lift off at the nape and begin again at the brow.' }],
    cautions: ['Softly with migraine, or leave it out.'], view: 'three-quarter',
    cycle: [
      freely(5, 'Fingertips patter from the brow over the crown to the nape.', through(stand(9, both({ near: 'upper dantian', off: [1.5, 2.5, 0.6], fingers: 'up', elbow: 'out' })), stand(9, both({ near: 'crown', off: [1.5, 0.5, 0], fingers: 'in', elbow: 'out' })), stand(9, both({ near: 'occiput', off: [1.5, 0, 0.4], fingers: 'in', elbow: 'out' })), stand(9, both({ near: 'nape', off: [1.4, 0, 0.4], fingers: 'down', elbow: 'out' })))),
    ],
    smaller: {
      name: 'Fingers comb the head', change: 'Comb with the fingers instead.', asks: { percussion: [] },
      cycle: [
        freely(5, 'Comb with the fingers from the brow over the crown to the nape.'),
      ],
    },
    seated: { change: 'The same from the chair.' },
  }),
  percussion({
    id: 'tap-belly', name: 'Patting round the belly', roles: ['clear', 'wake'], phases: ['earth', 'metal'],
    organs: ['stomach', 'spleen', 'large-intestine', 'small-intestine'], channels: along('tap', 'ST', 'SP', 'CV'),
    points: ['CV12', 'ST25', 'CV6'], asks: { percussion: ['belly'], abdominalPress: true }, images: ['Patting a drum skin to tune it.'],
    cautions: ['Not in pregnancy, after a meal, or after surgery of the belly.'],
    cycle: [
      freely(5, 'Hollow palms pat round the navel, up the right side first.', through(...([[-2.5, -1.5], [-2.5, 2], [0, 3.4], [2.5, 2], [2.5, -1.5], [0, -2.5]] as const).map(([out, up]): Posture => stand(12, each({ near: 'navel', off: [out + 1.4, up, 0.2], fingers: 'in', ...hollow }, { near: 'navel', off: [-out + 1.4, up, 0.4], fingers: 'in', ...hollow }))))),
    ],
    smaller: {
      name: 'Circling on the belly', change: 'Circle with the palms, no patting.',
      asks: { rubs: ['belly'], percussion: [], abdominalPress: false },
      cycle: [
        freely(5, 'Light palms circle round the navel, up the right side first.'),
      ],
    },
    seated: {
      change: 'The same from the chair.',
      cycle: [
        freely(5, 'Hollow palms pat round the navel, up the right side first.', through(...([[-2, 0], [-2, 2], [0, 3], [2, 2], [2, 0]] as const).map(([out, up]): Posture => sit(each({ near: 'navel', off: [out + 1.4, up, 0.2], fingers: 'in', ...hollow }, { near: 'navel', off: [-out + 1.4, up, 0.4], fingers: 'in', ...hollow }))))),
      ],
    },
  }),
  defineForm({
    id: 'bouncing', name: 'Bouncing', family: 'shaking', roles: ['wake'], actions: ['moves', 'clears'], polarity: 'yang',
    channels: along('attend', 'KI', 'GB'), points: ['KI1'], pace: 'flowing', manner: 'natural', exhale: 'mouth', settleSec: 12,
    repetitions: { least: 2, usual: 4, most: 16, multipleOf: 1 }, asks: { shakes: true, vigorous: true },
    loosens: ['knees', 'hips', 'shoulders'], images: ['A marionette with easy strings.'],
    mistakes: [{ mistake: 'heels thud', mend: 'Heels stay down; only the knees are springs.' }],
    cycle: [
      freely(15, 'Knees give and spring; everything above hangs and jingles.', pulse(18, stand(30, both({ near: 'hanging', off: [1, 0.5, 1] })), stand(10, both({ near: 'hanging', off: [1.4, 1, 1] }), { shoulders: { raise: 0.2 } }))),
    ],
    smaller: {
      change: 'So small that only you know.', asks: { shakes: false, vigorous: false },
      cycle: [
        freely(15, 'Knees give and spring, so small that only you know.', pulse(18, stand(16), stand(9))),
      ],
    },
    seated: {
      change: 'Bounce lightly on the seat through the feet.', asks: { vigorous: false },
      cycle: [
        freely(15, 'Press the feet and bounce a little on the seat, shoulders hanging.', pulse(16, sit(both({ near: 'navel', off: [7, 1, 8], palm: 'down' })), sit(both({ near: 'navel', off: [7.5, 2.4, 8], palm: 'down' }), { shoulders: { raise: 0.15 } }))),
      ],
    },
  }),
  defineForm({
    id: 'shaking-limbs', name: 'Shaking out hands and feet', family: 'shaking', roles: ['wake'], actions: ['moves', 'clears'],
    polarity: 'yang', channels: along('attend', 'PC', 'KI'), points: ['PC9', 'KI1'], stance: { start: 'hip width', end: 'hip width' },
    sides: 'one-then-other', pace: 'flowing', manner: 'natural', exhale: 'mouth', settleSec: 8,
    footwork: 'Stand on one leg; the other foot lifts a little.', repetitions: { least: 1, usual: 2, most: 6, multipleOf: 1 },
    loosens: ['wrists', 'ankles'], images: ['A dog’s paw after the river.'],
    mistakes: [{ mistake: 'stiff ankle', mend: 'Let the foot dangle before it shakes.' }], cautions: ['A chair or wall within reach.'],
    cycle: [
      freely(6, 'Flick the {side} hand as if it were wet.', pulse(6, stand(9, each(before('navel', 6, 2, 9, 'down', 'forward'), HANGING)), stand(9, each(before('navel', 7, 0, 9, 'in', 'down'), HANGING)))),
      freely(6, 'Shake the {side} foot, toes loose.', pulse(5, stand(8, undefined, { weight: 0, feet: { lifted: { foot: 'left', thigh: 18, knee: 30, point: 15 } } }), stand(8, undefined, { weight: 0, feet: { lifted: { foot: 'left', thigh: 20, knee: 22, point: -5 } } }))),
    ],
    smaller: {
      change: 'Toes stay on the floor.',
      cycle: [
        freely(6, 'Flick the {side} hand as if it were wet.', pulse(6, stand(9, each(before('navel', 6, 2, 9, 'down', 'forward'), HANGING)), stand(9, each(before('navel', 7, 0, 9, 'in', 'down'), HANGING)))),
        freely(6, 'Wiggle the {side} heel, toes down.', pulse(5, stand(9, undefined, { weight: 0.2, feet: { heels: { left: 10 } } }), stand(9, undefined, { weight: 0.2, feet: { heels: { left: 6 }, turnOut: { left: 10 } } }))),
      ],
    },
    seated: {
      change: 'From the chair.',
      cycle: [
        freely(6, 'Flick the {side} hand as if it were wet.', pulse(6, sit(each(before('navel', 6, 4, 9, 'down', 'forward'), ON_THIGHS)), sit(each(before('navel', 7, 2, 9, 'in', 'down'), ON_THIGHS)))),
        freely(6, 'Lift the {side} foot a little and shake it, toes loose.', pulse(5, sit(both(ON_THIGHS), { feet: { lifted: { foot: 'left', thigh: 90, knee: 60, point: 20 } } }), sit(both(ON_THIGHS), { feet: { lifted: { foot: 'left', thigh: 90, knee: 50, point: -5 } } }))),
      ],
    },
  }),
  defineForm({
    id: 'shaking-off', name: 'Shaking off', family: 'shaking', roles: ['clear'], actions: ['clears', 'calms'],
    organs: ['heart', 'lung', 'liver'], phases: ['fire', 'metal', 'wood'], channels: along('attend', 'LU', 'HT', 'PC'),
    points: ['PC8', 'LU11'], pace: 'gathering', exhale: 'mouth', manner: 'sighing', settleSec: 6,
    repetitions: { least: 2, usual: 3, most: 9, multipleOf: 1 }, loosens: ['wrists'], images: ['Water flung from washed hands.'],
    mistakes: [{ mistake: 'flinging it at a neighbour', mend: 'To the floor, a little before you.' }],
    cycle: [
      inhale('Hands lift along the body to the chest.', through(stand(14, both(before('lower dantian', 4, 0, 4, 'body', 'down'))), stand(8, both(before('middle dantian', 4, 1, 5, 'body', 'in'))))),
      exhale('Flick it off the fingers, down and away.', through(stand(20, both(reaching(0.35, -0.7, 0.85, 'down', 0.92))), stand(14, both(reaching(0.4, -1, 0.35, 'back', 0.95))))),
    ],
    smaller: {
      change: 'Lift only to the waist.',
      cycle: [
        inhale('Hands lift along the body to the waist.', to(stand(10, both(before('navel', 4, 0, 5, 'body', 'in'))))),
        exhale('Flick it off the fingers, down and away.', to(stand(14, both(reaching(0.4, -0.9, 0.5, 'down', 0.9))))),
      ],
    },
    seated: {
      change: 'The same from the chair.',
      cycle: [
        inhale('Hands lift along the body to the chest.', to(sit(both(before('middle dantian', 4, 0, 5, 'body', 'in'))))),
        exhale('Flick it off the fingers, down and away.', to(sit(both(reaching(0.6, -0.55, 0.8, 'down', 0.85))))),
      ],
    },
  }),
  defineForm({
    id: 'swing-knock-ribs', name: 'Swinging to the ribs', family: 'arm swing', roles: ['wake'], actions: ['moves', 'clears'],
    polarity: 'yang', phases: ['wood'], organs: ['liver', 'gallbladder', 'spleen'], channels: along('tap', 'GB', 'LR', 'SP'),
    points: ['LR14', 'GB24', 'SP21'], sides: 'alternating', pace: 'turning', manner: 'natural', settleSec: 10,
    footwork: 'Weight shifts left and right; the free heel may rise.', repetitions: { least: 4, usual: 8, most: 30, multipleOf: 1 },
    asks: { percussion: ['flanks'], vigorous: true }, loosens: ['spine', 'shoulders'], images: ['A coat’s sleeves in the wind.'],
    mistakes: [{ mistake: 'aiming the hand', mend: 'Turn, and let the arm arrive by itself.' }],
    cycle: [
      freely(3, 'Turn to the {side}; one hand knocks the ribs in front.', through(stand(14, both(reaching(1, -0.6, 0.3, 'back', 0.9)), { trunk: { turn: 12 } }), stand(16, each({ near: 'sacrum', off: [1, 3, 0.3], palm: 'out', elbow: 'back', ...fist }, { near: 'ribs', of: 'other', off: [0, -1, 0.3], palm: 'body', fingers: 'in', elbow: 'out', ...fist }), { weight: 0.68, feet: { heels: { right: 14 } }, trunk: { turn: 34 }, head: { turn: 8 } }))),
    ],
    smaller: {
      name: 'Swinging past the ribs', change: 'No knock; hands pass before the ribs.', asks: { percussion: [], vigorous: false },
      cycle: [
        freely(3, 'Turn softly to the {side}, arms loose, hands passing by.', through(stand(12, both(reaching(0.7, -0.8, 0.3, 'back', 0.9)), { trunk: { turn: 8 } }), stand(14, each(reaching(0.35, -1, -0.2, 'back', 0.9), before('solar plexus', -1, 0, 5, 'body', 'in')), { weight: 0.6, trunk: { turn: 26 } }))),
      ],
    },
    seated: {
      name: 'Turning on the seat', change: 'Small, on the sitting bones.', asks: { percussion: [], vigorous: false },
      cycle: [
        freely(3, 'Turn softly to the {side}, arms loose, hands passing by.', through(sit(both(reaching(0.8, -0.6, 0.6, 'down', 0.8))), sit(each({ near: 'hip', off: [2, 0, 2] }, before('solar plexus', -1, 0, 5, 'body', 'in')), { trunk: { turn: 22 } }))),
      ],
    },
  }),
  defineForm({
    id: 'swing-knock-shoulders', name: 'Swinging to the shoulders', family: 'arm swing', roles: ['wake'], actions: ['moves', 'clears'],
    polarity: 'yang', phases: ['metal'], organs: ['lung', 'large-intestine', 'triple-burner'],
    channels: along('tap', 'LU', 'LI', 'TE', 'GB'), points: ['GB21', 'LI15'], sides: 'alternating', pace: 'turning',
    manner: 'natural', settleSec: 10, footwork: 'Weight shifts left and right; the free heel may rise.',
    repetitions: { least: 4, usual: 8, most: 30, multipleOf: 1 }, asks: { percussion: ['shoulders'], vigorous: true },
    loosens: ['spine', 'shoulders'], images: ['Throwing a shawl round yourself, left and right.'],
    mistakes: [{ mistake: 'slapping the neck', mend: 'Land on the flesh of the shoulder.' }],
    cautions: ['In pregnancy let the hand land on the upper arm.'],
    cycle: [
      freely(3, 'Turn to the {side}; a hand lands on the shoulder.', through(stand(14, both(reaching(1, -0.4, 0.35, 'down', 0.9)), { trunk: { turn: 10 } }), stand(16, each({ near: 'kidneys', off: [0, 0, 0.4], palm: 'out', elbow: 'back' }, { near: 'shoulder', of: 'other', off: [0, 0.5, 0.6], palm: 'body', elbow: 'front' }), { weight: 0.68, feet: { heels: { right: 14 } }, trunk: { turn: 34 }, head: { turn: 8 } }))),
    ],
    smaller: {
      name: 'Swinging, a hand to the arm', change: 'The hand lands on the upper arm, without a knock.',
      asks: { percussion: [], vigorous: false },
      cycle: [
        freely(3, 'Turn softly to the {side}; a hand meets the upper arm.', through(stand(12, both(reaching(0.7, -0.7, 0.4, 'down', 0.88)), { trunk: { turn: 8 } }), stand(14, each(HANGING, { near: 'upper arm', of: 'other', off: [0, 0, 0.6], palm: 'body', elbow: 'out' }), { weight: 0.6, trunk: { turn: 24 } }))),
      ],
    },
    seated: {
      name: 'Turning, a hand to the arm', change: 'Small, on the sitting bones.', asks: { percussion: [], vigorous: false },
      cycle: [
        freely(3, 'Turn softly to the {side}; a hand meets the upper arm.', through(sit(both(reaching(0.8, -0.6, 0.6, 'down', 0.8))), sit(each(ON_THIGHS, { near: 'upper arm', of: 'other', off: [0, 0, 0.6], palm: 'body', elbow: 'out' }), { trunk: { turn: 20 } }))),
      ],
    },
  }),
  defineForm({
    id: 'wake-round-rubbing', name: 'Waking round: rubbing from hands to feet', family: 'self-massage', roles: ['wake'],
    actions: ['moves', 'clears'], polarity: 'yang', organs: ['lung', 'heart', 'kidney'], channels: along('trace', 'LI', 'ST', 'BL'),
    points: ['PC8'], pace: 'flowing', manner: 'natural', settleSec: 8,
    asks: { rubs: ['arms', 'chest', 'belly', 'low back', 'legs'] }, repetitions: { least: 1, usual: 1, most: 4, multipleOf: 1 },
    images: ['Rubbing down a horse after work.'], mistakes: [{ mistake: 'holding the breath', mend: 'Hum, and you will hear it flow.' }],
    view: 'three-quarter',
    cycle: [
      freely(5, 'Rub the palms hot.', pulse(4, stand(9, both({ near: 'middle dantian', off: [0.4, 0, 8], palm: 'in', fingers: 'up', elbow: 'out' })), stand(9, each({ near: 'middle dantian', off: [0.4, 1.5, 8], palm: 'in', fingers: 'up', elbow: 'out' }, { near: 'middle dantian', off: [0.4, -1.5, 8], palm: 'in', fingers: 'up', elbow: 'out' })))),
      freely(6, 'Rub arms and chest.', pulse(2, stand(10, each(reaching(-0.1, -0.35, 1, 'up', 0.78), { near: 'elbow', of: 'other', off: [0, 0, 0.6], palm: 'down' })), stand(10, each({ near: 'hanging' }, { near: 'collarbone', of: 'other', off: [0, -2, 0.3], palm: 'body', fingers: 'in' })))),
      freely(6, 'Rub belly and low back.', pulse(2, stand(12, both({ near: 'belly side', fingers: 'in' })), stand(12, both(AT_KIDNEYS)))),
      freely(6, 'Rub the thighs down to the knees.', pulse(2, stand(16, both({ near: 'thigh', off: [0, 4, 0] }), { trunk: { lean: 14 } }), stand(30, both({ near: 'thigh', off: [0, -2, 0] }), { trunk: { lean: 36, round: 8 }, head: { nod: -8 } }))),
    ],
    smaller: {
      change: 'Only hands, arms and thighs.', asks: { rubs: ['arms', 'legs'] },
      cycle: [
        freely(5, 'Rub the palms hot.', pulse(4, stand(9, both({ near: 'middle dantian', off: [0.4, 0, 8], palm: 'in', fingers: 'up', elbow: 'out' })), stand(9, each({ near: 'middle dantian', off: [0.4, 1.5, 8], palm: 'in', fingers: 'up', elbow: 'out' }, { near: 'middle dantian', off: [0.4, -1.5, 8], palm: 'in', fingers: 'up', elbow: 'out' })))),
        freely(6, 'Rub the arms.', pulse(2, stand(10, each(reaching(-0.1, -0.35, 1, 'up', 0.78), { near: 'elbow', of: 'other', off: [0, 0, 0.6], palm: 'down' })), stand(10, each(reaching(-0.1, -0.35, 1, 'up', 0.78), { near: 'wrist', of: 'other', off: [0, 0, 0.6], palm: 'down' })))),
        freely(6, 'Rub the thighs.', pulse(2, stand(12, both({ near: 'thigh', off: [0, 5, 0] }), { trunk: { lean: 8 } }), stand(20, both({ near: 'thigh', off: [0, 3, 0] }), { trunk: { lean: 18 } }))),
      ],
    },
    seated: {
      change: 'From the chair, all but the low back.', asks: { rubs: ['arms', 'chest', 'legs'] },
      cycle: [
        freely(5, 'Rub the palms hot.', pulse(4, sit(both({ near: 'middle dantian', off: [0.4, 0, 8], palm: 'in', fingers: 'up', elbow: 'out' })), sit(each({ near: 'middle dantian', off: [0.4, 1.5, 8], palm: 'in', fingers: 'up', elbow: 'out' }, { near: 'middle dantian', off: [0.4, -1.5, 8], palm: 'in', fingers: 'up', elbow: 'out' })))),
        freely(6, 'Rub arms and chest.', pulse(2, sit(each(reaching(-0.1, -0.35, 1, 'up', 0.75), { near: 'elbow', of: 'other', off: [0, 0, 0.6], palm: 'down' })), sit(each(ON_THIGHS, { near: 'collarbone', of: 'other', off: [0, -2, 0.3], palm: 'body', fingers: 'in' })))),
        freely(6, 'Rub the thighs down to the knees.', pulse(2, sit(both(ON_THIGHS)), sit(both({ near: 'knee' }), { trunk: { lean: 14 } }))),
      ],
    },
  }),
  defineForm({
    id: 'wake-ears', name: 'Waking round: the ears', family: 'self-massage', roles: ['wake', 'nourish'], actions: ['moves', 'nourishes'],
    phases: ['water'], organs: ['kidney'], channels: along('press', 'GB', 'TE', 'SI'), points: ['SI19', 'TE21', 'GB2'], pace: 'flowing',
    manner: 'natural', settleSec: 6, asks: { rubs: ['head'] }, repetitions: { least: 1, usual: 3, most: 6, multipleOf: 1 },
    images: ['Two shells held to the head.'], mistakes: [{ mistake: 'pressing the canal shut hard', mend: 'Cup, do not seal.' }],
    cycle: [
      freely(6, 'Knead the rims of the ears, top to lobe.', pulse(3, stand(9, both({ near: 'ear', off: [0.4, 0.6, 0], palm: 'body', fingers: 'back', elbow: 'out' })), stand(9, both({ near: 'ear', off: [0.4, -0.6, 0], palm: 'body', fingers: 'back', elbow: 'out' })))),
      freely(4, 'Cup the ears and listen to the hum.', to(stand(9, both({ near: 'ear', off: [0.6, 0, 0], palm: 'body', fingers: 'back', elbow: 'out', shape: 'hollow palm' })))),
    ],
    smaller: {
      change: 'Only knead the lobes.',
      cycle: [
        freely(6, 'Knead the lobes of the ears, softly.'),
        freely(4, 'Let go, and listen.'),
      ],
    },
    seated: { change: 'The same from the chair.' },
  }),
  defineForm({
    id: 'wake-teeth', name: 'Tapping the teeth', pinyin: 'Kòu Chǐ', hanzi: '叩齒', family: 'self-massage', roles: ['wake', 'nourish'],
    actions: ['nourishes', 'moves'], phases: ['water'], organs: ['kidney', 'stomach'], channels: along('attend', 'KI', 'ST'),
    points: ['ST6'], pace: 'flowing', manner: 'natural', settleSec: 5, repetitions: { least: 1, usual: 3, most: 6, multipleOf: 1 },
    images: ['Distant hooves on a hard road.'], mistakes: [{ mistake: 'biting', mend: 'The jaw hangs between taps.' }],
    view: 'three-quarter',
    cycle: [
      freely(6, 'Lips closed, tap the teeth lightly together.', to(stand(9, both({ near: 'lower dantian', off: [2.5, 0, 0], fingers: 'in' })))),
      freely(4, 'Gather the saliva and swallow it downward.', to(stand(12, both({ near: 'lower dantian', off: [2.5, 0, 0], fingers: 'in' }), { head: { nod: 6 } }))),
    ],
    smaller: {
      name: 'Circling the tongue', change: 'Only circle the tongue.',
      cycle: [
        freely(6, 'Lips closed, the tongue circles over the teeth.'),
        freely(4, 'Gather the saliva and swallow it downward.'),
      ],
    },
    seated: { change: 'The same from the chair.' },
  }),
  defineForm({
    id: 'heel-sink', name: 'Heels rise and sink', family: 'heel drop', roles: ['wake', 'balance', 'nourish'],
    actions: ['moves', 'nourishes'], phases: ['water'], organs: ['bladder', 'kidney'], channels: along('stretch', 'BL', 'KI'),
    points: ['KI1', 'BL60'], stance: { start: 'hip width', end: 'hip width' },
    footwork: 'Both heels rise together; weight on the balls of the feet.', pace: 'heel', settleSec: 3,
    repetitions: { least: 3, usual: 6, most: 14, multipleOf: 1 }, loosens: ['ankles'], images: ['A cork lifted and set down by the tide.'],
    mistakes: [{ mistake: 'ankles roll out', mend: 'Keep the weight over the big toes.' }], view: 'three-quarter',
    cycle: [
      inhale('Heels rise with the wrists.', to(stand(5, both(reaching(0, -0.25, 1, 'down', 0.85)), { feet: { heels: 24 } }))),
      exhale('Heels down, slowly, as the palms press.', to(stand(14, both({ near: 'navel', off: [5, -1, 8], palm: 'down', fingers: 'forward' })))),
    ],
    smaller: {
      change: 'A finger’s breadth, hand on a chair back.',
      cycle: [
        inhale('Hand on the chair: heels rise a little.', to(stand(6, both(reaching(0, -0.5, 1, 'down', 0.7)), { feet: { heels: 8 } }))),
        exhale('Heels come down, slowly.', to(stand(9, both(reaching(0, -0.5, 1, 'down', 0.7))))),
      ],
    },
    seated: {
      change: 'Only heels and wrists, from the chair.',
      cycle: [
        inhale('Feet flat: heels and wrists rise.', to(sit(both(reaching(0, -0.4, 1, 'down', 0.7)), { feet: { heels: 20 } }))),
        exhale('Heels come down slowly as the palms press.', to(sit(both({ near: 'thigh', off: [0, 0, 1.5], palm: 'down' })))),
      ],
    },
  }),
] as const;
