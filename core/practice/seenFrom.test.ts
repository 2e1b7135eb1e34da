import { DEFAULT_CUSTOMS } from '../customs';
import { PLAIN_BRIEF } from '../brief';
import { compose } from '../compose';
import { REPERTOIRE } from '../forms';
import { bodiesOf, compile, seenFrom, type Practice } from '.';

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
const [first] = drafted.items;
if (!first) throw new Error('expected an item');
const USUAL_DEG = { front: 0, 'facing you': 0, 'three-quarter': 38, side: 90, back: 180 } as const;

/** The views of one form done six times on each side. */
function viewsOf(formId: string, sideOrder?: 'in-turn' | 'one-then-other') {
  const form = REPERTOIRE.find(({ id }) => id === formId);
  if (!form) throw new RangeError(formId);
  const item = {
    ...first,
    id: 'a',
    formId,
    variant: 'full' as const,
    repetitions: 6,
    ...(sideOrder ? { sideOrder } : {}),
  };
  const practice = { ...drafted, items: [item], forms: { [formId]: form } } as Practice;
  const timeline = compile(practice);
  const usualDeg = USUAL_DEG[form.view ?? 'front'];
  const views = seenFrom(timeline, bodiesOf(practice, timeline), 0, usualDeg);
  return { timeline, usualDeg, views };
}

describe('from where a form is seen', () => {
  it('has a view for every moment of it', () => {
    const { timeline, views } = viewsOf('brocade-draw-the-bow');
    for (const { index } of timeline.events) expect(views.has(index)).toBe(true);
  });

  it('is as it is usually shown where that tells enough: most forms', () => {
    const usual = REPERTOIRE.filter((form) => {
      const { timeline, views, usualDeg } = viewsOf(form.id);
      return timeline.events.every(({ index }) => Math.abs(views.get(index) ?? NaN) === Math.abs(usualDeg));
    });
    expect(usual.length / REPERTOIRE.length).toBeGreaterThan(0.9);
  });

  it('turns with the side that works where one is finished before the other, and not at every breath', () => {
    const { timeline, views } = viewsOf('heel-pushes', 'one-then-other');
    const turns = timeline.events.filter(
      ({ index }) => index > 0 && views.get(index) !== views.get(index - 1),
    ).length;
    expect(turns).toBeLessThanOrEqual(1);
    for (const { id } of REPERTOIRE) {
      const { timeline: one, views: seen } = viewsOf(id);
      let since = 0;
      for (const { index, startMs } of one.events) {
        if (index === 0 || seen.get(index) === seen.get(index - 1)) continue;
        expect([id, startMs - since >= 15_000]).toEqual([id, true]);
        since = startMs;
      }
    }
  });

  it('goes no further round than lets one see who moves: within 52° of the usual, on either side', () => {
    for (const { id } of REPERTOIRE) {
      const { views, usualDeg } = viewsOf(id);
      for (const deg of views.values())
        expect(Math.min(Math.abs(deg - usualDeg), Math.abs(deg + usualDeg))).toBeLessThanOrEqual(52);
    }
  });

  it('is nothing for a form that is not there', () => {
    const { timeline } = viewsOf('cloud-hands');
    expect(seenFrom(timeline, [], 7, 0).size).toBe(0);
  });
});
