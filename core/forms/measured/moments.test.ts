import { solveGoals } from '../../body';
import { REPERTOIRE, tellForm, type Form } from '..';

const form = (id: string): Form => {
  const found = REPERTOIRE.find((one) => one.id === id);
  if (!found) throw new Error(`no form ${id}`);
  return found;
};
const palms = (told: ReturnType<typeof tellForm>, side: 'left' | 'right'): readonly number[] =>
  told.moments.map(({ goals }) => solveGoals(goals).arms[side].palm[1]);

describe('the postures that tell a form', () => {
  it('are at least one, no more than asked for, in the order they come, one of them its fullest', () => {
    for (const one of REPERTOIRE)
      for (const most of [1, 3]) {
        const { moments } = tellForm(one, 'full', most);
        expect(moments.length).toBeGreaterThan(0);
        expect(moments.length).toBeLessThanOrEqual(most);
        expect(moments.filter(({ isFullest }) => isFullest)).toHaveLength(1);
        expect(moments.map(({ at }) => at)).toEqual([...moments.map(({ at }) => at)].sort((a, b) => a - b));
        for (const { at } of moments) expect(at >= 0 && at <= 1).toBe(true);
      }
  });

  it('begin low and end high where the sky is held up', () => {
    const heights = palms(tellForm(form('brocade-hold-up-the-sky'), 'full', 2), 'left');
    expect(Math.max(...heights)).toBeGreaterThan(1.7);
    expect(Math.min(...heights)).toBeLessThan(1);
  });

  it('show both sides of a form that has two', () => {
    const { moments } = tellForm(form('brocade-draw-the-bow'), 'full', 4);
    const across = moments.map(({ goals }) => {
      const { arms } = solveGoals(goals);
      return arms.left.palm[0] + arms.right.palm[0];
    });
    expect(Math.max(...across)).toBeGreaterThan(0.1);
    expect(Math.min(...across)).toBeLessThan(-0.1);
  });

  it('are one for a standing post, which is still, and steps where the feet go', () => {
    const post = tellForm(form('hold-embrace-chest'), 'full', 4);
    expect(post.moments).toHaveLength(1);
    expect(post.isStill).toBe(true);
    expect(tellForm(form('pushing-waves'), 'full', 2).isWalked).toBe(true);
    expect(tellForm(form('brocade-hold-up-the-sky'), 'full', 2)).toMatchObject({
      isStill: false,
      isWalked: false,
    });
  });
});
