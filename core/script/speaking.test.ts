import type { ScriptLine } from './script';
import { rateFor, toSay } from './speaking';

const line = (startMs: number, lengthMs: number, text: string): ScriptLine => ({
  kind: 'told',
  startMs,
  lengthMs,
  itemIndex: 0,
  text,
});
const LINES = [
  line(0, 0, 'Welcome.'),
  line(0, 5000, 'Standing in stillness.'),
  line(5000, 4000, 'Breathe in: crown floats up.'),
  line(9000, 6000, ''),
  line(15_000, 5000, 'Last one.'),
];

describe('what a voice is given to say', () => {
  it('is what has begun since, together, and each but once', () => {
    const first = toSay(LINES, -1, 0);
    expect(first).toMatchObject({ text: 'Welcome. Standing in stillness.', saidTo: 1 });
    expect(toSay(LINES, 1, 900)).toBeUndefined();
    expect(toSay(LINES, 1, 5100)).toMatchObject({ text: 'Breathe in: crown floats up.', saidTo: 2 });
    // A quiet is passed over without a word.
    expect(toSay(LINES, 2, 9100)).toMatchObject({ text: '', saidTo: 3 });
  });

  it('is not what was jumped over, forward or back', () => {
    expect(toSay(LINES, 1, 15_200)).toMatchObject({ text: 'Last one.', saidTo: 4 });
    expect(toSay(LINES, 1, 19_000)).toMatchObject({ text: '', saidTo: 4 });
    expect(toSay(LINES, 4, 5100)).toMatchObject({ text: 'Breathe in: crown floats up.', saidTo: 2 });
  });

  it('is said at an easy pace, quicker where its time is short, and within what can be understood', () => {
    expect(rateFor('Breathe in: crown floats up.', 6000)).toBe(0.85);
    // Ten words in three seconds: two hundred a minute.
    expect(rateFor('one two three four five six seven eight nine ten', 3000)).toBeCloseTo(200 / 170, 6);
    expect(rateFor('one two three four five six seven eight nine ten', 500)).toBe(1.3);
    expect(rateFor('Welcome.', 0)).toBe(0.85);
  });
});
