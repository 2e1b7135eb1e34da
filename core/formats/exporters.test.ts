import { readFileSync } from 'node:fs';
import { REPERTOIRE } from '../forms';
import { FORM_EXPORTERS, PRACTICE_EXPORTERS } from './exporters';
import { FORM_EXPORTS, PRACTICE_EXPORTS } from './exports';
import { readFormFile } from './formFile';
import { readPracticeFile } from './practiceFile';

const golden = readFileSync('core/documents/practice/golden/v0-conditions.json', 'utf8');

describe('what is offered to be taken along', () => {
  it('is just what can be written, each with a name of its own', () => {
    expect(PRACTICE_EXPORTS.map(({ id }) => id)).toEqual(Object.keys(PRACTICE_EXPORTERS));
    expect(FORM_EXPORTS.map(({ id }) => id)).toEqual(Object.keys(FORM_EXPORTERS));
    for (const rows of [PRACTICE_EXPORTS, FORM_EXPORTS])
      expect(new Set(rows.map(({ label }) => label)).size).toBe(rows.length);
  });

  it('as a file is what the shelf and the repertoire take in again', () => {
    const read = readPracticeFile(golden);
    if (!read.ok) throw new Error('expected a practice');
    expect(readPracticeFile(PRACTICE_EXPORTERS.file.write(read.practice))).toEqual(read);
    const [form] = REPERTOIRE;
    if (!form) throw new Error('expected a form');
    const again = readFormFile(FORM_EXPORTERS.file.write([form]));
    expect(again).toMatchObject({ ok: true, forms: [{ id: form.id, name: form.name }] });
  });
});
