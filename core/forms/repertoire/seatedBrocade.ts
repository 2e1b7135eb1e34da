import type { Hand, Posture } from '../../body';
import type { Form } from '../model/model';
import { along, defineForm, type FormOfKind } from '../writing/define';
import { AT_KIDNEYS, both, each, fist, ON_BELLY, ON_KNEES, ON_THIGHS, sit } from '../writing/postures';
import { exhale, freely, inhale, pulse, through, to } from '../writing/strokes';

const crossed = (hands: NonNullable<Posture['hands']> = both(ON_KNEES), more: Posture = {}): Posture => ({
  base: 'crossed',
  hands,
  ...more,
});

/** A part of the seated brocade: sitting with crossed legs, or on a chair; few words, counted. */
const seatedPart = (text: FormOfKind): Form =>
  defineForm({
    roles: ['nourish'],
    actions: ['nourishes', 'calms'],
    pace: 'flowing',
    repetitions: { least: 3, usual: 9, most: 36, multipleOf: 3 },
    family: 'set piece',
    source: 'seated-brocade-verse',
    stance: { start: 'cross-legged', end: 'cross-legged' },
    footwork: 'Sitting with crossed legs, on a cushion that tips the hips forward.',
    setupSec: { known: 5, taught: 18 },
    ...text,
  });

const THUMBS_HELD: Hand = { near: 'thigh', off: [0, 0, 0.6], palm: 'up', ...fist };
const up: Hand = { near: 'crown', off: [1.8, 11, 0], palm: 'up', fingers: 'in', elbow: 'out' };
const held: Hand = { near: 'lower dantian', off: [2, 2, 4], palm: 'up', fingers: 'in' };

