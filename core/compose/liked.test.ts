import { PLAIN_BRIEF, type Brief } from '../brief';
import { DEFAULT_CUSTOMS } from '../customs';
import { REPERTOIRE } from '../forms';
import { compose } from './compose';

const SEEDS = [1, 2, 3, 4, 5, 6];

/** In how many drafts of a brief a form stands. */
const timesIn = (formId: string, brief: Brief, likes: readonly string[]): number =>
  SEEDS.filter((seed) => {
    const result = compose({
      brief,
      repertoire: REPERTOIRE,
      customs: DEFAULT_CUSTOMS,
      people: { conditions: [], likes },
      seed,
      enough: 0.02,
    });
    if (!result.ok) throw new Error(JSON.stringify(result.obstacles));
    return result.practice.items.some((item) => item.formId === formId);
  }).length;

describe('what those who come like', () => {
  const brief: Brief = {
    ...PLAIN_BRIEF,
    theme: { kind: 'organ', organ: 'liver' },
    minutes: 15,
    season: 'spring',
    intent: 'nourish',
  };

  it('comes oftener where it suits the theme', () => {
    const usual = timesIn('parting-branches', brief, []);
    expect(usual).toBeLessThan(SEEDS.length);
    expect(timesIn('parting-branches', brief, ['parting-branches'])).toBeGreaterThan(usual);
  });

  it('does not come where it serves something else', () => {
    expect(timesIn('animal-deer', brief, ['animal-deer'])).toBe(timesIn('animal-deer', brief, []));
  });
});
