import type { DayPart } from '../almanac';
import { organ, type OrganId } from '../phases';
import { SOUND_ORGANS, type SoundOrgan } from '../sounds/sounds';
import { aim } from './aims';
import type { Intent } from './intents';
import type { PlaceLimit } from './limits';
import { themeOrgans, themeParts, themePhases, type Theme, type ThemePart } from './theme';

/** How sounds are made in a practice: not at all, or in one of the voices. */
export const BRIEF_VOICES = ['none', 'aloud', 'whispered', 'silent'] as const;
export type BriefVoice = (typeof BRIEF_VOICES)[number];

/** The word for leaving each form its own breath. */
export const OWN_BREATH = 'own';

/** What a suggestion of breath or sound comes from. */
export type LayerWhy = 'aim' | 'hour' | 'theme' | 'place' | 'group' | 'customs' | 'usual';

interface Suggested<Value> {
  readonly value: Value;
  readonly why: LayerWhy;
}

interface Asked {
  readonly theme: Theme;
  readonly intent: Intent;
  readonly dayPart: DayPart;
  readonly familiarity: 'known' | 'taught';
  readonly place: readonly PlaceLimit[];
}

/** What a teacher always does, as far as breath and sound go. */
interface Always {
  readonly voice: 'by-hour' | BriefVoice;
  readonly patternsNever: readonly string[];
}

const isSoundOrgan = (organ: string): organ is SoundOrgan =>
  (SOUND_ORGANS as readonly string[]).includes(organ);

/** The organ whose sound clears an organ: its own, or that of its pair (common practice). */
export function soundOrganFor(id: OrganId): SoundOrgan | undefined {
  const { pair } = organ(id);
  return isSoundOrgan(id) ? id : isSoundOrgan(pair) ? pair : undefined;
}

/** Organs a part of a theme is cleared by: of an aim, which many organs serve, those of the phase it is first of. */
function clearedOrgans(part: ThemePart): readonly OrganId[] {
  if (part.kind !== 'aim') return themeOrgans(part);
  const [first] = aim(part.aim).phases;
  return themeOrgans(part).filter((id) => organ(id).phase === first);
}

/** The organs whose sounds clear what a theme asks for, each once; an aim beside an organ or a phase takes theirs. */
export function soundOrgansOf(theme: Theme): readonly SoundOrgan[] {
  const parts = themeParts(theme);
  const own = parts.filter((part) => part.kind !== 'aim' && clearedOrgans(part).length > 0);
  const organs = (own.length > 0 ? own : parts).flatMap(clearedOrgans);
  return [...new Set(organs.flatMap((id) => soundOrganFor(id) ?? []))];
}

/** Whether what is asked clears, so that the organ’s sound belongs to it (common practice). */
export const clearsBySound = ({ intent, theme }: Pick<Asked, 'intent' | 'theme'>): boolean =>
  (intent === 'clear' || intent === 'clear-then-nourish') && soundOrgansOf(theme).length > 0;

/** Aims that lead to rest. */
const TO_REST: ReadonlySet<string> = new Set(['sleep', 'calm']);

const isFor = (theme: Theme, aims: ReadonlySet<string>): boolean =>
  themeParts(theme).some((part) => part.kind === 'aim' && aims.has(part.aim));

/** How the phases are fed by the breath, for people who may do all of them (common practice). */
const OF_PHASES = {
  wood: 'into-the-sides',
  fire: 'out-longer',
  earth: 'even',
  metal: 'lower-belly',
  water: 'lower-belly',
} as const;

/**
 * The breath that suits theme and hour: the exhale longer to calm and to sleep, by the mouth to clear, after the phase
 * where it is fed; people who are being taught keep their own for now. Only what everyone may do (common practice).
 */
export function suggestBreath(asked: Asked, { patternsNever }: Always): Suggested<string> {
  const suggested = breathFor(asked);
  return patternsNever.includes(suggested.value) ? { value: OWN_BREATH, why: 'customs' } : suggested;
}

function breathFor({ theme, intent, dayPart, familiarity }: Asked): Suggested<string> {
  if (familiarity === 'taught') return { value: OWN_BREATH, why: 'group' };
  if (isFor(theme, TO_REST)) return { value: 'out-longer', why: 'aim' };
  if (intent === 'calm') return { value: 'out-longer', why: dayPart === 'evening' ? 'hour' : 'theme' };
  if (intent === 'clear') return { value: 'nose-in-mouth-out', why: 'theme' };
  if (intent === 'move') return { value: OWN_BREATH, why: 'theme' };
  const phases = themePhases(theme);
  const [phase] = phases;
  if (phase && phases.length === 1) return { value: OF_PHASES[phase], why: 'theme' };
  return { value: OWN_BREATH, why: 'usual' };
}

/** How loud sounds should be: silent where it must be quiet, whispered in the evening, else aloud (common practice). */
export function suggestVoice(
  { dayPart, intent, place, theme }: Asked,
  { voice }: Always,
): Suggested<BriefVoice> {
  if (voice === 'none') return { value: 'none', why: 'customs' };
  if (place.includes('quiet')) return { value: 'silent', why: 'place' };
  if (voice !== 'by-hour') return { value: voice, why: 'customs' };
  if (isFor(theme, TO_REST)) return { value: 'silent', why: 'aim' };
  if (dayPart === 'evening' || intent === 'calm') return { value: 'whispered', why: 'hour' };
  return { value: 'aloud', why: 'usual' };
}
