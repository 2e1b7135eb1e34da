import type { Hand } from '../../body';
import type { ChannelId, PointCode } from '../../channels';
import { organsOf, type OrganId, type PhaseId } from '../../phases';
import type { Form, Stroke } from '../model/model';
import type { FormView } from '../model/terms';
import { along, defineForm, FLOWING_COUNT } from '../writing/define';
import { AT_KIDNEYS, before, both, bow, each, ON_BELLY, reaching, sit, stand } from '../writing/postures';
import { exhale, inhale, type Movement, through, to } from '../writing/strokes';

interface RoundText {
  readonly id: string;
  readonly name: string;
  readonly phase: PhaseId;
  readonly channels: readonly ChannelId[];
  readonly points: readonly PointCode[];
  readonly view?: FormView;
  readonly cycle: readonly Stroke[];
  readonly image: string;
  readonly mistake: readonly [string, string];
  readonly smaller: string;
  readonly smallerCycle: readonly Stroke[];
  readonly seatedCycle: readonly Stroke[];
  readonly yang: boolean;
  readonly sides?: Form['sides'];
  readonly footwork?: string;
}

const organsIn = (phase: PhaseId): readonly OrganId[] => organsOf(phase).map((row) => row.id);

/** One simple movement a phase: its direction of qi made visible (the classical motions of the phases). */
// prettier-ignore
const simple = (text: RoundText): Form => defineForm({
  id: text.id, name: text.name, family: 'flowing pair', roles: ['nourish', 'balance'], actions: ['nourishes', 'moves'], polarity: text.yang ? 'yang' : 'yin', phases: [text.phase], organs: [...organsIn(text.phase)],
  channels: along('stretch', ...text.channels), points: [...text.points], sides: text.sides ?? 'symmetric', pace: 'flowing', cycle: [...text.cycle], repetitions: FLOWING_COUNT, setupSec: { known: 4, taught: 14 },
  ...(text.footwork ? { footwork: text.footwork } : {}), ...(text.view ? { view: text.view } : {}),
  images: [text.image], mistakes: [{ mistake: text.mistake[0], mend: text.mistake[1] }], smaller: { change: text.smaller, cycle: [...text.smallerCycle] }, seated: { change: 'The same from the chair.', cycle: [...text.seatedCycle] },
});

/** A leaning form a phase: one foot forward, the weight rolling, the hands in the phase's own direction. */
// prettier-ignore
const wave = (text: RoundText): Form => { const level = text.name.replace(' in the bow stance', ''); return defineForm({
  id: text.id, name: text.name, family: 'flowing pair', roles: ['nourish'], actions: ['nourishes', 'moves'], polarity: text.yang ? 'yang' : 'even', phases: [text.phase], organs: [...organsIn(text.phase)],
  channels: along('stretch', ...text.channels), points: [...text.points], sides: 'one-then-other', pace: 'wave', view: 'side', stance: { start: 'bow', end: 'shoulder width' }, footwork: text.footwork ?? 'One foot forward; the weight rolls forward and back.',
  cycle: [...text.cycle], repetitions: { least: 2, usual: 4, most: 12, multipleOf: 1 }, setupSec: { known: 6, taught: 20 },
  images: [text.image], mistakes: [{ mistake: text.mistake[0], mend: text.mistake[1] }],
  smaller: { name: level, change: text.smaller, stance: { start: 'shoulder width', end: 'shoulder width' }, cycle: [...text.smallerCycle] },
  seated: { name: level, change: 'Rock from the sitting bones.', cycle: [...text.seatedCycle] },
}); };

/** Rolled onto the front foot, and back onto the other, one foot ahead. */
const rolledForward = (sink: number, ...hands: readonly Hand[]): Movement =>
  through(
    ...hands.map((hand) =>
      stand(sink + 6, both(hand), {
        feet: { ...bow(), heels: { right: 6 } },
        weight: 0.72,
        trunk: { lean: 4 },
      }),
    ),
  );
