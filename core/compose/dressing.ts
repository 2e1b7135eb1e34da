import { OWN_BREATH } from '../brief';
import { asksAsDone, asksOf, organsOfForm, type Asks, type Role, type VariantId } from '../forms';
import { wholePattern, patternRefusal, type BreathPattern, type WholePattern } from '../patterns';
import { cautionsOf } from '../people';
import { patternIn, soundIn, soundRefusal, type Item, type OwnLayers } from '../practice';
import { soundIdOf, VOICES, type SoundOrgan, type Voice } from '../sounds';
import type { Allowed, Asking } from './asking';
import type { FormAt, Part } from './criteria';
import { soundsWanted } from './criteria/sound';
import { growthOf } from './growing';
import { weight } from './weights';

/**
 * What lies on the breath of a form where it stands: a dressing. A form is chosen together with its dressing, as it is
 * chosen together with how often it is done: each dressing has its own time and its own worth.
 */
export interface Dressing {
  readonly laid: Pick<Item, 'breathing' | 'sound'>;
  /** What it is worth beside the form itself, with why. */
  readonly parts: readonly Part[];
}

/** The section a form stands in, as far as its layers depend on it. */
type Section = Pick<FormAt, 'role' | 'organ'>;

export const PLAIN: Dressing = { laid: {}, parts: [] };

/** Where a pattern is laid, by what it does (common practice). */
const ROLES_OF: Readonly<Record<'clears' | 'nourishes' | 'moves' | 'calms', readonly Role[]>> = {
  clears: ['clear'],
  nourishes: ['nourish', 'still'],
  moves: ['nourish', 'balance'],
  calms: ['nourish', 'still', 'balance', 'gather'],
};

type Layered = Pick<Asking, 'layers'>;
const ownOf = ({ layers }: Layered): OwnLayers => layers ?? {};

/** What a pattern is good for; one’s own says so itself. */
const actionsOf = (pattern: BreathPattern): WholePattern['suits']['actions'] =>
  'suits' in pattern ? (pattern as WholePattern).suits.actions : wholePattern(pattern).suits.actions;

const suitsRole = (pattern: BreathPattern, role: Role): boolean =>
  actionsOf(pattern).some((action) => ROLES_OF[action].includes(role));

/** The pattern a brief lays on its forms; none where each keeps its own breath. */
function askedPattern(asking: Asking): BreathPattern | undefined {
  const { breath } = asking.brief;
  return breath === undefined || breath === OWN_BREATH ? undefined : patternIn(ownOf(asking), breath);
}

/** Whether the people here may breathe a form so: nothing is asked that it does not ask by itself. */
function mayBreathe(asking: Asking, { form }: Allowed, variant: VariantId, pattern: string): boolean {
  const spoken = (asks: Asks): number =>
    cautionsOf(form, variant, asking.people.conditions, asks).filter(({ weight: of }) => of !== 'watch')
      .length;
  const done = asksAsDone(form, { variant, breathing: { pattern } }, ownOf(asking).patterns);
  return spoken(done) <= spoken(asksOf(form, variant));
}

/** Where a form shakes, knocks or stamps the breath follows the body (common practice). */
function stirs({ form, fitting }: Allowed): boolean {
  const { vigorous, percussion, impact } = asksOf(form, fitting.variant);
  return vigorous || percussion.length > 0 || impact !== 'none';
}

const breathParts = (pattern: string): readonly Part[] => [
  { strength: 'breaths', points: weight('breathLaid'), reason: { code: 'breathes', pattern } },
];

/** The sound of an organ as the practitioner has it: one’s own, or the school’s. */
export function organSound({ customs, layers }: Pick<Asking, 'customs' | 'layers'>, organ: SoundOrgan) {
  const own = customs.soundsOf[organ];
  return (
    (own === undefined ? undefined : soundIn(layers ?? {}, own)) ??
    soundIn({}, soundIdOf(organ, customs.soundSchool))
  );
}

