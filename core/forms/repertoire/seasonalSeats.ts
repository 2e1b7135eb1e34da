import type { Posture } from '../../body';
import type { OrganId, PhaseId } from '../../phases';
import type { ChannelId } from '../../channels';
import type { Form, Stroke } from '../model/model';
import { along, defineForm } from '../writing/define';
import { gentler } from '../writing/embody';
import { AT_KIDNEYS, both, each, fist, ON_KNEES, ON_THIGHS, reaching, sit } from '../writing/postures';
import { exhale, inhale, to } from '../writing/strokes';

type Hands = NonNullable<Posture['hands']>;
interface Seat {
  /** Pinyin without tones, as in the id; the term with tones, its hanzi, and what it means. */
  readonly id: string;
  readonly pinyin: string;
  readonly hanzi: string;
  readonly term: string;
  readonly phase: PhaseId;
  readonly organ: OrganId;
  readonly channel: ChannelId;
  /** What the hands and the trunk do on the inhale, and on the exhale to the left. */
  readonly rest: Hands;
  readonly moved: Hands;
  readonly more: Posture;
  readonly inward: string;
  readonly outward: string;
  /** What is said and done on a chair where the hands stay on the thighs; else it is as on the floor, half as far. */
  readonly chair?: readonly [string, string];
  /** What is said in the smaller way: hands in the lap, half as far. */
  readonly small: readonly [string, string];
  readonly image: string;
  readonly sides?: 'symmetric';
}

const FOLDED: Hands = each(
  { near: 'lower dantian', off: [2, 0, 1], palm: 'body', fingers: 'in' },
  { near: 'hand', of: 'other', off: [0, 0, 0.4], palm: 'back', fingers: 'in' },
);
const KNEES: Hands = both(ON_KNEES);
const FISTS: Hands = both({ near: 'belly side', off: [0, 1, 2], palm: 'up', elbow: 'back', ...fist });
const OVER: Hands = both({ near: 'crown', off: [2, 6, 1], palm: 'up', fingers: 'in', elbow: 'out' });
const ON_EARS: Hands = both({ near: 'ear', off: [0, 0, 0.5], palm: 'body', fingers: 'back', elbow: 'out' });
const BESIDE: Hands = both({
  near: 'hip',
  off: [3, -0.5, 1],
  palm: 'down',
  fingers: 'forward',
  elbow: 'out',
});
const KNEE_HELD: Hands = both({ near: 'knee', off: [-0.5, 0.6, 0.4], palm: 'body' });
const CHEST_AND_UP: Hands = each(
  { near: 'crown', off: [3, 6, 1], palm: 'up', fingers: 'in', elbow: 'out' },
  { near: 'middle dantian', off: [0, 0, 3], palm: 'body', fingers: 'in' },
);
const BOW: Hands = each(reaching(1, -0.1, 0.3, 'out', 0.86), {
  near: 'middle dantian',
  off: [3, 0, 7],
  palm: 'body',
  fingers: 'in',
  elbow: 'out',
});
const FOREARM_HELD: Hands = each(
  { near: 'navel', off: [1, 2, 7], palm: 'body', fingers: 'in' },
  { near: 'forearm', of: 'other', off: [0, 0, 0.4], palm: 'body', elbow: 'out' },
);
const TURNED = (turn: number, head: number): Posture => ({ trunk: { turn }, head: { turn: head } });

