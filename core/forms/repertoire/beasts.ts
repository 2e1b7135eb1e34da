import type { Form } from '../model/model';
import { defineForm, along, FEW, type FormOfKind } from '../writing/define';
import {
  before,
  both,
  bow,
  claw,
  each,
  fist,
  hook,
  PRESSED_DOWN,
  reaching,
  sit,
  stand,
  HANGING,
} from '../writing/postures';
import { exhale, inhale, through, to } from '../writing/strokes';

const FEW_ASIDE = { least: 1, usual: 2, most: 6, multipleOf: 1 } as const;

/** Variants of the animals beyond the ten of the standard edition; the phase follows the school, as theirs does. */
const beast = (text: FormOfKind): Form =>
  defineForm({
    repetitions: FEW_ASIDE,
    family: 'animal',
    roles: ['nourish'],
    actions: ['moves', 'nourishes'],
    pace: 'animal',
    setupSec: { known: 6, taught: 24 },
    level: 2,
    ...text,
  });
const feather = { shape: 'feather' } as const;
const WIDE = { feet: { apart: 1.9, turnOut: 28 } } as const;

// prettier-ignore
export const BEASTS = [
  beast({
    id: 'animal-bear-turning', name: 'Bear turning from the horse', animal: 'bear', channels: along('stretch', 'SP', 'ST'), points: ['CV12', 'SP21'], sides: 'alternating', stance: { start: 'wide', end: 'wide' }, footwork: 'Wide, knees over the toes.', repetitions: FEW_ASIDE, loosens: ['hips', 'spine'],
    images: ['A bear that looks behind itself without stopping to chew.'], mistakes: [{ mistake: 'knees swing along', mend: 'The paws turn with the ribs; the knees stay over the toes.' }],
    parts: [{ part: 'the horse, hands on the belly', watch: 'knees over toes' }, { part: 'turn to each side', watch: 'the turn is above the hips' }],
    cycle: [
      inhale('Paws before the belly; rise a little.', to(stand(26, both({ ...before('navel', 3, 0, 5), ...fist }), WIDE))),
      exhale('Sink and turn to the {side}, ribs over belly.', to(stand(46, both({ ...before('navel', 3, 0, 5), ...fist }), { ...WIDE, trunk: { turn: 24, lean: 6 } }))),
      inhale('Come home to the middle, and rise a little.', to(stand(26, both({ ...before('navel', 3, 0, 5), ...fist }), WIDE))),
      exhale('Sink into both hips alike.', to(stand(44, both({ ...before('navel', 3, 0, 5), ...fist }), { ...WIDE, trunk: { lean: 4 } }))),
    ],
    smaller: { name: 'Bear turning', change: 'Shoulder width, higher.', stance: { start: 'shoulder width', end: 'shoulder width' }, cycle: [inhale('Paws before the belly, feet under the shoulders.', to(stand(10, both({ ...before('navel', 3, 0, 5), ...fist })))), exhale('A small turn to the {side}.', to(stand(18, both({ ...before('navel', 3, 0, 5), ...fist }), { trunk: { turn: 12 } })))] },
    seated: { name: 'Bear turning', change: 'From the chair.', cycle: [inhale('Seated, paws before the belly.', to(sit(both({ ...before('navel', 3, 0, 5), ...fist })))), exhale('Turn to the {side}, heavy on the seat.', to(sit(both({ ...before('navel', 3, 0, 5), ...fist }), { trunk: { turn: 16, lean: 4 } })))] },
  }),
  beast({
    id: 'animal-bear-pushing', name: 'Bear pushing from the horse', animal: 'bear', channels: along('stretch', 'SP', 'LU'), points: ['CV12'], stance: { start: 'wide', end: 'wide' }, footwork: 'Wide, knees over the toes.', repetitions: { least: 2, usual: 4, most: 9, multipleOf: 1 }, loosens: ['hips', 'shoulders'], view: 'three-quarter',
    images: ['A door of the barn that sticks, and gives.'], mistakes: [{ mistake: 'pushing from the shoulders', mend: 'The floor pushes; the paws pass it on.' }],
    parts: [{ part: 'sink and rise', watch: 'back upright' }, { part: 'paws from ribs to before you', watch: 'the push is slow' }],
    cycle: [
      inhale('Paws draw in to the ribs; rise.', to(stand(22, both({ near: 'ribs', off: [1.5, 0, 3.5], palm: 'body', elbow: 'back', ...fist }), WIDE))),
      exhale('Sink, and push out with both paws.', to(stand(48, both({ ...reaching(0.25, -0.3, 1, 'down', 0.85), ...fist }), { ...WIDE, trunk: { lean: 10 } }))),
      inhale('Paws turn over and float up before you; rise.', to(stand(24, both({ ...reaching(0.3, -0.1, 1, 'up', 0.82), ...fist }), WIDE))),
      exhale('Sink; they come down to the belly.', to(stand(40, both({ ...before('lower dantian', 4, 0, 6, 'down', 'in'), ...fist }), WIDE))),
    ],
    smaller: { name: 'Bear pushing', change: 'Shoulder width, hands low.', stance: { start: 'shoulder width', end: 'shoulder width' }, cycle: [inhale('Feet under the shoulders: paws draw in to the ribs.', to(stand(9, both({ near: 'ribs', off: [1.5, -1, 3.5], palm: 'body', elbow: 'back', ...fist })))), exhale('Push out low, and give in the knees.', to(stand(18, both({ ...reaching(0.25, -0.6, 1, 'down', 0.8), ...fist }))))] },
    seated: { name: 'Bear pushing', change: 'From the chair.', cycle: [inhale('Seated: paws draw in to the ribs.', to(sit(both({ near: 'ribs', off: [1.5, 0, 3.5], palm: 'body', elbow: 'back', ...fist })))), exhale('Push out, and lean a little after them.', to(sit(both({ ...reaching(0.25, -0.3, 1, 'down', 0.82), ...fist }), { trunk: { lean: 8 } })))] },
  }),
  beast({
    id: 'animal-tiger-empty-step', name: 'Tiger in the empty step', animal: 'tiger', channels: along('stretch', 'LR', 'LU'), points: ['LR3', 'LU1'], sides: 'one-then-other', stance: { start: 'bow', end: 'bow' }, footwork: 'Most of the weight behind; the front foot light.', repetitions: FEW_ASIDE, loosens: ['hips', 'shoulders'], view: 'side', polarity: 'yang',
    images: ['A tiger that has heard something, and is not sure.'], mistakes: [{ mistake: 'leaning back to be empty', mend: 'Sit down on the back leg; the crown stays over it.' }],
    parts: [{ part: 'sit back, front heel up', watch: 'the front foot carries a tenth' }, { part: 'claws draw in and press down', watch: 'fingers strong, wrists free' }],
    cycle: [
      inhale('Weight forward; claws rise before the chest.', to(stand(26, both({ ...before('middle dantian', 4, 1, 9, 'down', 'forward'), ...claw }), { feet: { apart: 0.8, ahead: { foot: 'left', by: 1.3 }, turnOut: { left: 0, right: 40 } }, weight: 0.6 }))),
      exhale('Sit back on the {other} leg; claws press down.', to(stand(38, each({ ...reaching(0.15, -0.55, 1, 'down', 0.82), ...claw }, { ...reaching(0.3, -0.8, 0.6, 'down', 0.75), ...claw }), { feet: { apart: 0.8, ahead: { foot: 'left', by: 1.3 }, turnOut: { left: 0, right: 40 }, heels: { left: 20 } }, weight: 0.16 }))),
      inhale('Listen; the claws open a little.', to(stand(36, each({ ...reaching(0.15, -0.4, 1, 'down', 0.82), ...claw }, { ...reaching(0.3, -0.7, 0.7, 'down', 0.75), ...claw }), { feet: { apart: 0.8, ahead: { foot: 'left', by: 1.3 }, turnOut: { left: 0, right: 40 }, heels: { left: 20 } }, weight: 0.16 }))),
      exhale('Weight to the middle; hands sink.', to(stand(28, both(PRESSED_DOWN), { feet: { apart: 0.8, ahead: { foot: 'left', by: 1.3 }, turnOut: { left: 0, right: 40 } }, weight: 0.5 }))),
    ],
    smaller: { name: 'Tiger with light paws', change: 'Feet level, a small shift.', stance: { start: 'shoulder width', end: 'shoulder width' }, cycle: [inhale('Feet level: claws rise before the belly.', to(stand(9, both({ ...before('navel', 4, 3, 8, 'down', 'forward'), ...claw })))), exhale('A little weight to the {other} foot; claws press down.', to(stand(15, both({ ...reaching(0.3, -0.8, 0.6, 'down', 0.75), ...claw }), { weight: 0.4 })))] },
    seated: { name: 'Tiger with light paws', change: 'From the chair.', cycle: [inhale('Seated: claws rise before the chest.', to(sit(both({ ...before('middle dantian', 4, 0, 8, 'down', 'forward'), ...claw })))), exhale('They press down, the {side} one a little ahead.', to(sit(each({ ...reaching(0.2, -0.45, 1, 'down', 0.75), ...claw }, { ...reaching(0.3, -0.6, 0.8, 'down', 0.65), ...claw }))))] },
  }),
  beast({
    id: 'animal-tiger-aslant', name: 'Tiger aslant', animal: 'tiger', channels: along('stretch', 'LR', 'GB'), points: ['LR14', 'GB34'], sides: 'one-then-other', stance: { start: 'bow', end: 'bow' }, footwork: 'A bow stance on the slant; both knees over their toes.', repetitions: FEW_ASIDE, loosens: ['hips', 'shoulders', 'spine'], view: 'three-quarter', polarity: 'yang',
    images: ['Pouncing past something, not on it.'], mistakes: [{ mistake: 'the back heel comes up', mend: 'Shorter; the heel is the root of the claw.' }],
    parts: [{ part: 'the stance', watch: 'hips look the way the knee does' }, { part: 'claws past the ear and ahead', watch: 'no lean of the head' }],
    cycle: [
      inhale('Sit back; claws draw up past the {other} ribs.', to(stand(32, both({ near: 'ribs', off: [1, 2, 5], palm: 'down', fingers: 'forward', ...claw }), { feet: bow(1.8), weight: 0.32, trunk: { turn: -10 } }))),
      exhale('Weight over the {side} knee; claws go out aslant.', to(stand(46, both({ ...reaching(0.15, -0.25, 1, 'down', 0.88), ...claw }), { feet: bow(1.8), weight: 0.68, trunk: { turn: 16, lean: 10 } }))),
      inhale('Sit back; claws draw home to the ribs.', to(stand(32, both({ near: 'ribs', off: [1, 2, 5], palm: 'down', fingers: 'forward', ...claw }), { feet: bow(1.8), weight: 0.34 }))),
      exhale('They press down on both sides.', to(stand(34, both({ ...reaching(0.4, -0.85, 0.5, 'down', 0.78), ...claw }), { feet: bow(1.8), weight: 0.5 }))),
    ],
    smaller: { change: 'Feet level, claws low.', stance: { start: 'shoulder width', end: 'shoulder width' }, cycle: [inhale('Claws draw up to the ribs, feet level.', to(stand(9, both({ near: 'ribs', off: [1, 0, 4], palm: 'down', fingers: 'forward', ...claw })))), exhale('They go out low to the {side}.', to(stand(14, both({ ...reaching(0.15, -0.6, 1, 'down', 0.8), ...claw }), { trunk: { turn: 10 } })))] },
    seated: { change: 'From the chair.', cycle: [inhale('Seated: claws draw up to the ribs.', to(sit(both({ near: 'ribs', off: [1, 3, 4], palm: 'down', fingers: 'forward', ...claw })))), exhale('They go out aslant to the {side}.', to(sit(both({ ...reaching(0.15, -0.35, 1, 'down', 0.84), ...claw }), { trunk: { turn: 14, lean: 4 } })))] },
  }),
  beast({
    id: 'animal-deer-listening', name: 'Deer listening behind', animal: 'deer', channels: along('stretch', 'KI', 'GV', 'BL'), points: ['GV4', 'BL23'], sides: 'alternating', repetitions: FEW_ASIDE, loosens: ['spine', 'neck'],
    images: ['An ear turned back while the hooves wait.'], mistakes: [{ mistake: 'turning the neck alone', mend: 'From the tail; the eyes arrive last.' }],
    parts: [{ part: 'antlers at the temples', watch: 'elbows low' }, { part: 'turn from the tail', watch: 'feet whole on the floor' }],
    cycle: [
      inhale('Antlers rise beside the brow.', to(stand(9, both({ near: 'temple', off: [4, 1, 4], palm: 'forward', fingers: 'up', elbow: 'out', shape: 'antler' })))),
      exhale('Turn to the {side} from the tail, and listen.', to(stand(15, both({ near: 'temple', off: [4, 1, 4], palm: 'forward', fingers: 'up', elbow: 'out', shape: 'antler' }), { trunk: { turn: 26 }, head: { turn: 26 } }))),
      inhale('Come home to the middle.', to(stand(9, both({ near: 'temple', off: [4, 1, 4], palm: 'forward', fingers: 'up', elbow: 'out', shape: 'antler' })))),
      exhale('Antlers sink before the chest to the hips.', to(stand(14, both({ ...PRESSED_DOWN, shape: 'antler' })))),
    ],
    smaller: { change: 'Antlers at the collarbones, half the turn.', cycle: [inhale('Antlers rise to the collarbones.', to(stand(9, both({ near: 'collarbone', off: [2, 0, 5], palm: 'forward', fingers: 'up', shape: 'antler' })))), exhale('Turn a little to the {side}, and listen.', to(stand(12, both({ near: 'collarbone', off: [2, 0, 5], palm: 'forward', fingers: 'up', shape: 'antler' }), { trunk: { turn: 12 }, head: { turn: 14 } })))] },
    seated: { change: 'From the chair.', cycle: [inhale('Seated: antlers rise to the collarbones.', to(sit(both({ near: 'collarbone', off: [2, 0, 5], palm: 'forward', fingers: 'up', shape: 'antler' })))), exhale('Turn to the {side} on the sitting bones, and listen.', to(sit(both({ near: 'collarbone', off: [2, 0, 5], palm: 'forward', fingers: 'up', shape: 'antler' }), { trunk: { turn: 16 }, head: { turn: 16 } })))] },
  }),
  beast({
    id: 'animal-bird-one-leg', name: 'Bird rising on one leg', animal: 'bird', roles: ['nourish', 'balance'], channels: along('stretch', 'LU', 'KI'), points: ['LU1', 'KI1'], sides: 'alternating', repetitions: FEW_ASIDE, loosens: ['shoulders', 'hips'], footwork: 'One foot whole on the floor.',
    images: ['A bird on a post that tries the wind.'], mistakes: [{ mistake: 'looking at the floor', mend: 'The eyes rest on one spot far off.' }], cautions: ['A chair or a wall within reach; eyes open.'],
    parts: [{ part: 'wings alone', watch: 'shoulders low' }, { part: 'the knee alone', watch: 'hips level' }, { part: 'together', watch: 'up and down at one pace' }],
    cycle: [
      inhale('Wings rise aside, and the {side} foot comes up.', to(stand(8, both({ ...reaching(1, -0.1, 0.2), ...feather }), { weight: 0, feet: { lifted: { foot: 'left', thigh: 62, knee: 74 } } }))),
      exhale('Both sink; the foot is set down.', to(stand(14, both({ ...reaching(0.5, -0.9, 0.3), ...feather })))),
      inhale('Wings float up before you, feet side by side.', to(stand(8, both({ ...reaching(0.3, -0.1, 1), ...feather })))),
      exhale('And fold down.', to(stand(13, both(HANGING)))),
    ],
    smaller: { change: 'The toes stay on the floor, wings low.', cycle: [inhale('Wings rise a little; the {side} heel peels up.', to(stand(9, both({ ...reaching(1, -0.5, 0.25), ...feather }), { weight: 0.24, feet: { heels: { left: 20 } } }))), exhale('Both sink.', to(stand(12, both(HANGING))))] },
    seated: { change: 'From the chair.', cycle: [inhale('Wings rise a little; the {side} foot comes up.', to(sit(both({ ...reaching(1, -0.45, 0.3), ...feather }), { feet: { lifted: { foot: 'left', thigh: 96, knee: 84 } } }))), exhale('Both sink.', to(sit()))] },
  }),
  beast({
    id: 'animal-crane-washes', name: 'Crane washing its feathers', animal: 'bird', channels: along('stretch', 'LU', 'HT'), points: ['CV17', 'LU1'], sides: 'alternating', repetitions: FEW_ASIDE, loosens: ['shoulders', 'spine'],
    images: ['A long neck that puts every feather back in its place.'], mistakes: [{ mistake: 'rubbing hard', mend: 'The hand passes like a bill, hardly touching.' }],
    parts: [{ part: 'the wing opens', watch: 'shoulder low' }, { part: 'the other hand strokes down it', watch: 'the waist turns along' }],
    cycle: [
      inhale('The {side} wing opens aside.', to(stand(9, each({ ...reaching(1, -0.25, 0.3, 'up'), ...feather }, before('middle dantian', 0, 0, 6)), { trunk: { turn: 6 } }))),
      exhale('The {other} hand glides down along it, shoulder to wrist.', through(stand(12, each({ ...reaching(0.3, -0.35, 1, 'up', 0.85), ...feather }, { near: 'upper arm', of: 'other', off: [0, 0, 1], palm: 'body', elbow: 'out' }), { trunk: { turn: 14 } }), stand(16, each({ ...reaching(-0.1, -0.45, 1, 'up', 0.75), ...feather }, { near: 'wrist', of: 'other', off: [0, 0, 1], palm: 'body', elbow: 'out' }), { trunk: { turn: 18 } }))),
      inhale('Both open to the front, as if shaken once.', to(stand(9, both({ ...reaching(0.7, -0.15, 0.7, 'up'), ...feather })))),
      exhale('And fold down.', to(stand(13, both(HANGING)))),
    ],
    smaller: { change: 'The wing low.', cycle: [inhale('The {side} wing opens low.', to(stand(8, each({ ...reaching(0.8, -0.7, 0.4, 'up'), ...feather }, before('navel', 0, 0, 6))))), exhale('The {other} hand glides down along it.', to(stand(13, each({ ...reaching(-0.1, -0.7, 0.9, 'up', 0.75), ...feather }, { near: 'wrist', of: 'other', off: [0, 0, 1], palm: 'body', elbow: 'out' }), { trunk: { turn: 10 } })))] },
    seated: { change: 'From the chair.', cycle: [inhale('Seated: the {side} wing opens low.', to(sit(each({ ...reaching(0.8, -0.6, 0.5, 'up'), ...feather }, before('navel', 0, 1, 6))))), exhale('The {other} hand glides down along it.', to(sit(each({ ...reaching(-0.1, -0.55, 1, 'up', 0.75), ...feather }, { near: 'wrist', of: 'other', off: [0, 0, 1], palm: 'body', elbow: 'out' }), { trunk: { turn: 12 } })))] },
  }),
  beast({
    id: 'animal-monkey-hides', name: 'Monkey drawing in and letting go', animal: 'monkey', channels: along('stretch', 'HT', 'KI'), points: ['CV17', 'CV4'], repetitions: FEW, loosens: ['shoulders', 'neck'], asks: { breath: ['pelvic-floor'] },
    images: ['Making oneself small behind a leaf, and then forgetting why.'], mistakes: [{ mistake: 'clenching the jaw too', mend: 'Shoulders, floor of the pelvis and heels draw in; the face does not.' }],
    parts: [{ part: 'hooks and shoulders', watch: 'the neck sinks between them' }, { part: 'the floor of the pelvis lightly', watch: 'not in pregnancy or after birth' }, { part: 'let go in the same order', watch: 'all the way' }],
    cycle: [
      inhale('Hooks lift to the chest; shoulders, belly and floor draw in.', to(stand(8, both({ near: 'middle dantian', off: [2, 0, 4], palm: 'body', fingers: 'down', elbow: 'out', ...hook }), { shoulders: { raise: 0.8, forward: 0.5 }, feet: { heels: 8 } }))),
      exhale('Let go: floor, belly, shoulders, hands.', to(stand(14, both(PRESSED_DOWN)))),
      inhale('Look about you, hooks before the chest.', to(stand(9, both({ near: 'middle dantian', off: [2, 0, 4], palm: 'body', fingers: 'down', elbow: 'out', ...hook }), { head: { turn: 24 } }))),
      exhale('Hands sink, face soft.', to(stand(13, both(PRESSED_DOWN)))),
    ],
    smaller: { change: 'Only hooks and shoulders, heels down.', asks: { breath: [] }, cycle: [inhale('Hooks lift to the belly; the shoulders draw in.', to(stand(9, both({ near: 'solar plexus', off: [2, 0, 4], palm: 'body', fingers: 'down', elbow: 'out', ...hook }), { shoulders: { raise: 0.5, forward: 0.3 } }))), exhale('Let go.', to(stand(12, both(PRESSED_DOWN))))] },
    seated: { change: 'From the chair.', asks: { breath: [] }, cycle: [inhale('Seated: hooks lift to the chest; the shoulders draw in.', to(sit(both({ near: 'middle dantian', off: [2, 0, 4], palm: 'body', fingers: 'down', elbow: 'out', ...hook }), { shoulders: { raise: 0.7, forward: 0.4 } }))), exhale('Let go, all the way.', to(sit()))] },
  }),
] as const;