/** How a sound is voiced; aloud where a brief does not say, or is silent about a sound that stands all the same. */
const voiceOf = ({ brief }: Asking): Voice => VOICES.find((one) => one === brief.voice) ?? 'aloud';

/** How a form that is a sound is voiced, where that is not as the form has it by itself. */
function voicedSound(asking: Asking, { form }: Allowed): Dressing['laid'] {
  const sound = form.soundOrgan && organSound(asking, form.soundOrgan);
  const isOwn = form.soundOrgan !== undefined && asking.customs.soundsOf[form.soundOrgan] === sound?.id;
  const voice = voiceOf(asking);
  return sound && (isOwn || voice !== 'aloud') ? { sound: { sound: sound.id, voice } } : {};
}

/** The breaths a form may be done with in a section, the one the brief asks for first. */
export function breathDressings(asking: Asking, allowed: Allowed, role: Role): readonly Dressing[] {
  const { form, fitting } = allowed;
  const plain: Dressing = { ...PLAIN, laid: voicedSound(asking, allowed) };
  const pattern = askedPattern(asking);
  const isLaid =
    pattern !== undefined &&
    !form.hinge &&
    growthOf(asking, role, form) !== 'body' &&
    form.soundOrgan === undefined &&
    !stirs(allowed) &&
    suitsRole(pattern, role) &&
    patternRefusal(form, fitting.variant, pattern) === undefined &&
    mayBreathe(asking, allowed, fitting.variant, pattern.id);
  return isLaid
    ? [{ laid: { breathing: { pattern: pattern.id } }, parts: breathParts(pattern.id) }, plain]
    : [plain];
}

const soundParts = (organ: SoundOrgan): readonly Part[] => [
  {
    strength: 'sounds',
    points: weight('organSound') + weight('soundLaid'),
    reason: { code: 'sounds', organ },
  },
];

/** A form of the organ that is no sound itself, done with the organ’s sound on its exhale; nothing where it does not fit. */
export function soundDressing(
  asking: Asking,
  allowed: Allowed,
  section: Section,
): { readonly organ: SoundOrgan; readonly dressing: Dressing } | undefined {
  const { form } = allowed;
  if (form.soundOrgan !== undefined || form.hinge || stirs(allowed)) return undefined;
  // A sound is laid on what the body can do by itself.
  if (growthOf(asking, section.role, form) === 'body') return undefined;
  // The first organ named on a form is the one it is known for.
  const [known] = organsOfForm(form, asking.customs);
  const organ = soundsWanted(asking.brief, section).find((one) => one === known);
  const sound = organ && organSound(asking, organ);
  if (!organ || !sound || soundRefusal(form, sound) !== undefined) return undefined;
  return {
    organ,
    dressing: { laid: { sound: { sound: sound.id, voice: voiceOf(asking) } }, parts: soundParts(organ) },
  };
}

/** The organ whose sound an item makes, of a form that is one or that carries it. */
export function soundedOrgan(
  asking: Layered,
  form: Allowed['form'],
  sound: Item['sound'],
): SoundOrgan | undefined {
  if (sound === 'none') return undefined;
  return sound ? soundIn(ownOf(asking), sound.sound)?.organ : form.soundOrgan;
}

/** What the layers of an item that stands are worth, by the same measure. */
export function partsOfLaid(
  asking: Asking,
  { form }: Allowed,
  { breathing, sound }: Pick<Item, 'breathing' | 'sound'>,
  section: Section,
): readonly Part[] {
  const pattern = askedPattern(asking);
  const isAsked =
    pattern !== undefined && breathing?.pattern === pattern.id && suitsRole(pattern, section.role);
  const organ = form.soundOrgan === undefined ? soundedOrgan(asking, form, sound) : undefined;
  return [
    ...(isAsked ? breathParts(pattern.id) : []),
    ...(organ && soundsWanted(asking.brief, section).includes(organ) ? soundParts(organ) : []),
  ];
}
