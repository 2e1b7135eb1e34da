import { readFileSync } from 'node:fs';
import { readAnswer, readClip, readKept, readPractice } from './reading';

const golden = (file: string): Readonly<Record<string, unknown>> =>
  JSON.parse(readFileSync(`core/documents/practice/golden/${file}`, 'utf8')) as Readonly<
    Record<string, unknown>
  >;
const { documentVersion: _version, ...practice } = golden('v3-stays.json');

describe('what this browser kept of a practice', () => {
  it('is read with what was sent and not heard of', () => {
    const text = JSON.stringify({
      baseVersion: 4,
      sent: { saveId: 'a', document: practice },
      latest: { ...practice, name: 'Later' },
      keptAtMs: 17,
    });
    const read = readKept(text);
    expect(read?.keptAtMs).toBe(17);
    expect(read?.unsaved.baseVersion).toBe(4);
    expect(read?.unsaved.latest?.name).toBe('Later');
    expect(read?.unsaved.sent?.saveId).toBe('a');
  });

  it('is read as it was kept by an older Navuren, its words brought up to now', () => {
    const { documentVersion: _former, ...former } = golden('v1-desks.json');
    const read = readKept(JSON.stringify({ baseVersion: 2, latest: former, keptAtMs: 0 }));
    expect(read?.unsaved.latest?.brief.pins?.[0]?.formId).toBe('rise-and-sink');
    expect(read?.unsaved.latest?.items.some((item) => item.kept)).toBe(true);
  });

  it('before windows had keys of their own is saved once more on top, not taken for stored', () => {
    const read = readKept(JSON.stringify({ baseVersion: 2, saveId: 'b', practice }));
    expect(read?.unsaved.sent?.saveId).toBe('b');
    expect(read?.unsaved.latest).toEqual(read?.unsaved.sent?.document);
    expect(read?.unsaved.latest).not.toBe(read?.unsaved.sent?.document);
    expect(readKept(JSON.stringify({ baseVersion: 2, practice }))?.unsaved.sent).toBeUndefined();
  });

  it.each(['{}', '[]', '{"baseVersion":1,"practice":{"name":3}}', 'null'])(
    'is nothing where it is %s',
    (text) => {
      expect(readKept(text)).toBeUndefined();
    },
  );
});

describe('what the server answers', () => {
  it('is read with care', () => {
    expect(readAnswer({ id: 'x', version: 3, more: true })).toMatchObject({ id: 'x', version: 3 });
    expect(() => readAnswer({ version: 'three' })).toThrow();
    expect(readPractice({ practice })?.name).toBe(practice.name);
    expect(readPractice({ practice: {} })).toBeUndefined();
  });
});

describe('items that were copied', () => {
  it('are read with their forms, or not at all', () => {
    const { items, forms } = practice as {
      readonly items: readonly { readonly formId: string }[];
      readonly forms: object;
    };
    expect(readClip(JSON.stringify({ items, forms }))?.items).toHaveLength(items.length);
    expect(readClip(JSON.stringify({ items, forms: {} }))).toBeUndefined();
    expect(readClip('{"items":3}')).toBeUndefined();
  });
});
