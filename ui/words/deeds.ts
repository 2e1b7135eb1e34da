import { lengthOf } from '@/ui/words/region';
import type { Deed, Measured } from '@/core/forms/checks/claims';

/** What a body does, in words that follow “but in the body …”. */
const DEED_WORDS: Readonly<Record<Deed, string>> = {
  'head-against-breath': 'the head goes {tenths} cm against the breath',
  'hands-against-breath': 'the hands go {whole} cm against the breath',
  'hands-rise': 'the hands rise {whole} cm',
  'hands-sink': 'the hands sink {whole} cm',
  'hands-go-down': 'the hands go down {whole} cm',
  'hands-go-up': 'the hands go up {whole} cm',
  'hands-spread': 'the hands spread {whole} cm',
  'hands-open': 'the hands open {whole} cm',
  'hands-go-out': 'the hands go out {whole} cm',
  'hands-come-home': 'the hands come home {whole} cm',
  'hands-part': 'the hands part {whole} cm',
  'elbows-draw-back': 'the elbows draw back {whole} cm',
  'hands-close': 'the hands close {whole} cm',
  'hand-moves': 'the hand moves {whole} cm',
  'hand-goes-up-the-arm': 'the hand goes up that arm',
  'hand-goes-down-the-arm': 'the hand goes down that arm',
  'other-hand': 'the other hand does it',
  'palms-stay-apart': 'the palms stay {whole} cm apart',
  'hands-stay-under': 'the hands stay {whole} cm under it',
  'hands-stay-over': 'the hands stay {whole} cm over it',
  'hands-stay-away': 'the hands stay {whole} cm away',
  'other-foot-in-front': 'the other foot is in front',
  'other-foot': 'the other foot moves',
  'other-hand-there': 'the other hand is there',
  'held-arm-moves': 'the hand of that arm moves',
  'other-arm-long': 'the other arm is long',
  'hands-on-other-side': 'the hands are on the other side',
  'hand-on-other-side': 'the hand stays on the other side',
  'sways-other-way': 'it sways the other way',
  'other-heel': 'the other heel rises',
  'weight-on-one-foot': 'up to {whole} % on one foot',
  'weight-at-most': '{whole} % at most',
  'weight-moves': 'the weight moves {tenths} cm',
  'weight-on-that-foot': '{whole} % on that foot',
  'heels-come-up': 'the heels come up {tenths} cm',
  'heel-ends-up': 'a heel ends {tenths} cm up',
  'feet-front-to-back': 'the feet are {whole} cm apart front to back',
  'shoulder-widths': 'the feet are {tenths} shoulder widths apart',
  'knee-outside-foot': 'a knee stands {whole} cm outside its foot',
  'feet-stay-down': 'both feet stay on the floor',
  'knees-bend': 'the knees bend {whole}°',
  'hands-over-floor': 'the hands stay {whole} cm over the floor',
  'hands-over-knees': 'the hands stay {whole} cm over the knees',
  'weight-goes-forward': 'the weight goes {whole} cm forward',
  'weight-goes-back': 'the weight goes {whole} cm back',
  'foot-comes-up': 'that foot comes up {tenths} cm',
  'foot-ends-up': 'that foot ends {tenths} cm up',
  'head-rises': 'the head rises {whole} cm',
  'stays-aside': 'it stays {whole}° aside',
  'heel-stays': 'the heel goes {whole} cm forward',
  'foot-leaves-floor': 'a foot leaves the floor',
  'turns-that-way': 'it turns {whole}° that way',
  'bends-that-way': 'it bends {whole}° that way',
  'looks-round': 'it looks {whole}° round',
  leans: 'it leans {whole}°',
  'back-rounds': 'the back rounds {whole}°',
  'head-sinks': 'the head sinks {tenths} cm',
};

/** What was measured, where words said something else. */
export function measuredText({ does, amount = 0 }: Measured): string {
  return DEED_WORDS[does]
    .replace('{whole} cm', lengthOf(amount))
    .replace('{tenths} cm', lengthOf(amount, 1))
    .replace('{whole}', String(Math.round(amount)))
    .replace('{tenths}', amount.toFixed(1));
}
