import type { Posture } from '../../body';
import type { Form } from '../model/model';
import { along, defineForm, type FormOfKind } from '../writing/define';
import { before, both, HANGING, ON_HIPS, ON_THIGHS, reaching, sit, stand } from '../writing/postures';
import { exhale, freely, inhale, through, to } from '../writing/strokes';

/** Walking travels: every cycle puts one foot ahead of the other, and the other side follows. */
const walk = (text: FormOfKind): Form =>
  defineForm({
    roles: ['balance'],
    actions: ['calms', 'moves'],
    family: 'walking',
    sides: 'alternating',
    pace: 'turning',
    manner: 'natural',
    footwork: 'The free foot is set down before it is loaded.',
    repetitions: { least: 3, usual: 6, most: 40, multipleOf: 1 },
    loosens: ['ankles', 'hips'],
    view: 'side',
    ...text,
  });
type Hands = NonNullable<Posture['hands']>;

/** The left foot goes ahead: freed, set down heel first, loaded. The right is already behind. */
const BEHIND = { apart: 0.6, ahead: { foot: 'right', by: 1.2 } } as const;
const AHEAD = { apart: 0.6, ahead: { foot: 'left', by: 1.2 } } as const;
const empty = (hands: Hands, sink = 14): Posture => stand(sink, hands, { weight: 0.06, feet: BEHIND });
const setDown = (hands: Hands, sink = 14): Posture =>
  stand(sink, hands, { weight: 0.08, feet: { ...AHEAD, toes: { left: 12 } } });
const loaded = (hands: Hands, sink = 12): Posture => stand(sink, hands, { weight: 0.94, feet: AHEAD });
const BEHIND_BACK = { apart: 0.6, ahead: { foot: 'left', by: 1.2 } } as const;
const STEPPED_BACK = { apart: 0.6, ahead: { foot: 'right', by: 1.2 } } as const;

const onTheSpot = (words: readonly [string, string]) => ({
  change: 'On the spot: weight from foot to foot.',
  cycle: [
    inhale(words[0], to(stand(10, both(ON_HIPS), { weight: 0.5 }))),
    exhale(words[1], to(stand(14, both(ON_HIPS), { weight: 0.3, feet: { heels: { left: 14 } } }))),
  ],
  stance: { start: 'shoulder width', end: 'shoulder width' } as const,
});
const seatedSteps = (name: string, words: readonly [string, string]) => ({
  name,
  change: 'From the chair: the feet tread on the spot.',
  cycle: [
    inhale(words[0], to(sit(both(ON_THIGHS), { feet: { lifted: { foot: 'left', thigh: 95, knee: 84 } } }))),
    exhale(words[1], to(sit())),
  ],
});

