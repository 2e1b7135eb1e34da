import { PLAIN_BRIEF, type Brief } from '../brief';
import { compose } from '../compose';
import { DEFAULT_CUSTOMS } from '../customs';
import { REPERTOIRE, type Form } from '../forms';
import { compile, type Item, type Practice } from '../practice';
import {
  arrivesStill,
  askedForIn,
  comesHome,
  gathersIn,
  isCounted,
  isLearnt,
  isLikedNumber,
  leastRepetitionsOf,
  leastSecOf,
  likedNear,
  measureDraft,
  mostFormsFor,
  roomBesideSets,
} from '.';

const form = (id: string): Form => {
  const found = REPERTOIRE.find((one) => one.id === id);
  if (!found) throw new RangeError(`no form ${id}`);
  return found;
};

describe('what a practice begins, gathers and ends with (common practice)', () => {
  it.each(['arrive-wuji', 'arrive-cleansing-breaths', 'belly-breathing', 'arrive-hands-to-heart'])(
    '%s is something to arrive with',
    (id) => expect(arrivesStill(form(id))).toBe(true),
  );
  it.each(['rolling-the-soles', 'swing-and-knock', 'open-and-close', 'shaking'])('%s is not', (id) =>
    expect(arrivesStill(form(id))).toBe(false),
  );
  it.each([
    'three-centre-wash',
    'gathering-from-the-earth',
    'sky-gathering',
    'storing-circles',
    'storing-still',
  ])('%s gathers', (id) => expect(gathersIn(form(id))).toBe(true));
  it.each(['shaking-off', 'face-tapping', 'combing-the-head', 'face-washing'])('%s does not', (id) =>
    expect(gathersIn(form(id))).toBe(false),
  );
  it.each([
    ['close-hands-to-belly', true],
    ['storing-still', true],
    ['close-open-eyes', false],
    ['close-thanks', false],
    ['neck-washing', false],
  ])('%s comes home: %s', (id, comes) => expect(comesHome(form(id))).toBe(comes));
});

describe('what is to be learnt', () => {
  it('is what is moved through, not how one arrives, loosens, gathers or closes', () => {
    expect(isLearnt(form('brocade-sway'), 'nourish')).toBe(true);
    expect(isLearnt(form('tap-arms'), 'clear')).toBe(true);
    expect(isLearnt(form('loosen-hips'), 'loosen')).toBe(false);
    expect(isLearnt(form('three-centre-wash'), 'gather')).toBe(false);
    expect(isLearnt(form('storing-still'), 'close')).toBe(false);
  });
});

describe('how many and how long (common practice)', () => {
  it.each([
    [2, 5],
    [5, 6],
    [10, 10],
    [15, 12],
    [20, 15],
    [30, 19],
    [45, 24],
    [60, 28],
    [90, 43],
  ])('in %d minutes at most %d forms', (minutes, most) => expect(mostFormsFor(minutes)).toBe(most));

  it('a form of the heart lasts half a minute in five, three quarters up to fifteen, one beyond', () => {
    const bow = form('brocade-draw-the-bow');
    expect([5, 15, 16, 60].map((minutes) => leastSecOf(bow, 'nourish', minutes))).toEqual([30, 45, 60, 60]);
    expect(leastSecOf(form('tap-arms'), 'clear', 40)).toBe(20);
    expect(leastSecOf(form('belly-rubbing'), 'nourish', 40)).toBe(0);
    // A piece of a set done by itself is felt like any other; what is done within has its own time.
    expect(leastSecOf(form('silk-bird'), 'nourish', 12)).toBe(45);
    expect(leastSecOf(form('marrow-crown-to-soles'), 'nourish', 12)).toBe(0);
    // Whatever loosens does so for twenty seconds; a post is stood in for a minute, a tiring one as a short hold.
    expect(leastSecOf(form('bow-from-the-hips'), 'loosen', 5)).toBe(20);
    expect(['hold-embrace-belly', 'post-one-leg'].map((id) => leastSecOf(form(id), 'still', 15))).toEqual([
      55, 20,
    ]);
    // Beyond five minutes one breath is neither arriving nor a close.
    for (const [id, role] of [
      ['arrive-wuji', 'arrive'],
      ['close-hands-to-belly', 'close'],
    ] as const)
      expect([2, 5, 8].map((minutes) => leastSecOf(form(id), role, minutes))).toEqual([0, 0, 28]);
    // A long sided form twice a side, another three times; a sound never less than as a taste.
    expect(leastRepetitionsOf(bow, 'nourish', 24)).toBe(2);
    expect(leastRepetitionsOf(form('mist-over-the-lake'), 'nourish', 12)).toBe(3);
    expect(leastRepetitionsOf(form('sound-lung'), 'clear', 16)).toBe(3);
  });
});

