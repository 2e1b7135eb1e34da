import fc from 'fast-check';
import { findMisses, postureSchema, sayPosture, solvePosture, type Posture } from '.';

const said = (words: string, over: Posture = {}) => sayPosture(words, over);

describe('a posture in words', () => {
  it('puts hands where they are said to go, with their palms', () => {
    const { posture, notUnderstood } = said('Hands to lower dāntián, palms up');
    expect(notUnderstood).toEqual([]);
    expect(posture.hands?.both).toMatchObject({ near: 'lower dantian', palm: 'up' });
    expect(findMisses(solvePosture(said('hands before the chest, palms to the body').posture))).toEqual([]);
  });

  it.each([
    [
      'left hand on the low back; right hand to the belly',
      { hands: { left: { near: 'kidneys' }, right: { near: 'lower dantian' } } },
    ],
    ['knees bent, weight left', { sink: 28, weight: 0.7 }],
    ['feet wide, sink low', { feet: { apart: 1.9 }, sink: 50 }],
    ['left foot forward', { feet: { ahead: { foot: 'left', by: 1.4 } } }],
    ['turn left and look left', { trunk: { turn: 28 }, head: { turn: 40 } }],
    ['turn right', { trunk: { turn: -28 } }],
    ['right knee lifted', { weight: 1, feet: { lifted: { foot: 'right' } } }],
    ['hands overhead', { hands: { both: { near: 'reach' } } }],
    ['heels up', { feet: { heels: 24 } }],
    ['sit', { base: 'chair' }],
  ])('“%s”', (words, wanted) => {
    const { posture, notUnderstood } = said(words);
    expect(notUnderstood).toEqual([]);
    expect(posture).toMatchObject(wanted);
    expect(postureSchema.safeParse(posture).success).toBe(true);
  });

  it('keeps what is not spoken of and tells back what it does not understand', () => {
    const before: Posture = { sink: 20, trunk: { lean: 10, turn: 5 } };
    const { posture, notUnderstood, understood } = said('turn left, dance like a heron', before);
    expect(posture).toEqual({ sink: 20, trunk: { lean: 10, turn: 28 } });
    expect(notUnderstood).toEqual(['dance like a heron']);
    expect(understood).toEqual(['turn left']);
  });

  it('gives a posture its own schema accepts whatever is said', () => {
    const piece = fc.constantFrom(
      'hands to the heart',
      'palms in',
      'fold',
      'weight right',
      'stand',
      'left heel up',
      'fists',
      '???',
      'hands',
    );
    fc.assert(
      fc.property(fc.array(fc.oneof(piece, fc.string({ maxLength: 20 })), { maxLength: 6 }), (pieces) => {
        expect(postureSchema.safeParse(said(pieces.join(', ')).posture).success).toBe(true);
      }),
      { numRuns: 100, seed: 9 },
    );
  });
});
