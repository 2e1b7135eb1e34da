import { PLAIN_BRIEF } from '../brief';
import { compose } from '../compose';
import { DEFAULT_CUSTOMS } from '../customs';
import { REPERTOIRE } from '../forms';
import { compile, edit, type Practice } from '../practice';
import { joinNotes, review, type Note } from '.';
import type { Mend } from './rule';

const note = (over: Partial<Note>): Note => ({
  id: `${over.rule ?? 'uneven-count'}/${over.itemId ?? ''}/${over.detail ?? ''}`,
  rule: 'uneven-count',
  source: 'common-practice',
  weight: 'should',
  said: { code: 'uneven-count', form: 'Crane', left: 4, right: 3 },
  wavedBecause: undefined,
  ...over,
});
const mend = (itemId: string, code: 'smaller' | 'one-more-each' = 'smaller'): Mend => ({
  kind: 'edits',
  said: { code },
  edits: [{ kind: 'variant', itemId, variant: 'smaller' }],
});
const sizes = (notes: readonly Note[]): readonly number[] =>
  joinNotes(notes).map(({ more }) => more.length + 1);

describe('notes of one kind for one reason', () => {
  it('are one, in the place of the first, and those of another kind stay apart', () => {
    const joined = joinNotes([
      note({ itemId: 'a' }),
      note({ itemId: 'a', rule: 'cold-joints' }),
      note({ itemId: 'b' }),
      note({ itemId: 'c' }),
    ]);
    expect(joined.map(({ first, more }) => [first.itemId, ...more.map(({ itemId }) => itemId)])).toEqual([
      ['a', 'b', 'c'],
      ['a'],
    ]);
  });

  it('are told apart by what they say, not by where in a form they say it', () => {
    const condition = (itemId: string, detail: string) => note({ rule: 'conditions', itemId, detail });
    expect(
      sizes([condition('a', 'knee/bend'), condition('b', 'knee/bend'), condition('b', 'shoulder/arms-up')]),
    ).toEqual([2, 1]);
    const cue = (itemId: string, detail: string) => note({ rule: 'cue-too-long', itemId, detail });
    expect(sizes([cue('a', 'cycle-0'), cue('a', 'cycle-1'), cue('b', 'cycle-0')])).toEqual([3]);
  });

  it('stay apart where they weigh otherwise, were waved aside, or speak of the whole', () => {
    expect(
      sizes([
        note({ itemId: 'a' }),
        note({ itemId: 'b', weight: 'consider' }),
        note({ itemId: 'c', wavedBecause: 'we know' }),
        note({ id: 'one' }),
        note({ id: 'other' }),
      ]),
    ).toEqual([1, 1, 1, 1, 1]);
  });

  it('have one mend where each of them has the same one, each edit once', () => {
    const [both] = joinNotes([
      note({ itemId: 'a', mend: mend('a') }),
      note({ itemId: 'b', mend: mend('b') }),
      note({ itemId: 'b', id: 'again', mend: mend('b') }),
    ]);
    expect(both?.mend).toMatchObject({ kind: 'edits', said: { code: 'smaller' } });
    expect(both?.mend?.kind === 'edits' && both.mend.edits).toEqual([
      { kind: 'variant', itemId: 'a', variant: 'smaller' },
      { kind: 'variant', itemId: 'b', variant: 'smaller' },
    ]);
    const mends = (...notes: Note[]) => joinNotes(notes)[0]?.mend;
    expect(mends(note({ itemId: 'a', mend: mend('a') }), note({ itemId: 'b' }))).toBeUndefined();
    expect(
      mends(note({ itemId: 'a', mend: mend('a') }), note({ itemId: 'b', mend: mend('b', 'one-more-each') })),
    ).toBeUndefined();
  });
});

describe('a practice read over', () => {
  const result = compose({
    brief: { ...PLAIN_BRIEF, minutes: 40 },
    repertoire: REPERTOIRE,
    customs: DEFAULT_CUSTOMS,
    people: { conditions: [] },
    seed: 1,
    enough: 0.05,
  });
  if (!result.ok) throw new Error('expected a practice');
  // The same slip of the tongue in every form.
  const practice: Practice = result.practice.items.reduce(
    (one, { id }) =>
      edit(one, { kind: 'cue', itemId: id, key: 'cycle-0', cue: 'Hold your breath in as long as you can.' }),
    result.practice,
  );
  const notes = review(practice, compile(practice), DEFAULT_CUSTOMS, { conditions: ['high-blood-pressure'] });

  it('says one thing once, and loses none of its notes', () => {
    const joined = joinNotes(notes);
    expect(joined.length).toBeLessThan(notes.length);
    const ids = joined.flatMap(({ first, more }) => [first, ...more].map(({ id }) => id));
    expect(ids.toSorted()).toEqual(notes.map(({ id }) => id).toSorted());
  });

  it('is rid of every note that is joined, by its one mend, in one step', () => {
    const mended = joinNotes(notes).filter(({ mend: one, more }) => one?.kind === 'edits' && more.length > 0);
    expect(mended.length).toBeGreaterThan(0);
    for (const { first, more, mend: one } of mended) {
      if (one?.kind !== 'edits') continue;
      const after = edit(practice, { kind: 'together', edits: one.edits });
      const left = new Set(
        review(after, compile(after), DEFAULT_CUSTOMS, { conditions: ['high-blood-pressure'] }).map(
          ({ id }) => id,
        ),
      );
      for (const { id } of [first, ...more]) expect(left.has(id)).toBe(false);
    }
  });
});
