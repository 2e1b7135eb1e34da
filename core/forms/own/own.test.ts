import {
  changedSince,
  formSchema,
  layWords,
  NOTHING_OWN,
  ownId,
  ownWordsSchema,
  REPERTOIRE,
  sameForm,
  withOwn,
  type Form,
} from '..';
import {
  blankForm,
  draftSchema,
  formFrom,
  furtherPoints,
  mirrorStroke,
  PARTS,
  postureBefore,
  repeated,
  settleForm,
  strokeAfter,
  strokesIn,
  withoutVariant,
  withStrokesIn,
  withVariant,
  withMirrored,
} from './drafting';
import { noteWeight } from '../checks/formNotes';
import { reviewForm } from '../checks/review';
import { syllables } from '../../time';

const formOf = (id: string): Form => {
  const form = REPERTOIRE.find((candidate) => candidate.id === id);
  if (!form) throw new RangeError(id);
  return form;
};
const PACE = { breathsPerMin: 6, outToIn: 1.2 } as const;
const codes = (form: Form) => reviewForm(form, PACE).map((note) => note.code);

describe('own words over a shipped form', () => {
  const words = ownWordsSchema.parse({
    formId: 'rise-and-sink',
    name: 'Tide',
    cues: { 'cycle.0': 'The tide comes in.', 'seated.1': 'The tide goes out.' },
    images: ['A pier at dusk.'],
    note: 'Best after rain.',
  });

  it('change only what is said, and leave the shipped form as it was', () => {
    const before = JSON.stringify(formOf('rise-and-sink'));
    const mine = layWords(formOf('rise-and-sink'), words);
    expect(mine.name).toBe('Tide');
    expect(mine.cycle.map((stroke) => stroke.cue)).toEqual([
      'The tide comes in.',
      formOf('rise-and-sink').cycle[1]?.cue,
    ]);
    expect(mine.seated?.cycle?.[1]?.cue).toBe('The tide goes out.');
    expect(mine.smaller).toEqual(formOf('rise-and-sink').smaller);
    expect(mine.images).toEqual(['A pier at dusk.']);
    expect(JSON.stringify(mine)).not.toContain('Best after rain');
    expect(JSON.stringify(formOf('rise-and-sink'))).toBe(before);
    expect(formSchema.safeParse(mine).success).toBe(true);
  });

  it('reach variants that have no strokes of their own', () => {
    const mine = layWords(formOf('cloud-hands'), {
      formId: 'cloud-hands',
      cues: { 'smaller.0': 'Small clouds.' },
    });
    expect(mine.smaller?.cycle?.[0]?.cue).toBe('Small clouds.');
    expect(mine.cycle).toEqual(formOf('cloud-hands').cycle);
  });

  it('refuse a place that is none', () => {
    const wrong = ownWordsSchema.safeParse({ formId: 'x', cues: { 'middle.1': 'no' } });
    expect(wrong.success).toBe(false);
  });
});

describe('the repertoire with what is one’s own', () => {
  it('is the shipped one where nothing is own', () => {
    expect(withOwn(REPERTOIRE, NOTHING_OWN)).toBe(REPERTOIRE);
  });

  it('tells which forms of a practice have changed since, whatever the order of keys', () => {
    const form = formOf('rise-and-sink');
    const turned = Object.fromEntries(Object.entries(form).reverse()) as unknown as Form;
    expect(sameForm(form, turned)).toBe(true);
    const written = { [form.id]: turned, 'cloud-hands': { ...formOf('cloud-hands'), name: 'Old name' } };
    expect(changedSince(written, REPERTOIRE).map((one) => one.id)).toEqual(['cloud-hands']);
  });

  it('gives own forms ids no shipped form has', () => {
    expect(ownId('Spirale, très douce', 'k3f')).toBe('own-spirale-tres-douce-k3f');
    expect(ownId('雲', 'k3f')).toBe('own-form-k3f');
    expect(formSchema.shape.id.safeParse(ownId('A'.repeat(200), 'abcdef')).success).toBe(true);
    expect(REPERTOIRE.some((form) => form.id.startsWith('own-'))).toBe(false);
  });
});

