import type { Posture } from '../../body';
import type { Form, Stroke } from '../model/model';
import { along, defineForm, type FormOfKind, INNER_COUNT } from '../writing/define';
import {
  AT_KIDNEYS,
  before,
  both,
  each,
  HANGING,
  ON_BELLY,
  ON_RIBS,
  ON_THIGHS,
  sit,
  STACKED,
  stand,
  THIGHS_PALMS_UP,
} from '../writing/postures';
import { exhale, inhale, to } from '../writing/strokes';

type Hands = NonNullable<Posture['hands']>;
const inner = (text: FormOfKind): Form =>
  defineForm({
    roles: ['nourish'],
    family: 'inner breathing',
    actions: ['nourishes', 'calms'],
    polarity: 'yin',
    pace: 'inner',
    repetitions: INNER_COUNT,
    setupSec: { known: 8, taught: 25 },
    level: 2,
    ...text,
  });

/** Breaths in which the hands stay, or go from place to place, and the body only grows and sinks a little. */
function breaths(rows: readonly (readonly [hands: Hands, inward: string, outward: string])[]): Stroke[] {
  return rows.flatMap(([hands, inward, outward]) => [
    inhale(inward, to(stand(8, hands, { head: { nod: -2 } }))),
    exhale(outward, to(stand(13, hands, { head: { nod: 3 } }))),
  ]);
}
function chairBreaths(rows: readonly (readonly [hands: Hands, inward: string, outward: string])[]): Stroke[] {
  return rows.flatMap(([hands, inward, outward]) => [
    inhale(inward, to(sit(hands, { head: { nod: -2 } }))),
    exhale(outward, to(sit(hands, { head: { nod: 3 } }))),
  ]);
}
const onHeart: Hands = both({ near: 'middle dantian', off: [1, 0, 0], fingers: 'in', elbow: 'out' });
const quietParts = (first: string, second: string): Form['parts'] => [
  { part: first, watch: 'the breath stays one’s own' },
  { part: second, watch: 'nothing is forced to be seen' },
];

