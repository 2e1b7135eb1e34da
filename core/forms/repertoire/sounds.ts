import type { ChannelId, PointCode } from '../../channels';
import { organ, type OrganId } from '../../phases';
import type { SoundOrgan } from '../../sounds';
import type { Form, Stroke } from '../model/model';
import type { FormView } from '../model/terms';
import { defineForm } from '../writing/define';
import { AT_KIDNEYS, both, each, ON_RIBS, ON_THIGHS } from '../writing/postures';
import { exhale, inhale, through, to } from '../writing/strokes';

interface SoundText {
  readonly soundOrgan: SoundOrgan;
  readonly name: string;
  /** The exercise by the character it is called by, whatever the school sounds. */
  readonly pinyin: string;
  readonly hanzi: string;
  readonly alsoOrgans: readonly OrganId[];
  readonly channels: readonly ChannelId[];
  readonly points: readonly PointCode[];
  readonly view?: FormView;
  /** The hands open, and the sound lets go. */
  readonly cycle: readonly Stroke[];
  /** Where the hands stay on the organ. */
  readonly smallerCycle: readonly Stroke[];
  /** From the chair, where the hands go another way. */
  readonly seatedCycle?: readonly Stroke[];
  readonly image: string;
}

/** The six healing sounds share one shape: hold the organ in mind, open on the inhale, sound on the exhale. */
// prettier-ignore
function sound(text: SoundText): Form {
  return defineForm({
    id: `sound-${text.soundOrgan}`, name: text.name, pinyin: text.pinyin, hanzi: text.hanzi, family: 'healing sound', source: 'six-sounds-standard',
    roles: ['clear'], actions: ['clears', 'calms'], phases: [organ(text.soundOrgan).phase],
    organs: [text.soundOrgan, ...text.alsoOrgans], soundOrgan: text.soundOrgan,
    channels: text.channels.map((channel) => ({ channel, how: 'attend' as const })), points: [...text.points],
    pace: 'sound', manner: 'sounded', exhale: 'mouth', settleSec: 6, setupSec: { known: 8, taught: 24 },
    cycle: [...text.cycle], ...(text.view ? { view: text.view } : {}),
    repetitions: { least: 2, usual: 6, most: 12, multipleOf: 1 },
    images: [text.image],
    mistakes: [
      { mistake: 'pushing the sound', mend: 'Let it ride on the breath, as soft as is still heard by yourself.' },
      { mistake: 'louder than the room allows', mend: 'Whisper it, or let only the breath go in its shape.' },
    ],
    cautions: ['Light-headed? Leave the sound and breathe as it comes.'],
    smaller: { change: 'Hands stay on the organ; only the breath and the sound.', cycle: [...text.smallerCycle] },
    seated: { change: 'The same from the chair, arms no higher than the shoulders.', ...(text.seatedCycle ? { cycle: [...text.seatedCycle] } : {}) },
  });
}

