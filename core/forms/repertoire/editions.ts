import { along, defineForm } from '../writing/define';
import { before, both, each, ON_BELLY, reaching, sit, STACKED, stand } from '../writing/postures';
import { exhale, freely, inhale, through, to } from '../writing/strokes';

/** How the standard editions begin and end their sets; and the washing of the marrow. From memory. */
// prettier-ignore
export const EDITIONS = [
  defineForm({
    id: 'brocades-opening', name: 'Making ready for the brocades', pinyin: 'Yù Bèi Shì', hanzi: '預備勢', source: 'brocades-standard', family: 'standing posture', roles: ['arrive'], actions: ['calms', 'nourishes'], channels: along('attend', 'CV', 'GV'), points: ['CV6', 'GV20'], stance: { start: 'feet together', end: 'shoulder width' }, pace: 'gathering', repetitions: { least: 1, usual: 1, most: 3, multipleOf: 1 }, setupSec: { known: 5, taught: 15 },
    images: ['Setting the table before anyone is called.'], mistakes: [{ mistake: 'stepping before the weight has moved', mend: 'First onto the right foot, then the left one goes.' }], footwork: 'Feet together; the left foot steps out to shoulder width.',
    cycle: [
      inhale('Arms float out to both sides, palms turned back.', to(stand(6, both(reaching(0.7, -0.8, 0.1, 'back'))))),
      exhale('Sink; arms come round to embrace before the belly.', to(stand(18, both(before('lower dantian', 4, 1, 8))))),
    ],
    smaller: { change: 'Standing as you are, hands to the belly.', cycle: [inhale('Arms float out a little, the crown lifts.', to(stand(7, both(reaching(0.5, -1, 0.1, 'back'))))), exhale('Hands come before the belly.', to(stand(11, both(before('lower dantian', 3, 0, 5)))))] },
    seated: { change: 'From the chair.', cycle: [inhale('Sitting tall, arms float out to both sides.', to(sit(both(reaching(0.7, -0.7, 0.2, 'down', 0.86))))), exhale('They come round to embrace before the belly.', to(sit(both(before('lower dantian', 4, 2, 7)))))] },
  }),
  defineForm({
    id: 'brocades-closing', name: 'Closing the brocades', pinyin: 'Bā Duàn Jǐn Shōu Shì', hanzi: '八段錦收勢', source: 'brocades-standard', family: 'closing', roles: ['close'], actions: ['calms', 'nourishes'], polarity: 'yin', channels: along('hold', 'CV'), points: ['CV6'], pace: 'gathering', repetitions: { least: 1, usual: 1, most: 3, multipleOf: 1 }, setupSec: { known: 3, taught: 8 },
    images: ['Folding a cloth that has served well.'], mistakes: [{ mistake: 'going before it has settled', mend: 'Two breaths more than seems needed.' }],
    cycle: [
      inhale('Palms turn back and float out to both sides.', to(stand(6, both(reaching(0.7, -0.7, 0.1, 'back'))))),
      exhale('Hands lie on the belly, one over the other.', to(stand(11, STACKED))),
      inhale('Breathe into the hands.', to(stand(8, STACKED))),
      exhale('Let it sink under them.', to(stand(12, STACKED, { head: { nod: 4 } }))),
    ],
    smaller: { change: 'Straight to the belly.', cycle: [inhale('Hands find the belly.', to(stand(8, STACKED))), exhale('Let it sink under them.', to(stand(11, STACKED)))] },
    seated: { change: 'From the chair.', cycle: [inhale('Seated: hands float out and find the belly.', to(sit(STACKED))), exhale('Let it sink under them.', to(sit(STACKED, { head: { nod: 4 } })))] },
  }),
  defineForm({
    id: 'animals-opening', name: 'Regulating the breath before the animals', pinyin: 'Qǐ Shì Tiáo Xī', hanzi: '起勢調息', source: 'five-animals-standard', family: 'settling breath', roles: ['arrive', 'balance'], actions: ['calms'], channels: along('attend', 'CV', 'LU'), points: ['CV17', 'CV6'], pace: 'flowing', repetitions: { least: 2, usual: 3, most: 6, multipleOf: 1 }, setupSec: { known: 5, taught: 14 }, hinge: true,
    images: ['A paw dipped in the stream before the forest wakes.'], mistakes: [{ mistake: 'lifting with the shoulders', mend: 'As if the wrists lay on rising water.' }],
    cycle: [
      inhale('Palms up, hands rise before you to the chest.', to(stand(8, both(before('middle dantian', 4, -2, 9, 'up', 'forward'))))),
      exhale('They turn inward and sink to the belly.', to(stand(14, both(before('lower dantian', 4, 0, 7, 'down', 'in'))))),
    ],
    smaller: { change: 'Only from the belly to the upper belly.', cycle: [inhale('Hands rise a little, palms up.', to(stand(8, both(before('navel', 4, 2, 8, 'up', 'forward'))))), exhale('They turn and sink.', to(stand(11, both(before('lower dantian', 4, 0, 5, 'down', 'in')))))] },
    seated: { change: 'From the chair.', cycle: [inhale('Seated, palms up: hands rise before you.', to(sit(both(before('navel', 4, 4, 9, 'up', 'forward'))))), exhale('They turn and sink to the lap.', to(sit(both(before('lower dantian', 4, 2, 5, 'down', 'in')))))] },
  }),
  defineForm({
    id: 'animals-closing', name: 'Leading qi home after the animals', pinyin: 'Yǐn Qì Guī Yuán', hanzi: '引氣歸元', source: 'five-animals-standard', family: 'gathering', roles: ['gather'], actions: ['calms', 'nourishes'], channels: along('attend', 'CV'), points: ['CV6', 'CV17'], pace: 'gathering', repetitions: { least: 1, usual: 3, most: 6, multipleOf: 1 }, setupSec: { known: 3, taught: 10 },
    images: ['The herd comes home, one after another, through one gate.'], mistakes: [{ mistake: 'pressing at the end', mend: 'Hands arrive like a cover, not like a lid.' }],
    cycle: [
      inhale('Arms open aside and up, palms to the sky.', through(stand(9, both(reaching(1, -0.4, 0.2, 'up'))), stand(6, both({ near: 'crown', off: [5, 6, 1], palm: 'in', fingers: 'up', elbow: 'out' })))),
      exhale('Down before the face and chest to the belly.', through(stand(9, both(before('face', 3, 0, 6, 'down', 'in'))), stand(14, both(before('lower dantian', 3, 0, 4, 'down', 'in'))))),
    ],
    smaller: { change: 'From the sides to the chest only.', cycle: [inhale('Arms open low, palms up.', to(stand(8, both(reaching(1, -0.5, 0.3, 'up'))))), exhale('In, and down to the belly.', to(stand(12, both(before('lower dantian', 3, 0, 4, 'down', 'in')))))] },
    seated: { change: 'From the chair.', cycle: [inhale('Seated: arms open low, palms up.', to(sit(both(reaching(1, -0.4, 0.35, 'up', 0.88))))), exhale('In, and down to the lap.', to(sit(both(before('lower dantian', 3, 1, 4, 'down', 'in')))))] },
  }),
  defineForm({
    id: 'sounds-opening', name: 'Opening for the six sounds', pinyin: 'Liù Zì Jué Qǐ Shì', hanzi: '六字訣起勢', source: 'six-sounds-standard', family: 'settling breath', roles: ['arrive'], actions: ['calms'], channels: along('attend', 'LU', 'CV'), points: ['CV17', 'CV6'], pace: 'flowing', repetitions: { least: 1, usual: 2, most: 4, multipleOf: 1 }, setupSec: { known: 5, taught: 14 },
    images: ['Opening the shutters, one storey after another.'], mistakes: [{ mistake: 'beginning to sound at once', mend: 'First the breath has to be one’s own.' }],
    cycle: [
      inhale('Palms lift from the belly to the chest.', to(stand(8, both(before('middle dantian', 2, 0, 5, 'up', 'in'))))),
      exhale('Turn, and press down to the navel; sink.', to(stand(16, both(before('navel', 3, -1, 6, 'down', 'in'))))),
      inhale('Turn outward, and part before the navel.', to(stand(14, both(reaching(0.5, -0.5, 0.9, 'out', 0.85))))),
      exhale('Gather in, and lay the hands on the belly.', to(stand(10, both(ON_BELLY)))),
    ],
    smaller: { change: 'Only lifting and sinking.', cycle: [inhale('Palms lift to the upper belly.', to(stand(8, both(before('navel', 3, 2, 7, 'up', 'forward'))))), exhale('Hands come to lie on the belly.', to(stand(11, both(ON_BELLY))))] },
    seated: { change: 'From the chair.', cycle: [inhale('Seated: palms lift to the chest.', to(sit(both(before('middle dantian', 2, 0, 5, 'up', 'in'))))), exhale('They turn and come to lie on the belly.', to(sit(both(ON_BELLY))))] },
  }),
  defineForm({
    id: 'sounds-closing', name: 'Closing after the six sounds', pinyin: 'Liù Zì Jué Shōu Shì', hanzi: '六字訣收勢', source: 'six-sounds-standard', family: 'gathering', roles: ['gather'], actions: ['calms', 'nourishes'], polarity: 'yin', channels: along('press', 'CV', 'ST'), points: ['CV8', 'CV6'], pace: 'flowing', manner: 'natural', sides: 'both-ways', ways: ['up the right side and down the left', 'up the left side and down the right'], asks: { rubs: ['belly'] }, repetitions: { least: 3, usual: 6, most: 9, multipleOf: 3 }, setupSec: { known: 3, taught: 10 },
    images: ['Stirring the last warmth into the pot.'], mistakes: [{ mistake: 'counting only one way', mend: 'As many back as there.' }], cautions: ['Only rest the hands there in pregnancy or after belly surgery.'],
    entry: [freely(6, 'Gather in; hands crossed on the navel, and wait.', to(stand(9, STACKED)))],
    cycle: [freely(3, 'Softly round the navel {way}.', through(...([[2, 0], [0, 2], [-2, 0], [0, -2]] as const).map(([out, up]) => stand(10, each({ near: 'navel', off: [out, up, 0], fingers: 'in' }, { near: 'hand', off: [0, 0, 0.4], palm: 'back', fingers: 'in' })))))],
    smaller: { change: 'The hands rest.', asks: { rubs: [] }, cycle: [freely(3, 'Hands at rest; something goes round {way}.', to(stand(10, STACKED)))] },
    seated: { change: 'From the chair.', entry: [freely(6, 'Hands crossed on the navel, and wait.', to(sit(STACKED)))], cycle: [freely(3, 'Softly round the navel {way}, from the chair.', through(...([[2, 0], [0, 2], [-2, 0], [0, -1.6]] as const).map(([out, up]) => sit(each({ near: 'navel', off: [out, up, 0], fingers: 'in' }, { near: 'hand', off: [0, 0, 0.4], palm: 'back', fingers: 'in' })))))] },
  }),
  defineForm({
    id: 'marrow-opening-heaven', name: 'Marrow washing: opening above', pinyin: 'Xǐ Suǐ Kāi Tiān', hanzi: '洗髓開天', source: 'marrow-washing-heritage', family: 'set piece', roles: ['nourish', 'arrive'], actions: ['nourishes', 'calms'], phases: ['water'], organs: ['kidney'], channels: along('attend', 'GV', 'BL'), points: ['GV20'], pace: 'gathering', asks: { inwardImagery: true }, repetitions: { least: 1, usual: 3, most: 6, multipleOf: 1 }, level: 2, setupSec: { known: 6, taught: 25 },
    images: ['A skylight drawn open in an old roof.'], mistakes: [{ mistake: 'straining upward', mend: 'It opens downward; only the crown is quiet.' }], parts: [{ part: 'the arms', watch: 'shoulders low' }, { part: 'the crown', watch: 'no pressure in the head' }],
    cycle: [
      inhale('Arms open up and out; the crown opens.', to(stand(6, both(reaching(0.7, 0.6, 0.3, 'in', 0.86)), { head: { nod: -4 } }))),
      exhale('Something clear comes down between the hands to the brow.', to(stand(11, both(before('face', 3, 2, 7, 'down', 'in'))))),
    ],
    smaller: { change: 'Arms no higher than the shoulders.', asks: { inwardImagery: false }, cycle: [inhale('Arms open low; the crown is light.', to(stand(7, both(reaching(0.9, -0.4, 0.3, 'up', 0.9))))), exhale('Hands come before the chest.', to(stand(11, both(before('middle dantian', 3, 0, 7, 'body', 'in')))))] },
    seated: { change: 'From the chair.', cycle: [inhale('Seated: arms open low; the crown is light.', to(sit(both(reaching(0.9, -0.35, 0.35, 'up', 0.88))))), exhale('Something clear comes down to the chest.', to(sit(both(before('middle dantian', 3, 0, 7, 'body', 'in')))))] },
  }),
  defineForm({
    id: 'marrow-opening-earth', name: 'Marrow washing: opening below', pinyin: 'Xǐ Suǐ Kāi Dì', hanzi: '洗髓開地', source: 'marrow-washing-heritage', family: 'set piece', roles: ['nourish'], actions: ['nourishes', 'calms'], phases: ['water', 'earth'], organs: ['kidney', 'spleen'], channels: along('attend', 'KI', 'SP'), points: ['KI1'], pace: 'gathering', asks: { inwardImagery: true }, repetitions: { least: 1, usual: 3, most: 6, multipleOf: 1 }, level: 2, setupSec: { known: 6, taught: 25 }, loosens: ['knees'],
    images: ['A well-cover slid aside.'], mistakes: [{ mistake: 'sinking with the head', mend: 'The seat sinks; the crown stays hung.' }], parts: [{ part: 'palms down and sink', watch: 'knees over the toes' }, { part: 'soles open', watch: 'toes spread, not gripping' }],
    cycle: [
      inhale('Palms turned down before you; the soles open.', to(stand(10, both(before('navel', 5, 0, 8, 'down', 'forward'))))),
      exhale('Sink; what is heavy goes through the floor.', to(stand(32, both(before('groin', 3, 0, 7, 'down', 'forward'))))),
    ],
    smaller: { change: 'Without sinking.', asks: { inwardImagery: false }, cycle: [inhale('Palms turned down beside the hips.', to(stand(8, both({ near: 'hanging', palm: 'down' })))), exhale('Let the soles have the weight.', to(stand(11, both({ near: 'hanging', palm: 'down' }))))] },
    seated: { change: 'From the chair.', cycle: [inhale('Seated: palms turned down over the thighs.', to(sit(both({ near: 'thigh', off: [1, 0, 3], palm: 'down' })))), exhale('What is heavy goes out by the soles.', to(sit(both({ near: 'thigh', off: [1, 0, 1.2], palm: 'down' }))))] },
  }),
  defineForm({
    id: 'marrow-crown-to-soles', name: 'Marrow washing: from crown to soles', pinyin: 'Xǐ Suǐ Guàn Dǐng', hanzi: '洗髓貫頂', source: 'marrow-washing-heritage', family: 'set piece', roles: ['nourish'], actions: ['clears', 'nourishes'], phases: ['water'], organs: ['kidney', 'bladder'], channels: along('attend', 'GV', 'BL', 'KI'), points: ['GV20', 'KI1'], pace: 'gathering', asks: { inwardImagery: true }, repetitions: { least: 1, usual: 3, most: 6, multipleOf: 1 }, level: 3, setupSec: { known: 6, taught: 28 },
    images: ['Spring water let down a bamboo pipe, joint by joint.'], mistakes: [{ mistake: 'hurrying past the legs', mend: 'Half of the bones are below the hips.' }], parts: [{ part: 'skull and neck', watch: 'jaw loose' }, { part: 'spine and ribs', watch: 'the breath goes on' }, { part: 'hips, legs, soles', watch: 'as slowly as above' }],
    cycle: [
      inhale('Palms hold something clear over the crown.', to(stand(6, both({ near: 'crown', off: [3, 6, 0], palm: 'down', fingers: 'in', elbow: 'out' })))),
      exhale('Through the bones it goes down: skull, spine, hips.', through(stand(10, both(before('face', 3, 0, 5, 'down', 'in'))), stand(16, both(before('lower dantian', 4, 0, 5, 'down', 'in'))))),
      inhale('At the hips, wait a breath.', to(stand(15, both(before('groin', 4, 1, 5, 'down', 'forward'))))),
      exhale('Down the legs and out at the soles.', to(stand(26, both({ near: 'thigh', off: [0, 3, 1], palm: 'body' }), { trunk: { lean: 18 } }))),
    ],
    smaller: { change: 'Hands before the chest, only the attention goes down.', asks: { inwardImagery: false }, cycle: [inhale('Hands before the chest; stand in your bones.', to(stand(8, both(before('middle dantian', 4, 0, 6, 'body', 'in'))))), exhale('Hands sink; the bones carry.', to(stand(12, both(before('lower dantian', 4, 0, 5, 'down', 'in')))))] },
    seated: { change: 'From the chair.', cycle: [inhale('Seated: palms before the chest, something clear above.', to(sit(both(before('middle dantian', 4, 1, 6, 'down', 'in'))))), exhale('Through the bones it goes down to the seat.', to(sit(both(before('lower dantian', 4, 1, 5, 'down', 'in'))))), inhale('At the hips, wait a breath.', to(sit(both({ near: 'thigh' })))), exhale('Down the legs and out at the soles.', to(sit(both({ near: 'knee' }), { trunk: { lean: 6 } })))] },
  }),
  defineForm({
    id: 'marrow-along-the-arms', name: 'Marrow washing: along the bones of the arms', pinyin: 'Xǐ Suǐ Xǐ Bì', hanzi: '洗髓洗臂', source: 'marrow-washing-heritage', family: 'set piece', roles: ['nourish'], actions: ['clears', 'nourishes'], phases: ['water', 'metal'], organs: ['kidney', 'lung'], channels: along('attend', 'LU', 'KI'), points: ['LU9'], pace: 'gathering', asks: { inwardImagery: true }, sides: 'alternating', repetitions: { least: 1, usual: 2, most: 6, multipleOf: 1 }, level: 2, setupSec: { known: 6, taught: 22 },
    images: ['Sleeves rinsed from within.'], mistakes: [{ mistake: 'only skin is felt', mend: 'Press the wrist lightly once: that hard thing is meant.' }], parts: [{ part: 'shoulder to elbow', watch: 'slowly' }, { part: 'elbow to wrist, two bones', watch: 'feel both' }, { part: 'hand, bone by bone', watch: 'to the tips' }],
    cycle: [
      inhale('The {side} arm floats ahead; breathe into its bones.', to(stand(9, each(reaching(0.2, -0.25, 1, 'up', 0.88), before('navel', 2, 0, 5, 'up', 'in'))))),
      exhale('Shoulder, elbow, wrist, fingertips: it runs out.', to(stand(13, each(reaching(0.25, -0.55, 1, 'up', 0.9), before('navel', 2, 0, 5, 'up', 'in'))))),
    ],
    smaller: { change: 'The arm hanging.', asks: { inwardImagery: false }, cycle: [inhale('The {side} arm hangs; feel its weight.', to(stand(8))), exhale('From the shoulder to the fingertips, let it hang.', to(stand(11)))] },
    seated: { change: 'The hand on the thigh.', cycle: [inhale('The {side} hand lies open on the thigh; breathe into its bones.', to(sit(each({ near: 'thigh', off: [0, 0, 0.6], palm: 'up' }, { near: 'thigh' })))), exhale('It runs out at the fingertips.', to(sit(each({ near: 'thigh', off: [0, -0.5, 0.6], palm: 'up' }, { near: 'thigh' }))))] },
  }),
] as const;
