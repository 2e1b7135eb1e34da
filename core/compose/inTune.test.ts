import { PLAIN_BRIEF, type Brief, type Theme } from '../brief';
import { DEFAULT_CUSTOMS, type Customs } from '../customs';
import { formsOfSet, REPERTOIRE, timesInAll, type Form } from '../forms';
import { PHASE_ROUNDS } from '../measures';
import { formOf, type Practice } from '../practice';
import { review } from '../review';
import { compose } from '.';

/** What a teacher would hear as out of tune in a draft: each expectation is common practice. */
function drafted(brief: Partial<Brief>, seed = 1, customs: Customs = DEFAULT_CUSTOMS): Practice {
  const result = compose({
    brief: { ...PLAIN_BRIEF, ...brief },
    repertoire: REPERTOIRE,
    customs,
    people: { conditions: [] },
    seed,
    enough: 0.5,
  });
  if (!result.ok) throw new Error(`no draft of ${JSON.stringify(brief)}`);
  const heavy = review(result.practice, result.timeline, customs, { conditions: [] }).filter(
    ({ weight }) => weight !== 'consider',
  );
  expect(heavy.map(({ rule }) => rule)).toEqual([]);
  return result.practice;
}
const PIECES = new Set(PHASE_ROUNDS.flatMap((set) => formsOfSet(set, DEFAULT_CUSTOMS)));
const heartOf = (practice: Practice): readonly Form[] =>
  practice.items.filter(({ role }) => role === 'nourish').map((item) => formOf(practice, item));

describe('all five phases', () => {
  it.each([
    [5, 1, 1],
    [5, 2, 1],
    [25, 1, 1],
    [45, 1, 2],
    [90, 1, 3],
  ])(
    'in %i minutes, draft %i: pieces for every phase in the heart: %i, equal, and nothing beside them',
    (minutes, seed, pieces) => {
      const practice = drafted({ theme: { kind: 'all-phases' }, minutes, intent: 'nourish' }, seed);
      const heart = heartOf(practice);
      // Wood, fire, earth, metal, water: the generating order (Su Wen 5, from memory), gone through so many times.
      expect(heart.map(({ phases }) => phases[0])).toEqual(
        Array.from({ length: pieces }, () => ['wood', 'fire', 'earth', 'metal', 'water']).flat(),
      );
      const counts = practice.items
        .filter(({ role }) => role === 'nourish')
        .map((item) => timesInAll(formOf(practice, item), item.repetitions));
      // In five minutes there are stations, each counted twice.
      if (minutes > 5) expect(new Set(counts).size).toBe(1);
      const others = practice.items.filter(({ role, formId }) => role !== 'nourish' && PIECES.has(formId));
      expect(others).toEqual([]);
    },
  );
});

describe('all five phases in a moment', () => {
  it.each([3, 4])('in %i minutes there is room for one form that goes to all five', (minutes) => {
    for (const intent of ['calm', 'nourish'] as const) {
      const practice = drafted({ theme: { kind: 'all-phases' }, minutes, intent, posture: 'seated' });
      const phases = new Set(heartOf(practice).flatMap((form) => form.phases));
      expect({ intent, phases: phases.size }).toEqual({ intent, phases: 5 });
    }
  });
});

describe('what stands for a phase', () => {
  it.each([
    [{ kind: 'organ', organ: 'lung' }, 'metal'],
    [{ kind: 'organ', organ: 'kidney' }, 'water'],
    [{ kind: 'channel', channel: 'GV' }, undefined],
  ] as const)('is not beside the heart of another: %j', (theme, phase) => {
    for (const seed of [1, 2]) {
      const practice = drafted({ theme: theme as Theme, minutes: 30, intent: 'nourish' }, seed);
      const strangers = practice.items
        .map((item) => formOf(practice, item))
        .filter(({ id, phases }) => PIECES.has(id) && phases[0] !== phase);
      expect(strangers.map(({ id }) => id)).toEqual([]);
    }
  });
});

describe('a sound', () => {
  const times = (customs: Customs): readonly number[] =>
    [8, 15, 20, 40].flatMap((minutes) => {
      const theme = { kind: 'organ', organ: 'liver' } as const;
      const practice = drafted({ theme, minutes, intent: 'clear' }, 2, customs);
      return practice.items
        .filter((item) => formOf(practice, item).soundOrgan !== undefined)
        .map(({ repetitions }) => repetitions);
    });

  it('is made three, six, nine or twelve times', () => {
    const made = times(DEFAULT_CUSTOMS);
    expect(made.length).toBeGreaterThan(0);
    for (const count of made) expect([3, 6, 9, 12]).toContain(count);
  });

  it('is made in whole doses of the number one says where that is another', () => {
    const made = times({ ...DEFAULT_CUSTOMS, soundDose: 4 });
    expect(made.length).toBeGreaterThan(0);
    for (const count of made) expect([4, 8, 12]).toContain(count);
  });
});

