import type { Caution, CautionCode, ConditionId } from '../people';
import type { ChannelId, PointCode } from '../channels';
import type { Form, Role, SealRefusal } from '../forms';
import type { Measured } from '../forms';
import type { OrganId, PhaseId } from '../phases';
import type { CalendarSeason } from '../almanac';
import type { Side } from '../body';
import type { PatternRefusal } from '../patterns';
import type { SoundRefusal } from '../practice';
import type { Voice } from '../sounds';
import type { Deed, Way } from './reading/breathWords';
import type { Place } from './reading/places';
import type { RiskSaid } from './reading/risks';
import type { StanceSaid } from './reading/stances';

type Joint = Form['loosens'][number];

/** What a theme asks for and nothing reaches. */
export type NotReached =
  | { readonly organ: OrganId }
  | { readonly channel: ChannelId }
  | { readonly point: PointCode }
  | { readonly phase: PhaseId }
  | { readonly lesson: string };
/** What words name instead of what is done. */
export type Named =
  | { readonly organ: OrganId }
  | { readonly phase: PhaseId }
  | { readonly form: string }
  | { readonly channel: ChannelId }
  | { readonly point: PointCode }
  | { readonly place: Place }
  | { readonly animal: NonNullable<Form['animal']> };
/** What needs a word of care and has none. */
export type Risk = 'breath-held' | 'head-low' | 'head-back' | 'hard-heels';

