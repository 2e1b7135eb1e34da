export { SOUND_ORGANS, SOUND_SCHOOLS, SEASON_SOUND_ORGAN, PLAIN_DOSE, soundOf, soundOrder } from './sounds';
export type { SoundOrgan, SoundSchoolId } from './sounds';