const rolledBack = (sink: number, ...hands: readonly Hand[]): Movement =>
  through(
    ...hands.map((hand) => stand(sink, both(hand), { feet: { ...bow(), toes: { left: 12 } }, weight: 0.24 })),
  );
/** Rocked to the toes and to the heels, feet side by side. */
const rockedForward = (hand: Hand): Movement => to(stand(13, each(hand, hand), { along: 0.64 }));
const rockedBack = (hand: Hand): Movement => to(stand(14, both(hand), { along: 0.24 }));

// prettier-ignore
export const ROUNDS: readonly Form[] = [
  simple({
    id: 'phase-wood-sapling', name: 'Wood: the sapling spreads', phase: 'wood', yang: true, channels: ['LR', 'GB'],
    points: ['LR14', 'GB24'], image: 'A sapling making room for itself.',
    mistake: ['stiff elbows', 'Spread from the ribs; the hands come last.'], smaller: 'Spread no wider than the elbows.',
    cycle: [
      inhale('Hands rise along the ribs.', through(stand(13, both(before('belly side', 0, 0, 3, 'body', 'in'))), stand(9, both(before('ribs', 0, 2, 2, 'body', 'up'))))),
      exhale('They spread to the sides like young branches.', to(stand(16, both(reaching(1, -0.1, 0.4, 'up', 0.92))))),
    ],
    smallerCycle: [
      inhale('Hands rise along the ribs.', through(stand(12, both(before('belly side', 0, 0, 3, 'body', 'in'))), stand(9, both(before('ribs', 0, 1, 2, 'body', 'up'))))),
      exhale('They spread as wide as the elbows.', to(stand(13, both(reaching(0.8, -0.5, 0.6, 'up', 0.72))))),
    ],
    seatedCycle: [
      inhale('Hands rise along the ribs.', through(sit(both(before('belly side', 0, 1, 3, 'body', 'in'))), sit(both(before('ribs', 0, 2, 2, 'body', 'up'))))),
      exhale('They spread to the sides like young branches.', to(sit(both(reaching(1, -0.15, 0.4, 'up', 0.9))))),
    ],
  }),
  simple({
    id: 'phase-fire-blossom', name: 'Fire: the blossom opens', phase: 'fire', yang: true, channels: ['HT', 'PC', 'SI', 'TE'],
    points: ['CV17', 'HT8'], image: 'A poppy in the first sun.', mistake: ['pushing the chest out', 'Open the back as wide as the front.'],
    smaller: 'A hand’s breadth each way.',
    cycle: [
      inhale('Palms open outward from the heart.', to(stand(8, both({ ...reaching(0.75, -0.05, 0.8, 'forward', 0.9), fingers: 'up' })))),
      exhale('The blossom folds back to the breastbone.', to(stand(15, both(before('middle dantian', 1.6, 0, 4, 'body', 'up'))))),
    ],
    smallerCycle: [
      inhale('Palms open a hand’s breadth from the heart.', to(stand(8, both(before('middle dantian', 6, 0, 8, 'forward', 'up'))))),
      exhale('The blossom folds back to the breastbone.', to(stand(13, both(before('middle dantian', 1.6, 0, 4, 'body', 'up'))))),
    ],
    seatedCycle: [
      inhale('Palms open outward from the heart.', to(sit(both({ ...reaching(0.75, -0.1, 0.8, 'forward', 0.88), fingers: 'up' })))),
      exhale('The blossom folds back to the breastbone.', to(sit(both(before('middle dantian', 1.6, 0, 4, 'body', 'up'))))),
    ],
  }),
  simple({
    id: 'phase-earth-turning-ground', name: 'Earth: the ground turns', phase: 'earth', yang: false, channels: ['SP', 'ST'],
    points: ['CV12', 'ST36'], sides: 'both-ways', footwork: 'Both feet stay planted; the weight circles a little with the hands.',
    image: 'Smoothing the soil over seeds.', mistake: ['the hands go alone', 'The navel points where the hands are.'],
    smaller: 'A plate’s width.',
    cycle: [
      inhale('Palms glide out round to the {way}.', through(stand(16, both(before('navel', 5, 1, 8, 'down', 'forward')), { weight: 0.56, trunk: { turn: 14 } }), stand(18, both(before('navel', 4, 1, 12, 'down', 'forward'))))),
      exhale('And home across the belly.', through(stand(16, both(before('navel', 4, 1, 8, 'down', 'forward')), { weight: 0.44, trunk: { turn: -14 } }), stand(14, both(ON_BELLY)))),
    ],
    smallerCycle: [
      inhale('Palms draw half a plate, round to the {way}.', to(stand(12, both(before('navel', 4, 0, 7, 'down', 'forward')), { trunk: { turn: 7 } }))),
      exhale('And home across the belly.', to(stand(12, both(ON_BELLY)))),
    ],
    seatedCycle: [
      inhale('Palms glide out round to the {way}.', through(sit(both(before('navel', 4, 4, 7, 'down', 'forward')), { trunk: { turn: 12 } }), sit(both(before('navel', 4, 4, 11, 'down', 'forward')), { trunk: { lean: 6 } }))),
      exhale('And home across the belly.', through(sit(both(before('navel', 4, 4, 7, 'down', 'forward')), { trunk: { turn: -12 } }), sit(both(ON_BELLY)))),
    ],
  }),
  simple({
    id: 'phase-metal-autumn-air', name: 'Metal: autumn air comes down', phase: 'metal', yang: false, channels: ['LU', 'LI'],
    points: ['LU1', 'LU9'], image: 'Cool, clear air settling into a valley.',
    mistake: ['collapsing the chest', 'Let go downward and stay open in front.'], smaller: 'Gather from the elbows only.',
    cycle: [
      inhale('Arms gather in from wide at the sides.', through(stand(10, both(reaching(1, -0.2, 0.3, 'forward', 0.92))), stand(8, both(before('collarbone', 1, -1, 8, 'down'))))),
      exhale('Palms descend before the chest to the hips.', through(stand(10, both(before('middle dantian', 4, 0, 7, 'down'))), stand(17, both(before('navel', 6, -3, 5, 'down', 'forward'))))),
    ],
    smallerCycle: [
      inhale('Forearms gather in, elbows by the sides.', to(stand(9, both(before('middle dantian', 6, 0, 6, 'down'))))),
      exhale('Palms descend before the chest to the hips.', to(stand(14, both(before('navel', 6, -1, 6, 'down', 'forward'))))),
    ],
    seatedCycle: [
      inhale('Arms gather in from wide at the sides.', through(sit(both(reaching(1, -0.25, 0.35, 'forward', 0.9))), sit(both(before('collarbone', 1, -2, 8, 'down'))))),
      exhale('Palms descend before the chest to the hips.', through(sit(both(before('middle dantian', 4, 0, 7, 'down'))), sit(both({ near: 'thigh', off: [1, 1, 1.6], palm: 'down' })))),
    ],
  }),
  simple({
    id: 'phase-water-well', name: 'Water: the well fills', phase: 'water', yang: false, channels: ['KI', 'BL'], points: ['KI1', 'GV4'],
    image: 'A well filling from beneath in the dark.', mistake: ['lifting the shoulders', 'The elbows go back; the shoulders stay.'],
    smaller: 'Knees quiet, hands rest at the kidneys.', view: 'three-quarter',
    cycle: [
      inhale('Palms draw up along the hips to the kidneys.', through(stand(10, both({ near: 'hip', off: [1, 0, 1] })), stand(8, both(AT_KIDNEYS)))),
      exhale('They sink, and the knees with them.', through(stand(16, both({ near: 'buttock', elbow: 'back' })), stand(30, both(reaching(0.3, -1, 0.1, 'back', 0.95)), { trunk: { lean: 6 } }))),
    ],
    smallerCycle: [
      inhale('Hands rest at the kidneys; breath draws up there.', to(stand(9, both(AT_KIDNEYS)))),
      exhale('It sinks, the knees quiet.', to(stand(12, both(AT_KIDNEYS)))),
    ],
    seatedCycle: [
      inhale('Palms draw up along the hips to the kidneys.', through(sit(both({ near: 'hip', off: [1, 1, 1] })), sit(both(AT_KIDNEYS)))),
      exhale('They sink, and the knees with them.', through(sit(both({ near: 'hip', off: [1.5, 0, 2] })), sit())),
    ],
  }),
  wave({
    id: 'wave-wood', name: 'Wood in the bow stance: reeds bend and spring', phase: 'wood', yang: true, channels: ['LR', 'GB'],
    points: ['LR14', 'GB34'], image: 'Reeds let go by a gust.',
    mistake: ['leaning over the front knee', 'Push from the back foot; the trunk stays upright.'],
    smaller: 'Feet side by side, hands to the ribs’ height.',
    cycle: [
      inhale('{Side} foot in front: sit back, hands at the ribs.', rolledBack(30, before('ribs', 0, 0, 3, 'body', 'up'))),
      exhale('Roll forward, hands rise and spread outward.', rolledForward(30, { ...reaching(0.8, -0.1, 0.8, 'out', 0.9), fingers: 'up' })),
    ],
    smallerCycle: [
      inhale('{Side} hand a little ahead: rock back, hands at the ribs.', rockedBack(before('ribs', 0, 0, 3, 'body', 'up'))),
      exhale('Rock forward, hands spread outward from the ribs.', rockedForward({ ...reaching(0.7, -0.4, 0.8, 'out', 0.84), fingers: 'up' })),
    ],
    seatedCycle: [
      inhale('{Side} hand a little ahead: rock back, hands at the ribs.', to(sit(both(before('ribs', 0, 0, 3, 'body', 'up')), { trunk: { lean: -4 } }))),
      exhale('Rock forward, hands spread outward from the ribs.', to(sit(both({ ...reaching(0.7, -0.4, 0.8, 'out', 0.84), fingers: 'up' }), { trunk: { lean: 8 } }))),
    ],
  }),
  wave({
    id: 'wave-fire', name: 'Fire in the bow stance: bellows and embers', phase: 'fire', yang: true, channels: ['HT', 'PC', 'SI', 'TE'],
    points: ['CV17', 'PC8'], image: 'Embers that brighten when the bellows open.',
    mistake: ['shoulders climb', 'Lift from the wrists, elbows heavy.'], smaller: 'Feet side by side, palms below the chin.',
    cycle: [
      inhale('{Side} foot in front: roll forward, palms lift and open.', rolledForward(30, reaching(0.4, -0.02, 1, 'up', 0.9))),
      exhale('Sit back, palms fold to the heart.', rolledBack(30, before('middle dantian', 1.6, 0, 4, 'body', 'up'))),
    ],
    smallerCycle: [
      inhale('{Side} hand a little ahead: rock forward, palms lift and open.', rockedForward(reaching(0.4, -0.06, 1, 'up', 0.84))),
      exhale('Rock back, palms fold to the heart.', rockedBack(before('middle dantian', 1.6, 0, 4, 'body', 'up'))),
    ],
    seatedCycle: [
      inhale('{Side} hand a little ahead: rock forward, palms lift and open.', to(sit(both(reaching(0.4, 0.05, 1, 'up', 0.84)), { trunk: { lean: 5 } }))),
      exhale('Rock back, palms fold to the heart.', to(sit(both(before('middle dantian', 1.6, 0, 4, 'body', 'up')), { trunk: { lean: -4 } }))),
    ],
  }),
  wave({
    id: 'wave-earth', name: 'Earth in the bow stance: raking the hay in', phase: 'earth', yang: false, channels: ['SP', 'ST'],
    points: ['CV12', 'SP21'], image: 'Hay drawn up to the feet.',
    mistake: ['bending to scoop', 'Sink with the knees; the back stays tall.'], smaller: 'Feet side by side, a small scoop.',
    cycle: [
      exhale('{Side} foot in front: roll forward, arms scoop wide.', rolledForward(30, reaching(0.9, -0.7, 0.6, 'up', 0.92), reaching(0.2, -0.6, 1, 'up', 0.88))),
      inhale('Sit back, bring it to the belly.', rolledBack(30, before('navel', 2.5, 1, 4, 'up'), ON_BELLY)),
    ],
    smallerCycle: [
      exhale('{Side} hand a little ahead: rock forward, arms scoop wide.', rockedForward(reaching(0.4, -0.55, 0.9, 'up', 0.84))),
      inhale('Rock back, bring it to the belly.', rockedBack(ON_BELLY)),
    ],
    seatedCycle: [
      exhale('{Side} hand a little ahead: rock forward, arms scoop wide.', to(sit(both(reaching(0.4, -0.55, 0.9, 'up', 0.84)), { trunk: { lean: 8 } }))),
      inhale('Rock back, bring it to the belly.', to(sit(both(ON_BELLY), { trunk: { lean: -4 } }))),
    ],
  }),
  wave({
    id: 'wave-metal', name: 'Metal in the bow stance: sand let run', phase: 'metal', yang: false, channels: ['LU', 'LI'],
    points: ['LU1', 'LI4'], image: 'Sand running from an open hand.',
    mistake: ['pushing them off', 'The weight does it; the hands only show where.'], smaller: 'Feet side by side, hands from the ribs.',
    cycle: [
      inhale('{Side} foot in front: sit back, the chest widens.', rolledBack(30, reaching(0.9, -0.15, 0.5, 'forward', 0.86))),
      exhale('Roll forward, palms glide down and away.', rolledForward(30, before('middle dantian', 3, 0, 9, 'forward', 'up'), reaching(0.2, -0.5, 1, 'down', 0.92))),
    ],
    smallerCycle: [
      inhale('{Side} hand a little ahead: rock back, the chest widens.', rockedBack(before('ribs', 1, 0, 5, 'forward', 'up'))),
      exhale('Rock forward, palms glide down and away.', rockedForward(reaching(0.2, -0.55, 1, 'down', 0.86))),
    ],
    seatedCycle: [
      inhale('{Side} hand a little ahead: rock back, the chest widens.', to(sit(both(before('ribs', 1, 0, 5, 'forward', 'up')), { trunk: { lean: -4 } }))),
      exhale('Rock forward, palms glide down and away.', to(sit(both(reaching(0.2, -0.55, 1, 'down', 0.86)), { trunk: { lean: 8 } }))),
    ],
  }),
  wave({
    id: 'wave-water', name: 'Water in the bow stance: tide on the slipway', phase: 'water', yang: false, channels: ['KI', 'BL'],
    points: ['KI1', 'BL23'], image: 'Water climbing the slipway and drawing back.',
    mistake: ['falling back on the heel', 'Fold the hip and sit; the back stays long.'], smaller: 'Feet side by side, from toes to heels.',
    cycle: [
      inhale('{Side} foot in front: roll forward, wrists float up.', rolledForward(20, reaching(0.1, -0.1, 1, 'down', 0.9))),
      exhale('Sit back and sink, palms press down behind.', rolledBack(61, before('navel', 5, 0, 6, 'down', 'forward'), reaching(0.35, -1, -0.15, 'back', 0.94))),
    ],
    smallerCycle: [
      inhale('{Side} hand a little ahead: rock forward, wrists float up.', rockedForward(reaching(0.1, -0.3, 1, 'down', 0.84))),
      exhale('Rock back and sink, palms press down behind.', rockedBack(reaching(0.35, -0.75, 0.35, 'down', 0.76))),
    ],
    seatedCycle: [
      inhale('{Side} hand a little ahead: rock forward, wrists float up.', to(sit(both(reaching(0.1, -0.3, 1, 'down', 0.84)), { trunk: { lean: 8 } }))),
      exhale('Rock back and sink, palms press down behind.', to(sit(both(reaching(0.35, -0.75, 0.35, 'down', 0.76)), { trunk: { lean: -4 } }))),
    ],
  }),
];
