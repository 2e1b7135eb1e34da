import { idsOf, keysOf, recordOf, some } from '../lists/lists';
import { z } from 'zod';
import {
  EARTH_SCHOOLS,
  HOUR_SCHOOLS,
  SEASON_SCHOOLS,
  isKnownZone,
  type EarthSchoolId,
  type SeasonSchoolId,
} from '../almanac';
import { ANIMAL_SCHOOLS, VIRTUE_SCHOOLS, type AnimalSchoolId, type VirtueSchoolId } from '../phases';
import {
  BROCADE_SCHOOLS,
  JOINT_ORDERS,
  type BrocadeSchoolId,
  type JointOrderId,
} from '../forms/model/setSchools';
import { CONDITION_IDS } from '../people/conditionIds';
import { SOUND_ORGANS, SOUND_SCHOOLS, VOICES, type SoundSchoolId } from '../sounds';
import { FIGURE_BUILDS, FIGURE_SEATS, USUAL_LOOKS, type FigureBuildId, type FigureSeatId } from './looks';
import {
  CLOCKS,
  DATE_ORDERS,
  LENGTH_UNITS,
  USUAL_REGION,
  type ClockId,
  type DateOrderId,
  type LengthUnitId,
} from './region';
import { ownShapesSchema } from './shapes';
import { STRENGTH_IDS, STRENGTH_LEVELS, type StrengthLevel } from './strengths';

const ids = <Id extends string>(rows: readonly { readonly id: Id }[]): [Id, ...Id[]] => idsOf(rows);

const ownWord = z.string().trim().max(60, 'at most 60 characters');

export const placeSchema = z.strictObject({
  name: z.string().trim().min(1, 'a place needs a name').max(80),
  latitudeDeg: z
    .number('latitude is a number of degrees')
    .min(-90, 'latitude runs from −90° (south)')
    .max(90, 'latitude runs to 90° (north)'),
  longitudeDeg: z
    .number('longitude is a number of degrees')
    .min(-180, 'longitude runs from −180° (west)')
    .max(180, 'longitude runs to 180° (east)'),
  zone: z.string().max(64).refine(isKnownZone, 'an IANA time zone, for example Europe/London'),
});

