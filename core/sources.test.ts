import { sourceIds, sourceKind, sourceTitle } from './sources';

describe('sources', () => {
  it('each have a title and say whether they are published, common practice or from memory', () => {
    for (const id of sourceIds) {
      expect(sourceTitle(id).length).toBeGreaterThan(10);
      expect(['published', 'common-practice', 'from-memory']).toContain(sourceKind(id));
    }
  });

  it('say so in the title where they are common practice or from memory', () => {
    for (const id of sourceIds) {
      if (sourceKind(id) === 'common-practice') expect(sourceTitle(id)).toMatch(/^Common practice/);
      if (sourceKind(id) === 'from-memory') expect(sourceTitle(id)).toMatch(/from memory/);
    }
  });
});
