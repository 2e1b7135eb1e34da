import { compose } from '../compose';
import { DEFAULT_CUSTOMS } from '../customs';
import { REPERTOIRE } from '../forms';
import { privateIn, withoutPrivate } from '.';

const made = () => {
  const brief = {
    minutes: 12,
    dayPart: 'morning',
    theme: { kind: 'organ', organ: 'kidney' },
    season: 'winter',
    posture: 'standing',
    groupId: 'some-group',
    breathsPerMin: 6,
    intent: 'clear-then-nourish',
    familiarity: 'known',
    without: [],
  } as const;
  const result = compose({
    brief: { ...brief, without: [] },
    repertoire: REPERTOIRE,
    customs: DEFAULT_CUSTOMS,
    people: { conditions: ['knee', 'shoulder', 'high-blood-pressure'] },
    seed: 3,
  });
  if (!result.ok) throw new Error('expected a draft');
  return { ...result.practice, waved: [{ note: 'conditions/i1/glaucoma', reason: 'she may' }] };
};

describe('what is private', () => {
  it('is found in a practice made for people who need care, and gone from what others see', () => {
    const practice = made();
    expect(privateIn(practice)).toEqual(expect.arrayContaining(['group', 'waved', 'exhale-by-mouth']));
    expect(privateIn(withoutPrivate(practice))).toEqual([]);
  });

  it('is the why, never the doing: forms, ways, holds and breath are led as they were written', () => {
    const practice = made();
    const shared = withoutPrivate(practice);
    const doing = (one: typeof shared) => one.items.map(({ reasons: _why, ...item }) => item);
    expect(doing(shared)).toEqual(doing(practice));
    expect(shared.forms).toEqual(practice.forms);
  });
});
