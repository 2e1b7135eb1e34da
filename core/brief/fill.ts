import type { AlmanacReading } from '../almanac';
import type { Customs } from '../customs';
import { organsOf } from '../phases';
import type { Brief } from './brief';
import { aim } from './aims';
import { suggestBreath, suggestVoice, type LayerWhy } from './layers';
import { intentFor, type GroupCalendar } from './suggest';
import { themeParts } from './theme';

/** What the practitioner has said so far; everything else the almanac and the customs fill in. */
export type BriefWishes = Partial<Brief>;

/** Why a word stands in the sentence when the practitioner has not chosen it. */
export type BriefWhy = 'chosen' | 'group' | 'hour' | 'season' | 'customs' | LayerWhy;

export interface FilledBrief {
  readonly brief: Brief;
  readonly why: Readonly<Record<keyof Brief, BriefWhy>>;
}

/** Completes a brief: chosen words first, then the group's own, the almanac's, the customs', the usual. */
export function fillBrief(
  wishes: BriefWishes,
  reading: AlmanacReading,
  customs: Customs,
  groups: readonly GroupCalendar[],
): FilledBrief {
  const group = groups.find((candidate) => candidate.id === wishes.groupId);
  const organ = organsOf(reading.season.phase)[0];
  if (!organ) throw new RangeError(`phase ${reading.season.phase} has no organ`);
  const dayPart = wishes.dayPart ?? reading.dayPart;
  // An aim brings the intent that serves it.
  const aimed = wishes.theme
    ? themeParts(wishes.theme).flatMap((part) => (part.kind === 'aim' ? [aim(part.aim).intent] : []))[0]
    : undefined;
  const plain = {
    minutes: wishes.minutes ?? group?.minutes ?? 20,
    dayPart,
    theme: wishes.theme ?? { kind: 'organ', organ: organ.id },
    season: wishes.season ?? (reading.season.earth ? 'earth-turn' : reading.season.season),
    posture: wishes.posture ?? group?.posture ?? 'standing',
    groupId: wishes.groupId ?? null,
    breathsPerMin: wishes.breathsPerMin ?? customs.breathsPerMin,
    intent: wishes.intent ?? aimed ?? (dayPart === 'evening' ? intentFor(dayPart) : 'clear-then-nourish'),
    familiarity: wishes.familiarity ?? group?.familiarity ?? 'known',
    without: wishes.without ?? [],
    pins: wishes.pins ?? [],
    place: wishes.place ?? [],
    ...(wishes.atHand ? { atHand: wishes.atHand } : {}),
    ...(wishes.again ? { again: wishes.again } : {}),
  } satisfies Brief;
  const breath = suggestBreath(plain, customs);
  const voice = suggestVoice(plain, customs);
  const brief: Brief = {
    ...plain,
    voice: wishes.voice ?? voice.value,
    breath: wishes.breath ?? breath.value,
  };
  const from = (field: keyof Brief, otherwise: BriefWhy): BriefWhy =>
    wishes[field] === undefined ? otherwise : 'chosen';
  return {
    brief,
    why: {
      minutes: from('minutes', group ? 'group' : 'usual'),
      dayPart: from('dayPart', 'hour'),
      theme: from('theme', 'season'),
      season: from('season', 'season'),
      posture: from('posture', group ? 'group' : 'usual'),
      groupId: from('groupId', 'usual'),
      breathsPerMin: from('breathsPerMin', 'customs'),
      intent: from('intent', aimed ? 'aim' : dayPart === 'evening' ? 'hour' : 'usual'),
      familiarity: from('familiarity', group ? 'group' : 'usual'),
      without: from('without', 'usual'),
      pins: from('pins', 'usual'),
      place: from('place', 'usual'),
      atHand: from('atHand', 'usual'),
      again: from('again', 'usual'),
      voice: from('voice', voice.why),
      breath: from('breath', breath.why),
    },
  };
}
