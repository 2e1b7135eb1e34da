import { readFileSync } from 'node:fs';
import type { Unsaved } from '@/core/desk';
import { practiceSchema, type Practice } from '@/core/practice';
import { freshBrowser, type Browser } from '@/ui/kit/browser.test.data';
import { dropLeft, keepUnsaved, leftNew, leftOf } from './unsaved';

const { documentVersion: _version, ...data } = JSON.parse(
  readFileSync('core/documents/practice/golden/v3-stays.json', 'utf8'),
) as Readonly<Record<string, unknown>>;
const practice: Practice = practiceSchema.parse(data);
const unsaved = (name: string): Unsaved<Practice> => ({
  baseVersion: 2,
  sent: undefined,
  latest: { ...practice, name },
});

let store: Browser['store'];
let open: string[];
beforeEach(() => {
  ({ store, open } = freshBrowser());
});

const names = async (found: ReturnType<typeof leftOf>): Promise<readonly string[]> =>
  (await found).map((left) => left.practice.name);

describe('what windows left unsaved', () => {
  it('is found by its practice, the latest first, and gone once it is dropped', async () => {
    keepUnsaved({ id: 'p', windowKey: 'w1' }, unsaved('earlier'), 1);
    keepUnsaved({ id: 'p', windowKey: 'w2' }, unsaved('later'), 2);
    keepUnsaved({ id: 'p2', windowKey: 'w3' }, unsaved('of another'), 3);
    expect(await names(leftOf('p'))).toEqual(['later', 'earlier']);
    const [latest] = await leftOf('p');
    if (latest) dropLeft(latest);
    expect(await names(leftOf('p'))).toEqual(['earlier']);
  });

  it('is left to windows that are still open', async () => {
    keepUnsaved({ id: 'p', windowKey: 'w1' }, unsaved('of an open window'), 1);
    keepUnsaved({ id: undefined, windowKey: 'w2' }, unsaved('a new one, open'), 1);
    keepUnsaved({ id: undefined, windowKey: 'w3' }, unsaved('a new one, closed'), 1);
    open.splice(0, open.length, 'w1', 'w2');
    expect(await names(leftOf('p'))).toEqual([]);
    expect(await names(leftNew())).toEqual(['a new one, closed']);
    open.splice(0, open.length);
    expect(await names(leftOf('p'))).toEqual(['of an open window']);
  });

  it('is found where the browser has no locks, and as it was kept before windows had keys', async () => {
    Object.defineProperty(globalThis, 'navigator', { value: {}, configurable: true });
    store.setItem(
      'navuren-unsaved-p',
      JSON.stringify({ baseVersion: 1, practice: { ...practice, name: 'former' } }),
    );
    keepUnsaved({ id: 'p', windowKey: 'w1' }, unsaved('now'), 9);
    expect(await names(leftOf('p'))).toEqual(['now', 'former']);
  });

  it('that cannot be read is passed by, and a store that refuses is told', async () => {
    store.setItem('navuren-unsaved-p.w1', '{"baseVersion": "two"}');
    store.setItem('navuren-unsaved-p.w2', 'not even JSON');
    expect(await names(leftOf('p'))).toEqual([]);
    store.refuses = true;
    expect(keepUnsaved({ id: 'p', windowKey: 'w3' }, unsaved('too much'), 1)).toBe(false);
    expect(keepUnsaved({ id: 'p', windowKey: 'w3' }, undefined, 1)).toBe(true);
  });
});
