import { themeParts } from '../brief';
import { formsOfSet, FORM_SETS, type Role } from '../forms';
import { PHASE_ROUNDS, SHORT_ROUND_BELOW_MINUTES } from '../measures';
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

/** What each organ is given in quiet, after the pieces that move. */
const COLOURS = 'five-colours';
/** From so many minutes on there is time for it: more of one phase alone would weigh it against the others. */
const COLOURS_MINUTES = 40;
/** From so many minutes on both rounds that move are gone through. */
const BOTH_ROUNDS_MINUTES = 75;
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

/**
 * All five phases: a round of five pieces in the generating order, and where there is time five sounds before it and
 * five colours after it.
 */
function phasesWalked(asking: Asking): readonly Walked[] {
  const { brief, seed } = asking;
  if (brief.minutes < PIECES_MINUTES) return [];
  const ofPhases = (set: string): Walked => ({
    set,
    forms: wholeSet(asking, formsOfSet(set, asking.customs)),
    role: 'nourish',
    isAlone: true,
  });
  const areBoth = brief.minutes >= BOTH_ROUNDS_MINUTES;
  // One round a draft, in turn; where both are gone through, or there is time for short stations only, upright first.
  const isTurned = seed % 2 === 0 && !areBoth && brief.minutes >= SHORT_ROUND_BELOW_MINUTES;
  const turned = isTurned ? PHASE_ROUNDS.toReversed() : PHASE_ROUNDS;
  const moved = turned.map(ofPhases).filter(({ forms }) => forms.length > 0);
  const pieces = [
    ...moved.slice(0, areBoth ? 2 : 1),
    ...(brief.minutes < COLOURS_MINUTES ? [] : [ofPhases(COLOURS)].filter(({ forms }) => forms.length > 0)),
  ];
  if (pieces.length === 0) return [];
  const ofOrgans = formsOfSet('six-sounds', asking.customs).filter((id) => id !== 'sound-triple-burner');
  const sounds = wholeSet(asking, ofOrgans);
  const areThere = sounds.length > 0 && brief.minutes >= SOUNDS_MINUTES && brief.voice !== 'none';
  const clears = brief.intent === 'clear' || brief.intent === 'clear-then-nourish';
  return areThere && clears
    ? [{ set: 'six-sounds', forms: sounds, role: 'clear', isAlone: false }, ...pieces]
    : pieces;
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
