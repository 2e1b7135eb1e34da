import type { Posture } from '../../body';
import type { Form } from '../model/model';
import { along, defineForm, type FormOfKind } from '../writing/define';
import {
  AT_KIDNEYS,
  before,
  both,
  each,
  HANGING,
  ON_HIPS,
  ON_THIGHS,
  reaching,
  sit,
  stand,
} from '../writing/postures';
import { exhale, inhale, to } from '../writing/strokes';

/** A post is stood: nothing moves but the breath. */
const post = (text: FormOfKind): Form =>
  defineForm({
    family: 'standing posture',
    roles: ['still', 'nourish'],
    actions: ['nourishes', 'calms'],
    polarity: 'yin',
    pace: 'inner',
    manner: 'natural',
    repetitions: { least: 3, usual: 8, most: 60, multipleOf: 1 },
    setupSec: { known: 8, taught: 25 },
    settleSec: 4,
    ...text,
  });
type Hands = NonNullable<Posture['hands']>;
const breath = (hands: Hands, sink: number, inward: string, outward: string, more: Posture = {}) => [
  inhale(inward, to(stand(sink, hands, more))),
  exhale(outward, to(stand(sink + 4, hands, more))),
];
const seatedBreath = (hands: Hands, inward: string, outward: string) => [
  inhale(inward, to(sit(hands, { head: { nod: -2 } }))),
  exhale(outward, to(sit(hands, { head: { nod: 3 } }))),
];
const EMPTY_STEP = {
  feet: { apart: 0.8, ahead: { foot: 'left', by: 1.1 }, turnOut: { left: 0, right: 40 } },
} as const;

