import { PLAIN_BRIEF } from '@/core/brief';
import { compose } from '@/core/compose';
import { DEFAULT_CUSTOMS } from '@/core/customs';
import { REPERTOIRE } from '@/core/forms';
import type { Practice } from '@/core/practice';
import { besidesSaid, changesSaid, wordText } from './retimed';

const made = compose({
  brief: { ...PLAIN_BRIEF, minutes: 10 },
  repertoire: REPERTOIRE,
  customs: DEFAULT_CUSTOMS,
  people: { conditions: [] },
  seed: 1,
  enough: 0.5,
});
if (!made.ok) throw new Error('expected a practice');
const practice: Practice = made.practice;
const [first, second] = practice.items.filter(({ hinge, repetitions }) => !hinge && repetitions > 2);
if (!first || !second) throw new Error('expected two forms');
const retimed = { offMs: 0, breathShare: 0, decideByMs: undefined };

describe('how a class stands, in words', () => {
  it.each([
    [{ kind: 'open' } as const, ''],
    [{ kind: 'on-time' } as const, 'on time'],
    [{ kind: 'over', ms: 70_000 } as const, '1:10 over'],
    [{ kind: 'room', ms: 50_000, more: 2 } as const, 'room for two more'],
    [{ kind: 'room', ms: 50_000, more: 0 } as const, '0:50 to spare'],
    [{ kind: 'room', ms: 250_000, more: 20 } as const, '4:10 to spare'],
  ])('%j: %s', (word, text) => expect(wordText(word)).toBe(text));
});

describe('what would change, in words', () => {
  it('names the form, by how many, and whether it is left out', () => {
    const changes = [
      { itemId: first.id, repetitions: first.repetitions + 2 },
      { itemId: second.id, repetitions: 0 },
      { itemId: 'nobody', repetitions: 3 },
    ];
    const [more, out, ...rest] = changesSaid(practice, { ...retimed, changes });
    expect(more).toMatchObject({ short: `${more?.name} +2`, text: `two more of ${more?.name}` });
    expect(out).toMatchObject({ short: `${out?.name} out`, text: `${out?.name} left out` });
    expect(rest).toEqual([]);
    const fewer = { ...retimed, changes: [{ itemId: first.id, repetitions: first.repetitions - 1 }] };
    expect(changesSaid(practice, fewer)[0]?.text).toMatch(/^one fewer of /);
  });

  it('says nothing of a form whose number stays, and tells breath and quiet beside', () => {
    const breathed = {
      ...retimed,
      breathShare: 0.03,
      changes: [{ itemId: first.id, repetitions: first.repetitions, stretch: 1.03, quietSec: 9 }],
    };
    expect(changesSaid(practice, breathed)).toEqual([]);
    expect(besidesSaid(practice, breathed)).toBe('breaths a little longer, a little more quiet');
    expect(besidesSaid(practice, { ...retimed, changes: [] })).toBe('');
  });
});
