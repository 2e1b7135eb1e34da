import type { Posture } from '../../body';
import { along, defineForm } from '../writing/define';
import { both, each, ON_BELLY, ON_THIGHS, sit, STACKED, stand } from '../writing/postures';
import { exhale, freely, inhale, pulse, through, to } from '../writing/strokes';

const back = (more: Posture = {}): Posture => ({ base: 'back', sink: 76, hands: both(ON_BELLY), ...more });
const long = (more: Posture = {}): Posture => ({
  base: 'back',
  hands: both({ near: 'reach', toward: [0.45, -1, 0.02], palm: 'forward', share: 0.92 }),
  ...more,
});
const side = (more: Posture = {}): Posture => ({
  base: 'right side',
  hands: each(
    { near: 'hip', off: [0, -2, 0.4], palm: 'body', fingers: 'down' },
    { near: 'face', off: [1, -1, 4], palm: 'body', fingers: 'up', elbow: 'front' },
  ),
  ...more,
});
const REST = { least: 3, usual: 8, most: 60, multipleOf: 1 } as const;

/** Rest on the floor, and the way up from it; common practice, the side from memory of old teaching on sleep. */
// prettier-ignore
export const REST_FORMS = [
  defineForm({
    id: 'rest-on-the-back', name: 'Resting on the back, hands on the belly', family: 'rest', roles: ['arrive', 'still', 'nourish', 'close'], actions: ['calms', 'nourishes'], polarity: 'yin', phases: ['earth', 'water'], organs: ['kidney', 'spleen'], channels: along('hold', 'CV'), points: ['CV6'], stance: { start: 'on the back', end: 'on the back' }, footwork: 'Lying, knees drawn up, soles on the floor; a cushion under the head.', pace: 'inner', repetitions: REST, setupSec: { known: 12, taught: 30 }, view: 'side',
    images: ['A boat drawn up on warm sand.'], mistakes: [{ mistake: 'the low back is pulled hollow', mend: 'Draw the knees up, or lay a roll under them.' }],
    cycle: [inhale('The belly lifts the hands.', to(back())), exhale('It lets them down; the floor carries.', to(back({ head: { nod: 3 } })))],
    smaller: { change: 'Legs long, arms beside the body.', cycle: [inhale('Legs long, arms beside you: the breath comes.', to(long())), exhale('It goes; the floor carries all of it.', to(long({ head: { nod: 2 } })))] },
    seated: { name: 'Leaning back, hands on the belly', change: 'Leaning back in a chair, hands on the belly.', cycle: [inhale('Leaning back, the belly lifts the hands.', to(sit(both(ON_BELLY), { trunk: { lean: -4 } }))), exhale('It lets them down; the chair carries.', to(sit(both(ON_BELLY), { trunk: { lean: -4 }, head: { nod: 3 } })))] },
  }),
  defineForm({
    id: 'rest-on-the-side', name: 'Lying on the side to sleep', pinyin: 'Cè Wò', hanzi: '側臥', source: 'heritage-from-memory', family: 'rest', roles: ['still', 'nourish'], actions: ['calms'], polarity: 'yin', phases: ['water'], organs: ['kidney', 'heart'], channels: along('attend', 'KI', 'HT'), points: ['KI1'], stance: { start: 'on the side', end: 'on the side' }, footwork: 'On the right side, the lower leg long, the upper drawn up.', pace: 'inner', repetitions: REST, setupSec: { known: 12, taught: 30 }, view: 'side',
    images: ['A bow unstrung and put away.'], mistakes: [{ mistake: 'lying on the shoulder', mend: 'Draw the lower arm forward; the ribs lie down.' }],
    cycle: [inhale('On the side: the breath comes by the nose, small.', to(side())), exhale('It goes down to the feet.', to(side({ head: { nod: 3 } })))],
    smaller: { name: 'Lying on the back to sleep', change: 'On the back instead, knees drawn up.', stance: { start: 'on the back', end: 'on the back' }, cycle: [inhale('On the back: the breath comes, small.', to(back())), exhale('It goes down to the feet.', to(back({ head: { nod: 3 } })))] },
    seated: { name: 'Resting in the chair', change: 'In a chair, the head supported.', cycle: [inhale('In the chair: the breath comes, small.', to(sit(both(ON_THIGHS), { trunk: { lean: -4 } }))), exhale('It goes down to the feet.', to(sit(both(ON_THIGHS), { trunk: { lean: -4 }, head: { nod: 4 } })))] },
  }),
  defineForm({
    id: 'rest-legs-up', name: 'Lying with the legs up', family: 'rest', roles: ['still', 'nourish'], actions: ['calms'], polarity: 'yin', phases: ['water', 'earth'], organs: ['kidney', 'spleen'], channels: along('attend', 'KI', 'SP'), points: ['KI1', 'CV6'], stance: { start: 'on the back', end: 'on the back' }, footwork: 'On the back, the calves on a chair or against a wall.', pace: 'inner', manner: 'natural', repetitions: { least: 3, usual: 12, most: 60, multipleOf: 1 }, setupSec: { known: 15, taught: 35 }, view: 'side',
    images: ['Rain that runs down from the leaves to the root.'], mistakes: [{ mistake: 'the seat is too near the wall', mend: 'Slide away until the knees can be soft.' }], cautions: ['Not with glaucoma, a clot, heart failure or late in pregnancy.'],
    cycle: [inhale('Legs up: heels to the ceiling, belly soft.', to({ base: 'legs up', hands: both(ON_BELLY) })), exhale('What is tired runs down out of them.', to({ base: 'legs up', hands: both(ON_BELLY), head: { nod: 3 } }))],
    smaller: { name: 'Lying with the knees drawn up', change: 'Knees drawn up, soles on the floor.', cycle: [inhale('Knees drawn up: belly soft.', to(back())), exhale('Let the thighs be carried by the feet.', to(back({ head: { nod: 3 } })))] },
    seated: { name: 'Resting with the heels ahead', change: 'In a chair, the heels a little ahead.', cycle: [inhale('In the chair, heels ahead, belly soft.', to(sit(both(ON_BELLY), { trunk: { lean: -4 } }))), exhale('Let the legs be carried.', to(sit(both(ON_BELLY), { trunk: { lean: -4 }, head: { nod: 3 } })))] },
  }),
  defineForm({
    id: 'before-getting-up', name: 'Before getting up', family: 'rest', roles: ['loosen'], actions: ['moves'], polarity: 'even', phases: ['wood', 'water'], organs: ['liver', 'kidney'], channels: along('stretch', 'LR', 'KI', 'BL'), points: ['KI1'], stance: { start: 'on the back', end: 'on the side' }, footwork: 'Lying; then over the side, and up on the hands.', pace: 'flowing', manner: 'natural', repetitions: { least: 1, usual: 2, most: 4, multipleOf: 1 }, loosens: ['ankles', 'wrists', 'spine'], view: 'side',
    images: ['A cat before it leaves its cushion.'], mistakes: [{ mistake: 'sitting straight up', mend: 'First to the side, then up by the arms, the head last.' }], exceptions: { time: 'As long as waking takes.' },
    cycle: [
      freely(8, 'Spread fingers and toes; turn hands and feet about.', through(long(), long({ hands: both({ near: 'reach', toward: [0.5, -0.9, 0.25], palm: 'in', share: 0.9 }) }), long())),
      freely(8, 'Draw the knees up, and let them sway.', through(back(), back({ trunk: { turn: 4 } }), back({ trunk: { turn: -4 } }), back())),
    ],
    exit: [freely(8, 'Roll over to the side, and wait there a breath.', to(side()))],
    smaller: { change: 'Only fingers and toes.', exit: [], cycle: [freely(8, 'Spread fingers and toes, and let go.', to(long()))] },
    seated: { change: 'In a chair.', exit: [], cycle: [freely(8, 'Spread fingers and toes, in the chair.', to(sit())), freely(8, 'Sway a little from side to side.', through(sit(undefined, { trunk: { bend: 5 } }), sit(undefined, { trunk: { bend: -5 } }), sit()))] },
  }),
  defineForm({
    id: 'closing-rest', name: 'The closing rest', family: 'rest', roles: ['still'], actions: ['calms'], polarity: 'yin', phases: ['earth'], organs: ['spleen', 'kidney'], channels: along('attend', 'CV'), points: ['CV6'], stance: { start: 'on the back', end: 'on the back' }, footwork: 'On the back, legs long, arms a little away from the sides.', pace: 'inner', manner: 'natural', repetitions: { least: 4, usual: 12, most: 90, multipleOf: 1 }, setupSec: { known: 12, taught: 25 }, view: 'side',
    images: ['Snow that has finished falling.'], mistakes: [{ mistake: 'being cold', mend: 'A cover first; rest cools.' }],
    cycle: [inhale('Nothing to do. The breath comes.', to(long())), exhale('It goes. The floor has you.', to(long({ head: { nod: 2 } })))],
    smaller: { change: 'Knees drawn up.', cycle: [inhale('Knees drawn up. The breath comes.', to(back())), exhale('It goes. The floor has you.', to(back({ head: { nod: 2 } })))] },
    seated: { change: 'In a chair.', cycle: [inhale('In the chair, nothing to do. The breath comes.', to(sit(both(ON_THIGHS), { trunk: { lean: -4 } }))), exhale('It goes. The chair has you.', to(sit(both(ON_THIGHS), { trunk: { lean: -4 }, head: { nod: 3 } })))] },
  }),
  defineForm({
    id: 'belly-circles-counted', name: 'Belly circles, counted both ways', family: 'gathering', roles: ['gather', 'nourish'], actions: ['nourishes', 'calms'], phases: ['earth'], organs: ['stomach', 'spleen', 'large-intestine'], channels: along('press', 'CV', 'ST'), points: ['CV12', 'CV6', 'ST25'], sides: 'both-ways', ways: ['up the right side and down the left', 'up the left side and down the right'], pace: 'flowing', manner: 'natural', asks: { rubs: ['belly'] }, repetitions: { least: 3, usual: 3, most: 12, multipleOf: 3 },
    images: ['Counting in the harvest, sack by sack.'], mistakes: [{ mistake: 'losing count and hurrying', mend: 'A shorter count, never a faster one.' }], cautions: ['Only rest the hands there when full, with child, or after belly surgery.'], 
    cycle: [freely(9, 'Palms circle the belly {way}, three times.', pulse(3, ...([[2.4, 0], [0, 2.4], [-2.4, 0], [0, -2.4], [0, 0]] as const).map(([out, up]): Posture => stand(10, each({ near: 'navel', off: [out, up, 0], fingers: 'in' }, { near: 'hand', off: [0, 0, 0.4], palm: 'back', fingers: 'in' })))))],
    smaller: { change: 'Only the attention goes round.', asks: { rubs: [] }, cycle: [freely(9, 'Hands at rest; the attention goes {way}.', to(stand(10, STACKED)))] },
    seated: { change: 'From the chair.', cycle: [freely(9, 'From the chair, palms circle the belly {way}, three times.', pulse(3, ...([[2.4, 0], [0, 2.4], [-2.4, 0], [0, -1.8], [0, 0]] as const).map(([out, up]): Posture => sit(each({ near: 'navel', off: [out, up, 0], fingers: 'in' }, { near: 'hand', off: [0, 0, 0.4], palm: 'back', fingers: 'in' })))))] },
  }),
  defineForm({
    id: 'face-ears-head-back', name: 'Face, ears, head and low back', family: 'self-massage', roles: ['balance'], actions: ['calms', 'moves'], phases: ['water', 'earth'], organs: ['kidney', 'bladder', 'stomach'], channels: along('trace', 'ST', 'GB', 'BL'), points: ['GB20', 'BL23'], pace: 'flowing', manner: 'natural', asks: { rubs: ['face', 'low back'] }, repetitions: { least: 1, usual: 1, most: 3, multipleOf: 1 }, setupSec: { known: 4, taught: 14 }, settleSec: 6,
    images: ['Putting the tools back, each on its own nail.'], mistakes: [{ mistake: 'making a new exercise of it', mend: 'Once over each, and enough.' }], exceptions: { time: 'One round through all four places counts as one.' },
    cycle: [
      freely(7, 'Palms rub up the face and down.', pulse(3, stand(9, both({ near: 'mouth', off: [1.8, -1.5, 1.2], fingers: 'up', elbow: 'low' })), stand(9, both({ near: 'upper dantian', off: [1.8, 1, 0.4], fingers: 'up', elbow: 'low' })))),
      freely(6, 'Draw the ears down and out.', through(stand(9, both({ near: 'ear', off: [0.4, 0.6, 0], palm: 'body', fingers: 'back', elbow: 'out' })), stand(9, both({ near: 'ear', off: [0.4, -0.6, 0], palm: 'body', fingers: 'back', elbow: 'out' })))),
      freely(6, 'Comb from the brow over the crown to the nape.', through(stand(9, both({ near: 'upper dantian', off: [1.5, 2.5, 0.6], fingers: 'up', elbow: 'out' })), stand(9, both({ near: 'crown', off: [1.5, 0.5, 0], fingers: 'in', elbow: 'out' })), stand(9, both({ near: 'nape', off: [1.4, 0, 0.4], fingers: 'down', elbow: 'out' })))),
      freely(7, 'And rub the low back warm.', pulse(3, stand(10, both({ near: 'kidneys', off: [0.6, 1, 0.2], palm: 'body', fingers: 'in', elbow: 'back' })), stand(10, both({ near: 'kidneys', off: [0.6, -1, 0.2], palm: 'body', fingers: 'in', elbow: 'back' })))),
    ],
    smaller: { change: 'The hands only rest at each place.', asks: { rubs: [] }, cycle: [freely(6, 'Palms rest before the face.', to(stand(9, both({ near: 'mouth', off: [2, 1, 2.2], fingers: 'up', elbow: 'low' })))), freely(6, 'Palms over the ears.', to(stand(9, both({ near: 'ear', off: [0.6, 0, 0], palm: 'body', fingers: 'back', elbow: 'out' })))), freely(6, 'Hands on the crown.', to(stand(9, both({ near: 'crown', off: [1.5, 0.5, 0], fingers: 'in', elbow: 'out' })))), freely(6, 'And on the low back.', to(stand(10, both({ near: 'kidneys', off: [0.6, 0, 0.2], palm: 'body', fingers: 'in', elbow: 'back' }))))] },
    seated: { change: 'From the front of the chair.', cycle: [
      freely(7, 'Front of the seat: palms rub up the face and down.', pulse(3, sit(both({ near: 'mouth', off: [1.8, -1.5, 1.2], fingers: 'up', elbow: 'low' })), sit(both({ near: 'upper dantian', off: [1.8, 1, 0.4], fingers: 'up', elbow: 'low' })))),
      freely(6, 'Draw the ears down and out.', to(sit(both({ near: 'ear', off: [0.4, -0.6, 0], palm: 'body', fingers: 'back', elbow: 'out' })))),
      freely(6, 'Comb over the head to the nape.', through(sit(both({ near: 'crown', off: [1.5, 0.5, 0], fingers: 'in', elbow: 'out' })), sit(both({ near: 'nape', off: [1.4, 0, 0.4], fingers: 'down', elbow: 'out' })))),
      freely(7, 'And rub the low back warm.', pulse(3, sit(both({ near: 'kidneys', off: [0.6, 1, 0.2], palm: 'body', fingers: 'in', elbow: 'back' })), sit(both({ near: 'kidneys', off: [0.6, -1, 0.2], palm: 'body', fingers: 'in', elbow: 'back' })))),
    ] },
  }),
] as const;
