import type { ClassRecord } from '../lead';
import { toldKey, whatNext, whatNextSchema, type History } from '.';

type Item = ClassRecord['items'][number];
const item = (over: Partial<Item> = {}): Item => ({
  itemId: 'a',
  formId: 'wheel',
  name: 'Wheel',
  role: 'wake',
  plannedMs: 60_000,
  actualMs: 60_000,
  plannedRepetitions: 6,
  repetitions: 6,
  undisturbed: true,
  taught: true,
  ...over,
});
const record = (...items: readonly Item[]): ClassRecord => ({
  startedAtMs: 1_800_000_000_000,
  endedAtMs: 1_800_000_600_000,
  plannedMs: 600_000,
  actualMs: 600_000,
  finished: true,
  items: [...items],
});
type Known = Pick<History, 'pace' | 'told'>;
const NOTHING: Known = { pace: {}, told: {} };
const usual = () => ({ talkSec: 20, firstFactor: 1.8 });
const told = (over: Partial<History['told'][string]>): Known => ({
  pace: {},
  told: { [toldKey('wheel', 'taught')]: { talks: 0, firsts: 0, ...over } },
});

describe('what the next draft does otherwise', () => {
  it('is nothing of time where all went as planned, and counts each form once', () => {
    const next = whatNext(record(item(), item({ itemId: 'b' })), NOTHING, NOTHING, usual);
    expect(next).toEqual({ time: { kind: 'as-planned' }, choice: { given: 1, leftOut: [] } });
    expect(whatNextSchema.parse(next)).toEqual(next);
  });

  it('is the pace of the form that changed most', () => {
    const after: Known = { pace: { wheel: 1.05, bear: 0.98 }, told: {} };
    const { time } = whatNext(
      record(item(), item({ itemId: 'b', formId: 'bear', name: 'Bear' })),
      NOTHING,
      after,
      usual,
    );
    expect(time).toEqual({ kind: 'pace', name: 'Wheel', share: expect.closeTo(0.05, 6) as number });
  });

  it('is so much more talk as the log believes after one class: a fifth of it', () => {
    const { time } = whatNext(record(item()), NOTHING, told({ talkSec: 70, talks: 1 }), usual);
    expect(time).toEqual({ kind: 'talk', name: 'Wheel', bySec: expect.closeTo(10, 6) as number });
  });

  it('is a slower first repetition', () => {
    const { time } = whatNext(record(item()), NOTHING, told({ firstFactor: 2.8, firsts: 4 }), usual);
    expect(time).toEqual({ kind: 'first', name: 'Wheel', factor: expect.closeTo(2.3, 6) as number });
  });

  it('tells what was left out, and not what was put in', () => {
    const { choice } = whatNext(
      record(
        item(),
        item({ itemId: 'b', formId: 'bear', name: 'Bear', actualMs: 0 }),
        item({ itemId: 'c', formId: 'crane', name: 'Crane', plannedMs: 0, plannedRepetitions: 0 }),
      ),
      NOTHING,
      NOTHING,
      usual,
    );
    expect(choice).toEqual({ given: 2, leftOut: ['Bear'] });
  });

  it('says nothing of the telling of a form nobody knows the usual of', () => {
    const { time } = whatNext(record(item()), NOTHING, told({ talkSec: 70, talks: 1 }), () => undefined);
    expect(time.kind).toBe('as-planned');
  });
});
