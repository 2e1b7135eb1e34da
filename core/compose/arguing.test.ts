import { PLAIN_BRIEF } from '../brief';
import { DEFAULT_CUSTOMS } from '../customs';
import { REPERTOIRE, type Form } from '../forms';
import { compile, edit, formOf, type Practice } from '../practice';
import {
  accountOf,
  compose,
  effortCurve,
  likeness,
  makeItFit,
  practiceFromLines,
  readRunningOrder,
  settleLines,
  somethingElse,
  threeDrafts,
  toleranceMs,
  whyNot,
  worthOfPractice,
  type Asking,
  type CharacterDraft,
} from '.';

const asked: Asking = {
  brief: PLAIN_BRIEF,
  repertoire: REPERTOIRE,
  customs: DEFAULT_CUSTOMS,
  people: { conditions: [] },
  seed: 1,
  enough: 0.001,
};
const draft = compose(asked);
if (!draft.ok) throw new Error('the practice of these tests could not be composed');
const { practice, timeline } = draft;
const onTime = (one: Practice): boolean =>
  Math.abs(compile(one).totalMs - one.brief.minutes * 60_000) <= toleranceMs(one.brief.minutes);

describe('three drafts', () => {
  const steps = threeDrafts(asked, practice);
  let all: readonly CharacterDraft[] = [];
  for (;;) {
    const next = steps.next();
    all = next.value;
    if (next.done) break;
  }

  it('truly differ, from the one on the table too: no two share more than half of all the forms that carry them', () => {
    expect(all.map(({ character }) => character)).toEqual(['gentler', 'fuller', 'plainer']);
    const practices = [practice, ...all.map((one) => one.draft.practice)];
    for (const a of practices)
      for (const b of practices) if (a !== b) expect(likeness(a, b)).toBeLessThanOrEqual(0.5);
  });

  it('are what they are called: less effort, more forms, fewer forms', () => {
    const of = (character: string): Practice => {
      const found = all.find((one) => one.character === character);
      if (!found) throw new Error(`no ${character} draft`);
      return found.draft.practice;
    };
    const effort = (one: Practice): number =>
      effortCurve(one, compile(one)).reduce((sum, span) => sum + span.effort * span.lengthMs, 0);
    expect(effort(of('gentler'))).toBeLessThan(effort(practice));
    expect(of('fuller').items.length).toBeGreaterThan(practice.items.length);
    // Fuller, not crowded: no draft gives its forms less than three quarters of a minute each.
    for (const { draft: one } of all)
      expect(one.practice.items.length).toBeLessThanOrEqual(one.practice.brief.minutes / 0.75);
    expect(of('plainer').items.length).toBeLessThan(practice.items.length);
    for (const { draft: one } of all) expect(onTime(one.practice)).toBe(true);
  });
});

describe('why this', () => {
  it('accounts for every item but hinges, and what it adds up is what the practice loses without it', () => {
    const accounts = accountOf(asked, practice);
    expect(accounts.map(({ itemId }) => itemId)).toEqual(
      practice.items.filter((item) => !item.hinge).map(({ id }) => id),
    );
    const whole = worthOfPractice(asked, practice);
    // An item in the middle of a section of several: its section stays.
    const role = practice.items.find(
      (item, index) =>
        practice.items[index - 1]?.role === item.role &&
        practice.items[index + 1]?.role === item.role &&
        !item.hinge,
    )?.role;
    const item = practice.items.filter((one) => one.role === role && !one.hinge)[1];
    if (!item) throw new Error('expected a section of three');
    const without = worthOfPractice(asked, edit(practice, { kind: 'remove', itemId: item.id }));
    const own = accounts.find(({ itemId }) => itemId === item.id)?.points ?? NaN;
    // What is left is the share of the minutes, which belongs to the section and not to the form.
    expect(Math.abs(whole - without - own)).toBeLessThan(2.5);
  });

  it('speaks of the theme where a form carries it', () => {
    const reasons = accountOf(asked, practice).flatMap(({ contributions }) =>
      contributions.flatMap((one) => one.reasons.map((reason) => reason.code)),
    );
    expect(reasons).toContain('serves-organ');
  });
});

