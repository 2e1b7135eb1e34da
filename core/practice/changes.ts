import type { Prop } from '../body/posture';
import { isOnFloor, isStanding, type Stance } from '../forms';

/** How the feet come to a stance, as it is said: a movement, not an announcement. */
const STANCE_WORDS: Readonly<Record<Stance, string>> = {
  'feet together': 'Bring the feet together.',
  'hip width': 'The feet to hip width.',
  'shoulder width': 'Step to shoulder width.',
  wide: 'Step out wide.',
  bow: 'One foot steps forward into the bow stance.',
  chair: 'Come to sit.',
  'cross-legged': 'Come down to sit with crossed legs, on a cushion if you like.',
  kneeling: 'Come down to kneel, a cushion under the seat.',
  'hands and knees': 'Come down to hands and knees.',
  'on the back': 'Come down, and lie on the back.',
  'on the side': 'Roll to the right side, the head on the arm or a cushion.',
};
/** How one comes from one stance to another, as it is said. */
export const stanceWords = (from: Stance, to: Stance): string => {
  if (!isStanding(to)) return STANCE_WORDS[to];
  if (isOnFloor(from)) return `Roll to one side, and come up slowly. ${STANCE_WORDS[to]}`;
  return from === 'chair' ? `Stand up. ${STANCE_WORDS[to]}` : STANCE_WORDS[to];
};

/**
 * How one comes to what a form is done with, and lets it go again, as it is said: so that it fits who sits as well, and
 * asks nobody to bend to the floor (common practice).
 */
const PROP_WORDS_SAID: Readonly<Record<Prop, { readonly taken: string; readonly left: string }>> = {
  ball: { taken: 'Take the ball.', left: 'Put the ball aside.' },
  staff: { taken: 'Take the staff.', left: 'Put the staff aside.' },
  wall: { taken: 'Come close to the wall.', left: 'Come away from the wall.' },
  'wall behind': { taken: 'Come close to the wall, your back to it.', left: 'Come away from the wall.' },
  partner: { taken: 'Find a partner, and face each other.', left: 'Thank each other, and let go.' },
  ring: { taken: 'Come into a ring.', left: 'Let the ring open.' },
};
/** One wall for breast and back: who stands at it turns round. */
const TURNED: Partial<Record<Prop, string>> = {
  wall: 'Turn to face the wall.',
  'wall behind': 'Turn your back to the wall.',
};

/** How one lets go what one has and comes to what is next, as it is said; nothing where that is the same. */
export function propWords(from: Prop | undefined, to: Prop | undefined): string {
  if (from === to) return '';
  const turned = from && to && TURNED[from] ? TURNED[to] : undefined;
  if (turned !== undefined) return turned;
  return [from && PROP_WORDS_SAID[from].left, to && PROP_WORDS_SAID[to].taken].filter(Boolean).join(' ');
}
