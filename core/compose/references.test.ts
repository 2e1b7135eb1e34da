import { calibrationOf, REFERENCES } from './references.test.data';

describe('running orders a teacher would lead', () => {
  it('are sixteen, of unlike themes, people and minutes', () => {
    expect(REFERENCES.length).toBe(16);
    expect(new Set(REFERENCES.map(({ brief }) => JSON.stringify(brief.theme))).size).toBe(16);
  });

  it.each(REFERENCES.map((reference) => [reference.name, reference] as const))(
    'can be written, fit their minutes, and the margin has nothing heavy to say: %s',
    (_name, reference) => {
      const { heavy, practice } = calibrationOf(reference);
      expect(heavy).toEqual([]);
      // Doses may change to fit; no form falls out.
      const ids = new Set(practice.items.map(({ formId }) => formId));
      expect(reference.lines.filter(([, id]) => !ids.has(id))).toEqual([]);
    },
  );
});
