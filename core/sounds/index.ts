export { SEASON_SOUND_ORGAN, SOUND_ORGANS, SOUND_SCHOOLS, soundHanzi, soundOf, soundOrder } from './sounds';
export type { SoundOrgan, SoundSchoolId } from './sounds';
export { soundById, soundIdOf, SOUNDS, VOICES } from './healing';
export { soundSchema } from './schema';
export type { Sound, Voice } from './healing';
export { SYLLABLES } from './syllables';
export type { SyllableId } from './syllables';
export { OTHER_VOWELS, syllable, VOWELS } from './mouths';
export type { Mouth } from './mouths';
