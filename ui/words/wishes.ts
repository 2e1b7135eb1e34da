import { anyOf } from '@/core/text/text';
import { aim } from '@/core/brief/aims';
import { channel } from '@/core/channels/channels';
import { organ, phaseName } from '@/core/phases';
import { conditionLabel } from '@/core/seek/conditionWords';
import { WITHOUT, type Wishes } from '@/core/seek/seek';
import { ROLE_NAMES } from './names';

const LEVELS = { 1: 'for anyone', 2: 'level 2', 3: 'level 3' } as const;

const HOW_NAMES = {
  stretch: 'stretches',
  trace: 'traces',
  tap: 'taps along',
  press: 'presses along',
  hold: 'holds on',
  attend: 'leads the attention along',
} as const satisfies Record<NonNullable<Wishes['how']>, string>;

/** What was understood of a question, in words. */
export function understood(wishes: Wishes, lost: readonly string[]): readonly string[] {
  const along = wishes.channel && `the ${channel(wishes.channel).name}`;
  return [
    wishes.aim && `for ${aim(wishes.aim).label}`,
    ...(wishes.conditions ?? []).map((id) => `with ${conditionLabel(id)}`),
    wishes.points && `reaches ${anyOf(wishes.points)}`,
    wishes.joint && `loosens the ${wishes.joint}`,
    wishes.action,
    wishes.organ && organ(wishes.organ).name,
    wishes.phase && phaseName(wishes.phase).name,
    wishes.how ? `${HOW_NAMES[wishes.how]} ${along ?? 'a channel'}` : along,
    wishes.role && `to ${ROLE_NAMES[wishes.role].toLowerCase()}`,
    wishes.posture,
    wishes.family,
    wishes.level && LEVELS[wishes.level],
    wishes.minutes !== undefined && `within ${wishes.minutes} min`,
    ...WITHOUT.filter((row) => wishes.without.includes(row.id)).map((row) => row.label),
    ...wishes.words.filter((word) => !lost.includes(word)).map((word) => `“${word}”`),
  ].filter((part): part is string => typeof part === 'string' && part !== '');
}
