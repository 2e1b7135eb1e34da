import type { TimeLearnt, WhatNext } from '@/core/log';
import { whatNextText } from './whatNext';

const next = (time: TimeLearnt, leftOut: readonly string[] = [], given = 9): WhatNext => ({
  time,
  choice: { given, leftOut: [...leftOut] },
});

describe('what the next draft does otherwise, in two sentences', () => {
  it.each<[TimeLearnt, string]>([
    [{ kind: 'as-planned' }, 'It plans the same times: what was led took as long as was planned.'],
    [{ kind: 'pace', name: 'Wheel', share: 0.052 }, 'It plans Wheel 5 % longer, as you led it.'],
    [{ kind: 'pace', name: 'Wheel', share: -0.004 }, 'It plans Wheel 1 % shorter, as you led it.'],
    [{ kind: 'talk', name: 'Wheel', bySec: 3.6 }, 'It leaves 4 seconds more to talk before Wheel.'],
    [{ kind: 'talk', name: 'Wheel', bySec: -1 }, 'It leaves 1 second less to talk before Wheel.'],
    [
      { kind: 'first', name: 'Wheel', factor: 2.12 },
      'It plans the first repetition of Wheel 2.1 times as long as a later one.',
    ],
  ])('%j', (time, sentence) => {
    const text = whatNextText(next(time));
    expect(text).toBe(`${sentence} It looks first beyond the 9 forms given today.`);
  });

  it('names what was left out, and counts the rest of it', () => {
    const of = (...names: readonly string[]) => whatNextText(next({ kind: 'as-planned' }, names, 1));
    expect(of('Wheel')).toContain(
      'beyond the 1 form given today; Wheel, left out today, counts as not given.',
    );
    expect(of('A', 'B', 'C', 'D', 'E')).toContain(
      '; A, B, C and 2 more, left out today, count as not given.',
    );
  });
});
