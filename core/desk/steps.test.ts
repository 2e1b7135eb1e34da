import fc from 'fast-check';
import { beforeAll as olderThanAll, begin, inPlace, redo, stepTo, undo, type Steps } from './steps';

const all = <Sheet>({ past, present, future }: Steps<Sheet>): readonly Sheet[] => [
  ...past,
  present,
  ...future,
];

describe('steps', () => {
  it('go back through every state and forth again to the last', () => {
    fc.assert(
      fc.property(fc.array(fc.integer(), { maxLength: 20 }), (sheets) => {
        let steps = begin(-1);
        for (const sheet of sheets) steps = stepTo(steps, sheet);
        const seen = [steps.present];
        for (let before = undo(steps); before !== steps; before = undo(steps)) {
          steps = before;
          seen.unshift(steps.present);
        }
        expect(seen).toEqual([-1, ...sheets]);
        for (let after = redo(steps); after !== steps; after = redo(steps)) steps = after;
        expect(steps.past.concat(steps.present)).toEqual([-1, ...sheets]);
      }),
      { seed: 1 },
    );
  });

  it('forget what was undone when something else is done', () => {
    const steps = stepTo(undo(stepTo(stepTo(begin('a'), 'b'), 'c')), 'd');
    expect(all(steps)).toEqual(['a', 'b', 'd']);
    expect(redo(steps)).toBe(steps);
  });

  it('change the present in place without a step, and reach behind the first with a way back', () => {
    expect(all(inPlace(stepTo(begin('a'), 'b'), 'B'))).toEqual(['a', 'B']);
    const undone = undo(stepTo(begin('a'), 'b'));
    const older = olderThanAll(undone, 'z');
    expect(older).toEqual({ past: [], present: 'z', future: ['a', 'b'] });
    expect(redo(redo(older)).present).toBe('b');
  });
});
