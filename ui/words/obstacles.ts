import type { Help, Obstacle, Refusal, Wish } from '@/core/compose';
import { plural } from '@/ui/kit/time';
import { ROLE_NAMES } from './names';
import { placeWord } from './pins';

/** Why a form cannot be used here. */
export const REFUSED = {
  caution: 'someone here must avoid it',
  someone: 'someone here may not do it',
  'no-such-variant': 'it cannot be done in this posture',
  school: 'the chosen school does not have it',
  place: 'the place does not allow it',
  'sounds-off': 'no sounds are wished for',
  'by-name': 'it is taken with its set, or by name',
  'needs-prop':
    'it needs something, or somebody, that may not be there: say that it is at hand, or ask for the form by name',
  unwritten: 'nothing but its name is written yet',
  'left-out': 'it was left out',
  unknown: 'there is no such form',
} as const satisfies Record<Refusal | 'left-out' | 'unknown', string>;

const WISH_NAMES = {
  minutes: 'the minutes',
  posture: 'the posture',
  people: 'what this group must avoid',
  place: 'what the place allows',
  pace: 'the pace of the breath',
  theme: 'the theme',
  without: 'the forms left out',
  pins: 'the forms asked for',
  kept: 'the forms you keep',
} as const satisfies Record<Wish, string>;

/** The wishes that cannot stand together, as one sentence. */
export function conflictText(wishes: readonly Wish[]): string {
  const names = wishes.map((wish) => WISH_NAMES[wish]);
  if (names.length === 0) return '';
  if (names.length === 1) return `There is no way to have ${names[0]} here.`;
  return `These cannot stand together: ${names.slice(0, -1).join(', ')} and ${names.at(-1)}.`;
}

/** Which wish is in the way. */
export function obstacleText(obstacle: Obstacle, formName: (id: string) => string = (id) => id): string {
  switch (obstacle.code) {
    case 'too-few-forms':
      return `${plural(obstacle.allowed, 'form')} may be used, and together they do not fill these minutes evenly; about ${plural(obstacle.capacityMin, 'minute')} would be the most.`;
    case 'too-short':
      return `The sections this asks for need at least ${plural(obstacle.leastMin, 'minute')} at this pace.`;
    case 'empty-section': {
      const because = {
        caution: 'what this group must avoid leaves no form',
        someone: 'what somebody here may not do leaves no form',
        'no-such-variant': 'no form can be done in this posture',
        school: 'the chosen school has no form',
        place: 'the place allows no form',
        'sounds-off': 'no sounds are wished for, and that leaves no form',
        'by-name': 'there are only forms that are taken by name',
        'needs-prop': 'there are only forms that need something, or somebody, besides',
        unwritten: 'nothing is written yet of the forms there are',
        'left-out': 'every form was left out',
      }[obstacle.because];
      return `For “${ROLE_NAMES[obstacle.role]}”, ${because}.`;
    }
    case 'pinned-but-cannot':
      return `“${formName(obstacle.formId)}” is pinned, but ${REFUSED[obstacle.because]}.`;
    case 'no-section-for-pin':
      return `“${formName(obstacle.formId)}” is pinned to “${ROLE_NAMES[obstacle.role]}”, a section that a practice of these minutes and this intent does not have.`;
    case 'same-place':
      return `${obstacle.formIds.map((id) => `“${formName(id)}”`).join(' and ')} cannot both be the ${placeWord(obstacle.place)} of one section.`;
    case 'no-room-for-place':
      return `“${formName(obstacle.formId)}” cannot be the ${placeWord(obstacle.place)} of its section: what would stand before it does not fit.`;
    case 'nothing-loosens':
      return `Nothing before ${obstacle.formIds.map((id) => `“${formName(id)}”`).join(' and ')} loosens ${obstacle.joints.join(' and ')}.`;
    default:
      return obstacle satisfies never;
  }
}

/** A change that was tried and works. */
export function helpText(help: Help, formName: (id: string) => string = (id) => id): string {
  switch (help.code) {
    case 'other-minutes':
      return `Take ${plural(help.minutes, 'minute')}`;
    case 'allow-left-out':
      return `Allow the ${plural(help.count, 'form')} left out`;
    case 'other-posture':
      return help.posture === 'seated' ? 'Sit' : 'Stand';
    case 'other-pace':
      return `Breathe ${help.breathsPerMin} times a minute`;
    case 'any-place':
      return 'Use a place that allows everything';
    case 'any-theme':
      return 'Take the season as the theme';
    case 'let-go':
      return `Do without ${help.formIds.map((id) => `“${formName(id)}”`).join(' and ')}`;
    case 'free-pins':
      return `Let ${help.formIds.map((id) => `“${formName(id)}”`).join(' and ')} stand anywhere, as often as fits`;
    case 'unlock':
      return `Let go of the ${plural(help.count, 'form')} kept`;
    default:
      return help satisfies never;
  }
}