describe('why not', () => {
  it('puts a form in at best, on time, and says what it costs and what comes and goes', () => {
    const answer = whyNot(asked, practice, 'animal-tiger');
    if (!answer.ok) throw new Error('expected an answer');
    expect(answer.comes).toContain('animal-tiger');
    // A proved draft has nothing to win, but for what the clock rounds.
    expect(answer.cost).toBeGreaterThan(-0.15);
    const heart = whyNot(asked, practice, 'sound-heart');
    expect(heart.ok && heart.cost).toBeGreaterThan(0.5);
    expect(onTime(answer.draft.practice)).toBe(true);
    expect(answer.contributions.length).toBeGreaterThan(0);
  });

  it('accounts for every form: the old ones stay, leave or move, and nothing else comes than it says', () => {
    for (const id of ['animal-tiger', 'shaking', 'cloud-hands']) {
      const answer = whyNot(asked, practice, id);
      if (!answer.ok) throw new Error('expected an answer');
      const roles = (one: Practice) =>
        new Map(one.items.filter((item) => !item.hinge).map((item) => [item.formId, item.role]));
      const [before, after] = [roles(practice), roles(answer.draft.practice)];
      expect(after.get(id)).toBe(answer.role);
      for (const [formId, role] of after) {
        const moved = answer.moves.find((one) => one.formId === formId);
        if (!before.has(formId)) expect(answer.comes).toContain(formId);
        else if (before.get(formId) === role) expect(moved).toBeUndefined();
        else expect(moved).toEqual({ formId, to: role });
      }
      for (const formId of before.keys()) if (!after.has(formId)) expect(answer.leaves).toContain(formId);
    }
  });

  it('says why a form cannot be put in at all', () => {
    expect(whyNot(asked, practice, 'no-such-form')).toMatchObject({ ok: false, because: 'unknown' });
    const shy: Asking = { ...asked, people: { conditions: ['epilepsy-psychosis'] } };
    expect(whyNot(shy, practice, 'small-orbit')).toMatchObject({ ok: false, because: 'caution' });
    const left: Asking = { ...asked, brief: { ...asked.brief, without: ['animal-tiger'] } };
    expect(whyNot(left, practice, 'animal-tiger')).toMatchObject({ ok: false, because: 'left-out' });
  });
});

describe('something else here', () => {
  it('ranks other forms of the role, each with the rest as it is', () => {
    const item = practice.items.find((one) => one.role === 'nourish' && !one.hinge);
    if (!item) throw new Error('expected a nourishing form');
    const found = somethingElse(asked, practice, timeline, item.id);
    expect(found.length).toBeGreaterThan(3);
    const points = found.map((one) => one.points);
    expect(points).toEqual(points.toSorted((a, b) => b - a));
    for (const one of found) {
      expect(formOf(one.practice, one.item).roles).toContain('nourish');
      expect(one.practice.items.filter((other) => other.id !== item.id)).toEqual(
        practice.items.filter((other) => other.id !== item.id),
      );
      expect(one.changeMs).toBe(compile(one.practice).totalMs - timeline.totalMs);
    }
  });
});

