import { SEASON_PHASE } from '../almanac/seasons';
import { themeParts, themePhases, type Brief, type Intent } from '../brief';
import { DAY_PART_NAMES, themeName } from '../brief/names';
import type { PointCode } from '../channels';
import { entryAt } from '../lists/lists';
import { virtueOf, type PhaseId, type VirtueSchoolId } from '../phases';
import type { OwnVirtues } from '../phases/schools';
import type { Story, StoryPart } from '../practice';
import { seedOf } from '../random';
import { capital } from '../text/text';
import {
  AIM_IMAGES,
  CLOSINGS,
  LEAVES,
  MIDWAYS,
  OPENINGS,
  PHASE_IMAGES,
  SEASON_LINES,
  TENDED,
  type Image,
} from './words';

/** What a story is told from. */
export interface Telling {
  readonly brief: Brief;
  readonly virtueSchool: VirtueSchoolId;
  readonly ownVirtues?: OwnVirtues | undefined;
  readonly seed: number;
  /** How many classes these people have had: with each the story is another. */
  readonly given?: number | undefined;
  /** The names of forms, for a lesson. */
  readonly formName?: ((id: string) => string) | undefined;
  readonly pointNamed?: PointNamed | undefined;
  /** The story as it stands: what a teacher has rewritten in it stays. */
  readonly former?: Story | undefined;
}

const UNITS = [
  'no', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven', 'twelve', 'thirteen',
  'fourteen', 'fifteen', 'sixteen', 'seventeen', 'eighteen', 'nineteen',
] as const; // prettier-ignore
const TENS = ['twenty', 'thirty', 'forty', 'fifty', 'sixty', 'seventy', 'eighty', 'ninety'] as const;

/** Minutes as they are said: "twelve minutes", "an hour", "an hour and a half"; to the whole minute. */
export function minutesSaid(minutes: number): string {
  const whole = Math.max(1, Math.round(minutes));
  if (whole === 60) return 'an hour';
  if (whole === 90) return 'an hour and a half';
  if (whole === 120) return 'two hours';
  if (whole === 1) return 'one minute';
  if (whole > 99) return `an hour and ${minutesSaid(whole - 60)}`;
  if (whole < UNITS.length) return `${entryAt(UNITS, whole)} minutes`;
  const unit = whole % 10;
  return `${entryAt(TENS, Math.floor(whole / 10) - 2)}${unit === 0 ? '' : `-${entryAt(UNITS, unit)}`} minutes`;
}

/** A point as a teacher says it: by its name, and what that means. */
export type PointNamed = (code: PointCode) => { readonly pinyin: string; readonly sense: string };

/** A theme as what the time is given to: "for the Lung", "with the five animals", "to learn …". */
export function givenTo(
  { theme }: Brief,
  formName?: (id: string) => string,
  pointNamed?: PointNamed,
): string {
  const parts = themeParts(theme);
  const [only] = parts;
  if (parts.length === 1 && only?.kind === 'set') return `with ${themeName(theme)}`;
  if (parts.length === 1 && only?.kind === 'lesson') {
    const named = formName?.(only.formId) ?? only.formId.replaceAll('-', ' ');
    return `to learn ${named}`;
  }
  if (parts.length === 1 && only?.kind === 'hour') return `in ${themeName(theme)}`;
  if (parts.length === 1 && only?.kind === 'point')
    return pointNamed ? `for ${pointNamed(only.point).pinyin}` : `for the point ${only.point}`;
  return `for ${themeName(theme, formName)}`;
}

/** The same where it is named first: a point with what its name means. */
function firstGivenTo(brief: Brief, theme: string, pointNamed: PointNamed | undefined): string {
  const [only, ...more] = themeParts(brief.theme);
  return only?.kind === 'point' && more.length === 0 && pointNamed
    ? `${theme}, the ${pointNamed(only.point).sense.replace(/^the /, '')}`
    : theme;
}

