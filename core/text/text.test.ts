import fc from 'fast-check';
import { z } from 'zod';
import { inWords, isKept, shorten, unkeptPath } from '.';
import { anyOf } from './text';

describe('a text cut short', () => {
  it('is a beginning of it, no longer than asked, and never half a character (checked by the encoder)', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'grapheme' }), fc.integer({ min: 0, max: 12 }), (text, most) => {
        const cut = shorten(text, most);
        expect(text.startsWith(cut) && cut.length <= most).toBe(true);
        // The platform's own encoder puts U+FFFD for a half: a second way to see one.
        expect(new TextDecoder().decode(new TextEncoder().encode(cut))).toBe(cut);
      }),
      { seed: 7 },
    );
    expect(shorten('ab🙂', 3)).toBe('ab');
  });
});

describe('text that cannot be kept', () => {
  it.each(['a\0b', '\ud83d', 'x\ude00', '\ude00\ud83d'])('is seen: %j', (text) => {
    expect(isKept(text)).toBe(false);
    expect(unkeptPath({ a: [1, { b: text }] })).toEqual(['a', 1, 'b']);
    expect(unkeptPath({ [text]: 1 })).toEqual([]);
  });

  it('is not seen in whole characters', () => {
    expect(isKept('氣 🙂 é')).toBe(true);
    expect(unkeptPath({ name: '🙂', list: ['氣', 3, null, true] })).toBeUndefined();
  });
});

describe('what is wrong, in words', () => {
  const schema = z.strictObject({
    name: z.string().min(2).max(3),
    at: z.int().min(1).max(9),
    kind: z.enum(['a', 'b']),
    list: z.array(z.number()).max(1),
    id: z.uuid(),
    both: z.union([z.string(), z.number()]),
    one: z.literal('x'),
  });
  const good = { name: 'ab', at: 3, kind: 'a', list: [], id: crypto.randomUUID(), both: 1, one: 'x' };

  it.each([
    [{ name: 4 }, 'text is expected, a number is there'],
    [{ name: 'a' }, 'has to be at least 2 characters'],
    [{ name: 'abcd' }, 'may be at most 3 characters'],
    [{ at: 'x' }, 'a number is expected, text is there'],
    [{ at: 1.5 }, 'a whole number is expected, a number is there'],
    [{ at: 12 }, 'may be at most 9'],
    [{ kind: 'c' }, 'has to be one of “a”, “b”'],
    [{ list: [1, 2] }, 'may be at most 1 entries'],
    [{ id: 'nonsense' }, 'is no id of the usual form (32 hexadecimal digits in five groups)'],
    [{ both: true }, 'is none of the kinds that can stand here'],
    [{ one: 'y' }, 'has to be “x”'],
    [{ name: undefined }, 'text is expected, nothing is there'],
    [{ other: 1 }, 'does not know the field “other”'],
  ])('%j: %s', (change, said) => {
    const parsed = schema.safeParse({ ...good, ...change }, { error: inWords });
    expect(parsed.error?.issues[0]?.message).toBe(said);
  });

  it('gives way to what a schema says itself', () => {
    expect(
      z.string().min(1, 'a name, please').safeParse('', { error: inWords }).error?.issues[0]?.message,
    ).toBe('a name, please');
  });
});

it('names several as a sentence does', () => {
  expect([anyOf([]), anyOf(['a']), anyOf(['a', 'b']), anyOf(['a', 'b', 'c'])]).toEqual([
    '',
    'a',
    'a or b',
    'a, b or c',
  ]);
});
