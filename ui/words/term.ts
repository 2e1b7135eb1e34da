import type { Covered } from '@/core/term/coverage';
import type { Load, WeekReason } from '@/core/term/themes';
import type { TermAim } from '@/core/term/weights';
import { channel } from '@/core/channels/channels';
import { organ, phaseName } from '@/core/phases';

export const TERM_AIM_WORDS = {
  year: 'with the year, season by season',
  balance: 'the whole body in turn',
} as const satisfies Record<TermAim, string>;

export const LOAD_WORDS = {
  easy: 'easy',
  middling: 'middling',
  full: 'full',
} as const satisfies Record<Load, string>;

const CAPACITY_WORDS = {
  balance: 'balance',
  legs: 'strong legs',
  reach: 'arms overhead',
  turning: 'turning',
  folding: 'folding',
  breath: 'the breath',
  stillness: 'stillness',
} as const;

/** Something a term comes by, by its name. */
export function coveredName(covered: Covered): string {
  switch (covered.kind) {
    case 'organ':
      return organ(covered.organ).name;
    case 'channel':
      return `${channel(covered.channel).name} ${covered.channel}`;
    case 'joint':
      return covered.joint;
    case 'capacity':
      return CAPACITY_WORDS[covered.capacity];
    default:
      return covered satisfies never;
  }
}

export const COVERED_KINDS = {
  organ: 'Organs',
  channel: 'Channels',
  joint: 'Joints',
  capacity: 'What a body can do',
} as const satisfies Record<Covered['kind'], string>;

/** Why a week has its theme, as one sentence. */
export function weekReasonText(reason: WeekReason): string {
  switch (reason.code) {
    case 'season-organ':
      return `It is the time of ${phaseName(reason.phase).name}: its organ comes first.`;
    case 'season-pair':
      return `It is the time of ${phaseName(reason.phase).name}: the other organ of the pair.`;
    case 'season-phase':
      return `It is the time of ${phaseName(reason.phase).name}: both its organs together.`;
    case 'mother':
      return `${phaseName(reason.phase).name} is the mother of the season and feeds it.`;
    case 'coming':
      return `${phaseName(reason.phase).name} comes within a fortnight.`;
    case 'turning':
      return reason.daysTo === 0
        ? 'The year turns on this day: all five together.'
        : `The year turns in ${reason.daysTo} days: all five together.`;
    case 'all-phases':
      return 'All five together, for the whole of the body.';
    case 'aim':
      return 'For what the season leaves out.';
    case 'set-whole':
      return 'Its forms have all been met: the set runs through.';
    case 'against':
      return `${phaseName(reason.phase).name} checks the season; it is here for the rest of the body.`;
    default:
      return reason satisfies never;
  }
}