/** What a note says, as data; its sentence stands in `ui/words/margin.ts`. Times in seconds, shares 0–1. */
export interface NoteSays {
  'arms-up-long': { readonly seconds: number; readonly forms: readonly string[] };
  'asked-and-absent': { readonly form: string };
  'many-new-forms': { readonly forms: number; readonly allowed: number };
  'much-talk': { readonly share: number };
  'breath-against-custom': {
    readonly form: string;
    readonly against: 'in-while-sinking' | 'out-while-rising';
    readonly cm: number;
  };
  'breathed-two-ways': { readonly form: string };
  'circles-one-way': { readonly form: string };
  'cold-joints': { readonly form: string; readonly joints: readonly Joint[] };
  condition: {
    readonly form: string;
    readonly condition: ConditionId;
    readonly weight: Caution['weight'];
    readonly caution: CautionCode;
  };
  'count-announced': { readonly form: string; readonly said: number; readonly done: number };
  'cue-against-breath': { readonly cue: string; readonly breath: string };
  'cue-names-one-side': { readonly cue: string; readonly form: string };
  'cue-turns-sides-round': { readonly cue: string; readonly form: string };
  'cue-needs-eyes': { readonly cue: string };
  'deed-against-breath': {
    readonly cue: string;
    readonly form: string;
    readonly deed: Deed;
    readonly breath: Way;
  };
  'route-said-otherwise': { readonly cue: string; readonly form: string; readonly by: 'nose' | 'mouth' };
  'way-turned-round': { readonly cue: string; readonly form: string };
  'another-stance': { readonly cue: string; readonly form: string; readonly said: StanceSaid };
  'risk-asked': { readonly cue: string; readonly form: string; readonly risk: RiskSaid };
  'cue-too-long': {
    readonly cue: string;
    readonly form: string;
    readonly spokenSec: number;
    readonly strokeSec: number;
  };
  'clears-by-the-nose': { readonly form: string };
  'by-the-mouth': { readonly form: string; readonly nourishes: boolean };
  'step-with-weight': { readonly form: string; readonly foot: 'left' | 'right'; readonly share: number };
  'sound-out-of-place': { readonly form: string; readonly role: Role };
  'sound-too-loud': { readonly form: string; readonly voice: Voice; readonly isQuiet: boolean };
  'two-sounds-for-organ': { readonly organ: OrganId; readonly sounds: readonly string[] };
  'sounds-uneven': { readonly least: number; readonly most: number; readonly usual: number };
  'sound-of-another-school': { readonly form: string; readonly sound: string };
  'layer-not-laid': {
    readonly form: string;
    readonly layer: string;
    readonly why: PatternRefusal | SoundRefusal | SealRefusal;
  };
  'breath-hurried': {
    readonly form: string;
    readonly pattern: string;
    readonly sec: number;
    readonly leastSec: number;
  };
  'pattern-on-hard-form': { readonly form: string; readonly pattern: string };
  'exhale-too-long': { readonly sec: number; readonly mostSec: number };
  'pattern-by-the-mouth': { readonly form: string; readonly pattern: string };
  'stirs-in-the-evening': { readonly form: string };
  'same-as-last-time': { readonly again: number; readonly of: number };
  'may-not': { readonly form: string };
  'low-long': { readonly seconds: number; readonly forms: readonly string[] };
  'hinge-missing': { readonly form: string };
  'one-side-said': { readonly form: string; readonly side: Side };
  'near-twin': { readonly form: string; readonly twin: string };
  'not-gathered': { readonly missing: readonly ('gather' | 'close')[] };
  'nourished-before-cleared': {
    readonly form: string;
    readonly before: string;
    readonly organ: OrganId | undefined;
  };
  'one-leg-long': { readonly form: string; readonly seconds: number };
  'other-school': {
    readonly of: 'animals' | 'sounds' | 'virtues';
    readonly written: string;
    readonly own: string;
  };
  'foreign-virtue': { readonly virtue: string };
  'layers-left': {
    readonly form: string;
    readonly layers: number;
    readonly done: number;
    readonly late: readonly string[];
  };
  'no-parts-written': { readonly form: string };
  'announced-and-absent': { readonly name: string };
  'little-quiet-after-knocking': { readonly form: string; readonly seconds: number };
  'theme-not-reached': { readonly part: NotReached };
  'risk-unsaid': { readonly form: string; readonly risks: readonly Risk[] };
  'route-misses-channel': { readonly form: string; readonly channels: readonly ChannelId[] };
  'route-against-flow': { readonly form: string; readonly channels: readonly ChannelId[] };
  'checks-the-season': { readonly phase: PhaseId; readonly checking: PhaseId };
  'season-of-another-school': {
    readonly season: CalendarSeason['season'];
    readonly other: string;
    readonly own: string;
    readonly ownSeason: CalendarSeason['season'];
  };
  'section-out-of-range': {
    readonly role: Role;
    readonly share: number;
    readonly leastShare: number;
    readonly mostShare: number;
  };
  'set-out-of-order': { readonly set: string; readonly order: string; readonly form: string };
  'slip-of-the-tongue': { readonly cue: string; readonly named: Named; readonly form: string };
  'sound-first': { readonly form: string };
  'sound-after-stirring': { readonly form: string; readonly before: string };
  'stance-changes': { readonly changes: number; readonly forms: number };
  'third-wide-stance': { readonly form: string };
  'words-fill-the-time': { readonly share: number };
  'no-quiet-stretch': { readonly seconds: number };
  'uneven-count': { readonly form: string; readonly left: number; readonly right: number };
  'uneven-seconds': {
    readonly form: string;
    readonly short: Side;
    readonly leastSec: number;
    readonly mostSec: number;
  };
  'ends-stirred': { readonly form: string };
  'words-against-body': { readonly cue: string; readonly form: string; readonly measured: Measured };
  'asked-times': { readonly asked: number; readonly done: number };
  'asked-section': { readonly role: Role };
  'asked-place': { readonly asked: 'last' | number; readonly place: number; readonly of: number };
  'asked-out': Record<never, never>;
  'begins-on-the-floor': { readonly form: string; readonly before: string };
  'begins-on-a-chair': { readonly form: string; readonly before: string };
  'begins-standing': { readonly form: string; readonly before: string };
  length: { readonly lastsMs: number; readonly minutes: number };
}
export type NoteCode = keyof NoteSays;
export type NoteSaid = { [Code in NoteCode]: { readonly code: Code } & NoteSays[Code] }[NoteCode];

/** Mends that say no number. */
export type PlainMend =
  | 'put-there'
  | 'even-sides'
  | 'sound-silent'
  | 'sound-whispered'
  | 'same-number'
  | 'no-seal-here'
  | 'no-sound-here'
  | 'shorter-exhale'
  | 'plain-breath'
  | 'take-out'
  | 'smaller'
  | 'own-words'
  | 'side-follows'
  | 'by-mouth'
  | 'by-nose'
  | 'fit'
  | 'clear-first'
  | 'own-school'
  | 'one-more-each'
  | 'in-order'
  | 'settle-first'
  | 'no-holds';
/** What a mend does, as data. */
export type MendSaid =
  | { readonly code: PlainMend }
  | { readonly code: 'do-times'; readonly times: number }
  | { readonly code: 'do-count'; readonly count: number }
  | { readonly code: 'stand-still'; readonly seconds: number };
