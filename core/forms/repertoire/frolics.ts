import { breatheIn, breatheOut, along, defineForm, FEW } from '../define';

const FROLIC = { least: 1, usual: 3, most: 6, multipleOf: 1 } as const;

/** The second form of each animal. Phase and organ follow the school chosen in Customs. */
// prettier-ignore
export const FROLICS = [
  defineForm({
    id: 'animal-tiger-pounce', name: 'Tiger pounces', pinyin: 'Hǔ Pū', hanzi: '虎撲', source: 'five-animals-standard', family: 'animal', roles: ['nourish'], actions: ['moves', 'nourishes'], polarity: 'yang', animal: 'tiger',
    channels: along('stretch', 'BL', 'GV', 'LR'), points: ['BL40', 'GV4'], pace: 'animal', level: 3, setupSec: { known: 6, taught: 28 },
    cycle: [breatheIn('Claws lift along the body, the spine opens.'), breatheOut('Reach out long, hips sink back.'), breatheIn('Draw the claws home along the thighs, rise.'), breatheOut('Pounce down softly, claws before the knees.')], repetitions: FROLIC, loosens: ['spine', 'hips'],
    images: ['A tiger stretching after sleep, then sure of its prey.'], mistakes: [{ mistake: 'diving with the head', mend: 'Crown and tail lengthen away from each other.' }, { mistake: 'straight knees', mend: 'Sit back as the claws go out.' }], cautions: ['Rise slowly from the fold, head last.'],
    parts: [{ part: 'the claw and its release', watch: 'the fingers close with the draw and open with the reach' }, { part: 'the long reach from the hips', watch: 'the knees bend as the hands go out' }, { part: 'the wave of the spine back to standing', watch: 'pelvis first, head last' }, { part: 'the soft pounce', watch: 'the eyes stay up, nobody lands hard' }],
    smaller: { change: 'Reach to the height of the hips, no pounce.', cycle: [breatheIn('Claws lift along the body.'), breatheOut('Reach out, hips sink back; return.')] }, seated: { change: 'Reach from the chair.', cycle: [breatheIn('Claws lift along the ribs.'), breatheOut('Reach out long from the hips; return.')] },
  }),
  defineForm({
    id: 'animal-deer-run', name: 'Deer runs', pinyin: 'Lù Bēn', hanzi: '鹿奔', source: 'five-animals-standard', family: 'animal', roles: ['nourish'], actions: ['moves', 'nourishes'], animal: 'deer',
    channels: along('stretch', 'GV', 'BL', 'KI'), points: ['GV4', 'GV14'], sides: 'one-then-other', pace: 'animal', level: 3, stance: { start: 'bow', end: 'shoulder width' }, footwork: 'One foot forward; the weight rolls forward and sits back.', setupSec: { known: 6, taught: 28 },
    cycle: [breatheIn('{Side} foot in front: roll forward, soft fists reach.'), breatheOut('Sit back, round the back, antlers forward.')], repetitions: FROLIC,
    images: ['A deer gathering itself before the stream.'], mistakes: [{ mistake: 'only the neck rounds', mend: 'The whole back is one bow, tail to crown.' }], parts: [{ part: 'rolling forward and back', watch: 'the front knee stops over the foot' }, { part: 'the bow of the back, hands quiet', watch: 'the tail tucks as the crown bows' }, { part: 'fists and antlers', watch: 'the hands change shape in the middle of the way' }, { part: 'all with the breath', watch: 'the breath leads; shorten the way rather than the breath' }],
    smaller: { change: 'Feet side by side; round and open the back.', stance: { start: 'shoulder width', end: 'shoulder width' }, cycle: [breatheIn('Soft fists reach forward.'), breatheOut('Round the back, antlers forward, {side} a little ahead.')] }, seated: { change: 'Round and open from the chair.', cycle: [breatheIn('Soft fists reach forward.'), breatheOut('Round the back, antlers forward, {side} a little ahead.')] },
  }),
  defineForm({
    id: 'animal-bear-sway', name: 'Bear sways', pinyin: 'Xióng Huàng', hanzi: '熊晃', source: 'five-animals-standard', family: 'animal', roles: ['nourish'], actions: ['moves', 'nourishes'], animal: 'bear',
    channels: along('stretch', 'SP', 'LR', 'GB'), points: ['SP15', 'LR13'], sides: 'one-then-other', pace: 'animal', level: 2, stance: { start: 'bow', end: 'shoulder width' }, footwork: 'One foot forward; the weight rolls forward and back.', setupSec: { known: 6, taught: 26 },
    cycle: [breatheOut('{Side} foot in front: sink onto it, that shoulder swings forward.'), breatheIn('Rock back, the other shoulder swings.')], repetitions: FROLIC, loosens: ['hips', 'spine'],
    images: ['A bear walking home, in no hurry.'], mistakes: [{ mistake: 'stamping', mend: 'The hip is lifted; the foot only follows.' }], parts: [{ part: 'lifting the hip', watch: 'the leg hangs from it, the foot is not pulled' }, { part: 'the rock forward and back', watch: 'both soles stay down' }, { part: 'the shoulders against the hips', watch: 'the trunk winds, the arms only hang' }],
    smaller: { change: 'Feet side by side, rocking left and right.', stance: { start: 'shoulder width', end: 'shoulder width' }, cycle: [breatheOut('Weight to the {side}, that shoulder swings forward.'), breatheIn('Come back to the middle.')] }, seated: { change: 'Rock over the sitting bones.', cycle: [breatheOut('Rock to the {side}, that shoulder swings forward.'), breatheIn('Come back to the middle.')] },
  }),
  defineForm({
    id: 'animal-monkey-pick', name: 'Monkey picks fruit', pinyin: 'Yuán Zhāi', hanzi: '猿摘', source: 'five-animals-standard', family: 'animal', roles: ['nourish'], actions: ['moves', 'nourishes'], polarity: 'yang', animal: 'monkey',
    channels: along('stretch', 'HT', 'PC', 'SI'), points: ['PC8', 'HT7'], sides: 'alternating', pace: 'animal', level: 3, footwork: 'The weight moves to the reaching side; the other heel may lift.', setupSec: { known: 6, taught: 30 },
    cycle: [breatheIn('Look up to the {side}; the palm shades the eyes.'), breatheOut('Sink and gather in the legs.'), breatheIn('Weight to the {side}, reach up and pick.'), breatheOut('Bring the fruit home, palm beneath.')], repetitions: FROLIC,
    images: ['A ripe peach, just out of reach.'], mistakes: [{ mistake: 'grabbing', mend: 'See first, then reach, then close the hook.' }], parts: [{ part: 'looking and shading', watch: 'the eyes arrive before the hand' }, { part: 'the reach, feet flat', watch: 'the weight is on the reaching side first' }, { part: 'the hook that picks', watch: 'it closes only at the end' }, { part: 'bringing it home', watch: 'the fruit comes down before the heel does' }],
    smaller: { change: 'Pick at the height of the shoulder.', cycle: [breatheIn('Look to the {side}, reach and pick.'), breatheOut('Bring the fruit home, palm beneath.')] }, seated: { change: 'Pick before the shoulder, from the chair.', cycle: [breatheIn('Look to the {side}, reach and pick.'), breatheOut('Bring the fruit home, palm beneath.')] },
  }),
  defineForm({
    id: 'animal-bird-fly', name: 'Bird flies', pinyin: 'Niǎo Fēi', hanzi: '鳥飛', source: 'five-animals-standard', family: 'animal', roles: ['nourish'], actions: ['moves', 'nourishes'], animal: 'bird',
    channels: along('stretch', 'LU', 'LI', 'HT'), points: ['LU1', 'LI15'], sides: 'alternating', pace: 'animal', level: 3, footwork: 'The weight goes to one leg; the other foot floats up.', setupSec: { known: 6, taught: 28 },
    cycle: [breatheIn('Wings lift sideways, the {side} knee floats up.'), breatheOut('Wings and foot come down together.')], repetitions: FEW,
    images: ['A crane testing the wind.'], mistakes: [{ mistake: 'wobbling', mend: 'Fix the gaze on one still thing; keep the toes down if need be.' }], cautions: ['Fix the gaze; a chair within reach.'], parts: [{ part: 'the wings alone', watch: 'the elbows rise before the hands' }, { part: 'the knee, fingertips on a chair', watch: 'the standing hip does not sink' }, { part: 'both, with the breath', watch: 'the toes touch down before the weight does' }],
    smaller: { change: 'Toes stay on the floor; wings to the ribs.', cycle: [breatheIn('Wings lift sideways, the {side} heel rises.'), breatheOut('Wings and heel come down together.')] }, seated: { change: 'Wings to the ribs, one heel at a time.', cycle: [breatheIn('Wings lift sideways, the {side} heel rises.'), breatheOut('Wings and heel come down together.')] },
  }),
] as const;
