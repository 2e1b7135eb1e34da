import type { FitChange } from '@/core/compose';
import type { Practice } from '@/core/practice';

/** What was changed to bring a practice back to its minutes, in one line. */
export function fitText(
  changes: readonly FitChange[],
  nameOf: (formId: string) => string,
  before: Practice,
): string {
  const said = changes.map((change) => {
    if (change.kind === 'left-out') return `${nameOf(change.formId)} left out`;
    if (change.kind === 'breath') {
      const percent = Math.max(1, Math.round(Math.abs(change.byShare) * 100));
      return `every breath ${percent} % ${change.byShare > 0 ? 'longer' : 'shorter'}`;
    }
    const item = before.items.find((one) => one.id === change.itemId);
    return `${item ? nameOf(item.formId) : 'a form'} ${change.to} instead of ${change.from}`;
  });
  return said.length === 0 ? 'It fits already.' : `Made to fit: ${said.join('; ')}.`;
}
