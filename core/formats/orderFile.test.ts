import fc from 'fast-check';
import { readRunningOrder } from '../compose/readOrder';
import { DEFAULT_CUSTOMS } from '../customs';
import { REPERTOIRE } from '../forms';
import { draftedFor } from './formats.test.data';
import { orderRows, readOrderFile } from './orderFile';
import { writePracticeFile } from './practiceFile';
import { writeCsv } from './table';

const formsIn = (name: string, text: string): readonly string[] => {
  const read = readOrderFile(name, text);
  if (!read.ok || read.kind !== 'lines') throw new Error('expected lines');
  return readRunningOrder(read.text, REPERTOIRE, DEFAULT_CUSTOMS)
    .filter(({ role }) => role === undefined)
    .map(({ forms, repetitions }) => `${forms[0]?.id ?? '?'} ${repetitions ?? ''}`.trim());
};

describe('a running order from a file', () => {
  const meant = ['ankle-circles 4', 'cloud-hands 6'];

  it('is read from CSV by its columns, with a semicolon or a tab too, and where it has no heads', () => {
    const ids = formsIn(
      'a.csv',
      'section,form,times,min\nLoosen,Ankle circles,4,\nNourish,Cloud hands,6,2.5\n',
    );
    expect(ids.map((id) => id.split(' ')[1])).toEqual(['4', '6']);
    expect(formsIn('a.csv', '\uFEFFform;reps\r\n"Ankle circles";4\r\nCloud hands;6\r\n')).toEqual(ids);
    expect(formsIn('a.tsv', 'Ankle circles\t4×\nCloud hands\t6×')).toEqual(ids);
    expect(ids[1]).toBe(meant[1]);
  });

  it('is read from Markdown: lists, a table, headings as sections', () => {
    const list = formsIn('a.md', '# Thursday\n\n## Loosen\n\n- **Ankle circles** 4×\n- [ ] Cloud hands 6×\n');
    expect(list[1]).toBe('cloud-hands 6');
    expect(
      formsIn('a.md', '| form | times |\n| --- | ---: |\n| Ankle circles | 4 |\n| *Cloud hands* | 6 |\n'),
    ).toEqual(list);
  });

  it('of our own opens as the practice it is, and what is wrong with it is told', () => {
    const { practice } = draftedFor();
    const read = readOrderFile('x.json', writePracticeFile(practice));
    expect(read.ok && read.kind === 'practice' && read.practice.items).toEqual(practice.items);
    expect(readOrderFile('x.json', '{"format":"other"}')).toMatchObject({
      ok: false,
      problem: { code: 'other-format' },
    });
    expect(readOrderFile('x.txt', 'a'.repeat(300_000))).toMatchObject({
      ok: false,
      problem: { code: 'too-large' },
    });
  });

  it('written by us as a table is read as the same forms', () => {
    const { practice } = draftedFor({ minutes: 20 });
    const csv = writeCsv({
      columns: ['section', 'form', 'times'],
      rows: orderRows(practice, (id) => practice.forms[id]),
    });
    const read = formsIn('order.csv', csv).map((one) => one.split(' ')[0]);
    const wanted = practice.items.map(({ formId }) => formId);
    expect(read.filter((id, index) => id === wanted[index]).length / wanted.length).toBeGreaterThan(0.9);
  });

  it('never throws, whatever it is given', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('a.csv', 'a.md', 'a.txt', 'a.json', ''),
        fc.string({ maxLength: 400 }),
        (name, text) => {
          expect(typeof readOrderFile(name, text).ok).toBe('boolean');
        },
      ),
      { numRuns: 2000 },
    );
  });
});
