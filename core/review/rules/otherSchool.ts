import { ANIMAL_SCHOOLS, VIRTUE_SCHOOLS, PHASE_IDS, virtueOf } from '../../phases';
import { SOUND_SCHOOLS } from '../../sounds';
import type { Practice } from '../../practice';
import { cuesOf, type Finding, type Rule } from '../rule';

const WHAT = [
  { field: 'animalSchool', what: 'animals', rows: ANIMAL_SCHOOLS },
  { field: 'soundSchool', what: 'sounds', rows: SOUND_SCHOOLS },
  { field: 'virtueSchool', what: 'virtues', rows: VIRTUE_SCHOOLS },
] as const satisfies readonly {
  field: keyof Practice['customs'];
  what: 'animals' | 'sounds' | 'virtues';
  rows: readonly { id: string; label: string }[];
}[];

export const otherSchool: Rule = {
  id: 'other-school',
  source: 'common-practice',
  find: ({ practice, customs, items }) => {
    const written = WHAT.flatMap(({ field, what, rows }): readonly Finding[] => {
      const used =
        field === 'animalSchool'
          ? items.some(({ form }) => form.animal)
          : field === 'soundSchool'
            ? items.some(({ form }) => form.soundOrgan)
            : false;
      if (!used || practice.customs[field] === customs[field]) return [];
      const label = (id: string): string => rows.find((row) => row.id === id)?.label ?? id;
      return [
        {
          weight: 'consider' as const,
          detail: field,
          said: {
            code: 'other-school' as const,
            of: what,
            written: label(practice.customs[field]),
            own: label(customs[field]),
          },
          mend: {
            kind: 'edits' as const,
            said: { code: 'own-school' as const },
            edits: [{ kind: 'schools' as const, customs: { ...practice.customs, [field]: customs[field] } }],
          },
        },
      ];
    });
    const words = items.flatMap((view) =>
      cuesOf(view)
        .filter(({ own }) => own)
        .flatMap(({ key, cue }): readonly Finding[] => {
          const said = cue.toLowerCase();
          for (const phase of PHASE_IDS) {
            const mine = virtueOf(phase, customs.virtueSchool, customs.ownVirtues).toLowerCase();
            for (const { id } of VIRTUE_SCHOOLS) {
              const theirs = virtueOf(phase, id).toLowerCase();
              const named = theirs.split(/[^a-zà-ž]+/i).filter((word) => word.length > 4);
              const foreign = named.find(
                (word) =>
                  new RegExp(`\\b${word}\\b`).test(said) &&
                  !VIRTUES_OF_MINE(customs.virtueSchool).includes(word),
              );
              if (foreign && !mine.includes(foreign))
                return [
                  {
                    weight: 'consider' as const,
                    itemId: view.item.id,
                    detail: `${key}/${foreign}`,
                    said: { code: 'foreign-virtue' as const, virtue: foreign },
                  },
                ];
            }
          }
          return [];
        }),
    );
    return [...written, ...words];
  },
};

const VIRTUES_OF_MINE = (school: Parameters<typeof virtueOf>[1]): string =>
  PHASE_IDS.map((phase) => virtueOf(phase, school))
    .join(' ')
    .toLowerCase();
