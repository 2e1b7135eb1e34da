import type { Change, QuantityId } from '@/core/felt/pairs';
import type { Felt } from '@/core/felt/felt';
import { SCALES, TENSION_REGIONS, type ScaleId, type TensionRegion } from '@/core/felt/terms';
import type { StrapCurve } from '@/core/felt/simulatedStrap';
import type { Evenness, Rate } from '@/core/felt/taps';
import { plural } from '@/ui/kit/time';

/** How tense something is, 0–3. */
export const TENSION_WORDS = ['at ease', 'a little', 'much', 'very'] as const;

export const SCALE_NAMES = {
  hands: 'Hands',
  feet: 'Feet',
  energy: 'Energy',
  mood: 'Mood',
  sleep: 'Slept',
} as const satisfies Record<ScaleId, string>;

export const STRAP_WORDS = {
  resting: 'sitting still',
  exercise: 'moving',
  recovery: 'coming down again',
} as const satisfies Record<StrapCurve, string>;

export const QUANTITY_WORDS = {
  pulse: { name: 'Pulse', unit: 'a minute' },
  breaths: { name: 'Breath', unit: 'a minute' },
  tension: { name: 'Tension', unit: 'points over the body' },
  hands: { name: 'Warmth of hands', unit: 'steps of five' },
  feet: { name: 'Warmth of feet', unit: 'steps of five' },
  energy: { name: 'Energy', unit: 'steps of five' },
  mood: { name: 'Mood', unit: 'steps of five' },
  sleep: { name: 'Sleep', unit: 'steps of five' },
} as const satisfies Record<QuantityId, { readonly name: string; readonly unit: string }>;

/** "72 ± 2 a minute". */
export const rateText = ({ perMin, giveOrTake }: Rate): string =>
  `${Math.round(perMin)} ± ${Math.max(1, Math.round(giveOrTake))} a minute`;

/** How even it was, with its error; no word on what that may mean. */
export const evennessText = ({ percent, giveOrTake, asEvenAsAHand }: Evenness): string =>
  asEvenAsAHand
    ? 'as even as a hand taps'
    : `intervals differ by ${percent.toFixed(0)} ± ${Math.max(1, giveOrTake).toFixed(0)} %`;

const signed = (value: number): string =>
  `${value > 0 ? '+' : value < 0 ? '−' : ''}${Number(Math.abs(value).toFixed(1))}`;

/** What a quantity did from before to after, and over how many classes; never why. */
export function changeText({ id, times, change }: Change): string {
  const { name, unit } = QUANTITY_WORDS[id];
  if (!change) return `${name}: ${plural(times, 'time')}, too few to say.`;
  const { median, least, most } = change;
  return `${name} (${unit}): middle ${signed(median)}, between ${signed(least)} and ${signed(most)}, ${plural(times, 'time')}.`;
}

/** How somebody was at a moment, in a line. */
export function feltText({ pulse, breaths, tension = {}, scales = {}, line }: Felt): string {
  const tense = Object.entries(tension).map(
    ([region, level]) => `${TENSION_REGIONS[region as TensionRegion]} ${TENSION_WORDS[level]}`,
  );
  return [
    ...(pulse ? [`pulse ${rateText(pulse)}`] : []),
    ...(breaths ? [`breath ${rateText(breaths)}`] : []),
    ...(tense.length > 0 ? [`tense: ${tense.join(', ')}`] : []),
    ...Object.entries(scales).map(
      ([id, step]) => `${SCALE_NAMES[id as ScaleId].toLowerCase()} ${SCALES[id as ScaleId][step - 1] ?? ''}`,
    ),
    ...(line === '' ? [] : [`“${line}”`]),
  ].join('; ');
}
