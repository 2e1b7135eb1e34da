import { entryAt, idsOf, isOneOf, keysOf, lastOf, recordOf, some } from './lists';

describe('entries of lists', () => {
  it('are found by index in lists and in typed arrays', () => {
    expect(entryAt(Float64Array.of(1.5, 2.5), 0)).toBe(1.5);
    expect(entryAt(['a', 'b'], 0)).toBe('a');
    expect(lastOf(['a', 'b'])).toBe('b');
  });

  it.each([-1, 2, Number.NaN])('are refused at %p, which is not within', (index) => {
    expect(() => entryAt(['a', 'b'], index)).toThrow(RangeError);
  });

  it('are refused where there are none', () => {
    expect(() => lastOf([])).toThrow('expected an entry at -1 of 0, got none');
    expect(() => some([])).toThrow('expected at least one value, got none');
  });

  it('may be nothing, which is an entry too', () => {
    expect(entryAt([undefined], 0)).toBeUndefined();
  });
});

describe('records', () => {
  it('have every key, each with what is worked out of it', () => {
    const lengths = recordOf(['one', 'three'], (key) => key.length);
    expect(lengths).toEqual({ one: 3, three: 5 });
    expect(keysOf(lengths)).toEqual(['one', 'three']);
  });

  it('give their ids as an enumeration takes them', () => {
    expect(idsOf([{ id: 'wood' }, { id: 'fire' }])).toEqual(['wood', 'fire']);
    expect(() => idsOf([])).toThrow(RangeError);
  });

  it('tell what is one of them', () => {
    expect(isOneOf(['wood', 'fire'], 'fire')).toBe(true);
    expect(isOneOf(['wood', 'fire'], 'metal')).toBe(false);
    expect(isOneOf([1, 2], '1')).toBe(false);
  });
});
