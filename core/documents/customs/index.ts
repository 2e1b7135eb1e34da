import { customsSchema, DEFAULT_CUSTOMS, type Customs } from '../../customs';
import { isPlain, VERSION_FIELD, versionOf, type DocumentKind, type Plain, type Upgrade } from '../document';
import { withSchoolsNow } from '../schools';

/** Schools had other names before version 1, and customs there were none of take their usual value. */
const namedAndWhole: Upgrade = (former) => ({
  ...DEFAULT_CUSTOMS,
  ...withSchoolsNow(former),
  strengths: { ...DEFAULT_CUSTOMS.strengths, ...(isPlain(former.strengths) ? former.strengths : {}) },
});

/** Version 2 has customs of breath and sound, and weighs the organ's sound too. */
const breathAndSound: Upgrade = (former) => ({
  ...former,
  voice: former.voice ?? DEFAULT_CUSTOMS.voice,
  patternsNever: former.patternsNever ?? DEFAULT_CUSTOMS.patternsNever,
  strengths: { ...DEFAULT_CUSTOMS.strengths, ...(isPlain(former.strengths) ? former.strengths : {}) },
});

/** Version 3 has a dose for sounds, one's own sounds of organs, and weighs the breath asked for too. */
const doseAndOwnSounds: Upgrade = (former) => ({
  ...former,
  soundDose: former.soundDose ?? DEFAULT_CUSTOMS.soundDose,
  soundsOf: former.soundsOf ?? DEFAULT_CUSTOMS.soundsOf,
  strengths: { ...DEFAULT_CUSTOMS.strengths, ...(isPlain(former.strengths) ? former.strengths : {}) },
});

/** Version 4 has one's own shapes of a class. */
const ownShapes: Upgrade = (former) => ({ ...former, shapes: former.shapes ?? DEFAULT_CUSTOMS.shapes });

/** Version 5 says how the figure looks. */
const figureLooks: Upgrade = (former) => ({ ...former, figure: former.figure ?? DEFAULT_CUSTOMS.figure });

/** Version 6 says how dates, hours and lengths are written. */
const regional: Upgrade = (former) => ({ ...former, region: former.region ?? DEFAULT_CUSTOMS.region });

/** One's own conventions. */
export const CUSTOMS_DOCUMENT: DocumentKind<Customs> = {
  name: 'the customs',
  upgrades: [namedAndWhole, breathAndSound, doseAndOwnSounds, ownShapes, figureLooks, regional],
  schema: customsSchema,
};

/** The customs as far as they can be read, with the fields that could not be and fell back to the usual. */
export interface ReadCustoms {
  readonly customs: Customs;
  readonly fallenBack: readonly (keyof Customs)[];
}

/**
 * Reads what can be read: each custom stands or falls alone, so that one bad value never closes a room. Customs of a
 * later version are read as far as they are known.
 */
export function readCustomsDocument(stored: unknown): ReadCustoms {
  const { [VERSION_FIELD]: told, ...data } = isPlain(stored) ? stored : ({} as Plain);
  const version = typeof told === 'number' ? Math.min(told, versionOf(CUSTOMS_DOCUMENT)) : 0;
  const present = CUSTOMS_DOCUMENT.upgrades
    .slice(version)
    .reduce((former, upgrade) => upgrade(former), data as Plain);
  const fallenBack: (keyof Customs)[] = [];
  const customs = Object.fromEntries(
    Object.entries(customsSchema.shape).map(([name, schema]) => {
      const field = name as keyof Customs;
      if (present[field] === undefined) return [field, DEFAULT_CUSTOMS[field]];
      const parsed = schema.safeParse(present[field]);
      if (parsed.success) return [field, parsed.data];
      fallenBack.push(field);
      return [field, DEFAULT_CUSTOMS[field]];
    }),
  );
  return { customs: customsSchema.parse(customs), fallenBack };
}