describe('a practice held against what a teacher asks', () => {
  const item = (formId: string, role: Item['role'], repetitions = 4): Item => ({
    id: formId,
    formId,
    variant: 'full',
    role,
    repetitions,
    stretch: 1,
    firstSide: 'left',
    familiarity: 'known',
    omitHolds: false,
    exhaleByMouth: false,
    hinge: false,
    reasons: [],
  });
  const measured = (items: readonly Item[], brief: Partial<Brief> = {}) => {
    const practice: Practice = {
      name: 'By hand',
      brief: {
        ...PLAIN_BRIEF,
        theme: { kind: 'organ', organ: 'lung' },
        intent: 'clear-then-nourish',
        ...brief,
      },
      customs: { outToIn: 1.2, animalSchool: 'standard', virtueSchool: 'classical', soundSchool: 'standard' },
      seed: 1,
      items: [...items],
      forms: Object.fromEntries(items.map(({ formId }) => [formId, form(formId)])),
    };
    return measureDraft(practice, compile(practice), DEFAULT_CUSTOMS);
  };
  const good = [
    item('arrive-wuji', 'arrive'),
    item('tap-arms', 'clear'),
    item('sound-lung', 'clear', 6),
    item('brocade-draw-the-bow', 'nourish'),
    item('three-centre-wash', 'gather'),
    item('close-hands-to-belly', 'close'),
  ];

  it('finds nothing amiss in a plain Lung practice', () => {
    expect(measured(good)).toEqual({
      arrivesStill: true,
      gathersIn: true,
      comesHome: true,
      fewForms: true,
      evenDoses: true,
      oneTapping: true,
      clearedIsNourished: true,
      longEnough: true,
      breathesAsAsked: true,
      named: 1,
      known: 1,
    });
  });

  it('counts the joints gone through as one round, and no hinge', () => {
    const joints = ['loosen-ankles', 'loosen-knees', 'loosen-hips', 'loosen-waist', 'loosen-shoulders'].map(
      (id) => item(id, 'loosen'),
    );
    const hinge = { ...item('draw-up-press-down', 'clear', 1), hinge: true };
    const [first, ...others] = good;
    const whole = first ? [first, ...joints, hinge, ...others] : [];
    // Six forms and a round of joints: seven, which is too many for six minutes and not for ten.
    expect(measured(whole, { minutes: 10 }).fewForms).toBe(true);
    expect(measured(whole, { minutes: 5 }).fewForms).toBe(false);
  });

  it('and finds each thing that is', () => {
    const without = (id: string) => good.filter(({ formId }) => formId !== id);
    expect(measured([item('shaking', 'arrive'), ...without('arrive-wuji')]).arrivesStill).toBe(false);
    expect(measured(without('three-centre-wash')).gathersIn).toBe(false);
    expect(measured([...without('close-hands-to-belly'), item('close-open-eyes', 'close')]).comesHome).toBe(
      false,
    );
    expect(measured(good, { minutes: 2 }).fewForms).toBe(false);
    const tapped = { ...item('tap-arms', 'clear'), id: 'again' };
    expect(measured([...good.slice(0, 2), tapped, ...good.slice(2)]).oneTapping).toBe(false);
    expect(
      measured([...good.slice(0, 3), item('brocade-sway', 'nourish'), ...good.slice(4)]).clearedIsNourished,
    ).toBe(false);
    const { named, known } = measured([...good, item('brocade-sway', 'nourish')]);
    expect(named).toBeLessThan(1);
    expect(known).toBe(named);
    const round = ['sound-liver', 'sound-heart', 'sound-spleen'].map((id, at) =>
      item(id, 'nourish', 6 + (at === 2 ? 1 : 0)),
    );
    expect(measured(round, { theme: { kind: 'set', set: 'six-sounds' } }).evenDoses).toBe(false);
  });

  it('finds what is over before it is felt, but in a round, in a set, and where it is wished for so', () => {
    const once = good.map((one) => (one.role === 'nourish' ? { ...one, repetitions: 1 } : one));
    expect(measured(once).longEnough).toBe(false);
    expect(measured(once, { theme: { kind: 'set', set: 'eight-brocades' } }).longEnough).toBe(true);
    expect(measured(once, { pins: [{ formId: 'brocade-draw-the-bow' }] }).longEnough).toBe(true);
    // What gathers feeds no sooner than what is moved through.
    const scooped = item('gathering-from-the-earth', 'nourish', 1);
    expect(leastSecOf(form('gathering-from-the-earth'), 'nourish', 2)).toBe(30);
    expect(leastSecOf(form('gathering-from-the-earth'), 'gather', 2)).toBe(0);
    expect(measured([...good, scooped]).longEnough).toBe(false);
  });

  it('finds a breath that is far from the pace asked for', () => {
    expect(measured(good).breathesAsAsked).toBe(true);
    const practice: Practice = {
      name: 'By hand',
      brief: { ...PLAIN_BRIEF, theme: { kind: 'organ', organ: 'lung' } },
      customs: { outToIn: 1.2, animalSchool: 'standard', virtueSchool: 'classical', soundSchool: 'standard' },
      seed: 1,
      items: good,
      forms: Object.fromEntries(good.map(({ formId }) => [formId, form(formId)])),
    };
    const timeline = compile(practice);
    // By hand: of 12 s asked for a breath that flows takes 8.4 to 15.6 s; done in half the time it is too short.
    const hurried = {
      ...timeline,
      events: timeline.events.map((event) => ({ ...event, lengthMs: event.lengthMs / 2 })),
    };
    expect(measureDraft(practice, timeline, DEFAULT_CUSTOMS).breathesAsAsked).toBe(true);
    expect(measureDraft(practice, hurried, DEFAULT_CUSTOMS).breathesAsAsked).toBe(false);
  });

  it('takes five pieces in under nine minutes as one round, however slowly they are done', () => {
    const five = [
      'wood-sapling',
      'fire-blossom',
      'earth-turning-ground',
      'metal-autumn-air',
      'water-well',
    ].map((id) => item(`phase-${id}`, 'nourish', 6));
    const [arrive, , , , gather, close] = good;
    const ends = [arrive, item('loosen-knees', 'loosen'), gather, close].flatMap((one) => one ?? []);
    const whole = [...ends.slice(0, 2), ...five, ...ends.slice(2)];
    expect(measured(whole, { theme: { kind: 'all-phases' }, minutes: 8 }).fewForms).toBe(true);
    expect(measured(whole, { theme: { kind: 'organ', organ: 'lung' }, minutes: 8 }).fewForms).toBe(false);
  });

  it('knows how many sections a set leaves room for: of twenty-four terms none in an hour', () => {
    const room = (set: 'twenty-four-terms' | 'eight-brocades', minutes: number) =>
      roomBesideSets({ ...PLAIN_BRIEF, theme: { kind: 'set', set }, minutes }, DEFAULT_CUSTOMS);
    // By hand: 28 forms in an hour, 24 of them the terms, and four to arrive, loosen, gather and close.
    expect([room('twenty-four-terms', 40), room('twenty-four-terms', 60)]).toEqual([0, 0]);
    expect(room('twenty-four-terms', 90)).toBe(43 - 24 - 4);
    expect(room('eight-brocades', 20)).toBe(15 - 8 - 4);
    expect(roomBesideSets({ ...PLAIN_BRIEF, minutes: 5 }, DEFAULT_CUSTOMS)).toBe(Infinity);
  });

  it('counts up to nine, then in dozens and tens', () => {
    expect([9, 10, 11, 12, 13, 18, 20, 24, 36].filter(isLikedNumber)).toEqual([9, 12, 18, 20, 24, 36]);
    expect(likedNear(10)).toEqual([12]);
    expect(likedNear(20)).toEqual([12, 18, 20, 24, 30]);
    expect(['shaking', 'hold-embrace-belly', 'belly-breathing'].map((id) => isCounted(form(id)))).toEqual([
      false,
      false,
      false,
    ]);
    expect(isCounted(form('turning-the-millstone'))).toBe(true);
  });
});

