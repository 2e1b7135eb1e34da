import fc from 'fast-check';
import { soundOf } from '../../sounds';
import { withSides } from '../own/drafting';
import { REPERTOIRE, spokenCue, strokesOf, VARIANTS, writtenCue, hasVariant } from '..';

const cuesOfAll = REPERTOIRE.flatMap((form) =>
  VARIANTS.filter((variant) => hasVariant(form, variant)).flatMap((variant) =>
    strokesOf(form, variant).map((stroke) => ({
      form,
      cue: stroke.cue,
      sound: form.soundOrgan ? soundOf(form.soundOrgan, 'standard') : undefined,
    })),
  ),
);

describe('a cue where it is written', () => {
  it('is never shown with its braces', () => {
    for (const { form, cue, sound } of cuesOfAll) expect(spokenCue(cue, form, sound)).not.toMatch(/[{}]/);
  });

  it('says what it said before when it is written back as it was read: every shipped cue', () => {
    expect(cuesOfAll.length).toBeGreaterThan(1000);
    for (const { form, cue, sound } of cuesOfAll)
      expect({ id: form.id, kept: writtenCue(spokenCue(cue, form, sound), form, sound) }).toEqual({
        id: form.id,
        kept: cue,
      });
  });

  it('reads exactly as it was typed, whatever that was', () => {
    const word = fc.constantFrom(
      'left',
      'Right',
      'leftover',
      'right away',
      'xū',
      'xūx',
      'hand',
      ' ',
      'outward',
      '(',
      'é',
    );
    fc.assert(
      fc.property(
        fc.array(word, { maxLength: 12 }),
        fc.constantFrom('symmetric', 'alternating', 'one-then-other', 'both-ways'),
        fc.constantFrom(undefined, ['outward', 'inward'] as [string, string]),
        (words, sides, ways) => {
          const said = words.join(' ');
          const form = { sides, ...(ways ? { ways } : {}) };
          expect(spokenCue(writtenCue(said, form, 'xū'), form, 'xū')).toBe(said);
        },
      ),
      { numRuns: 500, seed: 11 },
    );
  });

  it('says where it is read what it said, when the sides of a form change', () => {
    for (const form of REPERTOIRE.filter((one) => one.ways === undefined && one.sides === 'alternating')) {
      const symmetric = withSides(form, 'symmetric');
      expect(symmetric.cycle.map((stroke) => stroke.cue)).toEqual(
        form.cycle.map((stroke) => spokenCue(stroke.cue, form, '{sound}')),
      );
      expect(withSides(symmetric, 'alternating')).toEqual(form);
    }
  });

  it('follows the side where the form has sides, and stays where it has none', () => {
    expect(writtenCue('Left hand up, look right', { sides: 'alternating' }, undefined)).toBe(
      '{Side} hand up, look {other}',
    );
    expect(writtenCue('Do it right away', { sides: 'alternating' }, undefined)).toBe('Do it right away');
    expect(writtenCue('Left hand over right', { sides: 'symmetric' }, undefined)).toBe(
      'Left hand over right',
    );
    expect(writtenCue('Circle outward', { sides: 'both-ways', ways: ['outward', 'inward'] }, undefined)).toBe(
      'Circle {way}',
    );
  });
});