/** The seated brocade of twelve parts, from memory of the old verse; the held breath of the old text is only offered. */
// prettier-ignore
export const SEATED_BROCADE = [
  seatedPart({
    id: 'seated-thumbs-held', name: 'Sitting with the thumbs held', pinyin: 'Wò Gù', hanzi: '握固', roles: ['arrive', 'still', 'close'], actions: ['calms', 'nourishes'], polarity: 'yin', phases: ['water', 'wood'], organs: ['kidney', 'liver'],
    channels: along('attend', 'CV', 'KI'), points: ['CV6'], pace: 'inner', manner: 'natural', repetitions: { least: 2, usual: 6, most: 30, multipleOf: 1 }, images: ['A child asleep with its thumbs in its fists.'],
    mistakes: [{ mistake: 'clenching', mend: 'The fingers only close the door behind the thumb.' }],
    cycle: [inhale('Thumbs held in the fists; the breath comes.', to(crossed(both(THUMBS_HELD)))), exhale('It goes; the seat grows heavy.', to(crossed(both(THUMBS_HELD), { head: { nod: 4 } })))],
    smaller: { change: 'Hands open on the knees.', cycle: [inhale('Hands open on the knees; the breath comes.', to(crossed())), exhale('It goes; the seat grows heavy.', to(crossed(both(ON_KNEES), { head: { nod: 4 } })))] },
    seated: { change: 'On a chair, both soles on the floor.', cycle: [inhale('Both soles down, thumbs held; the breath comes.', to(sit(both({ near: 'thigh', palm: 'up', ...fist })))), exhale('It goes; seat and soles grow heavy.', to(sit(both({ near: 'thigh', palm: 'up', ...fist }), { head: { nod: 4 } })))] },
  }),
  seatedPart({
    id: 'seated-holding-the-head', name: 'Tapping the teeth, holding the head', pinyin: 'Kòu Chǐ Bào Kūn Lún', hanzi: '叩齒抱崑崙', roles: ['wake', 'clear'], actions: ['clears', 'nourishes'], phases: ['water'], organs: ['kidney'],
    channels: along('hold', 'BL', 'GB'), points: ['BL10'], pace: 'flowing', manner: 'natural', repetitions: { least: 1, usual: 4, most: 4, multipleOf: 1 }, images: ['Someone knocks on a small stone gate.'],
    mistakes: [{ mistake: 'biting', mend: 'So lightly that only you hear it.' }], cautions: ['Not on the day of dental work or with a sore jaw.'],
    cycle: [freely(8, 'Hands round the back of the head; tap the teeth, nine times.', to(crossed(both({ near: 'occiput', off: [1.2, 0, 0.3], palm: 'body', fingers: 'in', elbow: 'out' }))))],
    smaller: { change: 'Hands on the knees, tapping only.', cycle: [freely(8, 'Hands on the knees; tap the teeth, nine times.', to(crossed()))] },
    seated: { change: 'On a chair, hands in the lap.', cycle: [freely(8, 'On the chair, hands in the lap: tap the teeth, nine times.', to(sit(both(ON_THIGHS))))] },
  }),
  seatedPart({
    id: 'seated-shaking-the-pillar', name: 'Turning the pillar of the neck', pinyin: 'Wēi Hàn Tiān Zhù', hanzi: '微撼天柱', roles: ['loosen', 'nourish'], actions: ['moves'], phases: ['water', 'wood'], organs: ['bladder', 'gallbladder'], sides: 'alternating',
    channels: along('stretch', 'BL', 'GB'), points: ['BL10', 'GB21'], pace: 'neck', repetitions: { least: 3, usual: 6, most: 12, multipleOf: 3 }, loosens: ['neck', 'spine'], images: ['A lighthouse that turns its lamp low along the shore.'],
    mistakes: [{ mistake: 'the chin climbs', mend: 'It slides along a shelf.' }],
    cycle: [inhale('Hands folded in the lap; grow tall.', to(crossed(each({ near: 'lower dantian', off: [2, 0, 1], palm: 'body', fingers: 'in' }, { near: 'hand', of: 'other', off: [0, 0, 0.4], palm: 'back', fingers: 'in' })))), exhale('Turn neck and shoulders; look along the {side} shoulder.', to(crossed(each({ near: 'lower dantian', off: [2, 0, 1], palm: 'body', fingers: 'in' }, { near: 'hand', of: 'other', off: [0, 0, 0.4], palm: 'back', fingers: 'in' }), { trunk: { turn: 12 }, head: { turn: 34 } }))), inhale('Home, and tall.', to(crossed(each({ near: 'lower dantian', off: [2, 0, 1], palm: 'body', fingers: 'in' }, { near: 'hand', of: 'other', off: [0, 0, 0.4], palm: 'back', fingers: 'in' })))), exhale('Let the shoulders sink.', to(crossed(each({ near: 'lower dantian', off: [2, 0, 1], palm: 'body', fingers: 'in' }, { near: 'hand', of: 'other', off: [0, 0, 0.4], palm: 'back', fingers: 'in' }), { head: { nod: 3 } })))],
    smaller: { change: 'Half the turn, shoulders still.', cycle: [inhale('Hands on the knees; grow tall.', to(crossed())), exhale('The head turns a little to the {side}.', to(crossed(both(ON_KNEES), { head: { turn: 16 } })))] },
    seated: { change: 'On a chair.', cycle: [inhale('On the chair, hands on the thighs; grow tall.', to(sit())), exhale('Turn to look along the {side} shoulder.', to(sit(undefined, { trunk: { turn: 10 }, head: { turn: 32 } })))] },
  }),
  seatedPart({
    id: 'seated-rubbing-the-gate', name: 'Rubbing the gate of essence', pinyin: 'Mó Jīng Mén', hanzi: '摩精門', roles: ['nourish', 'wake'], actions: ['nourishes', 'moves'], phases: ['water'], organs: ['kidney', 'bladder'],
    channels: along('press', 'BL'), points: ['BL23', 'GV4'], pace: 'flowing', manner: 'natural', asks: { rubs: ['low back'] }, repetitions: { least: 1, usual: 2, most: 3, multipleOf: 1 }, images: ['Two warm stones laid behind the waist.'], view: 'back',
    mistakes: [{ mistake: 'rubbing with cold hands', mend: 'Palms together first, until they are hot.' }], cautions: ['In pregnancy only rest the palms there.'], 
    entry: [freely(8, 'Rub the palms hot.', to(crossed(both({ near: 'middle dantian', off: [0.4, -1, 7], palm: 'in', fingers: 'up', elbow: 'out' }))))],
    cycle: [freely(12, 'Palms rub the low back, up and down, twelve times.', pulse(12, crossed(both({ ...AT_KIDNEYS, off: [0.6, 1, 0.2] })), crossed(both({ ...AT_KIDNEYS, off: [0.6, -1, 0.2] }))))],
    smaller: { name: 'Warming the gate of essence', change: 'The palms only rest there.', asks: { rubs: [] }, cycle: [freely(12, 'Warm palms rest on the low back.', to(crossed(both(AT_KIDNEYS))))] },
    seated: { change: 'From the front of a chair.', cycle: [freely(12, 'Front of the chair: palms rub the low back, twelve times.', pulse(12, sit(both({ ...AT_KIDNEYS, off: [0.6, 1, 0.2] })), sit(both({ ...AT_KIDNEYS, off: [0.6, -1, 0.2] }))))] },
  }),
  seatedPart({
    id: 'seated-fire-at-the-navel', name: 'Warmth below the navel', pinyin: 'Xiǎng Huǒ Shāo Qí Lún', hanzi: '想火燒臍輪', roles: ['nourish'], actions: ['nourishes', 'calms'], polarity: 'yin', phases: ['water', 'fire'], organs: ['kidney', 'heart'],
    channels: along('attend', 'CV', 'KI'), points: ['CV6', 'CV8'], pace: 'inner', asks: { inwardImagery: true }, repetitions: { least: 3, usual: 9, most: 18, multipleOf: 3 }, level: 2, images: ['A stove with its door ajar.'],
    mistakes: [{ mistake: 'wanting it to be hot', mend: 'Warm is enough; think of it and wait.' }],
    parts: [{ part: 'hands there, breath there', watch: 'no pushing' }, { part: 'then the warmth', watch: 'if the face grows hot, think of the soles' }],
    cycle: [inhale('Hands on the belly: a glow behind the navel.', to(crossed(both(ON_BELLY)))), exhale('It spreads and settles lower.', to(crossed(both(ON_BELLY), { head: { nod: 4 } })))],
    smaller: { change: 'Only the warmth of the hands.', asks: { inwardImagery: false }, cycle: [inhale('Feel the warmth of the hands on the belly.', to(crossed(both(ON_BELLY)))), exhale('Let it sink in.', to(crossed(both(ON_BELLY), { head: { nod: 4 } })))] },
    seated: { change: 'On a chair.', cycle: [inhale('On the chair, hands on the belly: a glow within.', to(sit(both(ON_BELLY)))), exhale('It spreads and settles lower.', to(sit(both(ON_BELLY), { head: { nod: 4 } })))] },
  }),
  seatedPart({
    id: 'seated-windlass-single', name: 'The windlass, one arm', pinyin: 'Zuǒ Yòu Lù Lú', hanzi: '左右轆轤', roles: ['nourish', 'loosen'], actions: ['moves'], phases: ['metal', 'water'], organs: ['lung', 'kidney'], sides: 'alternating',
    channels: along('stretch', 'LU', 'SI'), points: ['SI9', 'LU2'], pace: 'circling', asks: { roundedJoints: ['shoulders'] }, repetitions: { least: 3, usual: 9, most: 18, multipleOf: 3 }, loosens: ['shoulders', 'spine'], images: ['Winding a bucket up out of a deep well.'],
    mistakes: [{ mistake: 'only the elbow turns', mend: 'The shoulder blade draws the circle.' }],
    cycle: [inhale('Hand on the hip, the {side} shoulder rolls up and forward.', to(crossed(each({ near: 'hip', off: [0.5, 1.5, 0], fingers: 'forward', elbow: 'out' }, held), { shoulders: { of: 'left', raise: 0.8, forward: 0.5 }, trunk: { turn: -8 } }))), exhale('And back and down.', to(crossed(each({ near: 'hip', off: [0.5, 1.5, 0], fingers: 'forward', elbow: 'back' }, held), { shoulders: { of: 'left', raise: 0, forward: -0.5 }, trunk: { turn: 8 } })))],
    smaller: { change: 'Only lifting and letting go.', asks: { roundedJoints: [] }, cycle: [inhale('The {side} shoulder lifts a little.', to(crossed(both(ON_KNEES), { shoulders: { of: 'left', raise: 0.5 } }))), exhale('And sinks.', to(crossed(both(ON_KNEES))))] },
    seated: { change: 'On a chair.', cycle: [inhale('On the chair: the {side} shoulder rolls up and forward.', to(sit(each({ near: 'hip', off: [0.5, 1.5, 0], fingers: 'forward', elbow: 'out' }, ON_THIGHS), { shoulders: { of: 'left', raise: 0.7, forward: 0.4 } }))), exhale('And back and down.', to(sit(each({ near: 'hip', off: [0.5, 1.5, 0], fingers: 'forward', elbow: 'back' }, ON_THIGHS), { shoulders: { of: 'left', forward: -0.4 } })))] },
  }),
  seatedPart({
    id: 'seated-windlass-both', name: 'The windlass, both arms', pinyin: 'Shuāng Guān Lù Lú', hanzi: '雙關轆轤', roles: ['nourish', 'loosen'], actions: ['moves'], phases: ['water', 'metal'], organs: ['kidney', 'lung'],
    channels: along('stretch', 'GV', 'BL'), points: ['GV14', 'BL23'], pace: 'circling', asks: { roundedJoints: ['shoulders'] }, repetitions: { least: 3, usual: 9, most: 18, multipleOf: 3 }, loosens: ['shoulders', 'spine'], images: ['A mill wheel with two buckets, turning slowly.'],
    mistakes: [{ mistake: 'the neck shortens', mend: 'Roll forward with a long nape.' }],
    cycle: [inhale('Both shoulders go up and back; the chest widens.', to(crossed(both({ near: 'hip', off: [0.5, 1.5, 0], fingers: 'forward', elbow: 'back' }), { shoulders: { raise: 0.6, forward: -0.4 } }))), exhale('Forward and down; the back widens.', to(crossed(both({ near: 'hip', off: [0.5, 1.5, 0], fingers: 'forward', elbow: 'out' }), { shoulders: { forward: 0.5 }, trunk: { round: 12 } })))],
    smaller: { change: 'Hands on the knees, a small roll.', asks: { roundedJoints: [] }, cycle: [inhale('Both shoulders lift a little.', to(crossed(both(ON_KNEES), { shoulders: { raise: 0.4 } }))), exhale('Let them go; the back widens.', to(crossed(both(ON_KNEES), { trunk: { round: 6 } })))] },
    seated: { change: 'On a chair.', cycle: [inhale('On the chair: both shoulders go up and back.', to(sit(both({ near: 'hip', off: [0.5, 1.5, 0], fingers: 'forward', elbow: 'back' }), { shoulders: { raise: 0.6, forward: -0.4 } }))), exhale('Forward and down; the back widens.', to(sit(both({ near: 'hip', off: [0.5, 1.5, 0], fingers: 'forward', elbow: 'out' }), { shoulders: { forward: 0.5 }, trunk: { round: 10 } })))] },
  }),
  seatedPart({
    id: 'seated-holding-up', name: 'Folded hands hold up', pinyin: 'Chā Shǒu Xū Tuō', hanzi: '叉手虛托', roles: ['nourish'], actions: ['moves', 'nourishes'], phases: ['fire', 'water'], organs: ['triple-burner', 'kidney'],
    channels: along('stretch', 'TE', 'KI'), points: ['CV12', 'CV17'], pace: 'gathering', repetitions: { least: 3, usual: 9, most: 9, multipleOf: 3 }, loosens: ['shoulders', 'spine'], images: ['A stone that turns out to be a paper lantern.'],
    mistakes: [{ mistake: 'leaning back to get the arms up', mend: 'As high as the ribs stay closed.' }],
    cycle: [inhale('Folded palms turn over and hold up, as if heavy.', through(crossed(both({ near: 'middle dantian', off: [1, 1, 6], palm: 'body', fingers: 'in', elbow: 'out' })), crossed(both(up)))), exhale('They come down and press upon the crown, lightly.', to(crossed(both({ near: 'crown', off: [1.5, 1.2, 0], palm: 'down', fingers: 'in', elbow: 'out' }))))],
    smaller: { change: 'Only to the collarbones.', cycle: [inhale('Folded palms rise to the collarbones.', to(crossed(both({ near: 'middle dantian', off: [1, 3, 6], palm: 'up', fingers: 'in', elbow: 'out' })))), exhale('They sink to the lap.', to(crossed(both(held))))] },
    seated: { change: 'On a chair, to the collarbones.', cycle: [inhale('On the chair: folded palms rise to the collarbones.', to(sit(both({ near: 'middle dantian', off: [1, 3, 6], palm: 'up', fingers: 'in', elbow: 'out' })))), exhale('They sink to the lap.', to(sit(both(held))))] },
  }),
  seatedPart({
    id: 'seated-reaching-the-feet', name: 'Bowing to reach the feet', pinyin: 'Dī Tóu Pān Zú', hanzi: '低頭攀足', roles: ['nourish'], actions: ['moves', 'calms'], phases: ['water'], organs: ['bladder', 'kidney'],
    channels: along('stretch', 'BL', 'KI'), points: ['KI1', 'BL60'], pace: 'fold', repetitions: { least: 3, usual: 6, most: 12, multipleOf: 3 }, loosens: ['spine', 'hips'], level: 2, images: ['Taking hold of two oars.'], view: 'side',
    mistakes: [{ mistake: 'pulling on the feet', mend: 'The hands stay on the knees until the breath lets them go further.' }],
    parts: [{ part: 'hands on the knees, bow', watch: 'fold at the hips' }, { part: 'hands to the ankles', watch: 'no pulling' }],
    cycle: [inhale('Hands on the knees; the spine grows long.', to(crossed(both({ near: 'knee', off: [-0.4, 0.4, 0.4] }), { trunk: { lean: 16, round: 8 } }))), exhale('Bow towards the feet.', to(crossed(both({ near: 'knee', off: [-0.4, 0.4, 0.4] }), { trunk: { lean: 34, round: 24 }, head: { nod: 14 } })))],
    smaller: { change: 'Hands on the knees, a third of the way.', cycle: [inhale('Hands on the knees; grow long.', to(crossed())), exhale('Bow a little.', to(crossed(both(ON_KNEES), { trunk: { lean: 12, round: 8 }, head: { nod: 8 } })))] },
    seated: { change: 'On a chair, hands on the shins.', cycle: [inhale('On the chair, hands on the knees; grow long.', to(sit(both({ near: 'knee' }), { trunk: { lean: 8 } }))), exhale('Bow; hands slide to the shins.', to(sit(both({ near: 'shin', off: [0, 3, 0] }), { trunk: { lean: 26, round: 12 }, head: { nod: 6 } })))] },
  }),
  seatedPart({
    id: 'seated-swallowing', name: 'Swallowing in three', pinyin: 'Sān Yàn Jīn', hanzi: '三咽津', roles: ['nourish', 'balance'], actions: ['nourishes', 'calms'], polarity: 'yin', phases: ['water', 'earth'], organs: ['kidney', 'spleen'],
    channels: along('attend', 'CV', 'KI'), points: ['CV24', 'CV6'], pace: 'flowing', manner: 'natural', repetitions: { least: 1, usual: 3, most: 9, multipleOf: 1 }, images: ['Three drops let fall into a deep well.'],
    mistakes: [{ mistake: 'gulping', mend: 'Wait until there is something; a third at a time.' }],
    cycle: [freely(10, 'Wait for the mouth to fill; swallow, and follow it down.', to(crossed(both(ON_BELLY), { head: { nod: 5 } })))],
    smaller: { change: 'Swallow as it comes.', cycle: [freely(10, 'Swallow as it comes; feel where it goes.', to(crossed(both(ON_BELLY), { head: { nod: 3 } })))] },
    seated: { change: 'On a chair.', cycle: [freely(10, 'On the chair, wait for the mouth to fill; swallow.', to(sit(both(ON_BELLY), { head: { nod: 5 } })))] },
  }),
  seatedPart({
    id: 'seated-warmth-through-all', name: 'Warmth led through the whole body', pinyin: 'Xiǎng Huǒ Biàn Shēn', hanzi: '想火遍身', roles: ['nourish', 'close'], actions: ['nourishes', 'calms'], polarity: 'yin', phases: ['fire', 'water'], organs: ['heart', 'kidney'],
    channels: along('attend', 'CV', 'GV'), points: ['CV6', 'GV4'], pace: 'inner', asks: { inwardImagery: true }, repetitions: { least: 3, usual: 6, most: 12, multipleOf: 3 }, images: ['Evening sun that has reached the back of the room.'],
    mistakes: [{ mistake: 'leading it upward first', mend: 'From the belly to the legs, and only then the rest.' }],
    cycle: [inhale('Thumbs held: warmth gathers in the belly.', to(crossed(both(THUMBS_HELD)))), exhale('It goes out to the limbs and skin, and home.', to(crossed(both(THUMBS_HELD), { head: { nod: 4 } })))],
    smaller: { change: 'Only the warmth of hands and seat.', asks: { inwardImagery: false }, cycle: [inhale('Hands on the belly; feel them.', to(crossed(both(ON_BELLY)))), exhale('Feel the seat, the legs, the floor.', to(crossed(both(ON_BELLY), { head: { nod: 4 } })))] },
    seated: { change: 'On a chair.', cycle: [inhale('On the chair: warmth gathers in the belly.', to(sit(both(ON_BELLY)))), exhale('It goes out to the limbs, and home.', to(sit(both(ON_BELLY), { head: { nod: 4 } })))] },
  }),
] as const;
