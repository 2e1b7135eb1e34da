import { historyOf, type History } from '.';

const history: History = {
  groups: {
    monday: { recent: [['crane-stands']], known: ['crane-stands'], times: { 'crane-stands': 1 }, given: 1 },
  },
  myself: { recent: [], known: ['shaking'], times: { shaking: 2 }, given: 2 },
  pace: {},
  told: {},
};

describe('what the log tells of those a practice is for', () => {
  it('is that of the group, or of oneself where it is for nobody', () => {
    expect(historyOf(history, 'monday').known).toEqual(['crane-stands']);
    expect(historyOf(history, null).known).toEqual(['shaking']);
  });

  it('is nothing yet of a group that was never led', () => {
    expect(historyOf(history, 'friday')).toEqual({ recent: [], known: [], times: {}, given: 0 });
  });
});
