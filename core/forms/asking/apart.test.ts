import { distance, goalsAt, solveGoals, type Skeleton } from '../../body';
import { asksOf, MERGED_FORMS, movingForm, namesOf, plainText, REPERTOIRE, stanceOf, type Form } from '..';
import { EASILY_TAKEN_FOR_ONE_ANOTHER, takenFor } from './apart';
import { OTHER_NAMES } from './otherNames';

const form = (id: string): Form => {
  const found = REPERTOIRE.find((one) => one.id === id);
  if (!found) throw new RangeError(`no form ${id}`);
  return found;
};

/** Bodies along one repetition of a form. */
const bodiesOf = (id: string): readonly Skeleton[] =>
  movingForm(form(id), 'full')
    .filter(({ part }) => part === 'cycle')
    .flatMap(({ movement }) => [0, 0.25, 0.5, 0.75, 1].map((at) => solveGoals(goalsAt(movement, at))));
const apartM = ({ arms }: Skeleton): number => distance(arms.left.palm, arms.right.palm);
/** Metres between the widest and the narrowest the palms come to. */
const opens = (id: string): number => {
  const gaps = bodiesOf(id).map(apartM);
  return Math.max(...gaps) - Math.min(...gaps);
};
/** The highest a palm comes to, metres over the floor. */
const reaches = (id: string): number =>
  Math.max(...bodiesOf(id).map(({ arms }) => Math.max(arms.left.palm[1], arms.right.palm[1])));

describe('forms easily taken for one another', () => {
  it('are forms there are, each in one group of at least two, and no two lines are the same', () => {
    const ids = EASILY_TAKEN_FOR_ONE_ANOTHER.flatMap((group) => Object.keys(group));
    expect(ids.filter((id) => !REPERTOIRE.some((one) => one.id === id))).toEqual([]);
    expect(new Set(ids).size).toBe(ids.length);
    const lines = EASILY_TAKEN_FOR_ONE_ANOTHER.flatMap((group) => Object.values(group));
    expect(new Set(lines).size).toBe(lines.length);
    expect(
      Math.min(...EASILY_TAKEN_FOR_ONE_ANOTHER.map((group) => Object.keys(group).length)),
    ).toBeGreaterThan(1);
  });

  it('lead to each other, and what is like nothing leads nowhere', () => {
    expect(takenFor('crescent-moon').map(({ id }) => id)).toEqual(['loosen-side-bend', 'crescent-moon']);
    expect(takenFor('shaking')).toEqual([]);
  });

  it('are in the body as they are told apart: stances', () => {
    const said = EASILY_TAKEN_FOR_ONE_ANOTHER.flatMap((group) =>
      Object.entries(group).filter(([, line]) => /bow stance/.test(line)),
    ).map(([id]) => id);
    expect(said).toEqual(
      expect.arrayContaining(['turning-the-millstone', 'pushing-waves', 'wave-metal', 'wave-earth']),
    );
    expect(said.filter((id) => stanceOf(form(id), 'full').start !== 'bow')).toEqual([]);
    expect(stanceOf(form('close-hands-to-belly'), 'full').end).toBe('feet together');
    expect(asksOf(form('gathering-from-the-earth'), 'full').kneeBend).toBe('moderate');
    expect(asksOf(form('belly-harvest'), 'full')).toMatchObject({ kneeBend: 'slight', fold: 'none' });
  });

  it('are in the body as they are told apart: hands', () => {
    // The chest opens wide, the space between the palms less, the loaf hardly, the palm gates not at all.
    const wide = ['opening-the-chest', 'open-and-close', 'growing-ball', 'palm-gate-breathing'].map(opens);
    expect(wide).toEqual(wide.toSorted((a, b) => b - a));
    expect(wide.at(-1)).toBeLessThan(0.08);
    // The throat, the breastbone, the navel.
    const high = ['three-rooms', 'draw-up-press-down', 'lifting-the-lake'].map(reaches);
    expect(high).toEqual(high.toSorted((a, b) => b - a));
    expect(high[0]).toBeGreaterThan((high[1] ?? 0) + 0.03);
    expect(asksOf(form('animal-bird'), 'full').oneLegSec).toBeGreaterThan(0);
  });
});

describe('forms that are one now', () => {
  it('are found by the name and the id they had', () => {
    for (const [before, now] of Object.entries(MERGED_FORMS))
      expect(namesOf(form(now)).map(plainText)).toContain(before.replaceAll('-', ' '));
    expect(Object.keys(OTHER_NAMES).filter((id) => id in MERGED_FORMS)).toEqual([]);
  });
});
