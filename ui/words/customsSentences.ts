import { EARTH_SCHOOLS, SEASON_SCHOOLS, seasonsBySchool } from '@/core/almanac';
import { STRENGTHS, type Customs } from '@/core/customs';
import { BROCADE_SCHOOLS, JOINT_ORDERS } from '@/core/forms/model/setSchools';
import { animalOf, ANIMAL_SCHOOLS, PHASE_IDS, phaseName } from '@/core/phases';
import { SOUND_ORGANS, SOUND_SCHOOLS, soundOf } from '@/core/sounds';
import { plural } from '@/ui/kit/time';
import { SEASON_NAMES } from './names';

/** One custom as it is read: what holds, what another choice would make of it, and where it is chosen. */
export interface CustomSentence {
  readonly holds: string;
  /** What it would be otherwise; empty where every other choice says it by itself. */
  readonly otherwise: string;
  readonly href: string;
}

const labelOf = (rows: readonly { readonly id: string; readonly label: string }[], id: string): string =>
  (rows.find((row) => row.id === id)?.label ?? id).split(/: | \(/)[0] ?? id;

const listed = (parts: readonly string[]): string =>
  parts.length < 2 ? parts.join('') : `${parts.slice(0, -1).join(', ')} and ${parts[parts.length - 1]}`;

const season = (id: keyof typeof SEASON_NAMES | 'earth-turn'): string =>
  id === 'earth-turn' ? 'Earth’s turn between two seasons' : SEASON_NAMES[id];

/** What the seasons' schools make of today: the own one first, then those that differ. */
function seasonSentence(customs: Customs, atMs: number): CustomSentence {
  const [own, ...others] = seasonsBySchool(atMs, customs.place, customs);
  const different = others.filter((one) => one.season !== own?.season);
  const bySeason = [...new Set(different.map((one) => one.season))].map((id) => {
    const labels = different.filter((one) => one.season === id).map(({ label }) => label);
    return `${season(id)} by ${listed(labels)}`;
  });
  return {
    holds: `Seasons begin by ${labelOf(SEASON_SCHOOLS, customs.seasonSchool)}; Earth has ${labelOf(EARTH_SCHOOLS, customs.earthSchool)}. So today is ${own ? season(own.season) : 'in no season'}.`,
    otherwise:
      bySeason.length > 0 ? `It would be ${bySeason.join('; ')}.` : 'Every other school says the same today.',
    href: '#schools',
  };
}

/** The syllables of a school in the order of the organs. */
const syllables = (school: Customs['soundSchool']): string =>
  SOUND_ORGANS.flatMap((organ) => soundOf(organ, school) ?? []).join(', ');

/** The customs as sentences, to be read through in two minutes, with what today would be by another choice. */
export function customsSentences(customs: Customs, atMs: number): readonly CustomSentence[] {
  const { place, hours, animalSchool, soundSchool, brocadeSchool, jointOrder } = customs;
  const offClockMin = Math.round(place.longitudeDeg * 4 - zoneOffsetMin(place.zone, atMs));
  const otherAnimals = ANIMAL_SCHOOLS.filter(({ id }) => id !== animalSchool).map(
    ({ id, label }) => `${labelOf([{ id, label }], id)}: ${animals(id)}`,
  );
  const strong = STRENGTHS.filter(({ id }) => customs.strengths[id] === 'strong').map(({ label }) => label);
  const off = STRENGTHS.filter(({ id }) => customs.strengths[id] === 'off').map(({ label }) => label);
  return [
    {
      holds: `You practise in ${place.name}, at ${Math.abs(place.latitudeDeg)}° ${place.latitudeDeg < 0 ? 'south' : 'north'}.`,
      otherwise:
        place.latitudeDeg < 0 && !customs.mirrorSouth
          ? 'The seasons are those of the north, as you chose.'
          : '',
      href: '#place',
    },
    seasonSentence(customs, atMs),
    {
      holds: `Organ hours go by ${hours === 'solar' ? 'the sun where you are' : 'the clock'}.`,
      otherwise:
        hours === 'solar'
          ? `By the clock they would come about ${plural(Math.abs(offClockMin), 'minute')} ${offClockMin > 0 ? 'later' : 'sooner'}, give or take what the season does.`
          : `By the sun they would come about ${plural(Math.abs(offClockMin), 'minute')} ${offClockMin > 0 ? 'sooner' : 'later'}, give or take what the season does.`,
      href: '#schools',
    },
    {
      holds: `Animals: ${animals(animalSchool)}.`,
      otherwise: otherAnimals.length > 0 ? `${otherAnimals.join('; ')}.` : '',
      href: '#schools',
    },
    {
      holds: `The sounds are ${syllables(soundSchool)}.`,
      otherwise: `${SOUND_SCHOOLS.filter(({ id }) => id !== soundSchool)
        .map(({ id, label }) => `${labelOf([{ id, label }], id)}: ${syllables(id)}`)
        .join('; ')}.`,
      href: '#schools',
    },
    {
      holds: `Eight brocades in the ${labelOf(BROCADE_SCHOOLS, brocadeSchool)}; joints are loosened ${labelOf(JOINT_ORDERS, jointOrder)}.`,
      otherwise: '',
      href: '#schools',
    },
    {
      holds: `A flowing form goes at ${customs.breathsPerMin} breaths a minute, the out-breath ${customs.outToIn} times the in-breath, the ${customs.firstSide} side first; you say ${customs.wordsPerMin} words a minute.`,
      otherwise: `At one breath a minute slower a form of nine breaths takes ${secondsMore(customs.breathsPerMin)} seconds longer.`,
      href: '#pace',
    },
    {
      holds: `A class brings at most ${plural(customs.newFormsAtMost, 'new form')}. ${strong.length > 0 ? `Drafts weigh most: ${listed(strong)}.` : 'Drafts weigh all things as usual.'}${off.length > 0 ? ` They do not look at ${listed(off)}.` : ''}`,
      otherwise: '',
      href: '#composer',
    },
  ];
}

/** How much longer nine breaths take at one breath a minute less, s. */
function secondsMore(breathsPerMin: number): number {
  const slower = Math.max(1, breathsPerMin - 1);
  return Math.round(9 * (60 / slower - 60 / breathsPerMin));
}

const animals = (school: Customs['animalSchool']): string =>
  PHASE_IDS.map((phase) => `${animalOf(phase, school)} for ${phaseName(phase).name}`).join(', ');

/** How far the clock of a zone is ahead of the sun at Greenwich, minutes. */
function zoneOffsetMin(zone: string, atMs: number): number {
  const parts = new Intl.DateTimeFormat('en-GB', {
    timeZone: zone,
    hourCycle: 'h23',
    year: 'numeric',
    month: 'numeric',
    day: 'numeric',
    hour: 'numeric',
    minute: 'numeric',
  }).formatToParts(new Date(atMs));
  const value = (type: string): number => Number(parts.find((part) => part.type === type)?.value ?? 0);
  const wall = Date.UTC(value('year'), value('month') - 1, value('day'), value('hour'), value('minute'));
  return Math.round((wall - atMs) / 60_000);
}
