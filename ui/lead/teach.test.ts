import { PLAIN_BRIEF } from '@/core/brief';
import { compose } from '@/core/compose';
import { DEFAULT_CUSTOMS } from '@/core/customs';
import { REPERTOIRE } from '@/core/forms';
import { compile, type Practice } from '@/core/practice';
import { partsTaught } from './Teach';

const made = compose({
  brief: { ...PLAIN_BRIEF, minutes: 6 },
  repertoire: REPERTOIRE,
  customs: DEFAULT_CUSTOMS,
  people: { conditions: [] },
  seed: 1,
  enough: 0.5,
});
if (!made.ok) throw new Error('expected a practice');
const { practice: drafted } = made;
const held = REPERTOIRE.find(({ cycle }) => cycle.some(({ breath }) => breath === 'hold'));
const [first] = drafted.items;
if (!held || !first) throw new Error('expected a form with a hold');

function partsOf(over: Partial<Practice['items'][number]>) {
  const item = {
    ...first,
    id: 'a',
    formId: held?.id ?? '',
    variant: 'full' as const,
    repetitions: 3,
    ...over,
  };
  const practice = { ...drafted, items: [item], forms: { [held?.id ?? '']: held } } as Practice;
  return partsTaught(practice, compile(practice), item as Practice['items'][number]);
}
const breaths = (over: Partial<Practice['items'][number]>) => partsOf(over).map(({ event }) => event.breath);

describe('a form taught part by part', () => {
  it('shows no hold where holds are left out for somebody here, and shows it where they are not', () => {
    expect(breaths({ omitHolds: false })).toContain('hold');
    expect(breaths({ omitHolds: true })).not.toContain('hold');
  });

  it('is taught in the words that are said here, each stroke once', () => {
    const parts = partsOf({ cues: { 'cycle-0': 'In words of my own.' } });
    const keys = parts.map(({ event }) => `${event.part ?? ''}/${event.strokeIndex ?? ''}`);
    expect(new Set(keys).size).toBe(keys.length);
    expect(parts.map(({ event }) => event.cue)).toContain('In words of my own.');
  });
});