describe('writing a form', () => {
  it('begins from nothing, from a form or from one of its variants, each a whole form', () => {
    for (const form of [
      blankForm('own-a', 'A'),
      formFrom(formOf('brocade-draw-the-bow'), 'full', 'own-b', 'B'),
      formFrom(formOf('brocade-draw-the-bow'), 'smaller', 'own-c', 'C'),
      formFrom(formOf('brocade-draw-the-bow'), 'seated', 'own-d', 'D'),
    ])
      expect([form.id, formSchema.safeParse(form).success]).toEqual([form.id, true]);
    const seated = formFrom(formOf('brocade-draw-the-bow'), 'seated', 'own-d', 'D');
    expect(seated.stance).toEqual({ start: 'chair', end: 'chair' });
    expect(seated.asks.kneeBend).toBe('none');
    expect(seated.smaller).toBeUndefined();
  });

  it('keeps what is half written: a draft may lack what a form must have', () => {
    for (const form of REPERTOIRE.slice(0, 20))
      expect(draftSchema.parse(form)).toMatchObject(JSON.parse(JSON.stringify(form)) as object);
    const half = {
      ...withVariant(blankForm('own-a', ''), 'seated'),
      roles: [],
      repetitions: { least: 0, usual: 3, most: 9, multipleOf: 1 },
      cycle: [{ breath: 'free', cue: '', postures: [{ sink: 12 }] }],
    };
    expect(formSchema.safeParse(half).success).toBe(false);
    expect(draftSchema.parse(half)).toMatchObject(JSON.parse(JSON.stringify(half)) as object);
    expect(draftSchema.safeParse({ ...half, cycle: 'none' }).success).toBe(false);
  });

  it('mirrors a stroke, its postures and its words; twice is as before', () => {
    for (const form of REPERTOIRE)
      for (const stroke of form.cycle) {
        expect(mirrorStroke(mirrorStroke(stroke))).toEqual(stroke);
        if (/\{side\}/.test(stroke.cue)) expect(mirrorStroke(stroke).cue).toMatch(/\{other\}/);
      }
    const bow = formOf('brocade-draw-the-bow').cycle[1];
    expect(bow && mirrorStroke(bow).postures?.[0]?.head?.turn).toBe(-58);
    expect(withMirrored(formOf('brocade-draw-the-bow').cycle)).toHaveLength(8);
    expect(repeated(formOf('brocade-draw-the-bow').cycle)).toHaveLength(8);
  });

  it('follows a stroke with one that answers its breath and begins where it ended', () => {
    const form = blankForm('own-a', 'A');
    const next = strokeAfter(form, 'full', 1);
    expect(next.breath).toBe('in');
    expect(next.postures).toEqual([form.cycle[1]?.postures?.[0]]);
    expect(postureBefore(form, 'full', 0).sink).toBe(8);
  });

  it('changes the strokes of any part, and makes and takes away gentler ways', () => {
    const form = blankForm('own-a', 'A');
    expect(strokesIn(form, 'seated')).toEqual([]);
    const seated = withVariant(form, 'seated');
    expect(strokesIn(seated, 'seated').map((stroke) => stroke.postures?.[0]?.base)).toEqual([
      'chair',
      'chair',
    ]);
    expect(formSchema.safeParse(seated).success).toBe(true);
    expect(withoutVariant(seated, 'seated')).toEqual(form);
    for (const part of PARTS) {
      const changed = withStrokesIn(withVariant(seated, 'smaller'), part, form.cycle);
      expect(strokesIn(changed, part)).toEqual(form.cycle);
      expect(formSchema.safeParse(changed).success).toBe(true);
    }
  });

  it('measures what the form asks: shipped forms come out as they are', () => {
    for (const id of ['brocade-hands-to-feet', 'animal-bird', 'loosen-side-bend', 'hold-horse']) {
      const form = formOf(id);
      expect([
        id,
        settleForm({ ...form, asks: { ...form.asks, kneeBend: 'none', twist: 'full' } }).asks,
      ]).toEqual([id, form.asks]);
    }
    expect(furtherPoints(formOf('rise-and-sink'))).not.toContain('CV6');
  });
});

