export {
  SOUND_ORGANS,
  SOUND_SCHOOLS,
  SEASON_SOUND_ORGAN,
  PLAIN_DOSE,
  soundHanzi,
  soundOf,
  soundOrder,
} from './sounds';
export type { SoundOrgan, SoundSchoolId } from './sounds';
