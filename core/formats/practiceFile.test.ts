import Ajv from 'ajv/dist/2020';
import fc from 'fast-check';
import { LARGEST_FILE_BYTES, practiceJsonSchema, readPracticeFile, writePracticeFile } from '.';
import { PLAIN_BRIEF } from '../brief';
import { compose } from '../compose';
import { DEFAULT_CUSTOMS } from '../customs';
import { REPERTOIRE } from '../forms';
import { withoutPrivate, type Practice } from '../practice';

const made = (seed: number, minutes = 12): Practice => {
  const result = compose({
    brief: {
      ...PLAIN_BRIEF,
      minutes,
      theme: { kind: 'organ', organ: 'kidney' },
      groupId: 'some-group',
      intent: 'calm',
      familiarity: 'taught',
    },
    repertoire: REPERTOIRE,
    customs: DEFAULT_CUSTOMS,
    people: { conditions: ['knee'] },
    seed,
    enough: 0.5,
  });
  if (!result.ok) throw new Error('expected a practice');
  return result.practice;
};

type Json = {
  format: unknown;
  version: unknown;
  practice: Record<string, unknown> & { items: Record<string, unknown>[]; brief: Record<string, unknown> };
};
const changed = (change: (file: Json) => void): string => {
  const file = JSON.parse(writePracticeFile(made(1))) as Json;
  change(file);
  return JSON.stringify(file);
};
const problem = (text: string) => {
  const read = readPracticeFile(text);
  if (read.ok) throw new Error('expected a refusal');
  return read.problem;
};

describe('the practice file', () => {
  it('comes back as it was, except whose group it was made for', () => {
    for (const seed of [1, 2, 3]) {
      const practice = made(seed);
      const read = readPracticeFile(writePracticeFile(practice));
      expect(read).toEqual({ ok: true, practice: withoutPrivate(practice) });
      expect(
        read.ok && read.practice.items.map((item) => [item.formId, item.variant, item.repetitions]),
      ).toEqual(practice.items.map((item) => [item.formId, item.variant, item.repetitions]));
    }
  });

  it('holds nothing of the group or of what its people have', () => {
    const text = writePracticeFile({
      ...made(1),
      // A note waved aside may name what someone has.
      waved: [{ note: 'conditions/i1/glaucoma/avoid', reason: 'she comes with a sister' }],
    });
    for (const word of ['glaucoma', 'sister']) expect(text).not.toContain(word);
    expect(text).not.toContain('some-group');
    for (const word of ['knee trouble', 'conditions', 'blood pressure', 'for-group'])
      expect(text).not.toContain(word);
  });

  it('agrees with its published JSON Schema (checked with ajv), and broken ones do not', () => {
    const validate = new Ajv({ strict: false, validateFormats: false }).compile(
      practiceJsonSchema() as object,
    );
    expect(validate(JSON.parse(writePracticeFile(made(2)))) ? [] : validate.errors).toEqual([]);
    expect(validate(JSON.parse(changed((file) => (file.practice.items[0] = {}))))).toBe(false);
    expect(validate(JSON.parse(changed((file) => (file.version = 2))))).toBe(false);
  });

  it('names the field that is wrong', () => {
    expect(
      problem(changed((file) => Object.assign(file.practice.items[3] ?? {}, { repetitions: 0 }))),
    ).toMatchObject({ code: 'field', path: 'practice.items[3].repetitions' });
    expect(problem(changed((file) => (file.practice.brief.minutes = 500)))).toMatchObject({
      code: 'field',
      path: 'practice.brief.minutes',
    });
    expect(problem(changed((file) => (file.practice.name = '   ')))).toMatchObject({
      code: 'field',
      path: 'practice.name',
    });
    expect(
      problem(changed((file) => Object.assign(file.practice.items[0] ?? {}, { formId: 'unknown' }))),
    ).toMatchObject({ code: 'field', path: 'practice.items[0].formId' });
    expect(problem(changed((file) => (file.practice.extra = 1)))).toMatchObject({
      code: 'field',
      path: 'practice',
    });
  });

  it('refuses other, newer, unreadable, huge and deep files without throwing', () => {
    expect(problem('{"format":"something.else","version":1}')).toEqual({
      code: 'other-format',
      found: 'something.else',
      wanted: 'navuren.practice',
    });
    expect(problem(JSON.stringify({ format: 'x'.repeat(99), version: 1 }))).toMatchObject({
      found: 'x'.repeat(60),
    });
    expect(problem('[]')).toMatchObject({ code: 'other-format' });
    expect(problem('null')).toMatchObject({ code: 'other-format' });
    expect(problem(changed((file) => (file.version = 7)))).toEqual({ code: 'newer', version: 7, reads: 1 });
    expect(problem('{')).toMatchObject({ code: 'not-json' });
    expect(problem('')).toMatchObject({ code: 'not-json' });
    expect(problem('x'.repeat(LARGEST_FILE_BYTES + 1))).toMatchObject({ code: 'too-large' });
    expect(problem(`${'['.repeat(5000)}${']'.repeat(5000)}`)).toMatchObject({ code: 'too-deep' });
    // Twenty deep is read on (and found to be no practice), one deeper is not.
    const nested = (depth: number) => `${'['.repeat(depth - 1)}0${']'.repeat(depth - 1)}`;
    expect(problem(nested(20))).toMatchObject({ code: 'other-format' });
    expect(problem(nested(21))).toMatchObject({ code: 'too-deep' });
    expect(readPracticeFile(`\uFEFF${writePracticeFile(made(1))}`).ok).toBe(true);
  });

  it('never throws, whatever text comes', () => {
    fc.assert(
      fc.property(
        fc.oneof(
          fc.string(),
          fc.json(),
          fc.json().map((text) => `{"format":"navuren.practice","version":1,"practice":${text}}`),
        ),
        (text) => {
          expect(readPracticeFile(text).ok).toBe(false);
        },
      ),
      { numRuns: 300, seed: 8 },
    );
  });

  it('does not let a prototype be reached', () => {
    const text = writePracticeFile(made(1)).replace(
      '"forms": {',
      '"forms": {"__proto__": {"polluted": true},',
    );
    readPracticeFile(text);
    expect(({} as Record<string, unknown>).polluted).toBeUndefined();
  });
});