describe('the margin of a form', () => {
  it('has nothing to urge on any shipped form', () => {
    for (const form of REPERTOIRE)
      expect({
        id: form.id,
        notes: reviewForm(form, PACE).filter((note) => noteWeight(note) !== 'consider'),
      }).toEqual({ id: form.id, notes: [] });
  });

  const base = blankForm('own-a', 'A');
  const strokes = (...cycle: Form['cycle']): Form => ({ ...base, cycle });
  const wide = { apart: 1.9 } as const;

  it('speaks of a foot that steps with weight on it, and not of one that is free', () => {
    const at = (feet: object, weight = 0.5) => ({ sink: 12, weight, feet });
    expect(
      codes(
        strokes(
          { breath: 'in', cue: 'In.', postures: [at({ apart: 1 })] },
          { breath: 'out', cue: 'Out.', postures: [at(wide)] },
        ),
      ),
    ).toContain('step-with-weight');
    expect(
      codes(
        strokes(
          { breath: 'in', cue: 'In.', postures: [at({ apart: 1 }, 0.1)] },
          { breath: 'out', cue: 'Out.', postures: [at(wide, 0.1)] },
        ),
      ),
    ).not.toContain('step-with-weight');
  });

  it('speaks of breath against custom, uneven breath, and the same breath twice', () => {
    const low = { sink: 40 };
    const high = { sink: 6 };
    expect(
      codes(
        strokes(
          { breath: 'in', cue: 'In.', postures: [low] },
          { breath: 'out', cue: 'Out.', postures: [high] },
        ),
      ),
    ).toEqual(expect.arrayContaining(['in-while-sinking']));
    expect(
      codes({
        ...strokes(
          { breath: 'in', cue: 'In.', postures: [low] },
          { breath: 'out', cue: 'Out.', postures: [high] },
        ),
        exceptions: { breath: 'My teacher’s way.' },
      }),
    ).not.toContain('in-while-sinking');
    const twice = codes(
      strokes(
        { breath: 'in', cue: 'In.', postures: [high] },
        { breath: 'in', cue: 'More.', postures: [high] },
      ),
    );
    expect(twice).toEqual(expect.arrayContaining(['breaths-uneven', 'breath-twice']));
  });

  it('speaks of a cue too long for its stroke, a free stroke without a time, and a posture that is missing', () => {
    const long =
      'Float both hands up along the front of the body while the breath gathers from the soles of the feet to the crown';
    expect(
      codes(
        strokes({ breath: 'in', cue: long, postures: [{}] }, { breath: 'out', cue: 'Out.', postures: [{}] }),
      ),
    ).toContain('cue-too-long');
    expect(codes(strokes({ breath: 'free', cue: 'Shake.', postures: [{}] }))).toContain('no-time');
    expect(
      codes(strokes({ breath: 'in', cue: 'In.' }, { breath: 'out', cue: 'Out.', postures: [{}] })),
    ).toContain('no-posture');
  });

  it('speaks of what a body cannot do, and of words its body contradicts', () => {
    const far = { hands: { both: { near: 'toes' as const } } };
    expect(
      codes(
        strokes(
          { breath: 'in', cue: 'In.', postures: [far] },
          { breath: 'out', cue: 'Out.', postures: [{}] },
        ),
      )[0],
    ).toBe('cannot-be-done');
    expect(codes({ ...base, footwork: 'Both heels rise together.' })).toContain('words-against-body');
  });

  it('speaks of sides said without sides, or sides never said, and of percussion with no pause', () => {
    expect(codes({ ...base, sides: 'alternating' })).toContain('side-not-said');
    expect(
      codes(
        strokes(
          { breath: 'in', cue: 'To the {side}.', postures: [{}] },
          { breath: 'out', cue: 'Out.', postures: [{}] },
        ),
      ),
    ).toContain('side-without-sides');
    expect(codes({ ...base, asks: { ...base.asks, percussion: ['arms'] } })).toContain('no-still-moment');
    expect(codes(base)).toContain('no-gentler-way');
  });

  it('speaks of a route against the flow where hands work it, and of a repetition out of its range', () => {
    const route: Form = { ...formOf('tap-legs-front'), route: ['ST36', 'ST32', 'ST31'] };
    expect(codes(route)).toContain('route-against-flow');
    const form = formOf('cloud-hands');
    expect(codes({ ...form, cycle: Array.from({ length: 4 }, () => form.cycle).flat() })).toContain(
      'out-of-time',
    );
    expect(
      codes({
        ...form,
        cycle: Array.from({ length: 4 }, () => form.cycle).flat(),
        exceptions: { time: 'A long round.' },
      }),
    ).not.toContain('out-of-time');
  });

  it('counts syllables roughly as they are spoken', () => {
    // Hand-counted.
    expect(syllables('Breathe in.')).toBe(2);
    expect(syllables('Wrists float up to the shoulders.')).toBe(7);
    expect(syllables('Let the knees be soft.')).toBe(5);
    expect(syllables('A little gentle circle')).toBe(7);
  });
});
