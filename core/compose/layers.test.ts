import { PLAIN_BRIEF, type Brief } from '../brief';
import { DEFAULT_CUSTOMS } from '../customs';
import { REPERTOIRE } from '../forms';
import { CONDITION_IDS, openCautions, type ConditionId } from '../people';
import { patternOf, patternRefusal } from '../patterns';
import { formOf, layersOf, type Practice } from '../practice';
import { compose } from '.';

function drafted(brief: Partial<Brief>, conditions: readonly ConditionId[] = []): Practice {
  const asked = { ...PLAIN_BRIEF, minutes: 12, voice: 'aloud' as const, breath: 'own', ...brief };
  const result = compose({
    brief: asked,
    repertoire: REPERTOIRE,
    customs: DEFAULT_CUSTOMS,
    people: { conditions },
    seed: 3,
  });
  if (!result.ok) throw new Error(`no draft for ${JSON.stringify(brief)}`);
  return result.practice;
}

describe('what a brief lays on a draft', () => {
  it.each([
    ['liver', 'sound-liver'],
    ['heart', 'sound-heart'],
    ['spleen', 'sound-spleen'],
    ['lung', 'sound-lung'],
    ['kidney', 'sound-kidney'],
  ] as const)('clears the %s by its own sound, unless sounds are off', (organ, form) => {
    for (const intent of ['clear', 'clear-then-nourish'] as const) {
      const theme = { kind: 'organ', organ } as const;
      const sounding = drafted({ theme, intent });
      expect(sounding.items.find(({ formId }) => formId === form)?.role).toBe('clear');
      expect(drafted({ theme, intent, voice: 'none' }).items.map(({ formId }) => formId)).not.toContain(form);
    }
  });

  it('makes no sound at all where sounds are off, but one that is pinned', () => {
    const silent = drafted({ voice: 'none', intent: 'clear' });
    expect(silent.items.filter((item) => formOf(silent, item).soundOrgan)).toEqual([]);
    const pinned = drafted({ voice: 'none', intent: 'clear', pins: [{ formId: 'sound-heart' }] });
    expect(
      pinned.items.filter((item) => formOf(pinned, item).soundOrgan).map(({ formId }) => formId),
    ).toEqual(['sound-heart']);
  });

  it('voices every sound as the brief has it', () => {
    for (const voice of ['aloud', 'whispered', 'silent'] as const) {
      const practice = drafted({ voice, intent: 'clear' });
      const voices = practice.items.flatMap(
        (item) => layersOf(practice, item, formOf(practice, item)).sound?.voice ?? [],
      );
      expect(voices.length).toBeGreaterThan(0);
      expect(new Set(voices)).toEqual(new Set([voice]));
    }
  });

  it('lays the breath on what nourishes, where it fits, and nothing that does not fit', () => {
    const practice = drafted({ breath: 'lower-belly' });
    const breathed = practice.items.filter(({ breathing }) => breathing);
    expect(breathed.length).toBeGreaterThan(1);
    for (const item of breathed) {
      expect(['nourish', 'still', 'balance', 'gather']).toContain(item.role);
      expect(item.reasons).toContainEqual({ code: 'breathes', pattern: 'lower-belly' });
    }
    for (const item of practice.items)
      expect(layersOf(practice, item, formOf(practice, item)).unlaid).toEqual([]);
    const nourishing = practice.items.filter(({ role, breathing }) => role === 'nourish' && !breathing);
    const pattern = patternOf('lower-belly');
    if (pattern)
      for (const item of nourishing)
        expect(patternRefusal(formOf(practice, item), item.variant, pattern)).toBeDefined();
    expect(drafted({ breath: 'own' }).items.filter(({ breathing }) => breathing)).toEqual([]);
  });

  it('law: no breath is laid on anybody who should not breathe so', () => {
    for (const breath of ['stay-when-full', 'reverse-belly', 'two-sips-in', 'small-orbit'])
      for (const condition of CONDITION_IDS.filter((_, at) => at % 3 === 0).concat(
        'pregnancy',
        'panic',
        'epilepsy-psychosis',
      )) {
        const practice = drafted({ breath, intent: 'nourish', minutes: 10 }, [condition]);
        for (const item of practice.items.filter(({ breathing }) => breathing)) {
          const form = formOf(practice, item);
          const heavy = (done: typeof item) =>
            openCautions(form, done, [condition]).filter(({ weight }) => weight !== 'watch').length;
          const { breathing, ...plain } = item;
          void breathing;
          expect(heavy(item)).toBeLessThanOrEqual(heavy(plain));
        }
      }
  });
});
