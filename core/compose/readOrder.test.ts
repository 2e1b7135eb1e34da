import { PLAIN_BRIEF } from '../brief';
import { DEFAULT_CUSTOMS } from '../customs';
import { formsOfSet, REPERTOIRE } from '../forms';
import { OTHER_NAMES, SET_NAMES } from '../forms/asking/otherNames';
import { formToFillIn } from '../forms/own/drafting';
import { compile } from '../practice';
import { modelOf } from './model';
import { practiceFromLines, settleLines } from './pasted';
import { TYPED_LINES, UNSEEN_LINES, type TypedLine } from './pasted.test.data';
import { linesIn, MOST_LINES, readRunningOrder } from './readOrder';

const read = (text: string) => readRunningOrder(text, REPERTOIRE, DEFAULT_CUSTOMS);

/** Shares of lines that mean a form: sure and right, right among the first three, sure and wrong; and counts misread. */
function sharesOf(lines: readonly TypedLine[]) {
  let [sure, three, wrong, miscounted] = [0, 0, 0, 0];
  const meant = lines.filter(({ means }) => means.length > 0);
  for (const { line, means, repetitions, minutes } of lines) {
    const [one] = read(line);
    const ids = one?.forms.map(({ id }) => id) ?? [];
    const isRight = means.includes(ids[0] ?? '');
    if (one?.sure && ids.length > 0 && !isRight) wrong += 1;
    if (means.length === 0) continue;
    if (one?.sure && isRight) sure += 1;
    if (ids.slice(0, 3).some((id) => means.includes(id))) three += 1;
    if (one?.repetitions !== repetitions || Math.abs((one?.minutes ?? -1) - (minutes ?? -1)) > 0.01)
      miscounted += 1;
  }
  return {
    sure: sure / meant.length,
    three: three / meant.length,
    wrong,
    miscounted: miscounted / meant.length,
  };
}

describe('a running order as teachers type it', () => {
  it('is long enough to tell anything', () => {
    expect(TYPED_LINES.length).toBeGreaterThanOrEqual(200);
    expect(UNSEEN_LINES.length).toBeGreaterThanOrEqual(80);
  });
  it.each([
    ['in common talk', TYPED_LINES],
    ['in words no name was written for', UNSEEN_LINES],
  ])('is recognised %s, and nothing is sure and wrong', (_, lines) => {
    const { sure, three, wrong, miscounted } = sharesOf(lines);
    expect(wrong).toBe(0);
    expect(sure).toBeGreaterThanOrEqual(0.85);
    expect(three).toBeGreaterThanOrEqual(0.97);
    expect(miscounted).toBeLessThanOrEqual(0.02);
  });

  it('may name a whole set: its forms follow, in the order of the school, each as often, in the time together', () => {
    const [line] = read('Ba Duan Jin x3');
    expect(line).toMatchObject({ set: 'eight-brocades', sure: true, repetitions: 3 });
    const settled = settleLines(read('eight brocades 16 min\nclosing form'), () => undefined);
    expect(settled.map(({ form }) => form.id)).toEqual([
      ...formsOfSet('eight-brocades', DEFAULT_CUSTOMS),
      'close-hands-to-belly',
    ]);
    expect(settled[0]?.minutes).toBe(2);
  });

  it('keeps every line, and says of what it does not know that it does not', () => {
    const lines = read('play the lute\n\n  \nWake\nShaking');
    expect(lines.map(({ text }) => text)).toEqual(['play the lute', 'Wake', 'Shaking']);
    expect(lines[0]).toMatchObject({ sure: false });
    expect(lines[1]).toMatchObject({ role: 'wake' });
  });
});

describe('other names', () => {
  it('belong to forms and sets there are, and no two forms share one', () => {
    const ids = new Set(REPERTOIRE.map(({ id }) => id));
    expect(Object.keys(OTHER_NAMES).filter((id) => !ids.has(id))).toEqual([]);
    for (const set of Object.keys(SET_NAMES))
      expect(formsOfSet(set, DEFAULT_CUSTOMS).length).toBeGreaterThan(0);
    const owners = new Map<string, string>();
    const shared = Object.entries(OTHER_NAMES).flatMap(([id, names]) =>
      names.filter((name) => {
        const owner = owners.get(name);
        owners.set(name, id);
        return owner !== undefined && owner !== id;
      }),
    );
    expect(shared).toEqual([]);
  });
});

describe('a line that is none of the forms', () => {
  it.each([
    ['quantum flapping x4', 'Quantum flapping', 4, undefined],
    ['3. quantum flapping, 2 min', 'Quantum flapping', undefined, 2],
    ['- quantum flapping (each side)', 'Quantum flapping (each side)', undefined, undefined],
    ['quantum flapping 6 times', 'Quantum flapping', 6, undefined],
  ])('keeps its name and what is counted: %s', (text, name, repetitions, minutes) => {
    const [line] = read(text);
    expect([line?.name, line?.forms.length, line?.repetitions, line?.minutes]).toEqual([
      name,
      0,
      repetitions,
      minutes,
    ]);
  });

  it('becomes a form to fill in, as often or as long as it was written, and is not drafted by itself', () => {
    const lines = read('Nourish\nCloud hands x6\nquantum flapping 2 min\nHands to the belly');
    const settled = settleLines(lines, (line) => formToFillIn('own-quantum-1', line.name));
    expect(settled.map(({ form }) => form.name)).toContain('Quantum flapping');
    const brief = { ...PLAIN_BRIEF, minutes: 20 };
    const asking = {
      brief,
      customs: DEFAULT_CUSTOMS,
      people: { conditions: [] },
      seed: 1,
      repertoire: REPERTOIRE,
    };
    const practice = practiceFromLines(asking, settled);
    const at = practice.items.findIndex(({ formId }) => formId === 'own-quantum-1');
    expect(at).toBe(1);
    const span = compile(practice).items.find(({ itemId }) => itemId === practice.items[at]?.id);
    expect((span?.lengthMs ?? 0) / 60_000).toBeGreaterThan(1.6);
    expect((span?.lengthMs ?? 0) / 60_000).toBeLessThan(2.4);
    const blank = formToFillIn('own-quantum-1', 'Quantum flapping');
    const { refused } = modelOf({ ...asking, repertoire: [...REPERTOIRE, blank] });
    expect(refused.get('own-quantum-1')).toBe('unwritten');
    const written = { ...blank, cycle: blank.cycle.map((stroke) => ({ ...stroke, cue: 'Flap.' })) };
    expect(modelOf({ ...asking, repertoire: [...REPERTOIRE, written] }).refused.has('own-quantum-1')).toBe(
      false,
    );
  });

  it('is told where more lines are written than are read', () => {
    const text = Array.from({ length: MOST_LINES + 7 }, () => 'Cloud hands').join('\n\n');
    expect(linesIn(text).length - read(text).length).toBe(7);
  });
});
