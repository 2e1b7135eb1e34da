/** Customs one may look for, with where they are set. */
interface Setting {
  readonly name: string;
  readonly href: string;
  readonly hint: string;
  readonly also: string;
}

export const SETTINGS: readonly Setting[] = [
  {
    name: 'Place',
    href: '/customs#place',
    hint: 'town, latitude, longitude, time zone',
    also: 'where city timezone',
  },
  {
    name: 'Schools',
    href: '/customs#schools',
    hint: 'seasons, Earth, hours, animals, virtues, sounds, brocades',
    also: 'tradition lineage',
  },
  {
    name: 'Seasons begin',
    href: '/customs#schools',
    hint: 'by solar terms or by the calendar',
    also: 'season school start',
  },
  {
    name: 'Earth rules',
    href: '/customs#schools',
    hint: 'late summer or between the seasons',
    also: 'earth school late summer',
  },
  {
    name: 'Organ hours by',
    href: '/customs#schools',
    hint: 'true solar time or the clock',
    also: 'organ clock',
  },
  {
    name: 'Healing sounds as taught by',
    href: '/customs#schools',
    hint: 'which syllables',
    also: 'sound school six sounds',
  },
  {
    name: 'South of the equator',
    href: '/customs#schools',
    hint: 'whether the seasons stand half a year apart',
    also: 'southern hemisphere',
  },
  {
    name: 'Pace and sides',
    href: '/customs#pace',
    hint: 'breaths a minute, exhale against inhale, first side',
    also: 'breath speed tempo mirror',
  },
  {
    name: 'Breath and sound',
    href: '/customs#breath-and-sound',
    hint: 'breath patterns you like, how sounds are made',
    also: 'patterns aloud whispered',
  },
  {
    name: 'My shape of a class',
    href: '/customs#shapes',
    hint: 'sections and how the minutes are shared',
    also: 'structure outline',
  },
  {
    name: 'The composer',
    href: '/customs#composer',
    hint: 'what drafts weigh most',
    also: 'weights strengths drafts',
  },
  {
    name: 'Practising alone',
    href: '/customs#alone',
    hint: 'your own conditions',
    also: 'health cautions myself',
  },
  {
    name: 'Groups',
    href: '/customs#groups',
    hint: 'whom you teach, when, and what to mind',
    also: 'classes students people',
  },
  {
    name: 'Dates, hours and lengths',
    href: '/customs#region',
    hint: 'day or month first, 24 or 12 hours, centimetres or inches',
    also: 'locale region units clock am pm date format imperial metric',
  },
];
