import type { Retimed, Word } from '@/core/lead';
import { nameOf } from '@/core/forms';
import { formOf, type Item, type Practice } from '@/core/practice';
import { numberSaid } from '@/core/script/sayings';
import { clockText } from '@/ui/kit/time';

/** More repetitions than these are told in minutes. */
const MOST_COUNTED = 6;

/** How a class stands against its end, in one quiet word. */
export function wordText(word: Word): string {
  switch (word.kind) {
    case 'open':
      return '';
    case 'on-time':
      return 'on time';
    case 'over':
      return `${clockText(word.ms)} over`;
    case 'room':
      return word.more === 0 || word.more > MOST_COUNTED
        ? `${clockText(word.ms)} to spare`
        : `room for ${numberSaid(word.more)} more`;
    default:
      return word satisfies never;
  }
}

/** What would change of one form: as it is read at a glance, and as it is said. */
export interface ChangeSaid {
  readonly itemId: string;
  readonly name: string;
  /** "Cloud hands −2", "Wheel out". */
  readonly short: string;
  /** "two fewer of Cloud hands", "Wheel left out". */
  readonly text: string;
}

/** What would be done another number of times. */
export function changesSaid(practice: Practice, { changes }: Retimed): readonly ChangeSaid[] {
  const items = new Map(practice.items.map((item) => [item.id, item]));
  const said = ({ id, repetitions: before, ...item }: Item, repetitions: number): ChangeSaid => {
    const name = nameOf(formOf(practice, { id, repetitions: before, ...item }), item.variant);
    const by = repetitions - before;
    const text =
      repetitions === 0
        ? `${name} left out`
        : `${numberSaid(Math.abs(by))} ${by < 0 ? 'fewer' : 'more'} of ${name}`;
    const short = repetitions === 0 ? `${name} out` : `${name} ${by < 0 ? '−' : '+'}${Math.abs(by)}`;
    return { itemId: id, name, short, text };
  };
  return changes.flatMap(({ itemId, repetitions }) => {
    const item = items.get(itemId);
    return item && item.repetitions !== repetitions ? [said(item, repetitions)] : [];
  });
}

/** What changes besides: the breath of what is left, and the quiet in it. */
export function besidesSaid(practice: Practice, { changes, breathShare }: Retimed): string {
  const quiet = changes.find(
    ({ itemId, quietSec }) =>
      quietSec !== undefined && practice.items.find(({ id }) => id === itemId)?.quietSec !== quietSec,
  );
  const breath =
    Math.abs(breathShare) < 0.005
      ? []
      : [breathShare > 0 ? 'breaths a little longer' : 'breaths a little shorter'];
  return [...breath, ...(quiet ? ['a little more quiet'] : [])].join(', ');
}
