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
      { mistake: 'breathing onto a neighbour', mend: 'Turn a little and breathe past your own shoulder.' },
    ],
    cautions: ['Near an open window, out of a draught. Light-headed? Return to natural breath.'],
    smaller: { change: 'Hands stay on the organ; only the breath and the sound.' },
    seated: { change: 'The same from the chair, arms no higher than the shoulders.' },
  });
}

// prettier-ignore
export const SOUNDS = [
  sound({ soundOrgan: 'liver', name: 'Liver sound', alsoOrgans: ['gallbladder'], channels: ['LR', 'GB'], points: ['LR14'], open: 'Arms open from the ribs, eyes widen.', release: '{sound}: long and soft, from the ribs out.', image: 'Green wind carried off over open country.' }),
  sound({ soundOrgan: 'heart', name: 'Heart sound', alsoOrgans: ['small-intestine', 'pericardium'], channels: ['HT', 'PC'], points: ['HT7', 'CV17'], open: 'Cup the hands and lift them to the chest.', release: '{sound}: the chest softens, hands turn and sink.', image: 'A kettle’s lid lifted: the heat goes.' }),
  sound({ soundOrgan: 'spleen', name: 'Spleen sound', alsoOrgans: ['stomach'], channels: ['SP', 'ST'], points: ['CV12'], open: 'Hands draw in toward the navel.', release: '{sound}: the belly empties, hands spread.', image: 'Mist lifting from a low field.' }),
  sound({ soundOrgan: 'lung', name: 'Lung sound', alsoOrgans: ['large-intestine'], channels: ['LU', 'LI'], points: ['LU1'], open: 'Hands rise, the chest opens.', release: '{sound}: palms push away, the chest lets go.', image: 'White breath on a cold morning.' }),
  sound({ soundOrgan: 'kidney', name: 'Kidney sound', alsoOrgans: ['bladder'], channels: ['KI', 'BL'], points: ['BL23', 'GV4'], open: 'Hands slide to the small of the back.', release: '{sound}: hands slide down, the low back fills.', image: 'A candle blown out; dark, still water.' }),
  sound({ soundOrgan: 'triple-burner', name: 'Triple Burner sound', alsoOrgans: ['pericardium'], channels: ['TE', 'PC'], points: ['CV17'], open: 'Arms rise up the middle, fingers light.', release: '{sound}: hands comb down from brow to belly.', image: 'A blind drawn down through three windows.' }),
] as const;
