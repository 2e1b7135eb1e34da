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

  it('is each teacher’s own: who comes in next finds nothing of who was here, and it waits for them', () => {
    const page = (teacher: string | undefined): void =>
      void Object.defineProperty(globalThis, 'document', {
        value: teacher === undefined ? undefined : { documentElement: { dataset: { teacher } } },
        configurable: true,
      });
    keep('navuren-unsaved-1', 'the owner’s');
    page('osbert');
    expect([kept('navuren-unsaved-1'), keptKeys('navuren-unsaved-')]).toEqual([undefined, []]);
    keep('navuren-unsaved-2', 'his');
    expect(keptKeys('navuren-unsaved-')).toEqual(['navuren-unsaved-2']);
    drop('navuren-unsaved-1');
    page('wenna');
    expect([kept('navuren-unsaved-2'), keptKeys('navuren-')]).toEqual([undefined, []]);
    page('osbert');
    expect(kept('navuren-unsaved-2')).toBe('his');
    page(undefined);
    expect([kept('navuren-unsaved-1'), keptKeys('navuren-unsaved-')]).toEqual([
      'the owner’s',
      ['navuren-unsaved-1'],
    ]);
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