/** Walking; common practice. */
// prettier-ignore
export const WALKING = [
  walk({
    id: 'cat-step', name: 'The cat step', pinyin: 'Māo Bù', hanzi: '貓步', roles: ['balance', 'loosen', 'nourish'], actions: ['calms', 'moves'], phases: ['water', 'earth'], organs: ['kidney', 'spleen'], channels: along('attend', 'KI', 'SP'), points: ['KI1'], level: 2, stance: { start: 'bow', end: 'bow' },
    images: ['A cat crossing a roof wet with dew.'], mistakes: [{ mistake: 'falling into the step', mend: 'You could take the foot back at any moment.' }, { mistake: 'both feet on one line', mend: 'Two rails, a hand apart.' }],
    parts: [{ part: 'empty the back foot', watch: 'the pelvis stays level' }, { part: 'set it down without weight', watch: 'you could take it back' }, { part: 'pour the weight over', watch: 'knee over the toes' }],
    cautions: ['A wall within reach where balance is poor; eyes ahead, not on the floor.'],
    cycle: [
      inhale('Empty the {side} foot, and bring it through.', through(empty(both(ON_HIPS), 18), setDown(both(ON_HIPS), 18))),
      exhale('Heel, sole, and pour the weight over.', to(loaded(both(ON_HIPS), 14))),
    ],
    smaller: onTheSpot(['In the middle, both feet alike.', 'Empty the {side} foot; its heel comes up.']),
    seated: seatedSteps('The cat’s paw', ['The {side} foot comes up like a paw.', 'Set it down without a sound.']),
  }),
  walk({
    id: 'walk-heel-to-toe', name: 'Walking with the breath', roles: ['balance', 'nourish'], actions: ['calms'], phases: ['metal', 'earth'], organs: ['lung', 'spleen'], channels: along('attend', 'KI', 'LU'), points: ['KI1'], stance: { start: 'bow', end: 'bow' },
    images: ['Printing each foot into new snow.'], mistakes: [{ mistake: 'holding the breath to be slow', mend: 'Shorter steps; the breath leads.' }],
    cycle: [
      inhale('The {side} foot comes through; the heel touches.', through(empty(both(HANGING), 12), setDown(both(HANGING), 12))),
      exhale('Over the whole sole, heel to ball.', to(loaded(both(HANGING), 10))),
    ],
    smaller: onTheSpot(['Both feet alike; breathe in.', 'Breathe out; the {side} heel peels up.']),
    seated: seatedSteps('Treading with the breath', ['The {side} heel, then the sole, off the floor.', 'Heel, sole, toes: down.']),
  }),
  walk({
    id: 'walk-two-sips', name: 'Two sips in, one breath out', roles: ['nourish', 'balance'], actions: ['moves', 'nourishes'], polarity: 'yang', phases: ['metal', 'wood'], organs: ['lung', 'liver'], channels: along('attend', 'LU', 'LR'), points: ['LU1'], asks: { breath: ['staged'] }, stance: { start: 'bow', end: 'bow' }, level: 2,
    images: ['A walker’s own small drum.'], mistakes: [{ mistake: 'sniffing hard', mend: 'As soft as smelling a pear.' }],
    parts: [{ part: 'the steps alone', watch: 'easy and level' }, { part: 'two sips on one step', watch: 'no raised shoulders' }, { part: 'out on the next', watch: 'stop at any dizziness' }],
    cautions: ['Stop and breathe plainly if the head grows light.'],
    cycle: [
      inhale('Sip, sip: the {side} foot comes through.', through(empty(both(reaching(0.2, -0.9, 0.4, 'in', 0.85)), 10), setDown(both(reaching(0.2, -0.9, 0.2, 'in', 0.85)), 10))),
      exhale('Out, and onto it.', to(loaded(both(reaching(0.3, -0.95, -0.1, 'in', 0.85)), 8))),
    ],
    smaller: { ...onTheSpot(['On the spot, one plain breath in.', 'Out; the {side} heel peels up.']), asks: { breath: [] } },
    seated: { ...seatedSteps('One breath in, one out', ['One plain breath in; the {side} foot comes up.', 'Out, and down.']), asks: { breath: [] } },
  }),
  walk({
    id: 'walk-palms-lifted', name: 'Walking with lifted palms', roles: ['nourish', 'balance'], actions: ['moves', 'nourishes'], phases: ['fire', 'metal'], organs: ['heart', 'lung'], channels: along('attend', 'HT', 'LU'), points: ['PC8', 'CV17'], stance: { start: 'bow', end: 'bow' }, loosens: ['hips', 'shoulders'],
    images: ['Carrying a tray of full cups through a crowd.'], mistakes: [{ mistake: 'the steps grow long as the arms rise', mend: 'Keep them as short as your foot.' }],
    cycle: [
      inhale('{Side} foot through; palms lift before the chest.', through(empty(both(before('navel', 3, 0, 7, 'up', 'in')), 14), setDown(both(before('middle dantian', 3, 1, 7, 'up', 'in')), 14))),
      exhale('Onto it; palms turn and press down.', to(loaded(both(before('lower dantian', 4, 0, 7, 'down', 'in')), 12))),
    ],
    smaller: { change: 'On the spot.', stance: { start: 'shoulder width', end: 'shoulder width' }, cycle: [inhale('Palms lift to the chest, weight in the middle.', to(stand(8, both(before('middle dantian', 3, 0, 7, 'up', 'in'))))), exhale('They press down; the {side} heel peels up.', to(stand(12, both(before('lower dantian', 4, 0, 6, 'down', 'in')), { weight: 0.32, feet: { heels: { left: 14 } } })))] },
    seated: { name: 'Treading with lifted palms', change: 'From the chair.', cycle: [inhale('Palms lift to the chest; the {side} foot comes up.', to(sit(both(before('middle dantian', 3, 0, 7, 'up', 'in')), { feet: { lifted: { foot: 'left', thigh: 95, knee: 84 } } }))), exhale('Palms press down, foot down.', to(sit(both({ near: 'thigh', off: [0, 0, 2], palm: 'down' }))))] },
  }),
  walk({
    id: 'walk-backward', name: 'Walking backward', roles: ['balance', 'loosen'], actions: ['moves', 'calms'], phases: ['water'], organs: ['kidney', 'bladder'], channels: along('attend', 'BL', 'KI', 'GV'), points: ['BL40', 'GV4'], stance: { start: 'bow', end: 'bow' }, level: 2,
    images: ['Leaving a sleeping child’s room.'], mistakes: [{ mistake: 'looking down between the feet', mend: 'Look once round first; then let the toes feel.' }], cautions: ['Only on clear, level ground, somebody or a wall beside you.'],
    parts: [{ part: 'toes behind, no weight', watch: 'hips level' }, { part: 'roll to the heel', watch: 'the front foot grows empty' }],
    cycle: [
      inhale('Empty the {side} foot; reach it back, toes first.', through(stand(14, both(ON_HIPS), { weight: 0.06, feet: BEHIND_BACK }), stand(16, both(ON_HIPS), { weight: 0.08, feet: { ...STEPPED_BACK, heels: { left: 18 } } }))),
      exhale('Onto the heel, and settle there.', to(stand(16, both(ON_HIPS), { weight: 0.92, feet: STEPPED_BACK }))),
    ],
    smaller: onTheSpot(['Weight in the middle, look ahead.', 'The {side} heel peels up, as if to go back.']),
    seated: seatedSteps('Drawing the foot back', ['The {side} foot comes up and draws back a little.', 'Toes, sole, heel: down.']),
  }),
  walk({
    id: 'easy-walking-off', name: 'Walking it off', roles: ['balance'], actions: ['calms', 'moves'], phases: ['earth'], organs: ['stomach', 'spleen'], channels: along('attend', 'ST', 'SP'), points: ['ST36', 'KI1'], stance: { start: 'bow', end: 'bow' },
    images: ['Going round the garden after supper.'], mistakes: [{ mistake: 'sitting down at once', mend: 'A few dozen steps first, arms loose.' }],
    repetitions: { least: 4, usual: 10, most: 60, multipleOf: 1 }, pace: 'flowing',
    cycle: [freely(4, 'Easy steps, arms swinging; weight on the {side} foot, and on.', through(empty(both(reaching(0.2, -1, 0.25, 'in', 0.9)), 8), setDown(both(reaching(0.2, -1, -0.1, 'in', 0.9)), 8), loaded(both(reaching(0.2, -1, 0, 'in', 0.9)), 8)))],
    smaller: { change: 'Treading on the spot.', stance: { start: 'shoulder width', end: 'shoulder width' }, cycle: [freely(4, 'Tread on the spot, arms loose: {side}, and on.', through(stand(9, both(HANGING), { weight: 0.3, feet: { heels: { left: 14 } } }), stand(8, both(HANGING))))] },
    seated: { name: 'Treading it off', change: 'From the chair.', cycle: [freely(4, 'Tread lightly from the chair: {side}, and on.', through(sit(both(ON_THIGHS), { feet: { lifted: { foot: 'left', thigh: 94, knee: 84 } } }), sit()))] },
  }),
] as const;