/** One posture a solar term, as far as it is remembered: the old text adds hours, tapping the teeth, breathing and swallowing. */
// prettier-ignore
const SEATS: readonly Seat[] = [
  { id: 'lichun', pinyin: 'Lì Chūn', hanzi: '立春', term: 'spring begins', phase: 'wood', organ: 'triple-burner', channel: 'TE', rest: FOLDED, moved: FOLDED, more: TURNED(12, 24), inward: 'Hands folded in the lap; grow tall.', outward: 'Turn to the {side} over them.', small: ['Palms up in the lap; grow tall.', 'Eyes first, then the head: a little to the {side}.'], image: 'Ice that cracks at the edge of the pond.' },
  { id: 'yushui', pinyin: 'Yǔ Shuǐ', hanzi: '雨水', term: 'rain water', phase: 'wood', organ: 'triple-burner', channel: 'TE', rest: FOLDED, moved: FOLDED, more: { trunk: { bend: 8 }, head: { turn: 20 } }, inward: 'Hands folded low, breathe wide.', outward: 'Neck and waist bend a little to the {side}.', small: ['Palms up in the lap; breathe wide.', 'Neck and waist give a little to the {side}.'], image: 'The first rain that does not freeze.' },
  { id: 'jingzhe', pinyin: 'Jīng Zhé', hanzi: '驚蟄', term: 'creatures stir', phase: 'wood', organ: 'large-intestine', channel: 'LI', rest: FISTS, moved: both({ near: 'ribs', off: [2, 0, 2], palm: 'up', elbow: 'back', ...fist }), more: TURNED(4, 30), inward: 'Thumbs held in fists at the waist.', outward: 'Elbows draw back; look to the {side}.', small: ['Palms up in the lap; the spine wakes.', 'Look a little to the {side}, shoulders quiet.'], image: 'Something turns over in the ground.' },
  { id: 'chunfen', pinyin: 'Chūn Fēn', hanzi: '春分', term: 'spring equinox', phase: 'wood', organ: 'large-intestine', channel: 'LI', rest: both({ near: 'ribs', off: [1.5, 0, 3], palm: 'forward', fingers: 'up', elbow: 'back' }), moved: both(reaching(0.2, -0.15, 1, 'forward', 0.88)), more: { head: { turn: 32 } }, inward: 'Hands draw in to the ribs.', outward: 'Push ahead with both; turn the head to the {side}.', small: ['Palms up in the lap; day and night level.', 'The head alone turns a little to the {side}.'], image: 'Day and night on one beam.' },
  { id: 'qingming', pinyin: 'Qīng Míng', hanzi: '清明', term: 'clear and bright', phase: 'wood', organ: 'small-intestine', channel: 'SI', rest: both({ near: 'middle dantian', off: [2.5, 0, 6], palm: 'body', fingers: 'in', elbow: 'out' }), moved: BOW, more: TURNED(10, 32), inward: 'Arms cross before the chest.', outward: 'Draw a bow to the {side}.', small: ['Palms up in the lap; the chest clear.', 'Look a little way to the {side}, as along an arrow.'], image: 'Air washed so clean that hills come near.' },
  { id: 'guyu', pinyin: 'Gǔ Yǔ', hanzi: '穀雨', term: 'grain rain', phase: 'earth', organ: 'small-intestine', channel: 'SI', rest: KNEES, moved: CHEST_AND_UP, more: { head: { turn: 10 } }, inward: 'Hands on the knees; wait.', outward: 'The {side} palm holds up, the {other} lies on the chest.', small: ['Palms up in the lap; listen for rain.', 'The chin goes a finger’s breadth to the {side}.'], image: 'Rain that one can hear growing.' },
  { id: 'lixia', pinyin: 'Lì Xià', hanzi: '立夏', term: 'summer begins', phase: 'fire', organ: 'pericardium', channel: 'PC', rest: KNEES, moved: KNEE_HELD, more: { trunk: { lean: 10, turn: 8 }, weight: 0.6 }, inward: 'Hands take hold over the knees.', outward: 'Draw yourself towards the {side} knee.', small: ['Palms up in the lap; the seat wide.', 'Lean a little over the {side} sitting bone.'], image: 'A gate lifted out of its latch.' },
  { id: 'xiaoman', pinyin: 'Xiǎo Mǎn', hanzi: '小滿', term: 'grain fills', phase: 'fire', organ: 'pericardium', channel: 'PC', rest: KNEES, moved: each({ near: 'crown', off: [4, 5, 1], palm: 'up', fingers: 'in', elbow: 'out' }, ON_KNEES), more: {}, inward: 'Hands on the knees; grow tall.', outward: 'The {side} hand props up, the {other} presses down.', small: ['Palms up in the lap, half full.', 'Let the {side} flank grow long, the {other} rest.'], image: 'Ears of grain that begin to bow.' },
  { id: 'mangzhong', pinyin: 'Máng Zhòng', hanzi: '芒種', term: 'bearded grain', phase: 'fire', organ: 'heart', channel: 'HT', rest: both({ near: 'middle dantian', off: [2, 1, 6], palm: 'body', fingers: 'in', elbow: 'out' }), moved: OVER, more: {}, inward: 'Both palms come before the chest.', outward: 'They hold up, as much as is easy.', small: ['Palms up in the lap; the back wide.', 'The crown alone goes on growing.'], image: 'Everyone in the field at once.', sides: 'symmetric' },
  { id: 'xiazhi', pinyin: 'Xià Zhì', hanzi: '夏至', term: 'summer solstice', phase: 'fire', organ: 'heart', channel: 'HT', rest: KNEES, moved: each({ near: 'shin', of: 'other', off: [0, -1, 1.6] }, ON_KNEES), more: { trunk: { lean: 30, round: 26 } }, inward: 'Hands on the knees; the longest day.', outward: 'The {side} hand takes hold of the {other} foot; bow to it.', chair: ['Hands on the thighs; the longest day.', 'Bow a little towards the {side} foot.'], small: ['Palms up in the lap; the longest day.', 'Bow a little towards the {other} foot.'], image: 'The sun waits for a breath.' },
  { id: 'xiaoshu', pinyin: 'Xiǎo Shǔ', hanzi: '小暑', term: 'lesser heat', phase: 'fire', organ: 'spleen', channel: 'SP', rest: BESIDE, moved: BESIDE, more: { trunk: { turn: 10, lean: -4 } }, inward: 'Hands press beside you; grow light.', outward: 'Turn a little to the {side} between them.', small: ['Palms up in the lap; grow light.', 'Turn a little to the {side}, the seat like warm sand.'], image: 'Warm wind before noon.' },
  { id: 'dashu', pinyin: 'Dà Shǔ', hanzi: '大暑', term: 'great heat', phase: 'earth', organ: 'spleen', channel: 'SP', rest: both({ near: 'knee', off: [0, 0.4, 0], palm: 'body', ...fist }), moved: both({ near: 'knee', off: [0, 0.4, 0], palm: 'body', ...fist }), more: { trunk: { lean: 12 }, head: { turn: 32 } }, inward: 'Fists on the knees; lean on them.', outward: 'Look to the {side} like a tiger.', small: ['Palms up in the lap, in the shade.', 'Look to the {side} without haste, a little forward.'], image: 'A tiger in the shade, awake.' },
  { id: 'liqiu', pinyin: 'Lì Qiū', hanzi: '立秋', term: 'autumn begins', phase: 'metal', organ: 'lung', channel: 'LU', rest: BESIDE, moved: BESIDE, more: { trunk: { round: 16 }, head: { nod: 10 } }, inward: 'Hands press beside you; the chest widens.', outward: 'Draw the body together and round.', small: ['Palms up in the lap; the chest wide.', 'Round a little, and draw together.'], image: 'The first leaf, and nobody touched it.', sides: 'symmetric' },
  { id: 'chushu', pinyin: 'Chǔ Shǔ', hanzi: '處暑', term: 'heat withdraws', phase: 'metal', organ: 'lung', channel: 'LU', rest: both(AT_KIDNEYS), moved: both(AT_KIDNEYS), more: TURNED(10, 22), inward: 'Hands lie on the low back; breathe wide.', outward: 'Turn and lift the chest to the {side}.', small: ['Palms up in the lap; breathe into the low back.', 'Turn a little to the {side}, the chest light.'], image: 'Heat put away like a summer coat.' },
  { id: 'bailu', pinyin: 'Bái Lù', hanzi: '白露', term: 'white dew', phase: 'metal', organ: 'stomach', channel: 'ST', rest: KNEES, moved: KNEES, more: { head: { turn: 36 } }, inward: 'Hands press the knees; grow tall.', outward: 'The head turns to the {side}.', small: ['Palms up in the lap; the neck long.', 'The head turns half as far to the {side}.'], image: 'Every web hung with drops.' },
  { id: 'qiufen', pinyin: 'Qiū Fēn', hanzi: '秋分', term: 'autumn equinox', phase: 'metal', organ: 'stomach', channel: 'ST', rest: ON_EARS, moved: ON_EARS, more: { trunk: { bend: 14 } }, inward: 'Palms over the ears; grow tall.', outward: 'Bend to the {side}, elbow down.', small: ['Palms up in the lap; both sides alike.', 'Bend a little to the {side}; the other flank opens.'], image: 'Two bowls of a balance, and no weight in either.' },
  { id: 'hanlu', pinyin: 'Hán Lù', hanzi: '寒露', term: 'cold dew', phase: 'metal', organ: 'gallbladder', channel: 'GB', rest: both({ near: 'collarbone', off: [2, 0, 4], palm: 'forward', fingers: 'up', elbow: 'low' }), moved: both(reaching(0.35, 1, 0.2, 'in', 0.9)), more: {}, inward: 'Palms at the shoulders.', outward: 'Both arms hold up.', small: ['Palms up in the lap; shoulders wide.', 'The back of the neck grows long, the arms rest.'], image: 'Geese, and only their voices.', sides: 'symmetric' },
  { id: 'shuangjiang', pinyin: 'Shuāng Jiàng', hanzi: '霜降', term: 'frost descends', phase: 'earth', organ: 'gallbladder', channel: 'GB', rest: KNEES, moved: both({ near: 'knee', off: [-0.4, 0.4, 0.4] }), more: { trunk: { lean: 34, round: 24 }, head: { nod: 8 } }, inward: 'Hands on the knees; the spine long.', outward: 'Bow down towards the feet.', small: ['Palms up in the lap; the spine long.', 'Bow as far as in a greeting.'], image: 'Grass that rings when it is walked on.', sides: 'symmetric' },
  { id: 'lidong', pinyin: 'Lì Dōng', hanzi: '立冬', term: 'winter begins', phase: 'water', organ: 'liver', channel: 'LR', rest: KNEES, moved: FOREARM_HELD, more: TURNED(12, 26), inward: 'One hand takes hold of the other arm.', outward: 'Draw it across, and look to the {side}.', small: ['Palms up in the lap; gather in.', 'Turn a little to the {side}, and look there.'], image: 'The boat is turned keel up.' },
  { id: 'xiaoxue', pinyin: 'Xiǎo Xuě', hanzi: '小雪', term: 'lesser snow', phase: 'water', organ: 'liver', channel: 'LR', rest: FOREARM_HELD, moved: FOREARM_HELD, more: { trunk: { bend: -8 } }, inward: 'Hold the elbow before the belly.', outward: 'Lean away from the {side} and draw.', small: ['Palms up in the lap, quietly.', 'Lean a little away from the {side}.'], image: 'So few flakes that one can follow each.' },
  { id: 'daxue', pinyin: 'Dà Xuě', hanzi: '大雪', term: 'great snow', phase: 'water', organ: 'kidney', channel: 'KI', rest: KNEES, moved: both(reaching(1, -0.15, 0.2, 'up', 0.88)), more: {}, inward: 'Hands on the knees; the breath grows slow.', outward: 'Both palms hold out to the sides.', small: ['Palms up in the lap; the breath slow.', 'Let the breath go out wide, and wait for the next.'], image: 'A white road that no one has used.', sides: 'symmetric' },
  { id: 'dongzhi', pinyin: 'Dōng Zhì', hanzi: '冬至', term: 'winter solstice', phase: 'water', organ: 'kidney', channel: 'KI', rest: both({ near: 'knee', off: [0, 0.4, 0], palm: 'body', ...fist }), moved: both({ near: 'knee', off: [0, 0.4, 0], palm: 'body', ...fist }), more: { trunk: { lean: 8, bend: 5 } }, inward: 'Fists on the knees; the longest night.', outward: 'Lean on the {side} fist, quietly.', small: ['Palms up in the lap; the longest night.', 'Give a little to the {side}, as one who listens.'], image: 'One spark under all that ash.' },
  { id: 'xiaohan', pinyin: 'Xiǎo Hán', hanzi: '小寒', term: 'lesser cold', phase: 'water', organ: 'spleen', channel: 'SP', rest: KNEES, moved: each({ near: 'crown', off: [4, 5, 1], palm: 'up', fingers: 'in', elbow: 'out' }, ON_KNEES), more: { trunk: { lean: 14, round: 8 }, head: { turn: 12 } }, inward: 'Hands on the knees, the seat heavy.', outward: 'The {side} palm holds up, the {other} presses the knee.', chair: ['Hands on the thighs; the seat heavy.', 'Look to the {side}, and settle.'], small: ['Palms up in the lap, the seat heavy.', 'Look a little to the {side}, the crown growing.'], image: 'Smoke that goes straight up.' },
  { id: 'dahan', pinyin: 'Dà Hán', hanzi: '大寒', term: 'great cold', phase: 'earth', organ: 'spleen', channel: 'SP', rest: BESIDE, moved: both({ near: 'buttock', off: [2.5, -1, 2], palm: 'down', fingers: 'out', elbow: 'back' }), more: { trunk: { lean: -6 } }, inward: 'Hands beside you; the spine long.', outward: 'Lean back a little on both hands.', chair: ['Hands on the thighs; the spine long.', 'Lean back a little.'], small: ['Palms up in the lap; the root warm.', 'Lean back by a finger’s breadth.'], image: 'The coldest stone, and under it a root.', sides: 'symmetric' },
];