describe('make it fit', () => {
  const longer = practice.items
    .filter((item) => item.role === 'nourish')
    .reduce((one, item) => edit(one, { kind: 'repetitions', itemId: item.id, steps: 2 }), practice);

  it('brings a practice back to its minutes by a small change, with gather and close untouched', () => {
    expect(onTime(longer)).toBe(false);
    const result = makeItFit(longer);
    if (!result.ok) throw new Error('expected it to fit');
    expect(onTime(result.practice)).toBe(true);
    for (const item of longer.items.filter(({ role }) => role === 'gather' || role === 'close'))
      expect(result.practice.items.find(({ id }) => id === item.id)).toEqual(item);
    expect(result.changes.length).toBeLessThanOrEqual(longer.items.length);
  });

  it('changes nothing that fits', () => {
    const result = makeItFit(practice);
    expect(result.ok && result.changes.filter(({ kind }) => kind !== 'breath')).toEqual([]);
  });

  it('leaves out a form where that is less than pressing the others, and says no where nothing helps', () => {
    const short: Practice = { ...practice, brief: { ...practice.brief, minutes: 12 } };
    const result = makeItFit(short);
    expect(result.ok && result.changes.some(({ kind }) => kind === 'left-out')).toBe(true);
    const kept = edit(short, { kind: 'keep', itemIds: short.items.map(({ id }) => id), kept: true });
    expect(makeItFit(kept).ok).toBe(false);
  });

  it('is the least change: no fit with one repetition changed is passed over', () => {
    const item = practice.items.find((one) => one.role === 'nourish' && !one.hinge);
    if (!item) throw new Error('expected a form');
    const one = edit(practice, { kind: 'repetitions', itemId: item.id, steps: 1 });
    const result = makeItFit(one);
    if (!result.ok) throw new Error('expected it to fit');
    expect(result.changes.filter(({ kind }) => kind !== 'breath').length).toBeLessThanOrEqual(1);
  });
});

describe('a running order from elsewhere', () => {
  const read = (text: string) => readRunningOrder(text, REPERTOIRE, DEFAULT_CUSTOMS);
  const only = (text: string) => {
    const [line] = read(text);
    if (!line) throw new Error('expected a line');
    return line;
  };

  it('knows every form of the repertoire by its name, its pinyin and its hanzi', () => {
    const missed: string[] = [];
    const twins = new Set(
      REPERTOIRE.map((form) => form.name).filter((name, index, all) => all.indexOf(name) !== index),
    );
    for (const form of REPERTOIRE) {
      if (twins.has(form.name)) continue;
      const line = only(`3. ${form.name} x4`);
      if (!line.sure || line.forms[0]?.id !== form.id || line.repetitions !== 4) missed.push(form.name);
    }
    expect(missed).toEqual([]);
    expect(only('yún shǒu').forms[0]?.id).toBe('cloud-hands');
  });

  it.each([
    ['Cloud hands 6×', 6, undefined],
    ['cloud hands, 6 times', 6, undefined],
    ['- Cloud hands (x 6)', 6, undefined],
    ['2) Cloud hands 2 min', undefined, 2],
    ['Cloud hands 1:30', undefined, 1.5],
    ['Cloud hands for 45 seconds', undefined, 0.75],
    ['Cloud hands twice', 2, undefined],
  ] as const)('reads “%s”', (text, repetitions, minutes) => {
    const line = only(text);
    expect({
      id: line.forms[0]?.id,
      sure: line.sure,
      repetitions: line.repetitions,
      minutes: line.minutes,
    }).toEqual({ id: 'cloud-hands', sure: true, repetitions, minutes });
  });

  it('asks where it is not sure, and takes nothing for something', () => {
    const tiger = only('the tiger');
    expect(tiger.sure).toBe(false);
    expect(tiger.forms.length).toBeGreaterThan(1);
    expect(only('quantum flapping').sure).toBe(false);
    expect(read('\n \n')).toEqual([]);
    expect(read('x'.repeat(5000)).length).toBe(1);
  });

  it('becomes a practice with its sections, counts and times', () => {
    const lines = read('Wake\nShaking 1 min\nNourish\nCloud hands 6x\nthe tiger\nHands to the belly');
    const tiger = (line: { forms: readonly Form[] }): Form | undefined => line.forms[0];
    const made = practiceFromLines(asked, settleLines(lines, tiger));
    expect(made.items.map((item) => item.role).slice(0, 3)).toEqual(['wake', 'nourish', 'nourish']);
    expect(made.items[1]).toMatchObject({ formId: 'cloud-hands', repetitions: 6 });
    const shaking = compile(made).items[0];
    expect(Math.abs((shaking?.lengthMs ?? 0) - 60_000)).toBeLessThan(20_000);
    expect(settleLines(lines, () => undefined).map(({ form }) => form.id)).not.toContain('animal-tiger');
  });
});