/** Inner work: attention, breath and image. Common practice, the orbit and the gates from memory. */
// prettier-ignore
export const INNER_WORK = [
  inner({
    id: 'smile-five-organs', name: 'A smile through the five organs', roles: ['nourish', 'still', 'arrive'], phases: ['metal', 'water', 'wood', 'fire', 'earth'], organs: ['lung', 'kidney', 'liver', 'heart', 'spleen'], channels: along('attend', 'LU', 'KI', 'LR', 'HT', 'SP'), points: ['CV17', 'CV6'], asks: { inwardImagery: true }, pace: 'flowing', repetitions: { least: 1, usual: 1, most: 3, multipleOf: 1 },
    images: ['Going through the house at evening and greeting each who lives there.'], mistakes: [{ mistake: 'smiling with the teeth', mend: 'The corners of the eyes are enough.' }], parts: quietParts('the eyes smile', 'each organ, one breath'), exceptions: { time: 'Five organs, five breaths, one round.', breath: 'The hands only change their place between breaths.' },
    cycle: breaths([
      [onHeart, 'A smile in the eyes comes down to the lungs.', 'White and wide.'],
      [both(AT_KIDNEYS), 'To the kidneys, behind.', 'They rest, dark and warm.'],
      [both(ON_RIBS), 'To the liver, under the right ribs.', 'It eases, green and kind.'],
      [onHeart, 'To the heart.', 'It opens, red and quiet.'],
      [both(ON_BELLY), 'To the spleen and the whole middle.', 'It settles, yellow and even.'],
    ]),
    smaller: { change: 'Only one smile, to the middle of the body.', asks: { inwardImagery: false }, cycle: breaths([[both(ON_BELLY), 'A smile in the eyes; breathe in.', 'Let it sink to the belly.']]) },
    seated: { change: 'From the chair.', cycle: chairBreaths([[onHeart, 'Seated: a smile comes down to the lungs.', 'Wide.'], [both(AT_KIDNEYS), 'To the kidneys, behind.', 'They rest.'], [both(ON_RIBS), 'To the liver, under the right ribs.', 'It eases.'], [onHeart, 'To the heart.', 'It opens.'], [both(ON_BELLY), 'To the spleen.', 'It settles.']]) },
  }),
  ...(([
    ['wood', 'liver', 'green', both(ON_RIBS), 'LR', 'LR14', 'The first green on a hedge, seen from far.', 'under the ribs'],
    ['fire', 'heart', 'red', onHeart, 'HT', 'CV17', 'Embers that glow when the door is opened.', 'in the chest'],
    ['earth', 'spleen', 'yellow', both(ON_BELLY), 'SP', 'CV12', 'A field of stubble in low sun.', 'in the belly'],
    ['metal', 'lung', 'white', onHeart, 'LU', 'LU1', 'Breath on a cold pane.', 'in the chest'],
    ['water', 'kidney', 'deep blue', both(AT_KIDNEYS), 'KI', 'KI3', 'A lake at night, without wind.', 'behind the waist'],
  ] as const).map(([phase, organ, colour, hands, channel, point, image, place]) => inner({
    id: `colour-of-${phase}`, name: `The colour of ${phase}, breathed to the ${organ[0]?.toUpperCase()}${organ.slice(1)}`, roles: ['nourish', 'still'], phases: [phase], organs: [organ], channels: along('attend', channel), points: [point, 'CV6'], asks: { inwardImagery: true },
    images: [image], mistakes: [{ mistake: 'searching for a bright picture', mend: 'A thought of it is enough; some feel it as warmth.' }], parts: quietParts('hands on the organ', 'the colour comes by itself'), view: organ === 'kidney' ? 'back' : 'front',
    cycle: breaths([[hands, `A ${colour} mist comes in and gathers ${place}.`, 'It soaks in there, and stays.']]),
    smaller: { change: 'Only the warmth of the hands.', asks: { inwardImagery: false }, cycle: breaths([[hands, `Hands ${place}: breathe under them.`, 'Let the warmth soak in.']]) },
    seated: { change: 'From the chair.', cycle: chairBreaths([[hands, `Seated: a ${colour} mist gathers ${place}.`, 'It soaks in, and stays.']]) },
  }))),
  inner({
    id: 'orbit-stations-warmed', name: 'The stations of the orbit warmed', roles: ['nourish', 'balance'], phases: ['water', 'fire'], organs: ['kidney', 'heart'], channels: along('attend', 'CV', 'GV'), points: ['CV6', 'GV4', 'GV14', 'EX-HN3', 'CV17'], asks: { inwardImagery: true }, pace: 'flowing', repetitions: { least: 1, usual: 1, most: 3, multipleOf: 1 }, view: 'side',
    images: ['Lighting the lamps along a quiet road, one by one.'], mistakes: [{ mistake: 'hurrying to the next lamp', mend: 'Stay until the last one is warm.' }], parts: quietParts('belly and life gate', 'then neck, brow and chest'), cautions: ['Always end in the lower belly.'], exceptions: { time: 'Five stations, one round.', breath: 'The hands only change their place between breaths.' },
    cycle: breaths([
      [both(ON_BELLY), 'Below the navel: breathe there.', 'Warm.'],
      [both(AT_KIDNEYS), 'The life gate, behind.', 'Warm.'],
      [both(HANGING), 'Between the shoulders and the crown.', 'Light, not hot.'],
      [onHeart, 'Down to the middle of the chest.', 'Wide.'],
      [both(ON_BELLY), 'Home below the navel.', 'Rest there.'],
    ]),
    smaller: { change: 'Only belly and life gate.', asks: { inwardImagery: false }, cycle: breaths([[both(ON_BELLY), 'Hands on the belly: breathe there.', 'Warm.'], [both(AT_KIDNEYS), 'Hands behind: breathe there.', 'Warm.']]) },
    seated: { change: 'From the front of the chair.', cycle: chairBreaths([[both(ON_BELLY), 'Seated: below the navel, breathe there.', 'Warm.'], [both(AT_KIDNEYS), 'The life gate, behind.', 'Warm.'], [onHeart, 'Down to the middle of the chest.', 'Wide.'], [both(ON_BELLY), 'Home below the navel.', 'Rest there.']]) },
  }),
  inner({
    id: 'great-orbit', name: 'The great orbit', pinyin: 'Dà Zhōu Tiān', hanzi: '大周天', source: 'heritage-from-memory', roles: ['balance', 'nourish'], phases: ['water', 'fire', 'earth'], organs: ['kidney', 'heart'], channels: along('attend', 'CV', 'GV', 'KI', 'BL'), points: ['KI1', 'GV4', 'GV20', 'CV6'], asks: { inwardImagery: true }, level: 3, pace: 'flowing', repetitions: { least: 2, usual: 4, most: 9, multipleOf: 1 }, view: 'side',
    images: ['Rain, river, sea and cloud.'], mistakes: [{ mistake: 'beginning here', mend: 'The small orbit first, for months.' }], parts: [{ part: 'the small orbit', watch: 'it ends in the belly' }, { part: 'down the legs to the soles', watch: 'on the exhale' }, { part: 'up the legs to the tail', watch: 'on the inhale, without strain' }], cautions: ['Always end in the lower belly.'],
    cycle: [inhale('From the soles up the legs and back to the crown.', to(stand(8, STACKED, { head: { nod: -3 } }))), exhale('Down the front, down the legs, to the soles.', to(stand(15, STACKED, { head: { nod: 3 } })))],
    smaller: { change: 'Only from the soles to the belly and back.', asks: { inwardImagery: false }, cycle: breaths([[both(ON_BELLY), 'Breathe in from below, to the belly.', 'Breathe out, down to the soles.']]) },
    seated: { change: 'From the chair.', cycle: chairBreaths([[STACKED, 'Seated: from the soles up the back to the crown.', 'Down the front, and down to the soles.']]) },
  }),
  inner({
    id: 'belt-vessel', name: 'Breath round the belt', pinyin: 'Dài Mài', hanzi: '帶脈', source: 'heritage-from-memory', roles: ['nourish', 'balance'], phases: ['earth', 'wood'], organs: ['spleen', 'gallbladder'], channels: along('attend', 'GB'), points: ['GB26', 'GV4', 'CV6'], asks: { inwardImagery: true }, sides: 'both-ways', ways: ['to the left', 'to the right'], images: ['A sash wound and unwound.'], mistakes: [{ mistake: 'tightening the waist', mend: 'It is drawn, not buckled.' }], parts: quietParts('before and behind', 'all the way round'), view: 'three-quarter',
    cycle: breaths([[each({ near: 'lower dantian', fingers: 'in' }, { near: 'kidneys', off: [-1, 0, 0.3], palm: 'body', fingers: 'in', elbow: 'back' }), 'Round {way} from the navel to the back.', 'And round the other side, home.']]),
    smaller: { change: 'Only front and back.', asks: { inwardImagery: false }, cycle: breaths([[both(ON_BELLY), 'The front of the belt fills, {way} and everywhere.', 'It settles.']]) },
    seated: { change: 'From the chair.', cycle: chairBreaths([[both(ON_BELLY), 'Seated: round {way} from the navel to the back.', 'And round the other side, home.']]) },
  }),
  inner({
    id: 'thrusting-vessel', name: 'Breath through the middle', pinyin: 'Chōng Mài', hanzi: '衝脈', source: 'heritage-from-memory', roles: ['nourish', 'balance', 'still'], phases: ['water', 'fire'], organs: ['kidney', 'heart'], channels: along('attend', 'CV', 'KI'), points: ['GV20', 'CV17', 'CV6'], asks: { inwardImagery: true }, images: ['A plumb line hung through a tower.'], mistakes: [{ mistake: 'pushing from below', mend: 'Let it hang first; then it rises.' }], parts: quietParts('crown and seat in one line', 'the breath along it'),
    cycle: breaths([[STACKED, 'Up the middle, from the floor of the belly to the crown.', 'Down the middle, and home.']]),
    smaller: { change: 'Only belly to chest.', asks: { inwardImagery: false }, cycle: breaths([[each({ near: 'middle dantian', fingers: 'in' }, { near: 'lower dantian', fingers: 'in' }), 'A hand on chest, a hand on belly: breathe between.', 'And settle.']]) },
    seated: { change: 'From the chair.', cycle: chairBreaths([[STACKED, 'Seated: up the middle to the crown.', 'Down the middle, and home.']]) },
  }),
  inner({
    id: 'bone-breathing', name: 'Breathing into the bones', roles: ['nourish', 'still'], phases: ['water'], organs: ['kidney'], channels: along('attend', 'KI', 'BL'), points: ['KI3', 'GV4'], asks: { inwardImagery: true }, images: ['Winter sun on an old wall; it warms from outside in.'], mistakes: [{ mistake: 'tensing the limb that is meant', mend: 'Softer, and the bone is nearer.' }], parts: quietParts('one hand’s bones', 'then arm, leg and spine'),
    cycle: breaths([[both(HANGING), 'Through skin and flesh, into the long bones.', 'It is pressed in there, lightly, and kept.']]),
    smaller: { change: 'Only the weight of the bones.', asks: { inwardImagery: false }, cycle: breaths([[both(HANGING), 'Feel the arms hang from their bones.', 'Feel the legs carry.']]) },
    seated: { change: 'From the chair.', cycle: chairBreaths([[both(THIGHS_PALMS_UP), 'Seated: in through skin and flesh, to the bones.', 'Kept there.']]) },
  }),
  inner({
    id: 'turtle-breath', name: 'Turtle breath', pinyin: 'Guī Xī', hanzi: '龜息', source: 'heritage-from-memory', roles: ['still', 'nourish'], phases: ['water', 'metal'], organs: ['kidney', 'lung'], channels: along('attend', 'CV', 'KI'), points: ['CV6'], manner: 'natural', repetitions: { least: 4, usual: 10, most: 60, multipleOf: 1 }, images: ['Something that breathes slowly while the snow lies.'], mistakes: [{ mistake: 'making it slow', mend: 'Only make it small; slowness comes by itself.' }], parts: quietParts('the breath grows small', 'a down feather would not stir'),
    cycle: breaths([[both(ON_BELLY), 'In, so small that no one hears.', 'Out, smaller.']]),
    smaller: { change: 'The ordinary breath, watched.', cycle: breaths([[both(HANGING), 'The breath as it comes.', 'The breath as it goes.']]) },
    seated: { change: 'From the chair.', cycle: chairBreaths([[both(ON_BELLY), 'From the chair: in, so small that no one hears.', 'Out, smaller.']]) },
  }),
  inner({
    id: 'counting-the-breath', name: 'Counting the breath', pinyin: 'Shǔ Xī', hanzi: '數息', source: 'six-gates', roles: ['still', 'arrive', 'nourish'], phases: ['metal', 'earth'], organs: ['lung', 'spleen'], channels: along('attend', 'LU', 'CV'), points: ['CV6'], level: 1, manner: 'natural', repetitions: { least: 9, usual: 10, most: 90, multipleOf: 1 }, images: ['Stepping stones, each only as far as the next.'], mistakes: [{ mistake: 'cross at losing count', mend: 'Begin again at one; that is the exercise.' }],
    cycle: breaths([[both(ON_BELLY), 'In.', 'Out, and count it: one to ten.']]),
    smaller: { change: 'Counting to five.', cycle: breaths([[both(HANGING), 'In, hands hanging.', 'Out, and count it: one to five.']]) },
    seated: { change: 'From the chair.', cycle: chairBreaths([[both(ON_THIGHS), 'Hands on the thighs: in.', 'Out, and count it: one to ten.']]) },
  }),
  inner({
    id: 'following-the-breath', name: 'Following the breath', pinyin: 'Suí Xī', hanzi: '隨息', source: 'six-gates', roles: ['still', 'arrive', 'nourish'], phases: ['metal'], organs: ['lung'], channels: along('attend', 'LU', 'CV'), points: ['CV6', 'LU1'], level: 1, manner: 'natural', repetitions: { least: 6, usual: 10, most: 90, multipleOf: 1 }, images: ['Walking behind a cow that knows the way.'], mistakes: [{ mistake: 'leading it after all', mend: 'A step behind; it is allowed to be crooked.' }],
    cycle: breaths([[both(ON_BELLY), 'Go along as it comes in, all the way down.', 'Go along as it leaves.']]),
    smaller: { change: 'Only at the nostrils.', cycle: breaths([[both(HANGING), 'Cool at the nostrils.', 'Warm at the nostrils.']]) },
    seated: { change: 'From the chair.', cycle: chairBreaths([[both(ON_THIGHS), 'Seated, go along as it comes in.', 'Go along as it leaves.']]) },
  }),
  inner({
    id: 'resting-in-the-breath', name: 'Coming to rest in the breath', pinyin: 'Zhǐ', hanzi: '止', source: 'six-gates', roles: ['still'], phases: ['earth', 'water'], organs: ['spleen', 'kidney'], channels: along('attend', 'CV'), points: ['CV6'], manner: 'natural', repetitions: { least: 6, usual: 15, most: 90, multipleOf: 1 }, images: ['A leaf that has come to the bottom of the pool.'], mistakes: [{ mistake: 'nodding off', mend: 'Lift the crown by a hair.' }], parts: quietParts('count a while, follow a while', 'then leave both'),
    cycle: breaths([[both(ON_BELLY), 'Leave counting and following. Stay below the navel.', 'Stay.']]),
    smaller: { change: 'Following only.', cycle: breaths([[both(HANGING), 'Go along with the breath.', 'Go along.']]) },
    seated: { change: 'From the chair.', cycle: chairBreaths([[STACKED, 'Seated: leave counting. Stay below the navel.', 'Stay.']]) },
  }),
  inner({
    id: 'guarding-the-one', name: 'Guarding the one', pinyin: 'Shǒu Yī', hanzi: '守一', source: 'heritage-from-memory', roles: ['still', 'nourish'], phases: ['water', 'earth'], organs: ['kidney', 'spleen'], channels: along('attend', 'CV'), points: ['CV6'], asks: { inwardImagery: true }, manner: 'natural', repetitions: { least: 6, usual: 15, most: 90, multipleOf: 1 }, images: ['A hen on one egg.'], mistakes: [{ mistake: 'staring inward', mend: 'Half there, half not; warm, not bright.' }], parts: quietParts('one place', 'and nothing else needs doing'), cautions: ['Ended by opening the eyes and rubbing the hands.'],
    cycle: breaths([[STACKED, 'One place, below and behind the navel.', 'Half there, half not.']]),
    smaller: { change: 'Only feeling the hands.', asks: { inwardImagery: false }, cycle: breaths([[STACKED, 'Feel the hands on the belly.', 'And the belly under them.']]) },
    seated: { change: 'From the chair.', cycle: chairBreaths([[STACKED, 'Seated: one place, below and behind the navel.', 'Half there, half not.']]) },
  }),
  inner({
    id: 'sitting-and-forgetting', name: 'Sitting and forgetting', pinyin: 'Zuò Wàng', hanzi: '坐忘', source: 'heritage-from-memory', roles: ['still'], phases: ['water', 'fire'], organs: ['heart', 'kidney'], channels: along('attend', 'CV'), points: ['CV6'], manner: 'natural', stance: { start: 'cross-legged', end: 'cross-legged' }, footwork: 'Sitting with crossed legs, or on a chair.', repetitions: { least: 8, usual: 20, most: 90, multipleOf: 1 }, images: ['Dust that settles because no one walks through the room.'], mistakes: [{ mistake: 'trying to forget', mend: 'Sit; whatever comes, let it go by.' }], parts: quietParts('sit well', 'then leave it'), cautions: ['Short, with open eyes, or not at all, in unsettled times.'],
    cycle: [inhale('Sit.', to({ base: 'crossed', hands: STACKED })), exhale('Let it go by.', to({ base: 'crossed', hands: STACKED, head: { nod: 3 } }))],
    smaller: { change: 'Hands on the knees, eyes open.', cycle: [inhale('Sit, hands on the knees.', to({ base: 'crossed', hands: both({ near: 'knee', off: [0, 0.4, 0] }) })), exhale('Look, and let it go by.', to({ base: 'crossed', hands: both({ near: 'knee', off: [0, 0.4, 0] }), head: { nod: 3 } }))] },
    seated: { change: 'On a chair.', cycle: chairBreaths([[STACKED, 'Sit, both soles down.', 'Let it go by.']]) },
  }),
  inner({
    id: 'listening', name: 'Listening with the breath', pinyin: 'Tīng Xī', hanzi: '聽息', source: 'heritage-from-memory', roles: ['still', 'arrive', 'nourish'], phases: ['water', 'fire'], organs: ['kidney', 'heart'], channels: along('attend', 'KI', 'HT'), points: ['CV17'], level: 1, manner: 'natural', repetitions: { least: 4, usual: 8, most: 60, multipleOf: 1 }, images: ['An ear at the edge of a wood.'], mistakes: [{ mistake: 'naming each sound', mend: 'Let it arrive and pass, like weather.' }],
    cycle: breaths([[both(HANGING), 'Listen far: the farthest sound there is.', 'Listen near: one’s own breath.']]),
    smaller: { change: 'Only the breath.', cycle: breaths([[both(ON_BELLY), 'Hands on the belly, listen to it come.', 'Listen to it go.']]) },
    seated: { change: 'From the chair.', cycle: chairBreaths([[both(ON_THIGHS), 'Seated: listen far, as far as it goes.', 'Listen near.']]) },
  }),
  inner({
    id: 'fire-down-water-up', name: 'Fire down, water up', pinyin: 'Xīn Shèn Xiāng Jiāo', hanzi: '心腎相交', source: 'heritage-from-memory', roles: ['nourish', 'balance'], phases: ['fire', 'water'], organs: ['heart', 'kidney'], channels: along('attend', 'HT', 'KI', 'CV'), points: ['CV17', 'GV4', 'CV6'], asks: { inwardImagery: true }, images: ['A kettle hung at the right height over its fire.'], mistakes: [{ mistake: 'heating the head', mend: 'Fire only goes down; if in doubt, to the soles.' }], parts: [{ part: 'hands at the heart', watch: 'only warm' }, { part: 'fire goes down on the exhale', watch: 'to the belly, not further' }, { part: 'water comes up on the inhale', watch: 'from behind, to the chest only' }],
    cycle: [inhale('Something cool rises from the low back to the chest.', to(stand(8, both(before('middle dantian', 3, 0, 4, 'body', 'in'))))), exhale('Something warm sinks from the heart to the belly.', to(stand(14, both(before('lower dantian', 3, 0, 4, 'body', 'in')))))],
    smaller: { change: 'One hand on the chest, one on the belly.', asks: { inwardImagery: false }, cycle: breaths([[each({ near: 'middle dantian', fingers: 'in' }, { near: 'lower dantian', fingers: 'in' }), 'A hand on the chest, a hand on the belly.', 'Breathe out from the upper to the lower.']]) },
    seated: { change: 'From the chair.', cycle: [inhale('Seated: something cool rises to the chest.', to(sit(both(before('middle dantian', 3, 0, 4, 'body', 'in'))))), exhale('Something warm sinks to the belly.', to(sit(both(before('lower dantian', 3, 0, 4, 'body', 'in')))))] },
  }),
  inner({
    id: 'field-filled', name: 'The field round the body filled', roles: ['nourish', 'balance'], phases: ['metal', 'wood'], organs: ['lung', 'liver'], channels: along('attend', 'LU', 'TE'), points: ['CV6', 'PC8'], asks: { inwardImagery: true }, pace: 'flowing', images: ['A lamp in mist: the light has an edge, a soft one.'], mistakes: [{ mistake: 'pushing the edge outward', mend: 'It fills from within; the arms only show how far.' }], parts: quietParts('the arms open and close', 'the space between fills'), loosens: ['shoulders'],
    cycle: [inhale('Arms open a little from the sides; the space round you fills.', to(stand(8, both({ near: 'reach', toward: [0.9, -0.55, 0.3], palm: 'body', share: 0.9 })))), exhale('It settles close; hands come home to the belly.', to(stand(13, both(before('lower dantian', 3, 0, 4, 'body', 'in')))))],
    smaller: { change: 'Hands stay on the belly.', asks: { inwardImagery: false }, cycle: breaths([[both(ON_BELLY), 'Feel the air on the skin all round.', 'Feel the clothes, the hands.']]) },
    seated: { change: 'From the chair.', cycle: [inhale('Seated: arms open a little; the space round you fills.', to(sit(both({ near: 'reach', toward: [0.9, -0.5, 0.4], palm: 'body', share: 0.86 })))), exhale('It settles; hands come home to the belly.', to(sit(both(ON_BELLY))))] },
  }),
] as const;
