import type { ChannelId, PointCode } from '../../channels';
import { organsOf, type OrganId, type PhaseId } from '../../phases';
import { along, breatheIn, breatheOut, defineForm, FLOWING_COUNT } from '../define';
import type { Form, Stroke } from '../model';

interface RoundText {
  readonly id: string;
  readonly name: string;
  readonly phase: PhaseId;
  readonly channels: readonly ChannelId[];
  readonly points: readonly PointCode[];
  readonly cycle: readonly [Stroke, Stroke];
  readonly image: string;
  readonly mistake: readonly [string, string];
  readonly smaller: string;
  /** The words of the smaller way, where they are not made from the full ones. */
  readonly smallerCycle?: readonly [Stroke, Stroke];
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
  ...(text.footwork ? { footwork: text.footwork } : {}),
  images: [text.image], mistakes: [{ mistake: text.mistake[0], mend: text.mistake[1] }], smaller: { change: text.smaller, ...(text.smallerCycle ? { cycle: [...text.smallerCycle] } : {}) }, seated: { change: 'The same from the chair.' },
});

/** A leaning form a phase: one foot forward, the weight rolling, the hands in the phase's own direction. */
// prettier-ignore
const wave = (text: RoundText): Form => defineForm({
  id: text.id, name: text.name, family: 'flowing pair', roles: ['nourish'], actions: ['nourishes', 'moves'], polarity: text.yang ? 'yang' : 'even', phases: [text.phase], organs: [...organsIn(text.phase)],
  channels: along('stretch', ...text.channels), points: [...text.points], sides: 'one-then-other', pace: 'wave', stance: { start: 'bow', end: 'shoulder width' }, footwork: text.footwork ?? 'One foot forward; the weight rolls forward and back.',
  cycle: [...text.cycle], repetitions: { least: 2, usual: 4, most: 12, multipleOf: 1 }, setupSec: { known: 6, taught: 20 },
  images: [text.image], mistakes: [{ mistake: text.mistake[0], mend: text.mistake[1] }],
  smaller: { change: text.smaller, stance: { start: 'shoulder width', end: 'shoulder width' }, cycle: text.cycle.map((stroke) => ({ ...stroke, cue: flat(stroke.cue) })) },
  seated: { change: 'Rock from the sitting bones.', cycle: text.cycle.map((stroke) => ({ ...stroke, cue: flat(stroke.cue) })) },
});

/** The cue of a wave for feet side by side, where no foot is in front. */
const flat = (cue: string): string =>
  cue
    .replace('{Side} foot in front: roll', '{Side} hand a little ahead: rock')
    .replace('{Side} foot in front: sit', '{Side} hand a little ahead: rock')
    .replace('Sit back', 'Rock back')
    .replace('Roll forward', 'Rock forward');

