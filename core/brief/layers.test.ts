import { DEFAULT_CUSTOMS } from '../customs';
import { readAlmanac } from '../almanac';
import { patternOf, wholePattern } from '../patterns';
import { clearsBySound, fillBrief, OWN_BREATH, soundOrgansOf, type BriefWishes } from '.';

const filled = (wishes: BriefWishes, customs = DEFAULT_CUSTOMS) =>
  fillBrief(
    {
      theme: { kind: 'organ', organ: 'lung' },
      intent: 'clear-then-nourish',
      dayPart: 'morning',
      familiarity: 'known',
      ...wishes,
    },
    readAlmanac(Date.parse('2026-11-25T06:20:00Z'), DEFAULT_CUSTOMS.place, DEFAULT_CUSTOMS),
    customs,
    [],
  );

describe('the sound and the breath a brief suggests (common practice)', () => {
  it.each<[string, BriefWishes, string, string]>([
    ['aloud in the morning', {}, 'aloud', 'usual'],
    ['whispered in the evening', { dayPart: 'evening' }, 'whispered', 'hour'],
    ['silent where it must be quiet', { place: ['quiet'], dayPart: 'evening' }, 'silent', 'place'],
    ['silent for sleep', { theme: { kind: 'aim', aim: 'sleep' } }, 'silent', 'aim'],
    ['as chosen', { voice: 'none', place: ['quiet'] }, 'none', 'chosen'],
  ])('sounds: %s', (_, wishes, voice, why) => {
    const { brief, why: whys } = filled(wishes);
    expect([brief.voice, whys.voice]).toEqual([voice, why]);
  });

  it.each<[string, BriefWishes, string, string]>([
    ['the exhale longer in a calm evening', { intent: 'calm', dayPart: 'evening' }, 'out-longer', 'hour'],
    ['the exhale longer for sleep', { theme: { kind: 'aim', aim: 'sleep' } }, 'out-longer', 'aim'],
    ['out by the mouth to clear', { intent: 'clear' }, 'nose-in-mouth-out', 'theme'],
    ['into the sides for wood', { theme: { kind: 'phase', phase: 'wood' } }, 'into-the-sides', 'theme'],
    ['even for earth', { theme: { kind: 'organ', organ: 'spleen' } }, 'even', 'theme'],
    ['their own while they are taught', { familiarity: 'taught' }, OWN_BREATH, 'group'],
    ['their own for all five phases', { theme: { kind: 'all-phases' } }, OWN_BREATH, 'usual'],
    ['as chosen', { breath: 'counting' }, 'counting', 'chosen'],
  ])('breathes: %s', (_, wishes, breath, why) => {
    const { brief, why: whys } = filled(wishes);
    expect([brief.breath, whys.breath]).toEqual([breath, why]);
  });

  it('keeps to what a teacher always does', () => {
    const always = { ...DEFAULT_CUSTOMS, voice: 'silent', patternsNever: ['lower-belly'] } as const;
    const { brief, why } = filled({}, { ...always, patternsNever: [...always.patternsNever] });
    expect([brief.voice, why.voice, brief.breath, why.breath]).toEqual([
      'silent',
      'customs',
      OWN_BREATH,
      'customs',
    ]);
    expect(filled({}, { ...DEFAULT_CUSTOMS, voice: 'none' }).brief.voice).toBe('none');
    expect(filled({ voice: 'aloud' }, { ...DEFAULT_CUSTOMS, voice: 'none' }).brief.voice).toBe('aloud');
  });

  it('suggests nothing that anybody may not do, and what it suggests suits what is asked', () => {
    for (const theme of [
      { kind: 'phase', phase: 'wood' },
      { kind: 'phase', phase: 'fire' },
      { kind: 'phase', phase: 'earth' },
      { kind: 'phase', phase: 'metal' },
      { kind: 'phase', phase: 'water' },
    ] as const)
      for (const intent of ['nourish', 'clear', 'clear-then-nourish', 'move', 'calm'] as const) {
        const { breath = '' } = filled({ theme, intent }).brief;
        const pattern = patternOf(breath);
        if (breath === OWN_BREATH) continue;
        expect(pattern).toMatchObject({
          level: 1,
          asks: [],
          inwardImagery: false,
          stayFull: 0,
          stayEmpty: 0,
        });
        if (pattern && intent === 'clear') expect(wholePattern(pattern).suits.actions).toContain('clears');
        if (pattern && intent === 'calm') expect(wholePattern(pattern).suits.actions).toContain('calms');
      }
  });

  it('knows the organs that have a sound, and when it belongs to clearing', () => {
    expect(soundOrgansOf({ kind: 'phase', phase: 'metal' })).toEqual(['lung']);
    // What is yang is cleared by the sound of its pair.
    expect(soundOrgansOf({ kind: 'organ', organ: 'bladder' })).toEqual(['kidney']);
    // An aim has a sound of its own only where it stands alone: what is cleared is fed, and its organ would not be.
    const mood = { kind: 'aim', aim: 'mood' } as const;
    expect(soundOrgansOf(mood)).not.toEqual([]);
    expect(soundOrgansOf({ kind: 'mix', parts: [{ kind: 'organ', organ: 'bladder' }, mood] })).toEqual([
      'kidney',
    ]);
    expect(clearsBySound({ theme: { kind: 'organ', organ: 'lung' }, intent: 'clear' })).toBe(true);
    expect(clearsBySound({ theme: { kind: 'organ', organ: 'lung' }, intent: 'nourish' })).toBe(false);
  });
});