describe('a channel or a point', () => {
  const HANDS = new Set<Form['family']>(['channel tracing', 'percussion route', 'self-massage']);

  it.each([
    [{ kind: 'channel', channel: 'LR' }, 'nourish'],
    [{ kind: 'channel', channel: 'TE' }, 'calm'],
    [{ kind: 'point', point: 'ST36' }, 'nourish'],
    [{ kind: 'point', point: 'KI1' }, 'calm'],
    [{ kind: 'point', point: 'PC8' }, 'nourish'],
    [{ kind: 'point', point: 'LI4' }, 'nourish'],
    [{ kind: 'point', point: 'PC6' }, 'calm'],
  ] as const)('is gone along or come to with the hand, whatever the intent: %j, %s', (theme, intent) => {
    for (const posture of ['standing', 'seated'] as const) {
      const practice = drafted({ theme, minutes: 15, intent, posture });
      const channel = theme.kind === 'channel' ? theme.channel : theme.point.slice(0, 2);
      const byHand = practice.items
        .map((item) => formOf(practice, item))
        .filter((form) => HANDS.has(form.family) && form.channels.some((one) => one.channel === channel));
      expect({ posture, byHand: byHand.length > 0 }).toEqual({ posture, byHand: true });
    }
  });
});

describe('the heart of a practice', () => {
  it.each([
    [{ kind: 'aim', aim: 'sleep' }, 8],
    [{ kind: 'organ', organ: 'kidney' }, 12],
    [{ kind: 'point', point: 'GV4' }, 15],
  ] as const)('grows quieter: nothing is rubbed any more where one only breathes: %j', (theme, minutes) => {
    for (const seed of [1, 2, 3]) {
      const practice = drafted(
        { theme, minutes, intent: 'calm', dayPart: 'evening', posture: 'seated' },
        seed,
      );
      const families = heartOf(practice).map(({ family }) => family);
      const breath = families.indexOf('inner breathing');
      expect(breath < 0 ? [] : families.slice(breath)).not.toContain('self-massage');
    }
  });
});

describe('what is tapped', () => {
  const tapped = (practice: Practice): readonly string[] =>
    practice.items.flatMap((item) => [...new Set(formOf(practice, item).asks.percussion)]);

  it.each([
    [{ kind: 'channel', channel: 'BL' }, 'clear-then-nourish'],
    [{ kind: 'channel', channel: 'LU' }, 'clear-then-nourish'],
    [{ kind: 'all-phases' }, 'nourish'],
    [{ kind: 'aim', aim: 'energy' }, 'nourish'],
  ] as const)('is tapped once in a class, to wake or to clear: %j, %s', (theme, intent) => {
    for (const minutes of [20, 40]) {
      const regions = tapped(drafted({ theme, minutes, intent }, minutes));
      expect(regions.filter((region, index) => regions.indexOf(region) !== index)).toEqual([]);
    }
  });
});

describe('brocades taken singly', () => {
  // The order of the standing set, heels last (common practice).
  const ORDER = formsOfSet('eight-brocades', DEFAULT_CUSTOMS);

  it('stand in the order of their set', () => {
    const theme = { kind: 'aim', aim: 'energy' } as const;
    const taken = [1, 2, 3].map((seed) =>
      drafted({ theme, minutes: 30, intent: 'nourish' }, seed)
        .items.filter(({ role, formId }) => role === 'nourish' && ORDER.includes(formId))
        .map(({ formId }) => ORDER.indexOf(formId)),
    );
    expect(Math.max(...taken.map(({ length }) => length))).toBeGreaterThanOrEqual(3);
    for (const one of taken) expect(one).toEqual(one.toSorted((a, b) => a - b));
  });
});

describe('the heart of an aim', () => {
  it('has nothing in it that has nothing to do with it', () => {
    const practice = drafted({
      theme: { kind: 'aim', aim: 'back' },
      minutes: 20,
      intent: 'nourish',
      season: 'winter',
      dayPart: 'evening',
    });
    // The Lung’s channel runs along the arm.
    expect(practice.items.map(({ formId }) => formId)).not.toContain('trace-lung-large-intestine');
  });
});