const crossed = (hands: Hands, more: Posture = {}): Posture => ({ base: 'crossed', hands, ...more });
/** Where the hands rest in the smaller way. */
const LAP: Hands = both({ near: 'lower dantian', off: [2, 1, 3], palm: 'up', fingers: 'in' });
/** On the chair the hands keep lower, and the turn is smaller. */
const CHAIR_HANDS: Hands = both(ON_THIGHS);

function seat(row: Seat): Form {
  const half = gentler(row.more);
  const stroke = (make: typeof inhale, cue: string, posture: Posture): Stroke => make(cue, to(posture));
  return defineForm({
    id: `term-${row.id}`,
    name: `Seated for ${row.pinyin}: ${row.term}`,
    pinyin: `${row.pinyin} Zuò Gōng`,
    hanzi: `${row.hanzi}坐功`,
    source: 'twenty-four-seated',
    family: 'set piece',
    roles: ['nourish', 'loosen'],
    actions: ['moves', 'nourishes'],
    phases: [row.phase],
    organs: [row.organ],
    channels: along('stretch', row.channel),
    stance: { start: 'cross-legged', end: 'cross-legged' },
    footwork: 'Sitting with crossed legs, or on a chair.',
    sides: row.sides ?? 'alternating',
    pace: 'flowing',
    repetitions: { least: 2, usual: 3, most: 9, multipleOf: 1 },
    setupSec: { known: 5, taught: 18 },
    loosens: ['spine'],
    images: [row.image],
    mistakes: [
      {
        mistake: 'the old numbers all at once',
        mend: 'Three are enough to begin with; then teeth, breath and swallowing.',
      },
    ],
    exceptions: { breath: 'The movement goes out on the exhale, as in all of this set.' },
    cycle: [
      stroke(inhale, row.inward, crossed(row.rest)),
      stroke(exhale, row.outward, crossed(row.moved, row.more)),
    ],
    smaller: {
      change: 'Half as far, hands in the lap.',
      cycle: [stroke(inhale, row.small[0], crossed(LAP)), stroke(exhale, row.small[1], crossed(LAP, half))],
    },
    seated: {
      change: 'On a chair.',
      cycle: [
        stroke(
          inhale,
          row.chair?.[0] ?? `On the chair: ${row.inward.charAt(0).toLowerCase()}${row.inward.slice(1)}`,
          sit(row.chair ? CHAIR_HANDS : row.rest),
        ),
        stroke(exhale, row.chair?.[1] ?? row.outward, sit(row.chair ? CHAIR_HANDS : row.moved, half)),
      ],
    },
  });
}

/** The seated exercises of the twenty-four terms, in the order of the year; from memory, marked so. */
export const SEASONAL_SEATS: readonly Form[] = SEATS.map(seat);
