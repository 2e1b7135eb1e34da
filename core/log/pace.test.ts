import { paceOf, type LedForm } from '.';

const led = (actualMs: number, over: Partial<LedForm> = {}): LedForm => ({
  formId: 'f',
  plannedMs: 100_000,
  actualMs,
  plannedRepetitions: 3,
  repetitions: 3,
  ...over,
});

describe('the pace a log tells', () => {
  it('trusts n samples by n/(n + 4) (common practice)', () => {
    expect(paceOf([led(120_000)])['f']).toBeCloseTo(1 + (1 / 5) * 0.2, 3);
    expect(paceOf(Array.from({ length: 4 }, () => led(120_000)))['f']).toBeCloseTo(1.1, 3);
    expect(paceOf(Array.from({ length: 36 }, () => led(120_000)))['f']).toBeCloseTo(1.18, 3);
  });

  it('leaves out what was skipped or done another number of times', () => {
    expect(paceOf([led(10_000), led(200_000, { repetitions: 6 })])).toEqual({});
  });

  it('learns nothing of what was disturbed, not planned, or over in less than half its time', () => {
    expect(paceOf([led(120_000, { undisturbed: false })])).toEqual({});
    expect(paceOf([led(120_000, { plannedMs: 0 })])).toEqual({});
    expect(paceOf([led(1, { plannedMs: 1 })])).toEqual({ f: 1 });
    expect(paceOf([led(49_999)])).toEqual({});
    expect(paceOf([led(50_000)])['f']).toBeCloseTo(1 + (1 / 5) * -0.5, 3);
  });

  it('is told by the middle of the samples: one class that was quite otherwise teaches nothing', () => {
    expect(paceOf([led(100_000), led(100_000), led(220_000)])).toEqual({ f: 1 });
    expect(paceOf([led(100_000), led(120_000), led(120_000), led(220_000)])['f']).toBeCloseTo(1.1, 3);
  });

  it('keeps forms apart, and rounds to a thousandth', () => {
    const paces = paceOf([led(110_000), led(130_000), led(107_000, { formId: 'g' })]);
    // f: the middle 1.2, two samples of six: 1 + 2/6 × 0.2; g: 1 + 1/5 × 0.07.
    expect(paces).toEqual({ f: 1.067, g: 1.014 });
  });

  it('does not unlearn a pace once plans go by it', () => {
    const slow = paceOf(Array.from({ length: 4 }, () => led(120_000)))['f'] ?? 1;
    // The plan now takes the estimate into account, and still the form takes its 120 s.
    const planned = led(120_000, { plannedMs: 100_000 * slow, logPace: slow });
    const later = [
      ...Array.from({ length: 4 }, () => led(120_000)),
      ...Array.from({ length: 32 }, () => planned),
    ];
    expect(paceOf(later)['f']).toBeCloseTo(1.18, 2);
  });

  it('never leaves the range in which breath is still breath', () => {
    const slow = Array.from({ length: 400 }, () => led(900_000));
    const quick = Array.from({ length: 400 }, () => led(55_000));
    expect(paceOf(slow)['f']).toBe(1.35);
    expect(paceOf(quick)['f']).toBe(0.75);
  });
});
