import { compose, WISHES } from '@/core/compose';
import { INTENTS, PLAIN_BRIEF, suggestThemes, type Theme } from '@/core/brief';
import { readAlmanac } from '@/core/almanac';
import { DEFAULT_CUSTOMS } from '@/core/customs';
import { REPERTOIRE, ROLES } from '@/core/forms';
import { CONDITION_IDS } from '@/core/people';
import { ORGAN_IDS, PHASE_IDS } from '@/core/phases';
import type { Practice, Reason } from '@/core/practice';
import { fitText } from './fit';
import { itemExtras } from './items';
import { briefLine, INTENT_NAMES, ROLE_NAMES, themeName } from './names';
import { conflictText, helpText, obstacleText } from './obstacles';
import { reasonText } from './reasons';
import { suggestionText } from './suggestions';

/** A sentence: begins with a capital, ends with a stop, and shows nothing of the machine. */
function expectSentence(text: string): void {
  expect(text).toMatch(/^[A-Z“0-9].*[.!]$/s);
  expect(text).not.toMatch(/undefined|null|NaN|\[object|\{|\}|_|-for-/);
}

describe('reasons', () => {
  it('are sentences for everything the composer ever says', () => {
    const heard = new Map<string, Reason>();
    for (const organ of ORGAN_IDS)
      for (const [index, intent] of INTENTS.entries()) {
        const brief = {
          ...PLAIN_BRIEF,
          theme: { kind: 'organ', organ } as const,
          intent,
          minutes: 30,
          posture: index % 2 === 0 ? ('standing' as const) : ('seated' as const),
        };
        const result = compose({
          brief,
          repertoire: REPERTOIRE,
          customs: DEFAULT_CUSTOMS,
          people: { conditions: ['high-blood-pressure', 'shoulder'] },
          seed: 1,
          enough: 0.5,
        });
        if (!result.ok) continue;
        for (const reason of result.practice.items.flatMap((item) => item.reasons))
          heard.set(JSON.stringify(reason), reason);
      }
    expect(heard.size).toBeGreaterThan(40);
    for (const reason of heard.values()) expectSentence(reasonText(reason));
  });

  it('name organ, phase and channel in the field’s own words', () => {
    expect(reasonText({ code: 'serves-organ', organ: 'large-intestine' })).toBe(
      'Serves the Large Intestine.',
    );
    expect(reasonText({ code: 'mother', phase: 'water', mother: 'metal' })).toBe(
      'Feeds Water through its mother, Metal.',
    );
    expect(reasonText({ code: 'reaches-channel', channel: 'LU', how: 'stretch' })).toBe(
      'Stretches the Lung channel.',
    );
    expect(reasonText({ code: 'reaches-channel', channel: 'LU', how: 'unheard' })).toBe(
      'Reaches the Lung channel.',
    );
    expect(reasonText({ code: 'pinned' })).toBe('You pinned it.');
    expect(reasonText({ code: 'pinned', place: 2, repetitions: 9 })).toBe(
      'You pinned it: second in its section, 9 times.',
    );
    expect(reasonText({ code: 'warms', joints: ['ankles', 'knees', 'hips'] })).toBe(
      'Warms ankles, knees and hips before they are used.',
    );
  });

  it('never name a condition', () => {
    for (const code of ['gentler-for-group', 'holds-left-out', 'exhale-by-mouth'] as const)
      for (const condition of CONDITION_IDS)
        expect(reasonText({ code })).not.toContain(condition.replaceAll('-', ' '));
  });
});

describe('suggestions', () => {
  it('are sentences on every tenth day of a year, with days counted in words', () => {
    for (let day = 0; day < 365; day += 10) {
      const reading = readAlmanac(Date.UTC(2026, 0, 1 + day, 7), DEFAULT_CUSTOMS.place, DEFAULT_CUSTOMS);
      for (const suggestion of suggestThemes(reading, [], 'Europe/London'))
        for (const reason of suggestion.reasons)
          expectSentence(suggestionText(reason, 'Europe/London', 'four-turns'));
    }
  });

  it('say one day and two days rightly', () => {
    const turning = (daysLeft: number) =>
      suggestionText(
        { code: 'season-turning', daysLeft, from: 'water', to: 'wood', nextSeason: 'spring' },
        'UTC',
        'four-turns',
      );
    expect(turning(1)).toBe('1 day of Water left: keep storing, begin to loosen the sides.');
    expect(turning(9)).toBe('9 days of Water left: keep storing, begin to loosen the sides.');
  });
});

describe('obstacles and helps', () => {
  it('are said in words for every kind', () => {
    expectSentence(obstacleText({ code: 'too-few-forms', allowed: 3, capacityMin: 12 }));
    expectSentence(obstacleText({ code: 'too-short', leastMin: 7 }));
    for (const role of ROLES)
      for (const because of ['caution', 'no-such-variant', 'school', 'left-out'] as const)
        expectSentence(obstacleText({ code: 'empty-section', role, because }));
    const name = (id: string): string => (id === 'crane' ? 'The crane' : 'Cloud hands');
    for (const because of ['caution', 'no-such-variant', 'school', 'place', 'left-out', 'unknown'] as const)
      expectSentence(obstacleText({ code: 'pinned-but-cannot', formId: 'crane', because }, name));
    expectSentence(
      obstacleText({ code: 'nothing-loosens', joints: ['knees', 'hips'], formIds: ['crane'] }, name),
    );
    for (const role of ROLES)
      expectSentence(obstacleText({ code: 'no-section-for-pin', formId: 'crane', role }, name));
    expect(obstacleText({ code: 'same-place', formIds: ['crane', 'cloud-hands'], place: 'last' }, name)).toBe(
      '“The crane” and “Cloud hands” cannot both be the last of one section.',
    );
    expect(obstacleText({ code: 'no-room-for-place', formId: 'crane', place: 4 }, name)).toBe(
      '“The crane” cannot be the fourth of its section: what would stand before it does not fit.',
    );
    expect(helpText({ forms: 9, givesMs: 600_000, code: 'free-pins', formIds: ['crane'] }, name)).toBe(
      'Let “The crane” stand anywhere, as often as fits',
    );
    expect(helpText({ forms: 9, givesMs: 600_000, code: 'let-go', formIds: ['crane', 'x'] }, name)).toBe(
      'Do without “The crane” and “Cloud hands”',
    );
    expect(helpText({ forms: 9, givesMs: 600_000, code: 'unlock', count: 1 })).toBe(
      'Let go of the 1 form kept',
    );
    expect(helpText({ forms: 9, givesMs: 600_000, code: 'other-minutes', minutes: 8 })).toBe(
      'Take 8 minutes',
    );
    expect(helpText({ forms: 9, givesMs: 600_000, code: 'other-posture', posture: 'seated' })).toBe('Sit');
    expect(helpText({ forms: 9, givesMs: 600_000, code: 'allow-left-out', count: 1 })).toBe(
      'Allow the 1 form left out',
    );
    expect(helpText({ forms: 9, givesMs: 600_000, code: 'other-pace', breathsPerMin: 4 })).toBe(
      'Breathe 4 times a minute',
    );
  });
});

describe('wishes that cannot stand together', () => {
  it('are one sentence, whichever they are', () => {
    expect(conflictText([])).toBe('');
    for (const wish of WISHES) expectSentence(conflictText([wish]));
    expect(conflictText(['minutes', 'people', 'kept'])).toBe(
      'These cannot stand together: the minutes, what this group must avoid and the forms you keep.',
    );
  });
});

describe('names', () => {
  it('are given to every role, intent and theme', () => {
    for (const role of ROLES) expect(ROLE_NAMES[role]).toMatch(/^[A-Z]/);
    for (const intent of INTENTS) expect(INTENT_NAMES[intent].length).toBeGreaterThan(3);
    const themes: readonly Theme[] = [
      ...PHASE_IDS.map((phase): Theme => ({ kind: 'phase', phase })),
      ...ORGAN_IDS.map((organ): Theme => ({ kind: 'organ', organ })),
    ];
    expect(new Set(themes.map((theme) => themeName(theme))).size).toBe(themes.length);
    expect(briefLine(PLAIN_BRIEF)).toBe('20 min · morning · the Lung · clear, then nourish · standing');
  });
});

const NO_LAYERS = { breathing: undefined, sound: undefined, seal: undefined, unlaid: [] };

describe('what is told beside the cues', () => {
  it('is said for every kind of addition, and nothing where there is none', () => {
    const form = REPERTOIRE.find((one) => one.id === 'animal-tiger-pounce');
    if (!form) throw new Error('expected the form');
    const plain = { lesson: undefined } as unknown as Parameters<typeof itemExtras>[0];
    expect(itemExtras(plain, form, NO_LAYERS)).toEqual([]);
    const full = {
      image: 'Ink on paper',
      lesson: 'mistakes',
      layers: ['legs', 'hands'],
      stays: [{ sec: 30, on: 'last' }],
      quietSec: 10,
    } as unknown as Parameters<typeof itemExtras>[0];
    const lines = itemExtras(full, form, NO_LAYERS);
    expect(lines[0]).toBe('Image: Ink on paper');
    expect(lines).toContain('The end held for 30 s.');
    expect(lines.some((line) => line.includes(form.mistakes[0]?.mend ?? '—'))).toBe(true);
  });

  it('tells what a fit has changed', () => {
    expect(fitText([], () => '', {} as Practice)).toBe('It fits already.');
    expect(
      fitText(
        [
          { kind: 'left-out', itemId: 'a', formId: 'f' },
          { kind: 'breath', byShare: -0.02 },
        ],
        () => 'Cloud hands',
        { items: [] } as unknown as Practice,
      ),
    ).toBe('Made to fit: Cloud hands left out; every breath 2 % shorter.');
  });
});
