import type { OrganId, PhaseId } from '../phases';
import type { SourceId } from '../sources';

/** The organs that have a healing sound of their own. */
export const SOUND_ORGANS = [
  'liver',
  'heart',
  'spleen',
  'lung',
  'kidney',
  'triple-burner',
] as const satisfies readonly OrganId[];
export type SoundOrgan = (typeof SOUND_ORGANS)[number];

interface SoundSchool extends Readonly<Record<SoundOrgan, string | undefined>> {
  readonly id: string;
  readonly label: string;
  /** The order in which this school goes through the organs. */
  readonly order: readonly SoundOrgan[];
  readonly source: SourceId;
}

// prettier-ignore
export const SOUND_SCHOOLS = [
  {
    id: 'standard', label: 'standard syllables (xū, hē, hū, sī, chuī, xī)',
    liver: 'xū', heart: 'hē', spleen: 'hū', lung: 'sī', kidney: 'chuī', 'triple-burner': 'xī',
    order: ['liver', 'heart', 'spleen', 'lung', 'kidney', 'triple-burner'],
    source: 'six-sounds-standard',
  },
  {
    id: 'voiced', label: 'voiced, English style (shhh, haaa, whooo, sss, chwooo, heee)',
    liver: 'shhh', heart: 'haaa', spleen: 'whooo', lung: 'sss', kidney: 'chwooo', 'triple-burner': 'heee',
    order: ['lung', 'kidney', 'liver', 'heart', 'spleen', 'triple-burner'],
    source: 'common-practice',
  },
  {
    // The older list gives the Heart two breaths and the Triple Burner none.
    id: 'older', label: 'older list (for scholars; which breath is whose, and their order, are doubtful)',
    liver: 'hē', heart: 'hū, then chuī', spleen: 'xī', lung: 'xū', kidney: 'sī', 'triple-burner': undefined,
    order: ['heart', 'lung', 'liver', 'spleen', 'kidney'],
    source: 'nourishing-nature-record',
  },
] as const satisfies readonly SoundSchool[];

export type SoundSchoolId = (typeof SOUND_SCHOOLS)[number]['id'];

function school(id: SoundSchoolId): SoundSchool {
  const row = SOUND_SCHOOLS.find((candidate) => candidate.id === id);
  if (!row) throw new RangeError(`unknown sound school: got ${String(id)}`);
  return row;
}

/** The syllable for an organ in the given school, or undefined where that school has none. */
export const soundOf = (organ: SoundOrgan, schoolId: SoundSchoolId): string | undefined =>
  school(schoolId)[organ];

/** The characters of the syllables, as they are written with the organ of the standard school (from memory). */
const HANZI: Readonly<Record<string, string>> = {
  xū: '噓',
  hē: '呵',
  hū: '呼',
  sī: '呬',
  chuī: '吹',
  xī: '嘻',
};

/** The characters for an organ's sound; nothing in a school whose sounds are no syllables of the old list. */
export const soundHanzi = (organ: SoundOrgan, schoolId: SoundSchoolId): string | undefined =>
  schoolId === 'voiced'
    ? undefined
    : soundOf(organ, schoolId)
        ?.split(', then ')
        .map((syllable) => HANZI[syllable] ?? '')
        .join('');

/** The order a school takes the organs in. */
export const soundOrder = (schoolId: SoundSchoolId): readonly SoundOrgan[] => school(schoolId).order;

/** The organ whose sound belongs to a phase's season. Source: the verse on the six sounds. */
export const SEASON_SOUND_ORGAN = {
  wood: 'liver',
  fire: 'heart',
  earth: 'spleen',
  metal: 'lung',
  water: 'kidney',
} as const satisfies Record<PhaseId, SoundOrgan>;
