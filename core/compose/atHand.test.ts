import { AT_HAND, PLAIN_BRIEF, type AtHand, type Brief, type Theme } from '../brief';
import { DEFAULT_CUSTOMS } from '../customs';
import { propOf, REPERTOIRE } from '../forms';
import { compile, formOf, type Practice } from '../practice';
import { review } from '../review';
import { likelyNext } from '../lead/likely';
import { alternatives } from './alternatives';
import { compose } from './compose';
import { somethingElse } from './instead';

// What is at hand is used, once, and nothing else is asked of a class than what it said it has (common practice).

function made(over: Partial<Brief>): Practice {
  const result = compose({
    brief: { ...PLAIN_BRIEF, ...over },
    repertoire: REPERTOIRE,
    customs: DEFAULT_CUSTOMS,
    people: { conditions: [] },
    seed: 1,
    enough: 0.5,
  });
  if (!result.ok) throw new Error(JSON.stringify(result.obstacles));
  return result.practice;
}

/** Where in a practice something is used, and what. */
const usedIn = (practice: Practice) =>
  practice.items.flatMap((item, index) => {
    const prop = propOf(formOf(practice, item), item.variant);
    return prop === undefined ? [] : [{ index, prop, role: item.role }];
  });

// By hand: what each word of the sentence means.
const MEANT: Readonly<Record<AtHand, RegExp>> = {
  wall: /^wall( behind)?$/,
  ball: /^ball$/,
  staff: /^staff$/,
  pairs: /^partner$/,
  ring: /^ring$/,
};
const LUNG: Theme = { kind: 'organ', organ: 'lung' };

describe('what a class has at hand', () => {
  it('is asked for by nothing where nobody said it was there', () => {
    for (const minutes of [6, 20, 45]) expect(usedIn(made({ theme: LUNG, minutes }))).toEqual([]);
  });

  it.each(AT_HAND)('a %s is used in one stretch, more than once in twenty minutes', (atHand) => {
    for (const over of [
      { theme: LUNG },
      { theme: { kind: 'aim', aim: 'sleep' } as const, posture: 'seated' as const },
    ]) {
      const used = usedIn(made({ ...over, minutes: 20, atHand }));
      expect(used.length).toBeGreaterThanOrEqual(2);
      expect(used.length).toBeLessThanOrEqual(4);
      for (const { prop } of used) expect(prop).toMatch(MEANT[atHand]);
      // Nothing between them, and in one section.
      const [first, last] = [used[0]?.index ?? 0, used.at(-1)?.index ?? 0];
      expect(last - first + 1).toBe(used.length);
      expect(new Set(used.map(({ role }) => role)).size).toBe(1);
    }
  });

  it('stands once in five minutes, and beside a set that fills its heart, not in it', () => {
    expect(usedIn(made({ theme: LUNG, minutes: 5, atHand: 'staff' }))).toHaveLength(1);
    const brocades = made({ theme: { kind: 'set', set: 'eight-brocades' }, minutes: 20, atHand: 'staff' });
    const used = usedIn(brocades);
    expect(used.length).toBeGreaterThan(0);
    expect(used.every(({ role }) => role !== 'nourish')).toBe(true);
    expect(brocades.items.filter(({ role }) => role === 'nourish')).toHaveLength(8);
  });

  it('leaves what is asked for by name in, beside as many as the minutes take', () => {
    const named = ['staff-lifted', 'staff-turned', 'staff-dips', 'staff-rolled-down'];
    const pins = named.map((formId) => ({ formId }));
    const ids = made({ theme: LUNG, minutes: 20, atHand: 'staff', pins }).items.map(({ formId }) => formId);
    for (const id of named) expect(ids).toContain(id);
  });

  it('is not proposed in the place of a form, and stands last among what could stand there, where it is not', () => {
    const without = made({ theme: LUNG, minutes: 12 });
    const asking = {
      brief: without.brief,
      repertoire: REPERTOIRE,
      customs: DEFAULT_CUSTOMS,
      people: { conditions: [] },
      seed: 1,
    };
    const heart = without.items.find(({ role }) => role === 'nourish');
    const proposed = somethingElse(asking, without, compile(without), heart?.id ?? '');
    expect(proposed.length).toBeGreaterThan(3);
    expect(proposed.flatMap(({ practice }) => usedIn(practice))).toEqual([]);
    const could = alternatives(without, 'nourish', REPERTOIRE, DEFAULT_CUSTOMS, { conditions: [] });
    const needs = could.map(({ form, fitting }) => propOf(form, fitting.variant) !== undefined);
    expect(needs.slice(needs.indexOf(true)).every(Boolean)).toBe(true);
    // Nor while a class goes, though it is what serves best.
    const only = REPERTOIRE.filter((form) => propOf(form, 'full') !== undefined);
    const next = likelyNext(without, only, DEFAULT_CUSTOMS, { conditions: [] });
    expect(next).toEqual([]);
  });

  it('draws no must and no should', () => {
    const themes: readonly Theme[] = [LUNG, { kind: 'aim', aim: 'energy' }, { kind: 'all-phases' }];
    const drawn = AT_HAND.flatMap((atHand) =>
      themes.flatMap((theme) => {
        const practice = made({ theme, minutes: 25, atHand });
        return review(practice, compile(practice), DEFAULT_CUSTOMS, { conditions: [] })
          .filter(({ weight }) => weight !== 'consider')
          .map(({ rule }) => `${atHand} ${theme.kind}: ${rule}`);
      }),
    );
    expect(drawn).toEqual([]);
  });

  it('arrives in stillness all the same, beside a set too, which leaves it no other place', () => {
    const first = (atHand: (typeof AT_HAND)[number]) => {
      const { items, forms } = made({ theme: { kind: 'set', set: 'phase-round' }, minutes: 20, atHand });
      return forms[items[0]?.formId ?? ''];
    };
    for (const atHand of AT_HAND) {
      const family = first(atHand)?.family;
      expect({
        atHand,
        family,
        isStill: ['standing posture', 'settling breath'].includes(family ?? ''),
      }).toEqual({
        atHand,
        family,
        isStill: true,
      });
    }
  });
});
