import type { Help, Obstacle } from '@/core/compose';
import { plural } from '@/ui/kit/time';
import { ROLE_NAMES } from './names';

/** Which wish is in the way. */
export function obstacleText(obstacle: Obstacle): string {
  switch (obstacle.code) {
    case 'too-few-forms':
      return `${plural(obstacle.allowed, 'form')} may be used, and together they do not fill these minutes evenly; about ${plural(obstacle.capacityMin, 'minute')} would be the most.`;
    case 'too-short':
      return `The sections this asks for need at least ${plural(obstacle.leastMin, 'minute')} at this pace.`;
    case 'empty-section': {
      const because = {
        caution: 'what this group must avoid leaves no form',
        'no-such-variant': 'no form can be done in this posture',
        school: 'the chosen school has no form',
        'left-out': 'every form was left out',
      }[obstacle.because];
      return `For “${ROLE_NAMES[obstacle.role]}”, ${because}.`;
    }
    default:
      return obstacle satisfies never;
  }
}

/** A change that was tried and works. */
export function helpText(help: Help): string {
  switch (help.code) {
    case 'other-minutes':
      return `Take ${plural(help.minutes, 'minute')}`;
    case 'allow-left-out':
      return `Allow the ${plural(help.count, 'form')} left out`;
    case 'other-posture':
      return help.posture === 'seated' ? 'Sit' : 'Stand';
    case 'other-pace':
      return `Breathe ${help.breathsPerMin} times a minute`;
    default:
      return help satisfies never;
  }
}
