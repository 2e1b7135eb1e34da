import type { Brief } from '@/core/brief';
import type { ComparedLine, Item, ToldOfItem } from '@/core/practice';
import { ROLE_NAMES } from './names';

const OF_ITEMS = {
  formId: 'another form',
  variant: 'variant',
  role: 'its section',
  repetitions: 'repetitions',
  stretch: 'length of the breath',
  firstSide: 'the first side',
  familiarity: 'known or taught',
  omitHolds: 'stays of the breath',
  exhaleByMouth: 'the way out of the breath',
  kept: 'locked through redrafts',
  quietSec: 'quiet after it',
  stays: 'its holds',
  talkSec: 'talk before it',
  firstFactor: 'its first repetition',
  sideOrder: 'the order of its sides',
  otherRepetitions: 'repetitions on the second side',
  forSec: 'how long it goes on',
  station: 'a station or not',
  breathing: 'its breath',
  sound: 'its sound',
  seal: 'how the hands are held',
  passage: 'what is said',
  layers: 'its layers',
  lesson: 'its step of the lesson',
  image: 'its image',
  cues: 'its words',
} as const satisfies Record<ToldOfItem, string>;

export const BRIEF_WORDS = {
  minutes: 'minutes',
  dayPart: 'part of the day',
  theme: 'theme',
  season: 'season',
  posture: 'standing or seated',
  groupId: 'whom it is for',
  breathsPerMin: 'pace',
  intent: 'intent',
  familiarity: 'known or taught',
  without: 'forms left out',
  pins: 'pinned forms',
  place: 'place',
  voice: 'how sounds are made',
  breath: 'the breath',
  atHand: 'what is at hand',
  again: 'how much comes again',
} as const satisfies Record<keyof Brief, string>;

/** An item in one line: its form, its number, its section. */
export const itemLine = (item: Item, name: string): string =>
  `${name}${item.passage === undefined ? (item.forSec === undefined ? ` ×${item.repetitions}` : ` ${item.forSec} s`) : ''}, ${ROLE_NAMES[item.role].toLowerCase()}`;

/** What is not the same of a line both have. */
export const differsText = ({ differs, isMoved }: ComparedLine): string =>
  [...differs.map((field) => OF_ITEMS[field]), ...(isMoved ? ['its place'] : [])].join(', ');
