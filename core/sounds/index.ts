export { SEASON_SOUND_ORGAN, SOUND_ORGANS, SOUND_SCHOOLS, soundHanzi, soundOf, soundOrder } from './sounds';
export type { SoundOrgan, SoundSchoolId } from './sounds';
export { soundById, soundIdOf, soundSchema, SOUNDS, VOICES } from './healing';
export type { Sound, Voice } from './healing';
export { OTHER_VOWELS, syllable, SYLLABLES, VOWELS } from './mouths';
export type { Formants, Mouth, SoundStep, Syllable, SyllableId } from './mouths';