// prettier-ignore
export const SOUNDS = [
  sound({
    soundOrgan: 'liver', name: 'Liver sound', pinyin: 'Xū Zì Jué', hanzi: '噓字訣', alsoOrgans: ['gallbladder'], channels: ['LR', 'GB'], points: ['LR14'],
    image: 'Green wind carried off over open country.',
    cycle: [
      inhale('Hands gather to the ribs.', to({ sink: 8, hands: both(ON_RIBS) })),
      exhale('{sound}: hands go out from the ribs, eyes wide.', through({ sink: 12, hands: both({ near: 'reach', toward: [1, -0.2, 0.55], palm: 'up', share: 0.7 }) }, { sink: 14, hands: both({ near: 'reach', toward: [1, -0.2, 0.5], palm: 'up', share: 0.9 }) })),
    ],
    smallerCycle: [
      inhale('Hands rest on the right ribs.', to({ hands: both(ON_RIBS) })),
      exhale('{sound}: long and soft under the hands, eyes wide.', to({ sink: 12, hands: both(ON_RIBS) })),
    ],
  }),
  sound({
    soundOrgan: 'heart', name: 'Heart sound', pinyin: 'Hē Zì Jué', hanzi: '呵字訣', alsoOrgans: ['small-intestine', 'pericardium'], channels: ['HT', 'PC'],
    points: ['HT7', 'CV17'], image: 'A kettle’s lid lifted: the heat goes.',
    cycle: [
      inhale('Cup the hands and lift them to the chest.', through({ sink: 14, hands: both({ near: 'lower dantian', off: [2.5, 0, 5], palm: 'up', fingers: 'in' }) }, { sink: 8, hands: both({ near: 'middle dantian', off: [2.5, 0, 6], palm: 'body', fingers: 'in', elbow: 'out', shape: 'hollow palm' }) })),
      exhale('{sound}: the chest softens, hands turn and sink.', through({ sink: 10, hands: both({ near: 'middle dantian', off: [4, 0, 7], palm: 'down', fingers: 'in', elbow: 'out' }) }, { sink: 16, hands: both({ near: 'lower dantian', off: [4, 0, 6], palm: 'down', fingers: 'in', elbow: 'out' }) })),
    ],
    smallerCycle: [
      inhale('Hands rest on the chest.', to({ hands: each({ near: 'middle dantian', fingers: 'in' }, { near: 'hand', palm: 'back', fingers: 'in' }) })),
      exhale('{sound}: the chest softens under the hands.', to({ sink: 12, hands: each({ near: 'middle dantian', fingers: 'in' }, { near: 'hand', palm: 'back', fingers: 'in' }) })),
    ],
  }),
  sound({
    soundOrgan: 'spleen', name: 'Spleen sound', pinyin: 'Hū Zì Jué', hanzi: '呼字訣', alsoOrgans: ['stomach'], channels: ['SP', 'ST'], points: ['CV12'],
    image: 'Mist lifting from a low field.',
    cycle: [
      inhale('Hands draw in toward the navel.', to({ sink: 10, hands: both({ near: 'navel', off: [3, 0, 2], palm: 'body', fingers: 'in', elbow: 'out' }) })),
      exhale('{sound}: the belly empties, hands spread.', to({ sink: 18, hands: both({ near: 'reach', toward: [0.7, -0.5, 0.8], palm: 'in', share: 0.85 }) })),
    ],
    smallerCycle: [
      inhale('Hands rest on the left of the upper belly.', to({ hands: both({ near: 'navel', off: [3, 1, 0], fingers: 'in' }) })),
      exhale('{sound}: the belly empties under the hands.', to({ sink: 12, hands: both({ near: 'navel', off: [3, 1, 0], fingers: 'in' }) })),
    ],
  }),
  sound({
    soundOrgan: 'lung', name: 'Lung sound', pinyin: 'Sī Zì Jué', hanzi: '呬字訣', alsoOrgans: ['large-intestine'], channels: ['LU', 'LI'], points: ['LU1'],
    image: 'White breath on a cold morning.', view: 'three-quarter',
    cycle: [
      inhale('Hands rise, the chest opens.', through({ sink: 12, hands: both({ near: 'lower dantian', off: [3, 0, 5], palm: 'up', fingers: 'in' }) }, { sink: 8, trunk: { round: -8 }, hands: both({ near: 'collarbone', off: [3, -2, 4], palm: 'forward', fingers: 'up', elbow: 'low' }) })),
      exhale('{sound}: palms push away, the chest lets go.', to({ sink: 16, trunk: { round: 8 }, hands: both({ near: 'reach', toward: [0.2, -0.05, 1], palm: 'forward', share: 0.88 }) })),
    ],
    smallerCycle: [
      inhale('Hands rest below the collarbones.', to({ trunk: { round: -4 }, hands: both({ near: 'collarbone', off: [-2, -2, 0], fingers: 'up', elbow: 'low' }) })),
      exhale('{sound}: the chest lets go under the hands.', to({ sink: 12, hands: both({ near: 'collarbone', off: [-2, -2, 0], fingers: 'up', elbow: 'low' }) })),
    ],
  }),
  sound({
    soundOrgan: 'kidney', name: 'Kidney sound', pinyin: 'Chuī Zì Jué', hanzi: '吹字訣', alsoOrgans: ['bladder'], channels: ['KI', 'BL'], points: ['BL23', 'GV4'],
    image: 'A candle blown out; dark, still water.', view: 'three-quarter',
    cycle: [
      inhale('Hands slide to the small of the back.', to({ sink: 8, hands: both(AT_KIDNEYS) })),
      exhale('{sound}: hands slide down, the low back fills.', through({ sink: 26, trunk: { lean: 16, round: 14 }, hands: both({ near: 'buttock', elbow: 'back' }) }, { sink: 26, trunk: { lean: 32, round: 22 }, hands: both({ near: 'back thigh', off: [0, 6, 0], elbow: 'back' }) })),
    ],
    smallerCycle: [
      inhale('Hands rest on the small of the back.', to({ hands: both(AT_KIDNEYS) })),
      exhale('{sound}: the low back fills the hands.', to({ sink: 14, hands: both(AT_KIDNEYS) })),
    ],
    seatedCycle: [
      inhale('Hands slide to the small of the back.', to({ base: 'chair', hands: both(AT_KIDNEYS) })),
      exhale('{sound}: hands slide round to the thighs, the low back fills.', to({ base: 'chair', trunk: { lean: 8, round: 14 }, hands: both(ON_THIGHS) })),
    ],
  }),
  sound({
    soundOrgan: 'triple-burner', name: 'Triple Burner sound', pinyin: 'Xī Zì Jué', hanzi: '嘻字訣', alsoOrgans: ['pericardium'], channels: ['TE', 'PC'], points: ['CV17'],
    image: 'A blind drawn down through three windows.',
    cycle: [
      inhale('Arms rise up the middle, fingers light.', through({ sink: 12, hands: both({ near: 'lower dantian', off: [2.5, 0, 5], palm: 'up', fingers: 'in' }) }, { sink: 10, hands: both({ near: 'middle dantian', off: [2.5, 0, 6], palm: 'body', fingers: 'in', elbow: 'out' }) }, { sink: 6, hands: both({ near: 'reach', toward: [0.2, 1, 0.35], palm: 'forward', share: 0.88 }) })),
      exhale('{sound}: hands comb down from brow to belly.', through({ sink: 8, hands: both({ near: 'face', off: [3, 0, 5], palm: 'down', fingers: 'in', elbow: 'out' }) }, { sink: 12, hands: both({ near: 'middle dantian', off: [3, 0, 5], palm: 'down', fingers: 'in', elbow: 'out' }) }, { sink: 16, hands: both({ near: 'lower dantian', off: [3, 0, 5], palm: 'down', fingers: 'in', elbow: 'out' }) })),
    ],
    smallerCycle: [
      inhale('Hands rest on the belly.', to({ hands: both({ near: 'middle dantian', off: [3, 0, 0], fingers: 'in' }) })),
      exhale('{sound}: it drains from brow to belly.', to({ sink: 12, hands: both({ near: 'lower dantian', off: [3, 0, 0], fingers: 'in' }) })),
    ],
    seatedCycle: [
      inhale('Hands rise up the middle to the collarbones.', through({ base: 'chair', hands: both({ near: 'lower dantian', off: [2.5, 3, 5], palm: 'up', fingers: 'in' }) }, { base: 'chair', hands: both({ near: 'middle dantian', off: [2.5, 2, 7], palm: 'body', fingers: 'in', elbow: 'out' }) })),
      exhale('{sound}: hands comb down from chin to belly.', through({ base: 'chair', hands: both({ near: 'middle dantian', off: [3, 0, 5], palm: 'down', fingers: 'in', elbow: 'out' }) }, { base: 'chair', hands: both({ near: 'lower dantian', off: [3, 2, 5], palm: 'down', fingers: 'in', elbow: 'out' }) })),
    ],
  }),
] as const;
