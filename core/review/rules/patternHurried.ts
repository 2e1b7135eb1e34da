import type { ItemView, Rule } from '../rule';

/** The quickest whole breath with a pattern on it, stays included, s; nothing where none is led. */
function quickestSec({ events }: ItemView): number | undefined {
  const breaths: number[] = [];
  let isWhole = true;
  for (const { breath, pattern, lengthMs, isStay } of events) {
    if (pattern === undefined) continue;
    if (breath === 'in' && !isStay) {
      breaths.push(lengthMs);
      isWhole = false;
    } else if (breaths.length > 0 && (breath === 'out' || breath === 'hold')) {
      isWhole ||= breath === 'out';
      breaths[breaths.length - 1] = (breaths[breaths.length - 1] ?? 0) + lengthMs;
    }
  }
  // A form that ends on an inhale leaves a breath that is not whole.
  const whole = isWhole ? breaths : breaths.slice(0, -1);
  return whole.length === 0 ? undefined : Math.min(...whole) / 1000;
}

/** So much too short is not felt. */
const UNFELT = 0.98;

export const patternHurried: Rule = {
  id: 'pattern-hurried',
  source: 'common-practice',
  find: ({ items }) =>
    items.flatMap((view) => {
      const pattern = view.layers.breathing?.pattern;
      const sec = pattern && quickestSec(view);
      if (!pattern || sec === undefined || sec >= pattern.leastSec * UNFELT) return [];
      return [
        {
          weight: 'consider' as const,
          itemId: view.item.id,
          said: {
            code: 'breath-hurried' as const,
            form: view.form.name,
            pattern: pattern.name,
            sec,
            leastSec: pattern.leastSec,
          },
          mend: {
            kind: 'edits' as const,
            said: { code: 'plain-breath' as const },
            edits: [{ kind: 'breathing' as const, itemIds: [view.item.id], breathing: undefined }],
          },
        },
      ];
    }),
};
