import { SOUND_SCHOOLS } from '../../sounds';
import type { Rule } from '../rule';

const SCHOOLS: readonly string[] = SOUND_SCHOOLS.map(({ id }) => id);

export const soundSchool: Rule = {
  id: 'sound-school',
  source: 'common-practice',
  find: ({ items, practice: { customs } }) =>
    items.flatMap(({ item, form, layers }) => {
      const sound = layers.sound?.sound;
      // A sound of one’s own, or of no school, belongs to whoever uses it.
      if (!sound?.school || !SCHOOLS.includes(sound.school) || sound.school === customs.soundSchool)
        return [];
      return [
        {
          weight: 'consider' as const,
          itemId: item.id,
          said: { code: 'sound-of-another-school' as const, form: form.name, sound: sound.written },
        },
      ];
    }),
};
