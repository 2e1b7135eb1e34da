import Ajv from 'ajv/dist/2020';
import { FORM_FORMAT, formJsonSchema, readFormFile, writeFormFile } from '.';
import { REPERTOIRE } from '../forms';

const problem = (text: string) => {
  const read = readFormFile(text);
  return read.ok ? undefined : read.problem;
};
const changed = (
  change: (file: { forms: Record<string, unknown>[] } & Record<string, unknown>) => void,
): string => {
  const file = JSON.parse(writeFormFile(REPERTOIRE.slice(0, 2)));
  change(file);
  return JSON.stringify(file);
};

const halves = [REPERTOIRE.slice(0, 170), REPERTOIRE.slice(170)];

describe('a file of forms', () => {
  it('comes back as it was written, every shipped form of it', () => {
    // A file holds no more than two hundred: a shelf of them in several.
    for (const some of halves) {
      const read = readFormFile(writeFormFile(some));
      expect(read.ok && read.forms).toEqual(JSON.parse(JSON.stringify(some)));
    }
  });

  it('is what its published schema says, by a general-purpose validator (ajv)', () => {
    const validate = new Ajv({ strict: false }).compile(formJsonSchema() as object);
    for (const some of halves) expect(validate(JSON.parse(writeFormFile(some)))).toBe(true);
    expect(validate(JSON.parse(changed((file) => delete file.forms[0]?.cycle)))).toBe(false);
  });

  it('is refused with the field named', () => {
    expect(problem(changed((file) => (file.forms[1] = { ...file.forms[1], level: 7 })))).toMatchObject({
      code: 'field',
      path: 'forms[1].level',
    });
    expect(problem(changed((file) => delete file.forms[0]?.name))).toMatchObject({
      code: 'field',
      path: 'forms[0].name',
    });
    expect(
      problem(
        changed(
          (file) =>
            (file.forms[0] = {
              ...file.forms[0],
              cycle: [{ breath: 'in', cue: 'x', postures: [{ sink: 200 }] }],
            }),
        ),
      ),
    ).toMatchObject({ code: 'field', path: 'forms[0].cycle[0].postures[0].sink' });
    expect(
      problem(
        changed(
          (file) =>
            (file.forms[0] = {
              ...file.forms[0],
              repetitions: { least: 5, usual: 3, most: 9, multipleOf: 1 },
            }),
        ),
      ),
    ).toMatchObject({ path: 'forms[0].repetitions' });
    expect(problem(changed((file) => (file.forms[1] = file.forms[0] ?? {})))).toMatchObject({
      path: 'forms[1].id',
    });
    expect(problem(changed((file) => (file.forms = [])))).toMatchObject({ path: 'forms' });
  });

  it('is told from other files and from what is no file of ours', () => {
    expect(problem(JSON.stringify({ format: 'navuren.practice', version: 1 }))).toEqual({
      code: 'other-format',
      found: 'navuren.practice',
      wanted: FORM_FORMAT,
    });
    expect(problem('{')).toMatchObject({ code: 'not-json' });
    expect(problem(changed((file) => (file.version = 2)))).toEqual({ code: 'newer', version: 2, reads: 1 });
  });
});
