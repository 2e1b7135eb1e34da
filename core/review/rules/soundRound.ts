import type { Finding, ItemView, Rule } from '../rule';
import type { OrganId } from '../../phases';

/** From so many organs on the sounds are a round, each done the same number of times. */
const ROUND = 3;
/** The season’s organ, or a troubled one, may have half as much again (common practice). */
const HALF_AGAIN = 1.5;

interface Sounded {
  readonly view: ItemView;
  readonly organ: OrganId;
  readonly times: number;
}

/** How often a sound is made: once an exhale it is laid on. */
const timesOf = ({ events }: ItemView): number => events.filter(({ sound }) => sound !== undefined).length;

/** The number most of a round have; the smaller where two are as frequent. */
function usualOf(counts: readonly number[]): number {
  const often = (count: number): number => counts.filter((one) => one === count).length;
  return [...counts].sort((a, b) => often(b) - often(a) || a - b)[0] ?? 0;
}

function uneven(sounded: readonly Sounded[]): readonly Finding[] {
  if (new Set(sounded.map(({ organ }) => organ)).size < ROUND) return [];
  const counts = sounded.map(({ times }) => times);
  const usual = usualOf(counts);
  const others = sounded.filter(({ times }) => times !== usual);
  const [one] = others;
  if (!one || (others.length === 1 && one.times === Math.round(usual * HALF_AGAIN))) return [];
  const edits = others
    .filter(({ view }) => view.item.sound === undefined && view.form.repetitions.multipleOf === 1)
    .map(({ view, times }) => ({ kind: 'repetitions' as const, itemId: view.item.id, steps: usual - times }));
  return [
    {
      weight: 'consider',
      said: { code: 'sounds-uneven', least: Math.min(...counts), most: Math.max(...counts), usual },
      ...(edits.length === others.length
        ? { mend: { kind: 'edits' as const, said: { code: 'same-number' as const }, edits } }
        : {}),
    },
  ];
}

export const soundRound: Rule = {
  id: 'sound-round',
  source: 'common-practice',
  find: ({ items }) => {
    const sounded = items.flatMap((view): readonly Sounded[] => {
      const organ = view.layers.sound?.sound.organ;
      const times = timesOf(view);
      return organ && times > 0 ? [{ view, organ, times }] : [];
    });
    const byOrgan = new Map<OrganId, Set<string>>();
    for (const { view, organ } of sounded)
      byOrgan.set(organ, (byOrgan.get(organ) ?? new Set()).add(view.layers.sound?.sound.written ?? ''));
    const doubled = [...byOrgan].filter(([, sounds]) => sounds.size > 1);
    return [
      ...doubled.map(([organ, sounds]): Finding => {
        const last = sounded.findLast((one) => one.organ === organ);
        return {
          weight: 'should',
          ...(last ? { itemId: last.view.item.id } : {}),
          detail: organ,
          said: { code: 'two-sounds-for-organ', organ, sounds: [...sounds] },
        };
      }),
      ...uneven(sounded),
    ];
  },
};
