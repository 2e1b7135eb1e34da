import { organ, phaseName } from '../phases';
import { SEASON_SOUND_ORGAN, SOUND_SCHOOLS } from './sounds';
import { VOICES, type Sound, type Voice } from './healing';

const SEASONS = { spring: 'wood', summer: 'fire', autumn: 'metal', winter: 'water' } as const;

const plainWords = (text: string): string =>
  text
    .normalize('NFD')
    .replace(/\p{Diacritic}/gu, '')
    .toLowerCase();

/** What a question in words asks of the sounds: which, and how voiced where that is said. */
export interface SoundsFound {
  readonly sounds: readonly Sound[];
  readonly voice: Voice | undefined;
}

/** How well a sound answers the words asked. */
function answers(sound: Sound, asked: string, words: readonly string[]): number {
  let points = 0;
  const phase = sound.organ && organ(sound.organ).phase;
  if (sound.organ && asked.includes(plainWords(organ(sound.organ).name))) points += 5;
  if (phase && words.includes(plainWords(phaseName(phase).name))) points += 4;
  for (const [season, its] of Object.entries(SEASONS))
    if (words.includes(season) && sound.organ === SEASON_SOUND_ORGAN[its]) points += 4;
  const syllables = plainWords(sound.written).split(/[^a-z]+/);
  if (words.some((word) => syllables.includes(word))) points += 6;
  const text = plainWords(`${sound.leaves} ${sound.use ?? ''} ${sound.movement}`);
  points += words.filter((word) => word.length > 3 && text.includes(word)).length;
  if (points > 0 && sound.school && words.includes(sound.school)) points += 2;
  return points;
}

/** The sounds that answer a question in words ("the sound of the Spleen, silent"), best first; all where nothing is asked. */
export function askSounds(sounds: readonly Sound[], question: string): SoundsFound {
  const asked = plainWords(question).trim();
  const words = asked.split(/[^a-z]+/).filter((word) => word !== '');
  const voice = VOICES.find(
    (one) => words.includes(one) || (one === 'whispered' && words.includes('whisper')),
  );
  const left = words.filter(
    (word) => !/^(the|a|an|of|for|sound|sounds|in|to|and|whisper)$/.test(word) && word !== voice,
  );
  const schools = SOUND_SCHOOLS.map(({ id }) => id as string);
  const school = left.find((word) => schools.includes(word));
  if (left.length === 0) return { sounds, voice };
  const found = sounds
    .map((sound) => ({
      sound,
      points: school === sound.school && left.length === 1 ? 1 : answers(sound, asked, left),
    }))
    .filter(({ points }) => points > 0)
    .toSorted((a, b) => b.points - a.points);
  return { sounds: found.map(({ sound }) => sound), voice };
}
