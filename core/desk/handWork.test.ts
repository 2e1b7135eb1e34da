import { PLAIN_BRIEF } from '../brief';
import { compose } from '../compose';
import { DEFAULT_CUSTOMS } from '../customs';
import { REPERTOIRE } from '../forms';
import { clipOf, edit, type Item, type Practice } from '../practice';
import { editByHand, keepChosen } from './handWork';

const drafted = compose({
  brief: { ...PLAIN_BRIEF, minutes: 10 },
  repertoire: REPERTOIRE,
  customs: DEFAULT_CUSTOMS,
  people: { conditions: [] },
  seed: 1,
});
if (!drafted.ok) throw new Error('expected a practice');
const first: Practice = drafted.practice;
const third = first.items[2] as Item;

describe('hand work', () => {
  it('is kept: what is changed in an item, and what is put in, and nothing else', () => {
    const more = editByHand(first, { kind: 'repetitions', itemId: third.id, steps: 1 });
    expect(more.items.filter((item) => item.kept).map((item) => item.id)).toEqual([third.id]);
    const clip = clipOf(first, [third.id]);
    const twice = editByHand(first, { kind: 'insert', at: 4, clip });
    expect(twice.items.filter((item) => item.kept)).toHaveLength(1);
    const renamed = editByHand(first, { kind: 'rename', name: 'Mine' });
    expect(renamed.items.some((item) => item.kept)).toBe(false);
  });

  it('can be let go again, and an edit that changes nothing locks nothing', () => {
    const more = editByHand(first, { kind: 'repetitions', itemId: third.id, steps: 1 });
    const free = editByHand(more, { kind: 'keep', itemIds: [third.id], kept: false });
    expect(free.items.some((item) => item.kept)).toBe(false);
    expect(editByHand(first, { kind: 'keep', itemIds: [], kept: false })).toEqual(first);
  });

  it('keeps what was chosen by hand in a practice put in as a whole', () => {
    const chosen: Practice = {
      ...first,
      items: first.items.map((item, index) =>
        index < 2 ? { ...item, reasons: [{ code: 'chosen-by-hand' as const }] } : item,
      ),
    };
    expect(keepChosen(chosen).items.map((item) => item.kept ?? false)).toEqual(
      first.items.map((_, index) => index < 2),
    );
    expect(keepChosen(first)).toBe(first);
    expect(edit(first, { kind: 'keep', itemIds: [], kept: true })).toEqual(first);
  });
});
