import type { ChannelId, PointCode } from '../../channels';
import { organ, type OrganId } from '../../phases';
import type { SoundOrgan } from '../../sounds';
import { breatheIn, breatheOut, defineForm } from '../define';
import type { Form } from '../model';

interface SoundText {
  readonly soundOrgan: SoundOrgan;
  readonly name: string;
  readonly alsoOrgans: readonly OrganId[];
  readonly channels: readonly ChannelId[];
  readonly points: readonly PointCode[];
  readonly open: string;
  readonly release: string;
  /** The words where the hands stay on the organ: in, and out. */
  readonly resting: readonly [string, string];
  /** The words from the chair, where the hands go another way. */
  readonly seated?: readonly [string, string];
  readonly image: string;
}

/** The six healing sounds share one shape: hold the organ in mind, open on the inhale, sound on the exhale. */
// prettier-ignore
function sound(text: SoundText): Form {
  return defineForm({
    id: `sound-${text.soundOrgan}`, name: text.name, family: 'healing sound', source: 'six-sounds-standard',
    roles: ['clear'], actions: ['clears', 'calms'], phases: [organ(text.soundOrgan).phase],
    organs: [text.soundOrgan, ...text.alsoOrgans], soundOrgan: text.soundOrgan,
    channels: text.channels.map((channel) => ({ channel, how: 'attend' as const })), points: [...text.points],
    pace: 'sound', manner: 'sounded', exhale: 'mouth', settleSec: 6, setupSec: { known: 8, taught: 24 },
    cycle: [breatheIn(text.open), breatheOut(text.release)],
    repetitions: { least: 2, usual: 6, most: 12, multipleOf: 1 },
    images: [text.image],
    mistakes: [
      { mistake: 'pushing the sound', mend: 'Let it ride on the breath, as soft as is still heard by yourself.' },
      { mistake: 'louder than the room allows', mend: 'Whisper it, or let only the breath go in its shape.' },
    ],
    cautions: ['Light-headed? Leave the sound and breathe as it comes.'],
    smaller: { change: 'Hands stay on the organ; only the breath and the sound.', cycle: [breatheIn(text.resting[0]), breatheOut(text.resting[1])] },
    seated: { change: 'The same from the chair, arms no higher than the shoulders.', ...(text.seated ? { cycle: [breatheIn(text.seated[0]), breatheOut(text.seated[1])] } : {}) },
  });
}

// prettier-ignore
export const SOUNDS = [
  sound({ soundOrgan: 'liver', name: 'Liver sound', alsoOrgans: ['gallbladder'], channels: ['LR', 'GB'], points: ['LR14'], open: 'Hands gather to the ribs.', release: '{sound}: hands go out from the ribs, eyes wide.', resting: ['Hands rest on the right ribs.', '{sound}: long and soft under the hands, eyes wide.'], image: 'Green wind carried off over open country.' }),
  sound({ soundOrgan: 'heart', name: 'Heart sound', alsoOrgans: ['small-intestine', 'pericardium'], channels: ['HT', 'PC'], points: ['HT7', 'CV17'], open: 'Cup the hands and lift them to the chest.', release: '{sound}: the chest softens, hands turn and sink.', resting: ['Hands rest on the chest.', '{sound}: the chest softens under the hands.'], image: 'A kettle’s lid lifted: the heat goes.' }),
  sound({ soundOrgan: 'spleen', name: 'Spleen sound', alsoOrgans: ['stomach'], channels: ['SP', 'ST'], points: ['CV12'], open: 'Hands draw in toward the navel.', release: '{sound}: the belly empties, hands spread.', resting: ['Hands rest on the left of the upper belly.', '{sound}: the belly empties under the hands.'], image: 'Mist lifting from a low field.' }),
  sound({ soundOrgan: 'lung', name: 'Lung sound', alsoOrgans: ['large-intestine'], channels: ['LU', 'LI'], points: ['LU1'], open: 'Hands rise, the chest opens.', release: '{sound}: palms push away, the chest lets go.', resting: ['Hands rest below the collarbones.', '{sound}: the chest lets go under the hands.'], image: 'White breath on a cold morning.' }),
  sound({ soundOrgan: 'kidney', name: 'Kidney sound', alsoOrgans: ['bladder'], channels: ['KI', 'BL'], points: ['BL23', 'GV4'], open: 'Hands slide to the small of the back.', release: '{sound}: hands slide down, the low back fills.', resting: ['Hands rest on the small of the back.', '{sound}: the low back fills the hands.'], seated: ['Hands slide to the small of the back.', '{sound}: hands slide round to the thighs, the low back fills.'], image: 'A candle blown out; dark, still water.' }),
  sound({ soundOrgan: 'triple-burner', name: 'Triple Burner sound', alsoOrgans: ['pericardium'], channels: ['TE', 'PC'], points: ['CV17'], open: 'Arms rise up the middle, fingers light.', release: '{sound}: hands comb down from brow to belly.', resting: ['Hands rest on the belly.', '{sound}: it drains from brow to belly.'], seated: ['Hands rise up the middle to the collarbones.', '{sound}: hands comb down from chin to belly.'], image: 'A blind drawn down through three windows.' }),
] as const;