// prettier-ignore
export const ROUNDS: readonly Form[] = [
  simple({ id: 'phase-wood-sapling', name: 'Wood: the sapling spreads', phase: 'wood', yang: true, channels: ['LR', 'GB'], points: ['LR14', 'GB24'], cycle: [breatheIn('Hands rise along the ribs.'), breatheOut('They spread to the sides like young branches.')], image: 'A sapling making room for itself.', mistake: ['stiff elbows', 'Spread from the ribs; the hands come last.'], smaller: 'Spread no wider than the elbows.', smallerCycle: [breatheIn('Hands rise along the ribs.'), breatheOut('They spread as wide as the elbows.')] }),
  simple({ id: 'phase-fire-blossom', name: 'Fire: the blossom opens', phase: 'fire', yang: true, channels: ['HT', 'PC', 'SI', 'TE'], points: ['CV17', 'HT8'], cycle: [breatheIn('Palms open outward from the heart.'), breatheOut('The blossom folds back to the breastbone.')], image: 'A poppy in the first sun.', mistake: ['pushing the chest out', 'Open the back as wide as the front.'], smaller: 'A hand’s breadth each way.', smallerCycle: [breatheIn('Palms open a hand’s breadth from the heart.'), breatheOut('The blossom folds back to the breastbone.')] }),
  simple({ id: 'phase-earth-turning-ground', name: 'Earth: the ground turns', phase: 'earth', yang: false, channels: ['SP', 'ST'], points: ['CV12', 'ST36'], sides: 'both-ways', footwork: 'Both feet stay planted; the weight circles a little with the hands.', cycle: [breatheIn('Palms glide out round to the {way}.'), breatheOut('And home across the belly.')], image: 'Smoothing the soil over seeds.', mistake: ['the hands go alone', 'The navel points where the hands are.'], smaller: 'A plate’s width.', smallerCycle: [breatheIn('Palms draw half a plate, round to the {way}.'), breatheOut('And home across the belly.')] }),
  simple({ id: 'phase-metal-autumn-air', name: 'Metal: autumn air comes down', phase: 'metal', yang: false, channels: ['LU', 'LI'], points: ['LU1', 'LU9'], cycle: [breatheIn('Arms gather in from wide at the sides.'), breatheOut('Palms descend before the chest to the hips.')], image: 'Cool, clear air settling into a valley.', mistake: ['collapsing the chest', 'Let go downward and stay open in front.'], smaller: 'Gather from the elbows only.', smallerCycle: [breatheIn('Forearms gather in, elbows by the sides.'), breatheOut('Palms descend before the chest to the hips.')] }),
  simple({ id: 'phase-water-well', name: 'Water: the well fills', phase: 'water', yang: false, channels: ['KI', 'BL'], points: ['KI1', 'GV4'], cycle: [breatheIn('Palms draw up along the hips to the kidneys.'), breatheOut('They sink, and the knees with them.')], image: 'A well filling from beneath in the dark.', mistake: ['lifting the shoulders', 'The elbows go back; the shoulders stay.'], smaller: 'Knees quiet, hands rest at the kidneys.', smallerCycle: [breatheIn('Hands rest at the kidneys; breath draws up there.'), breatheOut('It sinks, the knees quiet.')] }),
  wave({ id: 'wave-wood', name: 'Wood in the bow stance: reeds bend and spring', phase: 'wood', yang: true, channels: ['LR', 'GB'], points: ['LR14', 'GB34'], cycle: [breatheIn('{Side} foot in front: sit back, hands at the ribs.'), breatheOut('Roll forward, hands rise and spread outward.')], image: 'Reeds let go by a gust.', mistake: ['leaning over the front knee', 'Push from the back foot; the trunk stays upright.'], smaller: 'Feet side by side, hands to the ribs’ height.' }),
  wave({ id: 'wave-fire', name: 'Fire in the bow stance: bellows and embers', phase: 'fire', yang: true, channels: ['HT', 'PC', 'SI', 'TE'], points: ['CV17', 'PC8'], cycle: [breatheIn('{Side} foot in front: roll forward, palms lift and open.'), breatheOut('Sit back, palms fold to the heart.')], image: 'Embers that brighten when the bellows open.', mistake: ['shoulders climb', 'Lift from the wrists, elbows heavy.'], smaller: 'Feet side by side, palms below the chin.' }),
  wave({ id: 'wave-earth', name: 'Earth in the bow stance: raking the hay in', phase: 'earth', yang: false, channels: ['SP', 'ST'], points: ['CV12', 'SP21'], cycle: [breatheOut('{Side} foot in front: roll forward, arms scoop wide.'), breatheIn('Sit back, bring it to the belly.')], image: 'Hay drawn up to the feet.', mistake: ['bending to scoop', 'Sink with the knees; the back stays tall.'], smaller: 'Feet side by side, a small scoop.' }),
  wave({ id: 'wave-metal', name: 'Metal in the bow stance: sand let run', phase: 'metal', yang: false, channels: ['LU', 'LI'], points: ['LU1', 'LI4'], cycle: [breatheIn('{Side} foot in front: sit back, the chest widens.'), breatheOut('Roll forward, palms glide down and away.')], image: 'Sand running from an open hand.', mistake: ['pushing them off', 'The weight does it; the hands only show where.'], smaller: 'Feet side by side, hands from the ribs.' }),
  wave({ id: 'wave-water', name: 'Water in the bow stance: tide on the slipway', phase: 'water', yang: false, channels: ['KI', 'BL'], points: ['KI1', 'BL23'], cycle: [breatheIn('{Side} foot in front: roll forward, wrists float up.'), breatheOut('Sit back and sink, palms press down behind.')], image: 'Water climbing the slipway and drawing back.', mistake: ['falling back on the heel', 'Fold the hip and sit; the back stays long.'], smaller: 'Feet side by side, from toes to heels.' }),
];