describe('drafts, as a teacher asks them to be', () => {
  const BRIEFS: readonly Partial<Brief>[] = [
    { theme: { kind: 'organ', organ: 'kidney' }, minutes: 5, intent: 'nourish' },
    { theme: { kind: 'organ', organ: 'liver' }, minutes: 11, intent: 'clear-then-nourish' },
    {
      theme: { kind: 'organ', organ: 'lung' },
      minutes: 20,
      intent: 'clear-then-nourish',
      dayPart: 'evening',
    },
    { theme: { kind: 'organ', organ: 'heart' }, minutes: 15, intent: 'calm', posture: 'seated' },
    { theme: { kind: 'organ', organ: 'spleen' }, minutes: 12, intent: 'nourish' },
    { theme: { kind: 'all-phases' }, minutes: 25, intent: 'clear-then-nourish' },
    { theme: { kind: 'set', set: 'six-sounds' }, minutes: 20, posture: 'seated', dayPart: 'evening' },
    { theme: { kind: 'aim', aim: 'sleep' }, minutes: 12, intent: 'calm', dayPart: 'evening' },
    { theme: { kind: 'aim', aim: 'energy' }, minutes: 10, intent: 'nourish' },
    { theme: { kind: 'set', set: 'five-animals' }, minutes: 28 },
    { theme: { kind: 'aim', aim: 'back' }, minutes: 15 },
    { theme: { kind: 'organ', organ: 'kidney' }, minutes: 40, dayPart: 'evening' },
  ];
  it.each(BRIEFS)('begins still, gathers in, comes home, is even and taps once: %o', (over) => {
    const result = compose({
      brief: { ...PLAIN_BRIEF, voice: 'aloud', breath: 'own', ...over },
      repertoire: REPERTOIRE,
      customs: DEFAULT_CUSTOMS,
      people: { conditions: [] },
      seed: 1,
      enough: 0.01,
    });
    if (!result.ok) throw new Error('expected a draft');
    const {
      arrivesStill: still,
      gathersIn: gathers,
      comesHome: home,
      evenDoses,
      oneTapping,
    } = measureDraft(result.practice, result.timeline, DEFAULT_CUSTOMS);
    expect({ still, gathers, home, evenDoses, oneTapping }).toEqual({
      still: true,
      gathers: true,
      home: true,
      evenDoses: true,
      oneTapping: true,
    });
  });

  it('draws the organ’s own brocade for every organ that has one', () => {
    for (const [organ, brocade] of [
      ['lung', 'brocade-draw-the-bow'],
      ['kidney', 'brocade-hands-to-feet'],
      ['spleen', 'brocade-part-heaven-and-earth'],
      ['liver', 'brocade-clench-fists'],
    ] as const) {
      const result = compose({
        brief: {
          ...PLAIN_BRIEF,
          theme: { kind: 'organ', organ },
          minutes: 20,
          familiarity: 'known',
          voice: 'aloud',
          breath: 'own',
        },
        repertoire: REPERTOIRE,
        customs: DEFAULT_CUSTOMS,
        people: { conditions: [] },
        seed: 1,
        enough: 0.01,
      });
      if (!result.ok) throw new Error('expected a draft');
      expect(result.practice.items.map(({ formId }) => formId)).toContain(brocade);
    }
  });
});

describe('what is asked for by name is not held against how much is new', () => {
  it.each([
    ['the six sounds', { kind: 'set', set: 'six-sounds' }, 'sound-liver'],
    ['a lesson', { kind: 'lesson', formId: 'brocade-sway' }, 'brocade-sway'],
  ] as const)('%s', (_, theme, id) => {
    expect(askedForIn({ ...PLAIN_BRIEF, theme }, DEFAULT_CUSTOMS)).toContain(id);
    expect(askedForIn(PLAIN_BRIEF, DEFAULT_CUSTOMS)).not.toContain(id);
  });
  it('so people who have met one sound only are given all six', () => {
    const result = compose({
      brief: { ...PLAIN_BRIEF, minutes: 20, theme: { kind: 'set', set: 'six-sounds' }, familiarity: 'known' },
      repertoire: REPERTOIRE,
      customs: DEFAULT_CUSTOMS,
      people: { conditions: [], known: ['sound-lung', 'arrive-wuji'] },
      seed: 1,
      enough: 0.05,
    });
    if (!result.ok) throw new Error('not composed');
    expect(result.practice.items.filter(({ formId }) => formId.startsWith('sound-'))).toHaveLength(6);
  });
});
