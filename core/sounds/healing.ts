import type { SourceId } from '../sources';
import { SYLLABLES, type SyllableId, type SyllableRow } from './syllables';
import { SOUND_ORGANS, SOUND_SCHOOLS, soundOf, type SoundOrgan, type SoundSchoolId } from './sounds';

/**
 * The sounds of practice, in full: the healing sounds of every school, and the others (a sigh, a hum, a buzz …). A sound
 * is a layer: it is made on the exhale of whatever form carries it.
 */

/** How a sound is learnt and then kept: aloud, whispered, and at last only the breath and the mouth. */
export const VOICES = ['aloud', 'whispered', 'silent'] as const;
export type Voice = (typeof VOICES)[number];

/** A sound, as data; what is not said here is explained where it is read, in `schema.ts`. */
export interface Sound {
  readonly id: string;
  readonly written: string;
  readonly hanzi?: string | undefined;
  readonly plain: string;
  readonly syllables: readonly SyllableId[];
  readonly school?: string | undefined;
  readonly organ?: SoundOrgan | undefined;
  readonly source: SourceId;
  readonly movement: string;
  readonly leaves: string;
  readonly image: string;
  readonly colour?: string | undefined;
  /** Seconds of an exhale at ease. */
  readonly sec: { readonly least: number; readonly most: number };
  readonly dose: { readonly taste: number; readonly plain: number; readonly more: number };
  readonly use?: string | undefined;
  readonly mind: string;
}

interface OrganFacts {
  readonly movement: string;
  readonly leaves: string;
  readonly image: string;
  readonly colour: string;
}

/** What goes with the sound of an organ in every school; common practice. */
const OF_ORGANS: Readonly<Record<SoundOrgan, OrganFacts>> = {
  liver: {
    movement: 'Hands leave the ribs sideways and forward, the eyes open wide.',
    leaves: 'heat and tightness of sinews and eyes',
    image: 'A new leaf unrolling.',
    colour: 'green-blue',
  },
  heart: {
    movement: 'Cupped hands rise to the chest, turn, and sink as the chest softens.',
    leaves: 'heat and unrest of the chest',
    image: 'A lamp trimmed until it burns quietly.',
    colour: 'red',
  },
  spleen: {
    movement: 'Hands open wide from the belly, as round a ball.',
    leaves: 'damp, heaviness and staleness of the belly',
    image: 'A meadow after rain, drying in the sun.',
    colour: 'yellow',
  },
  lung: {
    movement: 'Hands rise, the chest opens; the palms push away.',
    leaves: 'dryness, and heat of the chest and skin',
    image: 'Clear air after the first frost.',
    colour: 'white',
  },
  kidney: {
    movement: 'Hands slide down from the low back, the knees give, the low back fills.',
    leaves: 'cold of the low back and bones',
    image: 'A spring under ice.',
    colour: 'black or deep blue',
  },
  'triple-burner': {
    movement: 'Arms rise up the middle; the hands comb down from brow to belly.',
    leaves: 'heat that gathers above while it is cool below',
    image: 'Warm air let out at a roof window.',
    colour: 'no colour of its own',
  },
};

/** Exhales of 4–8 s at ease; six is the plain dose, three a taste, up to 36 in old texts (common practice). */
const USUAL = { sec: { least: 4, most: 8 }, dose: { taste: 3, plain: 6, more: 36 } } as const;

const rowOfWritten = (written: string): SyllableRow & { readonly id: SyllableId } => {
  const row = SYLLABLES.find((one) => one.written === written);
  if (!row) throw new RangeError(`no syllable is written "${written}"`);
  return row;
};