/** Standing posts. Common practice; names from memory. */
// prettier-ignore
export const POSTS = [
  post({
    id: 'post-hands-behind', name: 'Post with the hands resting behind', pinyin: 'Xiū Xī Zhuāng', hanzi: '休息樁', roles: ['arrive', 'still'], phases: ['water'], organs: ['kidney', 'bladder'], channels: along('hold', 'BL'), points: ['BL23', 'GV4'],
    images: ['An old farmer looking at his field.'], mistakes: [{ mistake: 'leaning back on the hands', mend: 'They only keep the low back company.' }], view: 'three-quarter',
    cycle: breath(both({ ...AT_KIDNEYS, palm: 'back' }), 7, 'Backs of the hands on the low back: it fills.', 'The weight goes down through the heels.'),
    smaller: { change: 'One hand behind, one hanging.', cycle: breath(each({ ...AT_KIDNEYS, palm: 'back' }, HANGING), 6, 'One hand behind: the low back fills.', 'Let the heels have the weight.') },
    seated: { change: 'From the front of the chair.', cycle: seatedBreath(both({ ...AT_KIDNEYS, palm: 'back' }), 'Front of the seat, hands behind: the low back fills.', 'The weight goes down into the seat.') },
  }),
  post({
    id: 'post-pressing', name: 'Post of pressing beside the hips', pinyin: 'Fú Àn Zhuāng', hanzi: '扶按樁', phases: ['earth', 'water'], organs: ['spleen', 'kidney'], channels: along('attend', 'SP', 'KI', 'PC'), points: ['PC8', 'KI1'], asks: { staticHold: true },
    images: ['Both hands on the backs of two floating swans.'], mistakes: [{ mistake: 'pushing down with the arms', mend: 'The water carries the hands.' }],
    cycle: breath(both({ near: 'hip', off: [4, 0, 3], palm: 'down', fingers: 'forward', elbow: 'out' }), 18, 'Palms rest on water beside the hips.', 'It holds them; the knees give a little.'),
    smaller: { change: 'Knees nearly straight, arms hanging a little out.', asks: { staticHold: false }, cycle: breath(both({ near: 'hanging', palm: 'down' }), 6, 'Arms hang a little out, palms over the floor.', 'The knees give a little.') },
    seated: { change: 'Palms over the thighs.', asks: { staticHold: false }, cycle: seatedBreath(both({ near: 'thigh', off: [2, 0, 2.5], palm: 'down', fingers: 'forward' }), 'Palms float over the thighs.', 'Elbows heavy, palms light.') },
  }),
  post({
    id: 'post-propping', name: 'Post of propping outward', pinyin: 'Chēng Bào Zhuāng', hanzi: '撐抱樁', phases: ['metal', 'wood'], organs: ['lung', 'liver'], channels: along('attend', 'LU', 'LI', 'TE'), points: ['PC8', 'CV17'], asks: { staticHold: true }, level: 2,
    images: ['A round tent held open from inside.', 'A barrel whose hoops hold without being seen.'], mistakes: [{ mistake: 'pushing or hugging', mend: 'Seven parts hug, three parts push; nothing is seen of it.' }],
    parts: [{ part: 'the round of the arms', watch: 'elbows below the wrists' }, { part: 'palms outward', watch: 'shoulders stay down' }, { part: 'both at once', watch: 'the breath stays low' }],
    cycle: breath(both({ near: 'middle dantian', off: [6, 0, 13], palm: 'forward', fingers: 'in', elbow: 'out' }), 18, 'Palms look outward; the round props open.', 'The back of the hands still hugs.'),
    smaller: { change: 'The round at the height of the belly, legs long.', asks: { staticHold: false }, cycle: breath(both({ near: 'navel', off: [5, 0, 9], palm: 'body', fingers: 'in', elbow: 'out' }), 8, 'A low round before the belly.', 'Elbows heavy.') },
    seated: { change: 'From the chair, the round low.', asks: { staticHold: false }, cycle: seatedBreath(both({ near: 'navel', off: [5, 1, 9], palm: 'body', fingers: 'in', elbow: 'out' }), 'A low round before the belly, from the chair.', 'Elbows heavy, back long.') },
  }),
  post({
    id: 'post-holding-from-below', name: 'Post of holding from below', pinyin: 'Tuō Bào Zhuāng', hanzi: '托抱樁', phases: ['earth'], organs: ['spleen', 'stomach'], channels: along('attend', 'SP', 'ST', 'CV'), points: ['CV6', 'CV12'], asks: { staticHold: true },
    images: ['A round loaf carried warm to the table.'], mistakes: [{ mistake: 'fingers curl', mend: 'Open palms; the ball rests, it is not gripped.' }], view: 'three-quarter',
    cycle: breath(both({ near: 'lower dantian', off: [3, 0, 8], palm: 'up', fingers: 'in', elbow: 'out' }), 18, 'Palms hold something round from below.', 'It grows heavier by a hair.'),
    smaller: { change: 'Legs long, hands near the belly.', asks: { staticHold: false }, cycle: breath(both({ near: 'lower dantian', off: [2, 0, 4], palm: 'up', fingers: 'in', elbow: 'out' }), 8, 'Palms up, close to the belly.', 'Let it rest there.') },
    seated: { change: 'In the lap.', asks: { staticHold: false }, cycle: seatedBreath(both({ near: 'lower dantian', off: [3, 1, 5], palm: 'up', fingers: 'in' }), 'Palms up over the lap hold something round.', 'It rests on the thighs.') },
  }),
  post({
    id: 'post-carrying', name: 'Post of carrying', pinyin: 'Tí Bào Zhuāng', hanzi: '提抱樁', phases: ['water', 'earth'], organs: ['kidney', 'spleen'], channels: along('attend', 'KI', 'SP'), points: ['CV4', 'PC8'], asks: { staticHold: true },
    images: ['Two pails of water, and no hurry.'], mistakes: [{ mistake: 'rounding the back', mend: 'Let the crown carry as much as the hands.' }],
    cycle: breath(both({ near: 'groin', off: [4, 0, 6], palm: 'in', fingers: 'down', elbow: 'out' }), 18, 'Hands carry something round, low before you.', 'Shoulders hang over it.'),
    smaller: { change: 'Arms hanging, palms turned in.', asks: { staticHold: false }, cycle: breath(both({ near: 'hanging', off: [1, 0, 1] }), 7, 'Arms hang round, as if carrying.', 'Shoulders let go.') },
    seated: { change: 'Hands beside the thighs.', asks: { staticHold: false }, cycle: seatedBreath(both({ near: 'outer thigh', off: [2, 0, 1], palm: 'in' }), 'Hands beside the thighs carry something round.', 'Shoulders hang over it.') },
  }),
  post({
    id: 'post-three-bodies', name: 'Three-body post', pinyin: 'Sān Tǐ Shì', hanzi: '三體式', phases: ['metal', 'water'], organs: ['lung', 'kidney'], channels: along('attend', 'LU', 'KI', 'GV'), points: ['LI4', 'GV4'], sides: 'one-then-other', stance: { start: 'bow', end: 'bow' }, footwork: 'Most of the weight on the back leg, front foot flat.', asks: { staticHold: true }, level: 3,
    images: ['A spear leaning by the door: quiet, and ready.'], mistakes: [{ mistake: 'the front knee reaches out', mend: 'Sit on the back leg; the front only points.' }], view: 'side',
    parts: [{ part: 'the legs', watch: 'about two thirds on the back leg' }, { part: 'the front hand', watch: 'elbow over the knee' }, { part: 'the back hand', watch: 'by the navel' }, { part: 'a minute a side', watch: 'both sides alike' }],
    cycle: breath(each(reaching(0, -0.15, 1, 'forward', 0.85), before('navel', 1, -0.5, 4, 'down', 'forward')), 36, 'On the back leg; the {side} hand ahead, the {other} low.', 'Crown up, tail down, palm away.', { feet: { apart: 0.7, ahead: { foot: 'left', by: 1.6 }, turnOut: { left: 0, right: 40 } }, weight: 0.34 }),
    smaller: { change: 'Half the length, weight shared.', stance: { start: 'shoulder width', end: 'shoulder width' }, asks: { staticHold: false }, cycle: breath(each(reaching(0, -0.5, 1, 'forward', 0.8), before('navel', 1, -0.5, 4, 'down', 'forward')), 10, 'Feet level; the {side} hand a little ahead, low.', 'Crown up, tail down.') },
    seated: { change: 'From the chair.', asks: { staticHold: false }, cycle: seatedBreath(each(reaching(0, -0.35, 1, 'forward', 0.82), before('navel', 1, 1, 4, 'down', 'forward')), 'Seated: the {side} hand ahead, the {other} by the navel.', 'Crown up, seat heavy.') },
  }),
  post({
    id: 'post-one-leg', name: 'One-leg post', pinyin: 'Dú Lì Zhuāng', hanzi: '獨立樁', roles: ['balance', 'still'], phases: ['wood', 'water'], organs: ['kidney', 'liver'], channels: along('attend', 'KI', 'LR'), points: ['KI1'], sides: 'one-then-other', pace: 'one-leg', repetitions: { least: 1, usual: 2, most: 6, multipleOf: 1 }, level: 2, footwork: 'One foot whole on the floor, the other hanging.',
    images: ['A heron that has forgotten its other leg.'], mistakes: [{ mistake: 'gripping with the toes', mend: 'Spread them; a chair within reach is no shame.' }], cautions: ['A chair or a wall within reach; eyes open, on one spot.'], view: 'three-quarter',
    parts: [{ part: 'toes of the free foot still down', watch: 'hips level' }, { part: 'foot off by a hand’s breadth', watch: 'the gaze rests' }],
    cycle: [inhale('Weight on the {other} foot; the {side} foot comes up.', to(stand(10, both({ near: 'hip', off: [3, 2, 4], palm: 'down', fingers: 'forward', elbow: 'out' }), { weight: 0, feet: { lifted: { foot: 'left', thigh: 48, knee: 60 } } }))), exhale('Stay, and sink a little.', to(stand(16, both({ near: 'hip', off: [3, 1, 4], palm: 'down', fingers: 'forward', elbow: 'out' }), { weight: 0, feet: { lifted: { foot: 'left', thigh: 46, knee: 60 } } }))), inhale('Grow tall on it.', to(stand(9, both({ near: 'hip', off: [3, 2, 4], palm: 'down', fingers: 'forward', elbow: 'out' }), { weight: 0, feet: { lifted: { foot: 'left', thigh: 48, knee: 60 } } }))), exhale('Set the {side} foot down.', to(stand(10, both(HANGING))))],
    smaller: { change: 'The toes stay on the floor.', cycle: [inhale('Weight to the {other} foot; the {side} heel comes up.', to(stand(12, both(ON_HIPS), { weight: 0.2, feet: { heels: { left: 20 } } }))), exhale('Set it down, weight in the middle.', to(stand(10, both(ON_HIPS), { weight: 0.5 })))] },
    seated: { change: 'From the chair, one foot a little off the floor.', cycle: [inhale('Seated: the {side} foot comes off the floor.', to(sit(both(ON_THIGHS), { feet: { lifted: { foot: 'left', thigh: 96, knee: 84 } } }))), exhale('Set it down.', to(sit()))] },
  }),
  post({
    id: 'post-empty-step', name: 'Empty-step post', pinyin: 'Xū Bù Zhuāng', hanzi: '虛步樁', roles: ['still', 'balance'], phases: ['water', 'wood'], organs: ['kidney', 'gallbladder'], channels: along('attend', 'KI', 'GB'), points: ['GB40'], sides: 'one-then-other', stance: { start: 'bow', end: 'bow' }, footwork: 'The back leg carries; the front toes touch like a cat’s.', asks: { staticHold: true }, level: 2,
    images: ['A cat with one paw on the ice.'], mistakes: [{ mistake: 'leaning back', mend: 'Nine parts behind, one part before, crown over the back foot.' }], view: 'side',
    parts: [{ part: 'sit on the back leg', watch: 'its knee over its toes' }, { part: 'empty the front foot', watch: 'a tenth stays there' }],
    cycle: breath(each(reaching(0.1, -0.4, 1, 'down', 0.8), before('navel', 2, 0, 5, 'down', 'forward')), 34, 'Sit on the {other} leg; the {side} toes just touch.', 'Empty the front foot a little more.', { ...EMPTY_STEP, feet: { ...EMPTY_STEP.feet, heels: { left: 22 } }, weight: 0.12 }),
    smaller: { change: 'Weight shared, front heel down.', stance: { start: 'shoulder width', end: 'shoulder width' }, asks: { staticHold: false }, cycle: breath(both(ON_HIPS), 12, 'A little more weight on the {other} foot.', 'The {side} foot grows light.', { weight: 0.36 }) },
    seated: { change: 'From the chair: one sole presses, the other is light.', asks: { staticHold: false }, cycle: seatedBreath(both(ON_THIGHS), 'The {other} sole presses, the {side} one is light.', 'And the floor answers.') },
  }),
  post({
    id: 'post-subduing-tiger', name: 'Post of the tiger held down', pinyin: 'Fú Hǔ Zhuāng', hanzi: '伏虎樁', phases: ['wood', 'water'], organs: ['liver', 'kidney'], channels: along('attend', 'LR', 'KI', 'GB'), points: ['LR3'], sides: 'one-then-other', stance: { start: 'bow', end: 'bow' }, footwork: 'A wide low step; both knees over their toes.', asks: { staticHold: true }, level: 3, polarity: 'yang',
    images: ['One hand on its neck, one on its back, and no anger.'], mistakes: [{ mistake: 'going lower than the knees like', mend: 'Higher, and longer.' }], view: 'three-quarter',
    parts: [{ part: 'the step', watch: 'knees over the toes' }, { part: 'front hand over the knee, back hand by the hip', watch: 'the back upright' }, { part: 'three breaths', watch: 'come up before it shakes' }],
    cycle: breath(each({ near: 'thigh', off: [0, 3, 4], palm: 'down', fingers: 'in' }, { near: 'hip', off: [3, 0, 2], palm: 'down', fingers: 'forward', elbow: 'out' }), 48, 'The {side} palm ahead, holding down over the knee.', 'Sit, and let the eyes be mild.', { feet: { apart: 1.5, ahead: { foot: 'left', by: 1.3 }, turnOut: { left: 10, right: 40 } }, weight: 0.46 }),
    smaller: { change: 'Feet level and higher.', stance: { start: 'shoulder width', end: 'shoulder width' }, asks: { staticHold: false }, cycle: breath(each(before('groin', 2, 3, 6, 'down', 'forward'), { near: 'hip', off: [3, 0, 2], palm: 'down', fingers: 'forward', elbow: 'out' }), 14, 'The {side} palm holds down over the thigh.', 'Let the eyes be mild.') },
    seated: { change: 'From the chair.', asks: { staticHold: false }, cycle: seatedBreath(each({ near: 'knee', off: [0, 2, 0], palm: 'down' }, { near: 'thigh', off: [1, 1, 2], palm: 'down' }), 'The {side} palm holds down over the knee.', 'Seat heavy, eyes mild.') },
  }),
  post({
    id: 'weight-tested', name: 'Weight tested from foot to foot', roles: ['loosen', 'balance'], actions: ['moves', 'calms'], phases: ['earth', 'water'], organs: ['spleen', 'kidney'], channels: along('attend', 'KI', 'SP'), points: ['KI1'], sides: 'alternating', footwork: 'The weight goes from foot to foot; both stay down.', repetitions: { least: 2, usual: 3, most: 9, multipleOf: 1 }, loosens: ['ankles', 'hips'],
    images: ['Sand running from one glass into the other.'], mistakes: [{ mistake: 'leaning the trunk over', mend: 'The pelvis slides level, like a drawer.' }],
    cycle: [inhale('In the middle, both feet alike.', to(stand(12, both(HANGING), { weight: 0.5 }))), exhale('Pour the weight into the {side} foot.', to(stand(18, both(HANGING), { weight: 0.86 })))],
    smaller: { change: 'Half the way.', cycle: [inhale('In the middle, quiet.', to(stand(9, both(HANGING), { weight: 0.5 }))), exhale('A little more on the {side} foot.', to(stand(12, both(HANGING), { weight: 0.66 })))] },
    seated: { change: 'From one sitting bone to the other.', cycle: [inhale('Both sitting bones alike.', to(sit())), exhale('Pour the weight onto that one, {side}.', to(sit(undefined, { weight: 0.7 })))] },
  }),
] as const;
