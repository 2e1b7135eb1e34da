import { fixedText, pinText, placeWord, timesText } from './pins';

describe('a form asked for, in words', () => {
  it('says its place, its section and how often, and nothing where nothing is fixed', () => {
    expect(fixedText({})).toBe('');
    expect(fixedText({ role: 'nourish' })).toBe('in Nourish');
    expect(fixedText({ place: 'last' })).toBe('last in its section');
    expect(fixedText({ role: 'still', place: 2, repetitions: 9 })).toBe('second in Be still, 9 times');
    expect(fixedText({ repetitions: 1 })).toBe('once');
  });

  it('stands behind the name', () => {
    const name = (id: string): string => (id === 'crane' ? 'The crane' : id);
    expect(pinText({ formId: 'crane' }, name)).toBe('The crane');
    expect(pinText({ formId: 'crane', place: 1 }, name)).toBe('The crane (first in its section)');
    expect([1, 12, 13].map(placeWord)).toEqual(['first', 'twelfth', 'number 13']);
    expect([1, 2, 3].map(timesText)).toEqual(['once', 'twice', '3 times']);
  });
});
