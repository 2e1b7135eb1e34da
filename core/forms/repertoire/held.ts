import type { Hand } from '../../body';
import { along, CIRCLES, defineForm, FEW, FLOWING_COUNT } from '../writing/define';
import {
  before,
  both,
  each,
  HANGING,
  ON_HIPS,
  ON_THIGHS,
  PRESSED_DOWN,
  reaching,
  sit,
  stand,
} from '../writing/postures';
import { exhale, hold, inhale, through, to } from '../writing/strokes';

const sky: Hand = { near: 'crown', off: [1.5, 10, 0], palm: 'up', fingers: 'in', elbow: 'out' };
const chestBow = before('middle dantian', 2.5, 1.5, 6, 'body', 'in');
const HELD = { least: 1, usual: 2, most: 4, multipleOf: 1 } as const;

/** Postures that are kept for some breaths, and breaths that wait: common practice. */
// prettier-ignore
export const HELD_FORMS = [
  defineForm({
    id: 'held-bow', name: 'The bow held', family: 'standing posture', roles: ['nourish'], actions: ['moves', 'nourishes'], polarity: 'yang',
    phases: ['metal'], organs: ['lung', 'large-intestine'], channels: along('stretch', 'LU', 'LI'), points: ['LU1', 'LI4'],
    stance: { start: 'wide', end: 'wide' }, sides: 'alternating', pace: 'animal', manner: 'natural', level: 2, asks: { staticHold: true }, repetitions: HELD,
    footwork: 'Wide, toes a little out, weight even.', loosens: ['shoulders'], view: 'three-quarter',
    images: ['An arrow that waits for its own moment.', 'A gate kept open by two people.'],
    mistakes: [{ mistake: 'the breath stops with the arms', mend: 'Three easy breaths belong to each side.' }, { mistake: 'shoulders climb', mend: 'Let both elbows grow heavy.' }],
    parts: [{ part: 'the legs alone', watch: 'knees over the toes' }, { part: 'the draw, without staying', watch: 'the drawing elbow level' }, { part: 'three breaths there', watch: 'the breath stays easy' }],
    cycle: [
      inhale('Arms cross before the chest.', to(stand(24, both(chestBow), { feet: { apart: 1.9 } }))),
      exhale('Draw to the {side}, and stay there.', to(stand(46, each(reaching(1, -0.05, 0.15, 'out', 0.9), { near: 'collarbone', off: [3.5, 0, 4], palm: 'body', fingers: 'in', elbow: 'high' }), { feet: { apart: 1.9 }, trunk: { turn: 14 }, head: { turn: 40 } }))),
      inhale('Breathe in, wider between the shoulder blades.', to(stand(44, each(reaching(1, -0.05, 0.15, 'out', 0.9), { near: 'collarbone', off: [4, 0, 3.6], palm: 'body', fingers: 'in', elbow: 'high' }), { feet: { apart: 1.9 }, trunk: { turn: 14 }, head: { turn: 40 } }))),
      exhale('Breathe out, and let the shoulders hang.', to(stand(46, each(reaching(1, -0.05, 0.15, 'out', 0.88), { near: 'collarbone', off: [3.5, 0, 4], palm: 'body', fingers: 'in', elbow: 'high' }), { feet: { apart: 1.9 }, trunk: { turn: 14 }, head: { turn: 40 } }))),
    ],
    smaller: {
      change: 'Feet under the shoulders, hands at breast height, one breath there.', stance: { start: 'shoulder width', end: 'shoulder width' }, asks: { staticHold: false },
      cycle: [
        inhale('Hands come together before the chest.', to(stand(10, both(chestBow)))),
        exhale('Half a draw to the {side}; let the elbows be heavy.', to(stand(16, each(reaching(0.9, -0.25, 0.4, 'out', 0.85), { near: 'middle dantian', off: [5, 1, 5], palm: 'body', fingers: 'in', elbow: 'out' }), { trunk: { turn: 10 }, head: { turn: 24 } }))),
      ],
    },
    seated: {
      change: 'From the chair, hands below the shoulders.', asks: { staticHold: false },
      cycle: [
        inhale('Sitting tall, hands meet before the chest.', to(sit(both(chestBow)))),
        exhale('Draw to the {side} and look along the hand.', to(sit(each(reaching(0.9, -0.25, 0.4, 'out', 0.85), { near: 'middle dantian', off: [5, 1, 5], palm: 'body', fingers: 'in', elbow: 'out' }), { trunk: { turn: 12 }, head: { turn: 26 } }))),
      ],
    },
  }),
  defineForm({
    id: 'held-turn', name: 'The turn held', family: 'twist and bend', roles: ['nourish'], actions: ['moves'], phases: ['wood'], organs: ['liver', 'gallbladder'],
    channels: along('stretch', 'GB', 'LR'), points: ['GB26', 'LR13'], sides: 'alternating', pace: 'animal', repetitions: HELD, loosens: ['spine'],
    images: ['A rope wound just so far that it still hums.', 'A tree that has looked round at the sun.'],
    mistakes: [{ mistake: 'the knees follow the turn', mend: 'Both kneecaps keep looking over their toes.' }, { mistake: 'pulling further with each breath', mend: 'Stay at two thirds, and let the breath widen it.' }],
    cautions: ['Only as far as the breath stays wide.'],
    cycle: [
      inhale('Palms float before the belly, the crown lifts.', to(stand(10, both(before('navel', 2, 0, 7, 'body', 'in'))))),
      exhale('Turn to the {side} from the waist, and stay.', to(stand(16, each({ near: 'kidneys', off: [0.6, 0, 0.4], palm: 'body', fingers: 'in', elbow: 'back' }, before('navel', -3, 1, 6, 'body', 'in')), { trunk: { turn: 30 }, head: { turn: 20 } }))),
      inhale('In: the ribs open to the {side}.', to(stand(14, each({ near: 'kidneys', off: [0.6, 0, 0.4], palm: 'body', fingers: 'in', elbow: 'back' }, before('navel', -3, 2, 6, 'body', 'in')), { trunk: { turn: 31 }, head: { turn: 22 } }))),
      exhale('Out: the waist lets go where it is.', to(stand(18, each({ near: 'kidneys', off: [0.6, 0, 0.4], palm: 'body', fingers: 'in', elbow: 'back' }, before('navel', -3, 0, 6, 'body', 'in')), { trunk: { turn: 30 }, head: { turn: 20 } }))),
    ],
    smaller: {
      change: 'Half the turn, one breath, hands on the hips.',
      cycle: [
        inhale('Hands on the hips, the crown lifts.', to(stand(9, both(ON_HIPS)))),
        exhale('A little to the {side} from the waist.', to(stand(12, both(ON_HIPS), { trunk: { turn: 14 }, head: { turn: 10 } }))),
      ],
    },
    seated: {
      change: 'On the sitting bones, one hand on the opposite thigh.',
      cycle: [
        inhale('Sit tall, hands on the thighs.', to(sit())),
        exhale('Turn to the {side}; the {other} hand goes along.', to(sit(each(ON_THIGHS, { near: 'thigh', of: 'other', off: [-1.5, 1, 0.4], palm: 'body' }), { trunk: { turn: 18 }, head: { turn: 14 } }))),
      ],
    },
  }),
  defineForm({
    id: 'held-sky', name: 'The sky held', family: 'standing posture', roles: ['nourish'], actions: ['moves', 'nourishes'], polarity: 'yang',
    organs: ['triple-burner', 'lung'], phases: ['fire'], channels: along('stretch', 'TE', 'LU'), points: ['CV17', 'CV12'], pace: 'animal', asks: { staticHold: true }, repetitions: HELD,
    loosens: ['shoulders', 'spine'], level: 2, images: ['A beam carried without pushing.', 'The keystone of an arch.'],
    mistakes: [{ mistake: 'the ribs jut forward', mend: 'Let the tail hang, and lift from the back of the waist.' }, { mistake: 'elbows locked', mend: 'Leave a little round in both arms.' }],
    parts: [{ part: 'palms to the breast and back', watch: 'wrists soft' }, { part: 'all the way, once', watch: 'the chin stays level' }, { part: 'two breaths up there', watch: 'the heels stay heavy' }],
    cycle: [
      inhale('Palms rise, turn over and press up.', through(stand(12, both(before('middle dantian', 1, 0, 6, 'up', 'in'))), stand(6, both(sky)))),
      exhale('Stay: the shoulders sink, the palms stay up.', to(stand(10, both({ ...sky, off: [1.5, 9, 0] })))),
      inhale('Grow a little taller between heels and palms.', to(stand(5, both({ ...sky, off: [1.5, 10.5, 0] })))),
      exhale('Arms open out and come down.', through(stand(10, both(reaching(1, 0.1, 0.15, 'down'))), stand(14, both(before('lower dantian', 3, 0, 4, 'up', 'in'))))),
    ],
    smaller: {
      change: 'Palms press up before the brow only, one breath.', asks: { staticHold: false },
      cycle: [
        inhale('Palms rise to the chest, soft.', to(stand(8, both(before('middle dantian', 2, 2, 7, 'body', 'in'))))),
        exhale('They turn and sink to the belly.', to(stand(13, both(before('lower dantian', 3, 0, 5, 'down', 'in'))))),
      ],
    },
    seated: {
      change: 'From the chair, palms to the chest.', asks: { staticHold: false },
      cycle: [
        inhale('Seated: palms rise to the chest.', to(sit(both(before('middle dantian', 2, 2, 7, 'body', 'in'))))),
        exhale('They turn over and sink to the lap.', to(sit(both(before('lower dantian', 3, 2, 5, 'down', 'in'))))),
      ],
    },
  }),
  defineForm({
    id: 'held-basin', name: 'A basin held at the hips', family: 'standing posture', roles: ['still', 'nourish'], actions: ['nourishes', 'calms'], polarity: 'yin',
    phases: ['earth', 'water'], organs: ['spleen', 'kidney'], channels: along('attend', 'SP', 'KI'), points: ['CV6', 'SP6'], pace: 'inner', manner: 'natural', asks: { staticHold: true },
    repetitions: { least: 2, usual: 6, most: 30, multipleOf: 1 }, images: ['A basin filled to the rim, carried across a yard.'],
    mistakes: [{ mistake: 'holding it up with the shoulders', mend: 'Let the weight hang from the elbows.' }], view: 'three-quarter',
    cycle: [
      inhale('Palms up beside the waist: it fills.', to(stand(22, both({ near: 'hip', off: [2.5, 2, 4], palm: 'up', fingers: 'forward', elbow: 'back' })))),
      exhale('Carry it lower into the legs.', to(stand(28, both({ near: 'hip', off: [2.5, 1, 4], palm: 'up', fingers: 'forward', elbow: 'back' })))),
    ],
    smaller: {
      change: 'Knees nearly straight, the palms turned up on the lower belly.', asks: { staticHold: false },
      cycle: [
        inhale('Palms up before the lower belly: it fills.', to(stand(8, both({ near: 'lower dantian', off: [3, 0, 4], palm: 'up', fingers: 'in' })))),
        exhale('Let it rest there.', to(stand(11, both({ near: 'lower dantian', off: [3, -0.5, 4], palm: 'up', fingers: 'in' })))),
      ],
    },
    seated: {
      change: 'In the lap.', asks: { staticHold: false },
      cycle: [
        inhale('In the lap the basin fills.', to(sit(both({ near: 'lower dantian', off: [3, 1, 4], palm: 'up', fingers: 'in' })))),
        exhale('It rests on the thighs.', to(sit(both({ near: 'lower dantian', off: [3, 0.4, 4], palm: 'up', fingers: 'in' })))),
      ],
    },
  }),
  defineForm({
    id: 'push-draw-full-empty', name: 'Push and draw, full and empty', family: 'flowing pair', roles: ['nourish'], actions: ['moves', 'nourishes'],
    phases: ['metal'], organs: ['lung', 'large-intestine'], channels: along('stretch', 'LU', 'LI'), points: ['LU1', 'CV17'], pace: 'flowing', asks: { breathHold: true }, level: 2,
    repetitions: { least: 2, usual: 4, most: 9, multipleOf: 1 }, images: ['A bellows that waits at both ends of its stroke.'], view: 'side', loosens: ['shoulders'],
    mistakes: [{ mistake: 'gripping the throat in the pause', mend: 'Only wait; the mouth and throat stay loose.' }],
    parts: [{ part: 'push and draw without waiting', watch: 'hands and breath arrive together' }, { part: 'wait when full', watch: 'nothing is pressed' }, { part: 'wait when empty', watch: 'the next breath comes by itself' }],
    cautions: ['The pauses only wait, and only as long as they are easy; leave them out with high blood pressure, a weak heart or in pregnancy.'],
    cycle: [
      inhale('Draw the hands home to the ribs, and fill.', to(stand(14, both({ near: 'ribs', off: [1.5, 0, 3], palm: 'forward', fingers: 'up', elbow: 'back' })))),
      hold(2, 'Full: wait.', to(stand(13, both({ near: 'ribs', off: [1.6, 0, 3], palm: 'forward', fingers: 'up', elbow: 'back' })))),
      exhale('Push away from the chest, and empty.', to(stand(22, both(reaching(0.1, -0.05, 1, 'forward', 0.9))))),
      hold(2, 'Empty: wait.', to(stand(23, both(reaching(0.1, -0.05, 1, 'forward', 0.92))))),
    ],
    smaller: {
      change: 'Without the pauses, hands lower.', asks: { breathHold: false },
      cycle: [
        inhale('Hands come home to the low ribs.', to(stand(9, both({ near: 'ribs', off: [1.5, -1, 3], palm: 'forward', fingers: 'up', elbow: 'back' })))),
        exhale('Push softly away, below the chest.', to(stand(12, both(reaching(0.1, -0.25, 1, 'forward', 0.85))))),
      ],
    },
    seated: {
      change: 'From the chair, without the pauses.', asks: { breathHold: false },
      cycle: [
        inhale('Seated, hands come home to the ribs.', to(sit(both({ near: 'ribs', off: [1.5, 0, 3], palm: 'forward', fingers: 'up', elbow: 'back' })))),
        exhale('Push softly away; the back stays long.', to(sit(both(reaching(0.1, -0.2, 1, 'forward', 0.88))))),
      ],
    },
  }),
  defineForm({
    id: 'horse-rise-and-sink', name: 'Rising and sinking in the horse', family: 'flowing pair', roles: ['nourish'], actions: ['moves', 'nourishes'], polarity: 'yang',
    phases: ['water', 'earth'], organs: ['kidney', 'spleen'], channels: along('stretch', 'KI', 'SP', 'LR'), points: ['KI1', 'CV4'], stance: { start: 'wide', end: 'wide' },
    footwork: 'Wide, toes and knees out the same way.', pace: 'flowing', level: 2, repetitions: { least: 3, usual: 6, most: 12, multipleOf: 1 }, loosens: ['hips', 'knees'], view: 'three-quarter',
    images: ['A ferry rising and settling at its ropes.'],
    mistakes: [{ mistake: 'knees fall inward', mend: 'Press them out over the second toe.' }, { mistake: 'the tail sticks out', mend: 'Sink as into a saddle, back upright.' }],
    parts: [{ part: 'find the width', watch: 'shins upright when low' }, { part: 'sink and rise, hands on the hips', watch: 'knees over the toes' }, { part: 'add the arms', watch: 'arms and legs arrive together' }],
    cycle: [
      inhale('Wrists float up as the legs lengthen.', to(stand(18, both(reaching(0.15, -0.1, 1)), { feet: { apart: 1.9, turnOut: 28 } }))),
      exhale('Palms press down, sink into the saddle.', to(stand(56, both(PRESSED_DOWN), { feet: { apart: 1.9, turnOut: 28 }, trunk: { lean: 6 } }))),
    ],
    smaller: {
      change: 'Feet under the shoulders, a hand’s breadth of sinking.', stance: { start: 'shoulder width', end: 'shoulder width' },
      cycle: [
        inhale('Arms float up to the ribs, legs long.', to(stand(8, both(reaching(0.2, -0.5, 1))))),
        exhale('Palms press down, a little lower.', to(stand(22, both(PRESSED_DOWN)))),
      ],
    },
    seated: {
      name: 'Rising and sinking from the seat', change: 'From the chair; the feet press down instead.',
      cycle: [
        inhale('Seated: wrists float up to the chest.', to(sit(both(reaching(0.15, -0.15, 1, 'down', 0.9))))),
        exhale('Palms press down, and both feet press the floor.', to(sit(both({ near: 'thigh', off: [1, 0, 3], palm: 'down' })))),
      ],
    },
  }),
  defineForm({
    id: 'wrists-pressed-out', name: 'Wrists pressed out and stretched', family: 'joint loosening', roles: ['loosen'], actions: ['moves'], organs: ['lung', 'heart'], phases: ['metal', 'fire'],
    channels: along('stretch', 'LU', 'HT', 'PC'), points: ['LU9', 'HT7', 'PC7'], sides: 'alternating', pace: 'circling', repetitions: FEW, loosens: ['wrists'],
    images: ['Pressing a door open with one palm.'],
    mistakes: [{ mistake: 'bending the wrist by force', mend: 'The other hand only keeps it company.' }],
    cycle: [
      inhale('A palm away, {side}; the other hand takes the fingers.', to(stand(9, each(reaching(-0.2, -0.25, 1, 'forward', 0.8), { near: 'hand', of: 'other', off: [0, 0.6, 0.6], palm: 'back', fingers: 'in', elbow: 'low' })))),
      exhale('Press out through the heel of the hand.', to(stand(12, each(reaching(-0.2, -0.2, 1, 'forward', 0.88), { near: 'hand', of: 'other', off: [0, 0.6, 0.6], palm: 'back', fingers: 'in', elbow: 'low' })))),
    ],
    smaller: {
      change: 'Each wrist by itself, without the other hand.',
      cycle: [
        inhale('The {side} hand rises before the belly, loose.', to(stand(8, each(reaching(0, -0.6, 1, 'down', 0.7), HANGING)))),
        exhale('Its palm presses away; let the fingers hang after.', to(stand(10, each(reaching(0, -0.55, 1, 'forward', 0.8), HANGING)))),
      ],
    },
    seated: {
      change: 'From the chair, elbow soft.',
      cycle: [
        inhale('Seated: the {side} arm comes out, loose.', to(sit(each(reaching(0, -0.4, 1, 'down', 0.75), ON_THIGHS)))),
        exhale('Press the palm away; the shoulder hangs.', to(sit(each(reaching(0, -0.35, 1, 'forward', 0.84), ON_THIGHS)))),
      ],
    },
  }),
  defineForm({
    id: 'trunk-circles', name: 'Circles of the trunk', family: 'joint loosening', roles: ['loosen'], actions: ['moves'], phases: ['earth', 'water'], organs: ['spleen', 'kidney'],
    channels: along('stretch', 'SP', 'BL', 'GB'), points: ['GV4', 'CV6'], sides: 'both-ways', ways: ['to the left', 'to the right'], pace: 'circling', repetitions: CIRCLES, loosens: ['hips', 'spine'],
    asks: { roundedJoints: ['hips'] }, images: ['A bell swung slowly by its rope.'],
    mistakes: [{ mistake: 'throwing the head about', mend: 'The head goes along last, as the tip of a reed.' }],
    cautions: ['Rise slowly out of the front; stop if the head swims.'], view: 'three-quarter',
    cycle: [
      exhale('Round {way} and down over the front.', through(stand(16, both(ON_HIPS), { trunk: { bend: 12, lean: 8 } }), stand(22, both(ON_HIPS), { trunk: { lean: 26, round: 10 } }))),
      inhale('Up the other side and home over the heels.', through(stand(16, both(ON_HIPS), { trunk: { bend: -12, lean: 8 } }), stand(12, both(ON_HIPS), { trunk: { lean: -4 } }))),
    ],
    smaller: {
      change: 'Only a little to each side, upright.', asks: { roundedJoints: [] },
      cycle: [
        exhale('A small lean {way}, the back long.', to(stand(12, both(ON_HIPS), { trunk: { bend: 6 } }))),
        inhale('And home over the heels.', to(stand(9, both(ON_HIPS)))),
      ],
    },
    seated: {
      change: 'On the sitting bones.',
      cycle: [
        exhale('On the sitting bones, round {way} and forward.', through(sit(undefined, { trunk: { bend: 8 } }), sit(undefined, { trunk: { lean: 14, round: 6 } }))),
        inhale('Past the back, and up.', through(sit(undefined, { trunk: { bend: -8 } }), sit(undefined, { trunk: { lean: -3 } }))),
      ],
    },
  }),
  defineForm({
    id: 'neck-half-circles', name: 'Half circles of the neck', family: 'joint loosening', roles: ['loosen'], actions: ['moves', 'calms'], phases: ['wood'], organs: ['gallbladder'],
    channels: along('stretch', 'GB', 'BL', 'TE'), points: ['GB20', 'GB21'], sides: 'alternating', pace: 'neck', repetitions: { least: 2, usual: 3, most: 6, multipleOf: 1 }, loosens: ['neck'],
    asks: { roundedJoints: ['neck'] }, exceptions: { breath: 'The head hangs as it will; only the turn over the chest goes out.' }, images: ['A pendulum drawn along the collarbones.'],
    mistakes: [{ mistake: 'going on round to the back', mend: 'Only the front half: from shoulder over the chest to shoulder.' }],
    cautions: ['Never tipped back. Leave it with pain down an arm, numbness or dizziness.'],
    cycle: [
      inhale('The ear sinks towards the {side} shoulder.', to(stand(8, undefined, { head: { tilt: 22 } }))),
      exhale('Chin past the chest; the head rolls to the {other}.', through(stand(10, undefined, { head: { nod: 26, tilt: 10 } }), stand(10, undefined, { head: { nod: 26, tilt: -10 } }))),
      inhale('The ear over the {other} shoulder.', to(stand(9, undefined, { head: { tilt: -22 } }))),
      exhale('Up the middle, and rest.', to(stand(9, undefined, { head: { nod: 3 } }))),
    ],
    smaller: {
      change: 'Only chin to chest and up, and a little to each side.',
      cycle: [
        inhale('The crown lifts; the chin draws in.', to(stand(8, undefined, { head: { nod: 4 } }))),
        exhale('The head bows a little to the {side}.', to(stand(9, undefined, { head: { nod: 12, tilt: 8 } }))),
      ],
    },
    seated: {
      change: 'The same from the chair, hands in the lap.',
      cycle: [
        inhale('Sitting tall, the ear sinks to the {side}.', to(sit(undefined, { head: { tilt: 20 } }))),
        exhale('Chin past the chest to the {other}, and up.', through(sit(undefined, { head: { nod: 22, tilt: 8 } }), sit(undefined, { head: { nod: 22, tilt: -8 } }), sit(undefined, { head: { nod: 3 } }))),
      ],
    },
  }),
  defineForm({
    id: 'roll-down-roll-up', name: 'Rolling down and up the spine', family: 'spinal wave', roles: ['loosen'], actions: ['moves', 'calms'], phases: ['water'], organs: ['bladder', 'kidney'],
    channels: along('stretch', 'BL', 'GV'), points: ['GV14', 'GV4', 'BL40'], pace: 'fold', repetitions: { least: 1, usual: 2, most: 4, multipleOf: 1 }, loosens: ['spine'], level: 2,
    images: ['A string of beads let down one by one, and taken up again.'], view: 'side',
    mistakes: [{ mistake: 'bending from the hips with a flat back', mend: 'Begin with the chin; each bone waits for the one above.' }, { mistake: 'coming up fast', mend: 'Pile bone on bone; the head comes last.' }],
    parts: [{ part: 'chin and upper back only', watch: 'knees soft' }, { part: 'to the waist', watch: 'the breath goes on' }, { part: 'all the way', watch: 'up slowly, head last' }],
    cautions: ['Rise slowly, head last; stop halfway if the head swims.'],
    cycle: [
      inhale('Let the crown draw up once.', to(stand(8))),
      exhale('Chin, neck, back: bead by bead the spine rounds down.', through(stand(12, undefined, { head: { nod: 24 } }), stand(20, undefined, { trunk: { lean: 16, round: 36 }, head: { nod: 26 } }), stand(30, undefined, { trunk: { lean: 44, round: 52 }, head: { nod: 24 } }))),
      inhale('Hanging, the back widens.', to(stand(32, undefined, { trunk: { lean: 42, round: 52 }, head: { nod: 22 } }))),
      exhale('Bead on bead, come up; the head comes last.', through(stand(24, undefined, { trunk: { lean: 18, round: 36 }, head: { nod: 24 } }), stand(12, undefined, { head: { nod: 16 } }), stand(8))),
    ],
    exceptions: { breath: 'One comes up on the exhale, so that nothing is strained by a full chest.' },
    smaller: {
      change: 'Only to the shoulder blades.',
      cycle: [
        inhale('The crown draws up.', to(stand(8))),
        exhale('Chin and upper back round forward a little.', to(stand(12, undefined, { trunk: { round: 16 }, head: { nod: 20 } }))),
        inhale('Bone on bone, grow tall.', to(stand(8))),
        exhale('Let the shoulders hang.', to(stand(10))),
      ],
    },
    seated: {
      change: 'From the front of the chair, hands on the thighs.',
      cycle: [
        inhale('Front of the seat, the crown draws up.', to(sit())),
        exhale('Bead by bead, round forward over the lap.', to(sit(undefined, { trunk: { lean: 14, round: 28 }, head: { nod: 22 } }))),
        inhale('Pile bone on bone until the head is up.', to(sit())),
        exhale('Let the shoulders hang.', to(sit(undefined, { head: { nod: 3 } }))),
      ],
    },
  }),
  defineForm({
    id: 'staged-breath-lift', name: 'Lifting in three sips', family: 'flowing pair', roles: ['nourish'], actions: ['moves', 'nourishes'], polarity: 'yang', phases: ['metal', 'wood'], organs: ['lung', 'liver'],
    channels: along('stretch', 'LU', 'LR'), points: ['LU1', 'CV17'], pace: 'flowing', asks: { breath: ['staged'] }, level: 2, repetitions: FLOWING_COUNT, loosens: ['shoulders'],
    images: ['A lantern hauled up, pull by pull.'], mistakes: [{ mistake: 'sniffing hard', mend: 'Three small sips, the last as soft as the first.' }],
    parts: [{ part: 'the arms in three stages', watch: 'shoulders stay down' }, { part: 'a sip for each', watch: 'the belly moves first' }],
    cycle: [
      inhale('Sip, sip, sip: the arms rise by thirds.', through(stand(10, both(reaching(0.3, -0.6, 1))), stand(8, both(reaching(0.3, -0.3, 1))), stand(6, both(reaching(0.3, -0.05, 1))))),
      exhale('One long breath out; the arms sink.', to(stand(14, both(PRESSED_DOWN)))),
    ],
    smaller: {
      change: 'One plain breath, arms to the ribs.', asks: { breath: [] },
      cycle: [
        inhale('One plain breath: arms rise to the ribs.', to(stand(8, both(reaching(0.3, -0.5, 1))))),
        exhale('Long and easy, they sink.', to(stand(12, both(PRESSED_DOWN)))),
      ],
    },
    seated: {
      change: 'From the chair, one plain breath.', asks: { breath: [] },
      cycle: [
        inhale('Seated: arms rise on one plain breath.', to(sit(both(reaching(0.3, -0.3, 1, 'down', 0.88))))),
        exhale('They sink to the thighs, long and easy.', to(sit(both({ near: 'thigh', off: [0, 0, 1.5], palm: 'down' })))),
      ],
    },
  }),
  defineForm({
    id: 'shoulder-stretch-behind', name: 'Hands clasped behind', family: 'joint loosening', roles: ['loosen'], actions: ['moves'], phases: ['metal', 'fire'], organs: ['lung', 'heart'],
    channels: along('stretch', 'LU', 'HT'), points: ['LU1', 'LU2'], pace: 'circling', repetitions: FEW, loosens: ['shoulders'], view: 'side',
    images: ['A sail filled from behind.'], mistakes: [{ mistake: 'pulling the arms up', mend: 'Reach down and away; the chest does the opening.' }],
    cycle: [
      inhale('Hands behind the seat; the chest opens.', to(stand(8, both({ near: 'sacrum', off: [0.5, -2.5, 2.5], palm: 'in', fingers: 'down', elbow: 'back' }), { shoulders: { forward: -0.7 }, trunk: { round: -5 } }))),
      exhale('Let go; the shoulders come home.', to(stand(11, both({ near: 'sacrum', off: [1, -3, 1.4], palm: 'in', fingers: 'down', elbow: 'back' })))),
    ],
    smaller: {
      change: 'Hands on the hips, only the elbows draw back.',
      cycle: [
        inhale('Hands on the hips; elbows draw back a little.', to(stand(8, both({ ...ON_HIPS, elbow: 'back' }), { shoulders: { forward: -0.5 } }))),
        exhale('Let go.', to(stand(10, both(ON_HIPS)))),
      ],
    },
    seated: {
      change: 'Hands on the back edge of the seat.',
      cycle: [
        inhale('Hands to the back of the seat; the chest opens.', to(sit(both({ near: 'buttock', off: [0.6, 0, 1], palm: 'in', fingers: 'down', elbow: 'back' }), { shoulders: { forward: -0.6 } }))),
        exhale('Let the shoulders come home.', to(sit(both({ near: 'hip', off: [0.6, 0, 0.5], palm: 'in', fingers: 'down', elbow: 'back' })))),
      ],
    },
  }),
] as const;
