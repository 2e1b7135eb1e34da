import { point, POINTS } from '../channels';
import fc from 'fast-check';
import { AIM_IDS, INTENTS, PLAIN_BRIEF, type Brief, type Theme } from '../brief';
import { FORM_SETS } from '../forms';
import { ORGAN_IDS, PHASE_IDS } from '../phases';
import type { Story } from '../practice';
import { wordsIn } from '../script';
import { givenTo, minutesSaid, storyOf, virtueLine } from '.';
import { AIM_IMAGES, PHASE_IMAGES } from './words';

const THEMES: readonly Theme[] = [
  ...ORGAN_IDS.map((organ): Theme => ({ kind: 'organ', organ })),
  ...PHASE_IDS.map((phase): Theme => ({ kind: 'phase', phase })),
  ...AIM_IDS.map((aim): Theme => ({ kind: 'aim', aim })),
  ...FORM_SETS.map(({ id }): Theme => ({ kind: 'set', set: id })),
  { kind: 'all-phases' },
  { kind: 'channel', channel: 'LU' },
  { kind: 'point', point: 'KI1' },
  { kind: 'hour', organ: 'lung' },
  { kind: 'season', season: 'autumn' },
  { kind: 'lesson', formId: 'brocade-sway' },
];
const SEASONS = ['spring', 'summer', 'autumn', 'winter', 'earth-turn'] as const;
const briefs = fc.record({
  theme: fc.constantFrom(...THEMES),
  intent: fc.constantFrom(...INTENTS),
  season: fc.constantFrom(...SEASONS),
  dayPart: fc.constantFrom('morning', 'midday', 'afternoon', 'evening'),
  minutes: fc.integer({ min: 2, max: 120 }),
});
const tell = (over: Partial<Brief>, seed = 1, rest: Partial<Parameters<typeof storyOf>[0]> = {}): Story =>
  storyOf({ brief: { ...PLAIN_BRIEF, ...over }, virtueSchool: 'classical', seed, ...rest });

describe('the story of a practice', () => {
  it('is short enough to be said, whole sentences, with nothing left to fill in', () => {
    fc.assert(
      fc.property(briefs, fc.integer({ min: 0, max: 9999 }), (brief, seed) => {
        const story = tell(brief, seed);
        // As a calm voice has it: at most 35 words at the beginning, 15 at the end; a few more where a name is long.
        expect(wordsIn(story.opening)).toBeLessThanOrEqual(35);
        expect(wordsIn(story.closing)).toBeLessThanOrEqual(18);
        expect(wordsIn(story.image)).toBeLessThan(10);
        for (const text of [story.intention, story.opening, story.midway, story.closing, story.image]) {
          expect(text).not.toMatch(/[{}]|undefined|\s{2}/);
          expect(text).toMatch(/^[\p{Lu}0-9].*[.!?]$/u);
        }
      }),
    );
  });

  it('names what the time is given to at the beginning, in the middle and at the end', () => {
    for (const theme of THEMES) {
      const brief = { ...PLAIN_BRIEF, theme };
      const story = tell({ theme });
      for (const text of [story.opening, story.midway, story.closing])
        expect(text.toLowerCase()).toContain(givenTo(brief).toLowerCase());
    }
  });

  it('calls a point by its name, and says once what that means', () => {
    const story = tell({ theme: { kind: 'point', point: 'ST36' } }, 1, { pointNamed: point });
    // Zúsānlǐ: the three miles of the leg (common practice); a number is for paper.
    expect(story.opening).toContain('for Zúsānlǐ, the three miles of the leg');
    expect(story.closing).toContain('for Zúsānlǐ');
    expect(JSON.stringify(story)).not.toContain('ST36');
    for (const { code } of POINTS)
      expect(tell({ theme: { kind: 'point', point: code } }, 1, { pointNamed: point }).opening).not.toMatch(
        /\b(the|a|an) (the|a|an)\b/i,
      );
  });

  it('says nothing of a half: the middle is told between two forms', () => {
    for (let seed = 0; seed < 9; seed += 1) expect(tell({}, seed).midway).not.toMatch(/half|middle of/i);
  });

  it('tells no sentence of the opening, middle or end again: not by the next seed, not after another class', () => {
    fc.assert(
      fc.property(
        briefs,
        fc.integer({ min: 0, max: 9999 }),
        fc.integer({ min: 0, max: 60 }),
        (brief, seed, given) => {
          const one = tell(brief, seed, { given });
          for (const other of [tell(brief, seed + 1, { given }), tell(brief, seed, { given: given + 1 })])
            for (const part of ['opening', 'midway', 'closing', 'image'] as const)
              expect(other[part]).not.toBe(one[part]);
        },
      ),
    );
  });

  it('promises nothing and diagnoses nothing', () => {
    const words = JSON.stringify([PHASE_IMAGES, AIM_IMAGES, SEASONS.map((season) => tell({ season }))]);
    expect(words).not.toMatch(/\b(heal|cure|treat|detox|guarantee|will be well|toxin|disease)/i);
  });

  it('speaks of the feeling of a phase in the word of the school, or in one’s own', () => {
    const metal = { theme: { kind: 'phase', phase: 'metal' } } as const;
    expect(tell(metal).virtue).toContain('yì');
    expect(
      storyOf({ brief: { ...PLAIN_BRIEF, ...metal }, virtueSchool: 'inner-smile', seed: 1 }).virtue,
    ).toBe('courage');
    const ownVirtues = { wood: '', fire: '', earth: '', metal: 'letting be', water: '' };
    const own = storyOf({ brief: { ...PLAIN_BRIEF, ...metal }, virtueSchool: 'own', ownVirtues, seed: 1 });
    expect(virtueLine(own)).toBe('And with it, letting be.');
    expect(virtueLine({ virtue: '' })).toBe('');
    expect(tell({ theme: { kind: 'aim', aim: 'sleep' } }).virtue).toBe('');
  });

  it('leaves what a teacher has rewritten as it is', () => {
    const former: Story = { ...tell({}), closing: 'Go well.', own: ['closing'] };
    const again = tell({ minutes: 45 }, 9, { former });
    expect(again).toMatchObject({ closing: 'Go well.', own: ['closing'] });
    expect(again.opening).toContain('orty-five minutes');
    expect(tell({}, 9, { former: tell({}) }).own).toBeUndefined();
  });
});

describe('minutes as they are said', () => {
  it.each([
    [1, 'one minute'],
    [7.4, 'seven minutes'],
    [12, 'twelve minutes'],
    [20, 'twenty minutes'],
    [45, 'forty-five minutes'],
    [60, 'an hour'],
    [75, 'seventy-five minutes'],
    [90, 'an hour and a half'],
    [105, 'an hour and forty-five minutes'],
    [120, 'two hours'],
  ])('%d: %s', (minutes, said) => expect(minutesSaid(minutes)).toBe(said));
});
