import fc from 'fast-check';
import { PLAIN_BRIEF } from '../brief';
import { compose } from '../compose';
import { DEFAULT_CUSTOMS } from '../customs';
import { REPERTOIRE } from '../forms';
import { comparePractices } from './compare';
import { edit } from './edit';
import type { Practice } from './model';

const drafted = compose({
  brief: { ...PLAIN_BRIEF, minutes: 12 },
  repertoire: REPERTOIRE,
  customs: DEFAULT_CUSTOMS,
  people: { conditions: [] },
  seed: 1,
  enough: 0.5,
});
if (!drafted.ok) throw new Error('the practice of these tests could not be composed');
const practice: Practice = drafted.practice;
const ids = practice.items.map((item) => item.id);
const [first = '', second = '', third = ''] = ids;
const shown = (mine: Practice, theirs: Practice): readonly string[] =>
  comparePractices(mine, theirs).lines.flatMap(({ mine: here, theirs: there, differs, isMoved }) => {
    if (!here) return [`theirs ${there?.id}`];
    if (!there) return [`mine ${here.id}`];
    return differs.length > 0 || isMoved
      ? [`${here.id} ${[...differs, ...(isMoved ? ['moved'] : [])].join(' ')}`]
      : [];
  });

describe('two states of a practice side by side', () => {
  it('are the same where nothing was changed', () => {
    expect(comparePractices(practice, { ...practice })).toMatchObject({
      name: false,
      brief: [],
      isSame: true,
    });
  });

  it('tell what was changed of an item, what was left out, what was put in, and where', () => {
    const longer = edit(practice, { kind: 'repetitions', itemId: second, steps: 1 });
    expect(shown(longer, practice)).toEqual([`${second} repetitions`]);
    const shorter = edit(practice, { kind: 'remove', itemId: second });
    expect(shown(shorter, practice)).toEqual([`theirs ${second}`]);
    expect(shown(practice, shorter)).toEqual([`mine ${second}`]);
    expect(comparePractices(shorter, practice).lines[1]?.theirs?.id).toBe(second);
  });

  it('call only the one that was moved moved, not all that it passed', () => {
    const moved = edit(practice, { kind: 'move', itemId: first, toIndex: 3 });
    // A move into another section is a change of its role too.
    expect(shown(moved, practice)).toEqual([`${first} role moved`]);
    const back = edit(practice, { kind: 'move', itemId: third, toIndex: 0 });
    expect(shown(back, practice).filter((line) => line.endsWith('moved'))).toHaveLength(1);
  });

  it('tell the name and the words of the brief that differ', () => {
    const other = { ...practice, name: 'Other', brief: { ...practice.brief, minutes: 14 } };
    expect(comparePractices(practice, other)).toMatchObject({
      name: true,
      brief: ['minutes'],
      isSame: false,
    });
  });

  it('law: every item of both stands in one line, in the order of the first', () => {
    fc.assert(
      fc.property(fc.shuffledSubarray(ids), fc.shuffledSubarray(ids), (a, b) => {
        const of = (order: readonly string[]): Practice => ({
          ...practice,
          items: order.flatMap((id) => practice.items.find((item) => item.id === id) ?? []),
        });
        const { lines } = comparePractices(of(a), of(b));
        expect(lines.flatMap((line) => line.mine?.id ?? [])).toEqual(a);
        expect(lines.flatMap((line) => line.theirs?.id ?? []).toSorted()).toEqual(b.toSorted());
        expect(lines).toHaveLength(new Set([...a, ...b]).size);
        // Without what was moved, the rest stands in the same order in both.
        const stays = new Set(
          lines.flatMap((line) => (line.mine && line.theirs && !line.isMoved ? line.mine.id : [])),
        );
        expect(a.filter((id) => stays.has(id))).toEqual(b.filter((id) => stays.has(id)));
      }),
      { seed: 5, numRuns: 300 },
    );
  });
});
