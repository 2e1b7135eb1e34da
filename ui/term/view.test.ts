import type { Term } from '@/core/term/document';
import { COVERED } from '@/core/term/coverage';
import { coveredName, weekReasonText } from '@/ui/words/term';
import { swapped, timesUntil, withWeek } from './view';

const term: Term = {
  id: '00000000-0000-4000-a000-000000000001',
  groupId: 'choir',
  name: 'Autumn',
  first: '2026-09-07',
  last: '2026-10-04',
  aim: 'year',
  also: [],
  learn: [],
  out: [],
  weeks: {
    '2026-09-07': {
      theme: { kind: 'organ', organ: 'lung' },
      load: 'easy',
      isLocked: false,
      practiceId: 'fog',
    },
    '2026-09-14': { theme: { kind: 'phase', phase: 'metal' }, load: 'full', isLocked: true },
  },
};

describe('a week that is changed', () => {
  it('keeps its practice for the same theme, and loses it for another', () => {
    expect(withWeek(term, '2026-09-07', { load: 'full' }).weeks['2026-09-07']).toMatchObject({
      load: 'full',
      practiceId: 'fog',
    });
    const other = withWeek(term, '2026-09-07', { theme: { kind: 'organ', organ: 'heart' } });
    expect(other.weeks['2026-09-07']).not.toHaveProperty('practiceId');
    // Of a week there is not nothing is made.
    expect(withWeek(term, '2026-09-21', { load: 'full' })).toBe(term);
    // What was before is as it was.
    expect(term.weeks['2026-09-07']?.load).toBe('easy');
  });

  it('changes over with another, its practice with it, and back is as before', () => {
    const over = swapped(term, '2026-09-07', '2026-09-14');
    expect(over.weeks['2026-09-14']).toMatchObject({ practiceId: 'fog', load: 'easy', isLocked: true });
    expect(over.weeks['2026-09-07']).toMatchObject({ load: 'full', isLocked: false });
    expect(swapped(over, '2026-09-07', '2026-09-14')).toEqual(term);
    expect(swapped(term, '2026-09-07', '2026-09-07')).toBe(term);
  });
});

describe('what a term comes by', () => {
  it('is more from week to week, by whichever has been', () => {
    const shoulders = { weeks: [0, 2, 5] };
    expect([0, 1, 2, 4, 5, 12].map((until) => timesUntil(shoulders, until))).toEqual([1, 1, 2, 2, 3, 3]);
    expect(timesUntil({ weeks: [] }, 12)).toBe(0);
  });
});

describe('what is said of a term', () => {
  it('has a name for everything it can come by, no two the same', () => {
    const names = COVERED.map(coveredName);
    expect(new Set(names).size).toBe(names.length);
    for (const name of names) expect(name).toMatch(/\S/);
  });

  it('has a sentence for every reason, and promises nothing', () => {
    for (const reason of [
      { code: 'season-organ', phase: 'metal' },
      { code: 'season-pair', phase: 'metal' },
      { code: 'season-phase', phase: 'metal' },
      { code: 'mother', phase: 'earth' },
      { code: 'coming', phase: 'water' },
      { code: 'turning', daysTo: 0 },
      { code: 'turning', daysTo: 3 },
      { code: 'all-phases' },
      { code: 'aim' },
      { code: 'set-whole' },
      { code: 'against', phase: 'fire' },
    ] as const) {
      const said = weekReasonText(reason);
      expect(said).toMatch(/^[A-Z].*\.$/);
      expect(said).not.toMatch(/undefined|heal|cure/);
    }
  });
});
