import { share, USUAL_BUILD, type MovementAsks } from '@/core/body';
import { lengthOf } from '@/ui/words/region';

const percent = (share: number): string => `${Math.round(share * 100)} %`;

/** How heavy a weight, hung from the ankle of a shank held level, turns the knee as much: what a moment feels like, kg. */
const hungAtAnkleKg = (momentNm: number): number =>
  Math.round(momentNm / (9.81 * share('shank') * USUAL_BUILD.statureM));

/** What the solved movement of a form asks, as lines with their units; only what it asks at all. */
export function measuredLines(asked: MovementAsks): readonly string[] {
  const said: string[] = [];
  if (asked.kneeBendDeg >= 12) {
    const moment =
      asked.kneeMomentNm >= 10
        ? `, which asks of them about what ${hungAtAnkleKg(asked.kneeMomentNm)} kg hung from the ankle would, sitting (${Math.round(asked.kneeMomentNm)} N·m, for a body of ${USUAL_BUILD.massKg} kg)`
        : '';
    said.push(`knees bend to ${Math.round(asked.kneeBendDeg)}°${moment}`);
  }
  if (asked.heaviestShare > 0.56)
    said.push(`up to ${percent(asked.heaviestShare)} of the weight on one foot`);
  if (asked.oneLegSec >= 0.5) said.push(`${asked.oneLegSec.toFixed(0)} s on one leg at a stretch`);
  if (Number.isFinite(asked.marginCm) && asked.marginCm < 5)
    said.push(`balance at least ${lengthOf(Math.max(0, asked.marginCm), 1)} inside the feet’s edge`);
  if (asked.handsAboveSec >= 1)
    said.push(`hands above the shoulders for ${asked.handsAboveSec.toFixed(0)} s`);
  if (asked.foldDeg >= 20) said.push(`trunk tilts forward ${Math.round(asked.foldDeg)}°`);
  if (asked.roundShare >= 0.2) said.push(`spine rounds to ${percent(asked.roundShare)} of its range`);
  if (asked.archDeg >= 6) said.push(`spine arches ${Math.round(asked.archDeg)}°`);
  if (asked.turnShare >= 0.2) said.push(`spine turns to ${percent(asked.turnShare)} of its range`);
  if (asked.sideShare >= 0.2) said.push(`spine bends aside to ${percent(asked.sideShare)} of its range`);
  if (asked.neckTurnDeg >= 15) said.push(`head turns ${Math.round(asked.neckTurnDeg)}°`);
  if (asked.heelUpCm >= 1.5) said.push(`heels come up ${lengthOf(asked.heelUpCm)}`);
  return said;
}