/** What is meant by a practice, in one clause. */
function meant(intent: Intent, leaves: string, tended: string): string {
  const clauses = {
    'clear-then-nourish': `we let ${leaves} go, then tend ${tended}`,
    clear: `we let ${leaves} go, breath by breath`,
    nourish: `we tend ${tended}, and nothing more`,
    move: `we let what is stiff move again`,
    calm: `we let ${leaves} sink, and rest`,
  } as const satisfies Record<Intent, string>;
  return clauses[intent];
}

/** The phase a story is told in: the theme’s first, that of the season where the theme has none of its own. */
function phaseOf({ theme, season }: Brief): PhaseId {
  const isOfAll = theme.kind === 'all-phases';
  const ofSeason = season === 'earth-turn' ? 'earth' : SEASON_PHASE[season];
  return (isOfAll ? undefined : themePhases(theme)[0]) ?? ofSeason;
}

function imagesOf(brief: Brief, phase: PhaseId): readonly Image[] {
  const own = themeParts(brief.theme).flatMap((part) =>
    part.kind === 'aim' ? (AIM_IMAGES[part.aim] ?? []) : [],
  );
  return own.length > 0 ? own : PHASE_IMAGES[phase];
}

const filled = (text: string, words: Readonly<Record<string, string>>): string =>
  text.replace(/\{(\w+)\}/g, (whole, key: string) => {
    const word = words[key] ?? words[key.toLowerCase()];
    if (word === undefined) return whole;
    return key === key.toLowerCase() ? word : capital(word);
  });

/** Where in its lists a story stands: elsewhere for other people, and one further with every class and every seed. */
const turnOf = ({ brief, seed, given }: Telling): number =>
  (seedOf(JSON.stringify([brief.theme, brief.season, brief.groupId])) % 997) + seed + (given ?? 0);

const isForSleep = ({ theme }: Brief): boolean =>
  themeParts(theme).some((part) => part.kind === 'aim' && part.aim === 'sleep');

const inTurn = <Entry>(list: readonly Entry[], turn: number): Entry => entryAt(list, turn % list.length);

/**
 * The story of a practice: what it is for, the image that runs through it, and what is said at its beginning, in its
 * middle and at its end. The same telling tells the same; after another class, or by the next seed, no sentence of it is told again. The opening has at
 * most 35 words, the closing at most 15 for a theme of one part.
 */
export function storyOf(telling: Telling): Story {
  const { brief, virtueSchool, ownVirtues, formName, pointNamed, former } = telling;
  const phase = phaseOf(brief);
  const turn = turnOf(telling);
  const image = inTurn(imagesOf(brief, phase), turn);
  const clause = meant(brief.intent, inTurn(LEAVES[phase], turn), inTurn(TENDED[phase], turn));
  const theme = givenTo(brief, formName, pointNamed);
  const named = firstGivenTo(brief, theme, pointNamed);
  const time = brief.dayPart === 'midday' ? 'at midday' : `this ${DAY_PART_NAMES[brief.dayPart]}`;
  // Towards sleep no feeling is grown: it is let go.
  const virtue = isForSleep(brief) ? '' : virtueOf(phase, virtueSchool, ownVirtues);
  const words = {
    season: inTurn(SEASON_LINES[brief.season], turn),
    minutes: minutesSaid(brief.minutes),
    theme,
    when: time,
    meant: clause,
    again: image.again,
    home: image.home,
  };
  const told: Story = {
    intention: `${capital(named)}, ${time}: ${clause}.`,
    image: image.first,
    virtue,
    opening: filled(inTurn(OPENINGS, turn), { ...words, theme: named }),
    midway: filled(inTurn(MIDWAYS, turn), words),
    closing: filled(inTurn(CLOSINGS, turn), words),
  };
  if (!former?.own) return told;
  const kept = Object.fromEntries(former.own.map((part: StoryPart) => [part, former[part]]));
  return { ...told, ...kept, own: former.own };
}

/** The feeling a practice grows, as it is said in its middle. */
export const virtueLine = ({ virtue }: Pick<Story, 'virtue'>): string =>
  virtue === '' ? '' : `And with it, ${virtue}.`;
