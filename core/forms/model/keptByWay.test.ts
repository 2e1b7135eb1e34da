import { REPERTOIRE } from '../repertoire';
import { keptByWay } from './keptByWay';

const form = (id: string) => {
  const found = REPERTOIRE.find((one) => one.id === id);
  if (!found) throw new Error(`no form ${id}`);
  return found;
};

describe('what is kept of a form', () => {
  it('is worked out once for each way of it, an answer of nothing included', () => {
    const asked: string[] = [];
    const kept = keptByWay(({ id }, variant) => {
      asked.push(`${id} ${variant}`);
      return variant === 'seated' ? undefined : asked.length;
    });
    const bow = form('brocade-draw-the-bow');
    expect([kept(bow, 'full'), kept(bow, 'full'), kept(bow, 'smaller')]).toEqual([1, 1, 2]);
    expect([kept(bow, 'seated'), kept(bow, 'seated')]).toEqual([undefined, undefined]);
    expect(kept(form('shaking'), 'full')).toBe(4);
    expect(asked).toHaveLength(4);
  });

  it('is not kept for a form that is written anew under the same name', () => {
    const kept = keptByWay(({ name }) => name);
    const bow = form('brocade-draw-the-bow');
    expect(kept(bow, 'full')).toBe(bow.name);
    expect(kept({ ...bow, name: 'My bow' }, 'full')).toBe('My bow');
  });
});
