import { briefSchema } from '@/core/brief';
import { comparePractices, type Practice } from '@/core/practice';
import { practiceSchema } from '@/core/practice';
import { readFileSync } from 'node:fs';
import type { Told } from '@/core/desk';
import { readQuestion } from '@/core/seek/question';
import { knownOf, rowOf } from '@/core/seek';
import { DEFAULT_CUSTOMS } from '@/core/customs';
import { REPERTOIRE } from '@/core/forms';
import { compile, edit } from '@/core/practice';
import { unreadableText } from '@/ui/kit/Unreadable';
import { BRIEF_WORDS, differsText, itemLine } from './compare';
import { breathWords, sideWords } from './lead';
import { stretchName } from './names';
import { toldText } from './told';
import { understood } from './wishes';

const { documentVersion: _version, ...data } = JSON.parse(
  readFileSync('core/documents/practice/golden/v3-stays.json', 'utf8'),
) as Readonly<Record<string, unknown>>;
const practice: Practice = practiceSchema.parse(data);

describe('what the desk tells', () => {
  const all: readonly Told[] = [
    { code: 'edited', text: 'Moved' },
    { code: 'gone' },
    { code: 'redrafted' },
    { code: 'another' },
    { code: 'undone' },
    { code: 'undone-to-version', version: 3 },
    { code: 'version-unread' },
    { code: 'done-again' },
    { code: 'restored' },
    { code: 'brought-back' },
  ];

  it('is a sentence of its own for each', () => {
    const said = all.map(toldText);
    expect(new Set(said).size).toBe(all.length);
    for (const text of said) expect(text).toMatch(/^[A-Z]/);
    expect(toldText({ code: 'undone-to-version', version: 3 })).toContain('version 3');
  });
});

describe('two states side by side', () => {
  it('tell in words what is not the same, and nothing of what is', () => {
    const [first, second] = practice.items;
    if (!first || !second) throw new Error('expected items');
    const other = edit(practice, { kind: 'repetitions', itemId: second.id, steps: 1 });
    const { lines } = comparePractices(practice, other);
    expect(lines.map(differsText).filter((text) => text !== '')).toEqual(['repetitions']);
    expect(itemLine(first, 'Rise and sink')).toMatch(/^Rise and sink ×\d+, [a-z ]+$/);
    expect(Object.keys(BRIEF_WORDS).toSorted()).toEqual(Object.keys(briefSchema.shape).toSorted());
  });
});

describe('Lead', () => {
  const timeline = compile(practice);

  it('names what is done in place of the breath, and by which way it goes', () => {
    const words = new Set(timeline.events.map(breathWords));
    expect(words).toContain('Getting ready');
    expect(words).toContain('Breathe in');
    const out = timeline.events.find((event) => event.breath === 'out');
    if (!out) throw new Error('expected an exhale');
    expect(breathWords({ ...out, exhale: 'mouth' })).toBe('Breathe out by the mouth');
    expect(breathWords({ ...out, exhale: 'nose' })).toBe('Breathe out');
  });

  it('says sides for the person practising, and how the leader mirrors them', () => {
    const form = REPERTOIRE.find(({ sides }) => sides === 'one-then-other');
    const [item] = practice.items;
    if (!form || !item) throw new Error('expected a form of two sides');
    const sided: Practice = {
      ...practice,
      items: [
        { ...item, formId: form.id, variant: 'full', stays: undefined, cues: undefined, layers: undefined },
      ],
      forms: { [form.id]: form },
    };
    const laid = compile(sided);
    const event = laid.events.find(({ side }) => side === 'left');
    if (!event) throw new Error('expected a side');
    expect(sideWords(event, laid, 'own')).toBe('left side, then right');
    expect(sideWords(event, laid, 'facing')).toBe('their left, then right — you move your right');
    expect(sideWords({ ...event, side: undefined }, laid, 'own')).toBe('');
  });
});

describe('what was understood of a question', () => {
  const rows = REPERTOIRE.map((form) => rowOf(form, DEFAULT_CUSTOMS, DEFAULT_CUSTOMS));

  it('is said back in words, without what was not', () => {
    const wishes = readQuestion('nourishes the Kidney seated in four minutes', knownOf(rows));
    const said = understood(wishes, []);
    expect(said).toEqual(expect.arrayContaining(['nourishes', 'Kidney', 'seated', 'within 4 min']));
    expect(understood({ ...wishes, words: ['lantern'] }, ['lantern'])).not.toContain('“lantern”');
  });
});

describe('what cannot be read', () => {
  it('is told with what stands in the way', () => {
    expect(unreadableText({ code: 'newer', version: 9, reads: 1 })).toContain('version 9');
    expect(unreadableText({ code: 'field', path: ['items', 2, 'id'], message: 'too long' })).toBe(
      'items[2].id: too long.',
    );
    expect(unreadableText({ code: 'field', path: [], message: 'not as expected' })).toBe(
      'It is not as expected.',
    );
    expect(unreadableText({ code: 'no-document' })).toContain('not what it should be');
  });
});

describe('the time of earth', () => {
  it('is called by the school that counts it', () => {
    const earth = { season: 'summer', earth: true, nextSeason: 'autumn' } as const;
    expect(stretchName(earth, 'late-summer')).toBe('late summer');
    expect(stretchName(earth, 'four-turns')).toBe('the turn from summer to autumn');
    expect(stretchName({ ...earth, earth: false }, 'four-turns')).toBe('summer');
  });
});
