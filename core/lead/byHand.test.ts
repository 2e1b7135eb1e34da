import { PLAIN_BRIEF } from '../brief';
import { compose } from '../compose';
import { DEFAULT_CUSTOMS } from '../customs';
import { REPERTOIRE } from '../forms';
import { paceOf, toldOf } from '../log';
import { classRecordSchema, recordByHand } from '.';

const made = compose({
  brief: { ...PLAIN_BRIEF, minutes: 10 },
  repertoire: REPERTOIRE,
  customs: DEFAULT_CUSTOMS,
  people: { conditions: [] },
  seed: 1,
  enough: 0.5,
});
if (!made.ok) throw new Error('expected a practice');
const T0 = Date.UTC(2026, 10, 28, 7, 30);

describe('a class led without a screen', () => {
  const record = recordByHand(made.practice, T0, 15 * 60_000);

  it('is a record like any other, as long as it took, with every form as often as planned', () => {
    expect(classRecordSchema.safeParse(record).error).toBeUndefined();
    expect(record).toMatchObject({ startedAtMs: T0, endedAtMs: T0 + 900_000, actualMs: 900_000 });
    for (const item of record.items) expect(item.repetitions).toBe(item.plannedRepetitions);
    const spent = record.items.reduce((sum, { actualMs }) => sum + actualMs, 0);
    expect(Math.abs(spent - 900_000)).toBeLessThan(20);
  });

  it('teaches neither a pace nor how forms are told', () => {
    expect(paceOf(record.items)).toEqual({});
    for (const { talks, firsts } of Object.values(toldOf(record.items)))
      expect([talks, firsts]).toEqual([0, 0]);
  });
});