/** A practitioner's own conventions. Every contested point is a choice here, never an `if` in the code. */
export const customsSchema = z.strictObject({
  place: placeSchema,
  seasonSchool: z.enum(ids<SeasonSchoolId>(SEASON_SCHOOLS)),
  earthSchool: z.enum(ids<EarthSchoolId>(EARTH_SCHOOLS)),
  mirrorSouth: z.boolean(),
  hours: z.enum(HOUR_SCHOOLS),
  animalSchool: z.enum(ids<AnimalSchoolId>(ANIMAL_SCHOOLS)),
  virtueSchool: z.enum(ids<VirtueSchoolId>(VIRTUE_SCHOOLS)),
  /** One’s own word for what each phase grows into, said where the school is one’s own. */
  ownVirtues: z.strictObject({
    wood: ownWord,
    fire: ownWord,
    earth: ownWord,
    metal: ownWord,
    water: ownWord,
  }),
  /** When the day of stems and branches turns: at midnight, or with the zǐ hour at 23:00. */
  dayTurns: z.enum(['midnight', 'zi-hour']),
  soundSchool: z.enum(ids<SoundSchoolId>(SOUND_SCHOOLS)),
  brocadeSchool: z.enum(ids<BrocadeSchoolId>(BROCADE_SCHOOLS)),
  jointOrder: z.enum(ids<JointOrderId>(JOINT_ORDERS)),
  breathsPerMin: z
    .number('breaths a minute is a number')
    .min(3, 'at least 3 breaths a minute')
    .max(9, 'at most 9 breaths a minute'),
  outToIn: z
    .number('the exhale’s length is a number')
    .min(0.5, 'at least half the inhale')
    .max(3, 'at most three times the inhale'),
  firstSide: z.enum(['left', 'right']),
  /** How left and right are said in Lead: as the person practising, or as a group facing the teacher sees it. */
  sideSeen: z.enum(['own', 'facing']),
  /** How strongly the composer weighs each thing. */
  strengths: z.record(z.enum(STRENGTH_IDS), z.enum(some(keysOf(STRENGTH_LEVELS)))),
  /** Forms a group has not met before, at most so many in one class. */
  newFormsAtMost: z
    .number('the number of new forms is a number')
    .int('whole forms')
    .min(0, 'no fewer than 0 new forms')
    .max(20, 'at most 20 new forms'),
  /** Words a minute while speaking, which says whether a cue fits its stroke. */
  wordsPerMin: z
    .number('words a minute is a number')
    .min(80, 'at least 80 words a minute')
    .max(240, 'at most 240 words a minute'),
  /** By which way the exhale goes: always the nose, or by purpose (mouth to clear, nose to nourish). */
  exhaleRoute: z.enum(['by-purpose', 'nose']),
  /** What to be careful of when practising alone; private like a group’s. */
  ownConditions: z.array(z.enum(CONDITION_IDS)).max(CONDITION_IDS.length),
  /** How sounds are made where a brief does not say: by hour and place, always so, or not at all. */
  voice: z.enum(['by-hour', 'none', ...VOICES]),
  /** How often each sound of a round is made, where there is time for it; an organ's sound alone likewise. */
  soundDose: z
    .number('how often a sound is made is a number')
    .int('whole times')
    .min(1, 'at least once')
    .max(36, 'at most 36 times'),
  /** One's own sound for an organ, by its id, in the place of the school's. */
  soundsOf: z.partialRecord(z.enum(SOUND_ORGANS), z.string().max(60)),
  /** Breath patterns that are never suggested or offered, by id. */
  patternsNever: z.array(z.string().max(60)).max(100),
  /** One's own shapes of a class, by the family of the theme. */
  shapes: ownShapesSchema,
  /** How the figure looks everywhere. */
  figure: z.strictObject({
    build: z.enum(ids<FigureBuildId>(FIGURE_BUILDS)),
    seat: z.enum(ids<FigureSeatId>(FIGURE_SEATS)),
  }),
  /** How dates, hours and lengths are written. */
  region: z.strictObject({
    dates: z.enum(ids<DateOrderId>(DATE_ORDERS)),
    clock: z.enum(ids<ClockId>(CLOCKS)),
    length: z.enum(ids<LengthUnitId>(LENGTH_UNITS)),
  }),
});
export type Customs = Readonly<z.infer<typeof customsSchema>>;

/** What a new installation starts from: the meridian of Greenwich, until the user names their place. */
export const DEFAULT_CUSTOMS: Customs = {
  place: { name: 'Greenwich', latitudeDeg: 51.48, longitudeDeg: 0, zone: 'Europe/London' },
  seasonSchool: 'solar-term',
  earthSchool: 'four-turns',
  mirrorSouth: true,
  hours: 'solar',
  animalSchool: 'standard',
  virtueSchool: 'classical',
  ownVirtues: { wood: '', fire: '', earth: '', metal: '', water: '' },
  dayTurns: 'midnight',
  soundSchool: 'standard',
  brocadeSchool: 'standard',
  jointOrder: 'bottom-up',
  breathsPerMin: 6,
  outToIn: 1.2,
  firstSide: 'left',
  sideSeen: 'own',
  strengths: recordOf(STRENGTH_IDS, (): StrengthLevel => 'usual'),
  newFormsAtMost: 3,
  wordsPerMin: 150,
  exhaleRoute: 'by-purpose',
  ownConditions: [],
  voice: 'by-hour',
  soundDose: 6,
  soundsOf: {},
  patternsNever: [],
  shapes: {},
  figure: USUAL_LOOKS,
  region: USUAL_REGION,
};
