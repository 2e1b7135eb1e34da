import { freshBrowser, type Browser } from './browser.test.data';
import { drop, keep, kept, keptKeys } from './keep';

let browser: Browser;
beforeEach(() => {
  browser = freshBrowser();
});

describe('this browser’s own store', () => {
  it('gives back what was kept, and nothing once it is dropped', () => {
    expect(keep('navuren-a', 'one')).toBe(true);
    expect(kept('navuren-a')).toBe('one');
    drop('navuren-a');
    expect(kept('navuren-a')).toBeUndefined();
  });

  it('tells the keys that begin alike', () => {
    keep('navuren-unsaved-1', '');
    keep('navuren-unsaved-2', '');
    keep('navuren-lead-1', '');
    expect(keptKeys('navuren-unsaved-').toSorted()).toEqual(['navuren-unsaved-1', 'navuren-unsaved-2']);
  });

  it('says so where it is full, and what was there before stays', () => {
    keep('navuren-a', 'one');
    browser.store.refuses = true;
    expect(keep('navuren-a', 'two')).toBe(false);
    expect(kept('navuren-a')).toBe('one');
  });

  it('stops nothing where there is none at all', () => {
    Object.defineProperty(globalThis, 'localStorage', {
      get: () => {
        throw new Error('denied');
      },
      configurable: true,
    });
    expect(keep('navuren-a', 'one')).toBe(false);
    expect(kept('navuren-a')).toBeUndefined();
    expect(keptKeys('navuren-')).toEqual([]);
    expect(() => drop('navuren-a')).not.toThrow();
  });
});
