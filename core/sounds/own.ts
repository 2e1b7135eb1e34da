import type { Sound } from './healing';

/** A sound to begin one's own from: a sigh of no organ. */
export const blankSound = (id: string): Sound => ({
  id,
  written: '',
  plain: '',
  syllables: ['sigh'],
  source: 'common-practice',
  movement: '',
  leaves: '',
  image: '',
  sec: { least: 4, most: 8 },
  dose: { taste: 3, plain: 6, more: 12 },
  mind: '',
});

/** One's own copy of a sound; whose it is, is one's own to say. */
export const soundFrom = (sound: Sound, id: string): Sound => ({ ...sound, id, school: undefined });
