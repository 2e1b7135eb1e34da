export { SOUND_ORGANS, SOUND_SCHOOLS, SEASON_SOUND_ORGAN, soundHanzi, soundOf, soundOrder } from './sounds';
export type { SoundOrgan, SoundSchoolId } from './sounds';
