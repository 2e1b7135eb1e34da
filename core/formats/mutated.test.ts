import { instantOf } from '../almanac/zone';
import { REPERTOIRE } from '../forms';
import { compile } from '../practice';
import { seededRandom } from '../random';
import { writeCalendar } from './calendar';
import { readCalendar } from './calendarIn';
import { readFormFile, writeFormFile } from './formFile';
import { draftedFor } from './formats.test.data';
import { readOrderFile } from './orderFile';
import { readPracticeFile, writePracticeFile } from './practiceFile';
import { writeCsv } from './table';

const ROUNDS = 2000;
const random = seededRandom(11);
const pick = (count: number): number => Math.floor(random.next() * count);

/** A text with some of it changed: letters, signs, pieces taken out, put in twice or cut off, numbers made large. */
function mutated(text: string): string {
  let changed = text;
  for (let count = 1 + pick(3); count > 0; count -= 1) {
    const at = pick(changed.length);
    const many = 1 + pick(30);
    const other = String.fromCharCode(pick(2) === 0 ? 32 + pick(95) : pick(65_536));
    const ways = [
      () => changed.slice(0, at) + other + changed.slice(at + 1),
      () => changed.slice(0, at) + changed.slice(at + many),
      () => changed.slice(0, at) + changed.slice(at, at + many) + changed.slice(at),
      () => changed.slice(0, at),
      () => changed.replace(/\d+/, () => String((random.next() - 0.3) * 10 ** pick(20))),
      () => changed.replace(/true|false|null/, 'NaN'),
    ];
    changed = ways[pick(ways.length)]?.() ?? changed;
  }
  return changed;
}

/** How many of the changed texts were taken; reading any of them throws nothing. */
function taken(text: string, read: (text: string) => boolean): number {
  let count = 0;
  for (let round = 0; round < ROUNDS; round += 1) if (read(mutated(text))) count += 1;
  return count;
}

describe(`what is brought in, changed ${ROUNDS} times`, () => {
  it('as a practice is refused, or is one that can be led', () => {
    const { practice } = draftedFor({ minutes: 5 });
    const count = taken(writePracticeFile(practice), (text) => {
      const read = readPracticeFile(text);
      if (read.ok) expect(compile(read.practice).totalMs).toBeGreaterThanOrEqual(0);
      else expect(read.problem.code).toMatch(/\w/);
      return read.ok;
    });
    expect(count).toBeLessThan(ROUNDS);
  });

  it('as forms is refused, or has forms', () => {
    const count = taken(writeFormFile(REPERTOIRE.slice(0, 2)), (text) => {
      const read = readFormFile(text);
      if (read.ok) expect(read.forms.length).toBeGreaterThan(0);
      return read.ok;
    });
    expect(count).toBeLessThan(ROUNDS);
  });

  it('as a calendar is refused in words, or read', () => {
    const zone = 'Europe/London';
    const at = (day: number): number => instantOf({ year: 2026, month: 10, day, hour: 18 }, zone);
    const text = writeCalendar(
      [
        {
          uid: 'a',
          sequence: 1,
          summary: 'Lung',
          description: 'x',
          place: undefined,
          startMs: at(1),
          minutes: 25,
          alarmMin: 10,
          weekly: { weekdays: [4], lastMs: at(29), outMs: [at(8)], own: [] },
        },
      ],
      { name: 'T', zone, writtenMs: at(1), audience: 'people' },
    );
    const count = taken(text, (changed) => {
      const read = readCalendar(changed, { zone, fromMs: at(1) - 1, toMs: at(29) + 1 });
      if (!read.ok) expect(read.message).toMatch(/\w/);
      return read.ok;
    });
    expect(count).toBeGreaterThan(0);
  });

  it('as a running order is lines, or refused', () => {
    const csv = writeCsv({
      columns: ['section', 'form', 'times'],
      rows: [
        ['Loosen', 'Ankle circles', 4],
        ['Nourish', 'Cloud hands', 6],
      ],
    });
    expect(taken(csv, (text) => readOrderFile('a.csv', text).ok)).toBeGreaterThan(0);
  });
});
