import type { BreathAsk } from '@/core/patterns';
import type { MovementAsks } from '@/core/body';
import type { Asks, Form } from '@/core/forms';

const BREATH_ASKED = {
  'drawn-belly': 'the belly drawn in on the in-breath',
  'pelvic-floor': 'the pelvic floor lifted',
  staged: 'breathing in by sips',
  throat: 'a sounding throat',
} as const satisfies Record<BreathAsk, string>;

/** What a form asks, said only where it asks anything. */
export function asksText(asks: Asks): readonly string[] {
  const said: string[] = [];
  if (asks.kneeBend !== 'none') said.push(`knees: ${asks.kneeBend} bend`);
  if (asks.oneLegSec > 0) said.push(`on one leg for up to ${asks.oneLegSec} s`);
  if (asks.unsteady) said.push('nearly all the weight on one foot');
  if (asks.heelsUp !== 'none') said.push(`heels lifted: ${asks.heelsUp}`);
  if (asks.armsAboveShoulders)
    said.push(
      asks.armsUpSec >= 10
        ? `arms above the shoulders, up to ${Math.round(asks.armsUpSec)} s`
        : 'arms above the shoulders',
    );
  if (asks.fold !== 'none') said.push(`fold: ${asks.fold}`);
  if (asks.rounding !== 'none') said.push(`rounding of the spine: ${asks.rounding}`);
  if (asks.foldWithTurn) said.push('a turn or side bend while folded');
  if (asks.headBelowHeart) said.push('head below the heart');
  if (asks.backBend !== 'none') said.push(`back bend: ${asks.backBend}`);
  if (asks.twist !== 'none') said.push(`twist: ${asks.twist}`);
  if (asks.sideBend !== 'none') said.push(`side bend: ${asks.sideBend}`);
  if (asks.neck !== 'none') said.push(`neck: ${asks.neck}`);
  if (asks.breathHold) said.push('a short pause of the breath');
  said.push(...asks.breath.map((one) => BREATH_ASKED[one]));
  if (asks.staticHold) said.push('a held stance');
  if (asks.impact !== 'none') said.push(`impact at the heels: ${asks.impact}`);
  if (asks.percussion.length > 0) said.push(`knocking: ${asks.percussion.join(', ')}`);
  if (asks.rubs.length > 0) said.push(`rubbing or pressing: ${asks.rubs.join(', ')}`);
  if (asks.shakes) said.push('shaking or jolts');
  if (asks.floor !== 'none') said.push(`down to the floor, ${asks.floor}`);
  if (asks.roundedJoints.length > 0) said.push(`taken through their range: ${asks.roundedJoints.join(', ')}`);
  if (asks.abdominalPress) said.push('pressing on the belly');
  if (asks.legsCross) said.push('a leg across the midline');
  if (asks.stepping) said.push('a step');
  if (asks.inwardImagery) said.push('inward imagery');
  if (asks.vigorous) said.push('vigour');
  return said;
}

/** One bar of what is asked against what a body does; 1 is the whole of its range or the longest time. */
export interface AskBar {
  readonly label: string;
  readonly share: number;
  readonly value: string;
}

/** Measured asks as bars. Limits are the ordinary ranges of the body (see `RANGES`); times against a minute. */
export function askBars(asked: MovementAsks): readonly AskBar[] {
  const bars: AskBar[] = [
    { label: 'knees', share: asked.kneeBendDeg / 110, value: `${Math.round(asked.kneeBendDeg)}°` },
    { label: 'fold', share: asked.foldDeg / 160, value: `${Math.round(asked.foldDeg)}°` },
    { label: 'rounding', share: asked.roundShare, value: `${Math.round(asked.roundShare * 100)} %` },
    { label: 'back bend', share: asked.archDeg / 30, value: `${Math.round(asked.archDeg)}°` },
    { label: 'twist', share: asked.turnShare, value: `${Math.round(asked.turnShare * 100)} %` },
    { label: 'side bend', share: asked.sideShare, value: `${Math.round(asked.sideShare * 100)} %` },
    { label: 'head turned', share: asked.neckTurnDeg / 70, value: `${Math.round(asked.neckTurnDeg)}°` },
    { label: 'head tilted', share: asked.neckSideDeg / 45, value: `${Math.round(asked.neckSideDeg)}°` },
    { label: 'head back', share: asked.neckBackDeg / 50, value: `${Math.round(asked.neckBackDeg)}°` },
    { label: 'on one leg', share: asked.oneLegSec / 60, value: `${Math.round(asked.oneLegSec)} s` },
    { label: 'arms up', share: asked.handsAboveSec / 60, value: `${Math.round(asked.handsAboveSec)} s` },
  ];
  return bars.filter((bar) => bar.share >= 0.04);
}

/** How a form treats left and right. */
export const SIDE_WORDS = {
  symmetric: 'both sides together',
  alternating: 'left and right in turn',
  'one-then-other': 'all on one side, then the other',
  'both-ways': 'both ways',
} as const satisfies Record<Form['sides'], string>;

export const BREATH_WORDS = { in: 'in', out: 'out', hold: 'pause', free: 'free' } as const;
