import { themeParts } from '../brief';
import { formsOfSet, FORM_SETS, type Role } from '../forms';
import { PHASE_ROUNDS } from '../measures';
import type { Asking } from './asking';
import { fitForm } from './candidates';

/** A set that is walked through, form by form, in a section of its own. */
export interface Walked {
  readonly set: string;
  readonly role: Extract<Role, 'clear' | 'nourish'>;
  readonly forms: readonly string[];
  /** Whether nothing else stands beside it in its section. */
  readonly isAlone: boolean;
}

/** Up to so many minutes five pieces fill the heart of a practice. */
const ALONE_MINUTES = 30;
/** Five sounds beside five pieces have room from so many minutes on. */
const SOUNDS_MINUTES = 20;
/** All phases have five pieces of their own from so many minutes on. */
const PIECES_MINUTES = 5;

/** Forms of a set, in their order; nothing where one of them cannot be done here. */
function wholeSet(
  { brief, customs, people, repertoire, kept }: Asking,
  ids: readonly string[],
): readonly string[] {
  const canBe = (id: string): boolean => {
    const form = repertoire.find((one) => one.id === id) ?? kept?.forms[id];
    return (
      form !== undefined &&
      !brief.without.includes(id) &&
      typeof fitForm(form, brief.posture, people, customs, brief.place) !== 'string'
    );
  };
  return ids.every(canBe) ? ids : [];
}

/** All five phases: a round of five pieces in the generating order, and where there is time five sounds before it. */
function phasesWalked(asking: Asking): readonly Walked[] {
  const { brief, seed } = asking;
  if (brief.minutes < PIECES_MINUTES) return [];
  // One round a draft, in turn.
  const turned = seed % 2 === 0 ? PHASE_ROUNDS.toReversed() : PHASE_ROUNDS;
  const rounds = turned.map((set) => ({
    set,
    forms: wholeSet(asking, formsOfSet(set, asking.customs)),
  }));
  const round = rounds.find(({ forms }) => forms.length > 0);
  if (!round) return [];
  const pieces: Walked = { ...round, role: 'nourish', isAlone: brief.minutes <= ALONE_MINUTES };
  const ofOrgans = formsOfSet('six-sounds', asking.customs).filter((id) => id !== 'sound-triple-burner');
  const sounds = wholeSet(asking, ofOrgans);
  const areThere = sounds.length > 0 && brief.minutes >= SOUNDS_MINUTES && brief.voice !== 'none';
  const clears = brief.intent === 'clear' || brief.intent === 'clear-then-nourish';
  return areThere && clears
    ? [{ set: 'six-sounds', forms: sounds, role: 'clear', isAlone: false }, pieces]
    : [pieces];
}

/** The sets a brief goes through: those its theme names, and for all five phases a piece of each. */
export function setsWalked(asking: Asking): readonly Walked[] {
  const { brief, customs } = asking;
  if (brief.theme.kind === 'all-phases') return phasesWalked(asking);
  return themeParts(brief.theme).flatMap((part): readonly Walked[] =>
    part.kind === 'set' && FORM_SETS.some((row) => row.id === part.set)
      ? [{ set: part.set, role: 'nourish', forms: formsOfSet(part.set, customs), isAlone: true }]
      : [],
  );
}
