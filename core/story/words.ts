import type { AimId } from '../brief/aims';
import type { SeasonId } from '../almanac/seasons';
import type { PhaseId } from '../phases';

/**
 * What a teacher says round the forms, as data: our own words, in the manner common practice says them. Motions and
 * places follow the table of correspondences (wood spreads, fire opens, earth centres, metal gathers and clears, water
 * sinks and keeps). Every list is gone through in turn, so that two practices running do not begin alike.
 */

/** How a season is spoken of at the beginning: one short sentence each. */
export const SEASON_LINES: Readonly<Record<SeasonId | 'earth-turn', readonly string[]>> = {
  spring: [
    'Spring pushes up from the root.',
    'The days lengthen, and there is room to stretch.',
    'Spring has its wind; we are easy in it.',
    'Everything outside is making a beginning.',
  ],
  summer: [
    'Summer opens what was closed.',
    'The year is at its height, and in no hurry.',
    'Long days, light clothes, a wide chest.',
    'All is out in the open now.',
  ],
  autumn: [
    'The year lets its leaves go, one by one.',
    'Autumn clears the air.',
    'What was outside is being brought in.',
    'The light grows thin and clear.',
  ],
  winter: [
    'Winter keeps its warmth below.',
    'The year has gone to its root, and we follow.',
    'It is the quiet end of the year.',
    'Little moves outside; much is kept.',
  ],
  'earth-turn': [
    'One season hands over to the next.',
    'Between two seasons lies level ground.',
    'The year turns, and its centre is still.',
    'It is neither the one season nor the other.',
  ],
};

/** What leaves, and what is tended, by the phase: as they stand in a sentence. */
export const LEAVES: Readonly<Record<PhaseId, readonly string[]>> = {
  wood: ['what is tight', 'what has been held in', 'the hurry behind the ribs'],
  fire: ['what flickers', 'restlessness', 'what burns for nothing'],
  earth: ['what goes round and round', 'what lies heavy', 'the day’s small worries'],
  metal: ['what is over', 'the used breath', 'what need not be carried'],
  water: ['haste', 'what chills', 'needless effort'],
};
export const TENDED: Readonly<Record<PhaseId, readonly string[]>> = {
  wood: ['an easy strength', 'what wants to grow', 'a wide reach'],
  fire: ['a steady flame', 'the warmth of the chest', 'a clear light'],
  earth: ['the middle of the body', 'good ground', 'a quiet centre'],
  metal: ['a full, fine breath', 'the room in the chest', 'what is clear'],
  water: ['the warmth in the root', 'what is kept below', 'a deep rest'],
};

/** One thing seen, that runs through a practice. */
export interface Image {
  readonly id: string;
  /** Where it is met, where it comes back, and how it is left: under ten words each. */
  readonly first: string;
  readonly again: string;
  readonly home: string;
}

/** The images of each phase: what grows, what shines, what carries, what clears, what lies deep. */
// prettier-ignore
export const PHASE_IMAGES: Readonly<Record<PhaseId, readonly Image[]>> = {
  wood: [
    { id: 'young-tree', first: 'Like a young tree: rooted, giving way.', again: 'The tree again: the feet stay, the branches move.', home: 'The tree stands quiet.' },
    { id: 'rising-sap', first: 'Like sap, climbing without haste.', again: 'Let the sap climb a little further.', home: 'The sap has come to every twig.' },
    { id: 'garden-gate', first: 'As if a garden gate swung open.', again: 'The gate stands open still.', home: 'The gate is open, the garden quiet.' },
    { id: 'new-grass', first: 'Like grass, lifting where frost was.', again: 'The grass lifts again, blade by blade.', home: 'The grass stands, and no one treads on it.' },
  ],
  fire: [
    { id: 'lamp-in-window', first: 'Like a lamp in a window: bright, and still.', again: 'The lamp again, steady in its window.', home: 'The lamp is turned low, and does not go out.' },
    { id: 'noon-water', first: 'Like noon light lying on still water.', again: 'Light on water: nothing has to be done.', home: 'The water keeps the light.' },
    { id: 'opening-flower', first: 'As a flower opens, from its middle.', again: 'The flower once more, as wide as it likes.', home: 'The flower folds for the night.' },
    { id: 'paper-lantern', first: 'Like a paper lantern, carried level.', again: 'The lantern again, its light not spilled.', home: 'The lantern is set down, alight.' },
  ],
  earth: [
    { id: 'field-after-rain', first: 'Like a field after rain: heavy, and content.', again: 'The field again, taking in what falls.', home: 'The field has had its rain.' },
    { id: 'broad-hill', first: 'Sit into the legs like a broad hill.', again: 'The hill has not moved.', home: 'The hill is where it was.' },
    { id: 'full-basket', first: 'Like a full basket, carried without spilling.', again: 'The basket again, close to the belly.', home: 'The basket is set down, full.' },
    { id: 'rising-dough', first: 'Like dough: warm, covered, in no hurry.', again: 'Let it rise by itself.', home: 'It has risen by itself.' },
  ],
  metal: [
    { id: 'cleared-sky', first: 'Like the sky when leaves are down.', again: 'The sky again: wide, and nothing in it.', home: 'The sky is clear, edge to edge.' },
    { id: 'bell-and-silence', first: 'Like a bell: one note, and then its silence.', again: 'Listen for the silence after the bell.', home: 'The bell has ended; the silence has not.' },
    { id: 'lifting-mist', first: 'As mist lifts off a lake.', again: 'The mist a little thinner.', home: 'The lake lies clear.' },
    { id: 'first-frost', first: 'Like the first frost: fine, and exact.', again: 'The frost again: each edge is clean.', home: 'The frost has gone into the ground.' },
  ],
  water: [
    { id: 'deep-well', first: 'Like a well: only its surface moves.', again: 'The well again, a little deeper.', home: 'The well is still, and full.' },
    { id: 'snow-on-river', first: 'Like snow on a river: no sound.', again: 'The snow goes on falling.', home: 'The river has taken the snow.' },
    { id: 'harbour-at-night', first: 'Like a harbour with all its boats in.', again: 'The last boat comes in.', home: 'All boats are in.' },
    { id: 'spring-under-stone', first: 'As a spring runs under its stone.', again: 'Hear the spring under its stone.', home: 'The spring runs on by itself.' },
  ],
};