function ofSchool(organ: SoundOrgan, { id, source }: (typeof SOUND_SCHOOLS)[number]): readonly Sound[] {
  const written = soundOf(organ, id);
  if (written === undefined) return [];
  const rows = written.split(', then ').map(rowOfWritten);
  const hanzi = rows.map((row) => row.hanzi ?? '').join('');
  return [
    {
      id: soundIdOf(organ, id),
      written,
      ...(hanzi && id !== 'voiced' ? { hanzi } : {}),
      plain: rows.map(({ plain }) => plain).join('; then '),
      syllables: rows.map(({ id: syllable }) => syllable),
      school: id,
      organ,
      source,
      ...OF_ORGANS[organ],
      ...USUAL,
      mind: 'The organ held in mind before it, a quiet breath after it.',
    },
  ];
}

/** The id of an organ’s sound in a school. */
export const soundIdOf = (organ: SoundOrgan, school: SoundSchoolId): string => `${organ}-${school}`;

const OTHERS: readonly Sound[] = [
  {
    id: 'sigh',
    written: 'ahh',
    plain: 'a sigh',
    syllables: ['sigh'],
    source: 'common-practice',
    movement: 'Shoulders rise with the breath and drop with the sigh.',
    leaves: 'what was held in shoulders, jaw and belly',
    image: 'A sack set down.',
    sec: { least: 2, most: 5 },
    dose: { taste: 1, plain: 3, more: 6 },
    use: 'To let go, at the beginning or after effort.',
    mind: 'Three is usual; yawning is welcome.',
  },
  {
    id: 'hum',
    written: 'mmm',
    plain: 'a low hum',
    syllables: ['hum'],
    source: 'common-practice',
    movement: 'Hands rest on the chest, or on the belly.',
    leaves: 'numbness of the chest and head',
    image: 'A bell still sounding after the stroke.',
    sec: { least: 4, most: 9 },
    dose: { taste: 3, plain: 6, more: 12 },
    use: 'To stir chest and head from inside, and make the out-breath long.',
    mind: 'Low and soft; feel where it trembles.',
  },
  {
    id: 'chest-buzz',
    written: 'zzz',
    plain: 'a buzz, like a lazy bee',
    syllables: ['buzz'],
    source: 'common-practice',
    movement: 'Soft fingers tap the chest while it buzzes.',
    leaves: 'what sits fast in the chest',
    image: 'Bees in a sunlit wall.',
    sec: { least: 3, most: 7 },
    dose: { taste: 3, plain: 6, more: 9 },
    use: 'With tapping on the chest; afterwards one cough may bring up what came loose.',
    mind: 'Where tapping is not allowed, a hum instead.',
  },
  {
    id: 'stamp',
    written: 'huh',
    plain: 'huh, short and low',
    syllables: ['huh'],
    source: 'common-practice',
    movement: 'The heel comes down, the voice with it.',
    leaves: 'what hangs in the head and shoulders',
    image: 'A post driven one blow deeper.',
    sec: { least: 1, most: 2 },
    dose: { taste: 1, plain: 3, more: 9 },
    use: 'On a stamp or a heel drop: needs a firm foot, and no condition against impact.',
    mind: 'From the belly, never from the throat.',
  },
  {
    id: 'whoosh',
    written: 'whoosh',
    plain: 'whoosh, as wind in a door',
    syllables: ['whoosh'],
    source: 'common-practice',
    movement: 'The palms push away.',
    leaves: 'what is not one’s own',
    image: 'A gust that sweeps the yard.',
    sec: { least: 2, most: 5 },
    dose: { taste: 3, plain: 3, more: 6 },
    use: 'With a push of the palms, to clear.',
    mind: 'Long and soft; the push is the breath’s, not the arms’.',
  },
];

/** Every shipped sound. */
export const SOUNDS: readonly Sound[] = [
  ...SOUND_SCHOOLS.flatMap((school) => SOUND_ORGANS.flatMap((organ) => ofSchool(organ, school))),
  ...OTHERS,
];

/** The shipped sound of an id. */
export const soundById = (id: string): Sound | undefined => SOUNDS.find((sound) => sound.id === id);