/** Aims that are spoken of in images of their own. */
// prettier-ignore
export const AIM_IMAGES: Readonly<Partial<Record<AimId, readonly Image[]>>> = {
  sleep: [
    { id: 'shutters', first: 'Like shutters closed, one by one.', again: 'One more shutter.', home: 'The house is dark, and warm.' },
    { id: 'tide-going-out', first: 'Like a tide going out, wave by wave.', again: 'The tide is further out.', home: 'The tide is out; the sand is smooth.' },
    { id: 'banked-fire', first: 'Bank the fire, so that it keeps.', again: 'A little more ash over the glow.', home: 'The fire keeps till morning.' },
  ],
  joints: [
    { id: 'oiled-hinge', first: 'Like a hinge that has had its oil.', again: 'Another hinge, another drop.', home: 'Every door goes easily.' },
    { id: 'loose-rope', first: 'Like a rope, shaken out.', again: 'The rope again: no knot left.', home: 'The rope hangs straight.' },
    { id: 'willow', first: 'Like a willow: the tips move most.', again: 'The willow again, moved and not moving.', home: 'The willow hangs still.' },
  ],
  energy: [
    { id: 'kettle', first: 'Like a kettle before it sings.', again: 'The kettle again: steam, and no hurry.', home: 'The kettle is off the fire, and hot.' },
    { id: 'birch-sap', first: 'As sap climbs in a birch.', again: 'The sap a little higher.', home: 'The sap has gone home to the root.' },
    { id: 'mill-pond', first: 'Like a mill pond filling.', again: 'The pond, a hand higher.', home: 'The pond is full; the gate is shut.' },
  ],
  back: [
    { id: 'hung-beads', first: 'Like a string of beads, hung up by one end.', again: 'The beads again: each has room.', home: 'The string hangs straight.' },
    { id: 'washing-line', first: 'Like washing on a line, in no wind.', again: 'It hangs, and nothing has to hold it.', home: 'All hangs as it will.' },
    { id: 'stones-and-water', first: 'Like a row of stones, with water between them.', again: 'The water again, between the stones.', home: 'The water has its way.' },
  ],
  focus: [
    { id: 'steady-lamp', first: 'Like a lamp in a room without draught.', again: 'The flame again: it stands.', home: 'The flame is small, and steady.' },
    { id: 'needle', first: 'As one threads a needle.', again: 'The needle again, and no hurry.', home: 'The thread is through.' },
  ],
  mood: [
    { id: 'open-window', first: 'Like a window that has been opened.', again: 'The window again, a hand wider.', home: 'The room is full of air.' },
    { id: 'cat-in-sun', first: 'As a cat gets up from a patch of sun.', again: 'The cat again: one leg at a time.', home: 'The cat has found the sun.' },
  ],
  breath: [
    { id: 'curtain', first: 'Like a curtain by an open window.', again: 'The curtain again: it moves by itself.', home: 'The curtain hangs, and breathes.' },
    { id: 'moored-boat', first: 'Like a moored boat, lifted and let down.', again: 'The boat again: the water does it.', home: 'The boat lies on its own reflection.' },
  ],
  calm: [
    { id: 'cloudy-jug', first: 'Like a jug of cloudy water, put down.', again: 'The water a little clearer.', home: 'The water is clear to the bottom.' },
    { id: 'falling-wind', first: 'As a wind falls towards evening.', again: 'Only the topmost leaves now.', home: 'Not a leaf moves.' },
  ],
};

/** How the beginning is put: `{minutes}`, `{theme}` (for …), `{when}`, and what is meant by it. */
export const OPENINGS: readonly string[] = [
  '{season} {Minutes} {theme} {when}: {meant}.',
  '{season} {When} we have {minutes} {theme}; {meant}.',
  '{season} {Minutes} {theme}: {meant}.',
];
/** How the middle touches the intention again: between two forms, and so not to the minute. */
export const MIDWAYS: readonly string[] = [
  'Still {theme}. {again}',
  'Our time is still {theme}. {again}',
  'We go on {theme}. {again}',
];
/** How it is turned into something finished. */
export const CLOSINGS: readonly string[] = [
  '{home} This was our time {theme}.',
  'That was our time {theme}. {home}',
  '{home} So ends our time {theme}.',
];
